// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/forecast/forecast.h"

#include <cmath>

namespace dowel {

namespace {

/// The present instrument with another shape's holes and foot, but without what else is other about it; nothing where
/// that is nothing.
std::optional<Instrument> surerPart(const Instrument& present, const Instrument& shape)
{
    InstrumentSpec spec = present.spec();
    const InstrumentSpec& goal = shape.spec();
    if (spec.holes.size() != goal.holes.size())
        return std::nullopt;
    for (std::size_t i = 0; i < spec.holes.size(); ++i) {
        spec.holes[i].diameter = goal.holes[i].diameter;
        spec.holes[i].undercutDiameter = std::max(spec.holes[i].undercutDiameter, goal.holes[i].diameter);
    }
    if (shape.length() < present.length())
        spec.bore = boreEndingAt(std::move(spec.bore), shape.length());
    constexpr double same_m = 1e-7;
    bool other = spec.excitation != goal.excitation || spec.bore.size() != goal.bore.size();
    for (std::size_t i = 0; i < spec.holes.size(); ++i)
        other = other || std::abs((spec.holes[i].undercutDiameter - goal.holes[i].undercutDiameter).metres()) > same_m;
    for (std::size_t i = 0; !other && i < spec.bore.size(); ++i)
        other = std::abs((spec.bore[i].diameter - goal.bore[i].diameter).metres()) > same_m;
    if (!other)
        return std::nullopt;
    auto made = Instrument::make(std::move(spec));
    return made ? std::optional(std::move(*made)) : std::nullopt;
}

} // namespace

Result<Forecaster> Forecaster::make(const Workbook& book, const Priors& priors, const Cancel& cancel)
{
    auto posterior = fit(book, priors, cancel);
    if (!posterior)
        return posterior.error();
    Forecaster f(std::move(*posterior));
    const auto& heard = f.m_posterior.lastHeard();
    f.m_way.resize(heard.size());
    auto later = f.m_posterior.cents(book.present());
    if (!later)
        return later.error();
    f.m_presentCents = *later;
    f.m_present = std::make_shared<const Instrument>(book.present());
    std::vector<double> way(heard.size(), 0.0);
    std::vector<double> doubt(heard.size(), 0.0);
    f.m_doubt = doubt;
    const auto cuts = book.cuts();
    for (std::size_t shape = book.shapes().size(); shape-- > 0;) {
        bool needed = false;
        for (std::size_t i = 0; i < heard.size(); ++i) {
            if (heard[i] == static_cast<int>(shape)) {
                f.m_way[i] = way[i];
                f.m_doubt[i] = doubt[i];
            }
            needed = needed || (heard[i] >= 0 && heard[i] < static_cast<int>(shape));
        }
        if (!needed || shape == 0)
            break;
        auto earlier = f.m_posterior.cents(book.shapes()[shape - 1]);
        if (!earlier)
            return earlier.error();
        const double share = priors.shareOf(std::get<CutEntry>(cuts[shape - 1]->body).cut);
        for (std::size_t i = 0; i < way.size(); ++i) {
            way[i] += std::abs((*later)[i] - (*earlier)[i]);
            doubt[i] += share * std::abs((*later)[i] - (*earlier)[i]);
        }
        later = std::move(earlier);
    }
    auto now = f.states(book.present());
    if (!now)
        return now.error();
    f.m_now = std::move(*now);
    return f;
}

Result<std::vector<NoteState>> Forecaster::states(const Instrument& shape) const
{
    const auto forecast = m_posterior.forecast(shape);
    if (!forecast)
        return forecast.error();
    // What enlarging and trimming do is forecast more surely than the rest: where both are between here and there, the
    // way goes over a shape that has the first only.
    std::vector<double> halfway = forecast->cents;
    if (const auto surer = surerPart(*m_present, shape)) {
        auto cents = m_posterior.cents(*surer);
        if (!cents)
            return cents.error();
        halfway = std::move(*cents);
    }
    const Priors& p = m_posterior.priors();
    std::vector<NoteState> states(forecast->cents.size());
    for (std::size_t i = 0; i < states.size(); ++i) {
        const auto row = forecast->jacobian.row(static_cast<Eigen::Index>(i));
        const double known = row * m_posterior.covariance() * row.transpose();
        const double doubt = m_doubt[i] + p.shareOfChange * std::abs(halfway[i] - m_presentCents[i]) +
                             p.shareOfOther * std::abs(forecast->cents[i] - halfway[i]);
        states[i].cents = forecast->cents[i];
        states[i].sd = std::sqrt(std::max(0.0, known) + doubt * doubt);
    }
    return states;
}

} // namespace dowel
