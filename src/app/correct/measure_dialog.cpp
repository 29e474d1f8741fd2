// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correct/measure_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/errors.h"

#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QStackedWidget>
#include <QTableWidget>
#include <QVBoxLayout>

namespace dowel::app {

std::vector<MeasureDialog::Size> MeasureDialog::sizesOf(const InstrumentSpec& spec, text::LengthUnit unit)
{
    std::vector<Size> sizes;
    const auto ofHole = [](const char* words, const Hole& h) {
        return tr(words).arg(QString::fromStdString(h.id.text));
    };
    for (const Hole& h : spec.holes)
        sizes.push_back({ofHole(QT_TR_NOOP("width of %1"), h), h.diameter, {"holes", "diameter_mm", h.id.text}});
    sizes.push_back({tr("tube length"), spec.bore.back().at, {"", "length_mm"}});
    sizes.push_back({tr("tube wall"), spec.wall, {"", "wall_mm"}});
    const auto ofMouth = [&](const QString& name, Metres recorded, const char* key) {
        sizes.push_back({name, recorded, {"excitation", key}});
    };
    if (const auto* d = std::get_if<Duct>(&spec.excitation)) {
        ofMouth(tr("window width"), d->windowWidth, "window_width_mm");
        ofMouth(tr("window length (cut-up)"), d->windowLength, "window_length_mm");
        ofMouth(tr("wall at window"), d->chimney, "chimney_mm");
    } else if (const auto* t = std::get_if<Transverse>(&spec.excitation)) {
        ofMouth(tr("embouchure hole length"), t->holeLength, "hole_length_mm");
        ofMouth(tr("embouchure hole width"), t->holeWidth, "hole_width_mm");
        ofMouth(tr("embouchure hole wall"), t->chimney, "chimney_mm");
        ofMouth(tr("stopper distance"), t->stopper, "stopper_mm");
    }
    for (const Station& s : spec.bore)
        sizes.push_back({tr("bore at %1", "place").arg(text::length(s.at, unit)), s.diameter, {"bore", "diameter_mm", "", s.at}});
    for (const Hole& h : spec.holes)
        sizes.push_back({ofHole(QT_TR_NOOP("position of %1 from the sounding edge"), h), h.at, {"holes", "at_mm", h.id.text}});
    for (const Hole& h : spec.holes)
        sizes.push_back({ofHole(QT_TR_NOOP("wall at %1"), h), h.chimney, {"holes", "chimney_mm", h.id.text}});
    return sizes;
}

MeasureDialog::MeasureDialog(Document& document, text::LengthUnit unit, const std::optional<HoleId>& hole, QWidget* parent)
    : QDialog(parent),
      m_document(&document),
      m_unit(unit),
      m_sizes(sizesOf(document.book()->present().spec(), unit)),
      m_faces(new QStackedWidget(this)),
      m_what(form::box(this, "measureWhat", tr("Measured size"))),
      m_recorded(form::words(this, "measureRecorded")),
      m_size(new QLineEdit(this)),
      m_table(form::table(this, "measureTable", tr("All sizes"), {tr("size of"), tr("recorded"), tr("caliper reading")})),
      m_all(form::button(this, "measureAll", tr("Show all in a &table"))),
      m_trouble(form::words(this, "measureTrouble"))
{
    setObjectName(QStringLiteral("measureDialog"));
    setWindowTitle(tr("Measure again"));
    setMinimumWidth(460);
    m_all->setAutoDefault(false); // Enter writes down
    lay(hole);
    connect(m_what, &QComboBox::currentIndexChanged, this, &MeasureDialog::showRecorded);
    connect(m_all, &QPushButton::clicked, this, &MeasureDialog::showAll);
    for (QWidget* w : std::initializer_list<QWidget*>{m_what, m_size})
        w->setMinimumHeight(Style::scaled(34));
    showRecorded();
    grow();
    m_size->setFocus();
}

void MeasureDialog::lay(const std::optional<HoleId>& hole)
{
    const std::string key = hole ? "diameter_mm" : "length_mm";
    for (std::size_t i = 0; i < m_sizes.size(); ++i) {
        m_what->addItem(m_sizes[i].name);
        const io::SizePlace& place = m_sizes[i].place;
        if (place.key == key && place.hole == (hole ? hole->text : "") && place.list != "bore")
            m_what->setCurrentIndex(static_cast<int>(i));
    }
    m_what->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    m_what->setMinimumContentsLength(0);
    m_size->setObjectName(QStringLiteral("measureSize"));
    m_size->setAccessibleName(tr("Caliper reading"));
    m_size->setMaxLength(24);
    auto* words = form::words(this, "measureWords", true);
    words->setText(tr("The new size counts from the last entry of this size on; later readings are interpreted with it. You can "
                      "set the entry aside in the logbook."));
    m_trouble->setVisible(false);
    auto* one = new QWidget(m_faces);
    auto* fields = new QFormLayout(one);
    fields->setContentsMargins(0, 0, 0, 0);
    fields->setHorizontalSpacing(2 * Style::grid);
    fields->setVerticalSpacing(Style::grid);
    fields->addRow(tr("&Size of"), m_what);
    fields->addRow(tr("Recorded size"), m_recorded);
    auto* label = new QLabel(tr("&Caliper reading"), one);
    label->setBuddy(m_size);
    fields->addRow(label, m_size);
    m_faces->addWidget(one);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addWidget(m_faces, 1);
    column->addWidget(m_trouble);
    column->addWidget(words);
    auto* answers = form::answers(this, "measureCancel", "measureKeep", tr("Log"));
    answers->insertWidget(0, m_all);
    column->addLayout(answers);
    m_table->hide(); // no room for it yet
}

void MeasureDialog::fillTable()
{
    m_table->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                             QAbstractItemView::AnyKeyPressed);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setRowCount(static_cast<int>(m_sizes.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const Size& s = m_sizes[static_cast<std::size_t>(row)];
        form::row(m_table, row, {s.name, text::length(s.recorded, m_unit), QString()});
        for (const int fixed : {0, 1})
            m_table->item(row, fixed)->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
    }
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    form::fitColumns(m_table);
}

void MeasureDialog::showAll()
{
    fillTable();
    m_faces->addWidget(m_table);
    m_faces->setCurrentWidget(m_table);
    m_all->hide();
    m_trouble->hide();
    constexpr QSize roomy(620, 560);
    resize(roomy);
    m_table->setCurrentCell(m_what->currentIndex(), 2);
    m_table->setFocus();
}

void MeasureDialog::grow()
{
    // Words that wrap need their height asked for at the width they have.
    const int wide = std::max({width(), minimumWidth(), layout()->sizeHint().width()});
    resize(wide, std::max(height(), layout()->totalHeightForWidth(wide)));
}

void MeasureDialog::showRecorded()
{
    const Metres size = m_sizes[static_cast<std::size_t>(std::max(0, m_what->currentIndex()))].recorded;
    m_recorded->setText(text::length(size, m_unit));
    m_size->setText(text::lengthNumber(size, m_unit));
    m_size->selectAll();
}

Result<std::vector<std::pair<std::size_t, Metres>>> MeasureDialog::typed() const
{
    std::vector<std::pair<std::size_t, Metres>> found;
    const bool all = m_faces->currentWidget() == m_table;
    for (std::size_t i = 0; i < m_sizes.size(); ++i) {
        if (!all && static_cast<int>(i) != m_what->currentIndex())
            continue;
        const QString words = all ? m_table->item(static_cast<int>(i), 2)->text().trimmed() : m_size->text();
        if (all && words.isEmpty())
            continue;
        const auto size = text::parseLength(words, m_unit);
        if (!size)
            return Error{size.error().code, m_sizes[i].name.toStdString() + ": " + size.error().where, size.error().fact};
        found.emplace_back(i, *size);
    }
    if (found.empty())
        return Error{ErrorCode::BadValue, tr("caliper reading").toStdString(), FactId::NothingTyped};
    return found;
}

Result<std::vector<EntryBody>> MeasureDialog::measured() const
{
    const auto sizes = DOWEL_TRY(typed());
    std::vector<std::pair<io::SizePlace, Metres>> placed;
    for (const auto& [index, size] : sizes)
        placed.emplace_back(m_sizes[index].place, size);
    return io::measuredAgain(placed, *m_document->book());
}

void MeasureDialog::refuse(const Error& error)
{
    m_trouble->setText(text::sentence(error, m_unit));
    m_trouble->setVisible(true);
    grow();
    if (m_faces->currentWidget() == m_table)
        return m_table->setFocus();
    m_size->setFocus();
    m_size->selectAll();
}

void MeasureDialog::accept()
{
    auto entries = measured();
    if (!entries)
        return refuse(entries.error());
    for (const EntryBody& e : *entries)
        if (const auto ok = m_document->book()->checkNew(e); !ok)
            return refuse(ok.error());
    m_document->recordMeasures(std::move(*entries));
    QDialog::accept();
}

} // namespace dowel::app

#include "moc_measure_dialog.cpp"
