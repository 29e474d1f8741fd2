// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correct/wanted_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "app/parts/temperature_field.h"
#include "core/tuning/nearest_scale.h"
#include "core/tuning/pitch.h"
#include "text/errors.h"
#include "text/names.h"
#include "text/units.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <tuple>

namespace dowel::app {

WantedDialog::WantedDialog(Document& document, text::LengthUnit unit, QWidget* parent)
    : QDialog(parent),
      m_document(&document),
      m_unit(unit),
      m_before(document.book()->present().spec()),
      m_name(new QLineEdit(QString::fromStdString(m_before.name), this)),
      m_a4(form::spin(this, "wantedA4", tr("A4"), {300.0, 600.0, 1.0, 1, tr(" Hz")})),
      m_warmth(new TemperatureField(QStringLiteral("wantedCelsius"), tr("Playing temperature"), Temperature::fromCelsius(-5.0),
                                    Temperature::fromCelsius(45.0), this)),
      m_scale(form::box(this, "wantedTemperament", tr("Temperament"))),
      m_tonic(form::box(this, "wantedTonic", tr("Tonic"))),
      m_bits(new QLineEdit(text::bits(m_before.tools.bits, unit), this)),
      m_step(new QLineEdit(text::lengthNumber(m_before.tools.step, unit), this)),
      m_widest(new QLineEdit(m_before.limits.holeMax ? text::lengthNumber(*m_before.limits.holeMax, unit) : QString(), this)),
      m_table(
          form::table(this, "wantedTable", tr("Tolerance of each note"), {tr("note"), tr("Hz"), tr("± cents"), tr("weight")})),
      m_nearest(form::button(this, "wantedNearest", tr("Find nearest &scale"))),
      m_nearestWords(form::words(this, "wantedNearestWords")),
      m_trouble(form::words(this, "wantedTrouble"))
{
    setObjectName(QStringLiteral("wantedDialog"));
    setWindowTitle(tr("Edit target and tools"));
    resize(880, 600);
    m_name->setObjectName(QStringLiteral("wantedName"));
    m_name->setAccessibleName(tr("Name of the instrument"));
    m_name->setMaxLength(200);
    m_a4->setValue(m_before.tuning.a4.hertz());
    m_warmth->setTemperature(m_before.tuning.playedAt);
    for (const auto& [key, name] : text::temperaments())
        if (key != "own" || m_before.tuning.scale == "own")
            m_scale->addItem(name, QString::fromStdString(key));
    m_scale->setSizeAdjustPolicy(QComboBox::AdjustToContents); // read at a glance, so whole
    m_scale->setMinimumContentsLength(0);
    m_scale->setCurrentIndex(m_scale->findData(QString::fromStdString(m_before.tuning.scale)));
    for (const char* tonic : {"C", "Db", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B"})
        m_tonic->addItem(text::noteName(tonic), QLatin1String(tonic));
    m_tonic->setCurrentIndex(m_tonic->findData(QString::fromStdString(m_before.tuning.tonic)));
    m_table->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                             QAbstractItemView::AnyKeyPressed);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_trouble->setVisible(false);
    auto* words = form::words(this, "wantedWords", true);
    words->setText(tr("Advice follows the new target from now on. Readings stay as heard and are compared with the new target. "
                      "You can set the change aside in the logbook."));
    auto* left = new QVBoxLayout;
    left->setSpacing(2 * Style::grid);
    left->addLayout(makeFields());
    m_nearest->setToolTip(
        tr("For an instrument made to no key: takes the scale and the A4 that the notes as heard are nearest to."));
    m_nearest->setAutoDefault(false);
    m_nearestWords->setVisible(false);
    connect(m_nearest, &QPushButton::clicked, this, &WantedDialog::takeNearestScale);
    left->addWidget(m_nearest, 0, Qt::AlignLeft);
    left->addWidget(m_nearestWords);
    left->addWidget(words);
    left->addWidget(m_trouble);
    left->addStretch(1);
    auto* columns = new QHBoxLayout;
    columns->setSpacing(3 * Style::grid);
    columns->addLayout(left, 1);
    columns->addWidget(m_table, 1);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addLayout(columns, 1);
    column->addLayout(form::answers(this, "wantedCancel", "wantedKeep", tr("Apply")));
    showChart();
    form::fitColumns(m_table);
    for (QDoubleSpinBox* s : {m_a4, static_cast<QDoubleSpinBox*>(m_warmth)})
        connect(s, &QDoubleSpinBox::valueChanged, this, &WantedDialog::showChart);
    for (QComboBox* b : {m_scale, m_tonic})
        connect(b, &QComboBox::activated, this, &WantedDialog::showChart);
    m_a4->setFocus();
}

QFormLayout* WantedDialog::makeFields()
{
    auto* fields = new QFormLayout;
    fields->setHorizontalSpacing(2 * Style::grid);
    fields->setVerticalSpacing(Style::grid);
    fields->addRow(tr("&Name"), m_name);
    fields->addRow(tr("&A4"), m_a4);
    fields->addRow(tr("&Playing temperature"), m_warmth);
    fields->addRow(tr("&Temperament"), m_scale);
    fields->addRow(tr("&tonic"), m_tonic);
    const std::tuple<QLineEdit*, const char*, QString, QString> tools[] = {
        {m_bits, "wantedBits", tr("&Drawer bits"),
         m_unit == text::LengthUnit::Inches
             ? tr("Fractions, decimals, number and letter sizes, separated by semicolons: 1/4; 17/64; 0.27; No. 7; F. Empty: any "
                  "size.")
             : tr("Millimetres, fractions, number and letter sizes, separated by semicolons: 5; 5.5; 17/64; No. 7; F. Empty: any "
                  "size.")},
        {m_step, "wantedStep", tr("Smallest &step by file or knife"), tr("The smallest enlargement you can make and measure.")},
        {m_widest, "wantedWidest", tr("&Largest hole"), tr("The largest hole your fingers cover. Empty: limited by the bore.")}};
    for (const auto& [field, name, words, tip] : tools) {
        field->setObjectName(QLatin1String(name));
        field->setAccessibleName(QString(words).remove(QLatin1Char('&')));
        field->setToolTip(tip);
        field->setMaxLength(2000);
        field->setCursorPosition(0);
        fields->addRow(words, field);
    }
    return fields;
}

Tuning WantedDialog::tuning() const
{
    Tuning t = m_before.tuning;
    t.a4 = Hertz::fromHertz(m_a4->value());
    t.playedAt = m_warmth->temperature();
    t.scale = m_scale->currentData().toString().toStdString();
    t.tonic = m_tonic->currentData().toString().toStdString();
    return t;
}

Result<std::vector<Fingering>> WantedDialog::chart() const
{
    auto wanted = retargeted(m_before.fingerings, tuning());
    if (!wanted)
        return wanted;
    for (std::size_t i = 0; i < wanted->size(); ++i) {
        Fingering& f = (*wanted)[i];
        for (const Column column : {Tolerance, Weight}) {
            const QString typed = m_table->item(static_cast<int>(i), column)->text().trimmed();
            bool number = false;
            const double v = QLocale().toDouble(typed, &number);
            if (!number || !(v >= (column == Tolerance ? 0.5 : 0.0) && v <= 100.0))
                return Error{ErrorCode::BadValue,
                             f.id.text + (column == Tolerance ? ", ±" : ", weight"),
                             {FactId::Within, typed.toStdString(), column == Tolerance ? 0.5 : 0.0, 100}};
            if (column == Tolerance)
                f.tolerance = Cents::fromCents(v);
            else
                f.weight = v;
        }
    }
    return wanted;
}

void WantedDialog::showChart()
{
    m_tonic->setEnabled(m_scale->currentData().toString() != QLatin1String("equal"));
    const auto wanted = retargeted(m_before.fingerings, tuning());
    if (!wanted)
        return refuse(wanted.error());
    const bool first = m_table->rowCount() == 0;
    m_table->setRowCount(static_cast<int>(wanted->size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const Fingering& f = (*wanted)[static_cast<std::size_t>(row)];
        const auto typed = [&](Column column, double value) { // what is typed stays while the pitch changes
            return first ? QLocale().toString(value) : m_table->item(row, column)->text();
        };
        const bool renamed = !f.targetName.empty() && f.targetName != f.id.text && semitonesFromName(f.id.text);
        form::row(m_table, row,
                  {renamed ? QStringLiteral("%1 → %2").arg(text::noteName(f.id.text), text::noteName(f.targetName))
                           : text::noteName(f.id.text),
                   text::number(f.target.hertz(), 1), typed(Tolerance, f.tolerance.cents()), typed(Weight, f.weight)});
        for (const Column fixed : {Note, Hertz_})
            m_table->item(row, fixed)->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
    }
}

Status WantedDialog::takeTools(AmendEntry& change) const
{
    // What was not touched is left exactly as it was: shown sizes are rounded.
    const auto touched = [](const QLineEdit* field, const QString& before) {
        return field->text().trimmed() != before;
    };
    Tools tools = m_before.tools;
    if (touched(m_bits, text::bits(m_before.tools.bits, m_unit))) {
        auto bits = text::parseBits(m_bits->text(), m_unit);
        if (!bits)
            return bits.error();
        tools.bits = std::move(*bits);
    }
    if (touched(m_step, text::lengthNumber(m_before.tools.step, m_unit))) {
        const auto step = text::parseLength(m_step->text(), m_unit);
        if (!step)
            return step.error();
        tools.step = *step;
    }
    if (!(tools == m_before.tools))
        change.tools = std::move(tools);
    const auto& before = m_before.limits.holeMax;
    if (!touched(m_widest, before ? text::lengthNumber(*before, m_unit) : QString()))
        return Done{};
    Limits limits = m_before.limits;
    limits.holeMax.reset();
    if (!m_widest->text().trimmed().isEmpty()) {
        const auto widest = DOWEL_TRY(text::parseLength(m_widest->text(), m_unit));
        limits.holeMax = widest;
    }
    change.limits = limits;
    return Done{};
}

void WantedDialog::takeNearestScale()
{
    m_nearestWords->setVisible(true);
    // As the notes stand on the present shape in the air that they will be played in; of one that was never heard, nothing.
    std::vector<std::pair<Hertz, std::size_t>> heard;
    const auto& recommendation = m_document->recommendation();
    const auto readings = m_document->book()->readings();
    for (std::size_t i = 0; recommendation && i < m_before.fingerings.size(); ++i) {
        const Fingering& f = m_document->book()->present().spec().fingerings[i];
        if (f.registerNumber == 1 &&
            std::any_of(readings.begin(), readings.end(), [&](const PlacedReading& r) { return r.reading->fingering == f.id; }))
            heard.emplace_back(raisedBy(f.target, Cents::fromCents(recommendation->now[i].cents)), i);
    }
    std::sort(heard.begin(), heard.end());
    std::vector<Hertz> pitches;
    for (const auto& [pitch, fingering] : heard)
        pitches.push_back(pitch);
    const auto found = nearestScales(pitches, 2);
    if (found.empty())
        return m_nearestWords->setText(tr("Three notes of the low register must have been heard."));
    const ScaleFound& scale = found.front();
    std::vector<Fingering>& chart = m_before.fingerings;
    std::size_t worst = 0;
    for (std::size_t k = 0; k < heard.size(); ++k) {
        Fingering& f = chart[heard[k].second];
        f.targetName = scale.notes[k];
        if (std::abs(scale.off[k].cents()) > std::abs(scale.off[worst].cents()))
            worst = k;
        // The same fingers in the upper registers: as many semitones higher as they were wanted before.
        for (Fingering& other : chart)
            if (other.registerNumber > 1 && other.closed == f.closed)
                if (const auto low = semitonesFromName(scale.notes[k]))
                    other.targetName = keyName(*low + static_cast<int>(std::lround(12.0 * std::log2(other.target / f.target))));
    }
    m_scale->setCurrentIndex(m_scale->findData(QStringLiteral("equal")));
    m_a4->setValue(scale.a4.hertz());
    showChart();
    m_nearestWords->setText(tr("Nearest: %1 %2 at A4 = %3 Hz. %4 is furthest from it, by %5 cents. Apply it, and Correct says "
                               "which cut brings it nearer.",
                               "tonic, mode, hertz, note, cents")
                                .arg(text::noteName(scale.tonic), text::modeName(scale.mode), text::number(scale.a4.hertz(), 1),
                                     text::noteName(scale.notes[worst]), text::cents(scale.off[worst].cents())));
}

void WantedDialog::refuse(const Error& error)
{
    m_trouble->setText(text::sentence(error, m_unit));
    m_trouble->setVisible(true);
}

void WantedDialog::accept()
{
    auto wanted = chart();
    if (!wanted)
        return refuse(wanted.error());
    AmendEntry change;
    const Tuning now = tuning();
    if (!(now == m_before.tuning) || *wanted != m_document->book()->present().spec().fingerings)
        change.wanted = Wanted{now, std::move(*wanted)};
    if (const std::string name = m_name->text().trimmed().toStdString(); name != m_before.name)
        change.name = name;
    if (const auto ok = takeTools(change); !ok)
        return refuse(ok.error());
    if (!change.bearsOnAdvice() && !change.name)
        return QDialog::accept();
    if (const auto ok = m_document->book()->checkNew(change); !ok)
        return refuse(ok.error());
    m_document->amend(std::move(change));
    QDialog::accept();
}

} // namespace dowel::app

#include "moc_wanted_dialog.cpp"
