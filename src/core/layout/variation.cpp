// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/variation.h"

#include "core/base/number_text.h"
#include "core/base/thread_role.h"
#include "core/fit/placed.h"
#include "core/tuning/pitch.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <numbers>
#include <span>

namespace dowel {

namespace {

constexpr const char* registerHoleId = "register";

Error badAmount(const Change& change, Fact fact)
{
    return Error{ErrorCode::BadValue, std::string(changeName(change)), std::move(fact)};
}

Status put(InstrumentSpec& spec, const RoughBore& c)
{
    if (!(c.times >= 1.0 && c.times <= 10.0))
        return badAmount(c, {FactId::Within, c.times, 1, 10});
    const Metres foot = spec.bore.back().at;
    const Metres to = c.to > c.from && c.to < foot ? c.to : foot;
    if (!(c.from.metres() >= 0.0 && c.from < foot))
        return badAmount(c, {FactId::LongIs, c.from, foot});
    splitBoreAt(spec, c.from);
    splitBoreAt(spec, to);
    for (Station& s : spec.bore)
        if (s.at >= c.from && s.at < to)
            s.roughness = c.times;
    return Done{};
}

Status put(InstrumentSpec& spec, const FingerGrooves& c)
{
    for (Hole& h : spec.holes) {
        if (!(c.deep.metres() >= 0.0 && c.deep < h.chimney))
            return badAmount(c, {FactId::WallIs, c.deep, h.chimney});
        h.chimney = h.chimney - c.deep;
    }
    return Done{};
}

Status put(InstrumentSpec& spec, const OnTheFoot& c)
{
    if (spec.foot == Foot::Closed)
        return badAmount(c, FactId::FootClosed);
    for (const auto& [size, most] : {std::pair(c.length, 1.0), std::pair(c.mouth, 0.5)})
        if (!(size.metres() > 0.0 && size.metres() < most))
            return badAmount(c, {FactId::AboveBelow, size, Metres(), Metres::fromMetres(most)});
    spec.footPiece = c;
    return Done{};
}

Status put(InstrumentSpec& spec, const Mouthpiece& c)
{
    auto* top = std::get_if<ClosedTop>(&spec.excitation);
    if (!top)
        return badAmount(c, FactId::NothingOfThatKind);
    if (!(c.times >= 0.2 && c.times <= 5.0))
        return badAmount(c, {FactId::Within, c.times, 0.2, 5});
    top->volume = CubicMetres::fromCubicMetres(top->volume.cubicMetres() * c.times);
    return Done{};
}

Status put(InstrumentSpec& spec, const PulledOut& c)
{
    if (!(c.by.metres() >= 0.0 && c.by.metres() <= 0.1))
        return badAmount(c, {FactId::Within, c.by, Metres(), Metres::fromMetres(0.1)});
    for (std::size_t i = 1; i < spec.bore.size(); ++i)
        spec.bore[i].at = spec.bore[i].at + c.by;
    // The gap is as wide as the bore where it opens: a station keeps the shape below it.
    Station below = spec.bore.front();
    below.at = c.by;
    if (c.by.metres() > 0.0)
        spec.bore.insert(spec.bore.begin() + 1, below);
    for (Hole& h : spec.holes)
        h.at = h.at + c.by;
    for (Slide& s : spec.slides)
        s.at = s.at + c.by;
    return Done{};
}

Status put(InstrumentSpec& spec, const RegisterHole& c)
{
    const Metres highest = spec.holes.empty() ? spec.bore.back().at : spec.holes.back().at;
    if (!(c.at.metres() > 0.0 && c.at < highest))
        return badAmount(c, {FactId::UnderHighestHole, c.at, highest});
    Hole hole;
    hole.id = HoleId{registerHoleId};
    hole.at = c.at;
    hole.diameter = c.diameter;
    hole.undercutDiameter = c.diameter;
    hole.chimney = wallAt(spec.bore, spec.wall, c.at);
    hole.side = Side::Back;
    hole.closure = Closure::Thumb;
    spec.holes.push_back(hole);
    for (Fingering& f : spec.fingerings)
        if (f.registerNumber == 1)
            f.closed.push_back(hole.id);
    return Done{};
}

Status put(InstrumentSpec& spec, const SlideGap& c)
{
    if (spec.foot != Foot::Closed)
        return badAmount(c, FactId::NothingOfThatKind);
    if (!(c.gap.metres() >= 0.0 && c.gap.millimetres() <= 1.0))
        return badAmount(c, {FactId::Within, c.gap, Metres(), Metres::fromMillimetres(1.0)});
    if (!(c.packing.metres() > 0.0))
        return badAmount(c, {FactId::Above, c.packing, Metres()});
    return Done{};
}

struct Heard
{
    std::vector<std::optional<double>> hertz;
    std::vector<acoustics::NoteColour> colours;
};

/// Each note by itself, so that one that the tube does not have costs only itself.
Heard heardOn(const Posterior& posterior, const Instrument& shape)
{
    const auto placed = posterior.placed(shape);
    const acoustics::Model model(placed.shape, placed.calibration);
    Heard heard;
    for (const Fingering& f : shape.spec().fingerings) {
        const acoustics::NoteQuery q{shape.closedHoles(f), f.registerNumber, shape.openShares(f)};
        const auto colour = acoustics::coloursOf(model, std::span(&q, 1));
        heard.hertz.push_back(colour ? std::optional(colour->front().hertz) : std::nullopt);
        heard.colours.push_back(colour ? colour->front() : acoustics::NoteColour{});
    }
    return heard;
}

/// The note that a tube cut to this length plays with its foot's addition on.
std::optional<double> lowestWith(const Posterior& posterior, const Instrument& now, const OnTheFoot& addition, Metres foot,
                                 std::size_t note)
{
    InstrumentSpec spec = now.spec();
    spec.limits = {};
    spec.bore = boreEndingAt(std::move(spec.bore), foot);
    spec.fingerings = {now.spec().fingerings[note]};
    const auto cut = Instrument::make(std::move(spec));
    const auto with = cut ? withChange(*cut, addition) : Result<Instrument>(cut.error());
    if (!with)
        return std::nullopt;
    return heardOn(posterior, *with).hertz.front();
}

std::optional<Metres> leftOff(const Posterior& posterior, const Instrument& now, const OnTheFoot& addition,
                              const std::vector<std::optional<double>>& hertz)
{
    std::optional<std::size_t> lowest;
    for (std::size_t i = 0; i < hertz.size(); ++i)
        if (hertz[i] && (!lowest || *hertz[i] < *hertz[*lowest]))
            lowest = i;
    if (!lowest)
        return std::nullopt;
    const double wanted = *hertz[*lowest];
    const auto& holes = now.spec().holes;
    const Metres top =
        holes.empty() ? now.length() * 0.5 : holes.front().at + holes.front().diameter + Metres::fromMillimetres(1.0);
    const auto off = [&](double foot_m) {
        const auto f = lowestWith(posterior, now, addition, Metres::fromMetres(foot_m), *lowest);
        return f ? std::log(*f / wanted) : std::numeric_limits<double>::quiet_NaN();
    };
    double low = top.metres();
    double high = now.length().metres() + 0.05; // a wide mouth can shorten the tube as heard
    if (!(off(low) > 0.0 && off(high) < 0.0))
        return std::nullopt;
    constexpr int halvings = 24;
    for (int i = 0; i < halvings; ++i) {
        const double middle = 0.5 * (low + high);
        (off(middle) > 0.0 ? low : high) = middle;
    }
    return now.length() - Metres::fromMetres(0.5 * (low + high));
}

} // namespace

std::string_view changeName(const Change& change)
{
    constexpr std::array<std::string_view, std::variant_size_v<Change>> names{
        "rough_bore", "finger_grooves", "on_the_foot", "mouthpiece", "pulled_out", "register_hole", "slide_gap"};
    return names[change.index()];
}

namespace {

/// Where a change keeps its amounts; null for one that it does not have.
struct AmountPlaces
{
    double* times = nullptr;
    Metres* first = nullptr;
    Metres* second = nullptr;
};

AmountPlaces placesOf(Change& change)
{
    struct Places
    {
        AmountPlaces operator()(RoughBore& c) const { return {&c.times, &c.from, &c.to}; }
        AmountPlaces operator()(FingerGrooves& c) const { return {nullptr, &c.deep, nullptr}; }
        AmountPlaces operator()(OnTheFoot& c) const { return {nullptr, &c.length, &c.mouth}; }
        AmountPlaces operator()(Mouthpiece& c) const { return {&c.times, nullptr, nullptr}; }
        AmountPlaces operator()(PulledOut& c) const { return {nullptr, &c.by, nullptr}; }
        AmountPlaces operator()(RegisterHole& c) const { return {nullptr, &c.at, &c.diameter}; }
        AmountPlaces operator()(SlideGap& c) const { return {nullptr, &c.gap, &c.packing}; }
    };
    return std::visit(Places{}, change);
}

} // namespace

ChangeAmounts amountsOf(const Change& change)
{
    Change copy = change;
    const AmountPlaces at = placesOf(copy);
    ChangeAmounts amounts;
    if (at.times != nullptr)
        amounts.times = *at.times;
    if (at.first != nullptr)
        amounts.first = *at.first;
    if (at.second != nullptr)
        amounts.second = *at.second;
    return amounts;
}

Change withAmounts(Change change, const ChangeAmounts& amounts)
{
    const AmountPlaces at = placesOf(change);
    if (at.times != nullptr && amounts.times)
        *at.times = *amounts.times;
    if (at.first != nullptr && amounts.first)
        *at.first = *amounts.first;
    if (at.second != nullptr && amounts.second)
        *at.second = *amounts.second;
    return change;
}

std::vector<Change> changesFor(const InstrumentSpec& spec)
{
    std::vector<Change> all{RoughBore{1.5, Metres{}, spec.bore.back().at}};
    if (!spec.holes.empty())
        all.push_back(FingerGrooves{Metres::fromMillimetres(1.0)});
    if (spec.foot == Foot::Open)
        all.push_back(OnTheFoot{spec.bore.back().diameter * 2.0, spec.bore.back().diameter * 2.0, true});
    if (const auto* top = std::get_if<ClosedTop>(&spec.excitation)) {
        all.push_back(Mouthpiece{1.1});
        all.push_back(PulledOut{Metres::fromMillimetres(2.0)});
        if (!top->lip)
            all.push_back(RegisterHole{spec.bore.back().at * 0.25, Metres::fromMillimetres(3.0)});
    }
    if (spec.family == Family::Slide)
        all.push_back(SlideGap{Metres::fromMillimetres(0.1), Metres::fromMillimetres(15.0)});
    return all;
}

Result<Instrument> withChange(const Instrument& now, const Change& change)
{
    InstrumentSpec spec = now.spec();
    if (const auto ok = std::visit([&spec](const auto& c) { return put(spec, c); }, change); !ok)
        return ok.error();
    return Instrument::make(std::move(spec));
}

double ringingLeft(Metres bore, const SlideGap& gap, double quality, int registerNumber)
{
    // Air at 20 degrees: viscosity of ISO 2533's dry air, density and speed as there.
    constexpr double viscosity = 1.81e-5;
    constexpr double density = 1.204;
    constexpr double speed = 343.2;
    const double d = bore.metres();
    const double conductance = std::numbers::pi * d * std::pow(gap.gap.metres(), 3) / (12.0 * viscosity * gap.packing.metres());
    if (conductance <= 0.0)
        return 1.0;
    const double impedance = density * speed / (std::numbers::pi / 4.0 * d * d);
    const double leaking = (2 * registerNumber - 1) * std::numbers::pi / (4.0 * conductance * impedance);
    return 1.0 / (1.0 + quality / leaking);
}

Result<Variation> varied(const Posterior& posterior, const Instrument& now, const Change& change)
{
    enterDoor(Door::Layout);
    auto with = DOWEL_TRY(withChange(now, change));
    const Heard before = heardOn(posterior, now);
    const Heard after = heardOn(posterior, with);
    Variation v{std::move(with), {}, {}};
    const auto* gap = std::get_if<SlideGap>(&change);
    const auto& notes = now.spec().fingerings;
    for (std::size_t i = 0; i < notes.size(); ++i) {
        const auto off = [&](const std::optional<double>& hertz) {
            return hertz ? std::optional(centsBetween(Hertz::fromHertz(*hertz), notes[i].target)) : std::nullopt;
        };
        NoteVaried n{notes[i].id, off(before.hertz[i]), off(after.hertz[i]), 0.0, after.colours[i].speech};
        double height = after.colours[i].height;
        if (gap)
            height *= ringingLeft(now.spec().bore.back().diameter, *gap, after.colours[i].quality, notes[i].registerNumber);
        if (before.colours[i].height > 0.0 && height > 0.0)
            n.stronger_dB = 20.0 * std::log10(height / before.colours[i].height);
        v.notes.push_back(n);
    }
    if (const auto* addition = std::get_if<OnTheFoot>(&change))
        v.leaveOff = leftOff(posterior, now, *addition, before.hertz);
    return v;
}

} // namespace dowel
