// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/edge_picture.h"
#include "app/design/plan_pages.h"
#include "app/parts/form.h"
#include "app/parts/style.h"
#include "core/acoustics/jet.h"
#include "core/fit/fit.h"
#include "core/instrument/whole.h"
#include "text/errors.h"
#include "text/units.h"

#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QListWidget>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QTableWidget>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace dowel::app {

namespace {

using Mouth = acoustics::Shape::Mouth;

constexpr int SizeColumn = 1;
constexpr int SoundColumn = 4;

double areaOf(Metres bore)
{
    return std::numbers::pi / 4.0 * bore.metres() * bore.metres();
}

/// One measure of the mouth, numbered as withMeasure() has them.
Metres sizeOf(const Excitation& mouth, int measure, Metres bore)
{
    const auto i = static_cast<std::size_t>(measure);
    if (const auto* d = std::get_if<Duct>(&mouth))
        return std::array{d->windowWidth, d->windowLength, d->chimney, d->upstream, d->cover}.at(i);
    if (const auto* t = std::get_if<Transverse>(&mouth))
        return std::array{t->holeLength, t->holeWidth, t->chimney, t->stopper, t->undercut}.at(i);
    return Metres::fromMetres(std::get<ClosedTop>(mouth).volume.cubicMetres() / areaOf(bore));
}

/// A tube that can be checked before it has its holes.
InstrumentSpec bareTube(InstrumentSpec spec)
{
    spec.holes.clear();
    spec.fingerings.clear();
    return spec;
}

/// What is heard, and what to try: small and reversible first. Common practice, no source.
struct Symptom
{
    const char* heard;
    EdgePlace where; ///< what the first of them touches
    const char* tries;
};

constexpr Symptom ductSymptoms[] = {
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "No tone, only breath noise"), EdgePlace::Windway,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Look through the windway towards a light: the jet must meet the lip edge. Move the block slightly or "
                       "shim it with paper.\n2. Remove burrs from the windway exit and the lip.\n3. Tape the holes closed and "
                       "try the lowest note.\nLast resort: take a little off the underside of the lip.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Airy, hissing"), EdgePlace::Windway,
     QT_TRANSLATE_NOOP(
         "dowel::app::EdgePage",
         "1. Dry the windway and ease its exit edges.\n2. Narrow the windway with a strip of tape on its roof.\n3. Lower the "
         "block by the thickness of a sheet of paper.\nLast resort: sharpen the lip. A shorter window needs a new block.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Jumps to the octave too easily"), EdgePlace::Block,
     QT_TRANSLATE_NOOP(
         "dowel::app::EdgePage",
         "1. Blow more softly and check for a leaking hole.\n2. Draw the block back slightly.\n3. Open the windway exit by "
         "removing the tape.\nLast resort: lengthen the window by a hair at a time. This cannot be undone.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Upper notes do not speak"), EdgePlace::Windway,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Narrow the windway with tape for a faster jet.\n2. Push the block forward slightly.\nLast resort: "
                       "thin the lip. A window cut too long needs a new edge glued in.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Dull"), EdgePlace::Bore,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Clean and smooth the bore; keep sharp edges sharp.\n2. Raise the block slightly so that the jet meets "
                       "the upper side of the lip.\nLast resort: thin the lip.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Chirps at the start"), EdgePlace::Windway,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Chamfer the windway exit lightly with fine paper, top and bottom alike.\n2. Draw the block back "
                       "slightly.\nLast resort: lengthen the window by a hair.")}};

constexpr Symptom fluteSymptoms[] = {
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "No tone"), EdgePlace::Stopper,
     QT_TRANSLATE_NOOP(
         "dowel::app::EdgePage",
         "1. Blow the head alone with its end closed by the palm.\n2. Check the stopper for leaks: with a thumb over the hole, "
         "suction must hold.\n3. Roll the flute in and out.\nLast resort: sharpen the far edge from inside.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Airy"), EdgePlace::FarEdge,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage", "1. Cover less of the hole.\n2. Remove burrs from the far edge without rounding "
                                               "it.\nLast resort: undercut the far wall slightly.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Octaves too wide or too narrow"), EdgePlace::Stopper,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Move the stopper by a millimetre and play both registers; the table shows which way. The stopper can "
                       "go back.\nLast resort: change the bore or the embouchure hole.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Weak low notes, easy upper notes"), EdgePlace::Hole,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage", "1. Look for leaks: tape the holes one by one.\n2. Cover less of the hole.\nLast "
                                               "resort: widen the embouchure hole slightly across the tube.")}};

constexpr Symptom reedSymptoms[] = {
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "The reed closes and stays closed"), EdgePlace::Reed,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage", "1. Use less lip and less pressure.\n2. Fit a stiffer reed, or bend it open over "
                                               "gentle heat, away from the lay.\nLast resort: open the lay at the tip.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "The reed leaks and never starts"), EdgePlace::Reed,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Wet the reed and bind it tighter.\n2. Suck with the end closed: suction must "
                       "hold for a moment.\n3. Bend the reed towards the lay over gentle heat.\nLast resort: flatten "
                       "the lay on abrasive on a flat plate.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Sounds only deep in the mouth"), EdgePlace::Reed,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Move the band towards the tip: the pitch rises, and less of the reed swings.\n2. "
                       "Fit a thinner or shorter reed.\nLast resort: cut the lay shorter.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Only upper notes"), EdgePlace::Reed,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Fit a softer reed.\n2. Look for a leak near the top.\nLast resort: enlarge the mouthpiece chamber.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Dull"), EdgePlace::Reed,
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Thin the tip of the reed.\n2. Smooth the bore.\nLast resort: lower the baffle of the mouthpiece.")}};

constexpr int firstOfWindway = 5; ///< as withMeasure() has them

/// What a measure does to the sound, as makers have it.
struct Measure
{
    Mouth mouth;
    std::size_t excitation; ///< in the order of acoustics::Shape
    int measure;            ///< as withMeasure() has it
    const char* name;
    const char* sound;
};

constexpr Measure measures[] = {{Mouth::Duct, 0, 1, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "window length"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "longer: stronger low notes, harder octave")},
                                {Mouth::Duct, 1, 0, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "window width"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "wider: louder, wants more air")},
                                {Mouth::Duct, 2, 2, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "wall at window"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "thinner: brighter, thinner sound")},
                                {Mouth::Transverse, 0, 0, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "hole length"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "longer: easier low notes, less focus")},
                                {Mouth::Transverse, 1, 1, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "hole width"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "wider: louder, less room for lipping")},
                                {Mouth::Transverse, 2, 2, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "wall (chimney)"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "deeper: more resistance, steadier")},
                                {Mouth::Transverse, 3, 3, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "stopper distance"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "moves the octaves")},
                                {Mouth::Transverse, 5, 4, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "undercut"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "easier to speak, more room for lipping")},
                                {Mouth::ClosedTop, 0, 0, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "mouthpiece volume"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "larger: darker, upper notes flatter")}};

} // namespace

EdgePage::EdgePage(Plan& plan, QWidget* parent)
    : QWidget(parent),
      m_plan(&plan),
      m_symptoms(new QListWidget(this)),
      m_tries(form::words(this, "edgeTries")),
      m_picture(new EdgePicture(this)),
      m_windway{new LengthField(QStringLiteral("edgeWindway"), tr("Windway height"), this),
                new LengthField(QStringLiteral("edgeWindwayLength"), tr("Windway length"), this),
                new LengthField(QStringLiteral("edgeChamfer"), tr("Windway exit chamfer"), this)},
      m_windwayRow(new QWidget(this)),
      m_above{new LengthField(QStringLiteral("edgeAbove"), tr("Length above the edge"), this),
              new LengthField(QStringLiteral("edgeChamberLength"), tr("Slow chamber length"), this),
              new LengthField(QStringLiteral("edgeChamberWidth"), tr("Slow chamber bore"), this)},
      m_ends{new LengthField(QStringLiteral("edgeBeak"), tr("Beak length"), this),
             new LengthField(QStringLiteral("edgeChamberEntry"), tr("Slow chamber entry"), this),
             new LengthField(QStringLiteral("edgeChamberExit"), tr("Slow chamber exit"), this),
             new LengthField(QStringLiteral("edgeSocket"), tr("Socket depth"), this),
             new LengthField(QStringLiteral("edgeLay"), tr("Lay cut into the tube"), this)},
      m_layAngle(form::spin(this, "edgeLayAngle", tr("Angle of the lay"), {0.0, 89.0, 1.0, 0, tr(" °")})),
      m_layAngleWords(new QLabel(tr("at"), this)),
      m_endsRow(new QWidget(this)),
      m_aboveRow(new QWidget(this)),
      m_aboveWords(new QLabel(this)),
      m_overall(new QLabel(this)),
      m_breath(form::words(this, "edgeBreath")),
      m_table(form::table(this, "edgeTable", tr("Effect of each measure"),
                          {QString(), tr("now"), tr("first\nregister"), tr("second\nregister"), tr("sound")}))
{
    setObjectName(QStringLiteral("edgePage"));
    m_symptoms->setObjectName(QStringLiteral("edgeSymptoms"));
    m_symptoms->setAccessibleName(tr("Symptom"));
    m_tries->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                             QAbstractItemView::AnyKeyPressed);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_table->horizontalHeaderItem(SoundColumn)->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    arrange();
    connect(m_symptoms, &QListWidget::currentRowChanged, this, &EdgePage::showTries);
    connect(m_picture, &EdgePicture::measured, this, &EdgePage::takeMeasure);
    connect(m_table, &QTableWidget::cellChanged, this, &EdgePage::takeCell);
    for (std::size_t i = 0; i < m_windway.size(); ++i) {
        const int measure = firstOfWindway + static_cast<int>(i);
        connect(m_windway[i], &LengthField::lengthChanged, this, [this, measure](Metres size) { takeMeasure(measure, size); });
        connect(m_windway[i], &LengthField::refused, this, &EdgePage::failed);
    }
    for (LengthField* field : m_above) {
        connect(field, &LengthField::lengthChanged, this, &EdgePage::takeAbove);
        connect(field, &LengthField::refused, this, &EdgePage::failed);
    }
    connect(m_layAngle, &QDoubleSpinBox::valueChanged, this, &EdgePage::takeAbove);
    for (LengthField* field : m_ends) {
        connect(field, &LengthField::lengthChanged, this, &EdgePage::takeAbove);
        connect(field, &LengthField::refused, this, &EdgePage::failed);
    }
    connect(m_plan, &Plan::changed, this, &EdgePage::refresh);
    refresh();
}

void EdgePage::arrange()
{
    auto* head = new QLabel(tr("Symptom"), this);
    head->setFont(Style::head());
    auto* note = form::words(this, "edgeNote", true);
    note->setText(tr("Start with a small window or hole and enlarge it in small steps. Cut away from yourself."));
    auto* left = new QVBoxLayout;
    left->addWidget(head);
    left->addWidget(m_symptoms, 2);
    left->addWidget(form::scrolled(this, "edgeTriesScroll", m_tries), 3);
    left->addWidget(note);
    auto* windway = new QHBoxLayout(m_windwayRow);
    windway->setContentsMargins(0, 0, 0, 0);
    windway->setSpacing(Style::grid);
    m_windway[1]->setNothing(tr("unknown"));
    m_windway[2]->setNothing(tr("none", "chamfer"));
    for (LengthField* field : m_windway) {
        field->setMaximumWidth(Style::scaled(104));
        windway->addWidget(new QLabel(field->accessibleName(), this));
        windway->addWidget(field);
    }
    windway->addStretch(1);
    auto* above = new QHBoxLayout(m_aboveRow);
    above->setContentsMargins(0, 0, 0, 0);
    above->setSpacing(Style::grid);
    m_overall->setObjectName(QStringLiteral("edgeOverall"));
    m_above[1]->setNothing(tr("none", "chamber"));
    m_above[2]->setNothing(tr("none", "chamber"));
    above->addWidget(m_aboveWords);
    for (LengthField* field : m_above) {
        field->setMaximumWidth(Style::scaled(104));
        if (field != m_above[0])
            above->addWidget(m_chamberWords.emplace_back(new QLabel(field->accessibleName(), this)));
        above->addWidget(field);
    }
    auto* ends = new QHBoxLayout(m_endsRow);
    ends->setContentsMargins(0, 0, 0, 0);
    ends->setSpacing(Style::grid);
    for (std::size_t i = 0; i < m_ends.size(); ++i) {
        m_ends[i]->setNothing(i == 4 ? tr("none", "lay") : tr("unknown"));
        m_ends[i]->setMaximumWidth(Style::scaled(104));
        m_endsWords[i] = new QLabel(m_ends[i]->accessibleName(), this);
        QHBoxLayout* row = i == 0 ? above : ends; // a beak has room beside the length above the edge
        row->addWidget(m_endsWords[i]);
        row->addWidget(m_ends[i]);
        m_endsWords[i]->hide(); // until it is known which of them there are
        m_ends[i]->hide();
    }
    m_layAngle->setMaximumWidth(Style::scaled(64));
    for (QWidget* w : std::initializer_list<QWidget*>{m_layAngleWords, m_layAngle}) {
        ends->addWidget(w);
        w->hide();
    }
    ends->addStretch(1);
    m_endsRow->hide();
    above->addWidget(m_overall);
    above->addStretch(1);
    auto* right = new QVBoxLayout;
    right->setSpacing(Style::grid);
    right->addWidget(m_picture, 1);
    right->addWidget(m_aboveRow);
    right->addWidget(m_endsRow);
    right->addWidget(m_windwayRow);
    right->addWidget(m_breath);
    right->addWidget(m_table);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, 2 * Style::grid, 2 * Style::grid, Style::grid);
    columns->setSpacing(3 * Style::grid);
    columns->addLayout(left, 2);
    columns->addLayout(right, 5);
}

void EdgePage::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    m_table->horizontalHeaderItem(0)->setText(tr("%1 more", "0.1 mm").arg(text::smallChange(unit)));
    m_table->setToolTip(tr("Effect of %1 on the lowest note, in cents. Double-click a size to change it.", "0.1 mm")
                            .arg(text::smallChange(unit)));
    for (LengthField* field : m_windway)
        field->setUnit(unit);
    for (LengthField* field : m_above)
        field->setUnit(unit);
    for (LengthField* field : m_ends)
        field->setUnit(unit);
    refresh();
}

void EdgePage::takeMeasure(int measure, Metres size)
{
    Blank b = m_plan->blank();
    b.spec.excitation = withMeasure(b.spec.excitation, measure, size, b.spec.bore.front().diameter);
    if (const auto fits = Instrument::make(bareTube(b.spec)); !fits) {
        Q_EMIT failed(text::sentence(fits.error(), m_unit));
        return refresh(); // as it was
    }
    m_plan->setBlank(std::move(b));
}

void EdgePage::takeCell(int row, int column)
{
    if (m_filling || column != SizeColumn)
        return;
    const bool volume = std::holds_alternative<ClosedTop>(m_plan->blank().spec.excitation);
    const double area = areaOf(m_plan->blank().spec.bore.front().diameter);
    const auto size = volume ? text::parseVolumeAsLength(m_table->item(row, column)->text(), area)
                             : text::parseLength(m_table->item(row, column)->text(), m_unit);
    if (!size) {
        Q_EMIT failed(text::sentence(size.error(), m_unit));
        return refresh();
    }
    takeMeasure(m_table->item(row, 0)->data(Qt::UserRole).toInt(), *size);
}

/// What the maker saws and bores above the edge. It sounds nothing, and the notes stay.
void EdgePage::takeAbove()
{
    Blank b = m_plan->blank();
    const bool chamber = b.spec.family == Family::TwoChamber;
    if (auto* top = std::get_if<ClosedTop>(&b.spec.excitation)) {
        top->socket = m_ends[3]->length();
        top->lay = m_ends[4]->length();
        top->layAngle_deg = m_layAngle->value();
        if (const auto fits = Instrument::make(bareTube(b.spec)); !fits) {
            Q_EMIT failed(text::sentence(fits.error(), m_unit));
            return refresh();
        }
        return m_plan->setReedSeat(top->socket, top->lay, top->layAngle_deg);
    }
    Head head = headOf(b.spec);
    head.length = m_above[0]->length();
    head.beak = m_ends[0]->length();
    head.slowChamberLength = chamber ? m_above[1]->length() : Metres{};
    head.slowChamberDiameter = chamber ? m_above[2]->length() : Metres{};
    head.slowChamberEntry = chamber ? m_ends[1]->length() : Metres{};
    head.slowChamberExit = chamber ? m_ends[2]->length() : Metres{};
    b.spec.head = head;
    if (const auto fits = Instrument::make(bareTube(b.spec)); !fits) {
        Q_EMIT failed(text::sentence(fits.error(), m_unit));
        return refresh(); // as it was
    }
    m_plan->setHead(head);
}

void EdgePage::showAbove()
{
    const InstrumentSpec& spec = m_plan->blank().spec;
    m_aboveRow->setVisible(!std::holds_alternative<ClosedTop>(spec.excitation));
    const Head head = headOf(spec);
    m_above[0]->setLength(head.length);
    m_above[1]->setLength(head.slowChamberLength);
    m_above[2]->setLength(head.slowChamberDiameter);
    const bool chamber = spec.family == Family::TwoChamber;
    m_above[1]->setVisible(chamber);
    m_above[2]->setVisible(chamber);
    for (QLabel* words : m_chamberWords)
        words->setVisible(chamber);
    const auto* top = std::get_if<ClosedTop>(&spec.excitation);
    m_ends[0]->setLength(head.beak);
    m_ends[1]->setLength(head.slowChamberEntry);
    m_ends[2]->setLength(head.slowChamberExit);
    const bool reed = top != nullptr && !top->lip;
    m_ends[3]->setLength(reed ? top->socket : Metres{});
    m_ends[4]->setLength(reed ? top->lay : Metres{});
    const QSignalBlocker still(m_layAngle);
    m_layAngle->setValue(reed ? top->layAngle_deg : 0.0);
    m_layAngle->setVisible(reed);
    m_layAngleWords->setVisible(reed);
    const std::array shown{std::holds_alternative<Duct>(spec.excitation) && !chamber, chamber, chamber, reed, reed};
    for (std::size_t i = 0; i < m_ends.size(); ++i) {
        m_ends[i]->setVisible(shown[i]);
        m_endsWords[i]->setVisible(shown[i]);
    }
    m_endsRow->setVisible(std::find(shown.begin() + 1, shown.end(), true) != shown.end());
    m_aboveWords->setText(std::holds_alternative<Transverse>(spec.excitation) ? tr("Beyond the embouchure hole")
                                                                              : tr("Above the edge"));
    const auto shape = m_plan->drawn();
    const Metres overall = shape ? overallOf(shape->spec()) : overallOf(spec);
    const Metres tenths = Metres::fromMillimetres(std::round(overall.millimetres() * 10.0) / 10.0);
    m_overall->setText(tr("Overall length %1").arg(text::length(tenths, m_unit)));
}

/// How hard the window is to be blown, and whether that is comfortable.
void EdgePage::showBreath()
{
    const InstrumentSpec& spec = m_plan->blank().spec;
    const auto* d = std::get_if<Duct>(&spec.excitation);
    m_windwayRow->setVisible(d != nullptr);
    m_breath->setVisible(d != nullptr);
    if (d == nullptr)
        return;
    const Metres windway = windwayOf(*d);
    m_windway[0]->setLength(windway);
    m_windway[1]->setLength(d->windwayLength);
    m_windway[2]->setLength(d->chamfer);
    // Ising's number is one of the low register's.
    std::vector<const Fingering*> notes;
    for (const Fingering& f : spec.fingerings)
        if (f.registerNumber == 1)
            notes.push_back(&f);
    if (notes.empty())
        return m_breath->clear();
    const auto [lowest, highest] = std::minmax_element(
        notes.begin(), notes.end(), [](const Fingering* x, const Fingering* y) { return x->target < y->target; });
    const Fingering* low = *lowest;
    const Fingering* high = *highest;
    const auto breath = [&](const Fingering& f, double ising) {
        return std::round(acoustics::breathFor_Pa(f.target, d->windowLength, windway, ising) / 5.0) * 5.0;
    };
    const double best = breath(*low, acoustics::isingBest);
    const double jumps = breath(*low, acoustics::isingJumps);
    const double top = breath(*high, acoustics::isingBest);
    // Comfortable for a mouth, in pascals: common practice, no source.
    constexpr double softest = 15.0;
    constexpr double hardest = 600.0;
    // As players say it, with the figure for who measures.
    const auto breathed = [](double pascals) {
        constexpr double soft = 120.0; // common practice, no source
        constexpr double hard = 350.0;
        return (pascals < soft   ? tr("soft breath (%1 Pa)")
                : pascals < hard ? tr("middling breath (%1 Pa)")
                                 : tr("hard breath (%1 Pa)"))
            .arg(text::number(pascals, 0));
    };
    QString words =
        tr("%1 speaks best on %2 and overblows above %3 Pa; %4 needs %5. %6", "note, breath, pressure, note, breath, unit")
            .arg(text::noteName(low->id.text), breathed(best), text::number(jumps, 0), text::noteName(high->id.text),
                 breathed(top),
                 m_unit == text::LengthUnit::Inches ? tr("An inch of water is 250 Pa.") : tr("A millimetre of water is 10 Pa."));
    if (d->windwayLength > Metres{})
        words +=
            QLatin1Char(' ') + tr("The windway itself adds about %1 Pa for %2 and %3 Pa for %4.")
                                   .arg(text::number(std::round(acoustics::windwayLoss_Pa(best, windway, d->windwayLength)), 0),
                                        text::noteName(low->id.text),
                                        text::number(std::round(acoustics::windwayLoss_Pa(top, windway, d->windwayLength)), 0),
                                        text::noteName(high->id.text));
    if (best < softest)
        words += QLatin1Char(' ') +
                 tr("The cut-up is low: the lowest note overblows unless blown very softly. Lengthen the window slightly.");
    if (top > hardest)
        words += QLatin1Char(' ') + tr("The cut-up is high: the top of the first register needs more breath than is comfortable. "
                                       "A window cannot be shortened; a higher windway helps.");
    m_breath->setText(words);
}

void EdgePage::showEvent(QShowEvent* event)
{
    refresh();
    QWidget::showEvent(event);
}

void EdgePage::refresh()
{
    if (!isVisible())
        return;
    const auto& e = m_plan->blank().spec.excitation;
    const Mouth mouth = std::holds_alternative<Duct>(e)         ? Mouth::Duct
                        : std::holds_alternative<Transverse>(e) ? Mouth::Transverse
                                                                : Mouth::ClosedTop;
    m_picture->show(m_plan->blank().spec, m_unit);
    showAbove();
    showBreath();
    const int chosen = std::max(0, m_symptoms->currentRow());
    m_symptoms->clear();
    m_words.clear();
    m_places.clear();
    const auto fill = [this](const auto& list) {
        for (const Symptom& s : list) {
            m_symptoms->addItem(tr(s.heard));
            m_words << tr(s.tries);
            m_places << s.where;
        }
    };
    if (mouth == Mouth::Duct)
        fill(ductSymptoms);
    else if (mouth == Mouth::Transverse)
        fill(fluteSymptoms);
    else
        fill(reedSymptoms);
    m_symptoms->setCurrentRow(std::min(chosen, m_symptoms->count() - 1));

    const auto shape = m_plan->drawn();
    if (!shape) {
        m_jobs.dropNewest();
        return showMeasures(mouth, {});
    }
    // What a tenth does to the lowest note, all holes closed, in both registers.
    m_jobs.runNewest(
        [shape = *shape](const Cancel& cancel) {
            Registers registers;
            const auto posterior = Posterior::prior(shape, {}, cancel);
            for (std::size_t i = 0; posterior && i < registers.size(); ++i)
                if (auto s = sensitivityOf(*posterior, shape,
                                           {std::vector<bool>(shape.spec().holes.size(), true), static_cast<int>(i) + 1, {}}))
                    registers[i] = std::move(*s);
            return registers;
        },
        [this, mouth](const Registers& registers) { showMeasures(mouth, registers); });
}

void EdgePage::showMeasures(acoustics::Shape::Mouth mouth, const Registers& registers)
{
    m_filling = true;
    m_table->setRowCount(0);
    std::vector<QString> effects(EdgePicture::mostMeasures);
    const Metres bore = m_plan->blank().spec.bore.front().diameter;
    for (const Measure& m : measures) {
        if (m.mouth != mouth)
            continue;
        const int row = m_table->rowCount();
        m_table->setRowCount(row + 1);
        const Metres size = sizeOf(m_plan->blank().spec.excitation, m.measure, bore);
        QStringList cells{tr(m.name),
                          mouth == Mouth::ClosedTop ? text::volume(size.metres() * areaOf(bore)) : text::length(size, m_unit)};
        QStringList cents;
        for (const auto& note : registers) {
            // Of a volume the derivative is by volume: a tenth of a millimetre of bore holds so much of it.
            const double each = mouth == Mouth::ClosedTop ? areaOf(bore) : 1.0;
            cents << (note ? text::cents(std::round(note->mouth[m.excitation].cents() * each * 10.0) / 10.0)
                           : QStringLiteral("–"));
            cells << cents.back();
        }
        cells << tr(m.sound);
        form::row(m_table, row, cells);
        for (int column = 0; column < cells.size(); ++column)
            if (column != SizeColumn)
                m_table->item(row, column)->setFlags(m_table->item(row, column)->flags() & ~Qt::ItemIsEditable);
        m_table->item(row, SoundColumn)->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
        m_table->item(row, 0)->setData(Qt::UserRole, m.measure);
        effects[static_cast<std::size_t>(m.measure)] =
            tr("%1 more: %2 cents in the first register, %3 in the second; %4", "0.1 mm, cents, cents, sound")
                .arg(text::smallChange(m_unit), cents[0], cents[1], tr(m.sound));
    }
    m_picture->setEffects(std::move(effects));
    m_table->setVisible(m_table->rowCount() > 0);
    constexpr int frame = 4;
    m_table->setFixedHeight(m_table->horizontalHeader()->sizeHint().height() + frame +
                            m_table->rowCount() * m_table->verticalHeader()->defaultSectionSize());
    m_filling = false;
}

void EdgePage::showTries(int row)
{
    const bool known = row >= 0 && row < m_words.size();
    m_tries->setText(known ? m_words[row] : QString());
    m_picture->point(known ? m_places[row] : EdgePlace::None);
}

} // namespace dowel::app
