// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/colour.h"

#include "core/acoustics/chain.h"
#include "core/base/ratio.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <optional>

namespace dowel::acoustics {

namespace {

// Above these a resonance holds a jet or reed surely; below, a maker finds a note slow or dead. Common practice, no source.
constexpr double sureQuality = 18.0;
constexpr double leastQuality = 9.0;
constexpr double sureHeight = 3.0;
constexpr double leastHeight = 1.5;
// A second resonance further from the harmonic pulls the note apart rather than helping it.
constexpr double helpful_cents = 70.0;
constexpr double wholeTone_cents = 200.0;
constexpr int harmonics = 6;

/// An open place: a hole or the foot.
struct Opening
{
    double at_m;
    double radius_m;
    double length_m; ///< effective
};

double boreRadiusAt(const Shape& s, double at_m)
{
    std::size_t i = 0;
    while (i + 2 < s.bore.size() && s.bore[i + 1].at_m < at_m)
        ++i;
    const double share = std::clamp((at_m - s.bore[i].at_m) / (s.bore[i + 1].at_m - s.bore[i].at_m), 0.0, 1.0);
    return 0.5 * (s.bore[i].diameter_m + share * (s.bore[i + 1].diameter_m - s.bore[i].diameter_m));
}

/// Cutoff of the first two open places seen from the mouth; a register vent high up, with closed holes below it, is none.
double cutoffOf(const Shape& s, const std::vector<double>& shares, double speed)
{
    std::vector<std::pair<double, std::size_t>> order;
    for (std::size_t i = 0; i < s.holes.size(); ++i)
        order.emplace_back(s.holes[i].at_m, i);
    std::sort(order.begin(), order.end());
    std::size_t lastClosed = order.size();
    for (std::size_t k = 0; k < order.size(); ++k)
        if (shares[order[k].second] <= 0.0)
            lastClosed = k;
    std::size_t from = 0;
    if (lastClosed < order.size()) {
        // From the first hole on below which no more than the odd closed one follows: a fork's open hole counts.
        from = order.size();
        for (std::size_t k = order.size(); k-- > 0;) {
            if (shares[order[k].second] >= 0.5)
                from = k;
            else if (k + 1 < order.size() && shares[order[k + 1].second] <= 0.0)
                break;
        }
    }
    std::vector<Opening> open;
    for (std::size_t k = from; k < order.size() && open.size() < 2; ++k) {
        const Shape::Hole& h = s.holes[order[k].second];
        if (shares[order[k].second] < 0.5)
            continue;
        const double b = 0.5 * h.diameter_m * std::sqrt(static_cast<double>(h.fittings.count));
        open.push_back({h.at_m, b, h.chimney_m + 1.5 * 0.5 * h.diameter_m});
    }
    if (open.empty())
        return 0.0;
    if (open.size() == 1)
        open.push_back({s.bore.back().at_m, 0.0, 0.0});
    const double half = 0.5 * (open[1].at_m - open[0].at_m);
    if (!(half > 0.0))
        return 0.0;
    return latticeCutoffHz(speed, open[0].radius_m, boreRadiusAt(s, open[0].at_m), half, open[0].length_m);
}

void grade(NoteColour& c, const Shape& shape, int registerNumber, const std::vector<double>& heights)
{
    const auto lower = [&c](Speech s, SpeechReason r) {
        if (s > c.speech) {
            c.speech = s;
            c.reason = r;
        }
    };
    const bool nearCutoff = c.cutoff_Hz > 0.0 && c.hertz > 0.95 * c.cutoff_Hz;
    const SpeechReason weak = nearCutoff ? SpeechReason::NearCutoff : SpeechReason::WeakResonance;
    if (c.quality < leastQuality || c.height < leastHeight)
        lower(Speech::Hardly, weak);
    else if (c.quality < sureQuality || c.height < sureHeight)
        lower(Speech::Reluctantly, weak);
    const auto octave =
        std::find_if(c.harmonicity.begin(), c.harmonicity.end(), [](const Harmonicity& h) { return h.harmonic == 2; });
    if (registerNumber == 1 && octave != c.harmonicity.end() && std::abs(octave->cents) > helpful_cents)
        lower(Speech::Reluctantly, SpeechReason::OctaveAway);
    if (shape.mouth == Shape::Mouth::ClosedTop && registerNumber > 1 && !heights.empty()) {
        const double strongest = *std::max_element(heights.begin(), heights.end());
        if (strongest > 1.25 * c.height)
            lower(Speech::Reluctantly, SpeechReason::LowerIsStronger);
    }
}

} // namespace

std::string_view speechName(Speech s)
{
    switch (s) {
    case Speech::Well: return "well";
    case Speech::Reluctantly: return "reluctantly";
    case Speech::Hardly: return "hardly";
    }
    return {};
}

std::string_view reasonName(SpeechReason r)
{
    switch (r) {
    case SpeechReason::None: return "";
    case SpeechReason::WeakResonance: return "weak resonance";
    case SpeechReason::NearCutoff: return "near the cutoff of the open holes";
    case SpeechReason::OctaveAway: return "second resonance far from the octave";
    case SpeechReason::LowerIsStronger: return "the register below is stronger";
    }
    return {};
}

double latticeCutoffHz(double speed_m_s, double holeRadius_m, double boreRadius_m, double halfSpacing_m, double length_m)
{
    return 0.11 * speed_m_s * (holeRadius_m / boreRadius_m) / std::sqrt(halfSpacing_m * length_m);
}

Result<std::vector<NoteColour>> coloursOf(const Model& model, std::span<const NoteQuery> notes)
{
    const auto answers = model.answers(notes);
    if (!answers)
        return answers.error();
    const Shape& shape = model.shape();
    const Calibration& cal = model.calibration();
    const double speed = AirOf<Complex>::at({cal.kelvin, cal.vapour, cal.carbonDioxide}).speed.real();
    std::vector<NoteColour> colours;
    for (std::size_t i = 0; i < notes.size(); ++i) {
        const NoteQuery& note = notes[i];
        NoteColour c;
        c.hertz = (*answers)[i].hertz;
        c.quality = (*answers)[i].quality;
        c.height = (*answers)[i].height;
        const auto resonances = model.registers(note, note.registerNumber * (harmonics + 1));
        for (int m = 2; m <= harmonics; ++m) {
            const double wanted = m * c.hertz;
            const auto nearest = std::min_element(resonances.begin(), resonances.end(), [wanted](double a, double b) {
                return std::abs(centsOver(a, wanted)) < std::abs(centsOver(b, wanted));
            });
            if (nearest != resonances.end() && std::abs(centsOver(*nearest, wanted)) < wholeTone_cents)
                c.harmonicity.push_back({m, centsOver(*nearest, wanted)});
        }
        c.cutoff_Hz = cutoffOf(shape, sharesOf(note), speed);
        double weight = 0.0;
        double moment = 0.0;
        for (int m = 1; m <= harmonics; ++m) {
            // What the mouth drives falls with the harmonic; what the tube answers is 1 / |total|.
            const double support = 1.0 / (m * std::abs(model.total(m * c.hertz, note)));
            weight += support;
            moment += m * support;
        }
        c.brightness = moment / weight;
        std::vector<double> lowerHeights;
        for (int n = 1; n < note.registerNumber && static_cast<std::size_t>(n) <= resonances.size(); ++n)
            lowerHeights.push_back(1.0 / std::abs(model.total(resonances[static_cast<std::size_t>(n) - 1], note).real()));
        grade(c, shape, note.registerNumber, lowerHeights);
        colours.push_back(std::move(c));
    }
    return colours;
}

Result<std::vector<double>> formulaSpread(const Shape& shape, const Calibration& calibration, std::span<const NoteQuery> notes)
{
    std::vector<std::vector<double>> cents;
    for (const HoleFormulas set : allHoleFormulas) {
        const auto hertz = DOWEL_TRY(Model(shape, calibration, {set, true}).frequencies(notes));
        std::vector<double> own;
        double mean = 0.0;
        for (const double f : hertz) {
            own.push_back(1200.0 * std::log2(f));
            mean += own.back() / static_cast<double>(hertz.size());
        }
        for (double& v : own)
            v -= mean;
        cents.push_back(std::move(own));
    }
    std::vector<double> spread;
    const auto sets = static_cast<double>(cents.size());
    for (std::size_t i = 0; i < notes.size(); ++i) {
        double mean = 0.0;
        for (const auto& own : cents)
            mean += own[i] / sets;
        double square = 0.0;
        for (const auto& own : cents)
            square += (own[i] - mean) * (own[i] - mean) / (sets - 1.0);
        spread.push_back(std::sqrt(square));
    }
    return spread;
}

} // namespace dowel::acoustics
