// SPDX-License-Identifier: GPL-3.0-or-later
// The asked fingering, large enough to read from across the bench: note name and holes, mouth on the left.
#pragma once

#include "core/instrument/instrument.h"

#include <QWidget>
#include <optional>

namespace dowel::app {

class FingeringCard : public QWidget
{
    Q_OBJECT

public:
    explicit FingeringCard(QWidget* parent = nullptr);
    void show(const Instrument& instrument, const std::optional<FingeringId>& fingering);
    [[nodiscard]] QSize sizeHint() const override { return {480, 170}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {360, 160}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<Instrument> m_instrument;
    std::optional<FingeringId> m_fingering;
};

} // namespace dowel::app
