// SPDX-License-Identifier: GPL-3.0-or-later
// A disk that writes down what SQLite tells it, so that a test can say what a power cut at any moment would leave: what was
// synced, and of the rest some, none or all, the last write cut through. After SQLite's own crash tests
// (https://www.sqlite.org/testing.html, 3.2; atomiccommit.html, 9; from memory).
#pragma once

#include <cstddef>
#include <cstdint>
#include <map>
#include <memory>
#include <string>
#include <vector>

namespace dowel::disk {

using Bytes = std::vector<unsigned char>;

struct Act
{
    enum class Kind {
        Create,
        Write,
        Truncate,
        Sync,
        Remove,       ///< the folder is not synced after it
        RemoveForGood ///< it is
    };
    Kind kind{};
    std::string file; ///< its name in the folder
    std::int64_t at = 0;
    Bytes bytes{};
};

/// While it lives, SQLite works through it: as ever, and every change to a file in a folder is written down. One at a time.
class Recording
{
public:
    explicit Recording(const std::string& folder);
    ~Recording();
    Recording(const Recording&) = delete;
    Recording& operator=(const Recording&) = delete;
    Recording(Recording&&) = delete;
    Recording& operator=(Recording&&) = delete;

    [[nodiscard]] const std::vector<Act>& acts() const;

    struct Parts;

private:
    std::unique_ptr<Parts> m_parts;
};

/// What survives of writes and removals that were not synced.
enum class Survives {
    Nothing,
    Everything,
    Some,     ///< each by lot
    SomeTorn, ///< each by lot, the last one up to a sector's end somewhere in it
};

/// The folder's files after a power cut behind the first `count` acts. before: what lay there when the recording began.
[[nodiscard]] std::map<std::string, Bytes> afterPowerCut(const std::map<std::string, Bytes>& before, const std::vector<Act>& acts,
                                                         std::size_t count, Survives survives, std::uint64_t seed);

} // namespace dowel::disk
