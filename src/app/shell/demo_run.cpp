// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/demo_run.h"

#include "app/correct/correct_page.h"
#include "app/correct/sensitivity_card.h"
#include "app/correct/try_card.h"
#include "app/design/plan.h"
#include "app/document/take_dialog.h"
#include "app/finish/finish_page.h"
#include "app/listen/far_view.h"
#include "app/listen/listen_page.h"
#include "app/listen/listener.h"
#include "app/shell/main_window.h"
#include "io/whole_file.h"
#include "report/report.h"
#include "session/passport.h"

#include <QDir>
#include <QListWidget>
#include <QPixmap>
#include <QPushButton>
#include <QTableWidget>

namespace dowel::app {

DemoRun::DemoRun(MainWindow& window, QString folder, QObject* parent)
    : QObject(parent), m_window(&window), m_folder(std::move(folder))
{
    // Longer than a glide, so that every picture shows a settled view.
    constexpr int tick_ms = 260;
    m_tick.setInterval(tick_ms);
    connect(&m_tick, &QTimer::timeout, this, &DemoRun::step);
}

void DemoRun::start()
{
    QDir().mkpath(m_folder);
    m_tick.start();
}

void DemoRun::shoot(const QString& name)
{
    if (m_shot.contains(name))
        return;
    m_shot << name;
    m_ok = m_window->grab().save(m_folder + QLatin1Char('/') + name + QStringLiteral(".png")) && m_ok;
}

bool DemoRun::shootShop()
{
    if (m_shot.contains(QStringLiteral("compare")))
        return true;
    auto* list = m_window->findChild<QListWidget*>(QStringLiteral("shopList"));
    auto* table = m_window->findChild<QTableWidget*>(QStringLiteral("compareTable"));
    constexpr int instruments = 7; // of the demo's shop, with the one on the bench
    if (!m_shot.contains(QStringLiteral("shop"))) {
        if (!list->isVisible())
            m_window->showShop();
        if (list->count() < instruments || ++m_settled < 2)
            return false;
        m_settled = 0;
        shoot(QStringLiteral("shop"));
        list->clearSelection();
        for (int row = 0; row < list->count(); ++row)
            if (list->item(row)->data(Qt::AccessibleTextRole).toString().startsWith(QLatin1String("Heron")))
                list->item(row)->setSelected(true);
        m_window->setLook(Style::Look::Dark);
        m_window->findChild<QPushButton*>(QStringLiteral("shopCompare"))->click();
        return false;
    }
    if (table->rowCount() < 4 || ++m_settled < 2)
        return false;
    m_settled = 0;
    shoot(QStringLiteral("compare"));
    m_window->setLook(Style::Look::Light);
    return true;
}

bool DemoRun::shootPlan()
{
    const std::pair<MainWindow::Stage, QString> stages[] = {{MainWindow::Blank, QStringLiteral("blank")},
                                                            {MainWindow::Edge, QStringLiteral("edge")},
                                                            {MainWindow::Target, QStringLiteral("target")},
                                                            {MainWindow::Layout, QStringLiteral("layout")},
                                                            {MainWindow::Drill, QStringLiteral("drill")}};
    for (const auto& [stage, name] : stages) {
        if (m_shot.contains(name))
            continue;
        if (m_stage != stage) {
            m_window->goTo(stage);
            m_stage = stage;
            if (stage == MainWindow::Layout)
                m_window->plan().layOut();
            return false;
        }
        constexpr int sums = 8; // ticks in which what stands beside is worked out
        if (m_window->plan().busy() || ++m_settled < (stage == MainWindow::Drill ? sums : 1))
            return false;
        m_settled = 0;
        shoot(name);
        return false;
    }
    if (m_stage != MainWindow::Listen) {
        m_stage = MainWindow::Listen;
        m_window->goTo(MainWindow::Listen);
    }
    return true;
}

bool DemoRun::shootFaces()
{
    CorrectPage* page = m_window->correctPage();
    if (!m_shot.contains(QStringLiteral("correct"))) {
        shoot(QStringLiteral("correct"));
        page->setFace(CorrectPage::Face::Sensitivity);
        page->sensitivity().choose(4);
        return false;
    }
    if (!m_shot.contains(QStringLiteral("moves"))) {
        shoot(QStringLiteral("moves"));
        page->setFace(CorrectPage::Face::TryIt);
        const Instrument bench = page->tryCard().tried();
        const Handle holes[] = {{Handle::Kind::Hole, 3}, {Handle::Kind::Hole, 4}};
        for (const Handle& h : holes)
            page->tryCard().resize(h, sizeOf(bench, h) + Metres::fromMillimetres(1.2));
        page->tryCard().resize({Handle::Kind::Foot, 0}, bench.length() - Metres::fromMillimetres(4.0));
        return false;
    }
    shoot(QStringLiteral("try"));
    page->setFace(CorrectPage::Face::NextCut);
    return true;
}

bool DemoRun::shootTake()
{
    if (m_shot.contains(QStringLiteral("take")))
        return true;
    ListenPage* page = m_window->listenPage();
    auto* timbre = page->findChild<QPushButton*>(QStringLiteral("timbreFace"));
    if (!m_shot.contains(QStringLiteral("timbre")) && !timbre->isChecked()) {
        timbre->click();
        return false; // it is worked out meanwhile
    }
    if (!m_shot.contains(QStringLiteral("timbre"))) {
        shoot(QStringLiteral("timbre"));
        page->findChild<QPushButton*>(QStringLiteral("pitchFace"))->click();
    }
    auto* dialog = page->findChild<TakeDialog*>();
    if (dialog == nullptr) {
        page->openTake();
        return false;
    }
    if (dialog->busy())
        return false;
    m_shot << QStringLiteral("take");
    m_ok = dialog->grab().save(m_folder + QStringLiteral("/take.png")) && m_ok;
    dialog->close();
    return true;
}

bool DemoRun::shootHandsFree()
{
    ListenPage* page = m_window->listenPage();
    if (m_shot.contains(QStringLiteral("far")))
        return true;
    if (!page->listener().running()) {
        page->setHandsFree(true);
        return false;
    }
    constexpr double wellOn = 0.6;
    if (page->listener().heard().ear != session::Ear::Near || page->listener().heard().steady < wellOn)
        return false;
    FarView far;
    far.setAttribute(Qt::WA_DontShowOnScreen);
    const Instrument& shape = m_window->document()->book()->present();
    far.showAsked(shape.spec().holes, shape.find(*page->asked()));
    far.showHeard(page->listener().heard(), page->heardWords());
    far.show();
    m_ok = far.grab().save(m_folder + QStringLiteral("/far.png")) && m_ok;
    m_shot << QStringLiteral("far");
    page->setHandsFree(false);
    return true;
}

bool DemoRun::shootEnd()
{
    if (!m_shot.contains(QStringLiteral("done"))) {
        shoot(QStringLiteral("done"));
        m_window->correctPage()->setFace(CorrectPage::Face::Outcome);
        return false; // the next tick finds it laid out
    }
    if (!m_shot.contains(QStringLiteral("outcome"))) {
        shoot(QStringLiteral("outcome"));
        m_window->correctPage()->setFace(CorrectPage::Face::NextCut);
        m_window->goTo(MainWindow::Finish);
        m_window->findChild<QPushButton*>(QStringLiteral("finishBegin"))->click();
        return false;
    }
    if (!m_shot.contains(QStringLiteral("finish"))) {
        if (!m_window->finishPage()->plan())
            return false;
        shoot(QStringLiteral("finish"));
        m_jobs.run(
            [book = m_window->document()->book(), plan = m_window->finishPage()->plan(),
             to = (m_folder + QStringLiteral("/passport.pdf")).toStdString()](const Cancel& cancel) -> Status {
                const auto whole = DOWEL_TRY(session::wholePassport(*book, cancel));
                const auto passport = report::written(whole, plan, {}, true, draw::Paper::A4);
                return passport ? io::writeFileWhole(to, *passport) : Status(passport.error());
            },
            [this](const Status& written) { m_ok = written.ok() && m_ok; });
        m_window->goTo(MainWindow::Logbook);
        return false;
    }
    if (m_jobs.busy())
        return false;
    shoot(QStringLiteral("logbook"));
    return true;
}

void DemoRun::step()
{
    Document* document = m_window->document();
    constexpr int longestWait = 4000; // ticks: a quarter of an hour, for machines that are busy
    if (++m_patience > longestWait) {
        m_tick.stop();
        Q_EMIT ended(false, tr("The loop stood still for too long."));
        return;
    }
    if (document->busy() || !shootShop() || !shootPlan())
        return;
    m_patience = 0;
    ListenPage* listen = m_window->listenPage();
    const bool listening = listen->isVisible();
    if (listening && !listen->pending().empty()) {
        if (listen->pending().size() == 6)
            shoot(QStringLiteral("listen"));
        if (m_rounds == 0)
            m_rounds = 1;
        if (listen->pending().size() == 6 && !shootHandsFree())
            return;
        listen->sound();
        return;
    }
    const auto& recommendation = document->recommendation();
    if (!recommendation) {
        document->think();
        return;
    }
    if (listening && !shootTake())
        return;
    if (listening) {
        m_window->goTo(MainWindow::Correct);
        return;
    }
    switch (recommendation->advice.state) {
    case AdviceState::Measure:
        ++m_rounds;
        m_window->goTo(MainWindow::Listen);
        return;
    case AdviceState::MakeCut:
        if (m_cuts == 0 && !shootFaces())
            return;
        ++m_cuts;
        m_window->correctPage()->recordCut();
        return;
    case AdviceState::Finished:
    case AdviceState::Stop: break;
    }
    if (!shootEnd())
        return;
    m_tick.stop();
    const Advice& a = recommendation->advice;
    const bool home = a.state == AdviceState::Finished && a.withinTolerance == a.of;
    Q_EMIT ended(home && m_ok, tr("%1 of %2 notes within tolerance after %3 cuts and %4 sessions; pictures in %5")
                                   .arg(a.withinTolerance)
                                   .arg(a.of)
                                   .arg(m_cuts)
                                   .arg(m_rounds)
                                   .arg(m_folder));
}

} // namespace dowel::app

#include "moc_demo_run.cpp"
