// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan_pages.h"
#include "app/style.h"
#include "app/tuning_picture.h"

#include <QAbstractItemView>
#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <cmath>

namespace dowel::app {

namespace {

QString wishWords(Wish w)
{
    switch (w) {
    case Wish::Reach: return LayoutPage::tr("the fingers' reach");
    case Wish::LargestHole: return LayoutPage::tr("the largest hole (a third larger)");
    case Wish::SmallestHole: return LayoutPage::tr("the smallest hole");
    case Wish::OneBit: return LayoutPage::tr("one size for all");
    case Wish::Bits: return LayoutPage::tr("the bits in the drawer");
    case Wish::EqualSpacing: return LayoutPage::tr("even spacing");
    case Wish::FixedLength: return LayoutPage::tr("the tube's length");
    }
    return {};
}

} // namespace

LayoutPage::LayoutPage(Plan& plan, QWidget* parent)
    : QWidget(parent),
      m_plan(&plan),
      m_hand(new QComboBox(this)),
      m_smallest(new LengthField(QStringLiteral("layoutSmallest"), tr("Smallest hole"), this)),
      m_largest(new LengthField(QStringLiteral("layoutLargest"), tr("Largest hole"), this)),
      m_allowance(new LengthField(QStringLiteral("layoutAllowance"), tr("Holes start smaller by"), this)),
      m_foot(new LengthField(QStringLiteral("layoutFoot"), tr("Foot starts longer by"), this)),
      m_oneBit(new QCheckBox(tr("One size for all holes"), this)),
      m_bits(new QCheckBox(tr("Only bits from the drawer"), this)),
      m_even(new QCheckBox(tr("Even spacing"), this)),
      m_fixed(new QCheckBox(tr("Do not cut the tube"), this)),
      m_go(new QPushButton(tr("&Lay out the holes"), this)),
      m_words(new QLabel(this)),
      m_holes(new QTableWidget(0, 5, this)),
      m_picture(new TuningPicture(this))
{
    setObjectName(QStringLiteral("layoutPage"));
    m_hand->setObjectName(QStringLiteral("layoutHand"));
    m_hand->setAccessibleName(tr("Hands"));
    m_hand->view()->setObjectName(QStringLiteral("layoutHandList"));
    m_hand->view()->setAccessibleName(tr("Hands"));
    m_hand->addItems({tr("any hand"), tr("small hands"), tr("medium hands"), tr("large hands")});
    const std::pair<QCheckBox*, const char*> checks[] = {
        {m_oneBit, "layoutOneBit"}, {m_bits, "layoutBits"}, {m_even, "layoutEven"}, {m_fixed, "layoutFixed"}};
    for (const auto& [check, name] : checks) {
        check->setObjectName(QLatin1String(name));
        check->setAccessibleName(check->text());
        connect(check, &QCheckBox::clicked, this, &LayoutPage::take);
    }
    m_go->setObjectName(QStringLiteral("layoutGo"));
    m_go->setAccessibleName(tr("Lay out the holes"));
    m_go->setProperty("main", true);
    m_words->setObjectName(QStringLiteral("layoutWords"));
    m_words->setWordWrap(true);
    m_holes->setObjectName(QStringLiteral("layoutHoles"));
    m_holes->setAccessibleName(tr("Holes"));
    m_holes->setHorizontalHeaderLabels({tr("hole"), tr("from the foot"), tr("first"), tr("at last"), tr("to the next")});
    m_holes->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    m_holes->setShowGrid(false);
    m_holes->verticalHeader()->hide();
    m_holes->verticalHeader()->setDefaultSectionSize(25);
    m_holes->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_holes->setSelectionMode(QAbstractItemView::NoSelection);
    m_picture->setObjectName(QStringLiteral("layoutPicture"));
    m_picture->setAfterWords(QString(), QString());

    auto* form = new QFormLayout;
    form->setHorizontalSpacing(2 * Style::grid);
    form->setVerticalSpacing(6);
    form->addRow(tr("Reach"), m_hand);
    form->addRow(tr("Smallest hole"), m_smallest);
    form->addRow(tr("Largest hole"), m_largest);
    form->addRow(tr("Start smaller by"), m_allowance);
    form->addRow(tr("Leave on the foot"), m_foot);
    auto* left = new QVBoxLayout;
    left->setSpacing(6);
    left->addLayout(form);
    for (const auto& [check, name] : checks)
        left->addWidget(check);
    left->addWidget(m_go);
    left->addWidget(m_words, 1, Qt::AlignTop);
    auto* right = new QVBoxLayout;
    right->addWidget(m_picture, 3);
    right->addWidget(m_holes, 2);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, Style::grid, 2 * Style::grid, Style::grid);
    columns->setSpacing(3 * Style::grid);
    columns->addLayout(left, 2);
    columns->addLayout(right, 5);

    connect(m_hand, &QComboBox::activated, this, &LayoutPage::take);
    for (LengthField* f : {m_smallest, m_largest, m_allowance, m_foot})
        connect(f, &LengthField::lengthChanged, this, &LayoutPage::take);
    connect(m_go, &QPushButton::clicked, this, [this] { m_plan->busy() ? m_plan->cancel() : m_plan->layOut(); });
    connect(m_plan, &Plan::changed, this, &LayoutPage::refresh);
    connect(m_plan, &Plan::busyChanged, this, &LayoutPage::refresh);
    refresh();
}

void LayoutPage::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    for (LengthField* f : {m_smallest, m_largest, m_allowance, m_foot})
        f->setUnit(unit);
    refresh();
}

void LayoutPage::take()
{
    if (m_filling)
        return;
    LayoutWishes w = m_plan->wishes();
    switch (m_hand->currentIndex()) {
    case 1: w.reach = smallHand(); break;
    case 2: w.reach = mediumHand(); break;
    case 3: w.reach = largeHand(); break;
    default: w.reach.reset();
    }
    w.smallest = m_smallest->length();
    w.largest = m_largest->length();
    w.allowance = m_allowance->length();
    w.footAllowance = m_foot->length();
    w.oneBit = m_oneBit->isChecked();
    w.bits = m_bits->isChecked() ? m_plan->blank().spec.tools.bits : std::vector<Metres>();
    w.equalSpacing = m_even->isChecked();
    w.fixedLength = m_fixed->isChecked();
    m_plan->setWishes(w);
}

void LayoutPage::refresh()
{
    m_filling = true;
    const LayoutWishes& w = m_plan->wishes();
    const auto same = [](const std::optional<HandSpan>& a, const HandSpan& b) {
        return a && a->step == b.step && a->span == b.span;
    };
    m_hand->setCurrentIndex(same(w.reach, smallHand())    ? 1
                            : same(w.reach, mediumHand()) ? 2
                            : same(w.reach, largeHand())  ? 3
                                                          : 0);
    m_smallest->setLength(w.smallest);
    m_largest->setLength(w.largest);
    m_allowance->setLength(w.allowance);
    m_foot->setLength(w.footAllowance);
    m_oneBit->setChecked(w.oneBit);
    m_bits->setChecked(!w.bits.empty());
    m_even->setChecked(w.equalSpacing);
    m_fixed->setChecked(w.fixedLength);
    m_go->setText(m_plan->busy() ? tr("Stop") : tr("&Lay out the holes"));
    m_filling = false;

    const auto& layout = m_plan->layout();
    m_holes->setVisible(layout.has_value());
    std::vector<PictureNote> notes;
    if (!layout) {
        m_picture->setNotes({});
        m_holes->setRowCount(0);
        m_words->setText(m_plan->busy() ? tr("Working it out…")
                         : !m_plan->trouble().isEmpty()
                             ? m_plan->trouble()
                             : tr("Nothing is laid out yet. The button works out places and sizes for the target on this bore."));
        return;
    }
    const auto& fingerings = layout->goal.spec().fingerings;
    for (std::size_t i = 0; i < fingerings.size(); ++i) {
        PictureNote n;
        n.name = text::noteName(fingerings[i].id.text);
        n.registerNumber = fingerings[i].registerNumber;
        n.tolerance = fingerings[i].tolerance.cents();
        n.heard = true;
        n.now = layout->cents[i];
        notes.push_back(std::move(n));
    }
    m_picture->setNotes(std::move(notes));
    QStringList lines;
    int within = 0;
    for (std::size_t i = 0; i < fingerings.size(); ++i)
        within += std::abs(layout->cents[i]) <= fingerings[i].tolerance.cents() ? 1 : 0;
    lines << tr("%1 of %2 notes within tolerance by calculation, furthest off %3 cents. A real tube will differ by some tens of "
                "cents; that is what "
                "starting undersized is for.")
                 .arg(within)
                 .arg(fingerings.size())
                 .arg(text::cents(std::round(layout->worst_cents * 10.0) / 10.0));
    for (const WishCost& c : layout->costs)
        lines << (c.mends ? tr("Without %1 every note would be within tolerance.")
                          : tr("Without %1 the furthest would be %2 cents off."))
                     .arg(wishWords(c.wish))
                     .arg(c.mends ? QString() : text::cents(std::round(c.worst_cents)));
    lines << tr("Drag a hole or the foot on the workpiece: the notes follow.");
    m_words->setText(lines.join(QStringLiteral("\n\n")));
    const auto& holes = layout->goal.spec().holes;
    m_holes->setRowCount(static_cast<int>(holes.size()) + 1);
    const auto put = [this](int row, const QStringList& cells) {
        for (int column = 0; column < cells.size(); ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            item->setTextAlignment((column == 0 ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
            m_holes->setItem(row, column, item);
        }
    };
    const auto tenth = [this](Metres v) {
        return text::length(Metres::fromMillimetres(std::round(v.millimetres() * 10.0) / 10.0), m_unit);
    };
    for (std::size_t i = 0; i < holes.size(); ++i) {
        const Hole& h = holes[i];
        const QString next = i + 1 < holes.size() ? tenth(h.at - holes[i + 1].at) : QString();
        put(static_cast<int>(i),
            {QString::fromStdString(h.id.text + (h.digit.empty() ? "" : "  " + h.digit) + (h.side == Side::Back ? "  back" : "")),
             tenth(layout->start.length() - h.at), tenth(layout->start.spec().holes[i].diameter), tenth(h.diameter), next});
    }
    put(static_cast<int>(holes.size()),
        {tr("tube"), QString(), tenth(layout->start.length()), tenth(layout->goal.length()), QString()});
}

} // namespace dowel::app
