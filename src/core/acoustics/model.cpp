// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/model.h"

#include "core/acoustics/chain.h"
#include "core/acoustics/gradient.h"
#include "core/base/assert.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <string>

namespace dowel::acoustics {

std::vector<double> sharesOf(const NoteQuery& q)
{
    if (!q.shares.empty())
        return q.shares;
    std::vector<double> shares(q.closed.size());
    std::transform(q.closed.begin(), q.closed.end(), shares.begin(), [](bool closed) { return closed ? 0.0 : 1.0; });
    return shares;
}

namespace {

/// value shifted by whole turns to the one nearest another.
double nearest(double value, double other)
{
    return value + turn * std::round((other - value) / turn);
}

/// Frequency against phase less the wanted one: inverse interpolation through the nearest points (Neville).
class Inverse
{
public:
    void add(double off, double hertz)
    {
        if (m_count == m_points.size()) { // the farthest one makes room
            const auto farthest = std::max_element(m_points.begin(), m_points.end(), nearer);
            *farthest = {off, hertz};
        } else {
            m_points[m_count++] = {off, hertz};
        }
    }
    [[nodiscard]] double atZero() const
    {
        std::array<Point, most> p = m_points;
        for (std::size_t width = 1; width < m_count; ++width)
            for (std::size_t i = 0; i + width < m_count; ++i)
                p[i].hertz = (p[i].hertz * p[i + width].off - p[i + 1].hertz * p[i].off) / (p[i + width].off - p[i].off);
        return p[0].hertz;
    }
    static constexpr std::size_t most = 6;

private:
    struct Point
    {
        double off;
        double hertz;
    };
    static bool nearer(const Point& a, const Point& b) { return std::abs(a.off) < std::abs(b.off); }
    std::array<Point, most> m_points{};
    std::size_t m_count = 0;
};

/// Frequencies in even steps at which all fingerings share one slice.
class Nodes
{
public:
    explicit Nodes(const Chain& chain) : m_chain(&chain), m_highest(chain.highestHz())
    {
        double length = chain.shape.bore.back().at_m;
        for (const auto& s : chain.shape.slides)
            length += s.out_m;
        const AirOf<Complex> air =
            AirOf<Complex>::at({chain.calibration.kelvin, chain.calibration.vapour, chain.calibration.carbonDioxide});
        // Half a wave a register; the tube and its ends are longer than it measures, which makes the steps finer yet.
        constexpr double perRegister = 4.0;
        m_step = air.speed.real() / (2.0 * length) / perRegister;
        m_slices.resize(std::max<std::size_t>(2, static_cast<std::size_t>(m_highest / m_step) + 1));
    }
    [[nodiscard]] const Chain& chain() const { return *m_chain; }
    [[nodiscard]] std::size_t count() const { return m_slices.size(); }
    [[nodiscard]] double hertz(std::size_t i) const { return std::min(m_highest, (static_cast<double>(i) + 0.6) * m_step); }
    [[nodiscard]] Slice::Seen seen(std::size_t i, std::span<const double> shares)
    {
        if (!m_slices[i])
            m_slices[i] = std::make_unique<Slice>(*m_chain, hertz(i), true);
        return m_slices[i]->seen(shares);
    }

private:
    const Chain* m_chain;
    double m_highest;
    double m_step = 0.0;
    std::vector<std::unique_ptr<Slice>> m_slices;
};

/// One fingering's phase over frequency, followed upwards as far as it is asked for.
class Sweep
{
public:
    Sweep(Nodes& nodes, std::vector<double> shares) : m_nodes(&nodes), m_shares(std::move(shares))
    {
        // At the lowest node losses shift the phase by little: it has the turns of its companion.
        const Slice::Seen s = nodes.seen(0, m_shares);
        m_points.push_back({nodes.hertz(0), nearest(s.phase, s.companion), s.companion});
    }
    [[nodiscard]] const std::vector<double>& shares() const { return m_shares; }

    /// Where the phase first reaches the wanted one; nothing where that lies above the nodes, or where already the first
    /// resonance is too weak to be seen.
    [[nodiscard]] std::optional<double> reaching(double wanted)
    {
        const auto first = pointReaching(phaseOf(m_nodes->chain().shape, 1));
        if (!first || m_points[*first].companion - m_points[*first].phase > std::numbers::pi)
            return std::nullopt;
        const auto above = pointReaching(wanted);
        return above ? std::optional(refined(wanted, *above)) : std::nullopt;
    }

private:
    struct Point
    {
        double hertz;
        double phase; ///< with its turns
        double companion;
    };
    struct Ahead
    {
        Point point; ///< its phase without its turns
        int depth;   ///< how often the step to it has been halved
    };

    /// The first point at which the phase has come to the wanted one. The next one is there as well, for the interpolation,
    /// where it lies before the next node.
    [[nodiscard]] std::optional<std::size_t> pointReaching(double wanted)
    {
        std::size_t i = 0;
        while (m_points[i].phase < wanted)
            if (++i == m_points.size() && !extend())
                return std::nullopt;
        if (i + 1 == m_points.size() && !m_ahead.empty())
            extend();
        return i;
    }

    /// Goes on by a point at least; false beyond the last node.
    bool extend()
    {
        const std::size_t have = m_points.size();
        if (m_ahead.empty()) {
            if (++m_last >= m_nodes->count())
                return false;
            const Slice::Seen s = m_nodes->seen(m_last, m_shares);
            const Point next{m_nodes->hertz(m_last), s.phase, s.companion};
            m_ahead.push_back({next, 0});
            if (have > 1 && !settled(next) && m_points.back().companion > m_fineUntil) {
                // The true resonance may lie a little below its companion's: walk the step before once more, finely.
                m_ahead.push_back({m_points.back(), 0});
                m_points.pop_back();
                m_fineUntil = next.companion + nearby;
            }
        }
        while (m_points.size() <= have)
            follow();
        return true;
    }

    /// Whether the companion has gone less than a turn since the last point, and the phase with it.
    [[nodiscard]] bool settled(const Point& next) const
    {
        constexpr double surely = 2.4;
        constexpr double most = 5.0; // a turn less what a phase goes anyway
        const Point& last = m_points.back();
        const double gone = next.companion - last.companion;
        const double alike = gone < surely ? 1.0 : 0.4;
        return gone < most && std::abs(nearest(next.phase, last.phase + gone) - last.phase - gone) < alike;
    }

    /// The next point ahead, whose phase is known but for its turns. Where it is settled they follow, and the point is appended.
    /// Elsewhere a narrow resonance lies between, or one that losses have undone: which of the two, halving the step will show.
    void follow()
    {
        constexpr int deepest = 9;
        constexpr int fine = 3;
        Point next = m_ahead.back().point;
        const Point& last = m_points.back();
        const bool sure = settled(next);
        if (int& depth = m_ahead.back().depth; depth < (sure ? (last.companion < m_fineUntil ? fine : 0) : deepest)) {
            const int deeper = ++depth;
            const double middle = 0.5 * (last.hertz + next.hertz);
            const Slice::Seen s = Slice(m_nodes->chain(), middle, false).seen(m_shares);
            m_ahead.push_back({{middle, s.phase, s.companion}, deeper});
            return;
        }
        m_ahead.pop_back();
        next.phase = nearest(next.phase, sure ? last.phase + next.companion - last.companion : last.phase);
        m_points.push_back(next);
    }

    [[nodiscard]] double refined(double wanted, std::size_t above) const
    {
        const Chain& chain = m_nodes->chain();
        Point low = above == 0 ? Point{0.0, m_points[0].phase, m_points[0].companion} : m_points[above - 1];
        double high = m_points[above].hertz;
        Inverse inverse;
        const std::size_t from = above < 3 ? 0 : above - 3;
        const std::size_t to = std::min(m_points.size(), above + 2);
        for (std::size_t i = from; i < to; ++i)
            inverse.add(m_points[i].phase - wanted, m_points[i].hertz);
        constexpr int mostSteps = 100;
        constexpr double enough = 1e-6; // relative size of a step whose successor would be below 1e-11, 2e-8 cent
        double x = inverse.atZero();
        double width = high - low.hertz;
        for (int i = 0; i < mostSteps; ++i) {
            if (!(x > low.hertz && x < high))
                x = 0.5 * (low.hertz + high);
            const Slice::Seen s = Slice(chain, x, false).seen(m_shares);
            const double off = nearest(s.phase, low.phase + std::min(s.companion - low.companion, std::numbers::pi)) - wanted;
            if (off < 0.0)
                low = {x, off + wanted, s.companion};
            else
                high = x;
            inverse.add(off, x);
            double next = inverse.atZero();
            if (i % 4 == 3 && high - low.hertz > 0.5 * width) { // a kink defeats the polynomial: halve instead
                next = 0.5 * (low.hertz + high);
                width = high - low.hertz;
            } else if (std::abs(next - x) < enough * x) {
                return next;
            }
            if (high - low.hertz < 1e-13 * high)
                return x;
            x = next;
        }
        return x;
    }

    Nodes* m_nodes;
    std::vector<double> m_shares;
    std::vector<Point> m_points;
    std::vector<Ahead> m_ahead; ///< up to the last node, the nearest one at the end
    std::size_t m_last = 0;
    /// How far the companion's phase goes on being followed finely after a place that was not settled.
    static constexpr double nearby = 2.0;
    double m_fineUntil = -1e9;
};

} // namespace

struct Model::Parts
{
    Chain chain;
    [[nodiscard]] Result<std::vector<double>> frequencies(std::span<const NoteQuery> notes) const
    {
        Nodes nodes(chain);
        std::vector<Sweep> sweeps; // one a fingering, whatever its registers
        std::vector<double> found;
        found.reserve(notes.size());
        for (const NoteQuery& note : notes) {
            std::vector<double> shares = sharesOf(note);
            DOWEL_ASSERT(shares.size() == chain.shape.holes.size());
            auto sweep = std::find_if(sweeps.begin(), sweeps.end(), [&](const Sweep& s) { return s.shares() == shares; });
            if (sweep == sweeps.end())
                sweep = sweeps.emplace(sweeps.end(), nodes, std::move(shares));
            const auto hertz = sweep->reaching(phaseOf(chain.shape, note.registerNumber));
            if (!hertz || !std::isfinite(*hertz) || !(*hertz > 0.0))
                return Error{ErrorCode::OutOfModelRange, std::to_string(found.size()), {FactId::Register, note.registerNumber}};
            found.push_back(*hertz);
        }
        return found;
    }
};

Model::Model(Shape shape, const Calibration& calibration, const Formulas& formulas)
    : m_parts(new Parts{Chain(std::move(shape), calibration, formulas)})
{
}
Model::~Model() = default;
Model::Model(Model&&) noexcept = default;
Model& Model::operator=(Model&&) noexcept = default;

ParameterLayout Model::layout() const
{
    return m_parts->chain.layout;
}

const Shape& Model::shape() const
{
    return m_parts->chain.shape;
}

const Calibration& Model::calibration() const
{
    return m_parts->chain.calibration;
}

Complex Model::tubeImpedance(double hertz, const NoteQuery& fingering) const
{
    return Slice(m_parts->chain, hertz, false).seen(sharesOf(fingering)).tube;
}

Complex Model::total(double hertz, const NoteQuery& fingering) const
{
    return Slice(m_parts->chain, hertz, false).seen(sharesOf(fingering)).total;
}

double Model::losslessPhase(double hertz, const NoteQuery& fingering) const
{
    return Slice(m_parts->chain, hertz, false).seen(sharesOf(fingering)).companion;
}

Result<std::vector<double>> Model::frequencies(std::span<const NoteQuery> notes) const
{
    return m_parts->frequencies(notes);
}

Result<std::vector<NoteAnswer>> Model::answers(std::span<const NoteQuery> notes) const
{
    return answersAt(notes, DOWEL_TRY(m_parts->frequencies(notes)));
}

std::vector<NoteAnswer> Model::answersAt(std::span<const NoteQuery> notes, std::span<const double> found_Hz) const
{
    DOWEL_ASSERT(found_Hz.size() == notes.size());
    const HoleDuals holes(m_parts->chain);
    std::vector<NoteAnswer> answers;
    answers.reserve(notes.size());
    for (std::size_t i = 0; i < notes.size(); ++i)
        answers.push_back(answerAt(m_parts->chain, holes, found_Hz[i], sharesOf(notes[i])));
    return answers;
}

std::vector<double> Model::registers(const NoteQuery& fingering, int most) const
{
    Nodes nodes(m_parts->chain);
    Sweep sweep(nodes, sharesOf(fingering));
    std::vector<double> found;
    for (int n = 1; n <= most; ++n) {
        const auto hertz = sweep.reaching(phaseOf(m_parts->chain.shape, n));
        if (!hertz || !(*hertz > 0.0))
            break;
        found.push_back(*hertz);
    }
    return found;
}

Result<std::vector<BoreWeight>> Model::boreWeights(const NoteQuery& note, double step_m) const
{
    const auto found = DOWEL_TRY(m_parts->frequencies(std::span(&note, 1)));
    return boreWeightsAt(m_parts->chain, found.front(), sharesOf(note), step_m);
}

} // namespace dowel::acoustics
