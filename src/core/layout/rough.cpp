// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/rough.h"

#include "core/base/number_text.h"
#include "core/base/ratio.h"
#include "core/fit/placed.h"
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

namespace {

/// The blank before a hole is in it: what it sounds at a length, and how much longer it sounds than it measures.
class BareTube
{
public:
    /// Errors: those of Instrument::make() and fit().
    static Result<BareTube> of(const InstrumentSpec& spec)
    {
        BareTube tube;
        tube.m_spec = spec;
        tube.m_spec.holes.clear();
        tube.m_spec.fingerings.clear();
        const auto made = DOWEL_TRY(Instrument::make(tube.m_spec));
        const auto posterior = DOWEL_TRY(Posterior::prior(made));
        const auto placed = posterior.placed(made);
        tube.m_shape = placed.shape;
        tube.m_air = placed.calibration;
        tube.m_longest_m = made.length().metres();
        return tube;
    }
    [[nodiscard]] double longest_m() const { return m_longest_m; }
    /// A quarter or half of the wave of a note, whichever the tube holds, in metres.
    [[nodiscard]] double wave_m(double hertz) const
    {
        const bool quarter = (m_shape.mouth == acoustics::Shape::Mouth::ClosedTop) != m_shape.footClosed;
        return acoustics::airAt(Temperature::fromKelvin(m_air.kelvin)).speed_m_s / hertz / (quarter ? 4.0 : 2.0);
    }
    /// Cut off at that length, in hertz; nothing where it has no first register.
    [[nodiscard]] std::optional<double> sounding(double length_m) const
    {
        acoustics::Shape shape = m_shape;
        shape.bore.back().diameter_m = bore_m(length_m);
        while (shape.bore.size() > 1 && shape.bore[shape.bore.size() - 2].at_m >= length_m)
            shape.bore.erase(shape.bore.end() - 2);
        shape.bore.back().at_m = length_m;
        const acoustics::NoteQuery q{{}, 1, {}};
        const auto f = acoustics::Model(shape, m_air).frequencies(std::span(&q, 1));
        return f ? std::optional(f->front()) : std::nullopt;
    }
    [[nodiscard]] double bore_m(double at_m) const { return boreDiameterAt(m_spec.bore, Metres::fromMetres(at_m)).metres(); }
    /// The length at which it sounds a note; errors where it is too short for it, with by how much.
    [[nodiscard]] Result<double> lengthFor(const Fingering& lowest) const
    {
        const auto atFull = sounding(m_longest_m);
        if (!atFull)
            return Error{ErrorCode::OutOfModelRange, lowest.id.text, FactId::NoFirstRegister};
        const double wanted = lowest.target.hertz();
        constexpr double reach_cents = 30.0; // that a mouth may make up for
        if (centsOver(*atFull, wanted) > reach_cents)
            return Error{ErrorCode::BadGeometry,
                         "/bore",
                         {FactId::TooShortFor, Metres::fromMetres(m_longest_m), lowest.id.text,
                          Metres::fromMillimetres(std::round((wave_m(wanted) - wave_m(*atFull)) * 1e3))}};
        double low = 0.2 * m_longest_m;
        double high = m_longest_m;
        constexpr int halvings = 40;
        for (int i = 0; i < halvings; ++i) {
            const double middle = 0.5 * (low + high);
            const auto f = sounding(middle);
            (f && *f > wanted ? low : high) = middle;
        }
        return 0.5 * (low + high);
    }

private:
    InstrumentSpec m_spec;
    acoustics::Shape m_shape;
    acoustics::Calibration m_air;
    double m_longest_m = 0.0;
};

/// Where a first guess has the holes, in metres from the mouth; 0 where no fingering sets one.
std::vector<double> guessed(const Blank& blank, const InstrumentSpec& spec, const BareTube& tube, double length, double mouth,
                            const LayoutWishes& wishes)
{
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
        const double effective = tube.wave_m(f->target.hertz()) - mouth;
        const double spacing = std::max(0.010, below - effective);
        at[k] = effective - 0.5 * spacing * (std::sqrt(1.0 + 4.0 * deep / spacing) - 1.0);
        at[k] = std::min(at[k], below - hole - wishes.leastWood.metres());
        below = at[k];
    }
    return at;
}

/// Holes that no fingering sets stand evenly between those that are.
void spread(std::vector<double>& at, double length)
{
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
}

Hole usualHole(const Blank& blank, const InstrumentSpec& spec, std::size_t k, Metres at, const LayoutWishes& wishes)
{
    constexpr std::array<std::string_view, 6> usualDigits{"R3", "R2", "R1", "L3", "L2", "L1"};
    Hole h{};
    h.id = {"h" + std::to_string(k + 1)};
    h.at = at;
    const Metres bore = boreDiameterAt(spec.bore, h.at);
    h.diameter = std::clamp(bore * layout::usualShare, std::min(wishes.smallest, bore * 0.9),
                            std::max(wishes.smallest, std::min(wishes.largest, bore * 0.9)));
    h.undercutDiameter = h.diameter;
    h.chimney = wallAt(spec.bore, spec.wall, h.at);
    h.side = k < blank.sides.size() ? blank.sides[k] : Side::Front;
    h.aside = k < blank.asides.size() ? blank.asides[k] : Metres{};
    h.digit = k < blank.digits.size()                 ? blank.digits[k]
              : blank.holeCount == usualDigits.size() ? std::string(usualDigits[k])
                                                      : std::string();
    return h;
}

} // namespace

Result<Instrument> roughLayout(const Blank& blank, const LayoutWishes& wishes)
{
    const auto tube = DOWEL_TRY(BareTube::of(blank.spec));
    const Fingering* lowest = nullptr;
    for (const Fingering& f : blank.spec.fingerings)
        if (f.registerNumber == 1 && (lowest == nullptr || f.target < lowest->target))
            lowest = &f;
    if (lowest == nullptr)
        return Error{ErrorCode::BadFingering, "/fingerings", FactId::FirstRegisterNeeded};
    const auto length = DOWEL_TRY(wishes.fixedLength ? Result<double>(tube.longest_m()) : tube.lengthFor(*lowest));
    const auto sounds = tube.sounding(length);
    if (!sounds)
        return Error{ErrorCode::OutOfModelRange, lowest->id.text, FactId::NoFirstRegister};
    const double footEnd = 0.3 * tube.bore_m(length);
    const double mouth = tube.wave_m(*sounds) - length - footEnd;
    InstrumentSpec spec = blank.spec;
    spec.bore = boreEndingAt(std::move(spec.bore), Metres::fromMetres(length));
    auto at = guessed(blank, spec, tube, length, mouth, wishes);
    spread(at, length);
    for (std::size_t k = 0; k < at.size(); ++k)
        spec.holes.push_back(usualHole(blank, spec, k, Metres::fromMetres(at[k]), wishes));
    return Instrument::make(std::move(spec));
}

} // namespace dowel
