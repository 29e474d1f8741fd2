// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/passport.h"

#include "core/base/thread_role.h"
#include "core/forecast/forecast.h"

#include <cmath>

namespace dowel::session {

Result<Passport> wholePassport(const Workbook& book, const Cancel& cancel)
{
    enterDoor(Door::Passport);
    Passport passport = passportOf(book);
    const double repeat = Priors{}.repeat_cents;
    bool missing = false;
    for (PassportNote& n : passport.notes) {
        if (n.off)
            n.sd = Cents::fromCents(std::hypot(n.sd.cents(), repeat));
        missing = missing || !n.off;
    }
    if (!missing || passport.readings == 0)
        return passport;
    const auto forecaster = Forecaster::make(book, {}, cancel);
    if (!forecaster)
        return forecaster.error().code == ErrorCode::Cancelled ? Result<Passport>(forecaster.error())
                                                               : Result<Passport>(passport);
    const auto states = forecaster->present().states();
    for (std::size_t i = 0; i < states.size() && i < passport.notes.size(); ++i)
        if (PassportNote& n = passport.notes[i]; !n.off) {
            n.off = Cents::fromCents(states[i].cents);
            n.sd = Cents::fromCents(states[i].sd);
            n.byTheModel = true;
        }
    return passport;
}

} // namespace dowel::session
