// SPDX-License-Identifier: GPL-3.0-or-later
// What Dowel told the maker to do next, with the forecast it gave: kept in the record, so that it can be held to it.
#pragma once

#include "core/instrument/cut.h"
#include "core/record/entries/kind.h"
#include "core/record/note_forecast.h"
#include "core/record/strategy.h"

#include <optional>
#include <string>
#include <vector>

namespace dowel {

enum class AdviceState { Measure, MakeCut, Finished, Stop };
[[nodiscard]] std::string_view stateName(AdviceState state);
[[nodiscard]] std::optional<AdviceState> stateFromName(std::string_view name);

/// Why a step was chosen: the note it serves most and how that stands.
struct StepReason
{
    FingeringId note;
    Cents now;            ///< how far that note is off
    bool guarded = false; ///< stopped short of the goal for safety
    Metres goal;          ///< where the size will probably end
    friend bool operator==(const StepReason&, const StepReason&) = default;
};

struct AdviceStep
{
    Cut cut;
    Metres from;
    std::optional<Metres> bit; ///< the drill that makes this size; none: file or knife
    StepReason reason;
    bool thenMeasure = true;
    std::vector<FingeringId> hear;        ///< where thenMeasure: what to listen to again
    std::vector<NoteForecast> forecast;   ///< every fingering
    std::optional<double> chanceSpoiled;  ///< that this step leaves some note sharp beyond tolerance for good
    std::optional<double> chanceAllAfter; ///< that every note is within tolerance after the whole plan
    friend bool operator==(const AdviceStep&, const AdviceStep&) = default;
};

/// A note that stays off, and what holds it.
struct UnreachedNote
{
    /// OutOfLine: heard far flatter than the rest of this wood says, and again; no cut goes by it.
    enum class Why { SharpAlready, HoleAtLimit, FootAtLimit, Compromise, OutOfLine, TooDeep, DepthAtLimit };
    FingeringId fingering;
    Cents off;
    Why why = Why::Compromise;
    friend bool operator==(const UnreachedNote&, const UnreachedNote&) = default;
};
[[nodiscard]] std::string_view leftName(UnreachedNote::Why why);
[[nodiscard]] std::optional<UnreachedNote::Why> leftFromName(std::string_view name);

/// The likeliest cause why readings and geometry do not fit together.
struct Contradiction
{
    /// Unsettled: no one explanation of all readings was found.
    enum class Kind { Hole, Temperature, Reading, Swapped, Unsettled };
    Kind kind = Kind::Reading;
    std::string what;   ///< hole or fingering
    double amount = 0;  ///< mm, degrees, or for Reading and Unsettled deviations
    std::string with{}; ///< the other fingering, where two were swapped
    friend bool operator==(const Contradiction&, const Contradiction&) = default;
};
[[nodiscard]] std::string_view kindName(Contradiction::Kind kind);
[[nodiscard]] std::optional<Contradiction::Kind> contradictionFromName(std::string_view name);

struct Advice
{
    AdviceState state = AdviceState::Measure;
    Cents worst;
    Cents rms;
    int withinTolerance = 0;
    int of = 0;
    std::optional<double> chanceAllWithin;      ///< as the instrument stands; nothing while notes were never heard
    std::vector<AdviceStep> steps;              ///< MakeCut: only the first is firm
    std::vector<FingeringId> fingerings;        ///< Measure
    std::vector<FingeringId> wouldSettle;       ///< Finished: what one more listening would say most about
    std::vector<UnreachedNote> left;            ///< Finished
    std::vector<Cut> lastResort;                ///< Finished, with notes left sharp: what filling would bring them in
    std::optional<Contradiction> contradiction; ///< Stop

    static constexpr EntryFacts facts{.word = "advice", .bearsOnShape = false, .ofTheMaker = false};
    [[nodiscard]] int since() const { return facts.since; }
    [[nodiscard]] Status checkAlone() const { return Done{}; }
    friend bool operator==(const Advice&, const Advice&) = default;
};

} // namespace dowel
