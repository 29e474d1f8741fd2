// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/thread_role.h"
#include "core/layout/layout.h"

#include <algorithm>

namespace dowel {

Result<std::vector<TrimStep>> trimPlan(const Layout& layout, Metres blankLength, const Cancel& cancel)
{
    enterDoor(Door::Layout);
    const auto& fingerings = layout.start.spec().fingerings;
    const std::size_t holes = layout.start.spec().holes.size();
    const auto lowest = std::find_if(fingerings.begin(), fingerings.end(),
                                     [holes](const Fingering& f) { return f.registerNumber == 1 && f.closed.size() == holes; });
    if (lowest == fingerings.end())
        return Error{ErrorCode::BadFingering, "/fingerings", FactId::NoneClosesAll};
    const bool deepens = layout.start.spec().foot == Foot::Closed;
    const Metres step = deepens ? Metres::fromMillimetres(-0.5) : Metres::fromInches(0.125);
    const Metres goal = layout.goal.length();
    std::vector<TrimStep> plan;
    for (Metres length = deepens ? layout.start.length() : blankLength;; length = length - step) {
        const bool last = deepens ? length > goal + step : length < goal + step;
        if (cancel.requested())
            return Error{ErrorCode::Cancelled, "trim", {}};
        TrimStep s{last ? goal : length, 0.0, 0.0};
        for (const bool drilled : {false, true}) {
            InstrumentSpec spec = layout.start.spec();
            spec.fingerings = {*lowest};
            spec.bore = boreEndingAt(std::move(spec.bore), s.length);
            if (!drilled) {
                spec.holes.clear();
                spec.fingerings.front().closed.clear();
            }
            const auto shape = DOWEL_TRY(Instrument::make(std::move(spec)));
            const auto posterior = Posterior::prior(shape, layout.priors);
            const auto cents = DOWEL_TRY(posterior ? posterior->cents(shape) : Result<std::vector<double>>(posterior.error()));
            (drilled ? s.drilled_cents : s.undrilled_cents) = cents.front();
        }
        plan.push_back(s);
        constexpr std::size_t most = 60;
        if (last || plan.size() >= most)
            return plan;
    }
}

} // namespace dowel
