// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/ids.h"
#include "core/base/quantities.h"

namespace dowel {

/// One note before and after a step. sd: one sigma of after; rest and doubt: of what it was made of, what is not known of the
/// instrument and what the formulas get wrong about the change, before it was learnt how honest they are; 0 in old records.
struct NoteForecast
{
    FingeringId fingering;
    Cents now;
    Cents after;
    Cents sd;
    Cents rest{};
    Cents doubt{};
    friend bool operator==(const NoteForecast&, const NoteForecast&) = default;
};

} // namespace dowel
