// SPDX-License-Identifier: GPL-3.0-or-later
// A bench without a window: a workbook in memory and the simulated player's hidden instrument, for fit and plan tests.
#pragma once

#include "core/base/random.h"
#include "core/record/workbook.h"
#include "player/player.h"
#include "support/fixtures.h"
#include "support/heard.h"

namespace dowel::fixtures {

class Bench
{
public:
    explicit Bench(std::uint64_t seed, double repeat_cents = 1.0)
        : m_book(whistle()),
          m_player({seed, Temperature::fromCelsius(21.0), 24.0}),
          m_random(seed * 77 + 5),
          m_repeat_cents(repeat_cents)
    {
    }
    [[nodiscard]] const Workbook& book() const { return m_book; }
    Workbook& book() { return m_book; }
    /// The hidden instrument's pitch as cents over the target, at the tuning's temperature.
    [[nodiscard]] double truthCents(const Fingering& f) const
    {
        const auto hz = m_player.truth(m_book.present(), f, Temperature::fromCelsius(20.0));
        return 1200.0 * std::log2(hz->hertz() / f.target.hertz());
    }
    void hear(const FingeringId& id, double extra_cents = 0.0)
    {
        const auto hz = m_player.truth(m_book.present(), *m_book.present().find(id), Temperature::fromCelsius(21.0));
        const ReadingEntry r =
            heard(id, Hertz::fromHertz(hz->hertz() * std::exp2((extra_cents + m_repeat_cents * m_random.normal()) / 1200.0)), 0.3,
                  Temperature::fromCelsius(21.0));
        put(r);
    }
    void hearAll()
    {
        for (const Fingering& f : m_book.present().spec().fingerings)
            hear(f.id);
    }
    /// Makes the cut with a tool that goes a little wrong.
    void cut(const Cut& cut, const std::vector<NoteForecast>& forecast)
    {
        const Metres from = *presentSize(m_book.present(), cut);
        const bool foot = std::holds_alternative<TrimFoot>(cut);
        const Metres slip = mm(m_random.uniform(-0.03, 0.05));
        put(CutEntry{withSize(cut, foot ? wantedSize(cut) - slip : wantedSize(cut) + slip), from, wantedSize(cut), forecast});
    }
    void put(EntryBody body)
    {
        const Status ok = m_book.append({m_book.nextId(), "2026-01-01T00:00:00Z", std::move(body)});
        if (!ok)
            m_trouble = told(ok.error());
    }
    [[nodiscard]] const std::string& trouble() const { return m_trouble; }

private:
    Workbook m_book;
    player::SimulatedPlayer m_player;
    Random m_random;
    double m_repeat_cents;
    std::string m_trouble;
};

} // namespace dowel::fixtures
