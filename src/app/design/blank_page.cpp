// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/blank_pictures.h"
#include "app/design/bores_dialog.h"
#include "app/design/edge_picture.h"
#include "app/design/plan_pages.h"
#include "app/design/stock_dialog.h"
#include "app/parts/form.h"
#include "app/parts/style.h"
#include "core/layout/families.h"
#include "core/shop/pipes.h"
#include "core/tuning/pitch.h"
#include "text/errors.h"
#include "text/names.h"
#include "text/pitch_entry.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QTableWidget>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace dowel::app {

namespace {

struct Material
{
    const char* key;
    const char* words;
};

// How holes are made there and what to mind: common practice, no source.
constexpr Material materials[] = {
    {"hardwood", QT_TRANSLATE_NOOP("dowel::app::BlankPage",
                                   "Drill pilots, then brad point bits over a plug in the bore. Oil moves the pitch a little, so "
                                   "listen again after oiling. Dust of some tropical woods sensitises skin and lungs: use "
                                   "extraction and a mask. Protected species need papers for export.")},
    {"softwood",
     QT_TRANSLATE_NOOP("dowel::app::BlankPage", "Use sharp bits, a slow feed and a tight plug, or the fibres lift. The bore "
                                                "soaks up moisture: seal it with a mouth-safe finish before the last session.")},
    {"cane",
     QT_TRANSLATE_NOOP(
         "dowel::app::BlankPage",
         "A drill tears out strands that crack later: burn the holes, or cut in with a knife across the fibres. Burn outdoors or "
         "under extraction, with water at hand. Measure the bore at several stations and find the node with a bent wire.")},
    {"plastic",
     QT_TRANSLATE_NOOP("dowel::app::BlankPage", "The nominal size is not the bore: measure it. Drill slowly and deburr inside. "
                                                "Never burn or overheat PVC: the fumes are poisonous.")},
    {"horn", QT_TRANSLATE_NOOP(
                 "dowel::app::BlankPage",
                 "Bore the horn out to a cone you can measure. Horn dust is harmful and smells: work wet or under extraction.")},
    {"vegetable", QT_TRANSLATE_NOOP("dowel::app::BlankPage", "Use it fresh and firm and drill it the same day; it shrinks within "
                                                             "hours. Clean drill, washed hands, one player each.")},
    {"straw", QT_TRANSLATE_NOOP("dowel::app::BlankPage", "Oat or wheat straw, or paper straws. Wet it before it is cut; scissors "
                                                         "make everything. One straw a player.")}};

/// A bore, or two diameters of one that is not round: what counts is the area, so the mean is the geometric one.
Result<Metres> boreFrom(const QString& typed, text::LengthUnit unit)
{
    static const QRegularExpression between(QStringLiteral("\\s*[x×]\\s*"));
    const QStringList parts = typed.split(between);
    if (parts.size() != 2)
        return text::parseLength(typed, unit);
    const auto a = text::parseLength(parts[0], unit);
    const auto b = text::parseLength(parts[1], unit);
    if (!a || !b)
        return a ? b : a;
    return Metres::fromMetres(std::sqrt(a->metres() * b->metres()));
}

} // namespace

BlankPage::BlankPage(Plan& plan, QWidget* parent)
    : QWidget(parent),
      m_plan(&plan),
      m_family(form::box(this, "blankFamily", tr("Family"))),
      m_sold(form::box(this, "blankSoldAs", tr("Stock size"))),
      m_profile(new BorePicture(this)),
      m_keys(new KeysPicture(this)),
      m_keysWords(form::words(this, "blankKeysWords", true)),
      m_blown(new QLineEdit(this)),
      m_stations(
          form::table(this, "blankStations", tr("Bore profile"), {tr("position"), tr("bore"), tr("wall"), tr("roughness")}, 28)),
      m_wall(new LengthField(QStringLiteral("blankWall"), tr("Wall thickness"), this)),
      m_mouthShape(form::spin(this, "blankMouthShape", tr("Sounding edge"), {0.0, 90.0, 1.0, 0, QString()})),
      m_mouthShapeWords(new QLabel(this)),
      m_joints(new QLineEdit(this)),
      m_material(form::box(this, "blankMaterial", tr("Material"))),
      m_materialWords(form::words(this, "blankMaterialWords", true)),
      m_nodes(new QLineEdit(this)),
      m_nodesWords(new QLabel(tr("Nodes"), this)),
      m_checks(form::words(this, "blankChecks"))
{
    setObjectName(QStringLiteral("blankPage"));
    fill();
    arrange();
    bind();
    refresh();
}

void BlankPage::fill()
{
    for (const auto& [family, name] : text::families())
        m_family->addItem(name, static_cast<int>(family));
    m_stations->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                                QAbstractItemView::AnyKeyPressed);
    m_stations->setSelectionMode(QAbstractItemView::SingleSelection);
    m_stations->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_stations->horizontalHeader()->setSectionResizeMode(m_stations->columnCount() - 1, QHeaderView::Stretch);
    m_stations->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_mouthShape->setMaximumWidth(Style::scaled(104)); // as the lengths above it
    for (const Material& m : materials)
        m_material->addItem(text::materialName(m.key), QLatin1String(m.key));
    m_sold->addItem(tr("measured, no stock size"));
    for (const PipeSize& p : pipeSizes())
        m_sold->addItem((p.copper ? tr("%1 in. copper tube, type M") : tr("%1 in. pipe, schedule 40"))
                            .arg(QString::fromStdString(p.nominal)));
    for (QComboBox* b : {m_family, m_sold}) { // read at a glance, so whole
        b->setMinimumContentsLength(0);
        b->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    }
    m_joints->setObjectName(QStringLiteral("blankJoints"));
    m_joints->setAccessibleName(tr("Joints"));
    m_joints->setPlaceholderText(tr("none"));
    m_joints->setToolTip(
        tr("Positions from the sounding edge, separated by semicolons: 60; 210. Add + and a length where a joint is "
           "pulled out: 60 + 2."));
    m_nodes->setObjectName(QStringLiteral("blankNodes"));
    m_nodes->setAccessibleName(tr("Nodes of the cane"));
    m_nodes->setPlaceholderText(tr("none"));
    m_nodes->setToolTip(tr("Positions from the sounding edge, separated by semicolons: 40; 180. A node counts as opened with the "
                           "bore unless you add the word kept: -22 kept."));
    m_stations->setToolTip(tr("Leave wall and roughness empty for the wall above and a smooth bore. Roughness: 1 is smooth; a "
                              "rough stretch takes more from the sound, down to the next station."));
    const char* mouths[] = {"blankMouth0", "blankMouth1", "blankMouth2", "blankMouth3", "blankMouth4"};
    for (int i = 0; i < mouthFields; ++i) {
        m_mouth[i] = new LengthField(QLatin1String(mouths[i]), tr("Sounding edge"), this);
        m_mouthWords[i] = new QLabel(this);
    }
}

QFormLayout* BlankPage::makeForm()
{
    auto* form = new QFormLayout;
    form->setHorizontalSpacing(2 * Style::grid);
    form->setVerticalSpacing(Style::grid);
    form->addRow(tr("Family"), m_family);
    form->addRow(tr("Stock size"), m_sold);
    form->addRow(tr("Wall"), m_wall);
    for (int i = 0; i < mouthFields; ++i)
        form->addRow(m_mouthWords[i], m_mouth[i]);
    form->addRow(m_mouthShapeWords, m_mouthShape);
    form->addRow(tr("Joints"), m_joints);
    form->addRow(tr("Material"), m_material);
    form->addRow(m_nodesWords, m_nodes);
    form->addRow(m_materialWords);
    return form;
}

void BlankPage::arrange()
{
    auto* more = form::button(this, "blankAddStation", tr("Add a &station"));
    auto* less = form::button(this, "blankRemoveStation", tr("&Remove"));
    auto* paste = form::button(this, "blankPasteStations", tr("Pas&te table…"));
    paste->setToolTip(tr("Paste rows from a spreadsheet: position and bore, and the wall where it differs."));
    auto* stock = form::button(this, "blankStock", tr("Timber and tur&ning…"));
    stock->setToolTip(tr("Billets from a plank, turning a bored blank true, reamers, joints and horn tips."));
    connect(stock, &QPushButton::clicked, this, [this] {
        auto* dialog = new StockDialog(*m_plan, m_unit, this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    auto* which = form::button(this, "blankBores", tr("Compare bore&s…"));
    which->setToolTip(tr("Lay this plan out on several bores and compare every note."));
    connect(which, &QPushButton::clicked, this, [this] {
        auto* dialog = new BoresDialog(*m_plan, m_unit, this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    connect(more, &QPushButton::clicked, this, &BlankPage::addStation);
    connect(less, &QPushButton::clicked, this, &BlankPage::removeStation);
    connect(paste, &QPushButton::clicked, this, &BlankPage::pasteStations);
    auto* left = new QVBoxLayout;
    left->addLayout(makeForm());
    left->addStretch(1);
    auto* middle = new QVBoxLayout;
    auto* boreWords = form::words(this, "blankBoreWords");
    boreWords->setText(tr("Measure the bore from the sounding edge to the foot with calipers, plug gauges or a bent wire. Leave "
                          "the foot long. If the bore is out of round, type both diameters: 12.9 x 13.1."));
    middle->addWidget(boreWords);
    middle->addWidget(m_profile);
    middle->addWidget(m_stations);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(Style::grid);
    for (QPushButton* b : {more, less})
        buttons->addWidget(b);
    buttons->addStretch(1);
    middle->addLayout(buttons);
    for (const auto& [first, second] : {std::pair(paste, which), std::pair(stock, static_cast<QPushButton*>(nullptr))}) {
        auto* row = new QHBoxLayout;
        row->setSpacing(Style::grid);
        row->addWidget(first);
        if (second != nullptr)
            row->addWidget(second);
        row->addStretch(1);
        middle->addLayout(row);
    }
    middle->addStretch(1);
    auto* right = new QVBoxLayout;
    auto* head = new QLabel(tr("Keys for this tube"), this);
    head->setFont(Style::head());
    head->setWordWrap(true);
    right->addWidget(head);
    right->addWidget(m_keys);
    right->addWidget(m_keysWords);
    auto* blown = new QHBoxLayout;
    blown->setSpacing(Style::grid);
    auto* blownWords = new QLabel(tr("Pitch &without holes"), this);
    m_blown->setObjectName(QStringLiteral("blankBlown"));
    m_blown->setAccessibleName(tr("Pitch without holes"));
    m_blown->setPlaceholderText(tr("not blown yet"));
    m_blown->setToolTip(tr("Blow the bare tube and type what a meter shows, such as 586.3 or D5 -12: keys and layout go by it."));
    m_blown->setMaxLength(24);
    blownWords->setBuddy(m_blown);
    blown->addWidget(blownWords);
    blown->addWidget(m_blown, 1);
    right->addLayout(blown);
    m_checks->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    right->addWidget(form::scrolled(this, "blankChecksScroll", m_checks), 1);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, 2 * Style::grid, 2 * Style::grid, Style::grid);
    columns->setSpacing(3 * Style::grid);
    columns->addLayout(left, 10);
    columns->addLayout(middle, 9);
    columns->addLayout(right, 9);
}

void BlankPage::takeMouth(int measure, Metres v)
{
    Blank b = m_plan->blank();
    b.spec.excitation = withMeasure(b.spec.excitation, measure, v, b.spec.bore.front().diameter);
    m_plan->setBlank(std::move(b));
}

void BlankPage::bind()
{
    connect(m_family, &QComboBox::activated, this,
            [this] { m_plan->begin(static_cast<Family>(m_family->currentData().toInt())); });
    connect(m_material, &QComboBox::activated, this,
            [this] { m_plan->setMaterial(m_material->currentData().toString().toStdString()); });
    connect(m_sold, &QComboBox::activated, this, &BlankPage::takePipe);
    connect(m_joints, &QLineEdit::editingFinished, this, &BlankPage::takeJoints);
    connect(m_wall, &LengthField::lengthChanged, this, [this](Metres wall) {
        Blank b = m_plan->blank();
        b.spec.wall = wall;
        m_plan->setBlank(std::move(b));
    });
    connect(m_mouthShape, &QDoubleSpinBox::valueChanged, this, &BlankPage::takeMouthShape);
    connect(m_nodes, &QLineEdit::editingFinished, this, &BlankPage::takeNodes);
    for (int i = 0; i < mouthFields; ++i)
        connect(m_mouth[i], &LengthField::lengthChanged, this, [this, i](Metres v) { takeMouth(i, v); });
    for (LengthField* f : {m_wall, m_mouth[0], m_mouth[1], m_mouth[2], m_mouth[3], m_mouth[4]})
        connect(f, &LengthField::refused, this, &BlankPage::failed);
    connect(m_stations, &QTableWidget::cellChanged, this, &BlankPage::takeStations);
    connect(m_blown, &QLineEdit::editingFinished, this, &BlankPage::takeBlown);
    connect(m_keys, &Picture::partChosen, this, [this](int part) { m_keysWords->setText(m_keys->partWords(part)); });
    connect(m_profile, &BorePicture::stationMoved, this, [this](int station, Metres at, Metres diameter) {
        Blank b = m_plan->blank();
        b.spec.bore[static_cast<std::size_t>(station)].at = at;
        b.spec.bore[static_cast<std::size_t>(station)].diameter = diameter;
        takeBlank(std::move(b));
    });
    connect(m_plan, &Plan::changed, this, &BlankPage::refresh);
}

void BlankPage::showEvent(QShowEvent* event)
{
    form::fitColumns(m_stations); // its fonts are known now
    QWidget::showEvent(event);
}

void BlankPage::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    for (LengthField* f : {m_wall, m_mouth[0], m_mouth[1], m_mouth[2], m_mouth[3], m_mouth[4]})
        f->setUnit(unit);
    refresh();
}

void BlankPage::addMouthFields()
{
    const auto& e = m_plan->blank().spec.excitation;
    const auto set = [this](int i, const QString& words, Metres v, bool shown = true) {
        m_mouthWords[i]->setText(words);
        m_mouth[i]->setAccessibleName(words);
        m_mouth[i]->setLength(v);
        m_mouth[i]->setVisible(shown);
        m_mouthWords[i]->setVisible(shown);
    };
    const auto shape = [this](const QString& words, const QString& suffix, double low, double high, double v, int decimals = 0) {
        m_mouthShapeWords->setText(words);
        m_mouthShape->setAccessibleName(words);
        m_mouthShape->setSuffix(suffix);
        m_mouthShape->setDecimals(decimals);
        m_mouthShape->setSingleStep(decimals > 0 ? 0.1 : 1.0);
        m_mouthShape->setRange(low, high);
        m_mouthShape->setValue(v);
        m_mouthShape->show();
        m_mouthShapeWords->show();
    };
    m_mouth[3]->setEnabled(true);
    if (const auto* d = std::get_if<Duct>(&e)) {
        set(0, tr("Window width"), d->windowWidth);
        set(1, tr("Window length (cut-up)"), d->windowLength);
        set(2, tr("Wall at window"), d->chimney);
        set(3, tr("Bore above window"), d->upstream);
        set(4, tr("Ear height"), d->cover);
        shape(tr("Lip angle"), tr(" °"), 3.0, 90.0,
              d->rampRunPerRise == 0.0 ? 90.0 : std::atan(1.0 / d->rampRunPerRise) * 180.0 / std::numbers::pi);
    } else if (const auto* t = std::get_if<Transverse>(&e)) {
        set(0, tr("Embouchure hole length"), t->holeLength);
        set(1, tr("Embouchure hole width"), t->holeWidth);
        set(2, tr("Embouchure hole wall"), t->chimney);
        set(3, tr("Stopper distance"), t->stopper);
        m_mouth[3]->setEnabled(!keptNodeAbove(m_plan->blank().spec)); // a node does not move
        set(4, tr("Embouchure undercut"), t->undercut);
        shape(tr("Lip coverage"), tr(" %"), 0.0, 90.0, 100.0 * t->lipCover);
    } else {
        for (int i = 0; i < mouthFields; ++i)
            set(i, QString(), {}, false);
        // As it is measured: filled with water from a syringe.
        constexpr double largest_mL = 200.0;
        shape(tr("Mouthpiece volume"), tr(" mL"), 0.0, largest_mL, std::get<ClosedTop>(e).volume.cubicMetres() * 1e6, 2);
    }
}

void BlankPage::refresh()
{
    m_filling = true;
    const InstrumentSpec& spec = m_plan->blank().spec;
    m_family->setCurrentIndex(std::max(0, m_family->findData(static_cast<int>(spec.family))));
    m_wall->setLength(spec.wall);
    addMouthFields();
    const int material = std::max(0, m_material->findData(QString::fromStdString(m_plan->material())));
    m_material->setCurrentIndex(material);
    m_materialWords->setText(tr(materials[static_cast<std::size_t>(material)].words));
    QStringList joints;
    for (const Slide& slide : spec.slides)
        joints << text::lengthNumber(slide.at, m_unit) +
                      (slide.out > Metres{} ? QStringLiteral(" + ") + text::lengthNumber(slide.out, m_unit) : QString());
    m_joints->setText(joints.join(QStringLiteral("; ")));
    showStations();
    const bool cane = spec.material == "cane" || !spec.nodes.empty();
    m_nodes->setVisible(cane);
    m_nodesWords->setVisible(cane);
    QStringList nodes;
    for (const Node& n : spec.nodes)
        nodes << (n.at < Metres() ? QStringLiteral("-") : QString()) +
                     text::lengthNumber(n.at < Metres() ? n.at * -1.0 : n.at, m_unit) + (n.kept ? tr(" kept") : QString());
    m_nodes->setText(nodes.join(QStringLiteral("; ")));
    m_filling = false;
    showChecks();
}

void BlankPage::showStations()
{
    const auto& bore = m_plan->blank().spec.bore;
    m_profile->show(m_plan->blank().spec, m_unit);
    m_stations->setRowCount(static_cast<int>(bore.size()));
    for (int row = 0; row < m_stations->rowCount(); ++row) {
        const Station& s = bore[static_cast<std::size_t>(row)];
        const QString cells[] = {text::lengthNumber(s.at, m_unit), text::length(s.diameter, m_unit),
                                 s.wall ? text::lengthNumber(*s.wall, m_unit) : QString(),
                                 s.roughness == 1.0 ? QString() : QLocale().toString(s.roughness, 'g', 3)};
        for (int column = 0; column < m_stations->columnCount(); ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            if (row == 0 && column == 0)
                item->setFlags(item->flags() & ~Qt::ItemIsEditable);
            m_stations->setItem(row, column, item);
        }
    }
    form::fitColumns(m_stations);
    // As tall as its lines, so that what adds one stands under the last.
    m_stations->setFixedHeight(Style::scaled(std::min(400, 36 + 28 * m_stations->rowCount())));
}

void BlankPage::showChecks()
{
    const InstrumentSpec& spec = m_plan->blank().spec;
    QStringList lines;
    if (m_sold->currentIndex() > 0)
        lines << tr("The bore is the nominal one from the size tables. Stock varies: measure the bore and type it before laying "
                    "out holes.");
    showKeys();
    if (spec.wall.millimetres() < 1.5)
        lines << tr("The wall is too thin for undercutting; correct octaves by other means.");
    const double low = spec.fingerings.empty() ? 0.0 : spec.fingerings.front().target.hertz();
    if (low > 0.0 && spec.bore.front().diameter.metres() < 0.02 * 345.0 / low / 2.0)
        lines << tr("This bore is very narrow for %1.").arg(text::noteName(spec.fingerings.front().id.text));
    if (const auto drawn = m_plan->drawn())
        for (const NearNode& n : holesNearNodes(spec.nodes, drawn->spec().holes))
            lines << tr("%1 lies %2 from the node at %3, where cane splits. Turn or shift the cane, or bind it before opening "
                        "the hole.",
                        "hole, distance, place")
                         .arg(QString::fromStdString(n.hole.text), text::length(n.distance, m_unit),
                              text::length(n.node, m_unit));
    InstrumentSpec jointed = m_plan->drawn() ? m_plan->drawn()->spec() : spec;
    jointed.slides = spec.slides;
    for (const JointClash& c : jointClashes(jointed)) {
        const QString meets = c.meets == "window" ? tr("the sounding edge")
                              : c.meets == "foot" ? tr("the foot")
                                                  : QString::fromStdString(c.meets);
        lines << (c.nearest ? tr("The joint at %1 meets %2. The nearest place for it is %3.", "place, hole, place")
                                  .arg(text::length(c.joint, m_unit), meets, text::length(*c.nearest, m_unit))
                            : tr("The joint at %1 meets %2, and no other place serves.", "place, hole")
                                  .arg(text::length(c.joint, m_unit), meets));
    }
    m_checks->setText(lines.join(QStringLiteral("\n\n")));
}

void BlankPage::takeBlown()
{
    const QString typed = m_blown->text().trimmed();
    if (typed.isEmpty())
        return m_plan->setBlown(std::nullopt);
    const auto& tuning = m_plan->target().tuning;
    const auto lowest = equalTempered(m_plan->target().lowest, tuning.a4);
    const auto heard = lowest ? text::parsePitch(typed, *lowest, tuning.a4) : Result<Hertz>(lowest.error());
    const auto model = bareNote(m_plan->blank());
    if (!heard || !model) {
        Q_EMIT failed(text::sentence(heard ? model.error() : heard.error(), m_unit));
        return showKeys();
    }
    // Further off it is another register, another note, or another tube than was measured.
    constexpr double furthest_cents = 350.0;
    const double off = centsBetween(*heard, *model).cents();
    if (std::abs(off) > furthest_cents) {
        Q_EMIT failed(
            tr("%1 Hz is %2 cents from what this tube can sound without holes. Check the pitch, the length and the bore.")
                .arg(text::number(heard->hertz(), 1), text::wholeCents(off)));
        return showKeys();
    }
    constexpr double shownTo_cents = 0.5;
    if (m_plan->blown() && std::abs(centsBetween(*heard, *m_plan->blown()).cents()) < shownTo_cents)
        return; // as it is shown
    m_plan->setBlown(*heard);
}

void BlankPage::showKeys()
{
    const auto& blown = m_plan->blown();
    const auto model = blown ? bareNote(m_plan->blank()) : Result<Hertz>(Error{});
    const Cents above = model ? centsBetween(*blown, *model) : Cents{};
    m_blown->setText(blown ? text::number(blown->hertz(), 1) + tr(" Hz") : QString());
    const auto keys = keysServed(m_plan->blank(), above);
    m_keys->setVisible(keys.ok());
    if (!keys)
        return m_keysWords->setText(text::sentence(keys.error(), m_unit));
    const std::string& wanted = m_plan->target().lowest;
    m_keys->show(*keys, wanted, m_unit);
    const auto own = std::find_if(keys->begin(), keys->end(), [&](const KeyServed& k) { return isSameNote(k.lowest, wanted); });
    // The plan's own note first; another by pointing at it.
    m_keysWords->setText(
        own == keys->end()
            ? tr("%1 does not suit this tube. Lowest notes: ● good ◐ poor ○ unsuitable").arg(text::noteName(wanted))
            : m_keys->partWords(static_cast<int>(own - keys->begin())));
    if (model)
        m_keysWords->setText(
            m_keysWords->text() + QLatin1Char('\n') +
            tr("Heard %1 cents from the calculation; keys and layout go by it.").arg(text::wholeCents(above.cents())));
}

void BlankPage::takeBlank(Blank blank)
{
    InstrumentSpec bare = blank.spec;
    bare.holes.clear();
    bare.fingerings.clear();
    if (const auto possible = Instrument::make(std::move(bare)); !possible) {
        Q_EMIT failed(text::sentence(possible.error(), m_unit));
        return refresh();
    }
    m_plan->setBlank(std::move(blank));
}

Status BlankPage::takeStationCell(Station& station, int column, const QString& typed) const
{
    enum Column { Place, Bore, Wall, Rough };
    if (column == Wall && typed.isEmpty()) {
        station.wall.reset();
        return Done{};
    }
    if (column == Rough) {
        bool number = true;
        station.roughness = typed.isEmpty() ? 1.0 : QLocale().toDouble(typed, &number);
        if (!number)
            return Error{ErrorCode::BadValue, typed.toStdString(), FactId::RoughnessNumber};
        return Done{};
    }
    const auto parsed = DOWEL_TRY(column == Bore ? boreFrom(typed, m_unit) : text::parseLength(typed, m_unit));
    switch (column) {
    case Place: station.at = parsed; break;
    case Bore: station.diameter = parsed; break;
    default: station.wall = parsed; break;
    }
    return Done{};
}

void BlankPage::takeStations(int row, int column)
{
    if (m_filling)
        return;
    Blank b = m_plan->blank();
    if (const auto taken =
            takeStationCell(b.spec.bore[static_cast<std::size_t>(row)], column, m_stations->item(row, column)->text().trimmed());
        !taken) {
        Q_EMIT failed(text::sentence(taken.error(), m_unit));
        return refresh();
    }
    takeBlank(std::move(b));
}

void BlankPage::removeStation()
{
    Blank b = m_plan->blank();
    const int row = m_stations->currentRow();
    if (row <= 0 || row >= static_cast<int>(b.spec.bore.size()))
        return; // the first stands at the mouth
    b.spec.bore.erase(b.spec.bore.begin() + row);
    takeBlank(std::move(b));
}

void BlankPage::pasteStations()
{
    const auto rows = text::parseTable(QApplication::clipboard()->text(), m_unit, 2);
    if (!rows)
        return Q_EMIT failed(text::sentence(rows.error(), m_unit));
    Blank b = m_plan->blank();
    b.spec.bore.clear();
    for (const auto& cells : *rows) {
        Station s{cells[0], cells[1]};
        if (cells.size() > 2)
            s.wall = cells[2];
        b.spec.bore.push_back(s);
    }
    std::sort(b.spec.bore.begin(), b.spec.bore.end(), [](const Station& x, const Station& y) { return x.at < y.at; });
    takeBlank(std::move(b));
}

void BlankPage::takeNodes()
{
    if (m_filling)
        return;
    Blank b = m_plan->blank();
    b.spec.nodes.clear();
    for (QString word : m_nodes->text().split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        word = word.trimmed();
        const QString keptWord = tr(" kept").trimmed();
        const bool kept = word.endsWith(keptWord, Qt::CaseInsensitive);
        if (kept)
            word.chop(keptWord.size());
        const bool above = word.startsWith(QLatin1Char('-'));
        const auto at = text::parseLength(above ? word.mid(1) : word, m_unit);
        if (!at) {
            Q_EMIT failed(text::sentence(at.error(), m_unit));
            return refresh();
        }
        b.spec.nodes.push_back({above ? *at * -1.0 : *at, kept});
    }
    if (b.spec.nodes == m_plan->blank().spec.nodes)
        return;
    if (auto* t = std::get_if<Transverse>(&b.spec.excitation)) // the node that stays closes the tube
        t->stopper = keptNodeAbove(b.spec).value_or(t->stopper);
    takeBlank(std::move(b));
}

void BlankPage::takeMouthShape(double v)
{
    if (m_filling)
        return;
    Blank b = m_plan->blank();
    if (auto* d = std::get_if<Duct>(&b.spec.excitation))
        d->rampRunPerRise = v >= 90.0 ? 0.0 : 1.0 / std::tan(v * std::numbers::pi / 180.0);
    else if (auto* t = std::get_if<Transverse>(&b.spec.excitation))
        t->lipCover = v / 100.0;
    else
        std::get<ClosedTop>(b.spec.excitation).volume = CubicMetres::fromCubicMetres(v * 1e-6);
    takeBlank(std::move(b));
}

void BlankPage::takePipe(int index)
{
    if (index <= 0)
        return refresh();
    const PipeSize& p = pipeSizes()[static_cast<std::size_t>(index - 1)];
    Blank b = m_plan->blank();
    const Metres length = b.spec.bore.back().at;
    b.spec.bore = {{Metres{}, p.bore()}, {length, p.bore()}};
    b.spec.wall = p.wall;
    if (auto* d = std::get_if<Duct>(&b.spec.excitation)) {
        d->chimney = p.wall;
        d->windowWidth = std::min(d->windowWidth, p.bore() * 0.7);
    } else if (auto* t = std::get_if<Transverse>(&b.spec.excitation)) {
        t->chimney = p.wall;
        t->holeLength = std::min(t->holeLength, p.bore() * 0.7);
        t->holeWidth = std::min(t->holeWidth, p.bore() * 0.7);
    }
    m_plan->setBlank(std::move(b));
}

void BlankPage::takeJoints()
{
    if (m_filling)
        return;
    Blank b = m_plan->blank();
    const std::vector<Slide> before = b.spec.slides;
    b.spec.slides.clear();
    for (const QString& word : m_joints->text().split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const QStringList parts = word.split(QLatin1Char('+'));
        const auto at = text::parseLength(parts.front().trimmed(), m_unit);
        const auto out = parts.size() > 1 ? text::parseLength(parts.at(1).trimmed(), m_unit) : Result<Metres>(Metres{});
        if (!at || !out || parts.size() > 2) {
            Q_EMIT failed(text::sentence(!at    ? at.error()
                                         : !out ? out.error()
                                                : Error{ErrorCode::BadValue, word.toStdString(), {}},
                                         m_unit));
            return refresh();
        }
        const auto same = std::find_if(before.begin(), before.end(), [&](const Slide& s) {
            return std::abs((s.at - *at).millimetres()) < 0.05; // as it is shown
        });
        Slide joint = same == before.end() ? Slide{*at, *out, boreDiameterAt(b.spec.bore, *at) + b.spec.wall} : *same;
        joint.out = *out;
        b.spec.slides.push_back(joint);
    }
    std::sort(b.spec.slides.begin(), b.spec.slides.end(), [](const Slide& x, const Slide& y) { return x.at < y.at; });
    if (b.spec.slides != before)
        takeBlank(std::move(b));
}

void BlankPage::addStation()
{
    Blank b = m_plan->blank();
    auto& bore = b.spec.bore;
    // Half way down the longest stretch, where a measure is missed most.
    std::size_t widest = 1;
    for (std::size_t i = 1; i < bore.size(); ++i)
        if (bore[i].at - bore[i - 1].at > bore[widest].at - bore[widest - 1].at)
            widest = i;
    const Metres at = (bore[widest].at + bore[widest - 1].at) / 2.0;
    bore.insert(bore.begin() + static_cast<std::ptrdiff_t>(widest), Station{at, boreDiameterAt(bore, at)});
    m_plan->setBlank(std::move(b));
}

} // namespace dowel::app
