// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/expectation.h"

#include "core/acoustics/model.h"
#include "core/base/ratio.h"
#include "core/base/statistics.h"
#include "core/fit/placed.h"
#include "core/tuning/pitch.h"

#include <algorithm>
#include <span>

namespace dowel::session {

namespace {

// Before anything is known an instrument may stand this far from the published formulas; once its common shift is known,
// a note further off than this is another one.
constexpr double firstWindow_cents = 300.0;
constexpr double laterWindow_cents = 150.0;
constexpr std::size_t enoughReadings = 3;

/// As the fit has it: with another strength of the holes' hearing each other a forked fingering's second register may be another
/// resonance.
acoustics::Model beforeHearing(const Instrument& shape, Temperature room)
{
    return {acoustics::Shape::of(shape), expectedCalibration(shape.spec().tuning, room)};
}

Result<std::vector<double>> published(const Instrument& shape, Temperature room)
{
    return beforeHearing(shape, room).frequencies(queriesOf(shape));
}

} // namespace

/// A reed's cylinder and a stopped pipe have every other mode.
Modes modesOf(const Instrument& instrument)
{
    const auto* top = std::get_if<ClosedTop>(&instrument.spec().excitation);
    const bool odd = top != nullptr ? !top->lip && instrument.spec().foot == Foot::Open : instrument.spec().foot == Foot::Closed;
    return odd ? Modes::Odd : Modes::All;
}

Result<std::vector<Expectation>> expectations(const Workbook& book, Temperature room)
{
    const Instrument& shape = book.present();
    const auto now = DOWEL_TRY(published(shape, room));
    // Each fingering's holes in their first register, half-covered ones and all.
    auto firsts = queriesOf(shape);
    for (auto& q : firsts)
        q.registerNumber = 1;
    const acoustics::Model model = beforeHearing(shape, room);
    const auto low = model.frequencies(firsts);
    std::vector<Expectation> all;
    for (std::size_t i = 0; i < now.size(); ++i) {
        Expectation e{Hertz::fromHertz(now[i]), {}, Cents::fromCents(firstWindow_cents)};
        if (low) {
            e.firstRegister = Hertz::fromHertz((*low)[i]);
        } else { // one that does not sound there shall not hide the others
            const auto alone = model.frequencies(std::span(&firsts[i], 1));
            e.firstRegister = alone ? Hertz::fromHertz(alone->front()) : e.pitch;
        }
        all.push_back(e);
    }

    std::vector<double> shifts;
    std::size_t heardOn = book.shapes().size();
    std::vector<double> then;
    for (const PlacedReading& r : book.readings()) {
        if (r.shape != heardOn) {
            const auto p = published(book.shapes()[r.shape], r.reading->air);
            if (!p)
                continue;
            then = *p;
            heardOn = r.shape;
        }
        const auto note = shape.indexOf(r.reading->fingering);
        if (note)
            shifts.push_back(centsOver(r.reading->pitch.hertz(), then[*note]));
    }
    if (!shifts.empty()) {
        const double middle = median(shifts);
        const bool enough = shifts.size() >= enoughReadings;
        for (Expectation& e : all) {
            // A shift that one or two readings tell is believed as far as it goes, and the window stays wide.
            e.pitch =
                raisedBy(e.pitch, Cents::fromCents(enough ? middle : std::clamp(middle, -laterWindow_cents, laterWindow_cents)));
            if (enough)
                e.window = Cents::fromCents(laterWindow_cents);
        }
    }
    return all;
}

Result<Expectation> expectation(const Workbook& book, const FingeringId& fingering, Temperature room)
{
    const auto index = book.present().indexOf(fingering);
    if (!index)
        return Error{ErrorCode::UnknownName, "fingering", Fact::said(fingering.text)};
    const auto all = DOWEL_TRY(expectations(book, room));
    return all[*index];
}

} // namespace dowel::session
