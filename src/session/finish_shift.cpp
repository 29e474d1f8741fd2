// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/finish_shift.h"

#include "io/finish_json.h"
#include "store/store.h"

#include <algorithm>
#include <filesystem>

namespace dowel::session {

std::optional<FinishSpan> spanOf(const FinishPlan& plan)
{
    std::optional<FinishSpan> span;
    for (const FinishWork& w : plan.works) {
        if (!w.done || !changesTheTube(w.kind))
            continue;
        const std::string day = io::dayText(*w.done);
        if (!span)
            span = FinishSpan{day, day};
        span->began = std::min(span->began, day);
        span->ended = std::max(span->ended, day);
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
    std::vector<double> means;
    std::error_code trouble;
    for (const auto& file : std::filesystem::directory_iterator(folder, trouble)) {
        if (cancel.requested())
            return Error{ErrorCode::Cancelled, "finish", ""};
        if (file.path().extension() != ".dowel" || file.path().string() == without)
            continue;
        const auto store = Store::open(file.path().string(), Store::Mode::Look);
        if (!store || store->book().finish() == nullptr)
            continue;
        const auto plan = io::finishFromText(*store->book().finish());
        if (!plan || plan->recipe != recipe)
            continue;
        const auto shifts = shiftsOf(store->book(), *plan);
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

} // namespace dowel::session
