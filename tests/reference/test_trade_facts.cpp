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
        const std::vector<NoteQuery> notes{{{true, true, true, true, true, true}, 1},
                                           {{false, true, true, true, true, true}, 1},
                                           {{false, false, true, true, true, true}, 1},
                                           {{false, false, false, true, true, true}, 1},
                                           {{false, false, false, true, false, true}, 1},
                                           {{false, false, false, true, false, false}, 1}};
        const double semitones[] = {-2.0, 1.0, 3.0, 5.0, 8.0, 10.0};
        Calibration c;
        c.kelvin = 297.15;
        const auto plain = Model(pentatonicPipe(), c).answers(notes);
        VERIFY_OK(plain);
        const auto off = [&](const std::vector<double>& f, std::size_t i) { return cents(f[i], 440.0 * std::exp2(semitones[i] / 12.0)); };
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
            const double rest = high - low * (*now)[3].centsPer[ParameterLayout::mouthLog] / (*now)[0].centsPer[ParameterLayout::mouthLog];
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
