// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/unknowns.h"

#include "core/base/breath.h"
#include "core/base/ratio.h"
#include "core/fit/shared.h"

#include <Eigen/Cholesky>
#include <cmath>

namespace dowel::fitting {

using acoustics::Model;
using acoustics::NoteQuery;
using acoustics::ParameterLayout;
using acoustics::Shape;

Unknowns Unknowns::of(const Instrument& instrument, std::size_t listenings, std::size_t levers)
{
    int highest = 1;
    double octaves = 0.0;
    const auto& fingerings = instrument.spec().fingerings;
    for (const Fingering& f : fingerings) {
        highest = std::max(highest, f.registerNumber);
        octaves += std::log2(f.target.hertz()) / static_cast<double>(fingerings.size());
    }
    Unknowns u;
    u.holes = instrument.spec().holes.size();
    u.registers = static_cast<std::size_t>(highest);
    u.notes = fingerings.size();
    u.listenings = listenings;
    u.levers = levers;
    for (const Hole& h : instrument.spec().holes)
        u.drilled.push_back(h.diameter);
    if (!fingerings.empty())
        u.pivot_Hz = std::exp2(octaves);
    u.gainByRegister = std::holds_alternative<ClosedTop>(instrument.spec().excitation);
    return u;
}

Metres Unknowns::openedBy(const Instrument& shape, std::size_t hole) const
{
    const auto& there = shape.spec().holes;
    if (drilled.size() != there.size())
        return {};
    return (there[hole].diameter - drilled[hole]) * std::sqrt(there[hole].elongation);
}

std::vector<Eigen::Index> sharedPlaces(const Unknowns& u)
{
    std::vector<Eigen::Index> at{Unknowns::warmth,
                                 Unknowns::mouthLog,
                                 Unknowns::mouthSlope,
                                 Unknowns::wallLoss,
                                 Unknowns::holeEnd,
                                 Unknowns::holeSpread,
                                 Unknowns::holeSpread + 1,
                                 Unknowns::neighbours,
                                 Unknowns::holeGain,
                                 u.blowSlope(),
                                 u.lowGain(),
                                 u.highGain()};
    for (std::size_t r = 1; at.size() < sharedCount; ++r)
        at.push_back(r <= u.registers ? u.blow(static_cast<int>(r)) : -1);
    return at;
}

namespace {

/// What instruments of one maker share, from the estimate instead of from its widths.
void takeShared(Prior& prior, const Unknowns& u, const SharedEstimate& shared)
{
    std::vector<Eigen::Index> from;
    std::vector<Eigen::Index> to;
    const auto places = sharedPlaces(u);
    for (std::size_t i = 0; i < places.size(); ++i)
        if (places[i] >= 0) {
            from.push_back(static_cast<Eigen::Index>(i));
            to.push_back(places[i]);
        }
    const Eigen::MatrixXd part = shared.covariance(from, from);
    const Eigen::MatrixXd root = part.llt().matrixL();
    for (std::size_t i = 0; i < to.size(); ++i) {
        prior.mean[to[i]] = shared.mean[from[i]];
        for (std::size_t k = 0; k < to.size(); ++k)
            prior.root(to[i], to[k]) = root(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(k));
    }
}

} // namespace

Prior priorOf(const Unknowns& u, const Priors& p, Family family)
{
    Prior prior{Eigen::VectorXd::Zero(u.size()), Eigen::MatrixXd::Zero(u.size(), u.size())};
    const auto set = [&](Eigen::Index i, double mean, double sd) {
        prior.mean[i] = mean;
        prior.root(i, i) = sd;
    };
    set(Unknowns::boreScale, 0.0, p.boreScaleSd);
    set(Unknowns::foot, 0.0, p.footSd_m);
    for (std::size_t i = 0; i < u.holes; ++i) {
        set(u.holeSize(i), 0.0, p.doubtedHole == i ? p.doubtSd_m : p.holeSizeSd_m);
        set(u.chimney(i), 0.0, p.chimneyShareSd);
        set(u.place(i), 0.0, p.holePlaceSd_m);
    }
    for (std::size_t i = 0; i < u.notes; ++i)
        set(u.note(i), 0.0, p.noteSd_cents);
    takeShared(prior, u, p.shared ? *p.shared : sharedOf(p, family));
    return prior;
}

Posterior::Placed placed(const Instrument& instrument, const Unknowns& u, const Eigen::VectorXd& x, double room_K,
                         int registerNumber)
{
    Posterior::Placed p{Shape::of(instrument), acoustics::calibrationOf(instrument.spec().tuning)};
    p.calibration.kelvin = playedAir_K(room_K, x[Unknowns::warmth]);
    p.calibration.mouthLog = x[Unknowns::mouthLog];
    p.calibration.mouthSlope = x[Unknowns::mouthSlope];
    p.calibration.boreScaleLog = x[Unknowns::boreScale];
    p.calibration.wallLossLog = x[Unknowns::wallLoss];
    p.calibration.holeEndLog = x[Unknowns::holeEnd];
    for (std::size_t i = 0; i < p.calibration.holeSpread.size(); ++i)
        p.calibration.holeSpread[i] = x[Unknowns::holeSpread + static_cast<Eigen::Index>(i)];
    p.calibration.neighbours = x[Unknowns::neighbours];
    // A body longer by that goes on as it runs, and what is put on its foot lies lower.
    auto& bore = p.shape.bore;
    auto& end = bore[p.shape.bodyEnd()];
    const auto& above = bore[p.shape.bodyEnd() - 1];
    end.diameter_m += (end.diameter_m - above.diameter_m) / (end.at_m - above.at_m) * x[Unknowns::foot];
    for (std::size_t i = p.shape.bodyEnd(); i < bore.size(); ++i)
        bore[i].at_m += x[Unknowns::foot];
    const double gain = std::exp(x[u.undercutGain(registerNumber)]);
    const double beyond = std::expm1(x[Unknowns::holeGain]);
    for (std::size_t i = 0; i < p.shape.holes.size(); ++i) {
        auto& h = p.shape.holes[i];
        const double bore_m = boreDiameterAt(instrument.spec().bore, instrument.spec().holes[i].at).metres();
        const double size_m = x[u.holeSize(i)] + beyond * u.openedBy(instrument, i).metres();
        const double ramp_m = (h.undercut_m - h.diameter_m) * gain;
        h.diameter_m = std::clamp(h.diameter_m + size_m, 1e-4, bore_m);
        h.undercut_m = std::clamp(h.diameter_m + ramp_m, h.diameter_m, bore_m);
        h.chimney_m *= std::exp(x[u.chimney(i)]);
        h.at_m += x[u.place(i)];
    }
    return p;
}

namespace {

/// What the notes of one shape have in common.
struct Around
{
    const Unknowns& u;
    const Posterior::Placed& p;
    ParameterLayout at;
    double room_K;
    const std::vector<double>& opened_m; ///< of each hole by how much it counts as opened
};

/// Writes one note's derivatives into a row.
void derive(Eigen::MatrixXd::RowXpr j, const Around& around, const acoustics::NoteAnswer& a, int registerNumber)
{
    const auto& [u, p, at, room_K, opened_m] = around;
    j[Unknowns::warmth] = a.centsPer[ParameterLayout::kelvin] * (breath_K - room_K);
    j[Unknowns::mouthLog] = a.centsPer[ParameterLayout::mouthLog];
    j[Unknowns::mouthSlope] = a.centsPer[ParameterLayout::mouthSlope];
    j[Unknowns::boreScale] = a.centsPer[ParameterLayout::boreScaleLog];
    j[Unknowns::wallLoss] = a.centsPer[ParameterLayout::wallLossLog];
    j[Unknowns::holeEnd] = a.centsPer[ParameterLayout::holeEndLog];
    for (std::size_t i = 0; i < p.calibration.holeSpread.size(); ++i)
        j[Unknowns::holeSpread + static_cast<Eigen::Index>(i)] = a.centsPer[ParameterLayout::holeSpread(i)];
    j[Unknowns::neighbours] = a.centsPer[ParameterLayout::neighbours];
    j[Unknowns::foot] = a.centsPer[ParameterLayout::footLength];
    for (std::size_t i = 0; i < u.holes; ++i) {
        const auto& h = p.shape.holes[i];
        j[u.holeSize(i)] = a.centsPer[at.holeDiameter(i)] + a.centsPer[at.holeUndercut(i)];
        j[Unknowns::holeGain] += j[u.holeSize(i)] * opened_m[i];
        j[u.chimney(i)] = a.centsPer[at.holeChimney(i)] * h.chimney_m;
        j[u.place(i)] = a.centsPer[at.holeAt(i)];
        j[u.undercutGain(registerNumber)] += a.centsPer[at.holeUndercut(i)] * (h.undercut_m - h.diameter_m);
    }
}

} // namespace

Result<Evaluated> evaluate(const Instrument& instrument, const Unknowns& u, const Eigen::VectorXd& x, double room_K,
                           const std::vector<std::size_t>& notes, bool derivatives)
{
    const auto all = queriesOf(instrument);
    const auto& fingerings = instrument.spec().fingerings;
    std::vector<double> opened_m(u.holes);
    for (std::size_t i = 0; i < u.holes; ++i)
        opened_m[i] = std::exp(x[Unknowns::holeGain]) * u.openedBy(instrument, i).metres();
    Evaluated e;
    e.cents.resize(notes.size());
    if (derivatives) {
        e.jacobian = Eigen::MatrixXd::Zero(static_cast<Eigen::Index>(notes.size()), u.lasting());
        e.answers.resize(notes.size());
    }
    // Undercuts may reach differently in higher registers: a model of its own for those, where there are any.
    const bool ramps = std::any_of(instrument.spec().holes.begin(), instrument.spec().holes.end(),
                                   [](const Hole& h) { return h.undercutDiameter > h.diameter; });
    const bool apart = ramps && u.gainByRegister && u.registers > 1;
    for (const int side : apart ? std::vector{1, 2} : std::vector{0}) {
        std::vector<NoteQuery> queries;
        std::vector<std::size_t> rows;
        for (std::size_t row = 0; row < notes.size(); ++row)
            if (side == 0 || std::min(fingerings[notes[row]].registerNumber, 2) == side) {
                queries.push_back(all[notes[row]]);
                rows.push_back(row);
            }
        if (rows.empty())
            continue;
        const Posterior::Placed p = placed(instrument, u, x, room_K, std::max(1, side));
        const Model model(p.shape, p.calibration);
        const auto named = [&](const Error& error) {
            return Error{error.code, fingerings[notes[rows[std::stoul(error.where)]]].id.text, error.fact};
        };
        const auto put = [&](std::size_t row, double hertz) {
            const Fingering& f = fingerings[notes[row]];
            const double octaves = std::log2(hertz / u.pivot_Hz);
            e.cents[row] = centsOver(hertz, f.target.hertz()) + x[u.blow(f.registerNumber)] + x[u.blowSlope()] * octaves +
                           x[u.note(notes[row])];
            return octaves;
        };
        if (!derivatives) {
            const auto found = model.frequencies(queries);
            if (!found)
                return named(found.error());
            for (std::size_t k = 0; k < rows.size(); ++k)
                put(rows[k], (*found)[k]);
            continue;
        }
        auto found = model.answers(queries);
        if (!found)
            return named(found.error());
        const Around around{u, p, model.layout(), room_K, opened_m};
        for (std::size_t k = 0; k < rows.size(); ++k) {
            const std::size_t row = rows[k];
            const Fingering& f = fingerings[notes[row]];
            const double octaves = put(row, (*found)[k].hertz);
            const auto line = static_cast<Eigen::Index>(row);
            // A pitch that moves takes its place on the blowing law's slope along.
            for (double& slope : (*found)[k].centsPer)
                slope *= blowingFactor(x[u.blowSlope()]);
            derive(e.jacobian.row(line), around, (*found)[k], f.registerNumber);
            e.jacobian(line, u.blowSlope()) = octaves;
            e.jacobian(line, u.blow(f.registerNumber)) = 1.0;
            e.jacobian(line, u.note(notes[row])) = 1.0;
            e.answers[row] = std::move((*found)[k]);
        }
    }
    return e;
}

} // namespace dowel::fitting
