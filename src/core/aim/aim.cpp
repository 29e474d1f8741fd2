// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/aim/aim.h"

#include <cmath>

namespace dowel {

WithinLoss Aim::at(std::size_t note, double cents) const
{
    const NoteAim& n = notes[note];
    if (!(n.tolerance_cents > 0.0))
        return {};
    const double c = cents + n.offset_cents;
    if (squares) {
        const double force = n.weight / (n.tolerance_cents * n.tolerance_cents);
        return {0.5 * force * c * c, force * c, force};
    }
    WithinLoss w = withinLoss(c, n.spread_cents, n.tolerance_cents);
    w.value *= n.weight;
    w.slope *= n.weight;
    w.curvature *= n.weight;
    return w;
}

double Aim::loss(const std::vector<double>& cents) const
{
    double sum = 0.0;
    for (std::size_t i = 0; i < notes.size(); ++i)
        sum += at(i, cents[i]).value;
    return sum;
}

double Aim::chance(const std::vector<double>& cents) const
{
    double sum = 0.0;
    for (std::size_t i = 0; i < notes.size(); ++i)
        if (notes[i].tolerance_cents > 0.0)
            sum += withinLoss(cents[i], notes[i].spread_cents, notes[i].tolerance_cents).value;
    return std::exp(-sum);
}

Aim aimOf(const Instrument& instrument, const TuningStrategy& strategy, const std::vector<bool>& ignored, double spread_cents,
          bool squares)
{
    Aim aim;
    aim.squares = squares;
    const auto& fingerings = instrument.spec().fingerings;
    for (std::size_t i = 0; i < fingerings.size(); ++i) {
        const Fingering& f = fingerings[i];
        NoteAim n{f.tolerance.cents(), f.weight, spread_cents, 0.0};
        if (strategy.lowRegister && f.registerNumber > 1) {
            n.weight *= 0.1;
            n.tolerance_cents *= 2.0;
        }
        if (!(f.weight > 0.0) || (i < ignored.size() && ignored[i]))
            n.tolerance_cents = 0.0;
        aim.notes.push_back(n);
    }
    return aim;
}

Aim straightAim(const Instrument& instrument, const std::vector<double>& offsets_cents)
{
    Aim aim = aimOf(instrument, {}, {}, 1.0, true);
    for (std::size_t i = 0; i < offsets_cents.size(); ++i)
        aim.notes[i].offset_cents = -offsets_cents[i];
    return aim;
}

} // namespace dowel
