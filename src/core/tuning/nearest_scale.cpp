// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tuning/nearest_scale.h"

#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>

namespace dowel {

namespace {

/// Semitones of the n-th degree of a mode over its tonic.
int semitonesOf(const std::vector<int>& mode, std::size_t degree)
{
    return mode[degree % mode.size()] + 12 * static_cast<int>(degree / mode.size());
}

} // namespace

std::vector<ScaleFound> nearestScales(std::vector<Hertz> pitches, std::size_t most)
{
    constexpr std::size_t fewest = 3;
    if (pitches.size() < fewest)
        return {};
    std::sort(pitches.begin(), pitches.end());
    const Hertz a4 = Hertz::fromHertz(440.0);
    const auto lowest = equalTempered("C0", a4);
    std::vector<double> heard; // semitones over C0
    for (const Hertz f : pitches)
        heard.push_back(centsBetween(f, *lowest).cents() / 100.0);
    std::vector<ScaleFound> found;
    for (const std::string_view name : modeNames()) {
        const std::vector<int> mode = *modeNamed(name);
        for (std::size_t from = 0; from < mode.size(); ++from) {
            // The tonic that the pitches lie nearest to on average, and how far they are from it.
            double mean = 0.0;
            for (std::size_t i = 0; i < heard.size(); ++i)
                mean += (heard[i] - semitonesOf(mode, from + i)) / static_cast<double>(heard.size());
            const int tonic = static_cast<int>(std::lround(mean));
            const auto names = modeNotes(keyName(tonic), name, from + heard.size());
            if (tonic < 0 || !names)
                continue;
            ScaleFound one{
                std::string(name), keyName(tonic), raisedBy(a4, Cents::fromCents(100.0 * (mean - tonic))), {}, {}, 0.0};
            one.tonic.erase(one.tonic.find_last_not_of("0123456789") + 1);
            for (std::size_t i = 0; i < heard.size(); ++i) {
                const double off = 100.0 * (heard[i] - mean - semitonesOf(mode, from + i));
                one.notes.push_back((*names)[from + i]);
                one.off.push_back(Cents::fromCents(off));
                one.rms_cents += off * off / static_cast<double>(heard.size());
            }
            one.rms_cents = std::sqrt(one.rms_cents);
            found.push_back(std::move(one));
        }
    }
    std::stable_sort(found.begin(), found.end(),
                     [](const ScaleFound& a, const ScaleFound& b) { return a.rms_cents < b.rms_cents; });
    found.resize(std::min(found.size(), most));
    return found;
}

} // namespace dowel
