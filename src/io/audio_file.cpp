// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/audio_file.h"

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

constexpr double longest_s = 3600.0;

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

Result<Samples> readAll(const File& file, const SF_INFO& info, const std::string& name)
{
    if (info.frames <= 0 || info.channels <= 0 || info.samplerate <= 0)
        return Error{ErrorCode::BadAudio, name, "holds no samples"};
    if (static_cast<double>(info.frames) / info.samplerate > longest_s)
        return Error{ErrorCode::BadAudio, name, "longer than an hour; cut it into takes"};
    Samples samples;
    samples.rate_Hz = info.samplerate;
    samples.values.reserve(static_cast<std::size_t>(info.frames));
    const auto channels = static_cast<std::size_t>(info.channels);
    constexpr std::size_t block = 65536;
    std::vector<float> buffer(block * channels);
    sf_count_t total = 0;
    for (;;) {
        const sf_count_t got = sf_readf_float(file.get(), buffer.data(), static_cast<sf_count_t>(block));
        if (got <= 0)
            break;
        total += got;
        for (std::size_t i = 0; i < static_cast<std::size_t>(got); ++i) {
            float sum = 0.0F;
            for (std::size_t c = 0; c < channels; ++c)
                sum += buffer[i * channels + c];
            samples.values.push_back(sum / static_cast<float>(channels));
        }
    }
    if (total != info.frames || sf_error(file.get()) != SF_ERR_NO_ERROR)
        return Error{ErrorCode::BadAudio, name,
                     std::to_string(total) + " of " + std::to_string(info.frames) + " samples; the file is cut off"};
    return samples;
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
    std::error_code problem;
    if (!std::filesystem::is_regular_file(path, problem))
        return Error{ErrorCode::Unreadable, path, "is not there"};
    if (std::filesystem::file_size(path, problem) == 0)
        return Error{ErrorCode::BadAudio, path, "the file is empty"};
    SF_INFO info{};
    const File file(sf_open(path.c_str(), SFM_READ, &info));
    if (!file)
        return Error{ErrorCode::BadAudio, path, sf_strerror(nullptr)};
    if (cutOff(path))
        return Error{ErrorCode::BadAudio, path, "the file is cut off: its header promises more sound than it holds"};
    return readAll(file, info, path);
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
