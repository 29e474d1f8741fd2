// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/store.h"

#include "core/base/thread_role.h"
#include "core/record/spec_version.h"
#include "io/record_json.h"
#include "io/spec_json.h"
#include "io/whole_file.h"
#include "store/sqlite.h"

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <fstream>
#include <iterator>
#include <mutex>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>
#include <utility>
#include <xxhash.h>

namespace dowel {

using namespace sqlite;

namespace {

constexpr std::uint32_t workbookId = 0x444F574CU; // "DOWL"
constexpr int schemaVersion = 5;                  // the newest that is known
// What tables and guards stand for; every version since has them too.
constexpr int tablesVersion = 2;

/// What a workbook's tables are made of, as SQLite keeps it, in the order of the names. Version 1 had no seal.
struct SchemaPart
{
    int since;
    const char* sql;
};
constexpr SchemaPart schema[] = {
    {1, "CREATE TABLE specification (id INTEGER PRIMARY KEY CHECK (id = 1), at TEXT NOT NULL, json TEXT NOT NULL)"},
    {1, R"sql(CREATE TABLE entry (
  id INTEGER PRIMARY KEY,
  at TEXT NOT NULL,
  kind TEXT NOT NULL,
  body TEXT NOT NULL,
  take_hash TEXT NOT NULL,
  chain TEXT NOT NULL
))sql"},
    {1, "CREATE TABLE take (entry_id INTEGER PRIMARY KEY REFERENCES entry (id), flac BLOB NOT NULL)"},
    {1, "CREATE TRIGGER specification_stays BEFORE UPDATE ON specification BEGIN SELECT RAISE(ABORT, 'append only'); END"},
    {1, "CREATE TRIGGER specification_kept BEFORE DELETE ON specification BEGIN SELECT RAISE(ABORT, 'append only'); END"},
    {1, "CREATE TRIGGER entry_stays BEFORE UPDATE ON entry BEGIN SELECT RAISE(ABORT, 'append only'); END"},
    {1, "CREATE TRIGGER entry_kept BEFORE DELETE ON entry BEGIN SELECT RAISE(ABORT, 'append only'); END"},
    {1, "CREATE TRIGGER take_stays BEFORE UPDATE ON take BEGIN SELECT RAISE(ABORT, 'append only'); END"},
    {1, "CREATE TRIGGER take_kept BEFORE DELETE ON take BEGIN SELECT RAISE(ABORT, 'append only'); END"},
    {2, "CREATE TABLE seal (id INTEGER PRIMARY KEY CHECK (id = 1), entries INTEGER NOT NULL, chain TEXT NOT NULL)"},
};

std::string hashOf(const void* data, std::size_t size)
{
    const XXH128_hash_t h = XXH3_128bits(data, size);
    std::string text;
    for (const std::uint64_t half : {h.high64, h.low64})
        for (int shift = 60; shift >= 0; shift -= 4)
            text += "0123456789abcdef"[half >> static_cast<unsigned>(shift) & 0xFU];
    return text;
}

std::string chained(const std::string& before, const Entry& e, const std::string& body, const std::string& takeHash)
{
    std::string all = before;
    for (const std::string& part : {std::to_string(e.id.number), e.at, std::string(factsOf(e.body).word), body, takeHash}) {
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
Result<int> recognise(const std::string& path)
{
    struct stat there
    {
    };
    if (::stat(path.c_str(), &there) != 0)
        return Error{ErrorCode::Unreadable, path, errno == ENOENT ? Fact(FactId::NoSuchFile) : Fact::said(std::strerror(errno))};
    if (!S_ISREG(there.st_mode)) // a pipe would be waited for
        return Error{ErrorCode::NotAWorkbook, path, S_ISDIR(there.st_mode) ? FactId::Folder : FactId::NoPlainFile};
    std::ifstream file(path, std::ios::binary);
    if (!file)
        return Error{ErrorCode::Unreadable, path, FactId::MayNotBeRead};
    std::array<char, 100> head{};
    if (!file.read(head.data(), head.size()) || std::memcmp(head.data(), "SQLite format 3", 16) != 0)
        return Error{ErrorCode::NotAWorkbook, path, FactId::BeginsOtherwise};
    const auto big = [&head](std::size_t at) {
        std::uint32_t v = 0;
        for (std::size_t i = 0; i < 4; ++i)
            v = v << 8U | static_cast<unsigned char>(head[at + i]);
        return v;
    };
    if (big(68) != workbookId)
        return Error{ErrorCode::NotAWorkbook, path, FactId::OtherDatabase};
    const std::uint32_t version = big(60);
    if (version > schemaVersion)
        return Error{ErrorCode::NewerVersion, path, {FactId::VersionKnown, version, schemaVersion}};
    return static_cast<int>(version);
}

/// Whether the tables and guards are those that Dowel makes, and nothing else is there: a trigger or view of somebody else's
/// could swallow what is written, or never end. Errors: Damaged.
Status checkSchema(sqlite3* db, int version, const std::string& path)
{
    std::vector<std::string> expected;
    for (const SchemaPart& part : schema)
        if (part.since <= version)
            expected.emplace_back(part.sql);
    std::vector<std::string> found;
    Statement rows(db, "SELECT sql FROM sqlite_schema WHERE name NOT LIKE 'sqlite\\_%' ESCAPE '\\'");
    int code = SQLITE_DONE;
    while ((code = rows.step()) == SQLITE_ROW && found.size() <= std::size(schema))
        found.push_back(rows.text(0));
    if (code != SQLITE_DONE && code != SQLITE_ROW)
        return failed(db, path);
    std::sort(expected.begin(), expected.end());
    std::sort(found.begin(), found.end());
    if (found != expected)
        return Error{ErrorCode::Damaged, path, FactId::TablesNotOurs};
    return Done{};
}

/// The seal says how far the record goes, so that a missing end shows.
Status writeSeal(sqlite3* db, const std::string& path, std::int64_t entries, const std::string& chain)
{
    Statement seal(db, "INSERT OR REPLACE INTO seal (id, entries, chain) VALUES (1, ?, ?)");
    if (seal.bind(0, entries).bind(1, chain).step() != SQLITE_DONE)
        return failed(db, path);
    return Done{};
}

/// An entry with what stands beside it in its row.
struct Sealed
{
    const Entry& entry;
    const std::string& body;
    std::string takeHash;
    const std::string& chain;
    const Store::Flac& take;
};

Status keep(sqlite3* db, const std::string& path, const Sealed& s)
{
    Statement insert(db, "INSERT INTO entry (id, at, kind, body, take_hash, chain) VALUES (?, ?, ?, ?, ?, ?)");
    insert.bind(0, s.entry.id.number).bind(1, s.entry.at).bind(2, std::string(factsOf(s.entry.body).word));
    insert.bind(3, s.body).bind(4, s.takeHash).bind(5, s.chain);
    if (insert.step() != SQLITE_DONE)
        return failed(db, path);
    if (s.take.empty())
        return Done{};
    Statement take(db, "INSERT INTO take (entry_id, flac) VALUES (?, ?)");
    if (take.bind(0, s.entry.id.number).bind(1, s.take).step() != SQLITE_DONE)
        return failed(db, path);
    return Done{};
}

/// Errors: those of failed().
Status raiseVersion(sqlite3* db, const std::string& path, int to)
{
    Statement now(db, "PRAGMA user_version");
    if (now.step() != SQLITE_ROW)
        return failed(db, path);
    return now.integer(0) >= to ? Status(Done{}) : run(db, path, "PRAGMA user_version = " + std::to_string(to));
}

struct StoredBody
{
    std::string text;
    EntryBody body; ///< as it will be when the file is opened again
};

/// An entry as the reader that opens files will have it: that one is checked and goes into the book, so that what is accepted
/// is what is read back. Errors: BadValue where it does not come back, or comes back as another one.
Result<StoredBody> asStored(const EntryBody& body)
{
    std::string text = io::bodyText(body);
    auto back = io::bodyFromText(factsOf(body).word, text);
    if (!back)
        return Error{ErrorCode::BadValue, back.error().where, back.error().fact};
    if (io::bodyText(*back) != text)
        return Error{ErrorCode::BadValue, std::string(factsOf(body).word), FactId::NumberNotKept};
    return StoredBody{std::move(text), std::move(*back)};
}

/// Entries checked, put into a copy of the book, and written one after the other under a seal; within a transaction.
Result<std::vector<EntryId>> put(sqlite3* db, const std::string& path, std::span<const Store::NewEntry> entries, Workbook& book,
                                 std::string& chain, const Clock& clock)
{
    std::vector<EntryId> ids;
    for (const Store::NewEntry& e : entries) {
        if (std::holds_alternative<PhotoEntry>(e.body) && e.take.empty())
            return Error{ErrorCode::BadValue, "photo", FactId::NoPicture};
        if (e.take.size() > Store::longestTake_bytes)
            return Error{ErrorCode::BadAudio, "take", {FactId::BytesTooMany, e.take.size(), Store::longestTake_bytes}};
        auto stored = DOWEL_TRY(asStored(e.body));
        const std::string& body = stored.text;
        const Entry entry{book.nextId(), timestamp(clock), std::move(stored.body)};
        DOWEL_TRY(book.checkNew(entry.body));
        DOWEL_TRY(book.append(entry));
        const std::string takeHash = e.take.empty() ? std::string() : hashOf(e.take.data(), e.take.size());
        chain = chained(chain, entry, body, takeHash);
        DOWEL_TRY(keep(db, path, {entry, body, takeHash, chain, e.take}));
        ids.push_back(entry.id);
    }
    DOWEL_TRY(writeSeal(db, path, static_cast<std::int64_t>(book.entries().size()), chain));
    // A newer kind of entry needs a newer reader; the tables are the same.
    int needed = tablesVersion;
    for (const Store::NewEntry& e : entries)
        needed = std::max(needed, book.versionFor(e.body));
    if (needed > tablesVersion)
        DOWEL_TRY(raiseVersion(db, path, needed));
    return ids;
}

/// A whole new workbook as the bytes of its file. Errors: BadValue where a value is too small to be written down.
Result<std::string> newBook(const std::string& path, const Instrument& specified, const std::optional<PracticeEntry>& practice)
{
    const std::string spec = io::specText(specified);
    auto back = io::specFromText(spec, "specification");
    if (!back)
        return Error{ErrorCode::BadValue, back.error().where, back.error().fact};
    if (io::specText(*back) != spec)
        return Error{ErrorCode::BadValue, "specification", FactId::NumberNotKept};
    auto db = DOWEL_TRY(openDatabase(":memory:", SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE));
    const int version = std::max(tablesVersion, versionOf(specified.spec()));
    std::string sql =
        "PRAGMA application_id = " + std::to_string(workbookId) + "; PRAGMA user_version = " + std::to_string(version) + ";";
    for (const SchemaPart& part : schema)
        sql += std::string(part.sql) + ";";
    DOWEL_TRY(run(db.get(), path, sql));
    Statement insert(db.get(), "INSERT INTO specification (id, at, json) VALUES (1, ?, ?)");
    if (insert.bind(0, timestamp()).bind(1, spec).step() != SQLITE_DONE)
        return failed(db.get(), path);
    Workbook book(std::move(*back));
    std::string chain = hashOf(spec.data(), spec.size());
    std::vector<Store::NewEntry> entries;
    if (practice)
        entries.push_back({*practice, {}});
    DOWEL_TRY(put(db.get(), path, entries, book, chain, systemClock()));
    sqlite3_int64 size = 0;
    const std::unique_ptr<unsigned char, decltype(&sqlite3_free)> bytes(sqlite3_serialize(db.get(), "main", &size, 0),
                                                                        &sqlite3_free);
    if (bytes == nullptr)
        return Error{ErrorCode::Internal, path, FactId::NotPutTogether};
    return std::string(reinterpret_cast<const char*>(bytes.get()), static_cast<std::size_t>(size));
}

/// Makes an older file one of today's: within one transaction.
Status migrate(sqlite3* db, const std::string& path, int version, std::int64_t entries, const std::string& chain)
{
    std::string sql = "BEGIN IMMEDIATE;";
    for (const SchemaPart& part : schema)
        if (part.since > version)
            sql += std::string(part.sql) + ";";
    const auto all = [&]() -> Status {
        DOWEL_TRY(run(db, path, sql));
        DOWEL_TRY(writeSeal(db, path, entries, chain));
        return run(db, path, "PRAGMA user_version = " + std::to_string(tablesVersion) + "; COMMIT");
    };
    auto ok = all();
    if (!ok)
        sqlite3_exec(db, "ROLLBACK", nullptr, nullptr, nullptr);
    return ok;
}

} // namespace

struct Store::Parts
{
    std::string path;
    Descriptor lock; ///< outlives the database: closing it would drop SQLite's own locks on the file
    Database db;
    std::shared_ptr<const Workbook> newest; ///< replaced, never changed; guarded by publishing
    std::string chain;
    std::string identity;
    const Clock* clock = &systemClock();
    mutable std::mutex publishing{};

    [[nodiscard]] std::shared_ptr<const Workbook> snapshot() const
    {
        const std::lock_guard guard(publishing);
        return newest;
    }
    void publish(Workbook book)
    {
        auto next = std::make_shared<const Workbook>(std::move(book));
        const std::lock_guard guard(publishing);
        newest.swap(next);
    }
    /// Everything that the file holds, onto what was specified.
    Status load(Workbook book, const Cancel& cancel);
    Status checkSeal() const;
    /// Whether the file still ends as it did when it was read; within a transaction.
    bool isAsRead() const;
};

bool Store::Parts::isAsRead() const
{
    Statement seal(db.get(), "SELECT entries, chain FROM seal WHERE id = 1");
    return seal.step() == SQLITE_ROW && seal.integer(0) == std::ssize(newest->entries()) && seal.text(1) == chain;
}

Status Store::Parts::load(Workbook book, const Cancel& cancel)
{
    Statement rows(db.get(), "SELECT id, at, kind, body, take_hash, chain FROM entry ORDER BY id");
    std::vector<Entry> entries;
    int code = SQLITE_DONE;
    while ((code = rows.step()) == SQLITE_ROW) {
        if (cancel.requested())
            return Error{ErrorCode::Cancelled, path, {}};
        const std::string where = "entry " + std::to_string(rows.integer(0));
        auto body = io::bodyFromText(rows.text(2), rows.text(3));
        if (!body)
            return Error{ErrorCode::Damaged, where + ", " + body.error().where, body.error().fact};
        Entry e{{rows.integer(0)}, rows.text(1), std::move(*body)};
        // Far above what any record reaches: the number after it must still be one.
        constexpr std::int64_t mostEntries = 1'000'000'000;
        if (e.id.number < 1 || e.id.number > mostEntries)
            return Error{ErrorCode::Damaged, where, FactId::NumberBeyond};
        const std::string expected = chained(chain, e, rows.text(3), rows.text(4));
        if (rows.text(5) != expected)
            return Error{ErrorCode::Damaged, where, FactId::Checksum};
        chain = expected;
        entries.push_back(std::move(e));
    }
    if (code != SQLITE_DONE)
        return failed(db.get(), path);
    DOWEL_TRY(book.replay(std::move(entries), cancel));
    publish(std::move(book));
    return Done{};
}

Status Store::Parts::checkSeal() const
{
    Statement seal(db.get(), "SELECT entries, chain FROM seal WHERE id = 1");
    const int code = seal.step();
    if (code != SQLITE_ROW && code != SQLITE_DONE)
        return failed(db.get(), path);
    if (code == SQLITE_DONE || seal.integer(0) != static_cast<std::int64_t>(newest->entries().size()) || seal.text(1) != chain)
        return Error{ErrorCode::Damaged, "its end", FactId::EntriesMissing};
    return Done{};
}

Store::Store(std::unique_ptr<Parts> parts) : m_parts(std::move(parts)) {}
Store::~Store() = default;
Store::Store(Store&&) noexcept = default;
Store& Store::operator=(Store&&) noexcept = default;

std::shared_ptr<const Workbook> Store::snapshot() const
{
    return m_parts->snapshot();
}

const Workbook& Store::book() const
{
    return *m_parts->newest;
}

const std::string& Store::path() const
{
    return m_parts->path;
}

const std::string& Store::identity() const
{
    return m_parts->identity;
}

bool isHeldByAnother(int flockError)
{
    return flockError == EWOULDBLOCK;
}

Result<Store> Store::create(const std::string& path, const Instrument& specified, const std::optional<PracticeEntry>& practice)
{
    enterDoor(Door::DurableWrite);
    if (::access(path.c_str(), F_OK) == 0)
        return Error{ErrorCode::Exists, path, FactId::ThereAlready};
    for (const char* ending : {"-journal", "-wal"})
        if (const std::string left = path + ending; ::access(left.c_str(), F_OK) == 0)
            return Error{ErrorCode::Exists, left, FactId::OldJournal};
    const auto bytes = DOWEL_TRY(newBook(path, specified, practice));
    DOWEL_TRY(io::writeNewFile(path, bytes));
    return open(path, Mode::Work);
}

namespace {

/// Holds the file against other windows for as long as it lives. Errors: Unwritable, Unreadable, InUse.
Result<Descriptor> lockedForWork(const std::string& path)
{
    if (::access(path.c_str(), W_OK) != 0)
        return Error{ErrorCode::Unwritable, path, FactId::MayOnlyBeRead};
    Descriptor lock(::open(path.c_str(), O_RDWR | O_CLOEXEC));
    if (lock.get() < 0)
        return Error{ErrorCode::Unreadable, path, Fact::said(std::strerror(errno))};
    // A file system without such locks keeps nobody out here; append() then finds out whether anybody else has written.
    if (::flock(lock.get(), LOCK_EX | LOCK_NB) != 0 && isHeldByAnother(errno))
        return Error{ErrorCode::InUse, path, FactId::OpenElsewhere};
    return lock;
}

/// A writer that was killed leaves its journal beside, and the first one to open the file afterwards puts it back in order.
/// That writes; who only looks does it too, where it may, and then writes nothing more.
Result<Database> openedFor(const std::string& path, Store::Mode mode)
{
    const bool may = ::access(path.c_str(), W_OK) == 0;
    auto db = openDatabase(path, may ? SQLITE_OPEN_READWRITE : SQLITE_OPEN_READONLY);
    if (!db)
        return db;
    if (mode == Store::Mode::Work) {
        DOWEL_TRY(makeDurable(db->get(), path));
        return db;
    }
    Statement first(db->get(), "SELECT COUNT(*) FROM sqlite_schema");
    if (first.step() != SQLITE_ROW) {
        const std::string journal = path + "-journal";
        if (::access(journal.c_str(), F_OK) == 0)
            return Error{ErrorCode::Unreadable, path, {FactId::LeftInWriteCopy, journal}};
        return failed(db->get(), path);
    }
    return db;
}

} // namespace

Status moveWorkbook(const std::string& from, const std::string& to)
{
    enterDoor(Door::DurableWrite);
    DOWEL_TRY(recognise(from));
    const auto held = DOWEL_TRY(lockedForWork(from));
    const std::string journal = from + "-journal";
    if (::access(journal.c_str(), F_OK) == 0) {
        // The first reader plays it back; damage in the record does not matter here.
        DOWEL_TRY(openedFor(from, Store::Mode::Look));
        if (::access(journal.c_str(), F_OK) == 0)
            return Error{ErrorCode::Unwritable, from, FactId::LeftInWrite};
    }
    if (::access((to + "-journal").c_str(), F_OK) == 0)
        return Error{ErrorCode::Exists, to + "-journal", FactId::ThereAlready};
    return io::moveFile(from, to);
}

Result<Store> Store::open(const std::string& path, Mode mode, const Cancel& cancel)
{
    enterDoor(Door::OpenBook);
    DOWEL_TRY(recognise(path));
    Descriptor lock;
    if (mode == Mode::Work) {
        auto held = DOWEL_TRY(lockedForWork(path));
        lock = std::move(held);
    }
    auto db = openedFor(path, mode);
    if (!db)
        return db.error();
    // Everything that follows is read as it stood at one moment, whoever writes meanwhile.
    if (auto ok = run(db->get(), path, "BEGIN; SELECT COUNT(*) FROM sqlite_schema"); !ok)
        return ok.error();
    const auto version = recognise(path); // again: a killed migration may just have been taken back
    if (!version)
        return version.error();
    std::string spec;
    std::string identity;
    {
        const Bounded bounded(db->get());
        DOWEL_TRY(checkSchema(db->get(), *version, path));
        Statement read(db->get(), "SELECT json, at FROM specification WHERE id = 1");
        const int code = read.step();
        if (code != SQLITE_ROW)
            return code == SQLITE_DONE ? Error{ErrorCode::Damaged, path, FactId::NoSpecification} : failed(db->get(), path);
        spec = read.text(0);
        identity = read.text(1) + '\n' + spec;
    }
    auto specified = io::specFromText(spec, "specification");
    if (!specified)
        return Error{ErrorCode::Damaged, "specification, " + specified.error().where, specified.error().fact};
    auto parts = std::make_unique<Parts>();
    parts->path = path;
    parts->lock = std::move(lock);
    parts->db = std::move(*db);
    parts->chain = hashOf(spec.data(), spec.size());
    parts->identity = hashOf(identity.data(), identity.size());
    const Bounded bounded(parts->db.get());
    DOWEL_TRY(parts->load(Workbook(std::move(*specified)), cancel));
    if (*version >= 2)
        DOWEL_TRY(parts->checkSeal());
    DOWEL_TRY(run(parts->db.get(), path, "COMMIT"));
    if (*version < tablesVersion && mode == Mode::Work)
        DOWEL_TRY(migrate(parts->db.get(), path, *version, std::ssize(parts->newest->entries()), parts->chain));
    return Store(std::move(parts)); // the same connection, wherever it is moved to
}

namespace {

/// Whether a path still leads to the file that was opened: what is written to one that was replaced or taken away would be
/// gone when the window is closed.
Status stillThere(const std::string& path, int opened)
{
    struct stat then
    {
    };
    struct stat now
    {
    };
    if (::fstat(opened, &then) == 0 && ::stat(path.c_str(), &now) == 0 && then.st_dev == now.st_dev && then.st_ino == now.st_ino)
        return Done{};
    return Error{ErrorCode::Unwritable, path, FactId::FileGone};
}

} // namespace

void Store::useClock(const Clock& clock)
{
    m_parts->clock = &clock;
}

Result<std::vector<EntryId>> Store::append(std::span<const NewEntry> entries)
{
    enterDoor(Door::DurableWrite);
    sqlite3* db = m_parts->db.get();
    const std::string& path = m_parts->path;
    if (m_parts->lock.get() < 0)
        return Error{ErrorCode::Unwritable, path, FactId::LookingOnly};
    DOWEL_TRY(stillThere(path, m_parts->lock.get()));
    Workbook book = *m_parts->newest;
    std::string chain = m_parts->chain;
    DOWEL_TRY(run(db, path, "BEGIN IMMEDIATE"));
    auto ids = m_parts->isAsRead() ? put(db, path, entries, book, chain, *m_parts->clock)
                                   : Result<std::vector<EntryId>>(Error{ErrorCode::InUse, path, FactId::WrittenElsewhere});
    if (ids)
        if (auto ok = run(db, path, "COMMIT"); !ok)
            ids = ok.error();
    if (!ids) {
        sqlite3_exec(db, "ROLLBACK", nullptr, nullptr, nullptr);
        return ids;
    }
    m_parts->publish(std::move(book));
    m_parts->chain = std::move(chain);
    return ids;
}

Result<EntryId> Store::append(EntryBody body, Flac take)
{
    const NewEntry one{std::move(body), std::move(take)};
    auto ids = DOWEL_TRY(append(std::span(&one, 1)));
    return ids.front();
}

namespace {

Result<Store::Flac> takeFrom(sqlite3* db, const std::string& path, EntryId id)
{
    enterDoor(Door::ReadFile);
    Statement read(db, "SELECT flac, take_hash FROM take JOIN entry ON entry.id = entry_id WHERE entry_id = ?");
    const int code = read.bind(0, id.number).step();
    if (code == SQLITE_DONE)
        return Error{ErrorCode::UnknownName, "recording", {FactId::EntryNumber, id.number}};
    if (code != SQLITE_ROW)
        return failed(db, path);
    Store::Flac flac = read.blob(0);
    if (hashOf(flac.data(), flac.size()) != read.text(1))
        return Error{ErrorCode::Damaged, "entry " + std::to_string(id.number), FactId::TakeChecksum};
    return flac;
}

} // namespace

Result<Store::Flac> Store::take(EntryId id) const
{
    return takeFrom(m_parts->db.get(), m_parts->path, id);
}

struct Recordings::Parts
{
    std::string path;
    Database db;
};

Recordings::Recordings(std::unique_ptr<Parts> parts) : m_parts(std::move(parts)) {}
Recordings::~Recordings() = default;
Recordings::Recordings(Recordings&&) noexcept = default;
Recordings& Recordings::operator=(Recordings&&) noexcept = default;

Result<Recordings> Recordings::open(const std::string& path)
{
    enterDoor(Door::ReadFile);
    // By the database alone: a file of our own that is opened here and closed would drop the locks that the store has on it
    // (fcntl(2)).
    auto db = DOWEL_TRY(openDatabase(path, SQLITE_OPEN_READONLY));
    return Recordings(std::make_unique<Parts>(Parts{path, std::move(db)}));
}

Result<Store::Flac> Recordings::take(EntryId id) const
{
    return takeFrom(m_parts->db.get(), m_parts->path, id);
}

Status Store::verify() const
{
    enterDoor(Door::Verify);
    const Bounded bounded(m_parts->db.get());
    {
        Statement check(m_parts->db.get(), "PRAGMA integrity_check");
        if (check.step() != SQLITE_ROW)
            return failed(m_parts->db.get(), m_parts->path);
        if (check.text(0) != "ok")
            return Error{ErrorCode::Damaged, m_parts->path, Fact::said(check.text(0))};
    }
    // The chain and the seal were followed when the file was opened; what is left are the recordings and photographs.
    std::int64_t takes = 0;
    for (const Entry& e : m_parts->newest->entries()) {
        const auto* r = std::get_if<ReadingEntry>(&e.body);
        const bool beside = r != nullptr ? r->hasTake : std::holds_alternative<PhotoEntry>(e.body);
        if (!beside)
            continue;
        ++takes;
        if (auto flac = take(e.id); !flac)
            return Error{ErrorCode::Damaged, flac.error().where, flac.error().fact};
    }
    // What another window has added since is not this one's to count.
    Statement count(m_parts->db.get(), "SELECT COUNT(*) FROM take WHERE entry_id <= ? OR entry_id NOT IN (SELECT id FROM entry)");
    const auto& entries = m_parts->newest->entries();
    if (count.bind(0, entries.empty() ? 0 : entries.back().id.number).step() != SQLITE_ROW)
        return failed(m_parts->db.get(), m_parts->path);
    if (count.integer(0) != takes)
        return Error{ErrorCode::Damaged, "the recordings", {FactId::TakesForReadings, count.integer(0), takes}};
    return Done{};
}

Status Store::copyTo(const std::string& path) const
{
    enterDoor(Door::DurableWrite);
    return io::writeNewFile(path, [&](const std::string& beside) -> Status {
        Statement copy(m_parts->db.get(), "VACUUM INTO ?");
        if (copy.bind(0, beside).step() != SQLITE_DONE)
            return Error{ErrorCode::Unwritable, path, Fact::said(sqlite3_errmsg(m_parts->db.get()))};
        return Done{};
    });
}

} // namespace dowel
