// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/stock_dialog.h"

#include "app/design/saw_picture.h"
#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/errors.h"
#include "text/reamers.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace dowel::app {

namespace {

/// The plan's outside, where it is widest.
Metres outsideOf(const InstrumentSpec& spec)
{
    Metres outside;
    for (const Station& s : spec.bore)
        outside = std::max(outside, s.diameter + s.wall.value_or(spec.wall) * 2.0);
    return outside;
}

/// "40-60; 300-320": what is left out of the plank.
Result<std::vector<Defect>> parseDefects(const QString& text, text::LengthUnit unit)
{
    std::vector<Defect> defects;
    for (const QString& word : text.split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const QStringList ends = word.split(QLatin1Char('-'));
        if (ends.size() != 2)
            return Error{ErrorCode::BadValue, word.trimmed().toStdString(), {}};
        const auto from = text::parseLength(ends[0], unit);
        const auto to = text::parseLength(ends[1], unit);
        if (!from || !to)
            return from ? to.error() : from.error();
        defects.push_back({std::min(*from, *to), std::max(*from, *to)});
    }
    return defects;
}

} // namespace

PlankPicture::PlankPicture(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("plankPicture"));
    setAccessibleName(tr("The plank with its billets"));
    setFixedHeight(130);
}

void PlankPicture::show(const Plank& plank, const Billet& billet, const SawPlan& plan, text::LengthUnit unit)
{
    m_plank = plank;
    m_billet = billet;
    m_plan = plan;
    m_unit = unit;
    update();
}

void PlankPicture::clear()
{
    m_plank = {};
    m_plan = {};
    update();
}

void PlankPicture::paintEvent(QPaintEvent* /*event*/)
{
    if (!(m_plank.length.metres() > 0.0 && m_plank.width.metres() > 0.0))
        return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Style::current().colours();
    constexpr double left = 8.0;
    constexpr double below = 8.0;
    const double scale =
        std::min((width() - 2.0 * left) / m_plank.length.metres(), (height() - below - 8.0) / m_plank.width.metres());
    const QRectF plank(left, 4.0, m_plank.length.metres() * scale, m_plank.width.metres() * scale);
    painter.setPen(QPen(c.ink, 1.2));
    painter.setBrush(c.sheet);
    painter.drawRect(plank);
    const auto strip = [&](Metres from, Metres to) {
        return QRectF(plank.left() + from.metres() * scale, plank.top(), (to - from).metres() * scale, plank.height());
    };
    painter.setPen(Qt::NoPen);
    painter.setBrush(QBrush(c.pencil, Qt::BDiagPattern));
    painter.drawRect(strip(Metres{}, m_plank.endWaste));
    painter.drawRect(strip(m_plank.length - m_plank.endWaste, m_plank.length));
    painter.setBrush(QBrush(c.warm, Qt::DiagCrossPattern));
    for (const Defect& d : m_plank.defects)
        painter.drawRect(strip(d.from, std::min(d.to, m_plank.length)));
    painter.setPen(QPen(c.ink, 1.0));
    painter.setBrush(c.wood);
    for (const SawnBillet& b : m_plan.billets)
        if (b.layer == 0)
            painter.drawRect(QRectF(plank.left() + b.along.metres() * scale, plank.top() + b.across.metres() * scale,
                                    m_billet.sawn().metres() * scale, m_billet.square().metres() * scale));
}

StockDialog::StockDialog(Plan& plan, text::LengthUnit unit, QWidget* parent)
    : QDialog(parent),
      m_plan(&plan),
      m_unit(unit),
      m_stack(new QStackedWidget(this)),
      m_defects(new QLineEdit(this)),
      m_picture(new PlankPicture(this)),
      m_plankWords(form::words(this, "stockPlankWords")),
      m_turnedWords(form::words(this, "stockTurnedWords")),
      m_jointWords(form::words(this, "stockJointWords")),
      m_hornWords(form::words(this, "stockHornWords")),
      m_takeHorn(form::button(this, "stockTakeHorn", tr("Use this &length"), true)),
      m_takeTenon(form::button(this, "stockTakeTenon", tr("Use &this tenon for every joint"), true)),
      m_sawAngle(new QDoubleSpinBox(this)),
      m_sawPicture(new SawPicture(this)),
      m_sawWords(form::words(this, "stockSawWords")),
      m_takeWindow(form::button(this, "stockTakeWindow", tr("Use this &window"), true)),
      m_reamers(new QPlainTextEdit(this)),
      m_pilot(nullptr),
      m_from(form::box(this, "stockFrom", tr("Reamers enter from"))),
      m_reamedWords(form::words(this, "stockReamedWords")),
      m_take(form::button(this, "stockTake", tr("&Use this bore"), true))
{
    setObjectName(QStringLiteral("stockDialog"));
    setWindowTitle(tr("Timber and turning"));
    resize(920, 640);
    auto* faces = new QHBoxLayout;
    faces->setSpacing(0);
    std::vector<std::tuple<const char*, QString, QWidget*>> rooms{{"stockPlankFace", tr("&Plank"), makePlank()},
                                                                  {"stockTurningFace", tr("T&urning"), makeTurning()},
                                                                  {"stockJointsFace", tr("&Joints"), makeJoints()},
                                                                  {"stockReamersFace", tr("&Reamers"), makeReamers()}};
    if (plan.blank().spec.family == Family::Horn)
        rooms.insert(rooms.begin(), {"stockHornFace", tr("&Horn"), makeHorn()});
    if (std::holds_alternative<Duct>(plan.blank().spec.excitation))
        rooms.insert(rooms.end() - 1, {"stockSawFace", tr("Saw &cut"), makeSawCut()});
    for (const auto& [name, words, room] : rooms) {
        auto* b = form::button(this, name, words);
        b->setProperty("face", true);
        b->setCheckable(true);
        b->setAutoExclusive(true);
        b->setAutoDefault(false);
        const int index = m_stack->addWidget(room);
        connect(b, &QPushButton::clicked, this, [this, index] { m_stack->setCurrentIndex(index); });
        b->setChecked(index == 0);
        faces->addWidget(b);
    }
    faces->addStretch(1);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addLayout(faces);
    column->addWidget(m_stack, 1);
    column->addLayout(form::closing(this, "stockClose"));
    showPlank();
    showTurning();
    showJoints();
    showHorn();
    showSawCut();
    showReamers();
    m_takeHorn->setVisible(!m_hornFields.empty());
    m_takeWindow->setVisible(!m_sawFields.empty());
    m_sawAngle->setVisible(!m_sawFields.empty());
}

LengthField* StockDialog::field(const char* name, const QString& spoken, double mm)
{
    auto* f = new LengthField(QLatin1String(name), spoken, this);
    f->setUnit(m_unit);
    f->setLength(Metres::fromMillimetres(std::round(mm * 10.0) / 10.0));
    f->setMaximumWidth(Style::scaled(120));
    return f;
}

QFormLayout* StockDialog::fields(std::vector<LengthField*>& into, std::initializer_list<Measure> measures,
                                 void (StockDialog::*changed)())
{
    auto* rows = new QFormLayout;
    rows->setHorizontalSpacing(2 * Style::grid);
    rows->setVerticalSpacing(Style::grid);
    for (const Measure& m : measures) {
        into.push_back(field(m.name, m.words, m.mm));
        rows->addRow(m.words, into.back());
        connect(into.back(), &LengthField::lengthChanged, this, changed);
    }
    return rows;
}

QWidget* StockDialog::makePlank()
{
    const InstrumentSpec& spec = m_plan->blank().spec;
    auto* room = new QWidget(this);
    auto* rows = fields(m_plankFields,
                        {{"stockLength", tr("Plank length"), 2000.0},
                         {"stockWidth", tr("width"), 150.0},
                         {"stockThickness", tr("thickness"), 50.0},
                         {"stockKerf", tr("Kerf"), 3.0},
                         {"stockEnds", tr("End waste"), 30.0},
                         {"stockOutside", tr("Outside diameter"), outsideOf(spec).millimetres()},
                         {"stockToTurn", tr("Allowance for turning"), 5.0},
                         {"stockToHold", tr("Allowance for chucking"), 40.0}},
                        &StockDialog::showPlank);
    m_defects->setObjectName(QStringLiteral("stockDefects"));
    m_defects->setAccessibleName(tr("Cracks and knots, from and to"));
    m_defects->setPlaceholderText(tr("none, or 400-460"));
    rows->addRow(tr("Cracks and knots"), m_defects);
    connect(m_defects, &QLineEdit::editingFinished, this, &StockDialog::showPlank);
    auto* caution = form::words(this, "stockPlankCaution", true);
    // How long: common practice, no source.
    caution->setText(tr("Season sawn billets with waxed ends until they stop losing weight, about a year per inch of thickness, "
                        "and again for some weeks after the pilot bore. At the saw use push sticks, guard and extraction; some "
                        "wood dust harms skin and lungs."));
    auto* right = new QVBoxLayout;
    right->addWidget(m_picture);
    right->addWidget(m_plankWords);
    right->addWidget(caution);
    right->addStretch(1);
    auto* columns = new QHBoxLayout(room);
    columns->setContentsMargins(0, 0, 0, 0);
    columns->setSpacing(3 * Style::grid);
    columns->addLayout(rows);
    columns->addLayout(right, 1);
    return room;
}

void StockDialog::showPlank()
{
    const auto& f = m_plankFields;
    Plank plank{f[0]->length(), f[1]->length(), f[2]->length(), f[3]->length(), f[4]->length(), {}};
    const Billet billet{f[5]->length(), m_plan->blank().spec.bore.back().at, f[6]->length(), f[7]->length()};
    const auto defects = parseDefects(m_defects->text(), m_unit);
    if (defects)
        plank.defects = *defects;
    const auto plan = defects ? sawn(plank, billet) : Result<SawPlan>(defects.error());
    if (!plan) {
        m_picture->clear();
        m_plankWords->setText(text::sentence(plan.error(), m_unit));
        return;
    }
    m_picture->show(plank, billet, *plan, m_unit);
    QStringList words;
    words << tr("%n billet(s) %1 square, %2 long, %3 % of the plank.", nullptr, static_cast<int>(plan->billets.size()))
                 .arg(text::length(text::tenths(billet.square()), m_unit), text::length(text::tenths(billet.sawn()), m_unit))
                 .arg(std::lround(100.0 * plan->used));
    QStringList places;
    for (const SawnBillet& b : plan->billets)
        if (b.layer == 0 && b.across == Metres{})
            places << text::lengthNumber(text::tenths(b.along), m_unit);
    if (!places.isEmpty())
        words << tr("Crosscut from the end: %1.", "lengths").arg(places.join(QStringLiteral("; ")));
    words << tr("Layers in the thickness: %1. View from above; hatched: end waste and defects.").arg(plan->layers);
    m_plankWords->setText(words.join(QLatin1Char(' ')));
}

QWidget* StockDialog::makeTurning()
{
    const InstrumentSpec& spec = m_plan->blank().spec;
    const double wall = spec.wall.millimetres() + 2.0;
    const double head = spec.bore.front().diameter.millimetres();
    const double foot = spec.bore.back().diameter.millimetres();
    auto* rows = fields(m_endFields,
                        {{"stockHeadThick", tr("Head: thickest wall"), wall},
                         {"stockHeadThin", tr("thinnest wall"), wall},
                         {"stockHeadBore", tr("bore"), head},
                         {"stockFootThick", tr("Foot: thickest wall"), wall},
                         {"stockFootThin", tr("thinnest wall"), wall},
                         {"stockFootBore", tr("bore"), foot},
                         {"stockLeastWall", tr("Least wall required"), 2.0}},
                        &StockDialog::showTurning);
    return this->room(rows, m_turnedWords, "stockTurnedScroll",
                      tr("Bore first, then turn: a long bit wanders, so the outside is turned true to the bore, between centres "
                         "or on fitted plugs. Face shield, no gloves or loose sleeves at the lathe, dust extraction."));
}

QWidget* StockDialog::room(QFormLayout* rows, QLabel* words, const char* scrollName, const QString& how, QWidget* picture)
{
    auto* made = new QWidget(this);
    auto* howWords = form::words(made, "stockHow", true);
    howWords->setText(how);
    words->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    auto* right = new QVBoxLayout;
    if (picture != nullptr)
        right->addWidget(picture, 2);
    right->addWidget(form::scrolled(this, scrollName, words), 1);
    right->addWidget(howWords);
    auto* columns = new QHBoxLayout(made);
    columns->setContentsMargins(0, 0, 0, 0);
    columns->setSpacing(3 * Style::grid);
    columns->addLayout(rows);
    columns->addLayout(right, 1);
    return made;
}

QWidget* StockDialog::makeJoints()
{
    const InstrumentSpec& spec = m_plan->blank().spec;
    const double outside = outsideOf(spec).millimetres();
    const double bore = boreDiameterAt(spec.bore, spec.bore.back().at * 0.4).millimetres();
    auto* rows = fields(m_jointFields,
                        {{"stockJointOutside", tr("Outside diameter at joint"), outside},
                         {"stockJointBore", tr("Bore at joint"), bore},
                         {"stockTenon", tr("Tenon diameter"), (outside + bore) / 2.0},
                         {"stockTenonLength", tr("Tenon length"), bore},
                         {"stockCork", tr("Cork or thread, compressed"), 0.5},
                         {"stockJointLeast", tr("Least wall required"), 2.0}},
                        &StockDialog::showJoints);
    rows->addRow(m_takeTenon);
    m_takeTenon->setAutoDefault(false);
    m_takeTenon->setEnabled(!spec.slides.empty());
    m_takeTenon->setToolTip(tr("Order of work and bench sheet saw the parts with it."));
    connect(m_takeTenon, &QPushButton::clicked, this, [this] {
        m_plan->setTenons(text::tenths(m_jointFields[3]->length()));
        accept();
    });
    // How much is enough: common practice, no source.
    return room(rows, m_jointWords, "stockJointScroll",
                tr("Bore the socket before reaming; turn the tenon last, with cork or waxed thread in a shallow groove. Ream a "
                   "long instrument joint by joint, then assembled. Thread wound too thick splits a socket: the joint must close "
                   "by hand without force."));
}

void StockDialog::showJoints()
{
    const auto& f = m_jointFields;
    const auto walls = wallsOf({f[0]->length(), f[1]->length(), f[2]->length(), f[3]->length(), f[4]->length()});
    if (!walls)
        return m_jointWords->setText(text::sentence(walls.error(), m_unit));
    const Metres least = f[5]->length();
    const auto line = [&](const QString& words, Metres wall) {
        const QString whole = words.arg(text::length(text::tenths(wall), m_unit));
        return wall < least ? tr("%1, too thin").arg(whole) : whole;
    };
    QStringList lines{line(tr("Tenon wall: %1"), walls->tenon), line(tr("Socket wall: %1"), walls->socket),
                      tr("Groove for cork or thread: at most %1 deep.").arg(text::length(text::tenths(walls->gap), m_unit)),
                      tr("Add the tenon to the length of its part: %1 more wood for every joint.")
                          .arg(text::length(text::tenths(f[3]->length()), m_unit))};
    lines << (walls->tenon >= least && walls->socket >= least ? tr("The blank is usable.")
                                                              : tr("Too thin: use thicker wood, a metal or horn ring round the "
                                                                   "socket, or a tenon nearer to the middle of the wall."));
    m_jointWords->setText(lines.join(QLatin1Char('\n')));
}

QWidget* StockDialog::makeHorn()
{
    const InstrumentSpec& spec = m_plan->blank().spec;
    const double length = spec.bore.back().at.millimetres();
    auto* rows = fields(m_hornFields,
                        {{"stockHornOutside", tr("Length along outer bend"), length + 60.0},
                         {"stockHornWire", tr("Wire depth from wide end"), length - 20.0},
                         {"stockHornTip", tr("Tip diameter"), 8.0},
                         {"stockHornHollow", tr("Diameter where hollow ends"), 24.0},
                         {"stockHornBore", tr("Mouth hole"), spec.bore.front().diameter.millimetres()},
                         {"stockHornLeast", tr("Least wall round mouth hole"), 4.0}},
                        &StockDialog::showHorn);
    rows->addRow(m_takeHorn);
    m_takeHorn->setAutoDefault(false);
    connect(m_takeHorn, &QPushButton::clicked, this, &StockDialog::takeHornLength);
    return room(rows, m_hornWords, "stockHornScroll",
                tr("Bend a soft wire to the horn's curve, push it in to the end of the hollow and mark it at the rim. Saw and "
                   "drill wet or under extraction: horn dust harms the lungs. Let a hot drill cool, or it glazes."));
}

Result<HornMouth> StockDialog::hornMouth() const
{
    const auto& f = m_hornFields;
    return mouthOf({f[0]->length(), f[1]->length(), f[2]->length(), f[3]->length(), f[4]->length()}, f[5]->length());
}

void StockDialog::takeHornLength()
{
    const auto mouth = hornMouth();
    if (!mouth)
        return;
    Blank b = m_plan->blank();
    b.spec.bore = boreEndingAt(std::move(b.spec.bore), text::tenths(mouth->length)); // what was measured stays where it is
    m_plan->setBlank(std::move(b));
    accept();
}

QWidget* StockDialog::makeSawCut()
{
    const InstrumentSpec& spec = m_plan->blank().spec;
    const auto& duct = std::get<Duct>(spec.excitation);
    const double bore = spec.bore.front().diameter.millimetres();
    constexpr double usual_deg = 30.0;
    const double slope = std::tan(usual_deg * std::numbers::pi / 180.0);
    auto* rows = fields(
        m_sawFields,
        {{"stockSawEnd", tr("Distance from the end"), std::max(0.0, (headOf(spec).length - duct.windowLength).millimetres())},
         {"stockSawDepth", tr("Depth of the cut"), duct.chimney.millimetres() + duct.windowLength.millimetres() * slope},
         {"stockSawOutside", tr("Block thickness"), bore + 2.0 * duct.chimney.millimetres()},
         {"stockSawBore", tr("Bore"), bore},
         {"stockSawOff", tr("Bore offset towards the cut"), 0.0}},
        &StockDialog::showSawCut);
    m_sawAngle->setObjectName(QStringLiteral("stockSawAngle"));
    m_sawAngle->setAccessibleName(tr("Angle of the ramp"));
    m_sawAngle->setRange(5.0, 85.0);
    m_sawAngle->setDecimals(1);
    m_sawAngle->setValue(usual_deg);
    m_sawAngle->setSuffix(tr(" °"));
    m_sawAngle->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_sawAngle->setMaximumWidth(Style::scaled(120));
    rows->addRow(tr("Angle of the ramp"), m_sawAngle);
    rows->addRow(m_takeWindow);
    m_takeWindow->setAutoDefault(false);
    connect(m_sawAngle, &QDoubleSpinBox::valueChanged, this, &StockDialog::showSawCut);
    connect(m_takeWindow, &QPushButton::clicked, this, &StockDialog::takeWindow);
    return room(rows, m_sawWords, "stockSawScroll",
                tr("Saw square to the tube first, then the ramp from the foot side down to the bottom of that cut. Saw a little "
                   "short of the depth and finish with a knife. Clamp the block; keep fingers out of the line of the saw."),
                m_sawPicture);
}

SawCut StockDialog::sawCut() const
{
    const auto& f = m_sawFields;
    return {f[0]->length(), f[1]->length(), m_sawAngle->value(), f[2]->length(), f[3]->length(), f[4]->length()};
}

void StockDialog::showSawCut()
{
    if (m_sawFields.empty())
        return;
    const SawCut cut = sawCut();
    const auto words = [this](Metres m) {
        return text::length(text::tenths(m), m_unit);
    };
    const auto window = windowOf(cut);
    m_sawPicture->show(cut, window ? std::optional(*window) : std::nullopt, m_unit);
    m_takeWindow->setEnabled(window.ok());
    QStringList lines;
    if (window) {
        lines
            << tr("Window: %1 long (cut-up), %2 wide.").arg(words(window->length), words(window->width))
            << tr("The lip lies %1 from the end; the ramp runs %2 along the face.").arg(words(window->edge), words(window->ramp))
            << tr("Wall at the window %1, opposite %2.").arg(words(window->wall), words(window->opposite));
    } else {
        lines << text::sentence(window.error(), m_unit);
    }
    const Metres wanted = std::get<Duct>(m_plan->blank().spec.excitation).windowLength;
    if (const auto deep = sawDepthFor(wanted, cut))
        lines << tr("For a window %1 long, saw %2 deep.").arg(words(wanted), words(*deep));
    m_sawWords->setText(lines.join(QStringLiteral("\n\n")));
}

void StockDialog::takeWindow()
{
    const SawCut cut = sawCut();
    const auto window = windowOf(cut);
    if (!window)
        return;
    Blank b = m_plan->blank();
    auto& duct = std::get<Duct>(b.spec.excitation);
    duct.windowLength = text::tenths(window->length);
    duct.windowWidth = text::tenths(window->width);
    duct.chimney = text::tenths(window->wall);
    duct.rampRunPerRise = 1.0 / std::tan(cut.angle_deg * std::numbers::pi / 180.0);
    Head head = headOf(b.spec);
    head.length = window->edge;
    b.spec.head = head;
    m_plan->setBlank(std::move(b));
    accept();
}

void StockDialog::showHorn()
{
    if (m_hornFields.empty())
        return;
    const auto mouth = hornMouth();
    m_takeHorn->setEnabled(mouth.ok());
    if (!mouth)
        return m_hornWords->setText(text::sentence(mouth.error(), m_unit));
    const auto words = [this](Metres m) {
        return text::length(text::tenths(m), m_unit);
    };
    m_hornWords->setText(QStringList{
        tr("Solid tip: %1.").arg(words(mouth->solid)),
        tr("Cut %1 off the tip; %2 of wall is left round the mouth hole.").arg(words(mouth->cut), words(mouth->wall)),
        tr("Drill %1 through the remaining solid part, then ream the hollow to an even cone.").arg(words(mouth->drill)),
        tr("The tube is then %1 long along its bend. Leave the wide end long; saw it back last, after the holes.")
            .arg(words(mouth->length))}
                             .join(QStringLiteral("\n\n")));
}

void StockDialog::showTurning()
{
    const auto& f = m_endFields;
    const BoredEnd head{f[0]->length(), f[1]->length(), f[2]->length()};
    const BoredEnd foot{f[3]->length(), f[4]->length(), f[5]->length()};
    InstrumentSpec spec = m_plan->layout() ? m_plan->layout()->goal.spec() : m_plan->blank().spec;
    if (!m_plan->layout()) { // a bare tube: its fingerings speak of holes that are not there yet
        spec.holes.clear();
        spec.fingerings.clear();
    }
    const auto instrument = Instrument::make(std::move(spec));
    const auto turned = instrument ? turnedAfter(head, foot, *instrument, f[6]->length()) : Result<Turned>(instrument.error());
    if (!turned) {
        m_turnedWords->setText(text::sentence(turned.error(), m_unit));
        return;
    }
    QStringList lines;
    lines << tr("The bore is %1 off centre at the head and %2 at the foot.")
                 .arg(text::length(text::tenths(head.off()), m_unit), text::length(text::tenths(foot.off()), m_unit));
    lines
        << tr("Turned true to the bore, the outside can be at most %1.").arg(text::length(text::tenths(turned->outside), m_unit));
    for (const LeastWall& w : turned->walls) {
        const QString wall = text::length(text::tenths(w.wall), m_unit);
        const QString place = w.place.empty()       ? tr("Least wall of the tube: %1").arg(wall)
                              : w.place == "window" ? tr("At the window: %1").arg(wall)
                                                    : tr("At %1: %2", "hole, wall").arg(QString::fromStdString(w.place), wall);
        lines << (w.wall < f[6]->length() ? tr("%1, too thin").arg(place) : place);
    }
    lines << (turned->serves ? tr("The blank is usable.")
                             : tr("The blank is too thin for this instrument; use it for a narrower one."));
    m_turnedWords->setText(lines.join(QLatin1Char('\n')));
}

QWidget* StockDialog::makeReamers()
{
    auto* room = new QWidget(this);
    m_reamers->setObjectName(QStringLiteral("stockReamers"));
    m_reamers->setAccessibleName(tr("Shop reamers"));
    m_reamers->setPlaceholderText(tr("Long cone: 0 9.8; 120 12.0; 260 13.2"));
    m_reamers->setPlainText(text::reamerLines(m_plan->reamers(), m_unit));
    connect(this, &QDialog::finished, this, [this, before = m_reamers->toPlainText()] {
        // Told in whole hundredths they would not be what they were: only what was typed is kept.
        if (const auto typed = text::reamersFrom(m_reamers->toPlainText(), m_unit); typed && m_reamers->toPlainText() != before)
            m_plan->keepReamers(*typed);
    });
    m_from->addItem(tr("the foot"), static_cast<int>(From::Foot));
    m_from->addItem(tr("the head"), static_cast<int>(From::Head));
    Metres narrowest = m_plan->blank().spec.bore.front().diameter;
    for (const Station& s : m_plan->blank().spec.bore)
        narrowest = std::min(narrowest, s.diameter);
    m_pilot = field("stockPilot", tr("Pilot bore"), narrowest.millimetres());
    auto* rows = new QFormLayout;
    rows->setHorizontalSpacing(2 * Style::grid);
    rows->addRow(tr("Pilot bore"), m_pilot);
    rows->addRow(tr("Enter from"), m_from);
    auto* words = form::words(this, "stockReamersHow", true);
    words->setText(tr("One reamer per line: name, then positions from the tip with diameters. Reamers are saved for the shop. "
                      "Listed below is how deep each goes, measured from the end it enters, without passing the planned bore. "
                      "Ream slowly, clear the chips often and let the wood cool: a jammed reamer splits it."));
    auto* column = new QVBoxLayout(room);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(Style::grid);
    column->addWidget(words);
    column->addWidget(m_reamers, 1);
    column->addLayout(rows);
    column->addWidget(m_reamedWords);
    column->addWidget(m_take, 0, Qt::AlignLeft);
    m_take->setAutoDefault(false);
    connect(m_take, &QPushButton::clicked, this, &StockDialog::takeBore);
    connect(m_reamers, &QPlainTextEdit::textChanged, this, &StockDialog::showReamers);
    connect(m_pilot, &LengthField::lengthChanged, this, &StockDialog::showReamers);
    connect(m_from, &QComboBox::activated, this, &StockDialog::showReamers);
    return room;
}

void StockDialog::showReamers()
{
    m_bore.clear();
    m_take->setEnabled(false);
    const auto reamers = text::reamersFrom(m_reamers->toPlainText(), m_unit);
    if (!reamers) {
        m_reamedWords->setText(text::sentence(reamers.error(), m_unit));
        return;
    }
    const std::vector<Station>& wanted = m_plan->blank().spec.bore;
    const std::vector<Station> pilot{{Metres{}, m_pilot->length()}, {wanted.back().at, m_pilot->length()}};
    const auto plan = reamPlan(pilot, wanted, *reamers, static_cast<From>(m_from->currentData().toInt()));
    if (!plan) {
        m_reamedWords->setText(text::sentence(plan.error(), m_unit));
        return;
    }
    QStringList lines;
    for (const ReamStep& s : plan->steps)
        lines << tr("%1.  %2: %3 deep", "number, reamer, how deep")
                     .arg(lines.size() + 1)
                     .arg(QString::fromStdString(s.reamer), text::length(s.deep, m_unit));
    if (plan->steps.empty())
        lines << tr("No reamer cuts without passing the planned bore.");
    else if (plan->worst > Metres::fromMillimetres(0.02))
        lines << tr("Up to %1 narrower than planned, at %2.")
                     .arg(text::length(Metres::fromMillimetres(std::round(plan->worst.millimetres() * 100.0) / 100.0), m_unit),
                          text::length(plan->worstAt, m_unit));
    else
        lines << tr("This matches the planned bore.");
    m_reamedWords->setText(lines.join(QLatin1Char('\n')));
    if (!plan->steps.empty())
        m_bore = plan->bore;
    m_take->setEnabled(!m_bore.empty());
}

void StockDialog::takeBore()
{
    Blank b = m_plan->blank();
    b.spec.bore = m_bore;
    for (Station& s : b.spec.bore) {
        s.at = Metres::fromMillimetres(std::round(s.at.millimetres() * 10.0) / 10.0);
        s.diameter = Metres::fromMillimetres(std::round(s.diameter.millimetres() * 100.0) / 100.0);
    }
    m_plan->setBlank(std::move(b));
    accept();
}

} // namespace dowel::app

#include "moc_stock_dialog.cpp"
