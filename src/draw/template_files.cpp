// SPDX-License-Identifier: GPL-3.0-or-later
#include "draw/template_files.h"

#include "core/base/number_text.h"
#include "core/base/thread_role.h"
#include "draw/fonts.h"
#include "draw/pdf.h"
#include "draw/report.h"

#include <QBuffer>
#include <QLocale>
#include <QMarginsF>
#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>
#include <QPolygonF>
#include <QXmlStreamWriter>
#include <algorithm>

namespace dowel::draw {

namespace {

constexpr double sheetMargin_mm = 10.0;

/// Of each kind of line: DXF layer, ACI colour, SVG stroke, width in millimetres, dashes in widths.
struct Look
{
    const char* layer;
    int aci;
    const char* stroke;
    double width_mm;
    const char* dashes;
};

Look lookOf(SheetCurve::Line line)
{
    switch (line) {
    case SheetCurve::Line::Final: return {"FINAL", 1, "#a63d12", 0.25, "1.2 0.8"};
    case SheetCurve::Line::Start: return {"START", 7, "#000000", 0.35, ""};
    case SheetCurve::Line::Pilot: return {"PILOT", 8, "#000000", 0.15, ""};
    case SheetCurve::Line::Edge: return {"EDGE", 7, "#000000", 0.35, ""};
    case SheetCurve::Line::Centre: return {"CENTRE", 5, "#14598c", 0.15, "4 0.8 0.8 0.8"};
    case SheetCurve::Line::Ruler: return {"RULER", 8, "#000000", 0.15, ""};
    case SheetCurve::Line::Outline: return {"OUTLINE", 7, "#000000", 0.25, ""};
    case SheetCurve::Line::Lap: return {"LAP", 8, "#000000", 0.15, "1.2 1.2"};
    }
    return {};
}

/// Text of the maker's as XML can hold it.
QString withoutControls(QString clean)
{
    clean.removeIf([](QChar c) { return c.category() == QChar::Other_Control || c.unicode() >= 0xFFFE; });
    return clean;
}

/// Text as one DXF group's value: no line breaks, which would begin a group of its own, and ASCII alone.
std::string dxfText(const QString& text)
{
    std::string out;
    for (const QChar c : text) {
        if (c.category() == QChar::Other_Control)
            out += ' ';
        else if (c.unicode() < 0x7F)
            out += static_cast<char>(c.unicode());
        else
            out += QStringLiteral("\\U+%1").arg(c.unicode(), 4, 16, QLatin1Char('0')).toUpper().toStdString();
    }
    return out;
}

QString number(double v)
{
    return QString::number(v, 'f', 4);
}

/// Where the line of holes of each sheet lies below the upper edge of the drawing: one sheet below the other.
std::vector<double> middles_mm(const std::vector<TemplateSheet>& sheets)
{
    constexpr double apart_mm = 10.0 + lap_m * 1e3;
    std::vector<double> middles;
    double y = sheetMargin_mm;
    for (const TemplateSheet& sheet : sheets) {
        y += sheet.round_m * 0.5e3;
        middles.push_back(y);
        y += sheet.round_m * 0.5e3 + apart_mm;
    }
    return middles;
}

/// y grows downwards on the page and upwards on the sheet.
void putSvg(QXmlStreamWriter& w, const TemplateSheet& sheet, const text::TemplateWords& words, double middle_mm)
{
    const auto x = [](double v_m) {
        return v_m * 1e3 + sheetMargin_mm;
    };
    const auto y = [&](double v_m) {
        return middle_mm - v_m * 1e3;
    };
    for (const SheetCurve& c : sheet.curves) {
        const Look look = lookOf(c.line);
        QString path;
        for (std::size_t i = 0; i < c.points.size(); ++i)
            path += QStringLiteral("%1%2 %3 ")
                        .arg(QLatin1String(i == 0 ? "M" : "L"), number(x(c.points[i].x_m)), number(y(c.points[i].y_m)));
        if (c.closed)
            path += QLatin1Char('Z');
        w.writeEmptyElement(QStringLiteral("path"));
        w.writeAttribute(QStringLiteral("class"), QString::fromLatin1(look.layer).toLower());
        w.writeAttribute(QStringLiteral("d"), path.trimmed());
        w.writeAttribute(QStringLiteral("fill"), QStringLiteral("none"));
        w.writeAttribute(QStringLiteral("stroke"), QLatin1String(look.stroke));
        w.writeAttribute(QStringLiteral("stroke-width"), QString::number(look.width_mm));
        if (look.dashes[0] != '\0')
            w.writeAttribute(QStringLiteral("stroke-dasharray"), QLatin1String(look.dashes));
    }
    for (const SheetLabel& l : sheet.labels) {
        w.writeStartElement(QStringLiteral("text"));
        w.writeAttribute(QStringLiteral("x"), number(x(l.at.x_m)));
        w.writeAttribute(QStringLiteral("y"), number(y(l.at.y_m)));
        w.writeAttribute(QStringLiteral("font-family"), QStringLiteral("B612, sans-serif"));
        w.writeAttribute(QStringLiteral("font-size"), QStringLiteral("2.4"));
        if (l.centred)
            w.writeAttribute(QStringLiteral("text-anchor"), QStringLiteral("middle"));
        w.writeCharacters(withoutControls(words.label(sheet, l)));
        w.writeEndElement();
    }
}

} // namespace

std::string templateSvg(const Template& drawn)
{
    enterDoor(Door::Template);
    const std::vector<double> middles = middles_mm(drawn.sheets);
    double longest = 0.0;
    for (const TemplateSheet& sheet : drawn.sheets)
        longest = std::max(longest, sheet.length_m * 1e3);
    const double width = longest + 2.0 * sheetMargin_mm;
    const double height = middles.back() + drawn.sheets.back().round_m * 0.5e3 + sheetMargin_mm;
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    QXmlStreamWriter w(&buffer);
    w.setAutoFormatting(true);
    w.writeStartDocument();
    w.writeStartElement(QStringLiteral("svg"));
    w.writeDefaultNamespace(QStringLiteral("http://www.w3.org/2000/svg"));
    w.writeAttribute(QStringLiteral("width"), number(width) + QStringLiteral("mm"));
    w.writeAttribute(QStringLiteral("height"), number(height) + QStringLiteral("mm"));
    w.writeAttribute(QStringLiteral("viewBox"), QStringLiteral("0 0 %1 %2").arg(number(width), number(height)));
    w.writeTextElement(QStringLiteral("title"), withoutControls(QString::fromStdString(drawn.title)));
    for (std::size_t i = 0; i < drawn.sheets.size(); ++i)
        putSvg(w, drawn.sheets[i], drawn.words, middles[i]);
    w.writeEndElement();
    w.writeEndDocument();
    return buffer.data().toStdString();
}

std::string templateDxf(const Template& drawn)
{
    enterDoor(Door::Template);
    const std::vector<double> middles = middles_mm(drawn.sheets);
    std::string s;
    const auto pair = [&s](int code, const std::string& value) {
        s += std::to_string(code) + "\n" + value + "\n";
    };
    const auto real = [&pair](int code, double v) {
        pair(code, fixedText(v * 1e3, 5));
    };
    pair(0, "SECTION");
    pair(2, "HEADER");
    pair(9, "$ACADVER");
    pair(1, "AC1009");
    pair(9, "$INSUNITS");
    pair(70, "4"); // millimetres
    pair(0, "ENDSEC");
    pair(0, "SECTION");
    pair(2, "TABLES");
    pair(0, "TABLE");
    pair(2, "LAYER");
    constexpr SheetCurve::Line lines[] = {SheetCurve::Line::Final,   SheetCurve::Line::Start,  SheetCurve::Line::Pilot,
                                          SheetCurve::Line::Edge,    SheetCurve::Line::Centre, SheetCurve::Line::Ruler,
                                          SheetCurve::Line::Outline, SheetCurve::Line::Lap};
    pair(70, std::to_string(std::size(lines)));
    for (const auto line : lines) {
        const Look look = lookOf(line);
        pair(0, "LAYER");
        pair(2, look.layer);
        pair(70, "0");
        pair(62, std::to_string(look.aci));
        pair(6, "CONTINUOUS");
    }
    pair(0, "ENDTAB");
    pair(0, "ENDSEC");
    pair(0, "SECTION");
    pair(2, "ENTITIES");
    for (std::size_t i = 0; i < drawn.sheets.size(); ++i) {
        const TemplateSheet& sheet = drawn.sheets[i];
        const double down_m = (middles[i] - middles.front()) * 1e-3;
        for (const SheetCurve& c : sheet.curves) {
            const std::string layer = lookOf(c.line).layer;
            pair(0, "POLYLINE");
            pair(8, layer);
            pair(66, "1");
            pair(70, c.closed ? "1" : "0");
            for (const SheetPoint& p : c.points) {
                pair(0, "VERTEX");
                pair(8, layer);
                real(10, p.x_m);
                real(20, p.y_m - down_m);
            }
            pair(0, "SEQEND");
            pair(8, layer);
        }
        for (const SheetLabel& l : sheet.labels) {
            pair(0, "TEXT");
            pair(8, "EDGE");
            real(10, l.at.x_m);
            real(20, l.at.y_m - down_m);
            real(40, 0.0024);
            pair(1, dxfText(drawn.words.label(sheet, l)));
            if (l.centred) {
                pair(72, "1");
                real(11, l.at.x_m);
                real(21, l.at.y_m - down_m);
            }
        }
    }
    pair(0, "ENDSEC");
    pair(0, "EOF");
    return s;
}

namespace {

constexpr double edge_mm = 8.0; // what common printers leave white

/// The sheet on landscape pages, in millimetres.
class TemplatePages
{
public:
    TemplatePages(QPainter& painter, const TemplateSheet& sheet, const text::TemplateWords& words, QSizeF page_mm)
        : m_painter(painter),
          m_sheet(sheet),
          m_words(words),
          m_page_mm(page_mm),
          m_pages(pagesOf(sheet, (page_mm.width() - 2.0 * edge_mm) * 1e-3)),
          m_font(QStringLiteral("B612"))
    {
    }
    [[nodiscard]] std::size_t count() const { return m_pages.size(); }

    void draw(std::size_t k, const QString& title)
    {
        m_painter.setPen(QPen(Qt::black, 0.15));
        drawText(QPointF(edge_mm, 8.0), m_words.pageLine(title, k + 1, m_pages.size()));
        const double length_mm = (m_pages[k].to_m - m_pages[k].from_m) * 1e3;
        m_painter.setClipRect(QRectF(edge_mm - 0.2, 0.0, length_mm + 0.4, m_page_mm.height()));
        drawSheet(k);
        drawJoins(k);
        if (k + 1 == m_pages.size())
            drawList();
    }

private:
    void drawText(const QPointF& at, const QString& text, bool centred = false)
    {
        // Fonts are set in device dots: drawn at a size that is readable there and scaled back.
        m_painter.save();
        m_painter.translate(at);
        m_painter.scale(0.01, 0.01);
        m_font.setPixelSize(240);
        m_painter.setFont(m_font);
        m_painter.drawText(QPointF(centred ? -0.5 * m_painter.fontMetrics().horizontalAdvance(text) : 0.0, 0.0), text);
        m_painter.restore();
    }
    [[nodiscard]] QPointF place(std::size_t k, const SheetPoint& p) const
    {
        return {(p.x_m - m_pages[k].from_m) * 1e3 + edge_mm, m_page_mm.height() / 2.0 - p.y_m * 1e3};
    }
    void drawSheet(std::size_t k)
    {
        for (const SheetCurve& c : m_sheet.curves) {
            const Look look = lookOf(c.line);
            QPen pen(QColor(QLatin1String(look.stroke)), look.width_mm);
            if (c.line == SheetCurve::Line::Final)
                pen.setStyle(Qt::DashLine);
            else if (c.line == SheetCurve::Line::Lap)
                pen.setStyle(Qt::DotLine);
            else if (c.line == SheetCurve::Line::Centre)
                pen.setStyle(Qt::DashDotLine);
            m_painter.setPen(pen);
            QPolygonF points;
            for (const SheetPoint& p : c.points)
                points << place(k, p);
            if (c.closed)
                m_painter.drawPolygon(points);
            else
                m_painter.drawPolyline(points);
        }
        m_painter.setPen(QPen(Qt::black, 0.15));
        for (const SheetLabel& l : m_sheet.labels)
            drawText(place(k, l.at), m_words.label(m_sheet, l), l.centred);
    }
    /// Crosses that lie on one another where two pages meet, and the edge on which the page before ends.
    void drawJoins(std::size_t k)
    {
        for (std::size_t join = std::max<std::size_t>(k, 1); join <= k + 1 && join < m_pages.size(); ++join)
            for (const double side : {-0.3, 0.3}) {
                const QPointF cross = place(k, {(m_pages[join].from_m + m_pages[join - 1].to_m) / 2.0, side * m_sheet.round_m});
                constexpr double arm_mm = 2.5;
                m_painter.drawLine(cross - QPointF(arm_mm, 0.0), cross + QPointF(arm_mm, 0.0));
                m_painter.drawLine(cross - QPointF(0.0, arm_mm), cross + QPointF(0.0, arm_mm));
            }
        if (k == 0)
            return;
        m_painter.setPen(QPen(Qt::black, 0.15, Qt::DotLine));
        const double x = (m_pages[k - 1].to_m - m_pages[k].from_m) * 1e3 + edge_mm;
        m_painter.drawLine(QPointF(x, 12.0), QPointF(x, m_page_mm.height() - 6.0));
        drawText(QPointF(x + 1.0, m_page_mm.height() - 6.0), m_words.edgeOfPage(k));
    }
    /// Under the last of the template, where there is room: what is drilled and cut, with a box to tick.
    void drawList()
    {
        constexpr double line_mm = 3.6;
        constexpr double columns_mm[] = {10.0, 42.0, 76.0, 94.0, 114.0};
        constexpr double block_mm = 130.0; // in two or more columns where the page is low
        const QStringList heads = m_words.heads(m_sheet);
        const double top = (m_page_mm.height() + m_sheet.round_m * 1e3) / 2.0 + 8.0;
        const auto rows = static_cast<std::size_t>(std::max(0.0, (m_page_mm.height() - 8.0 - top) / line_mm - 1.0));
        if (m_sheet.list.empty() || rows < 2)
            return;
        m_painter.setClipping(false);
        m_painter.setPen(QPen(Qt::black, 0.15));
        for (std::size_t i = 0; i < m_sheet.list.size(); ++i) {
            const double left = static_cast<double>(i / rows) * block_mm;
            const double y = top + static_cast<double>(i % rows + 1) * line_mm;
            if (left + block_mm > m_page_mm.width())
                return;
            const QStringList cells = m_words.row(m_sheet.list[i]) << QStringLiteral("[  ]");
            for (qsizetype c = 0; c < heads.size(); ++c) {
                if (i % rows == 0)
                    drawText(QPointF(left + columns_mm[c], top), heads[c]);
                drawText(QPointF(left + columns_mm[c], y), cells[c]);
            }
        }
    }
    QPainter& m_painter;
    const TemplateSheet& m_sheet;
    const text::TemplateWords& m_words;
    QSizeF m_page_mm;
    std::vector<SheetPage> m_pages;
    QFont m_font;
};

/// The page that is there is the first.
void drawTemplate(QPdfWriter& pdf, QPainter& painter, const Template& drawn, double perMillimetre)
{
    bool first = true;
    for (const TemplateSheet& sheet : drawn.sheets) {
        TemplatePages pages(painter, sheet, drawn.words, pdf.pageLayout().fullRect(QPageLayout::Millimeter).size());
        for (std::size_t k = 0; k < pages.count(); ++k) {
            if (!first)
                pdf.newPage();
            first = false;
            painter.resetTransform();
            painter.setClipping(false);
            painter.scale(perMillimetre, perMillimetre);
            pages.draw(k, drawn.words.title(drawn.title, sheet));
        }
    }
}

} // namespace

Paper paperHere()
{
    const QLocale::Territory here = QLocale::system().territory();
    const bool letter = here == QLocale::UnitedStates || here == QLocale::Canada || here == QLocale::Mexico;
    return letter ? Paper::Letter : Paper::A4;
}

Result<std::string> templatePdf(const Template& drawn, Paper paper)
{
    enterDoor(Door::Template);
    loadFonts();
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter pdf(&buffer);
        pdf.setTitle(QString::fromStdString(drawn.title));
        pdf.setPageSize(QPageSize(paper == Paper::A4 ? QPageSize::A4 : QPageSize::Letter));
        pdf.setPageOrientation(QPageLayout::Landscape);
        pdf.setPageMargins(QMarginsF(0.0, 0.0, 0.0, 0.0));
        constexpr int dotsPerInch = 2540; // a hundred a millimetre
        pdf.setResolution(dotsPerInch);
        constexpr double perMillimetre = dotsPerInch / 25.4;
        QPainter painter(&pdf);
        if (!painter.isActive())
            return Error{ErrorCode::Internal, "template", FactId::PageNotDrawn};
        drawTemplate(pdf, painter, drawn, perMillimetre);
    }
    return withoutTimeZone(buffer.data().toStdString());
}

QSizeF pageSize_mm(Paper paper)
{
    return QPageSize(paper == Paper::A4 ? QPageSize::A4 : QPageSize::Letter).size(QPageSize::Millimeter);
}

Result<std::string> benchSheetPdf(const ReportPages& words, const Template& drawn, Paper paper)
{
    enterDoor(Door::Template);
    loadFonts();
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter pdf(&buffer);
        pdf.setTitle(QString::fromStdString(drawn.title));
        pdf.setPageSize(QPageSize(paper == Paper::A4 ? QPageSize::A4 : QPageSize::Letter));
        pdf.setPageMargins(QMarginsF(0.0, 0.0, 0.0, 0.0));
        constexpr int dotsPerInch = 2540; // a hundred a millimetre
        pdf.setResolution(dotsPerInch);
        constexpr double perMillimetre = dotsPerInch / 25.4;
        QPainter painter(&pdf);
        if (!painter.isActive())
            return Error{ErrorCode::Internal, "bench sheet", FactId::PageNotDrawn};
        for (int page = 0; page < words.count(); ++page) {
            if (page > 0)
                pdf.newPage();
            words.draw(painter, page, perMillimetre);
        }
        pdf.setPageOrientation(QPageLayout::Landscape);
        pdf.newPage();
        drawTemplate(pdf, painter, drawn, perMillimetre);
    }
    return withoutTimeZone(buffer.data().toStdString());
}

} // namespace dowel::draw
