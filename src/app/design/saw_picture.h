// SPDX-License-Identifier: GPL-3.0-or-later
// The voicing cut of a block whistle from the side: block, bore, square cut and ramp, with what comes of them. Parts: the
// measures.
#pragma once

#include "app/parts/picture.h"
#include "core/shop/stock.h"
#include "text/units.h"

#include <optional>
#include <vector>

namespace dowel::app {

class SawPicture : public Picture
{
    Q_OBJECT

public:
    explicit SawPicture(QWidget* parent = nullptr);
    /// window: nothing where the cut makes none.
    void show(const SawCut& cut, const std::optional<SawnWindow>& window, text::LengthUnit unit);
    [[nodiscard]] int partCount() const override { return static_cast<int>(measures().size()); }
    [[nodiscard]] QString partWords(int part) const override;
    [[nodiscard]] QRectF partPlace(int part) const override;
    [[nodiscard]] QSize sizeHint() const override { return {420, 190}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {240, 150}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    /// A line between two points of the block, in metres from its end along the face and below the face, with its words beside.
    struct Drawn
    {
        QString name;
        Metres size;
        QPointF from;
        QPointF to;
    };
    [[nodiscard]] std::vector<Drawn> measures() const;
    [[nodiscard]] double perMetre() const;
    [[nodiscard]] QPointF at(double along_m, double below_m) const;
    [[nodiscard]] double seen_m() const;
    SawCut m_cut{};
    std::optional<SawnWindow> m_window;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

} // namespace dowel::app
