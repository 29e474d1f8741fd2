// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shop/compare_page.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "app/shop/side_picture.h"
#include "store/store.h"
#include "text/errors.h"
#include "text/units.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

namespace dowel::app {

ComparePage::ComparePage(QWidget* parent)
    : QWidget(parent),
      m_words(form::words(this, "compareWords")),
      m_table(form::table(this, "compareTable", tr("Deviation as first drilled"), {tr("instrument")}, 30)),
      m_picture(new SidePicture(this)),
      m_own(form::button(this, "compareOwn", tr("Individual deviations &only"))),
      m_next(form::button(this, "compareNext", tr("&Lay out the next, corrected for the common deviation"), true))
{
    setObjectName(QStringLiteral("comparePage"));
    auto* title = new QLabel(tr("Compare instruments"), this);
    title->setFont(Style::head());
    m_own->setCheckable(true);
    auto* back = form::button(this, "compareBack", tr("&Back to shop"));
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(Style::grid);
    buttons->addWidget(m_next);
    buttons->addWidget(m_own);
    buttons->addStretch(1);
    buttons->addWidget(back);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(4 * Style::grid, 2 * Style::grid, 4 * Style::grid, 2 * Style::grid);
    column->setSpacing(Style::grid);
    column->addWidget(title);
    column->addWidget(m_words);
    column->addWidget(m_table);
    column->addWidget(m_picture, 1);
    column->addLayout(buttons);
    connect(back, &QPushButton::clicked, this, &ComparePage::backAsked);
    connect(m_next, &QPushButton::clicked, this, &ComparePage::layNext);
    connect(m_own, &QPushButton::toggled, this, [this] {
        if (m_side)
            showTable(*m_side);
    });
}

void ComparePage::show(const QStringList& paths)
{
    struct Read
    {
        std::vector<Workbook> books;
        session::SideBySide side;
    };
    m_next->setEnabled(false);
    m_side.reset();
    m_table->setRowCount(0);
    m_words->setText(tr("Reading the workbooks…"));
    m_jobs.runNewest(
        [paths](const Cancel& cancel) -> Result<Read> {
            std::vector<std::string> files;
            for (const QString& path : paths)
                files.push_back(path.toStdString());
            auto books = session::booksToCompare(files, cancel);
            if (!books)
                return books.error();
            Read read;
            read.books = std::move(*books);
            auto side = session::compared(read.books);
            if (!side)
                return side.error();
            read.side = std::move(*side);
            return read;
        },
        [this](Result<Read> read) {
            if (!read) {
                Q_EMIT failed(text::sentence(read.error()));
                Q_EMIT backAsked();
                return;
            }
            m_books = std::move(read->books);
            m_side = std::move(read->side);
            showTable(*m_side);
        });
}

void ComparePage::showTable(const session::SideBySide& side)
{
    QStringList headers{tr("instrument")};
    for (const FingeringId& note : side.notes)
        headers << text::noteName(note.text);
    m_table->setColumnCount(static_cast<int>(headers.size()));
    m_table->setHorizontalHeaderLabels(headers);
    m_table->setRowCount(static_cast<int>(side.instruments.size()) + 1);
    const auto cells = [](const QString& name, const std::vector<std::optional<Cents>>& cents) {
        QStringList row{name};
        for (const auto& c : cents)
            row << (c ? text::wholeCents(c->cents()) : QStringLiteral("·"));
        return row;
    };
    form::row(m_table, 0, cells(tr("in common"), side.common));
    for (std::size_t i = 0; i < side.instruments.size(); ++i) {
        const auto& one = side.instruments[i];
        form::row(m_table, static_cast<int>(i) + 1,
                  cells(tr("%1  %2", "number, name").arg(i + 1).arg(QString::fromStdString(one.name)),
                        m_own->isChecked() ? one.own : one.off));
    }
    QFont bold = Style::body();
    bold.setBold(true);
    for (int column = 0; column < m_table->columnCount(); ++column)
        m_table->item(0, column)->setFont(bold);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    m_table->horizontalHeader()->setSectionResizeMode(0, QHeaderView::ResizeToContents);
    // As high as its rows, up to eight; the picture has the rest.
    constexpr int most = 9;
    m_table->setFixedHeight(m_table->horizontalHeader()->sizeHint().height() + 4 +
                            std::min(most, m_table->rowCount()) * m_table->verticalHeader()->defaultSectionSize());
    m_picture->show(side, m_own->isChecked());
    const auto heard = std::count_if(side.common.begin(), side.common.end(), [](const auto& c) { return c.has_value(); });
    m_next->setEnabled(heard > 0);
    m_words->setText(heard > 0
                         ? tr("Deviation in cents from the target as first drilled, at tuning temperature. The common part is an "
                              "error of the drawing or the model; the rest belongs to each instrument. In the picture the bar is "
                              "the common part, the figures are the instruments.")
                         : tr("No note was heard on two of these instruments before the first cut, so they cannot be compared."));
}

void ComparePage::layNext()
{
    m_next->setEnabled(false);
    m_jobs.runNewest([books = m_books](const Cancel&) { return session::nextOne(books); },
                     [this](const Result<io::PlanKept>& plan) {
                         m_next->setEnabled(true);
                         if (!plan)
                             Q_EMIT failed(text::sentence(plan.error()));
                         else
                             Q_EMIT nextAsked(
                                 *plan, tr("Based on %n instrument(s) of this model", nullptr, static_cast<int>(m_books.size())));
                     });
}

} // namespace dowel::app

#include "moc_compare_page.cpp"
