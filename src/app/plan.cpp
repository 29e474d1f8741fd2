// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan.h"

#include "io/json_reader.h"
#include "io/layout_json.h"
#include "text/errors.h"

#include <QFileInfo>
#include <cmath>

namespace dowel::app {

Plan::Plan(QString path, QObject* parent) : QObject(parent), m_path(std::move(path))
{
    connect(&m_jobs, &Jobs::busyChanged, this, &Plan::busyChanged);
    if (QFileInfo::exists(m_path)) {
        auto kept = io::readLayoutFile(m_path.toStdString());
        if (kept && std::holds_alternative<Blank>(kept->from)) {
            m_blank = std::get<Blank>(std::move(kept->from));
            m_wishes = std::move(kept->wishes);
            m_target = usualTarget(m_blank.spec.family);
            m_target.tuning = m_blank.spec.tuning;
            if (!m_blank.spec.fingerings.empty())
                m_target.lowest = m_blank.spec.fingerings.front().id.text;
            return;
        }
    }
    m_target = usualTarget(Family::Whistle);
    if (auto blank = startingBlank(Family::Whistle, m_target))
        m_blank = std::move(*blank);
}

std::optional<Instrument> Plan::drawn() const
{
    if (m_layout)
        return m_layout->goal;
    InstrumentSpec bare = m_blank.spec;
    bare.holes.clear();
    bare.fingerings.clear();
    const auto tube = Instrument::make(std::move(bare));
    return tube ? std::optional(*tube) : std::nullopt;
}

void Plan::touched(bool dropLayout)
{
    ++m_revision;
    m_trouble.clear();
    if (dropLayout)
        m_layout.reset();
    keep();
    Q_EMIT changed();
}

void Plan::keep()
{
    m_saves.run([path = m_path.toStdString(),
                 text = io::layoutText(m_blank, m_wishes)](const Cancel&) { return io::writeFileWhole(path, text); },
                [this](Status done) {
                    if (!done)
                        Q_EMIT failed(text::sentence(done.error()));
                });
}

void Plan::begin(Family family)
{
    m_target = usualTarget(family);
    if (auto blank = startingBlank(family, m_target))
        m_blank = std::move(*blank);
    touched(true);
}

void Plan::setBlank(Blank blank)
{
    m_blank = std::move(blank);
    touched(true);
}

void Plan::setTarget(const PlanTarget& target)
{
    auto chart = fingeringChart(m_blank.spec.family, target);
    if (!chart) {
        Q_EMIT failed(text::sentence(chart.error()));
        Q_EMIT changed();
        return;
    }
    m_target = target;
    m_blank.spec.tuning = target.tuning;
    m_blank.spec.fingerings = std::move(*chart);
    touched(true);
}

void Plan::setWishes(const LayoutWishes& wishes)
{
    m_wishes = wishes;
    touched(true);
}

void Plan::layOut()
{
    const int revision = m_revision;
    m_jobs.run([blank = m_blank, wishes = m_wishes](const Cancel& cancel) { return dowel::layOut(blank, wishes, true, cancel); },
               [this, revision](Result<Layout> layout) {
                   if (revision != m_revision)
                       return; // something was changed meanwhile
                   if (layout) {
                       m_layout = std::move(*layout);
                       m_trouble.clear();
                   } else if (layout.error().code != ErrorCode::Cancelled) {
                       m_layout.reset();
                       m_trouble = text::sentence(layout.error());
                   }
                   Q_EMIT changed();
               });
}

void Plan::tryOut(const Instrument& shape)
{
    if (!m_layout)
        return;
    const auto posterior = fit(Workbook(shape));
    if (!posterior)
        return;
    const auto cents = posterior->cents(shape);
    if (!cents)
        return;
    m_layout->goal = shape;
    m_layout->start = undersized(shape, m_wishes, m_blank.spec.bore.back().at);
    m_layout->cents = *cents;
    m_layout->worst_cents = 0.0;
    double square = 0.0;
    for (const double c : *cents) {
        if (std::abs(c) > std::abs(m_layout->worst_cents))
            m_layout->worst_cents = c;
        square += c * c / static_cast<double>(cents->size());
    }
    m_layout->rms_cents = std::sqrt(square);
    m_layout->costs.clear();
    Q_EMIT changed();
}

} // namespace dowel::app
