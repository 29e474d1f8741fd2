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
            return FirstSteps::tr("Every note is heard. Go to Correct (Ctrl+7).");
        return begun ? FirstSteps::tr("Listen (Ctrl+6): play the notes that the cut moved. Space plays the next one.")
                     : FirstSteps::tr("Listen (Ctrl+6): Space plays the requested note. All notes are flat, as intended.");
    }
    switch (advice->state) {
    case AdviceState::MakeCut:
        return begun ? FirstSteps::tr("Correct (Ctrl+7): shows the next cut. Try it shows the effect of any cut.")
                     : FirstSteps::tr("Correct (Ctrl+7): the card shows one cut. Enter makes and logs the cut.");
    case AdviceState::Stop: return FirstSteps::tr("The readings are inconsistent: see the card on Correct.");
    default: break;
    }
    return FirstSteps::tr("Done. Start your own instrument in the shop (Ctrl+0).");
}

} // namespace

FirstSteps::FirstSteps(QWidget* parent) : QWidget(parent), m_words(new QLabel(this)), m_away(new QPushButton(tr("Hide"), this))
{
    setObjectName(QStringLiteral("firstSteps"));
    setAttribute(Qt::WA_StyledBackground); // the line of the list above goes on
    auto* head = new QLabel(tr("First steps"), this);
    head->setFont(Style::small());
    m_words->setObjectName(QStringLiteral("firstStepsWords"));
    m_words->setWordWrap(true);
    m_away->setObjectName(QStringLiteral("firstStepsAway"));
    m_away->setAccessibleName(tr("Hide the first steps"));
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
