// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/forecast/forecast.h"

#include "core/forecast/outcomes.h"

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

std::vector<double> knownVariances(const Posterior& posterior, const Eigen::MatrixXd& jacobian)
{
    std::vector<double> known;
    for (Eigen::Index i = 0; i < jacobian.rows(); ++i)
        known.push_back(
            std::max(0.0, static_cast<double>(jacobian.row(i) * posterior.covariance() * jacobian.row(i).transpose())));
    return known;
}

} // namespace

Result<Forecaster> Forecaster::make(const Workbook& book, const Priors& priors, const Cancel& cancel)
{
    // What the formulas get wrong about cuts is learnt from this wood's own.
    Priors learnt = priors;
    const double honesty = honestyOf(outcomesOf(book), priors.repeat_cents);
    learnt.shareOfChange *= honesty;
    learnt.shareOfOther *= honesty;
    learnt.repeat_cents *= std::min(1.0, honesty);
    auto posterior = fit(book, learnt, cancel);
    if (!posterior)
        return posterior.error();
    Forecaster f(std::move(*posterior));
    const auto& heard = f.m_posterior.lastHeard();
    f.m_way.resize(heard.size());
    auto present = f.m_posterior.forecast(book.present());
    if (!present)
        return present.error();
    f.m_known = knownVariances(f.m_posterior, present->jacobian);
    f.m_presentCents = present->cents;
    Result<std::vector<double>> later = std::move(present->cents);
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
        const double share = learnt.shareOf(std::get<CutEntry>(cuts[shape - 1]->body).cut);
        for (std::size_t i = 0; i < way.size(); ++i) {
            way[i] += std::abs((*later)[i] - (*earlier)[i]);
            doubt[i] += share * std::abs((*later)[i] - (*earlier)[i]);
        }
        later = std::move(earlier);
    }
    auto now = f.withDoubt(book.present(), f.m_presentCents, f.m_known);
    if (!now)
        return now.error();
    f.m_now = std::move(*now);
    return f;
}

Result<std::vector<NoteState>> Forecaster::states(const Instrument& shape) const
{
    auto forecast = m_posterior.forecast(shape);
    if (!forecast)
        return forecast.error();
    const auto known = knownVariances(m_posterior, forecast->jacobian);
    return withDoubt(shape, std::move(forecast->cents), known);
}

Result<std::vector<NoteState>> Forecaster::statesNearby(const Instrument& shape) const
{
    auto cents = m_posterior.cents(shape);
    if (!cents)
        return cents.error();
    return withDoubt(shape, std::move(*cents), m_known);
}

Result<std::vector<NoteState>> Forecaster::withDoubt(const Instrument& shape, std::vector<double> cents,
                                                     const std::vector<double>& known) const
{
    // What enlarging and trimming do is forecast more surely than the rest: where both are between here and there, the
    // way goes over a shape that has the first only.
    std::vector<double> halfway = cents;
    if (const auto surer = surerPart(*m_present, shape)) {
        auto there = m_posterior.cents(*surer);
        if (!there)
            return there.error();
        halfway = std::move(*there);
    }
    const Priors& p = m_posterior.priors();
    std::vector<NoteState> states(cents.size());
    for (std::size_t i = 0; i < states.size(); ++i) {
        const double doubt = m_doubt[i] + p.shareOfChange * std::abs(halfway[i] - m_presentCents[i]) +
                             p.shareOfOther * std::abs(cents[i] - halfway[i]);
        states[i].cents = cents[i];
        states[i].sd = std::sqrt(known[i] + doubt * doubt);
    }
    return states;
}

} // namespace dowel
