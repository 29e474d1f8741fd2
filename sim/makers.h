// SPDX-License-Identifier: GPL-3.0-or-later
// Makers of different schools on the same blank: one follows the advice blindly, one the custom, one cuts to the unfitted
// model's answer, one knows the truth.
#pragma once

#include "sim/bench.h"

#include <functional>
#include <map>
#include <string>

namespace dowel::sim {

/// Something stated as a chance, and whether it came.
struct Stated
{
    double chance = 0.0;
    bool came = false;
};

struct Outcome
{
    bool home = false;      ///< every note within its tolerance
    bool allButOne = false; ///< all but one at most
    bool spoiled = false;   ///< some note sharp by more than three tolerances
    int cuts = 0;
    double rounds = 0.0; ///< of listening, in whole scales
    int sharp = 0;       ///< notes left sharp beyond tolerance
    int flat = 0;
    double rms = 0.0;
    double worst = 0.0;
    struct Intervals
    {
        int forecasts = 0;    ///< of notes that a cut was to move
        int held = 0;         ///< whose 90 % interval held what came
        double squares = 0.0; ///< of the errors over their standard deviation
        double off = 0.0;     ///< sum of what came less what was forecast, cents
        double moved = 0.0;   ///< sum of forecast moves times those that came, and
        double wanted = 0.0;  ///< of forecast moves squared: their ratio is the gain of a cut
    };
    Intervals all;
    Intervals large; ///< moves of more than 60 cents
    Intervals stand; ///< of every note as it stands, at each advice
    std::map<std::string, int> cutKinds;
    AdviceState end = AdviceState::Stop;
    int stopped = 0;            ///< how often it was held up by a contradiction
    bool outOfTurns = false;    ///< was given up
    bool early = false;         ///< a maker who knows would still have brought it home from here
    std::vector<Stated> within; ///< chance_all_within
    std::vector<Stated> spoils; ///< chance_spoiled of each step
    std::vector<Stated> ends;   ///< chance_all_after of each plan, as it stood at its last step
};

/// How the wood on a bench stands.
[[nodiscard]] Outcome judged(const Bench& bench);

using Follow = std::function<void(const Bench&, const Result<Advice>&)>;
/// Follows the advice blindly. withEarly: looks whether somebody who knows would have gone on.
[[nodiscard]] Outcome advised(const Blank& blank, const PlanOptions& options = {}, const Priors& priors = {},
                              bool withEarly = false, const Follow& follow = {});
/// From the foot upwards, a small step at a time, each note listened to after each: common practice, no source.
[[nodiscard]] Outcome customary(const Blank& blank);
/// The unfitted model cut straight to its answer; with passes above 1, heard after each and every note's aim shifted by
/// what it came out other than the model.
[[nodiscard]] Outcome byModel(const Blank& blank, int passes);
/// Knows the truth, with the same tools and calipers: passes towards the best that can be reached, nine tenths of the way
/// first, until nothing is left to do.
[[nodiscard]] Outcome knowing(const Blank& blank);
/// Whether removing wood, with steady hands, can bring every note within its tolerance at all.
[[nodiscard]] bool solvable(const Blank& blank);

} // namespace dowel::sim
