// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/sensitivity_card.h"

#include "app/style.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QTableWidget>
#include <algorithm>
#include <cmath>
#include <set>

namespace dowel::app {

namespace {

QString worth(double cents)
{
    return std::abs(cents) < 0.005
               ? QStringLiteral("0")
               : (cents > 0.0 ? QStringLiteral("+%1") : QStringLiteral("−%1")).arg(std::abs(cents), 0, 'f', 2);
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
      m_bore(words(this, "sensitivityBore", true))
{
    setObjectName(QStringLiteral("card"));
    m_note->setObjectName(QStringLiteral("sensitivityNote"));
    m_note->setAccessibleName(tr("Fingering"));
    m_note->view()->setObjectName(QStringLiteral("sensitivityNoteList"));
    m_note->view()->setAccessibleName(tr("Fingerings"));
    m_table->setObjectName(QStringLiteral("sensitivityTable"));
    m_table->setAccessibleName(tr("Cents for a tenth of a millimetre"));
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionMode(QAbstractItemView::NoSelection);
    m_table->setFocusPolicy(Qt::NoFocus);
    m_table->setShowGrid(false);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(27);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    m_words->setText(tr("Cents for one tenth of a millimetre taken off: a hole made wider, the foot cut shorter. "
                        "Pick another note here or in the picture."));

    auto* row = new QHBoxLayout;
    auto* label = new QLabel(tr("&Fingering of"), this);
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
    m_shown.clear();
    const auto& counsel = m_document->counsel();
    if (counsel && isVisible() && m_note->currentIndex() >= 0) {
        const auto book = m_document->book();
        const Instrument& shape = book->present();
        const auto& fingerings = shape.spec().fingerings;
        std::set<int> registers;
        for (const Fingering& f : fingerings)
            registers.insert(f.registerNumber);
        const Fingering& f = fingerings[static_cast<std::size_t>(m_note->currentIndex())];
        for (const int n : registers) {
            auto s = sensitivityOf(counsel->forecaster->posterior(), shape, {shape.closedHoles(f), n, shape.openShares(f)});
            if (s)
                m_shown.push_back({n, std::move(*s)});
        }
    }
    m_table->clear();
    m_bore->clear();
    m_table->setColumnCount(static_cast<int>(m_shown.size()) + 1);
    QStringList titles{tr("at")};
    for (const auto& r : m_shown)
        titles << tr("register %1").arg(r.registerNumber);
    m_table->setHorizontalHeaderLabels(titles);
    m_table->horizontalHeaderItem(0)->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    for (int k = 1; k < m_table->columnCount(); ++k)
        m_table->horizontalHeaderItem(k)->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
    QStringList places;
    std::vector<std::vector<double>> values;
    if (!m_shown.empty()) {
        const auto book = m_document->book();
        const auto& holes = book->present().spec().holes;
        for (std::size_t i = holes.size(); i-- > 0;) {
            places << QString::fromStdString(holes[i].id.text);
            values.emplace_back();
            for (const auto& r : m_shown)
                values.back().push_back(r.note.holes[i].cents());
        }
        places << tr("foot");
        values.emplace_back();
        for (const auto& r : m_shown)
            values.back().push_back(r.note.foot.cents());
        const auto also = [&](const QString& name, std::optional<Cents> NoteSensitivity::*member) {
            if (!(m_shown.front().note.*member))
                return;
            places << name;
            values.emplace_back();
            for (const auto& r : m_shown)
                values.back().push_back((r.note.*member)->cents());
        };
        also(tr("stopper"), &NoteSensitivity::stopper);
        also(tr("window"), &NoteSensitivity::window);
        also(tr("embouchure hole"), &NoteSensitivity::embouchure);
        const auto& bore = m_shown.front().note.bore;
        const auto [least, most] = std::minmax_element(bore.begin(), bore.end(), [](const auto& a, const auto& b) {
            return a.perTenthOverCentimetre < b.perTenthOverCentimetre;
        });
        m_bore->setText(tr("The curves in the bore: a tenth of a millimetre reamed out over ten. In register %1 it raises most "
                           "near %2 mm (%3) "
                           "and lowers most near %4 mm (%5).")
                            .arg(m_shown.front().registerNumber)
                            .arg(most->at.millimetres(), 0, 'f', 0)
                            .arg(worth(most->perTenthOverCentimetre.cents()))
                            .arg(least->at.millimetres(), 0, 'f', 0)
                            .arg(worth(least->perTenthOverCentimetre.cents())));
    }
    m_table->setRowCount(static_cast<int>(places.size()));
    for (int row = 0; row < places.size(); ++row) {
        m_table->setItem(row, 0, new QTableWidgetItem(places[row]));
        const auto& own = values[static_cast<std::size_t>(row)];
        for (std::size_t k = 0; k < own.size(); ++k) {
            auto* item = new QTableWidgetItem(worth(own[k]));
            item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            m_table->setItem(row, static_cast<int>(k) + 1, item);
        }
    }
    Q_EMIT shownChanged();
}

} // namespace dowel::app
