// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/shop_memory.h"

#include "core/base/number_text.h"
#include "core/base/thread_role.h"
#include "store/sqlite.h"

#include <filesystem>

namespace dowel {

using namespace sqlite;

namespace {

constexpr std::int64_t memoryId = 0x444F4D45; // "DOME"
constexpr std::int64_t memoryVersion = 3;     // 1 and 2 held other unknowns, 1 by the workbooks' paths

// As SQLite keeps it; the words of version 1, where it was made if it was not there.
constexpr const char* table =
    "CREATE TABLE instrument (book TEXT PRIMARY KEY, name TEXT NOT NULL, family TEXT NOT NULL, at TEXT NOT NULL, readings "
    "INTEGER NOT NULL, mean TEXT NOT NULL, covariance TEXT NOT NULL)";

/// Shortest text that reads back as the same numbers.
template <class Numbers> std::string written(const Numbers& numbers)
{
    std::string text;
    for (Eigen::Index i = 0; i < numbers.size(); ++i)
        text += exactText(numbers.data()[i]) + " ";
    return text;
}

template <class Numbers> bool read(std::string text, Numbers& numbers)
{
    std::replace(text.begin(), text.end(), ',', '.'); // as 1.0.0 wrote them where a comma stands before the decimals
    std::string_view rest = text;
    for (Eigen::Index i = 0; i < numbers.size(); ++i) {
        const auto number = numberFrom(rest.substr(0, rest.find(' ')));
        if (!number)
            return false;
        numbers.data()[i] = *number;
        rest.remove_prefix(std::min(rest.size(), rest.find(' ')));
        rest.remove_prefix(std::min<std::size_t>(rest.size(), 1));
    }
    return rest.empty();
}

} // namespace

struct ShopMemory::Parts
{
    std::string path;
    Database db;
};

ShopMemory::ShopMemory(std::unique_ptr<Parts> parts) : m_parts(std::move(parts)) {}
ShopMemory::~ShopMemory() = default;
ShopMemory::ShopMemory(ShopMemory&&) noexcept = default;
ShopMemory& ShopMemory::operator=(ShopMemory&&) noexcept = default;

namespace {

/// Tables made or brought up to date, within one transaction: the first use by several at once is one after the other.
/// Errors: NotAWorkbook, NewerVersion, Damaged, InUse, Unwritable.
Status prepared(sqlite3* db, const std::string& path)
{
    const auto pragma = [&](const char* sql) {
        Statement s(db, sql);
        return s.step() == SQLITE_ROW ? std::optional(s.integer(0)) : std::nullopt;
    };
    const auto id = pragma("PRAGMA application_id");
    const auto tables = pragma("SELECT COUNT(*) FROM sqlite_schema");
    const auto kept = pragma("PRAGMA user_version");
    if (!id || !tables || !kept)
        return failed(db, path);
    if (*tables == 0)
        return run(db, path,
                   "PRAGMA application_id = " + std::to_string(memoryId) +
                       "; PRAGMA user_version = " + std::to_string(memoryVersion) + ";" + table);
    if (*id != memoryId)
        return Error{ErrorCode::NotAWorkbook, path, FactId::OtherDatabase};
    if (*kept > memoryVersion)
        return Error{ErrorCode::NewerVersion, path, {FactId::ShopMemoryVersion, *kept}};
    Statement found(db, "SELECT sql FROM sqlite_schema WHERE name = 'instrument'");
    if (*tables != 2 || found.step() != SQLITE_ROW || found.text(0) != table) // the table and the index of its key
        return Error{ErrorCode::Damaged, path, FactId::TableNotOurs};
    // An older memory's estimates are of other unknowns: it begins anew. The workbooks know everything that was in it.
    if (*kept < memoryVersion)
        return run(db, path, "DELETE FROM instrument; PRAGMA user_version = " + std::to_string(memoryVersion));
    return Done{};
}

} // namespace

Result<ShopMemory> ShopMemory::open(const std::string& path)
{
    enterDoor(Door::OpenBook);
    std::error_code error;
    std::filesystem::create_directories(std::filesystem::path(path).parent_path(), error);
    if (std::filesystem::exists(path, error) && !std::filesystem::is_regular_file(path, error))
        return Error{ErrorCode::NotAWorkbook, path, FactId::NoPlainFile};
    auto db = DOWEL_TRY(openDatabase(path, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE));
    const Bounded bounded(db.get());
    DOWEL_TRY(run(db.get(), path, "BEGIN IMMEDIATE"));
    Status ready = prepared(db.get(), path);
    if (ready)
        ready = run(db.get(), path, "COMMIT");
    if (!ready) {
        sqlite3_exec(db.get(), "ROLLBACK", nullptr, nullptr, nullptr);
        return ready.error();
    }
    DOWEL_TRY(makeDurable(db.get(), path));
    return ShopMemory(std::make_unique<Parts>(Parts{path, std::move(db)}));
}

Result<std::vector<Remembered>> ShopMemory::all() const
{
    Statement rows(m_parts->db.get(),
                   "SELECT book, name, family, at, readings, mean, covariance FROM instrument ORDER BY at DESC, book");
    std::vector<Remembered> found;
    constexpr auto n = static_cast<Eigen::Index>(sharedCount);
    int code = SQLITE_DONE;
    while ((code = rows.step()) == SQLITE_ROW) {
        Remembered r;
        r.book = rows.text(0);
        r.name = rows.text(1);
        r.family = familyFromName(rows.text(2)).value_or(Family::Other);
        r.at = rows.text(3);
        r.readings = static_cast<int>(rows.integer(4));
        r.estimate = {Eigen::VectorXd(n), Eigen::MatrixXd(n, n)};
        if (!read(rows.text(5), r.estimate.mean) || !read(rows.text(6), r.estimate.covariance))
            return Error{ErrorCode::Damaged, m_parts->path, {FactId::EntryOf, r.book}};
        found.push_back(std::move(r));
    }
    if (code != SQLITE_DONE)
        return failed(m_parts->db.get(), m_parts->path);
    return found;
}

Status ShopMemory::remember(const Remembered& r)
{
    enterDoor(Door::DurableWrite);
    Statement s(m_parts->db.get(), "INSERT OR REPLACE INTO instrument VALUES (?, ?, ?, ?, ?, ?, ?)");
    s.bind(0, r.book).bind(1, r.name).bind(2, std::string(familyName(r.family))).bind(3, r.at);
    s.bind(4, static_cast<std::int64_t>(r.readings)).bind(5, written(r.estimate.mean)).bind(6, written(r.estimate.covariance));
    if (s.step() != SQLITE_DONE)
        return failed(m_parts->db.get(), m_parts->path);
    return Done{};
}

Status ShopMemory::forget(const std::string& book)
{
    enterDoor(Door::DurableWrite);
    Statement s(m_parts->db.get(), "DELETE FROM instrument WHERE book = ?");
    s.bind(0, book);
    if (s.step() != SQLITE_DONE)
        return failed(m_parts->db.get(), m_parts->path);
    return Done{};
}

Status ShopMemory::forgetAll()
{
    enterDoor(Door::DurableWrite);
    return run(m_parts->db.get(), m_parts->path, "DELETE FROM instrument");
}

Result<Priors> ShopMemory::priorsFor(Family family, const std::string& butNot) const
{
    const auto found = DOWEL_TRY(all());
    std::vector<SharedEstimate> fits;
    for (const Remembered& r : found)
        if (r.family == family && r.book != butNot)
            fits.push_back(r.estimate);
    if (fits.empty())
        return Priors{};
    return learntFrom(Priors{}, family, fits);
}

} // namespace dowel
