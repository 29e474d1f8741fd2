// SPDX-License-Identifier: GPL-3.0-or-later
// Plays the whole loop by itself in the real window, for a look without a person: sounds every asked fingering with the
// simulated player, follows every cut exactly, and leaves a picture of each view in a folder.
#pragma once

#include "app/parts/jobs.h"

#include <QObject>
#include <QString>
#include <QTimer>

namespace dowel::app {

class MainWindow;

class DemoRun : public QObject
{
    Q_OBJECT

public:
    DemoRun(MainWindow& window, QString folder, QObject* parent = nullptr);
    void start();

Q_SIGNALS:
    /// How it ended, in words; ok where every note came within tolerance and every picture was written.
    void ended(bool ok, const QString& words);

private:
    void step();
    /// Pictures of the shop and of three of a kind side by side; true once both are taken.
    bool shootShop();
    bool shootEnd();
    void shoot(const QString& name);
    /// Pictures of the stages before there is a workbook, one a call; true once all are taken.
    bool shootPlan();
    /// Pictures of the three faces of Correct, one a call; true once all are taken.
    bool shootFaces();
    bool shootHandsFree();
    bool shootTake();
    MainWindow* m_window;
    QString m_folder;
    QTimer m_tick;
    Jobs m_jobs;
    int m_stage = -1;
    int m_cuts = 0;
    int m_rounds = 0;
    int m_patience = 0;
    int m_settled = 0;
    bool m_ok = true;
    QStringList m_shot;
};

} // namespace dowel::app
