// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the shop in the window: found, sorted, archived and brought back, another like this in another key, three of one model
// compared and the next laid out from them, practice of any family, and what happens where a folder or a file is gone.
#include "app/design/plan.h"
#include "app/document/shop_settings.h"
#include "app/parts/style.h"
#include "app/shell/one_window.h"
#include "app/shop/side_picture.h"
#include "gui/gui_support.h"
#include "io/spec_json.h"
#include "session/practice.h"
#include "store/store.h"
#include "support/entries.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <QAbstractButton>
#include <QCheckBox>
#include <QDialog>
#include <QDir>
#include <QFile>
#include <QSpinBox>
#include <QTableWidget>
#include <QThread>
#include <atomic>

using namespace dowel;
using gui::Desk;

namespace {

Instrument called(const char* name)
{
    InstrumentSpec spec = fixtures::whistle().spec();
    spec.name = name;
    return std::move(Instrument::make(std::move(spec))).value();
}

/// A workbook of one's own in the shop, every fingering heard so far off.
void put(const QString& path, const char* name, double cents)
{
    const Instrument whistle = called(name);
    auto store = Store::create(path.toStdString(), whistle);
    VERIFY_OK(store);
    std::vector<Store::NewEntry> entries;
    double more = 0.0;
    for (const Fingering& f : whistle.spec().fingerings) {
        ReadingEntry r = fixtures::fullReading(false);
        r.fingering = f.id;
        r.pitch = f.target * std::exp2((cents + more) / 1200.0);
        r.air = Temperature::fromCelsius(20.0);
        entries.push_back({r, {}});
        more += 2.0;
    }
    VERIFY_OK(store->append(entries));
}

bool lists(Desk& desk, int count)
{
    return waitFor([&] { return desk.find<QListWidget>("shopList")->count() == count; });
}

/// Whether a page, made when it is first wanted, is in sight.
bool seen(Desk& desk, const char* page)
{
    const auto* there = desk.window().findChild<QWidget*>(QLatin1String(page));
    return there != nullptr && there->isVisible();
}

QString line(Desk& desk, int row)
{
    return desk.find<QListWidget>("shopList")->item(row)->data(Qt::AccessibleTextRole).toString();
}

} // namespace

class TestGuiShop : public gui::WindowTest
{
    Q_OBJECT

private Q_SLOTS:
    void anEmptyShopOffersThreeWaysToBegin()
    {
        Desk desk(false);
        for (const char* way : {"wayNew", "wayExisting", "wayPractice"}) {
            auto* button = desk.find<QAbstractButton>(way);
            QVERIFY2(button->isVisible() && !button->accessibleName().isEmpty(), way);
        }
        // An instrument that exists: its workbook is begun under the family's name, and the window says where its sizes go.
        QTest::mouseClick(desk.find<QAbstractButton>("wayExisting"), Qt::LeftButton);
        EVENTUALLY(seen(desk, "blankPage"));
        QVERIFY(desk.find<QLabel>("messageText")->text().contains(QStringLiteral("As built")));
        QVERIFY(!QDir(desk.file("")).entryList({QStringLiteral("*.dowel")}).isEmpty());
        desk.window().showShop();
        QVERIFY(lists(desk, 1));
        QVERIFY(!desk.find<QWidget>("emptyShop")->isVisible());
    }
    void practiceBeginsFromAnEmptyShop()
    {
        Desk desk(false);
        QTest::keyClick(desk.find<QAbstractButton>("wayPractice"), Qt::Key_Space);
        EVENTUALLY(seen(desk, "listenPage"));
    }
    void whatStandsInTheShopIsFoundAndArchived()
    {
        Desk desk(false);
        QVERIFY(desk.find<QWidget>("emptyShop")->isVisible()); // what to do is said
        put(desk.file("lark.dowel"), "Lark", -20.0);
        put(desk.file("wren.dowel"), "Wren", -30.0);
        QFile broken(desk.file("broken.dowel"));
        QVERIFY(broken.open(QIODevice::WriteOnly) && broken.write("no workbook") > 0);
        broken.close();
        desk.window().showShop();
        QVERIFY(lists(desk, 3));
        QVERIFY2(line(desk, 2).startsWith(QLatin1String("broken")), qPrintable(line(desk, 2))); // named, and last
        desk.find<QListWidget>("shopList")->setCurrentRow(2);
        QVERIFY(!desk.find<QPushButton>("shopOpen")->isEnabled());
        auto* order = desk.find<QComboBox>("shopOrder");
        order->setCurrentIndex(1);
        QVERIFY(line(desk, 1).startsWith(QLatin1String("Lark")));
        QTest::keyClicks(desk.find<QLineEdit>("shopFind"), QStringLiteral("wre"));
        QVERIFY(lists(desk, 1));
        QVERIFY(line(desk, 0).startsWith(QLatin1String("Wren")));
        desk.find<QListWidget>("shopList")->setFocus();
        desk.key(Qt::Key_Return); // taken up by key
        QVERIFY(gui::opens(desk.window()));
        QVERIFY(desk.window().windowTitle().startsWith(QLatin1String("Wren")));
        // Archived while it is open: it is let go of first, and nothing is lost.
        desk.key(Qt::Key_0, Qt::ControlModifier);
        QVERIFY(lists(desk, 1));
        desk.click("shopArchive");
        QVERIFY(lists(desk, 0));
        QVERIFY(QFile::exists(desk.file("archive/wren.dowel")) && !QFile::exists(desk.file("wren.dowel")));
        QCOMPARE(desk.window().document(), nullptr);
        desk.find<QLineEdit>("shopFind")->clear();
        QTest::mouseClick(desk.find<QCheckBox>("shopArchived"), Qt::LeftButton, Qt::NoModifier, QPoint(8, 8));
        QVERIFY(lists(desk, 1));
        desk.click("shopArchive"); // back again
        QVERIFY(lists(desk, 0));
        QVERIFY(QFile::exists(desk.file("wren.dowel")));
    }
    void anotherLikeItIsCarriedToAnotherKey()
    {
        Desk desk(false);
        put(desk.file("lark.dowel"), "Lark", -20.0);
        desk.window().showShop();
        QVERIFY(lists(desk, 1));
        desk.find<QListWidget>("shopList")->setCurrentRow(0);
        QSignalSpy opened(&desk.window(), &app::MainWindow::opened);
        desk.click("shopLike");
        desk.click("likeMake"); // in its own key
        QVERIFY(waitFor([&] { return opened.count() > 0; }));
        QCOMPARE(desk.window().windowTitle(), QStringLiteral("Another Lark – Dowel"));
        app::Plan& plan = desk.window().plan();
        QVERIFY(waitFor([&] { return plan.layout().has_value(); })); // the same row to begin with
        const Metres before = plan.layout()->goal.spec().holes[0].at;
        desk.key(Qt::Key_1, Qt::ControlModifier);
        auto* stations = desk.find<QTableWidget>("blankStations");
        stations->item(stations->rowCount() - 1, 0)->setText(QStringLiteral("330 mm"));
        desk.key(Qt::Key_3, Qt::ControlModifier);
        auto* lowest = desk.find<QComboBox>("targetLowest");
        lowest->setCurrentIndex(lowest->findData(QStringLiteral("C5")));
        Q_EMIT lowest->activated(lowest->currentIndex());
        desk.key(Qt::Key_4, Qt::ControlModifier);
        desk.click("layoutGo");
        QVERIFY(waitFor([&] { return !plan.busy(); }));
        QVERIFY2(plan.layout().has_value(), qPrintable(plan.trouble()));
        const double longer = plan.layout()->goal.spec().holes[0].at / before;
        QVERIFY2(longer > 1.06 && longer < 1.18, qPrintable(QString::number(longer))); // a tone lower: 2^(2/12) is 1.12
        QVERIFY(QFile::exists(desk.file("lark.dowel")));                               // and the first one stands as it did
    }
    void threeOfOneModelAreComparedAndTheNextIsLaidOut()
    {
        Desk desk(false);
        put(desk.file("one.dowel"), "One", -33.0);
        put(desk.file("two.dowel"), "Two", -30.0);
        put(desk.file("three.dowel"), "Three", -27.0);
        desk.window().showShop();
        QVERIFY(lists(desk, 3));
        QVERIFY(!desk.find<QPushButton>("shopCompare")->isEnabled()); // one alone has nothing in common
        auto* list = desk.find<QListWidget>("shopList");
        list->setFocus();
        desk.key(Qt::Key_A, Qt::ControlModifier);
        QTest::mouseClick(desk.find<QPushButton>("shopCompare"), Qt::LeftButton);
        auto* table = desk.find<QTableWidget>("compareTable");
        QVERIFY(waitFor([&] { return table->rowCount() == 4; }));
        QCOMPARE(table->item(0, 1)->text(), QStringLiteral("−30"));
        QCOMPARE(table->item(0, 3)->text(), QStringLiteral("−26"));    // two cents more a note
        QCOMPARE(table->item(1, 0)->text(), QStringLiteral("1  One")); // by name, and the picture has the figures
        auto* picture = desk.find<app::SidePicture>("sidePicture");
        QVERIFY(picture->accessibleDescription().startsWith(QStringLiteral("D5: −30 common")));
        const QImage shot = picture->grab().toImage();
        const auto at = picture->placeOf(0, Cents::fromCents(-30.0));
        QCOMPARE(shot.pixelColor(QPoint(qRound(at.x()) - 12, qRound(at.y()))), app::Style::current().colours().warm);
        desk.click("compareOwn");
        QStringList own;
        for (int row = 1; row <= 3; ++row)
            own << table->item(row, 2)->text();
        own.sort();
        QCOMPARE(own.size(), 3);
        QVERIFY2(own.contains(QStringLiteral("−3")) && own.contains(QStringLiteral("+3")),
                 qPrintable(own.join(QLatin1Char(' '))));
        QSignalSpy opened(&desk.window(), &app::MainWindow::opened);
        desk.click("compareNext");
        QVERIFY(waitFor([&] { return opened.count() > 0; }));
        app::Plan& plan = desk.window().plan();
        QCOMPARE(plan.wishes().heardAbove.size(), fixtures::whistle().spec().fingerings.size());
        desk.key(Qt::Key_4, Qt::ControlModifier);
        desk.click("layoutGo");
        QVERIFY(waitFor([&] { return !plan.busy(); }));
        QVERIFY2(plan.layout().has_value(), qPrintable(plan.trouble()));
    }
    void thePlanOfAnEarlierVersionBecomesAWorkbook()
    {
        QTemporaryDir folder;
        io::PlanKept plan = io::planOf(called("From before"));
        QFile file(folder.filePath(QStringLiteral("plan.json")));
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write(QByteArray::fromStdString(io::planText(plan))) > 0);
        file.close();
        for (int start = 0; start < 2; ++start) { // taken once
            app::MainWindow window(std::make_unique<gui::Answers>(), folder.path());
            auto* list = window.findChild<QListWidget*>(QStringLiteral("shopList"));
            EVENTUALLY_COMPARE(list->count(), 1);
            QVERIFY(list->item(0)->data(Qt::AccessibleTextRole).toString().startsWith(QLatin1String("From before")));
        }
        QVERIFY(!file.exists() && QFile::exists(folder.filePath(QStringLiteral("plan.json.taken"))));
    }
    void aFamilyOfSizesIsMadeInOneGo()
    {
        Desk desk(false);
        put(desk.file("lark.dowel"), "Lark", -20.0);
        desk.window().showShop();
        QVERIFY(lists(desk, 1));
        desk.click("shopLike");
        auto* name = desk.find<QLineEdit>("likeName");
        auto* keys = desk.find<QListWidget>("likeKeys");
        name->clear();
        desk.click("likeMake");
        QVERIFY(desk.find<QLabel>("likeTrouble")->isVisible());
        QTest::keyClicks(name, QStringLiteral("Larks"));
        const auto tick = [&](const char* note) {
            for (int row = 0; row < keys->count(); ++row)
                if (keys->item(row)->data(Qt::UserRole).toString() == QLatin1String(note)) {
                    keys->setCurrentRow(row);
                    QTest::keyClick(keys, Qt::Key_Space);
                }
        };
        tick("D5"); // its own is ticked: not that one
        desk.click("likeMake");
        QVERIFY(desk.find<QLabel>("likeTrouble")->text().contains(QLatin1String("Tick")));
        tick("C5");
        tick("A#4");
        desk.click("likeMake");
        QVERIFY(waitFor([&] { return desk.find<QListWidget>("shopList")->count() == 3; }));
        QVERIFY2(desk.message().contains(QLatin1String("2 instrument")), qPrintable(desk.message()));
        for (const char* file : {"larks-in-c5.dowel", "larks-in-a-4.dowel"}) {
            const auto store = Store::open(desk.file(file).toStdString(), Store::Mode::Look);
            VERIFY_OK(store);
            const auto plan = io::planFromText(*store->book().plan());
            VERIFY_OK(plan);
            QVERIFY(plan->goal && plan->goal->spec().holes.size() == 6);
        }
        // From a file that lies elsewhere, a specification.
        QTemporaryDir elsewhere;
        QFile spec(elsewhere.filePath(QStringLiteral("model.json")));
        QVERIFY(spec.open(QIODevice::WriteOnly) && spec.write(QByteArray::fromStdString(io::specText(called("Model")))) > 0);
        spec.close();
        desk.answers().files = {spec.fileName()};
        desk.click("modelButton");
        EVENTUALLY(desk.window().findChild<QDialog*>(QStringLiteral("likeDialog")) != nullptr);
        QSignalSpy opened(&desk.window(), &app::MainWindow::opened);
        desk.click("likeMake");
        QVERIFY(waitFor([&] { return opened.count() > 0; }));
        QCOMPARE(desk.window().windowTitle(), QStringLiteral("Another Model – Dowel"));
    }
    void theOwnCutComesFirstAndIsJudged()
    {
        Desk desk(false);
        QTest::mouseClick(desk.find<QCheckBox>("practiceOwnFirst"), Qt::LeftButton, Qt::NoModifier, QPoint(8, 8));
        QSignalSpy opened(&desk.window(), &app::MainWindow::opened);
        desk.click("practiceButton");
        QVERIFY(waitFor([&] { return opened.count() > 0; }));
        QVERIFY(desk.document().book()->practice()->ownFirst);
        QVERIFY(desk.hearAll());
        desk.key(Qt::Key_Return);
        QVERIFY(waitFor([&] { return desk.document().recommendation().has_value() && !desk.document().busy(); }));
        QCOMPARE(desk.document().recommendation()->advice.state, AdviceState::MakeCut);
        QVERIFY(!desk.window().correctPage()->proposed()); // neither on the card nor on the workpiece
        QVERIFY(!desk.find<QLineEdit>("calipers")->isVisible());
        auto* own = desk.find<QPushButton>("ownFirstButton");
        EVENTUALLY(own->isVisible() && own->hasFocus());
        desk.key(Qt::Key_Return);
        auto* what = desk.find<QComboBox>("ownWhat");
        what->setCurrentIndex(what->findText(QStringLiteral("Enlarge h4")));
        QTest::keyClicks(desk.find<QLineEdit>("ownSize"), QStringLiteral("9.5")); // far too wide
        desk.click("ownKeep");
        EVENTUALLY_COMPARE(desk.document().book()->cuts().size(), std::size_t(1));
        const auto said = [&] {
            return desk.find<QLabel>("cardPlan")->text();
        };
        QTRY_VERIFY2_WITH_TIMEOUT(said().contains(QLatin1String("Your cut: Enlarge h4")), qPrintable(said()), longestWait_ms);
        QVERIFY2(said().contains(QLatin1String("Advice: ")), qPrintable(said()));
        QVERIFY2(said().contains(QLatin1String("As last heard: ")), qPrintable(said()));
        const auto verdict = session::verdictOf(*desk.document().book());
        QVERIFY(verdict && verdict->advised);
        QVERIFY2(verdict->own.sharp > 0 && verdict->advised->sharp == 0, "a hole that wide spoils its note");
        desk.window().showShop();
        QVERIFY(lists(desk, 1));
        QVERIFY2(line(desk, 0).contains(QLatin1String("in tune, 1 cut")), qPrintable(line(desk, 0)));
    }
    void anyFamilyIsPractised()
    {
        Desk desk(false);
        auto* family = desk.find<QComboBox>("practiceFamily");
        family->setCurrentIndex(family->findData(static_cast<int>(Family::TwoChamber)));
        desk.find<QSpinBox>("practiceSeed")->setValue(31);
        QSignalSpy opened(&desk.window(), &app::MainWindow::opened);
        desk.click("practiceButton");
        QVERIFY(waitFor([&] { return opened.count() > 0; }) && opened.front().front().toBool());
        QVERIFY(desk.document().book()->present().spec().family == Family::TwoChamber);
        QCOMPARE(desk.document().book()->practice()->seed, std::uint64_t(31));
        desk.key(Qt::Key_Space);
        QVERIFY(waitFor([&] { return desk.readings() == 1; }));
    }
    void aFolderThatVanishesIsTold()
    {
        Desk desk(false);
        const QString folder = desk.file("elsewhere");
        QVERIFY(QDir().mkpath(folder));
        put(folder + QStringLiteral("/lark.dowel"), "Lark", -20.0);
        desk.answers().files << folder;
        desk.click("folderButton");
        QVERIFY(lists(desk, 1));
        QCOMPARE(app::workbooksFolder(), folder); // and the next time
        desk.find<QListWidget>("shopList")->setCurrentRow(0);
        QVERIFY(QDir(folder).removeRecursively());
        desk.click("shopOpen");
        QVERIFY(gui::opens(desk.window(), false));
        QVERIFY2(desk.message().contains(QLatin1String("lark.dowel")), qPrintable(desk.message()));
        desk.window().showShop();
        QVERIFY(lists(desk, 0));
        // Begun there, the folder is made again.
        QVERIFY(desk.begins());
        QVERIFY(QFile::exists(folder + QStringLiteral("/pipe-on-trial.dowel")));
    }
    void theDrawerIsFilledByMarkingsAndObeyed()
    {
        Desk desk(false);
        EVENTUALLY(app::Jobs::runningInAll() == 0);
        desk.click("drawerButton");
        auto* dialog = desk.find<QDialog>("drawerDialog");
        EVENTUALLY(dialog->isVisible());
        auto* typed = dialog->findChild<QLineEdit*>(QStringLiteral("drawerTyped"));
        auto* bits = dialog->findChild<QListWidget*>(QStringLiteral("drawerBits"));
        const auto enter = [&](const char* words) {
            typed->setFocus();
            QTest::keyClicks(typed, QString::fromLatin1(words));
            QTest::keyClick(typed, Qt::Key_Return);
        };
        enter("9/32, 9/16 wide");
        QVERIFY(dialog->findChild<QLabel*>(QStringLiteral("drawerTrouble"))->text().contains(QLatin1String("9/16 wide")));
        QCOMPARE(bits->count(), 0); // all that is typed, or nothing
        typed->clear();
        enter("9/32, #7, F, 5/16, 4,0 mm, 7.14375"); // a comma between figures is a decimal one
        QCOMPARE(bits->count(), 5);                  // 9/32 in is 7.14375 mm: one bit
        QCOMPARE(bits->item(0)->text(), QStringLiteral("4.0 mm"));
        auto* tools = dialog->findChild<QListWidget*>(QStringLiteral("drawerTools"));
        QCOMPARE(tools->findItems(QStringLiteral("knife"), Qt::MatchExactly).front()->checkState(),
                 Qt::Checked); // a first drawer
        for (int i = 0; i < tools->count(); ++i)
            tools->item(i)->setCheckState(tools->item(i)->text() == QLatin1String("hot iron") ? Qt::Checked : Qt::Unchecked);
        QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("drawerSave")), Qt::LeftButton);
        EVENTUALLY(QFile::exists(desk.file("drawer.json")));

        // Layout goes by these five alone, and the order of work calls them by their markings.
        QVERIFY(desk.begins());
        app::Plan& plan = desk.window().plan();
        EVENTUALLY_COMPARE(plan.blank().spec.tools.bits.size(), std::size_t(5));
        desk.window().goTo(app::MainWindow::Layout);
        auto* only = desk.find<QCheckBox>("layoutBits");
        QTest::mouseClick(only, Qt::LeftButton, Qt::NoModifier, QPoint(8, only->height() / 2));
        QVERIFY(only->isChecked());
        desk.click("layoutGo");
        QVERIFY(waitFor([&] { return plan.layout().has_value() && !plan.busy(); }));
        const std::vector<Metres>& sizes = plan.blank().spec.tools.bits;
        for (const Hole& h : plan.layout()->start.spec().holes)
            QVERIFY2(
                std::any_of(sizes.begin(), sizes.end(), [&](Metres b) { return std::abs((b - h.diameter).metres()) < 1e-7; }),
                qPrintable(QString::number(h.diameter.millimetres())));
        desk.window().goTo(app::MainWindow::Drill);
        desk.settle();
        auto* steps = desk.find<QListWidget>("drillSteps");
        QStringList said;
        for (int i = 0; i < steps->count(); ++i)
            said << steps->item(i)->text();
        const QString all = said.join(QLatin1Char('\n'));
        for (const Hole& h : plan.layout()->start.spec().holes) {
            const Bit* bit = plan.drawer()->bitOf(h.diameter);
            QVERIFY(bit != nullptr);
            QVERIFY2(all.contains(QString::fromStdString(bit->name)), qPrintable(all));
        }

        // It is the shop's: there the next time, too.
        desk.window().showShop();
        desk.click("drawerButton");
        auto* again = desk.window().findChildren<QDialog*>(QStringLiteral("drawerDialog")).last();
        QCOMPARE(again->findChild<QListWidget*>(QStringLiteral("drawerBits"))->count(), 5);
        QTest::keyClick(again, Qt::Key_Escape);
    }
    void aSecondWindowIsToldThatItIsOpen()
    {
        Desk desk(false);
        put(desk.file("lark.dowel"), "Lark", -20.0);
        desk.window().openBook(desk.file("lark.dowel"));
        QVERIFY(gui::opens(desk.window()));
        app::MainWindow second(std::make_unique<gui::Answers>(), QFileInfo(desk.file("x")).path());
        second.show();
        EVENTUALLY_COMPARE(second.findChild<QListWidget*>(QStringLiteral("shopList"))->count(), 1); // it is seen there
        second.openBook(desk.file("lark.dowel"));
        QVERIFY(gui::opens(second, false));
        const QString words = second.findChild<QLabel*>(QStringLiteral("messageText"))->text();
        QVERIFY2(words.contains(QLatin1String("lark.dowel")), qPrintable(words));
    }
    void aSecondStartHandsItsWorkbookOver()
    {
        QTemporaryDir dir;
        const QString socket = dir.filePath(QStringLiteral("window"));
        app::OneWindow first(socket);
        QVERIFY(!first.handOver(QStringLiteral("a.dowel"))); // nobody there yet
        QVERIFY(first.listen());
        QSignalSpy asked(&first, &app::OneWindow::asked);
        std::atomic<bool> taken = false;
        QThread* other = QThread::create([&] { taken = app::OneWindow(socket).handOver(QStringLiteral("a.dowel")); });
        other->start();
        QVERIFY(waitFor([&] { return asked.count() > 0; }));
        QVERIFY(waitFor([&] { return other->isFinished(); }));
        delete other;
        QVERIFY(taken);
        QCOMPARE(asked.front().front().toString(), QDir::current().absoluteFilePath(QStringLiteral("a.dowel")));
        // One that was killed leaves its socket; the next one takes its place.
        QFile::remove(socket);
        QFile dead(socket);
        QVERIFY(dead.open(QIODevice::WriteOnly));
        dead.close();
        app::OneWindow next(socket);
        QVERIFY(!next.handOver(QString()));
        QVERIFY(next.listen());
    }
};

DOWEL_TEST(TestGuiShop)
#include "test_gui_shop.moc"
