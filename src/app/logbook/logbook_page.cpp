// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/logbook/logbook_page.h"

#include "app/document/take_dialog.h"
#include "app/parts/style.h"
#include "text/sentences.h"

#include <QDateTime>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTableView>
#include <QVBoxLayout>

namespace dowel::app {

void LogModel::setBook(const Document::Snapshot& book, text::LengthUnit unit)
{
    // Entries are only ever added at the end, which is the top here.
    const auto before = m_book ? m_book->entries().size() : 0;
    const auto after = book->entries().size();
    const bool sameBook = m_book != nullptr && after >= before;
    m_unit = unit;
    if (!sameBook) {
        beginResetModel();
        m_book = book;
        endResetModel();
        return;
    }
    if (after > before) {
        beginInsertRows({}, 0, static_cast<int>(after - before) - 1);
        m_book = book;
        endInsertRows();
    }
    m_book = book;
    if (after > 0)
        Q_EMIT dataChanged(index(0, 0), index(static_cast<int>(after) - 1, ColumnCount - 1));
}

const Entry* LogModel::entryAt(int row) const
{
    if (!m_book || row < 0 || row >= rowCount())
        return nullptr;
    return &m_book->entries()[m_book->entries().size() - 1 - static_cast<std::size_t>(row)];
}

int LogModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() || !m_book ? 0 : static_cast<int>(m_book->entries().size());
}

int LogModel::columnCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : ColumnCount;
}

QVariant LogModel::data(const QModelIndex& index, int role) const
{
    const Entry* e = index.isValid() ? entryAt(index.row()) : nullptr;
    if (e == nullptr)
        return {};
    const bool aside = m_book->isSetAside(e->id);
    switch (role) {
    case Qt::DisplayRole:
        switch (index.column()) {
        case Number: return QString::number(e->id.number);
        case When:
            return QDateTime::fromString(QString::fromStdString(e->at), Qt::ISODateWithMs)
                .toLocalTime()
                .toString(QStringLiteral("yyyy-MM-dd HH:mm:ss"));
        case What: return text::logLine(*e, *m_book, m_unit);
        case State: return aside ? tr("set aside") : QString();
        default: return {};
        }
    case Qt::ForegroundRole: {
        const Colours& c = Style::current().colours();
        return aside || std::holds_alternative<Advice>(e->body) ? c.pencil : c.ink;
    }
    case Qt::FontRole: {
        QFont f = Style::body();
        f.setBold(std::holds_alternative<CutEntry>(e->body));
        f.setStrikeOut(aside);
        return f;
    }
    default: return {};
    }
}

QVariant LogModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (orientation == Qt::Horizontal && role == Qt::TextAlignmentRole)
        return QVariant(Qt::AlignLeft | Qt::AlignVCenter);
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    switch (section) {
    case Number: return tr("No.");
    case When: return tr("When");
    case What: return tr("What");
    default: return {};
    }
}

LogbookPage::LogbookPage(Document& document, QWidget* parent)
    : QWidget(parent),
      m_document(&document),
      m_model(new LogModel(this)),
      m_table(new QTableView(this)),
      m_note(new QLineEdit(this)),
      m_aside(new QPushButton(tr("&Set aside"), this))
{
    setObjectName(QStringLiteral("logbookPage"));
    m_table->setObjectName(QStringLiteral("logTable"));
    m_table->setAccessibleName(tr("Logbook"));
    m_table->setModel(m_model);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setShowGrid(false);
    m_table->setTabKeyNavigation(false);
    m_table->setWordWrap(false);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(30);
    m_table->horizontalHeader()->setHighlightSections(false);
    m_table->horizontalHeader()->setSectionResizeMode(LogModel::What, QHeaderView::Stretch);
    m_table->setColumnWidth(LogModel::Number, 56);
    m_table->setColumnWidth(LogModel::When, 200);
    m_table->setColumnWidth(LogModel::State, 110);
    m_aside->setObjectName(QStringLiteral("setAsideButton"));
    m_aside->setAccessibleName(tr("Set the selected entry aside"));
    auto* hint = new QLabel(tr("Nothing is ever erased: a wrong reading or cut is set aside, stays here, and no longer counts. "
                               "Double-click a reading to see its take."),
                            this);
    hint->setProperty("quiet", true);
    hint->setWordWrap(true);
    m_note->setObjectName(QStringLiteral("logNote"));
    m_note->setAccessibleName(tr("A note for the logbook"));
    m_note->setPlaceholderText(tr("Write a note, Enter keeps it"));
    m_note->setMaxLength(1000);
    connect(m_note, &QLineEdit::returnPressed, this, [this] {
        const QString words = m_note->text().trimmed();
        if (!words.isEmpty())
            m_document->note(words);
        m_note->clear();
    });
    auto* row = new QHBoxLayout;
    row->addWidget(m_note, 1);
    row->addWidget(m_aside);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(3 * Style::grid, Style::grid, 2 * Style::grid, Style::grid);
    all->addWidget(m_table, 1);
    all->addWidget(hint);
    all->addLayout(row);
    connect(m_table, &QTableView::doubleClicked, this, [this](const QModelIndex& index) {
        if (const Entry* e = m_model->entryAt(index.row()))
            openTake(e->id);
    });
    connect(m_aside, &QPushButton::clicked, this, &LogbookPage::setAsideSelected);
    connect(m_table->selectionModel(), &QItemSelectionModel::selectionChanged, this, &LogbookPage::updateButton);
    connect(m_document, &Document::changed, this, &LogbookPage::refresh);
    refresh();
}

void LogbookPage::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    refresh();
}

void LogbookPage::refresh()
{
    m_model->setBook(m_document->book(), m_unit);
    updateButton();
}

void LogbookPage::updateButton()
{
    const auto rows = m_table->selectionModel()->selectedRows();
    const Entry* e = rows.isEmpty() ? nullptr : m_model->entryAt(rows.front().row());
    // Advice speaks for its own time, and a blank stays what it is.
    m_aside->setEnabled(e != nullptr && !m_document->book()->isSetAside(e->id) && !std::holds_alternative<Advice>(e->body) &&
                        !std::holds_alternative<SetAsideEntry>(e->body) && !std::holds_alternative<PracticeEntry>(e->body));
}

void LogbookPage::openTake(EntryId id)
{
    for (const Entry& e : m_document->book()->entries()) {
        const auto* r = std::get_if<ReadingEntry>(&e.body);
        if (e.id != id || r == nullptr || !r->hasTake)
            continue;
        auto* dialog = new TakeDialog(*m_document, id, this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
        return;
    }
}

void LogbookPage::setAsideSelected()
{
    const auto rows = m_table->selectionModel()->selectedRows();
    if (const Entry* e = rows.isEmpty() ? nullptr : m_model->entryAt(rows.front().row()))
        m_document->setAside(e->id, tr("set aside in the logbook"));
}

} // namespace dowel::app
