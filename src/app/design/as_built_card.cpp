// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/as_built_card.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/errors.h"
#include "text/names.h"
#include "text/units.h"

#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>

namespace dowel::app {

AsBuiltCard::AsBuiltCard(Plan& plan, QWidget* parent)
    : QWidget(parent),
      m_plan(&plan),
      m_tube(new LengthField(QStringLiteral("builtLength"), tr("Tube length, sounding edge to foot"), this)),
      m_from(form::box(this, "builtFrom", tr("Where positions are measured from"))),
      m_table(form::table(this, "builtHoles", tr("Holes as built"),
                          {tr("hole"), tr("position"), tr("diameter"), tr("undercut"), tr("chimney height"), tr("offset"),
                           tr("finger"), tr("countersink"), tr("pair"), tr("thumb hole")})),
      m_add(form::button(this, "builtAdd", tr("Add &hole"))),
      m_remove(form::button(this, "builtRemove", tr("&Remove"))),
      m_paste(form::button(this, "builtPaste", tr("Pas&te table…"))),
      m_done(form::button(this, "builtDone", tr("Use these measures and go to &Listen"), true)),
      m_words(form::words(this, "builtWords"))
{
    setObjectName(QStringLiteral("asBuiltCard"));
    for (const Origin origin : {Origin::Foot, Origin::Edge, Origin::Top})
        m_from->addItem(text::originName(origin, plan.blank().spec), static_cast<int>(origin));
    m_table->setEditTriggers(QAbstractItemView::AllEditTriggers);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_table->horizontalHeaderItem(Back)->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter); // over its boxes
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setToolTip(
        tr("Undercut: the diameter at the bore; leave empty where the hole is straight. Countersink: width and depth, for "
           "example 9 x 1.5. Pair: two holes of this diameter under one finger. Tick the thumb hole."));
    m_paste->setToolTip(tr("Paste rows from a spreadsheet: position and diameter, separated by tabs, semicolons or commas; "
                           "lowest hole first or last."));
    auto* top = new QHBoxLayout;
    top->setSpacing(Style::grid);
    auto* lengthLabel = new QLabel(tr("Tube length"), this);
    lengthLabel->setBuddy(m_tube);
    top->addWidget(lengthLabel);
    top->addWidget(m_tube, 1);
    top->addSpacing(2 * Style::grid);
    top->addWidget(new QLabel(tr("Positions"), this));
    top->addWidget(m_from, 1);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(Style::grid);
    for (QPushButton* b : {m_add, m_remove, m_paste})
        buttons->addWidget(b);
    buttons->addStretch(1);
    buttons->addWidget(m_done);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(Style::grid);
    column->addLayout(top);
    column->addWidget(m_table, 1);
    column->addWidget(m_words);
    column->addLayout(buttons);
    connect(m_table, &QTableWidget::cellChanged, this, &AsBuiltCard::takeCell);
    connect(m_from, &QComboBox::activated, this,
            [this] { m_plan->setOrigin(static_cast<Origin>(m_from->currentData().toInt())); });
    connect(m_tube, &LengthField::refused, this, &AsBuiltCard::failed);
    connect(m_tube, &LengthField::lengthChanged, this, [this](Metres length) {
        const Metres before = m_length;
        m_length = length;
        m_touched = true;
        if (m_plan->origin() == Origin::Foot) // what was measured from the foot stays as far from it
            for (Hole& h : m_holes)
                h.at = h.at + (length - before);
        showHoles();
    });
    connect(m_add, &QPushButton::clicked, this, &AsBuiltCard::addHole);
    connect(m_remove, &QPushButton::clicked, this, &AsBuiltCard::removeHole);
    connect(m_paste, &QPushButton::clicked, this, &AsBuiltCard::paste);
    connect(m_done, &QPushButton::clicked, this, &AsBuiltCard::builtAsked);
    connect(m_plan, &Plan::changed, this, [this] {
        if (!m_touched)
            begin();
        else
            showHoles();
    });
    begin();
}

void AsBuiltCard::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    m_tube->setUnit(unit);
    showHoles();
}

void AsBuiltCard::setThere(const std::optional<Instrument>& there)
{
    m_there = there;
    m_touched = false;
    begin();
}

Metres AsBuiltCard::placeOf(Metres distance) const
{
    return placeAt(m_plan->origin(), distance, m_length, m_plan->blank().spec);
}

void AsBuiltCard::begin()
{
    const auto& layout = m_plan->layout();
    if (m_there) {
        m_holes = m_there->spec().holes;
        m_length = m_there->length();
    } else if (layout) {
        m_holes = layout->start.spec().holes;
        m_length = layout->start.length();
    } else {
        m_holes = m_plan->chartHoles();
        m_length = m_plan->blank().spec.bore.empty() ? Metres() : m_plan->blank().spec.bore.back().at;
    }
    m_tube->setLength(m_length);
    showHoles();
}

void AsBuiltCard::showHoles()
{
    m_filling = true;
    const InstrumentSpec& spec = m_plan->blank().spec;
    for (int i = 0; i < m_from->count(); ++i) // another family is measured from another edge
        m_from->setItemText(i, text::originName(static_cast<Origin>(m_from->itemData(i).toInt()), spec));
    m_from->setCurrentIndex(m_from->findData(static_cast<int>(m_plan->origin())));
    m_table->setRowCount(static_cast<int>(m_holes.size()));
    const auto size = [this](Metres m) {
        return m > Metres() ? text::lengthNumber(m, m_unit) : QString();
    };
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const Hole& h = m_holes[static_cast<std::size_t>(row)];
        const bool placed = h.at > Metres();
        form::row(
            m_table, row,
            {QString::fromStdString(h.id.text), placed ? size(distanceFrom(m_plan->origin(), h.at, m_length, spec)) : QString(),
             size(h.diameter), size(h.undercutDiameter), size(h.chimney),
             h.aside == Metres() ? QString() : text::lengthNumber(h.aside, m_unit), QString::fromStdString(h.digit),
             h.countersink ? QStringLiteral("%1 x %2").arg(size(h.countersink->diameter), size(h.countersink->depth)) : QString(),
             QString(), QString()});
        m_table->item(row, Name)->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
        for (const auto& [column, ticked] : {std::pair{Pair, h.count == 2}, {Back, h.side == Side::Back}}) {
            auto* box = m_table->item(row, column);
            box->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable);
            box->setCheckState(ticked ? Qt::Checked : Qt::Unchecked);
        }
    }
    form::fitColumns(m_table);
    m_filling = false;
    tell();
    Q_EMIT changed();
}

Result<Instrument> AsBuiltCard::built() const
{
    for (const Hole& h : m_holes)
        for (const auto& [value, what] : {std::pair{h.at, "/at_mm"}, {h.diameter, "/diameter_mm"}})
            if (!(value > Metres()))
                return Error{ErrorCode::MissingKey, "/holes/" + h.id.text + what, FactId::MustBeThere};
    InstrumentSpec spec = m_plan->blank().spec;
    spec.bore = boreEndingAt(spec.bore, m_length);
    spec.holes = m_holes;
    for (Hole& h : spec.holes) {
        if (!(h.chimney > Metres()))
            h.chimney = wallAt(spec.bore, spec.wall, h.at);
        h.undercutDiameter = std::max(h.undercutDiameter, h.diameter);
    }
    return Instrument::make(std::move(spec));
}

void AsBuiltCard::tell()
{
    const auto empty = std::find_if(m_holes.begin(), m_holes.end(),
                                    [](const Hole& h) { return !(h.at > Metres()) || !(h.diameter > Metres()); });
    if (empty != m_holes.end()) {
        m_words->setText(tr("%1 needs a position and a diameter.", "hole").arg(QString::fromStdString(empty->id.text)));
        m_done->setEnabled(false);
        return;
    }
    const auto there = built();
    m_done->setEnabled(there.ok());
    m_words->setText(
        there ? tr("%n hole(s); every fingering of the target has its holes.", nullptr, static_cast<int>(m_holes.size()))
              : text::sentence(there.error(), m_unit));
}

void AsBuiltCard::takeCell(int row, int column)
{
    if (m_filling || row < 0 || row >= static_cast<int>(m_holes.size()))
        return;
    Hole& h = m_holes[static_cast<std::size_t>(row)];
    const QString typed = m_table->item(row, column)->text().trimmed();
    m_touched = true;
    if (column == Back)
        h.side = m_table->item(row, column)->checkState() == Qt::Checked ? Side::Back : Side::Front;
    else if (column == Pair)
        h.count = m_table->item(row, column)->checkState() == Qt::Checked ? 2 : 1;
    else if (column == Sunk)
        takeCountersink(h, typed);
    else if (column == Finger)
        h.digit = typed.left(3).toStdString();
    else
        takeLength(row, column, typed);
    showHoles();
}

void AsBuiltCard::takeCountersink(Hole& hole, const QString& typed)
{
    if (typed.isEmpty())
        return hole.countersink.reset();
    const QStringList parts = typed.split(QLatin1Char('x'), Qt::SkipEmptyParts, Qt::CaseInsensitive);
    const auto wide = text::parseLength(parts.value(0), m_unit);
    const auto deep = text::parseLength(parts.value(1), m_unit);
    if (wide && deep)
        hole.countersink = Countersink{*wide, *deep};
    else
        Q_EMIT failed(tr("%1: type the countersink as width and depth, for example 9 x 1.5.", "hole")
                          .arg(QString::fromStdString(hole.id.text)));
}

void AsBuiltCard::takeLength(int row, int column, const QString& typed)
{
    Hole& h = m_holes[static_cast<std::size_t>(row)];
    const bool optional = column == Undercut || column == Chimney || column == Aside;
    const auto length = optional && typed.isEmpty() ? Result<Metres>(Metres()) : text::parseLength(typed, m_unit);
    if (!length) {
        Q_EMIT failed(
            tr("%1: %2", "hole, what is wrong").arg(QString::fromStdString(h.id.text), text::sentence(length.error(), m_unit)));
        return;
    }
    if (const Metres at = placeOf(*length); column == Place && !(at > Metres() && at < m_length)) {
        Q_EMIT failed(tr("%1: position %2 lies beyond the tube, which is %3 long.", "hole, place, length")
                          .arg(QString::fromStdString(h.id.text), text::length(*length, m_unit), text::length(m_length, m_unit)));
        return;
    }
    switch (column) {
    case Place: h.at = placeOf(*length); break;
    case Size:
        h.undercutDiameter = std::max(*length, h.undercutDiameter - h.diameter + *length);
        h.diameter = *length;
        break;
    case Undercut: h.undercutDiameter = *length; break;
    case Chimney: h.chimney = *length; break;
    default: h.aside = *length; break;
    }
}

void AsBuiltCard::addHole()
{
    Hole h;
    h.id = {"h" + std::to_string(m_holes.size() + 1)};
    m_holes.push_back(h);
    m_touched = true;
    showHoles();
    m_table->setCurrentCell(m_table->rowCount() - 1, Place);
    m_table->setFocus();
}

void AsBuiltCard::removeHole()
{
    const int row = m_table->currentRow();
    if (row < 0 || row >= static_cast<int>(m_holes.size()))
        return;
    m_holes.erase(m_holes.begin() + row);
    for (std::size_t i = 0; i < m_holes.size(); ++i)
        m_holes[i].id = {"h" + std::to_string(i + 1)}; // named from the foot upwards, as the chart has them
    m_touched = true;
    showHoles();
}

void AsBuiltCard::paste()
{
    const auto rows = text::parseTable(QApplication::clipboard()->text(), m_unit, 2);
    if (!rows)
        return Q_EMIT failed(text::sentence(rows.error(), m_unit));
    std::vector<Hole> holes;
    for (const auto& cells : *rows) {
        Hole h;
        h.at = placeOf(cells[0]);
        h.diameter = h.undercutDiameter = cells[1];
        holes.push_back(h);
    }
    std::stable_sort(holes.begin(), holes.end(), [](const Hole& a, const Hole& b) { return a.at > b.at; });
    const auto chart = m_plan->chartHoles();
    for (std::size_t i = 0; i < holes.size(); ++i) {
        holes[i].id = {"h" + std::to_string(i + 1)};
        if (i < chart.size()) {
            holes[i].side = chart[i].side;
            holes[i].digit = chart[i].digit;
        }
    }
    m_holes = std::move(holes);
    m_touched = true;
    showHoles();
}

} // namespace dowel::app

#include "moc_as_built_card.cpp"
