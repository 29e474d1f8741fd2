// SPDX-License-Identifier: GPL-3.0-or-later
// Forecast and outcome side by side, and how good the forecasts have been since the first cut.
#pragma once

#include "app/document/document.h"
#include "app/parts/jobs.h"
#include "core/forecast/outcomes.h"

#include <QFrame>

class QLabel;
class QPushButton;
class QTableWidget;

namespace dowel::app {

/// Every forecast that was held to, in the order of listening: how far off, in its own standard deviations.
class OutcomePicture : public QWidget
{
    Q_OBJECT

public:
    explicit OutcomePicture(QWidget* parent = nullptr);
    /// error: what a reading is off by, for the yardstick.
    void setOutcomes(std::vector<NoteOutcome> outcomes, const ListeningError& error);
    [[nodiscard]] QSize minimumSizeHint() const override { return {240, 150}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::vector<NoteOutcome> m_outcomes;
    ListeningError m_error;
};

class Cue;

class OutcomeCard : public QFrame
{
    Q_OBJECT

public:
    explicit OutcomeCard(Document& document, QWidget* parent = nullptr);
    /// Those of the last round of listening.
    [[nodiscard]] const std::vector<NoteOutcome>& last() const { return m_last; }
    void refresh();

Q_SIGNALS:
    void failed(const QString& sentence);

private:
    void replay();
    Document* m_document;
    QLabel* m_words;
    QPushButton* m_replay;
    Cue* m_cue;
    Jobs m_jobs;
    OutcomePicture* m_picture;
    QLabel* m_lastWords;
    QTableWidget* m_table;
    std::vector<NoteOutcome> m_last;
};

} // namespace dowel::app
