// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/forecast/forecast.h"

#include "core/base/thread_role.h"
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
    auto made = Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet);
    return made ? std::optional(std::move(*made)) : std::nullopt;
}

/// What tools that slip make of the holes and the foot that are other than now, from the derivatives of the shape after.
void addSlips(Eigen::MatrixXd& covariance, const Posterior& posterior, const Instrument& present, const Instrument& shape,
              const Eigen::MatrixXd& jacobian)
{
    constexpr double same_m = 1e-7;
    const double variance = std::pow(posterior.priors().slipSd_m, 2);
    const auto& before = present.spec().holes;
    const auto& after = shape.spec().holes;
    for (std::size_t i = 0; i < before.size() && i < after.size(); ++i)
        if (std::abs((after[i].diameter - before[i].diameter).metres()) > same_m) {
            const Eigen::VectorXd j = jacobian.col(Posterior::placeOfHole(i));
            covariance += variance * j * j.transpose();
        }
    if (std::abs((shape.length() - present.length()).metres()) > same_m) {
        const Eigen::VectorXd j = jacobian.col(Posterior::placeOfFoot());
        covariance += variance * j * j.transpose();
    }
}

/// How far a maker's tools go beyond what was asked, from the cuts that followed advice; drawn to nothing while there are few.
double habitOf(const Workbook& book)
{
    constexpr double beforehand = 4.0; // as many cuts as the expectation of none is worth
    double sum_m = 0.0;
    double count = beforehand;
    for (const Entry* e : book.cuts()) {
        const auto& cut = std::get<CutEntry>(e->body);
        const bool hole = std::holds_alternative<Enlarge>(cut.cut);
        if (!cut.advised || !hole)
            continue;
        constexpr double farthest_m = 0.0003; // more than that is no slip
        sum_m += std::clamp((wantedSize(cut.cut) - *cut.advised).metres(), -farthest_m, farthest_m);
        count += 1.0;
    }
    return sum_m / count;
}

} // namespace

Result<Forecaster> Forecaster::make(const Workbook& book, const Priors& priors, const Cancel& cancel, const FitOptions& options)
{
    enterDoor(Door::Forecast);
    // What the formulas get wrong about cuts is learnt from this wood's own.
    Priors learnt = priors;
    const double honesty = honestyOf(outcomesOf(book), priors.repeat_cents);
    learnt.shareOfChange *= honesty;
    learnt.shareOfOther *= honesty;
    learnt.slip_m = habitOf(book);
    auto posterior = fit(book, learnt, cancel, options);
    if (!posterior)
        return posterior.error();
    Forecaster f(std::move(*posterior));
    f.m_honesty = honesty;
    f.m_shape = std::make_shared<const Instrument>(book.present());
    auto present = f.m_posterior.forecast(book.present());
    if (!present)
        return present.error();
    f.m_presentCents = present->cents;
    f.m_present.mean = Eigen::Map<const Eigen::VectorXd>(present->cents.data(), std::ssize(present->cents));
    f.m_present.covariance = present->jacobian * f.m_posterior.covariance() * present->jacobian.transpose();
    f.m_now = f.m_present.states();
    if (auto ok = f.walkBack(book); !ok)
        return ok.error();
    return f;
}

Status Forecaster::walkBack(const Workbook& book)
{
    const auto& heard = m_posterior.lastHeard();
    m_way.resize(heard.size());
    std::vector<double> later = m_presentCents;
    std::vector<double> way(heard.size(), 0.0);
    for (std::size_t shape = book.shapes().size(); shape-- > 0;) {
        bool needed = false;
        for (std::size_t i = 0; i < heard.size(); ++i) {
            if (heard[i] == static_cast<int>(shape))
                m_way[i] = way[i];
            needed = needed || (heard[i] >= 0 && heard[i] < static_cast<int>(shape));
        }
        if (!needed || shape == 0)
            break;
        auto earlier = m_posterior.cents(book.shapes()[shape - 1]);
        if (!earlier)
            return earlier.error();
        for (std::size_t i = 0; i < way.size(); ++i)
            way[i] += std::abs(later[i] - (*earlier)[i]);
        later = std::move(*earlier);
    }
    return Done{};
}

Result<std::vector<double>> Forecaster::doubtOf(const Instrument& shape, const std::vector<double>& cents) const
{
    // What enlarging and trimming do is forecast more surely than the rest: where both are between here and there, the
    // way goes over a shape that has the first only.
    std::vector<double> halfway = cents;
    if (const auto surer = surerPart(*m_shape, shape)) {
        auto there = m_posterior.cents(*surer);
        if (!there)
            return there.error();
        halfway = std::move(*there);
    }
    const Priors& p = m_posterior.priors();
    std::vector<double> doubt(cents.size());
    for (std::size_t i = 0; i < doubt.size(); ++i)
        doubt[i] = p.shareOfChange * std::abs(halfway[i] - m_presentCents[i]) + p.shareOfOther * std::abs(cents[i] - halfway[i]);
    return doubt;
}

Result<std::vector<double>> Forecaster::plainDoubt(const Instrument& shape) const
{
    const auto cents = m_posterior.cents(shape);
    if (!cents)
        return cents.error();
    auto doubt = doubtOf(shape, *cents);
    if (!doubt)
        return doubt.error();
    for (double& d : *doubt)
        d /= m_honesty;
    return doubt;
}

Result<JointForecast> Forecaster::jointForecast(const Instrument& shape) const
{
    auto forecast = m_posterior.forecast(shape);
    if (!forecast)
        return forecast.error();
    const auto doubt = doubtOf(shape, forecast->cents);
    if (!doubt)
        return doubt.error();
    JointForecast o;
    o.mean = Eigen::Map<const Eigen::VectorXd>(forecast->cents.data(), std::ssize(forecast->cents));
    o.covariance = forecast->jacobian * m_posterior.covariance() * forecast->jacobian.transpose();
    addSlips(o.covariance, m_posterior, *m_shape, shape, forecast->jacobian);
    for (Eigen::Index i = 0; i < o.mean.size(); ++i)
        o.covariance(i, i) += std::pow((*doubt)[static_cast<std::size_t>(i)], 2);
    return o;
}

Result<std::vector<NoteState>> Forecaster::states(const Instrument& shape) const
{
    const auto o = jointForecast(shape);
    if (!o)
        return o.error();
    return o->states();
}

Result<std::vector<NoteState>> Forecaster::statesNearby(const Instrument& shape) const
{
    const auto cents = m_posterior.cents(shape);
    if (!cents)
        return cents.error();
    const auto doubt = doubtOf(shape, *cents);
    if (!doubt)
        return doubt.error();
    std::vector<NoteState> states(cents->size());
    for (std::size_t i = 0; i < states.size(); ++i)
        states[i] = {(*cents)[i], std::hypot(m_now[i].sd, (*doubt)[i])};
    return states;
}

} // namespace dowel
