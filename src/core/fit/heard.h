// SPDX-License-Identifier: GPL-3.0-or-later
// What was heard, ready for the fit: readings by the shape they were taken on, by the listening they belong to, and by note
// with the errors that readings of one note share. For the fit's own files alone.
//
// A reading differs from the model by the player's scatter, by its listening, and by what the formulas get wrong about every
// cut between its shape and the present one. That last part is the same for all readings of a note on one shape and grows on
// the way: as of a random walk that stands still at the present, two readings share what comes after the later of them. So
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
    double cents = 0.0;  ///< over the target, at that shape's room temperature
    double single = 0.0; ///< one sigma that is this reading's alone
    double whole = 0.0;  ///< and with what the cuts since add
};

/// All readings of one note, the newest first, and what makes their errors independent of each other and of size 1.
struct HeardNote
{
    std::vector<std::size_t> readings;
    Eigen::MatrixXd whitening; ///< lower triangular
    bool agree = false;        ///< heard more than once on its newest shape, and alike
};

struct HeardAll
{
    std::vector<HeardShape> shapes;
    std::vector<HeardReading> readings; ///< in the record's order
    std::vector<HeardNote> notes;       ///< one a fingering; empty where never heard
    std::size_t listenings = 0;
};

/// Errors: those of evaluate(), of the shapes since the first reading as they would be before anything is fitted.
[[nodiscard]] Result<HeardAll> heardIn(const Workbook& book, const Priors& priors);

} // namespace dowel::fitting
