// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the stages before there is a workbook: every family from blank to template by the window's own controls, typed
// lengths in either unit, wishes and what they cost, a scale from a file, a hole dragged, and the workbook at the end.
#include "app/length_field.h"
#include "app/plan.h"
#include "app/workpiece.h"
#include "gui/gui_support.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QMouseEvent>
#include <QTableWidget>

using namespace dowel;
using gui::Desk;

namespace {

void choose(QComboBox* box, int index)
{
    box->setCurrentIndex(index);
    Q_EMIT box->activated(index);
}

bool laidOut(Desk& desk)
{
    desk.click("layoutGo");
    return QTest::qWaitFor([&] { return !desk.window().plan().busy(); }, 30000) && desk.window().plan().layout().has_value();
}

void type(app::LengthField* field, const QString& text)
{
    field->setFocus();
    field->selectAll();
    QTest::keyClicks(field, text);
    QTest::keyClick(field, Qt::Key_Return);
}

} // namespace

class TestGuiPlan : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void everyFamilyGoesFromBlankToTemplate()
    {
        Desk desk(false);
        desk.click("planButton");
        auto* family = desk.find<QComboBox>("blankFamily");
        QVERIFY(family->count() >= 9);
        for (int i = 0; i < family->count(); ++i) {
            desk.key(Qt::Key_1, Qt::ControlModifier);
            choose(family, i);
            QVERIFY(!desk.find<QLabel>("blankChecks")->text().isEmpty());
            desk.key(Qt::Key_3, Qt::ControlModifier);
            QVERIFY(desk.find<QTableWidget>("targetTable")->rowCount() >= 1);
            desk.key(Qt::Key_4, Qt::ControlModifier);
            QVERIFY2(laidOut(desk), qPrintable(family->itemText(i) + desk.window().plan().trouble()));
            desk.key(Qt::Key_5, Qt::ControlModifier);
            QVERIFY(desk.find<QListWidget>("drillSteps")->count() >= 2);
            const QString file = desk.file(("t" + std::to_string(i) + ".pdf").c_str());
            desk.answers().files << file;
            desk.click("drillTemplate_pdf");
            QVERIFY(QFile(file).size() > 2000);
        }
        QCOMPARE(desk.answers().unexpected, 0);
    }
    void theWorkbookIsMadeOfTheStart()
    {
        Desk desk(false);
        desk.click("planButton");
        desk.key(Qt::Key_5, Qt::ControlModifier);
        QVERIFY(!desk.find<QPushButton>("drillMake")->isEnabled());
        desk.key(Qt::Key_4, Qt::ControlModifier);
        QVERIFY(laidOut(desk));
        const Instrument start = desk.window().plan().layout()->start;
        desk.key(Qt::Key_5, Qt::ControlModifier);
        desk.click("drillMake");
        QVERIFY(desk.window().document() != nullptr);
        QCOMPARE(desk.document().book()->specified().spec().holes.size(), start.spec().holes.size());
        VERIFY_NEAR(desk.document().book()->specified().spec().holes[2].diameter.millimetres(),
                    start.spec().holes[2].diameter.millimetres(), 1e-6);
        QCOMPARE(desk.find<QListWidget>("stages")->currentRow(), static_cast<int>(app::MainWindow::Listen));
        // And back: the plan is still there.
        desk.key(Qt::Key_4, Qt::ControlModifier);
        QVERIFY(desk.find<QTableWidget>("layoutHoles")->isVisible());
    }
    void lengthsAreTypedInEitherUnitAndNonsenseIsRefused()
    {
        Desk desk(false);
        desk.click("planButton");
        auto* wall = desk.find<app::LengthField>("blankWall");
        type(wall, QStringLiteral("1/8 in"));
        VERIFY_NEAR(desk.window().plan().blank().spec.wall.millimetres(), 3.175, 1e-9);
        type(wall, QStringLiteral("thick"));
        QVERIFY(desk.message().contains(QLatin1String("thick")));
        VERIFY_NEAR(desk.window().plan().blank().spec.wall.millimetres(), 3.175, 1e-9);
        auto* stations = desk.find<QTableWidget>("blankStations");
        const int rows = stations->rowCount();
        desk.click("blankAddStation");
        QCOMPARE(stations->rowCount(), rows + 1);
        stations->item(1, 1)->setText(QStringLiteral("12.4"));
        VERIFY_NEAR(desk.window().plan().blank().spec.bore[1].diameter.millimetres(), 12.4, 1e-9);
        stations->item(1, 1)->setText(QStringLiteral("-3"));
        QVERIFY(!desk.message().isEmpty());
        VERIFY_NEAR(desk.window().plan().blank().spec.bore[1].diameter.millimetres(), 12.4, 1e-9);
        stations->item(1, 0)->setText(QStringLiteral("900")); // beyond the foot
        QVERIFY(desk.message().contains(QLatin1String("rise")));
    }
    void theSoundingEdgeFollowsTheMouth()
    {
        Desk desk(false);
        desk.click("planButton");
        desk.key(Qt::Key_2, Qt::ControlModifier);
        auto* symptoms = desk.find<QListWidget>("edgeSymptoms");
        auto* table = desk.find<QTableWidget>("edgeTable");
        QVERIFY(symptoms->count() >= 5);
        symptoms->setCurrentRow(2);
        const QString tries = desk.find<QLabel>("edgeTries")->text();
        QVERIFY(tries.indexOf(QLatin1String("1.")) >= 0 &&
                tries.indexOf(QLatin1String("Only then")) > tries.indexOf(QLatin1String("2.")));
        // A longer window raises, a thicker wall there lowers.
        QVERIFY(table->item(0, 1)->text().startsWith(QLatin1Char('+')));
        QVERIFY(table->item(2, 1)->text().startsWith(QStringLiteral("−")));
        auto* family = desk.find<QComboBox>("blankFamily");
        choose(family, family->findData(static_cast<int>(Family::Flute)));
        QCOMPARE(table->rowCount(), 4);
        choose(family, family->findData(static_cast<int>(Family::Reed)));
        QVERIFY(symptoms->item(0)->text().contains(QLatin1String("reed")));
    }
    void aTubeTooShortIsSaidWhereItIsLaidOut()
    {
        Desk desk(false);
        desk.click("planButton");
        auto* stations = desk.find<QTableWidget>("blankStations");
        stations->item(stations->rowCount() - 1, 0)->setText(QStringLiteral("150 mm"));
        desk.key(Qt::Key_4, Qt::ControlModifier);
        QVERIFY(!laidOut(desk));
        QVERIFY2(desk.find<QLabel>("layoutWords")->text().contains(QLatin1String("too short")),
                 qPrintable(desk.find<QLabel>("layoutWords")->text()));
    }
    void theTargetFollowsItsControls()
    {
        Desk desk(false);
        desk.click("planButton");
        desk.key(Qt::Key_3, Qt::ControlModifier);
        auto* scale = desk.find<QComboBox>("targetTemperament");
        choose(scale, scale->findData(QStringLiteral("meantone")));
        const auto& chart = [&]() -> const std::vector<Fingering>& {
            return desk.window().plan().blank().spec.fingerings;
        };
        VERIFY_NEAR(chart()[4].target.hertz(), 880.0, 1e-6); // A keeps its place
        QVERIFY(std::abs(chart()[0].target.hertz() - 587.33) > 1.0);
        // A scale from a file, written and read back.
        const QString file = desk.file("scale.scl");
        desk.answers().files << file;
        desk.click("targetExport");
        QVERIFY(QFile::exists(file));
        choose(scale, scale->findData(QStringLiteral("equal")));
        VERIFY_NEAR(chart()[0].target.hertz(), 587.33, 0.01);
        desk.answers().files << file;
        desk.click("targetImport");
        QVERIFY(std::abs(chart()[0].target.hertz() - 587.33) > 1.0);
        QFile five(desk.file("five.scl"));
        QVERIFY(five.open(QIODevice::WriteOnly));
        five.write("five\n5\n240.\n480.\n720.\n960.\n2/1\n");
        five.close();
        desk.answers().files << five.fileName();
        desk.click("targetImport");
        QVERIFY(desk.message().contains(QLatin1String("5 degrees")));
    }
    void wishesAreKeptAndTheirCostIsTold()
    {
        Desk desk(false);
        desk.click("planButton");
        desk.key(Qt::Key_4, Qt::ControlModifier);
        QTest::mouseClick(desk.find<QCheckBox>("layoutOneBit"), Qt::LeftButton, Qt::NoModifier, QPoint(8, 8));
        QVERIFY(desk.window().plan().wishes().oneBit);
        QVERIFY(laidOut(desk));
        const auto& holes = desk.window().plan().layout()->goal.spec().holes;
        for (const Hole& h : holes)
            VERIFY_NEAR(h.diameter.millimetres(), holes[0].diameter.millimetres(), 1e-6);
        if (!desk.window().plan().layout()->reached)
            QVERIFY(desk.find<QLabel>("layoutWords")->text().contains(QLatin1String("Without")));
    }
    void aHoleIsDraggedAndItsNoteFollows()
    {
        Desk desk(false);
        desk.click("planButton");
        desk.key(Qt::Key_4, Qt::ControlModifier);
        QVERIFY(laidOut(desk));
        auto* piece = desk.find<app::Workpiece>("planWorkpiece");
        const auto before = desk.window().plan().layout()->cents;
        const Metres at = desk.window().plan().layout()->goal.spec().holes[0].at;
        const QPointF from = piece->grip({app::Handle::Kind::Hole, 0});
        const auto send = [&](QEvent::Type type, const QPointF& place, Qt::MouseButtons buttons) {
            QMouseEvent e(type, place, piece->mapToGlobal(place), Qt::LeftButton, buttons, Qt::NoModifier);
            QApplication::sendEvent(piece, &e);
        };
        send(QEvent::MouseButtonPress, from, Qt::LeftButton);
        for (int i = 1; i <= 8; ++i)
            send(QEvent::MouseMove, from + QPointF(-i, 0.0), Qt::LeftButton);
        send(QEvent::MouseButtonRelease, from + QPointF(-8.0, 0.0), Qt::NoButton);
        const auto& layout = desk.window().plan().layout();
        QVERIFY(layout->goal.spec().holes[0].at < at);
        QVERIFY(layout->cents[1] > before[1] + 3.0); // nearer the mouth: its note is sharper
    }
    void thePlanIsThereAgainNextTime()
    {
        Desk desk(false);
        desk.click("planButton");
        auto* family = desk.find<QComboBox>("blankFamily");
        choose(family, family->findData(static_cast<int>(Family::Fife)));
        QVERIFY(QTest::qWaitFor([&] { return QFile::exists(desk.file("plan.json")); }, 5000));
        QTest::qWait(200);
        app::Plan again(desk.file("plan.json"));
        QVERIFY(again.blank().spec.family == Family::Fife);
        QCOMPARE(again.blank().holeCount, std::size_t(6));
        QCOMPARE(again.blank().spec.fingerings.size(), desk.window().plan().blank().spec.fingerings.size());
    }
};

QTEST_MAIN(TestGuiPlan)
#include "test_gui_plan.moc"
