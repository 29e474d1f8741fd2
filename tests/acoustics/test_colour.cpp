// SPDX-License-Identifier: GPL-3.0-or-later
// Proves strength and colour: the quality of a resonance against its width measured on the curve and against wall losses,
// the lattice cutoff against its formula and against what the tube does, harmonicity, and warnings where they belong.
#include "acoustics/closed_pipe.h"
#include "core/acoustics/colour.h"
#include "core/acoustics/jet.h"
#include "core/acoustics/line.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

using namespace dowel;
using namespace dowel::acoustics;

namespace {

NoteColour colourOf(const Shape& s, const NoteQuery& q)
{
    return coloursOf(Model(s, {}), std::span(&q, 1)).value().front();
}

} // namespace

class TestColour : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void theBreathForANoteFollowsIsingsNumber()
    {
        // I = (U / f) sqrt(d / W^3), U from Bernoulli (Ising 1971, after Fletcher and Rossing, The Physics of Musical
        // Instruments, chapter 16; from memory): back from the pressure to the number.
        const double f = 587.33;
        const double cutUp = 0.0042;
        const double windway = 0.0012;
        const double pressure =
            breathFor_Pa(Hertz::fromHertz(f), Metres::fromMetres(cutUp), Metres::fromMetres(windway), isingBest);
        const double jet = std::sqrt(2.0 * pressure / 1.16);
        VERIFY_NEAR(jet / f * std::sqrt(windway / std::pow(cutUp, 3)), 2.0, 1e-9);
        // A pipe an octave up wants four times the breath; a cut-up twice as high eight times.
        const auto breath = [&](double hertz, double up_mm) {
            return breathFor_Pa(Hertz::fromHertz(hertz), Metres::fromMillimetres(up_mm), Metres::fromMetres(windway), isingBest);
        };
        VERIFY_NEAR(breath(2.0 * f, 4.2) / breath(f, 4.2), 4.0, 1e-9);
        VERIFY_NEAR(breath(f, 8.4) / breath(f, 4.2), 8.0, 1e-9);
        // Between plates: 12 mu L U / h^2 (Batchelor 1967, section 4.2); in air at 10 m/s a channel 1 mm high
        // loses 1.88e-5 * 12 * 10 / 1e-6 = 2256 Pa a metre.
        const double of10 = 0.5 * 1.16 * 100.0;
        VERIFY_NEAR(windwayLoss_Pa(of10, Metres::fromMillimetres(1.0), Metres::fromMillimetres(40.0)), 2256.0 * 0.040, 0.1);
        VERIFY_NEAR(windwayLoss_Pa(of10, Metres::fromMillimetres(2.0), Metres::fromMillimetres(40.0)), 2256.0 * 0.010, 0.1);
        // Whistles are blown with some tens of pascals at their lowest note (common practice, no source).
        QVERIFY(pressure > 20.0 && pressure < 200.0);
    }
    void qualityIsTheWidthOfTheCurve()
    {
        const Shape s = Shape::of(fixtures::whistle());
        const Model m(s, {});
        for (const NoteQuery& q :
             {NoteQuery{std::vector<bool>(6, true), 1}, NoteQuery{{false, false, true, true, true, true}, 2}}) {
            const auto a = m.answers(std::span(&q, 1))->front();
            // Half power: the admittance falls by sqrt(2) where the reactance has grown to the resistance.
            const double peak = std::abs(1.0 / m.total(a.hertz, q));
            const auto edge = [&](double direction) {
                double low = 0.0;
                double high = 0.1;
                for (int i = 0; i < 60; ++i) {
                    const double middle = 0.5 * (low + high);
                    (std::abs(1.0 / m.total(a.hertz * (1.0 + direction * middle), q)) > peak / std::sqrt(2.0) ? low : high) =
                        middle;
                }
                return low;
            };
            VERIFY_NEAR(a.quality * (edge(1.0) + edge(-1.0)), 1.0, 0.03);
            // A resonance: a little beside it less comes through, both ways.
            for (const double beside : {0.997, 1.003})
                QVERIFY(std::abs(1.0 / m.total(a.hertz * beside, q)) < 0.97 * a.height);
        }
    }
    void qualityOfALongPipeIsItsWallLoss()
    {
        // Q = k / (2 alpha) where the walls take all (Fletcher and Rossing): a narrow pipe, closed at both ends.
        Shape s = closedPipe(0.6, 0.008, 0.001);
        s.footClosed = true;
        s.excitation[closedTop::volume] = 1e-12;
        const NoteQuery q{{}, 1};
        const auto a = Model(s, {}).answers(std::span(&q, 1))->front();
        const double omega = 2.0 * std::numbers::pi * a.hertz;
        const auto line = lineConstants(Medium<Complex>::at(AirOf<Complex>::at({293.15}), omega, 1.0), Complex(0.004));
        const Complex gamma = std::sqrt(line.z * line.y);
        VERIFY_NEAR(a.quality / (gamma.imag() / (2.0 * gamma.real())), 1.0, 0.05);
    }
    void theCutoffIsBenadesFormula()
    {
        // Benade 1960 (from memory): f_c = 0.11 c (b/a) / sqrt(s t_e). A clarinet-like lattice, b 4 mm, a 7.5 mm, holes
        // 19 mm apart, t_e 12 mm: near 1.6 to 2 kHz.
        const double f = latticeCutoffHz(343.0, 0.004, 0.0075, 0.0095, 0.012);
        VERIFY_NEAR(f, 0.11 * 343.0 * (0.004 / 0.0075) / std::sqrt(0.0095 * 0.012), 1e-9);
        QVERIFY(f > 1500.0 && f < 2200.0);
    }
    void aboveTheCutoffLittleComesBack()
    {
        // A tube ending in a regular lattice of ten open holes: well below its cutoff nearly all is reflected, above little.
        Shape s = closedPipe(0.5, 0.015, 0.001);
        for (int i = 0; i < 10; ++i)
            s.holes.push_back({0.49 - 0.02 * i, 0.008, 0.008, 0.004});
        const NoteQuery q{std::vector<bool>(10, false), 1};
        const double cutoff = colourOf(s, q).cutoff_Hz;
        QVERIFY(cutoff > 1000.0 && cutoff < 3000.0);
        const Model m(s, {});
        const double zc = airAt(Temperature::fromCelsius(20.0)).density_kg_m3 * 343.2 / (std::numbers::pi * 0.0075 * 0.0075);
        // Peaks of the impedance over 200 Hz around: the standing wave's height.
        const auto swing = [&](double centre) {
            double most = 0.0;
            for (double f = centre - 250.0; f < centre + 250.0; f += 2.0)
                most = std::max(most, std::abs(m.tubeImpedance(f, q)) / zc);
            return most;
        };
        QVERIFY2(
            swing(0.5 * cutoff) > 2.5 * swing(1.5 * cutoff),
            qPrintable(QStringLiteral("%1 and %2, cutoff %3").arg(swing(0.5 * cutoff)).arg(swing(1.5 * cutoff)).arg(cutoff)));
    }
    void aReedPipesSecondHarmonicHasNoResonance()
    {
        Shape s = closedPipe(0.5, 0.0146, 0.001);
        s.excitation[closedTop::volume] = 1e-9;
        const auto harmonicity = colourOf(s, {{}, 1}).harmonicity;
        QVERIFY(std::none_of(harmonicity.begin(), harmonicity.end(),
                             [](const Harmonicity& h) { return h.harmonic == 2 || h.harmonic == 4; }));
        const auto third =
            std::find_if(harmonicity.begin(), harmonicity.end(), [](const Harmonicity& h) { return h.harmonic == 3; });
        QVERIFY(third != harmonicity.end());
        VERIFY_NEAR(third->cents, 0.0, 15.0);
    }
    void aSoundWhistleSpeaksAndAPorousOneDoesNot()
    {
        const Instrument w = fixtures::whistle();
        Shape s = Shape::of(w);
        const NoteQuery low{std::vector<bool>(6, true), 1};
        QVERIFY(colourOf(s, low).speech == Speech::Well);
        QVERIFY(colourOf(s, low).reason == SpeechReason::None);
        for (auto& b : s.bore)
            b.surface = {2.0, 0.003};
        const NoteColour leaky = colourOf(s, low);
        QVERIFY(leaky.speech != Speech::Well);
        QCOMPARE(reasonName(leaky.reason), std::string_view("weak resonance"));
        QVERIFY(leaky.quality < 0.5 * colourOf(Shape::of(w), low).quality);
    }
    void aCavityThatSpoilsTheOctaveIsWarnedOf()
    {
        // common practice, no source: with the stopper far out the octaves of a side-blown flute go wrong.
        Shape s = closedPipe(0.55, 0.019, 0.001);
        s.mouth = Shape::Mouth::Transverse;
        s.excitation = {0.012, 0.010, 0.0045, 0.017, 0.3, 0.0};
        const auto octave = [&](double stopper) {
            s.excitation[across::stopper] = stopper;
            return colourOf(s, {{}, 1});
        };
        QVERIFY(octave(0.017).speech == Speech::Well);
        const NoteColour far = octave(0.110);
        QVERIFY(far.speech == Speech::Reluctantly);
        QVERIFY(far.reason == SpeechReason::OctaveAway);
    }
    void aReedsTwelfthNeedsAVent()
    {
        // common practice, no source: without a register hole a reed falls back into its low register.
        Shape s = closedPipe(0.5, 0.0146, 0.001);
        s.excitation[closedTop::volume] = 1.5e-6;
        s.holes = {{0.16, 0.0025, 0.0025, 0.006}};
        const NoteColour without = colourOf(s, {{true}, 2});
        QVERIFY(without.speech == Speech::Reluctantly);
        QVERIFY(without.reason == SpeechReason::LowerIsStronger);
        QVERIFY(colourOf(s, {{false}, 1}).height < colourOf(s, {{true}, 1}).height);
    }
    void moreOpenHolesSoundBrighter()
    {
        // What the resonances support: smaller holes with a lower cutoff give the duller note.
        const Instrument w = fixtures::whistle();
        Shape small = Shape::of(w);
        Shape large = small;
        for (auto& h : small.holes)
            h.diameter_m = h.undercut_m = 0.0035;
        for (auto& h : large.holes)
            h.diameter_m = h.undercut_m = 0.0095;
        const NoteQuery q{{false, false, false, true, true, true}, 1};
        QVERIFY(colourOf(small, q).cutoff_Hz < 0.6 * colourOf(large, q).cutoff_Hz);
    }
    void theFormulasSpreadIsSmallButThere()
    {
        const Instrument w = fixtures::whistle();
        std::vector<NoteQuery> q;
        for (const auto& f : w.spec().fingerings)
            q.push_back({w.closedHoles(f), f.registerNumber, {}});
        const auto spread = formulaSpread(Shape::of(w), {}, q);
        VERIFY_OK(spread);
        for (const double s : *spread)
            QVERIFY(s > 0.001 && s < 15.0);
    }
};

DOWEL_TEST(TestColour)
#include "test_colour.moc"
