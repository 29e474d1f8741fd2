// SPDX-License-Identifier: GPL-3.0-or-later
// Proves Correct by keys: without readings it sends to Listen, the card is filled in without the mouse, calipers may be
// typed in either unit, and what wood cannot do is refused.
#include "gui/gui_support.h"
#include "support/test_main.h"

#include <QAction>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QRadioButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QScrollBar>
#include <QSlider>
#include <QTableWidget>

using namespace dowel;
using gui::Desk;

namespace {

/// Enter on the card of the window, and the next card.
bool windowDone(Desk& desk)
{
    if (!std::holds_alternative<CutUp>(*desk.window().correctPage()->proposed()))
        return false;
    if (!waitFor([&] { return desk.find<QLineEdit>("calipers")->hasFocus(); }))
        return false;
    desk.key(Qt::Key_Return);
    return waitFor([&] {
        const auto next = desk.window().correctPage()->proposed();
        return desk.document().book()->cuts().size() == 1 && next && !std::holds_alternative<CutUp>(*next);
    });
}

} // namespace

class TestGuiCorrect : public gui::WindowTest
{
    Q_OBJECT

private Q_SLOTS:
    void withoutReadingsItSendsToListen()
    {
        Desk desk;
        desk.key(Qt::Key_7, Qt::ControlModifier);
        EVENTUALLY(desk.find<QPushButton>("goListenButton")->isVisible());
        QCOMPARE(desk.find<QLabel>("cardWhat")->text(), QStringLiteral("Play 14 fingerings"));
        QVERIFY(!desk.find<QLineEdit>("calipers")->isVisible());
        QVERIFY(!desk.window().correctPage()->proposed());
        desk.key(Qt::Key_Return);
        QCOMPARE(desk.find<QListWidget>("stages")->currentRow(), static_cast<int>(app::MainWindow::Listen));
    }
    void theCardIsFilledInWithoutTheMouse()
    {
        Desk desk;
        QVERIFY(desk.hearAll());
        desk.key(Qt::Key_Return);
        QCOMPARE(desk.find<QListWidget>("stages")->currentRow(), static_cast<int>(app::MainWindow::Correct));
        EVENTUALLY(desk.window().correctPage()->proposed().has_value());
        auto* calipers = desk.find<QLineEdit>("calipers");
        EVENTUALLY(calipers->hasFocus());
        // The window moves every note: first of all, and done as proposed.
        QCOMPARE(desk.find<QLabel>("cardWhat")->text(), QStringLiteral("Lengthen the window"));
        QVERIFY(windowDone(desk));
        EVENTUALLY(calipers->hasFocus());
        QCOMPARE(desk.find<QLabel>("cardWhat")->text(), QStringLiteral("Enlarge h1"));
        QVERIFY(desk.find<QLabel>("cardWhy")->text().contains(QLatin1String("no note goes sharp for good")));
        QVERIFY(desk.find<QLabel>("cardSizes")->text().startsWith(QStringLiteral("5.3 → ")));
        QVERIFY(!desk.find<QLabel>("cardCaution")->text().isEmpty());
        QVERIFY(desk.find<QWidget>("workpiece")->accessibleDescription().contains(QLatin1String("proposed")));

        // In a low window what stands behind the cut is read to its end by scrolling; no line of it is cut off.
        auto* plan = desk.find<QLabel>("cardPlan");
        auto* room = desk.find<QScrollArea>("cardPlanScroll");
        const QSize usual = desk.window().size();
        desk.window().resize(usual.width(), 600);
        EVENTUALLY(room->height() < plan->heightForWidth(plan->width()));
        QVERIFY(plan->height() >= plan->heightForWidth(plan->width()));
        QVERIFY(room->verticalScrollBar()->maximum() >= plan->height() - room->viewport()->height());
        desk.window().resize(usual);

        // Nonsense and the impossible are refused; the field stays.
        QTest::keyClicks(calipers, QStringLiteral("abc"));
        desk.key(Qt::Key_Return);
        QVERIFY2(desk.message().contains(QLatin1String("abc")), qPrintable(desk.message()));
        calipers->selectAll();
        QTest::keyClicks(calipers, QStringLiteral("4.0"));
        desk.key(Qt::Key_Return);
        EVENTUALLY(desk.message().contains(QLatin1String("does not grow back")));
        QCOMPARE(desk.document().book()->cuts().size(), std::size_t(1));

        // A quarter inch by the calipers, typed as a fraction.
        calipers->selectAll();
        QTest::keyClicks(calipers, QStringLiteral("15/64"));
        desk.key(Qt::Key_Return);
        EVENTUALLY_COMPARE(desk.document().book()->cuts().size(), std::size_t(2));
        VERIFY_NEAR(desk.document().book()->present().find(HoleId{"h1"})->diameter.millimetres(), 5.953125, 1e-6);
        QVERIFY(desk.message().isEmpty());
        EVENTUALLY(desk.window().correctPage()->proposed().has_value());
        QCOMPARE(holeOf(*desk.window().correctPage()->proposed())->text, std::string("h2")); // from the foot upwards
        const auto& entry = std::get<CutEntry>(desk.document().book()->cuts().back()->body);
        QVERIFY(entry.advised.has_value());
        QCOMPARE(entry.forecast.size(), std::size_t(14));
    }
    void thePictureSpeaksToAssistiveTechnology()
    {
        Desk desk;
        QVERIFY(desk.hearAll());
        desk.key(Qt::Key_Return);
        EVENTUALLY(desk.window().correctPage()->proposed().has_value());
        double sum = 0.0;
        for (const NoteState& n : desk.document().recommendation()->now)
            sum += std::abs(n.cents);
        QVERIFY(
            desk.find<QLabel>("tuningSummary")->text().contains(QStringLiteral("average %1 cents").arg(sum / 14.0, 0, 'f', 1)));
        const QString words = desk.find<QWidget>("tuningPicture")->accessibleDescription();
        QVERIFY2(words.contains(QStringLiteral("D5 −")) && words.contains(QLatin1String("after the cut")), qPrintable(words));
    }
    void theStrategyIsChosenShownAndKept()
    {
        Desk desk;
        QVERIFY(desk.hearAll());
        desk.key(Qt::Key_Return);
        EVENTUALLY(desk.window().correctPage()->proposed().has_value());
        QVERIFY(windowDone(desk));
        QVERIFY(std::holds_alternative<Enlarge>(*desk.window().correctPage()->proposed()));
        auto* button = desk.find<QPushButton>("schoolButton");
        auto* plan = desk.find<QLabel>("cardPlan");
        QVERIFY(plan->text().contains(QLatin1String("holes first, graded, all registers")));
        QTest::mouseClick(button, Qt::LeftButton);
        auto* footFirst = desk.find<QRadioButton>("schoolFootFirst");
        EVENTUALLY(footFirst->isVisible());
        footFirst->click();
        auto* even = desk.find<QSlider>("schoolEven");
        even->setFocus();
        QTest::keyClick(even, Qt::Key_PageUp); // what it weighs is said
        QVERIFY(desk.find<QLabel>("schoolEvenWords")->text().startsWith(QLatin1String("20 %")));
        desk.find<QRadioButton>("schoolQuick")->click();
        QTest::mouseClick(desk.find<QPushButton>("schoolKeep"), Qt::LeftButton);
        EVENTUALLY(desk.window().correctPage()->proposed() &&
                   std::holds_alternative<TrimFoot>(*desk.window().correctPage()->proposed()));
        EVENTUALLY(plan->text().contains(QLatin1String("foot first")) && plan->text().contains(QLatin1String("20 %")));
        QVERIFY(desk.document().book()->strategy().footFirst);
        QCOMPARE(desk.document().book()->strategy().effort, Effort::Quick);
        QVERIFY(plan->text().contains(QLatin1String("few rounds")));
        desk.key(Qt::Key_9, Qt::ControlModifier);
        QVERIFY(desk.idle());
    }
    void inchesAreShownAndTakenOnTheCard()
    {
        Desk desk;
        QVERIFY(desk.hearAll());
        desk.key(Qt::Key_I, Qt::ControlModifier);
        desk.key(Qt::Key_7, Qt::ControlModifier);
        EVENTUALLY(desk.window().correctPage()->proposed().has_value());
        QVERIFY(desk.find<QLabel>("cardSizes")->text().endsWith(QStringLiteral(" in")));
        const Cut proposed = *desk.window().correctPage()->proposed();
        const double wanted = wantedSize(proposed).millimetres();
        EVENTUALLY(desk.find<QLineEdit>("calipers")->hasFocus());
        desk.key(Qt::Key_Return);
        EVENTUALLY_COMPARE(desk.document().book()->cuts().size(), std::size_t(1));
        VERIFY_NEAR(presentSize(desk.document().book()->present(), proposed)->millimetres(), wanted, 0.021);
        desk.window().setInches(false);
    }
    void whatIsWantedChangesInMidWorkAndTheAdviceFollows()
    {
        Desk desk;
        QVERIFY(desk.hearAll());
        QVERIFY(waitFor([&] { return desk.document().recommendation().has_value(); }));
        const double flat = desk.document().recommendation()->now.front().cents;
        const auto actions = desk.window().findChildren<QAction*>();
        const auto change = std::find_if(actions.begin(), actions.end(),
                                         [](const QAction* a) { return a->text() == QStringLiteral("Edit tar&get and tools…"); });
        QVERIFY(change != actions.end());
        (*change)->trigger();
        auto* a4 = desk.find<QDoubleSpinBox>("wantedA4");
        a4->selectAll();
        QTest::keyClicks(a4, QStringLiteral("415"));
        a4->interpretText(); // as when the field is left
        auto* table = desk.find<QTableWidget>("wantedTable");
        QCOMPARE(table->item(0, 1)->text(), QStringLiteral("554.0")); // five semitones over A4
        table->item(0, 2)->setText(QStringLiteral("far"));
        desk.click("wantedKeep");
        QVERIFY2(desk.find<QLabel>("wantedTrouble")->text().contains(QLatin1String("far")),
                 qPrintable(desk.find<QLabel>("wantedTrouble")->text()));
        table->item(0, 2)->setText(QStringLiteral("7.5"));
        auto* bits = desk.find<QLineEdit>("wantedBits");
        bits->setText(QStringLiteral("6; broad"));
        desk.click("wantedKeep");
        QVERIFY(desk.find<QLabel>("wantedTrouble")->text().contains(QLatin1String("broad")));
        bits->selectAll();
        QTest::keyClicks(bits, QStringLiteral("5; 1/4; No. 7"));
        auto* name = desk.find<QLineEdit>("wantedName");
        name->selectAll();
        QTest::keyClicks(name, QStringLiteral("Low D"));
        desk.click("wantedKeep");
        EVENTUALLY(desk.document().recommendation() && desk.document().recommendation()->now.front().cents > flat + 90.0);
        const Instrument present = desk.document().book()->present();
        VERIFY_NEAR(present.spec().tuning.a4.hertz(), 415.0, 1e-9);
        VERIFY_NEAR(present.spec().fingerings.front().tolerance.cents(), 7.5, 1e-9);
        QCOMPARE(present.spec().tools.bits.size(), std::size_t(3));
        VERIFY_NEAR(present.spec().tools.bits.back().millimetres(), 6.35, 1e-9);
        QCOMPARE(desk.window().windowTitle(), QStringLiteral("Low D – Dowel"));
        QVERIFY(waitFor([&] { return !desk.document().busy(); }));
        auto* log = desk.find<QTableView>("logTable")->model();
        bool said = false;
        for (int row = 0; row < log->rowCount(); ++row)
            said = said || log->index(row, 2).data().toString().contains(QLatin1String("New target: A4 415.0 Hz"));
        QVERIFY(said);
    }
    void workThatNobodyAdvisedEntersTheRecord()
    {
        Desk desk;
        QVERIFY(desk.hearAll());
        QVERIFY(waitFor([&] { return desk.document().recommendation().has_value(); }));
        desk.key(Qt::Key_W, Qt::ControlModifier);
        auto* what = desk.find<QComboBox>("ownWhat");
        auto* size = desk.find<QLineEdit>("ownSize");
        // What can be done to one hole stands together, from the foot upwards, before what is done to the tube.
        QStringList holes;
        for (int i = 0; i < what->count(); ++i)
            if (const QString last = what->itemText(i).section(QLatin1Char(' '), -1); holes.isEmpty() || holes.last() != last)
                holes << last;
        QCOMPARE(holes.mid(0, 6), QStringList({QStringLiteral("h1"), QStringLiteral("h2"), QStringLiteral("h3"),
                                               QStringLiteral("h4"), QStringLiteral("h5"), QStringLiteral("h6")}));
        QCOMPARE(holes.filter(QRegularExpression(QStringLiteral("^h\\d$"))).size(), 6);
        what->setCurrentIndex(what->findText(QStringLiteral("Enlarge h3")));
        QCOMPARE(desk.find<QLabel>("ownRecorded")->text(), QStringLiteral("5.3 mm"));
        QTest::keyClicks(size, QStringLiteral("4.9")); // wood does not grow back
        desk.click("ownKeep");
        QVERIFY2(desk.find<QLabel>("ownTrouble")->text().contains(QLatin1String("does not grow back")),
                 qPrintable(desk.find<QLabel>("ownTrouble")->text()));
        EVENTUALLY(size->hasFocus()); // to be mended there
        desk.find<QComboBox>("ownHow")->setCurrentIndex(1);
        size->clear();
        QTest::keyClicks(size, QStringLiteral("0.4"));
        QTest::keyClick(size, Qt::Key_Return);
        EVENTUALLY_COMPARE(desk.document().book()->cuts().size(), std::size_t(1));
        VERIFY_NEAR(desk.document().book()->present().find(HoleId{"h3"})->diameter.millimetres(), 5.7, 1e-9);
        const auto& cut = std::get<CutEntry>(desk.document().book()->cuts().front()->body);
        QVERIFY(!cut.advised);
        QCOMPARE(cut.forecast.size(), std::size_t(14)); // what it should have done, to be held against what comes
        // What was done unasked is listened to before anything is built on it.
        EVENTUALLY(desk.document().recommendation() && desk.document().recommendation()->advice.state == AdviceState::Measure);
        // Wax comes in too.
        desk.window().activateWindow();
        EVENTUALLY(desk.window().isActiveWindow());
        desk.key(Qt::Key_W, Qt::ControlModifier);
        EVENTUALLY(desk.window().findChild<QComboBox*>(QStringLiteral("ownWhat")) != nullptr);
        what = desk.find<QComboBox>("ownWhat");
        what->setCurrentIndex(what->findText(QStringLiteral("Fill h3")));
        QTest::keyClicks(desk.find<QLineEdit>("ownSize"), QStringLiteral("5.2"));
        desk.click("ownKeep");
        EVENTUALLY_COMPARE(desk.document().book()->cuts().size(), std::size_t(2));
        VERIFY_NEAR(desk.document().book()->present().find(HoleId{"h3"})->diameter.millimetres(), 5.2, 1e-9);
    }
    void aBoreThatWasReamedUnaskedIsLogged()
    {
        Desk desk;
        const auto present = [&] {
            return desk.document().book()->present();
        };
        BitDrawer drawer;
        drawer.reamers = {{"Long cone",
                           {{Metres::fromMillimetres(0.0), Metres::fromMillimetres(11.0)},
                            {Metres::fromMillimetres(200.0), Metres::fromMillimetres(15.0)}}}};
        desk.document().setDrawer(drawer);
        const auto asks = [&](const QString& work) {
            desk.window().activateWindow();
            if (!waitFor([&] { return desk.window().isActiveWindow() && desk.idle(); }))
                return false;
            desk.key(Qt::Key_W, Qt::ControlModifier);
            if (!waitFor([&] { return desk.window().findChild<QComboBox*>(QStringLiteral("ownWhat")) != nullptr; }))
                return false;
            auto* what = desk.find<QComboBox>("ownWhat");
            what->setCurrentIndex(what->findText(work));
            return what->currentText() == work;
        };
        const Instrument before = present();
        QVERIFY(asks(QStringLiteral("Ream a stretch of the bore")));
        QTest::keyClicks(desk.find<QLineEdit>("ownFrom"), QStringLiteral("60"));
        QTest::keyClicks(desk.find<QLineEdit>("ownSize"), QStringLiteral("14.4"));
        desk.click("ownKeep"); // to where?
        EVENTUALLY(desk.find<QLabel>("ownTrouble")->isVisible());
        QTest::keyClicks(desk.find<QLineEdit>("ownTo"), QStringLiteral("90"));
        desk.click("ownKeep");
        EVENTUALLY_COMPARE(desk.document().book()->cuts().size(), std::size_t(1));
        VERIFY_NEAR(present().boreDiameterAt(Metres::fromMillimetres(75.0)).millimetres(), 14.4, 1e-9);
        QCOMPARE(present().boreDiameterAt(Metres::fromMillimetres(150.0)), before.boreDiameterAt(Metres::fromMillimetres(150.0)));
        EVENTUALLY(desk.window().findChild<QDialog*>(QStringLiteral("ownWorkDialog")) == nullptr);
        // By a reamer of the drawer, as deep as its tip went: 13 mm wide a hundred millimetres behind its tip.
        QVERIFY(asks(QStringLiteral("Ream with Long cone")));
        QVERIFY(!desk.find<QLineEdit>("ownFrom")->isVisible() && desk.find<QComboBox>("ownEnd")->isVisible());
        QTest::keyClicks(desk.find<QLineEdit>("ownSize"), QStringLiteral("140"));
        desk.click("ownKeep");
        EVENTUALLY_COMPARE(desk.document().book()->cuts().size(), std::size_t(2));
        const Metres behindTip = present().length() - Metres::fromMillimetres(40.0);
        VERIFY_NEAR(present().boreDiameterAt(behindTip).millimetres(),
                    std::max(13.0, before.boreDiameterAt(behindTip).millimetres()), 0.02);
        QVERIFY(!(present() == before));
    }
    void aRingIsPutOnTheFootAndTakenOff()
    {
        Desk desk;
        const auto present = [&] {
            return desk.document().book()->present();
        };
        const Instrument bare = present();
        desk.key(Qt::Key_W, Qt::ControlModifier);
        auto* what = desk.find<QComboBox>("ownWhat");
        QCOMPARE(what->findText(QStringLiteral("Remove the foot piece")), -1); // nothing is on
        what->setCurrentIndex(what->findText(QStringLiteral("Put a bell, funnel or ring on the foot")));
        QVERIFY(!desk.find<QComboBox>("ownHow")->isVisible());
        QCOMPARE(desk.find<QLabel>("ownRecorded")->text(), QStringLiteral("no foot piece"));
        QTest::keyClicks(desk.find<QLineEdit>("ownSize"), QStringLiteral("12"));
        desk.click("ownKeep"); // how wide?
        EVENTUALLY(desk.find<QLabel>("ownTrouble")->isVisible());
        QTest::keyClicks(desk.find<QLineEdit>("ownMouth"), QStringLiteral("15.5"));
        desk.find<QComboBox>("ownShape")->setCurrentIndex(1);
        desk.click("ownKeep");
        EVENTUALLY_COMPARE(desk.document().book()->cuts().size(), std::size_t(1));
        QVERIFY((present().spec().footPiece == FootPiece{Metres::fromMillimetres(12.0), Metres::fromMillimetres(15.5), false}));
        QVERIFY2(desk.find<QListWidget>("stages")->item(app::MainWindow::Logbook)->text().contains(QStringLiteral("0 cuts")),
                 "what comes off again is no cut");
        // It is told and drawn.
        auto* workpiece = desk.find<QWidget>("workpiece");
        EVENTUALLY(workpiece->accessibleDescription().contains(QStringLiteral("foot piece 12 mm long")));
        desk.window().goTo(app::MainWindow::Logbook);
        const auto* log = desk.find<QTableView>("logTable")->model();
        const auto written = [log] {
            for (int row = 0; row < log->rowCount(); ++row)
                if (log->index(row, 2).data().toString().contains(QStringLiteral("12 mm long, mouth 15.5 mm")))
                    return true;
            return false;
        };
        EVENTUALLY(written());
        desk.window().goTo(app::MainWindow::Correct);
        desk.window().activateWindow();
        EVENTUALLY(desk.window().isActiveWindow());
        desk.key(Qt::Key_W, Qt::ControlModifier);
        EVENTUALLY(desk.window().findChild<QComboBox*>(QStringLiteral("ownWhat")) != nullptr);
        what = desk.find<QComboBox>("ownWhat");
        what->setCurrentIndex(what->findText(QStringLiteral("Remove the foot piece")));
        QVERIFY(!desk.find<QLineEdit>("ownSize")->isVisible() && !desk.find<QLineEdit>("ownMouth")->isVisible());
        desk.click("ownKeep");
        EVENTUALLY_COMPARE(desk.document().book()->cuts().size(), std::size_t(2));
        QVERIFY(present() == bare);
    }
};

DOWEL_TEST(TestGuiCorrect)
#include "test_gui_correct.moc"
