// SPDX-License-Identifier: GPL-3.0-or-later
// The little of SQLite that the store's files need: owned handles, prepared statements, errors in the house's terms.
#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <memory>
#include <sqlite3.h>
#include <string>
#include <utility>
#include <vector>

namespace dowel::sqlite {

struct CloseDatabase
{
    void operator()(sqlite3* db) const { sqlite3_close_v2(db); }
};
struct Finalize
{
    void operator()(sqlite3_stmt* s) const { sqlite3_finalize(s); }
};
using Database = std::unique_ptr<sqlite3, CloseDatabase>;

inline Error failed(sqlite3* db, const std::string& path)
{
    const int code = db == nullptr ? SQLITE_CANTOPEN : sqlite3_errcode(db) & 0xFF;
    const Fact fact = db == nullptr ? Fact(FactId::CannotBeOpened) : Fact::said(sqlite3_errmsg(db));
    switch (code) {
    case SQLITE_INTERRUPT: return {ErrorCode::Damaged, path, FactId::WithoutEnd};
    case SQLITE_TOOBIG: return {ErrorCode::Damaged, path, FactId::SomethingTooLong};
    case SQLITE_CORRUPT:
    case SQLITE_NOTADB: return {ErrorCode::Damaged, path, fact};
    case SQLITE_BUSY:
    case SQLITE_LOCKED: return {ErrorCode::InUse, path, fact};
    case SQLITE_CANTOPEN:
    case SQLITE_PERM: return {ErrorCode::Unreadable, path, FactId::MayNotBeOpened};
    default: return {ErrorCode::Unwritable, path, fact};
    }
}

/// One prepared statement; parameters and columns count from 0.
class Statement
{
public:
    Statement(sqlite3* db, const char* sql)
    {
        sqlite3_stmt* s = nullptr;
        m_good = sqlite3_prepare_v2(db, sql, -1, &s, nullptr) == SQLITE_OK;
        m_statement.reset(s);
    }
    Statement& bind(int at, std::int64_t v)
    {
        m_good = m_good && sqlite3_bind_int64(m_statement.get(), at + 1, v) == SQLITE_OK;
        return *this;
    }
    Statement& bind(int at, const std::string& v)
    {
        m_good = m_good &&
                 sqlite3_bind_text64(m_statement.get(), at + 1, v.data(), v.size(), SQLITE_TRANSIENT, SQLITE_UTF8) == SQLITE_OK;
        return *this;
    }
    Statement& bind(int at, const std::vector<unsigned char>& v)
    {
        m_good = m_good && sqlite3_bind_blob64(m_statement.get(), at + 1, v.data(), v.size(), SQLITE_STATIC) == SQLITE_OK;
        return *this;
    }
    /// SQLITE_ROW, SQLITE_DONE, or an error code.
    int step() { return m_good ? sqlite3_step(m_statement.get()) : SQLITE_ERROR; }
    [[nodiscard]] std::int64_t integer(int at) const { return sqlite3_column_int64(m_statement.get(), at); }
    [[nodiscard]] std::string text(int at) const
    {
        const auto* p = static_cast<const char*>(sqlite3_column_blob(m_statement.get(), at));
        return p == nullptr ? std::string()
                            : std::string(p, static_cast<std::size_t>(sqlite3_column_bytes(m_statement.get(), at)));
    }
    [[nodiscard]] std::vector<unsigned char> blob(int at) const
    {
        const auto* p = static_cast<const unsigned char*>(sqlite3_column_blob(m_statement.get(), at));
        return p == nullptr ? std::vector<unsigned char>()
                            : std::vector<unsigned char>(p, p + sqlite3_column_bytes(m_statement.get(), at));
    }

private:
    std::unique_ptr<sqlite3_stmt, Finalize> m_statement;
    bool m_good = false;
};

inline Status run(sqlite3* db, const std::string& path, const std::string& sql)
{
    if (sqlite3_exec(db, sql.c_str(), nullptr, nullptr, nullptr) != SQLITE_OK)
        return failed(db, path);
    return Done{};
}

/// A rollback journal, and with EXTRA also the folder synced after the journal is gone: a committed transaction survives
/// a power cut, not only a crash.
inline Status makeDurable(sqlite3* db, const std::string& path)
{
    return run(
        db, path,
        "PRAGMA journal_mode = DELETE; PRAGMA synchronous = EXTRA; PRAGMA foreign_keys = ON; PRAGMA trusted_schema = OFF;");
}

/// Nothing that stands in a file from elsewhere is trusted: its own code does not run with our rights, no length makes us ask
/// for more memory than our files need, and no statement runs without end.
inline void guard(sqlite3* db)
{
    sqlite3_db_config(db, SQLITE_DBCONFIG_DEFENSIVE, 1, nullptr);
    sqlite3_db_config(db, SQLITE_DBCONFIG_TRUSTED_SCHEMA, 0, nullptr);
    sqlite3_db_config(db, SQLITE_DBCONFIG_ENABLE_LOAD_EXTENSION, 0, nullptr);
    sqlite3_db_config(db, SQLITE_DBCONFIG_ENABLE_VIEW, 0, nullptr);
    constexpr std::pair<int, int> limits[] = {
        {SQLITE_LIMIT_LENGTH, 128 << 20}, {SQLITE_LIMIT_SQL_LENGTH, 1 << 16}, {SQLITE_LIMIT_COLUMN, 64},
        {SQLITE_LIMIT_EXPR_DEPTH, 64},    {SQLITE_LIMIT_COMPOUND_SELECT, 4},  {SQLITE_LIMIT_ATTACHED, 1},
        {SQLITE_LIMIT_FUNCTION_ARG, 16},  {SQLITE_LIMIT_TRIGGER_DEPTH, 4},    {SQLITE_LIMIT_WORKER_THREADS, 0}};
    for (const auto& [what, most] : limits)
        sqlite3_limit(db, what, most);
}

/// While it lives no statement runs without end: a file from elsewhere may be made so that one would.
class Bounded
{
public:
    explicit Bounded(sqlite3* db) : m_db(db)
    {
        constexpr int every = 10000; // instructions of SQLite's
        sqlite3_progress_handler(
            db, every,
            [](void* self) {
                constexpr long most = 100000; // many times what the largest of our files needs
                return ++static_cast<Bounded*>(self)->m_calls > most ? 1 : 0;
            },
            this);
    }
    ~Bounded() { sqlite3_progress_handler(m_db, 0, nullptr, nullptr); }
    Bounded(const Bounded&) = delete;
    Bounded& operator=(const Bounded&) = delete;
    Bounded(Bounded&&) = delete;
    Bounded& operator=(Bounded&&) = delete;

private:
    sqlite3* m_db;
    long m_calls = 0;
};

inline Result<Database> openDatabase(const std::string& path, int flags)
{
    sqlite3* db = nullptr;
    const int code = sqlite3_open_v2(path.c_str(), &db, flags | SQLITE_OPEN_FULLMUTEX, nullptr);
    Database owned(db);
    if (code != SQLITE_OK)
        return failed(db, path);
    // Nobody has a file to himself for longer than a transaction takes (who works on a workbook says so by a lock of another
    // kind, see lockedForWork()), but on a slow disk that can be seconds, and a reader's turn comes after a writer's.
    constexpr int patience_ms = 60'000;
    sqlite3_busy_timeout(db, patience_ms);
    guard(db);
    return owned;
}

} // namespace dowel::sqlite
