// SPDX-License-Identifier: GPL-3.0-or-later
// The specification's own keys, for readers of files that hold more than those.
#pragma once

#include "core/instrument/instrument.h"
#include "io/json_reader.h"

namespace dowel::io {

/// Reads what a specification may hold and leaves other keys alone; the first trouble goes to error. Not yet checked as
/// a shape.
[[nodiscard]] InstrumentSpec readSpec(JsonReader& reader, std::optional<Error>& error);

/// Its tuning, checked.
[[nodiscard]] Tuning tuningFrom(JsonReader reader, std::optional<Error>& error);
[[nodiscard]] Tools toolsFrom(JsonReader reader);
[[nodiscard]] Limits limitsFrom(JsonReader reader);
/// length_mm, mouth_mm and shape.
[[nodiscard]] FootPiece footPieceFrom(JsonReader& reader);
/// Empty where there are none.
[[nodiscard]] std::vector<Node> nodesFrom(JsonReader& reader);
/// One fingering; a named target by that tuning.
[[nodiscard]] Fingering fingeringFrom(JsonReader reader, const Tuning& tuning);

} // namespace dowel::io
