// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/forecast/forecast.h"

#include <cmath>

namespace dowel {

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
    std::vector<double> way(heard.size(), 0.0);
    for (std::size_t shape = book.shapes().size(); shape-- > 0;) {
        bool needed = false;
        for (std::size_t i = 0; i < heard.size(); ++i) {
            if (heard[i] == static_cast<int>(shape))
                f.m_way[i] = way[i];
            needed = needed || (heard[i] >= 0 && heard[i] < static_cast<int>(shape));
        }
        if (!needed || shape == 0)
            break;
        auto earlier = f.m_posterior.cents(book.shapes()[shape - 1]);
        if (!earlier)
            return earlier.error();
        for (std::size_t i = 0; i < way.size(); ++i)
            way[i] += std::abs((*later)[i] - (*earlier)[i]);
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
    std::vector<NoteState> states(forecast->cents.size());
    for (std::size_t i = 0; i < states.size(); ++i) {
        const auto row = forecast->jacobian.row(static_cast<Eigen::Index>(i));
        const double known = row * m_posterior.covariance() * row.transpose();
        const double change = m_way[i].value_or(0.0) + std::abs(forecast->cents[i] - m_presentCents[i]);
        states[i].cents = forecast->cents[i];
        states[i].sd = std::sqrt(std::max(0.0, known) + std::pow(m_posterior.priors().shareOfChange * change, 2));
    }
    return states;
}

} // namespace dowel
