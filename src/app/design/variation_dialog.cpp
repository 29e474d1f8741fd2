// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/variation_dialog.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "text/errors.h"
#include "text/names.h"
#include "text/units.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>
#include <array>
#include <cmath>

namespace dowel::app {

namespace {

/// How a change is asked for and what is to be known of it; how rough raw wood is: common practice, no source.
struct Words
{
    QString name;
    QString times{}; ///< what the factor is of; empty where there is none
    QString first{};
    QString second{};
    QString how{};
};

Words wordsOf(const Change& change, bool ring)
{
    const std::array<Words, std::variant_size_v<Change>> all{
        Words{VariationDialog::tr("a rougher or smoother bore"), VariationDialog::tr("Wall loss factor"),
              VariationDialog::tr("From"), VariationDialog::tr("To"),
              VariationDialog::tr(
                  "1 is a smooth, sealed wall; raw wood or unscraped cane is 1.5 to 2. A rough wall makes notes slightly flatter "
                  "and weaker; the table shows each note. Enter 1 over a stretch to see what smoothing would gain.")},
        Words{VariationDialog::tr("finger grooves"),
              {},
              VariationDialog::tr("Depth"),
              {},
              VariationDialog::tr("A groove thins the wall under the finger, so each hole acts larger. File with the grain, away "
                                  "from the other hand.")},
        ring ? Words{VariationDialog::tr("a ring on the foot"),
                     {},
                     VariationDialog::tr("Length"),
                     VariationDialog::tr("Inside diameter"),
                     VariationDialog::tr("Cylindrical. You can record the instrument with and without it.")}
             : Words{VariationDialog::tr("a bell or funnel on the foot"),
                     {},
                     VariationDialog::tr("Length"),
                     VariationDialog::tr("Mouth diameter"),
                     VariationDialog::tr("A cone beyond the foot. You can record the instrument with and without it.")},
        Words{VariationDialog::tr("another mouthpiece"),
              VariationDialog::tr("Volume factor"),
              {},
              {},
              VariationDialog::tr("Mouthpiece and chamber, including the compliance of reed or lips. More volume flattens upper "
                                  "notes more than low ones.")},
        Words{VariationDialog::tr("barrel pulled out"),
              {},
              VariationDialog::tr("By"),
              {},
              VariationDialog::tr("Lengthens the tube above all holes: upper notes go flatter than low ones.")},
        Words{VariationDialog::tr("a register hole"),
              {},
              VariationDialog::tr("From the mouthpiece"),
              VariationDialog::tr("Diameter"),
              VariationDialog::tr("Closed in the first register, open above. The further the hole is from a pressure node, the "
                                  "more it raises the note.")},
        Words{VariationDialog::tr("a loose slide"),
              {},
              VariationDialog::tr("Radial gap"),
              VariationDialog::tr("Packing length"),
              VariationDialog::tr("Air leaking past the packing weakens the resonance but hardly changes pitch. Thread, cork or "
                                  "felt with grease seals it.")}};
    return all[change.index()];
}

QString offWords(const std::optional<Cents>& off)
{
    return off ? text::wholeCents(off->cents()) : VariationDialog::tr("none", "no such note");
}

} // namespace

VariationDialog::VariationDialog(const Instrument& laidOut, text::LengthUnit unit, QWidget* parent)
    : QDialog(parent),
      m_now(laidOut),
      m_unit(unit),
      m_changes(changesFor(laidOut.spec())),
      m_what(form::box(this, "variationWhat", tr("Change"))),
      m_times(form::spin(this, "variationTimes", tr("Factor"), {0.2, 10.0, 0.1, 2, QString()})),
      m_first(new LengthField(QStringLiteral("variationFirst"), tr("Amount"), this)),
      m_second(new LengthField(QStringLiteral("variationSecond"), tr("Diameter"), this)),
      m_timesWords(new QLabel(this)),
      m_firstWords(new QLabel(this)),
      m_secondWords(new QLabel(this)),
      m_how(form::words(this, "variationHow", true)),
      m_table(form::table(this, "variationTable", tr("Every note before and after"),
                          {tr("note"), tr("now"), tr("changed"), tr("shift"), tr("stronger by"), tr("response")})),
      m_found(form::words(this, "variationFound"))
{
    setObjectName(QStringLiteral("variationDialog"));
    setWindowTitle(tr("What if"));
    constexpr int longestChange = 36; // letters
    m_what->setMinimumContentsLength(longestChange);
    resize(960, 600);
    for (std::size_t i = 0; i < m_changes.size(); ++i) { // a bell is a ring too
        const auto* foot = std::get_if<OnTheFoot>(&m_changes[i]);
        if (foot && foot->cone) {
            OnTheFoot ring = *foot;
            ring.cone = false;
            ring.mouth = m_now.spec().bore.back().diameter;
            m_changes.insert(m_changes.begin() + static_cast<std::ptrdiff_t>(i) + 1, ring);
            break;
        }
    }
    for (const Change& c : m_changes) {
        const auto* foot = std::get_if<OnTheFoot>(&c);
        m_what->addItem(wordsOf(c, foot && !foot->cone).name);
    }
    for (LengthField* f : {m_first, m_second})
        f->setUnit(unit);
    arrange();
    connect(m_what, &QComboBox::activated, this, &VariationDialog::begin);
    connect(m_times, &QDoubleSpinBox::valueChanged, this, &VariationDialog::ask);
    for (LengthField* f : {m_first, m_second})
        connect(f, &LengthField::lengthChanged, this, &VariationDialog::ask);
    begin(0);
}

void VariationDialog::arrange()
{
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    auto* rows = new QFormLayout;
    rows->setHorizontalSpacing(2 * Style::grid);
    rows->setVerticalSpacing(Style::grid);
    rows->addRow(m_what);
    rows->addRow(m_timesWords, m_times);
    rows->addRow(m_firstWords, m_first);
    rows->addRow(m_secondWords, m_second);
    m_how->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* left = new QVBoxLayout;
    left->addLayout(rows);
    left->addWidget(m_how);
    left->addWidget(m_found);
    left->addStretch(1);
    auto* columns = new QHBoxLayout;
    columns->setSpacing(3 * Style::grid);
    columns->addLayout(left, 3);
    columns->addWidget(m_table, 5);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(2 * Style::grid);
    column->addLayout(columns, 1);
    column->addLayout(form::closing(this, "variationClose"));
}

void VariationDialog::begin(int change)
{
    const Change& c = m_changes[static_cast<std::size_t>(change)];
    const auto* onFoot = std::get_if<OnTheFoot>(&c);
    const Words words = wordsOf(c, onFoot && !onFoot->cone);
    m_filling = true;
    const auto set = [](QLabel* label, QWidget* field, const QString& named) {
        label->setText(named);
        field->setAccessibleName(named);
        label->setVisible(!named.isEmpty());
        field->setVisible(!named.isEmpty());
    };
    set(m_timesWords, m_times, words.times);
    set(m_firstWords, m_first, words.first);
    set(m_secondWords, m_second, words.second);
    m_how->setText(words.how);
    const ChangeAmounts amounts = amountsOf(c);
    if (amounts.times)
        m_times->setValue(*amounts.times);
    if (amounts.first)
        m_first->setLength(text::tenths(*amounts.first));
    if (amounts.second)
        m_second->setLength(text::tenths(*amounts.second));
    m_filling = false;
    ask();
}

Change VariationDialog::typed() const
{
    return withAmounts(m_changes[static_cast<std::size_t>(m_what->currentIndex())],
                       {m_times->value(), m_first->length(), m_second->length()});
}

void VariationDialog::ask()
{
    if (m_filling)
        return;
    m_jobs.runNewest(
        [now = m_now, change = typed()](const Cancel& cancel) -> Result<Variation> {
            const auto posterior = DOWEL_TRY(Posterior::prior(now, {}, cancel));
            return varied(posterior, now, change);
        },
        [this](const Result<Variation>& found) {
            if (found)
                return show(*found);
            m_table->setRowCount(0);
            m_found->setText(text::sentence(found.error(), m_unit));
        });
}

void VariationDialog::show(const Variation& variation)
{
    m_table->setRowCount(static_cast<int>(variation.notes.size()));
    double most = 0.0;
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const NoteVaried& n = variation.notes[static_cast<std::size_t>(row)];
        const bool both = n.now && n.then;
        const double moves = both ? (*n.then - *n.now).cents() : 0.0;
        most = std::abs(moves) > std::abs(most) ? moves : most;
        form::row(m_table, row,
                  {text::noteName(n.id.text), offWords(n.now), offWords(n.then),
                   both ? text::cents(std::round(moves * 10.0) / 10.0) : QString(),
                   both ? tr("%1 dB").arg(text::cents(std::round(n.stronger_dB * 10.0) / 10.0)) : QString(),
                   n.then ? text::speechName(n.speech) : QString()});
    }
    form::fitColumns(m_table);
    QStringList lines{
        tr("Largest shift: %1 cents. Calculated, in cents from the target.").arg(text::cents(std::round(most * 10.0) / 10.0))};
    if (variation.leaveOff && variation.leaveOff->metres() >= 0.0)
        lines << tr("To keep the lowest note, shorten the foot by %1.")
                     .arg(text::length(text::tenths(*variation.leaveOff), m_unit));
    else if (variation.leaveOff)
        lines << tr("To keep the lowest note, the tube would have to be %1 longer.")
                     .arg(text::length(text::tenths(*variation.leaveOff * -1.0), m_unit));
    m_found->setText(lines.join(QStringLiteral("\n\n")));
}

} // namespace dowel::app

#include "moc_variation_dialog.cpp"
