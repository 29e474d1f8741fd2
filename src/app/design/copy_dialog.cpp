// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/copy_dialog.h"

#include "app/parts/form.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "core/instrument/whole.h"
#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"
#include "io/spec_json.h"
#include "session/sizes.h"
#include "store/store.h"
#include "text/errors.h"
#include "text/facts.h"
#include "text/names.h"

#include <QApplication>
#include <QClipboard>
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
      m_overall(new LengthField(QStringLiteral("copyOverall"), tr("Overall length"), this)),
      m_length(new LengthField(QStringLiteral("copyLength"), tr("Sounding length"), this)),
      m_top(new LengthField(QStringLiteral("copyTop"), tr("Bore at top"), this)),
      m_bottom(new LengthField(QStringLiteral("copyBottom"), tr("Bore at foot"), this)),
      m_wall(new LengthField(QStringLiteral("copyWall"), tr("Wall"), this)),
      m_above(new LengthField(QStringLiteral("copyAbove"), tr("Top end to embouchure hole"), this)),
      m_along(new LengthField(QStringLiteral("copyMouthAlong"), tr("Length of the embouchure hole"), this)),
      m_across(new LengthField(QStringLiteral("copyMouthAcross"), tr("Width of the embouchure hole"), this)),
      m_stopper(new LengthField(QStringLiteral("copyStopper"), tr("Stopper"), this)),
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
    for (LengthField* f : {m_overall, m_length, m_top, m_bottom, m_wall, m_above, m_along, m_across, m_stopper})
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
    m_above->setLength(headOf(plan.blank().spec).length);
    m_overall->setLength(m_length->length() + above());
    arrange();
    if (plan.model())
        fill(*plan.model());
    showPlays();
}

void CopyDialog::arrange()
{
    auto* words = form::words(this, "copyWords");
    words->setText(tr("Measure the model: its length, overall or sounding, its bore, and the middle of every hole, with the "
                      "thumb hole ticked."
                      " Positions are scaled by the ratio of the notes, diameters by the ratio of the bores; then Dowel "
                      "lays the holes out again on the plan's bore."));
    auto* rows = new QFormLayout;
    rows->setHorizontalSpacing(2 * Style::grid);
    rows->addRow(tr("Lowest note"), form::sideBySide(this, m_lowest, tr("wall"), m_wall));
    rows->addRow(tr("Overall length"), form::sideBySide(this, m_overall, tr("sounding"), m_length));
    if (std::holds_alternative<Transverse>(m_plan->blank().spec.excitation))
        addMouth(*rows);
    else
        for (LengthField* f : {m_above, m_along, m_across, m_stopper})
            f->hide();
    rows->addRow(tr("Bore at top"), form::sideBySide(this, m_top, tr("at the foot"), m_bottom));
    rows->addRow(tr("Positions from"), m_from);
    auto* proportion = form::button(this, "copyProportion", tr("Fill in by &proportion"));
    proportion->setToolTip(tr(
        "A beginner's rule: holes half the bore in diameter, a tenth of the tube apart. The scale this gives is shown below."));
    auto* table = form::button(this, "copyPaste", tr("Pas&te table…"));
    table->setToolTip(tr("Paste rows from a spreadsheet: position and diameter, separated by tabs, semicolons or commas; "
                         "lowest hole first or last."));
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
    ways->addWidget(table);
    ways->addStretch(1);
    column->addLayout(ways);
    column->addWidget(m_holes, 1);
    column->addWidget(m_plays);
    column->addWidget(m_trouble);
    column->addWidget(buttons);
    // Enter in a field takes its measure; it does not copy a row that is not whole yet.
    for (QPushButton* b : findChildren<QPushButton*>()) {
        b->setAutoDefault(false);
        b->setDefault(false);
    }
    connect(file, &QPushButton::clicked, this, &CopyDialog::fromFile);
    connect(table, &QPushButton::clicked, this, &CopyDialog::paste);
    connect(proportion, &QPushButton::clicked, this, &CopyDialog::byProportion);
    connect(buttons, &QDialogButtonBox::accepted, this, &CopyDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &CopyDialog::reject);
    bind();
}

void CopyDialog::bind()
{
    for (LengthField* f : {m_overall, m_length, m_top, m_bottom, m_wall, m_above, m_along, m_across, m_stopper}) {
        connect(f, &LengthField::refused, m_trouble, &QLabel::setText);
        connect(f, &LengthField::lengthChanged, m_trouble, &QLabel::clear);
    }
    for (LengthField* f : {m_overall, m_above})
        connect(f, &LengthField::lengthChanged, this, &CopyDialog::followOverall);
    connect(m_length, &LengthField::lengthChanged, this, [this] { m_overall->setLength(m_length->length() + above()); });
    for (LengthField* f : {m_above, m_along, m_across, m_stopper})
        connect(f, &LengthField::lengthChanged, this, [this] { m_mouthTyped = true; });
    for (LengthField* f : {m_length, m_top, m_bottom, m_wall, m_along, m_across, m_stopper})
        connect(f, &LengthField::lengthChanged, this, &CopyDialog::showPlays);
    for (QComboBox* b : {m_lowest, m_from})
        connect(b, &QComboBox::currentIndexChanged, this, &CopyDialog::showPlays);
    connect(m_holes, &QTableWidget::cellChanged, this, &CopyDialog::showPlays);
}

void CopyDialog::addMouth(QFormLayout& rows)
{
    const auto& mouth = std::get<Transverse>(m_plan->blank().spec.excitation);
    m_along->setLength(mouth.holeLength);
    m_across->setLength(mouth.holeWidth);
    m_stopper->setLength(mouth.stopper);
    rows.addRow(tr("Embouchure hole"), form::sideBySide(this, m_along, tr("across"), m_across));
    rows.addRow(tr("From its middle to the top end"), form::sideBySide(this, m_above, tr("to the stopper"), m_stopper));
    m_stopper->setEnabled(!keptNodeAbove(m_plan->blank().spec));
}

Metres CopyDialog::above() const
{
    return m_above->length();
}

void CopyDialog::followOverall()
{
    const Metres sounding = m_overall->length() - above();
    if (!(sounding.metres() > 0.0))
        return m_trouble->setText(
            tr("The overall length must be more than what lies above the sounding edge, %1.").arg(text::length(above(), m_unit)));
    m_length->setLength(sounding);
    showPlays();
}

std::optional<Transverse> CopyDialog::mouth() const
{
    const auto* planned = std::get_if<Transverse>(&m_plan->blank().spec.excitation);
    if (planned == nullptr || !m_mouthTyped)
        return std::nullopt;
    Transverse there = *planned;
    there.holeLength = m_along->length();
    there.holeWidth = m_across->length();
    there.stopper = m_stopper->length();
    return there;
}

std::optional<Blank> CopyDialog::blankAfterIt() const
{
    const auto measured = mouth();
    if (!measured)
        return std::nullopt;
    Blank blank = m_plan->blank();
    auto& lip = std::get<Transverse>(blank.spec.excitation);
    const double wider = blank.spec.bore.front().diameter / m_top->length();
    lip.holeLength = measured->holeLength;
    lip.holeWidth = measured->holeWidth;
    if (!keptNodeAbove(blank.spec))
        lip.stopper = measured->stopper * wider;
    Head head = headOf(blank.spec);
    head.length = std::max(above() * wider, lip.stopper);
    blank.spec.head = head;
    return blank;
}

void CopyDialog::paste()
{
    const auto rows = text::parseTable(QApplication::clipboard()->text(), m_unit, 2);
    if (!rows)
        return m_trouble->setText(text::sentence(rows.error(), m_unit));
    m_trouble->clear();
    m_filling = true;
    m_holes->setRowCount(static_cast<int>(rows->size()));
    // A table begins at either end; holes are numbered from the foot.
    const int from = m_from->currentData().toInt();
    const bool fromFoot = from == fromPrevious || from == static_cast<int>(Origin::Foot);
    const bool turned = from != fromPrevious && rows->size() > 1 && (rows->front()[0] > rows->back()[0]) == fromFoot;
    for (std::size_t i = 0; i < rows->size(); ++i) {
        const auto& cells = (*rows)[turned ? rows->size() - 1 - i : i];
        fillHole(static_cast<int>(i), text::length(cells[0], m_unit), text::length(cells[1], m_unit), false);
    }
    m_filling = false;
    showPlays();
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
    m_above->setLength(headOf(spec).length);
    m_overall->setLength(m_length->length() + above());
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
            h.at = from == static_cast<int>(Origin::Top)
                       ? *place - above()
                       : placeAt(static_cast<Origin>(from), *place, m_length->length(), m_plan->blank().spec);
        }
        h.side = m_holes->item(row, ThumbColumn)->checkState() == Qt::Checked ? Side::Back : Side::Front;
        h.diameter = h.undercutDiameter = *wide;
        h.chimney = m_wall->length();
        holes.push_back(std::move(h));
    }
    return session::asRow(m_plan->blank(), m_plan->target(),
                          {m_lowest->currentData().toString().toStdString(),
                           {{Metres{}, m_top->length()}, {m_length->length(), m_bottom->length()}},
                           m_wall->length(),
                           std::move(holes),
                           mouth()});
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
