// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tuning/pitch.h"

#include <array>
#include <charconv>
#include <cmath>

namespace dowel {

namespace {
constexpr int highestOctave = 9;
} // namespace

Cents higherIn(Temperature played, Temperature heard)
{
    return Cents::fromCents(600.0 * std::log2(played.kelvin() / heard.kelvin()));
}

Cents centsBetween(Hertz f, Hertz reference)
{
    return Cents::fromCents(1200.0 * std::log2(f / reference));
}

Hertz raisedBy(Hertz f, Cents c)
{
    return f * std::exp2(c.cents() / 1200.0);
}

Result<int> semitonesFromName(std::string_view name)
{
    const Error bad{ErrorCode::BadValue, std::string(name), FactId::SuchAsPitchName};
    if (name.empty())
        return bad;
    constexpr std::string_view letters = "CDEFGAB";
    constexpr std::array<int, 7> steps{0, 2, 4, 5, 7, 9, 11};
    const auto at = letters.find(name.front());
    if (at == std::string_view::npos)
        return bad;
    int semitone = steps[at];
    std::string_view rest = name.substr(1);
    const auto take = [&rest](std::string_view sign) {
        if (!rest.starts_with(sign))
            return false;
        rest.remove_prefix(sign.size());
        return true;
    };
    if (take("#") || take("♯"))
        ++semitone;
    else if (take("b") || take("♭"))
        --semitone;
    int octave = 0;
    const auto [end, problem] = std::from_chars(rest.data(), rest.data() + rest.size(), octave);
    if (problem != std::errc() || end != rest.data() + rest.size() || octave < 0 || octave > highestOctave)
        return bad;
    const int semitones = octave * 12 + semitone;
    if (semitones < 0 || semitones > highestOctave * 12 + 11) // C♭0, B#9
        return bad;
    return semitones;
}

bool isSameNote(std::string_view a, std::string_view b)
{
    const auto first = semitonesFromName(a);
    const auto second = semitonesFromName(b);
    return first && second && *first == *second;
}

std::string keyName(int semitones)
{
    constexpr std::array<std::string_view, 12> names{"C", "C#", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B"};
    return std::string(names.at(static_cast<std::size_t>(semitones % 12))) + std::to_string(semitones / 12);
}

std::vector<std::string> spellings(int fromSemitones, int toSemitones)
{
    constexpr std::array<std::string_view, 17> names{"C",  "C#", "Db", "D",  "D#", "Eb", "E",  "F", "F#",
                                                     "Gb", "G",  "G#", "Ab", "A",  "A#", "Bb", "B"};
    std::vector<std::string> all;
    for (int octave = fromSemitones / 12; octave <= toSemitones / 12; ++octave)
        for (const std::string_view name : names) {
            std::string note = std::string(name) + std::to_string(octave);
            const auto at = semitonesFromName(note);
            if (at && *at >= fromSemitones && *at <= toSemitones)
                all.push_back(std::move(note));
        }
    return all;
}

Result<Hertz> equalTempered(std::string_view name, Hertz a4)
{
    const auto semitones = DOWEL_TRY(semitonesFromName(name));
    return a4 * std::exp2((semitones - semitonesOfA4) / 12.0);
}

NearestNote nearestNote(Hertz f, Hertz a4)
{
    constexpr std::array<std::string_view, 12> names{"C", "C#", "D", "D#", "E", "F", "F#", "G", "G#", "A", "A#", "B"};
    const double exact = semitonesOfA4 + 12.0 * std::log2(f / a4);
    const auto nearest = static_cast<int>(std::lround(exact));
    const int octave = (nearest >= 0 ? nearest : nearest - 11) / 12;
    const auto step = static_cast<std::size_t>(nearest - octave * 12);
    return {std::string(names.at(step)) + std::to_string(octave), Cents::fromCents(100.0 * (exact - nearest))};
}

} // namespace dowel
