// SPDX-License-Identifier: GPL-3.0-or-later
#include "fuzz/parsers.h"

#include "core/tuning/scale.h"
#include "io/audio_file.h"
#include "io/finish_json.h"
#include "io/json_reader.h"
#include "io/layout_json.h"
#include "io/plan_json.h"
#include "io/record_json.h"
#include "io/spec_json.h"
#include "store/store.h"

#include <cstdio>
#include <cstdlib>
#include <string>
#include <sys/mman.h>
#include <unistd.h>

namespace dowel::fuzzing {

namespace {

[[noreturn]] void broken(const char* what)
{
    std::fprintf(stderr, "%s\n", what);
    std::abort();
}

/// The bytes as a file for as long as it lives.
class MemoryFile
{
public:
    explicit MemoryFile(std::string_view bytes) : m_fd(::memfd_create("fuzz", 0))
    {
        if (m_fd < 0 || ::write(m_fd, bytes.data(), bytes.size()) != static_cast<ssize_t>(bytes.size()))
            broken("no memory file");
        m_path = "/proc/self/fd/" + std::to_string(m_fd);
    }
    ~MemoryFile() { ::close(m_fd); }
    MemoryFile(const MemoryFile&) = delete;
    MemoryFile& operator=(const MemoryFile&) = delete;
    MemoryFile(MemoryFile&&) = delete;
    MemoryFile& operator=(MemoryFile&&) = delete;
    [[nodiscard]] const std::string& path() const { return m_path; }

private:
    int m_fd;
    std::string m_path;
};

} // namespace

void spec(std::string_view bytes)
{
    const auto read = io::specFromText(std::string(bytes), "spec");
    if (!read)
        return;
    const auto text = io::specText(*read);
    const auto back = io::specFromText(text, "spec");
    if (back && io::specText(*back) != text)
        broken("a specification does not read back as it was written");
}

void session(std::string_view bytes)
{
    if (const auto json = io::parseJson(std::string(bytes), "session"))
        (void)io::sessionFromJson(*json);
}

void step(std::string_view bytes)
{
    const auto json = io::parseJson(std::string(bytes), "step");
    if (!json)
        return;
    if (const auto cut = io::cutFromJson(*json))
        if (const auto back = io::cutFromJson(io::jsonOf(*cut)); back && !(io::jsonOf(*back) == io::jsonOf(*cut)))
            broken("a step does not read back as it was written");
}

void entry(std::string_view bytes)
{
    const auto line = bytes.find('\n');
    if (line == std::string_view::npos)
        return;
    const auto body = io::bodyFromText(bytes.substr(0, line), std::string(bytes.substr(line + 1)));
    if (!body)
        return;
    const auto text = io::bodyText(*body);
    const auto back = io::bodyFromText(factsOf(*body).word, text);
    if (back && io::bodyText(*back) != text)
        broken("an entry does not read back as it was written");
}

void blank(std::string_view bytes)
{
    (void)io::readLayoutFile(MemoryFile(bytes).path());
}

void plan(std::string_view bytes)
{
    (void)io::readPlanFile(MemoryFile(bytes).path());
}

void finish(std::string_view bytes)
{
    const auto read = io::finishFromText(std::string(bytes));
    if (!read)
        return;
    const auto back = io::finishFromText(io::finishText(*read));
    if (!back || !(*back == *read))
        broken("a finish does not read back as it was written");
}

void scale(std::string_view bytes)
{
    (void)scaleFromText(bytes);
}

void audio(std::string_view bytes)
{
    const MemoryFile file(bytes);
    (void)io::readAudioFile(file.path());
    auto opened = io::SoundFile::open(file.path());
    std::vector<float> values;
    while (opened) {
        constexpr std::size_t piece = 100000;
        values.clear();
        const auto got = opened->next(piece, values);
        if (!got || *got == 0)
            break;
    }
}

void workbook(std::string_view bytes)
{
    static const std::string path = "/dev/shm/dowel-fuzz-" + std::to_string(::getpid()) + ".dowel";
    for (const auto mode : {Store::Mode::Look, Store::Mode::Work}) {
        std::FILE* f = std::fopen(path.c_str(), "wb");
        if (f == nullptr || std::fwrite(bytes.data(), 1, bytes.size(), f) != bytes.size())
            broken("no file");
        std::fclose(f);
        if (auto store = Store::open(path, mode)) {
            (void)store->verify();
            if (mode == Store::Mode::Work)
                (void)store->append(NoteEntry{"kept"});
        }
        ::unlink(path.c_str());
        ::unlink((path + "-journal").c_str());
    }
}

} // namespace dowel::fuzzing
