// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the other two faces of Correct: what moves what, by click and list, register by register; and trying a change
// by mouse and by key, with every note following and nothing kept.
#include "app/correct/sensitivity_card.h"
#include "app/correct/try_card.h"
#include "app/document/shop_settings.h"
#include "app/parts/workpiece.h"
#include "app/shop/shop_memory_dialog.h"
#include "gui/gui_support.h"
#include "support/compare.h"
#include "support/test_main.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QMouseEvent>
#include <QTableWidget>

using namespace dowel;
using gui::Desk;

namespace {

/// Correct, with a cut ready.
bool ready(Desk& desk)
{
    if (!desk.hearAll())
        return false;
    desk.key(Qt::Key_Return);
    return waitFor([&] { return desk.window().correctPage()->proposed().has_value(); });
}

void drag(QWidget* widget, const QPointF& from, const QPointF& way, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
{
    const auto send = [&](QEvent::Type type, const QPointF& at, Qt::MouseButton button, Qt::MouseButtons buttons) {
        QMouseEvent event(type, at, widget->mapToGlobal(at), button, buttons, modifiers);
        QApplication::sendEvent(widget, &event);
    };
    send(QEvent::MouseButtonPress, from, Qt::LeftButton, Qt::LeftButton);
    for (int i = 1; i <= 10; ++i)
        send(QEvent::MouseMove, from + way * (i / 10.0), Qt::NoButton, Qt::LeftButton);
    send(QEvent::MouseButtonRelease, from + way, Qt::LeftButton, Qt::NoButton);
}

} // namespace

class TestGuiFaces : public gui::WindowTest
{
    Q_OBJECT

private Q_SLOTS:
    void whatMovesWhatFollowsTheNotePicked()
    {
        Desk desk;
        QVERIFY(ready(desk));
        desk.click("faceSensitivity");
        auto* table = desk.find<QTableWidget>("sensitivityTable");
        EVENTUALLY_COMPARE(table->columnCount(), 3); // place, two registers
        QCOMPARE(table->rowCount(), 8);              // six holes, foot, window
        auto* picture = desk.find<QWidget>("tuningPicture");
        // A click under the second column: E5, which its own hole h1 moves most.
        QTest::mouseClick(picture, Qt::LeftButton, Qt::NoModifier,
                          QPoint(64 + static_cast<int>((picture->width() - 72) / 14.0 * 1.5), 200));
        QCOMPARE(desk.find<QComboBox>("sensitivityNote")->currentIndex(), 1);
        const auto& shown = desk.window().correctPage()->sensitivity().shown();
        EVENTUALLY(shown.size() == 2 && std::abs(shown[0].note.holes[0].cents()) > std::abs(shown[0].note.holes[1].cents()));
        for (const auto& r : shown)
            for (std::size_t i = 1; i < 6; ++i)
                QVERIFY(std::abs(r.note.holes[0].cents()) > std::abs(r.note.holes[i].cents()));
        QCOMPARE(table->item(5, 0)->text(), QStringLiteral("h1"));
        VERIFY_NEAR(table->item(5, 1)->text().toDouble(), shown[0].note.holes[0].cents(), 0.0051);
        desk.click("faceNextCut");
        EVENTUALLY(desk.find<QLineEdit>("calipers")->hasFocus());
    }
    void draggingMovesEveryNoteAndKeepsNothing()
    {
        Desk desk;
        QVERIFY(ready(desk));
        desk.click("faceTryIt");
        auto* piece = desk.find<app::Workpiece>("workpiece");
        app::TryCard& card = desk.window().correctPage()->tryCard();
        const Instrument bench = desk.document().book()->present();
        const app::Handle h3{app::Handle::Kind::Hole, 2};
        drag(piece, piece->grip(h3), QPointF(0.0, -50.0));
        VERIFY_NEAR(card.tried().find(HoleId{"h3"})->diameter.millimetres(), 6.3, 1e-6);
        desk.settle();
        const std::size_t g5 = *bench.indexOf(FingeringId{"G5"});
        QVERIFY(card.notes()[g5].cents > desk.document().recommendation()->now[g5].cents + 10.0);
        VERIFY_NEAR(card.notes()[0].cents, desk.document().recommendation()->now[0].cents, 2.0);
        QVERIFY(desk.find<QLabel>("triedChanges")->text().contains(QStringLiteral("h3: 5.3 → 6.3 mm")));
        QVERIFY(desk.find<QWidget>("tuningPicture")->accessibleDescription().contains(QLatin1String("trial")));

        // With Shift a tenth as far; the foot follows the pointer.
        drag(piece, piece->grip(h3), QPointF(0.0, -50.0), Qt::ShiftModifier);
        VERIFY_NEAR(card.tried().find(HoleId{"h3"})->diameter.millimetres(), 6.4, 1e-6);
        const app::Handle foot{app::Handle::Kind::Foot, 0};
        const QPointF end = piece->grip(foot);
        drag(piece, end, QPointF(-12.0, 0.0));
        VERIFY_NEAR(piece->grip(foot).x(), end.x() - 12.0, 0.5);
        desk.settle();
        QVERIFY(card.notes()[0].cents > desk.document().recommendation()->now[0].cents + 5.0);

        // A hole cannot grow beyond the bore: it stops at the last size that could be.
        drag(piece, piece->grip(h3), QPointF(0.0, -600.0));
        QVERIFY(card.tried().find(HoleId{"h3"})->diameter <= bench.boreDiameterAt(bench.find(HoleId{"h3"})->at));

        QVERIFY(desk.document().book()->cuts().empty());
        QCOMPARE(desk.document().book()->present(), bench);
        desk.click("tryBackButton");
        QCOMPARE(card.tried(), bench);
        QCOMPARE(desk.find<QLabel>("triedChanges")->text(), QStringLiteral("No change yet."));
    }
    void keysChooseAndChange()
    {
        Desk desk;
        QVERIFY(ready(desk));
        desk.click("faceTryIt");
        auto* piece = desk.find<QWidget>("workpiece");
        piece->setFocus();
        desk.key(Qt::Key_Left); // from the foot to h1
        desk.key(Qt::Key_Up);
        desk.key(Qt::Key_Up);
        const app::TryCard& card = desk.window().correctPage()->tryCard();
        VERIFY_NEAR(card.tried().find(HoleId{"h1"})->diameter.millimetres(), 5.5, 1e-6);
        desk.key(Qt::Key_Down);
        desk.key(Qt::Key_Down);
        desk.key(Qt::Key_Down);
        QVERIFY(desk.find<QLabel>("triedChanges")->text().contains(QLatin1String("needs material added")));
        desk.key(Qt::Key_Right);
        desk.key(Qt::Key_Down);
        VERIFY_NEAR(card.tried().length().millimetres(), 277.0, 1e-6);
    }
    void octavesAndOutcomesAreShown()
    {
        Desk desk;
        QVERIFY(ready(desk));
        desk.click("faceRegisters");
        EVENTUALLY_COMPARE(desk.find<QTableWidget>("registerTable")->rowCount(), 7); // seven fingerings in two registers
        QVERIFY(desk.find<QTableWidget>("leverTable")->rowCount() >= 4);
        QVERIFY(desk.find<QLabel>("registerWords")->text().contains(QLatin1String("cents too")));
        desk.click("faceOutcome");
        QVERIFY(desk.find<QLabel>("outcomeWords")->text().contains(QLatin1String("After a cut")));
        QVERIFY(!desk.find<QTableWidget>("outcomeTable")->isVisible());
        desk.click("faceNextCut");
        for (int pass = 0; pass < 2; ++pass) { // two listenings, and what was cut between
            for (int i = 0; i < 12 && desk.window().correctPage()->proposed(); ++i) {
                const auto cuts = desk.document().book()->cuts().size();
                desk.window().correctPage()->recordCut();
                QVERIFY(waitFor([&] {
                    return desk.document().book()->cuts().size() > cuts && desk.document().recommendation().has_value();
                }));
            }
            desk.click("goListenButton");
            QVERIFY(desk.hearAll());
            desk.key(Qt::Key_Return);
            QVERIFY(waitFor([&] { return desk.document().recommendation().has_value(); }));
        }
        desk.click("faceOutcome");
        auto* table = desk.find<QTableWidget>("outcomeTable");
        QVERIFY(table->isVisible() && table->rowCount() >= 10);
        QVERIFY(desk.find<QLabel>("outcomeWords")->text().contains(QLatin1String("results lie within")));
    }
    void theShopMemoryIsSeenSwitchedOffAndForgotten()
    {
        QTemporaryDir dir;
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, dir.path());
        const std::string file = dir.filePath(QStringLiteral("memory.sqlite")).toStdString();
        {
            auto memory = ShopMemory::open(file);
            VERIFY_OK(memory);
            SharedEstimate e = sharedOf({}, Family::Whistle);
            e.covariance *= 0.2;
            e.mean[1] = 0.2;
            VERIFY_OK(memory->remember({"a.dowel", "Heron 3", Family::Whistle, "2026-03-04T10:00:00Z", 14, e}));
        }
        auto opened = ShopMemory::open(file);
        VERIFY_OK(opened);
        app::ShopMemoryDialog dialog(std::make_shared<ShopMemory>(std::move(*opened)));
        dialog.show();
        auto* table = dialog.findChild<QTableWidget*>(QStringLiteral("shopTable"));
        auto* learnt = dialog.findChild<QTableWidget*>(QStringLiteral("shopLearnt"));
        EVENTUALLY_COMPARE(table->rowCount(), 1);
        QVERIFY(learnt->isVisible() && learnt->item(1, 1)->text() != learnt->item(1, 2)->text());
        auto* use = dialog.findChild<QCheckBox*>(QStringLiteral("useShopMemory"));
        QVERIFY(use->isChecked() && app::usesShopMemory());
        use->click();
        QVERIFY(!app::usesShopMemory());
        use->click();
        QTest::mouseClick(dialog.findChild<QPushButton*>(QStringLiteral("forgetButton")), Qt::LeftButton);
        EVENTUALLY_COMPARE(table->rowCount(), 0);
        QVERIFY(!learnt->isVisible());
        QVERIFY(ShopMemory::open(file)->all()->empty());
    }
    void withoutRecommendationNothingIsShownAndNothingBreaks()
    {
        Desk desk;
        desk.key(Qt::Key_7, Qt::ControlModifier);
        desk.click("faceTryIt");
        auto* piece = desk.find<app::Workpiece>("workpiece");
        drag(piece, QPointF(400.0, 60.0), QPointF(0.0, -30.0));
        desk.click("faceSensitivity");
        QVERIFY(desk.idle());
        desk.click("faceTryIt");
        QVERIFY(desk.idle());
        QVERIFY(desk.document().book()->cuts().empty());
    }
};

DOWEL_TEST(TestGuiFaces)
#include "test_gui_faces.moc"
