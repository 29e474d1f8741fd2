// SPDX-License-Identifier: GPL-3.0-or-later
// Proves Listen by keys: Space sounds and keeps and goes on, Backspace takes back without erasing, Enter goes on, a
// recording of the wrong note is refused in words.
#include "app/document/take_dialog.h"
#include "app/listen/drift_picture.h"
#include "app/listen/reading_model.h"
#include "app/listen/timbre_picture.h"
#include "app/listen/voice.h"
#include "core/tuning/pitch.h"
#include "gui/gui_support.h"
#include "session/at_the_bench.h"
#include "support/test_main.h"

#include "io/audio_file.h"
#include "support/tones.h"
#include <QAbstractItemDelegate>
#include <QDir>
#include <QDoubleSpinBox>
#include <QDropEvent>
#include <QFileInfo>
#include <QMimeData>
#include <QTableWidget>
#include <set>
#include <sndfile.h>

#include <QAbstractItemModelTester>
#include <csignal>
#include <sys/resource.h>

using namespace dowel;
using gui::Desk;

class TestGuiListen : public gui::WindowTest
{
    Q_OBJECT

    static QString cell(Desk& desk, int row, int column)
    {
        return desk.find<QTableView>("readingTable")->model()->index(row, column).data().toString();
    }

private Q_SLOTS:
    void spaceKeepsTheReadingAndAsksForTheNext()
    {
        Desk desk;
        const QAbstractItemModelTester tester(desk.find<QTableView>("readingTable")->model());
        auto* listen = desk.window().listenPage();
        QCOMPARE(listen->asked()->text, std::string("D5"));
        QCOMPARE(cell(desk, 0, app::ReadingModel::Age), QStringLiteral("never"));
        desk.key(Qt::Key_Space);
        EVENTUALLY_COMPARE(desk.readings(), std::size_t(1));
        QCOMPARE(listen->asked()->text, std::string("E5"));
        QCOMPARE(cell(desk, 0, app::ReadingModel::Takes), QStringLiteral("1"));
        QVERIFY(cell(desk, 0, app::ReadingModel::Off).startsWith(QStringLiteral("▼ −")));
        const auto store = Store::open(desk.document().path().toStdString(), Store::Mode::Look);
        VERIFY_OK(store);
        QVERIFY(std::get<ReadingEntry>(store->book().entries().back().body).hasTake); // durable, recording included
    }
    void backspaceSetsAsideAndKeepsTheRecording()
    {
        Desk desk;
        desk.key(Qt::Key_Space);
        EVENTUALLY_COMPARE(desk.readings(), std::size_t(1));
        desk.key(Qt::Key_PageUp); // back to D5
        QCOMPARE(desk.window().listenPage()->asked()->text, std::string("D5"));
        desk.key(Qt::Key_Backspace);
        EVENTUALLY_COMPARE(desk.readings(), std::size_t(0));
        const auto store = Store::open(desk.document().path().toStdString(), Store::Mode::Look);
        VERIFY_OK(store);
        QVERIFY(store->take({2}).ok());
        QVERIFY(store->book().isSetAside({2}));
        QCOMPARE(cell(desk, 0, app::ReadingModel::Age), QStringLiteral("never"));
    }
    void enterGoesThroughWhatIsAsked()
    {
        Desk desk;
        auto* listen = desk.window().listenPage();
        desk.key(Qt::Key_Return);
        QCOMPARE(listen->asked()->text, std::string("E5"));
        desk.key(Qt::Key_PageDown);
        QCOMPARE(listen->asked()->text, std::string("F#5"));
        for (int i = 0; i < 12; ++i)
            desk.key(Qt::Key_Enter);
        QCOMPARE(listen->asked()->text, std::string("D5")); // round and round
    }
    void aRowPickedByMouseIsAsked()
    {
        Desk desk;
        auto* table = desk.find<QTableView>("readingTable");
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, table->visualRect(table->model()->index(8, 0)).center());
        QCOMPARE(desk.window().listenPage()->asked()->text, std::string("E6"));
    }
    void aRecordingIsReadOrRefusedInWords()
    {
        Desk desk;
        const QString good = desk.file("d5.wav");
        const QString octave = desk.file("octave.wav");
        const QString empty = desk.file("empty.wav");
        VERIFY_OK(io::writeAudioFile(good.toStdString(), tones::withSilence(tones::constantTone(580.0, 1.0, 25.0, 1), 0.2, 0.2)));
        VERIFY_OK(
            io::writeAudioFile(octave.toStdString(), tones::withSilence(tones::constantTone(1165.0, 1.0, 25.0, 1), 0.2, 0.2)));
        QFile(empty).open(QIODevice::WriteOnly);
        desk.answers().files = {octave, empty, good};
        desk.click("fromFileButton");
        EVENTUALLY(desk.message().contains(QLatin1String("not D5")));
        desk.click("fromFileButton");
        EVENTUALLY(desk.message().contains(QLatin1String("empty")));
        QCOMPARE(desk.readings(), std::size_t(0));
        desk.click("fromFileButton");
        EVENTUALLY_COMPARE(desk.readings(), std::size_t(1));
        QVERIFY(desk.message().isEmpty()); // success overtakes the old trouble
    }
    void repeatedTakesShowTheirSpread()
    {
        Desk desk;
        for (std::size_t n = 1; n <= 3; ++n) {
            auto* table = desk.find<QTableView>("readingTable");
            table->selectRow(2);
            desk.key(Qt::Key_Space);
            EVENTUALLY_COMPARE(desk.readings(), n);
        }
        QCOMPARE(cell(desk, 2, app::ReadingModel::Takes), QStringLiteral("3"));
        QVERIFY(cell(desk, 2, app::ReadingModel::Spread).toDouble() > 0.0);
    }
    void filesAndFoldersAreDroppedOnTheWindow()
    {
        Desk desk;
        // Three notes of the practice blank in one Ogg file, one in a file that bears its name, a text, and nonsense.
        const auto book = desk.document().book();
        const auto player = *session::playerOf(*book);
        const auto play = [&](const char* id) {
            return player.play(book->present(), *book->present().find(FingeringId{id}), 0)->samples;
        };
        Samples three = play("D5");
        for (const char* id : {"F#5", "A5"}) {
            const Samples more = play(id);
            three.values.insert(three.values.end(), more.values.begin(), more.values.end());
        }
        QDir(QFileInfo(desk.file("x")).path()).mkdir(QStringLiteral("takes"));
        const auto write = [&](const char* name, const Samples& s, int format) {
            SF_INFO info{};
            info.samplerate = static_cast<int>(s.rate_Hz);
            info.channels = 1;
            info.format = format;
            SNDFILE* f = sf_open(desk.file(name).toUtf8().constData(), SFM_WRITE, &info);
            QVERIFY(f != nullptr);
            for (std::size_t at = 0; at < s.values.size(); at += 4096) // the Vorbis encoder dislikes long strides
                sf_write_float(f, s.values.data() + at,
                               static_cast<sf_count_t>(std::min<std::size_t>(4096, s.values.size() - at)));
            sf_close(f);
        };
        write("takes/session.ogg", three, SF_FORMAT_OGG | SF_FORMAT_VORBIS);
        write("takes/e5.aiff", play("E5"), SF_FORMAT_AIFF | SF_FORMAT_PCM_24);
        write("takes/B5.wav", play("G5"), SF_FORMAT_WAV | SF_FORMAT_PCM_16); // named wrongly
        QFile text(desk.file("takes/broken.flac"));
        QVERIFY(text.open(QIODevice::WriteOnly));
        text.write("no sound at all");
        text.close();
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(desk.file("takes"))});
        const auto drop = [&] {
            QDragEnterEvent enter(QPoint(400, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
            QApplication::sendEvent(&desk.window(), &enter);
            QVERIFY(enter.isAccepted());
            QDropEvent event(QPointF(400, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
            QApplication::sendEvent(&desk.window(), &event);
        };
        drop();
        QVERIFY(desk.idle());
        const auto after = desk.document().book();
        std::set<std::string> heard;
        for (const PlacedReading& r : after->readings()) {
            heard.insert(r.reading->fingering.text);
            QVERIFY(r.reading->hasTake);
        }
        QVERIFY2((heard == std::set<std::string>{"D5", "E5", "F#5", "A5"}),
                 qPrintable(desk.message() + QString::number(heard.size()) +
                            QString::fromStdString(heard.empty() ? "" : *heard.begin() + *heard.rbegin())));
        QVERIFY(desk.message().contains(QLatin1String("4 readings")));
        QVERIFY(desk.message().contains(QLatin1String("broken.flac")) && desk.message().contains(QLatin1String("B5.wav")));
        // A folder without recordings.
        QDir(desk.file("takes")).mkdir(QStringLiteral("empty"));
        data.setUrls({QUrl::fromLocalFile(desk.file("takes/empty"))});
        drop();
        QVERIFY(desk.idle());
        QVERIFY(desk.message().contains(QLatin1String("no recording")));
    }
    void aTakeIsOpenedAndMeasuredAnewByHand()
    {
        Desk desk;
        desk.key(Qt::Key_Space);
        QVERIFY(waitFor([&] { return desk.readings() == 1; }));
        QVERIFY(desk.idle());
        desk.key(Qt::Key_PageUp); // back to the note that was heard
        auto* page = desk.find<app::ListenPage>("listenPage");
        const auto first = *desk.document().book()->readings().front().reading;
        page->openTake();
        auto* dialog = page->findChild<app::TakeDialog*>();
        QVERIFY(dialog != nullptr);
        QVERIFY(waitFor([&] { return !dialog->busy(); }));
        VERIFY_NEAR(dialog->measured()->pitch.hertz(), first.pitch.hertz(), 1e-9);
        auto* keep = dialog->findChild<QPushButton*>(QStringLiteral("takeKeep"));
        QVERIFY(!keep->isEnabled()); // nothing is changed yet
        auto* from = dialog->findChild<QDoubleSpinBox*>(QStringLiteral("takeFrom"));
        auto* to = dialog->findChild<QDoubleSpinBox*>(QStringLiteral("takeTo"));
        from->setValue(first.note->start.seconds() + 0.3);
        QVERIFY(waitFor([&] { return !dialog->busy() && keep->isEnabled(); }));
        VERIFY_NEAR(dialog->measured()->start.seconds(), first.note->start.seconds() + 0.3, 0.006);
        VERIFY_NEAR(1200.0 * std::log2(dialog->measured()->pitch.hertz() / first.pitch.hertz()), 0.0, 3.0);
        // A part where nothing sounds is no reading.
        const double kept = to->value();
        from->setValue(0.0);
        to->setValue(0.04);
        QVERIFY(waitFor([&] { return !dialog->busy() && !keep->isEnabled(); }));
        to->setValue(kept);
        from->setValue(first.note->start.seconds() + 0.3);
        QVERIFY(waitFor([&] { return !dialog->busy() && keep->isEnabled(); }));
        QTest::mouseClick(keep, Qt::LeftButton);
        QVERIFY(desk.idle());
        const auto book = desk.document().book();
        QCOMPARE(book->readings().size(), std::size_t(1)); // the new one stands, the old one is set aside
        VERIFY_NEAR(book->readings().front().reading->note->start.seconds(), first.note->start.seconds() + 0.3, 0.006);
        QVERIFY(book->readings().front().reading->hasTake);
        QVERIFY(book->isSetAside(book->entries()[1].id));
    }
    void aFullDiskIsToldAndNothingIsLost()
    {
        Desk desk;
        desk.key(Qt::Key_Space);
        EVENTUALLY_COMPARE(desk.readings(), std::size_t(1));
        // No file may grow: what a process meets on a full disk.
        std::signal(SIGXFSZ, SIG_IGN);
        rlimit before{};
        QCOMPARE(getrlimit(RLIMIT_FSIZE, &before), 0);
        rlimit full = before;
        full.rlim_cur = 1024;
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &full), 0);
        const auto asked = desk.window().listenPage()->asked();
        desk.key(Qt::Key_Space);
        const bool told = waitFor([&] { return !desk.message().isEmpty() && !desk.document().busy(); });
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &before), 0);
        QVERIFY(told);
        QVERIFY2(desk.message().contains(QStringLiteral("Check the space left")), qPrintable(desk.message()));
        QCOMPARE(desk.readings(), std::size_t(1));
        QVERIFY(desk.window().listenPage()->asked() == asked);
        QCOMPARE(desk.document().waiting(), std::size_t(1));
        desk.time().advance(std::chrono::seconds(4));
        QCOMPARE(desk.readings(), std::size_t(1)); // not before its time
        desk.time().advance(std::chrono::seconds(2));
        EVENTUALLY_COMPARE(desk.readings(), std::size_t(2)); // there is room again: it is saved by itself
        const auto store = Store::open(desk.document().path().toStdString(), Store::Mode::Look);
        VERIFY_OK(store);
        QCOMPARE(store->book().readings().size(), std::size_t(2));
    }
    void theTimbreOfEveryNoteStandsBesideItsNeighbours()
    {
        Desk desk;
        QVERIFY(desk.hearAll());
        desk.click("timbreFace");
        auto* picture = desk.find<app::TimbrePicture>("timbrePicture");
        auto* words = desk.find<QLabel>("timbreWords");
        QVERIFY(picture->isVisible() && !desk.find<QTableView>("readingTable")->isVisible());
        EVENTUALLY_COMPARE(picture->partCount(), 14);
        for (const NoteTimbre& n : picture->notes()) {
            QVERIFY(n.partials_dB.size() >= 6);
            for (const auto& v : n.value)
                QVERIFY(v.has_value());
        }
        // Pointed at, a note gives its numbers; by key the next one does.
        QVERIFY(!desk.find<QPushButton>("timbreAlike")->isEnabled());
        QTest::mouseClick(picture, Qt::LeftButton, {}, picture->partPlace(2).center().toPoint());
        QVERIFY2(words->text().startsWith(QStringLiteral("F#5")), qPrintable(words->text()));
        QVERIFY(words->text().contains(QStringLiteral("times the note")));
        QTest::keyClick(picture, Qt::Key_Right);
        QVERIFY(words->text().startsWith(QStringLiteral("G5")));
        // All like this one: kept in the record, and compared.
        desk.click("timbreAlike");
        EVENTUALLY(desk.document().book()->pattern() != nullptr);
        QCOMPARE(desk.document().book()->pattern()->alike->text, std::string("G5"));
        EVENTUALLY(picture->notes().size() == 14 && picture->notes()[0].wanted[NoteTimbre::Centre].has_value());
        QVERIFY(!picture->notes()[0].beforePartials_dB.empty());
        // Like an instrument: from its workbook; one that is none is refused.
        const QString good = desk.file("good.dowel");
        QVERIFY(QFile::copy(desk.document().path(), good));
        desk.answers().files = {good};
        desk.click("timbreLike");
        EVENTUALLY(desk.document().book()->pattern() != nullptr && !desk.document().book()->pattern()->notes.empty());
        QCOMPARE(desk.document().book()->pattern()->notes.size(), std::size_t(14));
        desk.click("timbreNone");
        EVENTUALLY(desk.document().book()->pattern() == nullptr);
        desk.click("trendFace"); // one take of each: no trend yet, and said
        EVENTUALLY(picture->partCount() == 14 && picture->partWords(0).contains(QStringLiteral("one take")));
        QVERIFY(desk.find<app::DriftPicture>("driftPicture")->isVisible());
        QCOMPARE(desk.find<app::DriftPicture>("driftPicture")->partCount(), 0);
        auto later = std::make_shared<Workbook>(*desk.document().book());
        ReadingEntry breathier = *later->readings().front().reading;
        breathier.note->noise_dB -= 6.0;
        VERIFY_OK(later->append({later->nextId(), "2026-01-02T00:00:00Z", breathier}));
        app::TimbrePicture trend;
        trend.show(timbreTrendsOf(*later), app::TimbrePicture::Face::Trend);
        QVERIFY2(trend.partWords(0).contains(QStringLiteral("noisier")), qPrintable(trend.partWords(0)));
        desk.click("pitchFace");
        QVERIFY(!picture->isVisible());
    }
    void aNotesNameIsSpokenAsItIsSaid()
    {
        QCOMPARE(app::spokenNote(QStringLiteral("F#5")), QStringLiteral("F sharp 5"));
        QCOMPARE(app::spokenNote(QStringLiteral("Bb4")), QStringLiteral("B flat 4"));
        QCOMPARE(app::spokenNote(QStringLiteral("D6")), QStringLiteral("D 6"));
        QCOMPARE(app::spokenNote(QStringLiteral("vent")), QStringLiteral("vent"));
    }
    void whatAnotherMeterShowsIsTyped()
    {
        Desk desk;
        desk.click("typeReadingsButton");
        auto* table = desk.find<QTableWidget>("numbersTable");
        QCOMPARE(table->rowCount(), 14);
        QCOMPARE(table->currentRow(), 0); // the asked one
        const double d5 = desk.document().book()->present().find(FingeringId{"D5"})->target.hertz();
        // Enter goes on to the next note.
        Q_EMIT table->itemDelegate()->closeEditor(nullptr, QAbstractItemDelegate::SubmitModelCache);
        EVENTUALLY_COMPARE(table->currentRow(), 1);
        table->setCurrentCell(13, 2);
        table->item(0, 2)->setText(QStringLiteral("581,2 Hz"));
        table->item(1, 2)->setText(QStringLiteral("−31"));
        table->item(2, 2)->setText(QStringLiteral("F5 +60")); // as a meter shows F#5 forty cents flat
        table->item(3, 2)->setText(QStringLiteral("flat"));
        desk.click("numbersKeep");
        auto* trouble = desk.find<QLabel>("numbersTrouble");
        QVERIFY2(trouble->text().contains(QLatin1String("G5: flat")), qPrintable(trouble->text()));
        QCOMPARE(desk.readings(), std::size_t(0));
        table->item(3, 2)->setText(QString());
        desk.click("numbersKeep");
        EVENTUALLY_COMPARE(desk.readings(), std::size_t(3));
        const auto book = desk.document().book();
        const auto readings = book->readings();
        VERIFY_NEAR(readings[0].reading->pitch.hertz(), 581.2, 1e-9);
        VERIFY_NEAR(centsBetween(readings[1].reading->pitch, book->present().find(FingeringId{"E5"})->target).cents(), -31.0,
                    1e-6);
        VERIFY_NEAR(centsBetween(readings[2].reading->pitch, book->present().find(FingeringId{"F#5"})->target).cents(), -40.0,
                    1e-6);
        VERIFY_NEAR(readings[0].reading->sd.cents(), 2.0, 1e-9);
        QVERIFY(readings[0].reading->source == ReadingSource::Numbers);
        QCOMPARE(desk.window().listenPage()->asked()->text, std::string("G5")); // what is still to hear
        QVERIFY(d5 > 581.2);
    }
};

DOWEL_TEST(TestGuiListen)
#include "test_gui_listen.moc"
