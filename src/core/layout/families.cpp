// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/families.h"

#include "core/acoustics/model.h"
#include "core/fit/placed.h"
#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"

#include <algorithm>
#include <cmath>
#include <span>

namespace dowel {

namespace {

Metres millimetres(double v)
{
    return Metres::fromMillimetres(v);
}

/// One step of a chart: which holes are open, and how many steps of the chromatic scale over the lowest note it sounds.
struct ChartRow
{
    int semitones;
    std::vector<int> open; ///< from the foot, 1 up
    int registerNumber = 1;
    double thumb = 0.0; ///< share of the highest hole left open, where the chart wants it half
};

std::vector<int> upTo(int n)
{
    std::vector<int> open;
    for (int i = 1; i <= n; ++i)
        open.push_back(i);
    return open;
}

struct FamilyShape
{
    Family family;
    int holes;
    const char* lowest;
    const char* mode;
    int registers;
    double boreAtLowest_mm; ///< at the usual lowest note
    double wall_mm;
};

constexpr FamilyShape shapes[] = {{Family::Whistle, 6, "D5", "major", 2, 13.0, 2.0},
                                  {Family::Recorder, 8, "C5", "major", 1, 17.5, 4.0},
                                  {Family::TwoChamber, 6, "E4", "minor-pentatonic", 1, 22.0, 4.0},
                                  {Family::Flute, 6, "Bb3", "major", 2, 23.5, 4.0},
                                  {Family::Fife, 6, "Bb4", "major", 2, 13.5, 4.0},
                                  {Family::Stopped, 0, "G5", "major", 1, 11.0, 3.0},
                                  {Family::Slide, 0, "D4", "major", 1, 16.0, 2.0},
                                  {Family::Reed, 7, "D4", "major", 1, 13.5, 5.0},
                                  {Family::Horn, 5, "F4", "major-pentatonic", 1, 10.0, 4.0},
                                  {Family::Other, 6, "D5", "major", 1, 13.0, 2.0}};

const FamilyShape& shapeOf(Family family)
{
    return *std::find_if(std::begin(shapes), std::end(shapes), [family](const FamilyShape& s) { return s.family == family; });
}

std::vector<ChartRow> chartOf(Family family, int registers)
{
    std::vector<ChartRow> rows;
    const auto opening = [&rows](std::initializer_list<int> steps, int registerNumber, int raise) {
        int open = 0;
        for (const int s : steps)
            rows.push_back({s + raise, upTo(open++), registerNumber, 0.0});
    };
    switch (family) {
    case Family::Whistle:
    case Family::Flute:
    case Family::Fife:
    case Family::Other:
        opening({0, 2, 4, 5, 7, 9, 11}, 1, 0);
        if (registers > 1)
            opening({0, 2, 4, 5, 7, 9, 11}, 2, 12);
        break;
    case Family::Recorder:
        opening({0, 2, 4, 5, 7, 9, 11, 12}, 1, 0);
        if (registers > 1) // the thumb's hole nearly closed helps the octave
            for (int k = 0; k < 5; ++k)
                rows.push_back({12 + std::vector<int>{2, 4, 5, 7, 9}[static_cast<std::size_t>(k)], upTo(k + 1), 2, 0.12});
        break;
    case Family::TwoChamber:
        rows = {{0, {}}, {3, {1}}, {5, {1, 2}}, {7, {1, 2, 3}}, {10, {1, 2, 3, 5}}, {12, {1, 2, 3, 5, 6}}};
        break;
    case Family::Stopped:
    case Family::Slide: rows = {{0, {}}}; break;
    case Family::Reed:
        opening({0, 2, 4, 5, 7, 9, 11, 12}, 1, 0);
        if (registers > 1)
            opening({0, 2, 4, 5, 7}, 2, 19);
        break;
    case Family::Horn: opening({0, 2, 4, 7, 9, 12}, 1, 0); break;
    }
    return rows;
}

/// The steps of a chart in its first octave, rising: what a mode's degrees are set against one by one.
std::vector<int> stepsOf(const std::vector<ChartRow>& chart)
{
    std::vector<int> steps;
    for (const ChartRow& row : chart)
        if (row.registerNumber == 1 && row.semitones < 12)
            steps.push_back(row.semitones);
    return steps;
}

/// Holes opened in turn for the degrees of a mode, an octave or (of a tube stopped at its top) a twelfth up likewise.
std::vector<ChartRow> chartInTurn(Family family, const std::vector<int>& mode, int holes, int registers)
{
    std::vector<ChartRow> rows;
    const auto degree = [&mode](int k) {
        const int size = static_cast<int>(mode.size());
        return mode[static_cast<std::size_t>(k % size)] + 12 * (k / size);
    };
    const bool stopped = family == Family::Reed || family == Family::Stopped || family == Family::Slide;
    const int above = stopped ? 19 : 12;
    for (int k = 0; k <= holes; ++k)
        rows.push_back({degree(k), upTo(k), 1, 0.0});
    for (int k = 0; registers > 1 && k <= holes; ++k)
        rows.push_back({degree(k) + above, upTo(k), 2, 0.0});
    return rows;
}

} // namespace

int usualHoles(Family family)
{
    return shapeOf(family).holes;
}

void setThumb(Blank& blank, bool thumb)
{
    const int holes = static_cast<int>(blank.holeCount);
    if (holes == 0)
        return;
    const int fingers = std::min(thumb ? holes - 1 : holes, 8);
    const int right = thumb ? (fingers + 1) / 2 : fingers / 2;
    blank.digits.clear();
    blank.sides.assign(blank.holeCount, Side::Front);
    for (int k = 0; k < fingers; ++k)
        blank.digits.push_back(k < right ? "R" + std::to_string(right - k) : "L" + std::to_string(fingers - k));
    if (thumb) {
        blank.digits.emplace_back("L0");
        blank.sides.back() = Side::Back;
    }
}

bool hasThumb(const Blank& blank)
{
    return blank.sides.size() == blank.holeCount && !blank.sides.empty() && blank.sides.back() == Side::Back;
}

void setHoles(Blank& blank, int holes)
{
    const int before = static_cast<int>(blank.holeCount);
    if (holes == before)
        return;
    blank.holeCount = static_cast<std::size_t>(holes);
    blank.asides.clear();
    if (holes == usualHoles(blank.spec.family)) {
        PlanTarget own = usualTarget(blank.spec.family);
        own.tuning = blank.spec.tuning;
        if (const auto usual = startingBlank(blank.spec.family, own)) {
            blank.digits = usual->digits;
            blank.sides = usual->sides;
            return;
        }
    }
    blank.digits.clear();
    blank.sides.clear();
    constexpr int fingers = 8; // more than that want the thumb
    setThumb(blank, holes > fingers);
}

PlanTarget usualTarget(Family family)
{
    const FamilyShape& s = shapeOf(family);
    PlanTarget t;
    t.lowest = s.lowest;
    t.mode = s.mode;
    t.registers = s.registers;
    return t;
}

Result<std::vector<Fingering>> fingeringChart(Family family, const PlanTarget& target)
{
    const auto lowest = DOWEL_TRY(semitonesFromName(target.lowest));
    const auto mode = modeNamed(target.mode);
    if (!mode)
        return Error{ErrorCode::BadValue, target.mode, FactId::NoSuchMode};
    DOWEL_TRY(checked(target.tuning));
    if (target.holes && !(*target.holes >= 0 && *target.holes <= mostHoles))
        return Error{ErrorCode::BadValue, "holes", {FactId::Within, *target.holes, 0, mostHoles}};
    const int holes = target.holes.value_or(shapeOf(family).holes);
    std::vector<Fingering> chart;
    const auto own = chartOf(family, target.registers);
    const auto steps = stepsOf(own);
    // A chart with fewer steps than the mode has degrees would leave notes out: its holes are opened in turn for them instead.
    // The chromatic mode is for the tuning of what the chart has.
    const bool tooFew = steps.size() > 1 && mode->size() > steps.size() && mode->size() < 12;
    const auto rows = target.holes || tooFew ? chartInTurn(family, *mode, holes, target.registers) : own;
    const bool stepByStep = !target.holes && !tooFew && mode->size() == steps.size();
    const auto highest = std::max_element(rows.begin(), rows.end(),
                                          [](const ChartRow& a, const ChartRow& b) { return a.semitones < b.semitones; });
    const auto octaves = static_cast<std::size_t>(highest->semitones / 12 + 1);
    const auto names = DOWEL_TRY(modeNotes(target.lowest, "chromatic", 12 * octaves + 1));
    const auto spelled = modeNotes(target.lowest, target.mode, octaves * mode->size() + 1);
    for (const ChartRow& row : rows) {
        // A hole stays where the family has it; a mode with a lower or higher degree there retunes that hole's note.
        const int step = row.semitones % 12;
        int degree =
            *std::min_element(mode->begin(), mode->end(), [&](int a, int b) { return std::abs(a - step) < std::abs(b - step); });
        if (stepByStep)
            degree = (*mode)[static_cast<std::size_t>(std::find(steps.begin(), steps.end(), step) - steps.begin())];
        else if (std::abs(degree - step) > 1)
            degree = step;
        const int semitones = row.semitones - step + degree;
        std::string name = names[static_cast<std::size_t>(semitones)];
        if (spelled)
            for (const auto& s : *spelled)
                if (*semitonesFromName(s) == lowest + semitones)
                    name = s;
        if (std::any_of(chart.begin(), chart.end(), [&](const Fingering& f) { return f.id.text == name; }))
            continue;
        Fingering f;
        f.id = {name};
        f.targetName = name;
        const auto hertz = DOWEL_TRY(targetOf(target.tuning, name));
        f.target = hertz;
        f.registerNumber = row.registerNumber;
        f.tolerance = row.registerNumber == 1 ? target.tolerance : target.tolerance * 1.5;
        f.weight = row.registerNumber == 1 ? 1.0 : 0.6;
        for (int k = 1; k <= holes; ++k) {
            if (k == holes && row.thumb > 0.0)
                f.half.push_back({{"h" + std::to_string(k)}, row.thumb});
            else if (std::find(row.open.begin(), row.open.end(), k) == row.open.end())
                f.closed.push_back({"h" + std::to_string(k)});
        }
        chart.push_back(std::move(f));
    }
    return chart;
}

Result<Blank> startingBlank(Family family, const PlanTarget& target)
{
    const FamilyShape& shape = shapeOf(family);
    auto chart = DOWEL_TRY(fingeringChart(family, target));
    const auto usual = equalTempered(shape.lowest, Hertz::fromHertz(440.0));
    const Hertz lowest = chart.front().target;
    // Bores grow more slowly than lengths from a small instrument to a large one.
    const double larger = std::pow(*usual / lowest, 0.75);
    const double bore = std::round(shape.boreAtLowest_mm * larger * 10.0) / 10.0;
    const bool quarter = family == Family::Stopped || family == Family::Slide || family == Family::Reed;
    const double wave = 345.0 / lowest.hertz() / (quarter ? 4.0 : 2.0) * 1e3;
    Blank blank;
    InstrumentSpec& s = blank.spec;
    s.family = family;
    s.name = "Plan for " + target.lowest;
    s.tuning = target.tuning;
    s.fingerings = std::move(chart);
    s.wall = millimetres(shape.wall_mm);
    blank.holeCount = static_cast<std::size_t>(shape.holes);
    const double length = std::round(wave * (family == Family::Flute || family == Family::Fife ? 1.02 : 1.06) + 5.0);
    s.bore = {{millimetres(0.0), millimetres(bore)}, {millimetres(length), millimetres(bore)}};
    s.excitation = Duct{millimetres(0.68 * bore), millimetres(0.36 * bore), s.wall, {}, {}, 2.0};
    switch (family) {
    case Family::Whistle:
        // A tube a little narrower at the foot keeps the octaves together.
        s.bore = {{millimetres(0.0), millimetres(bore)}, {millimetres(length), millimetres(0.87 * bore)}};
        break;
    case Family::Recorder:
        s.bore = {{millimetres(0.0), millimetres(bore)},
                  {millimetres(0.2 * length), millimetres(bore)},
                  {millimetres(0.78 * length), millimetres(0.72 * bore)},
                  {millimetres(length), millimetres(0.66 * bore)}};
        blank.digits = {"R4", "R3", "R2", "R1", "L3", "L2", "L1", "L0"};
        blank.sides = std::vector<Side>(8, Side::Front);
        blank.sides[7] = Side::Back;
        break;
    case Family::TwoChamber: s.excitation = Duct{millimetres(0.48 * bore), millimetres(0.26 * bore), s.wall, {}, {}, 1.2}; break;
    case Family::Flute:
    case Family::Fife:
        s.excitation = Transverse{millimetres(0.58 * bore), millimetres(0.52 * bore), s.wall + millimetres(0.8),
                                  millimetres(0.95 * bore), 0.3};
        break;
    case Family::Stopped:
    case Family::Slide: s.foot = Foot::Closed; break;
    case Family::Reed:
        s.excitation = ClosedTop{false, CubicMetres::fromCubicMillimetres(8.0 * bore * bore)};
        blank.digits = {"R3", "R2", "R1", "L3", "L2", "L1", "L0"};
        blank.sides = std::vector<Side>(7, Side::Front);
        blank.sides[6] = Side::Back;
        break;
    case Family::Horn:
        s.excitation = ClosedTop{true, CubicMetres::fromCubicMillimetres(4.0 * bore * bore)};
        s.bore = {{millimetres(0.0), millimetres(0.7 * bore)}, {millimetres(length), millimetres(3.4 * bore)}};
        s.material = "horn";
        blank.digits = {"R2", "R1", "L2", "L1", "L0"};
        blank.sides = std::vector<Side>(5, Side::Front);
        blank.sides[4] = Side::Back;
        break;
    case Family::Other: break;
    }
    for (double bit = 3.0; bit <= 13.0; bit += 0.5)
        s.tools.bits.push_back(millimetres(bit));
    if (target.holes)
        setHoles(blank, *target.holes);
    return blank;
}

namespace {

/// The lowest note of a bare tube as the model has it before anything is heard; nothing where it has none there.
std::optional<double> lowestOf(const InstrumentSpec& bare, Metres length)
{
    InstrumentSpec cut = bare;
    cut.bore = boreEndingAt(std::move(cut.bore), length);
    const auto tube = Instrument::make(std::move(cut));
    if (!tube)
        return std::nullopt;
    const acoustics::NoteQuery lowest;
    const acoustics::Model model(acoustics::Shape::of(*tube), expectedCalibration(bare.tuning, bare.tuning.playedAt));
    const auto hertz = model.frequencies(std::span(&lowest, 1));
    return hertz ? std::optional(hertz->front()) : std::nullopt;
}

/// The length at which a tube, cut from its foot, sounds a note; nothing where none between the two does. The shorter, the
/// higher.
std::optional<Metres> lengthFor(const InstrumentSpec& bare, double hertz, Metres shortest, Metres longest)
{
    constexpr double near_m = 2e-4;
    while ((longest - shortest).metres() > near_m) {
        const Metres middle = (shortest + longest) * 0.5;
        const auto f = lowestOf(bare, middle);
        if (!f)
            return std::nullopt;
        (*f > hertz ? shortest : longest) = middle;
    }
    return (shortest + longest) * 0.5;
}

/// How many mean bores a tube is long that speaks well, in halves of a wave: common practice, no source. A flute or pipe that is
/// to overblow is neither stout nor slender; a reed sounds slender cylinders, a player's lip both.
struct Slenderness
{
    double stoutest = 17.0;
    double slenderest = 32.0;
};

Slenderness slendernessOf(Family family)
{
    switch (family) {
    case Family::Reed: return {26.0, 90.0};
    case Family::Horn: return {10.0, 45.0};
    default: return {};
    }
}

} // namespace

namespace {

InstrumentSpec bareOf(const Blank& blank)
{
    InstrumentSpec bare = blank.spec;
    bare.holes.clear();
    bare.fingerings.clear();
    return bare;
}

/// Whether it sounds a quarter of a wave: closed at one end.
bool isQuarterWave(const InstrumentSpec& spec)
{
    const auto* top = std::get_if<ClosedTop>(&spec.excitation);
    return (top != nullptr && !top->lip) != (spec.foot == Foot::Closed);
}

/// By how much the period that is heard is longer than the model's, in seconds.
double longerPeriod_s(Hertz model, Cents above)
{
    return (std::exp2(-above.cents() / 1200.0) - 1.0) / model.hertz();
}

} // namespace

Result<Hertz> bareNote(const Blank& blank)
{
    const InstrumentSpec bare = bareOf(blank);
    const auto tube = DOWEL_TRY(Instrument::make(bare));
    const auto f = lowestOf(bare, tube.length());
    if (!f)
        return Error{ErrorCode::OutOfModelRange, "bore", FactId::None};
    return Hertz::fromHertz(*f);
}

Result<std::vector<Cents>> aboveModel(const Blank& blank, Hertz heard)
{
    const auto model = DOWEL_TRY(bareNote(blank));
    const double longer_s = longerPeriod_s(model, centsBetween(heard, model));
    const bool quarter = isQuarterWave(blank.spec);
    std::vector<Cents> above;
    for (const Fingering& f : blank.spec.fingerings) {
        const int multiple = quarter ? 2 * f.registerNumber - 1 : f.registerNumber;
        const double lowest_Hz = f.target.hertz() / multiple;
        above.push_back(Cents::fromCents(1200.0 * std::log2(std::max(0.5, 1.0 - longer_s * lowest_Hz))));
    }
    return above;
}

Result<std::vector<KeyServed>> keysServed(const Blank& blank, Cents above)
{
    const InstrumentSpec bare = bareOf(blank);
    const auto tube = Instrument::make(bare);
    if (!tube)
        return tube.error();
    double mean = 0.0;
    for (std::size_t i = 1; i < bare.bore.size(); ++i)
        mean += 0.5 * (bare.bore[i].diameter + bare.bore[i - 1].diameter).metres() *
                (bare.bore[i].at - bare.bore[i - 1].at).metres() / tube->length().metres();
    const bool quarter = isQuarterWave(bare);
    const auto [stoutest, slenderest] = slendernessOf(bare.family);
    std::vector<KeyServed> keys;
    auto whole = lowestOf(bare, tube->length());
    if (!whole)
        return keys;
    const double longer_s = longerPeriod_s(Hertz::fromHertz(*whole), above);
    whole = *whole * std::exp2(above.cents() / 1200.0);
    constexpr double spared_cents = 25.0; // a note that the tube just misses is still shown
    constexpr int shown = 20;
    const auto first = semitonesFromName(nearestNote(Hertz::fromHertz(*whole), bare.tuning.a4).name);
    Metres longest = tube->length();
    for (int i = 0; first && i < shown; ++i) {
        const std::string name = keyName(*first + i);
        const auto f = equalTempered(name, bare.tuning.a4);
        if (!f || f->hertz() < *whole * std::exp2(-spared_cents / 1200.0))
            continue;
        const auto length = lengthFor(bare, f->hertz() / (1.0 - longer_s * f->hertz()), Metres::fromMetres(2.0 * mean), longest);
        if (!length || length->metres() < 4.0 * mean)
            break;
        longest = *length;
        KeyServed k{name, *length, Serves::Well, {}};
        const double slender = length->metres() / mean * (quarter ? 2.0 : 1.0);
        if (slender > slenderest) {
            k.serves = slender > 1.4 * slenderest ? Serves::Not : Serves::Poorly;
            k.why = "narrow";
        } else if (slender < stoutest) {
            k.serves = slender < 0.6 * stoutest ? Serves::Not : Serves::Poorly;
            k.why = "wide";
        }
        keys.push_back(std::move(k));
    }
    return keys;
}

} // namespace dowel
