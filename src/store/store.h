// SPDX-License-Identifier: GPL-3.0-or-later
// The .dowel file: one SQLite database that holds the specification, an append-only list of entries, and the recordings
// as FLAC. Every accepted entry is one transaction that has reached the disk when append() returns. A chain of checksums
// (XXH3, 128 bits) runs over all entries, so that damage is found. Why a rollback journal and not WAL, and how a second
// window is kept out: docs/decisions/workbook-file.md.
#pragma once

#include "core/base/cancel.h"
#include "core/base/clock.h"
#include "core/base/stamp.h"
#include "core/record/workbook.h"

#include <memory>
#include <span>

namespace dowel {

class Store
{
public:
    /// Look adds nothing and does not mind another window. All it may do to the file is put in order what a killed writer left.
    enum class Mode { Work, Look };
    using Flac = std::vector<unsigned char>;
    /// Well under what a file may hold in one place, which would be called damage when it is opened again.
    static constexpr std::size_t longestTake_bytes = std::size_t{100} << 20U;
    struct NewEntry
    {
        EntryBody body;
        Flac take; ///< empty: none
    };

    /// Makes a new file and opens it for work. Errors: Exists (also where another workbook's journal was left under the name),
    /// Unwritable, BadValue (a value that cannot be kept as it is).
    static Result<Store> create(const std::string& path, const Instrument& specified,
                                const std::optional<PracticeEntry>& practice = {});
    /// In time that grows with the record's length. Errors: Unreadable, NotAWorkbook, NewerVersion, InUse (Work only), Damaged
    /// (where = entry), Cancelled.
    static Result<Store> open(const std::string& path, Mode mode, const Cancel& cancel = {});
    /// Dates the entries to come by this clock, which must outlive the store; until then by the system's.
    void useClock(const Clock& clock);
    ~Store();
    Store(Store&&) noexcept;
    Store& operator=(Store&&) noexcept;
    Store(const Store&) = delete;
    Store& operator=(const Store&) = delete;

    /// The record as it is now, for whoever goes on reading it while entries are added. From any thread.
    [[nodiscard]] std::shared_ptr<const Workbook> snapshot() const;
    /// The same for as long as nothing is appended.
    [[nodiscard]] const Workbook& book() const;
    [[nodiscard]] const std::string& path() const;
    /// What this workbook is known by, wherever it lies and however its path is spelt: a checksum over when it was made and
    /// of what. Copies share it, as they are of one piece of wood.
    [[nodiscard]] const std::string& identity() const;
    /// Appends all entries or none; durable on return, and as the reader that opens files will have them. Errors: those of
    /// Workbook::append(), BadValue (a number that cannot be kept as it is), BadAudio (a take of more than 100 MB), InUse
    /// (somebody else has written meanwhile), Unwritable.
    Result<std::vector<EntryId>> append(std::span<const NewEntry> entries);
    Result<EntryId> append(EntryBody body, Flac take = {});
    /// The recording beside a reading, the picture beside a photograph. Errors: UnknownName, Damaged.
    [[nodiscard]] Result<Flac> take(EntryId id) const;
    /// SQLite's own integrity check, the chain over all entries, and every recording's checksum. Errors: Damaged.
    [[nodiscard]] Status verify() const;
    /// A consistent copy beside, for instance before handing it on. Errors: Exists, Unwritable.
    [[nodiscard]] Status copyTo(const std::string& path) const;

private:
    struct Parts;
    explicit Store(std::unique_ptr<Parts> parts);
    std::unique_ptr<Parts> m_parts;
};

/// What lies beside a workbook's entries, by a connection of its own: for a thread that reads while the store's appends.
class Recordings
{
public:
    /// Errors: Unreadable, InUse.
    static Result<Recordings> open(const std::string& path);
    ~Recordings();
    Recordings(Recordings&&) noexcept;
    Recordings& operator=(Recordings&&) noexcept;
    Recordings(const Recordings&) = delete;
    Recordings& operator=(const Recordings&) = delete;

    /// As Store::take().
    [[nodiscard]] Result<Store::Flac> take(EntryId id) const;

private:
    struct Parts;
    explicit Recordings(std::unique_ptr<Parts> parts);
    std::unique_ptr<Parts> m_parts;
};

/// Gives a workbook another name, for good and without replacing anything. What a killed writer left is put in order first, and
/// one that is open elsewhere stays where it is. Errors: Unreadable, NotAWorkbook, InUse, Exists, Unwritable.
[[nodiscard]] Status moveWorkbook(const std::string& from, const std::string& to);
/// Whether a lock that was refused with this errno is held by somebody else; otherwise the file system has no such locks
/// (flock(2)).
[[nodiscard]] bool isHeldByAnother(int flockError);

} // namespace dowel
