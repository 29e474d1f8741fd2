// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/rough.h"

#include "core/layout/layout.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace dowel {

/// One of register 1 that has hole k open and all above it closed, with the most open below: what sets that hole's place.
const Fingering* layout::setting(const InstrumentSpec& spec, std::size_t k, std::size_t count)
{
    const Fingering* found = nullptr;
    std::size_t most = 0;
    for (const Fingering& f : spec.fingerings) {
        if (f.registerNumber != 1)
            continue;
        std::vector<bool> closed(count, false);
        for (const HoleId& id : f.closed)
            for (std::size_t i = 0; i < count; ++i)
                closed[i] = closed[i] || id.text == "h" + std::to_string(i + 1);
        bool above = true;
        for (std::size_t i = k + 1; i < count; ++i)
            above = above && closed[i];
        const auto open =
            static_cast<std::size_t>(std::count(closed.begin(), closed.begin() + static_cast<std::ptrdiff_t>(k), false));
        if (!closed[k] && above && (found == nullptr || open > most)) {
            found = &f;
            most = open;
        }
    }
    return found;
}

Result<Instrument> roughLayout(const Blank& blank, const LayoutWishes& wishes)
{
    // The bare tube first: is it long enough for its lowest note, and how much longer does it sound than it measures?
    InstrumentSpec bare = blank.spec;
    bare.holes.clear();
    bare.fingerings.clear();
    const auto tube = Instrument::make(bare);
    if (!tube)
        return tube.error();
    const Fingering* lowest = nullptr;
    for (const Fingering& f : blank.spec.fingerings)
        if (f.registerNumber == 1 && (lowest == nullptr || f.target < lowest->target))
            lowest = &f;
    if (lowest == nullptr)
        return Error{ErrorCode::BadFingering, "/fingerings", "at least one fingering of register 1 is needed to lay out holes"};
    const auto posterior = fit(Workbook(*tube));
    if (!posterior)
        return posterior.error();
    const auto placed = posterior->placed(*tube);
    const bool quarter = (placed.shape.mouth == acoustics::Shape::Mouth::ClosedTop) != placed.shape.footClosed;
    const double speed = acoustics::airAt(Temperature::fromKelvin(placed.calibration.kelvin)).speed_m_s;
    const auto waveLength = [&](Hertz f) {
        return speed / f.hertz() / (quarter ? 4.0 : 2.0);
    };
    const auto sounding = [&](double length_m) -> std::optional<double> {
        acoustics::Shape shape = placed.shape;
        shape.bore.back().diameter_m = boreDiameterAt(bare.bore, Metres::fromMetres(length_m)).metres();
        while (shape.bore.size() > 1 && shape.bore[shape.bore.size() - 2].at_m >= length_m)
            shape.bore.erase(shape.bore.end() - 2);
        shape.bore.back().at_m = length_m;
        const acoustics::NoteQuery q{{}, 1, {}};
        const auto f = acoustics::Model(shape, placed.calibration).frequencies(std::span(&q, 1));
        return f ? std::optional(f->front()) : std::nullopt;
    };
    const double longest = tube->length().metres();
    const auto atFull = sounding(longest);
    if (!atFull)
        return Error{ErrorCode::OutOfModelRange, lowest->id.text, "the bare tube has no first register"};
    double length = longest;
    if (!wishes.fixedLength) {
        if (*atFull > lowest->target.hertz() * std::exp2(30.0 / 1200.0))
            return Error{
                ErrorCode::BadGeometry, "/bore",
                std::to_string(tube->length().millimetres()) + " mm; too short for " + lowest->id.text + " by about " +
                    std::to_string(std::lround((waveLength(lowest->target) - waveLength(Hertz::fromHertz(*atFull))) * 1e3)) +
                    " mm"};
        double low = 0.2 * longest;
        double high = longest;
        for (int i = 0; i < 40; ++i) {
            const double middle = 0.5 * (low + high);
            const auto f = sounding(middle);
            (f && *f > lowest->target.hertz() ? low : high) = middle;
        }
        length = 0.5 * (low + high);
    }
    const double footEnd = 0.3 * boreDiameterAt(bare.bore, Metres::fromMetres(length)).metres();
    const double mouth = waveLength(Hertz::fromHertz(*sounding(length))) - length - footEnd;

    InstrumentSpec spec = blank.spec;
    spec.bore = boreEndingAt(std::move(spec.bore), Metres::fromMetres(length));
    std::vector<double> at(blank.holeCount, 0.0);
    double below = length;
    for (std::size_t k = 0; k < blank.holeCount; ++k) {
        const Fingering* f = layout::setting(blank.spec, k, blank.holeCount);
        if (f == nullptr)
            continue;
        const double bore = boreDiameterAt(spec.bore, Metres::fromMetres(below)).metres();
        const double hole = std::clamp(layout::usualShare * bore, wishes.smallest.metres(), wishes.largest.metres());
        const double deep = (spec.wall.metres() + 0.75 * hole) * (bore * bore) / (hole * hole);
        // Benade's end of a lattice: how far below the hole the standing wave seems to end.
        const double effective = waveLength(f->target) - mouth;
        const double spacing = std::max(0.010, below - effective);
        at[k] = effective - 0.5 * spacing * (std::sqrt(1.0 + 4.0 * deep / spacing) - 1.0);
        at[k] = std::min(at[k], below - hole - wishes.leastWood.metres());
        below = at[k];
    }
    // Holes that no fingering sets stand evenly between those that are.
    for (std::size_t k = 0; k < at.size(); ++k) {
        if (at[k] > 0.0)
            continue;
        std::size_t next = k;
        while (next < at.size() && at[next] <= 0.0)
            ++next;
        const double from = k == 0 ? length : at[k - 1];
        const double to = next < at.size() ? at[next] : 0.5 * from;
        at[k] = from + (to - from) / static_cast<double>(next - k + 1);
    }
    constexpr std::array<std::string_view, 6> usualDigits{"R3", "R2", "R1", "L3", "L2", "L1"};
    for (std::size_t k = 0; k < at.size(); ++k) {
        Hole h{};
        h.id = {"h" + std::to_string(k + 1)};
        h.at = Metres::fromMetres(at[k]);
        const Metres bore = boreDiameterAt(spec.bore, h.at);
        h.diameter = std::clamp(bore * layout::usualShare, std::min(wishes.smallest, bore * 0.9),
                                std::max(wishes.smallest, std::min(wishes.largest, bore * 0.9)));
        h.undercutDiameter = h.diameter;
        h.chimney = wallAt(spec.bore, spec.wall, h.at);
        h.side = k < blank.sides.size() ? blank.sides[k] : Side::Front;
        h.aside = k < blank.asides.size() ? blank.asides[k] : Metres{};
        h.digit = k < blank.digits.size()           ? blank.digits[k]
                  : at.size() == usualDigits.size() ? std::string(usualDigits[k])
                                                    : std::string();
        spec.holes.push_back(std::move(h));
    }
    return Instrument::make(std::move(spec));
}

} // namespace dowel
