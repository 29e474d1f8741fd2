// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/copy_dialog.h"
#include "app/design/plan_pages.h"
#include "app/design/variation_dialog.h"
#include "app/parts/form.h"
#include "app/parts/modal.h"
#include "app/parts/style.h"
#include "app/parts/tuning_picture.h"
#include "core/fit/telling.h"
#include "session/tool_gain.h"
#include "text/errors.h"
#include "text/names.h"
#include "text/units.h"

#include <QAbstractItemView>
#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QMessageBox>
#include <QPushButton>
#include <QScrollArea>
#include <QTableWidget>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

constexpr int AsideColumn = 5;
constexpr int ModelColumn = 6;
constexpr int SpacingColumn = 4;

/// "+1.2 mm", to a tenth of a millimetre.
QString signedLength(Metres by, text::LengthUnit unit)
{
    return (by.metres() < 0.0 ? QStringLiteral("\u2212") : QStringLiteral("+")) +
           text::length(text::tenths(Metres::fromMetres(std::abs(by.metres()))), unit);
}

// Between hole and hole where they are set by the thumb: common practice, no source.
const Metres usualThumb = Metres::fromMillimetres(25.0);

QString wishWords(Wish w)
{
    switch (w) {
    case Wish::Reach: return LayoutPage::tr("finger reach");
    case Wish::LargestHole: return LayoutPage::tr("the largest hole (a third larger)");
    case Wish::SmallestHole: return LayoutPage::tr("the smallest hole");
    case Wish::OneBit: return LayoutPage::tr("one hole size");
    case Wish::Bits: return LayoutPage::tr("drawer bits only");
    case Wish::EqualSpacing: return LayoutPage::tr("this spacing");
    case Wish::EvenTimbre: return LayoutPage::tr("even timbre");
    case Wish::FixedLength: return LayoutPage::tr("the tube's length");
    }
    return {};
}

/// What is done to the tube, as the beginning of a sentence.
QString shapingWords(Shaping shaping, const ShapingGain& gain, const InstrumentSpec& now, text::LengthUnit unit)
{
    const auto length = [unit](double mm) {
        return text::length(Metres::fromMillimetres(std::abs(mm)), unit);
    };
    double by_mm = 0.0;
    QStringList holes;
    for (const Reshaped& r : gain.reshaped) {
        if (r.kind != shaping)
            continue;
        by_mm = std::abs(r.by_mm) > std::abs(by_mm) ? r.by_mm : by_mm;
        if (shaping == Shaping::Undercut)
            holes << QString::fromStdString(gain.goal.spec().holes[r.hole].id.text);
    }
    switch (shaping) {
    case Shaping::Stopper:
        return by_mm < 0.0 ? LayoutPage::tr("moving the stopper %1 towards the embouchure hole").arg(length(by_mm))
                           : LayoutPage::tr("moving the stopper %1 away from the embouchure hole").arg(length(by_mm));
    case Shaping::HeadTaper: return LayoutPage::tr("a head narrower by %1 at the stopper").arg(length(by_mm));
    case Shaping::Taper:
        return by_mm > 0.0 ? LayoutPage::tr("a bore narrower by %1 at the foot").arg(length(by_mm))
                           : LayoutPage::tr("a bore wider by %1 at the foot").arg(length(by_mm));
    case Shaping::Bore: return LayoutPage::tr("a bore of %1").arg(text::length(gain.goal.spec().bore.front().diameter, unit));
    case Shaping::Undercut:
        return LayoutPage::tr("undercutting %1 by up to %2").arg(holes.join(QStringLiteral(", ")), length(by_mm));
    case Shaping::Fingerings: break;
    }
    QStringList notes;
    for (std::size_t i = 0; i < now.fingerings.size(); ++i)
        if (now.fingerings[i].closed != gain.goal.spec().fingerings[i].closed)
            notes << text::noteName(now.fingerings[i].id.text);
    return LayoutPage::tr("other fingerings for %1").arg(notes.join(QStringLiteral(", ")));
}

QString gainWords(const ShapingGain& gain, const InstrumentSpec& now, text::LengthUnit unit)
{
    QStringList what;
    for (const Shaping s : gain.with) {
        const bool moved = s == Shaping::Fingerings || std::any_of(gain.reshaped.begin(), gain.reshaped.end(),
                                                                   [s](const Reshaped& r) { return r.kind == s; });
        if (moved)
            what << shapingWords(s, gain, now, unit);
    }
    QString words = what.size() > 1
                        ? LayoutPage::tr("%1 and %2").arg(what.mid(0, what.size() - 1).join(QStringLiteral(", ")), what.back())
                        : what.join(QString());
    if (!words.isEmpty())
        words[0] = words[0].toUpper();
    const int of = static_cast<int>(now.fingerings.size());
    return gain.mends ? LayoutPage::tr("%1: all %2 notes within tolerance.").arg(words).arg(of)
                      : LayoutPage::tr("%1: %2 of %3, largest deviation %4 cents.")
                            .arg(words)
                            .arg(gain.within)
                            .arg(of)
                            .arg(text::wholeCents(gain.worst_cents));
}

} // namespace

LayoutPage::LayoutPage(Plan& plan, Questions& questions, QWidget* parent)
    : QWidget(parent),
      m_plan(&plan),
      m_questions(&questions),
      m_hand(form::box(this, "layoutHand", tr("Hands"))),
      m_smallest(new LengthField(QStringLiteral("layoutSmallest"), tr("Smallest hole"), this)),
      m_largest(new LengthField(QStringLiteral("layoutLargest"), tr("Largest hole"), this)),
      m_allowance(new LengthField(QStringLiteral("layoutAllowance"), tr("Tuning allowance: holes"), this)),
      m_foot(new LengthField(QStringLiteral("layoutFoot"), tr("Tuning allowance: foot"), this)),
      m_doubt(new QCheckBox(tr("Extra allowance for uncertain notes"), this)),
      m_oneBit(new QCheckBox(tr("One hole size"), this)),
      m_bits(new QCheckBox(tr("Drawer bits only"), this)),
      m_spacing(form::box(this, "layoutSpacing", tr("Hole spacing within a hand"))),
      m_spacingAt(new LengthField(QStringLiteral("layoutSpacingAt"), tr("Fixed spacing"), this)),
      m_timbre(new QCheckBox(tr("Even timbre"), this)),
      m_undercut(new QCheckBox(tr("Allow undercutting"), this)),
      m_fixed(new QCheckBox(tr("Keep the tube length"), this)),
      m_go(form::button(this, "layoutGo", tr("&Lay out the holes"), true)),
      m_copy(form::button(this, "layoutCopy", tr("Cop&y an instrument…"))),
      m_vary(form::button(this, "layoutVary", tr("&What if…"))),
      m_words(form::words(this, "layoutWords")),
      m_holes(form::table(
          this, "layoutHoles", tr("Holes"),
          {tr("hole (✓ back)"), tr("from the foot"), tr("drill to"), tr("final"), tr("spacing"), tr("offset"), tr("moved")})),
      m_picture(new TuningPicture(plan.time(), this))
{
    setObjectName(QStringLiteral("layoutPage"));
    m_hand->addItems({tr("any hand"), tr("small hands"), tr("medium hands"), tr("large hands")});
    m_spacing->addItems({tr("free"), tr("even"), tr("fixed")});
    m_spacingAt->setToolTip(tr("Distance between the middles of neighbouring holes of one hand, for example a thumb's width. The "
                               "picture shows the cost for each note."));
    const std::pair<QCheckBox*, const char*> checks[] = {{m_doubt, "layoutDoubt"},       {m_oneBit, "layoutOneBit"},
                                                         {m_bits, "layoutBits"},         {m_timbre, "layoutTimbre"},
                                                         {m_undercut, "layoutUndercut"}, {m_fixed, "layoutFixed"}};
    for (const auto& [check, name] : checks) {
        check->setObjectName(QLatin1String(name));
        check->setAccessibleName(check->text());
        connect(check, &QCheckBox::clicked, this, &LayoutPage::take);
    }
    m_doubt->setToolTip(
        tr("No formula knows your embouchure and breath. Holes start smaller, and the foot longer, by as much as their notes may "
           "come out sharper than forecast. The shop memory of your other instruments reduces this allowance."));
    m_holes->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed);
    m_holes->setSelectionMode(QAbstractItemView::SingleSelection);
    m_holes->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_holes->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    m_holes->setToolTip(tr("Offset round the tube, positive to the player's right. Double-click to change it."));
    m_picture->setObjectName(QStringLiteral("layoutPicture"));
    m_picture->setAfterWords(QString(), QString());

    arrange();

    for (QComboBox* b : {m_hand, m_spacing})
        connect(b, &QComboBox::activated, this, &LayoutPage::take);
    for (LengthField* f : {m_smallest, m_largest, m_spacingAt, m_allowance, m_foot})
        connect(f, &LengthField::lengthChanged, this, &LayoutPage::take);
    connect(m_go, &QPushButton::clicked, this, [this] { m_plan->busy() ? m_plan->cancel() : m_plan->layOut(); });
    m_words->setTextFormat(Qt::RichText);
    m_words->setTextInteractionFlags(Qt::LinksAccessibleByMouse | Qt::LinksAccessibleByKeyboard);
    connect(m_words, &QLabel::linkActivated, this, [this](const QString& which) {
        const auto gain = which.toUInt();
        if (m_plan->layout() && gain < m_plan->layout()->gains.size())
            m_plan->take(ShapingGain(m_plan->layout()->gains[gain]));
    });
    connect(m_copy, &QPushButton::clicked, this, &LayoutPage::copyModel);
    m_vary->setToolTip(tr("A bell, grooves, a rougher bore, another mouthpiece: every note before and after."));
    connect(m_vary, &QPushButton::clicked, this, [this] {
        auto* dialog = new VariationDialog(m_plan->layout()->goal, m_unit, this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    connect(m_holes, &QTableWidget::cellChanged, this, &LayoutPage::takeCell);
    connect(m_plan, &Plan::changed, this, &LayoutPage::refresh);
    connect(m_plan, &Plan::busyChanged, this, &LayoutPage::refresh);
    refresh();
}

void LayoutPage::arrange()
{
    auto* fields = new QFormLayout;
    fields->setHorizontalSpacing(2 * Style::grid);
    fields->setVerticalSpacing(6);
    fields->addRow(tr("Finger reach"), m_hand);
    fields->addRow(tr("Holes from"), form::sideBySide(this, m_smallest, tr("to"), m_largest));
    auto* spacing = new QHBoxLayout;
    spacing->setSpacing(Style::grid);
    spacing->addWidget(m_spacing, 1);
    spacing->addWidget(m_spacingAt, 1);
    fields->addRow(tr("Spacing"), spacing);
    fields->addRow(tr("Tuning allowance, holes"), form::sideBySide(this, m_allowance, tr("foot"), m_foot));
    auto* checks = new QGridLayout;
    checks->setVerticalSpacing(6);
    checks->addWidget(m_doubt, 0, 0, 1, 2);
    int place = 2;
    for (QCheckBox* check : {m_oneBit, m_bits, m_timbre, m_undercut, m_fixed}) {
        checks->addWidget(check, place / 2, place % 2);
        ++place;
    }
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(m_go, 1);
    buttons->addWidget(m_copy);
    m_words->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* left = new QVBoxLayout;
    left->setSpacing(6);
    left->addLayout(fields);
    left->addLayout(checks);
    left->addLayout(buttons);
    left->addWidget(m_vary);
    left->addWidget(form::scrolled(this, "layoutWordsScroll", m_words), 1);
    auto* right = new QVBoxLayout;
    right->addWidget(m_picture, 3);
    right->addWidget(m_holes, 2);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, Style::grid, 2 * Style::grid, Style::grid);
    columns->setSpacing(3 * Style::grid);
    columns->addLayout(left, 3);
    columns->addLayout(right, 5);
}

void LayoutPage::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    for (LengthField* f : {m_smallest, m_largest, m_spacingAt, m_allowance, m_foot})
        f->setUnit(unit);
    refresh();
}

void LayoutPage::take()
{
    if (m_filling)
        return;
    LayoutWishes w = m_plan->wishes();
    switch (m_hand->currentIndex()) {
    case 1: w.reach = smallHand(); break;
    case 2: w.reach = mediumHand(); break;
    case 3: w.reach = largeHand(); break;
    default: w.reach.reset();
    }
    w.smallest = m_smallest->length();
    w.largest = m_largest->length();
    w.allowance = m_allowance->length();
    w.footAllowance = m_foot->length();
    w.doubt = m_doubt->isChecked() ? LayoutWishes{}.doubt : 0.0;
    w.oneBit = m_oneBit->isChecked();
    w.bits = m_bits->isChecked() ? m_plan->blank().spec.tools.bits : std::vector<Metres>();
    w.equalSpacing = m_spacing->currentIndex() == 1;
    w.spacing = m_spacing->currentIndex() == 2 ? std::optional(m_spacingAt->length()) : std::nullopt;
    w.evenTimbre = m_timbre->isChecked();
    w.fixedLength = m_fixed->isChecked();
    w.allowed.clear();
    if (m_undercut->isChecked())
        w.allowed.push_back(Shaping::Undercut);
    m_plan->setWishes(w);
}

void LayoutPage::refresh()
{
    m_filling = true;
    showWishes();
    m_holes->setVisible(m_plan->layout().has_value());
    m_vary->setEnabled(m_plan->layout().has_value());
    if (const auto& layout = m_plan->layout()) {
        showPicture(*layout);
        seekHelp(*layout);
        m_words->setText(wordsOf(*layout));
        showHoles(*layout);
    } else {
        m_picture->setNotes({});
        m_holes->setRowCount(0);
        const QString words = m_plan->busy()                 ? tr("Calculating…")
                              : !m_plan->trouble().isEmpty() ? m_plan->trouble()
                                                             : tr("Nothing is laid out yet. Lay out the holes to calculate "
                                                                  "positions and diameters for the target on this bore.");
        m_words->setText(words.toHtmlEscaped());
    }
    m_filling = false;
}

void LayoutPage::showWishes()
{
    const LayoutWishes& w = m_plan->wishes();
    const auto same = [](const std::optional<HandSpan>& a, const HandSpan& b) {
        return a && a->step == b.step && a->span == b.span;
    };
    m_hand->setCurrentIndex(same(w.reach, smallHand())    ? 1
                            : same(w.reach, mediumHand()) ? 2
                            : same(w.reach, largeHand())  ? 3
                                                          : 0);
    m_smallest->setLength(w.smallest);
    m_largest->setLength(w.largest);
    m_allowance->setLength(w.allowance);
    m_foot->setLength(w.footAllowance);
    m_doubt->setChecked(w.doubt > 0.0);
    m_oneBit->setChecked(w.oneBit);
    m_bits->setChecked(!w.bits.empty());
    m_spacing->setCurrentIndex(w.spacing ? 2 : w.equalSpacing ? 1 : 0);
    m_spacingAt->setVisible(w.spacing.has_value());
    m_spacingAt->setLength(w.spacing.value_or(usualThumb));
    m_timbre->setChecked(w.evenTimbre);
    m_fixed->setChecked(w.fixedLength);
    m_undercut->setChecked(std::find(w.allowed.begin(), w.allowed.end(), Shaping::Undercut) != w.allowed.end());
    m_copy->setText(m_plan->model() ? tr("The model…") : tr("Cop&y an instrument…"));
    m_go->setText(m_plan->busy() ? tr("Stop") : tr("&Lay out the holes"));
}

void LayoutPage::showPicture(const Layout& layout)
{
    const auto& fingerings = layout.goal.spec().fingerings;
    std::vector<PictureNote> notes;
    for (std::size_t i = 0; i < fingerings.size(); ++i) {
        PictureNote n;
        n.name = text::noteName(fingerings[i].id.text);
        n.registerNumber = fingerings[i].registerNumber;
        n.tolerance = fingerings[i].tolerance.cents();
        n.heard = true;
        n.now = layout.cents[i];
        notes.push_back(std::move(n));
    }
    m_picture->setNotes(std::move(notes));
}

namespace {

/// What would bring this layout nearer, beyond other holes; each looked for by itself.
struct Helps
{
    std::optional<session::ToolGain> tool;
    std::optional<Telling> measure;
};

QString measureWords(Measurable what)
{
    switch (what) {
    case Measurable::Bore: return LayoutPage::tr("The bore, measured with a plug gauge, would tell most:");
    case Measurable::Walls: return LayoutPage::tr("The wall under each finger, measured with calipers, would tell most:");
    case Measurable::HoleSizes: return LayoutPage::tr("The holes, measured with calipers once drilled, would tell most:");
    case Measurable::HolePlaces: return LayoutPage::tr("The places of the holes, measured once drilled, would tell most:");
    case Measurable::Length: return LayoutPage::tr("The length, measured once sawn, would tell most:");
    case Measurable::MouthVolume: return LayoutPage::tr("The mouthpiece, filled with water from a syringe, would tell most:");
    case Measurable::BareTube: break;
    }
    return LayoutPage::tr("The tube blown before any hole is drilled (Blank, Pitch without holes) would tell most:");
}

QString helpWords(const Helps& helps)
{
    QStringList lines;
    if (helps.measure)
        lines << measureWords(helps.measure->what) + QLatin1Char(' ') +
                     LayoutPage::tr("%1 would then be sure within %2 cents instead of %3.", "note, cents, cents")
                         .arg(text::noteName(helps.measure->note.text), text::number(helps.measure->spreadThereby.cents(), 0),
                              text::number(helps.measure->spread.cents(), 0));
    if (helps.tool)
        lines << LayoutPage::tr("Worth buying: a %1 bit would bring %2 of %3 notes within tolerance instead of %4.",
                                "marking, notes, of, notes")
                     .arg(QString::fromStdString(helps.tool->bit.name))
                     .arg(helps.tool->within)
                     .arg(helps.tool->notes)
                     .arg(helps.tool->withinWithout);
    return lines.join(QStringLiteral("\n\n"));
}

} // namespace

void LayoutPage::seekHelp(const Layout& layout)
{
    const BitDrawer* drawer = m_plan->drawer();
    if (m_plan->isDrilled() || m_plan->busy() || m_plan->following() || (m_helpFor && *m_helpFor == layout.goal))
        return;
    m_helpFor = layout.goal;
    m_helpWords.clear();
    m_jobs.dropNewest();
    const bool allIn = withinTolerance(layout.goal, layout.cents) == static_cast<int>(layout.cents.size());
    const bool byTools = !allIn && drawer != nullptr && !m_plan->wishes().bits.empty() && !m_plan->model();
    m_jobs.runNewest(
        [blank = m_plan->blank(), wishes = m_plan->wishesAsBlown(), tools = byTools ? std::optional(*drawer) : std::nullopt,
         goal = layout.goal, priors = layout.priors, blown = m_plan->blown().has_value()](const Cancel& cancel) -> Result<Helps> {
            Helps helps;
            const auto prior = DOWEL_TRY(Posterior::prior(goal, priors, cancel));
            helps.measure = DOWEL_TRY(measureThatTells(prior, goal));
            if (blown && helps.measure && helps.measure->what == Measurable::BareTube)
                helps.measure.reset();
            if (tools)
                helps.tool = DOWEL_TRY(session::toolWorthBuying(blank, wishes, *tools, priors, cancel));
            return helps;
        },
        [this](const Result<Helps>& helps) {
            if (!helps || !m_plan->layout())
                return;
            m_helpWords = helpWords(*helps);
            m_words->setText(wordsOf(*m_plan->layout()));
        });
}

/// What became of the model's marks, and what they moved for.
QString LayoutPage::movedWords(const Layout& layout) const
{
    const auto& model = m_plan->model();
    const InstrumentSpec& here = layout.goal.spec();
    if (!model || model->spec().holes.size() != here.holes.size() || here.holes.empty())
        return {};
    const InstrumentSpec& there = model->spec();
    const auto moved = [&](std::size_t i) {
        return distanceFrom(m_plan->origin(), here.holes[i].at, layout.goal.length(), here) -
               distanceFrom(m_plan->origin(), there.holes[i].at, model->length(), there);
    };
    std::size_t most = 0;
    for (std::size_t i = 1; i < here.holes.size(); ++i)
        if (std::abs(moved(i).metres()) > std::abs(moved(most).metres()))
            most = i;
    const auto measured = [this](const InstrumentSpec& s) {
        return tr("bore %1, wall %2, lowest note %3", "length, length, note")
            .arg(text::length(s.bore.front().diameter, m_unit), text::length(s.wall, m_unit),
                 text::noteName(s.fingerings.front().id.text));
    };
    const QString far = signedLength(moved(most), m_unit);
    return tr("Model: %1; here: %2. Its marks move with that, %3 most: by %4, counted %5.",
              "measures, hole, length, from the foot")
        .arg(measured(there), measured(here), QString::fromStdString(here.holes[most].id.text), far,
             text::originName(m_plan->origin(), here));
}

QString LayoutPage::wordsOf(const Layout& layout) const
{
    QStringList lines;
    lines << tr("%1 of %2 notes within tolerance by calculation, largest deviation %3 cents. A real tube differs by some tens of "
                "cents, so holes start undersized.")
                 .arg(withinTolerance(layout.goal, layout.cents))
                 .arg(layout.cents.size())
                 .arg(text::cents(std::round(layout.worst_cents * 10.0) / 10.0))
                 .toHtmlEscaped();
    if (!m_helpWords.isEmpty())
        lines << m_helpWords.toHtmlEscaped().replace(QStringLiteral("\n"), QStringLiteral("<br>"));
    if (layout.priors.shared)
        lines << tr("Based on the shop memory of your earlier instruments (menu Workbook, Shop memory).").toHtmlEscaped();
    for (const MovedJoint& joint : layout.movedJoints)
        lines << tr("The joint at %1 would meet a hole, so it was moved to %2.", "place, place")
                     .arg(text::length(joint.from, m_unit), text::length(joint.to, m_unit))
                     .toHtmlEscaped();
    if (const QString moved = movedWords(layout); !moved.isEmpty())
        lines << moved.toHtmlEscaped();
    const std::vector<Station>& blank = m_plan->blank().spec.bore;
    const Metres off = blank.back().at - layout.goal.length();
    const Metres endsAt = layout.goal.spec().bore.back().diameter;
    constexpr double shaped_mm = 0.2;
    if (off.millimetres() > 1.0 && std::abs((blank.back().diameter - endsAt).millimetres()) > shaped_mm)
        lines << tr("Cutting to length takes the last %1 off the foot, where the bore goes from %2 to %3. To keep that shape, "
                    "choose "
                    "a lower note.",
                    "length, bore, bore")
                     .arg(text::length(off, m_unit), text::length(endsAt, m_unit), text::length(blank.back().diameter, m_unit))
                     .toHtmlEscaped();
    QStringList gains;
    const int now = withinTolerance(layout.goal, layout.cents);
    for (std::size_t i = 0; i < layout.gains.size(); ++i)
        if (layout.gains[i].within > now)
            gains << QStringLiteral("%1 <a href=\"%2\">%3</a>")
                         .arg(gainWords(layout.gains[i], layout.goal.spec(), m_unit).toHtmlEscaped())
                         .arg(i)
                         .arg(tr("Apply").toHtmlEscaped());
    if (!gains.isEmpty())
        lines << QStringLiteral("<b>%1</b><br>").arg(tr("What would help").toHtmlEscaped()) + gains.join(QStringLiteral("<br>"));
    for (const WishCost& c : layout.costs)
        lines << (c.mends ? tr("Without %1 every note would be within tolerance.").arg(wishWords(c.wish))
                          : tr("Without %1 the largest deviation would be %2 cents.")
                                .arg(wishWords(c.wish), text::cents(std::round(c.worst_cents))))
                     .toHtmlEscaped();
    for (const WishCost& c : layout.costs)
        if (c.nearestSpacing)
            lines << tr("Nearest spacing with every note within tolerance: %1.")
                         .arg(text::length(*c.nearestSpacing, m_unit))
                         .toHtmlEscaped();
    lines << tr("Drag a hole or the foot on the workpiece and watch the notes.").toHtmlEscaped();
    return lines.join(QStringLiteral("<br><br>"));
}

void LayoutPage::showHoles(const Layout& layout)
{
    const auto& holes = layout.goal.spec().holes;
    m_holes->setRowCount(static_cast<int>(holes.size()) + 1);
    constexpr int placeColumn = 1;
    m_holes->horizontalHeaderItem(placeColumn)->setText(text::originName(m_plan->origin(), layout.goal.spec()));
    const auto tenth = [this](Metres v) {
        return text::length(Metres::fromMillimetres(std::round(v.millimetres() * 10.0) / 10.0), m_unit);
    };
    // The model's own measures, to be compared with what became of them on this bore and at this pitch.
    const auto& model = m_plan->model();
    const bool compared = model && model->spec().holes.size() == holes.size();
    m_holes->setColumnHidden(ModelColumn, !compared);
    m_holes->setColumnHidden(SpacingColumn, compared); // both would not fit; the drawing tells spacings too
    bool changed = false;
    const auto allow = [this](int row, int column, Qt::ItemFlags flags) { // each change is told and measured
        if (m_holes->item(row, column)->flags() != flags)
            m_holes->item(row, column)->setFlags(flags);
    };
    for (std::size_t i = 0; i < holes.size(); ++i) {
        const Hole& h = holes[i];
        const QString next = i + 1 < holes.size() ? tenth(h.at - holes[i + 1].at) : QString();
        QString carried;
        QString was;
        if (compared) {
            const Hole& m = model->spec().holes[i];
            const Metres there = distanceFrom(m_plan->origin(), m.at, model->length(), model->spec());
            carried =
                signedLength(distanceFrom(m_plan->origin(), h.at, layout.goal.length(), layout.goal.spec()) - there, m_unit);
            was = tr("Model: %1, %2 wide", "a place and a size").arg(tenth(there), tenth(m.diameter));
        }
        const QString last = h.undercutDiameter > h.diameter
                                 ? tr("%1, undercut %2").arg(tenth(h.diameter), tenth(h.undercutDiameter))
                                 : tenth(h.diameter);
        const int row = static_cast<int>(i);
        changed |= form::rowInPlace(m_holes, row,
                                    {(h.side == Side::Back ? tr("%1  back", "a hole") : QStringLiteral("%1"))
                                         .arg(QString::fromStdString(h.id.text + (h.digit.empty() ? "" : "  " + h.digit))),
                                     tenth(distanceFrom(m_plan->origin(), h.at, layout.start.length(), layout.start.spec())),
                                     tenth(layout.start.spec().holes[i].diameter), last, next, tenth(h.aside), carried});
        for (int column = 0; column < m_holes->columnCount(); ++column)
            allow(row, column,
                  column != AsideColumn || h.side == Side::Back ? m_holes->item(row, column)->flags() & ~Qt::ItemIsEditable
                                                                : m_holes->item(row, column)->flags() | Qt::ItemIsEditable);
        if (QTableWidgetItem* moved = m_holes->item(row, ModelColumn); moved->toolTip() != was)
            moved->setToolTip(was);
        QTableWidgetItem* name = m_holes->item(row, 0);
        allow(row, 0, name->flags() | Qt::ItemIsUserCheckable);
        const Qt::CheckState back = h.side == Side::Back ? Qt::Checked : Qt::Unchecked;
        if (name->data(Qt::CheckStateRole).isNull() || name->checkState() != back)
            name->setCheckState(back);
        if (name->toolTip().isEmpty())
            name->setToolTip(tr("Tick: at the back, for the thumb."));
    }
    changed |= form::rowInPlace(m_holes, static_cast<int>(holes.size()),
                                {tr("tube"), QString(), tenth(layout.start.length()), tenth(layout.goal.length()), QString(),
                                 QString(), compared ? signedLength(layout.goal.length() - model->length(), m_unit) : QString()});
    for (int column = 0; column < m_holes->columnCount(); ++column)
        allow(m_holes->rowCount() - 1, column, Qt::ItemIsEnabled);
    if (changed)
        form::fitColumns(m_holes);
}

void LayoutPage::takeCell(int row, int column)
{
    if (m_filling)
        return;
    if (column == 0 && m_plan->layout() && row < std::ssize(m_plan->layout()->goal.spec().holes)) {
        const bool back = m_holes->item(row, column)->checkState() == Qt::Checked;
        return m_plan->setSide(static_cast<std::size_t>(row), back ? Side::Back : Side::Front);
    }
    if (column != AsideColumn)
        return;
    const auto aside = text::parseLength(m_holes->item(row, column)->text(), m_unit);
    if (!aside) {
        Q_EMIT failed(text::sentence(aside.error(), m_unit));
        return refresh();
    }
    m_plan->setAside(static_cast<std::size_t>(row), *aside);
}

void LayoutPage::copyModel()
{
    if (m_plan->model()) {
        Modal box(new QMessageBox(this));
        box->setObjectName(QStringLiteral("modelBox"));
        box->setText(tr("The layout is based on a measured instrument with its lowest note at %1 Hz.")
                         .arg(text::number(m_plan->model()->spec().fingerings.front().target.hertz(), 1)));
        auto* change = box->addButton(tr("Edit measures…"), QMessageBox::AcceptRole);
        auto* drop = box->addButton(tr("Remove the model"), QMessageBox::DestructiveRole);
        box->addButton(tr("Keep the model"), QMessageBox::RejectRole);
        if (!box.exec())
            return;
        if (box->clickedButton() == drop)
            return m_plan->setModel(std::nullopt);
        if (box->clickedButton() != change)
            return;
    }
    Modal dialog(new CopyDialog(*m_questions, *m_plan, m_unit, this));
    if (dialog.exec() && dialog->result() == QDialog::Accepted) {
        const auto& holes = dialog->model()->spec().holes;
        if (std::any_of(holes.begin(), holes.end(), [](const Hole& h) { return h.side == Side::Back; }))
            m_plan->setThumb(true);
        if (auto blank = dialog->blankAfterIt())
            m_plan->setBlank(std::move(*blank));
        m_plan->setModel(dialog->model());
        m_plan->layOut();
    }
}

} // namespace dowel::app
