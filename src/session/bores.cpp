// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/bores.h"

#include "core/fit/placed.h"
#include "core/instrument/cut.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace dowel::session {

namespace {

// How much a bore is tried wider and narrower, and a mouthpiece: common practice, no source.
constexpr double bore = 0.08;
constexpr double foot = 0.12;
constexpr double chamber = 0.2;

Blank withBore(Blank blank, double head, double atFoot)
{
    const double length = blank.spec.bore.back().at.metres();
    for (Station& s : blank.spec.bore) {
        const double share = s.at.metres() / length;
        s.diameter = s.diameter * (head + (atFoot - head) * share);
    }
    return blank;
}

/// Another bore of the maker's own. Of a reed instrument with a joint it is the body's: mouthpiece and barrel are kept, since a
/// tube that is wider throughout cancels out.
Blank withOwnBore(Blank blank, Metres diameter)
{
    InstrumentSpec& spec = blank.spec;
    const auto* reed = std::get_if<ClosedTop>(&spec.excitation);
    if (reed == nullptr || reed->lip || spec.slides.empty()) {
        const double times = diameter / spec.bore.front().diameter;
        return withBore(std::move(blank), times, times);
    }
    const Metres joint =
        std::min_element(spec.slides.begin(), spec.slides.end(), [](const Slide& a, const Slide& b) { return a.at < b.at; })->at;
    constexpr Metres shoulder = Metres::fromMillimetres(0.05);
    const double times = diameter / boreDiameterAt(spec.bore, joint);
    splitBoreAt(spec, joint);
    splitBoreAt(spec, joint + shoulder);
    for (Station& s : spec.bore)
        if (s.at > joint)
            s.diameter = s.diameter * times;
    return blank;
}

Blank withMouthpiece(Blank blank, double times)
{
    if (auto* top = std::get_if<ClosedTop>(&blank.spec.excitation))
        top->volume = CubicMetres::fromCubicMetres(top->volume.cubicMetres() * times);
    return blank;
}

bool out(const Instrument& instrument, const std::vector<double>& cents, std::size_t note)
{
    return std::abs(cents[note]) > instrument.spec().fingerings[note].tolerance.cents();
}

std::optional<Cents> thirdRegister(const Instrument& shape, const Posterior& posterior)
{
    const auto& notes = shape.spec().fingerings;
    const auto lowest =
        std::min_element(notes.begin(), notes.end(), [](const Fingering& a, const Fingering& b) { return a.target < b.target; });
    if (lowest == notes.end())
        return std::nullopt;
    const auto placed = posterior.placed(shape);
    const acoustics::Model model(placed.shape, placed.calibration);
    constexpr int most = 3;
    const auto found = model.registers({shape.closedHoles(*lowest), 1, shape.openShares(*lowest)}, most);
    if (found.size() < most)
        return std::nullopt;
    const bool odd = std::holds_alternative<ClosedTop>(shape.spec().excitation) || shape.spec().foot == Foot::Closed;
    return Cents::fromCents(1200.0 * std::log2(found[2] / (found[0] * (odd ? 5.0 : 3.0))));
}

} // namespace

std::string_view boreKindName(BoreKind kind)
{
    constexpr std::array<std::string_view, 7> names{"as_planned",         "narrower",          "wider", "narrower_foot",
                                                    "smaller_mouthpiece", "larger_mouthpiece", "own"};
    return names[static_cast<std::size_t>(kind)];
}

std::vector<std::pair<BoreKind, Blank>> boresFor(const Blank& blank)
{
    std::vector<std::pair<BoreKind, Blank>> all{{BoreKind::AsPlanned, blank},
                                                {BoreKind::Narrower, withBore(blank, 1.0 - bore, 1.0 - bore)},
                                                {BoreKind::Wider, withBore(blank, 1.0 + bore, 1.0 + bore)}};
    if (const auto* top = std::get_if<ClosedTop>(&blank.spec.excitation); top && !top->lip) {
        all.pop_back(); // of a reed the mouthpiece is half of the question
        all.emplace_back(BoreKind::SmallerMouthpiece, withMouthpiece(blank, 1.0 - chamber));
        all.emplace_back(BoreKind::LargerMouthpiece, withMouthpiece(blank, 1.0 + chamber));
    } else if (blank.spec.foot == Foot::Open) {
        all.emplace_back(BoreKind::NarrowerFoot, withBore(blank, 1.0, 1.0 - foot));
    }
    return all;
}

namespace {

/// The row's holes on a blank as long as the row's own tube.
Result<Layout> withRow(const Blank& blank, const Instrument& row, const LayoutWishes& wishes, const Priors& priors)
{
    InstrumentSpec spec = blank.spec;
    spec.bore = boreEndingAt(spec.bore, row.length());
    spec.holes = row.spec().holes;
    const auto shape = DOWEL_TRY(Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet));
    return layoutAt(shape, blank.spec.bore.back().at, wishes, priors);
}

} // namespace

Result<BoreTried> tried(BoreKind kind, const Blank& blank, const LayoutWishes& wishes, const std::optional<Instrument>& row,
                        const Priors& priors, const Cancel& cancel)
{
    auto layout = DOWEL_TRY(row ? withRow(blank, *row, wishes, priors) : layOut(blank, wishes, false, cancel, priors));
    BoreTried found{kind, blank, std::move(layout), 0, {}, {}, {}};
    const Instrument& goal = found.layout.goal;
    found.within = withinTolerance(goal, found.layout.cents);
    const auto posterior = DOWEL_TRY(Posterior::prior(goal, priors));
    const auto registers = registersOf(posterior, goal);
    if (registers)
        found.octaves = registers->pairs;
    found.third = thirdRegister(goal, posterior);
    if (!found.layout.reached && !goal.spec().holes.empty()) {
        LayoutWishes undercut = wishes;
        undercut.allowed.push_back(Shaping::Undercut);
        const auto other = layOut(blank, undercut, false, cancel, priors);
        if (!other && other.error().code == ErrorCode::Cancelled)
            return other.error();
        for (std::size_t i = 0; other && i < other->cents.size(); ++i)
            if (out(goal, found.layout.cents, i) && !out(other->goal, other->cents, i))
                found.undercutMends.push_back(i);
    }
    return found;
}

Result<std::vector<BoreTried>> boresTried(const Blank& blank, const LayoutWishes& wishes, const BoresAsked& asked,
                                          const Priors& priors, const Cancel& cancel)
{
    std::vector<std::pair<BoreKind, Blank>> bores = boresFor(blank);
    if (!asked.own.empty()) {
        bores.resize(1);
        for (std::size_t i = 0; i < std::min(mostOwnBores, asked.own.size()); ++i)
            bores.emplace_back(BoreKind::Own, withOwnBore(blank, asked.own[i]));
    }
    std::vector<BoreTried> all;
    std::optional<Error> last;
    for (const auto& [kind, bored] : bores) {
        auto one = tried(kind, bored, wishes, asked.row, priors, cancel);
        if (one)
            all.push_back(std::move(*one));
        else if (one.error().code == ErrorCode::Cancelled)
            return one.error();
        else
            last = one.error();
    }
    if (all.empty() && last)
        return *last;
    return all;
}

} // namespace dowel::session
