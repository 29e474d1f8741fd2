// SPDX-License-Identifier: GPL-3.0-or-later
// Note by note, how far each is off: now with its error bar, and where the next cut will bring it. Place tells flat from
// sharp, shape tells it again (triangle down, triangle up, disc within tolerance), colour comes last. What changes glides
// for a fifth of a second.
#pragma once

#include "core/base/ids.h"

#include "app/parts/ground.h"
#include "app/parts/picture.h"
#include "app/parts/time_source.h"

#include <vector>

namespace dowel::app {

struct PictureNote
{
    QString name;
    int registerNumber = 1;
    double tolerance = 6.0;
    bool heard = false;
    double now = 0.0;
    double sd = 0.0;
    bool hasAfter = false;
    double after = 0.0;
    double afterSd = 0.0;
};

class TuningPicture : public Picture
{
    Q_OBJECT

public:
    explicit TuningPicture(TimeSource& time, QWidget* parent = nullptr);
    void setNotes(std::vector<PictureNote> notes);
    /// What the outlined signs stand for.
    void setAfterWords(const QString& legend, const QString& spoken);
    /// While held, the scale only grows: what is being dragged must not shift under the eye.
    void holdScale(bool held);
    /// Marks a note; -1 for none.
    void setPicked(int note);
    [[nodiscard]] int partCount() const override { return static_cast<int>(m_notes.size()); }
    [[nodiscard]] QString partWords(int part) const override;
    [[nodiscard]] QRectF partPlace(int part) const override;
    [[nodiscard]] QSize sizeHint() const override { return {640, 420}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {420, 260}; }

Q_SIGNALS:
    void notePicked(int note);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void describe();
    [[nodiscard]] QRectF field() const;
    void scaleToNotes();
    [[nodiscard]] double heightOf(double cents) const;
    void drawScale(QPainter& painter) const;
    /// What stands under a note: its tolerance, name and register.
    void drawColumn(QPainter& painter, std::size_t i, double x, double column) const;
    void drawNote(QPainter& painter, std::size_t i, double x, double column) const;
    /// Scale, names, tolerances: what they are drawn from, and drawn.
    [[nodiscard]] QStringList standing() const;
    void drawStanding(QPainter& painter) const;
    Ground m_ground;
    std::vector<PictureNote> m_notes;
    std::vector<double> m_from; ///< where each note glides from
    void glide();
    Alarm m_frame;                            ///< while notes glide
    std::chrono::milliseconds m_glideBegan{}; ///< of the time source
    double m_progress = 1.0;
    QString m_afterLegend;
    QString m_afterSpoken;
    bool m_held = false;
    double m_lowest = 0.0;
    double m_highest = 0.0;
    double m_step = 5.0; ///< of the scale
    int m_picked = -1;
};

} // namespace dowel::app
