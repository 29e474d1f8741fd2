// SPDX-License-Identifier: GPL-3.0-or-later
// Facts of the trade as check values (common practice, no source): a pentatonic duct pipe of known measures, a reed
// cylinder, what closed holes do to the bottom note.
#include "core/acoustics/model.h"
#include "support/compare.h"

using namespace dowel;
using namespace dowel::acoustics;

namespace {

double cents(double a, double b)
{
    return 1200.0 * std::log2(a / b);
}

Shape pentatonicPipe()
{
    // Bore 25/32 in, wall 2.9 mm, window 4.8 x 9.5 mm, tube 375 to 380 mm, six holes of 5/16 in.
    Shape s;
    s.mouth = Shape::Mouth::Duct;
    s.excitation = {0.0048, 0.0095, 0.0029, 0.0, 0.0};
    const double length = 0.3775;
    s.bore = {{0.0, 0.01984}, {length, 0.01984}};
    s.wall_m = 0.0029;
    for (const double fromFoot_in : {4.0625, 5.4375, 6.8125, 7.625, 8.75, 9.625})
        s.holes.push_back({length - fromFoot_in * 0.0254, 0.3125 * 0.0254, 0.3125 * 0.0254, 0.0029});
    return s;
}

} // namespace

class TestTradeFacts : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void thePentatonicPipePlaysItsScale()
    {
        // G4, B flat, C, D from the foot upwards, then F and G with the fourth hole kept closed.
        const std::vector<NoteQuery> notes{
            {{true, true, true, true, true, true}, 1},     {{false, true, true, true, true, true}, 1},
            {{false, false, true, true, true, true}, 1},   {{false, false, false, true, true, true}, 1},
            {{false, false, false, true, false, true}, 1}, {{false, false, false, true, false, false}, 1}};
        const double semitones[] = {-2.0, 1.0, 3.0, 5.0, 8.0, 10.0};
        Calibration c;
        c.kelvin = 297.15;
        const auto plain = Model(pentatonicPipe(), c).answers(notes);
        VERIFY_OK(plain);
        const auto off = [&](const std::vector<double>& f, std::size_t i) {
            return cents(f[i], 440.0 * std::exp2(semitones[i] / 12.0));
        };
        std::vector<double> before;
        for (const auto& a : *plain)
            before.push_back(a.hertz);
        VERIFY_NEAR(off(before, 0), 0.0, 30.0); // nothing fitted: the undrilled pipe was tuned to G4
        // Fitted to the bottom note and to D: mouth and outer ends of the holes.
        for (int i = 0; i < 8; ++i) {
            const auto now = Model(pentatonicPipe(), c).answers(notes);
            VERIFY_OK(now);
            const double low = cents((*now)[0].hertz, 440.0 * std::exp2(semitones[0] / 12.0));
            const double high = cents((*now)[3].hertz, 440.0 * std::exp2(semitones[3] / 12.0));
            c.mouthLog -= low / (*now)[0].centsPer[ParameterLayout::mouthLog];
            const double rest =
                high - low * (*now)[3].centsPer[ParameterLayout::mouthLog] / (*now)[0].centsPer[ParameterLayout::mouthLog];
            c.holeEndLog -= rest / (*now)[3].centsPer[ParameterLayout::holeEndLog];
        }
        const auto fitted = Model(pentatonicPipe(), c).frequencies(notes);
        VERIFY_OK(fitted);
        for (std::size_t i = 0; i < notes.size(); ++i)
            VERIFY_NEAR(off(*fitted, i), 0.0, 40.0);
    }
    void theReedCylindersStepsComeWithinAboutASemitone()
    {
        // Bore 12 mm, 187 mm long, 7 mm holes centred 22 (back), 39, 54, 74, 97, 123, 140 mm from the top, bottom near C4.
        Shape s;
        s.mouth = Shape::Mouth::ClosedTop;
        s.bore = {{0.0, 0.012}, {0.187, 0.012}};
        s.wall_m = 0.006;
        for (const double at : {0.140, 0.123, 0.097, 0.074, 0.054, 0.039, 0.022})
            s.holes.push_back({at, 0.007, 0.007, 0.006});
        const auto scale = [&](double volume) {
            s.excitation[0] = volume;
            std::vector<NoteQuery> notes;
            for (std::size_t open = 0; open <= 7; ++open) {
                std::vector<bool> closed(7, true);
                for (std::size_t i = 0; i < open; ++i)
                    closed[i] = false;
                notes.push_back({closed, 1});
            }
            return Model(s, Calibration{}).frequencies(notes).value();
        };
        double small = 1e-7;
        double large = 8e-5;
        for (int i = 0; i < 60; ++i) {
            const double middle = 0.5 * (small + large);
            (scale(middle).front() > 261.63 ? small : large) = middle;
        }
        const auto f = scale(small);
        const double diatonic[] = {0, 200, 400, 500, 700, 900, 1100, 1300};
        // Step by step, "within about a semitone"; the thumb hole's own step comes out far wider and is not held to it.
        for (std::size_t i = 1; i + 1 < f.size(); ++i)
            VERIFY_NEAR(cents(f[i], f[i - 1]), diatonic[i] - diatonic[i - 1], 130.0);
    }
    void sawingTheHornsFootBringsBackWhatTheHolesTook()
    {
        // A small horn: five closed holes of 5 mm near the foot lower it, half an inch off the foot raises it beyond.
        // The trade says a quarter to half a tone for the holes; plain plugs in this model take no more than a few cents.
        Shape horn;
        horn.mouth = Shape::Mouth::ClosedTop;
        horn.excitation[0] = 4e-7;
        horn.bore = {{0.0, 0.005}, {0.18, 0.018}};
        horn.wall_m = 0.004;
        const auto first = [](const Shape& s) {
            const NoteQuery q{std::vector<bool>(s.holes.size(), true), 1};
            return Model(s, Calibration{}).frequencies(std::span(&q, 1)).value().front();
        };
        const double bare = first(horn);
        for (int i = 0; i < 5; ++i)
            horn.holes.push_back({0.150 - 0.022 * i, 0.005, 0.005, 0.004});
        const double drilled = first(horn);
        QVERIFY(cents(drilled, bare) < -5.0);
        horn.bore.back() = {0.1673, 0.018 - 0.013 / 0.18 * 0.0127};
        QVERIFY(cents(first(horn), drilled) > -cents(drilled, bare));
    }
    void undercuttingTheLowestHoleFavoursTheLowRegister()
    {
        // A reed cylinder of 14.6 mm with a register hole. The trade says that undercutting low holes raises the low register
        // and leaves the twelfth nearly alone; here it holds for the lowest hole as an inequality, not for the next ones.
        const auto reed = [](double undercut, double mouthpiece) {
            Shape s;
            s.mouth = Shape::Mouth::ClosedTop;
            s.excitation[0] = 1.5e-6;
            s.bore = {{0.0, mouthpiece}, {0.075, mouthpiece}, {0.0752, 0.0146}, {0.55, 0.0146}, {0.60, 0.019}, {0.66, 0.051}};
            s.wall_m = 0.005;
            for (const double at : {0.535, 0.505, 0.475, 0.45, 0.42, 0.395, 0.365, 0.335})
                s.holes.push_back({at, 0.0085, at > 0.44 ? 0.0085 * undercut : 0.0085, 0.007});
            s.holes.push_back({0.155, 0.0028, 0.0028, 0.012});
            return s;
        };
        std::vector<bool> low(9, true);
        low[0] = false;
        std::vector<bool> twelfth = low;
        twelfth[8] = false;
        const auto registers = [&](const Shape& s) {
            const Model m(s, Calibration{});
            return std::pair{m.registers({low, 1}, 1).at(0), m.registers({twelfth, 1}, 3).at(1)};
        };
        const auto straight = registers(reed(1.0, 0.0146));
        const auto undercut = registers(reed(1.25, 0.0146));
        VERIFY_NEAR(straight.second / straight.first, 3.0, 0.05);
        QVERIFY(cents(undercut.first, straight.first) > cents(undercut.second, straight.second) + 1.0);
        // A mouthpiece bore of 0.589 in instead of 0.583 in plays lower: the trade says 20 to 25 cents, the model 4 to 7.
        const double wide = registers(reed(1.0, 0.589 * 0.0254)).first;
        const double narrow = registers(reed(1.0, 0.583 * 0.0254)).first;
        QVERIFY(cents(wide, narrow) < -3.0);
    }
    void aWiderBoreHardlyMovesTheTwelfthsHere()
    {
        // The trade says that a reed cylinder of 15 mm instead of 14.6 mm, tone holes alike, leaves low notes 20 to 30 cents
        // sharp against their twelfths. This model moves them by less than a cent: a limit of it, held so that a change shows.
        const auto twelfth = [](double bore) {
            Shape s;
            s.mouth = Shape::Mouth::ClosedTop;
            s.excitation[0] = 1.5e-6;
            s.bore = {{0.0, bore}, {0.55, bore}, {0.60, bore * 1.3}, {0.66, bore * 3.5}};
            s.wall_m = 0.005;
            for (const double at : {0.535, 0.505, 0.475, 0.45, 0.42, 0.395, 0.365, 0.335})
                s.holes.push_back({at, 0.0085, 0.0085, 0.007});
            s.holes.push_back({0.155, 0.0028, 0.0028, 0.012});
            std::vector<bool> low(9, true);
            low[0] = low[1] = false;
            std::vector<bool> high = low;
            high[8] = false;
            const Model m(s, Calibration{});
            return cents(m.registers({high, 1}, 3).at(1), 3.0 * m.registers({low, 1}, 1).at(0));
        };
        VERIFY_NEAR(twelfth(0.0150) - twelfth(0.0146), 0.0, 2.0);
    }
    void theDepthOfABlockWhistleSetsItsNote()
    {
        // Bore 3/8 in, 1 3/4 in deep, closed: a stopped pipe, below its quarter wave by its window, and the deeper the lower.
        Shape w;
        w.mouth = Shape::Mouth::Duct;
        w.excitation = {0.004, 0.006, 0.003, 0.0, 0.0, std::sqrt(3.0)}; // cut at 30 degrees
        w.footClosed = true;
        const auto note = [&](double inches) {
            w.bore = {{0.0, 0.375 * 0.0254}, {inches * 0.0254, 0.375 * 0.0254}};
            return Model(w, Calibration{}).registers({{}, 1}, 1).at(0);
        };
        const double quarter = 343.2 / (4.0 * 1.75 * 0.0254);
        QVERIFY(note(1.75) > 0.6 * quarter && note(1.75) < 0.9 * quarter);
        QVERIFY(note(1.75) < note(1.5) && note(1.5) < note(1.25));
    }
    void closedHolesSinkTheBottomNoteByUpToASemitone()
    {
        Shape narrow;
        narrow.mouth = Shape::Mouth::Duct;
        narrow.excitation = {0.004, 0.007, 0.003, 0.0, 0.0};
        narrow.bore = {{0.0, 0.011}, {0.27, 0.011}};
        narrow.wall_m = 0.004;
        const NoteQuery bare{{}, 1};
        const double before = Model(narrow, Calibration{}).frequencies(std::span(&bare, 1)).value().front();
        for (const double at : {0.22, 0.20, 0.18, 0.16, 0.14, 0.12})
            narrow.holes.push_back({at, 0.0075, 0.0075, 0.004});
        const NoteQuery closed{std::vector<bool>(6, true), 1};
        const double drop = cents(before, Model(narrow, Calibration{}).frequencies(std::span(&closed, 1)).value().front());
        QVERIFY2(drop > 20.0 && drop < 110.0, qPrintable(QString::number(drop)));
    }
};

QTEST_APPLESS_MAIN(TestTradeFacts)
#include "test_trade_facts.moc"
