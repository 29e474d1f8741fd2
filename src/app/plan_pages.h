// SPDX-License-Identifier: GPL-3.0-or-later
// The four stages before there is anything to listen to. Each page shows the plan as it is and changes it in place.
#pragma once

#include "app/length_field.h"
#include "app/plan.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QLabel;
class QListWidget;
class QPushButton;
class QTableWidget;

namespace dowel::app {

class Questions;
class TuningPicture;

/// Family, bore at stations, wall, mouth, material; beside it what this tube serves for and what to mind.
class BlankPage : public QWidget
{
    Q_OBJECT

public:
    explicit BlankPage(Plan& plan, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);

Q_SIGNALS:
    void failed(const QString& sentence);

private:
    void refresh();
    void addMouthFields();
    void takeStations(int row, int column);
    void addStation();
    Plan* m_plan;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    bool m_filling = false;
    QComboBox* m_family;
    QTableWidget* m_stations;
    LengthField* m_wall;
    LengthField* m_mouth[4];
    QLabel* m_mouthWords[4];
    QComboBox* m_material;
    QLabel* m_materialWords;
    QLabel* m_checks;
};

/// Voicing: what is heard and what to try, reversible things first; what each measure of the mouth does to the pitch.
class EdgePage : public QWidget
{
    Q_OBJECT

public:
    explicit EdgePage(Plan& plan, QWidget* parent = nullptr);

protected:
    void showEvent(QShowEvent* event) override;

private:
    void refresh();
    void showTries(int row);
    Plan* m_plan;
    QListWidget* m_symptoms;
    QLabel* m_tries;
    QLabel* m_note = nullptr;
    QTableWidget* m_table;
    QStringList m_words;
};

/// Lowest note, mode, temperament, reference pitch and temperature; the fingerings that follow.
class TargetPage : public QWidget
{
    Q_OBJECT

public:
    TargetPage(Plan& plan, Questions& questions, QWidget* parent = nullptr);

Q_SIGNALS:
    void failed(const QString& sentence);

private:
    void refresh();
    void take();
    void importScale();
    void exportScale();
    Plan* m_plan;
    Questions* m_questions;
    bool m_filling = false;
    QComboBox* m_lowest;
    QComboBox* m_mode;
    QComboBox* m_scale;
    QComboBox* m_tonic;
    QComboBox* m_registers;
    QDoubleSpinBox* m_a4;
    QDoubleSpinBox* m_celsius;
    QDoubleSpinBox* m_tolerance;
    QTableWidget* m_table;
};

/// Wishes, the row of holes that comes of them, and how near every note comes.
class LayoutPage : public QWidget
{
    Q_OBJECT

public:
    explicit LayoutPage(Plan& plan, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);

private:
    void refresh();
    void take();
    Plan* m_plan;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    bool m_filling = false;
    QComboBox* m_hand;
    LengthField* m_smallest;
    LengthField* m_largest;
    LengthField* m_allowance;
    LengthField* m_foot;
    QCheckBox* m_oneBit;
    QCheckBox* m_bits;
    QCheckBox* m_even;
    QCheckBox* m_fixed;
    QPushButton* m_go;
    QLabel* m_words;
    QTableWidget* m_holes;
    TuningPicture* m_picture;
};

/// The order of work, the template, and the workbook that is made of the plan.
class DrillPage : public QWidget
{
    Q_OBJECT

public:
    DrillPage(Plan& plan, Questions& questions, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);

Q_SIGNALS:
    void failed(const QString& sentence);
    void told(const QString& sentence);
    void workbookAsked();

protected:
    void showEvent(QShowEvent* event) override;

private:
    void refresh();
    void writeTemplate(const QString& format);
    Plan* m_plan;
    Questions* m_questions;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    QListWidget* m_steps;
    QTableWidget* m_inches;
    QTableWidget* m_trim;
    QComboBox* m_parts;
    QPushButton* m_make;
    QLabel* m_words;
    QList<QPushButton*> m_files;
};

} // namespace dowel::app
