// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that how a shape is written down changes nothing: more stations, another order, another unit; that the bore's
// weights add up to the stations' derivatives; and that registers are counted rightly where resonances are narrow.
#include "core/acoustics/chain.h"
#include "core/acoustics/model.h"
#include "core/base/random.h"
#include "core/base/ratio.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

using namespace dowel;
using namespace dowel::acoustics;

namespace {

constexpr double nothing_cents = 0.001;

std::vector<NoteQuery> queriesOf(const Instrument& i)
{
    std::vector<NoteQuery> q;
    for (const auto& f : i.spec().fingerings)
        q.push_back({i.closedHoles(f), f.registerNumber, i.openShares(f)});
    return q;
}

Calibration breathed()
{
    Calibration c;
    c.kelvin = 297.0;
    c.gradient_K_m = -15.0;
    c.vapour = 0.03;
    c.carbonDioxide = 0.03;
    return c;
}

/// Random instruments of all mouths, with everything a hole or a bore may have.
Shape randomShape(Random& r)
{
    Shape s;
    s.mouth = static_cast<Shape::Mouth>(r.next() % 3);
    const double top = r.uniform(0.006, 0.022);
    const double length = r.uniform(0.15, 0.7);
    s.bore = {{0.0, top, {r.uniform(0.8, 1.6), r.uniform() < 0.3 ? 1e-3 : 0.0}},
              {length * r.uniform(0.3, 0.5), top * r.uniform(0.7, 1.2)},
              {length * r.uniform(0.6, 0.8), top * r.uniform(0.7, 1.4)},
              {length, top * r.uniform(0.6, 2.5)}};
    s.wall_m = r.uniform(0.001, 0.006);
    s.footClosed = r.uniform() < 0.15;
    if (s.mouth == Shape::Mouth::Duct)
        s.excitation = {r.uniform(0.003, 0.008), r.uniform(0.3, 0.8) * top, s.wall_m, r.uniform() < 0.3 ? 0.01 : 0.0, 0.001,
                        r.uniform(0.0, 3.0)};
    else if (s.mouth == Shape::Mouth::Transverse)
        s.excitation = {r.uniform(0.4, 0.7) * top, r.uniform(0.4, 0.7) * top, s.wall_m,
                        r.uniform(0.008, 0.03),    r.uniform(0.0, 0.5),       0.0};
    else
        s.excitation[closedTop::volume] = r.uniform(1e-7, 4e-6);
    if (r.uniform() < 0.4)
        s.slides = {{length * 0.1, r.uniform(0.0, 0.01), top * 1.1}};
    const auto holes = r.next() % 9;
    for (std::uint64_t i = 0; i < holes; ++i) {
        const double d = r.uniform(0.2, 0.75) * top * 0.6;
        Shape::Hole h{length * (0.92 - 0.07 * static_cast<double>(i)), d, std::min(d * r.uniform(1.0, 1.3), 0.6 * top), s.wall_m};
        h.fittings.fingerShare = 0.1;
        h.fittings.count = r.uniform() < 0.2 ? 2 : 1;
        if (r.uniform() < 0.3) {
            h.fittings.sinkDepth_m = 0.4 * s.wall_m;
            h.sink_m = d * 1.3;
        }
        if (r.uniform() < 0.3) {
            h.fittings.padHeight_m = r.uniform(0.001, 0.005);
            h.fittings.padDiameter_m = 1.4 * d;
        }
        s.holes.push_back(h);
    }
    return s;
}

} // namespace

class TestInvariance : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void moreStationsChangeNothing()
    {
        const Instrument pipe = fixtures::eightHolePipe();
        Shape coarse = Shape::of(pipe);
        Shape fine = coarse;
        fine.bore.clear();
        for (std::size_t i = 0; i + 1 < coarse.bore.size(); ++i) {
            const auto& a = coarse.bore[i];
            const auto& b = coarse.bore[i + 1];
            const int parts = b.at_m - a.at_m > 0.01 ? 13 : 1;
            for (int k = 0; k < parts; ++k)
                fine.bore.push_back(
                    {a.at_m + (b.at_m - a.at_m) * k / parts, a.diameter_m + (b.diameter_m - a.diameter_m) * k / parts});
        }
        fine.bore.push_back(coarse.bore.back());
        for (const Calibration& c : {Calibration{}, breathed()}) {
            const auto a = Model(coarse, c).frequencies(queriesOf(pipe));
            const auto b = Model(fine, c).frequencies(queriesOf(pipe));
            VERIFY_OK(a);
            VERIFY_OK(b);
            for (std::size_t i = 0; i < a->size(); ++i)
                VERIFY_NEAR(centsOver((*a)[i], (*b)[i]), 0.0, nothing_cents);
        }
    }
    void anotherOrderOfHolesChangesNothing()
    {
        const Instrument pipe = fixtures::eightHolePipe();
        Shape s = Shape::of(pipe);
        auto q = queriesOf(pipe);
        const auto a = Model(s, breathed()).frequencies(q);
        std::reverse(s.holes.begin(), s.holes.end());
        for (auto& one : q)
            std::reverse(one.shares.begin(), one.shares.end());
        const auto b = Model(s, breathed()).frequencies(q);
        VERIFY_OK(a);
        VERIFY_OK(b);
        for (std::size_t i = 0; i < a->size(); ++i)
            VERIFY_NEAR(centsOver((*a)[i], (*b)[i]), 0.0, nothing_cents);
    }
    void inchesChangeNothing()
    {
        InstrumentSpec inches = fixtures::eightHoleSpec();
        const auto there = [](Metres& m) {
            m = Metres::fromInches(m.millimetres() / 25.4);
        };
        for (auto& h : inches.holes)
            for (Metres* m : {&h.at, &h.diameter, &h.undercutDiameter, &h.chimney})
                there(*m);
        for (auto& b : inches.bore) {
            there(b.at);
            there(b.diameter);
        }
        there(inches.wall);
        const Instrument a = fixtures::eightHolePipe();
        const Instrument b = Instrument::make(inches).value();
        const auto fa = Model(Shape::of(a), {}).frequencies(queriesOf(a));
        const auto fb = Model(Shape::of(b), {}).frequencies(queriesOf(b));
        for (std::size_t i = 0; i < fa->size(); ++i)
            VERIFY_NEAR(centsOver((*fa)[i], (*fb)[i]), 0.0, nothing_cents);
    }
    void askingForMoreNotesAtOnceChangesNone()
    {
        const Instrument pipe = fixtures::eightHolePipe();
        const Model model(Shape::of(pipe), {});
        const auto q = queriesOf(pipe);
        const auto together = model.frequencies(q);
        VERIFY_OK(together);
        for (std::size_t i = 0; i < q.size(); ++i)
            VERIFY_NEAR(centsOver(model.frequencies(std::span(&q[i], 1))->front(), (*together)[i]), 0.0, 1e-6);
    }
    void aJointPulledOutIsALongerTube()
    {
        // With a gap as wide as the bore a pulled joint is nothing but more tube.
        Shape s = Shape::of(fixtures::whistle());
        s.bore = {{0.0, 0.014}, {0.2775, 0.014}};
        Shape pulled = s;
        pulled.slides = {{0.060, 0.004, 0.014}};
        Shape longer = s;
        longer.bore.back().at_m += 0.004;
        for (auto& h : longer.holes)
            h.at_m += 0.004;
        const std::vector<NoteQuery> q{{std::vector<bool>(6, true), 1}, {{false, false, true, true, true, true}, 2}};
        const auto a = Model(pulled, {}).frequencies(q);
        const auto b = Model(longer, {}).frequencies(q);
        for (std::size_t i = 0; i < q.size(); ++i)
            VERIFY_NEAR(centsOver((*a)[i], (*b)[i]), 0.0, 1e-6);
        pulled.slides[0].gapDiameter_m = 0.017; // a wider gap lies near the mouth's flow: sharper there
        QVERIFY(std::abs(centsOver(Model(pulled, {}).frequencies(q)->front(), b->front())) > 0.5);
    }
    void theBoresWeightsAddUpToTheStationsDerivatives()
    {
        for (const int registerNumber : {1, 2, 3}) {
            // A station widens as a hat that falls to nothing at its neighbours.
            Shape plain;
            plain.excitation = {0.005, 0.009, 0.003, 0.0, 0.0, 0.0};
            plain.bore = {{0.0, 0.016}, {0.15, 0.014}, {0.30, 0.015}};
            const Model tube(plain, breathed());
            const NoteQuery bare{{}, registerNumber};
            const auto exact = tube.answers(std::span(&bare, 1));
            const auto fine = tube.boreWeights(bare, 0.0005);
            double middle = 0.0;
            for (const auto& w : *fine)
                middle += std::max(0.0, 1.0 - std::abs(w.at_m - 0.15) / 0.15) * w.centsPerSquareMetre * 0.0005;
            VERIFY_NEAR(middle / exact->front().centsPer[ParameterLayout::stationDiameter(1)], 1.0, 1e-3);
        }
    }
    void aConeNearlyCompleteSoundsItsOctaves()
    {
        // common practice, no source (and Ayers, Eliason and Mahgerefteh, Am. J. Phys. 53, 528, 1985): a cone closed at
        // its truncated tip, with the missing tip's volume there, overblows to octaves and further harmonics.
        for (const double top : {0.003, 0.005}) {
            Shape s;
            s.mouth = Shape::Mouth::ClosedTop;
            s.bore = {{0.0, top}, {0.6, 0.04}};
            s.wall_m = 0.002;
            const double apex = 0.6 * top / (0.04 - top);
            s.excitation[closedTop::volume] = std::numbers::pi * top * top / 12.0 * apex;
            const auto f = Model(s, {}).registers({{}, 1}, 4);
            QCOMPARE(f.size(), std::size_t(4));
            for (int n = 2; n <= 4; ++n)
                VERIFY_NEAR(centsOver(f[static_cast<std::size_t>(n) - 1], n * f[0]), 0.0, 45.0);
            // Its fundamental is that of an open pipe as long as the whole cone.
            VERIFY_NEAR(centsOver(f[0], 343.2 / (2.0 * (0.6 + apex + 0.6127 * 0.02))), 0.0, 100.0);
        }
    }
    void everyLosslessPhaseRises()
    {
        Random r(51);
        for (int trial = 0; trial < 80; ++trial) {
            const Shape s = randomShape(r);
            Calibration c;
            c.wallLossLog = -20.0;
            const Model m(s, c);
            NoteQuery q;
            for (std::size_t i = 0; i < s.holes.size(); ++i)
                q.shares.push_back(r.uniform() < 0.4 ? 0.0 : r.uniform() < 0.5 ? 1.0 : r.uniform(0.05, 0.9));
            double before = m.losslessPhase(60.0, q);
            for (double f = 63.0; f < 2500.0; f *= 1.03) {
                const double now = m.losslessPhase(f, q);
                QVERIFY2(now > before - 1e-9,
                         qPrintable(QStringLiteral("trial %1 at %2 Hz: %3 after %4").arg(trial).arg(f).arg(now).arg(before)));
                before = now;
            }
        }
    }
    void randomInstrumentsOfEveryKindArePassiveAndMakeNumbers()
    {
        Random r(87);
        int found = 0;
        for (int trial = 0; trial < 150; ++trial) {
            const Shape s = randomShape(r);
            const Model m(s, breathed());
            NoteQuery q;
            for (std::size_t i = 0; i < s.holes.size(); ++i)
                q.shares.push_back(r.uniform() < 0.4 ? 0.0 : r.uniform() < 0.5 ? 1.0 : r.uniform(0.05, 0.9));
            q.closed.resize(s.holes.size());
            for (double f = 90.0; f < 3000.0; f *= 1.3) {
                const Complex z = m.tubeImpedance(f, q);
                QVERIFY2(std::isfinite(z.real()) && std::isfinite(z.imag()) && z.real() > 0.0,
                         qPrintable(QStringLiteral("trial %1 at %2 Hz").arg(trial).arg(f)));
            }
            for (int n = 1; n <= 3; ++n) {
                q.registerNumber = n;
                const auto a = m.answers(std::span(&q, 1));
                if (!a)
                    continue;
                ++found;
                const NoteAnswer& one = a->front();
                QVERIFY(one.hertz > 0.0 && std::isfinite(one.quality) && std::isfinite(one.height));
                for (const double d : one.centsPer)
                    QVERIFY(std::isfinite(d));
                QVERIFY(std::abs(m.total(one.hertz, q).imag()) < 1e-5 * (1.0 + std::abs(m.total(one.hertz, q).real())));
            }
        }
        QVERIFY2(found > 300, qPrintable(QString::number(found)));
    }
    void aLongerTubeAndAColderOneAreLower()
    {
        Random r(12);
        for (int trial = 0; trial < 60; ++trial) {
            const Shape s = randomShape(r);
            if (s.footClosed)
                continue;
            NoteQuery q{std::vector<bool>(s.holes.size(), true), 1};
            const auto a = Model(s, {}).answers(std::span(&q, 1));
            if (!a)
                continue;
            QVERIFY(a->front().centsPer[ParameterLayout::footLength] < 0.0);
            // Half a cent a cent of kelvin by the speed of sound; warmer boundary layers take up to a tenth of it back.
            VERIFY_NEAR(a->front().centsPer[ParameterLayout::kelvin] / (600.0 / std::numbers::ln2 / 293.15), 0.95, 0.06);
        }
    }
};

DOWEL_TEST(TestInvariance)
#include "test_invariance.moc"
