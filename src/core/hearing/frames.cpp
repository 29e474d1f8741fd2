// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hearing/frames.h"

#include "core/base/ratio.h"
#include "core/base/statistics.h"
#include "core/base/thread_role.h"
#include "core/hearing/window.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <fftw3.h>
#include <memory>
#include <mutex>
#include <optional>

namespace dowel::hearing {

namespace {

constexpr double frame_s = 0.046;
constexpr double frameHop_s = 0.010;
// A frame sounds when it is this far above full-scale silence and within this of the take's loudest.
constexpr double quietest = 1e-4;
constexpr double belowLoudest = 0.02;
constexpr double clearEnough = 0.45;
// The first peak this close to the highest is the period; lower peaks at multiples of it are not.
constexpr double firstPeakShare = 0.9;

/// FFTW's planner, alone of all its functions, is not thread-safe.
std::mutex& plannerMutex()
{
    static std::mutex planner;
    return planner;
}

/// What a note settles at, as medians over its middle half, and which frames are there.
struct Settled
{
    double pitch_Hz = 0.0;
    double band_cents = 0.0;
    double level = 0.0;

    [[nodiscard]] bool holds(const Frame& f) const
    {
        constexpr double loud = 0.6;
        return f.pitch_Hz > 0.0 && std::abs(centsOver(f.pitch_Hz, pitch_Hz)) < band_cents && f.rms > loud * level;
    }
};

std::optional<Settled> settledAt(const std::vector<Frame>& frames, const Run& run)
{
    const std::size_t quarter = (run.last - run.first + 1) / 4;
    std::vector<double> pitches;
    std::vector<double> levels;
    for (std::size_t i = run.first + quarter; i <= run.last - quarter; ++i) {
        if (frames[i].pitch_Hz > 0.0)
            pitches.push_back(frames[i].pitch_Hz);
        levels.push_back(frames[i].rms);
    }
    if (pitches.empty())
        return std::nullopt;
    const double pitch_Hz = median(pitches);
    std::vector<double> spread;
    for (const double p : pitches)
        spread.push_back(std::abs(centsOver(p, pitch_Hz)));
    const double usual = median(spread);
    constexpr double neverSettles_cents = 20.0;
    if (usual > neverSettles_cents)
        return std::nullopt;
    return Settled{pitch_Hz, std::max(6.0, 4.0 * usual), median(levels)};
}

/// Walks out from the middle of a run while the note is settled. A click or a dropout is stepped over where a tenth of a
/// second of the settled note follows; a swing that only crosses the note's pitch is not.
class Walk
{
public:
    Walk(const std::vector<Frame>& frames, const Run& run, const Settled& settled)
        : m_frames(&frames), m_run(run), m_settled(settled)
    {
    }
    /// The middle of the longest settled stretch.
    [[nodiscard]] std::optional<std::size_t> middle() const
    {
        std::optional<std::size_t> found;
        std::size_t longest = 0;
        for (std::size_t i = m_run.first; i <= m_run.last;) {
            std::size_t count = 0;
            while (holds(i + count))
                ++count;
            if (count > longest) {
                longest = count;
                found = i + count / 2;
            }
            i += std::max<std::size_t>(1, count);
        }
        return found;
    }
    /// The last settled frame on the way; step: 1 or -1.
    [[nodiscard]] std::size_t outwards(std::size_t from, std::ptrdiff_t step) const
    {
        std::size_t at = from;
        while (const auto next = beyond(at, step))
            at = *next;
        return at;
    }

private:
    [[nodiscard]] bool holds(std::size_t i) const
    {
        return i >= m_run.first && i <= m_run.last && m_settled.holds((*m_frames)[i]);
    }
    /// Where a step leads, however far; before the first frame it is past the last of any run.
    static std::size_t moved(std::size_t from, std::ptrdiff_t step, std::size_t by)
    {
        return static_cast<std::size_t>(static_cast<std::ptrdiff_t>(from) + step * static_cast<std::ptrdiff_t>(by));
    }
    [[nodiscard]] bool staysSettled(std::size_t from, std::ptrdiff_t step) const // seven of the next ten
    {
        constexpr std::size_t enoughAfter = 10;
        std::size_t count = 0;
        for (std::size_t k = 0; k < enoughAfter; ++k)
            count += holds(moved(from, step, k)) ? 1U : 0U;
        return 10 * count >= 7 * enoughAfter;
    }
    [[nodiscard]] std::optional<std::size_t> beyond(std::size_t at, std::ptrdiff_t step) const
    {
        constexpr std::size_t longestGap = 8;
        for (std::size_t gap = 1; gap <= longestGap; ++gap) {
            const std::size_t next = moved(at, step, gap);
            if (holds(next) && (gap == 1 || staysSettled(next, step)))
                return next;
        }
        return std::nullopt;
    }
    const std::vector<Frame>* m_frames;
    Run m_run;
    Settled m_settled;
};

} // namespace

/// Autocorrelation by FFT over a zero-padded frame.
class FrameReader::Correlator
{
public:
    explicit Correlator(std::size_t length) : m_length(length), m_size(2 * length)
    {
        m_real.reset(fftw_alloc_real(m_size));
        m_spectrum.reset(fftw_alloc_complex(m_size / 2 + 1));
        const std::lock_guard lock(plannerMutex());
        const int n = static_cast<int>(m_size);
        m_forward.reset(fftw_plan_dft_r2c_1d(n, m_real.get(), m_spectrum.get(), FFTW_ESTIMATE));
        m_backward.reset(fftw_plan_dft_c2r_1d(n, m_spectrum.get(), m_real.get(), FFTW_ESTIMATE));
    }
    /// r[lag] = sum x[i] x[i + lag], lag < length.
    const double* of(std::span<const float> x)
    {
        std::copy(x.begin(), x.end(), m_real.get());
        std::fill(m_real.get() + m_length, m_real.get() + m_size, 0.0);
        fftw_execute(m_forward.get());
        for (std::size_t i = 0; i <= m_size / 2; ++i) {
            auto& bin = m_spectrum[i];
            bin[0] = (bin[0] * bin[0] + bin[1] * bin[1]) / static_cast<double>(m_size);
            bin[1] = 0.0;
        }
        fftw_execute(m_backward.get());
        return m_real.get();
    }

private:
    struct FreeBuffer
    {
        void operator()(void* p) const { fftw_free(p); }
    };
    struct FreePlan
    {
        void operator()(fftw_plan p) const { fftw_destroy_plan(p); }
    };
    std::size_t m_length;
    std::size_t m_size;
    std::unique_ptr<double[], FreeBuffer> m_real;           // NOLINT(modernize-avoid-c-arrays): FFTW's own memory
    std::unique_ptr<fftw_complex[], FreeBuffer> m_spectrum; // NOLINT(modernize-avoid-c-arrays)
    std::unique_ptr<std::remove_pointer_t<fftw_plan>, FreePlan> m_forward;
    std::unique_ptr<std::remove_pointer_t<fftw_plan>, FreePlan> m_backward;
};

FrameReader::FrameReader(double rate_Hz, const HearingOptions& options)
    : m_rate_Hz(rate_Hz),
      m_options(options),
      m_length(std::max<std::size_t>(16, static_cast<std::size_t>(frame_s * rate_Hz))),
      m_correlator(std::make_unique<Correlator>(m_length)),
      m_likeness(m_length + 2)
{
}

FrameReader::~FrameReader() = default;
FrameReader::FrameReader(FrameReader&&) noexcept = default;
FrameReader& FrameReader::operator=(FrameReader&&) noexcept = default;

Frame FrameReader::of(std::span<const float> x, double from_s)
{
    const double* r = m_correlator->of(x);
    Frame frame;
    frame.centre_s = from_s + 0.5 * static_cast<double>(m_length) / m_rate_Hz;
    frame.rms = std::sqrt(std::max(0.0, r[0]) / static_cast<double>(m_length));
    if (frame.rms > quietest)
        findPeriod(frame, x, r);
    return frame;
}

/// Period by the normalised square difference function of [MW05]: n(lag) = 2 r(lag) / m(lag).
void FrameReader::findPeriod(Frame& frame, std::span<const float> x, const double* r)
{
    const auto shortest = static_cast<std::size_t>(m_rate_Hz / m_options.highest.hertz());
    const auto longest = std::min(static_cast<std::size_t>(m_rate_Hz / m_options.lowest.hertz()) + 1, x.size() * 2 / 3);
    if (shortest < 2 || longest <= shortest + 2)
        return;
    auto& n = m_likeness;
    double energy = 2.0 * r[0];
    if (energy <= 0.0)
        return;
    for (std::size_t lag = 0; lag < longest + 2; ++lag) {
        n[lag] = energy > 0.0 ? 2.0 * r[lag] / energy : 0.0;
        energy -= static_cast<double>(x[lag]) * x[lag] + static_cast<double>(x[x.size() - 1 - lag]) * x[x.size() - 1 - lag];
    }
    const auto isPeak = [&](std::size_t lag) {
        return n[lag] > n[lag - 1] && n[lag] >= n[lag + 1];
    };
    std::size_t begin = 1;
    while (begin < longest && n[begin] > 0.0)
        ++begin; // the peak at lag 0 is over
    begin = std::max(begin, shortest);
    double highest = 0.0;
    for (std::size_t lag = begin; lag <= longest; ++lag)
        if (isPeak(lag))
            highest = std::max(highest, n[lag]);
    for (std::size_t lag = begin; lag <= longest; ++lag) {
        if (!isPeak(lag) || n[lag] < firstPeakShare * highest)
            continue;
        const double curve = n[lag - 1] - 2.0 * n[lag] + n[lag + 1];
        const double shift = curve < 0.0 ? 0.5 * (n[lag - 1] - n[lag + 1]) / curve : 0.0;
        frame.pitch_Hz = m_rate_Hz / (static_cast<double>(lag) + shift);
        frame.clarity = n[lag];
        return;
    }
}

std::vector<Frame> framesOf(std::span<const float> samples, double rate_Hz, const HearingOptions& options, const Cancel& cancel)
{
    enterDoor(Door::Analysis);
    const auto hop = static_cast<std::size_t>(std::max(1.0, frameHop_s * rate_Hz));
    std::vector<Frame> frames;
    FrameReader reader(rate_Hz, options);
    if (samples.size() < reader.length())
        return frames;
    for (std::size_t at = 0; at + reader.length() <= samples.size() && !cancel.requested(); at += hop)
        frames.push_back(reader.of(samples.subspan(at, reader.length()), static_cast<double>(at) / rate_Hz));
    return frames;
}

std::vector<SpectrumPoint> spectrum(std::span<const float> samples, double rate_Hz)
{
    const std::size_t n = samples.size();
    std::vector<double> x(n);
    for (std::size_t i = 0; i < n; ++i)
        x[i] = hannOfMeanOne(i, n) * static_cast<double>(samples[i]);
    std::vector<std::complex<double>> bins(n / 2 + 1);
    {
        const std::lock_guard lock(plannerMutex());
        fftw_plan plan = fftw_plan_dft_r2c_1d(static_cast<int>(n), x.data(), reinterpret_cast<fftw_complex*>(bins.data()),
                                              FFTW_ESTIMATE | FFTW_DESTROY_INPUT);
        fftw_execute(plan);
        fftw_destroy_plan(plan);
    }
    std::vector<SpectrumPoint> points(bins.size());
    for (std::size_t i = 0; i < bins.size(); ++i) {
        // A sine of amplitude A leaves A n / 2 in its bin.
        const double amplitude = 2.0 * std::abs(bins[i]) / static_cast<double>(n);
        points[i] = {static_cast<double>(i) * rate_Hz / static_cast<double>(n), 20.0 * std::log10(std::max(1e-9, amplitude))};
    }
    return points;
}

std::vector<Run> runsOf(const std::vector<Frame>& frames)
{
    double loudest = 0.0;
    for (const Frame& f : frames)
        loudest = std::max(loudest, f.rms);
    const double threshold = std::max(quietest, belowLoudest * loudest);
    constexpr double samePitch_cents = 50.0;
    constexpr std::size_t mostDropouts = 3;

    std::vector<Run> runs;
    std::size_t i = 0;
    while (i < frames.size()) {
        if (frames[i].rms <= threshold) {
            ++i;
            continue;
        }
        const bool tonal = frames[i].clarity >= clearEnough;
        Run run{i, i, tonal};
        double reference = frames[i].pitch_Hz;
        std::size_t misses = 0;
        for (std::size_t k = i + 1; k < frames.size() && frames[k].rms > threshold; ++k) {
            const bool clear = frames[k].clarity >= clearEnough;
            const bool same = tonal ? clear && std::abs(centsOver(frames[k].pitch_Hz, reference)) < samePitch_cents : !clear;
            if (same) {
                run.last = k;
                misses = 0;
                if (tonal) // follows an attack that starts flat
                    reference *= std::exp2(0.3 * centsOver(frames[k].pitch_Hz, reference) / 1200.0);
            } else if (++misses > mostDropouts) {
                break;
            }
        }
        runs.push_back(run);
        i = run.last + 1;
    }
    // Breath before and after, and the blur where two notes meet, belong to the neighbouring runs.
    constexpr std::size_t blip = 6;
    std::erase_if(runs, [&](const Run& r) { return r.last - r.first < blip && frames.size() > 4 * blip; });
    return runs;
}

Run steadyPart(const std::vector<Frame>& frames, const Run& run)
{
    constexpr Run none{1, 0, true};
    const std::size_t n = run.last - run.first + 1;
    if (n < 8)
        return none;
    const auto settled = settledAt(frames, run);
    if (!settled)
        return none;
    const Walk walk(frames, run, *settled);
    const auto middle = walk.middle();
    if (!middle)
        return none;
    const std::size_t first = walk.outwards(*middle, -1);
    const std::size_t last = walk.outwards(*middle, 1);
    // At the ends a frame's reach is left out: a frame that is settled still sees half a frame of what came before it, and
    // the last of an attack is worth waiting for.
    const std::size_t margin = n > 50 ? 5 : 3;
    const std::size_t startMargin = n > 80 ? 10 : margin;
    if (last < first + startMargin + margin + 4)
        return none;
    return {first + startMargin, last - margin, true};
}

} // namespace dowel::hearing
