// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shop/finish.h"

#include "core/base/number_text.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace dowel {

namespace {

constexpr std::array<std::string_view, finishKinds> names{
    "burrs",          "smooth_bore", "abrasives",   "stain",   "oil_soak", "oil_coats",  "wax_coats", "lacquer_outside",
    "lacquer_inside", "cure",        "cork_tenons", "binding", "stamp",    "hear_again", "play_in",   "own"};

Error bad(std::size_t work, const char* what, Fact fact)
{
    return {ErrorCode::BadValue, "/works/" + std::to_string(work) + "/" + what, std::move(fact)};
}

} // namespace

std::string_view finishName(FinishKind kind)
{
    return names.at(static_cast<std::size_t>(kind));
}

std::optional<FinishKind> finishKindFromName(std::string_view name)
{
    const auto it = std::find(names.begin(), names.end(), name);
    return it == names.end() ? std::nullopt : std::optional(static_cast<FinishKind>(it - names.begin()));
}

bool changesTheTube(FinishKind kind)
{
    switch (kind) {
    case FinishKind::Burrs:
    case FinishKind::SmoothBore:
    case FinishKind::OilSoak:
    case FinishKind::OilCoats:
    case FinishKind::WaxCoats:
    case FinishKind::LacquerInside: return true;
    case FinishKind::Abrasives:
    case FinishKind::Stain:
    case FinishKind::LacquerOutside:
    case FinishKind::Cure:
    case FinishKind::CorkTenons:
    case FinishKind::Binding:
    case FinishKind::Stamp:
    case FinishKind::HearAgain:
    case FinishKind::PlayIn:
    case FinishKind::Own: break;
    }
    return false;
}

Status checked(const FinishPlan& plan)
{
    constexpr std::size_t most = 60;
    constexpr std::size_t longest = 400;
    constexpr int mostDays = 730;
    constexpr double heaviest_g = 20000.0;
    if (plan.works.empty() || plan.works.size() > most)
        return Error{ErrorCode::BadValue, "/works", {FactId::Within, plan.works.size(), 1, 60}};
    if (plan.recipe.size() > longest)
        return Error{ErrorCode::BadValue, "/recipe", {FactId::LettersWithin, plan.recipe.size(), 0, longest}};
    for (std::size_t i = 0; i < plan.works.size(); ++i) {
        const FinishWork& w = plan.works[i];
        if (w.days < 1 || w.days > mostDays)
            return bad(i, "days", {FactId::Within, w.days, 1, mostDays});
        if (w.words.size() > longest)
            return bad(i, "words", {FactId::LettersWithin, w.words.size(), 0, longest});
        if (w.kind == FinishKind::Own && w.words.empty())
            return bad(i, "words", FactId::EmptyName);
        if (w.weight_g && !(*w.weight_g > 0.0 && *w.weight_g <= heaviest_g))
            return bad(i, "weight_g", {FactId::AboveAtMost, *w.weight_g, 0, heaviest_g});
        if (w.humidity && !(*w.humidity >= 0.0 && *w.humidity <= 1.0))
            return bad(i, "humidity", {FactId::Within, *w.humidity, 0, 1});
    }
    return Done{};
}

std::vector<FinishDays> daysOf(const FinishPlan& plan)
{
    std::vector<FinishDays> all;
    std::chrono::sys_days day = plan.start;
    for (const FinishWork& w : plan.works) {
        FinishDays d{day, day + std::chrono::days(w.days)};
        if (w.done) {
            d.until = *w.done + std::chrono::days(1);
            d.from = std::min(d.from, *w.done);
        }
        all.push_back(d);
        day = d.until;
    }
    return all;
}

std::optional<std::size_t> nextWork(const FinishPlan& plan)
{
    const auto it = std::find_if(plan.works.begin(), plan.works.end(), [](const FinishWork& w) { return !w.done; });
    return it == plan.works.end() ? std::nullopt : std::optional(static_cast<std::size_t>(it - plan.works.begin()));
}

const std::vector<std::string>& finishRecipes()
{
    static const std::vector<std::string> all{"oil", "wax", "lacquer", "none"};
    return all;
}

FinishPlan usualFinish(std::string_view recipe, std::string_view material, bool joints, std::chrono::sys_days start)
{
    using Kind = FinishKind;
    const bool vegetable = material == "vegetable" || material == "straw";
    const bool bare = material == "plastic" || vegetable;
    FinishPlan plan{std::string(bare ? "none" : recipe), start, {}};
    const auto add = [&plan](Kind kind, int days) {
        plan.works.push_back({kind, {}, days});
    };
    add(Kind::Burrs, 1);
    if (!vegetable)
        add(Kind::SmoothBore, 1);
    if (!bare)
        add(Kind::Abrasives, 1);
    if (material == "cane")
        add(Kind::Binding, 1);
    if (plan.recipe == "oil") {
        add(material == "softwood" ? Kind::OilCoats : Kind::OilSoak, 7);
        add(Kind::Cure, 21);
    } else if (plan.recipe == "wax") {
        add(Kind::WaxCoats, 3);
        add(Kind::Cure, 2);
    } else if (plan.recipe == "lacquer") {
        add(Kind::LacquerOutside, 3);
        add(Kind::Cure, 14);
    }
    if (joints && !bare)
        add(Kind::CorkTenons, 1);
    if (!vegetable)
        add(Kind::HearAgain, 1);
    if (!bare) { // breath moves wood once more
        add(Kind::PlayIn, 14);
        add(Kind::HearAgain, 1);
    }
    return plan;
}

} // namespace dowel
