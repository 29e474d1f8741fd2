// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/audio_file.h"

#include "core/base/number_text.h"
#include "core/base/thread_role.h"
#include "io/fenced_decoder.h"
#include "io/sound_kind.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <memory>
#include <optional>
#include <sndfile.h>
#include <string_view>

namespace dowel::io {

namespace {

constexpr double longestTake_s = 600.0;

struct Close
{
    void operator()(SNDFILE* f) const { sf_close(f); }
};
using File = std::unique_ptr<SNDFILE, Close>;

/// What a header says, as far as it can be believed. Errors: BadAudio.
Status checkHeader(const SF_INFO& info, const std::string& name, double longest_s)
{
    constexpr int lowest_Hz = 8000;
    constexpr int highest_Hz = 192000;
    constexpr int mostChannels = 32;
    if (info.frames <= 0 || info.channels <= 0)
        return Error{ErrorCode::BadAudio, name, FactId::NoSamples};
    if (info.samplerate < lowest_Hz || info.samplerate > highest_Hz)
        return Error{ErrorCode::BadAudio, name, {FactId::SampleRate, info.samplerate, lowest_Hz, highest_Hz}};
    if (info.channels > mostChannels)
        return Error{ErrorCode::BadAudio, name, {FactId::ChannelsAtMost, info.channels, mostChannels}};
    if (static_cast<double>(info.frames) / info.samplerate > longest_s)
        return Error{ErrorCode::BadAudio, name, {FactId::LongerThanMinutes, std::lround(longest_s / 60.0)}};
    return Done{};
}

/// Up to so many samples of all channels' mean, added to what is there. Returns how many.
std::size_t readOn(SNDFILE* file, int channelCount, std::size_t most, std::vector<float>& values)
{
    const auto channels = static_cast<std::size_t>(channelCount);
    constexpr std::size_t block = 16384;
    std::vector<float> buffer(block * channels);
    std::size_t total = 0;
    while (total < most) {
        const sf_count_t got = sf_readf_float(file, buffer.data(), static_cast<sf_count_t>(std::min(block, most - total)));
        if (got <= 0)
            break;
        total += static_cast<std::size_t>(got);
        for (std::size_t i = 0; i < static_cast<std::size_t>(got); ++i) {
            float sum = 0.0F;
            for (std::size_t c = 0; c < channels; ++c)
                sum += buffer[i * channels + c];
            values.push_back(sum / static_cast<float>(channels));
        }
    }
    return total;
}

Error endedEarly(const std::string& name, std::size_t total, sf_count_t frames)
{
    return {ErrorCode::BadAudio, name, {FactId::CutOffAt, total, frames}};
}

/// Decodes a file for whoever takes it; in the process that fences it in.
void decodeInto(const std::string& path, const FencedDecoder::Sink& sink)
{
    SF_INFO info{};
    const File file(sf_open(path.c_str(), SFM_READ, &info));
    if (!file || !sink.head({info.samplerate, info.channels, info.frames}) || info.channels <= 0)
        return;
    constexpr std::size_t block = 65536;
    std::vector<float> values;
    do {
        values.clear();
        if (readOn(file.get(), info.channels, block, values) == 0)
            return;
    } while (sink.samples(values));
}

/// Memory as libsndfile's file.
struct Memory
{
    std::vector<unsigned char> bytes;
    sf_count_t at = 0;
};

SF_VIRTUAL_IO memoryCalls()
{
    SF_VIRTUAL_IO io{};
    io.get_filelen = [](void* user) {
        return static_cast<sf_count_t>(static_cast<Memory*>(user)->bytes.size());
    };
    io.seek = [](sf_count_t offset, int whence, void* user) {
        auto* m = static_cast<Memory*>(user);
        const sf_count_t base = whence == SEEK_CUR ? m->at : whence == SEEK_END ? static_cast<sf_count_t>(m->bytes.size()) : 0;
        m->at = std::max<sf_count_t>(0, base + offset);
        return m->at;
    };
    io.read = [](void* to, sf_count_t count, void* user) {
        auto* m = static_cast<Memory*>(user);
        const auto left = std::max<sf_count_t>(0, static_cast<sf_count_t>(m->bytes.size()) - m->at);
        count = std::min(count, left);
        if (count > 0)
            std::memcpy(to, m->bytes.data() + m->at, static_cast<std::size_t>(count));
        m->at += count;
        return count;
    };
    io.write = [](const void* from, sf_count_t count, void* user) {
        auto* m = static_cast<Memory*>(user);
        const auto end = static_cast<std::size_t>(m->at + count);
        if (m->bytes.size() < end)
            m->bytes.resize(end);
        std::memcpy(m->bytes.data() + m->at, from, static_cast<std::size_t>(count));
        m->at += count;
        return count;
    };
    io.tell = [](void* user) {
        return static_cast<Memory*>(user)->at;
    };
    return io;
}

bool writeAll(const File& file, const Samples& samples)
{
    sf_command(file.get(), SFC_SET_CLIPPING, nullptr, SF_TRUE);
    const auto count = static_cast<sf_count_t>(samples.values.size());
    return sf_writef_float(file.get(), samples.values.data(), count) == count;
}

SF_INFO infoFor(const Samples& samples, int format)
{
    SF_INFO info{};
    info.samplerate = static_cast<int>(std::lround(samples.rate_Hz));
    info.channels = 1;
    info.format = format;
    return info;
}

} // namespace

struct SoundFile::Parts
{
    std::string path;
    SF_INFO info{};
    File file{};                           ///< where the decoder is to be trusted
    std::optional<FencedDecoder> fenced{}; ///< where it is not
    std::size_t read = 0;
};

SoundFile::SoundFile(std::unique_ptr<Parts> parts) : m_parts(std::move(parts)) {}
SoundFile::~SoundFile() = default;
SoundFile::SoundFile(SoundFile&&) noexcept = default;
SoundFile& SoundFile::operator=(SoundFile&&) noexcept = default;

Result<SoundFile> SoundFile::open(const std::string& path, double longest_s)
{
    const auto kind = DOWEL_TRY(soundKindOf(path));
    if (isCutOff(path, kind))
        return Error{ErrorCode::BadAudio, path, FactId::CutOff};
    auto parts = std::make_unique<Parts>();
    parts->path = path;
    if (needsFence(kind)) {
        FencedDecoder::Bounds bounds;
        constexpr double soundOfASecond = 30.0; // decoded at least in a second of processor time
        bounds.processor_s += static_cast<int>(longest_s / soundOfASecond);
        auto fenced = FencedDecoder::start(
            path, [&path](const FencedDecoder::Sink& sink) { decodeInto(path, sink); }, bounds);
        if (!fenced)
            return fenced.error();
        parts->info.samplerate = fenced->head().rate_Hz;
        parts->info.channels = fenced->head().channels;
        parts->info.frames = fenced->head().frames;
        parts->fenced = std::move(*fenced);
    } else {
        parts->file.reset(sf_open(path.c_str(), SFM_READ, &parts->info));
        if (!parts->file)
            return Error{ErrorCode::BadAudio, path, Fact::said(sf_strerror(nullptr))};
    }
    DOWEL_TRY(checkHeader(parts->info, path, longest_s));
    return SoundFile(std::move(parts));
}

double SoundFile::rate_Hz() const
{
    return m_parts->info.samplerate;
}

std::size_t SoundFile::length() const
{
    return static_cast<std::size_t>(m_parts->info.frames);
}

Result<std::size_t> SoundFile::next(std::size_t most, std::vector<float>& values)
{
    Parts& p = *m_parts;
    const std::size_t asked = std::min(most, length() - p.read);
    std::size_t got = 0;
    if (p.fenced) {
        const auto read = DOWEL_TRY(p.fenced->next(asked, values));
        got = read;
    } else {
        got = readOn(p.file.get(), p.info.channels, asked, values);
    }
    p.read += got;
    if (got != asked || (p.file && sf_error(p.file.get()) != SF_ERR_NO_ERROR))
        return endedEarly(p.path, p.read, p.info.frames);
    return got;
}

Result<Samples> readAudioFile(const std::string& path)
{
    enterDoor(Door::ReadFile);
    auto file = DOWEL_TRY(SoundFile::open(path, longestTake_s));
    Samples samples;
    samples.rate_Hz = file.rate_Hz();
    DOWEL_TRY(file.next(file.length(), samples.values));
    return samples;
}

namespace {

// What a kept take was made smaller by, so that nothing of it is cut off, stands in its comment.
constexpr std::string_view scaledBy = "dowel-scale=";

/// The loudest value where that is beyond full scale, else 1.
double scaleOf(const Samples& samples)
{
    float peak = 1.0F;
    for (const float v : samples.values)
        peak = std::max(peak, std::abs(v));
    return static_cast<double>(peak);
}

double scaleSaidIn(SNDFILE* file)
{
    const char* comment = sf_get_string(file, SF_STR_COMMENT);
    const std::string_view text = comment == nullptr ? "" : comment;
    const auto scale = text.starts_with(scaledBy) ? numberFrom(text.substr(scaledBy.size())) : std::nullopt;
    constexpr double most = 1e6;
    return scale && *scale > 1.0 && *scale <= most ? *scale : 1.0;
}

} // namespace

Result<std::vector<unsigned char>> flacOf(const Samples& samples)
{
    Memory memory;
    SF_VIRTUAL_IO io = memoryCalls();
    SF_INFO info = infoFor(samples, SF_FORMAT_FLAC | SF_FORMAT_PCM_24);
    if (samples.values.empty())
        return Error{ErrorCode::BadAudio, "take", FactId::NoSamples};
    const double scale = scaleOf(samples);
    Samples smaller;
    if (scale > 1.0) {
        smaller.rate_Hz = samples.rate_Hz;
        smaller.values.reserve(samples.values.size());
        for (const float v : samples.values)
            smaller.values.push_back(static_cast<float>(static_cast<double>(v) / scale));
    }
    {
        const File file(sf_open_virtual(&io, SFM_WRITE, &info, &memory));
        if (file && scale > 1.0)
            (void)sf_set_string(file.get(), SF_STR_COMMENT, (std::string(scaledBy) + exactText(scale)).c_str());
        if (!file || !writeAll(file, scale > 1.0 ? smaller : samples))
            return Error{ErrorCode::BadAudio, "take", Fact::said(sf_strerror(file.get()))};
    }
    return std::move(memory.bytes);
}

Result<Samples> samplesOfFlac(const std::vector<unsigned char>& flac)
{
    // By its first letters, before the library guesses: no other decoder ever sees what a workbook holds.
    if (flac.size() < 4 || std::memcmp(flac.data(), "fLaC", 4) != 0)
        return Error{ErrorCode::BadAudio, "take", FactId::NoFlac};
    Memory memory{flac, 0};
    SF_VIRTUAL_IO io = memoryCalls();
    SF_INFO info{};
    const File file(sf_open_virtual(&io, SFM_READ, &info, &memory));
    if (!file)
        return Error{ErrorCode::BadAudio, "take", Fact::said(sf_strerror(nullptr))};
    DOWEL_TRY(checkHeader(info, "take", longestTake_s));
    Samples samples;
    samples.rate_Hz = info.samplerate;
    const auto frames = static_cast<std::size_t>(info.frames);
    const std::size_t total = readOn(file.get(), info.channels, frames, samples.values);
    if (total != frames || sf_error(file.get()) != SF_ERR_NO_ERROR)
        return endedEarly("take", total, info.frames);
    if (const double scale = scaleSaidIn(file.get()); scale > 1.0)
        for (float& v : samples.values)
            v = static_cast<float>(static_cast<double>(v) * scale);
    return samples;
}

Status writeAudioFile(const std::string& path, const Samples& samples)
{
    const bool flac = path.ends_with(".flac");
    SF_INFO info = infoFor(samples, (flac ? SF_FORMAT_FLAC : SF_FORMAT_WAV) | SF_FORMAT_PCM_24);
    const File file(sf_open(path.c_str(), SFM_WRITE, &info));
    if (!file || !writeAll(file, samples))
        return Error{ErrorCode::Unwritable, path, Fact::said(sf_strerror(file.get()))};
    return Done{};
}

} // namespace dowel::io
