// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/plan_bench.h"

#include "app/parts/pages.h"
#include "app/parts/style.h"
#include "app/parts/tried.h"
#include "app/parts/workpiece.h"

#include <QFrame>
#include <QStackedWidget>
#include <QVBoxLayout>

namespace dowel::app {

PlanBench::PlanBench(Plan& plan, Questions& questions, QWidget* parent)
    : QWidget(parent),
      m_plan(&plan),
      m_questions(&questions),
      m_workpiece(new Workpiece(this)),
      m_pages(new Pages(this)),
      m_blank(new BlankPage(plan, m_pages)),
      m_edge(new EdgePage(plan, m_pages)),
      m_target(new TargetPage(plan, questions, m_pages))
{
    setObjectName(QStringLiteral("planBench"));
    m_workpiece->setObjectName(QStringLiteral("planWorkpiece"));
    m_workpiece->setDragPlaces(true);
    for (QWidget* p : std::initializer_list<QWidget*>{m_blank, m_edge, m_target})
        m_pages->addWidget(p);
    auto* line = new QFrame(this);
    line->setFixedHeight(1);
    line->setProperty("hairline", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(m_workpiece);
    column->addWidget(line);
    column->addWidget(m_pages, 1);
    connect(m_plan, &Plan::failed, this, &PlanBench::failed);
    connect(m_blank, &BlankPage::failed, this, &PlanBench::failed);
    connect(m_edge, &EdgePage::failed, this, &PlanBench::failed);
    connect(m_target, &TargetPage::failed, this, &PlanBench::failed);
    connect(m_workpiece, &Workpiece::placeDragged, this, [this](const Handle& handle, Metres at) {
        if (!m_plan->layout())
            return;
        InstrumentSpec spec = m_plan->layout()->goal.spec();
        Hole& hole = spec.holes[handle.hole];
        const double depth = hole.chimney / m_plan->layout()->goal.wallAt(hole.at); // a raised or thinned place stays so
        hole.at = at;
        hole.chimney = wallAt(spec.bore, spec.wall, at) * depth;
        if (const auto shape = Instrument::make(std::move(spec)))
            m_plan->tryOut(*shape);
    });
    connect(m_workpiece, &Workpiece::dragged, this, [this](const Handle& handle, Metres size) {
        if (!m_plan->layout())
            return;
        if (const auto shape = resized(m_plan->layout()->goal, handle, size))
            m_plan->tryOut(*shape);
    });
}

void PlanBench::complete()
{
    m_layout = new LayoutPage(*m_plan, *m_questions, m_pages);
    m_drill = new DrillPage(*m_plan, *m_questions, m_pages);
    m_pages->addWidget(m_layout);
    m_pages->addWidget(m_drill);
    connect(m_plan, &Plan::changed, this, &PlanBench::refresh);
    connect(m_layout, &LayoutPage::failed, this, &PlanBench::failed);
    connect(m_drill, &DrillPage::failed, this, &PlanBench::failed);
    connect(m_drill, &DrillPage::told, this, &PlanBench::told);
    connect(m_drill, &DrillPage::built, this, &PlanBench::built);
    connect(m_drill, &DrillPage::typedChanged, this, &PlanBench::refresh);
    refresh();
}

void PlanBench::setUnit(text::LengthUnit unit)
{
    m_workpiece->setUnit(unit);
    m_blank->setUnit(unit);
    m_edge->setUnit(unit);
    m_layout->setUnit(unit);
    m_drill->setUnit(unit);
    m_target->followDegrees();
}

void PlanBench::showPage(int page)
{
    m_pages->setCurrentIndex(page);
    refresh();
}

void PlanBench::setThere(const std::optional<Instrument>& there)
{
    m_there = there;
    m_drill->setThere(there);
    refresh();
}

void PlanBench::setHeard(std::shared_ptr<const Forecaster> heard, const Instrument& on)
{
    m_drill->setHeard(std::move(heard), on);
}

void PlanBench::refresh()
{
    const bool drilling = m_pages->currentWidget() == m_drill;
    const auto typed = drilling ? m_drill->typed() : std::nullopt;
    // At the drill what is there is shown, or what is drilled first: the final holes are tuned, not drilled.
    const auto drilled = m_there && m_there->spec().holes.size() > 0 ? m_there
                         : m_plan->layout()                          ? std::optional(m_plan->layout()->start)
                                                                     : m_plan->drawn();
    const auto shape = typed ? typed : drilling ? drilled : m_plan->drawn();
    if (shape)
        m_workpiece->setInstrument(*shape);
    // Holes can be dragged where their notes are shown; what is there already stays visible below what is wanted.
    const bool dragging = m_plan->layout() && m_pages->currentWidget() == m_layout;
    const bool comparable = m_there && shape && m_there->spec().holes.size() == shape->spec().holes.size();
    m_workpiece->setBench(!dragging ? std::nullopt : comparable ? m_there : m_plan->drawn());
    m_workpiece->setSpans(dragging, m_plan->wishes().reach);
}

} // namespace dowel::app

#include "moc_plan_bench.cpp"
#include "moc_plan_pages.cpp"
