// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/brighter.h"

#include "core/acoustics/colour.h"
#include "core/fit/placed.h"
#include "core/record/timbre.h"
#include "store/store.h"

#include <algorithm>
#include <cmath>
#include <span>

namespace dowel::session {

namespace {

Result<double> brightnessOf(const Posterior& posterior, const Instrument& shape, const Fingering& fingering)
{
    const auto placed = posterior.placed(shape);
    const acoustics::Model model(placed.shape, placed.calibration);
    const acoustics::NoteQuery q{shape.closedHoles(fingering), fingering.registerNumber, shape.openShares(fingering)};
    const auto colours = DOWEL_TRY(acoustics::coloursOf(model, std::span(&q, 1)));
    return colours.front().brightness;
}

struct Trial
{
    std::variant<Enlarge, Undercut, SmoothedBore> work;
    Result<Instrument> shape;
};

std::vector<Trial> trialsOf(const Instrument& shape, const Fingering& fingering)
{
    std::vector<Trial> trials;
    const auto open = shape.openShares(fingering);
    const auto& holes = shape.spec().holes;
    // From the mouth: the first that lets the sound out.
    for (std::size_t i = holes.size(); i-- > 0;) {
        if (open[i] < 1.0)
            continue;
        const Enlarge larger{holes[i].id, holes[i].diameter + triedLarger};
        trials.push_back({larger, applied(shape, larger)});
        const Undercut under{holes[i].id, holes[i].undercutDiameter + triedUndercut};
        trials.push_back({under, applied(shape, under)});
        break;
    }
    InstrumentSpec smooth = shape.spec();
    bool rough = false;
    for (Station& s : smooth.bore) {
        rough = rough || s.roughness > 1.0;
        s.roughness = 1.0;
    }
    if (rough)
        trials.push_back({SmoothedBore{}, Instrument::make(std::move(smooth), Instrument::Neighbours::MayMeet)});
    return trials;
}

} // namespace

Result<std::vector<Brightening>> brighteningsOf(const Posterior& posterior, const Instrument& shape, const FingeringId& note)
{
    const auto at = shape.indexOf(note);
    if (!at)
        return Error{ErrorCode::BadFingering, note.text, FactId::NoSuchFingering};
    const auto& notes = shape.spec().fingerings;
    const auto now = posterior.cents(shape);
    const auto before = brightnessOf(posterior, shape, notes[*at]);
    if (!now || !before)
        return now ? before.error() : now.error();
    const auto within = [&notes](const std::vector<double>& cents, std::size_t i) {
        return std::abs(cents[i]) <= notes[i].tolerance.cents();
    };
    std::vector<Brightening> all;
    for (const Trial& t : trialsOf(shape, notes[*at])) {
        if (!t.shape)
            continue; // no room for it
        const auto then = posterior.cents(*t.shape);
        const auto after = brightnessOf(posterior, *t.shape, notes[*at]);
        if (!then || !after || *after <= *before)
            continue;
        bool staysIn = within(*then, *at);
        for (std::size_t i = 0; i < notes.size(); ++i)
            staysIn = staysIn && (!within(*now, i) || within(*then, i));
        all.push_back({t.work, *after - *before, Cents::fromCents((*now)[*at]), Cents::fromCents((*then)[*at]), staysIn});
    }
    std::stable_sort(all.begin(), all.end(), [](const Brightening& a, const Brightening& b) {
        return std::pair(a.staysIn, a.brighter) > std::pair(b.staysIn, b.brighter);
    });
    return all;
}

Result<PatternEntry> patternIn(const std::string& path)
{
    const auto store = DOWEL_TRY(Store::open(path, Store::Mode::Look));
    PatternEntry pattern = patternOf(store.book());
    if (pattern.notes.empty())
        return Error{ErrorCode::BadValue, path, FactId::NothingHeard};
    return pattern;
}

} // namespace dowel::session
