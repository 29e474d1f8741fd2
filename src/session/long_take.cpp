// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/long_take.h"

#include "core/hearing/analyse.h"
#include "io/audio_file.h"

#include <algorithm>
#include <limits>

namespace dowel::session {

namespace {

constexpr double piece_s = 60.0;
constexpr double search_s = 15.0;
constexpr double quiet_s = 0.05;

/// Where in its last quarter a piece is quietest: the middle of the window with the least power.
std::size_t quietest(const std::vector<float>& values, double rate_Hz)
{
    const auto window = static_cast<std::size_t>(quiet_s * rate_Hz);
    const std::size_t from = values.size() - std::min(values.size(), static_cast<std::size_t>(search_s * rate_Hz));
    std::size_t best = values.size();
    double least = std::numeric_limits<double>::infinity();
    for (std::size_t at = from; at + window <= values.size(); at += window) {
        double power = 0.0;
        for (std::size_t i = at; i < at + window; ++i)
            power += static_cast<double>(values[i]) * static_cast<double>(values[i]);
        if (power < least) {
            least = power;
            best = at + window / 2;
        }
    }
    return best;
}

void addLater(Analysis& all, Analysis piece, Seconds by)
{
    const auto later = [by](Seconds s) {
        return Seconds::fromSeconds(s.seconds() + by.seconds());
    };
    for (HeardNote& n : piece.notes) {
        n.start = later(n.start);
        n.end = later(n.end);
        all.notes.push_back(std::move(n));
    }
    for (RejectedSound& r : piece.rejected) {
        r.start = later(r.start);
        r.end = later(r.end);
        constexpr double together_s = 2.0 * quiet_s;
        const bool goesOn = !all.rejected.empty() && all.rejected.back().reason == r.reason &&
                            (all.notes.empty() || all.notes.back().start < all.rejected.back().start) &&
                            std::abs(r.start.seconds() - all.rejected.back().end.seconds()) < together_s;
        if (goesOn)
            all.rejected.back().end = r.end;
        else
            all.rejected.push_back(r);
    }
}

} // namespace

Result<Analysis> analysisOf(const std::string& path, std::optional<Hertz> expectFirst, const HearingOptions& options,
                            const Cancel& cancel)
{
    auto file = DOWEL_TRY(io::SoundFile::open(path));
    Analysis all;
    Samples piece;
    piece.rate_Hz = file.rate_Hz();
    const auto whole = static_cast<std::size_t>(piece_s * piece.rate_Hz);
    Seconds before = Seconds::fromSeconds(0.0);
    for (bool more = true; more;) {
        DOWEL_TRY(file.next(whole - piece.values.size(), piece.values));
        more = piece.values.size() == whole;
        std::vector<float> rest;
        if (more) {
            const auto cut = static_cast<std::ptrdiff_t>(quietest(piece.values, piece.rate_Hz));
            rest.assign(piece.values.begin() + cut, piece.values.end());
            piece.values.resize(static_cast<std::size_t>(cut));
        }
        if (!piece.values.empty())
            addLater(all, analyse(piece, expectFirst, options, cancel), before);
        if (cancel.requested())
            return Error{ErrorCode::Cancelled, "take", {}};
        before = Seconds::fromSeconds(before.seconds() + piece.duration().seconds());
        piece.values = std::move(rest);
    }
    return all;
}

} // namespace dowel::session
