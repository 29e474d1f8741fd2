// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/document/record_writer.h"

namespace dowel::app {

namespace {
constexpr std::chrono::milliseconds savedAgainAfter{5000};
}

RecordWriter::RecordWriter(std::shared_ptr<Store> store, Jobs& jobs, TimeSource& time, QObject* parent)
    : QObject(parent), m_store(std::move(store)), m_jobs(&jobs), m_again(time, Alarm::Kind::Once, savedAgainAfter)
{
    connect(&m_again, &Alarm::rang, this, &RecordWriter::saveNext);
}

bool RecordWriter::mayPass(const Error& error)
{
    return error.code == ErrorCode::Unwritable || error.code == ErrorCode::InUse || error.code == ErrorCode::Unreadable;
}

RecordWriter::Attempt RecordWriter::attempt(Store& store, Entries entries, bool hold)
{
    Attempt a;
    if (!hold) {
        const auto ids = store.append(entries);
        a.saved = ids.ok();
        if (!ids)
            a.trouble = ids.error();
    }
    a.entries = std::make_shared<const Entries>(std::move(entries));
    return a;
}

void RecordWriter::write(Lot lot)
{
    ++m_keeping;
    m_jobs->runToItsEnd(
        [store = m_store, make = std::move(lot.make), afterwards = std::move(lot.afterwards),
         hold = !m_waiting.empty()](const Cancel& cancel) -> Result<Attempt> {
            Attempt a = attempt(*store, DOWEL_TRY(make(*store->snapshot(), cancel)), hold);
            if (afterwards)
                afterwards(cancel);
            return a;
        },
        [this, saved = std::move(lot.saved), advice = lot.advice, tried = std::move(lot.tried)](const Result<Attempt>& attempt) {
            --m_keeping;
            if (!attempt) {
                Q_EMIT failed(attempt.error());
                return;
            }
            if (tried)
                tried();
            finish(*attempt, saved, advice);
        });
}

void RecordWriter::writeMany(std::function<void(const Keep&, const Cancel&)> work, std::function<void(bool held)> done)
{
    m_jobs->run(
        [store = m_store, hold = !m_waiting.empty(), work = std::move(work)](const Cancel& cancel) {
            std::vector<Attempt> held;
            work(
                [&](Entries entries) -> Status {
                    Attempt a = attempt(*store, std::move(entries), hold || !held.empty());
                    if (a.trouble && !mayPass(*a.trouble))
                        return *a.trouble;
                    if (!a.saved)
                        held.push_back(std::move(a));
                    return Done{};
                },
                cancel);
            return held;
        },
        [this, done = std::move(done)](const std::vector<Attempt>& held) {
            Q_EMIT written(m_store->snapshot(), true);
            for (const Attempt& a : held)
                finish(a, {}, Advice::Overtaken);
            done(!held.empty());
        });
}

void RecordWriter::finish(const Attempt& attempt, const std::function<void()>& saved, Advice advice)
{
    if (attempt.saved) {
        Q_EMIT written(m_store->snapshot(), advice == Advice::Overtaken);
        if (saved)
            saved();
        return;
    }
    if (attempt.trouble && !mayPass(*attempt.trouble)) {
        Q_EMIT failed(*attempt.trouble);
        return;
    }
    m_waiting.push_back({attempt.entries, saved, advice});
    if (!attempt.trouble && m_waiting.size() == 1) // what it was to wait for is saved meanwhile
        return saveNext();
    if (attempt.trouble)
        Q_EMIT held(*attempt.trouble);
    m_again.start();
}

void RecordWriter::tryAgain()
{
    m_again.stop();
    saveNext();
}

void RecordWriter::saveNext()
{
    if (m_waiting.empty() || m_saving)
        return;
    m_saving = true;
    m_jobs->run(
        [store = m_store, entries = m_waiting.front().entries](const Cancel&) -> Status {
            const auto ids = store->append(*entries);
            return ids ? Status(Done{}) : Status(ids.error());
        },
        [this](const Status& saved) {
            m_saving = false;
            if (!saved && mayPass(saved.error()))
                return m_again.start();
            const Waiting lot = std::move(m_waiting.front());
            m_waiting.pop_front();
            if (!saved) {
                Q_EMIT failed(saved.error());
                return;
            }
            Q_EMIT written(m_store->snapshot(), lot.advice == Advice::Overtaken);
            if (lot.saved)
                lot.saved();
            if (m_waiting.empty())
                Q_EMIT allSaved();
            saveNext();
        });
}

} // namespace dowel::app

#include "moc_record_writer.cpp"
