// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/as_built_card.h"
#include "app/design/plan_pages.h"
#include "app/parts/form.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "core/forecast/forecast.h"
#include "core/layout/template_sheet.h"
#include "core/shop/bits.h"
#include "draw/template_files.h"
#include "io/json_reader.h"
#include "io/whole_file.h"
#include "report/report.h"
#include "text/errors.h"
#include "text/names.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
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
      m_faces{form::button(this, "drillWorkFace", tr("Order of &work")), form::button(this, "drillThereFace", tr("As &built"))},
      m_stack(new QStackedWidget(this)),
      m_asBuilt(new AsBuiltCard(plan, m_stack)),
      m_steps(new QListWidget(this)),
      m_inches(form::table(this, "drillInches", tr("Positions in fractions of an inch"),
                           {tr("hole"), tr("from the foot"), tr("on the rule"), tr("error")})),
      m_trim(form::table(this, "drillTrim", tr("Lowest note as the foot is cut"),
                         {tr("tube"), tr("no holes yet"), tr("holes drilled")})),
      m_trimWords(form::words(this, "drillTrimWords")),
      m_marksWords(form::words(this, "drillMarksWords")),
      m_parts(form::box(this, "drillParts", tr("Fractions"))),
      m_from(form::box(this, "drillFrom", tr("Where positions are measured from"))),
      m_make(form::button(this, "drillMake", tr("Holes drilled: go to &Listen"), true)),
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
    for (const Origin origin : {Origin::Foot, Origin::Edge, Origin::Top})
        m_from->addItem(text::originName(origin, plan.blank().spec), static_cast<int>(origin));
    m_from->setSizeAdjustPolicy(QComboBox::AdjustToContents);
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
    auto* sheet = form::button(this, "drillBenchSheet", tr("Save &bench sheet…"));
    sheet->setToolTip(tr("Saves the order of work with boxes to tick, and the full-size template, as PDF."));
    connect(sheet, &QPushButton::clicked, this, [this] { writeBenchSheet(false); });
    auto* ofClass = form::button(this, "drillClassSheet", tr("Save &class sheet…"));
    ofClass->setToolTip(tr("Saves the order of work on one page with the adult's steps marked, and the template, as PDF."));
    connect(ofClass, &QPushButton::clicked, this, [this] { writeBenchSheet(true); });
    m_files << sheet << ofClass;
    auto* left = new QVBoxLayout;
    left->setSpacing(Style::grid);
    auto* above = new QHBoxLayout;
    above->addWidget(sheet);
    above->addWidget(ofClass);
    above->addStretch(1);
    left->addLayout(above);
    left->addWidget(m_words);
    left->addWidget(m_steps, 1);
    left->addLayout(makeStepButtons());
    auto* rounding = new QHBoxLayout;
    rounding->addWidget(new QLabel(tr("Inch rule in"), this));
    rounding->addWidget(m_parts);
    rounding->addWidget(m_from);
    rounding->addStretch(1);
    auto* right = new QVBoxLayout;
    right->setSpacing(Style::grid);
    right->addLayout(files);
    right->addLayout(rounding);
    right->addWidget(m_inches, 5);
    right->addWidget(m_marksWords);
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

QHBoxLayout* DrillPage::makeStepButtons()
{
    auto* row = new QHBoxLayout;
    row->setSpacing(Style::grid);
    const auto add = [&](const char* name, const QString& words, const QString& tip, auto what) {
        auto* b = form::button(this, name, words);
        b->setToolTip(tip);
        connect(b, &QPushButton::clicked, this, what);
        row->addWidget(b);
        m_files << b; // usable where there are steps
        return b;
    };
    const QString kept = tr("Kept as this shop's way with this family and material.");
    add("drillAddStep", tr("&Add step…"), kept, [this] { addOwnStep(); });
    add("drillEarlier", tr("&Earlier"), kept, [this] { moveStep(-1); });
    add("drillLater", tr("La&ter"), kept, [this] { moveStep(1); });
    add("drillLeaveOut", tr("Lea&ve out"), kept, [this] { leaveStepOut(); });
    m_swap = add("drillSwap", tr("S&wap"), tr("Does this step before or after the ones that it can change places with."),
                 [this] { swapStep(); });
    m_usual = add("drillUsual", tr("&Reset"), tr("Restores the usual order of work."), [this] { keepWay({}); });
    row->addStretch(1);
    return row;
}

QString DrillPage::wayKey() const
{
    return QStringLiteral("orderOfWork/%1/%2")
        .arg(QString::fromStdString(std::string(familyName(m_plan->blank().spec.family))),
             QString::fromStdString(m_plan->material()));
}

text::WorkWay DrillPage::way() const
{
    return text::wayFromText(QSettings().value(wayKey()).toString());
}

void DrillPage::keepWay(const text::WorkWay& way)
{
    if (way.isUsual())
        QSettings().remove(wayKey());
    else
        QSettings().setValue(wayKey(), text::wayText(way));
    if (m_plan->layout())
        showSteps(*m_plan->layout());
}

void DrillPage::addOwnStep()
{
    bool wanted = false;
    const QString words =
        QInputDialog::getText(this, tr("Own step"), tr("Description:"), QLineEdit::Normal, QString(), &wanted).trimmed();
    const int row = m_steps->currentRow();
    constexpr int longest = 300;
    if (!wanted || words.isEmpty())
        return;
    const auto after = row < 0 ? m_shown.size() : static_cast<std::size_t>(row);
    keepWay(text::added(way(), m_shown, after, words.left(longest)));
    m_steps->setCurrentRow(row < 0 ? m_steps->count() - 1 : row + 1);
}

void DrillPage::moveStep(int by)
{
    const int row = m_steps->currentRow();
    if (row < 0 || row + by < 0 || row + by >= m_steps->count())
        return;
    keepWay(text::moved(way(), m_shown, static_cast<std::size_t>(row), by));
    m_steps->setCurrentRow(row + by);
}

void DrillPage::swapStep()
{
    const int row = m_steps->currentRow();
    if (row < 0 || !text::canSwap(m_shown, static_cast<std::size_t>(row)))
        return;
    const std::string key = m_shown[static_cast<std::size_t>(row)].key;
    keepWay(text::swapped(way(), m_shown, static_cast<std::size_t>(row)));
    const auto there = std::find_if(m_shown.begin(), m_shown.end(), [&](const text::WorkStep& s) { return s.key == key; });
    m_steps->setCurrentRow(static_cast<int>(there - m_shown.begin()));
}

void DrillPage::leaveStepOut()
{
    const int row = m_steps->currentRow();
    if (row < 0)
        return;
    keepWay(text::without(way(), m_shown, static_cast<std::size_t>(row)));
    m_steps->setCurrentRow(std::min(row, m_steps->count() - 1));
}

void DrillPage::bind()
{
    for (int face = 0; face < 2; ++face)
        connect(m_faces[face], &QPushButton::clicked, this, [this, face] { showFace(face); });
    connect(m_parts, &QComboBox::currentIndexChanged, this, &DrillPage::refresh);
    connect(m_from, &QComboBox::activated, this,
            [this] { m_plan->setOrigin(static_cast<Origin>(m_from->currentData().toInt())); });
    connect(m_steps, &QListWidget::currentRowChanged, this,
            [this](int row) { m_swap->setEnabled(row >= 0 && text::canSwap(m_shown, static_cast<std::size_t>(row))); });
    connect(m_make, &QPushButton::clicked, this, [this] {
        if (m_plan->layout())
            Q_EMIT built(Instrument(m_plan->layout()->start));
    });
    connect(m_asBuilt, &AsBuiltCard::builtAsked, this, [this] {
        const auto there = m_asBuilt->built();
        if (!there)
            Q_EMIT failed(text::sentence(there.error(), m_unit));
        else
            Q_EMIT built(*there);
    });
    connect(m_asBuilt, &AsBuiltCard::failed, this, &DrillPage::failed);
    connect(m_asBuilt, &AsBuiltCard::changed, this, &DrillPage::typedChanged);
    connect(m_steps, &QListWidget::itemChanged, this, &DrillPage::tickStep);
    connect(m_plan, &Plan::changed, this, &DrillPage::refresh);
}

void DrillPage::tickStep(const QListWidgetItem* item)
{
    if (m_filling)
        return;
    const bool done = item->checkState() == Qt::Checked;
    m_plan->tick(item->data(Qt::UserRole).toString().toStdString(), done);
    // With Shift a sitting's work is ticked at once: whatever stands above was done before.
    if (!done || !QGuiApplication::keyboardModifiers().testFlag(Qt::ShiftModifier))
        return;
    for (int row = m_steps->row(item) - 1; row >= 0; --row)
        if (m_steps->item(row)->checkState() == Qt::Unchecked) {
            m_filling = true;
            m_steps->item(row)->setCheckState(Qt::Checked);
            m_filling = false;
            m_plan->tick(m_steps->item(row)->data(Qt::UserRole).toString().toStdString(), true);
        }
}

void DrillPage::showFace(int face)
{
    m_stack->setCurrentIndex(face);
    Q_EMIT typedChanged();
}

void DrillPage::setThere(const std::optional<Instrument>& there)
{
    m_there = there;
    m_asBuilt->setThere(there);
}

void DrillPage::setHeard(std::shared_ptr<const Forecaster> heard, const Instrument& on)
{
    if (heard == m_heard)
        return;
    m_heard = std::move(heard);
    m_heardOn = m_heard != nullptr ? std::optional(on) : std::nullopt;
    if (m_plan->layout() && m_plan->layout()->goal.spec().family == Family::Slide)
        refresh();
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
    m_make->setText(ready && layout->start.spec().holes.empty() ? tr("Built: go to &Listen")
                                                                : tr("Holes drilled: go to &Listen"));
    for (QPushButton* b : std::as_const(m_files))
        b->setEnabled(ready);
    m_steps->setVisible(ready);
    m_inches->setVisible(ready);
    m_trim->setVisible(ready);
    m_words->setText(ready ? tr("Tick off each step as you finish it; with Shift, all above it too.")
                           : tr("Nothing to drill yet. Lay out the holes first, or type existing holes under As built."));
    if (!ready)
        return;
    showSteps(*layout);
    for (int i = 0; i < m_from->count(); ++i) // another family is measured from another edge
        m_from->setItemText(i, text::originName(static_cast<Origin>(m_from->itemData(i).toInt()), layout->start.spec()));
    m_from->setCurrentIndex(m_from->findData(static_cast<int>(m_plan->origin())));
    const std::vector<RuleMarks> marks = ruleMarks(layout->start);
    MarkedRow beside;
    const double footwards = m_plan->origin() == Origin::Foot ? 1.0 : -1.0; // further from the top is nearer to the foot
    for (const RuleMarks& m : marks)
        if (m.hole)
            beside.holes.push_back({m.beside[0].off * footwards, m.beside[1].off * footwards});
        else if (m_plan->origin() == Origin::Foot)
            beside.tube = MarksBeside{m.beside[0].off, m.beside[1].off};
    const bool slides = layout->goal.spec().foot == Foot::Closed && layout->start.spec().holes.empty();
    showTrimHead(layout->start.spec());
    if (slides)
        showMarks({}, layout->goal.spec().family == Family::Slide);
    else
        showInches(*layout, marks, {});
    struct Worked
    {
        std::vector<TrimStep> trim;
        std::optional<Markings> markings;
        std::vector<session::SlideMark> marks;
    };
    m_sums.runNewest(
        [layout = *layout, slides, beside = std::move(beside), there = m_heardOn, heard = m_heard,
         length = m_plan->blank().spec.bore.back().at](const Cancel& cancel) {
            Worked w;
            if (slides) {
                const bool byEar = there.has_value();
                const auto posterior = byEar ? Result<Posterior>(heard->posterior()) : Posterior::prior(layout.goal);
                if (auto places = posterior ? session::slideMarks(*posterior, byEar ? *there : layout.goal, {}, {})
                                            : Result<std::vector<session::SlideMark>>(posterior.error()))
                    w.marks = std::move(*places);
            }
            if (auto markings = markingsFor(layout, beside))
                w.markings = std::move(*markings);
            if (auto trim = trimPlan(layout, length, cancel))
                w.trim = std::move(*trim);
            return w;
        },
        [this, layout = *layout, slides, marks](const Worked& w) {
            if (slides)
                showMarks(w.marks, layout.goal.spec().family == Family::Slide);
            else
                showInches(layout, marks, w.markings);
            showTrim(w.trim);
        });
}

void DrillPage::showSteps(const dowel::Layout& layout)
{
    m_filling = true;
    m_steps->clear();
    std::optional<text::WorkGroup> group;
    m_shown = stepsOf(layout);
    m_swap->setEnabled(false);
    m_usual->setEnabled(!way().isUsual());
    for (const text::WorkStep& step : m_shown) {
        QStringList lines;
        if (step.group != group)
            lines << text::groupName(step.group).toUpper();
        group = step.group;
        lines << tr("%1.  %2").arg(m_steps->count() + 1).arg(step.text);
        if (!step.tool.isEmpty())
            lines << tr("Tool: %1.").arg(step.tool);
        if (!step.check.isEmpty())
            lines << tr("Check: %1").arg(step.check);
        if (!step.caution.isEmpty())
            lines << tr("Caution: %1").arg(step.caution);
        if (!step.alternative.isEmpty())
            lines << tr("Either way: %1").arg(step.alternative);
        addStep(step.key, lines.join(QLatin1Char('\n')));
    }
    m_filling = false;
}

std::vector<text::WorkStep> DrillPage::stepsOf(const dowel::Layout& layout) const
{
    const auto said = [this](const Instrument& shape) {
        InstrumentSpec spec = shape.spec();
        spec.material = m_plan->material();
        auto made = Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet);
        return made ? std::move(*made) : shape;
    };
    const Instrument start = said(layout.start);
    return text::inTheShopsWay(text::orderOfWork({&start, &layout.goal, m_plan->drawer(), m_unit}), way());
}

SheetWishes DrillPage::sheetWishes() const
{
    return {.origin = m_plan->origin(), .inchRuler = m_unit == text::LengthUnit::Inches};
}

void DrillPage::writeBenchSheet(bool forClass)
{
    const auto& layout = m_plan->layout();
    if (!layout)
        return;
    const QString path = m_questions->fileToWrite(
        this, forClass ? tr("Class sheet") : tr("Bench sheet"),
        forClass ? QStringLiteral("class-sheet.pdf") : QStringLiteral("bench-sheet.pdf"), QStringLiteral("*.pdf"));
    if (path.isEmpty())
        return;
    m_jobs.run(
        [path = path.toStdString(), start = layout->start, goal = layout->goal, steps = stepsOf(*layout), unit = m_unit,
         wishes = sheetWishes(), forClass](const Cancel&) -> Status {
            const auto pdf =
                report::benchSheet({start, session::sheetsOf(start, goal, wishes), steps, unit, forClass}, draw::paperHere());
            return pdf ? io::writeFileWhole(path, *pdf) : Status(pdf.error());
        },
        [this, path](const Status& done) {
            if (!done)
                Q_EMIT failed(text::sentence(done.error(), m_unit));
            else
                Q_EMIT told(tr("Saved %1.").arg(path));
        });
}

void DrillPage::showMarks(const std::vector<session::SlideMark>& marks, bool slide)
{
    m_marksWords->setVisible(slide);
    m_marksWords->setText(
        m_heardOn ? tr("By what was heard; full size on the template. Far from where it was played marks are rough: set the "
                       "slide there (Log own work), and play it too.")
                  : tr("By calculation. Play the slide on Listen, and the marks follow what is heard."));
    m_inches->setHorizontalHeaderLabels({tr("note"), slide ? tr("slide from edge") : tr("pipe depth"),
                                         slide ? tr("from fully out") : tr("difference"), tr("± spread")});
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
    m_trimWords->setText(deepens ? tr("Lowest note as the pipe is bored deeper, deviation in cents:")
                                 : tr("Lowest note as the foot is cut, deviation in cents:"));
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

std::vector<DrillPage::RuleMarks> DrillPage::ruleMarks(const Instrument& start) const
{
    const int parts = m_parts->currentData().toInt();
    std::vector<RuleMarks> marks{{std::nullopt, start.length(), inchMarksBeside(start.length(), parts)}};
    for (const Hole& h : start.spec().holes) {
        const Metres place = distanceFrom(m_plan->origin(), h.at, start.length(), start.spec());
        marks.push_back({h.id, place, inchMarksBeside(place, parts)});
    }
    return marks;
}

void DrillPage::showInches(const dowel::Layout& layout, const std::vector<RuleMarks>& marks,
                           const std::optional<Markings>& markings)
{
    m_inches->setHorizontalHeaderLabels(
        {tr("hole"), text::originName(m_plan->origin(), layout.start.spec()), tr("on the rule"), tr("error")});
    m_inches->setRowCount(static_cast<int>(marks.size()));
    const double footwards = m_plan->origin() == Origin::Foot ? 1.0 : -1.0;
    std::size_t hole = 0;
    for (std::size_t row = 0; row < marks.size(); ++row) {
        const RuleMarks& m = marks[row];
        // Until the notes are worked out the nearer mark stands there.
        Metres off;
        if (markings && m.hole)
            off = markings->together.off[hole] * footwards;
        else if (markings)
            off = markings->together.tubeOff;
        const bool upper = std::abs((m.beside[1].off - off).metres()) < std::abs((m.beside[0].off - off).metres());
        const QString moved =
            markings && m.hole ? tr("%1 cents").arg(text::cents(std::round(markings->together.moved[hole].cents() * 10.0) / 10.0))
                               : QString();
        form::row(m_inches, static_cast<int>(row),
                  {m.hole ? QString::fromStdString(m.hole->text) : tr("tube"), text::length(text::tenths(m.place), m_unit),
                   QString::fromStdString(m.beside[upper ? 1 : 0].text), moved});
        hole += m.hole ? 1 : 0;
    }
    m_marksWords->setVisible(markings.has_value() && hole > 1);
    if (markings)
        m_marksWords->setText(
            tr("These marks together move no note by more than %1 cents; the nearest mark to each length: %2 cents.")
                .arg(text::number(markings->together.worst.cents(), 1), text::number(markings->nearest.worst.cents(), 1)));
}

void DrillPage::addStep(const std::string& step, const QString& words)
{
    auto* item = new QListWidgetItem(words, m_steps);
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
        [path = path.toStdString(), format, start = layout->start, goal = layout->goal, unit = m_unit, wishes = sheetWishes(),
         there = m_heardOn, heard = m_heard](const Cancel&) -> Status {
            const bool byEar = there && goal.spec().family == Family::Slide;
            const draw::Template drawn{byEar ? session::sheetsOf(*there, *there, wishes, &heard->posterior())
                                             : session::sheetsOf(start, goal, wishes),
                                       text::TemplateWords(unit), goal.spec().name};
            if (format == QLatin1String("pdf")) {
                const auto pdf = draw::templatePdf(drawn, draw::paperHere());
                return pdf ? io::writeFileWhole(path, *pdf) : Status(pdf.error());
            }
            return io::writeFileWhole(path, format == QLatin1String("svg") ? draw::templateSvg(drawn) : draw::templateDxf(drawn));
        },
        [this, path](const Status& done) {
            if (!done)
                Q_EMIT failed(text::sentence(done.error(), m_unit));
            else
                Q_EMIT told(tr("Saved %1.").arg(path));
        });
}

} // namespace dowel::app
