// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that recordings in files and folders become readings of the fingerings that are heard in them, and that what cannot be
// read is told with its file while the rest is kept.
#include "core/base/random.h"
#include "io/audio_file.h"
#include "session/long_take.h"
#include "session/practice.h"
#include "session/recordings_import.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/test_main.h"

#include <QDir>
#include <QTemporaryDir>
#include <algorithm>
#include <numbers>

using namespace dowel;

class TestImport : public QObject
{
    Q_OBJECT

    QTemporaryDir m_dir;
    const Temperature m_room = Temperature::fromCelsius(20.0);
    std::string in(const char* name) const { return m_dir.filePath(QString::fromUtf8(name)).toStdString(); }
    /// What the simulated player plays of a fingering, as a file of that name.
    void record(const Workbook& book, const char* fingering, const char* file) const
    {
        const auto samples = session::played(book, {fingering}, m_room);
        VERIFY_OK(samples);
        VERIFY_OK(io::writeAudioFile(in(file), *samples));
    }

private Q_SLOTS:
    void aLongRecordingIsHeardPieceByPiece()
    {
        // What sounds around the end of the first minute leaves a quiet place only late in the quarter before it.
        constexpr double rate_Hz = 22050.0;
        const std::vector<std::pair<double, double>> notes = {{5.0, 8.0}, {47.5, 59.2}, {70.0, 72.0}, {80.0, 81.5}};
        Random r(7);
        Samples all{{}, rate_Hz};
        for (int i = 0; i < static_cast<int>(130.0 * rate_Hz); ++i)
            all.values.push_back(static_cast<float>(1e-5 * r.normal()));
        for (const auto& [from_s, to_s] : notes)
            for (auto i = static_cast<std::size_t>(from_s * rate_Hz); i < static_cast<std::size_t>(to_s * rate_Hz); ++i) {
                const double phase = 2.0 * std::numbers::pi * 700.0 * static_cast<double>(i) / rate_Hz;
                all.values[i] += static_cast<float>(0.2 * std::sin(phase) + 0.05 * std::sin(2.0 * phase));
            }
        const std::pair<double, double> hiss{90.0, 128.0};
        for (auto i = static_cast<std::size_t>(hiss.first * rate_Hz); i < static_cast<std::size_t>(hiss.second * rate_Hz); ++i)
            all.values[i] = static_cast<float>(0.05 * r.normal());
        VERIFY_OK(io::writeAudioFile(in("long.wav"), all));
        const auto pieces = session::analysisOf(in("long.wav"), {});
        VERIFY_OK(pieces);
        QCOMPARE(pieces->notes.size(), notes.size());
        for (std::size_t i = 0; i < notes.size(); ++i) {
            VERIFY_NEAR(pieces->notes[i].start.seconds(), notes[i].first, 0.15);
            VERIFY_NEAR(pieces->notes[i].end.seconds(), notes[i].second, 0.15);
            VERIFY_NEAR(pieces->notes[i].pitch.hertz(), 700.0, 0.05);
        }
        // The air that hisses through the end of the second minute is one stretch without a tone, not two.
        QCOMPARE(pieces->rejected.size(), std::size_t(1));
        QCOMPARE(pieces->rejected[0].reason, RejectedSound::Reason::NoSteadyTone);
        VERIFY_NEAR(pieces->rejected[0].start.seconds(), hiss.first, 0.15);
        VERIFY_NEAR(pieces->rejected[0].end.seconds(), hiss.second, 0.15);
    }
    void aFolderOfRecordingsIsReadByName()
    {
        auto store = Store::create(in("a.dowel"), fixtures::whistle(), PracticeEntry{3, m_room, 24.0});
        VERIFY_OK(store);
        QVERIFY(QDir(m_dir.path()).mkdir(QStringLiteral("takes")));
        record(store->book(), "D5", "takes/D5.WAV"); // an ending in capitals is one as well
        record(store->book(), "E5", "takes/b.wav");  // what it is must be heard
        QFile broken(m_dir.filePath(QStringLiteral("takes/c.wav")));
        QVERIFY(broken.open(QIODevice::WriteOnly) && broken.write("RIFF") == 4);
        broken.close();
        QFile words(m_dir.filePath(QStringLiteral("takes/read me.txt")));
        QVERIFY(words.open(QIODevice::WriteOnly) && words.write("no sound") == 8);
        words.close();
        const auto keep = [&](const std::vector<Store::NewEntry>& entries) -> Status {
            const auto ids = store->append(entries);
            return ids ? Status(Done{}) : Status(ids.error());
        };
        const auto done = session::importRecordings(
            {in("takes"), in("nowhere.wav")}, m_room, [&] { return store->snapshot(); }, keep);
        QCOMPARE(done.files, 4); // three in the folder, and one that is not there
        QCOMPARE(done.fingerings.size(), std::size_t(2));
        for (const char* note : {"D5", "E5"})
            QVERIFY2(std::find(done.fingerings.begin(), done.fingerings.end(), FingeringId{note}) != done.fingerings.end(), note);
        QCOMPARE(done.troubles.size(), std::size_t(2));
        QCOMPARE(done.troubles[0].first, in("takes/c.wav"));
        QCOMPARE(done.troubles[0].second.code, ErrorCode::BadAudio);
        QCOMPARE(done.troubles[1].second.fact.id, FactId::NoSuchFile);
        QCOMPARE(store->book().readings().size(), std::size_t(2));
        QVERIFY(store->book().readings()[0].reading->hasTake);
    }
    void whatTheRecordRefusesIsATroubleOfItsFile()
    {
        auto store = Store::create(in("b.dowel"), fixtures::whistle(), PracticeEntry{4, m_room, 24.0});
        VERIFY_OK(store);
        record(store->book(), "G5", "G5.wav");
        const auto done = session::importRecordings(
            {in("G5.wav"), in("G5.wav")}, m_room, [&] { return store->snapshot(); },
            [](const std::vector<Store::NewEntry>&) -> Status {
                return Error{ErrorCode::Unwritable, "disk", {}};
            });
        QVERIFY(done.fingerings.empty());
        QCOMPARE(done.troubles.size(), std::size_t(2));
        QCOMPARE(done.troubles[0].second.code, ErrorCode::Unwritable);
    }
    void whoCallsItOffKeepsWhatIsThere()
    {
        auto store = Store::create(in("c.dowel"), fixtures::whistle(), PracticeEntry{5, m_room, 24.0});
        VERIFY_OK(store);
        record(store->book(), "A5", "A5.wav");
        Cancel cancel;
        int kept = 0;
        const auto done = session::importRecordings(
            {in("A5.wav"), in("A5.wav"), in("A5.wav")}, m_room, [&] { return store->snapshot(); },
            [&](const std::vector<Store::NewEntry>&) -> Status {
                ++kept;
                cancel.request();
                return Done{};
            },
            cancel);
        QCOMPARE(kept, 1);
        QCOMPARE(done.fingerings.size(), std::size_t(1));
    }
};

DOWEL_TEST(TestImport)
#include "test_import.moc"
