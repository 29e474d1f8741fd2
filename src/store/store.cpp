// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/store.h"

#include "io/record_json.h"
#include "io/spec_json.h"
#include "store/sqlite.h"

#include <array>
#include <chrono>
#include <cstring>
#include <ctime>
#include <fcntl.h>
#include <fstream>
#include <sys/file.h>
#include <unistd.h>
#include <utility>
#include <xxhash.h>

namespace dowel {

using namespace sqlite;

namespace {

constexpr std::uint32_t applicationId = 0x444F574CU; // "DOWL"
constexpr int schemaVersion = 1;

constexpr const char* schema = R"sql(
CREATE TABLE specification (id INTEGER PRIMARY KEY CHECK (id = 1), at TEXT NOT NULL, json TEXT NOT NULL);
CREATE TABLE entry (
  id INTEGER PRIMARY KEY,
  at TEXT NOT NULL,
  kind TEXT NOT NULL,
  body TEXT NOT NULL,
  take_hash TEXT NOT NULL,
  chain TEXT NOT NULL
);
CREATE TABLE take (entry_id INTEGER PRIMARY KEY REFERENCES entry (id), flac BLOB NOT NULL);
CREATE TRIGGER specification_stays BEFORE UPDATE ON specification BEGIN SELECT RAISE(ABORT, 'append only'); END;
CREATE TRIGGER specification_kept BEFORE DELETE ON specification BEGIN SELECT RAISE(ABORT, 'append only'); END;
CREATE TRIGGER entry_stays BEFORE UPDATE ON entry BEGIN SELECT RAISE(ABORT, 'append only'); END;
CREATE TRIGGER entry_kept BEFORE DELETE ON entry BEGIN SELECT RAISE(ABORT, 'append only'); END;
CREATE TRIGGER take_stays BEFORE UPDATE ON take BEGIN SELECT RAISE(ABORT, 'append only'); END;
CREATE TRIGGER take_kept BEFORE DELETE ON take BEGIN SELECT RAISE(ABORT, 'append only'); END;
)sql";

std::string hashOf(const void* data, std::size_t size)
{
    const XXH128_hash_t h = XXH3_128bits(data, size);
    std::array<char, 33> text{};
    std::snprintf(text.data(), text.size(), "%016llx%016llx", static_cast<unsigned long long>(h.high64),
                  static_cast<unsigned long long>(h.low64));
    return text.data();
}

std::string chained(const std::string& before, const Entry& e, const std::string& body, const std::string& takeHash)
{
    std::string all = before;
    for (const std::string& part : {std::to_string(e.id.number), e.at, std::string(io::kindOf(e.body)), body, takeHash}) {
        all += '\n';
        all += part;
    }
    return hashOf(all.data(), all.size());
}

class Descriptor
{
public:
    Descriptor() = default;
    explicit Descriptor(int fd) : m_fd(fd) {}
    Descriptor(Descriptor&& other) noexcept : m_fd(std::exchange(other.m_fd, -1)) {}
    Descriptor& operator=(Descriptor&& other) noexcept
    {
        std::swap(m_fd, other.m_fd);
        return *this;
    }
    Descriptor(const Descriptor&) = delete;
    Descriptor& operator=(const Descriptor&) = delete;
    ~Descriptor()
    {
        if (m_fd >= 0)
            ::close(m_fd);
    }
    [[nodiscard]] int get() const { return m_fd; }

private:
    int m_fd = -1;
};

/// Looks at the file's first hundred bytes before SQLite does: what it is and how old.
Status recognise(const std::string& path)
{
    std::ifstream file(path, std::ios::binary);
    if (!file)
        return Error{ErrorCode::Unreadable, path, "is not there or may not be read"};
    std::array<char, 100> head{};
    if (!file.read(head.data(), head.size()) || std::memcmp(head.data(), "SQLite format 3", 16) != 0)
        return Error{ErrorCode::NotAWorkbook, path, "does not begin as a workbook does"};
    const auto big = [&head](std::size_t at) {
        std::uint32_t v = 0;
        for (std::size_t i = 0; i < 4; ++i)
            v = v << 8U | static_cast<unsigned char>(head[at + i]);
        return v;
    };
    if (big(68) != applicationId)
        return Error{ErrorCode::NotAWorkbook, path, "is a database of another program"};
    const std::uint32_t version = big(60);
    if (version > schemaVersion)
        return Error{ErrorCode::NewerVersion, path,
                     "version " + std::to_string(version) + "; known: " + std::to_string(schemaVersion)};
    return Done{};
}

} // namespace

struct Store::Parts
{
    std::string path;
    Descriptor lock; ///< outlives the database: closing it would drop SQLite's own locks on the file
    Database db;
    Workbook book;
    std::string chain;
    std::string identity;

    Status load();
};

Status Store::Parts::load()
{
    Statement rows(db.get(), "SELECT id, at, kind, body, take_hash, chain FROM entry ORDER BY id");
    int code = SQLITE_DONE;
    while ((code = rows.step()) == SQLITE_ROW) {
        const std::string where = "entry " + std::to_string(rows.integer(0));
        auto body = io::bodyFromText(rows.text(2), rows.text(3));
        if (!body)
            return Error{ErrorCode::Damaged, where, body.error().where + ": " + body.error().facts};
        Entry e{{rows.integer(0)}, rows.text(1), std::move(*body)};
        const std::string expected = chained(chain, e, rows.text(3), rows.text(4));
        if (rows.text(5) != expected)
            return Error{ErrorCode::Damaged, where, "its checksum does not fit"};
        chain = expected;
        if (auto ok = book.append(std::move(e)); !ok)
            return Error{ErrorCode::Damaged, where, ok.error().where + ": " + ok.error().facts};
    }
    if (code != SQLITE_DONE)
        return failed(db.get(), path);
    return Done{};
}

Store::Store(std::unique_ptr<Parts> parts) : m_parts(std::move(parts)) {}
Store::~Store() = default;
Store::Store(Store&&) noexcept = default;
Store& Store::operator=(Store&&) noexcept = default;

const Workbook& Store::book() const
{
    return m_parts->book;
}

const std::string& Store::path() const
{
    return m_parts->path;
}

const std::string& Store::identity() const
{
    return m_parts->identity;
}

Result<Store> Store::create(const std::string& path, const Instrument& specified, const std::optional<PracticeEntry>& practice)
{
    if (::access(path.c_str(), F_OK) == 0)
        return Error{ErrorCode::Exists, path, "is there already"};
    // Made whole under another name and then given its own, which fails if somebody took that meanwhile.
    const std::string beside = path + ".part-" + std::to_string(::getpid());
    ::unlink(beside.c_str());
    const auto build = [&]() -> Status {
        auto db = openDatabase(beside, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE);
        if (!db)
            return Error{ErrorCode::Unwritable, path, "the folder is not there or may not be written"};
        if (auto ok = makeDurable(db->get(), path); !ok)
            return ok;
        if (auto ok = run(db->get(), path,
                          "BEGIN IMMEDIATE; PRAGMA application_id = " + std::to_string(applicationId) +
                              "; PRAGMA user_version = " + std::to_string(schemaVersion) + ";" + schema);
            !ok)
            return ok;
        Statement insert(db->get(), "INSERT INTO specification (id, at, json) VALUES (1, ?, ?)");
        if (insert.bind(0, timestamp()).bind(1, io::specText(specified)).step() != SQLITE_DONE)
            return failed(db->get(), path);
        return run(db->get(), path, "COMMIT");
    };
    Status built = build();
    if (built && ::link(beside.c_str(), path.c_str()) != 0)
        built = errno == EEXIST ? Error{ErrorCode::Exists, path, "is there already"}
                                : Error{ErrorCode::Unwritable, path, std::strerror(errno)};
    ::unlink(beside.c_str());
    if (!built)
        return built.error();
    auto store = open(path, Mode::Work);
    if (store && practice)
        if (auto ok = store->append(*practice); !ok)
            return ok.error();
    return store;
}

Result<Store> Store::open(const std::string& path, Mode mode)
{
    if (auto ok = recognise(path); !ok)
        return ok.error();
    Descriptor lock;
    if (mode == Mode::Work) {
        if (::access(path.c_str(), W_OK) != 0)
            return Error{ErrorCode::Unwritable, path, "may only be read"};
        lock = Descriptor(::open(path.c_str(), O_RDWR | O_CLOEXEC));
        if (lock.get() < 0)
            return Error{ErrorCode::Unreadable, path, std::strerror(errno)};
        if (::flock(lock.get(), LOCK_EX | LOCK_NB) != 0)
            return Error{ErrorCode::InUse, path, "is open in another window or command"};
    }
    auto db = openDatabase(path, mode == Mode::Work ? SQLITE_OPEN_READWRITE : SQLITE_OPEN_READONLY);
    if (!db)
        return db.error();
    if (mode == Mode::Work)
        if (auto ok = makeDurable(db->get(), path); !ok)
            return ok.error();
    std::string spec;
    std::string identity;
    {
        Statement read(db->get(), "SELECT json, at FROM specification WHERE id = 1");
        const int code = read.step();
        if (code != SQLITE_ROW)
            return code == SQLITE_DONE ? Error{ErrorCode::Damaged, path, "holds no specification"} : failed(db->get(), path);
        spec = read.text(0);
        identity = read.text(1) + '\n' + spec;
    }
    auto specified = io::specFromText(spec, "specification");
    if (!specified)
        return Error{ErrorCode::Damaged, "specification", specified.error().where + ": " + specified.error().facts};
    auto parts = std::make_unique<Parts>(Parts{path, std::move(lock), std::move(*db), Workbook(std::move(*specified)),
                                               hashOf(spec.data(), spec.size()), hashOf(identity.data(), identity.size())});
    if (auto ok = parts->load(); !ok)
        return ok.error();
    return Store(std::move(parts));
}

Result<std::vector<EntryId>> Store::append(std::span<const NewEntry> entries)
{
    sqlite3* db = m_parts->db.get();
    const std::string& path = m_parts->path;
    Workbook book = m_parts->book;
    std::string chain = m_parts->chain;
    std::vector<EntryId> ids;
    if (auto ok = run(db, path, "BEGIN IMMEDIATE"); !ok)
        return ok.error();
    const auto write = [&]() -> Status {
        for (const NewEntry& e : entries) {
            const Entry entry{book.nextId(), timestamp(), e.body};
            if (auto ok = book.checkNew(e.body); !ok)
                return ok;
            if (auto ok = book.append(entry); !ok)
                return ok;
            const std::string body = io::bodyText(e.body);
            const std::string takeHash = e.take.empty() ? std::string() : hashOf(e.take.data(), e.take.size());
            chain = chained(chain, entry, body, takeHash);
            Statement insert(db, "INSERT INTO entry (id, at, kind, body, take_hash, chain) VALUES (?, ?, ?, ?, ?, ?)");
            insert.bind(0, entry.id.number).bind(1, entry.at).bind(2, std::string(io::kindOf(e.body)));
            insert.bind(3, body).bind(4, takeHash).bind(5, chain);
            if (insert.step() != SQLITE_DONE)
                return failed(db, path);
            if (!e.take.empty()) {
                Statement keep(db, "INSERT INTO take (entry_id, flac) VALUES (?, ?)");
                if (keep.bind(0, entry.id.number).bind(1, e.take).step() != SQLITE_DONE)
                    return failed(db, path);
            }
            ids.push_back(entry.id);
        }
        return run(db, path, "COMMIT");
    };
    if (auto ok = write(); !ok) {
        sqlite3_exec(db, "ROLLBACK", nullptr, nullptr, nullptr);
        return ok.error();
    }
    m_parts->book = std::move(book);
    m_parts->chain = std::move(chain);
    return ids;
}

Result<EntryId> Store::append(EntryBody body, Flac take)
{
    const NewEntry one{std::move(body), std::move(take)};
    auto ids = append(std::span(&one, 1));
    if (!ids)
        return ids.error();
    return ids->front();
}

Result<Store::Flac> Store::take(EntryId id) const
{
    Statement read(m_parts->db.get(), "SELECT flac, take_hash FROM take JOIN entry ON entry.id = entry_id WHERE entry_id = ?");
    const int code = read.bind(0, id.number).step();
    if (code == SQLITE_DONE)
        return Error{ErrorCode::UnknownName, "entry " + std::to_string(id.number), "has no recording"};
    if (code != SQLITE_ROW)
        return failed(m_parts->db.get(), m_parts->path);
    Flac flac = read.blob(0);
    if (hashOf(flac.data(), flac.size()) != read.text(1))
        return Error{ErrorCode::Damaged, "entry " + std::to_string(id.number), "its recording's checksum does not fit"};
    return flac;
}

Status Store::verify() const
{
    {
        Statement check(m_parts->db.get(), "PRAGMA integrity_check");
        if (check.step() != SQLITE_ROW)
            return failed(m_parts->db.get(), m_parts->path);
        if (check.text(0) != "ok")
            return Error{ErrorCode::Damaged, m_parts->path, check.text(0)};
    }
    // The chain was followed when the file was opened; what is left are the recordings.
    for (const Entry& e : m_parts->book.entries()) {
        const auto* r = std::get_if<ReadingEntry>(&e.body);
        if (r == nullptr || !r->hasTake)
            continue;
        if (auto flac = take(e.id); !flac)
            return Error{ErrorCode::Damaged, flac.error().where, flac.error().facts};
    }
    return Done{};
}

Status Store::copyTo(const std::string& path) const
{
    if (::access(path.c_str(), F_OK) == 0)
        return Error{ErrorCode::Exists, path, "is there already"};
    Statement copy(m_parts->db.get(), "VACUUM INTO ?");
    if (copy.bind(0, path).step() != SQLITE_DONE)
        return Error{ErrorCode::Unwritable, path, sqlite3_errmsg(m_parts->db.get())};
    return Done{};
}

std::string timestamp()
{
    const auto now = std::chrono::system_clock::now();
    const auto ms = std::chrono::duration_cast<std::chrono::milliseconds>(now.time_since_epoch()).count();
    const std::time_t seconds = ms / 1000;
    std::tm utc{};
    gmtime_r(&seconds, &utc);
    std::array<char, 40> text{};
    const auto n = std::strftime(text.data(), text.size(), "%Y-%m-%dT%H:%M:%S", &utc);
    std::snprintf(text.data() + n, text.size() - n, ".%03dZ", static_cast<int>(ms % 1000));
    return text.data();
}

} // namespace dowel
