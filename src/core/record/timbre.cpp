// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/record/timbre.h"

#include "core/base/statistics.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace dowel {

namespace {

// Changes that a listener hears. Common practice, no source.
constexpr std::array<double, NoteTimbre::Values> heard{0.06, 4.0, 4.0, 0.35, 6.0, 1.0};

std::array<std::optional<double>, NoteTimbre::Values> valuesOf(const HeardNote& note)
{
    return {note.speaks ? std::optional(note.speaks->seconds()) : std::nullopt,
            note.noise_dB,
            note.breath_dB,
            centreInFundamentals(note),
            evenToOdd_dB(note),
            note.levelSpread_dB};
}

struct Takes
{
    const HeardNote* first = nullptr;
    const HeardNote* last = nullptr;
    int count = 0;
};

/// Of each fingering, in the instrument's order.
std::vector<Takes> takesOf(const Workbook& book)
{
    std::vector<Takes> all(book.present().spec().fingerings.size());
    for (const PlacedReading& r : book.readings()) {
        const auto note = book.present().indexOf(r.reading->fingering);
        if (!note || !r.reading->note)
            continue;
        Takes& t = all[*note];
        t.last = &*r.reading->note;
        t.first = t.first == nullptr ? t.last : t.first;
        ++t.count;
    }
    return all;
}

void markOutOfLine(std::vector<NoteTimbre>& notes, std::size_t k)
{
    constexpr std::size_t fewest = 4;
    for (NoteTimbre& note : notes) {
        std::vector<double> all;
        for (const NoteTimbre& other : notes)
            if (other.registerNumber == note.registerNumber && other.value[k])
                all.push_back(*other.value[k]);
        if (!note.value[k] || all.size() < fewest)
            continue;
        const double middle = median(all);
        std::vector<double> off;
        for (const double v : all)
            off.push_back(std::abs(v - middle));
        note.standsOut[k] = std::abs(*note.value[k] - middle) > std::max(3.0 * median(off), heard[k]);
    }
}

} // namespace

namespace {

std::vector<double> partialsOf(const HeardNote& note)
{
    return {note.partials_dB.begin(), note.partials_dB.end()};
}

/// What a note is to sound like by the workbook's pattern; nothing where it says nothing of that note.
const NoteTimbre* alikeIn(const std::vector<NoteTimbre>& notes, const PatternEntry& pattern)
{
    for (const NoteTimbre& n : notes)
        if (pattern.alike && n.id == *pattern.alike)
            return &n;
    return nullptr;
}

void compare(std::vector<NoteTimbre>& notes, const PatternEntry& pattern)
{
    const std::vector<NoteTimbre> heardNotes = notes;
    for (NoteTimbre& n : notes) {
        n.standsOut = {};
        if (const NoteTimbre* alike = alikeIn(heardNotes, pattern)) {
            n.wanted = alike->value;
            n.beforePartials_dB = alike->partials_dB;
        }
        for (const PatternEntry::Note& p : pattern.notes)
            if (p.id == n.id) {
                n.wanted = p.value;
                n.beforePartials_dB = p.partials_dB;
            }
        for (std::size_t k = 0; k < NoteTimbre::Values; ++k)
            n.standsOut[k] = n.value[k] && n.wanted[k] && std::abs(*n.value[k] - *n.wanted[k]) > heard[k];
    }
}

} // namespace

std::vector<NoteTimbre> timbresOf(const Workbook& book)
{
    const auto takes = takesOf(book);
    const auto& fingerings = book.present().spec().fingerings;
    std::vector<NoteTimbre> notes;
    for (std::size_t i = 0; i < takes.size(); ++i) {
        NoteTimbre n{fingerings[i].id, fingerings[i].registerNumber, takes[i].count};
        if (takes[i].last != nullptr) {
            n.value = valuesOf(*takes[i].last);
            n.partials_dB = partialsOf(*takes[i].last);
        }
        notes.push_back(std::move(n));
    }
    if (const PatternEntry* pattern = book.pattern()) {
        compare(notes, *pattern);
        return notes;
    }
    for (std::size_t k = 0; k < NoteTimbre::Values; ++k)
        markOutOfLine(notes, k);
    return notes;
}

std::vector<NoteTimbre> timbreTrendsOf(const Workbook& book)
{
    const auto takes = takesOf(book);
    const auto& fingerings = book.present().spec().fingerings;
    std::vector<NoteTimbre> notes;
    for (std::size_t i = 0; i < takes.size(); ++i) {
        NoteTimbre n{fingerings[i].id, fingerings[i].registerNumber, takes[i].count};
        if (takes[i].count > 1) {
            const auto before = valuesOf(*takes[i].first);
            const auto now = valuesOf(*takes[i].last);
            n.partials_dB = partialsOf(*takes[i].last);
            n.beforePartials_dB = partialsOf(*takes[i].first);
            for (std::size_t k = 0; k < NoteTimbre::Values; ++k) {
                n.value[k] = now[k] && before[k] ? std::optional(*now[k] - *before[k]) : std::nullopt;
                n.standsOut[k] = n.value[k] && std::abs(*n.value[k]) > heard[k];
            }
        }
        notes.push_back(std::move(n));
    }
    return notes;
}

PatternEntry patternOf(const Workbook& good)
{
    PatternEntry pattern;
    pattern.from = good.present().spec().name;
    for (const NoteTimbre& n : timbresOf(good))
        if (n.takes > 0)
            pattern.notes.push_back({n.id, n.value, n.partials_dB});
    return pattern;
}

std::vector<Drift> driftsOf(const Workbook& book)
{
    struct Day
    {
        std::string at;
        std::size_t shape = 0;
        std::map<std::string, double> cents; ///< by fingering; the last of the day
    };
    std::vector<Day> days;
    for (const PlacedReading& r : book.readings()) {
        const std::string& at = r.entry->at;
        constexpr std::size_t dayLetters = 10; // of ISO 8601
        const bool same =
            !days.empty() && days.back().shape == r.shape && days.back().at.compare(0, dayLetters, at, 0, dayLetters) == 0;
        if (!same)
            days.push_back({at, r.shape, {}});
        // Warmer air sounds higher by the root of its temperature: that is the room's, not the instrument's.
        days.back().cents[r.reading->fingering.text] =
            1200.0 * std::log2(r.reading->pitch.hertz()) - 600.0 * std::log2(r.reading->air.kelvin());
    }
    std::vector<Drift> drifts;
    for (std::size_t i = 0; i < days.size(); ++i) {
        const Day& day = days[i];
        const auto first = std::find_if(days.begin(), days.end(), [&](const Day& d) { return d.shape == day.shape; });
        const auto last = std::find_if(days.rbegin(), days.rend(), [&](const Day& d) { return d.shape == day.shape; });
        if (&*first == &*last)
            continue; // once only
        Drift d{day.at, day.shape, 0, {}, Cents::fromCents(1e9), Cents::fromCents(-1e9)};
        for (const auto& [note, cents] : day.cents)
            if (const auto before = first->cents.find(note); before != first->cents.end()) {
                const Cents moved = Cents::fromCents(cents - before->second);
                d.mean = d.mean + moved;
                d.least = std::min(d.least, moved);
                d.most = std::max(d.most, moved);
                ++d.notes;
            }
        if (d.notes == 0)
            continue;
        d.mean = d.mean / d.notes;
        drifts.push_back(d);
    }
    return drifts;
}

} // namespace dowel
