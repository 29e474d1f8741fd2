// SPDX-License-Identifier: GPL-3.0-or-later
// Work done on the wood, and what the instrument is after it. Each kind stands in a file of its own under cuts/; here is what
// can be asked of all of them. One that would have to add material to the wood is refused.
#pragma once

#include "core/instrument/cuts/chamfer.h"
#include "core/instrument/cuts/change_stopper.h"
#include "core/instrument/cuts/cut_lip.h"
#include "core/instrument/cuts/cut_up.h"
#include "core/instrument/cuts/deepen.h"
#include "core/instrument/cuts/enlarge.h"
#include "core/instrument/cuts/fill.h"
#include "core/instrument/cuts/groove.h"
#include "core/instrument/cuts/lacquer.h"
#include "core/instrument/cuts/move_block.h"
#include "core/instrument/cuts/move_slide.h"
#include "core/instrument/cuts/move_stopper.h"
#include "core/instrument/cuts/open_embouchure.h"
#include "core/instrument/cuts/open_windway.h"
#include "core/instrument/cuts/push_plug.h"
#include "core/instrument/cuts/put_on_foot.h"
#include "core/instrument/cuts/ream.h"
#include "core/instrument/cuts/ream_taper.h"
#include "core/instrument/cuts/set_slide.h"
#include "core/instrument/cuts/sink.h"
#include "core/instrument/cuts/smooth.h"
#include "core/instrument/cuts/trim_foot.h"
#include "core/instrument/cuts/undercut.h"
#include "core/instrument/cuts/undercut_embouchure.h"

#include <variant>

namespace dowel {

/// Every kind there is, in the order in which a maker is offered them.
using Cut = std::variant<Enlarge, TrimFoot, Deepen, CutUp, OpenEmbouchure, UndercutEmbouchure, MoveStopper, Undercut, Fill,
                         PushPlug, PutOnFoot, Ream, Sink, Groove, OpenWindway, Chamfer, MoveSlide, MoveBlock, Smooth, Lacquer,
                         CutLip, ChangeStopper, ReamTaper, SetSlide>;

/// The instrument after the cut. Errors: UnknownName (no such hole), NotRemovable (the step would add material, with the
/// sizes), BadGeometry/BadValue from Instrument::make or where the cut does not fit this kind of instrument.
Result<Instrument> applied(const Instrument& before, const Cut& cut);

/// The size the cut changes, as it is on an instrument (hole diameter, tube length, ...); nothing where the instrument
/// has no such thing. For Ream: the narrowest bore between its ends; for PutOnFoot: the length of what is on, 0 for nothing.
std::optional<Metres> presentSize(const Instrument& instrument, const Cut& cut);
/// Whether a cut that was made is the one that was advised, but for its size: the same kind at the same place. Of two stretches
/// of bore: where they share more than half of the shorter one. Of two joints: where they are one.
[[nodiscard]] bool isSameStep(const Cut& advised, const Cut& made);
/// The size the cut asks for.
Metres wantedSize(const Cut& cut);
/// The same cut to another size.
Cut withSize(Cut cut, Metres size);
/// What its kind says of itself.
[[nodiscard]] const CutFacts& factsOf(const Cut& cut);
/// The hole that is worked on, where it is one.
std::optional<HoleId> holeOf(const Cut& cut);

/// Every kind of work that can be done on an instrument, each at the size that is there now: what a maker may have done without
/// being asked. Reaming is not among it, which is between two places.
[[nodiscard]] std::vector<Cut> worksOn(const Instrument& instrument);

/// Calls with each kind of cut once, as Cut{} holding it: for who looks a kind up by its word.
template <class Each> void forEachCutKind(Each each)
{
    [&]<class... Kinds>(const std::variant<Kinds...>*) {
        (each(Kinds{}), ...);
    }(static_cast<const Cut*>(nullptr));
}

} // namespace dowel
