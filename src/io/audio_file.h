// SPDX-License-Identifier: GPL-3.0-or-later
// Sound in and out of files and memory by libsndfile: WAV, FLAC, AIFF, AU, Wave64 and Ogg, told by how they begin. Channels are
// averaged to one.
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

/// A recording, read piece by piece.
class SoundFile
{
public:
    static constexpr double longestRecording_s = 8.0 * 3600.0;
    /// Errors: as readAudioFile(), but for its length.
    static Result<SoundFile> open(const std::string& path, double longest_s = longestRecording_s);
    ~SoundFile();
    SoundFile(SoundFile&&) noexcept;
    SoundFile& operator=(SoundFile&&) noexcept;
    SoundFile(const SoundFile&) = delete;
    SoundFile& operator=(const SoundFile&) = delete;
    [[nodiscard]] double rate_Hz() const;
    /// In samples, as its header has it.
    [[nodiscard]] std::size_t length() const;
    /// Adds up to so many samples and says how many; 0 at the end. Errors: BadAudio (ends before its header says).
    [[nodiscard]] Result<std::size_t> next(std::size_t most, std::vector<float>& values);

private:
    struct Parts;
    explicit SoundFile(std::unique_ptr<Parts> parts);
    std::unique_ptr<Parts> m_parts;
};
/// 24-bit FLAC in memory. Where values go beyond full scale all are made smaller by one factor, which stands in the file and is
/// undone by samplesOfFlac(): what is kept measures as what was heard. Errors: BadAudio (no samples, a rate that FLAC cannot
/// hold).
Result<std::vector<unsigned char>> flacOf(const Samples& samples);
/// Errors: BadAudio.
Result<Samples> samplesOfFlac(const std::vector<unsigned char>& flac);
/// 24-bit WAV or FLAC after the name's ending. Errors: Unwritable.
Status writeAudioFile(const std::string& path, const Samples& samples);

} // namespace dowel::io
