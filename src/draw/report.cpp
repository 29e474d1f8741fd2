// SPDX-License-Identifier: GPL-3.0-or-later
#include "draw/report.h"

#include "core/base/number_text.h"
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

namespace {

std::string millimetres(Metres m)
{
    return fixedText(m.millimetres(), 1);
}

void drawSection(Sketch& s, const Instrument& instrument, double scale, double axis)
{
    const auto& bore = instrument.spec().bore;
    const auto x = [&](Metres at) {
        return at.millimetres() * scale;
    };
    for (std::size_t i = 1; i < bore.size(); ++i)
        for (const double side : {-1.0, 1.0}) {
            const auto inner = [&](const Station& t) {
                return axis + side * t.diameter.millimetres() / 2.0 * scale;
            };
            const auto outer = [&](const Station& t) {
                return inner(t) + side * instrument.wallAt(t.at).millimetres() * scale;
            };
            s.lines.push_back({x(bore[i - 1].at), inner(bore[i - 1]), x(bore[i].at), inner(bore[i]), 0.2});
            s.lines.push_back({x(bore[i - 1].at), outer(bore[i - 1]), x(bore[i].at), outer(bore[i]), 0.35});
            if (i + 1 == bore.size())
                s.lines.push_back({x(bore[i].at), inner(bore[i]), x(bore[i].at), outer(bore[i]), 0.35});
            if (i == 1)
                s.lines.push_back({x(bore[0].at), inner(bore[0]), x(bore[0].at), outer(bore[0]), 0.35});
        }
    if (instrument.spec().foot == Foot::Closed) {
        const double r = bore.back().diameter.millimetres() / 2.0 * scale;
        s.lines.push_back({x(bore.back().at), axis - r, x(bore.back().at), axis + r, 0.6});
    }
}

void drawMouth(Sketch& s, const Instrument& instrument, double scale, double above)
{
    if (const auto* d = std::get_if<Duct>(&instrument.spec().excitation)) {
        const double half = d->windowWidth.millimetres() / 2.0 * scale;
        const double along = d->windowLength.millimetres() * scale;
        for (const auto& [x1, y1, x2, y2] : {std::array{0.0, -half, along, -half}, std::array{0.0, half, along, half},
                                             std::array{0.0, -half, 0.0, half}, std::array{along, -half, along, half}})
            s.lines.push_back({x1, above + y1, x2, above + y2, 0.25});
    } else if (const auto* t = std::get_if<Transverse>(&instrument.spec().excitation)) {
        s.rings.push_back({0.0, above, t->holeLength.millimetres() / 2.0 * scale, t->holeWidth.millimetres() / 2.0 * scale});
    }
}

} // namespace

Sketch instrumentSketch(const Instrument& instrument, double width_mm)
{
    const InstrumentSpec& spec = instrument.spec();
    Sketch s;
    s.width = width_mm;
    constexpr double edge = 6.0;
    const double scale = (width_mm - 2.0 * edge) / instrument.length().millimetres();
    double outside = 0.0;
    for (const Station& t : spec.bore)
        outside = std::max(outside, (t.diameter + instrument.wallAt(t.at) * 2.0).millimetres() * scale);
    const double section = 5.0 + outside / 2.0;
    const double above = section + outside + 9.0;
    drawSection(s, instrument, scale, section);
    for (const double side : {-1.0, 1.0})
        s.lines.push_back(
            {0.0, above + side * outside / 2.0, instrument.length().millimetres() * scale, above + side * outside / 2.0, 0.35});
    drawMouth(s, instrument, scale, above);
    const double foot = instrument.length().millimetres() * scale;
    double level = 0.0;
    for (std::size_t i = 0; i < spec.holes.size(); ++i) {
        const Hole& h = spec.holes[i];
        const double x = h.at.millimetres() * scale;
        const double r = h.diameter.millimetres() / 2.0 * scale;
        s.rings.push_back({x, above, r * h.elongation, r});
        if (h.side == Side::Back) // seen through the tube
            s.lines.push_back({x - r, above + r, x + r, above - r, 0.15});
        s.texts.push_back({x, above - outside / 2.0 - 1.5, h.id.text, 2.6});
        const double below = above + outside / 2.0;
        s.texts.push_back({x, below + 3.5, millimetres(h.diameter), 2.4});
        // Each distance from the foot has a line of its own, so that no two run into each other.
        level = below + 6.5 + 3.6 * static_cast<double>(i);
        s.lines.push_back({x, below + 4.2, x, level, 0.1});
        s.lines.push_back({x, level, foot, level, 0.15});
        s.texts.push_back({(x + foot) / 2.0, level - 0.5, millimetres(instrument.length() - h.at), 2.4});
    }
    level = std::max(level, above + outside / 2.0 + 3.0) + 3.6;
    s.lines.push_back({0.0, level, foot, level, 0.15});
    s.texts.push_back({foot / 2.0, level - 0.5, millimetres(instrument.length()), 2.4});
    s.lines.push_back({foot, above + outside / 2.0, foot, level, 0.1});
    s.height = level + 2.0;
    for (SketchLine& l : s.lines) {
        l.x1 += edge;
        l.x2 += edge;
    }
    for (SketchRing& r : s.rings)
        r.x += edge;
    for (SketchText& t : s.texts)
        t.x += edge;
    return s;
}

Sketch timbreSketch(const std::vector<PartialsOf>& notes, double width_mm)
{
    Sketch s;
    s.width = width_mm;
    s.height = 28.0;
    const double column = width_mm / static_cast<double>(std::max<std::size_t>(8, notes.size()));
    constexpr double foot = 22.0;
    constexpr double faintest_dB = -40.0;
    for (std::size_t i = 0; i < notes.size(); ++i) {
        const double middle = (static_cast<double>(i) + 0.5) * column;
        for (std::size_t k = 0; k < notes[i].partials_dB.size() && k < 6; ++k) {
            const double strength = std::clamp(1.0 - notes[i].partials_dB[k] / faintest_dB, 0.0, 1.0);
            const double wide = strength * column * 0.8;
            if (wide > 0.1)
                s.bars.push_back({middle - wide / 2.0, foot - 3.4 * static_cast<double>(k + 1), wide, 2.6,
                                  static_cast<int>(200.0 * (1.0 - strength))});
        }
        s.texts.push_back({middle, foot + 4.0, notes[i].note, 2.4});
    }
    s.lines.push_back({0.0, foot, width_mm, foot, 0.2});
    return s;
}

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

ReportPages::ReportPages(const QString& body, std::vector<Placed> sketches, const QString& title, QSizeF page_mm)
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
    font.setPointSizeF(9.0);
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
