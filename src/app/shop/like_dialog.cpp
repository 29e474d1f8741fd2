// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shop/like_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"
#include "text/units.h"

#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QLocale>
#include <QVBoxLayout>
#include <cmath>

namespace dowel::app {

LikeDialog::LikeDialog(const QString& path, const QString& name, const QString& lowest, QWidget* parent)
    : QDialog(parent),
      m_path(path),
      m_lowest(lowest),
      m_name(new QLineEdit(name, this)),
      m_keys(new QListWidget(this)),
      m_power(form::spin(this, "likePower", tr("Exponent for bore and sounding edge"), {0.0, 1.0, 0.05, 2, QString()})),
      m_trouble(form::words(this, "likeTrouble"))
{
    setObjectName(QStringLiteral("likeDialog"));
    setWindowTitle(tr("Make another"));
    resize(520, 560);
    m_name->setObjectName(QStringLiteral("likeName"));
    m_name->setAccessibleName(tr("Name"));
    m_name->setMaxLength(100);
    m_keys->setObjectName(QStringLiteral("likeKeys"));
    m_keys->setAccessibleName(tr("Lowest notes to make"));
    auto* words = form::words(this, "likeWords", true);
    words->setText(tr("Sides, fingers, undercuts, stations, wall, wishes and fingerings are kept; the holes are laid out again, "
                      "no wider than the fingers cover. Exponent 0: the same bore for all sizes; 1: in proportion; 0.75: usual "
                      "for families of sizes. Each ticked note gets its own workbook."));
    m_trouble->setVisible(false);
    fillKeys(lowest);
    showSizes();
    connect(m_power, &QDoubleSpinBox::valueChanged, this, &LikeDialog::showSizes);
    auto* fields = new QFormLayout;
    fields->setHorizontalSpacing(2 * Style::grid);
    fields->setVerticalSpacing(Style::grid);
    fields->addRow(tr("&Name"), m_name);
    fields->addRow(tr("&Bore scales with length to the power"), m_power);
    fields->addRow(tr("&Lowest note"), m_keys);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addLayout(fields, 1);
    column->addWidget(words);
    column->addWidget(m_trouble);
    column->addLayout(form::answers(this, "likeCancel", "likeMake", tr("Start")));
    m_name->setFocus();
    m_name->selectAll();
}

void LikeDialog::fillKeys(const QString& lowest)
{
    const auto own = semitonesFromName(lowest.toStdString());
    m_keys->setEnabled(own.ok());
    if (!own)
        return;
    constexpr int octave = 12;
    const Hertz a4 = Hertz::fromHertz(440.0);
    const Hertz at = *equalTempered(lowest.toStdString(), a4);
    for (int semitones = octave; semitones >= -octave; --semitones) {
        const std::string name = semitones == 0 ? lowest.toStdString() : nearestNote(at * std::exp2(semitones / 12.0), a4).name;
        auto* item = new QListWidgetItem(m_keys);
        item->setData(Qt::UserRole, QString::fromStdString(name));
        item->setData(Qt::UserRole + 1, semitones);
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsUserCheckable | Qt::ItemIsSelectable);
        item->setCheckState(semitones == 0 ? Qt::Checked : Qt::Unchecked);
        if (semitones == 0)
            m_keys->setCurrentItem(item);
    }
}

/// The rule at work: how much longer the tube and how much wider the bore becomes in each key.
void LikeDialog::showSizes()
{
    const session::Widths widths{m_power->value()};
    for (int row = 0; row < m_keys->count(); ++row) {
        QListWidgetItem* item = m_keys->item(row);
        const std::string name = item->data(Qt::UserRole).toString().toStdString();
        const int semitones = item->data(Qt::UserRole + 1).toInt();
        const double longer = std::exp2(-semitones / 12.0);
        item->setText(semitones == 0 ? tr("%1 (the model)").arg(text::noteName(name))
                                     : tr("%1: length times %2, bore times %3", "note, factor, factor")
                                           .arg(text::noteName(name), QLocale().toString(longer, 'f', 2),
                                                QLocale().toString(widths.times(longer), 'f', 2)));
    }
}

QStringList LikeDialog::chosenKeys() const
{
    QStringList keys;
    for (int row = 0; row < m_keys->count(); ++row)
        if (m_keys->item(row)->checkState() == Qt::Checked)
            keys << m_keys->item(row)->data(Qt::UserRole).toString();
    return keys;
}

void LikeDialog::accept()
{
    const auto refuse = [this](const QString& words) {
        m_trouble->setText(words);
        m_trouble->setVisible(true);
    };
    LikeWanted what{m_path, m_name->text().trimmed(), chosenKeys(), session::Widths{m_power->value()}};
    if (what.name.isEmpty())
        return refuse(tr("Type a name first."));
    if (what.keys.isEmpty() && m_keys->isEnabled())
        return refuse(tr("Tick one or more lowest notes."));
    if (what.keys == QStringList{m_lowest})
        what.keys.clear();
    Q_EMIT wanted(what);
    QDialog::accept();
}

} // namespace dowel::app

#include "moc_like_dialog.cpp"
