// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/document/document.h"

#include "app/document/shop_settings.h"
#include "io/audio_file.h"
#include "io/json_reader.h"
#include "io/record_json.h"
#include "io/spec_json.h"
#include "io/table.h"
#include "io/whole_file.h"
#include "session/advise.h"
#include "session/practice.h"
#include "session/round.h"
#include "text/errors.h"

#include <QBuffer>
#include <QDir>
#include <QFileInfo>
#include <QImage>
#include <QImageReader>
#include <QPainter>

namespace dowel::app {

namespace {
constexpr std::chrono::milliseconds savedAgainAfter{5000};
}

Document::Document(Store store, TimeSource& time, QObject* parent)
    : QObject(parent),
      m_store(std::make_shared<Store>(std::move(store))),
      m_book(std::make_shared<const Workbook>(m_store->book())),
      m_path(QString::fromStdString(m_store->path())),
      m_room(session::roomOf(*m_book)),
      m_again(time, Alarm::Kind::Once, savedAgainAfter)
{
    m_store->useClock(time);
    connect(&m_jobs, &Jobs::busyChanged, this, &Document::busyChanged);
    connect(&m_again, &Alarm::rang, this, &Document::saveNext);
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

namespace {

/// Trouble that may pass: the disk is full, the folder gone, another program at the file.
bool mayPass(ErrorCode code)
{
    return code == ErrorCode::Unwritable || code == ErrorCode::InUse || code == ErrorCode::Unreadable;
}

} // namespace

Document::Attempt Document::attempt(Store& store, std::vector<Store::NewEntry> entries, bool hold)
{
    Attempt a;
    if (!hold) {
        const auto ids = store.append(entries);
        a.saved = ids.ok();
        if (!ids)
            a.trouble = ids.error();
    }
    a.entries = std::make_shared<const std::vector<Store::NewEntry>>(std::move(entries));
    a.book = std::make_shared<const Workbook>(store.book());
    return a;
}

void Document::finish(const Attempt& attempt, const After& after, bool adopts)
{
    if (attempt.saved) {
        if (adopts)
            adopt(attempt.book);
        else
            m_book = attempt.book;
        return after();
    }
    if (attempt.trouble && !mayPass(attempt.trouble->code))
        return fail(*attempt.trouble);
    m_waiting.push_back({attempt.entries, after, adopts});
    if (!attempt.trouble && m_waiting.size() == 1) // what it was to wait for is saved meanwhile
        return saveNext();
    if (attempt.trouble)
        Q_EMIT failed(
            text::sentence(*attempt.trouble, m_unit) + QLatin1Char(' ') +
            tr("Nothing is lost: the entry is held in memory and saved as soon as possible. Keep Dowel open until then."));
    m_again.start();
}

void Document::trySavingAgain()
{
    m_again.stop();
    saveNext();
}

void Document::saveNext()
{
    if (m_waiting.empty() || m_saving)
        return;
    m_saving = true;
    m_jobs.run(
        [store = m_store, entries = m_waiting.front().entries](const Cancel&) -> Result<Snapshot> {
            if (const auto ids = store->append(*entries); !ids)
                return ids.error();
            return std::make_shared<const Workbook>(store->book());
        },
        [this](Result<Snapshot> book) {
            m_saving = false;
            if (!book && mayPass(book.error().code))
                return m_again.start();
            const Waiting saved = std::move(m_waiting.front());
            m_waiting.pop_front();
            if (!book)
                return fail(book.error());
            if (saved.adopts)
                adopt(*book);
            else
                m_book = *book;
            saved.after();
            if (m_waiting.empty())
                Q_EMIT told(tr("Everything is saved."));
            saveNext();
        });
}

void Document::keepSamples(const FingeringId& fingering, std::function<Result<Samples>(const Workbook&)> source,
                           ReadingSource kind)
{
    ++m_keeping;
    m_jobs.runToItsEnd(
        [store = m_store, fingering, source = std::move(source), kind, room = m_room,
         hold = !m_waiting.empty()](const Cancel& cancel) -> Result<Attempt> {
            const auto samples = source(store->book());
            if (!samples)
                return samples.error();
            auto entry = session::takeOf(store->book(), fingering, *samples, room, kind, cancel);
            if (!entry)
                return entry.error();
            std::vector<Store::NewEntry> one;
            one.push_back(std::move(*entry));
            Attempt a = attempt(*store, std::move(one), hold);
            a.picture = TakePicture{fingering, hearing::framesOf(samples->values, samples->rate_Hz, {}, cancel),
                                    samples->duration().seconds()};
            return a;
        },
        [this, fingering](Result<Attempt> tried) {
            --m_keeping;
            if (!tried)
                return fail(tried.error());
            m_lastTake = std::move(tried->picture);
            finish(*tried, [this, fingering] { Q_EMIT readingKept(QString::fromStdString(fingering.text)); });
        });
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
    struct Done
    {
        Snapshot book;
        QStringList fingerings;
        int files = 0;
        int strangers = 0;
        QStringList troubles;
        std::vector<Attempt> held;
    };
    const auto store = m_store;
    m_jobs.run(
        [store, paths, room = m_room, hold = !m_waiting.empty()](const Cancel& cancel) -> Result<Done> {
            QStringList files;
            for (const QString& p : paths) {
                if (!QFileInfo(p).isDir()) {
                    files << p;
                    continue;
                }
                const QDir dir(p);
                for (const QString& name :
                     dir.entryList({QStringLiteral("*.wav"), QStringLiteral("*.flac"), QStringLiteral("*.ogg"),
                                    QStringLiteral("*.aif"), QStringLiteral("*.aiff")},
                                   QDir::Files, QDir::Name))
                    files << dir.filePath(name);
            }
            Done done;
            done.files = static_cast<int>(files.size());
            for (const QString& file : std::as_const(files)) {
                if (cancel.requested())
                    break;
                const auto named = session::fingeringNamed(store->book(), QFileInfo(file).completeBaseName().toStdString());
                const auto samples = io::readAudioFile(file.toStdString());
                auto sorted = samples ? session::sortedOut(store->book(), named, *samples, room, ReadingSource::File, cancel)
                                      : Result<session::Sorted>(samples.error());
                Status kept = sorted ? Status(dowel::Done{}) : Status(sorted.error());
                if (sorted && !sorted->entries.empty()) {
                    Attempt a = attempt(*store, std::move(sorted->entries), hold || !done.held.empty());
                    const bool later = hold || !done.held.empty() || (a.trouble && mayPass(a.trouble->code));
                    if (later)
                        done.held.push_back(std::move(a));
                    else if (a.trouble)
                        kept = *a.trouble;
                }
                if (!kept) {
                    done.troubles << text::sentence(Error{kept.error().code, file.toStdString(), kept.error().fact});
                    continue;
                }
                done.strangers += sorted->strangers;
                for (const FingeringId& id : sorted->fingerings)
                    done.fingerings << QString::fromStdString(id.text);
            }
            done.book = std::make_shared<const Workbook>(store->book());
            return done;
        },
        [this](Result<Done> done) {
            if (!done)
                return fail(done.error());
            adopt(done->book);
            for (const Attempt& held : done->held)
                finish(held, [] {});
            if (!done->held.empty())
                return; // the rest is told when it is saved
            if (done->files == 0) {
                Q_EMIT failed(tr("The folder has no recordings. Dowel reads WAV, FLAC, Ogg and AIFF."));
                return;
            }
            QStringList words{tr("%n reading(s) saved.", nullptr, static_cast<int>(done->fingerings.size()))};
            if (done->strangers > 0)
                words << tr("%n more note(s) do not belong to this instrument.", nullptr, done->strangers);
            Q_EMIT readingsKept(done->fingerings);
            if (done->troubles.isEmpty())
                Q_EMIT told(words.join(QLatin1Char(' ')));
            else
                Q_EMIT failed((words + done->troubles).join(QLatin1Char(' ')));
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
    ++m_keeping;
    m_jobs.runToItsEnd(
        [store = m_store, numbers = std::move(numbers), hold = !m_waiting.empty()](const Cancel&) -> Result<Attempt> {
            auto entries = session::readingsOf(store->book(), numbers);
            if (!entries)
                return entries.error();
            return attempt(*store, std::move(*entries), hold);
        },
        [this, fingerings](Result<Attempt> tried) {
            --m_keeping;
            if (!tried)
                return fail(tried.error());
            finish(*tried, [this, fingerings] {
                Q_EMIT readingsKept(fingerings);
                Q_EMIT told(tr("%n reading(s) saved.", nullptr, static_cast<int>(fingerings.size())));
            });
        });
}

void Document::measureAnew(EntryId old, ReadingEntry reading, const std::shared_ptr<const Samples>& samples)
{
    ++m_keeping;
    m_jobs.runToItsEnd(
        [store = m_store, old, reading = std::move(reading), samples,
         hold = !m_waiting.empty()](const Cancel&) -> Result<Attempt> {
            auto entry = session::withTake(reading, *samples);
            if (!entry)
                return entry.error();
            std::vector<Store::NewEntry> both;
            if (!store->book().isSetAside(old))
                both.push_back({SetAsideEntry{old, tr("measured over another part").toStdString()}, {}});
            both.push_back(std::move(*entry));
            return attempt(*store, std::move(both), hold);
        },
        [this](Result<Attempt> tried) {
            --m_keeping;
            if (!tried)
                return fail(tried.error());
            finish(*tried, [this] { Q_EMIT told(tr("Measured again. The first reading stays in the logbook, set aside.")); });
        });
}

void Document::append(EntryBody body, After after, bool adopts)
{
    std::vector<Store::NewEntry> one;
    one.push_back({std::move(body), {}});
    append(std::move(one), std::move(after), adopts);
}

void Document::append(std::vector<Store::NewEntry> entries, After after, bool adopts)
{
    ++m_keeping;
    m_jobs.runToItsEnd([store = m_store, entries = std::move(entries),
                        hold = !m_waiting.empty()](const Cancel&) mutable { return attempt(*store, std::move(entries), hold); },
                       [this, after = std::move(after), adopts](const Attempt& tried) {
                           --m_keeping;
                           finish(tried, after, adopts);
                       });
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

void Document::recordOwnCut(const Cut& cut)
{
    auto entry = session::ownCutEntry(*m_book, cut);
    if (!entry)
        return fail(entry.error());
    const auto forecaster = m_recommendation ? m_recommendation->forecaster : nullptr;
    m_jobs.run(
        [store = m_store, book = m_book, forecaster, entry = std::move(*entry),
         hold = !m_waiting.empty()](const Cancel&) mutable {
            if (forecaster != nullptr) // what it should do is held against what comes
                entry.forecast = session::forecastOf(*forecaster, book->present(), entry.cut);
            std::vector<Store::NewEntry> one;
            one.push_back({std::move(entry), {}});
            return attempt(*store, std::move(one), hold);
        },
        [this](const Attempt& tried) {
            finish(
                tried, [this] { Q_EMIT cutKept(); }, true);
        });
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
        PlanEntry{plan}, [this] { Q_EMIT changed(); }, false);
}

void Document::keepFinish(const std::string& finish)
{
    append(
        FinishEntry{finish}, [this] { Q_EMIT changed(); }, false);
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
        NoteEntry{words.toStdString()}, [this] { Q_EMIT changed(); }, false);
}

void Document::setPattern(PatternEntry pattern)
{
    append(
        std::move(pattern), [this] { Q_EMIT changed(); }, false);
}

namespace {

/// Errors: Unreadable (where = the path).
Result<Store::Flac> smallCopy(const QString& path)
{
    constexpr int longest_px = 1280;
    constexpr int quality = 82;
    QImageReader reader(path);
    reader.setAutoTransform(true);
    const QImage whole = reader.read();
    if (whole.isNull())
        return Error{ErrorCode::Unreadable, path.toStdString(), FactId::NoPictureToRead};
    const QSize size = whole.width() > longest_px || whole.height() > longest_px
                           ? whole.size().scaled(longest_px, longest_px, Qt::KeepAspectRatio)
                           : whole.size();
    // Painted anew: place, camera and time that a picture carries stay behind.
    QImage small(size, QImage::Format_RGB32);
    small.fill(Qt::white);
    QPainter painter(&small);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.drawImage(QRect(QPoint(), size), whole);
    painter.end();
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    if (!small.save(&buffer, "JPEG", quality))
        return Error{ErrorCode::Unreadable, path.toStdString(), FactId::NoPictureToKeep};
    return Store::Flac(bytes.begin(), bytes.end());
}

} // namespace

void Document::photograph(const QString& path, const QString& words)
{
    m_jobs.run([path](const Cancel&) { return smallCopy(path); },
               [this, words](Result<Store::Flac> copy) {
                   if (!copy) {
                       Q_EMIT failed(text::sentence(copy.error()));
                       return;
                   }
                   std::vector<Store::NewEntry> entries;
                   entries.push_back({PhotoEntry{words.toStdString()}, std::move(*copy)});
                   append(
                       std::move(entries), [this] { Q_EMIT changed(); }, false);
               });
}

void Document::setDrawer(const BitDrawer& drawer)
{
    if (drawer == m_drawer)
        return;
    m_drawer = drawer;
    if (m_recommendation)
        think();
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
    PlanOptions options;
    if (!m_drawer.bits.empty())
        options.tools = toolsOf(m_drawer, m_book->present().spec().tools);
    options.handWork = m_drawer.isEmpty() || m_drawer.worksByHand(); // as on the command line
    m_jobs.run(
        [store = m_store, options,
         memory = usesShopMemory() ? shopMemoryPath().toStdString() : std::string()](const Cancel& cancel) -> Result<Thought> {
            auto advised = session::advise(*store, {memory}, cancel, options);
            if (!advised)
                return advised.error();
            return Thought{std::make_shared<const Workbook>(store->book()), std::move(*advised)};
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
                Q_EMIT failed(
                    tr("This advice does not use the shop memory: %1").arg(text::sentence(*thought->advised.memoryTrouble, m_unit)));
            if (thought->advised.notKept && m_waiting.empty())
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
    m_jobs.run(
        [book, to = path.toStdString(), format](const Cancel&) -> Status {
            if (format == QLatin1String("spec"))
                return io::writeFileWhole(to, io::specText(book->present()));
            if (format == QLatin1String("csv"))
                return io::writeFileWhole(to, io::recordCsv(*book));
            return io::writeFileWhole(to, io::recordText(*book));
        },
        [this, path](const Status& done) {
            if (!done)
                return fail(done.error());
            Q_EMIT told(tr("Saved %1.").arg(path));
        });
}

} // namespace dowel::app

#include "moc_document.cpp"
