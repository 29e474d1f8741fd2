// SPDX-License-Identifier: GPL-3.0-or-later
// Which workbook is open, with its design: opened on the worker, left only where nothing would be lost, let go of whole.
#pragma once

#include "app/design/plan.h"
#include "app/document/document.h"
#include "app/parts/jobs.h"

#include <QObject>
#include <functional>
#include <memory>

class QWidget;

namespace dowel::app {

class BookController : public QObject
{
    Q_OBJECT

public:
    /// window: above which it asks.
    BookController(TimeSource& time, QWidget& window);

    [[nodiscard]] Document* document() const { return m_document.get(); }
    [[nodiscard]] Plan* plan() const { return m_plan.get(); }
    /// Opens what how() gives, on the worker, unless the user stays with what is unsaved. Ends in adopted() or in failedToOpen().
    void open(std::function<Result<Store>(const Cancel&)> how);
    /// Whether it is the one that is open.
    [[nodiscard]] bool has(const QString& path) const;
    /// Asks where entries are not on the disk yet; true where the workbook may be left.
    [[nodiscard]] bool mayLeave();
    /// Lets go of it.
    void close();
    /// The design as it was kept last, or as the instrument is where none was.
    void takePlan();
    /// Newest first.
    [[nodiscard]] static QStringList recent();

Q_SIGNALS:
    void closing();  ///< everything that shows it must go now
    void adopted();  ///< another one is open
    void planMade(); ///< before that: one that is new
    void failedToOpen();
    void trouble(const dowel::Error& error);

private:
    void adopt(Store store);
    TimeSource* m_time;
    QWidget* m_window;
    std::unique_ptr<Document> m_document;
    std::unique_ptr<Plan> m_plan;
    Jobs m_jobs; ///< last: its worker is waited for before anything that it may use goes
};

} // namespace dowel::app
