// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/compare.h"

#include "core/fit/fit.h"
#include "core/tuning/pitch.h"
#include "store/store.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace dowel::session {

namespace {

bool alike(const std::vector<Fingering>& a, const std::vector<Fingering>& b)
{
    return std::equal(a.begin(), a.end(), b.begin(), b.end(), [](const Fingering& f, const Fingering& g) {
        return f.id == g.id && f.closed == g.closed && f.half == g.half && f.registerNumber == g.registerNumber;
    });
}

SideBySide::One firstHeard(const Workbook& book)
{
    const InstrumentSpec& spec = book.specified().spec();
    SideBySide::One one{spec.name, {}, {}};
    std::vector<double> sums(spec.fingerings.size());
    std::vector<int> counts(spec.fingerings.size());
    for (const PlacedReading& r : book.readings()) {
        const auto note = book.specified().indexOf(r.reading->fingering);
        if (r.shape != 0 || !note)
            continue;
        sums[*note] +=
            (centsBetween(r.reading->pitch, spec.fingerings[*note].target) + higherIn(spec.tuning.playedAt, r.reading->air))
                .cents();
        ++counts[*note];
    }
    for (std::size_t i = 0; i < sums.size(); ++i)
        one.off.push_back(counts[i] == 0 ? std::nullopt : std::optional(Cents::fromCents(sums[i] / counts[i])));
    return one;
}

/// What the model makes of a drawing before anything is heard.
Result<std::vector<double>> modelled(const Instrument& drawing)
{
    const auto posterior = DOWEL_TRY(Posterior::prior(drawing));
    return posterior.cents(drawing);
}

} // namespace

std::vector<std::optional<Cents>> SideBySide::ownSd() const
{
    std::vector<std::optional<Cents>> sds;
    for (std::size_t note = 0; note < notes.size(); ++note) {
        double squares = 0.0;
        int count = 0;
        for (const One& one : instruments)
            if (const auto& own = one.own[note]) {
                squares += own->cents() * own->cents();
                ++count;
            }
        sds.push_back(count < 2 ? std::nullopt : std::optional(Cents::fromCents(std::sqrt(squares / (count - 1)))));
    }
    return sds;
}

Result<std::vector<Workbook>> booksToCompare(const std::vector<std::string>& paths, const Cancel& cancel)
{
    std::vector<Workbook> books;
    std::map<std::string, std::string> known;
    for (const std::string& path : paths) {
        const auto store = DOWEL_TRY(Store::open(path, Store::Mode::Look, cancel));
        if (const auto [other, fresh] = known.emplace(store.identity(), path); !fresh)
            return Error{ErrorCode::BadValue, path, {FactId::SameWood, other->second}};
        books.push_back(store.book());
    }
    return books;
}

Result<SideBySide> compared(std::span<const Workbook> books)
{
    if (books.size() < 2)
        return Error{ErrorCode::BadValue, "instruments", FactId::TwoSideBySide};
    SideBySide side;
    const auto& chart = books.front().specified().spec().fingerings;
    for (const Fingering& f : chart)
        side.notes.push_back(f.id);
    for (const Workbook& book : books) {
        const InstrumentSpec& spec = book.specified().spec();
        if (!alike(chart, spec.fingerings))
            return Error{ErrorCode::BadFingering, spec.name, {FactId::FingeredOtherwise, books.front().specified().spec().name}};
        side.instruments.push_back(firstHeard(book));
    }
    for (std::size_t note = 0; note < chart.size(); ++note) {
        double sum = 0.0;
        int count = 0;
        for (const auto& one : side.instruments)
            if (one.off[note]) {
                sum += one.off[note]->cents();
                ++count;
            }
        side.common.push_back(count < 2 ? std::nullopt : std::optional(Cents::fromCents(sum / count)));
        for (auto& one : side.instruments)
            one.own.push_back(one.off[note] && side.common[note] ? std::optional(*one.off[note] - *side.common[note])
                                                                 : std::nullopt);
    }
    return side;
}

Result<io::PlanKept> nextOne(std::span<const Workbook> books)
{
    const auto side = DOWEL_TRY(compared(books));
    // Each was drilled to its own sizes: what the model makes of them is the mean over the same instruments.
    std::vector<std::vector<double>> model;
    for (const Workbook& book : books) {
        auto cents = DOWEL_TRY(modelled(book.specified()));
        model.push_back(std::move(cents));
    }
    std::vector<std::optional<double>> above(side.notes.size());
    double sum = 0.0;
    int count = 0;
    for (std::size_t note = 0; note < above.size(); ++note) {
        if (!side.common[note])
            continue;
        double off = 0.0;
        int have = 0;
        for (std::size_t i = 0; i < books.size(); ++i)
            if (const auto& heard = side.instruments[i].off[note]) {
                off += heard->cents() - model[i][note];
                ++have;
            }
        above[note] = off / have;
        sum += *above[note];
        ++count;
    }
    if (count == 0)
        return Error{ErrorCode::BadValue, "instruments", FactId::NoNoteOnTwo};
    const Workbook& first = books.front();
    auto plan = first.plan() == nullptr ? Result<io::PlanKept>(io::planOf(first.specified())) : io::planFromText(*first.plan());
    if (!plan)
        return plan.error();
    plan->blank.spec.fingerings = first.specified().spec().fingerings;
    plan->blank.spec.tuning = first.specified().spec().tuning;
    plan->goal.reset();
    plan->done.clear();
    plan->model.reset();
    plan->wishes.heardAbove.clear();
    for (const auto& a : above)
        plan->wishes.heardAbove.push_back(Cents::fromCents(a.value_or(sum / count)));
    return plan;
}

} // namespace dowel::session
