// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/house.h"

#include "core/base/random.h"
#include "core/layout/families.h"
#include "player/player.h"

#include <cmath>

namespace dowel::sim {

namespace {

/// What one family's blanks are made of.
struct HouseFamily
{
    Family family;
    std::vector<const char*> lowest;
    int registers;
};

const std::vector<HouseFamily>& houseFamilies()
{
    static const std::vector<HouseFamily> all{{Family::Whistle, {"C5", "D5", "Eb5", "F5"}, 2},
                                              {Family::Recorder, {"C5", "F5"}, 1},
                                              {Family::Flute, {"C4", "D4", "Eb4"}, 2},
                                              {Family::Fife, {"A4", "Bb4", "C5"}, 2},
                                              {Family::TwoChamber, {"A4", "G4"}, 1},
                                              {Family::Reed, {"C4", "D4"}, 1},
                                              {Family::Horn, {"F4", "G4", "A4"}, 1}};
    return all;
}

class HouseWood : public Wood
{
public:
    explicit HouseWood(std::uint64_t seed) : m_player({seed, Temperature::fromCelsius(21.0), 24.0}) {}
    [[nodiscard]] std::vector<double> cents(const Instrument& actual, std::span<const std::size_t> notes,
                                            double room_K) const override
    {
        std::vector<double> cents;
        for (const std::size_t i : notes) {
            const Fingering& f = actual.spec().fingerings[i];
            const auto hz = m_player.truth(actual, f, Temperature::fromKelvin(room_K));
            cents.push_back(hz ? 1200.0 * std::log2(hz->hertz() / f.target.hertz()) : silent_cents);
        }
        return cents;
    }

private:
    player::SimulatedPlayer m_player;
};

} // namespace

std::vector<double> Wood::truth(const Instrument& actual) const
{
    std::vector<std::size_t> all(actual.spec().fingerings.size());
    for (std::size_t i = 0; i < all.size(); ++i)
        all[i] = i;
    return cents(actual, all, actual.spec().tuning.playedAt.kelvin());
}

Blank houseBlank(const Instrument& start, std::uint64_t seed)
{
    return {seed, start, start, std::make_shared<HouseWood>(seed), {}};
}

std::optional<Blank> houseBlank(std::uint64_t seed, double tolerance_cents)
{
    Random r(seed * 7919 + 13);
    const HouseFamily& kind = houseFamilies()[seed % houseFamilies().size()];
    PlanTarget target = usualTarget(kind.family);
    target.lowest = kind.lowest[r.next() % kind.lowest.size()];
    target.registers = kind.registers;
    target.tolerance = Cents::fromCents(tolerance_cents);
    auto blank = startingBlank(kind.family, target);
    if (!blank)
        return std::nullopt;
    const double wider = std::exp(0.03 * r.normal());
    for (Station& s : blank->spec.bore)
        s.diameter = s.diameter * wider;
    blank->spec.wall = blank->spec.wall * std::exp(0.08 * r.normal());
    const auto layout = layOut(*blank, {}, false);
    if (!layout)
        return std::nullopt;
    return houseBlank(layout->start, seed);
}

} // namespace dowel::sim
