// SPDX-License-Identifier: GPL-3.0-or-later
// What comes by itself is read out, too: a reading, a warning, the next cut.
#pragma once

class QString;
class QWidget;

namespace dowel::app {

/// Tells assistive technology that words have come up at a place. A label that shows them is read as it is; any other place has
/// them as its name from then on.
void announce(QWidget* place, const QString& words);

} // namespace dowel::app
