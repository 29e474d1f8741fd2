// SPDX-License-Identifier: GPL-3.0-or-later
#include "player/player.h"

#include "core/base/thread_role.h"
#include "core/instrument/cuts/ream.h"
#include "player/tube.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace dowel::player {

namespace {

/// A seed of its own for each thing, so that one more hole does not change another's error.
std::uint64_t mixed(std::uint64_t seed, const std::string& name)
{
    for (const char c : name)
        seed = Random(seed ^ static_cast<std::uint64_t>(static_cast<unsigned char>(c))).next();
    return seed;
}

using std::numbers::pi;

// From harmonic to harmonic: a jet or reed that is driven moderately. Common practice, no source.
constexpr double driveFalls_dB = -8.0;
// A tube's answer counts by its root, as harmonics feed each other.
constexpr double answerCounts = 0.5;
/// A reed that yields stands for more volume than one of cane on a mouthpiece, differs more from piece to piece, and its wet wall
/// takes more of the sound. Common practice, no source.
struct SoftReed
{
    double volume = 1.0;
    double spread = 0.0; ///< logarithm, from piece to piece
    double losses = 1.0;
};
SoftReed reedOf(const InstrumentSpec& spec)
{
    if (!std::holds_alternative<ClosedTop>(spec.excitation) || std::get<ClosedTop>(spec.excitation).lip)
        return {};
    if (spec.material == "straw")
        return {1.25, 0.15, 1.1};
    if (spec.material == "vegetable")
        return {1.1, 0.10, 1.3};
    return {};
}

/// What a hand does to a take, in cents.
struct Unsteadiness
{
    double scatter; ///< from take to take, one sigma
    double drift;   ///< within one, at most, either way
    double vibrato;
    double noise_dB; ///< more breath beside the tone
};
Unsteadiness unsteadinessOf(Hand hand)
{
    return hand == Hand::Beginner ? Unsteadiness{5.0, 9.0, 4.0, 6.0} : Unsteadiness{1.0, 2.0, 1.5, 0.0};
}

constexpr double leastAnswer_dB = -36.0;
constexpr double mostAnswer_dB = 6.0;

} // namespace

SimulatedPlayer::SimulatedPlayer(const Practice& practice) : m_practice(practice)
{
    Random r(practice.seed);
    m_hidden.boreScale = 1.0 + 0.004 * r.normal();
    m_hidden.foot_m = 0.0003 * r.normal();
    m_hidden.mouthScale = std::exp(0.10 * r.normal());
    m_hidden.mouthSlope = 0.04 * r.normal();
    m_hidden.roughness = r.uniform(1.0, 1.3);
    m_hidden.breathKelvin = r.uniform(1.5, 4.5);
    m_hidden.blow_cents = 4.0 * r.normal();
    m_hidden.blowPerOctave_cents = 2.5 * r.normal();
    m_hidden.secondRegister_cents = 3.0 * r.normal();
    m_hidden.neighbours = r.uniform(1.0, 2.0);
    m_hidden.reed = r.normal();
}

namespace {

/// How much lower than measured a place lies, by the joints above it that are drawn out.
Metres lowerBy(const InstrumentSpec& spec, Metres at)
{
    Metres lower;
    for (const Slide& s : spec.slides)
        if (s.at < at)
            lower = lower + s.out;
    return lower;
}

/// The bore as it stands: a joint that is drawn out leaves a gap as wide as its socket.
std::vector<Station> boreAsItStands(const InstrumentSpec& spec)
{
    constexpr Metres step = Metres::fromMillimetres(0.05);
    const std::vector<Station> closed = soundingBore(spec);
    InstrumentSpec split = spec;
    split.bore = closed;
    for (const Slide& s : spec.slides)
        if (s.out > step) {
            splitBoreAt(split, s.at);
            splitBoreAt(split, s.at + step);
        }
    std::vector<Station> stands;
    for (const Station& station : split.bore) {
        Station there = station;
        there.at = station.at + lowerBy(spec, station.at);
        stands.push_back(there);
        for (const Slide& s : spec.slides)
            if (s.at == station.at && s.out > step) {
                stands.push_back({there.at + step, s.gapDiameter});
                stands.push_back({there.at + s.out, s.gapDiameter});
            }
    }
    return stands;
}

} // namespace

Tube SimulatedPlayer::hiddenTube(const Instrument& believed, const Fingering& fingering, Temperature room) const
{
    const InstrumentSpec& spec = believed.spec();
    Tube tube;
    for (const Station& s : boreAsItStands(spec))
        tube.bore.push_back({s.at.metres(), s.diameter.metres() / 2.0 * m_hidden.boreScale});
    tube.bore.back().at_m += m_hidden.foot_m;
    const auto open = believed.openShares(fingering);
    for (std::size_t i = 0; i < spec.holes.size(); ++i) {
        const Hole& h = spec.holes[i];
        Random r(mixed(m_practice.seed, h.id.text));
        const double place_m = 0.0003 * std::clamp(r.normal(), -2.0, 2.0);
        // Calipers read a hole's waist; how far the waist is from the whole differs from hole to hole.
        const double size_m = 0.00006 * std::clamp(r.normal(), -2.0, 2.0);
        const double depth = std::exp(0.05 * r.normal());
        const double bore_m = believed.boreDiameterAt(h.at).metres() / 2.0 * m_hidden.boreScale;
        const double oval = std::sqrt(h.elongation);
        const double radius = std::min(bore_m, h.diameter.metres() / 2.0 * oval + size_m / 2.0);
        tube.holes.push_back({(h.at + lowerBy(spec, h.at)).metres() + h.chimney.metres() * std::tan(h.slant_rad) + place_m,
                              radius, std::clamp(h.undercutDiameter.metres() / 2.0 * oval + size_m / 2.0, radius, bore_m),
                              h.chimney.metres() * depth / std::cos(h.slant_rad), open[i], h.count});
    }
    tube.footClosed = spec.foot == Foot::Closed;
    if (const auto* d = std::get_if<Duct>(&spec.excitation)) {
        tube.mouth = Mouth::Window;
        tube.mouthArea_m2 = d->windowLength.metres() * d->windowWidth.metres();
        tube.mouthDepth_m = (d->chimney.metres() + 1.3 * std::sqrt(tube.mouthArea_m2 / pi)) * m_hidden.mouthScale;
        tube.upstream_m = d->upstream.metres();
    } else if (const auto* t = std::get_if<Transverse>(&spec.excitation)) {
        tube.mouth = Mouth::Embouchure;
        tube.mouthArea_m2 = pi / 4.0 * t->holeLength.metres() * t->holeWidth.metres() * (1.0 - t->lipCover);
        // A chimney that opens out is as good as one shorter by its radii's ratio.
        const double wider = std::sqrt((1.0 + t->undercut / t->holeLength) * (1.0 + t->undercut / t->holeWidth));
        tube.mouthDepth_m = (t->chimney.metres() / wider + 1.4 * std::sqrt(tube.mouthArea_m2 / pi)) * m_hidden.mouthScale;
        tube.upstream_m = t->stopper.metres();
    } else {
        tube.mouth = Mouth::ClosedTop;
        tube.volume_m3 = std::get<ClosedTop>(spec.excitation).volume.cubicMetres() * m_hidden.mouthScale;
    }
    const SoftReed reed = reedOf(spec);
    tube.volume_m3 *= reed.volume * std::exp(reed.spread * m_hidden.reed);
    tube.mouthSlope = m_hidden.mouthSlope;
    tube.kelvin = room.kelvin() + m_hidden.breathKelvin * m_practice.warmed;
    double rough = 0.0; // as the maker says the wall is, along the tube
    for (std::size_t i = 1; i < spec.bore.size(); ++i)
        rough +=
            spec.bore[i - 1].roughness * ((spec.bore[i].at - spec.bore[i - 1].at) / (spec.bore.back().at - spec.bore.front().at));
    tube.roughness = m_hidden.roughness * rough * reed.losses;
    tube.neighbours = m_hidden.neighbours;
    return tube;
}

Result<Hertz> SimulatedPlayer::truth(const Instrument& believed, const Fingering& fingering, Temperature room) const
{
    const Tube tube = hiddenTube(believed, fingering, room);
    const auto sounding = soundingHz(tube, fingering.registerNumber);
    if (!sounding)
        return Error{ErrorCode::OutOfModelRange, fingering.id.text, {FactId::Register, fingering.registerNumber}};
    Random own(mixed(m_practice.seed, fingering.id.text));
    const double cents = m_hidden.blow_cents + m_hidden.blowPerOctave_cents * std::log2(*sounding / 700.0) +
                         (fingering.registerNumber > 1 ? m_hidden.secondRegister_cents : 0.0) + 1.0 * own.normal();
    return Hertz::fromHertz(*sounding * std::exp2(cents / 1200.0));
}

Result<PlayedTake> SimulatedPlayer::play(const Instrument& believed, const Fingering& fingering, std::uint64_t takeNumber) const
{
    enterDoor(Door::Player);
    const auto steady = DOWEL_TRY(truth(believed, fingering, m_practice.room));
    Random r(mixed(m_practice.seed + 0x51ED27 * (takeNumber + 1), fingering.id.text));
    const Unsteadiness hand = unsteadinessOf(m_practice.hand);
    PlayedTake take;
    take.truth = Hertz::fromHertz(steady.hertz() * std::exp2(hand.scatter * r.normal() / 1200.0));

    const double rate = 48000.0;
    const double silence_s = 0.15;
    const double sounding_s = r.uniform(1.5, 1.8);
    const double release_s = 0.06;
    const double flatStart_cents = r.uniform(20.0, 45.0);
    const double attack_s = r.uniform(0.03, 0.06);
    const double drift_cents = hand.drift * r.uniform(-1.0, 1.0);
    const double vibrato_cents = r.uniform(0.0, hand.vibrato);
    const double vibrato_Hz = r.uniform(4.5, 6.0);
    const double level = 0.25 * r.uniform(0.8, 1.2);
    // What drives the tube falls off with the harmonics; what the tube answers with makes the rest.
    std::array<double, 6> partial{};
    const auto answers = answersAt(hiddenTube(believed, fingering, m_practice.room), steady.hertz(), partial.size());
    for (std::size_t k = 0; k < partial.size(); ++k) {
        const double answer_dB = std::clamp(20.0 * std::log10(answers[k] / answers[0]), leastAnswer_dB, mostAnswer_dB);
        const double level_dB = driveFalls_dB * static_cast<double>(k) + answerCounts * answer_dB + 2.0 * r.normal();
        partial[k] = std::pow(10.0, level_dB / 20.0);
    }
    double power = 0.0;
    for (const double a : partial)
        power += 0.5 * a * a;
    const double noise = std::sqrt(power * std::pow(10.0, (hand.noise_dB - m_practice.noise_dB) / 10.0));

    take.samples.rate_Hz = rate;
    const auto count = static_cast<std::size_t>((2.0 * silence_s + sounding_s + release_s) * rate);
    take.samples.values.resize(count);
    std::array<double, partial.size()> turn{};
    for (double& t : turn)
        t = r.uniform(0.0, 2.0 * pi);
    double phase = 0.0;
    double breath = 0.0;
    for (std::size_t i = 0; i < count; ++i) {
        const double t = static_cast<double>(i) / rate - silence_s;
        const double room = 2e-5 * r.normal();
        breath = 0.7 * breath + 0.714 * r.normal(); // breath noise falls off above some kilohertz
        double value = room;
        if (t > 0.0 && t < sounding_s + release_s) {
            const double rise = 1.0 - std::exp(-t / attack_s);
            const double fall = t > sounding_s ? std::pow(std::cos(0.5 * pi * (t - sounding_s) / release_s), 2.0) : 1.0;
            const double cents = -flatStart_cents * std::exp(-t / attack_s) + drift_cents * (t / sounding_s - 0.5) +
                                 vibrato_cents * std::sin(2.0 * pi * vibrato_Hz * t);
            phase += 2.0 * pi * take.truth.hertz() * std::exp2(cents / 1200.0) / rate;
            double tone = 0.0;
            for (std::size_t k = 0; k < partial.size(); ++k) {
                const double n = static_cast<double>(k + 1);
                if (n * take.truth.hertz() < 0.45 * rate)
                    tone += partial[k] * std::pow(rise, n) * std::sin(n * phase + turn[k]);
            }
            value += level * fall * (tone + noise * breath);
        }
        take.samples.values[i] = static_cast<float>(value);
    }
    return take;
}

} // namespace dowel::player
