// SPDX-License-Identifier: GPL-3.0-or-later
// Entries on their way to the disk: one lot after another on the worker, told of only once they are durable, and held and tried
// again where the disk does not take them.
#pragma once

#include "app/parts/jobs.h"
#include "app/parts/time_source.h"
#include "store/store.h"

#include <QObject>
#include <deque>
#include <functional>
#include <memory>
#include <optional>
#include <vector>

namespace dowel::app {

class RecordWriter : public QObject
{
    Q_OBJECT

public:
    using Snapshot = std::shared_ptr<const Workbook>;
    using Entries = std::vector<Store::NewEntry>;
    /// Whether what was advised stands after it.
    enum class Advice { Overtaken, Stands };
    /// Entries made on the worker, of the record as it is by then.
    using Make = std::function<Result<Entries>(const Workbook&, const Cancel&)>;
    struct Lot
    {
        Make make;
        std::function<void()> saved;                             ///< once it is durable and its snapshot was told
        Advice advice = Advice::Overtaken;                       ///< after it
        std::function<void(const Cancel&)> afterwards = nullptr; ///< on the worker, once the disk was asked, where there is one
        std::function<void()> tried = nullptr; ///< before saved(), whether it is held or not, where there is one
    };

    RecordWriter(std::shared_ptr<Store> store, Jobs& jobs, TimeSource& time, QObject* parent = nullptr);

    void write(Lot lot);
    /// Writes one lot, on the worker, and says why the record refuses it.
    using Keep = std::function<Status(Entries)>;
    /// Several lots out of one piece of work, each written as soon as it is there; it may be called off. A lot that the disk does
    /// not take is held, and those after it behind it. done: whether any is.
    void writeMany(std::function<void(const Keep&, const Cancel&)> work, std::function<void(bool held)> done);
    /// Entries that the disk did not take yet; they are tried again every few seconds.
    [[nodiscard]] std::size_t waiting() const { return m_waiting.size(); }
    /// Lots on their way that may not be lost.
    [[nodiscard]] int keeping() const { return m_keeping; }
    void tryAgain();

Q_SIGNALS:
    /// A new snapshot. overtaken: what was advised before is not about it.
    void written(const RecordWriter::Snapshot& book, bool overtaken);
    void failed(const dowel::Error& error);
    void held(const dowel::Error& error); ///< nothing is lost: it is tried again
    void allSaved();                      ///< after something had been held

private:
    /// A lot that was handed to the disk: on it, or why not; neither where it was to wait.
    struct Attempt
    {
        std::shared_ptr<const Entries> entries;
        bool saved = false;
        std::optional<Error> trouble;
    };
    struct Waiting
    {
        std::shared_ptr<const Entries> entries;
        std::function<void()> saved;
        Advice advice;
    };
    static Attempt attempt(Store& store, Entries entries, bool hold);
    /// Trouble that may pass: the disk is full, the folder gone, another program at the file.
    static bool mayPass(const Error& error);
    void finish(const Attempt& attempt, const std::function<void()>& saved, Advice advice);
    void saveNext();

    std::shared_ptr<Store> m_store; ///< appended to by the worker only
    Jobs* m_jobs;
    std::deque<Waiting> m_waiting;
    Alarm m_again;
    bool m_saving = false;
    int m_keeping = 0;
};

} // namespace dowel::app
