// SPDX-License-Identifier: GPL-3.0-or-later
// Blanks of strangers: laid out by a truth that is not the model's, wrong in their own way, blown by players whose breath
// changes from one listening to the next, and cut by hands that slip. Nothing here is the program's own layout.
#pragma once

#include "sim/foreign_tube.h"
#include "sim/wood.h"

#include <optional>

namespace dowel::sim {

/// How somebody blows, for good.
struct Habits
{
    double lowFlat_cents = 4.0;     ///< the lowest note of the first register, less towards its top
    double secondSharp_cents = 6.0; ///< the second register
    double slope_cents = 0.0;       ///< an octave
    std::vector<double> own_cents;  ///< each note's; 0 where missing
};

class ForeignWood : public Wood
{
public:
    ForeignWood(Hidden hidden, Habits habits, double pivot_Hz);
    [[nodiscard]] std::vector<double> cents(const Instrument& actual, std::span<const std::size_t> notes,
                                            double room_K) const override;

private:
    Hidden m_hidden;
    Habits m_habits;
    double m_pivot_Hz;
    mutable std::vector<std::optional<double>> m_near; ///< where each note was last found; only saves looking
};

/// What is otherwise in a world besides: fingers hang over the open holes, so that these speak into a slit that is the narrower
/// the wider they are; lips come to each note otherwise in each listening; wood takes up damp and narrows. No source: what such
/// things do is made up, and nothing was set by them.
enum class Law { None, Fingers, Lips, Damp };

/// The blank of a seed, whistle, fife, flute, two-chamber, recorder, reed and horn in turn; only: of one family, by its place in
/// that row, a stopped pipe its eighth. Nothing where no proven design was found.
[[nodiscard]] std::optional<Blank> foreignBlank(std::uint64_t seed, std::optional<std::size_t> only = std::nullopt,
                                                Law law = Law::None);

} // namespace dowel::sim
