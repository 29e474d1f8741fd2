// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/copy_dialog.h"

#include "app/parts/form.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"
#include "io/spec_json.h"
#include "store/store.h"
#include "text/errors.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>

namespace dowel::app {

CopyDialog::CopyDialog(Questions& questions, const std::optional<Instrument>& model, std::size_t holes, text::LengthUnit unit,
                       QWidget* parent)
    : QDialog(parent),
      m_questions(&questions),
      m_unit(unit),
      m_lowest(form::box(this, "copyLowest", tr("Its lowest note"))),
      m_length(new LengthField(QStringLiteral("copyLength"), tr("Mouth to foot"), this)),
      m_top(new LengthField(QStringLiteral("copyTop"), tr("Bore at the mouth"), this)),
      m_bottom(new LengthField(QStringLiteral("copyBottom"), tr("Bore at the foot"), this)),
      m_wall(new LengthField(QStringLiteral("copyWall"), tr("Wall"), this)),
      m_holes(form::table(this, "copyHoles", tr("Its holes"), {tr("hole"), tr("from the foot"), tr("diameter")}, 28)),
      m_trouble(form::words(this, "copyTrouble"))
{
    setObjectName(QStringLiteral("copyDialog"));
    setWindowTitle(tr("Copy an instrument"));
    resize(620, 660);
    if (const auto notes = modeNotes("C3", "chromatic", 49))
        for (const auto& n : *notes)
            m_lowest->addItem(text::noteName(n), QString::fromStdString(n));
    m_lowest->setCurrentIndex(m_lowest->findData(QStringLiteral("D5")));
    for (LengthField* f : {m_length, m_top, m_bottom, m_wall})
        f->setUnit(unit);
    m_holes->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                             QAbstractItemView::AnyKeyPressed);
    m_holes->setSelectionMode(QAbstractItemView::SingleSelection);
    m_holes->setRowCount(static_cast<int>(holes));
    for (int row = 0; row < m_holes->rowCount(); ++row)
        form::row(m_holes, row, {QStringLiteral("h%1").arg(row + 1), QString(), QString()});
    m_length->setLength(Metres::fromMillimetres(270.0));
    m_top->setLength(Metres::fromMillimetres(13.0));
    m_bottom->setLength(Metres::fromMillimetres(13.0));
    m_wall->setLength(Metres::fromMillimetres(2.0));

    auto* words = form::words(this, "copyWords");
    words->setText(
        tr("Measure the model: from the sounding edge to the foot, its bore, and every hole from the foot to the hole's "
           "middle. Places go over by the ratio of the notes, sizes by the ratio of the bores; then every note is "
           "worked out anew on the plan's bore."));
    auto* rows = new QFormLayout;
    rows->setHorizontalSpacing(2 * Style::grid);
    rows->addRow(tr("Its lowest note"), m_lowest);
    rows->addRow(tr("Mouth to foot"), m_length);
    rows->addRow(tr("Bore at the mouth"), m_top);
    rows->addRow(tr("Bore at the foot"), m_bottom);
    rows->addRow(tr("Wall"), m_wall);
    auto* file = form::button(this, "copyFile", tr("Take it from a &file…"));
    auto* buttons = new QDialogButtonBox(this);
    auto* ok = form::button(this, "copyOk", tr("&Carry it over"), true);
    auto* no = form::button(this, "copyCancel", tr("Ca&ncel"));
    buttons->addButton(ok, QDialogButtonBox::AcceptRole);
    buttons->addButton(no, QDialogButtonBox::RejectRole);
    auto* column = new QVBoxLayout(this);
    column->setSpacing(Style::grid);
    column->addWidget(words);
    column->addLayout(rows);
    column->addWidget(file, 0, Qt::AlignLeft);
    column->addWidget(m_holes, 1);
    column->addWidget(m_trouble);
    column->addWidget(buttons);
    connect(file, &QPushButton::clicked, this, &CopyDialog::fromFile);
    connect(buttons, &QDialogButtonBox::accepted, this, &CopyDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &CopyDialog::reject);
    for (LengthField* f : {m_length, m_top, m_bottom, m_wall})
        connect(f, &LengthField::refused, m_trouble, &QLabel::setText);
    if (model)
        fill(*model);
}

void CopyDialog::fill(const Instrument& model)
{
    const InstrumentSpec& spec = model.spec();
    std::string lowest;
    Hertz low;
    for (const Fingering& f : spec.fingerings)
        if (f.registerNumber == 1 && (low == Hertz{} || f.target < low)) {
            low = f.target;
            lowest = nearestNote(f.target, spec.tuning.a4).name;
        }
    if (const auto semitones = semitonesFromName(lowest))
        for (int i = 0; i < m_lowest->count(); ++i)
            if (*semitonesFromName(m_lowest->itemData(i).toString().toStdString()) == *semitones)
                m_lowest->setCurrentIndex(i);
    m_length->setLength(model.length());
    m_top->setLength(spec.bore.front().diameter);
    m_bottom->setLength(spec.bore.back().diameter);
    m_wall->setLength(spec.wall);
    m_holes->setRowCount(static_cast<int>(spec.holes.size()));
    for (int row = 0; row < m_holes->rowCount(); ++row) {
        const Hole& h = spec.holes[static_cast<std::size_t>(row)];
        form::row(
            m_holes, row,
            {QStringLiteral("h%1").arg(row + 1), text::length(model.length() - h.at, m_unit), text::length(h.diameter, m_unit)});
    }
}

void CopyDialog::fromFile()
{
    const QString path = m_questions->fileToOpen(this, tr("The model"), tr("Workbooks and specifications (*.dowel *.json)"));
    if (path.isEmpty())
        return;
    if (path.endsWith(QLatin1String(".dowel"))) {
        const auto store = Store::open(path.toStdString(), Store::Mode::Look);
        if (!store)
            return m_trouble->setText(text::sentence(store.error()));
        fill(store->book().present());
    } else {
        const auto spec = io::readSpecFile(path.toStdString());
        if (!spec)
            return m_trouble->setText(text::sentence(spec.error()));
        fill(*spec);
    }
    m_trouble->clear();
}

void CopyDialog::accept()
{
    InstrumentSpec spec;
    spec.name = "Model";
    spec.family = Family::Other;
    spec.bore = {{Metres{}, m_top->length()}, {m_length->length(), m_bottom->length()}};
    spec.wall = m_wall->length();
    spec.excitation = Duct{m_top->length() * 0.6, m_top->length() * 0.3, m_wall->length(), {}, {}, 0.0};
    for (int row = 0; row < m_holes->rowCount(); ++row) {
        Hole h{};
        h.id = {"h" + std::to_string(row + 1)};
        for (int column = 1; column <= 2; ++column) {
            const auto v = text::parseLength(m_holes->item(row, column)->text(), m_unit);
            if (!v) {
                m_trouble->setText(tr("Hole %1: %2").arg(QString::fromStdString(h.id.text), text::sentence(v.error())));
                m_holes->setCurrentCell(row, column);
                return;
            }
            (column == 1 ? h.at : h.diameter) = column == 1 ? m_length->length() - *v : *v;
        }
        h.undercutDiameter = h.diameter;
        h.chimney = spec.wall;
        spec.holes.push_back(std::move(h));
    }
    const std::string lowest = m_lowest->currentData().toString().toStdString();
    Fingering f;
    f.id = {lowest};
    f.targetName = lowest;
    f.target = *targetOf(spec.tuning, lowest);
    f.tolerance = Cents::fromCents(10.0);
    for (const Hole& h : spec.holes)
        f.closed.push_back(h.id);
    spec.fingerings = {std::move(f)};
    auto made = Instrument::make(std::move(spec));
    if (!made)
        return m_trouble->setText(text::sentence(made.error()));
    m_model = std::move(*made);
    QDialog::accept();
}

} // namespace dowel::app
