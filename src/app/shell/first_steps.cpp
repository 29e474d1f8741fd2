// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/first_steps.h"

#include "app/parts/style.h"
#include "core/record/workbook.h"

#include <QLabel>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace dowel::app {

namespace {

QString key()
{
    return QStringLiteral("firstSteps");
}

QString step(const Workbook& book, const Advice* advice, std::size_t pending)
{
    const bool begun = !book.cuts().empty();
    if (advice == nullptr || advice->state == AdviceState::Measure) {
        if (pending == 0)
            return FirstSteps::tr("All is heard. Go to Correct (Ctrl+7).");
        return begun ? FirstSteps::tr("Listen (Ctrl+6): hear what the cut has moved. Space sounds it.")
                     : FirstSteps::tr("Listen (Ctrl+6): Space sounds the note that is asked. All are flat, as they should be.");
    }
    switch (advice->state) {
    case AdviceState::MakeCut:
        return begun ? FirstSteps::tr("Correct (Ctrl+7): the next cut. Try it shows what it does.")
                     : FirstSteps::tr("Correct (Ctrl+7): the card names one cut. Enter makes it.");
    case AdviceState::Stop: return FirstSteps::tr("Something does not fit: the card on Correct says what.");
    default: break;
    }
    return FirstSteps::tr("Done. In the shop (Ctrl+0) begin one of your own.");
}

} // namespace

FirstSteps::FirstSteps(QWidget* parent)
    : QWidget(parent), m_words(new QLabel(this)), m_away(new QPushButton(tr("Put away"), this))
{
    setObjectName(QStringLiteral("firstSteps"));
    setAttribute(Qt::WA_StyledBackground); // the line of the list above goes on
    auto* head = new QLabel(tr("First steps"), this);
    head->setFont(Style::small());
    m_words->setObjectName(QStringLiteral("firstStepsWords"));
    m_words->setWordWrap(true);
    m_away->setObjectName(QStringLiteral("firstStepsAway"));
    m_away->setAccessibleName(tr("Put the first steps away"));
    m_away->setFocusPolicy(Qt::TabFocus);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, Style::grid, Style::grid, 2 * Style::grid);
    column->setSpacing(Style::grid / 2);
    column->addWidget(head);
    column->addWidget(m_words);
    column->addWidget(m_away, 0, Qt::AlignLeft);
    connect(m_away, &QPushButton::clicked, this, [this] {
        QSettings().setValue(key(), false);
        hide();
    });
    hide();
}

void FirstSteps::bringBack()
{
    QSettings().setValue(key(), true);
}

void FirstSteps::follow(const Workbook* book, const Advice* advice, std::size_t pending, int room)
{
    if (book == nullptr || !book->practice() || !book->sounds() || !QSettings().value(key(), true).toBool())
        return hide();
    m_words->setText(step(*book, advice, pending));
    ensurePolished();
    setVisible(layout()->totalHeightForWidth(width()) <= room);
}

} // namespace dowel::app

#include "moc_first_steps.cpp"
