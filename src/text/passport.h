// SPDX-License-Identifier: GPL-3.0-or-later
// An instrument's passport as a page of HTML in the user's language: measures, notes, timbre, finish, care, and for the maker
// what was cut. Drawn pictures are put in by whoever has a pen: two empty places of fixed names.
#pragma once

#include "core/record/passport.h"
#include "core/shop/finish.h"
#include "text/units.h"

namespace dowel::text {

struct PassportWishes
{
    bool shortOne = false; ///< a label and a fingering chart for the player
    QString maker;         ///< mark and serial as typed
    QString serial;
    LengthUnit unit = LengthUnit::Millimetres;
};
inline constexpr const char* passportDrawing = "<!--drawing-->";
inline constexpr const char* passportTimbre = "<!--timbre-->";
/// The body alone, in what both a browser and Qt's rich text know; every word of the maker's escaped.
[[nodiscard]] QString passportBody(const Passport& passport, const std::optional<FinishPlan>& finish,
                                   const PassportWishes& wishes);
/// A whole document with its looks.
[[nodiscard]] QString passportPage(const QString& title, const QString& body);

} // namespace dowel::text
