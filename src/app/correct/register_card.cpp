// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correct/register_card.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "core/base/cases.h"
#include "text/sentences.h"
#include "text/units.h"

#include <QHeaderView>
#include <QLabel>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

QString leverName(const Cut& cut, text::LengthUnit unit)
{
    const auto named = [](const HoleId& hole) {
        return QString::fromStdString(hole.text);
    };
    return std::visit(
        Cases{[&](const Enlarge& c) { return RegisterCard::tr("enlarge %1", "%1 hole").arg(named(c.hole)); },
              [&](const Undercut& c) { return RegisterCard::tr("undercut %1", "%1 hole").arg(named(c.hole)); },
              [&](const Fill& c) { return RegisterCard::tr("fill %1", "%1 hole").arg(named(c.hole)); },
              [](const TrimFoot&) { return RegisterCard::tr("trim foot"); },
              [&](const Sink& c) { return RegisterCard::tr("countersink %1", "%1 hole").arg(named(c.hole)); },
              [&](const Groove& c) { return RegisterCard::tr("thinner wall under %1", "%1 hole").arg(named(c.hole)); },
              [](const OpenWindway&) { return RegisterCard::tr("higher windway"); },
              [](const Chamfer&) { return RegisterCard::tr("windway chamfer"); },
              [](const CutLip&) { return RegisterCard::tr("longer lip ramp"); },
              [](const SetSlide&) { return RegisterCard::tr("set slide"); },
              [](const ChangeStopper&) { return RegisterCard::tr("another stopper"); },
              [unit](const MoveSlide&) { return RegisterCard::tr("joint out %1", "1 mm").arg(text::tenfoldChange(unit)); },
              [unit](const MoveBlock&) { return RegisterCard::tr("block back %1", "1 mm").arg(text::tenfoldChange(unit)); },
              [](const Smooth&) { return RegisterCard::tr("smoother bore"); },
              [](const Lacquer&) { return RegisterCard::tr("lacquer inside"); },
              [](const Deepen&) { return RegisterCard::tr("deepen bore"); },
              [](const PushPlug&) { return RegisterCard::tr("push plug in"); },
              [](const PutOnFoot&) { return RegisterCard::tr("foot piece"); },
              [](const CutUp&) { return RegisterCard::tr("longer window"); },
              [](const OpenEmbouchure&) { return RegisterCard::tr("longer embouchure hole"); },
              [](const UndercutEmbouchure&) { return RegisterCard::tr("undercut embouchure hole"); },
              [unit](const MoveStopper&) { return RegisterCard::tr("stopper out %1", "1 mm").arg(text::tenfoldChange(unit)); },
              [](const ReamTaper&) { return RegisterCard::tr("reamed taper"); },
              [unit](const Ream& c) {
                  return RegisterCard::tr("bore %1 to %2", "places")
                      .arg(text::roughPlace(c.from, unit), text::roughPlace(c.to, unit));
              }},
        cut);
}

} // namespace

RegisterCard::RegisterCard(Document& document, QWidget* parent)
    : QFrame(parent),
      m_document(&document),
      m_words(form::words(this, "registerWords")),
      m_pairs(form::table(this, "registerTable", tr("Width of each interval"),
                          {tr("note"), tr("first"), tr("second"), tr("interval")})),
      m_leverWords(form::words(this, "leverWords", true)),
      m_levers(form::table(this, "leverTable", tr("What changes the intervals"), {tr("change"), tr("mean"), tr("most")})),
      m_jobs(new Jobs(this))
{
    setObjectName(QStringLiteral("card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 14, 20, 14);
    column->setSpacing(Style::grid);
    column->addWidget(m_words);
    column->addWidget(m_pairs, 7);
    column->addWidget(m_leverWords);
    column->addWidget(m_levers, 6);
    for (QTableWidget* t : {m_pairs, m_levers}) {
        t->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
        t->horizontalHeader()->setSectionResizeMode(t->columnCount() - 1, QHeaderView::Stretch);
    }
}

void RegisterCard::refresh()
{
    const auto& recommendation = m_document->recommendation();
    if (!recommendation || !isVisible())
        return;
    const auto book = m_document->book();
    m_jobs->runNewest([forecaster = recommendation->forecaster,
                       book](const Cancel&) { return registersOf(forecaster->posterior(), book->present()); },
                      [this, book, now = recommendation->now](Result<RegisterView> view) {
                          m_view = view ? std::move(*view) : RegisterView{};
                          showView(book->present(), now);
                      });
}

void RegisterCard::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    refresh();
}

void RegisterCard::showView(const Instrument& shape, const std::vector<NoteState>& now)
{
    const auto& fingerings = shape.spec().fingerings;
    const bool any = !m_view.pairs.empty();
    for (QWidget* w : std::initializer_list<QWidget*>{m_pairs, m_leverWords, m_levers})
        w->setVisible(any);
    if (!any) {
        m_words->setText(tr("No fingering is used in two registers, so there are no intervals to compare."));
        return;
    }
    const double mean = m_view.mean.cents();
    constexpr double none_cents = 1.0;
    m_words->setText(std::abs(mean) < none_cents ? tr("The registers are in tune with each other on average.")
                     : mean > 0.0 ? tr("The intervals are %1 cents too wide on average.").arg(text::number(mean, 1))
                                  : tr("The intervals are %1 cents too narrow on average.").arg(text::number(-mean, 1)));
    m_pairs->setRowCount(static_cast<int>(m_view.pairs.size()));
    for (std::size_t i = 0; i < m_view.pairs.size(); ++i) {
        const RegisterPair& p = m_view.pairs[i];
        const double off = p.wide.cents();
        form::row(m_pairs, static_cast<int>(i),
                  {text::noteName(fingerings[p.low].id.text), text::cents(now[p.low].cents), text::cents(now[p.high].cents),
                   std::abs(off) < 0.05 ? tr("pure")
                                        : (off > 0.0 ? tr("%1 wide") : tr("%1 narrow")).arg(text::number(std::abs(off), 1))});
    }
    m_leverWords->setText(tr("Effect of %1 in cents (+ widens):", "0.1 mm").arg(text::smallChange(m_unit)));
    constexpr std::size_t most = 6;
    const std::size_t rows = std::min(most, m_view.levers.size());
    m_levers->setRowCount(static_cast<int>(rows));
    for (std::size_t i = 0; i < rows; ++i) {
        const RegisterLever& l = m_view.levers[i];
        const auto strongest = std::max_element(l.change.begin(), l.change.end(),
                                                [](Cents a, Cents b) { return std::abs(a.cents()) < std::abs(b.cents()); });
        const auto pair = static_cast<std::size_t>(strongest - l.change.begin());
        form::row(m_levers, static_cast<int>(i),
                  {leverName(l.lever.cut, m_unit), text::cents(l.mean.cents()),
                   tr("%1, %2", "cents, note")
                       .arg(text::cents(strongest->cents()), text::noteName(fingerings[m_view.pairs[pair].low].id.text))});
    }
}

} // namespace dowel::app

#include "moc_register_card.cpp"
