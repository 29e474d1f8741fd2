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

} // namespace dowel::fixtures
