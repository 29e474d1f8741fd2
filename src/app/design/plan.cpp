// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/plan.h"

#include "app/document/shop_settings.h"

#include "core/layout/families.h"
#include "core/tuning/pitch.h"
#include "session/sizes.h"
#include "store/store.h"
#include "text/errors.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace dowel::app {

namespace {
// A drag changes the plan many times a second, and what is tried out is not worth a line in the record each time: it is kept when
// a row is laid out, when the stage is left, and when nothing has changed for this long.
constexpr std::chrono::milliseconds keptAfter{20000};
} // namespace

Plan::Plan(io::PlanKept kept, TimeSource& time, QObject* parent)
    : QObject(parent), m_kept(std::move(kept)), m_keepLater(time, Alarm::Kind::Once, keptAfter)
{
    connect(&m_jobs, &Jobs::busyChanged, this, &Plan::busyChanged);
    connect(&m_keepLater, &Alarm::rang, this, &Plan::flush);
    judgeKept();
}

io::PlanKept Plan::usual(Family family)
{
    io::PlanKept kept;
    kept.target = usualTarget(family);
    if (auto blank = startingBlank(family, kept.target))
        kept.blank = std::move(*blank);
    return kept;
}

void Plan::restore(io::PlanKept kept)
{
    m_kept = std::move(kept);
    m_layout.reset();
    m_trouble.clear();
    ++m_revision;
    m_keepLater.stop();
    m_unkept = false;
    judgeKept();
    Q_EMIT changed();
}

void Plan::judgeKept()
{
    if (!m_kept.goal)
        return;
    m_jobs.run([goal = *m_kept.goal, length = blank().spec.bore.back().at, wishes = wishesAsBlown()](
                   const Cancel&) { return layoutAt(goal, length, wishes, learntPriors(goal.spec().family)); },
               [this, revision = m_revision](Result<Layout> layout) {
                   if (!layout || revision != m_revision)
                       return;
                   m_layout = std::move(*layout);
                   Q_EMIT changed();
               });
}

void Plan::flush()
{
    m_keepLater.stop();
    if (!std::exchange(m_unkept, false))
        return;
    if (std::exchange(m_dragged, false))
        judgeKept(); // it rests: what is drilled first is worked out anew
    Q_EMIT worthKeeping();
}

std::optional<Instrument> Plan::drawn() const
{
    if (m_layout)
        return m_layout->goal;
    InstrumentSpec bare = blank().spec;
    bare.holes.clear();
    bare.fingerings.clear();
    const auto tube = Instrument::make(std::move(bare));
    return tube ? std::optional(*tube) : std::nullopt;
}

std::vector<Hole> Plan::chartHoles() const
{
    if (m_layout)
        return m_layout->goal.spec().holes;
    std::vector<Hole> holes(blank().holeCount);
    for (std::size_t i = 0; i < holes.size(); ++i) {
        holes[i].id = {"h" + std::to_string(i + 1)};
        holes[i].digit = i < blank().digits.size() ? blank().digits[i] : std::string();
        holes[i].side = i < blank().sides.size() ? blank().sides[i] : Side::Front;
    }
    return holes;
}

void Plan::touched(bool dropLayout)
{
    ++m_revision;
    m_trouble.clear();
    m_judged.reset();
    if (dropLayout) {
        m_layout.reset();
        m_kept.goal.reset();
    }
    m_unkept = true;
    m_keepLater.start();
    Q_EMIT changed();
}

void Plan::begin(Family family)
{
    flush(); // what it was stays in the record
    io::PlanKept fresh = usual(family);
    fresh.blank.spec.name = m_kept.blank.spec.name;
    // What the maker has in hand stays; what only came with the family before goes with it.
    const std::string& material = m_kept.blank.spec.material;
    if (fresh.blank.spec.material.empty() && material != usual(m_kept.blank.spec.family).blank.spec.material)
        fresh.blank.spec.material = material;
    fresh.blank.spec.nodes = m_kept.blank.spec.nodes;
    fresh.wishes = m_kept.wishes;
    fresh.wishes.heardAbove.clear();
    m_kept = std::move(fresh);
    touched(true);
}

LayoutWishes Plan::wishesAsBlown() const
{
    LayoutWishes wishes = m_kept.wishes;
    if (m_kept.blown && wishes.heardAbove.empty())
        if (auto above = aboveModel(m_kept.blank, *m_kept.blown))
            wishes.heardAbove = std::move(*above);
    return wishes;
}

void Plan::setBlown(std::optional<Hertz> blown)
{
    if (blown == m_kept.blown)
        return;
    m_kept.blown = blown;
    touched(true);
}

void Plan::setBlank(Blank blank)
{
    if (!(blank.spec.bore == m_kept.blank.spec.bore))
        m_kept.blown.reset(); // it was another tube that was heard
    m_kept.blank = std::move(blank);
    touched(true);
}

void Plan::setTarget(const PlanTarget& target)
{
    const auto fail = [this](const Error& error) {
        Q_EMIT changed(); // the fields show again what holds
        Q_EMIT failed(text::sentence(error, m_unit));
    };
    std::vector<Fingering> chart;
    const PlanTarget& before = m_kept.target;
    const bool keepOwn = m_kept.ownChart && target.lowest == before.lowest && target.mode == before.mode &&
                         target.registers == before.registers && target.holes == before.holes;
    if (keepOwn) {
        auto kept = retargeted(blank().spec.fingerings, target.tuning);
        if (!kept)
            return fail(kept.error());
        chart = std::move(*kept);
        for (Fingering& f : chart)
            if (target.tolerance != before.tolerance)
                f.tolerance = f.registerNumber == 1 ? target.tolerance : target.tolerance * 1.5;
    } else {
        auto made = fingeringChart(blank().spec.family, target);
        if (!made)
            return fail(made.error());
        chart = std::move(*made);
    }
    m_kept.ownChart = keepOwn;
    const std::optional<int> holesBefore = before.holes;
    m_kept.target = target;
    m_kept.blank.spec.tuning = target.tuning;
    m_kept.blank.spec.fingerings = std::move(chart);
    if (target.holes != holesBefore)
        dowel::setHoles(m_kept.blank, target.holes.value_or(usualHoles(blank().spec.family)));
    touched(true);
}

void Plan::setChart(std::vector<Fingering> chart)
{
    m_kept.blank.spec.fingerings = std::move(chart);
    m_kept.ownChart = true;
    touched(true);
}

void Plan::take(const ShapingGain& gain)
{
    const InstrumentSpec& goal = gain.goal.spec();
    InstrumentSpec& spec = m_kept.blank.spec;
    const Metres length = spec.bore.back().at;
    spec.excitation = goal.excitation;
    spec.bore = boreEndingAt(goal.bore, length);
    m_kept.ownChart = m_kept.ownChart || spec.fingerings != goal.fingerings;
    spec.fingerings = goal.fingerings;
    if (std::find(gain.with.begin(), gain.with.end(), Shaping::Undercut) != gain.with.end())
        m_kept.wishes.allowed = {Shaping::Undercut};
    touched(true);
    layOut();
}

void Plan::setWishes(const LayoutWishes& wishes)
{
    m_kept.wishes = wishes;
    touched(true);
}

void Plan::setMaterial(const std::string& material)
{
    m_kept.blank.spec.material = material;
    touched(false);
}

void Plan::setModel(std::optional<Instrument> model)
{
    m_kept.model = std::move(model);
    touched(true);
}

void Plan::setThumb(bool thumb)
{
    dowel::setThumb(m_kept.blank, thumb);
    touched(true);
}

void Plan::setWithoutSound(const std::function<void(InstrumentSpec&)>& change)
{
    change(m_kept.blank.spec);
    const auto with = [&](const Instrument& shape) {
        InstrumentSpec spec = shape.spec();
        change(spec);
        auto made = Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet);
        return made ? std::move(*made) : shape;
    };
    if (m_layout) {
        m_layout->goal = with(m_layout->goal);
        m_layout->start = with(m_layout->start);
    }
    if (m_kept.goal)
        m_kept.goal = with(*m_kept.goal);
    touched(false);
}

void Plan::setHead(const Head& head)
{
    setWithoutSound([&](InstrumentSpec& spec) { spec.head = head; });
}

void Plan::setReedSeat(Metres socket, Metres lay, double layAngle_deg)
{
    setWithoutSound([&](InstrumentSpec& spec) {
        if (auto* top = std::get_if<ClosedTop>(&spec.excitation)) {
            top->socket = socket;
            top->lay = lay;
            top->layAngle_deg = layAngle_deg;
        }
    });
}

void Plan::setTenons(Metres length)
{
    setWithoutSound([&](InstrumentSpec& spec) {
        for (Slide& s : spec.slides)
            s.tenon = length;
    });
}

Origin rememberedOrigin()
{
    const QString word = QSettings().value(QStringLiteral("positionsFrom")).toString();
    return word == QLatin1String("edge") ? Origin::Edge : word == QLatin1String("top") ? Origin::Top : Origin::Foot;
}

void rememberOrigin(Origin origin)
{
    const char* const words[] = {"foot", "edge", "top"};
    QSettings().setValue(QStringLiteral("positionsFrom"), QLatin1String(words[static_cast<int>(origin)]));
}

void Plan::setOrigin(Origin origin)
{
    rememberOrigin(origin);
    if (origin == std::exchange(m_origin, origin))
        return;
    Q_EMIT changed();
}

void Plan::setDrawer(const BitDrawer& drawer, bool sizesToo)
{
    m_drawer = drawer.isEmpty() ? std::nullopt : std::optional(drawer);
    m_reamers = drawer.reamers;
    if (sizesToo && !drawer.bits.empty()) {
        Tools tools = toolsOf(drawer, m_kept.blank.spec.tools);
        if (!(tools == m_kept.blank.spec.tools)) {
            if (!m_kept.wishes.bits.empty())
                m_kept.wishes.bits = tools.bits;
            m_kept.blank.spec.tools = std::move(tools);
            return touched(false);
        }
    }
    Q_EMIT changed();
}

void Plan::keepReamers(std::vector<Reamer> reamers)
{
    if (reamers == m_reamers)
        return;
    m_reamers = std::move(reamers);
    Q_EMIT reamersTyped(m_reamers);
}

bool Plan::changeHole(std::size_t hole, const std::function<void(Hole&)>& change)
{
    if (!m_layout || hole >= blank().holeCount)
        return false;
    const auto with = [&](const Instrument& shape) {
        InstrumentSpec spec = shape.spec();
        change(spec.holes[hole]);
        return Instrument::make(std::move(spec));
    };
    const auto goal = with(m_layout->goal);
    const auto start = with(m_layout->start);
    if (!goal || !start) {
        Q_EMIT changed();
        Q_EMIT failed(text::sentence(goal ? start.error() : goal.error(), m_unit));
        return false;
    }
    m_layout->goal = *goal;
    m_layout->start = *start;
    m_kept.goal = *goal;
    return true;
}

void Plan::setAside(std::size_t hole, Metres aside)
{
    if (!changeHole(hole, [aside](Hole& h) { h.aside = aside; }))
        return;
    m_kept.blank.asides.resize(std::max(m_kept.blank.asides.size(), hole + 1));
    m_kept.blank.asides[hole] = aside;
    touched(false);
}

void Plan::setSide(std::size_t hole, Side side)
{
    const bool done = changeHole(hole, [side](Hole& h) {
        h.side = side;
        h.aside = {};
    });
    if (!done)
        return;
    m_kept.blank.sides.resize(std::max(m_kept.blank.sides.size(), hole + 1), Side::Front);
    m_kept.blank.sides[hole] = side;
    if (hole < m_kept.blank.asides.size())
        m_kept.blank.asides[hole] = {};
    touched(false);
}

void Plan::tick(const std::string& step, bool done)
{
    std::erase_if(m_kept.done, [&](const io::StepDone& d) { return d.step == step; });
    if (done)
        m_kept.done.push_back({step, timestamp(time()).substr(0, 19) + "Z"});
    m_unkept = true;
    m_keepLater.start();
}

void Plan::clearDone()
{
    m_kept.done.clear();
    touched(false);
}

void Plan::layOut()
{
    const int revision = m_revision;
    m_jobs.run(
        [blank = m_kept.blank, wishes = wishesAsBlown(), model = m_kept.model](const Cancel& cancel) -> Result<Layout> {
            const Priors priors = learntPriors(blank.spec.family);
            return model ? session::layoutAfter(*model, blank, wishes, true, cancel, priors)
                         : dowel::layOut(blank, wishes, true, cancel, priors);
        },
        [this, revision](Result<Layout> layout) {
            if (revision != m_revision)
                return; // something was changed meanwhile
            if (layout) {
                m_judged.reset();
                m_layout = std::move(*layout);
                m_kept.goal = m_layout->goal;
                if (!m_layout->movedJoints.empty())
                    m_kept.blank.spec.slides = m_layout->goal.spec().slides;
                m_trouble.clear();
                m_unkept = true;
            } else if (layout.error().code != ErrorCode::Cancelled) {
                m_layout.reset();
                m_kept.goal.reset();
                m_trouble = text::sentence(layout.error(), m_unit);
            }
            flush();
            Q_EMIT changed();
        });
}

void Plan::tryOut(const Instrument& shape)
{
    if (!m_layout)
        return;
    m_jobs.cancelAll(); // what was being laid out is not what is wanted any more
    const int revision = ++m_revision;
    if (!m_judged)
        m_judged = m_layout;
    m_layout->goal = shape;
    m_dragged = true;
    m_kept.goal = shape;
    m_unkept = true;
    m_keepLater.start();
    Q_EMIT changed();
    m_drags.runInTurn(
        [before = *m_judged, shape, wishes = wishesAsBlown()](const Cancel&) { return draggedTo(before, shape, wishes); },
        [this, revision](Result<Layout> layout) { follow(std::move(layout), revision); });
}

void Plan::follow(Result<Layout> layout, int revision)
{
    if (!m_layout || !m_judged)
        return; // the layout was dropped meanwhile
    if (layout)
        m_judged = std::move(*layout);
    const bool newest = revision == m_revision;
    // While the hand goes on the picture keeps where it is, with the notes of a moment ago.
    const Instrument goal = newest ? m_judged->goal : m_layout->goal;
    m_layout = m_judged;
    m_layout->goal = goal;
    m_kept.goal = goal;
    if (newest)
        m_judged.reset();
    Q_EMIT changed();
}

} // namespace dowel::app

#include "moc_plan.cpp"
