// SPDX-License-Identifier: GPL-3.0-or-later
// Correct: the tuning picture and, beside it, the next cut as one card that is filled in without the mouse.
#pragma once

#include "app/document/document.h"
#include "text/units.h"

#include <QWidget>

class QButtonGroup;
class QFrame;
class QHBoxLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;

namespace dowel::app {

class SensitivityCard;
class OutcomeCard;
class RegisterCard;
class TryCard;
class TuningPicture;

class CorrectPage : public QWidget
{
    Q_OBJECT

public:
    /// What the right-hand card is about; the picture and the workpiece follow it.
    enum class Face { NextCut, Sensitivity, TryIt, Registers, Outcome };
    explicit CorrectPage(Document& document, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);
    /// The cut that the card proposes.
    [[nodiscard]] std::optional<Cut> proposed() const;
    [[nodiscard]] Face face() const;
    void setFace(Face face);
    [[nodiscard]] SensitivityCard& sensitivity() { return *m_sensitivity; }
    [[nodiscard]] TryCard& tryCard() { return *m_try; }
    [[nodiscard]] RegisterCard& registers() { return *m_registers; }
    [[nodiscard]] OutcomeCard& outcome() { return *m_outcome; }
    void holdScale(bool held);
    /// Puts the keyboard where the next act is.
    void takeFocus();

public Q_SLOTS:
    /// Asks how the plan is to go about it.
    void chooseStrategy();
    /// Asks what was done that nobody advised.
    void recordOwnWork();
    /// Asks what the instrument is to sound from here on.
    void changeWanted();
    /// Asks what the calipers say of what the readings doubt.
    void measureAgain();
    void recordCut();

Q_SIGNALS:
    void listenAsked();
    /// The workpiece must be drawn anew.
    void workChanged();

private:
    void makeCard();
    void arrangeCard();
    [[nodiscard]] QHBoxLayout* makeFaces();
    void arrange();
    void bind();
    void refresh();
    void refreshCard();
    void showPicture();
    void showCard();
    /// Of a reaming: one of the shop's reamers that does it, and how deep; empty where none does.
    [[nodiscard]] QString reamerWords(const AdviceStep& step) const;
    void showCut(const Advice& advice);
    /// A practice blank on which the maker cuts before the advice is told.
    [[nodiscard]] bool ownFirst() const;
    void showOwnFirst();
    /// How that stands, and the last cut beside what the advice was.
    void showScore();
    void showDone(const Advice& advice);
    void showPlan(const Advice& advice);

    Document* m_document;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    TuningPicture* m_picture;
    QButtonGroup* m_faces;
    QStackedWidget* m_cards;
    SensitivityCard* m_sensitivity;
    TryCard* m_try;
    RegisterCard* m_registers;
    OutcomeCard* m_outcome;
    QFrame* m_card;
    QLabel* m_kind;
    QLabel* m_what;
    QLabel* m_sizes;
    QLabel* m_tool;
    QLabel* m_why;
    QLabel* m_caution;
    QLabel* m_calipersLabel;
    QLineEdit* m_calipers;
    QLabel* m_calipersHint;
    QPushButton* m_done;
    QPushButton* m_listen;
    QPushButton* m_strategy;
    QPushButton* m_own;     ///< where the maker cuts before the advice is told
    QPushButton* m_measure; ///< where the readings doubt a size
    QLabel* m_summary;
    QLabel* m_plan;
};

} // namespace dowel::app
