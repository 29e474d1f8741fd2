// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/announce.h"

#include <QAccessible>
#include <QLabel>

namespace dowel::app {

void announce(QWidget* place, const QString& words)
{
    const auto* label = qobject_cast<const QLabel*>(place);
    place->setAccessibleName(label != nullptr && label->text() == words ? QString() : words);
    QAccessibleEvent alert(place, QAccessible::Alert);
    QAccessible::updateAccessibility(&alert);
}

} // namespace dowel::app
