// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/plan_pages.h"
#include "app/parts/style.h"
#include "core/fit/fit.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QListWidget>
#include <QTableWidget>
#include <cmath>

namespace dowel::app {

namespace {

using Mouth = acoustics::Shape::Mouth;

/// What is heard, and what to try: small and reversible first. Common practice, no source.
struct Symptom
{
    const char* heard;
    const char* tries;
};

constexpr Symptom ductSymptoms[] = {
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "No sound at all, only breath"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Look through the windway at the light: the jet must meet the lip's edge, not pass over or "
                       "under it. Move the block a hair, or shim it with paper.\n"
                       "2. Clear burrs from the windway's exit and the lip.\n"
                       "3. Close the holes with tape and try the lowest note.\n"
                       "Only then: take a little off the underside of the lip.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Airy, hissing"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Dry the windway and ease its exit edges.\n2. Narrow the windway with a strip of tape on "
                       "its roof.\n3. Lower the block by a sheet of paper.\n"
                       "Only then: sharpen the lip. A shorter window would need a new block.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Jumps to the octave too easily"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Blow softer, check for a leak at a hole.\n2. Draw the block back a trifle.\n3. Widen the windway's "
                       "exit by removing the tape.\n"
                       "Only then: open the window along the tube, a tenth of a millimetre at a time: it lowers nothing back.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Upper notes will not come"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Narrow the windway with tape: a faster jet.\n2. Push the block forward a trifle.\n"
                       "Only then: thin the lip. A window opened too far cannot be closed; here a new edge must be glued in.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Dull"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Clean and smooth the bore; ease no edges that should be sharp.\n2. Raise the block a hair "
                       "so that the jet meets the lip's upper side.\n"
                       "Only then: a thinner lip.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Chirps at the start"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Chamfer the windway's exit by a touch of fine paper, above and below alike.\n2. Draw the "
                       "block back a trifle.\nOnly then: open the window a tenth.")}};

constexpr Symptom fluteSymptoms[] = {
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "No sound at all"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Blow the head alone, closed with the palm.\n2. Check the stopper for a leak with a thumb "
                       "over the hole: suction must hold.\n3. Roll in and out.\n"
                       "Only then: sharpen the far edge from inside.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Airy"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Cover less of the hole.\n2. Take burrs off the far edge without rounding it.\nOnly then: "
                       "undercut the far wall a little.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Octaves too wide or too narrow"),
     QT_TRANSLATE_NOOP(
         "dowel::app::EdgePage",
         "1. Move the stopper by a millimetre and listen to both registers: the table beside says which way. It can go back.\n"
         "Only then: think of bore or embouchure hole.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Low notes weak, upper ones easy"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Look for leaks: tape the holes one by one.\n2. Cover less.\nOnly then: enlarge the "
                       "embouchure hole a little, across the tube.")}};

constexpr Symptom reedSymptoms[] = {
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "The reed closes and stays closed"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Less lip, less pressure.\n2. A stiffer reed, or bend it open over warmth.\nOnly then: "
                       "open the lay of the mouthpiece at its tip.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "The reed leaks and never starts"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. Wet it; bind it tighter.\n2. Suck with the end closed: it must hold a moment.\nOnly then: "
                       "flatten the table of the mouthpiece.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Only upper notes"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. A softer reed.\n2. Look for a leak near the top.\nOnly then: more volume in the mouthpiece.")},
    {QT_TRANSLATE_NOOP("dowel::app::EdgePage", "Dull"),
     QT_TRANSLATE_NOOP("dowel::app::EdgePage",
                       "1. A thinner tip on the reed.\n2. Smooth the bore.\nOnly then: a lower roof in the mouthpiece.")}};

/// What a measure does to the sound, as makers have it.
struct Measure
{
    Mouth mouth;
    std::size_t excitation;
    const char* name;
    const char* sound;
};

constexpr Measure measures[] = {{Mouth::Duct, 0, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "window, along"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "longer: stronger low notes, harder octave")},
                                {Mouth::Duct, 1, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "window, across"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "wider: louder, wants more air")},
                                {Mouth::Duct, 2, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "wall at the window"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "thinner: brighter, thinner sound")},
                                {Mouth::Transverse, 0, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "hole, along"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "longer: easier low notes, less focus")},
                                {Mouth::Transverse, 1, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "hole, across"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "wider: louder, less room to lip")},
                                {Mouth::Transverse, 2, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "chimney"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "deeper: more resistance, steadier")},
                                {Mouth::Transverse, 3, QT_TRANSLATE_NOOP("dowel::app::EdgePage", "stopper, farther"),
                                 QT_TRANSLATE_NOOP("dowel::app::EdgePage", "moves the octaves")}};

} // namespace

EdgePage::EdgePage(Plan& plan, QWidget* parent)
    : QWidget(parent),
      m_plan(&plan),
      m_symptoms(new QListWidget(this)),
      m_tries(new QLabel(this)),
      m_table(new QTableWidget(0, 4, this))
{
    setObjectName(QStringLiteral("edgePage"));
    m_symptoms->setObjectName(QStringLiteral("edgeSymptoms"));
    m_symptoms->setAccessibleName(tr("What is heard"));
    m_tries->setObjectName(QStringLiteral("edgeTries"));
    m_tries->setWordWrap(true);
    m_tries->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    m_table->setObjectName(QStringLiteral("edgeTable"));
    m_table->setAccessibleName(tr("What each measure does"));
    m_table->setHorizontalHeaderLabels({tr("a tenth of a mm"), tr("register 1"), tr("register 2"), tr("sound")});
    m_table->setShowGrid(false);
    m_table->verticalHeader()->hide();
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionMode(QAbstractItemView::NoSelection);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    auto* head = new QLabel(tr("What do you hear?"), this);
    head->setFont(Style::head());
    auto* second = new QLabel(tr("What each measure does to the lowest note"), this);
    second->setFont(Style::head());
    m_note = new QLabel(
        tr("Cents by the model, sound as makers have it. Make the mouth small first and open it little by little; sharp tools, "
           "cutting away from yourself."),
        this);
    m_note->setWordWrap(true);
    m_note->setProperty("quiet", true);
    auto* left = new QVBoxLayout;
    left->addWidget(head);
    left->addWidget(m_symptoms, 1);
    auto* right = new QVBoxLayout;
    right->setSpacing(Style::grid);
    right->addWidget(m_tries, 2);
    right->addWidget(second);
    right->addWidget(m_note);
    right->addWidget(m_table, 2);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, 2 * Style::grid, 2 * Style::grid, 2 * Style::grid);
    columns->setSpacing(4 * Style::grid);
    columns->addLayout(left, 2);
    columns->addLayout(right, 5);
    connect(m_symptoms, &QListWidget::currentRowChanged, this, &EdgePage::showTries);
    connect(m_plan, &Plan::changed, this, &EdgePage::refresh);
    refresh();
}

void EdgePage::showEvent(QShowEvent* event)
{
    refresh();
    QWidget::showEvent(event);
}

void EdgePage::refresh()
{
    if (!isVisible())
        return;
    const auto& e = m_plan->blank().spec.excitation;
    const Mouth mouth = std::holds_alternative<Duct>(e)         ? Mouth::Duct
                        : std::holds_alternative<Transverse>(e) ? Mouth::Transverse
                                                                : Mouth::ClosedTop;
    const int chosen = std::max(0, m_symptoms->currentRow());
    m_symptoms->clear();
    m_words.clear();
    const auto fill = [this](const auto& list) {
        for (const Symptom& s : list) {
            m_symptoms->addItem(tr(s.heard));
            m_words << tr(s.tries);
        }
    };
    if (mouth == Mouth::Duct)
        fill(ductSymptoms);
    else if (mouth == Mouth::Transverse)
        fill(fluteSymptoms);
    else
        fill(reedSymptoms);
    m_symptoms->setCurrentRow(std::min(chosen, m_symptoms->count() - 1));

    const auto shape = m_plan->drawn();
    if (!shape) {
        m_jobs.dropNewest();
        return showMeasures(mouth, {});
    }
    // What a tenth does to the lowest note, all holes closed, in both registers.
    m_jobs.runNewest(
        [shape = *shape](const Cancel& cancel) {
            Registers registers;
            const auto posterior = fit(Workbook(shape), {}, cancel);
            for (std::size_t i = 0; posterior && i < registers.size(); ++i)
                if (auto s = sensitivityOf(*posterior, shape,
                                           {std::vector<bool>(shape.spec().holes.size(), true), static_cast<int>(i) + 1, {}}))
                    registers[i] = std::move(*s);
            return registers;
        },
        [this, mouth](const Registers& registers) { showMeasures(mouth, registers); });
}

void EdgePage::showMeasures(acoustics::Shape::Mouth mouth, const Registers& registers)
{
    m_table->setRowCount(0);
    for (const Measure& m : measures) {
        if (m.mouth != mouth)
            continue;
        const int row = m_table->rowCount();
        m_table->setRowCount(row + 1);
        QStringList cells{tr(m.name)};
        for (const auto& note : registers)
            cells << (note ? text::cents(std::round(note->mouth[m.excitation].cents() * 10.0) / 10.0) : QStringLiteral("–"));
        cells << tr(m.sound);
        for (int column = 0; column < cells.size(); ++column)
            m_table->setItem(row, column, new QTableWidgetItem(cells[column]));
    }
    m_table->resizeRowsToContents();
    m_table->setVisible(m_table->rowCount() > 0);
}

void EdgePage::showTries(int row)
{
    m_tries->setText(row >= 0 && row < m_words.size() ? m_words[row] : QString());
}

} // namespace dowel::app
