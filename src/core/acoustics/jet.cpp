// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/jet.h"

#include <cmath>

namespace dowel::acoustics {

double breathFor_Pa(Hertz note, Metres cutUp, Metres windway, double isingNumber)
{
    constexpr double density = 1.16; // of breath at some 33 degrees
    const double speed_m_s = isingNumber * note.hertz() * std::sqrt(std::pow(cutUp.metres(), 3) / windway.metres());
    return 0.5 * density * speed_m_s * speed_m_s;
}

} // namespace dowel::acoustics
