// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/whole_file.h"

#include "core/base/thread_role.h"

#include <array>
#include <cerrno>
#include <charconv>
#include <cstdio>
#include <cstring>
#include <fcntl.h>
#include <optional>
#include <sys/stat.h>
#include <unistd.h>
#include <vector>

namespace dowel::io {

namespace {

Error trouble(const std::string& path, int number)
{
    return {ErrorCode::Unwritable, path, Fact::said(std::strerror(number))};
}

std::string folderOf(const std::string& path)
{
    const auto slash = path.rfind('/');
    return slash == std::string::npos ? "." : slash == 0 ? "/" : path.substr(0, slash);
}

bool writeAll(int fd, std::string_view content)
{
    while (!content.empty()) {
        const auto n = ::write(fd, content.data(), content.size());
        if (n < 0 && errno == EINTR)
            continue;
        if (n <= 0)
            return false;
        content.remove_prefix(static_cast<std::size_t>(n));
    }
    return ::fsync(fd) == 0;
}

/// The name itself survives a power cut once its folder has been synced.
void syncFolder(const std::string& folder)
{
    const int fd = ::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (fd < 0)
        return;
    (void)::fsync(fd);
    ::close(fd);
}

constexpr mode_t usualRights = 0666; // less what the user's mask takes away

std::string randomNameIn(const std::string& folder)
{
    std::uint64_t random = 0;
    if (::getentropy(&random, sizeof random) != 0)
        random = static_cast<std::uint64_t>(::getpid());
    std::array<char, 16> digits{};
    const auto [end, problem] = std::to_chars(digits.data(), digits.data() + digits.size(), random, 16);
    (void)problem; // sixteen letters hold every number of 64 bits
    return folder + "/.dowel-" + std::string(digits.data(), end);
}

/// Renames where nothing stands yet. Errors: Exists, Unwritable.
Status renamedNew(const std::string& from, const std::string& to)
{
    const Error exists{ErrorCode::Exists, to, FactId::ThereAlready};
    if (::renameat2(AT_FDCWD, from.c_str(), AT_FDCWD, to.c_str(), RENAME_NOREPLACE) == 0)
        return Done{};
    if (errno == EEXIST)
        return exists;
    // Where the file system does not know this call, the moment between looking and renaming cannot be closed.
    struct stat there
    {
    };
    if (::lstat(to.c_str(), &there) == 0)
        return exists;
    return std::rename(from.c_str(), to.c_str()) == 0 ? Status(Done{}) : Status(trouble(to, errno));
}

/// A file of no name, or of a random one where the file system needs it, that becomes the one that was asked for.
class Unfinished
{
public:
    explicit Unfinished(std::string path) : m_path(std::move(path)), m_folder(folderOf(m_path))
    {
        m_fd = ::open(m_folder.c_str(), O_TMPFILE | O_WRONLY | O_CLOEXEC, usualRights);
        if (m_fd < 0)
            openNamed();
    }
    ~Unfinished()
    {
        if (m_fd >= 0)
            ::close(m_fd);
        if (!m_name.empty())
            ::unlink(m_name.c_str());
    }
    Unfinished(const Unfinished&) = delete;
    Unfinished& operator=(const Unfinished&) = delete;
    Unfinished(Unfinished&&) = delete;
    Unfinished& operator=(Unfinished&&) = delete;

    /// rights: of what it will replace.
    [[nodiscard]] Status fill(std::string_view content, std::optional<mode_t> rights) const
    {
        if (m_fd < 0)
            return trouble(m_path, errno);
        if (rights)                        // before there is anything to read
            (void)::fchmod(m_fd, *rights); // some file systems have none
        if (!writeAll(m_fd, content))
            return trouble(m_path, errno);
        return Done{};
    }
    /// Errors: Exists, Unwritable.
    [[nodiscard]] Status becomeNew()
    {
        if (m_name.empty() && !linkAs(m_path))
            return errno == EEXIST ? Error{ErrorCode::Exists, m_path, FactId::ThereAlready} : trouble(m_path, errno);
        if (!m_name.empty()) {
            DOWEL_TRY(renamedNew(m_name, m_path));
            m_name.clear();
        }
        syncFolder(m_folder);
        return Done{};
    }
    [[nodiscard]] Status replace()
    {
        if (m_name.empty()) { // only a name can take another's place
            for (int i = 0; i < tries && m_name.empty(); ++i)
                if (const std::string name = randomNameIn(m_folder); linkAs(name))
                    m_name = name;
                else if (errno != EEXIST)
                    break;
            if (m_name.empty())
                return trouble(m_path, errno);
        }
        if (std::rename(m_name.c_str(), m_path.c_str()) != 0)
            return trouble(m_path, errno);
        m_name.clear();
        syncFolder(m_folder);
        return Done{};
    }

private:
    static constexpr int tries = 100;
    [[nodiscard]] bool linkAs(const std::string& name) const
    {
        const std::string self = "/proc/self/fd/" + std::to_string(m_fd);
        return ::linkat(AT_FDCWD, self.c_str(), AT_FDCWD, name.c_str(), AT_SYMLINK_FOLLOW) == 0;
    }
    void openNamed()
    {
        for (int i = 0; i < tries; ++i) {
            const std::string name = randomNameIn(m_folder);
            m_fd = ::open(name.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_NOFOLLOW | O_CLOEXEC, usualRights);
            if (m_fd >= 0) {
                m_name = name;
                return;
            }
            if (errno != EEXIST)
                return;
        }
    }
    std::string m_path;
    std::string m_folder;
    std::string m_name; ///< empty while it has none
    int m_fd = -1;
};

/// What is no plain file, as a sentence has it that begins with its name, and as one that does not.
struct NoPlainFile
{
    FactId is;
    FactId itIs;
};
NoPlainFile kindOf(mode_t mode)
{
    if (S_ISDIR(mode))
        return {FactId::Folder, FactId::ItIsFolder};
    if (S_ISLNK(mode))
        return {FactId::Link, FactId::ItIsLink};
    if (S_ISFIFO(mode))
        return {FactId::Pipe, FactId::ItIsPipe};
    if (S_ISSOCK(mode))
        return {FactId::Socket, FactId::ItIsSocket};
    return {FactId::Device, FactId::ItIsDevice};
}

/// Names that SQLite gives to what it keeps beside a file: what stood there would be taken for the rest of a write that was
/// broken off, and played into a workbook. Errors: Refused.
Status ownName(const std::string& path)
{
    for (const std::string_view ending : {"-journal", "-wal", "-shm"})
        if (std::string_view(path).ends_with(ending))
            return Error{ErrorCode::Refused, path, FactId::JournalName};
    return Done{};
}

/// The rights of what is to be replaced; nothing where there is nothing. Errors: Refused, Unwritable.
Result<std::optional<mode_t>> replaceable(const std::string& path)
{
    DOWEL_TRY(ownName(path));
    struct stat there
    {
    };
    if (::lstat(path.c_str(), &there) != 0) {
        if (errno == ENOENT)
            return std::optional<mode_t>();
        return trouble(path, errno);
    }
    if (!S_ISREG(there.st_mode))
        return Error{ErrorCode::Refused, path, kindOf(there.st_mode).is};
    if (looksLikeWorkbook(path))
        return Error{ErrorCode::Refused, path, FactId::Workbook};
    constexpr mode_t anyWrites = 0222;
    if ((there.st_mode & anyWrites) == 0 || ::access(path.c_str(), W_OK) != 0)
        return Error{ErrorCode::Refused, path, FactId::OnlyRead};
    return std::optional<mode_t>(there.st_mode & 0777U); // whose rights a program would run with is not carried over
}

} // namespace

Status writeFileWhole(const std::string& path, std::string_view content)
{
    enterDoor(Door::DurableWrite);
    const auto old = DOWEL_TRY(replaceable(path));
    Unfinished file(path);
    DOWEL_TRY(file.fill(content, old));
    return old ? file.replace() : file.becomeNew(); // what came meanwhile was not asked about
}

Status writeNewFile(const std::string& path, std::string_view content)
{
    enterDoor(Door::DurableWrite);
    DOWEL_TRY(ownName(path));
    Unfinished file(path);
    if (auto ok = file.fill(content, {}); !ok)
        return ok;
    return file.becomeNew();
}

Status writeNewFile(const std::string& path, const std::function<Status(const std::string&)>& fill)
{
    enterDoor(Door::DurableWrite);
    DOWEL_TRY(ownName(path));
    const std::string folder = folderOf(path);
    const std::string beside = randomNameIn(folder);
    auto done = fill(beside);
    if (done) {
        const int fd = ::open(beside.c_str(), O_RDONLY | O_CLOEXEC);
        if (fd < 0 || ::fsync(fd) != 0)
            done = trouble(path, errno);
        if (fd >= 0)
            ::close(fd);
    }
    if (done)
        done = renamedNew(beside, path);
    if (done)
        syncFolder(folder);
    else
        ::unlink(beside.c_str());
    return done;
}

Status moveFile(const std::string& from, const std::string& to)
{
    enterDoor(Door::DurableWrite);
    DOWEL_TRY(renamedNew(from, to));
    syncFolder(folderOf(to));
    syncFolder(folderOf(from));
    return Done{};
}

Result<std::string> readFileWhole(const std::string& path, std::size_t most)
{
    enterDoor(Door::ReadFile);
    // Not to wait for a pipe's other end: opened without blocking, and looked at before it is read.
    const int fd = ::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC);
    if (fd < 0)
        return Error{ErrorCode::Unreadable, path, errno == ENOENT ? Fact(FactId::NoSuchFile) : Fact::said(std::strerror(errno))};
    struct Close
    {
        int fd;
        ~Close() { ::close(fd); }
    } const close{fd};
    struct stat there
    {
    };
    if (::fstat(fd, &there) != 0)
        return Error{ErrorCode::Unreadable, path, Fact::said(std::strerror(errno))};
    if (!S_ISREG(there.st_mode))
        return Error{ErrorCode::Unreadable, path, kindOf(there.st_mode).itIs};
    const Error tooLong{ErrorCode::Unreadable, path, {FactId::LongerThanMB, most >> 20U}};
    if (static_cast<std::uintmax_t>(there.st_size) > most)
        return tooLong;
    std::string content;
    std::vector<char> buffer(65536);
    for (;;) {
        const auto n = ::read(fd, buffer.data(), buffer.size());
        if (n < 0 && errno == EINTR)
            continue;
        if (n < 0)
            return Error{ErrorCode::Unreadable, path, Fact::said(std::strerror(errno))};
        if (n == 0)
            return content;
        content.append(buffer.data(), static_cast<std::size_t>(n));
        if (content.size() > most) // it grew meanwhile
            return tooLong;
    }
}

bool looksLikeWorkbook(const std::string& path)
{
    std::array<char, 72> head{};
    const int fd = ::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC);
    if (fd < 0)
        return false;
    const auto n = ::read(fd, head.data(), head.size());
    ::close(fd);
    return n == static_cast<ssize_t>(head.size()) && std::memcmp(head.data(), "SQLite format 3", 16) == 0 &&
           std::memcmp(&head[68], "DOWL", 4) == 0;
}

} // namespace dowel::io
