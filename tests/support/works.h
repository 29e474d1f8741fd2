// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "support/fixtures.h"

namespace dowel::fixtures {

/// One of each that has work of its own: a window, an embouchure hole, a closed foot that is bored deeper, a rough bore with a
/// joint, a slide.
inline std::vector<Instrument> oneOfEachMouth()
{
    InstrumentSpec across = whistleSpec();
    across.excitation = Transverse{mm(10.0), mm(9.0), mm(4.0), mm(18.0)};
    InstrumentSpec stopped = whistleSpec();
    stopped.foot = Foot::Closed;
    stopped.family = Family::Stopped;
    InstrumentSpec jointed = whistleSpec();
    jointed.slides = {{mm(60.0), mm(1.0), jointed.bore.front().diameter}};
    for (Station& s : jointed.bore)
        s.roughness = 1.6;
    InstrumentSpec slide = stopped;
    slide.family = Family::Slide;
    slide.holes.clear();
    slide.fingerings.resize(1);
    slide.fingerings.front().closed.clear();
    return {whistle(), Instrument::make(across).value(), Instrument::make(stopped).value(), Instrument::make(jointed).value(),
            Instrument::make(slide).value()};
}

} // namespace dowel::fixtures
