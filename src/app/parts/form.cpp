// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/form.h"

#include "app/parts/style.h"
#include "core/tuning/pitch.h"
#include "text/units.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QCoreApplication>
#include <QDialog>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QTableView>
#include <QTableWidget>
#include <algorithm>

namespace dowel::app::form {

QComboBox* box(QWidget* parent, const char* name, const QString& spoken)
{
    auto* b = new QComboBox(parent);
    // As wide as its page lets it be, not as its longest item asks.
    constexpr int letters = 9;
    b->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    b->setMinimumContentsLength(letters);
    b->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    b->setObjectName(QLatin1String(name));
    b->setAccessibleName(spoken);
    b->view()->setObjectName(QLatin1String(name) + QStringLiteral("List"));
    b->view()->setAccessibleName(spoken);
    return b;
}

void fillWithNotes(QComboBox* box)
{
    for (const std::string& note : spellings(*semitonesFromName("C3"), *semitonesFromName("C7")))
        box->addItem(text::noteName(note), QString::fromStdString(note));
}

void chooseNote(QComboBox* box, const std::string& name)
{
    if (const int at = box->findData(QString::fromStdString(name)); at >= 0)
        return box->setCurrentIndex(at);
    for (int i = 0; i < box->count(); ++i)
        if (isSameNote(box->itemData(i).toString().toStdString(), name))
            return box->setCurrentIndex(i);
}

QDoubleSpinBox* spin(QWidget* parent, const char* name, const QString& spoken, const Range& range)
{
    auto* s = new QDoubleSpinBox(parent);
    s->setObjectName(QLatin1String(name));
    s->setAccessibleName(spoken);
    s->setRange(range.low, range.high);
    s->setSingleStep(range.step);
    s->setDecimals(range.decimals);
    s->setSuffix(range.suffix);
    s->setKeyboardTracking(false);
    s->setButtonSymbols(QAbstractSpinBox::NoButtons);
    return s;
}

QTableWidget* table(QWidget* parent, const char* name, const QString& spoken, const QStringList& headers, int rowHeight)
{
    auto* t = new QTableWidget(0, static_cast<int>(headers.size()), parent);
    t->setObjectName(QLatin1String(name));
    t->setAccessibleName(spoken);
    t->setHorizontalHeaderLabels(headers);
    t->horizontalHeader()->setHighlightSections(false); // a chosen column's bold name would not fit
    t->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    t->setShowGrid(false);
    t->verticalHeader()->hide();
    t->setTabKeyNavigation(false); // Tab goes on, arrows stay
    t->verticalHeader()->setDefaultSectionSize(Style::scaled(rowHeight));
    t->setEditTriggers(QAbstractItemView::NoEditTriggers);
    t->setSelectionMode(QAbstractItemView::NoSelection);
    return t;
}

void row(QTableWidget* table, int row, const QStringList& cells)
{
    // Every change that is told measures all columns anew: one a row is told, not one a cell.
    const auto last = static_cast<int>(cells.size()) - 1;
    const bool before = table->model()->blockSignals(true);
    for (int column = 0; column <= last; ++column) {
        auto* item = new QTableWidgetItem(cells[column]);
        item->setTextAlignment((column == 0 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
        if (column == last)
            table->model()->blockSignals(before);
        table->setItem(row, column, item);
    }
    table->viewport()->update();
}

bool rowInPlace(QTableWidget* table, int row, const QStringList& cells)
{
    const auto last = static_cast<int>(cells.size()) - 1;
    bool whole = true;
    bool same = true;
    for (int column = 0; column <= last; ++column) {
        const QTableWidgetItem* item = table->item(row, column);
        whole = whole && item != nullptr;
        same = same && item != nullptr && item->text() == cells[column];
    }
    if (!whole) {
        form::row(table, row, cells);
        return true;
    }
    if (same)
        return false;
    const bool before = table->model()->blockSignals(true);
    for (int column = 0; column < last; ++column)
        table->item(row, column)->setText(cells[column]);
    table->model()->blockSignals(before);
    table->item(row, last)->setText(cells[last]); // told once for all
    table->viewport()->update();
    return true;
}

void fitColumns(QTableView* table)
{
    constexpr int lines = 4; // grid and frame
    const auto* header = table->horizontalHeader();
    int sum = 0;
    int widest = 0;
    int shown = 0;
    for (int column = 0; column < table->model()->columnCount(); ++column) {
        if (table->isColumnHidden(column))
            continue;
        const int own =
            std::max(static_cast<QAbstractItemView*>(table)->sizeHintForColumn(column), header->sectionSizeHint(column)) + 1;
        sum += own;
        widest = std::max(widest, own);
        ++shown;
    }
    const bool alike = header->count() > 1 && header->sectionResizeMode(0) == QHeaderView::Stretch &&
                       header->sectionResizeMode(1) == QHeaderView::Stretch; // all share the width
    table->setMinimumWidth((alike ? shown * widest : sum) + lines);
}

QLabel* words(QWidget* parent, const char* name, bool quiet)
{
    auto* l = new QLabel(parent);
    l->setObjectName(QLatin1String(name));
    l->setWordWrap(true);
    l->setTextFormat(Qt::PlainText);
    l->setProperty("quiet", quiet);
    return l;
}

QHBoxLayout* sideBySide(QWidget* parent, QWidget* first, const QString& between, QWidget* second)
{
    auto* row = new QHBoxLayout;
    row->setSpacing(Style::grid);
    row->addWidget(first, 1);
    row->addWidget(new QLabel(between, parent));
    row->addWidget(second, 1);
    return row;
}

QScrollArea* scrolled(QWidget* parent, const char* name, QLabel* words)
{
    /// Words that changed while nobody saw them ask for no new room by themselves.
    class Area : public QScrollArea
    {
    public:
        using QScrollArea::QScrollArea;

    protected:
        void showEvent(QShowEvent* event) override
        {
            QScrollArea::showEvent(event);
            widget()->updateGeometry();
        }
    };
    auto* area = new Area(parent);
    area->setObjectName(QLatin1String(name));
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setFocusPolicy(Qt::NoFocus);
    area->setWidget(words);
    area->viewport()->setAutoFillBackground(false);
    words->setAutoFillBackground(false);
    return area;
}

QPushButton* button(QWidget* parent, const char* name, const QString& text, bool main)
{
    auto* b = new QPushButton(text, parent);
    b->setObjectName(QLatin1String(name));
    b->setAccessibleName(QString(text).remove(QLatin1Char('&')));
    b->setProperty("main", main);
    return b;
}

QHBoxLayout* answers(QDialog* dialog, const char* cancelName, const char* mainName, const QString& main)
{
    auto* row = new QHBoxLayout;
    row->setSpacing(Style::grid);
    auto* leave = button(dialog, cancelName, QCoreApplication::translate("form", "Cancel"));
    auto* keep = button(dialog, mainName, main, true);
    keep->setAutoDefault(false); // stays the default when it was clicked and the words were refused
    keep->setDefault(true);
    row->addStretch(1);
    row->addWidget(leave);
    row->addWidget(keep);
    QObject::connect(leave, &QPushButton::clicked, dialog, &QDialog::reject);
    QObject::connect(keep, &QPushButton::clicked, dialog, &QDialog::accept);
    return row;
}

QHBoxLayout* closing(QDialog* dialog, const char* name)
{
    auto* close = button(dialog, name, QCoreApplication::translate("form", "&Close"));
    close->setAutoDefault(false);
    QObject::connect(close, &QPushButton::clicked, dialog, &QDialog::accept);
    auto* foot = new QHBoxLayout;
    foot->addStretch(1);
    foot->addWidget(close);
    return foot;
}

} // namespace dowel::app::form
