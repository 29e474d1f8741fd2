// SPDX-License-Identifier: GPL-3.0-or-later
// The sounding edge, four times as large as it is: a section along the tube and the view from above, with a handle at every
// measure; and a mark at the place that a remedy touches.
#pragma once

#include "app/parts/picture.h"
#include "core/instrument/instrument.h"
#include "text/units.h"

#include <optional>
#include <vector>

namespace dowel::app {

/// Where a remedy works.
enum class EdgePlace { None, Windway, Block, Window, Lip, Bore, Hole, FarEdge, Stopper, Reed, Lay, Chamber };

class EdgePicture : public Picture
{
    Q_OBJECT

public:
    static constexpr std::size_t mostMeasures = 8;

    explicit EdgePicture(QWidget* parent = nullptr);
    void show(const InstrumentSpec& spec, text::LengthUnit unit);
    /// Cents a tenth of a millimetre, by measure and register, to be read out with it.
    void setEffects(std::vector<QString> effects);
    void point(EdgePlace place);
    [[nodiscard]] EdgePlace pointed() const { return m_pointed; }
    [[nodiscard]] int partCount() const override { return static_cast<int>(handles().size()); }
    [[nodiscard]] QString partWords(int part) const override;
    [[nodiscard]] QRectF partPlace(int part) const override;
    [[nodiscard]] QSize sizeHint() const override { return {640, 300}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {420, 200}; }

Q_SIGNALS:
    /// A handle was dragged to a size and let go, or moved by the keys.
    void measured(int measure, dowel::Metres size);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Handle
    {
        int measure; ///< as withMeasure() has it
        QPointF at;
        QPointF way; ///< in pixels, for a millimetre more
        QString words;
        Metres size;
        QPointF label; ///< where its size stands
    };
    struct View
    {
        double perMm;
        QPointF section; ///< of the outside at the exit of the windway, or the middle of the embouchure hole
        QPointF above;   ///< the same from above
    };
    [[nodiscard]] View view() const;
    [[nodiscard]] std::vector<Handle> handles() const;
    [[nodiscard]] std::vector<Handle> ductHandles(const Duct& d, const View& v) const;
    [[nodiscard]] std::vector<Handle> fluteHandles(const Transverse& t, const View& v) const;
    void paintDuct(QPainter& painter, const Duct& d, const View& v) const;
    void paintFlute(QPainter& painter, const Transverse& t, const View& v) const;
    void paintTop(QPainter& painter, const ClosedTop& top, const View& v) const;
    void paintPointed(QPainter& painter, const View& v) const;
    [[nodiscard]] QPointF placeOf(EdgePlace place, const View& v) const;
    InstrumentSpec m_spec;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    std::vector<QString> m_effects;
    EdgePlace m_pointed = EdgePlace::None;
    std::optional<Handle> m_held;
    QPointF m_from;
    Metres m_draft;
};

/// How high the windway is, or as pipes of these sizes usually have it where nothing is said: common practice, no source.
[[nodiscard]] Metres windwayOf(const Duct& duct);
/// A blank's mouth with one measure another, numbered as BlankPage has them; 5 to 7 are a windway's height, length and chamfer.
[[nodiscard]] Excitation withMeasure(Excitation mouth, int measure, Metres size, Metres bore);

} // namespace dowel::app
