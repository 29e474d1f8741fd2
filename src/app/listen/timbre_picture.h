// SPDX-License-Identifier: GPL-3.0-or-later
// How every note sounds, a column a note: its partials as strokes of ink, the heavier the stronger; breath as grain; how it
// speaks as the slope at its foot. Behind them, in outline, what they are to sound like, or how they first sounded. What stands
// out is marked by a sign.
#pragma once

#include "app/parts/picture.h"
#include "core/record/timbre.h"

#include <vector>

namespace dowel::app {

class TimbrePicture : public Picture
{
    Q_OBJECT

public:
    explicit TimbrePicture(QWidget* parent = nullptr);
    enum class Face { Now, Trend };
    void show(std::vector<NoteTimbre> notes, Face face);
    [[nodiscard]] const std::vector<NoteTimbre>& notes() const { return m_notes; }
    [[nodiscard]] int partCount() const override { return static_cast<int>(m_notes.size()); }
    [[nodiscard]] QString partWords(int part) const override;
    [[nodiscard]] QRectF partPlace(int part) const override;
    [[nodiscard]] QSize sizeHint() const override { return {520, 320}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {360, 160}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    [[nodiscard]] QRectF field() const;
    void paintColumn(QPainter& painter, const NoteTimbre& note, const QRectF& column) const;
    std::vector<NoteTimbre> m_notes;
    std::size_t m_partials = 0; ///< that the columns have room for
    Face m_face = Face::Now;
};

/// Its numbers, each with what it is of.
[[nodiscard]] QString timbreNumbers(const NoteTimbre& note);
/// Whether its partials lie lower than those it is compared with, so that it is heard.
[[nodiscard]] bool isDull(const NoteTimbre& note, const std::vector<NoteTimbre>& all);
/// What a maker would say of what stands out: "duller, slower to speak"; empty where nothing does.
[[nodiscard]] QString timbreCharacter(const NoteTimbre& note, const std::vector<NoteTimbre>& all);

} // namespace dowel::app
