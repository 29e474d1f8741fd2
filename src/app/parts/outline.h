// SPDX-License-Identifier: GPL-3.0-or-later
// An instrument as a line of the shop shows it: its outline seen from above, lengths to a common scale.
#pragma once

#include "core/instrument/instrument.h"

#include <QRectF>

class QPainter;

namespace dowel::app {

/// Mouth on the left edge of the room, widths drawn larger than lengths so that holes can be told apart.
void paintOutline(QPainter& painter, const Instrument& instrument, const QRectF& room, double pixelsPerMetre);

} // namespace dowel::app
