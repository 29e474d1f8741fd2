// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the logbook: newest first, a wrong cut is set aside by mouse and counts no longer, what cannot be set aside
// offers nothing.
#include "app/logbook/logbook_page.h"
#include "app/logbook/photo_dialog.h"
#include "gui/gui_support.h"
#include "support/test_main.h"

#include <QAbstractItemModelTester>
#include <QDateTime>

using namespace dowel;
using gui::Desk;

class TestGuiLogbook : public gui::WindowTest
{
    Q_OBJECT

private Q_SLOTS:
    void aWrongCutIsSetAside()
    {
        Desk desk;
        auto* table = desk.find<QTableView>("logTable");
        const QAbstractItemModelTester tester(table->model());
        desk.document().recordCut(Enlarge{{"h1"}, Metres::fromMillimetres(8.0)}); // the wrong hole
        EVENTUALLY_COMPARE(desk.document().book()->cuts().size(), std::size_t(1));
        QVERIFY(desk.idle());
        desk.key(Qt::Key_9, Qt::ControlModifier);
        auto* aside = desk.find<QPushButton>("setAsideButton");
        QVERIFY(!aside->isEnabled());
        int row = -1;
        for (int i = 0; i < table->model()->rowCount(); ++i)
            if (table->model()->index(i, app::LogModel::What).data().toString() == QLatin1String("Enlarge h1: 5.3 mm to 8 mm"))
                row = i;
        QVERIFY(row >= 0);
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, table->visualRect(table->model()->index(row, 2)).center());
        QVERIFY(aside->isEnabled());
        QTest::mouseClick(aside, Qt::LeftButton);
        EVENTUALLY(desk.document().book()->cuts().empty());
        VERIFY_NEAR(desk.document().book()->present().find(HoleId{"h1"})->diameter.millimetres(), 5.3, 1e-9);
        QVERIFY(!aside->isEnabled()); // once is enough
        bool marked = false;
        for (int i = 0; i < table->model()->rowCount(); ++i)
            marked = marked || table->model()->index(i, app::LogModel::State).data().toString() == QLatin1String("set aside");
        QVERIFY(marked);
    }
    void aNoteIsKeptAndLeavesTheAdviceAlone()
    {
        Desk desk;
        desk.key(Qt::Key_9, Qt::ControlModifier);
        auto* field = desk.find<QLineEdit>("logNote");
        const auto before = desk.document().book()->entries().size();
        field->setFocus();
        QTest::keyClicks(field, QStringLiteral("   "));
        QTest::keyClick(field, Qt::Key_Return); // nothing to keep
        QTest::keyClicks(field, QStringLiteral("a knot near h3"));
        QTest::keyClick(field, Qt::Key_Return);
        QVERIFY(desk.idle());
        const auto book = desk.document().book();
        QCOMPARE(book->entries().size(), before + 1);
        const Entry kept = book->entries().back();
        QCOMPARE(std::get<NoteEntry>(kept.body).text, std::string("a knot near h3"));
        QVERIFY(field->text().isEmpty());
        auto* table = desk.find<QTableView>("logTable");
        table->selectRow(0);
        desk.click("setAsideButton");
        QVERIFY(desk.idle());
        QVERIFY(desk.document().book()->isSetAside(kept.id));
    }
    void itIsFilteredAndSearched()
    {
        Desk desk;
        const auto advised = Metres::fromMillimetres(5.5);
        desk.document().note(QStringLiteral("a knot near h3"));
        desk.document().recordCut(Enlarge{{"h1"}, advised});
        desk.document().sound(desk.document().book()->present().spec().fingerings.front().id);
        EVENTUALLY(desk.readings() == 1 && !desk.document().busy());
        desk.key(Qt::Key_9, Qt::ControlModifier);
        auto* model = desk.find<QTableView>("logTable")->model();
        auto* kind = desk.find<QComboBox>("logKind");
        auto* search = desk.find<QLineEdit>("logSearch");
        const int all = model->rowCount();
        QCOMPARE(all, static_cast<int>(desk.document().book()->entries().size()));
        const auto shows = [&](app::LogFilter::Kind which) {
            kind->setCurrentIndex(kind->findData(static_cast<int>(which)));
            QStringList lines;
            for (int i = 0; i < model->rowCount(); ++i)
                lines << model->index(i, app::LogModel::What).data().toString();
            return lines;
        };
        QCOMPARE(shows(app::LogFilter::Notes), QStringList{QStringLiteral("a knot near h3")});
        QCOMPARE(shows(app::LogFilter::Cuts).size(), qsizetype(1));
        QCOMPARE(shows(app::LogFilter::Readings).size(), qsizetype(1));
        QVERIFY(shows(app::LogFilter::Otherwise).contains(QStringLiteral("Enlarge h1: 5.3 mm to 5.5 mm"))); // nobody advised it
        QCOMPARE(shows(app::LogFilter::Everything).size(), qsizetype(all));
        search->setFocus();
        QTest::keyClicks(search, QStringLiteral("KNOT"));
        QCOMPARE(model->rowCount(), 1);
        // What is selected there is what is set aside.
        desk.find<QTableView>("logTable")->selectRow(0);
        desk.click("setAsideButton");
        EVENTUALLY(shows(app::LogFilter::Otherwise).contains(QStringLiteral("a knot near h3")));
        QTest::keyClicks(search, QStringLiteral(" nowhere"));
        QCOMPARE(model->rowCount(), 0);
        QVERIFY(!desk.find<QPushButton>("setAsideButton")->isEnabled());
        search->clear();
        const QString day =
            QDateTime::fromMSecsSinceEpoch(desk.time().now().time_since_epoch().count()).toString(QStringLiteral("yyyy-MM-dd"));
        QTest::keyClicks(search, day);
        QVERIFY(shows(app::LogFilter::Everything).size() >= all);
    }
    void aPhotographIsKeptWithoutWhatTheCameraWrote()
    {
        Desk desk;
        desk.key(Qt::Key_9, Qt::ControlModifier);
        const QString path = desk.file("bench.png");
        QImage large(2600, 1300, QImage::Format_RGB32);
        large.fill(QColor(180, 120, 60));
        large.setText(QStringLiteral("Location"), QStringLiteral("48.1 north, 11.5 east"));
        QVERIFY(large.save(path));
        auto* words = desk.find<QLineEdit>("logNote");
        words->setText(QStringLiteral("the knot beside h3"));
        desk.answers().files = {path};
        desk.click("logPhoto");
        const auto photo = [&]() -> const Entry* {
            const auto& all = desk.document().book()->entries();
            return std::holds_alternative<PhotoEntry>(all.back().body) ? &all.back() : nullptr;
        };
        EVENTUALLY(photo() != nullptr);
        QVERIFY(words->text().isEmpty());
        const auto kept = Recordings::open(desk.document().path().toStdString())->take(photo()->id);
        VERIFY_OK(kept);
        const QByteArray bytes(reinterpret_cast<const char*>(kept->data()), static_cast<qsizetype>(kept->size()));
        const QImage small = QImage::fromData(bytes);
        QCOMPARE(small.size(), QSize(1280, 640));
        QVERIFY(small.textKeys().isEmpty() && !bytes.contains("48.1"));
        VERIFY_OK(Store::open(desk.document().path().toStdString(), Store::Mode::Look)->verify());
        auto* table = desk.find<QTableView>("logTable");
        QCOMPARE(table->model()->index(0, app::LogModel::What).data().toString(),
                 QStringLiteral("Photograph: the knot beside h3"));
        const QPoint line = table->visualRect(table->model()->index(0, app::LogModel::What)).center();
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, line);
        QTest::mouseDClick(table->viewport(), Qt::LeftButton, {}, line);
        auto* dialog = desk.find<app::PhotoDialog>("photoDialog");
        EVENTUALLY_COMPARE(dialog->image().size(), small.size());
        QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("photoClose")), Qt::LeftButton);
        // What is no picture is said, and nothing is kept.
        QFile text(desk.file("text.jpg"));
        QVERIFY(text.open(QIODevice::WriteOnly) && text.write("no picture") > 0);
        text.close();
        const std::size_t before = desk.document().book()->entries().size();
        QSignalSpy failed(&desk.document(), &app::Document::failed);
        desk.answers().files = {text.fileName()};
        desk.click("logPhoto");
        EVENTUALLY_COMPARE(failed.count(), 1);
        QCOMPARE(desk.document().book()->entries().size(), before);
    }
    void theDayStandsOnceAndTheRestHaveTheirTime()
    {
        Desk desk;
        desk.key(Qt::Key_9, Qt::ControlModifier);
        desk.document().note(QStringLiteral("one"));
        desk.document().note(QStringLiteral("two"));
        auto* table = desk.find<QTableView>("logTable");
        EVENTUALLY(table->model()->rowCount() >= 3);
        const auto when = [&](int row) {
            return table->model()->index(row, app::LogModel::When).data().toString();
        };
        QCOMPARE(when(0).size(), qsizetype(19)); // yyyy-MM-dd HH:mm:ss
        if (QTime::currentTime() > QTime(0, 1))
            QCOMPARE(when(1).size(), qsizetype(8)); // HH:mm:ss
    }
    void theNewestComesFirst()
    {
        Desk desk;
        desk.document().recordCut(Enlarge{{"h1"}, Metres::fromMillimetres(5.5)});
        EVENTUALLY_COMPARE(desk.document().book()->cuts().size(), std::size_t(1));
        QVERIFY(desk.idle());
        auto* model = desk.find<QTableView>("logTable")->model();
        QCOMPARE(model->rowCount(), static_cast<int>(desk.document().book()->entries().size()));
        QVERIFY(model->index(0, 0).data().toInt() > model->index(1, 0).data().toInt());
        QVERIFY(!model->index(0, app::LogModel::When).data().toString().isEmpty());
    }
};

DOWEL_TEST(TestGuiLogbook)
#include "test_gui_logbook.moc"
