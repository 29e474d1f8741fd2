// SPDX-License-Identifier: GPL-3.0-or-later
// A workbook and the wood behind it: readings go wrong as the conditions say, tools slip, calipers err. Deterministic from
// the blank's seed.
#pragma once

#include "core/base/random.h"
#include "core/plan/plan.h"
#include "core/record/workbook.h"
#include "sim/wood.h"

#include <optional>

namespace dowel::sim {

class Bench
{
public:
    explicit Bench(const Blank& blank);
    [[nodiscard]] const Workbook& book() const { return m_book; }
    /// The instrument with the sizes it really has; what calipers never show is in the wood.
    [[nodiscard]] const Instrument& actual() const { return m_actual; }
    [[nodiscard]] std::vector<double> truth() const { return m_wood->truth(m_actual); }
    [[nodiscard]] std::vector<double> truthOf(const Instrument& shape) const { return m_wood->truth(shape); }

    /// Another listening: the room has drifted, the player breathes otherwise, the wood has taken up damp.
    void sitDown();
    /// A reading that goes into the record.
    void hear(const FingeringId& id);
    /// What is heard without a record of it, in cents off.
    double ear(std::size_t note);
    /// The tool goes a little wrong, and so do the calipers afterwards.
    void cut(const Cut& asked, const std::vector<NoteForecast>& forecast = {});
    /// Does what a contradiction asks for: measures again, or sets aside and hears again.
    void comply(const Contradiction& c);
    /// Keeps an entry.
    void put(EntryBody body);
    /// Whether something could not be done.
    [[nodiscard]] bool stuck() const { return m_stuck; }

private:
    [[nodiscard]] double heardCents(std::size_t note);
    void takeUpDamp();
    Workbook m_book;
    Instrument m_actual;
    std::shared_ptr<const Wood> m_wood;
    Conditions m_with;
    Random m_random;
    double m_thermometer_K;
    double m_room_K;
    double m_breath_cents = 0.0;
    double m_slope_cents = 0.0;
    std::vector<double> m_lips_cents; ///< of each note, in this listening
    double m_damp = 0.0;              ///< share that is taken up until the next one
    bool m_stuck = false;
};

/// The record of a maker who wrote one hole down wrongly and then heard every fingering of the wood as it is; nothing where
/// no instrument can be so.
[[nodiscard]] std::optional<Workbook> mistyped(const Blank& blank, std::size_t hole, Metres by);

} // namespace dowel::sim
