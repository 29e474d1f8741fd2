// SPDX-License-Identifier: GPL-3.0-or-later
// Every note with its uncertainty, now and after a change. A difference is forecast more surely than an absolute value:
// errors that both shapes share cancel through the posterior's covariance, taken with the derivatives of the shape that is
// forecast. Besides comes what the formulas get wrong about the change itself, a share of it, and what a
// tool that slips makes of it.
#pragma once

#include "core/fit/fit.h"
#include "core/forecast/joint_forecast.h"
#include "core/forecast/outcomes.h"

#include <cmath>
#include <memory>

namespace dowel {

/// What a reading is expected to be off by.
[[nodiscard]] inline ListeningError listeningErrorOf(const Priors& priors)
{
    return {priors.repeat_cents, priors.listeningSd_cents, priors.listeningSlopeSd_cents};
}

struct ForecastOptions
{
    FitOptions fit{};
    std::optional<Tools> tools{}; ///< the bits that are there today, instead of the workbook's
};

class Forecaster
{
public:
    /// Errors: those of fit() and Posterior::forecast().
    static Result<Forecaster> make(const Workbook& book, const Priors& priors = {}, const Cancel& cancel = {},
                                   const ForecastOptions& options = {});

    /// All fingerings on a shape that is still to be cut. Errors: OutOfModelRange (where = fingering).
    [[nodiscard]] Result<JointForecast> jointForecast(const Instrument& shape) const;
    /// All fingerings on a shape that the instrument has had: nothing slips on the way there, and no formula is in doubt.
    [[nodiscard]] Result<JointForecast> asItWas(const Instrument& shape) const;
    /// The first by itself, one entry a fingering.
    [[nodiscard]] Result<std::vector<NoteState>> states(const Instrument& shape) const;
    /// The same for a shape near the present one, in a quarter of the time: what is not known counts as it does now, what
    /// the formulas get wrong about the change as in states(); no tool slips.
    [[nodiscard]] Result<std::vector<NoteState>> statesNearby(const Instrument& shape) const;
    /// Of a change from the present shape, one sigma of what the formulas get wrong about it, one entry a fingering, before
    /// it was learnt how honest forecasts have been. Errors as states().
    [[nodiscard]] Result<std::vector<double>> plainDoubt(const Instrument& shape) const;
    /// The part of it that comes from what is less sure than holes and foot: undercuts, bore, window, embouchure, stopper; as
    /// honest as forecasts have been. cents: of that shape, one entry a fingering.
    [[nodiscard]] Result<std::vector<double>> doubtOfLessSure(const Instrument& shape, const std::vector<double>& cents) const;
    /// The shape the workbook ends with.
    [[nodiscard]] const std::vector<NoteState>& now() const { return m_now; }
    [[nodiscard]] const JointForecast& present() const { return m_present; }
    [[nodiscard]] const Posterior& posterior() const { return m_posterior; }
    /// What forecasts of changes have been off by, over what was stated of them: 1 where they are honest.
    [[nodiscard]] double honesty() const { return m_honesty; }
    /// How far each note is forecast to have gone since it was last heard, up and down added up, in cents; nothing where
    /// it never was heard.
    [[nodiscard]] const std::vector<std::optional<double>>& waySinceHeard() const { return m_way; }

private:
    explicit Forecaster(Posterior posterior) : m_posterior(std::move(posterior)) {}
    [[nodiscard]] Status walkBack(const Workbook& book);
    /// One sigma of what the formulas get wrong about a change, with the sign of the change, one entry a note: of holes and foot,
    /// which are forecast more surely, and of all else.
    struct Doubt
    {
        Eigen::VectorXd surer;
        Eigen::VectorXd other;
        [[nodiscard]] double of(Eigen::Index note) const { return std::abs(surer[note]) + std::abs(other[note]); }
    };
    [[nodiscard]] Result<Doubt> doubtOf(const Instrument& shape, const std::vector<double>& cents) const;
    /// With what the posterior leaves open and nothing else.
    [[nodiscard]] JointForecast asUnknown(const Posterior::Forecast& forecast) const;
    void addDoubt(JointForecast& o, const Doubt& doubt, const Instrument& shape, const Eigen::MatrixXd& jacobian) const;
    [[nodiscard]] Status addSlipsOfMouthAndBore(JointForecast& o, const Instrument& shape) const;
    Posterior m_posterior;
    Eigen::MatrixXd m_root; ///< of the posterior's covariance
    double m_honesty = 1.0;
    Tools m_tools;
    JointForecast m_present;
    std::vector<NoteState> m_now;
    std::vector<double> m_presentCents;
    std::vector<std::optional<double>> m_way;
    std::shared_ptr<const Instrument> m_shape; ///< the present one
};

} // namespace dowel
