// SPDX-License-Identifier: GPL-3.0-or-later
// The instrument in section, to scale lengthways, diameters exaggerated by the factor it states: mouth on the left, bore,
// wall, holes with their sizes, foot, and dashed ghosts of what the next cut removes.
#pragma once

#include "app/parts/ground.h"
#include "app/parts/picture.h"
#include "app/parts/tried.h"
#include "core/forecast/sensitivity.h"
#include "core/instrument/cut.h"
#include "core/layout/layout.h"
#include "text/units.h"

#include <optional>

namespace dowel::app {

class Workpiece : public Picture
{
    Q_OBJECT

public:
    explicit Workpiece(QWidget* parent = nullptr);

    void setInstrument(const Instrument& instrument);
    void setUnit(text::LengthUnit unit);
    /// Holes drawn closed by a finger; none: all open.
    void setFingering(const std::optional<FingeringId>& fingering);
    void setGhost(const std::optional<Cut>& cut);
    /// Cents per tenth of a millimetre at every hole, foot and stopper, and the bore's curve; none: sizes as usual.
    void setSensitivities(std::vector<RegisterSensitivity> sensitivities);
    /// With bench given, the instrument shown is a tried one whose measures can be dragged; bench's stay as dashed ghosts.
    void setBench(const std::optional<Instrument>& bench);
    /// Holes are dragged along the tube instead of wider.
    void setDragPlaces(bool places) { m_dragPlaces = places; }
    /// Brackets what each hand spans, and says what it reaches where that is known.
    void setSpans(bool shown, const std::optional<HandSpan>& reach);
    [[nodiscard]] std::optional<HoleId> selected() const { return m_selected; }
    /// Its handles from the left: a stopper, the holes, the foot.
    [[nodiscard]] int partCount() const override;
    [[nodiscard]] QString partWords(int part) const override;
    [[nodiscard]] QRectF partPlace(int part) const override;
    /// Where a handle is taken hold of, in the widget.
    [[nodiscard]] QPointF grip(const Handle& handle) const;
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override { return {480, 144}; }

Q_SIGNALS:
    void holePicked(const QString& hole);
    void dragged(const dowel::app::Handle& handle, dowel::Metres size);
    void placeDragged(const dowel::app::Handle& handle, dowel::Metres at);
    void dragStarted();
    void dragEnded();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void showEvent(QShowEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    /// As high as the window's height lets it be.
    void follow();
    struct Scale
    {
        double left;
        double perMetre;
        double axis;
        double across; ///< pixels per metre of diameter
        [[nodiscard]] double x(Metres at) const { return left + at.metres() * perMetre; }
    };
    [[nodiscard]] Scale scale() const;
    [[nodiscard]] Handle handleOfPart(int part) const;
    [[nodiscard]] int partOf(const Handle& handle) const;
    [[nodiscard]] const Hole* holeAt(const QPointF& place) const;
    void describe();
    /// What the body is drawn from, beside its scale.
    [[nodiscard]] QStringList bodyFrom(const Scale& s) const;
    void drawBody(QPainter& painter, const Scale& s) const;
    void drawFootPiece(QPainter& painter, const Scale& s) const;
    void drawNodes(QPainter& painter, const Scale& s) const;
    void drawHoles(QPainter& painter, const Scale& s) const;
    void drawGhost(QPainter& painter, const Scale& s) const;
    void drawSensitivities(QPainter& painter, const Scale& s) const;
    void drawTried(QPainter& painter, const Scale& s) const;
    [[nodiscard]] QString tenth(Metres length) const;
    void drawSpans(QPainter& painter, const Scale& s) const;
    [[nodiscard]] double labelBand() const;
    [[nodiscard]] double scaleBand() const;
    [[nodiscard]] std::optional<Handle> handleAt(const QPointF& place) const;

    Ground m_ground;
    std::optional<Instrument> m_instrument;
    std::optional<FingeringId> m_fingering;
    std::optional<Cut> m_ghost;
    std::optional<HoleId> m_selected;
    std::vector<RegisterSensitivity> m_sensitivities;
    std::optional<Instrument> m_bench;
    std::optional<Handle> m_held; ///< by mouse, or chosen by key
    bool m_dragging = false;
    bool m_dragPlaces = false;
    bool m_spans = false;
    std::optional<HandSpan> m_reach;
    QPointF m_lastPlace;
    double m_heldSize_m = 0.0; ///< finer than what is shown, so that slow drags add up
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

} // namespace dowel::app
