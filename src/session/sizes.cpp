// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/sizes.h"

#include "core/instrument/whole.h"
#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"
#include "io/spec_json.h"
#include "io/whole_file.h"
#include "store/store.h"

#include <algorithm>
#include <cmath>

namespace dowel::session {

Result<Instrument> rowOn(const Instrument& model, const Blank& blank)
{
    if (model.spec().holes.size() != blank.holeCount)
        return Error{ErrorCode::BadGeometry, "model", {FactId::HolesOfFingerings, model.spec().holes.size(), blank.holeCount}};
    const auto lowest = [](const std::vector<Fingering>& chart) {
        Hertz low;
        for (const Fingering& f : chart)
            if (f.registerNumber == 1 && (low == Hertz{} || f.target < low))
                low = f.target;
        return low;
    };
    const Hertz from = lowest(model.spec().fingerings);
    const Hertz to = lowest(blank.spec.fingerings);
    if (from == Hertz{} || to == Hertz{})
        return Error{ErrorCode::BadFingering, "model", FactId::NoLowestNote};
    const double ratio = to / from;
    // No longer than the model's length calls for, and no longer than the blank is.
    const Metres length = std::min(blank.spec.bore.back().at, model.length() / ratio * 1.1);
    const auto moved = carriedOver(model, boreEndingAt(blank.spec.bore, length), blank.spec.wall, ratio);
    if (!moved)
        return moved;
    InstrumentSpec spec = blank.spec;
    spec.bore = moved->spec().bore;
    spec.holes = moved->spec().holes;
    for (std::size_t i = 0; i < spec.holes.size(); ++i)
        spec.holes[i].id = {"h" + std::to_string(i + 1)};
    clearJoints(spec);
    return Instrument::make(std::move(spec));
}

Result<Layout> layoutAfter(const Instrument& model, const Blank& blank, const LayoutWishes& wishes, bool withCosts,
                           const Cancel& cancel, const Priors& priors)
{
    const auto rough = DOWEL_TRY(rowOn(model, blank));
    auto layout = layOut(rough, blank.spec.bore.back().at, wishes, withCosts, cancel, priors);
    if (layout)
        layout->movedJoints = movedJoints(blank.spec.slides, layout->goal.spec().slides);
    return layout;
}

Result<io::PlanKept> modelIn(const std::string& path)
{
    if (!io::looksLikeWorkbook(path)) {
        const auto spec = io::readSpecFile(path);
        return spec ? Result<io::PlanKept>(io::planOf(*spec)) : spec.error();
    }
    const auto store = DOWEL_TRY(Store::open(path, Store::Mode::Look));
    const Workbook& book = store.book();
    auto plan = book.plan() == nullptr ? Result<io::PlanKept>(io::planOf(book.present())) : io::planFromText(*book.plan());
    if (!plan)
        return plan;
    if (book.sounds())
        plan->goal = io::planOf(book.present()).goal;
    if (plan->goal)
        plan->model = plan->goal;
    plan->done.clear();
    plan->blank.spec.name = book.present().spec().name;
    return plan;
}

namespace {

/// A note so many semitones higher, spelt as the new key has it.
class Transposed
{
public:
    static Result<Transposed> make(const std::string& from, const std::string& to)
    {
        const auto low = semitonesFromName(from);
        const auto high = semitonesFromName(to);
        if (!low || !high)
            return low ? high.error() : low.error();
        constexpr std::size_t octaves = 5;
        auto names = DOWEL_TRY(modeNotes(to, "chromatic", 12 * octaves));
        return Transposed(*low, *high, std::move(names));
    }
    [[nodiscard]] double ratio() const { return std::exp2((m_to - m_from) / 12.0); }
    /// A name that is no note stays.
    [[nodiscard]] std::string of(const std::string& name) const
    {
        const auto semitones = semitonesFromName(name);
        if (!semitones)
            return name;
        const int above = *semitones - m_from;
        if (above >= 0 && above < static_cast<int>(m_names.size()))
            return m_names[static_cast<std::size_t>(above)];
        const Hertz a4 = Hertz::fromHertz(440.0);
        return nearestNote(equalTempered(name, a4).value() * ratio(), a4).name;
    }

private:
    Transposed(int from, int to, std::vector<std::string> names) : m_from(from), m_to(to), m_names(std::move(names)) {}
    int m_from;
    int m_to;
    std::vector<std::string> m_names;
};

std::vector<Fingering> transposed(std::vector<Fingering> chart, const Transposed& to)
{
    for (Fingering& f : chart) {
        f.id = {to.of(f.id.text)};
        f.target = f.target * to.ratio();
        if (!f.targetName.empty())
            f.targetName = to.of(f.targetName);
    }
    return chart;
}

void scale(Excitation& excitation, double factor)
{
    if (auto* d = std::get_if<Duct>(&excitation)) {
        for (Metres* m : {&d->windowWidth, &d->windowLength, &d->upstream, &d->cover, &d->windwayLength, &d->windwayHeight})
            *m = *m * factor;
    } else if (auto* t = std::get_if<Transverse>(&excitation)) {
        for (Metres* m : {&t->holeLength, &t->holeWidth, &t->stopper, &t->undercut})
            *m = *m * factor;
    } else if (auto* c = std::get_if<ClosedTop>(&excitation)) {
        c->volume = CubicMetres::fromCubicMillimetres(c->volume.cubicMillimetres() * factor * factor * factor);
    }
}

} // namespace

Result<Instrument> asRow(const Blank& blank, const PlanTarget& target, MeasuredRow row)
{
    InstrumentSpec spec = blank.spec;
    spec.name = "Model";
    PlanTarget own = target;
    own.lowest = row.lowest;
    auto chart = DOWEL_TRY(fingeringChart(spec.family, own));
    scale(spec.excitation, row.bore.front().diameter / spec.bore.front().diameter);
    if (auto* duct = std::get_if<Duct>(&spec.excitation))
        duct->chimney = row.wall;
    if (row.mouth)
        spec.excitation = *row.mouth;
    spec.bore = std::move(row.bore);
    spec.wall = row.wall;
    spec.slides.clear();
    spec.nodes.clear();
    spec.limits = {};
    spec.holes = std::move(row.holes);
    spec.fingerings.clear();
    for (Fingering& f : chart)
        if (spec.holes.size() == blank.holeCount)
            spec.fingerings.push_back(std::move(f));
    if (spec.fingerings.empty()) {
        Fingering f = std::move(chart.front());
        f.closed.clear();
        for (const Hole& h : spec.holes)
            f.closed.push_back(h.id);
        spec.fingerings.push_back(std::move(f));
    }
    return Instrument::make(std::move(spec));
}

Result<std::vector<Cents>> ownScale(const Instrument& row, const Priors& priors)
{
    const auto posterior = DOWEL_TRY(Posterior::prior(row, priors));
    const auto cents = DOWEL_TRY(posterior.cents(row));
    std::vector<Cents> own;
    for (const double c : cents)
        own.push_back(Cents::fromCents(own.empty() ? c : c - cents.front()));
    return own;
}

std::vector<Hole> rowByProportion(Metres length, Metres bore, Metres wall, std::size_t holes)
{
    std::vector<Hole> row;
    for (std::size_t k = 0; k < holes; ++k) {
        Hole h;
        h.id.text = 'h';
        h.id.text += std::to_string(k + 1);
        h.at = length * (0.8 - 0.1 * static_cast<double>(k));
        h.diameter = h.undercutDiameter = bore * 0.5;
        h.chimney = wall;
        row.push_back(std::move(h));
    }
    return row;
}

Result<io::PlanKept> inKey(const io::PlanKept& model, const std::string& lowest, Widths widths)
{
    const auto to = DOWEL_TRY(Transposed::make(model.target.lowest, lowest));
    io::PlanKept plan = model;
    plan.target.lowest = lowest;
    if (plan.target.tuning.scale != "equal") { // the temperament goes with the key
        std::string tonic = to.of(model.target.tuning.tonic + "4");
        tonic.erase(std::remove_if(tonic.begin(), tonic.end(), [](unsigned char c) { return std::isdigit(c) != 0; }),
                    tonic.end());
        plan.target.tuning.tonic = tonic;
    }
    InstrumentSpec& spec = plan.blank.spec;
    spec.tuning = plan.target.tuning;
    auto chart = DOWEL_TRY(plan.ownChart ? Result<std::vector<Fingering>>(transposed(spec.fingerings, to))
                                         : fingeringChart(spec.family, plan.target));
    auto tuned = DOWEL_TRY(retargeted(std::move(chart), spec.tuning));
    spec.fingerings = std::move(tuned);
    const double longer = 1.0 / to.ratio();
    for (Station& s : spec.bore) {
        s.at = s.at * longer;
        s.diameter = s.diameter * widths.times(longer);
    }
    for (Slide& s : spec.slides)
        s.at = s.at * longer;
    for (Node& n : spec.nodes)
        n.at = n.at * longer;
    if (spec.limits.footMin)
        spec.limits.footMin = *spec.limits.footMin * longer;
    if (spec.limits.depthMax)
        spec.limits.depthMax = *spec.limits.depthMax * longer;
    scale(spec.excitation, widths.times(longer));
    if (model.goal)
        plan.model = model.goal; // its row is carried over wherever the tube changes
    plan.goal.reset();
    plan.done.clear();
    return plan;
}

Result<io::PlanKept> laidOutIn(const io::PlanKept& model, const std::string& lowest, Widths widths, const Priors& priors,
                               const Cancel& cancel)
{
    auto plan = inKey(model, lowest, widths);
    if (!plan)
        return plan;
    auto layout = DOWEL_TRY(plan->model ? layoutAfter(*plan->model, plan->blank, plan->wishes, false, cancel, priors)
                                        : layOut(plan->blank, plan->wishes, false, cancel, priors));
    plan->goal = std::move(layout.goal);
    return plan;
}

} // namespace dowel::session
