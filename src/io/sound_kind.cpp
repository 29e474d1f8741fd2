// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/sound_kind.h"

#include <algorithm>
#include <array>
#include <cstdint>
#include <filesystem>
#include <fstream>
#include <optional>
#include <string_view>
#include <vector>

namespace dowel::io {

namespace {

using FileHead = std::array<char, 40>;

std::string_view at(const FileHead& head, std::size_t from, std::size_t length)
{
    return std::string_view(head.data(), head.size()).substr(from, length);
}

// Wave64 names its chunks by 16 bytes of which the first four are the letters.
constexpr std::string_view wave64Riff("riff\x2E\x91\xCF\x11\xA5\xD6\x28\xDB\x04\xC1\x00\x00", 16);

class Bytes
{
public:
    explicit Bytes(const std::string& path) : m_file(path, std::ios::binary)
    {
        std::error_code problem;
        m_size = std::filesystem::file_size(path, problem);
        if (problem)
            m_size = 0;
    }
    [[nodiscard]] std::uintmax_t size() const { return m_size; }
    /// Empty where there are not so many.
    [[nodiscard]] std::vector<unsigned char> read(std::uintmax_t from, std::size_t count)
    {
        std::vector<unsigned char> bytes(count);
        m_file.clear();
        m_file.seekg(static_cast<std::streamoff>(from));
        if (!m_file.read(reinterpret_cast<char*>(bytes.data()), static_cast<std::streamsize>(count)))
            bytes.clear();
        return bytes;
    }
    /// An unsigned number of so many bytes; nothing where they are not there.
    [[nodiscard]] std::optional<std::uint64_t> number(std::uintmax_t from, std::size_t count, bool bigEndian)
    {
        auto bytes = read(from, count);
        if (bytes.empty())
            return std::nullopt;
        if (!bigEndian)
            std::reverse(bytes.begin(), bytes.end());
        std::uint64_t value = 0;
        for (const unsigned char b : bytes)
            value = value << 8U | b;
        return value;
    }

private:
    std::ifstream m_file;
    std::uintmax_t m_size = 0;
};

/// How a format strings its chunks together.
struct Chunks
{
    std::uintmax_t first;
    std::size_t name;   ///< bytes
    std::size_t length; ///< bytes
    bool bigEndian;
    std::uint64_t counted; ///< of its own header in a chunk's length
    std::uint64_t aligned; ///< chunks begin at multiples of this
    std::string_view sound;
};

constexpr std::uint64_t unknownLength = 0xFFFFFFFFU;

bool soundCutOff(Bytes& file, const Chunks& c)
{
    std::uintmax_t place = c.first;
    std::optional<std::uint64_t> longSound; // RF64 has the length in a chunk before
    constexpr int mostChunks = 4096;
    for (int i = 0; i < mostChunks; ++i) {
        const auto name = file.read(place, c.name);
        const auto length = file.number(place + c.name, c.length, c.bigEndian);
        if (name.empty() || !length)
            return true; // no sound in it at all
        const std::string_view word(reinterpret_cast<const char*>(name.data()), 4);
        const std::uintmax_t header = c.name + c.length;
        if (*length < c.counted)
            return true;
        std::uint64_t content = *length - c.counted;
        if (word == "ds64")
            longSound = file.number(place + header + 8, 8, false);
        if (word == c.sound) {
            if (content == unknownLength && longSound)
                content = *longSound;
            else if (content == unknownLength)
                return false; // written to a pipe, by a program that could not go back
            return content > file.size() || place + header + content > file.size();
        }
        if (content > file.size())
            return true;
        place += header + content;
        place += (c.aligned - place % c.aligned) % c.aligned;
    }
    return true;
}

/// The last page of an Ogg stream says that it is the last (RFC 3533, 6: header_type 0x04) and is all there.
bool oggCutOff(Bytes& file)
{
    constexpr std::uintmax_t longestPage = 65307;
    const std::uintmax_t from = file.size() > longestPage ? file.size() - longestPage : 0;
    const auto tail = file.read(from, static_cast<std::size_t>(file.size() - from));
    const std::string_view text(reinterpret_cast<const char*>(tail.data()), tail.size());
    constexpr std::size_t fixedHeader = 27;
    for (auto page = text.rfind("OggS"); page != std::string_view::npos; page = page == 0 ? page : text.rfind("OggS", page - 1)) {
        if (page + fixedHeader > text.size())
            return true;
        const std::size_t segments = tail[page + 26];
        if (page + fixedHeader + segments > text.size())
            return true;
        std::size_t body = 0;
        for (std::size_t i = 0; i < segments; ++i)
            body += tail[page + fixedHeader + i];
        if (page + fixedHeader + segments + body == text.size())
            return (tail[page + 5] & 0x04U) == 0;
        if (page == 0)
            break;
    }
    return true;
}

} // namespace

Result<SoundKind> soundKindOf(const std::string& path)
{
    std::error_code problem;
    const auto status = std::filesystem::status(path, problem);
    if (!std::filesystem::exists(status))
        return Error{ErrorCode::Unreadable, path, FactId::NoSuchFile};
    if (!std::filesystem::is_regular_file(status)) // a pipe would be waited for
        return Error{ErrorCode::Unreadable, path,
                     std::filesystem::is_directory(status) ? FactId::ItIsFolder : FactId::ItIsNoPlainFile};
    if (std::filesystem::file_size(path, problem) == 0)
        return Error{ErrorCode::BadAudio, path, FactId::EmptyFile};
    std::ifstream file(path, std::ios::binary);
    if (!file)
        return Error{ErrorCode::Unreadable, path, FactId::MayNotBeRead};
    FileHead head{};
    file.read(head.data(), head.size());
    if ((at(head, 0, 4) == "RIFF" || at(head, 0, 4) == "RIFX") && at(head, 8, 4) == "WAVE")
        return SoundKind::Wav;
    if ((at(head, 0, 4) == "RF64" || at(head, 0, 4) == "BW64") && at(head, 8, 4) == "WAVE")
        return SoundKind::Rf64;
    if (at(head, 0, 16) == wave64Riff)
        return SoundKind::Wave64;
    if (at(head, 0, 4) == "FORM" && (at(head, 8, 4) == "AIFF" || at(head, 8, 4) == "AIFC"))
        return SoundKind::Aiff;
    if (at(head, 0, 4) == ".snd")
        return SoundKind::Au;
    if (at(head, 0, 4) == "fLaC")
        return SoundKind::Flac;
    if (at(head, 0, 4) == "OggS")
        return SoundKind::Ogg;
    return Error{ErrorCode::BadAudio, path, FactId::NoSoundFile};
}

bool isCutOff(const std::string& path, SoundKind kind)
{
    Bytes file(path);
    switch (kind) {
    case SoundKind::Wav: {
        const auto name = file.read(0, 4);
        const bool big = !name.empty() && name[3] == 'X';
        return soundCutOff(file, {12, 4, 4, big, 0, 2, "data"});
    }
    case SoundKind::Rf64: return soundCutOff(file, {12, 4, 4, false, 0, 2, "data"});
    case SoundKind::Wave64: return soundCutOff(file, {40, 16, 8, false, 24, 8, "data"});
    case SoundKind::Aiff: return soundCutOff(file, {12, 4, 4, true, 0, 2, "SSND"});
    case SoundKind::Au: {
        const auto from = file.number(4, 4, true);
        const auto length = file.number(8, 4, true);
        return !from || !length || (*length != unknownLength && *from + *length > file.size());
    }
    case SoundKind::Ogg: return oggCutOff(file);
    case SoundKind::Flac: break;
    }
    return false;
}

} // namespace dowel::io
