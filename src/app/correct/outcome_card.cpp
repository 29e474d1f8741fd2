// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correct/outcome_card.h"

#include "app/parts/cue.h"
#include "app/parts/form.h"
#include "app/parts/style.h"
#include "core/base/statistics.h"
#include "core/fit/fit.h"
#include "session/replay.h"
#include "text/errors.h"
#include "text/units.h"

#include <QHeaderView>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

// Nine in ten of a normal distribution lie within so many standard deviations.
constexpr double ninety = 1.645;

/// As far as it has been learnt of this player.
ListeningError errorOf(const Document& document)
{
    const auto& recommendation = document.recommendation();
    return listeningErrorOf(recommendation ? recommendation->forecaster->posterior().priors() : Priors{});
}

} // namespace

OutcomePicture::OutcomePicture(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("outcomePicture"));
    setAccessibleName(tr("Forecast accuracy"));
}

void OutcomePicture::setOutcomes(std::vector<NoteOutcome> outcomes, const ListeningError& error)
{
    m_error = error;
    m_outcomes = std::move(outcomes);
    update();
}

void OutcomePicture::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Style::current().colours();
    constexpr double tallest = 4.0; // standard deviations shown up and down
    const QRectF field(74.0, 8.0, width() - 82.0, height() - 30.0);
    const auto y = [&](double sds) {
        return field.center().y() - std::clamp(sds, -tallest, tallest) / tallest * field.height() / 2.0;
    };
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.within);
    painter.drawRect(QRectF(QPointF(field.left(), y(ninety)), QPointF(field.right(), y(-ninety))));
    painter.setPen(QPen(c.ink, 1.0));
    painter.drawLine(QPointF(field.left(), y(0.0)), QPointF(field.right(), y(0.0)));
    painter.setFont(Style::small());
    painter.setPen(c.pencil);
    const auto label = [&](double sds, const QString& words) {
        painter.drawText(QRectF(0.0, y(sds) - 9.0, field.left() - 8.0, 18.0), Qt::AlignRight | Qt::AlignVCenter, words);
    };
    label(3.2, tr("sharper"));
    label(0.0, tr("forecast"));
    label(-3.2, tr("flatter"));
    painter.drawText(QRectF(0.0, field.bottom() + 4.0, width(), 18.0), Qt::AlignCenter,
                     tr("each note heard after a cut; band: 90 %"));
    const double column = field.width() / static_cast<double>(std::max<std::size_t>(24, m_outcomes.size()));
    for (std::size_t i = 0; i < m_outcomes.size(); ++i) {
        const double miss = missOf(m_outcomes[i], m_error);
        const QPointF at(field.left() + (static_cast<double>(i) + 0.5) * column, y(miss));
        const bool held = std::abs(miss) <= ninety;
        painter.setPen(QPen(held ? c.cool : c.warm, 1.5));
        painter.setBrush(held ? c.cool : c.paper);
        painter.drawEllipse(at, 3.0, 3.0);
    }
}

OutcomeCard::OutcomeCard(Document& document, QWidget* parent)
    : QFrame(parent),
      m_document(&document),
      m_words(form::words(this, "outcomeWords")),
      m_replay(form::button(this, "outcomeReplay", tr("&Play before and after"))),
      m_cue(new Cue(this)),
      m_picture(new OutcomePicture(this)),
      m_lastWords(form::words(this, "outcomeLast", true)),
      m_table(form::table(this, "outcomeTable", tr("Forecast and result"),
                          {tr("note"), tr("before"), tr("forecast"), tr("result"), tr("error")}))
{
    setObjectName(QStringLiteral("card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 14, 20, 14);
    column->setSpacing(Style::grid);
    column->addWidget(m_words);
    column->addWidget(m_replay, 0, Qt::AlignLeft);
    m_replay->setToolTip(tr("Plays every note recorded before and after the last cut, one second each."));
    connect(m_replay, &QPushButton::clicked, this, &OutcomeCard::replay);
    column->addWidget(m_picture);
    column->addWidget(m_lastWords);
    column->addWidget(m_table, 1);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
}

void OutcomeCard::replay()
{
    m_replay->setEnabled(false);
    m_jobs.run([path = m_document->path().toStdString(), book = m_document->book()](
                   const Cancel& cancel) { return session::replayed(*book, path, session::aroundLastCut(*book), cancel); },
               [this](const Result<Samples>& samples) {
                   m_replay->setEnabled(true);
                   if (!samples)
                       Q_EMIT failed(text::sentence(samples.error()));
                   else if (!m_cue->play(samples->values, samples->rate_Hz))
                       Q_EMIT failed(tr("No loudspeaker found."));
               });
}

void OutcomeCard::refresh()
{
    const auto book = m_document->book();
    m_replay->setVisible(!session::aroundLastCut(*book).empty());
    auto all = outcomesOf(*book);
    const ListeningError error = errorOf(*m_document);
    m_last.clear();
    for (QWidget* w : std::initializer_list<QWidget*>{m_picture, m_lastWords, m_table})
        w->setVisible(!all.empty());
    if (all.empty()) {
        m_words->setText(tr("No results yet. After a cut and a new session, forecast and result of every note appear here."));
        return;
    }
    std::size_t held = 0;
    std::vector<double> misses;
    for (const NoteOutcome& o : all) {
        held += std::abs(missOf(o, error)) <= ninety ? 1 : 0;
        misses.push_back(std::abs(o.heard.cents() - o.forecast.cents()));
    }
    m_words->setText(tr("%1 of %2 results lie within the 90 % range; half lie within %3 cents.")
                         .arg(held)
                         .arg(all.size())
                         .arg(text::number(median(misses), 1)));
    // The last round: what was heard after the last cut that has been heard.
    const EntryId cut =
        std::max_element(all.begin(), all.end(), [](const auto& a, const auto& b) { return a.cut.number < b.cut.number; })->cut;
    for (const NoteOutcome& o : all)
        if (o.cut == cut)
            m_last.push_back(o);
    m_lastWords->setText(tr("Last session after cuts, deviation in cents:"));
    m_table->setRowCount(static_cast<int>(m_last.size()));
    for (std::size_t i = 0; i < m_last.size(); ++i) {
        const NoteOutcome& o = m_last[i];
        const QString off = text::cents(o.heard.cents() - o.forecast.cents());
        form::row(m_table, static_cast<int>(i),
                  {text::noteName(o.fingering.text), text::cents(o.before.cents()),
                   tr("%1 ±%2", "cents, one sigma").arg(text::cents(o.forecast.cents())).arg(text::number(o.sd.cents(), 1)),
                   text::cents(o.heard.cents()), std::abs(missOf(o, error)) <= ninety ? off : QStringLiteral("◆") + off});
    }
    m_picture->setOutcomes(std::move(all), error);
}

} // namespace dowel::app

#include "moc_outcome_card.cpp"
