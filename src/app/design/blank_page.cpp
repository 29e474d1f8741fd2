// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/plan_pages.h"
#include "app/parts/form.h"
#include "app/parts/style.h"
#include "core/shop/pipes.h"
#include "text/errors.h"
#include "text/names.h"

#include <QAbstractItemView>
#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QRegularExpression>
#include <QTableWidget>
#include <array>
#include <cmath>
#include <numbers>

namespace dowel::app {

namespace {

struct Material
{
    const char* key;
    const char* name;
    const char* words;
};

// How holes are made there and what to mind: common practice, no source.
constexpr Material materials[] = {
    {"hardwood", QT_TRANSLATE_NOOP("dowel::app::BlankPage", "Hardwood"),
     QT_TRANSLATE_NOOP(
         "dowel::app::BlankPage",
         "Pilot, then brad point bits with a plug in the bore. Oil moves the pitch a little: listen again after it. Fine dust of "
         "some tropical woods sensitises skin and lungs: extraction and a mask; ask before exporting protected species.")},
    {"softwood", QT_TRANSLATE_NOOP("dowel::app::BlankPage", "Softwood"),
     QT_TRANSLATE_NOOP("dowel::app::BlankPage",
                       "Sharp bits, slow feed, a tight plug: fibres lift. The bore drinks; seal it with a finish "
                       "that is safe in the mouth when cured before the last listening.")},
    {"cane", QT_TRANSLATE_NOOP("dowel::app::BlankPage", "Bamboo or cane"),
     QT_TRANSLATE_NOOP("dowel::app::BlankPage",
                       "A turning bit tears out strands that crack later: burn the holes or enter with a knife "
                       "across the fibres. Burn outdoors or under extraction, with water at hand. Measure the bore "
                       "at several places, and find the node with a bent wire.")},
    {"plastic", QT_TRANSLATE_NOOP("dowel::app::BlankPage", "Plastic pipe"),
     QT_TRANSLATE_NOOP("dowel::app::BlankPage",
                       "Sold by a nominal size that is not its bore: measure. Drill slowly and deburr inside. Never "
                       "burn or overheat PVC: its fumes are poisonous.")},
    {"horn", QT_TRANSLATE_NOOP("dowel::app::BlankPage", "Horn"),
     QT_TRANSLATE_NOOP(
         "dowel::app::BlankPage",
         "Bore it out to a cone you can measure. It smells and its dust is harmful: work wet or under extraction.")},
    {"vegetable", QT_TRANSLATE_NOOP("dowel::app::BlankPage", "Vegetable, for a class"),
     QT_TRANSLATE_NOOP(
         "dowel::app::BlankPage",
         "Fresh and firm, drilled on the same day; it shrinks within hours. A clean drill, washed hands, one player each.")}};

QString why(const KeyServed& k)
{
    return k.why == "narrow" ? BlankPage::tr("too narrow for its length: the low notes break")
                             : BlankPage::tr("too wide for its length: the upper register comes hard");
}

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
      m_sold(form::box(this, "blankSoldAs", tr("Tube sold as"))),
      m_stations(form::table(this, "blankStations", tr("Bore, station by station"), {tr("place"), tr("bore")}, 28)),
      m_wall(new LengthField(QStringLiteral("blankWall"), tr("Wall thickness"), this)),
      m_slide(new QCheckBox(tr("Joint or slide"), this)),
      m_slideAt(new LengthField(QStringLiteral("blankSlideAt"), tr("Joint, from the mouth"), this)),
      m_slideOut(new LengthField(QStringLiteral("blankSlideOut"), tr("Joint, pulled out by"), this)),
      m_material(form::box(this, "blankMaterial", tr("Material"))),
      m_materialWords(form::words(this, "blankMaterialWords", true)),
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
    for (const Material& m : materials)
        m_material->addItem(tr(m.name), QLatin1String(m.key));
    m_sold->addItem(tr("measured, no nominal size"));
    for (const PipeSize& p : pipeSizes())
        m_sold->addItem((p.copper ? tr("%1 in. copper tube, type M") : tr("%1 in. pipe, schedule 40"))
                            .arg(QString::fromStdString(p.nominal)));
    for (QComboBox* b : {m_family, m_sold}) { // read at a glance, so whole
        b->setMinimumContentsLength(0);
        b->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    }
    m_slide->setObjectName(QStringLiteral("blankSlide"));
    m_slide->setAccessibleName(m_slide->text());
    const char* mouths[] = {"blankMouth0", "blankMouth1", "blankMouth2", "blankMouth3"};
    for (int i = 0; i < 4; ++i) {
        m_mouth[i] = new LengthField(QLatin1String(mouths[i]), tr("Mouth"), this);
        m_mouthWords[i] = new QLabel(this);
    }
}

QFormLayout* BlankPage::makeForm()
{
    auto* form = new QFormLayout;
    form->setHorizontalSpacing(2 * Style::grid);
    form->setVerticalSpacing(Style::grid);
    form->addRow(tr("Family"), m_family);
    form->addRow(tr("Sold as"), m_sold);
    form->addRow(tr("Wall"), m_wall);
    for (int i = 0; i < 4; ++i)
        form->addRow(m_mouthWords[i], m_mouth[i]);
    auto* joint = new QHBoxLayout;
    joint->setSpacing(Style::grid);
    joint->addWidget(new QLabel(tr("at"), this));
    joint->addWidget(m_slideAt);
    joint->addWidget(new QLabel(tr("out"), this));
    joint->addWidget(m_slideOut);
    joint->addStretch(1);
    form->addRow(m_slide, joint);
    form->addRow(tr("Material"), m_material);
    form->addRow(m_materialWords);
    return form;
}

void BlankPage::arrange()
{
    auto* more = form::button(this, "blankAddStation", tr("Add a &station"));
    connect(more, &QPushButton::clicked, this, &BlankPage::addStation);
    auto* left = new QVBoxLayout;
    left->addLayout(makeForm());
    left->addStretch(1);
    auto* middle = new QVBoxLayout;
    auto* boreWords = form::words(this, "blankBoreWords");
    boreWords->setText(
        tr("The bore as it is, from the mouth to the foot: by calipers, plug gauge, or a bent wire where no rule goes. Leave the "
           "foot long. Out of round: type both diameters, 12.9 x 13.1."));
    middle->addWidget(boreWords);
    middle->addWidget(m_stations);
    middle->addWidget(more, 0, Qt::AlignLeft);
    middle->addStretch(1);
    auto* right = new QVBoxLayout;
    auto* head = new QLabel(tr("What this tube serves for"), this);
    head->setFont(Style::head());
    head->setWordWrap(true);
    right->addWidget(head);
    right->addWidget(m_checks);
    right->addStretch(1);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, 2 * Style::grid, 2 * Style::grid, Style::grid);
    columns->setSpacing(4 * Style::grid);
    columns->addLayout(left, 11);
    columns->addLayout(middle, 8);
    columns->addLayout(right, 9);
}

void BlankPage::takeMouth(int measure, Metres v)
{
    Blank b = m_plan->blank();
    if (auto* d = std::get_if<Duct>(&b.spec.excitation)) {
        *std::array{&d->windowWidth, &d->windowLength, &d->chimney, &d->upstream}[static_cast<std::size_t>(measure)] = v;
    } else if (auto* t = std::get_if<Transverse>(&b.spec.excitation)) {
        *std::array{&t->holeLength, &t->holeWidth, &t->chimney, &t->stopper}[static_cast<std::size_t>(measure)] = v;
    } else { // a mouthpiece's volume, typed as the length of bore that holds it
        const double bore = b.spec.bore.front().diameter.metres();
        std::get<ClosedTop>(b.spec.excitation).volume =
            CubicMetres::fromCubicMetres(v.metres() * std::numbers::pi / 4.0 * bore * bore);
    }
    m_plan->setBlank(std::move(b));
}

void BlankPage::bind()
{
    connect(m_family, &QComboBox::activated, this,
            [this] { m_plan->begin(static_cast<Family>(m_family->currentData().toInt())); });
    connect(m_material, &QComboBox::activated, this,
            [this] { m_plan->setMaterial(m_material->currentData().toString().toStdString()); });
    connect(m_sold, &QComboBox::activated, this, &BlankPage::takePipe);
    connect(m_slide, &QCheckBox::clicked, this, &BlankPage::takeSlide);
    connect(m_slideAt, &LengthField::lengthChanged, this, &BlankPage::takeSlide);
    connect(m_slideOut, &LengthField::lengthChanged, this, &BlankPage::takeSlide);
    connect(m_wall, &LengthField::lengthChanged, this, [this](Metres wall) {
        Blank b = m_plan->blank();
        b.spec.wall = wall;
        m_plan->setBlank(std::move(b));
    });
    for (int i = 0; i < 4; ++i)
        connect(m_mouth[i], &LengthField::lengthChanged, this, [this, i](Metres v) { takeMouth(i, v); });
    for (LengthField* f : {m_wall, m_mouth[0], m_mouth[1], m_mouth[2], m_mouth[3], m_slideAt, m_slideOut})
        connect(f, &LengthField::refused, this, &BlankPage::failed);
    connect(m_stations, &QTableWidget::cellChanged, this, &BlankPage::takeStations);
    connect(m_plan, &Plan::changed, this, &BlankPage::refresh);
}

void BlankPage::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    for (LengthField* f : {m_wall, m_mouth[0], m_mouth[1], m_mouth[2], m_mouth[3], m_slideAt, m_slideOut})
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
    if (const auto* d = std::get_if<Duct>(&e)) {
        set(0, tr("Window, across"), d->windowWidth);
        set(1, tr("Window, along"), d->windowLength);
        set(2, tr("Wall at the window"), d->chimney);
        set(3, tr("Bore above the window"), d->upstream);
    } else if (const auto* t = std::get_if<Transverse>(&e)) {
        set(0, tr("Embouchure hole, along"), t->holeLength);
        set(1, tr("Embouchure hole, across"), t->holeWidth);
        set(2, tr("Its chimney"), t->chimney);
        set(3, tr("Hole to stopper"), t->stopper);
    } else {
        const auto& bore = m_plan->blank().spec.bore.front().diameter;
        const double area = std::numbers::pi / 4.0 * bore.metres() * bore.metres();
        set(0, tr("Mouthpiece, as length of bore"), Metres::fromMetres(std::get<ClosedTop>(e).volume.cubicMetres() / area));
        for (int i = 1; i < 4; ++i)
            set(i, QString(), {}, false);
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
    const bool jointed = !spec.slides.empty();
    m_slide->setChecked(jointed);
    m_slideAt->setEnabled(jointed);
    m_slideOut->setEnabled(jointed);
    m_slideAt->setLength(jointed ? spec.slides.front().at : spec.bore.back().at * 0.2);
    m_slideOut->setLength(jointed ? spec.slides.front().out : Metres{});
    m_stations->setRowCount(static_cast<int>(spec.bore.size()));
    for (int row = 0; row < m_stations->rowCount(); ++row) {
        const Station& s = spec.bore[static_cast<std::size_t>(row)];
        for (const auto& [column, v] : {std::pair{0, s.at}, {1, s.diameter}}) {
            auto* item = new QTableWidgetItem(text::length(v, m_unit));
            item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            if (row == 0 && column == 0)
                item->setFlags(item->flags() & ~Qt::ItemIsEditable);
            m_stations->setItem(row, column, item);
        }
    }
    // As tall as its lines, so that what adds one stands under the last.
    m_stations->setFixedHeight(std::min(400, 36 + 28 * m_stations->rowCount()));
    m_filling = false;

    const auto keys = keysServed(m_plan->blank());
    if (!keys) {
        m_checks->setText(text::sentence(keys.error()));
        return;
    }
    QStringList well;
    QStringList lines;
    for (const KeyServed& k : *keys)
        if (k.serves == Serves::Well)
            well << tr("%1 (tube about %2)")
                        .arg(text::noteName(k.lowest),
                             text::length(Metres::fromMillimetres(std::round(k.length.millimetres())), m_unit));
    if (m_sold->currentIndex() > 0)
        lines << tr("The bore stands as the size tables have it. What is sold differs: measure it and type it before a hole is "
                    "laid out.");
    lines << (well.isEmpty() ? tr("No lowest note suits this bore and length well.")
                             : tr("Well: %1.").arg(well.join(QStringLiteral(", "))));
    for (const Serves grade : {Serves::Poorly, Serves::Not}) {
        QStringList notes;
        QString reason;
        for (const KeyServed& k : *keys)
            if (k.serves == grade) {
                notes << text::noteName(k.lowest);
                reason = why(k);
            }
        if (!notes.isEmpty())
            lines << (grade == Serves::Poorly ? tr("Poorly: %1; %2.") : tr("Better not: %1; %2."))
                         .arg(notes.join(QStringLiteral(", ")), reason);
    }
    if (spec.wall.millimetres() < 1.5)
        lines << tr("The wall is too thin to undercut holes: octaves will have to be mended by other means.");
    const double low = spec.fingerings.empty() ? 0.0 : spec.fingerings.front().target.hertz();
    if (low > 0.0 && spec.bore.front().diameter.metres() < 0.02 * 345.0 / low / 2.0)
        lines << tr("For %1 this bore is very narrow.").arg(text::noteName(spec.fingerings.front().id.text));
    m_checks->setText(lines.join(QStringLiteral("\n\n")));
}

void BlankPage::takeStations(int row, int column)
{
    if (m_filling)
        return;
    const auto parsed = column == 0 ? text::parseLength(m_stations->item(row, column)->text(), m_unit)
                                    : boreFrom(m_stations->item(row, column)->text(), m_unit);
    Blank b = m_plan->blank();
    if (!parsed) {
        Q_EMIT failed(text::sentence(parsed.error()));
    } else {
        Station& s = b.spec.bore[static_cast<std::size_t>(row)];
        (column == 0 ? s.at : s.diameter) = *parsed;
        InstrumentSpec bare = b.spec;
        bare.holes.clear();
        bare.fingerings.clear();
        if (const auto possible = Instrument::make(std::move(bare)); !possible)
            Q_EMIT failed(text::sentence(possible.error()));
        else
            return m_plan->setBlank(std::move(b));
    }
    refresh();
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

void BlankPage::takeSlide()
{
    Blank b = m_plan->blank();
    b.spec.slides.clear();
    if (m_slide->isChecked()) {
        const Metres at = m_slideAt->length();
        b.spec.slides.push_back({at, m_slideOut->length(), boreDiameterAt(b.spec.bore, at) + b.spec.wall});
    }
    InstrumentSpec bare = b.spec;
    bare.holes.clear();
    bare.fingerings.clear();
    if (const auto possible = Instrument::make(std::move(bare)); !possible) {
        Q_EMIT failed(text::sentence(possible.error()));
        return refresh();
    }
    m_plan->setBlank(std::move(b));
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
