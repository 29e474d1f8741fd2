// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/bores_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/errors.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

using session::BoreKind;

QString kindWords(BoreKind kind)
{
    switch (kind) {
    case BoreKind::AsPlanned: return BoresDialog::tr("as planned");
    case BoreKind::Narrower: return BoresDialog::tr("narrower");
    case BoreKind::Wider: return BoresDialog::tr("wider");
    case BoreKind::NarrowerFoot: return BoresDialog::tr("narrower foot");
    case BoreKind::SmallerMouthpiece: return BoresDialog::tr("smaller mouthpiece");
    case BoreKind::LargerMouthpiece: return BoresDialog::tr("larger mouthpiece");
    case BoreKind::Own: return BoresDialog::tr("own bore");
    }
    return {};
}

} // namespace

BoresDialog::BoresDialog(Plan& plan, text::LengthUnit unit, QWidget* parent)
    : QDialog(parent),
      m_plan(&plan),
      m_unit(unit),
      m_table(form::table(this, "boresTable", tr("Notes on each bore"), {tr("note")})),
      m_words(form::words(this, "boresWords")),
      m_own(new QLineEdit(this)),
      m_row(form::box(this, "boresRow", tr("Row of holes"))),
      m_take(form::button(this, "boresTake", tr("&Use this bore"), true))
{
    setObjectName(QStringLiteral("boresDialog"));
    setWindowTitle(tr("Compare bores"));
    resize(1000, 640);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setSelectionBehavior(QAbstractItemView::SelectColumns);
    m_words->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    m_words->setText(tr("Laying out the holes on each bore…"));
    m_take->setEnabled(false);
    auto* close = form::button(this, "boresClose", tr("&Close"));
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    connect(m_take, &QPushButton::clicked, this, &BoresDialog::take);
    connect(m_table, &QTableWidget::currentCellChanged, this, [this](int, int column) { judge(column); });
    m_own->setObjectName(QStringLiteral("boresOwn"));
    m_own->setAccessibleName(tr("Own bores"));
    m_own->setPlaceholderText(unit == text::LengthUnit::Inches ? tr("up to four: 9/16; 5/8; 11/16")
                                                               : tr("up to four: 14.2; 15; 16.5"));
    m_own->setToolTip(tr("Diameters at the head, separated by semicolons; the profile keeps its proportion. Of a reed pipe with "
                         "a joint: of the body below it."));
    m_own->setMaxLength(80);
    m_row->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    m_row->addItem(tr("each on its best row"), false);
    m_row->addItem(tr("all on this row"), true);
    m_row->setEnabled(plan.layout().has_value());
    connect(m_own, &QLineEdit::editingFinished, this, &BoresDialog::compare);
    connect(m_row, &QComboBox::activated, this, &BoresDialog::compare);
    auto* asked = new QHBoxLayout;
    asked->setSpacing(Style::grid);
    auto* ownWords = new QLabel(tr("&Own bores"), this);
    ownWords->setBuddy(m_own);
    asked->addWidget(ownWords);
    asked->addWidget(m_own, 1);
    asked->addWidget(m_row);
    auto* foot = new QHBoxLayout;
    foot->setSpacing(Style::grid);
    foot->addStretch(1);
    foot->addWidget(close);
    foot->addWidget(m_take);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addLayout(asked);
    column->addWidget(m_table, 3);
    auto* words = form::scrolled(this, "boresWordsScroll", m_words);
    words->setMinimumHeight(Style::scaled(96));
    column->addWidget(words, 1);
    column->addLayout(foot);
    compare();
}

void BoresDialog::compare()
{
    session::BoresAsked asked;
    if (!m_own->text().trimmed().isEmpty()) {
        const auto own = text::parseBits(m_own->text(), m_unit);
        if (!own)
            return m_words->setText(text::sentence(own.error(), m_unit));
        asked.own = *own;
    }
    if (m_row->currentData().toBool() && m_plan->layout())
        asked.row = m_plan->layout()->goal;
    const QString now = m_own->text() + m_row->currentText();
    if (now == m_compared)
        return; // the field was left as it was
    m_compared = now;
    m_words->setText(tr("Laying out the holes on each bore…"));
    m_take->setEnabled(false);
    m_jobs.runNewest([blank = m_plan->blank(), wishes = m_plan->wishes(), asked = std::move(asked)](
                         const Cancel& cancel) { return session::boresTried(blank, wishes, asked, {}, cancel); },
                     [this](const Result<std::vector<session::BoreTried>>& found) {
                         if (!found)
                             return m_words->setText(text::sentence(found.error(), m_unit));
                         m_tried = *found;
                         show();
                     });
}

QString BoresDialog::nameOf(const session::BoreTried& bore) const
{
    const auto& stations = bore.blank.spec.bore;
    const Metres head = text::hundredths(stations.front().diameter);
    const Metres foot = text::hundredths(stations.back().diameter);
    return head == foot ? text::length(head, m_unit)
                        : tr("%1 to %2", "bore at the head, at the foot")
                              .arg(text::lengthNumber(head, m_unit), text::length(foot, m_unit));
}

void BoresDialog::show()
{
    QStringList headers{tr("note")};
    for (const auto& bore : m_tried)
        headers << kindWords(bore.kind) + QLatin1Char('\n') + nameOf(bore);
    m_table->setColumnCount(static_cast<int>(headers.size()));
    m_table->setHorizontalHeaderLabels(headers);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    const auto& notes = m_tried.front().layout.goal.spec().fingerings;
    m_table->setRowCount(static_cast<int>(notes.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const auto i = static_cast<std::size_t>(row);
        QStringList cells{text::noteName(notes[i].id.text)};
        for (const auto& bore : m_tried) {
            const bool mended = std::find(bore.undercutMends.begin(), bore.undercutMends.end(), i) != bore.undercutMends.end();
            const QString cents = i < bore.layout.cents.size() ? text::wholeCents(bore.layout.cents[i]) : QString();
            cells << (mended ? cents + QStringLiteral(" ◇") : cents);
        }
        form::row(m_table, row, cells);
    }
    const auto best = std::max_element(m_tried.begin(), m_tried.end(), [](const auto& a, const auto& b) {
        return std::pair(a.within, -std::abs(a.layout.worst_cents)) < std::pair(b.within, -std::abs(b.layout.worst_cents));
    });
    const int column = 1 + static_cast<int>(best - m_tried.begin());
    m_table->setCurrentCell(0, column);
    judge(column);
    if (!m_own->hasFocus())
        m_table->setFocus();
}

void BoresDialog::judge(int column)
{
    m_take->setEnabled(column > 0 && column <= static_cast<int>(m_tried.size()));
    if (!m_take->isEnabled())
        return;
    const session::BoreTried& bore = m_tried[static_cast<std::size_t>(column - 1)];
    QStringList lines;
    lines << tr("%1, %2: %3 of %4 notes within tolerance; largest deviation %5 cents.")
                 .arg(kindWords(bore.kind), nameOf(bore))
                 .arg(bore.within)
                 .arg(bore.layout.cents.size())
                 .arg(text::wholeCents(bore.layout.worst_cents));
    const auto& notes = bore.layout.goal.spec().fingerings;
    QStringList wide;
    for (const RegisterPair& p : bore.octaves)
        wide << tr("%1 %2", "note, cents").arg(text::noteName(notes[p.high].id.text), text::wholeCents(p.wide.cents()));
    const bool reed = std::holds_alternative<ClosedTop>(bore.blank.spec.excitation);
    if (!wide.isEmpty())
        lines << (reed ? tr("Twelfths too wide by (cents): %1.") : tr("Octaves too wide by (cents): %1."))
                     .arg(wide.join(QStringLiteral(", ")));
    if (bore.third)
        lines << tr("The third register is %1 cents out of line with the first.").arg(text::wholeCents(bore.third->cents()));
    QStringList mends;
    for (const std::size_t i : bore.undercutMends)
        mends << text::noteName(notes[i].id.text);
    if (!mends.isEmpty())
        lines << tr("◇ Undercutting can still correct %1.").arg(mends.join(QStringLiteral(", ")));
    m_words->setText(lines.join(QLatin1Char('\n')));
}

void BoresDialog::take()
{
    const int column = m_table->currentColumn();
    if (column < 1 || column > static_cast<int>(m_tried.size()))
        return;
    m_plan->setBlank(m_tried[static_cast<std::size_t>(column - 1)].blank);
    m_plan->layOut();
    accept();
}

} // namespace dowel::app

#include "moc_bores_dialog.cpp"
