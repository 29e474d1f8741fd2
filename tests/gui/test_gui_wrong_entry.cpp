// SPDX-License-Identifier: GPL-3.0-or-later
// Proves in the window that what was entered wrongly is found out by the first full set of readings, in words, and that
// there is a way on: a hole typed wrongly, two fingerings swapped, a room in Fahrenheit.
#include "gui/gui_support.h"
#include "io/audio_file.h"
#include "io/spec_json.h"
#include "player/player.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <QAction>
#include <QComboBox>
#include <QDialog>
#include <QDir>
#include <QDoubleSpinBox>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QMimeData>
#include <QTableWidget>
#include <map>

using namespace dowel;
using gui::Desk;

namespace {

/// The demo's whistle with a hole typed by so many millimetres too wide.
InstrumentSpec typed(std::size_t hole, double by_mm)
{
    InstrumentSpec s = fixtures::whistleSpec();
    s.holes[hole].diameter = s.holes[hole].undercutDiameter = s.holes[hole].diameter + fixtures::mm(by_mm);
    return s;
}

bool startFrom(Desk& desk, const InstrumentSpec& spec)
{
    const QString file = desk.file("typed.json");
    const QString text = QString::fromStdString(io::specText(Instrument::make(spec).value()));
    QFile f(file);
    if (!f.open(QIODevice::WriteOnly))
        return false;
    f.write(text.toUtf8());
    f.close();
    desk.answers().files = {file, desk.file("book.dowel")};
    desk.click("newButton");
    return gui::opens(desk.window());
}

/// Recordings of the wood as it is, one a fingering, dropped on the window. played: what is blown where another is asked.
bool hearTheWood(Desk& desk, const std::map<std::string, std::string>& played = {})
{
    const Instrument wood = fixtures::whistle();
    const player::SimulatedPlayer maker({10, Temperature::fromCelsius(21.0), 24.0});
    const QString folder = desk.file("takes");
    QDir().mkpath(folder);
    for (const Fingering& f : wood.spec().fingerings) {
        const auto other = played.find(f.id.text);
        const auto take = maker.play(wood, other == played.end() ? f : *wood.find(FingeringId{other->second}), 0);
        if (!take ||
            !io::writeAudioFile((folder + QStringLiteral("/%1.wav").arg(QString::fromStdString(f.id.text))).toStdString(),
                                take->samples))
            return false;
    }
    desk.key(Qt::Key_6, Qt::ControlModifier);
    auto* room = desk.find<QDoubleSpinBox>("roomTemperature");
    room->setFocus();
    room->selectAll();
    QTest::keyClicks(room, QStringLiteral("21"));
    desk.key(Qt::Key_Return);
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(folder)});
    QDragEnterEvent enter(QPoint(400, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&desk.window(), &enter);
    QDropEvent drop(QPointF(400, 400), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&desk.window(), &drop);
    return desk.idle() && desk.readings() == wood.spec().fingerings.size();
}

QString card(Desk& desk)
{
    desk.key(Qt::Key_7, Qt::ControlModifier);
    auto& document = desk.document();
    (void)waitFor([&] { return document.recommendation().has_value() && !document.busy(); });
    return desk.find<QLabel>("cardWhat")->text() + QLatin1Char('\n') + desk.find<QLabel>("cardWhy")->text();
}

} // namespace

class TestGuiWrongEntry : public gui::WindowTest
{
    Q_OBJECT

private Q_SLOTS:
    void aHoleThatCannotBeIsRefusedWithItsName()
    {
        Desk desk(false);
        const QString file = desk.file("typed.json");
        QString text = QString::fromStdString(io::specText(fixtures::whistle()));
        text.replace(QLatin1String("6.1"), QLatin1String("16.1")); // h4, in a bore of 12 to 15
        QFile f(file);
        QVERIFY(f.open(QIODevice::WriteOnly));
        f.write(text.toUtf8());
        f.close();
        desk.answers().files = {file, desk.file("book.dowel")};
        desk.click("newButton");
        EVENTUALLY(desk.message().contains(QLatin1String("h4")));
    }
    void aHoleTypedWronglyIsNamedMeasuredAgainAndTheWorkGoesOn()
    {
        Desk desk(false);
        QVERIFY(startFrom(desk, typed(2, 2.0)));
        QVERIFY(hearTheWood(desk));
        const QString words = card(desk);
        QVERIFY2(words.startsWith(QLatin1String("Do not cut yet")) && words.contains(QLatin1String("h3 behaves as if it were")) &&
                     words.contains(QLatin1String("smaller")),
                 qPrintable(words));
        QVERIFY(!desk.find<QLineEdit>("calipers")->isVisible());
        auto* again = desk.find<QPushButton>("measureAgainButton");
        QCOMPARE(again->text(), QStringLiteral("Measure h3 again  (Enter)"));
        EVENTUALLY(again->hasFocus());
        desk.key(Qt::Key_Return);
        auto* size = desk.find<QLineEdit>("measureSize");
        EVENTUALLY(size->hasFocus());
        QCOMPARE(size->text(), QStringLiteral("7.3"));
        size->selectAll();
        QTest::keyClicks(size, QStringLiteral("large"));
        QTest::keyClick(size, Qt::Key_Return);
        QVERIFY(desk.find<QLabel>("measureTrouble")->text().contains(QLatin1String("large"))); // and the dialog stays
        size->selectAll();
        QTest::keyClicks(size, QStringLiteral("5.3"));
        QTest::keyClick(size, Qt::Key_Return);
        EVENTUALLY(desk.window().correctPage()->proposed().has_value());
        VERIFY_NEAR(desk.document().book()->specified().find(HoleId{"h3"})->diameter.millimetres(), 5.3, 1e-9);
    }
    void aSizeThatIsConfirmedIsNotDoubtedAgain()
    {
        // A leak, say: the calipers stand by the record, and the advice goes on with what the readings tell.
        Desk desk(false);
        QVERIFY(startFrom(desk, typed(2, 2.0)));
        QVERIFY(hearTheWood(desk));
        QVERIFY(card(desk).contains(QLatin1String("h3")));
        desk.click("measureAgainButton");
        auto* size = desk.find<QLineEdit>("measureSize");
        EVENTUALLY(size->hasFocus());
        QTest::keyClick(size, Qt::Key_Return);
        EVENTUALLY(desk.document().book()->measuredAgain(HoleId{"h3"}));
        EVENTUALLY(desk.document().recommendation().has_value() && !desk.document().busy());
        const auto& advice = desk.document().recommendation()->advice;
        QVERIFY(!advice.contradiction || advice.contradiction->what != "h3");
    }
    void twoSwappedFingeringsAreNamedTogether()
    {
        Desk desk(false);
        QVERIFY(startFrom(desk, fixtures::whistleSpec()));
        QVERIFY(hearTheWood(desk, {{"F#5", "G5"}, {"G5", "F#5"}}));
        const QString words = card(desk);
        QVERIFY2(words.contains(QStringLiteral("F♯5 and G5")) || words.contains(QStringLiteral("F#5 and G5")), qPrintable(words));
        QVERIFY(desk.find<QPushButton>("goListenButton")->isVisible());
    }
    void fahrenheitIsAnsweredWithCelsius()
    {
        Desk desk;
        auto* room = desk.find<QDoubleSpinBox>("roomTemperature");
        const double before = room->value();
        QVERIFY(room->isEnabled());
        QTest::mouseClick(room, Qt::LeftButton);
        room->selectAll();
        QTest::keyClicks(room, QStringLiteral("70"));
        QTest::keyClick(room, Qt::Key_Return);
        QVERIFY2(desk.message().contains(QLatin1String("Fahrenheit")) && desk.message().contains(QLatin1String("21.1")),
                 qPrintable(desk.message()));
        VERIFY_NEAR(room->value(), before, 1e-9);
        VERIFY_NEAR(desk.document().room().celsius(), before, 1e-9);
        QVERIFY(!room->hasFocus());
        room->setFocus();
        room->selectAll();
        QTest::keyClicks(room, QStringLiteral("21.1"));
        QTest::keyClick(room, Qt::Key_Return);
        VERIFY_NEAR(desk.document().room().celsius(), 21.1, 1e-9);
    }
    void anySizeCanBeMeasuredAgainFromTheMenu()
    {
        Desk desk;
        const auto actions = desk.window().findChildren<QAction*>();
        const auto menu = std::find_if(actions.begin(), actions.end(), [](const QAction* a) {
            return QString(a->text()).remove(QLatin1Char('&')) == QStringLiteral("Measure again…");
        });
        QVERIFY(menu != actions.end() && (*menu)->isEnabled());
        (*menu)->trigger();
        auto* what = desk.find<QComboBox>("measureWhat");
        QVERIFY(what->count() > 20); // whatever can be measured
        auto* size = desk.find<QLineEdit>("measureSize");
        EVENTUALLY(size->hasFocus());
        QTest::keyClick(what, Qt::Key_Home);
        QCOMPARE(size->text(), QStringLiteral("5.3"));
        size->selectAll();
        QTest::keyClicks(size, QStringLiteral("5.4"));
        QTest::keyClick(size, Qt::Key_Return);
        EVENTUALLY_COMPARE(desk.document().book()->present().find(HoleId{"h1"})->diameter.millimetres(), 5.4);
    }
    void everythingIsMeasuredAgainInATable()
    {
        Desk desk;
        desk.window().correctPage()->measureAgain();
        auto* dialog = desk.find<QDialog>("measureDialog");
        dialog->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(dialog, longestWait_ms));
        desk.click("measureAll");
        auto* table = desk.find<QTableWidget>("measureTable");
        QVERIFY(table->isVisible());
        const auto type = [&](const QString& what, const char* size) {
            const auto rows = table->findItems(what, Qt::MatchStartsWith);
            QVERIFY2(rows.size() == 1, qPrintable(what));
            table->setCurrentCell(rows.front()->row(), 2);
            QTest::keyClick(table, Qt::Key_F2);
            EVENTUALLY(qobject_cast<QLineEdit*>(QApplication::focusWidget()) != nullptr);
            auto* editor = qobject_cast<QLineEdit*>(QApplication::focusWidget());
            QVERIFY(editor != nullptr);
            editor->selectAll();
            QTest::keyClicks(editor, QLatin1String(size));
            QTest::keyClick(editor, Qt::Key_Return);
            EVENTUALLY_COMPARE(table->item(rows.front()->row(), 2)->text(), QLatin1String(size));
        };
        desk.click("measureKeep");
        QVERIFY(desk.find<QLabel>("measureTrouble")->isVisible()); // nothing was typed
        const InstrumentSpec before = desk.document().book()->present().spec();
        type(QStringLiteral("window length"), "wide");
        desk.click("measureKeep");
        QVERIFY2(desk.find<QLabel>("measureTrouble")->text().contains(QLatin1String("window length")),
                 qPrintable(desk.find<QLabel>("measureTrouble")->text()));
        type(QStringLiteral("window length"), "5.35");
        type(QStringLiteral("width of h2"), "6.05");
        type(QStringLiteral("position of h2"), "193.2");
        type(QStringLiteral("bore at 0 mm"), "14.05");
        desk.click("measureKeep");
        EVENTUALLY(desk.document().book()->present().find(HoleId{"h2"})->diameter > fixtures::mm(6.0));
        const Instrument now = desk.document().book()->present();
        VERIFY_NEAR(std::get<Duct>(now.spec().excitation).windowLength.millimetres(), 5.35, 1e-9);
        VERIFY_NEAR(now.find(HoleId{"h2"})->diameter.millimetres(), 6.05, 1e-9);
        VERIFY_NEAR(now.find(HoleId{"h2"})->at.millimetres(), 193.2, 1e-9);
        VERIFY_NEAR(now.boreDiameterAt({}).millimetres(), 14.05, 1e-9);
        QVERIFY(now.find(HoleId{"h3"})->at == before.holes[2].at);
    }
};

DOWEL_TEST(TestGuiWrongEntry)
#include "test_gui_wrong_entry.moc"
