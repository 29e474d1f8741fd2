// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shop/shop_page.h"

#include "app/parts/form.h"
#include "app/parts/outline.h"
#include "app/parts/style.h"
#include "app/shop/empty_shop.h"
#include "core/instrument/whole.h"
#include "text/errors.h"
#include "text/finish.h"
#include "text/names.h"
#include "text/sentences.h"
#include "text/units.h"

#include <QAbstractButton>
#include <QCheckBox>
#include <QComboBox>
#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QFormLayout>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QLocale>
#include <QPainter>
#include <QPushButton>
#include <QSpinBox>
#include <QStackedWidget>
#include <QStyledItemDelegate>
#include <QVBoxLayout>
#include <algorithm>

namespace dowel::app {

namespace {

constexpr double beginnerLevel = -1.0; // stands for no loudness

using session::ShelfLine;
using State = ShelfLine::State;

/// Where an instrument stands, and what is next, in a maker's words.
QString stands(const ShelfLine& line, text::LengthUnit unit)
{
    switch (line.state) {
    case State::CutReady: return line.next ? ShopPage::tr("A cut is ready: %1").arg(text::work(*line.next, unit)) : QString();
    case State::Stopped: return ShopPage::tr("Stopped: readings are inconsistent, see Correct");
    case State::ToHear: return ShopPage::tr("%1 of %2 to play").arg(line.toHear).arg(line.notes);
    case State::Heard: return ShopPage::tr("Heard; advice pending");
    case State::LaidOut: return ShopPage::tr("Laid out, ready to drill");
    case State::Planned: return ShopPage::tr("In planning");
    case State::FinishDue:
        return line.work
                   ? ShopPage::tr("Finish due since %1: %2", "day, work").arg(text::day(line.workFrom), text::work(*line.work))
                   : QString();
    case State::Finishing:
        return line.work ? ShopPage::tr("Finish from %1: %2", "day, work").arg(text::day(line.workFrom), text::work(*line.work))
                         : QString();
    case State::Done: return ShopPage::tr("Tuning finished");
    case State::Unreadable: break;
    }
    return line.trouble ? text::sentence(*line.trouble) : QString();
}

QString touched(const ShelfLine& line)
{
    const auto at = QDateTime::fromString(QString::fromStdString(line.touched), Qt::ISODateWithMs);
    return at.isValid() ? QLocale().toString(at.toLocalTime(), QLocale::ShortFormat) : QString();
}

QString worst(const ShelfLine& line)
{
    if (line.practice && line.score.rounds > 0)
        return ShopPage::tr("%1 of %2 in tune, %n cut(s), %3 sharp", "score of a practice blank", line.score.cuts)
            .arg(line.score.home)
            .arg(line.score.of)
            .arg(line.score.sharp);
    return line.worst ? ShopPage::tr("largest deviation %1 cents").arg(text::cents(line.worst->cents())) : QString();
}

double reachOf(const Instrument& shape)
{
    return overallOf(shape.spec()).metres();
}

/// Draws a line of the shop; the lines themselves stay with the page.
class LineDelegate : public QStyledItemDelegate
{
public:
    LineDelegate(const std::vector<ShelfLine>& lines, const text::LengthUnit& unit, QObject* parent)
        : QStyledItemDelegate(parent), m_lines(&lines), m_unit(&unit)
    {
    }
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& /*index*/) const override
    {
        return {option.rect.width(), 3 * QFontMetrics(Style::body()).height() + Style::grid};
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const ShelfLine& line = (*m_lines)[index.data(Qt::UserRole).toUInt()];
        const Colours& c = Style::current().colours();
        painter->save();
        if (option.state.testFlag(QStyle::State_Selected)) {
            painter->fillRect(option.rect, c.sheet);
            painter->fillRect(QRect(option.rect.topLeft(), QSize(4, option.rect.height())), c.warm);
        }
        painter->setPen(c.hairline);
        painter->drawLine(option.rect.bottomLeft(), option.rect.bottomRight());
        const QRect inner = option.rect.adjusted(2 * Style::grid, 0, -Style::grid, 0);
        const int drawing = inner.width() * 2 / 5;
        if (line.shape)
            paintOutline(*painter, *line.shape, QRectF(inner.left(), inner.top() + 10, drawing, inner.height() - 20),
                         perMetre(drawing));
        paintWords(*painter, line, inner.adjusted(drawing + 2 * Style::grid, 0, 0, 0));
        painter->restore();
    }

private:
    /// Of the longest instrument there is, so that all are drawn to one scale.
    [[nodiscard]] double perMetre(int width) const
    {
        double longest = 0.3;
        for (const ShelfLine& l : *m_lines)
            if (l.shape)
                longest = std::max(longest, reachOf(*l.shape));
        constexpr double ends = 24.0;
        return (width - ends) / longest;
    }
    void paintWords(QPainter& painter, const ShelfLine& line, const QRect& room) const
    {
        const Colours& c = Style::current().colours();
        const int height = QFontMetrics(Style::body()).height();
        const int top = room.center().y() - height;
        QFont bold = Style::body();
        bold.setBold(true);
        const QRect first(room.left(), top, room.width(), height);
        const QRect second = first.translated(0, height + 2);
        const QFontMetrics small(Style::small());
        const int beside = std::max(small.horizontalAdvance(touched(line)), small.horizontalAdvance(worst(line))) + Style::grid;
        const QRect name = first.adjusted(0, 0, -beside, 0);
        painter.setPen(c.ink);
        painter.setFont(bold);
        painter.drawText(name, Qt::AlignVCenter,
                         QFontMetrics(bold).elidedText(QString::fromStdString(line.name), Qt::ElideRight, name.width()));
        painter.setFont(Style::body());
        painter.setPen(line.state == State::Unreadable ? c.warm : c.ink);
        painter.drawText(second.adjusted(0, 0, -beside, 0), Qt::AlignVCenter,
                         QFontMetrics(Style::body()).elidedText(stands(line, *m_unit), Qt::ElideRight, name.width()));
        painter.setFont(Style::small());
        painter.setPen(c.pencil);
        painter.drawText(first, Qt::AlignRight | Qt::AlignVCenter, touched(line));
        painter.drawText(second, Qt::AlignRight | Qt::AlignVCenter, worst(line));
    }
    const std::vector<ShelfLine>* m_lines;
    const text::LengthUnit* m_unit;
};

} // namespace

QString archiveOf(const QString& folder)
{
    return folder + QStringLiteral("/archive");
}

ShopPage::ShopPage(QString folder, TimeSource& time, QWidget* parent)
    : QWidget(parent),
      m_time(&time),
      m_folder(std::move(folder)),
      m_where(form::words(this, "shopWhere", true)),
      m_empty(form::words(this, "shopEmpty")),
      m_find(new QLineEdit(this)),
      m_order(form::box(this, "shopOrder", tr("Sort order"))),
      m_archived(new QCheckBox(tr("archi&ved"), this)),
      m_room(new QStackedWidget(this)),
      m_list(new QListWidget(this)),
      m_open(form::button(this, "shopOpen", tr("&Open"), true)),
      m_like(form::button(this, "shopLike", tr("&Make another…"))),
      m_compare(form::button(this, "shopCompare", tr("&Compare"))),
      m_archive(form::button(this, "shopArchive", tr("Archi&ve"))),
      m_family(form::box(this, "newFamily", tr("Family"))),
      m_name(new QLineEdit(this)),
      m_begin(form::button(this, "newBegin", tr("&Start"))),
      m_practiceFamily(form::box(this, "practiceFamily", tr("Family of the practice blank"))),
      m_practiceLevel(form::box(this, "practiceLevel", tr("Listening conditions"))),
      m_seed(new QSpinBox(this)),
      m_ownFirst(new QCheckBox(tr("o&wn cut first"), this))
{
    setObjectName(QStringLiteral("shopPage"));
    m_find->setObjectName(QStringLiteral("shopFind"));
    m_find->setAccessibleName(tr("Search by name"));
    m_find->setPlaceholderText(tr("search by name"));
    m_find->setClearButtonEnabled(true);
    for (auto* clear : m_find->findChildren<QAbstractButton*>()) {
        clear->setObjectName(QStringLiteral("shopFindNothing"));
        clear->setAccessibleName(tr("Show all again"));
    }
    m_archived->setObjectName(QStringLiteral("shopArchived"));
    m_archived->setAccessibleName(tr("Show archived instruments"));
    m_list->setObjectName(QStringLiteral("shopList"));
    m_list->setAccessibleName(tr("Instruments"));
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_list->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_list->setItemDelegate(new LineDelegate(m_lines, m_unit, m_list));
    m_order->addItem(tr("by next step"), static_cast<int>(Order::Next));
    m_order->addItem(tr("by name"), static_cast<int>(Order::Name));
    m_order->addItem(tr("by family"), static_cast<int>(Order::Family));
    m_order->addItem(tr("by date"), static_cast<int>(Order::Touched));
    for (const auto& [family, words] : text::families()) {
        m_family->addItem(words, static_cast<int>(family));
        m_practiceFamily->addItem(words, static_cast<int>(family));
    }
    // Harmonic power over breath noise in decibels: a quiet room, a workshop, a breathy player beside a fan.
    const std::pair<QString, double> levels[] = {
        {tr("a quiet room"), 36.0}, {tr("a workshop"), 24.0}, {tr("noisy, beside a fan"), 14.0}};
    for (const auto& [words, noise_dB] : levels)
        m_practiceLevel->addItem(words, noise_dB);
    m_practiceLevel->addItem(tr("a beginner blows"), beginnerLevel);
    m_practiceLevel->setCurrentIndex(1);
    m_seed->setObjectName(QStringLiteral("practiceSeed"));
    m_seed->setAccessibleName(tr("Number of the simulated piece of wood; the same number gives the same wood"));
    m_seed->setRange(1, 999999);
    m_seed->setValue(10);
    m_seed->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_seed->setPrefix(tr("wood no. "));
    m_ownFirst->setObjectName(QStringLiteral("practiceOwnFirst"));
    m_ownFirst->setAccessibleName(tr("Own cut first"));
    m_ownFirst->setToolTip(
        tr("You choose hole and size; then Dowel shows the forecast for your cut and its own advice, and keeps score."));
    m_name->setObjectName(QStringLiteral("newName"));
    m_name->setAccessibleName(tr("Name"));
    m_name->setMaxLength(100);
    m_name->setPlaceholderText(tr("name"));
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(4 * Style::grid, 2 * Style::grid, 4 * Style::grid, 2 * Style::grid);
    columns->setSpacing(4 * Style::grid);
    columns->addLayout(makeList(), 5);
    columns->addLayout(makeBeginning(), 2);
    bind();
    updateButtons();
}

QVBoxLayout* ShopPage::makeList()
{
    auto* title = new QLabel(tr("Instruments"), this);
    title->setFont(Style::head());
    auto* tools = new QHBoxLayout;
    tools->setSpacing(2 * Style::grid);
    tools->addWidget(m_find, 2);
    tools->addWidget(m_order, 2);
    tools->addWidget(m_archived);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(Style::grid);
    for (QPushButton* b : {m_open, m_like, m_compare, m_archive})
        buttons->addWidget(b);
    buttons->addStretch(1);
    auto* column = new QVBoxLayout;
    column->setSpacing(Style::grid);
    column->addWidget(title);
    column->addWidget(m_where);
    column->addLayout(tools);
    auto* begins = new EmptyShop(m_room);
    connect(begins, &EmptyShop::newAsked, this, [this] { begin(false); });
    connect(begins, &EmptyShop::existingAsked, this, [this] { begin(true); });
    connect(begins, &EmptyShop::practiceAsked, this, &ShopPage::practise);
    m_begins = begins;
    m_room->addWidget(m_begins);
    m_room->addWidget(m_empty);
    m_room->addWidget(m_list);
    column->addWidget(m_room, 1);
    column->addLayout(buttons);
    return column;
}

QVBoxLayout* ShopPage::makeBeginning()
{
    const auto heading = [this](const QString& words) {
        auto* label = new QLabel(words, this);
        label->setFont(Style::head());
        return label;
    };
    const auto plain = [this](const char* name, const QString& words, void (ShopPage::*asked)()) {
        auto* b = form::button(this, name, words);
        connect(b, &QPushButton::clicked, this, asked);
        return b;
    };
    auto* words = form::words(this, "practiceWords", true);
    words->setText(tr("A simulated player plays a simulated piece of wood; no real wood is at risk."));
    auto* practise = form::button(this, "practiceButton", tr("Start a &practice blank"));
    connect(practise, &QPushButton::clicked, this, &ShopPage::practise);
    auto* column = new QVBoxLayout;
    column->setSpacing(Style::grid);
    column->addWidget(heading(tr("New instrument")));
    column->addWidget(m_family);
    column->addWidget(m_name);
    column->addWidget(m_begin);
    column->addSpacing(Style::grid);
    column->addWidget(heading(tr("Practice")));
    column->addWidget(words);
    column->addWidget(m_practiceFamily);
    auto* which = new QHBoxLayout;
    which->setSpacing(Style::grid);
    which->addWidget(m_practiceLevel, 3);
    which->addWidget(m_seed, 2);
    column->addLayout(which);
    column->addWidget(m_ownFirst);
    column->addWidget(practise);
    column->addSpacing(Style::grid);
    column->addWidget(heading(tr("Import")));
    auto* files = new QGridLayout;
    files->setSpacing(Style::grid);
    auto* open = plain("openButton", tr("&Workbook…"), &ShopPage::fileAsked);
    open->setToolTip(tr("Open a workbook from any folder."));
    auto* specification = plain("newButton", tr("&Specification…"), &ShopPage::specificationAsked);
    specification->setToolTip(tr("Make a workbook from a JSON specification."));
    auto* model = plain("modelButton", tr("&Like a file…"), &ShopPage::modelAsked);
    model->setToolTip(tr("Make another instrument from a file, in the same or other keys."));
    auto* folder = plain("folderButton", tr("&Folder…"), &ShopPage::folderAsked);
    folder->setToolTip(tr("Choose the workbook folder."));
    files->addWidget(open, 0, 0);
    files->addWidget(specification, 0, 1);
    files->addWidget(model, 1, 0);
    column->addLayout(files);
    column->addSpacing(Style::grid);
    column->addWidget(heading(tr("Shop")));
    auto* drawer = plain("drawerButton", tr("&Tool drawer…"), &ShopPage::drawerAsked);
    drawer->setToolTip(tr("The bits and hand tools that layouts, order of work and advice go by."));
    auto* shop = new QHBoxLayout;
    shop->setSpacing(Style::grid);
    shop->addWidget(drawer, 1);
    shop->addWidget(folder, 1);
    column->addLayout(shop);
    column->addStretch(1);
    return column;
}

void ShopPage::bind()
{
    connect(m_find, &QLineEdit::textChanged, this, &ShopPage::arrange);
    connect(m_order, &QComboBox::currentIndexChanged, this, &ShopPage::arrange);
    connect(m_archived, &QCheckBox::toggled, this, &ShopPage::refresh);
    connect(m_list, &QListWidget::itemSelectionChanged, this, &ShopPage::updateButtons);
    connect(m_compare, &QPushButton::clicked, this, [this] { Q_EMIT compareAsked(chosenPaths()); });
    const auto open = [this] {
        if (const ShelfLine* line = chosen(); line != nullptr && !line->trouble)
            Q_EMIT openAsked(QString::fromStdString(line->path));
    };
    connect(m_list, &QListWidget::itemActivated, this, open);
    connect(m_open, &QPushButton::clicked, this, open);
    connect(m_like, &QPushButton::clicked, this, [this] {
        if (const ShelfLine* line = chosen())
            askLike(QString::fromStdString(line->path), QString::fromStdString(line->name), QString::fromStdString(line->lowest));
    });
    connect(m_archive, &QPushButton::clicked, this, &ShopPage::archive);
    const auto named = [this] {
        if (m_name->text().trimmed().isEmpty()) {
            Q_EMIT failed(tr("Type a name first."));
            return m_name->setFocus();
        }
        begin(false);
    };
    connect(m_begin, &QPushButton::clicked, this, named);
    connect(m_name, &QLineEdit::returnPressed, this, named);
}

void ShopPage::begin(bool exists)
{
    const QString typed = m_name->text().trimmed();
    const QString name = typed.isEmpty() ? tr("New: %1", "family").arg(m_family->currentText()) : typed;
    const auto family = static_cast<Family>(m_family->currentData().toInt());
    if (exists)
        Q_EMIT existingAsked(family, name);
    else
        Q_EMIT beginAsked(family, name);
    m_name->clear();
}

void ShopPage::practise()
{
    PracticeEntry with;
    with.seed = static_cast<std::uint64_t>(m_seed->value());
    with.room = Temperature::fromCelsius(21.0);
    with.ownFirst = m_ownFirst->isChecked();
    with.beginner = m_practiceLevel->currentData().toDouble() == beginnerLevel;
    if (!with.beginner)
        with.noise_dB = m_practiceLevel->currentData().toDouble();
    Q_EMIT practiceAsked(static_cast<Family>(m_practiceFamily->currentData().toInt()), with);
}

void ShopPage::askLike(const QString& path, const QString& name, const QString& lowest)
{
    auto* dialog = new LikeDialog(path, tr("Another %1", "name of an instrument").arg(name), lowest, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &LikeDialog::wanted, this, &ShopPage::likeAsked);
    dialog->open();
}

void ShopPage::likeFile(const QString& path)
{
    m_jobs.run([path = path.toStdString()](const Cancel&) { return session::modelIn(path); },
               [this, path](const Result<io::PlanKept>& model) {
                   if (!model)
                       return Q_EMIT failed(text::sentence(model.error()));
                   askLike(path, QString::fromStdString(model->blank.spec.name), QString::fromStdString(model->target.lowest));
               });
}

void ShopPage::setFolder(const QString& folder)
{
    m_folder = folder;
    refresh();
}

void ShopPage::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    m_list->viewport()->update();
}

void ShopPage::refresh()
{
    const QString folder = m_archived->isChecked() ? archiveOf(m_folder) : m_folder;
    m_where->setText(QDir::toNativeSeparators(folder));
    m_jobs.runNewest([folder = folder.toStdString(), time = m_time,
                      memory = m_memory](const Cancel& cancel) { return session::shelf(folder, cancel, *time, memory.get()); },
                     [this](Result<std::vector<ShelfLine>> lines) {
                         if (lines)
                             return show(std::move(*lines));
                         if (lines.error().code != ErrorCode::Cancelled)
                             Q_EMIT failed(text::sentence(lines.error()));
                     });
}

void ShopPage::show(std::vector<ShelfLine> lines)
{
    const ShelfLine* before = chosen();
    const std::string path = before == nullptr ? std::string() : before->path;
    m_list->clear(); // nothing may look at the lines while they change
    m_lines = std::move(lines);
    arrange();
    for (int row = 0; row < m_list->count(); ++row)
        if (m_lines[m_list->item(row)->data(Qt::UserRole).toUInt()].path == path)
            m_list->setCurrentRow(row);
}

void ShopPage::arrange()
{
    const auto order = static_cast<Order>(m_order->currentData().toInt());
    std::vector<std::size_t> rows;
    for (std::size_t i = 0; i < m_lines.size(); ++i)
        if (QString::fromStdString(m_lines[i].name).contains(m_find->text().trimmed(), Qt::CaseInsensitive))
            rows.push_back(i);
    const auto family = [](const ShelfLine& l) {
        return l.shape ? static_cast<int>(l.shape->spec().family) : -1;
    };
    std::stable_sort(rows.begin(), rows.end(), [&](std::size_t a, std::size_t b) {
        const ShelfLine& first = m_lines[a];
        const ShelfLine& second = m_lines[b];
        switch (order) {
        case Order::Next: break; // as the shelf has them
        case Order::Name:
            return QString::localeAwareCompare(QString::fromStdString(first.name), QString::fromStdString(second.name)) < 0;
        case Order::Family: return family(first) < family(second);
        case Order::Touched: return first.touched > second.touched;
        }
        return false;
    });
    m_list->clear();
    for (const std::size_t i : rows) {
        auto* item = new QListWidgetItem(m_list);
        item->setData(Qt::UserRole, static_cast<uint>(i));
        item->setData(Qt::AccessibleTextRole,
                      tr("%1: %2 %3", "name, where it stands, worst or score")
                          .arg(QString::fromStdString(m_lines[i].name), stands(m_lines[i], m_unit), worst(m_lines[i]))
                          .trimmed());
    }
    if (rows.empty())
        showWhyEmpty();
    else
        m_room->setCurrentWidget(m_list);
    if (!rows.empty())
        m_list->setCurrentRow(0);
    updateButtons();
}

void ShopPage::showWhyEmpty()
{
    if (m_lines.empty() && !m_archived->isChecked())
        return m_room->setCurrentWidget(m_begins);
    m_empty->setText(m_lines.empty() ? tr("The archive is empty.") : tr("No instrument matches."));
    m_empty->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    m_room->setCurrentWidget(m_empty);
}

const ShelfLine* ShopPage::chosen() const
{
    const auto* item = m_list->currentItem();
    if (item == nullptr)
        return nullptr;
    const auto at = item->data(Qt::UserRole).toUInt();
    return at < m_lines.size() ? &m_lines[at] : nullptr;
}

QStringList ShopPage::chosenPaths() const
{
    std::vector<const ShelfLine*> lines;
    for (const auto* item : m_list->selectedItems())
        lines.push_back(&m_lines[item->data(Qt::UserRole).toUInt()]);
    std::sort(lines.begin(), lines.end(), [](const ShelfLine* a, const ShelfLine* b) {
        return QString::localeAwareCompare(QString::fromStdString(a->name), QString::fromStdString(b->name)) < 0;
    });
    QStringList paths;
    for (const ShelfLine* line : lines)
        paths << QString::fromStdString(line->path);
    return paths;
}

void ShopPage::updateButtons()
{
    const ShelfLine* line = chosen();
    m_open->setEnabled(line != nullptr && !line->trouble);
    m_like->setEnabled(line != nullptr && !line->trouble);
    const auto several = chosenPaths().size();
    m_compare->setEnabled(several > 1);
    m_compare->setToolTip(tr("Select two or more instruments of one model with Ctrl or Shift."));
    m_archive->setEnabled(line != nullptr);
    m_archive->setText(m_archived->isChecked() ? tr("&Back to shop") : tr("Archi&ve"));
}

void ShopPage::archive()
{
    const ShelfLine* line = chosen();
    if (line == nullptr)
        return;
    const QFileInfo from(QString::fromStdString(line->path));
    const QString to = m_archived->isChecked() ? m_folder : archiveOf(m_folder);
    const QString there = to + QLatin1Char('/') + from.fileName();
    QDir().mkpath(to);
    Q_EMIT movingAway(from.filePath());
    m_jobs.runToItsEnd([source = from.filePath().toStdString(),
                        target = there.toStdString()](const Cancel&) { return moveWorkbook(source, target); },
                       [this, there](const Status& moved) {
                           if (!moved && moved.error().code == ErrorCode::Exists)
                               Q_EMIT failed(
                                   tr("%1 exists already; rename one of the two.").arg(QDir::toNativeSeparators(there)));
                           else if (!moved)
                               Q_EMIT failed(text::sentence(moved.error()));
                           refresh();
                       });
}

} // namespace dowel::app

#include "moc_shop_page.cpp"
