// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that the measure that is said to tell most does: what a note's spread is said to come to is what it is where that
// measure is known so well beforehand, by another way (a narrower prior instead of a belief conditioned on a measure).
#include "core/fit/telling.h"
#include "core/layout/families.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/heard.h"
#include "support/test_main.h"

using namespace dowel;

namespace {

std::optional<Telling> tellsMost(const Instrument& shape, const Priors& priors)
{
    const auto prior = Posterior::prior(shape, priors);
    if (!prior)
        return std::nullopt;
    const auto telling = measureThatTells(*prior, shape);
    return telling ? *telling : std::nullopt;
}

/// All that no rule and no syringe reads is known.
Priors knownButForMeasures()
{
    Priors p;
    p.warmthSd = p.mouthLogSd = p.mouthSlopeSd = p.wallLossSd = p.holeEndSd = p.holeSpreadSd = p.neighboursSd = 0.01;
    p.blowSd_cents = p.noteSd_cents = 0.5;
    p.blowSlopeSd_cents = 0.5;
    return p;
}

double spreadOf(const Instrument& shape, const Priors& priors, const FingeringId& note)
{
    const auto prior = Posterior::prior(shape, priors).value();
    const auto f = prior.forecast(shape).value();
    for (std::size_t i = 0; i < shape.spec().fingerings.size(); ++i)
        if (shape.spec().fingerings[i].id == note) {
            const Eigen::RowVectorXd row = f.jacobian.row(static_cast<Eigen::Index>(i));
            return std::sqrt((row * prior.covariance().topLeftCorner(row.size(), row.size()) * row.transpose()).value());
        }
    return -1.0;
}

/// Two independent pieces of knowledge of one quantity.
double together(double a, double b)
{
    return 1.0 / std::sqrt(1.0 / (a * a) + 1.0 / (b * b));
}

Instrument reedPipe()
{
    InstrumentSpec s = fixtures::whistleSpec();
    s.excitation = ClosedTop{.volume = CubicMetres::fromCubicMetres(1.5e-6)};
    std::erase_if(s.fingerings, [](const Fingering& f) { return f.registerNumber > 1; });
    return Instrument::make(std::move(s)).value();
}

} // namespace

class TestTelling : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void theMeasureOfWhatIsLeastKnownTellsMost_data()
    {
        QTest::addColumn<int>("what");
        QTest::addColumn<double>("wide");
        QTest::addColumn<double>("careful");
        const auto row = [](const char* name, Measurable what, double wide, double careful) {
            QTest::newRow(name) << static_cast<int>(what) << wide << careful;
        };
        row("bore", Measurable::Bore, 0.15, 0.0015);
        row("places", Measurable::HolePlaces, 8e-3, 1e-4);
        row("sizes", Measurable::HoleSizes, 3e-3, 3e-5);
        row("length", Measurable::Length, 15e-3, 1e-4);
    }
    void theMeasureOfWhatIsLeastKnownTellsMost()
    {
        QFETCH(int, what);
        QFETCH(double, wide);
        QFETCH(double, careful);
        const auto with = [what](double sd) {
            Priors p = knownButForMeasures();
            switch (static_cast<Measurable>(what)) {
            case Measurable::Bore: p.boreScaleSd = sd; break;
            case Measurable::HolePlaces: p.holePlaceSd_m = sd; break;
            case Measurable::HoleSizes: p.holeSizeSd_m = sd; break;
            default: p.footSd_m = sd;
            }
            return p;
        };
        const Instrument shape = fixtures::whistle();
        const auto telling = tellsMost(shape, with(wide));
        QVERIFY(telling);
        QCOMPARE(static_cast<int>(telling->what), what);
        VERIFY_NEAR(telling->spread.cents(), spreadOf(shape, with(wide), telling->note), 1e-6);
        VERIFY_NEAR(telling->spreadThereby.cents(), spreadOf(shape, with(together(wide, careful)), telling->note), 1e-6);
    }
    void aMouthpieceIsFilledWithWater()
    {
        Priors p = knownButForMeasures();
        p.mouthLogSd = 1.0;
        const Instrument shape = reedPipe();
        const auto telling = tellsMost(shape, p);
        QVERIFY(telling);
        QCOMPARE(telling->what, Measurable::MouthVolume);
        Priors known = p;
        known.mouthLogSd = together(1.0, 0.03);
        VERIFY_NEAR(telling->spreadThereby.cents(), spreadOf(shape, known, telling->note), 1e-6);
    }
    void aWhistleIsBlownBeforeItIsDrilled()
    {
        const Instrument shape = fixtures::whistle();
        const auto telling = tellsMost(shape, {});
        QVERIFY(telling);
        QCOMPARE(telling->what, Measurable::BareTube);
        QVERIFY(telling->spreadThereby.cents() < 0.7 * telling->spread.cents());
        // What a note has of its own no bare tube tells.
        QVERIFY(telling->spreadThereby.cents() > Priors{}.noteSd_cents);
    }
    void whatIsHeardOrWellKnownAsksForNothing()
    {
        Priors p;
        p.warmthSd = p.mouthLogSd = p.mouthSlopeSd = p.wallLossSd = p.holeEndSd = p.holeSpreadSd = p.neighboursSd = 1e-3;
        p.boreScaleSd = 1e-5;
        p.footSd_m = p.holeSizeSd_m = p.holePlaceSd_m = 1e-7;
        p.chimneyShareSd = 1e-4;
        p.blowSd_cents = p.noteSd_cents = 0.1;
        p.blowSlopeSd_cents = 0.1;
        QVERIFY(!tellsMost(fixtures::whistle(), p));
        // Once it sounds, nobody blows a bare tube any more.
        Workbook book(fixtures::whistle());
        for (const Fingering& f : book.present().spec().fingerings) {
            const ReadingEntry r = fixtures::heard(f.id, f.target, 1.0, Temperature::fromCelsius(20.0));
            QVERIFY(book.append({book.nextId(), "2026-01-01T00:00:00.000Z", r}));
        }
        const auto heard = fit(book);
        VERIFY_OK(heard);
        const auto telling = measureThatTells(*heard, book.present());
        VERIFY_OK(telling);
        QVERIFY(!*telling || (*telling)->what != Measurable::BareTube);
    }
};

DOWEL_TEST(TestTelling)
#include "test_telling.moc"
