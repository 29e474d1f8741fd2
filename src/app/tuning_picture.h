// SPDX-License-Identifier: GPL-3.0-or-later
// Note by note, how far each is off: now with its error bar, and where the next cut will bring it. Place tells flat from
// sharp, shape tells it again (triangle down, triangle up, disc within tolerance), colour comes last. What changes glides
// for a fifth of a second.
#pragma once

#include "core/base/ids.h"

#include <QVariantAnimation>
#include <QWidget>
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

class TuningPicture : public QWidget
{
    Q_OBJECT

public:
    explicit TuningPicture(QWidget* parent = nullptr);
    void setNotes(std::vector<PictureNote> notes);
    [[nodiscard]] QSize sizeHint() const override { return {640, 420}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {420, 260}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void describe();
    std::vector<PictureNote> m_notes;
    std::vector<double> m_from; ///< where each note glides from
    QVariantAnimation m_glide;
    double m_progress = 1.0;
};

} // namespace dowel::app
