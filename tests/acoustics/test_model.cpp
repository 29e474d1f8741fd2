// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the whole tube by laws: closed-form limits, scaling, splitting, passivity, what opening and closing does, and
// that no random instrument makes a number that is not one.
#include "acoustics/closed_pipe.h"
#include "core/acoustics/ends.h"
#include "core/acoustics/model.h"
#include "core/acoustics/mouth.h"
#include "core/base/random.h"
#include "core/base/ratio.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

using namespace dowel;
using namespace dowel::acoustics;

namespace {

constexpr double lossless = -25.0; // logarithm of the loss factor: one part in 1e11

Calibration still(double kelvin = 293.15)
{
    Calibration c;
    c.kelvin = kelvin;
    c.wallLossLog = lossless;
    return c;
}

double playedAt_Hz(const Shape& s, const Calibration& c, int registerNumber, std::vector<bool> closed = {})
{
    const NoteQuery q{std::move(closed), registerNumber};
    const auto f = Model(s, c).frequencies(std::span(&q, 1));
    return f ? f->front() : 0.0;
}

} // namespace

class TestModel : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void aLosslessClosedPipeIsAQuarterWave()
    {
        // f = (2n-1) c / (4 (L + delta(ka))), with the end correction at that frequency.
        const double length = 0.3;
        const double radius = 0.006;
        for (const int n : {1, 2, 3}) {
            double f = 343.2 / (4.0 * length) * (2 * n - 1);
            for (int i = 0; i < 50; ++i) {
                const double ka = 2.0 * std::numbers::pi * f / 343.2 * radius;
                f = 343.2 * (2 * n - 1) / (4.0 * (length + unflangedEnd(Complex(ka)).lengthOverRadius.real() * radius));
            }
            VERIFY_NEAR(centsOver(playedAt_Hz(closedPipe(length, 2.0 * radius, 1e-9), still(), n), f), 0.0,
                        0.2); // radiation pulls by its square
        }
    }
    void aStoppedWindowPipeSoundsItsQuarterWaveToo()
    {
        Shape s = closedPipe(0.2, 0.016, 1e-9);
        s.mouth = Shape::Mouth::Duct;
        s.footClosed = true;
        s.excitation = {0.008, 0.012, 0.0001, 0.0, 0.0};
        const double first = playedAt_Hz(s, still(), 1);
        const double twelfth = playedAt_Hz(s, still(), 2);
        QVERIFY(first < 343.2 / 0.8 && first > 343.2 / 0.8 * 0.8); // lower than the bare tube by the window's correction
        VERIFY_NEAR(twelfth / first, 3.0, 0.12);                   // twelfths, not octaves
    }
    void aReedPipeJumpsTwelfthsAndAFluteOctaves()
    {
        Shape reed = closedPipe(0.5, 0.0146, 1e-9);
        reed.excitation[closedTop::volume] = 1e-9;
        VERIFY_NEAR(playedAt_Hz(reed, still(), 2) / playedAt_Hz(reed, still(), 1), 3.0, 0.01);
        Shape flute = closedPipe(0.5, 0.0146, 1e-9);
        flute.mouth = Shape::Mouth::Duct;
        flute.excitation = {0.006, 0.012, 0.001, 0.0, 0.0};
        VERIFY_NEAR(playedAt_Hz(flute, still(), 2) / playedAt_Hz(flute, still(), 1), 2.0, 0.03);
    }
    void twiceTheSizeIsHalfTheFrequency()
    {
        Shape s = Shape::of(fixtures::whistle());
        Shape big = s;
        for (double& v : big.excitation)
            v *= 2.0;
        for (auto& b : big.bore)
            b = {b.at_m * 2.0, b.diameter_m * 2.0};
        for (auto& h : big.holes)
            for (double* v : {&h.at_m, &h.diameter_m, &h.undercut_m, &h.chimney_m})
                *v *= 2.0;
        big.wall_m *= 2.0;
        const std::vector<bool> closed{false, false, true, true, true, true};
        VERIFY_NEAR(centsOver(playedAt_Hz(s, still(), 1, closed), 2.0 * playedAt_Hz(big, still(), 1, closed)), 0.0, 0.05);
    }
    void aWarmerTubeIsSharperByTheSpeedOfSound()
    {
        const Shape s = Shape::of(fixtures::whistle());
        const std::vector<bool> closed(6, true);
        VERIFY_NEAR(centsOver(playedAt_Hz(s, still(298.15), 1, closed), playedAt_Hz(s, still(293.15), 1, closed)), 14.64, 0.02);
    }
    void aStationOnTheLineChangesNothing()
    {
        Shape s = closedPipe(0.3, 0.012, 1e-9);
        const double before = playedAt_Hz(s, Calibration{}, 2);
        s.bore.insert(s.bore.begin() + 1, {0.117, 0.012});
        VERIFY_NEAR(centsOver(playedAt_Hz(s, Calibration{}, 2), before), 0.0, 1e-6);
    }
    void aWidenedStretchMovesEachRegisterAsRayleighSays()
    {
        // Rayleigh, Theory of Sound II, section 265, for a pipe closed at x = 0: df / f = - integral of dS / S cos(2 k x) / L. So
        // one stretch flattens one register and sharpens another, which is what the plan reams the middle of a bore for.
        const double length = 0.3;
        const double diameter = 0.012;
        const double wider = 5e-5;
        for (const auto& [from, to] :
             {std::pair(0.06, 0.24), std::pair(0.24, 0.42), std::pair(0.42, 0.60), std::pair(0.60, 0.78)}) {
            Shape reamed = closedPipe(length, diameter, 1e-9);
            const double a = from * length;
            const double b = to * length;
            reamed.bore = {{0.0, diameter},       {a - 1e-6, diameter}, {a, diameter + wider},
                           {b, diameter + wider}, {b + 1e-6, diameter}, {length, diameter}};
            for (const int n : {1, 2, 3}) {
                const double before = playedAt_Hz(closedPipe(length, diameter, 1e-9), still(), n);
                const double k = (2 * n - 1) * std::numbers::pi / 2.0 / (343.2 * (2 * n - 1) / (4.0 * before));
                const double reach = 343.2 * (2 * n - 1) / (4.0 * before); // the length with its end correction
                const double integral = (std::sin(2.0 * k * b) - std::sin(2.0 * k * a)) / (2.0 * k);
                const double share = -2.0 * wider / diameter * integral / reach;
                VERIFY_NEAR(centsOver(playedAt_Hz(reamed, still(), n), before), 1200.0 / std::numbers::ln2 * share,
                            0.02 * 1200.0 / std::numbers::ln2 * std::abs(share) + 0.03);
            }
        }
    }
    void openingFromTheFootRaisesNoteByNote()
    {
        const Model m(Shape::of(fixtures::whistle()), Calibration{});
        std::vector<NoteQuery> scale;
        for (std::size_t open = 0; open <= 6; ++open) {
            std::vector<bool> closed(6, true);
            for (std::size_t i = 0; i < open; ++i)
                closed[i] = false;
            scale.push_back({closed, 1});
        }
        const auto f = m.frequencies(scale);
        VERIFY_OK(f);
        for (std::size_t i = 1; i < f->size(); ++i)
            QVERIFY(centsOver((*f)[i], (*f)[i - 1]) > 50.0);
    }
    void enlargingAHoleRaisesItsNote()
    {
        const Instrument before = fixtures::whistle();
        const Instrument after = applied(before, Enlarge{{"h1"}, fixtures::mm(6.5)}).value();
        std::vector<bool> first(6, true);
        first[0] = false;
        const auto change = [&](const std::vector<bool>& closed) {
            return centsOver(playedAt_Hz(Shape::of(after), Calibration{}, 1, closed),
                             playedAt_Hz(Shape::of(before), Calibration{}, 1, closed));
        };
        QVERIFY(change(first) > 5.0);
    }
    void enlargingAClosedHoleSinksTheNotesBelowIt()
    {
        // Half up the tube the pressure is high and a closed hole's volume counts; near the foot it hardly does.
        const Instrument before = fixtures::whistle();
        const Instrument after = applied(before, Enlarge{{"h4"}, fixtures::mm(7.3)}).value();
        const std::vector<bool> all(6, true);
        const auto change = [&](const std::vector<bool>& closed) {
            return centsOver(playedAt_Hz(Shape::of(after), Calibration{}, 1, closed),
                             playedAt_Hz(Shape::of(before), Calibration{}, 1, closed));
        };
        QVERIFY2(change(all) < 0.0 && change(all) > -9.0, qPrintable(QString::number(change(all))));
    }
    void movingTheStopperChangesTheOctave()
    {
        // common practice, no source: on a side-blown flute the stopper's place widens or narrows the octave.
        Shape flute = closedPipe(0.55, 0.019, 1e-9);
        flute.mouth = Shape::Mouth::Transverse;
        const auto octave = [&](double stopper) {
            flute.excitation = {0.012, 0.010, 0.0045, stopper, 0.3};
            return centsOver(playedAt_Hz(flute, Calibration{}, 2), playedAt_Hz(flute, Calibration{}, 1));
        };
        QVERIFY(octave(0.030) < octave(0.012) - 5.0);
    }
    void anUndercutEmbouchureIsTheIntegralOverItsWidths()
    {
        // Inertance of a channel: the integral of density over cross-section (any text of acoustics); its inner end is that of
        // a side hole as wide as it is at the bore [LS12].
        constexpr double length = 0.0115;
        constexpr double width = 0.0100;
        constexpr double deep = 0.0045;
        constexpr double under = 0.0016;
        constexpr double topRadius = 0.0095;
        const auto inertance = [&](double undercut) {
            MouthInputs<Complex> in{{293.15, 0.0, 0.0}, 2.0 * std::numbers::pi * 700.0, 1.0, 0.0, 0.0, topRadius, {}, {}};
            in.measure = {length, width, deep, 0.018, 0.3, undercut};
            const auto air = AirOf<Complex>::at(in.air);
            return mouthLoad(Shape::Mouth::Transverse, in, air).imag() / in.omega.real() / air.density.real();
        };
        constexpr int steps = 2000;
        double channel = 0.0;
        for (int i = 0; i < steps; ++i) {
            const double share = (i + 0.5) / steps;
            channel += deep / steps / (std::numbers::pi / 4.0 * (length + under * share) * (width + under * share));
        }
        const auto end = [&](double undercut) {
            const double b = 0.5 * std::sqrt((length + undercut) * (width + undercut));
            const double d = b / topRadius;
            const double c = 0.822 + d * (-0.095 + d * (-1.566 + d * (2.138 + d * (-1.640 + d * 0.502))));
            return c * b / (std::numbers::pi * b * b);
        };
        const double straight = deep / (std::numbers::pi / 4.0 * length * width);
        VERIFY_NEAR(inertance(under) - inertance(0.0), channel - straight + end(under) - end(0.0), 0.003 * straight);
        QVERIFY(inertance(under) < inertance(0.0) - 0.05 * straight);
        // Less air to move: every note rises.
        Shape flute = closedPipe(0.55, 0.019, 1e-9);
        flute.mouth = Shape::Mouth::Transverse;
        flute.excitation = {length, width, deep, 0.018, 0.3, 0.0};
        Shape wider = flute;
        wider.excitation[across::undercut] = under;
        for (const int registerNumber : {1, 2})
            QVERIFY(playedAt_Hz(wider, Calibration{}, registerNumber) > playedAt_Hz(flute, Calibration{}, registerNumber));
    }
    void everyRandomInstrumentIsPassiveAndMakesNumbers()
    {
        Random r(20261123);
        for (int trial = 0; trial < 60; ++trial) {
            Shape s;
            s.mouth = static_cast<Shape::Mouth>(r.next() % 3);
            const double top = r.uniform(0.008, 0.022);
            const double length = r.uniform(0.15, 0.7);
            s.bore = {{0.0, top}, {length * r.uniform(0.3, 0.7), top * r.uniform(0.7, 1.2)}, {length, top * r.uniform(0.6, 1.6)}};
            s.wall_m = r.uniform(0.001, 0.006);
            s.footClosed = r.uniform() < 0.15;
            if (s.mouth == Shape::Mouth::Duct)
                s.excitation = {r.uniform(0.003, 0.008), r.uniform(0.3, 0.8) * top, s.wall_m, 0.0, 0.0};
            else if (s.mouth == Shape::Mouth::Transverse)
                s.excitation = {r.uniform(0.4, 0.7) * top, r.uniform(0.4, 0.7) * top, s.wall_m, r.uniform(0.008, 0.03),
                                r.uniform(0.0, 0.5)};
            else
                s.excitation[closedTop::volume] = r.uniform(1e-7, 4e-6);
            const auto holes = r.next() % 8;
            for (std::uint64_t i = 0; i < holes; ++i) {
                const double d = r.uniform(0.2, 0.75) * top * 0.6;
                s.holes.push_back(
                    {length * (0.92 - 0.07 * static_cast<double>(i)), d, std::min(d * r.uniform(1.0, 1.3), 0.6 * top), s.wall_m});
            }
            const Model m(s, Calibration{});
            std::vector<bool> closed(holes);
            for (std::size_t i = 0; i < holes; ++i)
                closed[i] = r.uniform() < 0.5;
            for (double f = 100.0; f < 3000.0; f *= 1.17) {
                const Complex z = m.tubeImpedance(f, {closed});
                QVERIFY2(std::isfinite(z.real()) && z.real() > 0.0,
                         qPrintable(QStringLiteral("trial %1 at %2 Hz").arg(trial).arg(f)));
            }
            const NoteQuery q{closed, 1};
            const auto found = m.frequencies(std::span(&q, 1));
            if (found)
                QVERIFY(std::isfinite(found->front()) && std::abs(m.total(found->front(), q).imag()) < 1e-6);
        }
    }
    void aRegisterBeyondTheModelIsRefused()
    {
        const NoteQuery q{std::vector<bool>(6, false), 40};
        const auto f = Model(Shape::of(fixtures::whistle()), Calibration{}).frequencies(std::span(&q, 1));
        QVERIFY(!f);
        QCOMPARE(f.error().code, ErrorCode::OutOfModelRange);
        QCOMPARE(f.error().where, std::string("0"));
    }
};

DOWEL_TEST(TestModel)
#include "test_model.moc"
