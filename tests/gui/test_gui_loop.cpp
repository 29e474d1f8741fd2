// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the main job, by keyboard alone in the real window: from the fresh practice blank to every note within
// tolerance, each advised cut made with a small tool error, and the result held against the hidden truth.
#include "core/base/random.h"
#include "gui/gui_support.h"
#include "session/at_the_bench.h"
#include "support/test_main.h"

using namespace dowel;
using gui::Desk;

class TestGuiLoop : public gui::WindowTest
{
    Q_OBJECT

private Q_SLOTS:
    void fromTheFreshBlankToInTuneByKeyboardAlone()
    {
        Desk desk;
        Random tool(2026);
        int cuts = 0;
        int rounds = 0;
        auto* stages = desk.find<QListWidget>("stages");
        for (int guard = 0; guard < 60; ++guard) {
            QVERIFY(desk.idle());
            if (stages->currentRow() == app::MainWindow::Listen) {
                ++rounds;
                QVERIFY(desk.hearAll());
                desk.key(Qt::Key_Return); // nothing left to hear: on to the next cut
                QCOMPARE(stages->currentRow(), static_cast<int>(app::MainWindow::Correct));
            }
            EVENTUALLY(desk.document().recommendation().has_value());
            const Advice& advice = desk.document().recommendation()->advice;
            if (advice.state == AdviceState::Measure) {
                EVENTUALLY(desk.find<QPushButton>("goListenButton")->isVisible());
                desk.key(Qt::Key_Return);
                QCOMPARE(stages->currentRow(), static_cast<int>(app::MainWindow::Listen));
                continue;
            }
            if (advice.state != AdviceState::MakeCut)
                break;
            const Cut cut = advice.steps.front().cut;
            const double slip = tool.uniform(-0.03, 0.05);
            const double size = wantedSize(cut).millimetres() + (std::holds_alternative<TrimFoot>(cut) ? -slip : slip);
            auto* calipers = desk.find<QLineEdit>("calipers");
            EVENTUALLY(calipers->hasFocus());
            desk.key(Qt::Key_A, Qt::ControlModifier);
            QTest::keyClicks(calipers, QString::number(size, 'f', 2));
            desk.key(Qt::Key_Return);
            ++cuts;
            EVENTUALLY_COMPARE(static_cast<int>(desk.document().book()->cuts().size()), cuts);
        }
        const auto book = desk.document().book();
        QVERIFY(desk.document().recommendation()->advice.state == AdviceState::Finished);
        const QString said = desk.find<QLabel>("cardWhat")->text();
        QVERIFY2(said.startsWith(QStringLiteral("Every note is ")), qPrintable(said));
        QVERIFY(desk.find<QLabel>("cardWhy")->text().contains(QStringLiteral(" that every note is within tolerance")));
        const player::SimulatedPlayer truth = *session::playerOf(*book);
        double worst = 0.0;
        double sharpest = -1e9;
        for (const Fingering& f : book->present().spec().fingerings) {
            const double off =
                1200.0 *
                std::log2(truth.truth(book->present(), f, book->present().spec().tuning.playedAt)->hertz() / f.target.hertz());
            worst = std::max(worst, std::abs(off));
            sharpest = std::max(sharpest, off);
            // What is known of a note is known to a cent or two.
            QVERIFY2(std::abs(off) <= f.tolerance.cents() + 2.0,
                     qPrintable(QStringLiteral("%1: %2 cents").arg(QString::fromStdString(f.id.text)).arg(off)));
        }
        qInfo("%d cuts, %d rounds of listening, worst %.1f cents, sharpest %.1f", cuts, rounds, worst, sharpest);
        QVERIFY(cuts <= 25);
        // And the file holds all of it.
        const QString path = desk.document().path();
        const auto store = Store::open(path.toStdString(), Store::Mode::Look);
        VERIFY_OK(store);
        VERIFY_OK(store->verify());
        QCOMPARE(store->book().entries().size(), book->entries().size());
    }
};

DOWEL_TEST(TestGuiLoop)
#include "test_gui_loop.moc"
