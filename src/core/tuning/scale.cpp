// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tuning/scale.h"

#include "core/base/number_text.h"
#include "core/tuning/pitch.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <utility>

namespace dowel {

namespace {

constexpr double octave = 1200.0;
constexpr std::size_t mostDegrees = 1000;

double ratioCents(double ratio)
{
    return octave * std::log2(ratio);
}

/// Twelve notes by eleven fifths up from `flats` fifths below the tonic, each narrowed by its own amount in cents.
Temperament byFifths(int flats, const std::array<double, 11>& narrowed)
{
    Temperament t{};
    double at = 0.0;
    std::array<double, 12> chain{};
    for (std::size_t i = 0; i < narrowed.size(); ++i) {
        at += ratioCents(1.5) - narrowed[i];
        chain[i + 1] = at;
    }
    const double tonic = chain[static_cast<std::size_t>(flats)];
    for (std::size_t i = 0; i < chain.size(); ++i) {
        const int semitone = ((static_cast<int>(i) - flats) * 7 % 12 + 12) % 12;
        double cents = std::fmod(chain[i] - tonic, octave);
        if (cents < -1e-9)
            cents += octave;
        t[static_cast<std::size_t>(semitone)] = cents;
    }
    return t;
}

std::array<double, 11> evenly(double narrowing)
{
    std::array<double, 11> n{};
    n.fill(narrowing);
    return n;
}

const std::vector<std::pair<std::string_view, Temperament>>& temperaments()
{
    static const std::vector<std::pair<std::string_view, Temperament>> all = [] {
        const double pythagorean = 12.0 * ratioCents(1.5) - 7.0 * octave; // comma, 23.46 cents
        const double syntonic = ratioCents(81.0 / 80.0);
        Temperament equal{};
        for (std::size_t i = 0; i < equal.size(); ++i)
            equal[i] = 100.0 * static_cast<double>(i);
        Temperament just{};
        constexpr double ratios[] = {1.0,         16.0 / 15.0, 9.0 / 8.0, 6.0 / 5.0, 5.0 / 4.0, 4.0 / 3.0,
                                     45.0 / 32.0, 3.0 / 2.0,   8.0 / 5.0, 5.0 / 3.0, 9.0 / 5.0, 15.0 / 8.0};
        std::transform(std::begin(ratios), std::end(ratios), just.begin(), ratioCents);
        // Chains begin at E flat, three fifths below C. Werckmeister III narrows C-G, G-D, D-A and B-F sharp by a quarter of
        // the comma; Vallotti the six fifths from F to B by a sixth.
        const double w = pythagorean / 4.0;
        const double v = pythagorean / 6.0;
        return std::vector<std::pair<std::string_view, Temperament>>{
            {"equal", equal},
            {"just", just},
            {"meantone", byFifths(3, evenly(syntonic / 4.0))},
            {"pythagorean", byFifths(3, evenly(0.0))},
            {"werckmeister-iii", byFifths(3, {0.0, 0.0, 0.0, w, w, w, 0.0, 0.0, w, 0.0, 0.0})},
            {"vallotti", byFifths(3, {0.0, 0.0, v, v, v, v, v, v, 0.0, 0.0, 0.0})}};
    }();
    return all;
}

const std::vector<std::pair<std::string_view, std::vector<int>>>& modes()
{
    static const std::vector<std::pair<std::string_view, std::vector<int>>> all{
        {"major", {0, 2, 4, 5, 7, 9, 11}},      {"minor", {0, 2, 3, 5, 7, 8, 10}},
        {"dorian", {0, 2, 3, 5, 7, 9, 10}},     {"phrygian", {0, 1, 3, 5, 7, 8, 10}},
        {"lydian", {0, 2, 4, 6, 7, 9, 11}},     {"mixolydian", {0, 2, 4, 5, 7, 9, 10}},
        {"locrian", {0, 1, 3, 5, 6, 8, 10}},    {"major-pentatonic", {0, 2, 4, 7, 9}},
        {"minor-pentatonic", {0, 3, 5, 7, 10}}, {"chromatic", {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11}}};
    return all;
}

template <class List> std::vector<std::string_view> namesOf(const List& list)
{
    std::vector<std::string_view> names;
    for (const auto& [name, value] : list)
        names.push_back(name);
    return names;
}

/// A line without what a text file may carry round it.
std::string_view trimmed(std::string_view s)
{
    constexpr std::string_view blank = " \t\r";
    const auto from = s.find_first_not_of(blank);
    return from == std::string_view::npos ? std::string_view() : s.substr(from, s.find_last_not_of(blank) - from + 1);
}

template <class Number> std::optional<Number> number(std::string_view s)
{
    Number value{};
    const auto [end, problem] = std::from_chars(s.data(), s.data() + s.size(), value);
    if (problem != std::errc() || end != s.data() + s.size())
        return std::nullopt;
    return value;
}

/// A pitch as .scl writes it: cents with a point, else a ratio or whole number.
std::optional<double> pitchCents(std::string_view s)
{
    s = s.substr(0, s.find_first_of(" \t"));
    if (s.find('.') != std::string_view::npos) {
        const auto cents = number<double>(s);
        return cents && std::isfinite(*cents) ? cents : std::nullopt;
    }
    const auto slash = s.find('/');
    const auto above = number<long long>(s.substr(0, slash));
    const auto below = slash == std::string_view::npos ? std::optional<long long>(1) : number<long long>(s.substr(slash + 1));
    if (!above || !below || *above <= 0 || *below <= 0)
        return std::nullopt;
    return ratioCents(static_cast<double>(*above) / static_cast<double>(*below));
}

} // namespace

const std::vector<std::string_view>& temperamentNames()
{
    static const auto names = namesOf(temperaments());
    return names;
}

std::optional<Temperament> temperamentNamed(std::string_view name)
{
    for (const auto& [n, t] : temperaments())
        if (n == name)
            return t;
    return std::nullopt;
}

bool isTemperament(const std::vector<double>& cents)
{
    if (cents.size() != 12 || cents.front() != 0.0)
        return false;
    for (std::size_t i = 1; i < cents.size(); ++i)
        if (!(cents[i] > cents[i - 1] && cents[i] < octave))
            return false;
    return true;
}

Result<Hertz> tempered(std::string_view name, Hertz a4, const Temperament& temperament, std::string_view tonic)
{
    const auto note = DOWEL_TRY(semitonesFromName(name));
    const auto root = semitonesFromName(std::string(tonic) + "0");
    if (!root)
        return Error{ErrorCode::BadValue, std::string(tonic), FactId::SuchAsTonic};
    const auto above = [&](int semitones) { // cents above the tonic of octave 0
        const int steps = semitones - *root;
        const int octaves = (steps >= 0 ? steps : steps - 11) / 12;
        return octave * octaves + temperament.at(static_cast<std::size_t>(steps - 12 * octaves));
    };
    return raisedBy(a4, Cents::fromCents(above(note) - above(semitonesOfA4)));
}

const std::vector<std::string_view>& modeNames()
{
    static const auto names = namesOf(modes());
    return names;
}

std::optional<std::vector<int>> modeNamed(std::string_view name)
{
    for (const auto& [n, m] : modes())
        if (n == name)
            return m;
    return std::nullopt;
}

Result<std::vector<std::string>> modeNotes(std::string_view lowest, std::string_view mode, std::size_t count)
{
    const auto root = DOWEL_TRY(semitonesFromName(lowest));
    const auto steps = modeNamed(mode);
    if (!steps)
        return Error{ErrorCode::BadValue, std::string(mode), FactId::NoSuchMode};
    // A key whose relative major has flats in its signature is written with flats.
    constexpr std::array<std::string_view, 12> sharp{"C", "C#", "D", "D#", "E", "F", "F#", "G", "G#", "A", "A#", "B"};
    constexpr std::array<std::string_view, 12> flat{"C", "Db", "D", "Eb", "E", "F", "Gb", "G", "Ab", "A", "Bb", "B"};
    constexpr std::array<std::pair<std::string_view, int>, 4> raised{
        {{"minor", 3}, {"minor-pentatonic", 3}, {"dorian", 10}, {"mixolydian", 5}}};
    int major = root;
    for (const auto& [name, up] : raised)
        if (name == mode)
            major += up;
    constexpr std::array<bool, 12> flatMajor{false, true, false, true, false, true, false, false, true, false, true, false};
    const bool flats = lowest.size() > 1 && lowest[1] == 'b'   ? true
                       : lowest.size() > 1 && lowest[1] == '#' ? false
                                                               : flatMajor[static_cast<std::size_t>(major % 12)];
    std::vector<std::string> notes;
    for (std::size_t i = 0; i < count; ++i) {
        const int semitones = root + 12 * static_cast<int>(i / steps->size()) + (*steps)[i % steps->size()];
        const auto pitchClass = static_cast<std::size_t>(semitones % 12);
        notes.push_back(std::string((flats ? flat : sharp)[pitchClass]) + std::to_string(semitones / 12));
    }
    return notes;
}

Cents degree(const Scale& scale, int n)
{
    const int size = static_cast<int>(scale.cents.size());
    if (size == 0)
        return {};
    const int periods = (n >= 0 ? n : n - size + 1) / size;
    const int rest = n - periods * size;
    return Cents::fromCents(periods * scale.cents.back() + (rest == 0 ? 0.0 : scale.cents[static_cast<std::size_t>(rest) - 1]));
}

Result<Scale> scaleFromText(std::string_view text)
{
    Scale scale;
    std::size_t line = 0;
    int seen = 0;
    std::size_t wanted = 0;
    const auto bad = [&](Fact fact) {
        return Error{ErrorCode::BadSyntax, "line " + std::to_string(line), std::move(fact)};
    };
    while (!text.empty() && (seen < 2 || scale.cents.size() < wanted)) {
        ++line;
        const auto end = text.find('\n');
        const std::string_view raw = text.substr(0, end);
        text.remove_prefix(end == std::string_view::npos ? text.size() : end + 1);
        if (raw.starts_with('!'))
            continue;
        const std::string_view content = trimmed(raw);
        if (seen == 0) {
            scale.description = std::string(content);
        } else if (seen == 1) {
            const auto count = number<std::size_t>(content.substr(0, content.find_first_of(" \t")));
            if (!count || *count == 0 || *count > mostDegrees)
                return bad({FactId::DegreesHere, content});
            wanted = *count;
        } else {
            const auto cents = pitchCents(content);
            if (!cents)
                return bad({FactId::CentsHere, content});
            scale.cents.push_back(*cents);
        }
        ++seen;
    }
    if (seen < 2 || scale.cents.size() < wanted) {
        ++line;
        return bad({FactId::DegreesEnd, scale.cents.size(), wanted});
    }
    if (!(scale.cents.back() > 0.0))
        return bad(FactId::LastDegree);
    return scale;
}

std::string scaleText(const Scale& scale)
{
    std::string text = "! written by Dowel\n!\n" + scale.description + "\n " + std::to_string(scale.cents.size()) + "\n!\n";
    for (const double cents : scale.cents)
        text += " " + fixedText(cents, 6) + "\n";
    return text;
}

} // namespace dowel
