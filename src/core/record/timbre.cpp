// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/record/timbre.h"

#include "core/base/statistics.h"

#include <cmath>

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

std::vector<NoteTimbre> timbresOf(const Workbook& book)
{
    const auto takes = takesOf(book);
    const auto& fingerings = book.present().spec().fingerings;
    std::vector<NoteTimbre> notes;
    for (std::size_t i = 0; i < takes.size(); ++i) {
        NoteTimbre n{fingerings[i].id, fingerings[i].registerNumber, takes[i].count};
        if (takes[i].last != nullptr)
            n.value = valuesOf(*takes[i].last);
        notes.push_back(std::move(n));
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
            for (std::size_t k = 0; k < NoteTimbre::Values; ++k) {
                n.value[k] = now[k] && before[k] ? std::optional(*now[k] - *before[k]) : std::nullopt;
                n.standsOut[k] = n.value[k] && std::abs(*n.value[k]) > heard[k];
            }
        }
        notes.push_back(std::move(n));
    }
    return notes;
}

} // namespace dowel
