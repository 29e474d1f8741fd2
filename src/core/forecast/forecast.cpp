// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/forecast/forecast.h"

#include <cmath>
#include <map>

namespace dowel {

Result<Forecaster> Forecaster::make(const Workbook& book, const Priors& priors, const Cancel& cancel)
{
    auto posterior = fit(book, priors, cancel);
    if (!posterior)
        return posterior.error();
    Forecaster f(std::move(*posterior));
    const auto& heard = f.m_posterior.lastHeard();
    f.m_heardCents.resize(heard.size());
    std::map<int, std::vector<double>> byShape;
    for (std::size_t i = 0; i < heard.size(); ++i) {
        if (heard[i] < 0)
            continue;
        auto it = byShape.find(heard[i]);
        if (it == byShape.end()) {
            const auto then = f.m_posterior.forecast(book.shapes()[static_cast<std::size_t>(heard[i])]);
            if (!then)
                return then.error();
            it = byShape.emplace(heard[i], then->cents).first;
        }
        f.m_heardCents[i] = it->second[i];
    }
    auto now = f.states(book.present());
    if (!now)
        return now.error();
    f.m_now = std::move(*now);
    f.m_moved.resize(heard.size());
    for (std::size_t i = 0; i < heard.size(); ++i)
        if (f.m_heardCents[i])
            f.m_moved[i] = f.m_now[i].cents - *f.m_heardCents[i];
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
        const double change = m_heardCents[i] ? forecast->cents[i] - *m_heardCents[i] : 0.0;
        states[i].cents = forecast->cents[i];
        states[i].sd = std::sqrt(std::max(0.0, known) + std::pow(m_posterior.priors().shareOfChange * change, 2));
    }
    return states;
}

} // namespace dowel
