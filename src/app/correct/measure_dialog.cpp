// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correct/measure_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/errors.h"

#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace dowel::app {

MeasureDialog::MeasureDialog(Document& document, text::LengthUnit unit, const std::optional<HoleId>& hole, QWidget* parent)
    : QDialog(parent),
      m_document(&document),
      m_unit(unit),
      m_what(form::box(this, "measureWhat", tr("What was measured"))),
      m_recorded(form::words(this, "measureRecorded")),
      m_size(new QLineEdit(this)),
      m_trouble(form::words(this, "measureTrouble"))
{
    setObjectName(QStringLiteral("measureDialog"));
    setWindowTitle(tr("Measure again"));
    setMinimumWidth(460);
    const auto& holes = document.book()->present().spec().holes;
    for (const Hole& h : holes)
        m_what->addItem(tr("width of %1", "hole").arg(QString::fromStdString(h.id.text)), QString::fromStdString(h.id.text));
    m_what->addItem(tr("length of the tube"), QString());
    m_what->setCurrentIndex(m_what->findData(hole ? QString::fromStdString(hole->text) : QString()));
    m_what->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    m_what->setMinimumContentsLength(0);
    m_size->setObjectName(QStringLiteral("measureSize"));
    m_size->setAccessibleName(tr("Size by the calipers"));
    m_size->setMaxLength(24);
    auto* words = form::words(this, "measureWords", true);
    words->setText(tr("The record is right up to where this size was last written down. What was heard since then is understood "
                      "anew with the new size. Nothing is lost: the logbook can set the entry aside."));
    m_trouble->setVisible(false);
    auto* fields = new QFormLayout;
    fields->setHorizontalSpacing(2 * Style::grid);
    fields->setVerticalSpacing(Style::grid);
    fields->addRow(tr("&What"), m_what);
    fields->addRow(tr("The record has"), m_recorded);
    fields->addRow(tr("The &calipers say"), m_size);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addLayout(fields);
    column->addWidget(m_trouble);
    column->addWidget(words);
    column->addLayout(form::answers(this, "measureCancel", "measureKeep", tr("Write it down")));
    connect(m_what, &QComboBox::currentIndexChanged, this, &MeasureDialog::showRecorded);
    for (QWidget* w : std::initializer_list<QWidget*>{m_what, m_size})
        w->setMinimumHeight(34);
    showRecorded();
    grow();
    m_size->setFocus();
}

void MeasureDialog::grow()
{
    // Words that wrap need their height asked for at the width they have.
    const int wide = std::max({width(), minimumWidth(), layout()->sizeHint().width()});
    resize(wide, std::max(height(), layout()->totalHeightForWidth(wide)));
}

std::optional<HoleId> MeasureDialog::chosen() const
{
    const QString id = m_what->currentData().toString();
    return id.isEmpty() ? std::nullopt : std::optional(HoleId{id.toStdString()});
}

void MeasureDialog::showRecorded()
{
    const Instrument& present = m_document->book()->present();
    const auto hole = chosen();
    const Metres size = hole ? present.find(*hole)->diameter : present.length();
    m_recorded->setText(text::length(size, m_unit));
    m_size->setText(text::lengthNumber(size, m_unit));
    m_size->selectAll();
}

void MeasureDialog::accept()
{
    const auto refuse = [this](const Error& error) {
        m_trouble->setText(text::sentence(error));
        m_trouble->setVisible(true);
        grow();
        m_size->setFocus();
        m_size->selectAll();
    };
    const auto size = text::parseLength(m_size->text(), m_unit);
    if (!size)
        return refuse(size.error());
    if (const auto ok = m_document->book()->checkNew(MeasureEntry{chosen(), *size}); !ok)
        return refuse(ok.error());
    m_document->recordMeasure(chosen(), *size);
    QDialog::accept();
}

} // namespace dowel::app
