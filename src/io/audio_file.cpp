// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/audio_file.h"

#include "core/base/thread_role.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstring>
#include <filesystem>
#include <fstream>
#include <memory>
#include <sndfile.h>

namespace dowel::io {

namespace {

constexpr double longestTake_s = 600.0;

struct Close
{
    void operator()(SNDFILE* f) const { sf_close(f); }
};
using File = std::unique_ptr<SNDFILE, Close>;

/// A WAV whose header promises more bytes than the file has was cut off; libsndfile would quietly read the rest.
bool cutOff(const std::string& path)
{
    std::ifstream file(path, std::ios::binary);
    std::array<char, 12> head{};
    if (!file.read(head.data(), head.size()) || std::memcmp(head.data(), "RIFF", 4) != 0 || std::memcmp(&head[8], "WAVE", 4) != 0)
        return false;
    std::error_code problem;
    const auto size = std::filesystem::file_size(path, problem);
    const auto little = [](const char* p) {
        std::uint32_t v = 0;
        for (int i = 3; i >= 0; --i)
            v = v << 8U | static_cast<unsigned char>(p[i]);
        return v;
    };
    std::uintmax_t at = 12;
    std::array<char, 8> chunk{};
    while (!problem && file.read(chunk.data(), chunk.size())) {
        const std::uint32_t length = little(&chunk[4]);
        at += 8;
        if (std::memcmp(chunk.data(), "data", 4) == 0)
            return length != 0xFFFFFFFFU && at + length > size;
        at += length + (length & 1U);
        file.seekg(static_cast<std::streamoff>(at));
    }
    return true; // no sound in it at all
}

/// What a header says, as far as it can be believed. Errors: BadAudio.
Status checkHeader(const SF_INFO& info, const std::string& name, double longest_s)
{
    constexpr int lowest_Hz = 8000;
    constexpr int highest_Hz = 192000;
    constexpr int mostChannels = 32;
    if (info.frames <= 0 || info.channels <= 0)
        return Error{ErrorCode::BadAudio, name, "holds no samples"};
    if (info.samplerate < lowest_Hz || info.samplerate > highest_Hz)
        return Error{ErrorCode::BadAudio, name,
                     std::to_string(info.samplerate) + " samples a second; must be " + std::to_string(lowest_Hz) + " to " +
                         std::to_string(highest_Hz)};
    if (info.channels > mostChannels)
        return Error{ErrorCode::BadAudio, name, std::to_string(info.channels) + " channels; at most 32"};
    if (static_cast<double>(info.frames) / info.samplerate > longest_s)
        return Error{ErrorCode::BadAudio, name,
                     "longer than " + std::to_string(std::lround(longest_s / 60.0)) + " minutes; cut it into takes"};
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
    return {ErrorCode::BadAudio, name, std::to_string(total) + " of " + std::to_string(frames) + " samples; the file is cut off"};
}

Result<Samples> readAll(const File& file, const SF_INFO& info, const std::string& name)
{
    if (auto ok = checkHeader(info, name, longestTake_s); !ok)
        return ok.error();
    Samples samples;
    samples.rate_Hz = info.samplerate;
    const auto frames = static_cast<std::size_t>(info.frames);
    const std::size_t total = readOn(file.get(), info.channels, frames, samples.values);
    if (total != frames || sf_error(file.get()) != SF_ERR_NO_ERROR)
        return endedEarly(name, total, info.frames);
    return samples;
}

/// A plain file that could be sound. Errors: Unreadable, BadAudio.
Result<File> opened(const std::string& path, SF_INFO& info)
{
    std::error_code problem;
    const auto status = std::filesystem::status(path, problem);
    if (!std::filesystem::exists(status))
        return Error{ErrorCode::Unreadable, path, "no such file is there"};
    if (!std::filesystem::is_regular_file(status)) // a pipe would be waited for
        return Error{ErrorCode::Unreadable, path,
                     std::filesystem::is_directory(status) ? "it is a folder" : "it is no plain file"};
    if (std::filesystem::file_size(path, problem) == 0)
        return Error{ErrorCode::BadAudio, path, "the file is empty"};
    File file(sf_open(path.c_str(), SFM_READ, &info));
    if (!file)
        return Error{ErrorCode::BadAudio, path, sf_strerror(nullptr)};
    if (cutOff(path))
        return Error{ErrorCode::BadAudio, path, "the file is cut off: its header promises more sound than it holds"};
    return file;
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

Result<Samples> readAudioFile(const std::string& path)
{
    enterDoor(Door::ReadFile);
    SF_INFO info{};
    const auto file = opened(path, info);
    if (!file)
        return file.error();
    return readAll(*file, info, path);
}

struct SoundFile::Parts
{
    std::string path;
    SF_INFO info{};
    File file;
    std::size_t read = 0;
};

SoundFile::SoundFile(std::unique_ptr<Parts> parts) : m_parts(std::move(parts)) {}
SoundFile::~SoundFile() = default;
SoundFile::SoundFile(SoundFile&&) noexcept = default;
SoundFile& SoundFile::operator=(SoundFile&&) noexcept = default;

Result<SoundFile> SoundFile::open(const std::string& path)
{
    SF_INFO info{};
    auto file = opened(path, info);
    if (!file)
        return file.error();
    constexpr double longest_s = 8.0 * 3600.0;
    if (auto ok = checkHeader(info, path, longest_s); !ok)
        return ok.error();
    return SoundFile(std::make_unique<Parts>(Parts{path, info, std::move(*file), 0}));
}

double SoundFile::rate_Hz() const
{
    return m_parts->info.samplerate;
}

Result<std::size_t> SoundFile::next(std::size_t most, std::vector<float>& values)
{
    Parts& p = *m_parts;
    const std::size_t left = static_cast<std::size_t>(p.info.frames) - p.read;
    const std::size_t asked = std::min(most, left);
    const std::size_t got = readOn(p.file.get(), p.info.channels, asked, values);
    p.read += got;
    if (got != asked || sf_error(p.file.get()) != SF_ERR_NO_ERROR)
        return endedEarly(p.path, p.read, p.info.frames);
    return got;
}

Result<std::vector<unsigned char>> flacOf(const Samples& samples)
{
    Memory memory;
    SF_VIRTUAL_IO io = memoryCalls();
    SF_INFO info = infoFor(samples, SF_FORMAT_FLAC | SF_FORMAT_PCM_24);
    if (samples.values.empty())
        return Error{ErrorCode::BadAudio, "take", "holds no samples"};
    {
        const File file(sf_open_virtual(&io, SFM_WRITE, &info, &memory));
        if (!file || !writeAll(file, samples))
            return Error{ErrorCode::BadAudio, "take", sf_strerror(file.get())};
    }
    return std::move(memory.bytes);
}

Result<Samples> samplesOfFlac(const std::vector<unsigned char>& flac)
{
    Memory memory{flac, 0};
    SF_VIRTUAL_IO io = memoryCalls();
    SF_INFO info{};
    const File file(sf_open_virtual(&io, SFM_READ, &info, &memory));
    if (!file)
        return Error{ErrorCode::BadAudio, "take", sf_strerror(nullptr)};
    return readAll(file, info, "take");
}

Status writeAudioFile(const std::string& path, const Samples& samples)
{
    const bool flac = path.ends_with(".flac");
    SF_INFO info = infoFor(samples, (flac ? SF_FORMAT_FLAC : SF_FORMAT_WAV) | SF_FORMAT_PCM_24);
    const File file(sf_open(path.c_str(), SFM_WRITE, &info));
    if (!file || !writeAll(file, samples))
        return Error{ErrorCode::Unwritable, path, sf_strerror(file.get())};
    return Done{};
}

} // namespace dowel::io
