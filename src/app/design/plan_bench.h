// SPDX-License-Identifier: GPL-3.0-or-later
// The stages of what is wanted: the workpiece as planned along the top, over what is there where it is drilled already.
#pragma once

#include "app/design/plan_pages.h"

#include <QWidget>

class QStackedWidget;

namespace dowel {
class Forecaster;
}

namespace dowel::app {

class Workpiece;

class PlanBench : public QWidget
{
    Q_OBJECT

public:
    /// The first half of its pages; the whole of them in one turn of the event loop would be felt.
    PlanBench(Plan& plan, Questions& questions, QWidget* parent = nullptr);
    /// The rest. Before anything else is asked of it, once.
    void complete();
    void setUnit(text::LengthUnit unit);
    void showPage(int page);
    /// What the record has; nothing where nothing is drilled yet.
    void setThere(const std::optional<Instrument>& there);
    /// What was heard of it; nullptr where nothing was.
    void setHeard(std::shared_ptr<const Forecaster> heard, const Instrument& on);
    [[nodiscard]] Plan& plan() { return *m_plan; }

Q_SIGNALS:
    void failed(const QString& sentence);
    void told(const QString& sentence);
    void built(const dowel::Instrument& there);

private:
    void refresh();
    Plan* m_plan;
    Questions* m_questions;
    std::optional<Instrument> m_there;
    Workpiece* m_workpiece;
    QStackedWidget* m_pages;
    BlankPage* m_blank;
    EdgePage* m_edge;
    TargetPage* m_target;
    LayoutPage* m_layout = nullptr;
    DrillPage* m_drill = nullptr;
};

} // namespace dowel::app
