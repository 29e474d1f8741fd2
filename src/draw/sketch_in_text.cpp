// SPDX-License-Identifier: GPL-3.0-or-later
#include "draw/sketch_in_text.h"

#include <QPainter>

namespace dowel::draw {

namespace {

/// In a painter whose unit is a millimetre.
void paint(QPainter& painter, const Sketch& s)
{
    for (const SketchBar& b : s.bars)
        painter.fillRect(QRectF(b.x, b.y, b.width, b.height), QColor(b.grey, b.grey, b.grey));
    painter.setBrush(Qt::NoBrush);
    for (const SketchLine& l : s.lines) {
        painter.setPen(QPen(Qt::black, l.width));
        painter.drawLine(QPointF(l.x1, l.y1), QPointF(l.x2, l.y2));
    }
    painter.setPen(QPen(Qt::black, 0.25));
    for (const SketchRing& r : s.rings)
        painter.drawEllipse(QPointF(r.x, r.y), r.rx, r.ry);
    for (const SketchText& t : s.texts) {
        painter.save();
        constexpr double fine = 0.01; // fonts are set in whole dots
        painter.translate(t.x, t.y);
        painter.scale(fine, fine);
        QFont font(QStringLiteral("B612"));
        font.setPixelSize(static_cast<int>(t.size / fine));
        painter.setFont(font);
        const QString words = QString::fromStdString(t.words);
        painter.drawText(QPointF(-0.5 * painter.fontMetrics().horizontalAdvance(words), 0.0), words);
        painter.restore();
    }
}

} // namespace

QSizeF SketchInText::intrinsicSize(QTextDocument* /*document*/, int /*position*/, const QTextFormat& format)
{
    const Sketch& s = of(format);
    return {s.width * m_dots, s.height * m_dots};
}

void SketchInText::drawObject(QPainter* painter, const QRectF& rect, QTextDocument* /*document*/, int /*position*/,
                              const QTextFormat& format)
{
    painter->save();
    painter->translate(rect.topLeft());
    painter->scale(m_dots, m_dots);
    paint(*painter, of(format));
    painter->restore();
}

const Sketch& SketchInText::of(const QTextFormat& format) const
{
    return (*m_sketches)[static_cast<std::size_t>(format.intProperty(sketchIndex))].sketch;
}

} // namespace dowel::draw

#include "moc_sketch_in_text.cpp"
