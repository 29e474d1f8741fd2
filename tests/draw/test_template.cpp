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
#include <QProcess>
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

draw::Template inMillimetres(const Instrument& shape, const char* title)
{
    return {templateSheets(shape, shape), text::TemplateWords(text::LengthUnit::Millimetres), title};
}

/// What a page says, by a reader of PDF of its own.
QString wordsOf(const std::string& pdf, const QTemporaryDir& room)
{
    const QString path = room.filePath(QStringLiteral("read.pdf"));
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly) || file.write(pdf.data(), static_cast<qint64>(pdf.size())) < 0)
        return {};
    file.close();
    QProcess reader;
    reader.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), path, QStringLiteral("-")});
    return reader.waitForFinished(60'000) ? QString::fromUtf8(reader.readAllStandardOutput()) : QString();
}

/// The numbers that follow a hole's name in the list of holes.
std::vector<double> numbersAfter(const QString& words, const QString& hole)
{
    std::vector<double> numbers;
    const QRegularExpression line(QStringLiteral("(?:^|\\n)\\s*%1\\s+(\\d[-0-9. ]+)").arg(hole));
    const auto found = line.match(words);
    for (const QString& n : found.captured(1).split(QLatin1Char(' '), Qt::SkipEmptyParts))
        numbers.push_back(n.toDouble());
    return numbers;
}

/// A head, and a body with its thumb hole at the back.
Instrument inTwoJoints()
{
    InstrumentSpec spec = fixtures::eightHolePipe().spec();
    spec.slides = {{mm(60.0), mm(0.0), spec.bore.front().diameter}};
    clearJoints(spec);
    return Instrument::make(std::move(spec)).value();
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
        const draw::Template drawn{templateSheets(start, goal), text::TemplateWords(text::LengthUnit::Millimetres), "Test"};
        const double origin = dxf ? 0.0 : 10.0; // the SVG has a margin
        const auto boxes = [&](const char* svg, const char* layer) {
            return dxf ? dxfBoxes(draw::templateDxf(drawn), layer) : svgBoxes(draw::templateSvg(drawn), svg);
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
        VERIFY_NEAR(w.left - origin, 277.5, 0.02); // lengths begin at the lip; the window lies above it
        VERIFY_NEAR(w.high - w.low, 2.0 * 10.0 * std::asin(4.75 / 10.0), 0.02);
    }
    void theSheetGoesRoundTheTube()
    {
        const draw::Template drawn = inMillimetres(fixtures::whistle(), "A & B");
        const TemplateSheet& s = drawn.sheets.front();
        VERIFY_NEAR(s.round_m * 1e3, std::numbers::pi * (15.0 + 6.0), 1e-6);
        QVERIFY(std::none_of(s.curves.begin(), s.curves.end(),
                             [](const SheetCurve& c) { return c.line == SheetCurve::Line::Final; }));
        const std::string svg = draw::templateSvg(drawn);
        // 277.5 from the lip to the foot, 5.5 of window, 28 of windway, and two margins.
        QVERIFY(svg.find("width=\"331.0000mm\"") != std::string::npos);
        QVERIFY(svg.find("A &amp; B") != std::string::npos);
    }
    void aThumbHoleStandsOnTheSeam()
    {
        const auto boxes = svgBoxes(draw::templateSvg(inMillimetres(fixtures::eightHolePipe(), "Pipe")), "start");
        QCOMPARE(boxes.size(), std::size_t(9)); // seven in front, the thumb's twice
    }
    void aHoleOffTheLineIsDrawnThere()
    {
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.holes[0].aside = Metres::fromMillimetres(4.0);
        const Instrument shape = *Instrument::make(std::move(spec));
        double middle = 0.0;
        const auto sheets = templateSheets(shape, shape);
        for (const SheetCurve& c : sheets.front().curves)
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
        const TemplateSheet s = templateSheets(goal, goal).front();
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
            QCOMPARE(s.list[i].hole.text, holes[i].id.text);
            const QStringList row = text::TemplateWords(text::LengthUnit::Millimetres).row(s.list[i]);
            VERIFY_NEAR(row[1].toDouble(), (goal.length() - holes[i].at).millimetres(), 0.051);
            VERIFY_NEAR(row[2].toDouble(), holes[i].diameter.millimetres(), 0.051);
        }
    }
    void theRulerIsTrue()
    {
        for (const bool inches : {false, true}) {
            const auto sheets = templateSheets(fixtures::whistle(), fixtures::whistle(), {.inchRuler = inches});
            double longest = 0.0;
            std::vector<double> ticks;
            for (const SheetCurve& c : sheets.front().curves)
                if (c.line == SheetCurve::Line::Ruler && c.points[0].y_m == c.points[1].y_m)
                    longest = c.points[1].x_m - c.points[0].x_m;
                else if (c.line == SheetCurve::Line::Ruler)
                    ticks.push_back(c.points[0].x_m);
            VERIFY_NEAR(longest, inches ? 12.125 * 0.0254 : 0.310, 1e-9); // of 311 mm
            VERIFY_NEAR(ticks[8] - ticks[0], inches ? 0.0254 : 0.080, 1e-9);
        }
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
        const auto pdf = draw::templatePdf(inMillimetres(fixtures::eightHolePipe(), "Pipe"), draw::Paper::A4);
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
    void everyJointHasItsOwnSheet()
    {
        const Instrument pipe = inTwoJoints();
        const auto parts = partsOf(pipe.spec());
        const auto sheets = templateSheets(pipe, pipe);
        QCOMPARE(sheets.size(), std::size_t(2));
        std::size_t holes = 0;
        for (std::size_t i = 0; i < 2; ++i) {
            VERIFY_NEAR(sheets[i].length_m * 1e3, parts[i].overall.millimetres(), 1e-6);
            QCOMPARE(sheets[i].part, parts[i].name);
            // A hole stands as far from the sheet's own lower end as from the end of its joint.
            for (const SheetRow& row : sheets[i].list)
                VERIFY_NEAR(row.distance.millimetres(), (parts[i].to - pipe.find(row.hole)->at).millimetres(), 1e-9);
            holes += sheets[i].list.size();
        }
        QCOMPARE(holes, pipe.spec().holes.size());
        QVERIFY(std::any_of(sheets[0].labels.begin(), sheets[0].labels.end(),
                            [](const SheetLabel& l) { return l.says == SheetLabel::Says::Window; }));
        const auto pdf = draw::templatePdf(inMillimetres(pipe, "Pipe"), draw::Paper::A4);
        VERIFY_OK(pdf);
        const QTemporaryDir room;
        const QString words = wordsOf(*pdf, room);
        QVERIFY2(words.contains(QStringLiteral("Pipe, head joint – full size")), qPrintable(words));
        QVERIFY2(words.contains(QStringLiteral("Pipe, foot joint – full size")), qPrintable(words));
        // One below the other in a drawing: nothing of one lies on the other.
        const auto outlines = dxfBoxes(draw::templateDxf(inMillimetres(pipe, "Pipe")), "OUTLINE");
        QCOMPARE(outlines.size(), std::size_t(2));
        QVERIFY(outlines[1].high < outlines[0].low);
    }
    void distancesAreFromTheEndThatIsAsked()
    {
        const Instrument pipe = inTwoJoints();
        const Instrument whole = fixtures::eightHolePipe();
        const double head = headOf(whole.spec()).length.millimetres();
        const Hole& h = whole.spec().holes.front();
        const auto rowOf = [](const Instrument& shape, Origin origin, std::size_t sheet) {
            return templateSheets(shape, shape, {.origin = origin})[sheet].list.front().distance.millimetres();
        };
        VERIFY_NEAR(rowOf(whole, Origin::Foot, 0), (whole.length() - h.at).millimetres(), 1e-9);
        VERIFY_NEAR(rowOf(whole, Origin::Edge, 0), h.at.millimetres(), 1e-9);
        VERIFY_NEAR(rowOf(whole, Origin::Top, 0), h.at.millimetres() + head, 1e-9);
        // On the lower joint neither the edge nor the top end is to be seen.
        const Metres joint = pipe.spec().slides.front().at;
        VERIFY_NEAR(rowOf(pipe, Origin::Top, 1), (pipe.spec().holes.front().at - joint).millimetres(), 1e-9);
        VERIFY_NEAR(rowOf(pipe, Origin::Edge, 1), (pipe.spec().holes.front().at - joint).millimetres(), 1e-9);
    }
    void thePagesSayWhatIsDrawnToATenth()
    {
        const Instrument whistle = fixtures::whistle();
        const auto pdf = draw::templatePdf(inMillimetres(whistle, "Test"), draw::Paper::A4);
        VERIFY_OK(pdf);
        const QTemporaryDir room;
        const QString words = wordsOf(*pdf, room);
        for (const Hole& h : whistle.spec().holes) {
            const auto said = numbersAfter(words, QString::fromStdString(h.id.text));
            QVERIFY2(said.size() >= 3, qPrintable(words));
            VERIFY_NEAR(said[0], (whistle.length() - h.at).millimetres(), 0.051);
            VERIFY_NEAR(said[1], h.diameter.millimetres(), 0.051);
        }
        const auto inches = draw::templatePdf(
            {templateSheets(whistle, whistle, {.inchRuler = true}), text::TemplateWords(text::LengthUnit::Inches), "Test"},
            draw::Paper::Letter);
        VERIFY_OK(inches);
        const QString inchWords = wordsOf(*inches, room);
        QVERIFY2(!inchWords.contains(QStringLiteral("mm")) && inchWords.contains(QStringLiteral("(in)")), qPrintable(inchWords));
    }
};

DOWEL_TEST(TestTemplate)
#include "test_template.moc"
