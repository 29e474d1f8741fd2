// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/forecast/sensitivity.h"
#include "core/fit/placed.h"

#include <cmath>
#include <set>
#include <span>

namespace dowel {

namespace {
constexpr double tenth_m = 1e-4;
constexpr double centimetre_m = 1e-2;
constexpr double boreStep_m = 2.5e-3;
} // namespace

Result<NoteSensitivity> sensitivityOf(const Posterior& posterior, const Instrument& shape, const acoustics::NoteQuery& note)
{
    const auto placed = posterior.placed(shape);
    const acoustics::Model model(placed.shape, placed.calibration);
    const auto answers = DOWEL_TRY(model.answers(std::span(&note, 1)));
    acoustics::NoteAnswer a = answers.front();
    const double factor = posterior.blowingFactor();
    for (double& slope : a.centsPer)
        slope *= factor;
    NoteSensitivity s;
    s.pitch = Hertz::fromHertz(a.hertz);
    const auto& holes = shape.spec().holes;
    for (std::size_t i = 0; i < holes.size(); ++i) {
        s.holes.push_back(Cents::fromCents(posterior.holeSlopes(shape, i, note.registerNumber, a).enlarged * tenth_m));
    }
    for (std::size_t i = 0; i < acoustics::excitationMeasures; ++i)
        s.mouth.push_back(Cents::fromCents(a.centsPer[acoustics::ParameterLayout::excitation(i)] * tenth_m));
    s.foot = Cents::fromCents(-a.centsPer[acoustics::ParameterLayout::footLength] * tenth_m);
    if (placed.shape.mouth == acoustics::Shape::Mouth::Duct)
        s.window = s.mouth[acoustics::duct::length];
    if (placed.shape.mouth == acoustics::Shape::Mouth::Transverse) {
        s.embouchure = s.mouth[acoustics::across::length];
        s.stopper = s.mouth[acoustics::across::stopper];
    }
    const auto weights = DOWEL_TRY(model.boreWeights(note, boreStep_m));
    for (const auto& w : weights)
        s.bore.push_back({Metres::fromMetres(w.at_m), Cents::fromCents(w.centsPerSquareMetre * factor * tenth_m * centimetre_m)});
    return s;
}

std::vector<RegisterSensitivity> sensitivitiesOf(const Posterior& posterior, const Instrument& shape, const Fingering& fingering,
                                                 const Cancel& cancel)
{
    std::set<int> registers;
    for (const Fingering& f : shape.spec().fingerings)
        registers.insert(f.registerNumber);
    std::vector<RegisterSensitivity> all;
    for (const int n : registers) {
        if (cancel.requested())
            break;
        auto s = sensitivityOf(posterior, shape, {shape.closedHoles(fingering), n, shape.openShares(fingering)});
        if (s)
            all.push_back({n, std::move(*s)});
    }
    return all;
}

} // namespace dowel
