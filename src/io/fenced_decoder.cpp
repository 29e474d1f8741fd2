// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/fenced_decoder.h"

#include <algorithm>
#include <array>
#include <cerrno>
#include <csignal>
#include <fcntl.h>
#include <fstream>
#include <string>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

namespace dowel::io {

namespace {

/// Address space that the process has now, in bytes; 0 where it cannot be told.
std::size_t addressSpace()
{
    std::ifstream statm("/proc/self/statm");
    std::size_t pages = 0;
    statm >> pages;
    return pages * static_cast<std::size_t>(::sysconf(_SC_PAGESIZE));
}

void limit(decltype(RLIMIT_AS) what, rlim_t most)
{
    const rlimit both{most, most};
    (void)::setrlimit(what, &both);
}

bool writeWhole(int fd, const void* data, std::size_t size)
{
    const auto* bytes = static_cast<const char*>(data);
    while (size > 0) {
        const auto n = ::write(fd, bytes, size);
        if (n < 0 && errno == EINTR)
            continue;
        if (n <= 0)
            return false;
        bytes += n;
        size -= static_cast<std::size_t>(n);
    }
    return true;
}

/// How many bytes came before the other end was closed.
std::size_t readWhole(int fd, void* data, std::size_t size)
{
    auto* bytes = static_cast<char*>(data);
    std::size_t got = 0;
    while (got < size) {
        const auto n = ::read(fd, bytes + got, size - got);
        if (n < 0 && errno == EINTR)
            continue;
        if (n <= 0)
            break;
        got += static_cast<std::size_t>(n);
    }
    return got;
}

[[noreturn]] void decodeFor(int out, const std::function<void(const FencedDecoder::Sink&)>& work,
                            const FencedDecoder::Bounds& bounds)
{
    // Nobody is told of a crash that is expected here, and nothing of it is left on the disk.
    for (const int signal : {SIGSEGV, SIGABRT, SIGBUS, SIGFPE, SIGILL, SIGPIPE, SIGXCPU})
        (void)::signal(signal, SIG_DFL);
    limit(RLIMIT_CORE, 0);
    limit(RLIMIT_CPU, static_cast<rlim_t>(bounds.processor_s));
    if (const std::size_t now = addressSpace(); now > 0)
        limit(RLIMIT_AS, now + bounds.memory_bytes);
    try {
        work({[out](const FencedDecoder::Head& head) { return writeWhole(out, &head, sizeof head); },
              [out](const std::vector<float>& samples) {
                  return writeWhole(out, samples.data(), samples.size() * sizeof(float));
              }});
    } catch (...) {
        ::_exit(1); // out of memory
    }
    ::_exit(0); // without what the program does at its end: none of that is this process's
}

} // namespace

struct FencedDecoder::Parts
{
    std::string name;
    int in = -1;
    pid_t child = -1;
    Head head{};

    ~Parts()
    {
        if (in >= 0)
            ::close(in);
        if (child > 0) {
            (void)::kill(child, SIGKILL);
            (void)ended();
        }
    }
    Parts() = default;
    Parts(const Parts&) = delete;
    Parts& operator=(const Parts&) = delete;
    Parts(Parts&&) = delete;
    Parts& operator=(Parts&&) = delete;
    /// Waits for its end, and says whether that was a good one.
    bool ended()
    {
        int status = 0;
        while (::waitpid(child, &status, 0) < 0)
            if (errno != EINTR) {
                child = -1;
                return false;
            }
        child = -1;
        return WIFEXITED(status) && WEXITSTATUS(status) == 0;
    }
};

FencedDecoder::FencedDecoder(std::unique_ptr<Parts> parts) : m_parts(std::move(parts)) {}
FencedDecoder::~FencedDecoder() = default;
FencedDecoder::FencedDecoder(FencedDecoder&&) noexcept = default;
FencedDecoder& FencedDecoder::operator=(FencedDecoder&&) noexcept = default;

Result<FencedDecoder> FencedDecoder::start(const std::string& name, const std::function<void(const Sink&)>& work, Bounds bounds)
{
    std::array<int, 2> ends{};
    if (::pipe2(ends.data(), O_CLOEXEC) != 0)
        return Error{ErrorCode::Unreadable, name, FactId::NoProcess};
    auto parts = std::make_unique<Parts>();
    parts->name = name;
    parts->in = ends[0];
    parts->child = ::fork();
    if (parts->child == 0) {
        ::close(ends[0]);
        decodeFor(ends[1], work, bounds);
    }
    ::close(ends[1]);
    if (parts->child < 0)
        return Error{ErrorCode::Unreadable, name, FactId::NoProcess};
    if (readWhole(parts->in, &parts->head, sizeof parts->head) != sizeof parts->head)
        return Error{ErrorCode::BadAudio, name, FactId::DamagedSound};
    return FencedDecoder(std::move(parts));
}

const FencedDecoder::Head& FencedDecoder::head() const
{
    return m_parts->head;
}

Result<std::size_t> FencedDecoder::next(std::size_t most, std::vector<float>& values)
{
    const std::size_t before = values.size();
    values.resize(before + most);
    const std::size_t got = readWhole(m_parts->in, values.data() + before, most * sizeof(float)) / sizeof(float);
    values.resize(before + got);
    if (got < most && m_parts->child > 0 && !m_parts->ended())
        return Error{ErrorCode::BadAudio, m_parts->name, FactId::DamagedSound};
    return got;
}

} // namespace dowel::io
