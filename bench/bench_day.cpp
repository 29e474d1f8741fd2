// SPDX-License-Identifier: GPL-3.0-or-later
// A day of listening without hands, faster than it passes: every half minute the asked note sounds, the rest is a room's noise.
// Prints how many notes were asked for and taken, and the resident memory after the first minutes and at the end; fails where a
// note was missed, a value was lost, or memory grew.
// usage: bench_day [HOURS]
#include "session/hands_free.h"
#include "support/tones.h"

#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <unistd.h>

using namespace dowel;

namespace {

double resident_MB()
{
    std::ifstream file("/proc/self/statm");
    long pages = 0;
    file >> pages >> pages;
    return static_cast<double>(pages) * static_cast<double>(::sysconf(_SC_PAGESIZE)) / 1048576.0;
}

} // namespace

int main(int argc, char** argv)
{
    const double hours = argc > 1 ? std::atof(argv[1]) : 8.0;
    constexpr double rate_Hz = 48000.0;
    constexpr double every_s = 30.0;
    constexpr std::size_t chunk = 480; // ten milliseconds, as a device delivers
    const session::Expected expected{
        {{{"D5"}, Hertz::fromHertz(587.3), 0}, {{"E5"}, Hertz::fromHertz(659.3), 1}}, Cents::fromCents(150.0), true};
    const Samples half = [&] {
        Samples s = tones::constantTone(587.3, 1.6, 30.0, 3);
        Random random(1);
        while (s.duration().seconds() < every_s)
            s.values.push_back(static_cast<float>(1e-4 * random.normal()));
        return s;
    }();
    session::HandsFree ear(rate_Hz, expected);
    const auto begun = std::chrono::steady_clock::now();
    const int rounds = std::max(4, static_cast<int>(hours * 3600.0 / every_s));
    int taken = 0;
    long values = 0;
    double early_MB = 0.0;
    for (int i = 0; i < rounds; ++i) {
        ear.ask({"D5"});
        for (std::size_t at = 0; at < half.values.size(); at += chunk) {
            ear.feed(std::span(half.values).subspan(at, std::min(chunk, half.values.size() - at)));
            values += static_cast<long>(ear.trace().size());
            taken += ear.taken() ? 1 : 0;
        }
        if (i == rounds / 4)
            early_MB = resident_MB();
    }
    const double heard_s = rounds * half.duration().seconds();
    const double took_s = std::chrono::duration<double>(std::chrono::steady_clock::now() - begun).count();
    const double late_MB = resident_MB();
    const double perSecond = static_cast<double>(values) / heard_s;
    std::printf(
        "%.2f hours in %.0f s: %d asked, %d taken, %.1f values a second, resident %.1f MB after a quarter, %.1f MB at the end\n",
        heard_s / 3600.0, took_s, rounds, taken, perSecond, early_MB, late_MB);
    constexpr double grown_MB = 1.0;
    constexpr double leastValues = 48.0; // of about 49 a second
    return taken == rounds && late_MB < early_MB + grown_MB && perSecond > leastValues ? 0 : 1;
}
