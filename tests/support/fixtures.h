// SPDX-License-Identifier: GPL-3.0-or-later
// An invented whistle and small helpers that many tests share.
#pragma once

#include "core/instrument/cut.h"
#include "core/instrument/instrument.h"

#include <cmath>
#include <string>
#include <vector>

namespace dowel::fixtures {

inline Metres mm(double v)
{
    return Metres::fromMillimetres(v);
}

/// A six-hole duct pipe in D of 277.5 mm with every hole small and the foot long: the demo's measures.
inline InstrumentSpec whistleSpec()
{
    InstrumentSpec s;
    s.name = "Test whistle";
    s.family = Family::Whistle;
    s.excitation = Duct{mm(9.5), mm(5.5), mm(2.0), Metres{}};
    s.bore = {{mm(0.0), mm(14.0)}, {mm(212.5), mm(12.0)}, {mm(277.5), mm(15.0)}};
    s.wall = mm(3.0);
    const double at[] = {218.0, 193.5, 181.5, 158.5, 138.5, 118.5};
    const double size[] = {5.3, 5.9, 5.3, 6.1, 6.3, 5.9};
    const char* digit[] = {"R3", "R2", "R1", "L3", "L2", "L1"};
    for (std::size_t i = 0; i < 6; ++i)
        s.holes.push_back({{"h" + std::to_string(i + 1)}, mm(at[i]), mm(size[i]), mm(size[i]), mm(3.0), Side::Front, digit[i]});
    const char* names[2][7] = {{"D5", "E5", "F#5", "G5", "A5", "B5", "C#6"}, {"D6", "E6", "F#6", "G6", "A6", "B6", "C#7"}};
    const int semitones[] = {5, 7, 9, 10, 12, 14, 16};
    for (int r = 0; r < 2; ++r) {
        for (std::size_t k = 0; k < 7; ++k) {
            Fingering f;
            f.id = {names[r][k]};
            f.targetName = names[r][k];
            f.registerNumber = r + 1;
            f.target = Hertz::fromHertz(440.0 * std::exp2((semitones[k] + 12.0 * r) / 12.0));
            f.tolerance = Cents::fromCents(6.0);
            f.weight = r == 0 ? 1.0 : 0.8;
            for (std::size_t i = k; i < 6; ++i)
                f.closed.push_back({"h" + std::to_string(i + 1)});
            s.fingerings.push_back(f);
        }
    }
    for (double b = 4.0; b <= 10.0; b += 0.5)
        s.tools.bits.push_back(mm(b));
    s.limits.holeMax = mm(10.0);
    s.limits.footMin = mm(263.5);
    return s;
}

inline Instrument whistle()
{
    return Instrument::make(whistleSpec()).value();
}

/// A duct pipe of three joints with tapered bore, seven holes and one for the thumb, twenty fingerings in two registers;
/// the upper one is played with the thumb's hole nearly closed.
inline InstrumentSpec eightHoleSpec()
{
    InstrumentSpec s;
    s.name = "Test pipe with thumb hole";
    s.family = Family::Recorder;
    s.excitation = Duct{mm(11.5), mm(4.4), mm(2.6), Metres{}, mm(0.8), 2.4};
    s.bore = {{mm(0.0), mm(18.6)},   {mm(62.0), mm(18.4)},  {mm(62.3), mm(18.0)},
              {mm(236.0), mm(13.2)}, {mm(236.3), mm(13.0)}, {mm(304.0), mm(11.4)}};
    s.wall = mm(4.2);
    const double at[] = {266.0, 234.0, 211.0, 181.0, 158.0, 132.0, 107.0, 99.0};
    const double size[] = {5.0, 5.6, 5.2, 5.9, 5.4, 6.2, 5.6, 5.4};
    const char* digit[] = {"R4", "R3", "R2", "R1", "L3", "L2", "L1", "L0"};
    for (std::size_t i = 0; i < 8; ++i)
        s.holes.push_back({{"h" + std::to_string(i + 1)},
                           mm(at[i]),
                           mm(size[i]),
                           mm(size[i]),
                           mm(4.2),
                           i == 7 ? Side::Back : Side::Front,
                           digit[i]});
    s.holes[7].closure = Closure::Thumb;
    s.holes[0].count = 2;
    s.holes[0].diameter = s.holes[0].undercutDiameter = mm(3.6);
    const auto closedFrom = [](std::size_t lowest, std::size_t highest) {
        std::vector<HoleId> closed;
        for (std::size_t i = lowest; i <= highest; ++i)
            closed.push_back({"h" + std::to_string(i + 1)});
        return closed;
    };
    const auto add = [&](std::vector<HoleId> closed, int registerNumber, double thumb, double pair) {
        Fingering f;
        f.id = {"n" + std::to_string(s.fingerings.size() + 1)};
        f.closed = std::move(closed);
        f.registerNumber = registerNumber;
        if (thumb > 0.0)
            f.half.push_back({{"h8"}, thumb});
        if (pair > 0.0)
            f.half.push_back({{"h1"}, pair});
        f.target = Hertz::fromHertz(523.25 * std::exp2(static_cast<double>(s.fingerings.size()) / 12.0));
        f.tolerance = Cents::fromCents(8.0);
        s.fingerings.push_back(std::move(f));
    };
    for (std::size_t open = 0; open <= 7; ++open)
        add(closedFrom(open, 7), 1, 0.0, 0.0);
    add(closedFrom(1, 7), 1, 0.0, 0.5);
    add({}, 1, 0.0, 0.0);
    add({{"h1"}, {"h2"}, {"h3"}, {"h5"}, {"h6"}, {"h7"}, {"h8"}}, 1, 0.0, 0.0); // forked
    add({{"h2"}, {"h3"}, {"h4"}, {"h6"}, {"h7"}, {"h8"}}, 1, 0.0, 0.0);
    for (std::size_t open = 0; open <= 6; ++open)
        add(closedFrom(open, 6), 2, 0.12, 0.0);
    add({{"h1"}, {"h2"}, {"h3"}, {"h5"}, {"h6"}, {"h7"}}, 2, 0.12, 0.0);
    return s;
}

inline Instrument eightHolePipe()
{
    return Instrument::make(eightHoleSpec()).value();
}

} // namespace dowel::fixtures
