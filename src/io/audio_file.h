// SPDX-License-Identifier: GPL-3.0-or-later
// Sound in and out of files and memory by libsndfile: WAV, FLAC and what else it reads. Channels are averaged to one.
#pragma once

#include "core/base/result.h"
#include "core/hearing/take.h"

#include <memory>
#include <string>
#include <vector>

namespace dowel::io {

/// A take as a whole. Errors: Unreadable (no such file, no plain file), BadAudio (not sound, no samples, cut off, a rate
/// outside 8 to 192 kHz, longer than ten minutes).
Result<Samples> readAudioFile(const std::string& path);

/// A long recording, read piece by piece.
class SoundFile
{
public:
    /// Errors: as readAudioFile(), but for a length of up to eight hours.
    static Result<SoundFile> open(const std::string& path);
    ~SoundFile();
    SoundFile(SoundFile&&) noexcept;
    SoundFile& operator=(SoundFile&&) noexcept;
    SoundFile(const SoundFile&) = delete;
    SoundFile& operator=(const SoundFile&) = delete;
    [[nodiscard]] double rate_Hz() const;
    /// Adds up to so many samples and says how many; 0 at the end. Errors: BadAudio (ends before its header says).
    [[nodiscard]] Result<std::size_t> next(std::size_t most, std::vector<float>& values);

private:
    struct Parts;
    explicit SoundFile(std::unique_ptr<Parts> parts);
    std::unique_ptr<Parts> m_parts;
};
/// 24-bit FLAC in memory. Values outside -1 to 1 are clipped. Errors: BadAudio (no samples, a rate that FLAC cannot hold).
Result<std::vector<unsigned char>> flacOf(const Samples& samples);
/// Errors: BadAudio.
Result<Samples> samplesOfFlac(const std::vector<unsigned char>& flac);
/// 24-bit WAV or FLAC after the name's ending. Errors: Unwritable.
Status writeAudioFile(const std::string& path, const Samples& samples);

} // namespace dowel::io
