// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the drill table against the published sizes and, where Debian's units database is installed, against that.
#include "core/shop/bits.h"
#include "core/shop/pipes.h"
#include "support/compare.h"
#include "support/test_main.h"

#include <QProcess>
#include <QStandardPaths>

#include <map>

using namespace dowel;

namespace {

double inchesOf(BitSeries series, const char* name)
{
    for (const Bit& b : bitsOf(series))
        if (b.name == name)
            return b.diameter.inches();
    return 0.0;
}

} // namespace

class TestBits : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void sizesAreThoseOfTheStandard()
    {
        // ASME B94.11M, twist drills: numbers and letters in inches (from memory).
        const std::pair<const char*, double> numbers[] = {
            {"No. 1", 0.228},   {"No. 7", 0.201},  {"No. 10", 0.1935}, {"No. 21", 0.159}, {"No. 29", 0.136},
            {"No. 36", 0.1065}, {"No. 43", 0.089}, {"No. 50", 0.070},  {"No. 55", 0.052}, {"No. 60", 0.040}};
        for (const auto& [name, inches] : numbers)
            VERIFY_NEAR(inchesOf(BitSeries::Number, name), inches, 1e-9);
        const std::pair<const char*, double> letters[] = {{"A", 0.234}, {"E", 0.250}, {"F", 0.257}, {"I", 0.272},
                                                          {"Q", 0.332}, {"U", 0.368}, {"Z", 0.413}};
        for (const auto& [name, inches] : letters)
            VERIFY_NEAR(inchesOf(BitSeries::Letter, name), inches, 1e-9);
        VERIFY_NEAR(inchesOf(BitSeries::Fractional, "5/16"), 0.3125, 1e-12);
        VERIFY_NEAR(inchesOf(BitSeries::Metric, "6.4 mm"), 6.4 / 25.4, 1e-12);
    }
    void theWayUpTearsNothing()
    {
        // In strides of two millimetres, the last bit at least a little more than a shaving: common practice, no source.
        const auto ladder = ladderTo(Metres::fromMillimetres(8.37), {BitSeries::Metric});
        QVERIFY(ladder.has_value());
        QCOMPARE(ladder->last.name, std::string("8.3 mm"));
        QCOMPARE(ladder->first.size(), std::size_t(2));
        VERIFY_NEAR(ladder->first[0].millimetres(), 4.0, 1e-12);
        VERIFY_NEAR(ladder->first[1].millimetres(), 6.0, 1e-12);
        QCOMPARE(ladderTo(Metres::fromMillimetres(7.1), {BitSeries::Metric})->first.size(), std::size_t(1)); // 6 would shave
        QVERIFY(ladderTo(Metres::fromMillimetres(3.0))->first.empty());
        QVERIFY(!ladderTo(Metres::fromMillimetres(0.5)));
    }
    void theUnitsDatabaseAgrees()
    {
        const QString units = QStandardPaths::findExecutable(QStringLiteral("units"));
        if (units.isEmpty())
            QSKIP("the units program is not installed");
        for (const int n : {1, 5, 13, 27, 44, 58}) {
            QProcess p;
            p.start(units, {QStringLiteral("-t"), QStringLiteral("drillgauge(%1)").arg(n), QStringLiteral("inch")});
            QVERIFY(p.waitForFinished(-1));
            bool ok = false;
            const double inches = p.readAllStandardOutput().trimmed().toDouble(&ok);
            if (ok)
                VERIFY_NEAR(inchesOf(BitSeries::Number, ("No. " + std::to_string(n)).c_str()), inches, 1e-6);
        }
    }
    void everySeriesRises()
    {
        for (const auto series : {BitSeries::Metric, BitSeries::Fractional, BitSeries::Number, BitSeries::Letter}) {
            const auto& bits = bitsOf(series);
            for (std::size_t i = 1; i < bits.size(); ++i)
                QVERIFY2(bits[i].diameter > bits[i - 1].diameter, bits[i].name.c_str());
        }
        QCOMPARE(bitsOf(BitSeries::Number).size(), std::size_t(60));
        QCOMPARE(bitsOf(BitSeries::Letter).size(), std::size_t(26));
    }
    void theLargestBitThatFitsIsFound()
    {
        QCOMPARE(largestBitWithin(Metres::fromMillimetres(6.36))->name, std::string("1/4")); // 6.35
        QCOMPARE(largestBitWithin(Metres::fromMillimetres(6.40))->name, std::string("6.4 mm"));
        QVERIFY(largestBitWithin(Metres::fromMillimetres(0.3)) == nullptr);
    }
    void pipesHaveTheBoresOfTheTables()
    {
        // ASME B36.10M, schedule 40, and ASTM B88, type M: inside diameters in inches, from memory.
        const std::map<std::string, double> pipe{{"3/8", 0.493}, {"1/2", 0.622}, {"3/4", 0.824}, {"1", 1.049}};
        const std::map<std::string, double> copper{{"1/2", 0.569}, {"3/4", 0.811}};
        std::size_t seen = 0;
        for (const PipeSize& p : pipeSizes()) {
            const auto& table = p.copper ? copper : pipe;
            if (const auto it = table.find(p.nominal); it != table.end()) {
                VERIFY_NEAR(p.bore().millimetres(), it->second * 25.4, 0.01);
                ++seen;
            }
        }
        QCOMPARE(seen, pipe.size() + copper.size());
    }
    void inchesAreRoundedAndTheErrorTold()
    {
        const auto r = roundedInch(Metres::fromMillimetres(103.0), 16); // 4.0551 in
        QCOMPARE(r.text, std::string("4 1/16"));
        VERIFY_NEAR(r.off.millimetres(), 4.0625 * 25.4 - 103.0, 1e-9);
        QCOMPARE(roundedInch(Metres::fromInches(0.5), 64).text, std::string("1/2"));
        QCOMPARE(roundedInch(Metres::fromInches(3.0), 32).text, std::string("3"));
        QCOMPARE(roundedInch(Metres::fromInches(0.001), 16).text, std::string("0"));
    }
    void aPlaceLiesBetweenTwoMarks()
    {
        const auto [low, high] = inchMarksBeside(Metres::fromMillimetres(103.0), 16);
        QCOMPARE(low.text, std::string("4"));
        QCOMPARE(high.text, std::string("4 1/16"));
        VERIFY_NEAR((high.off - low.off).inches(), 1.0 / 16.0, 1e-12);
        const auto on = inchMarksBeside(Metres::fromInches(2.25), 32);
        QCOMPARE(on[0].text, std::string("2 1/4"));
        QCOMPARE(on[1].text, std::string("2 1/4"));
    }
};

DOWEL_TEST(TestBits)
#include "test_bits.moc"
