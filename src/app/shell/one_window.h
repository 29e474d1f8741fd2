// SPDX-License-Identifier: GPL-3.0-or-later
// One window for a user: a second start hands its workbook to the first and ends.
#pragma once

#include <QLocalServer>
#include <QObject>
#include <QString>

namespace dowel::app {

class OneWindow : public QObject
{
    Q_OBJECT

public:
    /// name: the socket's, a path of this user's own; empty for the usual one.
    explicit OneWindow(QString name = QString(), QObject* parent = nullptr);
    /// Hands a workbook, or nothing but the wish to be seen, to the window that is there. False where none is, or none answers.
    [[nodiscard]] bool handOver(const QString& path) const;
    /// From here on others find this one.
    [[nodiscard]] bool listen();

Q_SIGNALS:
    /// path: of the workbook to open; empty where there was none.
    void asked(const QString& path);

private:
    void take();
    QString m_name;
    QLocalServer m_server;
};

} // namespace dowel::app
