// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/unknowns.h"

#include "core/base/assert.h"
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

/// Notes that one model answers for.
struct Side
{
    int registerNumber = 1;        ///< whose undercuts it has
    std::vector<std::size_t> rows; ///< places in the list of notes
    std::vector<NoteQuery> queries;
};

/// Undercuts may reach differently in higher registers: a model of its own for those, where there are any.
std::vector<Side> sidesOf(const Instrument& instrument, const Unknowns& u, const std::vector<std::size_t>& notes)
{
    const auto all = queriesOf(instrument);
    const auto& holes = instrument.spec().holes;
    const bool ramps = std::any_of(holes.begin(), holes.end(), [](const Hole& h) { return h.undercutDiameter > h.diameter; });
    const bool apart = ramps && u.gainByRegister && u.registers > 1;
    std::vector<Side> sides(apart ? 2 : 1);
    for (std::size_t row = 0; row < notes.size(); ++row) {
        const bool higher = apart && instrument.spec().fingerings[notes[row]].registerNumber > 1;
        Side& side = sides[higher ? 1 : 0];
        side.registerNumber = higher ? 2 : 1;
        side.rows.push_back(row);
        side.queries.push_back(all[notes[row]]);
    }
    std::erase_if(sides, [](const Side& side) { return side.rows.empty(); });
    return sides;
}

/// The arguments of evaluate().
struct Asked
{
    const Instrument& instrument;
    const Unknowns& u;
    const Eigen::VectorXd& x;
    double room_K;
    const std::vector<std::size_t>& notes;
    bool derivatives;
};

/// found_Hz: what the model sounds there, where that is known.
Result<Evaluated> worked(const Asked& asked, const std::vector<double>& found_Hz)
{
    const auto& [instrument, u, x, room_K, notes, derivatives] = asked;
    const auto& fingerings = instrument.spec().fingerings;
    std::vector<double> opened_m(u.holes);
    for (std::size_t i = 0; i < u.holes; ++i)
        opened_m[i] = std::exp(x[Unknowns::holeGain]) * u.openedBy(instrument, i).metres();
    Evaluated e;
    e.cents.resize(notes.size());
    e.hertz.resize(notes.size());
    if (derivatives) {
        e.jacobian = Eigen::MatrixXd::Zero(static_cast<Eigen::Index>(notes.size()), u.lasting());
        e.answers.resize(notes.size());
    }
    for (const auto& [registerNumber, rows, queries] : sidesOf(instrument, u, notes)) {
        const Posterior::Placed p = placed(instrument, u, x, room_K, registerNumber);
        const Model model(p.shape, p.calibration);
        std::vector<double> hertz;
        if (found_Hz.empty()) {
            auto sounding = model.frequencies(queries);
            if (!sounding) {
                const Error& error = sounding.error();
                return Error{error.code, fingerings[notes[rows[std::stoul(error.where)]]].id.text, error.fact};
            }
            hertz = std::move(*sounding);
        } else {
            for (const std::size_t row : rows)
                hertz.push_back(found_Hz[row]);
        }
        std::vector<acoustics::NoteAnswer> answers;
        if (derivatives)
            answers = model.answersAt(queries, hertz);
        const Around around{u, p, model.layout(), room_K, opened_m};
        for (std::size_t k = 0; k < rows.size(); ++k) {
            const std::size_t row = rows[k];
            const Fingering& f = fingerings[notes[row]];
            const double octaves = std::log2(hertz[k] / u.pivot_Hz);
            e.hertz[row] = hertz[k];
            e.cents[row] = centsOver(hertz[k], f.target.hertz()) + x[u.blow(f.registerNumber)] + x[u.blowSlope()] * octaves +
                           x[u.note(notes[row])];
            if (!derivatives)
                continue;
            const auto line = static_cast<Eigen::Index>(row);
            // A pitch that moves takes its place on the blowing law's slope along.
            for (double& slope : answers[k].centsPer)
                slope *= blowingFactor(x[u.blowSlope()]);
            derive(e.jacobian.row(line), around, answers[k], f.registerNumber);
            e.jacobian(line, u.blowSlope()) = octaves;
            e.jacobian(line, u.blow(f.registerNumber)) = 1.0;
            e.jacobian(line, u.note(notes[row])) = 1.0;
            e.answers[row] = std::move(answers[k]);
        }
    }
    return e;
}

} // namespace

Result<Evaluated> evaluate(const Instrument& instrument, const Unknowns& u, const Eigen::VectorXd& x, double room_K,
                           const std::vector<std::size_t>& notes, bool derivatives)
{
    return worked({instrument, u, x, room_K, notes, derivatives}, {});
}

Result<Evaluated> differentiated(const Instrument& instrument, const Unknowns& u, const Eigen::VectorXd& x, double room_K,
                                 const std::vector<std::size_t>& notes, const Evaluated& found)
{
    DOWEL_ASSERT(found.hertz.size() == notes.size());
    return worked({instrument, u, x, room_K, notes, true}, found.hertz);
}

std::vector<double> movedBy(const Instrument& changed, const Unknowns& u, const Eigen::VectorXd& x, double room_K,
                            const std::vector<std::size_t>& notes, const Evaluated& from)
{
    DOWEL_ASSERT(from.answers.size() == notes.size());
    std::vector<double> cents(notes.size());
    for (const auto& [registerNumber, rows, queries] : sidesOf(changed, u, notes)) {
        const Posterior::Placed p = placed(changed, u, x, room_K, registerNumber);
        const Model model(p.shape, p.calibration);
        for (std::size_t k = 0; k < rows.size(); ++k) {
            const acoustics::NoteAnswer& answer = from.answers[rows[k]];
            const double byNeper = 2.0 * answer.quality / answer.height; // of the whole's imaginary part, which was 0
            const double off = model.total(answer.hertz, queries[k]).imag();
            cents[rows[k]] = -centsPerNeper * off / byNeper * blowingFactor(x[u.blowSlope()]);
        }
    }
    return cents;
}

} // namespace dowel::fitting
