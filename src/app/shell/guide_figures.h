// SPDX-License-Identifier: GPL-3.0-or-later
// The guide's pictures: the program's own, of a whistle that is nobody's, in the look and language of the moment, and two
// sections with the trade's words at their places.
#pragma once

#include <QImage>

namespace dowel::app {

/// A figure by its name ("parts", "hole", "workpiece", "edge", "fingering", "timbre", "tuning") as wide as that, in points;
/// pixels a point as the screen has them. A null image where there is none of that name.
[[nodiscard]] QImage guideFigure(const QString& name, int width, double pixelRatio);

} // namespace dowel::app
