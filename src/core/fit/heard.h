// SPDX-License-Identifier: GPL-3.0-or-later
// What was heard, ready for the fit: readings by the shape they were taken on, by the listening they belong to, and by note
// with the errors that readings of one note share. For the fit's own files alone.
//
// A reading differs from the model by the player's scatter, by its listening, and by what the formulas get wrong about every
// cut between its shape and the present one. Most of that last part is one error of the lever, the same share for every note
// that it moves: an unknown of the fit. The rest is each note's own, the same for all readings of it on one shape, and grows
// on the way: as of a random walk that stands still at the present, two readings share what comes after the later of them. So
// a note heard thrice on one shape is known better of its listenings' errors, but not of the cuts'.
#pragma once

#include "core/fit/unknowns.h"

namespace dowel::fitting {

/// Readings of one shape; room temperatures of all of them are brought to that of the first.
struct HeardShape
{
    const Instrument* shape = nullptr;
    double room_K = 0.0;
    std::vector<std::size_t> notes; ///< each once
};

struct HeardReading
{
    std::size_t note = 0;
    std::size_t shape = 0;      ///< position among the workbook's shapes
    std::size_t heardShape = 0; ///< position among those that were heard
    std::size_t row = 0;        ///< of that shape's notes
    std::size_t listening = 0;
    double cents = 0.0;      ///< over the target, at that shape's room temperature
    double sd = 0.0;         ///< one sigma of the pitch as it was measured
    double single = 0.0;     ///< and with the player's scatter: what is this reading's alone
    double whole = 0.0;      ///< and with what the cuts since add of this note's own
    Eigen::VectorXd byGains; ///< cents for each lever's error of 1: what its cuts since then did, taken back
};

/// All readings of one note, the newest first, and what makes their errors independent of each other and of size 1.
struct HeardNote
{
    std::vector<std::size_t> readings;
    Eigen::MatrixXd byCuts;    ///< covariance of what the cuts since did to this note alone
    Eigen::MatrixXd whitening; ///< lower triangular
    bool agree = false;        ///< heard more than once on its newest shape, and alike
};

struct HeardAll
{
    std::vector<HeardShape> shapes;
    std::vector<HeardReading> readings; ///< in the record's order
    std::vector<HeardNote> notes;       ///< one a fingering; empty where never heard
    std::vector<std::size_t> dayOf;     ///< of each listening, which day it was on
    std::vector<double> gainSds;        ///< of each lever that was moved since the first reading, what share it may be wrong by
    /// Fingerings that a past shape could not be reckoned for: their readings on it and before it are left out.
    std::vector<FingeringId> leftOut;
    /// Each reading weighted by this scatter of the player's.
    void weigh(double repeat_cents);
};

/// Errors: OutOfModelRange (the present shape). An older one without a resonance for a note costs that note's older
/// readings, and they are named.
[[nodiscard]] Result<HeardAll> heardIn(const Workbook& book, const Priors& priors);

/// What is expected of listenings and levers put into a prior. Two listenings of one day have part of their error in common.
void expectListenings(Prior& prior, const Unknowns& u, const HeardAll& heard, const Priors& priors);

} // namespace dowel::fitting
