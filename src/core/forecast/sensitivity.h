// SPDX-License-Identifier: GPL-3.0-or-later
// What a tenth of a millimetre does to one note, wherever it is taken off: exact derivatives of the fitted model.
#pragma once

#include "core/base/cancel.h"
#include "core/fit/fit.h"

#include <vector>

namespace dowel {

namespace acoustics {
struct NoteQuery;
}

struct NoteSensitivity
{
    struct BorePoint
    {
        Metres at;
        Cents perTenthOverCentimetre; ///< for 0.1 mm more diameter over 10 mm of length
    };
    Hertz pitch;
    std::vector<Cents> holes;        ///< per 0.1 mm more diameter, undercut along where the hole has none
    Cents foot;                      ///< per 0.1 mm cut off; for a closed foot, moved in
    std::optional<Cents> stopper;    ///< per 0.1 mm farther from the embouchure hole
    std::optional<Cents> window;     ///< per 0.1 mm longer window (cut-up)
    std::optional<Cents> embouchure; ///< per 0.1 mm longer embouchure hole
    std::vector<Cents> mouth;        ///< per 0.1 mm more of each measure of the mouth, in the order of acoustics::Shape
    std::vector<BorePoint> bore;     ///< mouth to foot
};

/// One fingering in any of its registers, on a shape of the workbook's instrument.
/// Errors: OutOfModelRange where that register has no resonance in the model's range.
[[nodiscard]] Result<NoteSensitivity> sensitivityOf(const Posterior& posterior, const Instrument& shape,
                                                    const acoustics::NoteQuery& note);

/// One fingering's sensitivities in one register.
struct RegisterSensitivity
{
    int registerNumber = 1;
    NoteSensitivity note;
};
/// A fingering in every register that the chart of the shape uses; one in which it has no resonance is left out. What is
/// done when cancel is asked for is returned.
[[nodiscard]] std::vector<RegisterSensitivity> sensitivitiesOf(const Posterior& posterior, const Instrument& shape,
                                                               const Fingering& fingering, const Cancel& cancel = {});

} // namespace dowel
