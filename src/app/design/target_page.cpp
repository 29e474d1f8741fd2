// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/fingerings_dialog.h"
#include "app/design/plan_pages.h"
#include "app/parts/fingering_card.h"
#include "app/parts/form.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "app/parts/temperature_field.h"
#include "core/tuning/scale.h"
#include "io/json_reader.h"
#include "io/whole_file.h"
#include "text/errors.h"
#include "text/facts.h"
#include "text/names.h"
#include "text/units.h"

#include <QAbstractItemView>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QTableWidget>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

enum Column { Note, Register, Pitch, Off, Tolerance, Weight, Closed };

QString closedWords(const Fingering& f)
{
    QStringList closed;
    for (const HoleId& id : f.closed)
        closed << QString::fromStdString(id.text);
    for (const HalfHole& half : f.half)
        closed << TargetPage::tr("%1 partly", "a hole partly covered").arg(QString::fromStdString(half.hole.text));
    return closed.isEmpty() ? TargetPage::tr("none") : closed.join(QLatin1Char(' '));
}

} // namespace

TargetPage::TargetPage(Plan& plan, Questions& questions, QWidget* parent)
    : QWidget(parent),
      m_plan(&plan),
      m_questions(&questions),
      m_lowest(form::box(this, "targetLowest", tr("Lowest note"))),
      m_thumb(new QCheckBox(tr("at the back"), this)),
      m_mode(form::box(this, "targetMode", tr("Scale"))),
      m_scale(form::box(this, "targetTemperament", tr("Temperament"))),
      m_tonic(form::box(this, "targetTonic", tr("Tonic"))),
      m_registers(form::box(this, "targetRegisters", tr("Registers"))),
      m_holes(form::box(this, "targetHoles", tr("Holes"))),
      m_a4(form::spin(this, "targetA4", tr("A4"), {380.0, 480.0, 1.0, 1, tr(" Hz")})),
      m_warmth(new TemperatureField(QStringLiteral("targetCelsius"), tr("Playing temperature"), Temperature::fromCelsius(-5.0),
                                    Temperature::fromCelsius(45.0), this)),
      m_tolerance(form::spin(this, "targetTolerance", tr("Tolerance"), {1.0, 50.0, 1.0, 0, tr(" cents")})),
      m_table(form::table(
          this, "targetTable", tr("Fingerings"),
          {tr("note"), tr("register"), tr("Hz"), tr("vs. equal"), tr("± cents"), tr("weight"), tr("closed holes, from foot")},
          26)),
      m_card(new FingeringCard(this)),
      m_add(form::box(this, "targetAddNote", tr("Note for a new fingering"))),
      m_remove(form::button(this, "targetRemove", tr("&Remove"))),
      m_own(form::words(this, "targetOwn", true))
{
    setObjectName(QStringLiteral("targetPage"));
    fill();
    dressTable();
    arrange();
    bind();
    refresh();
    m_table->setCurrentCell(0, 0);
}

void TargetPage::fill()
{
    form::fillWithNotes(m_lowest);
    for (const auto& [key, name] : text::modes())
        m_mode->addItem(name, QString::fromStdString(key));
    for (const auto& [key, name] : text::temperaments())
        m_scale->addItem(name, QString::fromStdString(key));
    for (const char* t : {"C", "Db", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B"})
        m_tonic->addItem(text::noteName(t), QLatin1String(t));
    m_registers->addItem(tr("one"), 1);
    m_registers->addItem(tr("two"), 2);
    m_holes->addItem(tr("usual", "number of holes"), -1);
    for (int n = 0; n <= mostHoles; ++n)
        m_holes->addItem(QString::number(n), n);
    m_thumb->setObjectName(QStringLiteral("targetThumb"));
    m_thumb->setAccessibleName(tr("Highest hole at the back, for the thumb"));
    m_holes->setToolTip(tr("Number of holes, opened one after the other from the foot for the degrees of the scale."));
}

void TargetPage::dressTable()
{
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_table->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setTabKeyNavigation(false);
    m_card->setObjectName(QStringLiteral("targetCard"));
    m_card->setEditable(true);
    m_card->setFixedHeight(Style::scaled(160));
}

QVBoxLayout* TargetPage::makeControls()
{
    auto* import = form::button(this, "targetImport", tr("&Load scale…"));
    auto* write = form::button(this, "targetExport", tr("&Save scale…"));
    connect(import, &QPushButton::clicked, this, &TargetPage::importScale);
    connect(write, &QPushButton::clicked, this, &TargetPage::exportScale);
    auto* form = new QFormLayout;
    form->setHorizontalSpacing(2 * Style::grid);
    form->setVerticalSpacing(Style::grid);
    form->addRow(tr("Lowest note"), m_lowest);
    form->addRow(tr("Scale"), m_mode);
    form->addRow(tr("Registers"), m_registers);
    form->addRow(tr("Holes"), m_holes);
    form->addRow(tr("Thumb hole"), m_thumb);
    form->addRow(tr("Temperament"), m_scale);
    form->addRow(tr("Tonic"), m_tonic);
    form->addRow(tr("A4"), m_a4);
    form->addRow(tr("Playing temperature"), m_warmth);
    form->addRow(tr("Tolerance"), m_tolerance);
    m_warmth->setToolTip(tr("Temperature at which the instrument will be played; Listen asks for the workshop's temperature."));
    auto* left = new QVBoxLayout;
    left->addLayout(form);
    auto* files = new QHBoxLayout;
    files->setSpacing(Style::grid);
    files->addWidget(import);
    files->addWidget(write);
    left->addLayout(files);
    left->addStretch(1);
    return left;
}

void TargetPage::arrange()
{
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, 2 * Style::grid, 2 * Style::grid, Style::grid);
    columns->setSpacing(4 * Style::grid);
    columns->addLayout(makeControls(), 2);
    auto* add = form::button(this, "targetAdd", tr("&Add fingering for"));
    connect(add, &QPushButton::clicked, this, &TargetPage::addFingering);
    auto* below = new QHBoxLayout;
    below->setSpacing(3 * Style::grid);
    below->addWidget(m_card, 5);
    auto* edit = new QVBoxLayout;
    edit->setSpacing(Style::grid);
    auto* adding = new QHBoxLayout;
    adding->addWidget(add);
    adding->addWidget(m_add, 1);
    edit->addWidget(m_own);
    edit->addLayout(adding);
    auto* find = form::button(this, "targetFind", tr("&Find fingerings…"));
    find->setToolTip(tr("Lists every fingering near this note, best first."));
    connect(find, &QPushButton::clicked, this, &TargetPage::findFingerings);
    auto* those = new QHBoxLayout;
    those->setSpacing(Style::grid);
    those->addWidget(m_remove);
    those->addWidget(find);
    those->addStretch(1);
    edit->addLayout(those);
    edit->addStretch(1);
    below->addLayout(edit, 4);
    auto* right = new QVBoxLayout;
    right->setSpacing(Style::grid);
    right->addWidget(m_table, 1);
    right->addLayout(below);
    columns->addLayout(right, 5);
}

void TargetPage::followDegrees()
{
    m_warmth->followDegrees();
}

void TargetPage::bind()
{
    for (QComboBox* b : {m_lowest, m_mode, m_scale, m_tonic, m_registers, m_holes})
        connect(b, &QComboBox::activated, this, &TargetPage::take);
    connect(m_thumb, &QCheckBox::clicked, m_plan, &Plan::setThumb);
    for (QDoubleSpinBox* s : {m_a4, static_cast<QDoubleSpinBox*>(m_warmth), m_tolerance})
        connect(s, &QDoubleSpinBox::valueChanged, this, &TargetPage::take);
    connect(m_plan, &Plan::changed, this, &TargetPage::refresh);
    connect(m_table, &QTableWidget::cellChanged, this, &TargetPage::takeCell);
    connect(m_table, &QTableWidget::currentCellChanged, this, [this] { showCard(); });
    connect(m_card, &FingeringCard::holeClicked, this, &TargetPage::turnHole);
    connect(m_remove, &QPushButton::clicked, this, &TargetPage::removeFingering);
}

int TargetPage::row() const
{
    const int count = static_cast<int>(m_plan->blank().spec.fingerings.size());
    return std::clamp(m_table->currentRow(), 0, std::max(0, count - 1));
}

void TargetPage::showCard()
{
    const auto& chart = m_plan->blank().spec.fingerings;
    if (m_filling)
        return;
    m_card->show(m_plan->chartHoles(), chart.empty() ? nullptr : &chart[static_cast<std::size_t>(row())]);
    m_remove->setEnabled(chart.size() > 1);
}

void TargetPage::turnHole(int hole)
{
    auto chart = m_plan->blank().spec.fingerings;
    const auto holes = m_plan->chartHoles();
    const HoleId id = holes[static_cast<std::size_t>(hole)].id;
    Fingering& f = chart[static_cast<std::size_t>(row())];
    const auto half = std::find_if(f.half.begin(), f.half.end(), [&](const HalfHole& h) { return h.hole == id; });
    const auto closed = std::find(f.closed.begin(), f.closed.end(), id);
    if (closed != f.closed.end()) {
        f.closed.erase(closed);
        f.half.push_back({id, 0.5});
    } else if (half != f.half.end()) {
        f.half.erase(half);
    } else {
        f.closed.push_back(id);
    }
    // From the foot upwards, as everywhere.
    std::sort(f.closed.begin(), f.closed.end(), [&](const HoleId& a, const HoleId& b) {
        const auto place = [&](const HoleId& one) {
            return std::find_if(holes.begin(), holes.end(), [&](const Hole& h) { return h.id == one; });
        };
        return place(a) < place(b);
    });
    m_plan->setChart(std::move(chart));
}

void TargetPage::takeCell(int row, int column)
{
    if (m_filling)
        return;
    auto chart = m_plan->blank().spec.fingerings;
    Fingering& f = chart[static_cast<std::size_t>(row)];
    bool number = false;
    const double v = QLocale().toDouble(m_table->item(row, column)->text().trimmed(), &number);
    const double low = column == Tolerance ? 0.5 : 0.0;
    if (!number || !(v >= low && v <= 100.0)) {
        Q_EMIT failed((column == Tolerance ? tr("%1: the tolerance of %2 must be a number from 0.5 to 100 cents.")
                                           : tr("%1: the weight of %2 must be a number from 0 (does not count) to 100."))
                          .arg(m_table->item(row, column)->text(), text::noteName(f.id.text)));
        return refresh();
    }
    if (column == Tolerance)
        f.tolerance = Cents::fromCents(v);
    else
        f.weight = v;
    m_plan->setChart(std::move(chart));
}

void TargetPage::addFingering()
{
    const auto& chart = m_plan->blank().spec.fingerings;
    const auto at = static_cast<std::size_t>(row());
    const std::string name = m_add->currentData().toString().toStdString();
    const auto hertz = targetOf(m_plan->target().tuning, name);
    if (!hertz) {
        Q_EMIT failed(text::sentence(hertz.error()));
        return;
    }
    Fingering f = chart[at]; // the holes of the one that is shown are the nearest to begin from
    f.targetName = name;
    f.target = *hertz;
    f.id.text = name;
    addBelow(at, std::move(f));
}

void TargetPage::addBelow(std::size_t at, Fingering fingering)
{
    auto chart = m_plan->blank().spec.fingerings;
    const auto taken = [&](const std::string& id) {
        return std::any_of(chart.begin(), chart.end(), [&](const Fingering& o) { return o.id.text == id; });
    };
    const std::string name = fingering.id.text;
    for (int n = 2; taken(fingering.id.text); ++n)
        fingering.id.text = name + " (" + std::to_string(n) + ")";
    chart.insert(chart.begin() + static_cast<std::ptrdiff_t>(at) + 1, std::move(fingering));
    m_plan->setChart(std::move(chart));
    m_table->setCurrentCell(static_cast<int>(at) + 1, 0);
}

void TargetPage::findFingerings()
{
    const auto& layout = m_plan->layout();
    const auto& chart = m_plan->blank().spec.fingerings;
    if (!layout || chart.empty())
        return Q_EMIT failed(tr("Lay out the holes first; fingerings are calculated from the layout."));
    const auto at = static_cast<std::size_t>(row());
    auto* dialog = new FingeringsDialog(layout->goal, chart[at], this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &FingeringsDialog::chosen, this, [this, at](const Fingering& f, bool another) {
        if (another)
            return addBelow(at, f);
        auto changed = m_plan->blank().spec.fingerings;
        if (at >= changed.size())
            return;
        changed[at] = f;
        m_plan->setChart(std::move(changed));
    });
    dialog->open();
}

void TargetPage::removeFingering()
{
    auto chart = m_plan->blank().spec.fingerings;
    if (chart.size() < 2)
        return;
    const int at = row();
    chart.erase(chart.begin() + at);
    m_plan->setChart(std::move(chart));
    m_table->setCurrentCell(std::min(at, m_table->rowCount() - 1), 0);
}

void TargetPage::refresh()
{
    m_filling = true;
    const PlanTarget& t = m_plan->target();
    const auto choose = [](QComboBox* b, const QString& key) {
        b->setCurrentIndex(std::max(0, b->findData(key)));
    };
    form::chooseNote(m_lowest, t.lowest);
    choose(m_mode, QString::fromStdString(t.mode));
    choose(m_scale, QString::fromStdString(t.tuning.scale));
    m_tonic->setCurrentIndex(m_tonic->findData(QString::fromStdString(t.tuning.tonic)));
    m_tonic->setEnabled(t.tuning.scale != "equal");
    m_registers->setCurrentIndex(t.registers - 1);
    m_holes->setCurrentIndex(t.holes ? *t.holes + 1 : 0);
    m_thumb->setChecked(hasThumb(m_plan->blank()));
    m_thumb->setEnabled(m_plan->blank().holeCount > 0);
    m_a4->setValue(t.tuning.a4.hertz());
    m_warmth->setTemperature(t.tuning.playedAt);
    m_tolerance->setValue(t.tolerance.cents());
    const auto& chart = m_plan->blank().spec.fingerings;
    m_table->setRowCount(static_cast<int>(chart.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const Fingering& f = chart[static_cast<std::size_t>(row)];
        const auto equal = f.targetName.empty() ? Result<Hertz>(f.target) : equalTempered(f.targetName, t.tuning.a4);
        const QString cells[] = {text::noteName(f.id.text),
                                 QString::number(f.registerNumber),
                                 text::number(f.target.hertz(), 1),
                                 equal ? text::cents(std::round(centsBetween(f.target, *equal).cents() * 10.0) / 10.0)
                                       : QString(),
                                 QLocale().toString(f.tolerance.cents(), 'g', 4),
                                 QLocale().toString(f.weight, 'g', 4),
                                 closedWords(f)};
        for (int column = 0; column < m_table->columnCount(); ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            item->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
            if (column != Tolerance && column != Weight)
                item->setFlags(item->flags() & ~Qt::ItemIsEditable);
            // Every change that is told measures all columns anew: the last one is.
            const QSignalBlocker untold(column + 1 < m_table->columnCount() || row + 1 < m_table->rowCount() ? m_table->model()
                                                                                                             : nullptr);
            m_table->setItem(row, column, item);
        }
    }
    m_table->viewport()->update();
    m_add->clear();
    if (const auto notes = modeNotes(t.lowest, "chromatic", 12 * (t.registers + 1) + 8))
        for (const auto& n : *notes)
            m_add->addItem(text::noteName(n), QString::fromStdString(n));
    m_own->setText(m_plan->ownChart()
                       ? tr("Edited by hand. Changing the lowest note, scale or registers replaces the chart.")
                       : tr("Click a hole to cycle closed, half, open. Double-click a tolerance or weight to change it."));
    m_filling = false;
    showCard();
}

void TargetPage::take()
{
    if (m_filling)
        return;
    PlanTarget t = m_plan->target();
    t.lowest = m_lowest->currentData().toString().toStdString();
    t.mode = m_mode->currentData().toString().toStdString();
    t.registers = m_registers->currentData().toInt();
    const int holes = m_holes->currentData().toInt();
    t.holes = holes < 0 ? std::nullopt : std::optional(holes);
    t.tuning.tonic = m_tonic->currentData().toString().toStdString();
    const std::string scale = m_scale->currentData().toString().toStdString();
    if (scale == "own" && !isTemperament(t.tuning.ownCents)) {
        importScale();
        return refresh();
    }
    t.tuning.scale = scale;
    t.tuning.a4 = Hertz::fromHertz(m_a4->value());
    t.tuning.playedAt = m_warmth->temperature();
    t.tolerance = Cents::fromCents(m_tolerance->value());
    m_plan->setTarget(t);
}

void TargetPage::importScale()
{
    const QString path = m_questions->fileToOpen(this, tr("Scale"), tr("Scales (*.scl)"));
    if (path.isEmpty())
        return;
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) {
        Q_EMIT failed(
            text::sentence(Error{ErrorCode::Unreadable, path.toStdString(), Fact::said(file.errorString().toStdString())}));
        return;
    }
    const auto scale = scaleFromText(file.readAll().toStdString());
    if (!scale) {
        Q_EMIT failed(tr("%1, %2: %3.").arg(path, QString::fromStdString(scale.error().where), text::facts(scale.error().fact)));
        return;
    }
    std::vector<double> twelve{0.0};
    twelve.insert(twelve.end(), scale->cents.begin(), scale->cents.end() - 1);
    if (!isTemperament(twelve) || std::abs(scale->cents.back() - 1200.0) > 0.5) {
        Q_EMIT failed(tr("%1 has %2 degrees to its period; a chart needs twelve to the octave. Choose another scale, or give "
                         "single notes their own "
                         "hertz in a specification.")
                          .arg(path)
                          .arg(scale->cents.size()));
        return;
    }
    PlanTarget t = m_plan->target();
    t.tuning.scale = "own";
    t.tuning.ownCents = twelve;
    m_plan->setTarget(t);
}

void TargetPage::exportScale()
{
    const QString path = m_questions->fileToWrite(this, tr("Save scale"), QStringLiteral("scale.scl"), tr("Scales (*.scl)"));
    if (path.isEmpty())
        return;
    const Tuning& tuning = m_plan->target().tuning;
    Scale scale{tuning.scale + " on " + tuning.tonic, {}};
    if (const auto named = temperamentNamed(tuning.scale))
        scale.cents.assign(named->begin() + 1, named->end());
    else
        scale.cents.assign(tuning.ownCents.begin() + 1, tuning.ownCents.end());
    scale.cents.push_back(1200.0);
    m_jobs.run([path, text = scaleText(scale)](const Cancel&) { return io::writeFileWhole(path.toStdString(), text); },
               [this](const Status& done) {
                   if (!done)
                       Q_EMIT failed(text::sentence(done.error()));
               });
}

} // namespace dowel::app
