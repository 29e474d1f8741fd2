// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the template by measuring the files it is written to: every hole's place and size back from the SVG's and DXF's
// own numbers to 0.02 mm, pages that cover the sheet, and a PDF of the right paper.
#include "draw/template_files.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <QDir>
#include <QFile>
#include <QGuiApplication>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QXmlStreamReader>
#include <numbers>

using namespace dowel;
using fixtures::mm;

namespace {

/// Extent of a closed curve.
struct Box
{
    double left = 1e9, right = -1e9, low = 1e9, high = -1e9;
    void add(double x, double y)
    {
        left = std::min(left, x);
        right = std::max(right, x);
        low = std::min(low, y);
        high = std::max(high, y);
    }
};

std::vector<Box> svgBoxes(const std::string& svg, const char* kind)
{
    std::vector<Box> boxes;
    QXmlStreamReader r(QByteArray::fromStdString(svg));
    while (!r.atEnd()) {
        if (r.readNext() != QXmlStreamReader::StartElement || r.name() != QLatin1String("path") ||
            r.attributes().value(QLatin1String("class")) != QLatin1String(kind))
            continue;
        const QString d = r.attributes().value(QLatin1String("d")).toString();
        if (!d.endsWith(QLatin1Char('Z')))
            continue;
        Box b;
        static const QRegularExpression point(QStringLiteral("[ML](-?[0-9.]+) (-?[0-9.]+)"));
        for (auto it = point.globalMatch(d); it.hasNext();) {
            const auto m = it.next();
            b.add(m.captured(1).toDouble(), m.captured(2).toDouble());
        }
        boxes.push_back(b);
    }
    return r.hasError() ? std::vector<Box>() : boxes;
}

std::vector<Box> dxfBoxes(const std::string& dxf, const char* layer)
{
    std::vector<Box> boxes;
    const QStringList lines = QString::fromStdString(dxf).split(QLatin1Char('\n'));
    Box b;
    bool wanted = false;
    bool vertex = false;
    double x = 0.0;
    for (int i = 0; i + 1 < lines.size(); i += 2) {
        const int code = lines[i].toInt();
        const QString& value = lines[i + 1];
        if (code == 0) {
            if (value == QLatin1String("SEQEND") && wanted && b.left != b.right && b.low != b.high)
                boxes.push_back(b);
            if (value == QLatin1String("POLYLINE")) {
                b = Box();
                wanted = false;
            }
            vertex = value == QLatin1String("VERTEX");
        } else if (code == 8 && !vertex && !wanted) {
            wanted = value == QLatin1String(layer);
        } else if (code == 10) {
            x = value.toDouble();
        } else if (code == 20 && vertex && wanted) {
            b.add(x, value.toDouble());
        }
    }
    return boxes;
}

/// A goal with every hole a millimetre wider, on a shorter tube.
Instrument goalOf(const Instrument& start)
{
    InstrumentSpec s = start.spec();
    for (Hole& h : s.holes)
        h.diameter = h.undercutDiameter = h.diameter + mm(1.0);
    s.bore.back().at = s.bore.back().at - mm(4.0);
    return Instrument::make(s).value();
}

} // namespace

class TestTemplate : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void holesMeasureOnTheSheetWhatTheyMeasureOnTheTube_data()
    {
        QTest::addColumn<bool>("dxf");
        QTest::newRow("svg") << false;
        QTest::newRow("dxf") << true;
    }
    void holesMeasureOnTheSheetWhatTheyMeasureOnTheTube()
    {
        QFETCH(bool, dxf);
        const Instrument start = fixtures::whistle();
        const Instrument goal = goalOf(start);
        const TemplateSheet sheet = templateSheet(start, goal);
        const double origin = dxf ? 0.0 : 10.0; // the SVG has a margin
        const auto boxes = [&](const char* svg, const char* layer) {
            return dxf ? dxfBoxes(draw::templateDxf(sheet), layer) : svgBoxes(draw::templateSvg(sheet, "Test"), svg);
        };
        const auto check = [&](const std::vector<Box>& found, const Instrument& row) {
            QCOMPARE(found.size(), std::size_t(6));
            for (std::size_t i = 0; i < 6; ++i) {
                const Hole& h = row.spec().holes[i];
                const double tube = start.boreDiameterAt(h.at).millimetres() / 2.0 + 3.0;
                const double radius = h.diameter.millimetres() / 2.0;
                VERIFY_NEAR((found[i].left + found[i].right) / 2.0 - origin, start.length().millimetres() - h.at.millimetres(),
                            0.02);
                VERIFY_NEAR(found[i].right - found[i].left, 2.0 * radius, 0.02);
                // Round the tube the edge of the bit lies at the angle whose sine is radius over tube.
                VERIFY_NEAR(found[i].high - found[i].low, 2.0 * tube * std::asin(radius / tube), 0.02);
            }
        };
        check(boxes("start", "START"), start);
        check(boxes("final", "FINAL"), goal);
        const auto window = boxes("edge", "EDGE");
        QVERIFY(!window.empty());
        const Box& w = window.back();
        VERIFY_NEAR(w.right - w.left, 5.5, 0.02);
        VERIFY_NEAR(w.right - origin, 277.5, 0.02); // the sounding edge's zero stands where the tube's does
        VERIFY_NEAR(w.high - w.low, 2.0 * 10.0 * std::asin(4.75 / 10.0), 0.02);
    }
    void theSheetGoesRoundTheTube()
    {
        const TemplateSheet s = templateSheet(fixtures::whistle(), fixtures::whistle());
        VERIFY_NEAR(s.round_m * 1e3, std::numbers::pi * (15.0 + 6.0), 1e-6);
        QVERIFY(std::none_of(s.curves.begin(), s.curves.end(),
                             [](const SheetCurve& c) { return c.line == SheetCurve::Line::Final; }));
        const std::string svg = draw::templateSvg(s, "A & B");
        QVERIFY(svg.find("width=\"297.5000mm\"") != std::string::npos); // 277.5 and two margins
        QVERIFY(svg.find("A &amp; B") != std::string::npos);
    }
    void aThumbHoleStandsOnTheSeam()
    {
        const TemplateSheet s = templateSheet(fixtures::eightHolePipe(), fixtures::eightHolePipe());
        const auto boxes = svgBoxes(draw::templateSvg(s, "Pipe"), "start");
        QCOMPARE(boxes.size(), std::size_t(9)); // seven in front, the thumb's twice
    }
    void aHoleOffTheLineIsDrawnThere()
    {
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.holes[0].aside = Metres::fromMillimetres(4.0);
        const Instrument shape = *Instrument::make(std::move(spec));
        double middle = 0.0;
        for (const SheetCurve& c : templateSheet(shape, shape).curves)
            if (c.line == SheetCurve::Line::Start && c.closed) { // the foot's first hole comes first
                double low = 1.0;
                double high = -1.0;
                for (const SheetPoint& p : c.points) {
                    low = std::min(low, p.y_m);
                    high = std::max(high, p.y_m);
                }
                middle = 0.5 * (low + high);
                break;
            }
        VERIFY_NEAR(middle * 1e3, 4.0, 0.02);
    }
    void theSheetIsCutOutGluedAndTickedOff()
    {
        const Instrument goal = fixtures::whistle();
        const TemplateSheet s = templateSheet(goal, goal);
        const auto outline = std::find_if(s.curves.begin(), s.curves.end(),
                                          [](const SheetCurve& c) { return c.line == SheetCurve::Line::Outline; });
        QVERIFY(outline != s.curves.end() && outline->closed);
        double low = 1.0;
        double high = -1.0;
        for (const SheetPoint& p : outline->points) {
            low = std::min(low, p.y_m);
            high = std::max(high, p.y_m);
        }
        // Once round the tube, and the lap that goes under.
        VERIFY_NEAR(high - low, s.round_m + 0.006, 1e-9);
        const auto lap =
            std::find_if(s.curves.begin(), s.curves.end(), [](const SheetCurve& c) { return c.line == SheetCurve::Line::Lap; });
        QVERIFY(lap != s.curves.end());
        VERIFY_NEAR(lap->points.front().y_m, s.round_m / 2.0, 1e-9);
        // The list has every hole from the foot, as far from it as it stands on the tube.
        const auto& holes = goal.spec().holes;
        QCOMPARE(s.list.size(), holes.size());
        for (std::size_t i = 0; i < holes.size(); ++i) {
            QCOMPARE(s.list[i][0], holes[i].id.text);
            VERIFY_NEAR(QString::fromStdString(s.list[i][1]).section(QLatin1Char(' '), 0, 0).toDouble(),
                        (goal.length() - holes[i].at).millimetres(), 0.051);
            VERIFY_NEAR(QString::fromStdString(s.list[i][2]).section(QLatin1Char(' '), 0, 0).toDouble(),
                        holes[i].diameter.millimetres(), 0.051);
        }
    }
    void theRulerIsTrue()
    {
        const TemplateSheet s = templateSheet(fixtures::whistle(), fixtures::whistle());
        double longest = 0.0;
        for (const SheetCurve& c : s.curves)
            if (c.line == SheetCurve::Line::Ruler && c.points[0].y_m == c.points[1].y_m)
                longest = c.points[1].x_m - c.points[0].x_m;
        VERIFY_NEAR(longest, 0.270, 1e-9);
    }
    void pagesCoverTheSheetAndOverlap()
    {
        TemplateSheet s;
        s.length_m = 0.7;
        const auto pages = pagesOf(s, 0.277);
        QCOMPARE(pages.size(), std::size_t(3));
        for (std::size_t i = 1; i < pages.size(); ++i)
            VERIFY_NEAR(pages[i - 1].to_m - pages[i].from_m, 0.010, 1e-12);
        VERIFY_NEAR(pages.front().from_m, 0.0, 0.0);
        VERIFY_NEAR(pages.back().to_m, 0.7, 1e-12);
    }
    void thePdfHasPagesOfThePaperAsked()
    {
        const TemplateSheet s = templateSheet(fixtures::eightHolePipe(), fixtures::eightHolePipe());
        const auto pdf = draw::templatePdf(s, "Pipe", draw::Paper::A4);
        VERIFY_OK(pdf);
        const QByteArray content = QByteArray::fromStdString(*pdf);
        QVERIFY(content.startsWith("%PDF-"));
        static const QRegularExpression box(QStringLiteral("/MediaBox \\[0 0 ([0-9.]+) ([0-9.]+)\\]"));
        const auto m = box.match(QString::fromLatin1(content));
        QVERIFY(m.hasMatch());
        VERIFY_NEAR(m.captured(1).toDouble(), 297.0 / 25.4 * 72.0, 1.0); // ISO 216 A4, landscape
        VERIFY_NEAR(m.captured(2).toDouble(), 210.0 / 25.4 * 72.0, 1.0);
        QCOMPARE(content.count("/Type /Page\n"), 2);
    }
};

DOWEL_TEST(TestTemplate)
#include "test_template.moc"
