// SPDX-License-Identifier: GPL-3.0-or-later
#include "draw/report.h"

#include "draw/fonts.h"
#include "draw/pdf.h"
#include "draw/sketch_in_text.h"

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QMarginsF>
#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>
#include <QTextBlock>
#include <QTextDocument>
#include <QXmlStreamWriter>
#include <algorithm>
#include <cmath>

namespace dowel::draw {

std::string svgOf(const Sketch& s, const std::string& title)
{
    QString out;
    QXmlStreamWriter xml(&out);
    using Attributes = std::initializer_list<std::pair<const char*, double>>;
    const auto give = [&xml](Attributes attributes) {
        for (const auto& [name, value] : attributes)
            xml.writeAttribute(QLatin1String(name), QString::number(value, 'f', 3));
    };
    const auto ink = [&xml](const char* name, const QString& colour) {
        xml.writeAttribute(QLatin1String(name), colour);
    };
    xml.writeStartElement(QStringLiteral("svg"));
    xml.writeDefaultNamespace(QStringLiteral("http://www.w3.org/2000/svg"));
    xml.writeAttribute(QStringLiteral("width"), QStringLiteral("%1mm").arg(s.width, 0, 'f', 3));
    xml.writeAttribute(QStringLiteral("height"), QStringLiteral("%1mm").arg(s.height, 0, 'f', 3));
    xml.writeAttribute(QStringLiteral("viewBox"), QStringLiteral("0 0 %1 %2").arg(s.width, 0, 'f', 3).arg(s.height, 0, 'f', 3));
    xml.writeTextElement(QStringLiteral("title"), QString::fromStdString(title));
    for (const SketchBar& b : s.bars) {
        xml.writeEmptyElement(QStringLiteral("rect"));
        give({{"x", b.x}, {"y", b.y}, {"width", b.width}, {"height", b.height}});
        ink("fill", QColor(b.grey, b.grey, b.grey).name());
    }
    for (const SketchLine& l : s.lines) {
        xml.writeEmptyElement(QStringLiteral("line"));
        give({{"x1", l.x1}, {"y1", l.y1}, {"x2", l.x2}, {"y2", l.y2}, {"stroke-width", l.width}});
        ink("stroke", QStringLiteral("#000"));
    }
    for (const SketchRing& r : s.rings) {
        xml.writeEmptyElement(QStringLiteral("ellipse"));
        give({{"cx", r.x}, {"cy", r.y}, {"rx", r.rx}, {"ry", r.ry}, {"stroke-width", 0.25}});
        ink("fill", QStringLiteral("none"));
        ink("stroke", QStringLiteral("#000"));
    }
    for (const SketchText& t : s.texts) {
        xml.writeStartElement(QStringLiteral("text"));
        give({{"x", t.x}, {"y", t.y}, {"font-size", t.size}});
        xml.writeAttribute(QStringLiteral("text-anchor"), QStringLiteral("middle"));
        xml.writeCharacters(QString::fromStdString(t.words));
        xml.writeEndElement();
    }
    xml.writeEndElement();
    return out.toStdString();
}

namespace {

constexpr double reportMargin_mm = 15.0;
constexpr int dotsPerInch = 1200;
constexpr double dotsPerMillimetre = dotsPerInch / 25.4;
/// Stands around the number of a sketch until its picture takes the place: private use, and taken out of what the maker wrote.
constexpr QChar markOfSketch(0xE0FF);

QString markFor(std::size_t sketch)
{
    return markOfSketch + QString::number(sketch) + markOfSketch;
}

void putSketches(QTextDocument& document, std::size_t count)
{
    for (std::size_t i = 0; i < count; ++i) {
        QTextCursor at = document.find(markFor(i));
        if (at.isNull())
            continue;
        QTextCharFormat format;
        format.setObjectType(sketchObject);
        format.setProperty(sketchIndex, static_cast<int>(i));
        at.insertText(QString(QChar::ObjectReplacementCharacter), format);
    }
}

} // namespace

/// Laid out on a device of its own, whose dots everything is measured in.
struct ReportPages::Parts
{
    QBuffer nowhere;
    QPdfWriter device{&nowhere};
    std::vector<Placed> sketches;
    QString title;
    QSizeF page_mm;
    SketchInText letters{sketches, dotsPerMillimetre};
    QTextDocument document;

    [[nodiscard]] QSizeF inside() const
    {
        return {(page_mm.width() - 2.0 * reportMargin_mm) * dotsPerMillimetre,
                (page_mm.height() - 2.0 * reportMargin_mm) * dotsPerMillimetre};
    }
};

ReportPages::ReportPages(const QString& body, std::vector<Placed> sketches, const QString& title, QSizeF page_mm,
                         double letters_pt)
    : m_parts(std::make_unique<Parts>())
{
    loadFonts();
    Parts& p = *m_parts;
    p.device.setResolution(dotsPerInch);
    p.sketches = std::move(sketches);
    p.title = title;
    p.page_mm = page_mm;
    p.document.documentLayout()->setPaintDevice(&p.device);
    QFont font(QStringLiteral("B612"));
    font.setPointSizeF(letters_pt);
    p.document.setDefaultFont(font);
    p.document.setDocumentMargin(0.0);
    p.document.setDefaultStyleSheet(
        QStringLiteral("h1{font-size:16pt} h2{font-size:11pt;margin-top:14px;margin-bottom:4px} th{text-align:left}"));
    QString html = body;
    html.remove(markOfSketch);
    for (std::size_t i = 0; i < p.sketches.size(); ++i)
        html.replace(p.sketches[i].mark, QStringLiteral("<p>") + markFor(i) + QStringLiteral("</p>"));
    p.document.setHtml(html);
    p.document.documentLayout()->registerHandler(sketchObject, &p.letters);
    putSketches(p.document, p.sketches.size());
    p.document.setPageSize(p.inside());
    (void)p.document.pageCount(); // lays out
}

ReportPages::~ReportPages() = default;

int ReportPages::count() const
{
    return m_parts->document.pageCount();
}

QSizeF ReportPages::page_mm() const
{
    return m_parts->page_mm;
}

void ReportPages::handTo(QThread* thread)
{
    m_parts->document.moveToThread(thread);
    m_parts->letters.moveToThread(thread);
    m_parts->nowhere.moveToThread(thread);
    m_parts->device.moveToThread(thread);
}

void ReportPages::draw(QPainter& painter, int page, double dots) const
{
    const Parts& p = *m_parts;
    const QSizeF inside = p.inside();
    painter.save();
    painter.scale(dots / dotsPerMillimetre, dots / dotsPerMillimetre);
    painter.save();
    painter.translate(reportMargin_mm * dotsPerMillimetre, reportMargin_mm * dotsPerMillimetre - page * inside.height());
    const QRectF part(0.0, page * inside.height(), inside.width(), inside.height());
    QAbstractTextDocumentLayout::PaintContext context;
    context.clip = part;
    context.palette.setColor(QPalette::Text, Qt::black);
    painter.setClipRect(part);
    p.document.documentLayout()->draw(&painter, context);
    painter.restore();
    // In the dots that the pages are laid out in, whatever the painter's own device has: it is scaled above.
    QFont font = p.document.defaultFont();
    constexpr double pointsPerInch = 72.0;
    font.setPixelSize(static_cast<int>(std::lround(font.pointSizeF() * dotsPerInch / pointsPerInch)));
    painter.setFont(font);
    painter.setPen(Qt::black);
    painter.drawText(QPointF(reportMargin_mm * dotsPerMillimetre, (p.page_mm.height() - 8.0) * dotsPerMillimetre),
                     QStringLiteral("%1 – %2 / %3").arg(p.title, QString::number(page + 1), QString::number(count())));
    painter.restore();
}

Status ReportPages::drawAll(QPagedPaintDevice& device) const
{
    device.setPageMargins(QMarginsF(0.0, 0.0, 0.0, 0.0));
    QPainter painter(&device);
    if (!painter.isActive())
        return Error{ErrorCode::Internal, "report", FactId::PageNotDrawn};
    for (int page = 0; page < count(); ++page) {
        if (page > 0)
            device.newPage();
        draw(painter, page, device.logicalDpiX() / 25.4);
    }
    return Done{};
}

Result<std::string> reportPdf(const QString& body, const std::vector<Placed>& sketches, const QString& title, Paper paper)
{
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter pdf(&buffer);
        pdf.setTitle(title);
        pdf.setPageSize(QPageSize(paper == Paper::A4 ? QPageSize::A4 : QPageSize::Letter));
        pdf.setResolution(dotsPerInch);
        const QSizeF page_mm = pdf.pageLayout().fullRect(QPageLayout::Millimeter).size();
        DOWEL_TRY(ReportPages(body, sketches, title, page_mm).drawAll(pdf));
    }
    return withoutTimeZone(buffer.data().toStdString());
}

} // namespace dowel::draw
