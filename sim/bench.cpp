// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/bench.h"

#include <algorithm>
#include <cmath>

namespace dowel::sim {

namespace {

constexpr double usualRoom_K = 273.15 + 21.0;

} // namespace

Bench::Bench(const Blank& blank)
    : m_book(blank.believed),
      m_actual(blank.actual),
      m_wood(blank.wood),
      m_with(blank.conditions),
      m_random(blank.seed * 77 + 5),
      m_thermometer_K(blank.conditions.thermometer_K > 0.0 ? blank.conditions.thermometer_K * m_random.normal() : 0.0),
      m_room_K(usualRoom_K)
{
}

void Bench::sitDown()
{
    if (m_with.roomDrift_K > 0.0)
        m_room_K += m_with.roomDrift_K * m_random.normal();
    if (m_with.breath_cents > 0.0) {
        m_breath_cents = m_with.breath_cents * m_random.normal();
        m_slope_cents = m_with.breathSlope_cents * m_random.normal();
    }
    if (m_with.lips_cents > 0.0) {
        m_lips_cents.resize(m_actual.spec().fingerings.size());
        for (double& cents : m_lips_cents)
            cents = m_with.lips_cents * m_random.normal();
    }
    takeUpDamp();
}

void Bench::takeUpDamp()
{
    const double share = m_damp;
    m_damp = m_damp > 0.0 ? m_damp / 2.0 : m_with.damp;
    if (!(share > 0.0))
        return;
    InstrumentSpec spec = m_actual.spec();
    for (Station& s : spec.bore)
        s.diameter = s.diameter * (1.0 - share);
    for (Hole& h : spec.holes) {
        h.diameter = h.diameter * (1.0 - share);
        h.undercutDiameter = h.undercutDiameter * (1.0 - share);
    }
    if (auto made = Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet))
        m_actual = std::move(*made);
}

double Bench::heardCents(std::size_t note)
{
    const std::size_t which[] = {note};
    const double cents = m_wood->cents(m_actual, which, m_room_K).front();
    if (cents == silent_cents)
        return cents;
    const auto& fingerings = m_actual.spec().fingerings;
    const double octaves = std::log2(fingerings[note].target.hertz() / fingerings.front().target.hertz()) - 0.5;
    const double lips = note < m_lips_cents.size() ? m_lips_cents[note] : 0.0;
    return cents + lips + m_breath_cents + m_slope_cents * octaves + m_with.repeat_cents * m_random.normal();
}

void Bench::hear(const FingeringId& id)
{
    const std::size_t note = *m_actual.indexOf(id);
    const double cents = heardCents(note);
    if (cents == silent_cents) {
        m_stuck = true;
        return;
    }
    ReadingEntry r;
    r.fingering = id;
    r.pitch = Hertz::fromHertz(m_actual.spec().fingerings[note].target.hertz() * std::exp2(cents / 1200.0));
    r.sd = Cents::fromCents(m_with.stated_cents);
    r.air = Temperature::fromKelvin(m_room_K + m_thermometer_K);
    put(r);
}

double Bench::ear(std::size_t note)
{
    const double cents = heardCents(note);
    const double played_K = m_actual.spec().tuning.playedAt.kelvin();
    return cents == silent_cents ? cents : cents + 600.0 * std::log2(played_K / m_room_K);
}

void Bench::cut(const Cut& asked, const std::vector<NoteForecast>& forecast)
{
    const Metres wanted = wantedSize(asked);
    const bool shortens = std::holds_alternative<TrimFoot>(asked);
    double slip_mm = m_with.slipMean_mm;
    if (m_with.slipEvenly_mm > 0.0)
        slip_mm += m_random.uniform(-m_with.slipEvenly_mm, m_with.slipEvenly_mm);
    if (m_with.slipSd_mm > 0.0)
        slip_mm += m_with.slipSd_mm * m_random.normal();
    const Metres slip = Metres::fromMillimetres(slip_mm);
    const Metres real = shortens ? wanted - slip : wanted + slip;
    const Metres read = real + Metres::fromMillimetres(m_with.caliper_mm * m_random.normal());
    const auto bounded = [&](const Instrument& shape, Metres size) {
        const Metres now = *presentSize(shape, asked);
        if (std::holds_alternative<MoveStopper>(asked))
            return std::max(size, Metres::fromMillimetres(0.5));
        return shortens ? std::min(size, now) : std::max(size, now);
    };
    auto next = applied(m_actual, withSize(asked, bounded(m_actual, real)));
    if (!next) {
        m_stuck = true;
        return;
    }
    m_actual = std::move(*next);
    const Metres from = *presentSize(m_book.present(), asked);
    put(CutEntry{withSize(asked, bounded(m_book.present(), read)), from, wanted, forecast});
}

void Bench::comply(const Contradiction& c)
{
    const auto again = [this](const std::string& note) {
        const auto readings = m_book.readings();
        const auto it = std::find_if(readings.rbegin(), readings.rend(),
                                     [&](const PlacedReading& r) { return r.reading->fingering.text == note; });
        if (it != readings.rend())
            put(SetAsideEntry{it->entry->id, "doubted"});
        hear({note});
    };
    const Metres error = Metres::fromMillimetres(m_with.caliper_mm * m_random.normal());
    switch (c.kind) {
    case Contradiction::Kind::Hole: put(MeasureEntry{HoleId{c.what}, m_actual.find(HoleId{c.what})->diameter + error}); break;
    case Contradiction::Kind::Temperature: put(MeasureEntry{std::nullopt, m_actual.length() + error}); break;
    case Contradiction::Kind::Swapped: again(c.with); [[fallthrough]];
    case Contradiction::Kind::Unsettled:
    case Contradiction::Kind::Reading: again(c.what); break;
    }
}

void Bench::put(EntryBody body)
{
    if (!m_book.append({m_book.nextId(), "2026-01-01T00:00:00Z", std::move(body)}))
        m_stuck = true;
}

std::optional<Workbook> mistyped(const Blank& blank, std::size_t hole, Metres by)
{
    InstrumentSpec typed = blank.believed.spec();
    Hole& h = typed.holes[hole];
    h.diameter = h.diameter + by;
    h.undercutDiameter = h.undercutDiameter + by;
    const auto believed = Instrument::make(typed);
    if (!believed)
        return std::nullopt;
    Workbook book(*believed);
    Bench bench(blank);
    for (const Fingering& f : typed.fingerings)
        bench.hear(f.id);
    for (const Entry& e : bench.book().entries())
        if (!book.append(e))
            return std::nullopt;
    return book;
}

} // namespace dowel::sim
