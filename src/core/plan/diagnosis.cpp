// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/diagnosis.h"

#include "core/base/breath.h"
#include "core/fit/shared.h"
#include "core/forecast/outcomes.h"

#include <algorithm>
#include <cmath>

namespace dowel {

namespace {

// All in standard deviations or half squares of them; set so that honest blanks of the fleet are not stopped.
constexpr double farOff = 6.0;   // of a reading
constexpr double explains = 8.0; // half the squares: four standard deviations
// The same of a hole: at a first listening honest ones stayed below 1, and to measure again costs little.
constexpr double explainsHole = 4.0;
constexpr double mistake_m = 0.0004; // smaller errors of a hole are calipers'
constexpr double impossible = 4.0;   // of the warmth
constexpr double unexplained = 12.0; // of a reading

/// Whether a fingering has been heard more than once, set aside or not: asked for again, and the same.
enum class Since { TheBeginning, TheLastCut };
bool heardAgain(const Workbook& book, const FingeringId& id, Since since)
{
    int count = 0;
    for (const Entry& e : book.entries()) {
        const auto* r = std::get_if<ReadingEntry>(&e.body);
        if (since == Since::TheLastCut && std::holds_alternative<CutEntry>(e.body))
            count = 0;
        else if (r != nullptr && r->fingering == id)
            ++count;
    }
    return count > 1;
}

/// The same record with the readings of two fingerings exchanged.
std::optional<Workbook> exchanged(const Workbook& book, const FingeringId& a, const FingeringId& b)
{
    Workbook other(book.specified());
    for (Entry entry : book.entries()) {
        if (auto* r = std::get_if<ReadingEntry>(&entry.body)) {
            if (r->fingering == a)
                r->fingering = b;
            else if (r->fingering == b)
                r->fingering = a;
        }
        if (!other.append(std::move(entry)))
            return std::nullopt;
    }
    return other;
}

} // namespace

Result<std::optional<Contradiction>> contradictionIn(const Workbook& book, const Posterior& p, const Cancel& cancel)
{
    using Found = std::optional<Contradiction>;
    using Kind = Contradiction::Kind;
    const auto& holes = book.present().spec().holes;
    const auto& fingerings = book.present().spec().fingerings;
    // In degrees at the temperature of the newest reading: what the air in the tube is other than expected.
    const SharedEstimate expected = p.expectedShared();
    const double warmthSd = std::sqrt(expected.covariance(0, 0));
    const double warmth = (p.warmth() - expected.mean[0]) / warmthSd;
    const auto readings = book.readings();
    const double room_K =
        readings.empty() ? book.present().spec().tuning.playedAt.kelvin() : readings.back().reading->air.kelvin();
    const double warmthSd_K = warmthSd * std::abs(breath_K - room_K);
    // Explanations are compared with the scatter that was expected: what does not fit must not count as the player's.
    FitOptions asExpected;
    asExpected.learnScatter = false;
    double best = p.report().cost - explainsHole;
    Found found;
    for (std::size_t i = 0; i < holes.size(); ++i) {
        // Worth a fit of its own only where the straight-line reckoning comes near.
        if (p.gainByDoubting(i) < 0.8 * explainsHole || book.measuredAgain(holes[i].id))
            continue;
        Priors doubting = p.expected();
        doubting.doubtedHole = i;
        const auto freed = DOWEL_TRY(fit(book, doubting, cancel, asExpected));
        if (freed.report().cost < best && std::abs(freed.holeShift_m(i)) > mistake_m) {
            best = freed.report().cost;
            found = Contradiction{Kind::Hole, holes[i].id.text, 1e3 * freed.holeShift_m(i), {}};
        }
    }
    best = std::min(best, p.report().cost - explains);
    const auto& residuals = p.residuals();
    for (std::size_t a = 0; a < fingerings.size(); ++a)
        for (std::size_t b = a + 1; b < fingerings.size(); ++b) {
            // One far too sharp, the other far too flat, in one register.
            if (fingerings[a].registerNumber != fingerings[b].registerNumber || residuals[a] * residuals[b] >= 0.0 ||
                std::min(std::abs(residuals[a]), std::abs(residuals[b])) < farOff ||
                (heardAgain(book, fingerings[a].id, Since::TheLastCut) && heardAgain(book, fingerings[b].id, Since::TheLastCut)))
                continue;
            const auto other = exchanged(book, fingerings[a].id, fingerings[b].id);
            if (!other)
                continue;
            const auto fitted = DOWEL_TRY(fit(*other, p.expected(), cancel, asExpected));
            if (fitted.report().cost < best) {
                best = fitted.report().cost;
                found = Contradiction{Kind::Swapped, fingerings[a].id.text, 0.0, fingerings[b].id.text};
            }
        }
    if (found)
        return found;
    if (!p.report().usable()) // no cut goes by an explanation that was not found
        return Found{Contradiction{Kind::Unsettled, p.report().worstReading.text, p.report().worstResidual, {}}};
    if (std::abs(warmth) > impossible && !book.measuredAgain({}))
        return Found{Contradiction{Kind::Temperature, "", warmth * warmthSd_K, {}}};
    // The robust fit leaves a reading that no unknown explains far outside. Where the note has been heard again since, the
    // others have outvoted it already.
    const auto note = book.present().indexOf(p.report().worstReading);
    if (p.report().worstResidual > unexplained && note && (p.readingsOf(*note) < 2 || !p.newestMisfits()[*note].agreed) &&
        std::abs(p.newestMisfits()[*note].deviations) > unexplained && !inconsistentNotes(book, p)[*note])
        return Found{Contradiction{Kind::Reading, p.report().worstReading.text, p.report().worstResidual, {}}};
    return Found{};
}

std::optional<Contradiction> sessionsApart(const Workbook& book)
{
    constexpr double far_cents = 10.0; // three standard deviations of a breath of the day; common practice, no source
    constexpr std::size_t few = 3;
    std::vector<double> change = changeSinceBefore(book);
    if (change.size() < few)
        return std::nullopt;
    std::sort(change.begin(), change.end());
    const double middle = change[change.size() / 2];
    const auto same =
        std::count_if(change.begin(), change.end(), [&](double c) { return std::abs(c) > far_cents && c * middle > 0.0; });
    if (static_cast<std::size_t>(same) * 2 <= change.size())
        return std::nullopt;
    const double kelvin = book.present().spec().tuning.playedAt.kelvin();
    return Contradiction{Contradiction::Kind::Temperature, "", kelvin * (std::exp2(middle / 600.0) - 1.0), {}};
}

std::optional<Contradiction> sessionContradiction(const Workbook& book, const Posterior& posterior)
{
    const auto& fingerings = book.present().spec().fingerings;
    const auto& misfits = posterior.newestMisfits();
    const std::vector<bool> inconsistent = inconsistentNotes(book, posterior);
    std::vector<double> off;
    std::size_t counted = 0;
    std::size_t worst = 0;
    for (std::size_t i = 0; i < inconsistent.size(); ++i) {
        if (!(fingerings[i].weight > 0.0))
            continue;
        ++counted;
        if (!inconsistent[i])
            continue;
        off.push_back(misfits[i].cents);
        if (!inconsistent[worst] || std::abs(misfits[i].deviations) > std::abs(misfits[worst].deviations))
            worst = i;
    }
    if (off.empty() || off.size() * 2 <= counted)
        return std::nullopt;
    std::sort(off.begin(), off.end());
    if (off.front() * off.back() > 0.0) { // all one way: another air, or another breath
        const double cents = -off[off.size() / 2];
        const double kelvin = book.present().spec().tuning.playedAt.kelvin();
        return Contradiction{Contradiction::Kind::Temperature, "", kelvin * (std::exp2(cents / 600.0) - 1.0), {}};
    }
    return Contradiction{Contradiction::Kind::Unsettled, fingerings[worst].id.text, std::abs(misfits[worst].deviations), {}};
}

JointForecast asHeard(const Posterior& posterior, const std::vector<bool>& inconsistent, JointForecast jointForecast)
{
    const auto& misfits = posterior.newestMisfits();
    for (std::size_t i = 0; i < inconsistent.size(); ++i)
        if (inconsistent[i]) {
            const auto k = static_cast<Eigen::Index>(i);
            jointForecast.mean[k] -= misfits[i].cents;
            jointForecast.own[k] = std::hypot(jointForecast.own[k], misfits[i].cents);
        }
    return jointForecast;
}

std::vector<bool> inconsistentNotes(const Workbook& book, const Posterior& posterior)
{
    const auto& fingerings = book.present().spec().fingerings;
    const auto& misfits = posterior.newestMisfits();
    std::vector<bool> inconsistent(fingerings.size(), false);
    for (std::size_t i = 0; i < inconsistent.size(); ++i)
        // Flat, and heard again since the beginning; sharp, and twice the same on one shape.
        inconsistent[i] = misfits[i].deviations > 0.0
                              ? misfits[i].deviations > unexplained && heardAgain(book, fingerings[i].id, Since::TheBeginning)
                              : -misfits[i].deviations > unexplained && misfits[i].agreed;
    return inconsistent;
}

} // namespace dowel
