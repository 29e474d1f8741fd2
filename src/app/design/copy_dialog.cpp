// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/copy_dialog.h"

#include "app/parts/form.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"
#include "io/spec_json.h"
#include "session/sizes.h"
#include "store/store.h"
#include "text/errors.h"
#include "text/facts.h"
#include "text/names.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>

namespace dowel::app {

CopyDialog::CopyDialog(Questions& questions, const Plan& plan, text::LengthUnit unit, QWidget* parent)
    : QDialog(parent),
      m_questions(&questions),
      m_plan(&plan),
      m_unit(unit),
      m_lowest(form::box(this, "copyLowest", tr("Lowest note"))),
      m_length(new LengthField(QStringLiteral("copyLength"), tr("Sounding length"), this)),
      m_top(new LengthField(QStringLiteral("copyTop"), tr("Bore at top"), this)),
      m_bottom(new LengthField(QStringLiteral("copyBottom"), tr("Bore at foot"), this)),
      m_wall(new LengthField(QStringLiteral("copyWall"), tr("Wall"), this)),
      m_from(form::box(this, "copyFrom", tr("Positions from"))),
      m_holes(form::table(this, "copyHoles", tr("Holes"), {tr("hole"), tr("position"), tr("diameter"), tr("thumb hole")}, 28)),
      m_plays(form::words(this, "copyPlays")),
      m_trouble(form::words(this, "copyTrouble")),
      m_sums(this)
{
    setObjectName(QStringLiteral("copyDialog"));
    setWindowTitle(tr("Copy an instrument"));
    resize(640, 720);
    form::fillWithNotes(m_lowest);
    m_lowest->setCurrentIndex(m_lowest->findData(QStringLiteral("D5")));
    for (LengthField* f : {m_length, m_top, m_bottom, m_wall})
        f->setUnit(unit);
    m_holes->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                             QAbstractItemView::AnyKeyPressed);
    m_holes->setSelectionMode(QAbstractItemView::SingleSelection);
    m_holes->setRowCount(static_cast<int>(plan.blank().holeCount));
    for (int row = 0; row < m_holes->rowCount(); ++row)
        fillHole(row, QString(), QString(), false);
    m_from->addItem(text::originName(Origin::Foot, plan.blank().spec), static_cast<int>(Origin::Foot));
    m_from->addItem(text::originName(Origin::Edge, plan.blank().spec), static_cast<int>(Origin::Edge));
    m_from->addItem(text::originName(Origin::Top, plan.blank().spec), static_cast<int>(Origin::Top));
    m_from->addItem(tr("from the previous mark"), fromPrevious);
    m_from->setCurrentIndex(m_from->findData(static_cast<int>(plan.origin())));
    m_length->setLength(Metres::fromMillimetres(270.0));
    m_top->setLength(Metres::fromMillimetres(13.0));
    m_bottom->setLength(Metres::fromMillimetres(13.0));
    m_wall->setLength(Metres::fromMillimetres(2.0));
    arrange();
    if (plan.model())
        fill(*plan.model());
    showPlays();
}

void CopyDialog::arrange()
{
    auto* words = form::words(this, "copyWords");
    words->setText(tr("Measure the model: sounding length, bore, and the middle of every hole, with the thumb hole ticked."
                      " Positions are scaled by the ratio of the notes, diameters by the ratio of the bores; then Dowel "
                      "lays the holes out again on the plan's bore."));
    auto* rows = new QFormLayout;
    rows->setHorizontalSpacing(2 * Style::grid);
    rows->addRow(tr("Lowest note"), m_lowest);
    rows->addRow(tr("Sounding length"), m_length);
    rows->addRow(tr("Bore at top"), m_top);
    rows->addRow(tr("Bore at foot"), m_bottom);
    rows->addRow(tr("Wall"), m_wall);
    rows->addRow(tr("Positions from"), m_from);
    auto* proportion = form::button(this, "copyProportion", tr("Fill in by &proportion"));
    proportion->setToolTip(tr(
        "A beginner's rule: holes half the bore in diameter, a tenth of the tube apart. The scale this gives is shown below."));
    auto* file = form::button(this, "copyFile", tr("Load from &file…"));
    auto* buttons = new QDialogButtonBox(this);
    auto* ok = form::button(this, "copyOk", tr("&Copy to plan"), true);
    auto* no = form::button(this, "copyCancel", tr("Ca&ncel"));
    buttons->addButton(ok, QDialogButtonBox::AcceptRole);
    buttons->addButton(no, QDialogButtonBox::RejectRole);
    auto* column = new QVBoxLayout(this);
    column->setSpacing(Style::grid);
    column->addWidget(words);
    column->addLayout(rows);
    auto* ways = new QHBoxLayout;
    ways->addWidget(file);
    ways->addWidget(proportion);
    ways->addStretch(1);
    column->addLayout(ways);
    column->addWidget(m_holes, 1);
    column->addWidget(m_plays);
    column->addWidget(m_trouble);
    column->addWidget(buttons);
    connect(file, &QPushButton::clicked, this, &CopyDialog::fromFile);
    connect(buttons, &QDialogButtonBox::accepted, this, &CopyDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &CopyDialog::reject);
    for (LengthField* f : {m_length, m_top, m_bottom, m_wall})
        connect(f, &LengthField::refused, m_trouble, &QLabel::setText);
    connect(proportion, &QPushButton::clicked, this, &CopyDialog::byProportion);
    for (LengthField* f : {m_length, m_top, m_bottom, m_wall})
        connect(f, &LengthField::lengthChanged, this, &CopyDialog::showPlays);
    for (QComboBox* b : {m_lowest, m_from})
        connect(b, &QComboBox::currentIndexChanged, this, &CopyDialog::showPlays);
    connect(m_holes, &QTableWidget::cellChanged, this, &CopyDialog::showPlays);
}

void CopyDialog::byProportion()
{
    fillRow(session::rowByProportion(m_length->length(), m_top->length(), m_wall->length(),
                                     static_cast<std::size_t>(m_holes->rowCount())),
            m_length->length());
    showPlays();
}

void CopyDialog::fillRow(const std::vector<Hole>& holes, Metres length)
{
    m_filling = true;
    m_from->setCurrentIndex(m_from->findData(static_cast<int>(Origin::Foot)));
    m_holes->setRowCount(static_cast<int>(holes.size()));
    for (int row = 0; row < m_holes->rowCount(); ++row) {
        const Hole& h = holes[static_cast<std::size_t>(row)];
        fillHole(row, text::length(length - h.at, m_unit), text::length(h.diameter, m_unit), h.side == Side::Back);
    }
    m_filling = false;
}

void CopyDialog::fillHole(int row, const QString& position, const QString& diameter, bool thumb)
{
    form::row(m_holes, row, {QStringLiteral("h%1").arg(row + 1), position, diameter, QString()});
    auto* box = m_holes->item(row, ThumbColumn);
    box->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable);
    box->setCheckState(thumb ? Qt::Checked : Qt::Unchecked);
}

/// The row as it was typed, at its own pitch.
void CopyDialog::showPlays()
{
    if (m_filling)
        return;
    const auto row = typed();
    if (!row)
        return m_plays->setText(tr("The model's scale appears here once all measures are typed."));
    m_sums.runNewest(
        [row = *row](const Cancel&) { return session::ownScale(row); },
        [this, notes = row->spec().fingerings](const Result<std::vector<Cents>>& own) {
            if (!own)
                return m_plays->setText(text::sentence(own.error(), m_unit));
            QStringList words;
            for (std::size_t i = 1; i < own->size(); ++i)
                words << tr("%1 %2", "note, cents").arg(text::noteName(notes[i].id.text), text::wholeCents((*own)[i].cents()));
            const QString lowest =
                tr("By these measures the lowest note is %1 cents off.").arg(text::wholeCents(own->front().cents()));
            m_plays->setText(
                words.isEmpty()
                    ? lowest
                    : tr("%1 Relative to it: %2 cents.", "sentence, notes").arg(lowest, words.join(QStringLiteral(", "))));
        });
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
        form::chooseNote(m_lowest, keyName(*semitones));
    m_length->setLength(model.length());
    m_top->setLength(spec.bore.front().diameter);
    m_bottom->setLength(spec.bore.back().diameter);
    m_wall->setLength(spec.wall);
    fillRow(spec.holes, model.length());
    showPlays();
}

void CopyDialog::fromFile()
{
    const QString path = m_questions->fileToOpen(this, tr("The model"), tr("Workbooks and specifications (*.dowel *.json)"));
    if (path.isEmpty())
        return;
    m_reading.runNewest(
        [path = path.toStdString()](const Cancel& cancel) -> Result<Instrument> {
            if (!path.ends_with(".dowel"))
                return io::readSpecFile(path);
            const auto store = DOWEL_TRY(Store::open(path, Store::Mode::Look, cancel));
            return store.book().present();
        },
        [this](const Result<Instrument>& model) {
            if (!model)
                return m_trouble->setText(text::sentence(model.error(), m_unit));
            fill(*model);
            m_trouble->clear();
        });
}

Result<Instrument> CopyDialog::typed() const
{
    std::vector<Hole> holes;
    Metres below; // from the foot
    for (int row = 0; row < m_holes->rowCount(); ++row) {
        Hole h{};
        h.id = {"h" + std::to_string(row + 1)};
        const auto place = text::parseLength(m_holes->item(row, 1)->text(), m_unit);
        const auto wide = text::parseLength(m_holes->item(row, 2)->text(), m_unit);
        if (!place || !wide)
            return Error{ErrorCode::BadValue, h.id.text, {FactId::MustBeLength, (place ? wide.error() : place.error()).where}};
        const int from = m_from->currentData().toInt();
        if (from == fromPrevious) {
            below = below + *place;
            h.at = m_length->length() - below;
        } else {
            h.at = placeAt(static_cast<Origin>(from), *place, m_length->length(), m_plan->blank().spec);
        }
        h.side = m_holes->item(row, ThumbColumn)->checkState() == Qt::Checked ? Side::Back : Side::Front;
        h.diameter = h.undercutDiameter = *wide;
        h.chimney = m_wall->length();
        holes.push_back(std::move(h));
    }
    return session::asRow(m_plan->blank(), m_plan->target(), m_lowest->currentData().toString().toStdString(),
                          {{Metres{}, m_top->length()}, {m_length->length(), m_bottom->length()}}, m_wall->length(),
                          std::move(holes));
}

void CopyDialog::accept()
{
    auto made = typed();
    if (!made) {
        for (int row = 0; row < m_holes->rowCount(); ++row)
            if (m_holes->item(row, 0)->text().toStdString() == made.error().where) {
                m_holes->setCurrentCell(row, text::parseLength(m_holes->item(row, 1)->text(), m_unit) ? 2 : 1);
                return m_trouble->setText(tr("Hole %1: %2").arg(m_holes->item(row, 0)->text(), text::facts(made.error().fact)));
            }
        return m_trouble->setText(text::sentence(made.error(), m_unit));
    }
    // What is carried over is the row alone, as it sounds when all is closed.
    InstrumentSpec spec = made->spec();
    const Fingering lowest = spec.fingerings.front();
    spec.fingerings = {lowest};
    m_model = *Instrument::make(std::move(spec));
    QDialog::accept();
}

} // namespace dowel::app

#include "moc_copy_dialog.cpp"
