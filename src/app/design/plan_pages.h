// SPDX-License-Identifier: GPL-3.0-or-later
// The four stages before there is anything to listen to. Each page shows the plan as it is and changes it in place.
#pragma once

#include "app/design/plan.h"
#include "app/parts/length_field.h"
#include "core/acoustics/shape.h"
#include "core/forecast/sensitivity.h"
#include "core/layout/layout.h"
#include "core/layout/marking.h"
#include "core/shop/bits.h"
#include "session/finder.h"
#include "text/work_way.h"

#include <QWidget>
#include <array>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QHBoxLayout;
class QLabel;
class QLineEdit;
class QListWidget;
class QListWidgetItem;
class QPushButton;
class QStackedWidget;
class QTableWidget;
class QVBoxLayout;

namespace dowel {
class Forecaster;
}

namespace dowel::app {

class AsBuiltCard;
class BorePicture;
class EdgePicture;
enum class EdgePlace;
class FingeringCard;
class KeysPicture;
class Questions;
class TemperatureField;
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

protected:
    void showEvent(QShowEvent* event) override;

private:
    void fill();
    [[nodiscard]] QFormLayout* makeForm();
    void arrange();
    void bind();
    void takeMouth(int measure, Metres v);
    /// The ramp of a window's lip, or how much of an embouchure hole the player's lip covers.
    void takeMouthShape(double v);
    void refresh();
    void addMouthFields();
    void showStations();
    /// What the keys served for, what to measure, and holes beside a node.
    void showChecks();
    void takeBlown();
    void showKeys();
    void takeStations(int row, int column);
    /// Takes one cell into the station. Errors: BadValue.
    [[nodiscard]] Status takeStationCell(Station& station, int column, const QString& typed) const;
    /// Takes the blank where such a tube can exist, else says why not and shows what was.
    void takeBlank(Blank blank);
    void addStation();
    void removeStation();
    void pasteStations();
    void takeNodes();
    void takePipe(int index);
    void takeJoints();
    Plan* m_plan;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    bool m_filling = false;
    QComboBox* m_family;
    QComboBox* m_sold;
    BorePicture* m_profile;
    KeysPicture* m_keys;
    QLabel* m_keysWords;
    QLineEdit* m_blown;
    QTableWidget* m_stations;
    LengthField* m_wall;
    static constexpr int mouthFields = 5;
    LengthField* m_mouth[mouthFields];
    QLabel* m_mouthWords[mouthFields];
    QDoubleSpinBox* m_mouthShape;
    QLabel* m_mouthShapeWords;
    QLineEdit* m_joints;
    QComboBox* m_material;
    QLabel* m_materialWords;
    QLineEdit* m_nodes; ///< along a cane
    QLabel* m_nodesWords;
    QLabel* m_checks;
};

/// Voicing: what is heard and what to try, reversible things first; what each measure of the mouth does to the pitch.
class EdgePage : public QWidget
{
    Q_OBJECT

public:
    explicit EdgePage(Plan& plan, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);

Q_SIGNALS:
    void failed(const QString& sentence);

protected:
    void showEvent(QShowEvent* event) override;

private:
    /// The lowest note's, where a register has it.
    using Registers = std::array<std::optional<NoteSensitivity>, 2>;
    void arrange();
    void refresh();
    void showTries(int row);
    void takeMeasure(int measure, Metres size);
    void takeCell(int row, int column);
    void showBreath();
    void takeAbove();
    void showAbove();
    void showMeasures(acoustics::Shape::Mouth mouth, const Registers& registers);
    Jobs m_jobs;
    Plan* m_plan;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    bool m_filling = false;
    QListWidget* m_symptoms;
    QLabel* m_tries;
    EdgePicture* m_picture;
    /// Height, length and chamfer of a windway.
    std::array<LengthField*, 3> m_windway;
    QWidget* m_windwayRow;
    /// What lies above the edge: its length, and a slow chamber's length and width.
    std::array<LengthField*, 3> m_above;
    std::array<LengthField*, 5> m_ends; ///< beak, entry and exit of a slow chamber, socket of a mouthpiece, lay of a reed
    std::array<QLabel*, 5> m_endsWords{};
    QDoubleSpinBox* m_layAngle;
    QLabel* m_layAngleWords;
    QWidget* m_endsRow;
    QWidget* m_aboveRow;
    QLabel* m_aboveWords;
    std::vector<QLabel*> m_chamberWords;
    QLabel* m_overall;
    QLabel* m_breath;
    QTableWidget* m_table;
    QStringList m_words;
    QList<EdgePlace> m_places; ///< one a symptom
};

/// Lowest note, mode, temperament, reference pitch and temperature; the fingerings that follow.
class TargetPage : public QWidget
{
    Q_OBJECT

public:
    TargetPage(Plan& plan, Questions& questions, QWidget* parent = nullptr);
    /// Temperatures are told in other degrees now.
    void followDegrees();

Q_SIGNALS:
    void failed(const QString& sentence);

private:
    void fill();
    void dressTable();
    [[nodiscard]] QVBoxLayout* makeControls();
    void arrange();
    void bind();
    void refresh();
    void take();
    void importScale();
    void exportScale();
    /// The row that is shown on the card.
    [[nodiscard]] int row() const;
    void showCard();
    void turnHole(int hole);
    void takeCell(int row, int column);
    void addFingering();
    /// Under the row, with a name that no other has.
    void addBelow(std::size_t at, Fingering fingering);
    void findFingerings();
    void removeFingering();
    Jobs m_jobs;
    Plan* m_plan;
    Questions* m_questions;
    bool m_filling = false;
    QComboBox* m_lowest;
    QCheckBox* m_thumb;
    QComboBox* m_mode;
    QComboBox* m_scale;
    QComboBox* m_tonic;
    QComboBox* m_registers;
    QComboBox* m_holes;
    QDoubleSpinBox* m_a4;
    TemperatureField* m_warmth;
    QDoubleSpinBox* m_tolerance;
    QTableWidget* m_table;
    FingeringCard* m_card;
    QComboBox* m_add;
    QPushButton* m_remove;
    QLabel* m_own;
};

/// Wishes, the row of holes that comes of them, and how near every note comes.
class LayoutPage : public QWidget
{
    Q_OBJECT

public:
    LayoutPage(Plan& plan, Questions& questions, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);

Q_SIGNALS:
    void failed(const QString& sentence);

private:
    void takeCell(int row, int column);
    void copyModel();
    void refresh();
    void arrange();
    void showWishes();
    void showPicture(const Layout& layout);
    void showHoles(const Layout& layout);
    [[nodiscard]] QString movedWords(const Layout& layout) const;
    [[nodiscard]] QString wordsOf(const Layout& layout) const;
    void take();
    /// What would help before a hole is drilled: which measure tells most and, where the drawer leaves notes out, which bit is
    /// worth buying.
    void seekHelp(const Layout& layout);
    Jobs m_jobs;
    std::optional<Instrument> m_helpFor; ///< the layout that it was sought for
    QString m_helpWords;
    Plan* m_plan;
    Questions* m_questions;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    bool m_filling = false;
    QComboBox* m_hand;
    LengthField* m_smallest;
    LengthField* m_largest;
    LengthField* m_allowance;
    LengthField* m_foot;
    QCheckBox* m_doubt;
    QCheckBox* m_oneBit;
    QCheckBox* m_bits;
    QComboBox* m_spacing;
    LengthField* m_spacingAt;
    QCheckBox* m_timbre;
    QCheckBox* m_undercut;
    QCheckBox* m_fixed;
    QPushButton* m_go;
    QPushButton* m_copy;
    QPushButton* m_vary;
    QLabel* m_words;
    QTableWidget* m_holes;
    TuningPicture* m_picture;
};

/// The order of work and the template, or what was drilled in the end, typed; with it listening begins.
class DrillPage : public QWidget
{
    Q_OBJECT

public:
    DrillPage(Plan& plan, Questions& questions, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);
    /// What the record has; nothing where nothing is drilled yet.
    void setThere(const std::optional<Instrument>& there);
    /// Of a slide the places of its face follow from what was heard; nullptr: from what is known beforehand.
    void setHeard(std::shared_ptr<const Forecaster> heard, const Instrument& on);
    /// What was typed, while that is what is shown and it can be.
    [[nodiscard]] std::optional<Instrument> typed() const;

Q_SIGNALS:
    void failed(const QString& sentence);
    void told(const QString& sentence);
    void typedChanged();
    /// This is what is there from here on.
    void built(const dowel::Instrument& there);

protected:
    void showEvent(QShowEvent* event) override;

private:
    void refresh();
    void tickStep(const QListWidgetItem* item);
    void showFace(int face);
    [[nodiscard]] QWidget* makeWork();
    void bind();
    void showSteps(const dowel::Layout& layout);
    [[nodiscard]] std::vector<text::WorkStep> stepsOf(const dowel::Layout& layout) const;
    /// The shop's own way with this family in this material; remembered for this user.
    [[nodiscard]] QString wayKey() const;
    [[nodiscard]] text::WorkWay way() const;
    void keepWay(const text::WorkWay& way);
    void addOwnStep();
    void moveStep(int by);
    void leaveStepOut();
    void swapStep();
    [[nodiscard]] QHBoxLayout* makeStepButtons();
    void writeBenchSheet(bool forClass);
    [[nodiscard]] SheetWishes sheetWishes() const;
    /// Of a slide: where its face stands for every note.
    void showMarks(const std::vector<session::SlideMark>& marks, bool slide);
    void showTrimHead(const InstrumentSpec& start);
    void showTrim(const std::vector<TrimStep>& trim);
    /// A hole's place as it is told here, or the tube's sounding length, and the marks of the rule beside it.
    struct RuleMarks
    {
        std::optional<HoleId> hole; ///< nothing: the tube
        Metres place;
        std::array<RoundedInch, 2> beside;
    };
    [[nodiscard]] std::vector<RuleMarks> ruleMarks(const Instrument& start) const;
    void showInches(const dowel::Layout& layout, const std::vector<RuleMarks>& marks, const std::optional<Markings>& markings);
    void writeTemplate(const QString& format);
    void addStep(const std::string& step, const QString& words);
    Jobs m_jobs; ///< what is written
    Jobs m_sums; ///< what is worked out; may be called off
    std::optional<Instrument> m_there;
    std::shared_ptr<const Forecaster> m_heard;
    std::optional<Instrument> m_heardOn;
    bool m_filling = false;
    Plan* m_plan;
    Questions* m_questions;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    QPushButton* m_faces[2];
    QStackedWidget* m_stack;
    AsBuiltCard* m_asBuilt;
    QListWidget* m_steps;
    std::vector<text::WorkStep> m_shown; ///< as they stand in the list
    QPushButton* m_swap;
    QPushButton* m_usual;
    QTableWidget* m_inches;
    QTableWidget* m_trim;
    QLabel* m_trimWords;
    QLabel* m_marksWords;
    QComboBox* m_parts;
    QComboBox* m_from;
    QPushButton* m_make;
    QLabel* m_words;
    QList<QPushButton*> m_files;
};

} // namespace dowel::app
