// SPDX-License-Identifier: GPL-3.0-or-later
// What was forecast and what came: every note heard after a cut that carried a forecast, and how good the forecasts of
// this piece of wood have been.
#pragma once

#include "core/record/workbook.h"

#include <vector>

namespace dowel {

/// One note heard after one or more cuts. The last cut's forecast stands for all of them.
struct NoteOutcome
{
    EntryId cut;
    FingeringId fingering;
    Cents before;   ///< as forecast on the shape before the first of those cuts
    Cents forecast; ///< sounding minus target
    Cents sd;       ///< one sigma of the forecast
    Cents rest;     ///< of its parts: see NoteForecast
    Cents doubt;
    Cents heard; ///< the first reading after it, as sounding at the tuning's temperature
    Cents readingSd;
    int listening = 0;    ///< readings with no cut between them are of one
    double octaves = 0.0; ///< of the target, above the middle of the targets
};

/// What a reading is off by, one sigma each: the player's scatter, and what all notes of a listening are off together, with its
/// slope over pitch.
struct ListeningError
{
    double repeat_cents = 0.0;
    double shift_cents = 0.0;
    double slope_cents = 0.0; ///< an octave
};

/// In the order of the record. Readings at another temperature are brought to the tuning's by the square root of the
/// absolute temperature (speed of sound of an ideal gas).
[[nodiscard]] std::vector<NoteOutcome> outcomesOf(const Workbook& book);

/// How far off a forecast was, in its own standard deviations, the reading's error and the listening's included: heard less
/// forecast.
[[nodiscard]] double missOf(const NoteOutcome& outcome, const ListeningError& error);

/// By what the formulas' part of the stated spread should be multiplied: 1 where forecasts are honest, below where they were
/// too careful. The most likely factor by every outcome of a note that a cut moved, each held against what was stated of it
/// before any factor, the notes of a listening together; lognormal about 1 beforehand, and forecasts of one round err alike, so
/// two count as one; a note that missed by more than three deviations of a factor says nothing of that factor.
[[nodiscard]] double honestyOf(const std::vector<NoteOutcome>& outcomes, const ListeningError& error);

/// By how much each note's newest reading lies above the one before it on the same shape, the present one, in cents, both brought
/// to the temperature the instrument is meant for; only of notes that count and were heard twice there.
[[nodiscard]] std::vector<double> changeSinceBefore(const Workbook& book);

} // namespace dowel
