// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shop/drawer_dialog.h"

#include "app/document/shop_drawer.h"
#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/errors.h"
#include "text/names.h"

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QRegularExpression>
#include <QVBoxLayout>
#include <algorithm>

namespace dowel::app {

namespace {

/// Sets as they are sold: the metric one by half millimetres, the inch ones as their series have them.
std::vector<Bit> usualSet(int which)
{
    switch (which) {
    case 0: {
        std::vector<Bit> halves;
        for (const Bit& b : bitsOf(BitSeries::Metric))
            if (const double twice = b.diameter.millimetres() * 2.0; std::abs(twice - std::round(twice)) < 1e-6)
                halves.push_back(b);
        return halves;
    }
    case 1: return bitsOf(BitSeries::Fractional);
    case 2: return bitsOf(BitSeries::Number);
    default: return bitsOf(BitSeries::Letter);
    }
}

} // namespace

DrawerDialog::DrawerDialog(ShopDrawer& drawer, QWidget* parent)
    : QDialog(parent),
      m_kept(&drawer),
      m_drawer(drawer.drawer()),
      m_words(form::words(this, "drawerWords")),
      m_typed(new QLineEdit(this)),
      m_add(form::button(this, "drawerAdd", tr("&Add"))),
      m_set(form::box(this, "drawerSet", tr("Set of bits"))),
      m_addSet(form::button(this, "drawerAddSet", tr("Add s&et"))),
      m_bits(new QListWidget(this)),
      m_remove(form::button(this, "drawerRemove", tr("&Remove selected"))),
      m_tools(new QListWidget(this)),
      m_trouble(form::words(this, "drawerTrouble"))
{
    setObjectName(QStringLiteral("drawerDialog"));
    setWindowTitle(tr("Tool drawer"));
    resize(640, 600);
    m_words->setText(
        tr("The bits and hand tools of this shop. Layout, order of work and advice use these sizes and call each bit by "
           "its marking. A workbook that has been played keeps the sizes it was made with; the advice uses what is in "
           "the drawer today. A bit known to drill larger than it is marked is typed with that: 9/32 +0.008."));
    m_typed->setObjectName(QStringLiteral("drawerTyped"));
    m_typed->setAccessibleName(tr("Bits to add"));
    m_typed->setPlaceholderText(tr("6.5 mm, 9/32, #7, F"));
    m_set->addItems(
        {tr("Metric, 1 to 14 mm by 0.5"), tr("Fractions, 1/16 to 1/2 in"), tr("Numbers, 60 to 1"), tr("Letters, A to Z")});
    m_bits->setObjectName(QStringLiteral("drawerBits"));
    m_bits->setAccessibleName(tr("Bits in the drawer"));
    m_bits->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_tools->setObjectName(QStringLiteral("drawerTools"));
    m_tools->setAccessibleName(tr("Hand tools"));
    for (const auto& [word, name] : text::handTools()) {
        auto* item = new QListWidgetItem(name, m_tools);
        item->setData(Qt::UserRole, QString::fromStdString(word));
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsUserCheckable | Qt::ItemIsSelectable);
        // A drawer that is begun has what every bench has: without any, sizes between the bits would be out of reach.
        const bool usual = m_drawer.isEmpty() && (word == "knife" || word == "round file");
        item->setCheckState(usual || m_drawer.has(word) ? Qt::Checked : Qt::Unchecked);
    }
    arrange();
    connect(m_add, &QPushButton::clicked, this, &DrawerDialog::addTyped);
    connect(m_typed, &QLineEdit::returnPressed, this, &DrawerDialog::addTyped);
    connect(m_addSet, &QPushButton::clicked, this, &DrawerDialog::addSet);
    connect(m_remove, &QPushButton::clicked, this, &DrawerDialog::removeChosen);
    connect(m_bits, &QListWidget::itemSelectionChanged, this,
            [this] { m_remove->setEnabled(!m_bits->selectedItems().isEmpty()); });
    fill();
}

void DrawerDialog::arrange()
{
    auto* typed = new QHBoxLayout;
    typed->setSpacing(Style::grid);
    typed->addWidget(m_typed, 1);
    typed->addWidget(m_add);
    auto* set = new QHBoxLayout;
    set->setSpacing(Style::grid);
    set->addWidget(m_set, 1);
    set->addWidget(m_addSet);
    const auto heading = [this](const QString& words, QWidget* of) {
        auto* label = new QLabel(words, this);
        label->setBuddy(of);
        return label;
    };
    auto* left = new QVBoxLayout;
    left->setSpacing(Style::grid);
    left->addWidget(heading(tr("&Bits"), m_bits));
    left->addWidget(m_bits, 1);
    left->addWidget(m_remove, 0, Qt::AlignLeft);
    auto* right = new QVBoxLayout;
    right->setSpacing(Style::grid);
    right->addWidget(heading(tr("&Hand tools"), m_tools));
    right->addWidget(m_tools, 1);
    auto* lists = new QHBoxLayout;
    lists->setSpacing(3 * Style::grid);
    lists->addLayout(left, 1);
    lists->addLayout(right, 1);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(Style::grid);
    column->addWidget(m_words);
    column->addLayout(typed);
    column->addLayout(set);
    column->addWidget(m_trouble);
    column->addLayout(lists, 1);
    column->addLayout(form::answers(this, "drawerCancel", "drawerSave", tr("&Save")));
    // Enter in the field adds a bit; it does not save and close.
    for (QPushButton* b : findChildren<QPushButton*>()) {
        b->setAutoDefault(false);
        b->setDefault(false);
    }
    disconnect(findChild<QPushButton*>(QStringLiteral("drawerSave")), &QPushButton::clicked, this, &QDialog::accept);
    connect(findChild<QPushButton*>(QStringLiteral("drawerSave")), &QPushButton::clicked, this, &DrawerDialog::save);
}

void DrawerDialog::fill()
{
    m_bits->clear();
    for (const Bit& b : m_drawer.bits)
        m_bits->addItem(QString::fromStdString(markingOf(b)));
    m_remove->setEnabled(false);
    m_trouble->setVisible(!m_trouble->text().isEmpty());
}

void DrawerDialog::add(const std::vector<Bit>& bits)
{
    for (const Bit& b : bits)
        if (m_drawer.bitOf(b.diameter) == nullptr)
            m_drawer.bits.push_back(b);
    std::sort(m_drawer.bits.begin(), m_drawer.bits.end(), [](const Bit& a, const Bit& b) { return a.diameter < b.diameter; });
    m_trouble->clear();
    fill();
}

void DrawerDialog::addTyped()
{
    // A comma between figures is a decimal one.
    static const QRegularExpression between(QStringLiteral("[;\\n\\t]|,(?!\\d)"));
    static const QRegularExpression decimal(QStringLiteral("(\\d),(\\d)"));
    std::vector<Bit> bits;
    for (const QString& part : m_typed->text().split(between, Qt::SkipEmptyParts)) {
        if (part.trimmed().isEmpty())
            continue;
        QString marking = part.trimmed();
        marking.replace(decimal, QStringLiteral("\\1.\\2"));
        auto bit = bitFromMarking(marking.toStdString());
        if (!bit) {
            m_trouble->setText(text::sentence(bit.error()));
            return fill();
        }
        bits.push_back(std::move(*bit));
    }
    m_typed->clear();
    add(bits);
}

void DrawerDialog::addSet()
{
    add(usualSet(m_set->currentIndex()));
}

void DrawerDialog::removeChosen()
{
    for (int row = m_bits->count() - 1; row >= 0; --row)
        if (m_bits->item(row)->isSelected())
            m_drawer.bits.erase(m_drawer.bits.begin() + row);
    fill();
}

void DrawerDialog::save()
{
    if (!m_typed->text().trimmed().isEmpty()) {
        addTyped();
        if (!m_trouble->text().isEmpty())
            return;
    }
    // Tools that a file brought along and the list does not know stay.
    for (int row = 0; row < m_tools->count(); ++row)
        std::erase(m_drawer.tools, m_tools->item(row)->data(Qt::UserRole).toString().toStdString());
    for (int row = 0; row < m_tools->count(); ++row)
        if (m_tools->item(row)->checkState() == Qt::Checked)
            m_drawer.tools.push_back(m_tools->item(row)->data(Qt::UserRole).toString().toStdString());
    m_kept->keep(m_drawer);
    accept();
}

} // namespace dowel::app

#include "moc_drawer_dialog.cpp"
