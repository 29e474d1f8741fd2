// SPDX-License-Identifier: GPL-3.0-or-later
// The instrument in section, to scale lengthways, diameters exaggerated by the factor it states: mouth on the left, bore,
// wall, holes with their sizes, foot, and dashed ghosts of what the next cut removes.
#pragma once

#include "core/instrument/cut.h"
#include "text/units.h"

#include <QWidget>
#include <optional>

namespace dowel::app {

class Workpiece : public QWidget
{
    Q_OBJECT

public:
    explicit Workpiece(QWidget* parent = nullptr);

    void setInstrument(const Instrument& instrument);
    void setUnit(text::LengthUnit unit);
    /// Holes drawn closed by a finger; none: all open.
    void setFingering(const std::optional<FingeringId>& fingering);
    void setGhost(const std::optional<Cut>& cut);
    [[nodiscard]] std::optional<HoleId> selected() const { return m_selected; }
    [[nodiscard]] QSize sizeHint() const override { return {1000, 176}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {480, 150}; }

Q_SIGNALS:
    void holePicked(const QString& hole);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    bool event(QEvent* event) override;

private:
    struct Scale
    {
        double left;
        double perMetre;
        double axis;
        double across; ///< pixels per metre of diameter
        [[nodiscard]] double x(Metres at) const { return left + at.metres() * perMetre; }
    };
    [[nodiscard]] Scale scale() const;
    [[nodiscard]] const Hole* holeAt(const QPointF& place) const;
    void describe();
    void drawBody(QPainter& painter, const Scale& s) const;
    void drawHoles(QPainter& painter, const Scale& s) const;
    void drawGhost(QPainter& painter, const Scale& s) const;

    std::optional<Instrument> m_instrument;
    std::optional<FingeringId> m_fingering;
    std::optional<Cut> m_ghost;
    std::optional<HoleId> m_selected;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

} // namespace dowel::app
