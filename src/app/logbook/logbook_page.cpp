// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/logbook/logbook_page.h"

#include "app/document/take_dialog.h"
#include "app/logbook/photo_dialog.h"
#include "app/parts/form.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "text/sentences.h"

#include <QComboBox>
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

namespace {

/// Done other than it was advised, without advice, or set aside afterwards.
bool wentOtherwise(const Entry& e, const Workbook& book)
{
    constexpr Metres asAdvised = Metres::fromMillimetres(0.1);
    if (book.isSetAside(e.id))
        return true;
    const auto* cut = std::get_if<CutEntry>(&e.body);
    if (cut == nullptr)
        return std::holds_alternative<MeasureEntry>(e.body);
    if (std::holds_alternative<PutOnFoot>(cut->cut)) // comes off again
        return false;
    if (!cut->advised)
        return true;
    const Metres off = wantedSize(cut->cut) - *cut->advised;
    return off > asAdvised || off < -asAdvised;
}

} // namespace

QVariant LogFilter::data(const QModelIndex& index, int role) const
{
    const QVariant whole = QSortFilterProxyModel::data(index, role);
    constexpr qsizetype dayLetters = 10; // of yyyy-MM-dd
    const bool later = index.column() == LogModel::When && index.row() > 0;
    if (role == Qt::TextAlignmentRole && index.column() == LogModel::When)
        return QVariant(Qt::AlignRight | Qt::AlignVCenter);
    if (role != Qt::DisplayRole || !later)
        return whole;
    const QString above = QSortFilterProxyModel::data(this->index(index.row() - 1, LogModel::When), role).toString();
    const QString here = whole.toString();
    return above.left(dayLetters) == here.left(dayLetters) ? here.mid(dayLetters + 1) : here;
}

void LogFilter::look(Kind kind, const QString& words)
{
    m_kind = kind;
    m_words = words;
    invalidateFilter();
}

bool LogFilter::filterAcceptsRow(int row, const QModelIndex& parent) const
{
    const auto* log = static_cast<const LogModel*>(sourceModel());
    const Entry* e = log->entryAt(row);
    if (e == nullptr)
        return false;
    const auto ofKind = [&] {
        switch (m_kind) {
        case Readings: return std::holds_alternative<ReadingEntry>(e->body);
        case Cuts: return std::holds_alternative<CutEntry>(e->body);
        case Notes: return std::holds_alternative<NoteEntry>(e->body);
        case Photographs: return std::holds_alternative<PhotoEntry>(e->body);
        case AdviceGiven: return std::holds_alternative<Advice>(e->body);
        case Otherwise: return wentOtherwise(*e, *log->book());
        case Everything: break;
        }
        return true;
    };
    if (!ofKind())
        return false;
    if (m_words.isEmpty())
        return true;
    for (const int column : {LogModel::When, LogModel::What})
        if (log->index(row, column, parent).data().toString().contains(m_words, Qt::CaseInsensitive))
            return true;
    return false;
}

LogbookPage::LogbookPage(Document& document, Questions& questions, QWidget* parent)
    : QWidget(parent),
      m_document(&document),
      m_questions(&questions),
      m_model(new LogModel(this)),
      m_shown(new LogFilter(this)),
      m_kind(form::box(this, "logKind", tr("Filter"))),
      m_search(new QLineEdit(this)),
      m_table(new QTableView(this)),
      m_note(new QLineEdit(this)),
      m_aside(new QPushButton(tr("&Set aside"), this))
{
    setObjectName(QStringLiteral("logbookPage"));
    m_table->setObjectName(QStringLiteral("logTable"));
    m_table->setAccessibleName(tr("Logbook"));
    m_shown->setSourceModel(m_model);
    m_table->setModel(m_shown);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setShowGrid(false);
    m_table->setTabKeyNavigation(false);
    m_table->setWordWrap(false);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(Style::scaled(30));
    m_table->horizontalHeader()->setHighlightSections(false);
    m_table->horizontalHeader()->setSectionResizeMode(LogModel::What, QHeaderView::Stretch);
    m_table->setColumnWidth(LogModel::Number, Style::scaled(56));
    m_table->setColumnWidth(LogModel::When, Style::scaled(200));
    m_table->setColumnWidth(LogModel::State, Style::scaled(110));
    m_aside->setObjectName(QStringLiteral("setAsideButton"));
    m_aside->setAccessibleName(tr("Set the selected entry aside"));
    auto* hint = new QLabel(tr("Nothing is erased: a wrong entry is set aside, stays here and no longer counts. Double-click a "
                               "reading to see its take, or a photograph to enlarge it."),
                            this);
    hint->setProperty("quiet", true);
    hint->setWordWrap(true);
    m_note->setObjectName(QStringLiteral("logNote"));
    m_note->setAccessibleName(tr("Note"));
    m_note->setPlaceholderText(tr("Type a note and press Enter"));
    m_note->setMaxLength(1000);
    connect(m_note, &QLineEdit::returnPressed, this, [this] {
        const QString words = m_note->text().trimmed();
        if (!words.isEmpty())
            m_document->note(words);
        m_note->clear();
    });
    auto* photo = form::button(this, "logPhoto", tr("Add p&hotograph…"));
    photo->setToolTip(tr("The workbook keeps a reduced copy without the camera's place and time. The note becomes its caption."));
    connect(photo, &QPushButton::clicked, this, &LogbookPage::photograph);
    auto* row = new QHBoxLayout;
    row->addWidget(m_note, 1);
    row->addWidget(photo);
    row->addWidget(m_aside);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(3 * Style::grid, Style::grid, 2 * Style::grid, Style::grid);
    all->addLayout(makeFinding());
    all->addWidget(m_table, 1);
    all->addWidget(hint);
    all->addLayout(row);
    connect(m_table, &QTableView::doubleClicked, this, [this](const QModelIndex& index) {
        if (const Entry* e = entryAt(index))
            open(e->id);
    });
    connect(m_aside, &QPushButton::clicked, this, &LogbookPage::setAsideSelected);
    connect(m_table->selectionModel(), &QItemSelectionModel::selectionChanged, this, &LogbookPage::updateButton);
    connect(m_document, &Document::changed, this, &LogbookPage::refresh);
    refresh();
}

QHBoxLayout* LogbookPage::makeFinding()
{
    const std::pair<QString, LogFilter::Kind> kinds[] = {{tr("Everything"), LogFilter::Everything},
                                                         {tr("Readings"), LogFilter::Readings},
                                                         {tr("Cuts"), LogFilter::Cuts},
                                                         {tr("Notes"), LogFilter::Notes},
                                                         {tr("Photographs"), LogFilter::Photographs},
                                                         {tr("Advice"), LogFilter::AdviceGiven},
                                                         {tr("Exceptions"), LogFilter::Otherwise}};
    for (const auto& [name, kind] : kinds)
        m_kind->addItem(name, static_cast<int>(kind));
    m_kind->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    m_kind->setToolTip(tr("Exceptions: cuts other than advised or without advice, sizes measured again, entries set aside."));
    m_search->setObjectName(QStringLiteral("logSearch"));
    m_search->setAccessibleName(tr("Search the logbook"));
    m_search->setPlaceholderText(tr("Search a note, a hole or a date: 2026-05"));
    connect(m_kind, &QComboBox::currentIndexChanged, this, &LogbookPage::look);
    connect(m_search, &QLineEdit::textChanged, this, &LogbookPage::look);
    auto* find = new QHBoxLayout;
    find->setSpacing(Style::grid);
    find->addWidget(m_kind);
    find->addWidget(m_search, 1);
    return find;
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

void LogbookPage::look()
{
    m_shown->look(static_cast<LogFilter::Kind>(m_kind->currentData().toInt()), m_search->text().trimmed());
    updateButton();
}

const Entry* LogbookPage::entryAt(const QModelIndex& shown) const
{
    return m_model->entryAt(m_shown->mapToSource(shown).row());
}

void LogbookPage::updateButton()
{
    const auto rows = m_table->selectionModel()->selectedRows();
    const Entry* e = rows.isEmpty() ? nullptr : entryAt(rows.front());
    // Advice speaks for its own time, and a blank stays what it is.
    m_aside->setEnabled(e != nullptr && !m_document->book()->isSetAside(e->id) && factsOf(e->body).ofTheMaker);
}

void LogbookPage::open(EntryId id)
{
    const Entry* e = m_document->book()->entry(id);
    if (e == nullptr)
        return;
    QDialog* dialog = nullptr;
    if (const auto* r = std::get_if<ReadingEntry>(&e->body); r != nullptr && r->hasTake)
        dialog = new TakeDialog(*m_document, id, this);
    else if (std::holds_alternative<PhotoEntry>(e->body))
        dialog = new PhotoDialog(*m_document, id, text::logLine(*e, *m_document->book(), m_unit), this);
    if (dialog == nullptr)
        return;
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

void LogbookPage::photograph()
{
    const QString path =
        m_questions->fileToOpen(this, tr("Photograph for the logbook"), tr("Pictures (*.jpg *.jpeg *.png *.webp)"));
    if (path.isEmpty())
        return;
    m_document->photograph(path, m_note->text().trimmed());
    m_note->clear();
}

void LogbookPage::setAsideSelected()
{
    const auto rows = m_table->selectionModel()->selectedRows();
    if (const Entry* e = rows.isEmpty() ? nullptr : entryAt(rows.front()))
        m_document->setAside(e->id, tr("set aside in the logbook"));
}

} // namespace dowel::app

#include "moc_logbook_page.cpp"
