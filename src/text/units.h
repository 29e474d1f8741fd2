// SPDX-License-Identifier: GPL-3.0-or-later
// Lengths, cents and pitches as makers write them. A fraction is always inches; a plain number is in the unit chosen.
#pragma once

#include "core/base/quantities.h"
#include "core/base/result.h"

#include <QString>
#include <vector>

namespace dowel::text {

enum class LengthUnit { Millimetres, Inches };

/// "6.4", "6,4 mm", "1/4", "4 1/16 in", "0.25\"". Errors: BadValue (where = the text).
Result<Metres> parseLength(const QString& text, LengthUnit plain);
/// To the tenth or the hundredth of a millimetre, as sizes are shown.
[[nodiscard]] Metres tenths(Metres value);
[[nodiscard]] Metres hundredths(Metres value);
/// "6.4 mm", as the language writes numbers; inches as the nearest sixty-fourth where it is within 0.02 mm, else "0.252 in".
/// trimmed of idle zeros.
[[nodiscard]] QString length(Metres value, LengthUnit unit);
/// What effects of a small change are told for: "0.1 mm", or "0.004 in", which is as good as the same (0.1016 mm).
[[nodiscard]] QString smallChange(LengthUnit unit);
/// Ten times as much: "1 mm" or "0.04 in".
[[nodiscard]] QString tenfoldChange(LengthUnit unit);
/// A place along a tube, to the millimetre or the tenth of an inch: "57 mm", "2.2 in".
[[nodiscard]] QString roughPlace(Metres at, LengthUnit unit);
/// The same without the unit, for fields that show it beside.
[[nodiscard]] QString lengthNumber(Metres value, LengthUnit unit);
/// A volume in cubic metres as "3.20 mL".
[[nodiscard]] QString volume(double cubicMetres);
/// Millilitres, with or without the unit, as the length of a bore of that area that holds them. Errors: BadValue.
Result<Metres> parseVolumeAsLength(const QString& text, double area_m2);
/// Lines of a spreadsheet as lengths: cells between tabs, semicolons or commas, as many in a line as there are up to the first
/// empty one. A first line without a length is a heading. Errors: BadValue (where = the line and the cell).
Result<std::vector<std::vector<Metres>>> parseTable(const QString& clip, LengthUnit plain, std::size_t atLeast);
/// The bits of a drawer: lengths, and names of number and letter sizes, with semicolons or a comma and a space between them;
/// sorted, each once. Errors: BadValue (where = what cannot be read).
Result<std::vector<Metres>> parseBits(const QString& text, LengthUnit plain);
/// The same as text.
[[nodiscard]] QString bits(const std::vector<Metres>& bits, LengthUnit unit);
/// Whether temperatures are told and typed in degrees Fahrenheit, for the whole process as its language is; else in Celsius.
void speakFahrenheit(bool fahrenheit);
[[nodiscard]] bool speaksFahrenheit();
/// "°C" or "°F".
[[nodiscard]] QString degreeSign();
/// The number in those degrees, and back.
[[nodiscard]] double inDegrees(Temperature temperature);
[[nodiscard]] Temperature fromDegrees(double degrees);
/// "21.5 °C" or "70.7 °F".
[[nodiscard]] QString temperature(Temperature temperature);
/// How much warmer, in kelvins: "2.0 °C" or "3.6 °F".
[[nodiscard]] QString warmerBy(double kelvins);
/// "+4.2", "−18.0": always with a sign, tabular.
[[nodiscard]] QString cents(double value);
/// "−18".
[[nodiscard]] QString wholeCents(double value);
/// "±2.5".
[[nodiscard]] QString spread(double sd);
/// A plain number as the user's language writes it; in files and answers numbers are written elsewhere.
[[nodiscard]] QString number(double value, int decimals);
/// A pitch's or fingering's name in the user's language.
[[nodiscard]] QString noteName(const std::string& name);

} // namespace dowel::text
