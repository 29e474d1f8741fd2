// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/finish_shift.h"

#include "core/base/number_text.h"
#include "core/base/thread_role.h"
#include "io/finish_json.h"
#include "store/store.h"

#include <algorithm>
#include <cmath>
#include <filesystem>

namespace dowel::session {

Result<std::optional<FinishPlan>> finishOf(const Workbook& book)
{
    using Kept = std::optional<FinishPlan>;
    const std::string* text = book.finish();
    if (text == nullptr)
        return Kept{};
    auto plan = DOWEL_TRY(io::finishFromText(*text));
    return Kept{std::move(plan)};
}

std::optional<FinishSpan> spanOf(const FinishPlan& plan)
{
    std::optional<FinishSpan> span;
    for (const FinishWork& w : plan.works) {
        if (!w.done || !changesTheTube(w.kind))
            continue;
        if (!span)
            span = FinishSpan{*w.done, *w.done};
        span->began = std::min(span->began, *w.done);
        span->ended = std::max(span->ended, *w.done);
    }
    return span;
}

std::vector<Shift> shiftsOf(const Workbook& book, const FinishPlan& plan)
{
    const auto span = spanOf(plan);
    return span ? shiftOver(book, span->began, span->ended) : std::vector<Shift>();
}

Result<UsualShift> usualShift(const std::string& folder, const std::string& recipe, const std::string& without,
                              const Cancel& cancel)
{
    enterDoor(Door::ShopScan);
    std::vector<double> means;
    std::error_code trouble;
    for (const auto& file : std::filesystem::directory_iterator(folder, trouble)) {
        if (cancel.requested())
            return Error{ErrorCode::Cancelled, "finish", {}};
        if (file.path().extension() != ".dowel" || file.path().string() == without)
            continue;
        const auto store = Store::open(file.path().string(), Store::Mode::Look);
        const auto plan = store ? finishOf(store->book()) : Result<std::optional<FinishPlan>>(store.error());
        if (!plan || !*plan || (*plan)->recipe != recipe)
            continue;
        const auto shifts = shiftsOf(store->book(), **plan);
        double sum = 0.0;
        for (const Shift& s : shifts)
            sum += (s.after - s.before).cents();
        if (!shifts.empty())
            means.push_back(sum / static_cast<double>(shifts.size()));
    }
    UsualShift usual;
    usual.instruments = static_cast<int>(means.size());
    for (const double m : means)
        usual.mean = usual.mean + Cents::fromCents(m / static_cast<double>(means.size()));
    if (!means.empty()) {
        usual.low = Cents::fromCents(*std::min_element(means.begin(), means.end()));
        usual.high = Cents::fromCents(*std::max_element(means.begin(), means.end()));
    }
    return usual;
}

Result<AmendEntry> withRoom(const Workbook& book, Cents room)
{
    constexpr double most_cents = 50.0;
    if (!(std::abs(room.cents()) <= most_cents))
        return Error{ErrorCode::BadValue, "room", {FactId::AtMost, room, Cents::fromCents(50.0)}};
    const InstrumentSpec& spec = book.present().spec();
    const double lower = std::exp2(-room.cents() / 1200.0);
    Wanted wanted{spec.tuning, spec.fingerings};
    wanted.tuning.a4 = Hertz::fromHertz(spec.tuning.a4.hertz() * lower);
    // Named notes follow A4; those given in hertz are lowered one by one.
    auto chart = DOWEL_TRY(retargeted(wanted.fingerings, wanted.tuning));
    for (Fingering& f : chart)
        if (f.targetName.empty())
            f.target = Hertz::fromHertz(f.target.hertz() * lower);
    wanted.fingerings = std::move(chart);
    AmendEntry change;
    change.wanted = std::move(wanted);
    return change;
}

Cents roomLeft(const Workbook& book, const FinishPlan& plan)
{
    if (plan.room_cents == 0.0 || !(plan.wantedA4_Hz > 0.0))
        return {};
    constexpr double noticed_cents = 0.01;
    const double left = 1200.0 * std::log2(plan.wantedA4_Hz / book.present().spec().tuning.a4.hertz());
    return Cents::fromCents(std::abs(left) < noticed_cents ? 0.0 : left);
}

} // namespace dowel::session
