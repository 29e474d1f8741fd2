// SPDX-License-Identifier: GPL-3.0-or-later
// Every note with its uncertainty, now and after a change. A difference is forecast more surely than an absolute value:
// errors that both shapes share cancel through the posterior's covariance; what the formulas get wrong about the change
// itself is a share of the change (judgement.md).
#pragma once

#include "core/fit/fit.h"

#include <memory>

namespace dowel {

struct NoteState
{
    double cents = 0; ///< sounding minus target
    double sd = 0;    ///< one sigma
};

class Forecaster
{
public:
    /// Errors: those of fit() and Posterior::forecast().
    static Result<Forecaster> make(const Workbook& book, const Priors& priors = {}, const Cancel& cancel = {});

    /// All fingerings on a shape, one entry each. Errors: OutOfModelRange (where = fingering).
    [[nodiscard]] Result<std::vector<NoteState>> states(const Instrument& shape) const;
    /// The same for a shape near the present one, in a quarter of the time: what is not known counts as it does now, what
    /// the change adds as in states().
    [[nodiscard]] Result<std::vector<NoteState>> statesNearby(const Instrument& shape) const;
    /// The shape the workbook ends with.
    [[nodiscard]] const std::vector<NoteState>& now() const { return m_now; }
    [[nodiscard]] const Posterior& posterior() const { return m_posterior; }
    /// How far each note is forecast to have gone since it was last heard, up and down added up, in cents; nothing where
    /// it never was heard.
    [[nodiscard]] const std::vector<std::optional<double>>& waySinceHeard() const { return m_way; }

private:
    Forecaster(Posterior posterior) : m_posterior(std::move(posterior)) {}
    [[nodiscard]] Result<std::vector<NoteState>> withDoubt(const Instrument& shape, std::vector<double> cents,
                                                           const std::vector<double>& known) const;
    Posterior m_posterior;
    std::vector<double> m_known; ///< variance of each note on the present shape, without what cuts add
    std::vector<NoteState> m_now;
    std::vector<double> m_presentCents;
    std::vector<std::optional<double>> m_way;
    std::vector<double> m_doubt; ///< of that way: one sigma of what the formulas get wrong about it
    std::shared_ptr<const Instrument> m_present;
};

} // namespace dowel
