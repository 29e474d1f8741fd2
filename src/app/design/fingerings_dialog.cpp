// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/fingerings_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/errors.h"
#include "text/names.h"
#include "text/units.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

namespace dowel::app {

namespace {

QString holesOf(const session::FingeringFound& c)
{
    QStringList words;
    for (const HoleId& id : c.closed)
        words << QString::fromStdString(id.text);
    for (const HalfHole& h : c.half)
        words << FingeringsDialog::tr("%1 partly").arg(QString::fromStdString(h.hole.text));
    return words.isEmpty() ? FingeringsDialog::tr("all open") : words.join(QLatin1Char(' '));
}

} // namespace

FingeringsDialog::FingeringsDialog(const Instrument& laidOut, const Fingering& wished, QWidget* parent)
    : QDialog(parent),
      m_wished(wished),
      m_words(form::words(this, "fingeringsWords")),
      m_table(form::table(
          this, "fingeringsTable", tr("Fingerings, best first"),
          {tr("closed holes, from foot"), tr("register"), tr("cents"), tr("± spread"), tr("response"), tr("finger changes")})),
      m_instead(form::button(this, "fingeringsInstead", tr("&Replace"), true)),
      m_another(form::button(this, "fingeringsAnother", tr("&Add as alternative")))
{
    setObjectName(QStringLiteral("fingeringsDialog"));
    setWindowTitle(tr("Fingerings for %1").arg(text::noteName(wished.id.text)));
    resize(760, 480);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_words->setText(tr("Trying every fingering…"));
    auto* leave = form::button(this, "fingeringsCancel", tr("Cancel"));
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(Style::grid);
    buttons->addStretch(1);
    for (QPushButton* b : {leave, m_another, m_instead})
        buttons->addWidget(b);
    for (QPushButton* b : {m_another, m_instead})
        b->setEnabled(false);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addWidget(m_words);
    column->addWidget(m_table, 1);
    column->addLayout(buttons);
    connect(leave, &QPushButton::clicked, this, &QDialog::reject);
    connect(m_instead, &QPushButton::clicked, this, [this] { choose(false); });
    connect(m_another, &QPushButton::clicked, this, [this] { choose(true); });
    connect(m_table, &QTableWidget::itemDoubleClicked, this, [this] { choose(false); });
    m_jobs.run(
        [laidOut, pitch = wished.target](const Cancel& cancel) -> Result<std::vector<session::FingeringFound>> {
            const auto forecaster = DOWEL_TRY(Forecaster::make(Workbook(laidOut), {}, cancel));
            constexpr std::size_t most = 40;
            return session::fingeringsFor(forecaster, laidOut, {pitch, {}, most, Cents::fromCents(40.0)}, cancel);
        },
        [this](const Result<std::vector<session::FingeringFound>>& found) {
            if (found)
                return show(*found);
            m_words->setText(text::sentence(found.error()));
        });
}

void FingeringsDialog::show(const std::vector<session::FingeringFound>& found)
{
    m_found = found;
    m_table->setRowCount(static_cast<int>(found.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const session::FingeringFound& c = found[static_cast<std::size_t>(row)];
        form::row(m_table, row,
                  {holesOf(c), QString::number(c.registerNumber), text::wholeCents(c.off.cents()),
                   text::spread(std::round(c.sd.cents())), text::speechName(c.speech), QString::number(c.fingersToNeighbours)});
    }
    form::fitColumns(m_table);
    m_words->setText(found.empty() ? tr("No fingering comes within 40 cents of this note.")
                                   : tr("Calculated for the layout; test a fingering before you rely on it. Finger changes count "
                                        "from the neighbouring notes of the chart."));
    for (QPushButton* b : {m_another, m_instead})
        b->setEnabled(!found.empty());
    if (!found.empty())
        m_table->setCurrentCell(0, 0);
    m_table->setFocus();
}

void FingeringsDialog::choose(bool another)
{
    const int row = m_table->currentRow();
    if (row < 0 || row >= static_cast<int>(m_found.size()))
        return;
    const session::FingeringFound& c = m_found[static_cast<std::size_t>(row)];
    Fingering f = m_wished;
    f.closed = c.closed;
    f.half = c.half;
    f.registerNumber = c.registerNumber;
    Q_EMIT chosen(f, another);
    accept();
}

} // namespace dowel::app

#include "moc_fingerings_dialog.cpp"
