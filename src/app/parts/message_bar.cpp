// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/message_bar.h"

#include "app/parts/announce.h"
#include "app/parts/style.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace dowel::app {

namespace {
constexpr std::chrono::milliseconds newsLasts{6000};
}

MessageBar::MessageBar(TimeSource& time, QWidget* parent)
    : QFrame(parent), m_label(new QLabel(this)), m_goes(time, Alarm::Kind::Once, newsLasts)
{
    setObjectName(QStringLiteral("messageBar"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 8, 8, 8);
    m_label->setObjectName(QStringLiteral("messageText"));
    m_label->setWordWrap(true);
    m_label->setTextFormat(Qt::PlainText); // names from files are in it
    m_label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    row->addWidget(m_label, 1);
    auto* close = new QPushButton(tr("Dismiss"), this);
    close->setObjectName(QStringLiteral("messageClose"));
    close->setAccessibleName(tr("Close the message"));
    close->setFocusPolicy(Qt::TabFocus);
    // Made hidden, before the style is in force.
    m_label->setFont(Style::body());
    close->setFont(Style::body());
    connect(close, &QPushButton::clicked, this, &QWidget::hide);
    row->addWidget(close);
    connect(&m_goes, &Alarm::rang, this, &QWidget::hide);
    hide();
}

void MessageBar::trouble(const QString& sentence)
{
    m_trouble = true;
    m_goes.stop();
    m_label->setText(sentence);
    show();
    announce(this, sentence);
}

void MessageBar::news(const QString& sentence)
{
    m_trouble = false;
    m_label->setText(sentence);
    show();
    announce(this, sentence);
    m_goes.start();
}

void MessageBar::clearTrouble()
{
    if (m_trouble)
        hide();
}

QString MessageBar::text() const
{
    return isHidden() ? QString() : m_label->text();
}

} // namespace dowel::app

#include "moc_message_bar.cpp"
