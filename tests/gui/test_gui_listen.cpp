// SPDX-License-Identifier: GPL-3.0-or-later
// Proves Listen by keys: Space sounds and keeps and goes on, Backspace takes back without erasing, Enter goes on, a
// recording of the wrong note is refused in words.
#include "app/reading_model.h"
#include "gui/gui_support.h"
#include "io/audio_file.h"
#include "support/tones.h"

#include <QAbstractItemModelTester>

using namespace dowel;
using gui::Desk;

class TestGuiListen : public QObject
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
        QCOMPARE(cell(desk, 0, app::ReadingModel::Age), QStringLiteral("not yet"));
        desk.key(Qt::Key_Space);
        QTRY_COMPARE_WITH_TIMEOUT(desk.readings(), std::size_t(1), 10000);
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
        QTRY_COMPARE_WITH_TIMEOUT(desk.readings(), std::size_t(1), 10000);
        desk.key(Qt::Key_PageUp); // back to D5
        QCOMPARE(desk.window().listenPage()->asked()->text, std::string("D5"));
        desk.key(Qt::Key_Backspace);
        QTRY_COMPARE(desk.readings(), std::size_t(0));
        const auto store = Store::open(desk.document().path().toStdString(), Store::Mode::Look);
        VERIFY_OK(store);
        QVERIFY(store->take({2}).ok());
        QVERIFY(store->book().isSetAside({2}));
        QCOMPARE(cell(desk, 0, app::ReadingModel::Age), QStringLiteral("not yet"));
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
        QTRY_VERIFY_WITH_TIMEOUT(desk.message().contains(QLatin1String("not D5")), 10000);
        desk.click("fromFileButton");
        QTRY_VERIFY_WITH_TIMEOUT(desk.message().contains(QLatin1String("empty")), 10000);
        QCOMPARE(desk.readings(), std::size_t(0));
        desk.click("fromFileButton");
        QTRY_COMPARE_WITH_TIMEOUT(desk.readings(), std::size_t(1), 10000);
        QVERIFY(desk.message().isEmpty()); // success overtakes the old trouble
    }
    void repeatedTakesShowTheirSpread()
    {
        Desk desk;
        for (std::size_t n = 1; n <= 3; ++n) {
            auto* table = desk.find<QTableView>("readingTable");
            table->selectRow(2);
            desk.key(Qt::Key_Space);
            QTRY_COMPARE_WITH_TIMEOUT(desk.readings(), n, 10000);
        }
        QCOMPARE(cell(desk, 2, app::ReadingModel::Takes), QStringLiteral("3"));
        QVERIFY(cell(desk, 2, app::ReadingModel::Spread).toDouble() > 0.0);
    }
};

QTEST_MAIN(TestGuiListen)
#include "test_gui_listen.moc"
