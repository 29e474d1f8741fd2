// SPDX-License-Identifier: GPL-3.0-or-later
// What a blank serves for, as a strip of notes; and its bore, diameters enlarged, with stations that can be dragged.
#pragma once

#include "app/parts/picture.h"
#include "core/layout/families.h"
#include "text/units.h"

#include <optional>
#include <vector>

namespace dowel::app {

/// One cell a lowest note: the taller its bar the better the tube serves it; a sign says the same.
class KeysPicture : public Picture
{
    Q_OBJECT

public:
    explicit KeysPicture(QWidget* parent = nullptr);
    /// wanted: the plan's own lowest note.
    void show(std::vector<KeyServed> keys, const std::string& wanted, text::LengthUnit unit);
    [[nodiscard]] int partCount() const override { return static_cast<int>(m_keys.size()); }
    [[nodiscard]] QString partWords(int part) const override;
    [[nodiscard]] QRectF partPlace(int part) const override;
    [[nodiscard]] QSize sizeHint() const override { return {320, 104}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {100, 66}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::vector<KeyServed> m_keys;
    std::string m_wanted;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

/// Up and down, or the keys, change a station's bore; a drag sideways its place, between its neighbours.
class BorePicture : public Picture
{
    Q_OBJECT

public:
    explicit BorePicture(QWidget* parent = nullptr);
    void show(const InstrumentSpec& spec, text::LengthUnit unit);
    [[nodiscard]] int partCount() const override { return static_cast<int>(m_spec.bore.size()); }
    [[nodiscard]] QString partWords(int part) const override;
    [[nodiscard]] QRectF partPlace(int part) const override;
    [[nodiscard]] QSize sizeHint() const override { return {320, 120}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {100, 68}; }

Q_SIGNALS:
    void stationMoved(int station, dowel::Metres at, dowel::Metres diameter);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Scale
    {
        double left;
        double perMetre;
        double top;    ///< of the widest bore
        double across; ///< pixels a metre of diameter
        Metres narrowest;
    };
    [[nodiscard]] Scale scale() const;
    [[nodiscard]] QPointF at(const Station& station, const Scale& s) const;
    InstrumentSpec m_spec;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    int m_held = -1;
    std::optional<Scale> m_heldScale; ///< stays while dragging
};

} // namespace dowel::app
