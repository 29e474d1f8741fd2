// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/stage_list.h"

#include "app/design/plan.h"
#include "app/document/document.h"
#include "app/shell/main_window.h"
#include "session/finish_shift.h"
#include "text/finish.h"
#include "text/sentences.h"

#include <algorithm>

namespace dowel::app {

namespace {

constexpr int narrowest = 176;

/// What is due of the finish, in a word.
QString finishWords(const Workbook& book)
{
    const auto plan = session::finishOf(book);
    if (!plan || !*plan)
        return StageList::tr("not started");
    const auto next = nextWork(**plan);
    return next ? StageList::tr("next: %1", "day").arg(text::day(daysOf(**plan)[*next].from)) : StageList::tr("Done");
}

} // namespace

StageList::StageList(QWidget* parent) : QListWidget(parent)
{
    setObjectName(QStringLiteral("stages"));
    setAccessibleName(tr("Stages of the work"));
    setFixedWidth(narrowest);
    setTextElideMode(Qt::ElideNone);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    addItems({tr("Blank"), tr("Sounding edge"), tr("Target"), tr("Layout"), tr("Drill"), tr("Listen"), tr("Correct"),
              tr("Finish"), tr("Logbook")});
}

void StageList::fit()
{
    constexpr int padding = 6;
    setFixedWidth(std::max(narrowest, sizeHintForColumn(0) + padding));
}

void StageList::sayPlan(const Plan* plan, bool built)
{
    const bool laidOut = plan != nullptr && plan->layout();
    item(MainWindow::Blank)->setText(tr("Blank\n%1").arg(plan != nullptr ? text::noteName(plan->target().lowest) : QString()));
    item(MainWindow::Edge)->setText(tr("Sounding edge\nvoicing"));
    item(MainWindow::Target)
        ->setText(
            tr("Target\n%n note(s)", nullptr, plan != nullptr ? static_cast<int>(plan->blank().spec.fingerings.size()) : 0));
    item(MainWindow::Layout)
        ->setText(laidOut ? tr("Layout\n%n hole(s)", nullptr, static_cast<int>(plan->blank().holeCount)) : tr("Layout\nnot yet"));
    item(MainWindow::Drill)->setText(built ? tr("Drill\ndone") : laidOut ? tr("Drill\nready") : tr("Drill\nno layout yet"));
}

void StageList::sayBook(const Document& document, std::size_t pending)
{
    const auto book = document.book();
    item(MainWindow::Logbook)->setText(tr("Logbook\n%n cut(s)", nullptr, book->sounds() ? text::cutsOfWood(*book) : 0));
    if (!book->sounds()) {
        item(MainWindow::Listen)->setText(tr("Listen\nnot drilled yet"));
        item(MainWindow::Correct)->setText(tr("Correct\nnot drilled yet"));
        item(MainWindow::Finish)->setText(tr("Finish\nnot drilled yet"));
        return;
    }
    item(MainWindow::Listen)
        ->setText(pending == 0 ? tr("Listen\ndone")
                               : tr("Listen\n%1 of %2 left").arg(pending).arg(book->present().spec().fingerings.size()));
    QString correct = tr("Correct\nlisten first");
    if (const auto& c = document.recommendation()) {
        switch (c->advice.state) {
        case AdviceState::Measure: break;
        case AdviceState::MakeCut: correct = tr("Correct\ncut ready"); break;
        case AdviceState::Finished: correct = tr("Correct\ndone"); break;
        case AdviceState::Stop: correct = tr("Correct\nstop"); break;
        }
    } else if (document.busy()) {
        correct = tr("Correct\ncalculating");
    }
    item(MainWindow::Correct)->setText(correct);
    item(MainWindow::Finish)->setText(tr("Finish\n%1").arg(finishWords(*book)));
}

} // namespace dowel::app

#include "moc_stage_list.cpp"
