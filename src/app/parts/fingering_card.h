// SPDX-License-Identifier: GPL-3.0-or-later
// A fingering, large enough to read from across the bench: note name and holes, mouth on the left. Where it may be
// edited, a click or the space bar takes a hole from closed to half to open.
#pragma once

#include "app/parts/style.h"
#include "core/instrument/instrument.h"

#include <QWidget>
#include <optional>

class QPainter;

namespace dowel::app {

/// The sign of one hole: filled where closed, empty where open, partly filled where the finger leaves a share of it free.
void drawHoleSign(QPainter& painter, const QPointF& at, double radius, double open, double pen);

class FingeringCard : public QWidget
{
    Q_OBJECT

public:
    explicit FingeringCard(QWidget* parent = nullptr);
    /// holes from the foot upwards; nothing is drawn without a fingering.
    void show(const std::vector<Hole>& holes, const Fingering* fingering);
    void setEditable(bool editable);
    /// Middle of a hole's sign.
    [[nodiscard]] QPointF signAt(std::size_t hole) const;
    [[nodiscard]] QSize sizeHint() const override { return {Style::scaled(480), Style::scaled(170)}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {360, Style::scaled(160)}; }

Q_SIGNALS:
    void holeClicked(int hole);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    [[nodiscard]] double step() const;
    [[nodiscard]] double radius() const;
    std::vector<Hole> m_holes;
    std::optional<Fingering> m_fingering;
    std::vector<double> m_open; ///< share per hole
    bool m_editable = false;
    int m_held = 0; ///< hole that the keys act on
};

} // namespace dowel::app
