// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/jet.h"

#include <cmath>

namespace dowel::acoustics {

namespace {
constexpr double density = 1.16; // of breath at some 33 degrees, in kilograms per cubic metre
}

double breathFor_Pa(Hertz note, Metres cutUp, Metres windway, double isingNumber)
{
    const double speed_m_s = isingNumber * note.hertz() * std::sqrt(std::pow(cutUp.metres(), 3) / windway.metres());
    return 0.5 * density * speed_m_s * speed_m_s;
}

double windwayLoss_Pa(double jet_Pa, Metres windway, Metres windwayLength)
{
    constexpr double viscosity_Pa_s = 1.88e-5;
    const double speed_m_s = std::sqrt(2.0 * jet_Pa / density);
    return 12.0 * viscosity_Pa_s * windwayLength.metres() * speed_m_s / std::pow(windway.metres(), 2);
}

} // namespace dowel::acoustics
