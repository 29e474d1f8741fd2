// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correct/sensitivity_card.h"

#include "app/parts/jobs.h"
#include "app/parts/style.h"
#include "text/names.h"
#include "text/units.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QTableWidget>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

QString worth(double cents)
{
    return std::abs(cents) < 0.005
               ? QStringLiteral("0")
               : (cents > 0.0 ? QStringLiteral("+%1") : QStringLiteral("−%1")).arg(text::number(std::abs(cents), 2));
}

QLabel* words(QWidget* parent, const char* name, bool quiet)
{
    auto* l = new QLabel(parent);
    l->setObjectName(QLatin1String(name));
    l->setWordWrap(true);
    l->setFont(quiet ? Style::small() : Style::body());
    l->setProperty("quiet", quiet);
    return l;
}

} // namespace

SensitivityCard::SensitivityCard(Document& document, QWidget* parent)
    : QFrame(parent),
      m_document(&document),
      m_note(new QComboBox(this)),
      m_words(words(this, "sensitivityWords", true)),
      m_table(new QTableWidget(this)),
      m_bore(words(this, "sensitivityBore", true)),
      m_jobs(new Jobs(this))
{
    setObjectName(QStringLiteral("card"));
    m_note->setObjectName(QStringLiteral("sensitivityNote"));
    m_note->setAccessibleName(tr("Fingering"));
    m_note->view()->setObjectName(QStringLiteral("sensitivityNoteList"));
    m_note->view()->setAccessibleName(tr("Fingerings"));
    m_table->setObjectName(QStringLiteral("sensitivityTable"));
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionMode(QAbstractItemView::NoSelection);
    m_table->setFocusPolicy(Qt::NoFocus);
    m_table->setShowGrid(false);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(Style::scaled(27));
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    setUnit(m_unit);

    auto* row = new QHBoxLayout;
    auto* label = new QLabel(tr("&Fingering"), this);
    label->setBuddy(m_note);
    row->addWidget(label);
    row->addWidget(m_note, 1);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 14, 20, 14);
    column->setSpacing(Style::grid);
    column->addLayout(row);
    column->addWidget(m_words);
    column->addWidget(m_table, 1);
    column->addWidget(m_bore);
    fill();
    connect(m_note, &QComboBox::currentIndexChanged, this, &SensitivityCard::refresh);
}

void SensitivityCard::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    m_table->setAccessibleName(tr("Cents per %1", "0.1 mm").arg(text::smallChange(unit)));
    m_words->setText(
        tr("Cents per %1 removed: a wider hole, a shorter foot. Choose another note here or in the picture.", "0.1 mm")
            .arg(text::smallChange(unit)));
    showBore();
}

void SensitivityCard::fill()
{
    const auto book = m_document->book();
    for (const Fingering& f : book->present().spec().fingerings)
        m_note->addItem(text::noteName(f.id.text));
}

int SensitivityCard::chosen() const
{
    return m_note->currentIndex();
}

void SensitivityCard::choose(int fingering)
{
    if (fingering >= 0 && fingering < m_note->count())
        m_note->setCurrentIndex(fingering);
}

void SensitivityCard::refresh()
{
    m_jobs->dropNewest();
    const auto& recommendation = m_document->recommendation();
    if (!recommendation || !isVisible() || m_note->currentIndex() < 0) {
        m_shown.clear();
        return showShown();
    }
    m_jobs->runNewest(
        [forecaster = recommendation->forecaster, book = m_document->book(),
         note = static_cast<std::size_t>(m_note->currentIndex())](const Cancel& cancel) {
            const Instrument& shape = book->present();
            return sensitivitiesOf(forecaster->posterior(), shape, shape.spec().fingerings[note], cancel);
        },
        [this](std::vector<RegisterSensitivity> found) {
            m_shown = std::move(found);
            showShown();
        });
}

std::vector<SensitivityCard::Row> SensitivityCard::rows() const
{
    std::vector<Row> rows;
    if (m_shown.empty())
        return rows;
    const auto add = [&](const QString& place, auto value) {
        Row row{place, {}};
        for (const RegisterSensitivity& r : m_shown)
            row.cents.push_back(value(r.note));
        rows.push_back(std::move(row));
    };
    const auto book = m_document->book();
    const auto& holes = book->present().spec().holes;
    for (std::size_t i = holes.size(); i-- > 0;)
        add(QString::fromStdString(holes[i].id.text), [i](const NoteSensitivity& n) { return n.holes[i].cents(); });
    add(tr("foot"), [](const NoteSensitivity& n) { return n.foot.cents(); });
    const std::pair<QString, std::optional<Cents> NoteSensitivity::*> others[] = {
        {tr("stopper"), &NoteSensitivity::stopper},
        {tr("window"), &NoteSensitivity::window},
        {tr("embouchure hole"), &NoteSensitivity::embouchure}};
    for (const auto& [place, member] : others)
        if (m_shown.front().note.*member)
            add(place, [m = member](const NoteSensitivity& n) { return (n.*m)->cents(); });
    return rows;
}

void SensitivityCard::showBore()
{
    m_bore->clear();
    if (m_shown.empty() || m_shown.front().note.bore.empty())
        return;
    const auto& bore = m_shown.front().note.bore;
    const auto [least, most] = std::minmax_element(bore.begin(), bore.end(), [](const auto& a, const auto& b) {
        return a.perTenthOverCentimetre < b.perTenthOverCentimetre;
    });
    m_bore->setText(
        tr("Curves in the bore: effect of reaming %1 over a length of %2. In the %3, reaming raises most near %4 (%5) "
           "and lowers most near %6 (%7).",
           "0.1 mm, 10 mm, register, place, cents, place, cents")
            .arg(text::smallChange(m_unit), text::roughPlace(Metres::fromMillimetres(10.0), m_unit),
                 text::registerName(m_shown.front().registerNumber), text::roughPlace(most->at, m_unit),
                 worth(most->perTenthOverCentimetre.cents()), text::roughPlace(least->at, m_unit),
                 worth(least->perTenthOverCentimetre.cents())));
}

void SensitivityCard::showShown()
{
    m_table->clear();
    m_table->setColumnCount(static_cast<int>(m_shown.size()) + 1);
    QStringList titles{tr("position")};
    for (const auto& r : m_shown)
        titles << text::registerName(r.registerNumber);
    m_table->setHorizontalHeaderLabels(titles);
    // As wide as its title; what is left goes to the places.
    for (int column = 1; column < m_table->columnCount(); ++column)
        m_table->horizontalHeader()->setSectionResizeMode(column, QHeaderView::ResizeToContents);
    m_table->horizontalHeaderItem(0)->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    for (int k = 1; k < m_table->columnCount(); ++k)
        m_table->horizontalHeaderItem(k)->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
    const auto all = rows();
    m_table->setRowCount(static_cast<int>(all.size()));
    for (std::size_t row = 0; row < all.size(); ++row) {
        const int at = static_cast<int>(row);
        m_table->setItem(at, 0, new QTableWidgetItem(all[row].place));
        for (std::size_t k = 0; k < all[row].cents.size(); ++k) {
            auto* item = new QTableWidgetItem(worth(all[row].cents[k]));
            item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            m_table->setItem(at, static_cast<int>(k) + 1, item);
        }
    }
    showBore();
    Q_EMIT shownChanged();
}

} // namespace dowel::app

#include "moc_sensitivity_card.cpp"
