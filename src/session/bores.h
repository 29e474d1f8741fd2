// SPDX-License-Identifier: GPL-3.0-or-later
// Which bore? The plan's instrument on two to four bores side by side, each with its own best row of holes: what each does to
// every note, to octaves or twelfths, to the third register, and what undercutting could still mend.
#pragma once

#include "core/layout/layout.h"
#include "core/plan/registers.h"

#include <optional>
#include <vector>

namespace dowel::session {

enum class BoreKind { AsPlanned, Narrower, Wider, NarrowerFoot, SmallerMouthpiece, LargerMouthpiece, Own };
/// Stable words: "as_planned", "narrower", "wider", "narrower_foot", "smaller_mouthpiece", "larger_mouthpiece",
/// "own".
[[nodiscard]] std::string_view boreKindName(BoreKind kind);

/// Those worth trying on an instrument of this kind, the plan's own first. By how much: common practice, no source.
[[nodiscard]] std::vector<std::pair<BoreKind, Blank>> boresFor(const Blank& blank);

struct BoreTried
{
    BoreKind kind = BoreKind::AsPlanned;
    Blank blank;
    Layout layout;
    int within = 0;                    ///< notes within tolerance
    std::vector<RegisterPair> octaves; ///< or twelfths
    /// The lowest fingering's third resonance less what would be in line with its first: three times as high, five of a reed.
    std::optional<Cents> third;
    /// Notes out of tolerance that a layout with undercut holes brings in.
    std::vector<std::size_t> undercutMends;
};
struct BoresAsked
{
    std::vector<Metres> own;       ///< at the head, or of a reed's body below its joint; instead of those of boresFor()
    std::optional<Instrument> row; ///< every bore with this row of holes; nothing: each with the one that suits it best
};
inline constexpr std::size_t mostOwnBores = 4;
/// One bore, laid out or with the row that was asked for. Errors: those of layOut() and layoutAt().
[[nodiscard]] Result<BoreTried> tried(BoreKind kind, const Blank& blank, const LayoutWishes& wishes,
                                      const std::optional<Instrument>& row = {}, const Priors& priors = {},
                                      const Cancel& cancel = {});

/// All that are worth trying; one that cannot be laid out is left out. Errors: Cancelled; that of the last where none can be.
[[nodiscard]] Result<std::vector<BoreTried>> boresTried(const Blank& blank, const LayoutWishes& wishes,
                                                        const BoresAsked& asked = {}, const Priors& priors = {},
                                                        const Cancel& cancel = {});

} // namespace dowel::session
