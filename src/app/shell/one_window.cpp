// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/one_window.h"

#include <QDir>
#include <QFileInfo>
#include <QLocalSocket>
#include <QStandardPaths>

namespace dowel::app {

namespace {

constexpr int patience_ms = 1000;
constexpr qint64 longestPath = 4096;

/// In the user's own runtime folder, where nobody else can listen.
QString usualName()
{
    QString folder = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation);
    if (folder.isEmpty())
        folder = QDir::tempPath();
    return folder + QStringLiteral("/dowel-window");
}

} // namespace

OneWindow::OneWindow(QString name, QObject* parent) : QObject(parent), m_name(name.isEmpty() ? usualName() : std::move(name))
{
    m_server.setSocketOptions(QLocalServer::UserAccessOption);
    connect(&m_server, &QLocalServer::newConnection, this, &OneWindow::take);
}

bool OneWindow::handOver(const QString& path) const
{
    QLocalSocket socket;
    socket.connectToServer(m_name);
    if (!socket.waitForConnected(patience_ms))
        return false;
    const QString whole = path.isEmpty() ? path : QFileInfo(path).absoluteFilePath(); // the other one stands elsewhere
    socket.write(whole.toUtf8() + '\n');
    if (!socket.waitForBytesWritten(patience_ms))
        return false;
    return socket.waitForReadyRead(patience_ms) && socket.readAll() == "taken\n";
}

bool OneWindow::listen()
{
    if (m_server.listen(m_name))
        return true;
    QLocalServer::removeServer(m_name); // of one that was killed: nobody answered there
    return m_server.listen(m_name);
}

void OneWindow::take()
{
    while (QLocalSocket* socket = m_server.nextPendingConnection()) {
        connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
        connect(socket, &QLocalSocket::readyRead, this, [this, socket] {
            if (!socket->canReadLine()) {
                if (socket->bytesAvailable() > longestPath)
                    socket->abort();
                return;
            }
            const QString path = QString::fromUtf8(socket->readLine(longestPath).chopped(1));
            socket->write("taken\n");
            socket->flush();
            Q_EMIT asked(path);
        });
    }
}

} // namespace dowel::app

#include "moc_one_window.cpp"
