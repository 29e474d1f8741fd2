// SPDX-License-Identifier: GPL-3.0-or-later
// A test of the window: a function fails where the handling of an event entered a door that leads to long work.
#pragma once

#include "core/base/thread_role.h"

#include <QApplication>
#include <QStringList>
#include <QTest>
#include <QThread>

namespace dowel::gui {

/// Doors that the interface's thread entered, in order. Only that thread touches it.
inline QStringList& doorsEntered()
{
    static QStringList doors;
    return doors;
}

/// Whatever handles an event is the window's work; what a test does between is its own.
class WindowApplication : public QApplication
{
public:
    using QApplication::QApplication;
    bool notify(QObject* receiver, QEvent* event) override
    {
        if (QThread::currentThread() != thread())
            return QApplication::notify(receiver, event);
        const ScopedThreadRole handling(ThreadRole::Interface);
        return QApplication::notify(receiver, event);
    }
};

class WindowTest : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void init()
    {
        setInterfaceEntryHandler([](Door door) {
            const std::string_view name = doorName(door);
            doorsEntered() << QString::fromUtf8(name.data(), static_cast<qsizetype>(name.size()));
        });
        doorsEntered().clear();
    }
    void cleanup()
    {
        QStringList doors = doorsEntered();
        doors.removeDuplicates();
        QVERIFY2(doors.isEmpty(),
                 qPrintable(QStringLiteral("long work on the interface's thread: ") + doors.join(QStringLiteral(", "))));
    }
};

/// Work of the test's own within an event.
class OutsideTheWindow : public ScopedThreadRole
{
public:
    OutsideTheWindow() : ScopedThreadRole(ThreadRole::Unassigned) {}
};

} // namespace dowel::gui
