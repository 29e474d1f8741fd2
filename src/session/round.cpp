// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/round.h"

#include <algorithm>
#include <cctype>

namespace dowel::session {

namespace {

std::size_t placeOf(const Workbook& book, const FingeringId& id)
{
    return book.present().indexOf(id).value_or(0);
}

} // namespace

Round::Round(const Workbook& book)
{
    const auto& fingerings = book.present().spec().fingerings;
    const auto ages = cutsSinceHeard(book);
    for (std::size_t i = 0; i < fingerings.size(); ++i)
        if (!ages[i])
            m_pending.push_back(fingerings[i].id);
    if (!m_pending.empty())
        m_asked = m_pending.front();
    else if (!fingerings.empty())
        m_asked = fingerings.front().id;
}

void Round::hear(const std::vector<FingeringId>& wanted)
{
    m_pending = wanted;
    if (!m_pending.empty())
        m_asked = m_pending.front();
}

void Round::taken(std::span<const FingeringId> heard)
{
    for (const FingeringId& id : heard)
        std::erase(m_pending, id);
    if (!m_pending.empty())
        m_asked = m_pending.front();
    else if (!heard.empty())
        m_asked = heard.back();
}

void Round::setOrder(Order order, const Workbook& book, const std::vector<FingeringId>& wanted)
{
    switch (order) {
    case Order::Asked:
        if (!wanted.empty())
            m_pending = wanted;
        break;
    case Order::FootUpwards:
        std::sort(m_pending.begin(), m_pending.end(),
                  [&](const FingeringId& a, const FingeringId& b) { return placeOf(book, a) < placeOf(book, b); });
        break;
    case Order::Stale: {
        m_pending.clear();
        const auto ages = cutsSinceHeard(book);
        for (std::size_t i = 0; i < ages.size(); ++i)
            if (ages[i].value_or(1) > 0)
                m_pending.push_back(book.present().spec().fingerings[i].id);
        break;
    }
    }
    if (!m_pending.empty())
        m_asked = m_pending.front();
}

void Round::next(const Workbook& book)
{
    if (m_pending.empty())
        return;
    const auto later = std::find_if(m_pending.begin(), m_pending.end(), [&](const FingeringId& id) {
        return !m_asked || placeOf(book, id) > placeOf(book, *m_asked);
    });
    m_asked = later == m_pending.end() ? m_pending.front() : *later;
}

void Round::step(const Workbook& book, int by)
{
    const auto& fingerings = book.present().spec().fingerings;
    const int all = static_cast<int>(fingerings.size());
    if (!m_asked || all == 0)
        return;
    const int there = ((static_cast<int>(placeOf(book, *m_asked)) + by) % all + all) % all;
    m_asked = fingerings[static_cast<std::size_t>(there)].id;
}

std::vector<std::optional<std::size_t>> cutsSinceHeard(const Workbook& book)
{
    const Instrument& shape = book.present();
    std::vector<std::optional<std::size_t>> ages(shape.spec().fingerings.size());
    for (const PlacedReading& r : book.readings()) // oldest first
        if (const auto note = shape.indexOf(r.reading->fingering))
            ages[*note] = book.shapes().size() - 1 - r.shape;
    return ages;
}

std::optional<FingeringId> fingeringNamed(const Workbook& book, std::string_view name)
{
    const auto same = [](char a, char b) {
        return std::tolower(static_cast<unsigned char>(a)) == std::tolower(static_cast<unsigned char>(b));
    };
    for (const Fingering& f : book.present().spec().fingerings)
        if (std::equal(name.begin(), name.end(), f.id.text.begin(), f.id.text.end(), same))
            return f.id;
    return std::nullopt;
}

} // namespace dowel::session
