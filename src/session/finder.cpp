// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/finder.h"

#include "core/fit/placed.h"
#include "core/instrument/cut.h"
#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace dowel::session {

namespace {

/// What the player's breath adds to the model in a register, and how sure a note there is: as the nearest note on the chart.
class Player
{
public:
    static Result<Player> make(const Forecaster& forecaster, const Instrument& instrument)
    {
        const auto states = DOWEL_TRY(forecaster.states(instrument));
        Player player;
        const auto& chart = instrument.spec().fingerings;
        const auto placed = forecaster.posterior().placed(instrument);
        const acoustics::Model model(placed.shape, placed.calibration);
        const auto queries = queriesOf(instrument);
        const auto plain = DOWEL_TRY(model.frequencies(queries));
        for (std::size_t i = 0; i < chart.size(); ++i) {
            const Hertz sounds = raisedBy(chart[i].target, Cents::fromCents(states[i].cents));
            player.m_known.push_back(
                {chart[i].registerNumber, plain[i], centsBetween(sounds, Hertz::fromHertz(plain[i])).cents(), states[i].sd});
        }
        return player;
    }
    struct Known
    {
        int registerNumber;
        double hertz;
        double law_cents;
        double sd_cents;
    };
    [[nodiscard]] Known nearest(int registerNumber, double hertz) const
    {
        const auto far = [&](const Known& k) {
            constexpr double otherRegister = 2.0; // octaves
            return std::abs(std::log2(k.hertz / hertz)) + otherRegister * std::abs(k.registerNumber - registerNumber);
        };
        return *std::min_element(m_known.begin(), m_known.end(), [&](const Known& a, const Known& b) { return far(a) < far(b); });
    }

private:
    std::vector<Known> m_known;
};

constexpr std::size_t mostWays = std::size_t{1} << 15U;

std::vector<std::vector<double>> combined(const std::vector<std::vector<double>>& choices)
{
    std::vector<std::vector<double>> ways{{}};
    for (const auto& shares : choices) {
        std::vector<std::vector<double>> longer;
        for (const auto& way : ways)
            for (const double s : shares) {
                longer.push_back(way);
                longer.back().push_back(s);
            }
        ways = std::move(longer);
    }
    return ways;
}

/// The ways to leave the holes open, each as shares: all of them, or, where half-open holes make them too many, those with one
/// half-open hole at most.
std::vector<std::vector<double>> everyWay(const Instrument& instrument)
{
    const InstrumentSpec& spec = instrument.spec();
    std::vector<std::vector<double>> choices;
    for (const Hole& h : spec.holes) {
        std::vector<double> shares{0.0, 1.0};
        for (const Fingering& f : spec.fingerings)
            for (const HalfHole& half : f.half)
                if (half.hole == h.id && std::find(shares.begin(), shares.end(), half.open) == shares.end())
                    shares.push_back(half.open);
        choices.push_back(std::move(shares));
    }
    std::size_t together = 1;
    for (const auto& shares : choices)
        together *= together > mostWays ? 1 : shares.size();
    if (together <= mostWays)
        return combined(choices);
    // Too many with every hole half open beside every other: one at a time.
    std::vector<std::vector<double>> plain(choices.size(), {0.0, 1.0});
    auto ways = combined(plain);
    for (std::size_t i = 0; i < choices.size(); ++i) {
        if (choices[i].size() == 2)
            continue;
        auto half = plain;
        half[i].assign(choices[i].begin() + 2, choices[i].end());
        for (auto& way : combined(half))
            if (ways.size() < 2 * mostWays)
                ways.push_back(std::move(way));
    }
    return ways;
}

int fingersBetween(const std::vector<double>& a, const std::vector<double>& b)
{
    int moved = 0;
    for (std::size_t i = 0; i < a.size(); ++i)
        moved += a[i] != b[i] ? 1 : 0;
    return moved;
}

/// Fingers that move to the chart's notes below and above a pitch.
int fingersToNeighbours(const Instrument& instrument, const std::vector<double>& way, Hertz pitch)
{
    constexpr double same_cents = 30.0;
    const Fingering* below = nullptr;
    const Fingering* above = nullptr;
    for (const Fingering& f : instrument.spec().fingerings) {
        const double off = centsBetween(f.target, pitch).cents();
        if (off < -same_cents && (below == nullptr || f.target > below->target))
            below = &f;
        if (off > same_cents && (above == nullptr || f.target < above->target))
            above = &f;
    }
    int moved = 0;
    for (const Fingering* f : {below, above})
        if (f != nullptr)
            moved += fingersBetween(way, instrument.openShares(*f));
    return moved;
}

bool onChart(const Instrument& instrument, const std::vector<double>& way, int registerNumber)
{
    const auto& chart = instrument.spec().fingerings;
    return std::any_of(chart.begin(), chart.end(),
                       [&](const Fingering& f) { return f.registerNumber == registerNumber && instrument.openShares(f) == way; });
}

double costOf(const FingeringFound& c)
{
    constexpr double cents = 5.0;   // so far off is as bad as
    constexpr double unsure = 4.0;  // this for a note that speaks reluctantly,
    constexpr double finger = 0.15; // and this for a finger more that moves
    const double off = c.off.cents() / cents;
    const double speech = c.speech == acoustics::Speech::Well ? 0.0 : c.speech == acoustics::Speech::Hardly ? 3.0 : 1.0;
    return off * off + unsure * speech + finger * c.fingersToNeighbours;
}

} // namespace

Result<std::vector<FingeringFound>> fingeringsFor(const Forecaster& forecaster, const Instrument& instrument,
                                                  const FingeringsAsked& asked, const Cancel& cancel)
{
    constexpr std::size_t mostHoles = 14;
    constexpr int registers = 3;
    // Of a fingering that is not on the chart the model is less sure; by judgement, no source.
    constexpr double strange_cents = 6.0;
    const auto& holes = instrument.spec().holes;
    if (instrument.spec().fingerings.empty())
        return Error{ErrorCode::BadValue, "fingerings", FactId::NoFingerings};
    if (holes.size() > mostHoles)
        return Error{ErrorCode::BadValue, "holes", {FactId::HolesGoneThrough, holes.size(), mostHoles}};
    const auto player = DOWEL_TRY(Player::make(forecaster, instrument));
    const auto placed = forecaster.posterior().placed(instrument);
    const acoustics::Model model(placed.shape, placed.calibration);
    std::vector<FingeringFound> found;
    std::vector<acoustics::NoteQuery> queries;
    for (const auto& way : everyWay(instrument)) {
        if (cancel.requested())
            return Error{ErrorCode::Cancelled, "", {}};
        const std::vector<double> sounds = model.registers({{}, 1, way}, asked.registerNumber.value_or(registers));
        for (std::size_t r = 0; r < sounds.size(); ++r) {
            const int number = static_cast<int>(r) + 1;
            if (asked.registerNumber && number != *asked.registerNumber)
                continue;
            const Player::Known known = player.nearest(number, sounds[r]);
            const Hertz pitch = raisedBy(Hertz::fromHertz(sounds[r]), Cents::fromCents(known.law_cents));
            const Cents off = centsBetween(pitch, asked.pitch);
            if (std::abs(off.cents()) > asked.within.cents())
                continue;
            FingeringFound c{
                {},    {},  number,
                pitch, off, Cents::fromCents(std::hypot(known.sd_cents, onChart(instrument, way, number) ? 0.0 : strange_cents))};
            for (std::size_t i = 0; i < way.size(); ++i) {
                if (way[i] == 0.0)
                    c.closed.push_back(holes[i].id);
                else if (way[i] != 1.0)
                    c.half.push_back({holes[i].id, way[i]});
            }
            c.fingersToNeighbours = fingersToNeighbours(instrument, way, asked.pitch);
            found.push_back(std::move(c));
            queries.push_back({{}, number, way});
        }
    }
    const auto colours = DOWEL_TRY(acoustics::coloursOf(model, queries));
    for (std::size_t i = 0; i < found.size(); ++i)
        found[i].speech = colours[i].speech;
    std::stable_sort(found.begin(), found.end(),
                     [](const FingeringFound& a, const FingeringFound& b) { return costOf(a) < costOf(b); });
    found.resize(std::min(found.size(), asked.most));
    return found;
}

namespace {

Result<Instrument> slidTo(const Instrument& instrument, Metres face)
{
    InstrumentSpec spec = instrument.spec();
    spec.bore = boreEndingAt(spec.bore, face);
    return Instrument::make(std::move(spec));
}

/// How far over a pitch the slide's note is with its face there.
Result<double> centsAt(const Posterior& posterior, const Instrument& instrument, Metres face, Hertz pitch)
{
    const auto shape = DOWEL_TRY(slidTo(instrument, face));
    const auto cents = DOWEL_TRY(posterior.cents(shape));
    return centsBetween(raisedBy(shape.spec().fingerings.front().target, Cents::fromCents(cents.front())), pitch).cents();
}

/// One sigma of that, in cents, by all that is not known of the instrument.
Result<double> sdAt(const Posterior& posterior, const Instrument& instrument, Metres face)
{
    const auto shape = DOWEL_TRY(slidTo(instrument, face));
    const auto forecast = DOWEL_TRY(posterior.forecast(shape));
    const Eigen::RowVectorXd row = forecast.jacobian.row(0);
    return std::sqrt(std::max(0.0, row.dot(posterior.covariance() * row.transpose())));
}

/// The face for a pitch by halving, which cannot miss: a shorter tube sounds higher. Nothing where it lies outside.
Result<std::optional<SlideMark>> markOf(const Posterior& posterior, const Instrument& instrument, const std::string& note,
                                        Hertz pitch, Metres shortest)
{
    Metres low = shortest;
    Metres high = instrument.length();
    const auto atLow = centsAt(posterior, instrument, low, pitch);
    const auto atHigh = centsAt(posterior, instrument, high, pitch);
    if (!atLow || !atHigh)
        return atLow ? atHigh.error() : atLow.error();
    constexpr double near_cents = 5.0; // what the whole tube sounds is a note of the slide, if ever so little sharp
    if (*atLow < 0.0 || *atHigh > near_cents)
        return std::optional<SlideMark>();
    constexpr int halvings = 24; // to a tenth of a micrometre over a metre
    for (int i = 0; i < halvings; ++i) {
        const Metres middle = (low + high) / 2.0;
        const auto there = DOWEL_TRY(centsAt(posterior, instrument, middle, pitch));
        (there > 0.0 ? low : high) = middle;
    }
    const Metres face = (low + high) / 2.0;
    constexpr Metres little = Metres::fromMillimetres(0.5);
    const auto nearer = centsAt(posterior, instrument, face - little, pitch);
    const auto there = centsAt(posterior, instrument, face, pitch);
    const auto sd = sdAt(posterior, instrument, face);
    if (!nearer || !there || !sd)
        return nearer ? (there ? sd.error() : there.error()) : nearer.error();
    const double centsPerMetre = (*nearer - *there) / little.metres();
    return std::optional(SlideMark{note, pitch, face, Metres::fromMetres(*sd / centsPerMetre)});
}

} // namespace

Instrument fullyOut(const Workbook& book)
{
    Metres out = book.present().length();
    for (const Instrument& shape : book.shapes())
        out = std::max(out, shape.length());
    auto there = applied(book.present(), SetSlide{out});
    return there ? std::move(*there) : book.present(); // no slide
}

Result<std::vector<SlideMark>> slideMarks(const Posterior& posterior, const Instrument& instrument,
                                          const std::optional<std::string>& from, const std::optional<std::string>& to)
{
    const InstrumentSpec& spec = instrument.spec();
    if (spec.foot != Foot::Closed || !spec.holes.empty() || spec.fingerings.empty())
        return Error{ErrorCode::BadValue, "slide", FactId::SlideNeeds};
    for (const auto& name : {from, to})
        if (name)
            DOWEL_TRY(semitonesFromName(*name));
    if (from && to && *semitonesFromName(*from) > *semitonesFromName(*to))
        return Error{ErrorCode::BadValue, *from, {FactId::LowerFirst, *to}};
    // A face nearer to the edge than this no longer belongs to a tube.
    const Metres shortest = spec.bore.front().diameter * 2.0;
    std::string lowest = from.value_or("");
    if (lowest.empty()) {
        const Hertz target = spec.fingerings.front().target;
        const auto open = DOWEL_TRY(centsAt(posterior, instrument, instrument.length(), target));
        lowest = nearestNote(raisedBy(target, Cents::fromCents(open)), spec.tuning.a4).name;
    }
    constexpr std::size_t notes = 61;
    const auto names = DOWEL_TRY(modeNotes(lowest, "chromatic", notes));
    const auto first = DOWEL_TRY(semitonesFromName(lowest));
    const int last = to ? *semitonesFromName(*to) : first + 24;
    std::vector<SlideMark> marks;
    for (const std::string& name : names) {
        const auto semitones = semitonesFromName(name); // beyond the highest note that has a name there are no marks
        if (!semitones || *semitones > last)
            break;
        const auto pitch = DOWEL_TRY(targetOf(spec.tuning, name));
        const auto mark = DOWEL_TRY(markOf(posterior, instrument, name, pitch, shortest));
        if (mark)
            marks.push_back(*mark);
    }
    return marks;
}

std::vector<TemplateSheet> sheetsOf(const Instrument& start, const Instrument& goal, const SheetWishes& wishes,
                                    const Posterior* heard)
{
    std::vector<TemplateSheet> sheets = templateSheets(start, goal, wishes);
    const InstrumentSpec& spec = goal.spec();
    if (spec.family != Family::Slide || spec.foot != Foot::Closed)
        return sheets;
    std::vector<SheetMark> places;
    if (const auto posterior = heard == nullptr ? Posterior::prior(goal) : Result<Posterior>(*heard))
        if (const auto marks = slideMarks(*posterior, goal, {}, {}))
            for (const SlideMark& m : *marks)
                places.push_back({m.note, m.slide});
    for (TemplateSheet& sheet : sheets)
        addMarks(sheet, places);
    return sheets;
}

} // namespace dowel::session
