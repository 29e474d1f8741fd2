// SPDX-License-Identifier: GPL-3.0-or-later
// The bench of the workbook that is open, from Listen on: the workpiece along the top and the page of one stage below it.
#pragma once

#include "text/units.h"

#include <QWidget>
#include <functional>
#include <vector>

class QStackedWidget;

namespace dowel::app {

class CorrectPage;
class Document;
class FinishPage;
class ListenPage;
class LogbookPage;
class MessageBar;
class Plan;
class Questions;
class Workpiece;

class OpenBench : public QWidget
{
    Q_OBJECT

public:
    enum class Page { Listen, Correct, Finish, Logbook };

    OpenBench(Document& document, const Plan& plan, Questions& questions, MessageBar& messages, QWidget* parent);

    /// What makes the pages, a turn of the event loop each; shown: where the bench is to be seen from then on.
    [[nodiscard]] std::vector<std::function<void()>> making(const std::function<void()>& shown);
    /// Where there is nothing to hear yet, all pages but the logbook say so.
    void showPage(Page page);
    void refreshWorkpiece();
    void setUnit(text::LengthUnit unit);
    [[nodiscard]] ListenPage* listen() const { return m_listen; }
    [[nodiscard]] CorrectPage* correct() const { return m_correct; }
    [[nodiscard]] FinishPage* finish() const { return m_finish; }

Q_SIGNALS:
    void pageAsked(OpenBench::Page page);
    void drillAsked();
    /// Something that the list of stages tells of is another.
    void followed();

private:
    void makeNothingPage();
    void bind();
    void layOut();
    Document* m_document;
    const Plan* m_plan;
    Questions* m_questions;
    MessageBar* m_messages;
    Workpiece* m_workpiece = nullptr;
    QStackedWidget* m_pages = nullptr;
    ListenPage* m_listen = nullptr;
    CorrectPage* m_correct = nullptr;
    FinishPage* m_finish = nullptr;
    LogbookPage* m_logbook = nullptr;
    QWidget* m_nothing = nullptr; ///< where there is nothing to hear yet
};

} // namespace dowel::app
