// SPDX-License-Identifier: GPL-3.0-or-later
// A plan before there is a workbook: blank, target, wishes, and the layout worked out from them on a worker. Kept in one
// file beside the workbooks after every change.
#pragma once

#include "app/jobs.h"
#include "core/layout/families.h"

#include <QObject>
#include <QString>
#include <optional>

namespace dowel::app {

class Plan : public QObject
{
    Q_OBJECT

public:
    /// path: where it is kept; read from there where it is, else a whistle's usual plan.
    explicit Plan(QString path, QObject* parent = nullptr);

    [[nodiscard]] const Blank& blank() const { return m_blank; }
    [[nodiscard]] const LayoutWishes& wishes() const { return m_wishes; }
    [[nodiscard]] const PlanTarget& target() const { return m_target; }
    [[nodiscard]] const std::optional<Layout>& layout() const { return m_layout; }
    /// Why there is no layout; empty while it was not asked for.
    [[nodiscard]] const QString& trouble() const { return m_trouble; }
    [[nodiscard]] bool busy() const { return m_jobs.busy(); }
    /// What is drawn: the layout's goal, else the bare tube; nothing where the blank cannot be.
    [[nodiscard]] std::optional<Instrument> drawn() const;

    /// A family's usual blank and chart for its usual target.
    void begin(Family family);
    void setBlank(Blank blank);
    /// Makes the chart anew. Errors stay in trouble().
    void setTarget(const PlanTarget& target);
    void setWishes(const LayoutWishes& wishes);
    void layOut();
    void cancel() { m_jobs.cancelAll(); }
    /// A hole or the foot dragged; notes are worked out again, places are not.
    void tryOut(const Instrument& shape);

Q_SIGNALS:
    void changed();
    void busyChanged(bool busy);
    void failed(const QString& sentence);

private:
    void touched(bool dropLayout);
    void keep();

    Jobs m_jobs;
    Jobs m_saves;
    QString m_path;
    Blank m_blank;
    LayoutWishes m_wishes;
    PlanTarget m_target;
    std::optional<Layout> m_layout;
    QString m_trouble;
    int m_revision = 0;
};

} // namespace dowel::app
