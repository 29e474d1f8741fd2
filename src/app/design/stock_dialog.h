// SPDX-License-Identifier: GPL-3.0-or-later
// From the plank to the bore: billets out of a plank, a bored blank turned true, and reamers of known shape.
#pragma once

#include "app/design/plan.h"
#include "app/parts/length_field.h"
#include "core/shop/stock.h"

#include <QDialog>

class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QStackedWidget;

namespace dowel::app {

class SawPicture;

/// The plank from above, its billets and what is left out.
class PlankPicture : public QWidget
{
    Q_OBJECT

public:
    explicit PlankPicture(QWidget* parent);
    void show(const Plank& plank, const Billet& billet, const SawPlan& plan, text::LengthUnit unit);
    void clear();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Plank m_plank;
    Billet m_billet;
    SawPlan m_plan;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

class StockDialog : public QDialog
{
    Q_OBJECT

public:
    StockDialog(Plan& plan, text::LengthUnit unit, QWidget* parent);

private:
    [[nodiscard]] LengthField* field(const char* name, const QString& spoken, double mm);
    struct Measure
    {
        const char* name;
        QString words;
        double mm;
    };
    [[nodiscard]] QFormLayout* fields(std::vector<LengthField*>& into, std::initializer_list<Measure> measures,
                                      void (StockDialog::*changed)());
    [[nodiscard]] QWidget* makePlank();
    [[nodiscard]] QWidget* makeTurning();
    [[nodiscard]] QWidget* makeReamers();
    [[nodiscard]] QWidget* makeJoints();
    [[nodiscard]] QWidget* makeHorn();
    [[nodiscard]] QWidget* makeSawCut();
    /// Fields to the left, what follows from them to the right, with how it is done under it.
    /// picture: above the words; nullptr for none.
    [[nodiscard]] QWidget* room(QFormLayout* rows, QLabel* words, const char* scrollName, const QString& how,
                                QWidget* picture = nullptr);
    void showPlank();
    void showTurning();
    void showReamers();
    void showJoints();
    void showHorn();
    void showSawCut();
    [[nodiscard]] SawCut sawCut() const;
    [[nodiscard]] Result<HornMouth> hornMouth() const;
    /// The tube is as long as the horn along its bend.
    void takeHornLength();
    void takeWindow();
    void takeBore();
    Plan* m_plan;
    text::LengthUnit m_unit;
    QStackedWidget* m_stack;
    std::vector<LengthField*> m_plankFields; ///< length, width, thickness, kerf, ends, outside, to turn, to hold
    QLineEdit* m_defects;
    PlankPicture* m_picture;
    QLabel* m_plankWords;
    std::vector<LengthField*> m_endFields; ///< head thick, thin, bore, foot likewise, least wall
    QLabel* m_turnedWords;
    std::vector<LengthField*> m_jointFields; ///< outside, bore, tenon, its length, cork
    QLabel* m_jointWords;
    std::vector<LengthField*> m_hornFields; ///< outside along, wire, across the tip, across the hollow's end, bore, least wall
    QLabel* m_hornWords;
    QPushButton* m_takeHorn;
    QPushButton* m_takeTenon;
    std::vector<LengthField*> m_sawFields; ///< from the end, depth, outside, bore, bore off centre
    QDoubleSpinBox* m_sawAngle;
    SawPicture* m_sawPicture;
    QLabel* m_sawWords;
    QPushButton* m_takeWindow;
    QPlainTextEdit* m_reamers;
    LengthField* m_pilot;
    QComboBox* m_from;
    QLabel* m_reamedWords;
    QPushButton* m_take;
    std::vector<Station> m_bore; ///< what the reamers leave
};

} // namespace dowel::app
