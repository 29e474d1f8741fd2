// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/situation.h"

#include "core/plan/diagnosis.h"

#include <algorithm>
#include <cmath>

namespace dowel::planning {

std::vector<double> Situation::wanted() const
{
    std::vector<double> t;
    for (const Fingering& f : fingerings())
        t.push_back(f.weight > 0.0 ? f.tolerance.cents() : 0.0);
    return t;
}

std::vector<double> Situation::tolerances() const
{
    std::vector<double> t;
    for (const NoteAim& n : aim(options.spread_cents).notes)
        t.push_back(n.tolerance_cents);
    return t;
}

JointForecast Situation::asHeard(JointForecast jointForecast) const
{
    return dowel::asHeard(forecaster->posterior(), inconsistent, std::move(jointForecast));
}

int Situation::heardHere(std::size_t note) const
{
    int count = 0;
    for (const PlacedReading& r : book->readings())
        count += r.shape + 1 == book->shapes().size() && r.reading->fingering == fingerings()[note].id ? 1 : 0;
    return count;
}

bool Situation::heardSinceCut(const Lever& lever) const
{
    const auto cuts = book->cuts();
    const auto& heard = forecaster->posterior().lastHeard();
    for (std::size_t k = cuts.size(); k-- > 0;) {
        const auto& done = std::get<CutEntry>(cuts[k]->body);
        // Any reaming is listened to before more is reamed anywhere: stretches taken apart would let the bore grow unheard.
        if (done.cut.index() != lever.cut.index() || holeOf(done.cut) != holeOf(lever.cut))
            continue;
        if (std::none_of(heard.begin(), heard.end(), [&](int shape) { return shape > static_cast<int>(k); }))
            return false;
        if (done.forecast.empty())
            return std::all_of(heard.begin(), heard.end(), [&](int shape) { return shape > static_cast<int>(k); });
        return std::all_of(done.forecast.begin(), done.forecast.end(), [&](const NoteForecast& f) {
            const auto note = present().indexOf(f.fingering);
            const bool moved = std::abs(f.after.cents() - f.now.cents()) >= options.hearAgainMove_cents;
            return !note || !moved || heard[*note] > static_cast<int>(k);
        });
    }
    return true;
}

} // namespace dowel::planning
