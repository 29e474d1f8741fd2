// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/shaping.h"

#include "core/instrument/whole.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace dowel {

namespace {

constexpr std::array<std::string_view, 6> names{"stopper", "head_taper", "taper", "bore", "undercut", "fingerings"};
// Of the tube, as long as the head of a side-blown flute; common practice, no source.
constexpr double headShare = 0.3;
constexpr double widestUndercut = 0.95; // of the bore
constexpr double mostUndercut_mm = 1.5;

double headEnd_m(const InstrumentSpec& spec)
{
    return headShare * spec.bore.back().at.metres();
}

} // namespace

std::string_view shapingName(Shaping s)
{
    return names[static_cast<std::size_t>(s)];
}

std::optional<Shaping> shapingFromName(std::string_view name)
{
    const auto at = std::find(names.begin(), names.end(), name);
    return at == names.end() ? std::nullopt : std::optional(static_cast<Shaping>(at - names.begin()));
}

bool offers(const InstrumentSpec& spec, Shaping shaping)
{
    const bool blownAcross = std::holds_alternative<Transverse>(spec.excitation);
    switch (shaping) {
    case Shaping::Stopper:
    case Shaping::HeadTaper: return blownAcross;
    case Shaping::Taper:
    case Shaping::Bore: return true;
    case Shaping::Undercut: break;
    case Shaping::Fingerings: break;
    }
    return spec.fingerings.size() > 1;
}

namespace layout {

std::vector<Reshaping> reshapingsOf(const InstrumentSpec& spec, const std::vector<Shaping>& allowed)
{
    std::vector<Reshaping> found;
    const double bore = spec.bore.front().diameter.millimetres();
    for (const Shaping s : allowed) {
        if (!offers(spec, s))
            continue;
        switch (s) {
        case Shaping::Stopper: {
            if (keptNodeAbove(spec)) // a node does not move
                break;
            const double now = std::get<Transverse>(spec.excitation).stopper.millimetres();
            found.push_back({s, 0, std::min(0.0, 0.5 * bore - now), std::max(0.0, 1.5 * bore - now)});
            break;
        }
        case Shaping::HeadTaper: found.push_back({s, 0, 0.0, 0.16 * bore}); break;
        case Shaping::Taper: found.push_back({s, 0, -0.05 * bore, 0.2 * bore}); break;
        case Shaping::Bore: found.push_back({s, 0, -0.15 * bore, 0.15 * bore}); break;
        case Shaping::Undercut:
            for (std::size_t k = 0; k < spec.holes.size(); ++k)
                found.push_back({s, k, 0.0, mostUndercut_mm});
            break;
        case Shaping::Fingerings: break; // no number
        }
    }
    return found;
}

InstrumentSpec readyFor(InstrumentSpec spec, const std::vector<Reshaping>& reshapings)
{
    const bool head =
        std::any_of(reshapings.begin(), reshapings.end(), [](const Reshaping& r) { return r.kind == Shaping::HeadTaper; });
    if (!head)
        return spec;
    const Metres end = Metres::fromMetres(headEnd_m(spec));
    const auto below = std::find_if(spec.bore.begin(), spec.bore.end(), [&](const Station& s) { return s.at > end; });
    constexpr double there_m = 1e-3;
    if (below == spec.bore.begin() || below == spec.bore.end() || (end - std::prev(below)->at).metres() < there_m)
        return spec;
    Station s = *std::prev(below);
    s.diameter = boreDiameterAt(spec.bore, end);
    if (s.wall)
        s.wall = wallAt(spec.bore, spec.wall, end);
    s.at = end;
    spec.bore.insert(below, s);
    return spec;
}

void reshape(InstrumentSpec& spec, const InstrumentSpec& base, const Reshaping& r, double amount_mm)
{
    const Metres amount = Metres::fromMillimetres(amount_mm);
    const auto widened = [&](auto share) {
        for (Station& s : spec.bore)
            s.diameter = s.diameter + amount * share(s.at.metres());
    };
    switch (r.kind) {
    case Shaping::Stopper:
        std::get<Transverse>(spec.excitation).stopper = std::get<Transverse>(base.excitation).stopper + amount;
        break;
    case Shaping::HeadTaper: {
        const double end = headEnd_m(base);
        widened([end](double at) { return -std::max(0.0, 1.0 - at / end); });
        break;
    }
    case Shaping::Taper: {
        const double end = base.bore.back().at.metres();
        widened([end](double at) { return -at / end; });
        break;
    }
    case Shaping::Bore: widened([](double) { return 1.0; }); break;
    case Shaping::Undercut: {
        Hole& h = spec.holes[r.hole];
        const Metres most = boreDiameterAt(spec.bore, h.at) * widestUndercut;
        h.undercutDiameter = std::max(h.diameter, std::min(most, h.undercutDiameter + amount));
        break;
    }
    case Shaping::Fingerings: break;
    }
}

namespace {

/// The fingering with one or two holes the other way round, fewest first.
std::vector<Fingering> nearby(const InstrumentSpec& spec, const Fingering& of)
{
    std::vector<Fingering> found;
    const std::size_t n = spec.holes.size();
    const auto turned = [&](const std::vector<std::size_t>& holes) {
        Fingering f = of;
        for (const std::size_t k : holes) {
            const HoleId& id = spec.holes[k].id;
            if (std::erase(f.closed, id) == 0)
                f.closed.push_back(id);
            std::erase_if(f.half, [&](const HalfHole& half) { return half.hole == id; });
        }
        f.id.text = "f" + std::to_string(found.size());
        found.push_back(std::move(f));
    };
    for (std::size_t i = 0; i < n; ++i)
        turned({i});
    for (std::size_t i = 0; i < n; ++i)
        for (std::size_t k = i + 1; k < n; ++k)
            turned({i, k});
    return found;
}

/// What another fingering sounds, where the model finds its resonance.
std::optional<double> soundOf(const Instrument& shape, const Priors& priors, Fingering f)
{
    InstrumentSpec spec = shape.spec();
    spec.fingerings = {std::move(f)};
    const auto alone = Instrument::make(std::move(spec));
    const auto posterior = alone ? Posterior::prior(*alone, priors) : Result<Posterior>(alone.error());
    const auto cents = posterior ? posterior->cents(*alone) : Result<std::vector<double>>(posterior.error());
    return cents ? std::optional(cents->front()) : std::nullopt;
}

} // namespace

Result<std::optional<std::vector<Fingering>>> otherFingerings(const Instrument& shape, const Posterior& posterior)
{
    const auto cents = DOWEL_TRY(posterior.cents(shape));
    constexpr double worthIt_cents = 3.0;
    std::vector<Fingering> chart = shape.spec().fingerings;
    bool changed = false;
    for (std::size_t i = 0; i < chart.size(); ++i) {
        const double off = std::abs(cents[i]);
        if (off <= chart[i].tolerance.cents() || chart[i].registerNumber < 2)
            continue; // a low note's own fingering is what its hole is for
        double best = off - worthIt_cents;
        Fingering chosen = chart[i];
        for (Fingering& f : nearby(shape.spec(), chart[i])) {
            const auto sounds = soundOf(shape, posterior.priors(), f);
            if (!sounds || std::abs(*sounds) >= best)
                continue;
            best = std::abs(*sounds);
            f.id = chart[i].id;
            chosen = std::move(f);
            if (best < 0.5 * chosen.tolerance.cents())
                break; // near enough with the fewest fingers
        }
        changed = changed || !(chosen == chart[i]);
        chart[i] = std::move(chosen);
    }
    return changed ? std::optional(std::move(chart)) : std::optional<std::vector<Fingering>>();
}

} // namespace layout

} // namespace dowel
