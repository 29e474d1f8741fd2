// SPDX-License-Identifier: GPL-3.0-or-later
// A second opinion on pitch: a general-purpose detector of the aubio library, given the part that was measured.
#pragma once

#include "core/hearing/take.h"

#include <algorithm>
#include <aubio/aubio.h>
#include <vector>

namespace dowel::fixtures {

/// Median of the detector's readings over the note's part, in hertz; 0 where it gives none.
inline double detected(const char* method, const Samples& s, const HeardNote& n, uint_t window)
{
    constexpr uint_t hop = 512;
    aubio_pitch_t* detector = new_aubio_pitch(method, window, hop, static_cast<uint_t>(s.rate_Hz));
    fvec_t* in = new_fvec(hop);
    fvec_t* out = new_fvec(1);
    std::vector<double> pitches;
    const auto first = static_cast<std::size_t>(n.start.seconds() * s.rate_Hz);
    const auto last = std::min(s.values.size(), static_cast<std::size_t>(n.end.seconds() * s.rate_Hz));
    for (std::size_t at = first; at + hop <= last; at += hop) {
        std::copy_n(s.values.begin() + static_cast<std::ptrdiff_t>(at), hop, in->data);
        aubio_pitch_do(detector, in, out);
        if (at - first >= window && out->data[0] > 0.0F)
            pitches.push_back(static_cast<double>(out->data[0]));
    }
    del_fvec(in);
    del_fvec(out);
    del_aubio_pitch(detector);
    if (pitches.empty())
        return 0.0;
    std::nth_element(pitches.begin(), pitches.begin() + static_cast<std::ptrdiff_t>(pitches.size() / 2), pitches.end());
    return pitches[pitches.size() / 2];
}

} // namespace dowel::fixtures
