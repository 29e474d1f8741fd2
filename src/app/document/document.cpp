// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/document/document.h"

#include "app/document/photograph.h"
#include "app/document/shop_settings.h"
#include "io/audio_file.h"
#include "io/record_export.h"
#include "io/whole_file.h"
#include "session/advise.h"
#include "session/at_the_bench.h"
#include "session/cut_entries.h"
#include "session/practice.h"
#include "session/recordings_import.h"
#include "session/takes.h"
#include "text/errors.h"

namespace dowel::app {

Document::Document(Store store, TimeSource& time, QObject* parent)
    : QObject(parent),
      m_time(&time),
      m_store(std::make_shared<Store>(std::move(store))),
      m_writer(m_store, m_jobs, time),
      m_book(m_store->snapshot()),
      m_path(QString::fromStdString(m_store->path())),
      m_room(session::roomOf(*m_book))
{
    m_store->useClock(time);
    connect(&m_jobs, &Jobs::busyChanged, this, &Document::busyChanged);
    connect(&m_writer, &RecordWriter::written, this, [this](const Snapshot& book, bool overtaken) {
        if (overtaken)
            adopt(book);
        else
            m_book = book;
    });
    connect(&m_writer, &RecordWriter::failed, this, &Document::fail);
    connect(&m_writer, &RecordWriter::held, this, [this](const Error& error) {
        Q_EMIT failed(
            text::sentence(error, m_unit) + QLatin1Char(' ') +
            tr("Nothing is lost: the entry is held in memory and saved as soon as possible. Keep Dowel open until then."));
    });
    connect(&m_writer, &RecordWriter::allSaved, this, [this] { Q_EMIT told(tr("Everything is saved.")); });
}

Document::~Document() = default;

void Document::fail(const Error& error)
{
    if (error.code != ErrorCode::Cancelled)
        Q_EMIT failed(text::sentence(error, m_unit));
}

void Document::adopt(Snapshot book)
{
    m_book = std::move(book);
    ++m_revision;
    m_recommendation.reset();
    Q_EMIT changed();
    Q_EMIT recommendationChanged();
}

void Document::setRoom(Temperature room)
{
    m_room = room;
}

void Document::keepSamples(const FingeringId& fingering, std::function<Result<Samples>(const Workbook&)> source,
                           ReadingSource kind)
{
    struct Take
    {
        Samples samples;
        TakePicture picture;
    };
    const auto take = std::make_shared<Take>();
    take->picture.fingering = fingering;
    m_writer.write({.make = [fingering, source = std::move(source), kind, room = m_room,
                             take](const Workbook& book, const Cancel& cancel) -> Result<RecordWriter::Entries> {
                        take->samples = DOWEL_TRY(source(book));
                        RecordWriter::Entries one;
                        one.push_back(DOWEL_TRY(session::takeOf(book, fingering, take->samples, room, kind, cancel)));
                        return one;
                    },
                    .saved = [this, fingering] { Q_EMIT readingKept(QString::fromStdString(fingering.text)); },
                    .afterwards =
                        [take](const Cancel& cancel) {
                            take->picture.frames = hearing::framesOf(take->samples.values, take->samples.rate_Hz, {}, cancel);
                            take->picture.duration_s = take->samples.duration().seconds();
                        },
                    .tried =
                        [this, take] {
                            m_lastTake = std::move(take->picture);
                        }});
}

void Document::sound(const FingeringId& fingering)
{
    keepSamples(
        fingering, [fingering, room = m_room](const Workbook& book) { return session::played(book, fingering, room); },
        ReadingSource::Player);
}

void Document::readFile(const FingeringId& fingering, const QString& path)
{
    keepSamples(
        fingering, [file = path.toStdString()](const Workbook&) { return io::readAudioFile(file); }, ReadingSource::File);
}

void Document::readFiles(const QStringList& paths)
{
    std::vector<std::string> files;
    for (const QString& path : paths)
        files.push_back(path.toStdString());
    const auto imported = std::make_shared<session::Imported>();
    m_writer.writeMany(
        [store = m_store, files, room = m_room, imported](const RecordWriter::Keep& keep, const Cancel& cancel) {
            *imported = session::importRecordings(
                files, room, [store] { return store->snapshot(); }, keep, cancel);
        },
        [this, imported](bool held) {
            const session::Imported& done = *imported;
            if (held)
                return; // the rest is told when it is saved
            if (done.files == 0) {
                Q_EMIT failed(tr("The folder has no recordings. Dowel reads WAV, FLAC, Ogg and AIFF."));
                return;
            }
            QStringList fingerings;
            for (const FingeringId& id : done.fingerings)
                fingerings << QString::fromStdString(id.text);
            QStringList words{tr("%n reading(s) saved.", nullptr, static_cast<int>(fingerings.size()))};
            if (done.strangers > 0)
                words << tr("%n more note(s) do not belong to this instrument.", nullptr, done.strangers);
            Q_EMIT readingsKept(fingerings);
            for (const auto& [file, error] : done.troubles)
                words << text::sentence(Error{error.code, file, error.fact}, m_unit);
            if (done.troubles.empty())
                Q_EMIT told(words.join(QLatin1Char(' ')));
            else
                Q_EMIT failed(words.join(QLatin1Char(' ')));
        });
}

void Document::keepTake(const FingeringId& fingering, Samples samples, ReadingSource kind)
{
    keepSamples(
        fingering, [samples = std::move(samples)](const Workbook&) -> Result<Samples> { return samples; }, kind);
}

void Document::keepNumbers(io::NumberSession numbers)
{
    QStringList fingerings;
    for (const auto& one : numbers.readings)
        fingerings << QString::fromStdString(one.fingering.text);
    m_writer.write({.make = [numbers = std::move(numbers)](const Workbook& book,
                                                           const Cancel&) { return session::readingsOf(book, numbers); },
                    .saved =
                        [this, fingerings] {
                            Q_EMIT readingsKept(fingerings);
                            Q_EMIT told(tr("%n reading(s) saved.", nullptr, static_cast<int>(fingerings.size())));
                        }});
}

void Document::measureAnew(EntryId old, ReadingEntry reading, const std::shared_ptr<const Samples>& samples)
{
    m_writer.write({.make = [old, reading = std::move(reading), samples](const Workbook& book,
                                                                         const Cancel&) -> Result<RecordWriter::Entries> {
                        auto entry = DOWEL_TRY(session::withTake(reading, *samples));
                        RecordWriter::Entries both;
                        if (!book.isSetAside(old))
                            both.push_back({SetAsideEntry{old, tr("measured over another part").toStdString()}, {}});
                        both.push_back(std::move(entry));
                        return both;
                    },
                    .saved =
                        [this] {
                            Q_EMIT told(tr("Measured again. The first reading stays in the logbook, set aside."));
                        }});
}

void Document::append(EntryBody body, std::function<void()> saved, RecordWriter::Advice advice)
{
    RecordWriter::Entries one;
    one.push_back({std::move(body), {}});
    append(std::move(one), std::move(saved), advice);
}

void Document::append(RecordWriter::Entries entries, std::function<void()> saved, RecordWriter::Advice advice)
{
    m_writer.write({.make = [entries = std::move(entries)](const Workbook&, const Cancel&) -> Result<RecordWriter::Entries> {
                        return entries;
                    },
                    .saved = std::move(saved),
                    .advice = advice});
}

void Document::takeBack(const FingeringId& fingering)
{
    const auto readings = m_book->readings();
    for (auto it = readings.rbegin(); it != readings.rend(); ++it) {
        if (it->reading->fingering == fingering)
            return setAside(it->entry->id, tr("undone"));
    }
}

void Document::setAside(EntryId entry, const QString& why, std::function<void()> after)
{
    if (!after)
        after = [this] {
            Q_EMIT told(tr("Set aside. The entry stays in the logbook, marked."));
        };
    append(SetAsideEntry{entry, why.toStdString()}, std::move(after));
}

void Document::recordCut(const Cut& cut)
{
    auto entry = session::cutEntry(*m_book, cut);
    if (!entry)
        return fail(entry.error());
    append(std::move(*entry), [this] { Q_EMIT cutKept(); });
}

void Document::recordOwnWork(const std::vector<Cut>& cuts)
{
    auto own = session::ownCutEntries(*m_book, cuts);
    if (!own)
        return fail(own.error());
    const auto forecaster = m_recommendation ? m_recommendation->forecaster : nullptr;
    m_writer.write({.make = [book = m_book, forecaster,
                             own = std::move(*own)](const Workbook&, const Cancel&) mutable -> Result<RecordWriter::Entries> {
                        RecordWriter::Entries entries;
                        Instrument there = book->present();
                        for (CutEntry& entry : own) {
                            if (forecaster != nullptr) // what it should do is held against what comes
                                entry.forecast = session::forecastOf(*forecaster, there, entry.cut);
                            there = DOWEL_TRY(applied(there, entry.cut));
                            entries.push_back({std::move(entry), {}});
                        }
                        return entries;
                    },
                    .saved =
                        [this] {
                            Q_EMIT cutKept();
                        }});
}

void Document::recordMeasures(std::vector<EntryBody> measures)
{
    std::vector<Store::NewEntry> entries;
    for (EntryBody& m : measures)
        entries.push_back({std::move(m), {}});
    append(std::move(entries), [this] {
        Q_EMIT told(tr("Logged. Later readings are interpreted with the new size."));
        think();
    });
}

void Document::amend(AmendEntry change)
{
    append(std::move(change), [this] {
        Q_EMIT told(tr("Logged. Advice follows the new target from now on."));
        think();
    });
}

void Document::afterThat(std::function<void()> then)
{
    m_jobs.run([](const Cancel&) { return Done{}; }, [then = std::move(then)](Done) { then(); });
}

void Document::keepPlan(const std::string& plan)
{
    // What was heard and advised stands: a design says nothing about what is there.
    append(
        PlanEntry{plan}, [this] { Q_EMIT changed(); }, RecordWriter::Advice::Stands);
}

void Document::keepFinish(const std::string& finish)
{
    append(
        FinishEntry{finish}, [this] { Q_EMIT changed(); }, RecordWriter::Advice::Stands);
}

void Document::build(const Instrument& there, const QStringList& notes)
{
    std::vector<Store::NewEntry> entries;
    for (const QString& n : notes)
        entries.push_back({NoteEntry{n.toStdString()}, {}});
    entries.push_back({BuiltEntry{there}, {}});
    append(std::move(entries), [this] { Q_EMIT built(); });
}

void Document::setStrategy(const TuningStrategy& strategy)
{
    append(StrategyEntry{strategy}, [this] { think(); });
}

void Document::note(const QString& words)
{
    // What was advised stands: a note says nothing about a size or a pitch.
    append(
        NoteEntry{words.toStdString()}, [this] { Q_EMIT changed(); }, RecordWriter::Advice::Stands);
}

void Document::setPattern(PatternEntry pattern)
{
    append(
        std::move(pattern), [this] { Q_EMIT changed(); }, RecordWriter::Advice::Stands);
}

void Document::photograph(const QString& path, const QString& words)
{
    m_jobs.run([path](const Cancel&) { return smallCopy(path); },
               [this, words](Result<Store::Flac> copy) {
                   if (!copy)
                       return fail(copy.error());
                   std::vector<Store::NewEntry> entries;
                   entries.push_back({PhotoEntry{words.toStdString()}, std::move(*copy)});
                   append(
                       std::move(entries), [this] { Q_EMIT changed(); }, RecordWriter::Advice::Stands);
               });
}

std::function<Result<Store::Flac>()> Document::beside(EntryId entry) const
{
    return [path = m_path.toStdString(), entry]() -> Result<Store::Flac> {
        const auto recordings = Recordings::open(path);
        return recordings ? recordings->take(entry) : recordings.error();
    };
}

void Document::setDrawer(const BitDrawer& drawer)
{
    if (drawer == m_drawer)
        return;
    m_drawer = drawer;
    if (m_recommendation)
        think();
}

std::shared_ptr<const Forecaster> Document::heard() const
{
    return m_recommendation && !m_book->readings().empty() ? m_recommendation->forecaster : nullptr;
}

void Document::think()
{
    if (!m_book->sounds())
        return; // a bare tube
    struct Thought
    {
        Snapshot book;
        session::Advised advised;
    };
    m_jobs.run(
        [store = m_store, options = session::planOptions(*m_book, m_drawer.isEmpty() ? nullptr : &m_drawer),
         memory = usesShopMemory() ? shopMemoryPath().toStdString() : std::string()](const Cancel& cancel) -> Result<Thought> {
            auto advised = DOWEL_TRY(session::advise(*store, {memory}, cancel, options));
            return Thought{store->snapshot(), std::move(advised)};
        },
        [this, revision = m_revision](Result<Thought> thought) {
            if (!thought)
                return fail(thought.error());
            if (revision != m_revision)
                return; // something was entered meanwhile; that asks anew
            m_book = thought->book;
            m_recommendation = std::move(thought->advised.recommendation);
            Q_EMIT changed();
            Q_EMIT recommendationChanged();
            if (thought->advised.memoryTrouble)
                Q_EMIT failed(tr("This advice does not use the shop memory: %1")
                                  .arg(text::sentence(*thought->advised.memoryTrouble, m_unit)));
            if (thought->advised.notKept && m_writer.waiting() == 0)
                fail(*thought->advised.notKept);
        });
}

void Document::copyTo(const QString& path)
{
    const auto store = m_store;
    m_jobs.run([store, to = path.toStdString()](const Cancel&) { return store->copyTo(to); },
               [this, path](const Status& done) {
                   if (!done)
                       return fail(done.error());
                   Q_EMIT told(tr("Copied to %1.").arg(path));
               });
}

void Document::exportTo(const QString& path, const QString& format)
{
    const Snapshot book = m_book;
    m_jobs.run([book, to = path.toStdString(), form = format.toStdString()](
                   const Cancel&) { return io::writeFileWhole(to, io::exported(*book, form).value_or(std::string())); },
               [this, path](const Status& done) {
                   if (!done)
                       return fail(done.error());
                   Q_EMIT told(tr("Saved %1.").arg(path));
               });
}

} // namespace dowel::app

#include "moc_document.cpp"
