// SPDX-License-Identifier: GPL-3.0-or-later
// Sound in and out of files and memory by libsndfile: WAV, FLAC and what else it reads. Channels are averaged to one.
#pragma once

#include "core/base/result.h"
#include "core/hearing/take.h"

#include <string>
#include <vector>

namespace dowel::io {

/// Errors: Unreadable (no such file), BadAudio (not sound, no samples, cut off, longer than an hour).
Result<Samples> readAudioFile(const std::string& path);
/// 24-bit FLAC in memory. Values outside -1 to 1 are clipped. Errors: BadAudio (no samples, a rate that FLAC cannot hold).
Result<std::vector<unsigned char>> flacOf(const Samples& samples);
/// Errors: BadAudio.
Result<Samples> samplesOfFlac(const std::vector<unsigned char>& flac);
/// 24-bit WAV or FLAC after the name's ending. Errors: Unwritable.
Status writeAudioFile(const std::string& path, const Samples& samples);

} // namespace dowel::io
