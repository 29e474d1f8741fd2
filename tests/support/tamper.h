// SPDX-License-Identifier: GPL-3.0-or-later
// A workbook's file changed by hand, as somebody with a database tool would.
#pragma once

#include <QFile>
#include <sqlite3.h>
#include <string>
#include <vector>

namespace dowel::tamper {

inline void run(sqlite3* db, const std::string& sql)
{
    if (sqlite3_exec(db, sql.c_str(), nullptr, nullptr, nullptr) != SQLITE_OK)
        qFatal("%s: %s", sql.c_str(), sqlite3_errmsg(db));
}

/// Runs statements on a file.
inline void with(const std::string& path, const std::string& sql)
{
    sqlite3* db = nullptr;
    sqlite3_open(path.c_str(), &db);
    run(db, sql);
    sqlite3_close(db);
}

/// The same with the append-only guards taken off before and put back, letter for letter, afterwards.
inline void withoutGuards(const std::string& path, const std::string& sql)
{
    sqlite3* db = nullptr;
    sqlite3_open(path.c_str(), &db);
    std::vector<std::pair<std::string, std::string>> guards;
    sqlite3_exec(
        db, "SELECT name, sql FROM sqlite_schema WHERE type = 'trigger'",
        [](void* to, int, char** values, char**) {
            static_cast<std::vector<std::pair<std::string, std::string>>*>(to)->emplace_back(values[0], values[1]);
            return 0;
        },
        &guards, nullptr);
    for (const auto& [name, text] : guards)
        run(db, "DROP TRIGGER " + name);
    run(db, sql);
    for (const auto& [name, text] : guards)
        run(db, text);
    sqlite3_close(db);
}

/// In `killed` what a kill in the middle of a transaction would leave of `path`: the file with some of its pages on the disk
/// already, and the journal that puts them back.
inline void killedWriter(const std::string& path, const std::string& killed)
{
    sqlite3* db = nullptr;
    sqlite3_open(path.c_str(), &db);
    run(db, "PRAGMA cache_size = 1; PRAGMA synchronous = EXTRA; BEGIN IMMEDIATE; INSERT INTO take VALUES (3, zeroblob(300000)); "
            "UPDATE seal SET entries = 99");
    for (const char* part : {"", "-journal"})
        if (!QFile::copy(QString::fromStdString(path + part), QString::fromStdString(killed + part)))
            qFatal("%s%s cannot be copied", path.c_str(), part);
    run(db, "ROLLBACK");
    sqlite3_close(db);
}

} // namespace dowel::tamper
