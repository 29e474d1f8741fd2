// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/as_built_card.h"
#include "app/design/plan_pages.h"
#include "app/parts/form.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "core/layout/template_sheet.h"
#include "core/shop/bits.h"
#include "draw/template_files.h"
#include "io/json_reader.h"
#include "io/whole_file.h"
#include "text/errors.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QStackedWidget>
#include <QStyledItemDelegate>
#include <QTableWidget>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

/// Lines of a list as high as all their words need: a style sheet's padding is forgotten where a height is asked for, and a
/// caution must not end in three dots.
class WholeWords : public QStyledItemDelegate
{
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const QSize usual = QStyledItemDelegate::sizeHint(option, index);
        const auto* list = qobject_cast<const QListView*>(option.widget);
        if (list == nullptr)
            return usual;
        constexpr int padded = 9; // above and below, with the line
        constexpr int beside = 26;
        const int box = list->style()->pixelMetric(QStyle::PM_IndicatorWidth, nullptr, list);
        const QRect room(0, 0, list->viewport()->width() - box - Style::scaled(beside), 10000);
        const QRect words = list->fontMetrics().boundingRect(room, Qt::TextWordWrap, index.data().toString());
        return {usual.width(), std::max(usual.height(), words.height() + Style::scaled(padded))};
    }
};

} // namespace

DrillPage::DrillPage(Plan& plan, Questions& questions, QWidget* parent)
    : QWidget(parent),
      m_plan(&plan),
      m_questions(&questions),
      m_faces{form::button(this, "drillWorkFace", tr("The order of &work")),
              form::button(this, "drillThereFace", tr("What is t&here"))},
      m_stack(new QStackedWidget(this)),
      m_asBuilt(new AsBuiltCard(plan, m_stack)),
      m_steps(new QListWidget(this)),
      m_inches(form::table(this, "drillInches", tr("Places in parts of an inch"),
                           {tr("hole"), tr("from the foot"), tr("in inches"), tr("off by")})),
      m_trim(form::table(this, "drillTrim", tr("The lowest note while the foot is cut"),
                         {tr("tube"), tr("no holes yet"), tr("holes drilled")})),
      m_trimWords(form::words(this, "drillTrimWords")),
      m_parts(form::box(this, "drillParts", tr("Parts of an inch"))),
      m_make(form::button(this, "drillMake", tr("It is drilled so: on to &listening"), true)),
      m_words(form::words(this, "drillWords"))
{
    setObjectName(QStringLiteral("drillPage"));
    m_steps->setObjectName(QStringLiteral("drillSteps"));
    m_steps->setAccessibleName(tr("Order of work"));
    m_steps->setWordWrap(true);
    m_steps->setResizeMode(QListView::Adjust); // a scroll bar takes room
    m_steps->setItemDelegate(new WholeWords(m_steps));
    m_steps->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_parts->addItem(tr("sixteenths"), 16);
    m_parts->addItem(tr("thirty-seconds"), 32);
    m_parts->addItem(tr("sixty-fourths"), 64);
    m_parts->setCurrentIndex(1);
    m_parts->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    auto* faces = new QHBoxLayout;
    faces->setSpacing(0);
    for (QPushButton* b : m_faces) {
        b->setProperty("face", true);
        b->setCheckable(true);
        b->setAutoExclusive(true);
        faces->addWidget(b);
    }
    faces->addStretch(1);
    m_stack->addWidget(makeWork());
    m_stack->addWidget(m_asBuilt);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(3 * Style::grid, Style::grid, 2 * Style::grid, 2 * Style::grid);
    column->setSpacing(Style::grid);
    column->addLayout(faces);
    column->addWidget(m_stack, 1);
    bind();
    m_faces[0]->setChecked(true);
    refresh();
}

QWidget* DrillPage::makeWork()
{
    auto* work = new QWidget(m_stack);
    auto* files = new QHBoxLayout;
    files->addWidget(new QLabel(tr("Full-size template:"), this));
    const std::pair<const char*, QString> formats[] = {{"pdf", tr("&PDF…")}, {"svg", tr("S&VG…")}, {"dxf", tr("D&XF…")}};
    for (const auto& [format, words] : formats) {
        auto* b = form::button(this, (std::string("drillTemplate_") + format).c_str(), words);
        b->setAccessibleName(tr("Template as %1").arg(QString::fromLatin1(format).toUpper()));
        connect(b, &QPushButton::clicked, this, [this, f = QString::fromLatin1(format)] { writeTemplate(f); });
        files->addWidget(b);
        m_files << b;
    }
    files->addStretch(1);
    auto* left = new QVBoxLayout;
    left->addWidget(m_words);
    left->addWidget(m_steps, 1);
    auto* rounding = new QHBoxLayout;
    rounding->addWidget(new QLabel(tr("Marking by an inch rule, in"), this));
    rounding->addWidget(m_parts);
    rounding->addStretch(1);
    auto* right = new QVBoxLayout;
    right->setSpacing(Style::grid);
    right->addLayout(files);
    right->addLayout(rounding);
    right->addWidget(m_inches, 3);
    right->addWidget(m_trimWords);
    right->addWidget(m_trim, 2);
    right->addWidget(m_make);
    auto* columns = new QHBoxLayout(work);
    columns->setContentsMargins(0, 0, 0, 0);
    columns->setSpacing(4 * Style::grid);
    columns->addLayout(left, 1);
    columns->addLayout(right, 1);
    return work;
}

void DrillPage::bind()
{
    for (int face = 0; face < 2; ++face)
        connect(m_faces[face], &QPushButton::clicked, this, [this, face] { showFace(face); });
    connect(m_parts, &QComboBox::currentIndexChanged, this, &DrillPage::refresh);
    connect(m_make, &QPushButton::clicked, this, [this] {
        if (m_plan->layout())
            Q_EMIT built(Instrument(m_plan->layout()->start));
    });
    connect(m_asBuilt, &AsBuiltCard::builtAsked, this, [this] {
        const auto there = m_asBuilt->built();
        if (!there)
            Q_EMIT failed(text::sentence(there.error()));
        else
            Q_EMIT built(*there);
    });
    connect(m_asBuilt, &AsBuiltCard::failed, this, &DrillPage::failed);
    connect(m_asBuilt, &AsBuiltCard::changed, this, &DrillPage::typedChanged);
    connect(m_steps, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
        if (!m_filling)
            m_plan->tick(item->data(Qt::UserRole).toString().toStdString(), item->checkState() == Qt::Checked);
    });
    connect(m_plan, &Plan::changed, this, &DrillPage::refresh);
}

void DrillPage::showFace(int face)
{
    m_stack->setCurrentIndex(face);
    Q_EMIT typedChanged();
}

void DrillPage::setThere(const std::optional<Instrument>& there)
{
    m_asBuilt->setThere(there);
}

std::optional<Instrument> DrillPage::typed() const
{
    if (m_stack->currentWidget() != m_asBuilt)
        return std::nullopt;
    const auto there = m_asBuilt->built();
    return there ? std::optional(*there) : std::nullopt;
}

void DrillPage::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    m_asBuilt->setUnit(unit);
    refresh();
}

void DrillPage::showEvent(QShowEvent* event)
{
    refresh();
    QWidget::showEvent(event);
}

void DrillPage::refresh()
{
    if (!isVisible()) // a drag in Layout changes the plan many times a second
        return;
    const auto& layout = m_plan->layout();
    const bool ready = layout.has_value();
    m_make->setEnabled(ready);
    for (QPushButton* b : std::as_const(m_files))
        b->setEnabled(ready);
    m_steps->setVisible(ready);
    m_inches->setVisible(ready);
    m_trim->setVisible(ready);
    m_words->setText(ready ? tr("From the first mark to the last bit; tick off as you go.")
                           : tr("There is nothing to drill yet: lay the holes out first, or type under What is there what was "
                                "drilled by other means."));
    if (!ready)
        return;
    showSteps(*layout);
    const int parts = m_parts->currentData().toInt();
    std::vector<RoundedInch> inches;
    std::vector<Metres> off;
    for (const Hole& h : layout->start.spec().holes) {
        inches.push_back(roundedInch(layout->start.length() - h.at, parts));
        off.push_back(inches.back().off);
    }
    const bool slides = layout->goal.spec().foot == Foot::Closed && layout->start.spec().holes.empty();
    showTrimHead(layout->start.spec());
    if (slides)
        showMarks({}, layout->goal.spec().family == Family::Slide);
    else
        showInches(*layout, inches, {});
    struct Worked
    {
        std::vector<TrimStep> trim;
        std::vector<Cents> moved;
        std::vector<session::SlideMark> marks;
    };
    m_sums.runNewest(
        [layout = *layout, slides, off = std::move(off), length = m_plan->blank().spec.bore.back().at](const Cancel& cancel) {
            Worked w;
            if (const auto posterior = slides ? fit(Workbook(layout.goal)) : Result<Posterior>(Error{}))
                if (auto marks = session::slideMarks(*posterior, layout.goal, {}, {}))
                    w.marks = std::move(*marks);
            if (auto moved = movedByMarking(layout, off))
                w.moved = std::move(*moved);
            if (auto trim = trimPlan(layout, length, cancel))
                w.trim = std::move(*trim);
            return w;
        },
        [this, layout = *layout, slides, inches = std::move(inches)](const Worked& w) {
            if (slides)
                showMarks(w.marks, layout.goal.spec().family == Family::Slide);
            else
                showInches(layout, inches, w.moved);
            showTrim(w.trim);
        });
}

void DrillPage::showSteps(const dowel::Layout& layout)
{
    m_filling = true;
    m_steps->clear();
    const auto& start = layout.start;
    const auto& holes = start.spec().holes;
    const QString length = text::length(start.length(), m_unit);
    if (start.spec().foot == Foot::Open)
        addStep("saw", tr("Saw the tube to %1 and square the foot. Clamp the work; eye protection.").arg(length));
    else if (start.spec().family == Family::Slide)
        addStep(
            "saw",
            tr("Leave the tube longer than %1 by the slide's grip. Fit the slide: tight enough to hold and not to leak, greased; "
               "drawn out, its face stands %1 from the sounding edge.")
                .arg(length));
    else
        addStep("saw", boreWords(layout));
    if (holes.empty()) {
        addStep("mark", start.spec().family == Family::Slide
                            ? tr("Mark on the slide where its face stands for every note: the table beside has the places.")
                            : tr("Hear it, then bore on by what Dowel says, a little at a time: what is too deep only a plug "
                                 "brings back. The table beside says what each half millimetre does."));
        m_filling = false;
        return;
    }
    addStep("template",
            tr("Print the template without scaling, hold a rule against its ruler, wrap it with its edge on the foot; or draw "
               "one centre line and mark the places from the foot."));
    addStep("pilot", pilotWords());
    for (const Hole& h : holes)
        addStep(h.id.text, holeWords(h));
    for (const NearNode& n : holesNearNodes(start.spec().nodes, holes))
        addStep("node " + n.hole.text,
                tr("Bind the cane on both sides of %1 before it is opened: the node beside it splits.", "hole")
                    .arg(QString::fromStdString(n.hole.text)));
    addStep("burrs",
            tr("Take the burrs off inside and out, cutting away from yourself, and blow the bore clean: mask and extraction."));
    const Metres left = start.length() - layout.goal.length();
    constexpr double worthSaying_mm = 0.05;
    if (left.millimetres() > worthSaying_mm && start.spec().foot == Foot::Open)
        addStep("foot",
                tr("Leave the foot: %1 are kept for when the holes are heard. The lowest note at each length stands beside.")
                    .arg(text::length(left, m_unit)));
    m_filling = false;
}

// A stopped pipe starts too short: common practice, no source.
QString DrillPage::boreWords(const dowel::Layout& layout) const
{
    const QString depth = text::length(layout.start.length(), m_unit);
    const Metres kept =
        Metres::fromMillimetres(std::round((layout.goal.length() - layout.start.length()).millimetres() * 10.0) / 10.0);
    if (m_plan->material() == "cane" || m_plan->material() == "plastic")
        return tr("Close the foot with a stop whose face stands %1 from the sounding edge: it sounds high on purpose, and the "
                  "stop "
                  "is drawn out by what is heard. Cut away from yourself.")
            .arg(depth);
    return tr("Bore it %1 deep from the sounding edge, with a stop on the bit: it starts %2 too short on purpose. Leave wood "
              "below "
              "for that and for the floor. Clamp it, no gloves; draw the bit out often.")
        .arg(depth, text::length(kept, m_unit));
}

// What each material asks for at the hole: common practice, no source.
QString DrillPage::pilotWords() const
{
    const std::string& material = m_plan->material();
    if (material == "cane")
        return tr(
            "Prick the centres and enter with a hot wire or the point of a knife, across the fibres: a turning bit tears strands "
            "out that crack later. Burn outdoors or under extraction, with water at hand.");
    if (material == "vegetable")
        return tr("Mark the centres with the template; nothing is drilled beforehand.");
    if (material == "plastic")
        return tr("Push a wooden mandrel into the pipe, prick the centres and drill pilots of 2 mm, slowly: warm plastic grabs "
                  "the bit, "
                  "and hot PVC gives off poison. No gloves or loose sleeves near the drill.");
    return tr("Prick the centres and drill pilots of 2 mm, pointed at the middle of the bore. No gloves or loose sleeves "
              "near the drill.");
}

QString DrillPage::holeWords(const Hole& hole) const
{
    const QString name = QString::fromStdString(hole.id.text);
    const QString size = text::length(hole.diameter, m_unit);
    const std::string& material = m_plan->material();
    if (material == "cane")
        return tr("%1: burn or cut it to %2, from the pilot outwards, the knife across the fibres and away from your hand. No "
                  "further: "
                  "the rest is for tuning.")
            .arg(name, size);
    if (material == "vegetable")
        return tr("%1: a cork borer of %2 or less, with a twist, onto a board and never towards a hand; children with somebody "
                  "beside "
                  "them. No further: the rest is for tuning.")
            .arg(name, size);
    const bool inches = m_unit == text::LengthUnit::Inches;
    QStringList bits;
    if (const auto ladder = ladderTo(hole.diameter, inches ? allBitSeries : std::vector{BitSeries::Metric})) {
        for (const Metres first : ladder->first)
            bits << text::length(first, m_unit);
        bits << (inches ? QString::fromStdString(ladder->last.name) : text::length(ladder->last.diameter, m_unit));
    }
    const QString ladder = bits.join(tr(", then "));
    if (material == "plastic")
        return tr("%1: on the mandrel, bits %2, or a step drill as far as that. No further: the rest is for tuning.")
            .arg(name, ladder);
    if (material.empty() || material == "hardwood" || material == "softwood") // hardwood is what the page shows first
        return tr("%1: brad point bits %2, over a plug in the bore. No further: the rest is for tuning.").arg(name, ladder);
    return tr("%1: bits %2. No further: the rest is for tuning.").arg(name, ladder);
}

void DrillPage::showMarks(const std::vector<session::SlideMark>& marks, bool slide)
{
    m_inches->setHorizontalHeaderLabels({tr("note"), slide ? tr("slide from the edge") : tr("depth of its own pipe"),
                                         slide ? tr("from its longest") : tr("less than this one"), tr("give or take")});
    m_inches->setRowCount(static_cast<int>(marks.size()));
    const auto tenths = [this](Metres m) {
        return text::length(Metres::fromMillimetres(std::round(m.millimetres() * 10.0) / 10.0), m_unit);
    };
    for (int row = 0; row < m_inches->rowCount(); ++row) {
        const session::SlideMark& m = marks[static_cast<std::size_t>(row)];
        form::row(m_inches, row, {text::noteName(m.note), tenths(m.slide), tenths(marks.front().slide - m.slide), tenths(m.sd)});
    }
}

void DrillPage::showTrimHead(const InstrumentSpec& start)
{
    const bool slide = start.family == Family::Slide && start.foot == Foot::Closed;
    const bool deepens = isBoredDeeper(start);
    m_trimWords->setVisible(!slide);
    m_trim->setVisible(!slide);
    m_trimWords->setText(deepens ? tr("The lowest note as it is bored deeper, cents off its target:")
                                 : tr("The lowest note as the foot is cut, cents off its target:"));
    m_trim->setColumnHidden(2, start.holes.empty());
    m_trim->setHorizontalHeaderLabels({deepens ? tr("depth") : tr("tube"), tr("no holes yet"), tr("holes drilled")});
}

void DrillPage::showTrim(const std::vector<TrimStep>& trim)
{
    m_trim->setRowCount(static_cast<int>(trim.size()));
    for (int row = 0; row < m_trim->rowCount(); ++row) {
        const TrimStep& s = trim[static_cast<std::size_t>(row)];
        form::row(m_trim, row,
                  {text::length(Metres::fromMillimetres(std::round(s.length.millimetres() * 10.0) / 10.0), m_unit),
                   text::wholeCents(s.undrilled_cents), text::wholeCents(s.drilled_cents)});
    }
    m_trim->scrollToBottom(); // where it is nearly done
}

void DrillPage::showInches(const dowel::Layout& layout, const std::vector<RoundedInch>& inches, const std::vector<Cents>& moved)
{
    const auto& holes = layout.start.spec().holes;
    m_inches->setHorizontalHeaderLabels({tr("hole"), tr("from the foot"), tr("in inches"), tr("off by")});
    m_inches->setRowCount(static_cast<int>(holes.size()));
    for (std::size_t i = 0; i < holes.size(); ++i) {
        const Metres fromFoot = layout.start.length() - holes[i].at;
        form::row(m_inches, static_cast<int>(i),
                  {QString::fromStdString(holes[i].id.text),
                   text::length(Metres::fromMillimetres(std::round(fromFoot.millimetres() * 10.0) / 10.0),
                                text::LengthUnit::Millimetres),
                   QString::fromStdString(inches[i].text),
                   i < moved.size() ? tr("%1 cents").arg(text::cents(std::round(moved[i].cents() * 10.0) / 10.0)) : QString()});
    }
}

void DrillPage::addStep(const std::string& step, const QString& words)
{
    auto* item = new QListWidgetItem(tr("%1.  %2").arg(m_steps->count() + 1).arg(words), m_steps);
    item->setData(Qt::UserRole, QString::fromStdString(step));
    item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsUserCheckable | Qt::ItemIsSelectable);
    const auto& done = m_plan->done();
    const bool ticked = std::any_of(done.begin(), done.end(), [&](const io::StepDone& d) { return d.step == step; });
    item->setCheckState(ticked ? Qt::Checked : Qt::Unchecked);
}

void DrillPage::writeTemplate(const QString& format)
{
    const auto& layout = m_plan->layout();
    if (!layout)
        return;
    const QString path =
        m_questions->fileToWrite(this, tr("Template"), QStringLiteral("template.") + format, QStringLiteral("*.") + format);
    if (path.isEmpty())
        return;
    m_jobs.run(
        [path = path.toStdString(), format, start = layout->start, goal = layout->goal](const Cancel&) -> Status {
            const TemplateSheet sheet = session::sheetOf(start, goal);
            const std::string& title = goal.spec().name;
            if (format == QLatin1String("pdf")) {
                const auto pdf = draw::templatePdf(sheet, title, draw::paperHere());
                return pdf ? io::writeFileWhole(path, *pdf) : Status(pdf.error());
            }
            return io::writeFileWhole(path, format == QLatin1String("svg") ? draw::templateSvg(sheet, title)
                                                                           : draw::templateDxf(sheet));
        },
        [this, path](const Status& done) {
            if (!done)
                Q_EMIT failed(text::sentence(done.error()));
            else
                Q_EMIT told(tr("Written to %1.").arg(path));
        });
}

} // namespace dowel::app
