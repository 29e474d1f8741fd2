// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan_pages.h"
#include "app/questions.h"
#include "app/style.h"
#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"
#include "io/json_reader.h"
#include "text/errors.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <cmath>

namespace dowel::app {

namespace {

QDoubleSpinBox* spin(QWidget* parent, const char* name, const QString& spoken, double low, double high, double step, int decimals,
                     const QString& suffix)
{
    auto* s = new QDoubleSpinBox(parent);
    s->setObjectName(QLatin1String(name));
    s->setAccessibleName(spoken);
    s->setRange(low, high);
    s->setSingleStep(step);
    s->setDecimals(decimals);
    s->setSuffix(suffix);
    s->setKeyboardTracking(false);
    s->setButtonSymbols(QAbstractSpinBox::NoButtons);
    return s;
}

QComboBox* box(QWidget* parent, const char* name, const QString& spoken)
{
    auto* b = new QComboBox(parent);
    b->setObjectName(QLatin1String(name));
    b->setAccessibleName(spoken);
    b->view()->setObjectName(QLatin1String(name) + QStringLiteral("List"));
    b->view()->setAccessibleName(spoken);
    return b;
}

} // namespace

TargetPage::TargetPage(Plan& plan, Questions& questions, QWidget* parent)
    : QWidget(parent),
      m_plan(&plan),
      m_questions(&questions),
      m_lowest(box(this, "targetLowest", tr("Lowest note"))),
      m_mode(box(this, "targetMode", tr("Scale"))),
      m_scale(box(this, "targetTemperament", tr("Temperament"))),
      m_tonic(box(this, "targetTonic", tr("Built on"))),
      m_registers(box(this, "targetRegisters", tr("Registers"))),
      m_a4(spin(this, "targetA4", tr("A4"), 380.0, 480.0, 1.0, 1, tr(" Hz"))),
      m_celsius(spin(this, "targetCelsius", tr("Temperature it is played at"), -5.0, 45.0, 0.5, 1, tr(" °C"))),
      m_tolerance(spin(this, "targetTolerance", tr("Tolerance"), 1.0, 50.0, 1.0, 0, tr(" cents"))),
      m_table(new QTableWidget(0, 5, this))
{
    setObjectName(QStringLiteral("targetPage"));
    const auto chromatic = modeNotes("C3", "chromatic", 49);
    if (chromatic)
        for (const auto& n : *chromatic)
            m_lowest->addItem(text::noteName(n), QString::fromStdString(n));
    const std::pair<const char*, QString> modes[] = {{"major", tr("Major")},
                                                     {"minor", tr("Minor (natural)")},
                                                     {"dorian", tr("Dorian")},
                                                     {"phrygian", tr("Phrygian")},
                                                     {"lydian", tr("Lydian")},
                                                     {"mixolydian", tr("Mixolydian")},
                                                     {"locrian", tr("Locrian")},
                                                     {"major-pentatonic", tr("Major pentatonic")},
                                                     {"minor-pentatonic", tr("Minor pentatonic")},
                                                     {"chromatic", tr("Chromatic")}};
    for (const auto& [key, name] : modes)
        m_mode->addItem(name, QLatin1String(key));
    const std::pair<const char*, QString> scales[] = {{"equal", tr("Equal")},
                                                      {"just", tr("Just")},
                                                      {"meantone", tr("Quarter-comma meantone")},
                                                      {"pythagorean", tr("Pythagorean")},
                                                      {"werckmeister-iii", tr("Werckmeister III")},
                                                      {"vallotti", tr("Vallotti")},
                                                      {"own", tr("Own, from a file")}};
    for (const auto& [key, name] : scales)
        m_scale->addItem(name, QLatin1String(key));
    for (const char* t : {"C", "Db", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B"})
        m_tonic->addItem(QLatin1String(t));
    m_registers->addItem(tr("one"), 1);
    m_registers->addItem(tr("two"), 2);
    m_table->setObjectName(QStringLiteral("targetTable"));
    m_table->setAccessibleName(tr("Fingerings"));
    m_table->setHorizontalHeaderLabels(
        {tr("note"), tr("register"), tr("Hz"), tr("cents from equal"), tr("closed, from the foot")});
    m_table->setShowGrid(false);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(26);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionMode(QAbstractItemView::NoSelection);
    auto* import = new QPushButton(tr("&Scale from a file…"), this);
    import->setObjectName(QStringLiteral("targetImport"));
    import->setAccessibleName(tr("Scale from a file"));
    auto* write = new QPushButton(tr("&Write the scale…"), this);
    write->setObjectName(QStringLiteral("targetExport"));
    write->setAccessibleName(tr("Write the scale"));
    connect(import, &QPushButton::clicked, this, &TargetPage::importScale);
    connect(write, &QPushButton::clicked, this, &TargetPage::exportScale);

    auto* form = new QFormLayout;
    form->setHorizontalSpacing(2 * Style::grid);
    form->setVerticalSpacing(Style::grid);
    form->addRow(tr("Lowest note"), m_lowest);
    form->addRow(tr("Scale"), m_mode);
    form->addRow(tr("Registers"), m_registers);
    form->addRow(tr("Temperament"), m_scale);
    form->addRow(tr("built on"), m_tonic);
    form->addRow(tr("A4"), m_a4);
    form->addRow(tr("Played at"), m_celsius);
    form->addRow(tr("Tolerance"), m_tolerance);
    auto* words =
        new QLabel(tr("The temperature is that of the music, not of the workshop: Listen asks for the workshop's own."), this);
    words->setWordWrap(true);
    words->setProperty("quiet", true);
    auto* left = new QVBoxLayout;
    left->addLayout(form);
    left->addWidget(words);
    left->addWidget(import, 0, Qt::AlignLeft);
    left->addWidget(write, 0, Qt::AlignLeft);
    left->addStretch(1);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, 2 * Style::grid, 2 * Style::grid, Style::grid);
    columns->setSpacing(4 * Style::grid);
    columns->addLayout(left, 2);
    columns->addWidget(m_table, 4);
    for (QComboBox* b : {m_lowest, m_mode, m_scale, m_tonic, m_registers})
        connect(b, &QComboBox::activated, this, &TargetPage::take);
    for (QDoubleSpinBox* s : {m_a4, m_celsius, m_tolerance})
        connect(s, &QDoubleSpinBox::valueChanged, this, &TargetPage::take);
    connect(m_plan, &Plan::changed, this, &TargetPage::refresh);
    refresh();
}

void TargetPage::refresh()
{
    m_filling = true;
    const PlanTarget& t = m_plan->target();
    const auto choose = [](QComboBox* b, const QString& key) {
        b->setCurrentIndex(std::max(0, b->findData(key)));
    };
    const auto lowest = semitonesFromName(t.lowest);
    for (int i = 0; i < m_lowest->count(); ++i) // whichever way it is spelt
        if (lowest && *semitonesFromName(m_lowest->itemData(i).toString().toStdString()) == *lowest)
            m_lowest->setCurrentIndex(i);
    choose(m_mode, QString::fromStdString(t.mode));
    choose(m_scale, QString::fromStdString(t.tuning.scale));
    m_tonic->setCurrentText(QString::fromStdString(t.tuning.tonic));
    m_tonic->setEnabled(t.tuning.scale != "equal");
    m_registers->setCurrentIndex(t.registers - 1);
    m_a4->setValue(t.tuning.a4.hertz());
    m_celsius->setValue(t.tuning.playedAt.celsius());
    m_tolerance->setValue(t.tolerance.cents());
    const auto& chart = m_plan->blank().spec.fingerings;
    m_table->setRowCount(static_cast<int>(chart.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const Fingering& f = chart[static_cast<std::size_t>(row)];
        QStringList closed;
        for (const HoleId& id : f.closed)
            closed << QString::fromStdString(id.text);
        for (const HalfHole& half : f.half)
            closed << tr("%1 nearly", "a hole partly covered").arg(QString::fromStdString(half.hole.text));
        const auto equal = f.targetName.empty() ? Result<Hertz>(f.target) : equalTempered(f.targetName, t.tuning.a4);
        const QString cells[] = {
            text::noteName(f.id.text), QString::number(f.registerNumber), QString::number(f.target.hertz(), 'f', 1),
            equal ? text::cents(std::round(centsBetween(f.target, *equal).cents() * 10.0) / 10.0) : QString(),
            closed.isEmpty() ? tr("none") : closed.join(QLatin1Char(' '))};
        for (int column = 0; column < 5; ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            item->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
            m_table->setItem(row, column, item);
        }
    }
    m_filling = false;
}

void TargetPage::take()
{
    if (m_filling)
        return;
    PlanTarget t = m_plan->target();
    t.lowest = m_lowest->currentData().toString().toStdString();
    t.mode = m_mode->currentData().toString().toStdString();
    t.registers = m_registers->currentData().toInt();
    t.tuning.tonic = m_tonic->currentText().toStdString();
    const std::string scale = m_scale->currentData().toString().toStdString();
    if (scale == "own" && !isTemperament(t.tuning.ownCents)) {
        importScale();
        return refresh();
    }
    t.tuning.scale = scale;
    t.tuning.a4 = Hertz::fromHertz(m_a4->value());
    t.tuning.playedAt = Temperature::fromCelsius(m_celsius->value());
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
        Q_EMIT failed(text::sentence(Error{ErrorCode::Unreadable, path.toStdString(), file.errorString().toStdString()}));
        return;
    }
    const auto scale = scaleFromText(file.readAll().toStdString());
    if (!scale) {
        Q_EMIT failed(tr("%1, %2: %3.")
                          .arg(path, QString::fromStdString(scale.error().where), QString::fromStdString(scale.error().facts)));
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
    const QString path = m_questions->fileToWrite(this, tr("Write the scale"), QStringLiteral("scale.scl"), tr("Scales (*.scl)"));
    if (path.isEmpty())
        return;
    const Tuning& tuning = m_plan->target().tuning;
    Scale scale{tuning.scale + " on " + tuning.tonic, {}};
    if (const auto named = temperamentNamed(tuning.scale))
        scale.cents.assign(named->begin() + 1, named->end());
    else
        scale.cents.assign(tuning.ownCents.begin() + 1, tuning.ownCents.end());
    scale.cents.push_back(1200.0);
    if (const auto ok = io::writeFileWhole(path.toStdString(), scaleText(scale)); !ok)
        Q_EMIT failed(text::sentence(ok.error()));
}

} // namespace dowel::app
