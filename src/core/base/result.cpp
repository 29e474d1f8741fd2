// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/result.h"

#include "core/base/cases.h"
#include "core/base/number_text.h"

namespace dowel {

std::string_view codeName(ErrorCode code)
{
    switch (code) {
    case ErrorCode::Unreadable: return "unreadable";
    case ErrorCode::Unwritable: return "unwritable";
    case ErrorCode::Refused: return "refused";
    case ErrorCode::Exists: return "exists";
    case ErrorCode::NotAWorkbook: return "not_a_workbook";
    case ErrorCode::NewerVersion: return "newer_version";
    case ErrorCode::InUse: return "in_use";
    case ErrorCode::Damaged: return "damaged";
    case ErrorCode::BadSyntax: return "bad_syntax";
    case ErrorCode::UnknownKey: return "unknown_key";
    case ErrorCode::MissingKey: return "missing_key";
    case ErrorCode::BadValue: return "bad_value";
    case ErrorCode::BadGeometry: return "bad_geometry";
    case ErrorCode::BadFingering: return "bad_fingering";
    case ErrorCode::UnknownName: return "unknown_name";
    case ErrorCode::NotRemovable: return "not_removable";
    case ErrorCode::BadAudio: return "bad_audio";
    case ErrorCode::NoSteadyTone: return "no_steady_tone";
    case ErrorCode::WrongNote: return "wrong_note";
    case ErrorCode::OutOfModelRange: return "out_of_model_range";
    case ErrorCode::Cancelled: return "cancelled";
    case ErrorCode::Internal: return "internal";
    }
    return "internal";
}

std::string told(const Error& error)
{
    std::string text =
        std::string(codeName(error.code)) + " at " + error.where + ", fact " + std::to_string(static_cast<int>(error.fact.id));
    const auto add = [&text](const std::string& found) {
        text += " " + found;
    };
    for (const FactArgument& found : error.fact.with)
        std::visit(
            Cases{[&](const std::string& words) { add(words); }, [&](std::int64_t count) { add(std::to_string(count)); },
                  [&](double value) { add(numberText(value)); }, [&](Metres m) { add(numberText(m.millimetres()) + "mm"); },
                  [&](Hertz f) { add(numberText(f.hertz()) + "Hz"); }, [&](Cents c) { add(numberText(c.cents()) + "cents"); },
                  [&](Temperature t) { add(numberText(t.celsius()) + "C"); },
                  [&](Degrees d) {
                      add(numberText(d.value) + "deg");
                  }},
            found);
    return text;
}

} // namespace dowel
