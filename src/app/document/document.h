// SPDX-License-Identifier: GPL-3.0-or-later
// The open workbook as the views see it: an immutable snapshot and signals. Readings, cuts and advice are made and kept
// on one worker; a view is told only after the entry is durable.
#pragma once

#include "app/document/record_writer.h"
#include "app/parts/jobs.h"
#include "app/parts/time_source.h"
#include "core/hearing/frames.h"
#include "core/plan/plan.h"
#include "core/shop/bit_drawer.h"
#include "session/takes.h"
#include "store/store.h"
#include "text/units.h"

#include <QObject>
#include <QString>
#include <memory>
#include <optional>

namespace dowel::app {

/// What a sounded take shows beside its reading.
struct TakePicture
{
    FingeringId fingering;
    std::vector<hearing::Frame> frames;
    double duration_s = 0;
};

class Document : public QObject
{
    Q_OBJECT

public:
    Document(Store store, TimeSource& time, QObject* parent = nullptr);
    /// What errors are told in.
    void setUnit(text::LengthUnit unit) { m_unit = unit; }
    ~Document() override;

    using Snapshot = RecordWriter::Snapshot;
    [[nodiscard]] Snapshot book() const { return m_book; }
    [[nodiscard]] QString path() const { return m_path; }
    [[nodiscard]] TimeSource& time() const { return *m_time; }
    /// Newest recommendation; empty while it is being worked out for what has just changed.
    [[nodiscard]] const std::optional<Recommendation>& recommendation() const { return m_recommendation; }
    [[nodiscard]] bool busy() const { return m_jobs.busy(); }
    [[nodiscard]] Temperature room() const { return m_room; }
    void setRoom(Temperature room);
    /// What is in the shop's drawer from now on; advice goes by it. Empty: by the workbook's own tools.
    void setDrawer(const BitDrawer& drawer);
    /// What was heard of this instrument, as the newest advice has it; nullptr where nothing was.
    [[nodiscard]] std::shared_ptr<const Forecaster> heard() const;
    [[nodiscard]] const BitDrawer& drawer() const { return m_drawer; }
    [[nodiscard]] bool hasPlayer() const { return m_book->practice().has_value(); }
    [[nodiscard]] const std::optional<TakePicture>& lastTake() const { return m_lastTake; }

    /// The simulated player sounds a fingering; its take is heard and kept. Needs hasPlayer().
    void sound(const FingeringId& fingering);
    /// A recording of a fingering.
    void readFile(const FingeringId& fingering, const QString& path);
    /// Recordings and folders of them, with one note each or several. A file that bears a fingering's name is read as that.
    /// What cannot be read is told with its place; the rest is kept.
    void readFiles(const QStringList& paths);
    /// A take that came in live.
    void keepTake(const FingeringId& fingering, Samples samples, ReadingSource kind);
    /// Readings that another meter made, all or none.
    void keepNumbers(io::NumberSession numbers);
    /// A reading measured anew over another part of its take; the old one is set aside and stays in the record.
    void measureAnew(EntryId old, ReadingEntry reading, const std::shared_ptr<const Samples>& samples);
    /// Reads what lies beside an entry, on a worker of the caller's own, whatever is being written meanwhile.
    [[nodiscard]] std::function<Result<Store::Flac>()> beside(EntryId entry) const;
    /// As Store::identity().
    [[nodiscard]] const std::string& identity() const { return m_store->identity(); }
    /// Sets the newest standing reading of a fingering aside; its recording stays.
    void takeBack(const FingeringId& fingering);
    /// after: once it is kept; none: it is told.
    void setAside(EntryId entry, const QString& why, std::function<void()> after = {});
    void recordCut(const Cut& cut);
    /// One piece of work that nobody advised, be it several cuts.
    void recordOwnWork(const std::vector<Cut>& cuts);
    /// Sizes as the calipers say now, together or not at all.
    void recordMeasures(std::vector<EntryBody> measures);
    /// Something else is wanted from here on.
    void amend(AmendEntry change);
    /// The design as it is now, so that it is there again next time.
    void keepPlan(const std::string& plan);
    /// The finish as it is now, with what is done of it.
    void keepFinish(const std::string& finish);
    /// This is what is there from here on; notes: what else goes into the logbook, before it. built() tells when it is kept.
    void build(const Instrument& there, const QStringList& notes);
    /// From here on the plan goes about it so.
    void setStrategy(const TuningStrategy& strategy);
    void note(const QString& words);
    /// What the notes are to sound like from here on.
    void setPattern(PatternEntry pattern);
    /// A small copy of a photograph, without what the camera wrote into it.
    void photograph(const QString& path, const QString& words);
    /// Works out what to do next and keeps it in the record.
    void think();
    void cancel() { m_jobs.cancelAll(); }
    /// Once everything that was asked for before is done.
    void afterThat(std::function<void()> then);
    /// Entries that the disk did not take yet; they are held here and tried again every few seconds.
    [[nodiscard]] std::size_t waiting() const { return m_writer.waiting(); }
    /// Takes and entries on their way to the disk.
    [[nodiscard]] int keeping() const { return m_writer.keeping(); }
    void trySavingAgain() { m_writer.tryAgain(); }
    /// Writes a copy or an export on the worker.
    void copyTo(const QString& path);
    void exportTo(const QString& path, const QString& format);

Q_SIGNALS:
    void changed();               ///< a new snapshot
    void recommendationChanged(); ///< newest recommendation arrived or became stale
    void readingKept(const QString& fingering);
    void readingsKept(const QStringList& fingerings);
    void cutKept();
    void built(); ///< another instrument is there, with fingerings of its own
    void failed(const QString& sentence);
    void told(const QString& sentence); ///< good news
    void busyChanged(bool busy);

private:
    void keepSamples(const FingeringId& fingering, std::function<Result<Samples>(const Workbook&)> source, ReadingSource kind);
    void append(EntryBody body, std::function<void()> saved, RecordWriter::Advice advice = RecordWriter::Advice::Overtaken);
    void append(RecordWriter::Entries entries, std::function<void()> saved,
                RecordWriter::Advice advice = RecordWriter::Advice::Overtaken);
    void adopt(Snapshot book);
    void fail(const Error& error);

    TimeSource* m_time;
    std::shared_ptr<Store> m_store; ///< appended to by the worker only
    RecordWriter m_writer;
    Snapshot m_book;
    QString m_path;
    Temperature m_room;
    BitDrawer m_drawer;
    std::optional<Recommendation> m_recommendation;
    std::optional<TakePicture> m_lastTake;
    int m_revision = 0;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    Jobs m_jobs; ///< last: its worker is waited for before anything that it may use goes
};

} // namespace dowel::app
