// SPDX-License-Identifier: GPL-3.0-or-later
// What is blown, as a lumped element at the top of the tube: window, embouchure hole with its stopper's cavity, or a
// closed volume behind a reed or lips. The corrections are starting values that a fit replaces by a factor and a slope
// over frequency. Not modelled: the jet's or reed's own pull on the pitch, a blowing law fitted elsewhere.
#pragma once

#include "core/acoustics/ends.h"
#include "core/acoustics/line.h"
#include "core/acoustics/shape.h"

namespace dowel::acoustics {

// Where the mouth's slope over frequency turns; the middle of the small flutes' range.
inline constexpr double mouthPivot_Hz = 700.0;
// Inner and outer end corrections of a window with a lip on one side, in radii of equal area: no source,
// starting values that the fit replaces.
inline constexpr double windowInner = 0.8;
inline constexpr double windowOuter = 0.6;
// Cheeks and cover stand round about half of a window's outside: their height counts half. No source; fitted.
inline constexpr double coverShare = 0.5;

template <class C> struct MouthInputs
{
    AirState<C> air;
    C omega;
    C loss;
    C mouthLog;
    C mouthSlope;
    C topRadius;
    std::array<C, excitationMeasures> measure;
    C tube; ///< impedance of the tube below the mouth, Pa s / m^3
};

/// Impedance of a rigidly closed tube seen from its end.
template <class C> C closedCavity(const Medium<C>& medium, const C& radius_m, const C& length_m)
{
    const Matrix<C> m = boreSegment(medium, radius_m, radius_m, length_m, 1);
    return m.a / m.c;
}

// What lies above a window, and above an embouchure hole, is a cavity alike.
static_assert(duct::upstream == across::stopper);
/// The closed cavity above the mouth; only where cavityLength() is above 0.
template <class C> C cavityImpedance(const MouthInputs<C>& in, const AirOf<C>& air)
{
    return closedCavity(Medium<C>::at(air, in.omega, in.loss), in.topRadius, in.measure[across::stopper]);
}
[[nodiscard]] inline double cavityLength(const Shape& shape)
{
    return shape.mouth == Shape::Mouth::ClosedTop ? 0.0 : shape.excitation[across::stopper];
}

/// Series impedance of a window or embouchure hole, or shunt admittance of a closed top's volume.
template <class C> C mouthLoad(Shape::Mouth mouth, const MouthInputs<C>& in, const AirOf<C>& air)
{
    using std::exp;
    using std::log;
    using std::sqrt;
    const C jw = Complex(0.0, 1.0) * in.omega;
    const C frequency = in.omega / (2.0 * std::numbers::pi);
    const C fitted = exp(in.mouthLog + in.mouthSlope * log(frequency / mouthPivot_Hz));
    if (mouth == Shape::Mouth::ClosedTop)
        return jw * in.measure[closedTop::volume] * fitted / (air.density * air.speed * air.speed);
    C inertance;
    if (mouth == Shape::Mouth::Duct) {
        const C& length = in.measure[duct::length];
        const C window = length * in.measure[duct::width];
        const C equalRadius = sqrt(window / std::numbers::pi);
        C chimney = in.measure[duct::chimney];
        // Along a ramp the window widens from the edge outwards; the air's inertance is the integral over its widths.
        const C widening = chimney * in.measure[duct::ramp] / length;
        if (valueOf(widening).real() > 1e-12)
            chimney = chimney * log(1.0 + widening) / widening;
        const C depth = chimney + coverShare * in.measure[duct::cover] + (windowInner + windowOuter) * equalRadius;
        inertance = air.density * depth / window;
    } else {
        const C hole = (std::numbers::pi / 4.0) * in.measure[across::length] * in.measure[across::width];
        const C open = hole * (1.0 - in.measure[across::lipCover]);
        const C radius = sqrt(hole / std::numbers::pi);
        const C openRadius = sqrt(open / std::numbers::pi);
        // Undercut, the chimney is a cone to the bore: the air's inertance is the integral over its widths, depth / (pi a b).
        const C inside = 0.5 * sqrt((in.measure[across::length] + in.measure[across::undercut]) *
                                    (in.measure[across::width] + in.measure[across::undercut]));
        const C d = inside / in.topRadius;
        // Inner end as of a side hole [LS12], outer end as in a plane, over the area that the lip leaves.
        const C inner = inside * polynomial(std::array{0.822, -0.095, -1.566, 2.138, -1.640, 0.502}, d);
        inertance = air.density * (in.measure[across::chimney] / (std::numbers::pi * radius * inside) +
                                   inner / (std::numbers::pi * inside * inside) + 0.8216 * openRadius / open);
    }
    // Resistance of a small source into half-open space.
    const C radiated = air.density * in.omega * in.omega / ((4.0 * std::numbers::pi) * air.speed);
    return jw * inertance * fitted + radiated;
}

/// Total impedance (flutes) or admittance (closed top), over its characteristic value at the top of the bore.
template <class C> C totalAtMouth(const Shape& shape, const MouthInputs<C>& in)
{
    const AirOf<C> air = AirOf<C>::at(in.air);
    const C area = std::numbers::pi * in.topRadius * in.topRadius;
    const C characteristic = air.density * air.speed / area;
    const C load = mouthLoad(shape.mouth, in, air);
    if (shape.mouth == Shape::Mouth::ClosedTop)
        return (1.0 / in.tube + load) * characteristic;
    if (cavityLength(shape) > 0.0) {
        const C cavity = cavityImpedance(in, air);
        return (in.tube * cavity / (in.tube + cavity) + load) / characteristic;
    }
    return (in.tube + load) / characteristic;
}

} // namespace dowel::acoustics
