// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/hearing_commands.h"

#include "core/hearing/analyse.h"
#include "io/audio_file.h"
#include "io/json_reader.h"
#include "io/record_json.h"
#include "session/at_the_bench.h"
#include "session/long_take.h"
#include "session/takes.h"
#include "store/store.h"

namespace dowel::cli {

namespace {

Json readingJson(const Workbook& book, const ReadingEntry& r, EntryId id)
{
    const Fingering* f = book.present().find(r.fingering);
    return {{"entry", id.number},
            {"fingering", r.fingering.text},
            {"hz", r.pitch.hertz()},
            {"cents", f == nullptr ? 0.0 : tidy(centsBetween(r.pitch, f->target).cents())},
            {"sd_cents", tidy(r.sd.cents())}};
}

} // namespace

Answer analyseTake(const std::string& path, std::optional<double> expect, bool twelfths)
{
    std::optional<Hertz> first;
    if (expect) {
        if (!(*expect > 0.0 && *expect < 20000.0))
            return Error{ErrorCode::BadValue, "--expect", {FactId::AboveBelow, *expect, 0, 20000}};
        first = Hertz::fromHertz(*expect);
    }
    HearingOptions options;
    options.modes = twelfths ? Modes::Odd : Modes::All;
    const auto analysis = DOWEL_TRY(session::analysisOf(path, first, options));
    return io::jsonOf(analysis);
}

Answer measureTake(const std::string& path, const std::string& fingering, const std::string& take, std::optional<double> celsius)
{
    auto store = DOWEL_TRY(Store::open(path, Store::Mode::Work));
    const auto samples = DOWEL_TRY(io::readAudioFile(take));
    const Temperature room = celsius ? Temperature::fromCelsius(*celsius) : session::roomOf(store.book());
    DOWEL_TRY(checkRoom(room));
    const auto id = DOWEL_TRY(session::keepTake(store, {fingering}, samples, room, ReadingSource::File));
    const auto& kept = std::get<ReadingEntry>(store.book().entries().back().body);
    return Json{{"readings", Json::array({readingJson(store.book(), kept, id)})}};
}

Answer measureSession(const std::string& path, const std::string& file)
{
    auto store = DOWEL_TRY(Store::open(path, Store::Mode::Work));
    const auto json = DOWEL_TRY(io::readJsonFile(file));
    const auto numbers = DOWEL_TRY(io::sessionFromJson(json));
    const auto entries = DOWEL_TRY(session::readingsOf(store.book(), numbers));
    const auto ids = DOWEL_TRY(store.append(entries));
    Json readings = Json::array();
    for (std::size_t i = 0; i < entries.size(); ++i)
        readings.push_back(readingJson(store.book(), std::get<ReadingEntry>(entries[i].body), ids[i]));
    return Json{{"readings", readings}};
}

} // namespace dowel::cli
