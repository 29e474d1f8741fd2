// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/numbers_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/errors.h"
#include "text/pitch_entry.h"
#include "text/units.h"

#include <QAbstractItemDelegate>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QTableWidget>
#include <QVBoxLayout>

namespace dowel::app {

NumbersDialog::NumbersDialog(Document& document, const std::optional<FingeringId>& asked, QWidget* parent)
    : QDialog(parent),
      m_document(&document),
      m_spread(form::spin(this, "numbersSpread", tr("Uncertainty of the meter in cents"), {0.1, 50.0, 0.5, 1, tr(" cents")})),
      m_table(form::table(this, "numbersTable", tr("Typed readings"), {tr("note"), tr("target, Hz"), tr("meter reading")}, 28)),
      m_trouble(form::words(this, "numbersTrouble"))
{
    setObjectName(QStringLiteral("numbersDialog"));
    setWindowTitle(tr("Type readings"));
    resize(560, 700);
    constexpr double usual_cents = 2.0;
    m_spread->setValue(usual_cents);
    m_table->setEditTriggers(QAbstractItemView::AllEditTriggers);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    for (const Column fixed : {Note, Target})
        m_table->horizontalHeader()->setSectionResizeMode(fixed, QHeaderView::ResizeToContents);
    const auto& fingerings = document.book()->present().spec().fingerings;
    m_table->setRowCount(static_cast<int>(fingerings.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const Fingering& f = fingerings[static_cast<std::size_t>(row)];
        form::row(m_table, row, {text::noteName(f.id.text), text::number(f.target.hertz(), 1), QString()});
        for (const Column fixed : {Note, Target})
            m_table->item(row, fixed)->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
        if (asked && f.id == *asked)
            m_table->setCurrentCell(row, Pitch);
    }
    form::fitColumns(m_table);
    auto* words = form::words(this, "numbersWords", true);
    words->setText(tr("Type hertz (586.3), cents from the target (-12), or a note and cents (D5 -12, equal temperament at this "
                      "A4). Empty rows are skipped. Room temperature as on Listen: %1.")
                       .arg(text::temperature(document.room())));
    m_trouble->setVisible(false);
    auto* sure = new QHBoxLayout;
    auto* label = new QLabel(tr("Uncertainty ±"), this);
    sure->addWidget(label);
    sure->addWidget(m_spread);
    sure->addStretch(1);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addWidget(words);
    column->addWidget(m_table, 1);
    column->addLayout(sure);
    column->addWidget(m_trouble);
    column->addLayout(form::answers(this, "numbersCancel", "numbersKeep", tr("Save readings")));
    m_table->setFocus();
    // Enter goes on to the next note, as on a list of readings.
    connect(
        m_table->itemDelegate(), &QAbstractItemDelegate::closeEditor, this,
        [this](QWidget*, QAbstractItemDelegate::EndEditHint hint) {
            if (hint == QAbstractItemDelegate::SubmitModelCache && m_table->currentRow() + 1 < m_table->rowCount())
                m_table->setCurrentCell(m_table->currentRow() + 1, Pitch);
        },
        Qt::QueuedConnection);
}

Result<io::NumberSession> NumbersDialog::typed() const
{
    io::NumberSession session;
    session.air = m_document->room();
    const InstrumentSpec& spec = m_document->book()->present().spec();
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const QString text = m_table->item(row, Pitch)->text().trimmed();
        if (text.isEmpty())
            continue;
        const Fingering& f = spec.fingerings[static_cast<std::size_t>(row)];
        const auto pitch = text::parsePitch(text, f.target, spec.tuning.a4);
        if (!pitch)
            return Error{pitch.error().code, f.id.text + ": " + pitch.error().where, pitch.error().fact};
        session.readings.push_back({f.id, *pitch, Cents::fromCents(m_spread->value())});
    }
    return session;
}

void NumbersDialog::refuse(const Error& error)
{
    m_trouble->setText(text::sentence(error));
    m_trouble->setVisible(true);
}

void NumbersDialog::accept()
{
    m_table->setCurrentItem(nullptr); // what is still being typed counts
    const auto session = typed();
    if (!session)
        return refuse(session.error());
    if (!session->readings.empty())
        m_document->keepNumbers(*session);
    QDialog::accept();
}

} // namespace dowel::app

#include "moc_numbers_dialog.cpp"
