// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the last third of the work in the real window: from every note in tune through oil and waiting, measuring and hearing
// again, to the last correction and the passport.
#include "app/finish/finish_page.h"
#include "core/tuning/pitch.h"
#include "gui/gui_support.h"
#include "io/finish_json.h"
#include "player/player.h"
#include "session/at_the_bench.h"
#include "support/long_run.h"
#include "support/test_main.h"

#include <QDialog>
#include <QFile>
#include <QInputDialog>
#include <QLocale>
#include <QTableWidget>
#include <QTimer>

using namespace dowel;
using gui::Desk;

class TestGuiFinish : public gui::WindowTest
{
    Q_OBJECT

    /// By the advice alone until nothing more is to be done; sizes as asked for.
    static bool tunes(Desk& desk)
    {
        for (int guard = 0; guard < 80; ++guard) {
            desk.document().think();
            if (!desk.idle() || !desk.document().recommendation())
                return false;
            const Advice advice = desk.document().recommendation()->advice;
            if (advice.state == AdviceState::Measure)
                for (const FingeringId& id : advice.fingerings)
                    desk.document().sound(id);
            else if (advice.state == AdviceState::MakeCut)
                desk.document().recordCut(advice.steps.front().cut);
            else
                return advice.state == AdviceState::Finished;
            if (!desk.idle())
                return false;
        }
        return false;
    }
    static void hearEvery(Desk& desk)
    {
        for (const Fingering& f : desk.document().book()->present().spec().fingerings)
            desk.document().sound(f.id);
        QVERIFY(desk.idle());
    }
    static QByteArray contentOf(const QString& path)
    {
        QFile file(path);
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
    }
    /// Writes the passport by mouse and key.
    static void writePassport(Desk& desk, const QString& path)
    {
        desk.answers().files << path;
        desk.click("finishPassport");
        auto* dialog = desk.find<QDialog>("passportDialog");
        QVERIFY(QTest::qWaitForWindowExposed(dialog, longestWait_ms));
        auto* serial = dialog->findChild<QLineEdit*>(QStringLiteral("passportSerial"));
        serial->setFocus();
        QTest::keyClicks(serial, QStringLiteral("31"));
        auto* file = dialog->findChild<QPushButton*>(QStringLiteral("passportFile"));
        EVENTUALLY(file->isEnabled());
        QTest::mouseClick(file, Qt::LeftButton);
        EVENTUALLY(desk.window().findChild<QDialog*>(QStringLiteral("passportDialog")) == nullptr);
    }
    static void answerWith(const QString& words)
    {
        gui::whenDialogOpens([words](QWidget* opened) {
            auto* dialog = qobject_cast<QInputDialog*>(opened);
            dialog->setTextValue(words);
            dialog->accept();
        });
    }

private Q_SLOTS:
    void fromInTuneThroughOilToThePassport()
    {
        Desk desk;
        if (longRun()) // else what is not in tune yet is oiled all the same
            QVERIFY(tunes(desk));
        desk.key(Qt::Key_8, Qt::ControlModifier);
        auto* works = desk.find<QTableWidget>("finishWorks");
        QCOMPARE(works->rowCount(), 0);
        hearEvery(desk);
        const auto kept = [&]() -> FinishPlan {
            const std::string* text = desk.document().book()->finish();
            return text == nullptr ? FinishPlan{} : *io::finishFromText(*text);
        };
        desk.click("finishBegin");
        EVENTUALLY_COMPARE(works->rowCount(), static_cast<int>(usualFinish("oil", "", false, {}).works.size()));
        QVERIFY(kept().start == today(desk.time()));
        // Each work is ticked on its day; the clock goes on by what it takes.
        const auto days = [](int n) {
            return std::chrono::duration_cast<std::chrono::milliseconds>(std::chrono::hours(24 * n));
        };
        for (int row = 0; row + 1 < works->rowCount(); ++row) {
            desk.time().advance(days(kept().works[static_cast<std::size_t>(row)].days));
            works->item(row, 0)->setCheckState(Qt::Checked);
            EVENTUALLY(kept().works[static_cast<std::size_t>(row)].done.has_value());
            QVERIFY(desk.idle());
        }
        desk.time().advance(days(1));
        // The oil has narrowed the bore by a tenth, as a gauge shows: measured again, and every note heard again.
        AmendEntry change;
        InstrumentSpec there = desk.document().book()->firstThere().spec();
        for (Station& s : there.bore)
            s.diameter = s.diameter - Metres::fromMillimetres(0.1);
        change.there = there;
        desk.document().amend(change);
        QVERIFY(desk.idle());
        hearEvery(desk);
        auto* moved = desk.find<QTableWidget>("finishMoved");
        EVENTUALLY_COMPARE(moved->rowCount(), static_cast<int>(desk.document().book()->present().spec().fingerings.size()));
        // What is shown is what the player's wood does between the two bores, give or take how he repeats a note.
        const player::SimulatedPlayer player = *session::playerOf(*desk.document().book());
        const Instrument oiled = desk.document().book()->present();
        InstrumentSpec dry = oiled.spec();
        for (Station& s : dry.bore)
            s.diameter = s.diameter + Metres::fromMillimetres(0.1);
        const Instrument before = *Instrument::make(dry);
        for (int row = 0; row < moved->rowCount(); ++row) {
            const Fingering& f = oiled.spec().fingerings[static_cast<std::size_t>(row)];
            const Temperature room = Temperature::fromCelsius(21.0);
            const double truth = centsBetween(*player.truth(oiled, f, room), *player.truth(before, f, room)).cents();
            const double shown = QLocale().toDouble(moved->item(row, 3)->text().replace(QChar(0x2212), QLatin1Char('-')));
            constexpr double repeats_cents = 6.0; // two takes of one cent each, four standard deviations
            QVERIFY2(std::abs(shown - truth) < repeats_cents,
                     qPrintable(QStringLiteral("%1: %2 for %3").arg(row).arg(shown).arg(truth)));
        }
        works->item(works->rowCount() - 1, 0)->setCheckState(Qt::Checked);
        EVENTUALLY(!nextWork(kept()));
        QVERIFY(desk.find<QLabel>("finishWords")->text().contains(QStringLiteral("All steps are done")));
        QVERIFY(tunes(desk)); // the last correction
        desk.key(Qt::Key_8, Qt::ControlModifier);
        // The passport has what was done, on paper and as a page.
        const QString html = desk.file("passport.html");
        writePassport(desk, html);
        const QByteArray page = contentOf(html);
        QVERIFY(page.contains("No. 31") && page.contains("Oil soak") && page.contains("<svg"));
        for (const Fingering& f : desk.document().book()->present().spec().fingerings)
            QVERIFY(page.contains("<td>" + QByteArray::fromStdString(f.id.text) + "</td>"));
        const QString pdf = desk.file("passport.pdf");
        writePassport(desk, pdf);
        QVERIFY(contentOf(pdf).startsWith("%PDF-"));
        const QString ics = desk.file("finish.ics");
        desk.answers().files << ics;
        desk.click("finishCalendar");
        EVENTUALLY(QFile::exists(ics) && app::Jobs::runningInAll() == 0);
        const QByteArray calendar = contentOf(ics);
        QCOMPARE(calendar.count("BEGIN:VEVENT"), works->rowCount());
        QVERIFY(!calendar.contains("BEGIN:VALARM")); // all is done
        QCOMPARE(desk.answers().unexpected, 0);
    }
    void worksAreChangedAndKeptAsARecipe()
    {
        Desk desk;
        desk.key(Qt::Key_8, Qt::ControlModifier);
        auto* works = desk.find<QTableWidget>("finishWorks");
        auto* recipe = desk.find<QComboBox>("finishRecipe");
        recipe->setCurrentIndex(recipe->findData(QStringLiteral("wax")));
        desk.click("finishBegin");
        EVENTUALLY(works->rowCount() > 3);
        const int count = works->rowCount();
        works->setCurrentCell(1, 0);
        answerWith(QStringLiteral("Engrave the ring"));
        desk.click("finishAdd");
        EVENTUALLY_COMPARE(works->rowCount(), count + 1);
        QCOMPARE(works->item(2, 0)->text(), QStringLiteral("Engrave the ring"));
        works->item(2, 1)->setText(QStringLiteral("4"));
        const auto kept = [&] {
            return *io::finishFromText(*desk.document().book()->finish());
        };
        EVENTUALLY_COMPARE(kept().works[2].days, 4);
        works->item(2, 1)->setText(QStringLiteral("none")); // no number of days: told, and left as it was
        EVENTUALLY(desk.message().contains(QStringLiteral("days")));
        EVENTUALLY_COMPARE(works->item(2, 1)->text(), QStringLiteral("4"));
        works->item(2, 4)->setText(QStringLiteral("61.5"));
        EVENTUALLY(kept().works[2].weight_g.has_value());
        works->item(2, 5)->setText(QStringLiteral("45"));
        EVENTUALLY(kept().works[2].humidity && std::abs(*kept().works[2].humidity - 0.45) < 1e-9);
        works->item(2, 3)->setText(QStringLiteral("2026-02-30"));
        EVENTUALLY(desk.message().contains(QStringLiteral("2026-02-30")));
        QVERIFY(!kept().works[2].done);
        works->item(2, 3)->setText(QStringLiteral("2026-03-01"));
        EVENTUALLY(kept().works[2].done.has_value());
        works->setCurrentCell(2, 0);
        desk.click("finishEarlier");
        EVENTUALLY_COMPARE(works->item(1, 0)->text(), QStringLiteral("Engrave the ring"));
        answerWith(QStringLiteral("Mill finish"));
        desk.click("finishKeep");
        EVENTUALLY_COMPARE(recipe->currentText(), QStringLiteral("Mill finish"));
        works->setCurrentCell(1, 0);
        desk.click("finishRemove");
        EVENTUALLY_COMPARE(works->rowCount(), count);
        // The shop's own recipe begins anew with all its works, none done.
        desk.click("finishBegin");
        EVENTUALLY_COMPARE(works->rowCount(), count + 1);
        QCOMPARE(kept().recipe, std::string("Mill finish"));
        for (const FinishWork& w : kept().works)
            QVERIFY(!w.done && !w.weight_g);
        QVERIFY(!desk.find<QLabel>("finishHow")->text().isEmpty());
    }
};

DOWEL_TEST(TestGuiFinish)
#include "test_gui_finish.moc"
