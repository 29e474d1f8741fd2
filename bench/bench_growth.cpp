// SPDX-License-Identifier: GPL-3.0-or-later
// Readers grow with what they read and no faster: each input is doubled twice, and where twice as much takes more than three
// times as long the bench fails. Ratios within one run, each time the shortest of several.
// usage: bench_growth
#include "core/hearing/analyse.h"
#include "io/json_reader.h"
#include "store/store.h"
#include "support/entries.h"
#include "support/tones.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <functional>
#include <string>
#include <unistd.h>
#include <vector>

using namespace dowel;

namespace {

constexpr double mostRatio = 3.0;

void require(bool good, const char* what)
{
    if (!good) {
        std::fprintf(stderr, "bench_growth: %s\n", what);
        std::exit(2);
    }
}

double seconds(const std::function<void()>& work)
{
    double least = 1e9;
    for (int turn = 0; turn < 3; ++turn) {
        const auto begun = std::chrono::steady_clock::now();
        work();
        least = std::min(least, std::chrono::duration<double>(std::chrono::steady_clock::now() - begun).count());
    }
    return least;
}

/// Work of a size: what is made ready first is not timed.
struct Reader
{
    const char* name;
    int size;
    std::function<std::function<void()>(int)> ready;
};

std::string many(const std::string& one, int count, const char* between = ",")
{
    std::string all;
    for (int i = 0; i < count; ++i)
        all += (i == 0 ? "" : between) + one;
    return all;
}

std::function<void()> opens(const std::string& path)
{
    return [path] {
        require(static_cast<bool>(Store::open(path, Store::Mode::Look)), "a workbook does not open");
    };
}

} // namespace

int main()
{
    const auto folder = std::filesystem::temp_directory_path() / ("dowel-growth-" + std::to_string(::getpid()));
    std::filesystem::create_directory(folder);
    int made = 0;
    const auto fresh = [&] {
        return (folder / ("book" + std::to_string(++made) + ".dowel")).string();
    };
    const auto bookOf = [&](int count, const std::function<EntryBody(int)>& entry) {
        const std::string path = fresh();
        auto store = Store::create(path, fixtures::whistle());
        require(static_cast<bool>(store), "no workbook can be made");
        std::vector<Store::NewEntry> entries;
        for (int i = 0; i < count; ++i)
            entries.push_back({entry(i), {}});
        require(static_cast<bool>(store->append(entries)), "entries are refused");
        return path;
    };
    const std::vector<Reader> readers{
        {"JSON of small objects", 20000,
         [](int n) {
             return [text = "[" + many("{\"a\": 1}", n) + "]"] {
                 require(static_cast<bool>(io::parseJson(text, "bench")), "JSON");
             };
         }},
        {"JSON that is nested", 200,
         [](int n) {
             const auto depth = static_cast<std::size_t>(n);
             return [text = std::string(depth, '[') + std::string(depth, ']')] {
                 (void)io::parseJson(text, "bench");
             };
         }},
        {"opening notes", 5000,
         [&](int n) {
             return opens(bookOf(n, [](int) { return NoteEntry{"a dry day"}; }));
         }},
        {"opening readings", 1000,
         [&](int n) {
             return opens(bookOf(n, [](int) { return fixtures::fullReading(false); }));
         }},
        {"opening measures", 250,
         [&](int n) {
             return opens(bookOf(n, [](int i) {
                 return MeasureEntry{HoleId{"h1"}, Metres::fromMillimetres(i % 2 == 0 ? 5.3 : 5.4)};
             }));
         }},
        {"opening what was set aside", 250,
         [&](int n) {
             return opens(bookOf(n, [](int i) -> EntryBody {
                 return i % 2 == 0 ? EntryBody(fixtures::fullReading(false)) : EntryBody(SetAsideEntry{{i}, "played badly"});
             }));
         }},
        {"a recording's notes", 8,
         [](int n) {
             Samples all = tones::constantTone(587.0, 1.0, 30.0, 1);
             const Samples one = tones::withSilence(all, 0.3, 0.3);
             all.values.clear();
             for (int i = 0; i < n; ++i)
                 all.values.insert(all.values.end(), one.values.begin(), one.values.end());
             return [all = std::move(all)] {
                 require(!analyse(all, {}).notes.empty(), "a recording is not heard");
             };
         }},
    };
    bool good = true;
    std::printf("%-28s %10s %10s %10s %8s %8s\n", "", "n", "2 n", "4 n", "ratio", "ratio");
    for (const Reader& r : readers) {
        double took[3];
        for (int k = 0; k < 3; ++k)
            took[k] = seconds(r.ready(r.size << k));
        const double first = took[1] / took[0];
        const double second = took[2] / took[1];
        // One ratio may be a cache's edge; a reader that grows too fast shows it twice, or by far.
        const bool grows = std::min(first, second) > mostRatio || second > 1.5 * mostRatio;
        good = good && !grows;
        std::printf("%-28s %8.2f ms %7.2f ms %7.2f ms %8.2f %8.2f%s\n", r.name, 1e3 * took[0], 1e3 * took[1], 1e3 * took[2],
                    first, second, grows ? "  grows too fast" : "");
    }
    std::filesystem::remove_all(folder);
    return good ? 0 : 1;
}
