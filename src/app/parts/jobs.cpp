// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/jobs.h"

namespace dowel::app {

bool Jobs::event(QEvent* event)
{
    handOver(); // before anything of the event is read
    if (event->type() != EndEvent::type)
        return QObject::event(event);
    static_cast<EndEvent*>(event)->end();
    return true;
}

} // namespace dowel::app

#include "moc_jobs.cpp"
