// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/document/photograph.h"

#include <QBuffer>
#include <QImage>
#include <QImageReader>
#include <QPainter>

namespace dowel::app {

Result<Store::Flac> smallCopy(const QString& path)
{
    constexpr int longest_px = 1280;
    constexpr int quality = 82;
    QImageReader reader(path);
    reader.setAutoTransform(true);
    const QImage whole = reader.read();
    if (whole.isNull())
        return Error{ErrorCode::Unreadable, path.toStdString(), FactId::NoPictureToRead};
    const QSize size = whole.width() > longest_px || whole.height() > longest_px
                           ? whole.size().scaled(longest_px, longest_px, Qt::KeepAspectRatio)
                           : whole.size();
    // Painted anew: place, camera and time that a picture carries stay behind.
    QImage small(size, QImage::Format_RGB32);
    small.fill(Qt::white);
    QPainter painter(&small);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.drawImage(QRect(QPoint(), size), whole);
    painter.end();
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    if (!small.save(&buffer, "JPEG", quality))
        return Error{ErrorCode::Unreadable, path.toStdString(), FactId::NoPictureToKeep};
    return Store::Flac(bytes.begin(), bytes.end());
}

} // namespace dowel::app
