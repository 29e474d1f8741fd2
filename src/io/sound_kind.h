// SPDX-License-Identifier: GPL-3.0-or-later
// What kind of sound file a file is, by how it begins and not by its name or by what a library guesses, and whether its end is
// there. Layouts after the formats' own descriptions: Multimedia Programming Interface and Data Specifications 1.0 (WAV), EBU
// Tech 3306 (RF64), AIFF 1.3, RFC 3533 (Ogg), RFC 9639 (FLAC), the header of AU, and Sony's Wave64.
#pragma once

#include "core/base/result.h"

#include <string>

namespace dowel::io {

enum class SoundKind { Wav, Rf64, Wave64, Aiff, Au, Flac, Ogg };

/// Errors: Unreadable (no such file, no plain file), BadAudio (empty, or none of these kinds).
[[nodiscard]] Result<SoundKind> soundKindOf(const std::string& path);
/// Whether the file has less than it says: a header that promises more sound, or a stream without its last page. FLAC says so
/// itself while it is decoded.
[[nodiscard]] bool isCutOff(const std::string& path, SoundKind kind);
/// Whether its decoder asks for memory by what the file says: such a one only runs where it can do no harm.
[[nodiscard]] inline bool needsFence(SoundKind kind)
{
    return kind == SoundKind::Ogg;
}

} // namespace dowel::io
