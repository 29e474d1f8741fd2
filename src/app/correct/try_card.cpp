// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correct/try_card.h"

#include "app/parts/style.h"
#include "core/instrument/summary.h"
#include "text/units.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <cmath>

namespace dowel::app {

TryCard::TryCard(Document& document, QWidget* parent)
    : QFrame(parent),
      m_document(&document),
      m_bench(document.book()->present()),
      m_tried(m_bench),
      m_changes(new QLabel(this)),
      m_outcome(new QLabel(this)),
      m_back(new QPushButton(tr("&Reset to present shape"), this))
{
    setObjectName(QStringLiteral("card"));
    auto* head = new QLabel(tr("Drag on the workpiece"), this);
    head->setFont(Style::head());
    auto* how = new QLabel(tr("Drag a hole up or down, the foot or stopper along the tube; hold Shift for fine steps. Keys: left "
                              "and right select, up and down change. Nothing is logged."),
                           this);
    how->setWordWrap(true);
    m_changes->setObjectName(QStringLiteral("triedChanges"));
    m_outcome->setObjectName(QStringLiteral("triedOutcome"));
    for (QLabel* l : {m_changes, m_outcome})
        l->setWordWrap(true);
    m_outcome->setProperty("quiet", true);
    m_back->setObjectName(QStringLiteral("tryBackButton"));
    m_back->setAccessibleName(tr("Reset to present shape"));
    connect(m_back, &QPushButton::clicked, this, &TryCard::reset);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 14, 20, 14);
    column->setSpacing(Style::grid);
    column->addWidget(head);
    column->addWidget(how);
    column->addSpacing(Style::grid);
    column->addWidget(m_changes);
    column->addStretch(1);
    column->addWidget(m_outcome);
    column->addWidget(m_back);
    describe();
}

void TryCard::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    describe();
}

void TryCard::reset()
{
    m_bench = m_document->book()->present();
    m_tried = m_bench;
    evaluate();
}

void TryCard::resize(const Handle& handle, Metres size)
{
    const auto next = resized(m_tried, handle, size);
    if (!next)
        return;
    m_tried = *next;
    evaluate();
}

void TryCard::evaluate()
{
    const auto& recommendation = m_document->recommendation();
    if (!recommendation)
        m_notes.clear();
    describe();
    Q_EMIT triedChanged();
    if (!recommendation)
        return;
    m_jobs.runInTurn(
        [forecaster = recommendation->forecaster, tried = m_tried](const Cancel&) { return forecaster->states(tried); },
        [this](Result<std::vector<NoteState>> states) {
            m_notes = states && m_document->recommendation() ? std::move(*states) : std::vector<NoteState>();
            describe();
            Q_EMIT triedChanged();
        });
}

void TryCard::describe()
{
    const auto changes = changesBetween(m_bench, m_tried);
    QStringList lines;
    for (const TriedChange& c : changes) {
        const QString name = c.handle.kind == Handle::Kind::Hole
                                 ? QString::fromStdString(m_bench.spec().holes[c.handle.hole].id.text)
                             : c.handle.kind == Handle::Kind::Foot ? tr("tube")
                                                                   : tr("stopper");
        lines << (c.needsFilling ? tr("%1: %2 → %3 (needs material added)") : tr("%1: %2 → %3"))
                     .arg(name, text::lengthNumber(c.from, m_unit), text::length(c.to, m_unit));
    }
    m_changes->setText(lines.isEmpty() ? tr("No change yet.") : lines.join(QLatin1Char('\n')));
    m_back->setEnabled(!lines.isEmpty());
    m_outcome->clear();
    if (lines.isEmpty() || m_notes.empty())
        return;
    std::vector<double> cents;
    for (const NoteState& n : m_notes)
        cents.push_back(n.cents);
    const ScaleSummary s = summaryOf(m_bench.spec().fingerings, cents);
    m_outcome->setText(tr("Trial: %1 of %2 notes within tolerance, largest deviation %3, average %4 cents.")
                           .arg(s.within)
                           .arg(s.of)
                           .arg(text::cents(s.worst_cents))
                           .arg(text::number(s.mean_cents, 1)));
}

} // namespace dowel::app

#include "moc_try_card.cpp"
