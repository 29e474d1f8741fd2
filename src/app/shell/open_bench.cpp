// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/open_bench.h"

#include "app/correct/correct_page.h"
#include "app/correct/sensitivity_card.h"
#include "app/correct/try_card.h"
#include "app/design/plan.h"
#include "app/document/document.h"
#include "app/finish/finish_page.h"
#include "app/listen/listen_page.h"
#include "app/logbook/logbook_page.h"
#include "app/parts/message_bar.h"
#include "app/parts/pages.h"
#include "app/parts/style.h"
#include "app/parts/workpiece.h"

#include <QFrame>
#include <QLabel>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace dowel::app {

OpenBench::OpenBench(Document& document, const Plan& plan, Questions& questions, MessageBar& messages, QWidget* parent)
    : QWidget(parent), m_document(&document), m_plan(&plan), m_questions(&questions), m_messages(&messages)
{
    hide();
}

std::vector<std::function<void()>> OpenBench::making(const std::function<void()>& shown)
{
    return {[this] {
                m_workpiece = new Workpiece(this);
                m_pages = new Pages(this);
                m_listen = new ListenPage(*m_document, *m_questions, m_pages);
                m_listen->setSpoken(QSettings().value(QStringLiteral("spoken"), false).toBool());
                m_listen->setCountIn(QSettings().value(QStringLiteral("countIn"), false).toBool());
                m_listen->hide();
            },
            [this] {
                m_correct = new CorrectPage(*m_document, m_pages);
                m_correct->hide();
            },
            [this] {
                m_finish = new FinishPage(*m_document, *m_questions, m_pages);
                m_finish->hide();
            },
            [this] {
                m_logbook = new LogbookPage(*m_document, *m_questions, m_pages);
                m_logbook->hide();
                makeNothingPage();
                bind();
            },
            [this, shown] {
                layOut();
                shown();
            },
            [this] { m_pages->addWidget(m_listen); },
            [this] {
                m_pages->addWidget(m_correct);
                m_pages->addWidget(m_finish);
                m_pages->addWidget(m_logbook);
                m_pages->addWidget(m_nothing);
                Q_EMIT followed();
            }};
}

void OpenBench::makeNothingPage()
{
    m_nothing = new QWidget(m_pages);
    m_nothing->setObjectName(QStringLiteral("nothingPage"));
    m_nothing->hide();
    auto* words = new QLabel(tr("There is nothing to play yet. Lay out and drill the holes, or type existing ones under Drill, "
                                "As built; then continue here."),
                             m_nothing);
    words->setWordWrap(true);
    auto* column = new QVBoxLayout(m_nothing);
    column->setContentsMargins(4 * Style::grid, 4 * Style::grid, 4 * Style::grid, 4 * Style::grid);
    column->addWidget(words);
    auto* drill = new QPushButton(tr("Go to &Drill"), m_nothing);
    drill->setObjectName(QStringLiteral("nothingDrill"));
    drill->setAccessibleName(tr("Go to Drill"));
    connect(drill, &QPushButton::clicked, this, &OpenBench::drillAsked);
    column->addWidget(drill, 0, Qt::AlignLeft);
    column->addStretch(1);
}

void OpenBench::layOut()
{
    auto* line = new QFrame(this);
    line->setFixedHeight(1);
    line->setAutoFillBackground(true);
    line->setObjectName(QStringLiteral("hairline"));
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    column->addWidget(m_workpiece);
    column->addWidget(line);
    column->addWidget(m_pages, 1);
    column->setContentsMargins(0, 0, 0, 0);
    setLayout(column);
}

void OpenBench::bind()
{
    // In the bench's name: with it they go.
    connect(m_document, &Document::failed, this, [this](const QString& s) { m_messages->trouble(s); });
    connect(m_document, &Document::told, this, [this](const QString& s) { m_messages->news(s); });
    connect(m_document, &Document::readingKept, m_messages, [this] { m_messages->clearTrouble(); });
    connect(m_document, &Document::cutKept, this, [this] {
        m_messages->clearTrouble();
        m_document->think();
    });
    const auto follow = [this] {
        refreshWorkpiece();
        Q_EMIT followed();
    };
    connect(m_document, &Document::changed, this, follow);
    connect(m_document, &Document::recommendationChanged, this, follow);
    connect(m_listen, &ListenPage::askedChanged, this, follow);
    connect(m_listen, &ListenPage::failed, this, [this](const QString& s) { m_messages->trouble(s); });
    connect(m_listen, &ListenPage::told, this, [this](const QString& s) { m_messages->news(s); });
    connect(m_listen, &ListenPage::roundFinished, this, [this] { Q_EMIT pageAsked(Page::Correct); });
    connect(m_finish, &FinishPage::failed, this, [this](const QString& s) { m_messages->trouble(s); });
    connect(m_finish, &FinishPage::told, this, [this](const QString& s) { m_messages->news(s); });
    connect(m_finish, &FinishPage::measureAsked, this, [this] { m_correct->measureAgain(); });
    connect(m_correct, &CorrectPage::workChanged, this, &OpenBench::refreshWorkpiece);
    connect(m_correct, &CorrectPage::listenAsked, this, [this] { Q_EMIT pageAsked(Page::Listen); });
    connect(m_workpiece, &Workpiece::dragged, &m_correct->tryCard(), &TryCard::resize);
    connect(m_workpiece, &Workpiece::dragStarted, this, [this] { m_correct->holdScale(true); });
    connect(m_workpiece, &Workpiece::dragEnded, this, [this] { m_correct->holdScale(false); });
}

void OpenBench::showPage(Page page)
{
    if (page != Page::Logbook && !m_document->book()->sounds()) {
        m_pages->setCurrentWidget(m_nothing);
        return refreshWorkpiece();
    }
    m_pages->setCurrentIndex(static_cast<int>(page));
    if (page != Page::Listen)
        m_listen->setHandsFree(false); // nothing listens where nobody sees it
    if (page == Page::Listen) {
        m_listen->setFocus();
    } else if (page == Page::Correct) {
        if (!m_document->recommendation() && !m_document->busy())
            m_document->think();
        m_correct->takeFocus();
    }
    refreshWorkpiece();
}

void OpenBench::refreshWorkpiece()
{
    const Instrument& present = m_document->book()->present();
    if (!m_document->book()->sounds()) {
        const auto planned = m_plan->drawn();
        return m_workpiece->setInstrument(planned ? *planned : present);
    }
    m_workpiece->setInstrument(present);
    const bool listening = m_pages->currentWidget() == m_listen;
    const bool correcting = m_pages->currentWidget() == m_correct;
    const auto face = m_correct->face();
    const bool trying = correcting && face == CorrectPage::Face::TryIt && m_document->recommendation();
    m_workpiece->setBench(trying ? std::optional(present) : std::nullopt);
    if (trying)
        m_workpiece->setInstrument(m_correct->tryCard().tried());
    m_workpiece->setSensitivities(correcting && face == CorrectPage::Face::Sensitivity ? m_correct->sensitivity().shown()
                                                                                       : std::vector<RegisterSensitivity>());
    m_workpiece->setFingering(listening ? m_listen->asked() : std::nullopt);
    m_workpiece->setGhost(correcting && face == CorrectPage::Face::NextCut ? m_correct->proposed() : std::nullopt);
}

void OpenBench::setUnit(text::LengthUnit unit)
{
    if (m_logbook == nullptr)
        return; // they are being made
    m_workpiece->setUnit(unit);
    m_correct->setUnit(unit);
    m_finish->setUnit(unit);
    m_logbook->setUnit(unit);
    m_listen->followDegrees();
}

} // namespace dowel::app

#include "moc_open_bench.cpp"
