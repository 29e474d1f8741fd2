// SPDX-License-Identifier: GPL-3.0-or-later
// What an instrument can be made to sound: every fingering for a pitch, ranked, and where a slide stands for every note.
#pragma once

#include "core/acoustics/colour.h"
#include "core/base/cancel.h"
#include "core/forecast/forecast.h"
#include "core/layout/template_sheet.h"

#include <optional>
#include <string>
#include <vector>

namespace dowel::session {

/// A way to finger a pitch.
struct FingeringFound
{
    std::vector<HoleId> closed;
    std::vector<HalfHole> half;
    int registerNumber = 1;
    Hertz pitch;
    Cents off; ///< from the pitch that is wished for
    Cents sd;
    acoustics::Speech speech = acoustics::Speech::Well;
    int fingersToNeighbours = 0; ///< that move between it and the notes below and above it on the chart, together
};

struct FingeringsAsked
{
    Hertz pitch;
    std::optional<int> registerNumber; ///< nothing: the first three
    std::size_t most = 12;
    Cents within = Cents::fromCents(50.0);
};

/// Best first: near the pitch, sure to speak, near its neighbours by hand; the weights are the project's own. By the fit of the
/// workbook, with the player's way in the register as its nearest note on the chart has it. A hole that the chart leaves partly
/// free somewhere is tried so too. Errors: BadValue (more than 14 holes), those of Posterior::cents(), Cancelled.
[[nodiscard]] Result<std::vector<FingeringFound>> fingeringsFor(const Forecaster& forecaster, const Instrument& instrument,
                                                                const FingeringsAsked& asked, const Cancel& cancel = {});

/// Where a slide stands for a note.
struct SlideMark
{
    std::string note;
    Hertz pitch;
    Metres slide; ///< from the sounding edge to its face
    Metres sd;
};

/// The instrument as it is, a slide drawn out as far as it has stood in this record: what all of its notes lie on.
[[nodiscard]] Instrument fullyOut(const Workbook& book);
/// Every note of the tuning's scale from the lower to the higher, both named; nothing: from the lowest that the tube reaches, and
/// two octaves up or to where a slide so far in no longer sounds. Errors: BadValue (where = a name, or what is no slide: an open
/// foot, holes, another family), those of
/// Posterior::forecast().
[[nodiscard]] Result<std::vector<SlideMark>> slideMarks(const Posterior& posterior, const Instrument& instrument,
                                                        const std::optional<std::string>& from,
                                                        const std::optional<std::string>& to);

/// The full-size template of a row; of a slide with the places of its face, by what was heard of it, else by what is known
/// beforehand.
[[nodiscard]] std::vector<TemplateSheet> sheetsOf(const Instrument& start, const Instrument& goal, const SheetWishes& wishes = {},
                                                  const Posterior* heard = nullptr);

} // namespace dowel::session
