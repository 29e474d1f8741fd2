// SPDX-License-Identifier: GPL-3.0-or-later
// Instruments of one model over the notes: where each stands by its number, and what they have in common as a bar.
#pragma once

#include "session/compare.h"

#include <QWidget>

namespace dowel::app {

class SidePicture : public QWidget
{
    Q_OBJECT

public:
    explicit SidePicture(QWidget* parent = nullptr);
    /// own: over what is in common, which is nothing then.
    void show(session::SideBySide side, bool own);
    [[nodiscard]] QSize minimumSizeHint() const override { return {420, 200}; }
    /// Where a note stands, for whoever points at it. column: of the notes.
    [[nodiscard]] QPointF placeOf(std::size_t column, Cents off) const;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    [[nodiscard]] QRectF field() const;
    void drawScale(QPainter& painter) const;
    void drawColumn(QPainter& painter, std::size_t column) const;
    session::SideBySide m_side;
    bool m_own = false;
    double m_low = -20.0; ///< cents, whole steps of the scale
    double m_high = 20.0;
};

} // namespace dowel::app
