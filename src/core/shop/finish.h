// SPDX-License-Identifier: GPL-3.0-or-later
// The days after the last cut, as a plan of its own: cleaning, smoothing, stain, oil or wax or lacquer, cork and thread, waiting,
// and the last listening. Recipes are where a maker begins, with the spread there is among makers; common practice, no source.
#pragma once

#include "core/base/result.h"

#include <chrono>
#include <optional>
#include <string>
#include <vector>

namespace dowel {

enum class FinishKind {
    Burrs,
    SmoothBore,
    Abrasives,
    Stain,
    OilSoak,
    OilCoats,
    WaxCoats,
    LacquerOutside,
    LacquerInside,
    Cure,
    CorkTenons,
    Binding,
    Stamp,
    HearAgain,
    PlayIn,
    Own
};
inline constexpr std::size_t finishKinds = 16;
/// Stable words used in files: "burrs", "oil_soak", ...
[[nodiscard]] std::string_view finishName(FinishKind kind);
[[nodiscard]] std::optional<FinishKind> finishKindFromName(std::string_view name);
/// Whether it may move pitches: what stands before it was heard on another instrument than what stands behind.
[[nodiscard]] bool changesTheTube(FinishKind kind);

struct FinishWork
{
    FinishKind kind = FinishKind::Own;
    std::string words{}; ///< the maker's own: what it is, or with what
    int days = 1;        ///< that it takes, 1 to 730
    std::optional<std::chrono::sys_days> done{};
    std::optional<double> weight_g{}; ///< of the instrument when it was done
    std::optional<double> humidity{}; ///< of the room then, 0 to 1
    friend bool operator==(const FinishWork&, const FinishWork&) = default;
};
struct FinishPlan
{
    std::string recipe; ///< its name: a stable word, or the maker's own
    std::chrono::sys_days start{};
    std::vector<FinishWork> works;
    double room_cents = 0.0;  ///< that targets were lowered by to leave room for what it will move
    double wantedA4_Hz = 0.0; ///< before that: what is wanted again when the room is given back
    friend bool operator==(const FinishPlan&, const FinishPlan&) = default;
};
/// Errors: BadValue (where = "/works/3/days" and so on): days, weights, humidities and texts within bounds, 1 to 60 works.
[[nodiscard]] Status checked(const FinishPlan& plan);

/// When a work begins and the day after it ends.
struct FinishDays
{
    std::chrono::sys_days from;
    std::chrono::sys_days until;
    friend bool operator==(const FinishDays&, const FinishDays&) = default;
};
/// One a work: each begins when the one before it is done, by its real day where it has one; what is late moves what follows.
[[nodiscard]] std::vector<FinishDays> daysOf(const FinishPlan& plan);
/// The first that is not done; nothing where all are.
[[nodiscard]] std::optional<std::size_t> nextWork(const FinishPlan& plan);

/// "oil", "wax", "lacquer", "none".
[[nodiscard]] const std::vector<std::string>& finishRecipes();
/// Where a maker of this material begins; what it does not suit is left out (plastic and vegetables are not oiled). joints: with
/// tenons to be corked. Unknown words count as no finish, unknown materials as hardwood.
[[nodiscard]] FinishPlan usualFinish(std::string_view recipe, std::string_view material, bool joints,
                                     std::chrono::sys_days start);

} // namespace dowel
