// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/demo_shop.h"

#include "core/layout/families.h"
#include "io/plan_json.h"
#include "io/spec_json.h"
#include "session/advise.h"
#include "session/practice.h"
#include "session/takes.h"
#include "store/store.h"

#include <QDir>
#include <QFile>

namespace dowel::app {

namespace {

constexpr double room_C = 21.0;

Result<Instrument> called(const char* name, const Result<Instrument>& shape)
{
    if (!shape)
        return shape;
    InstrumentSpec spec = shape->spec();
    spec.name = name;
    return Instrument::make(std::move(spec));
}

/// Every fingering heard once on its piece of wood.
Status hear(Store& store, const Cancel& cancel)
{
    const Temperature room = Temperature::fromCelsius(room_C);
    const std::vector<Fingering> chart = store.book().present().spec().fingerings; // the book is another one after each
    for (const Fingering& f : chart) {
        if (cancel.requested())
            return Error{ErrorCode::Cancelled, "", {}};
        const auto samples = DOWEL_TRY(session::played(store.book(), f.id, room));
        DOWEL_TRY(session::keepTake(store, f.id, samples, room, ReadingSource::Player, cancel));
    }
    return Done{};
}

/// A bare tube with what is wanted of it; laidOut: with its row.
Status plan(const std::string& path, const char* name, Family family, bool laidOut, const Cancel& cancel)
{
    io::PlanKept kept;
    kept.target = usualTarget(family);
    auto blank = startingBlank(family, kept.target);
    if (!blank)
        return blank.error();
    kept.blank = std::move(*blank);
    kept.blank.spec.name = name;
    if (laidOut) {
        auto layout = DOWEL_TRY(layOut(kept.blank, kept.wishes, false, cancel));
        kept.goal = std::move(layout.goal);
    }
    InstrumentSpec bare = kept.blank.spec;
    bare.holes.clear();
    bare.fingerings.clear();
    const auto tube = DOWEL_TRY(Instrument::make(std::move(bare)));
    auto store = DOWEL_TRY(Store::create(path, tube));
    const auto entry = store.append(PlanEntry{io::planText(kept)});
    return entry ? Status(Done{}) : Status(entry.error());
}

} // namespace

Status makeDemoShop(const std::string& folder, const Cancel& cancel)
{
    QDir dir(QString::fromStdString(folder));
    if (!dir.entryList({QStringLiteral("*.dowel")}, QDir::Files).isEmpty())
        return Done{};
    dir.mkpath(QStringLiteral("."));
    const auto at = [&](const char* name) {
        return dir.filePath(QLatin1String(name)).toStdString();
    };
    QFile file(QStringLiteral(":/demo/whistle-d.json"));
    const bool there = file.open(QIODevice::ReadOnly);
    const auto whistle = io::specFromText(there ? file.readAll().toStdString() : std::string(), "demo");
    const std::pair<const char*, const char*> herons[] = {
        {"heron-1.dowel", "Heron no. 1"}, {"heron-2.dowel", "Heron no. 2"}, {"heron-3.dowel", "Heron no. 3"}};
    std::uint64_t wood = 21;
    for (const auto& [path, name] : herons) {
        const auto shape = DOWEL_TRY(called(name, whistle));
        auto store = DOWEL_TRY(Store::create(at(path), shape, PracticeEntry{wood++, Temperature::fromCelsius(room_C), 24.0}));
        DOWEL_TRY(hear(store, cancel));
        if (path == herons[0].first)
            if (const auto advised = session::advise(store, {}, cancel); !advised)
                return advised.error();
    }
    const auto fife = called("Marsh fife", session::practiceBlank(Family::Fife, cancel));
    if (!fife)
        return fife.error();
    if (const auto store = Store::create(at("marsh-fife.dowel"), *fife, PracticeEntry{5, Temperature::fromCelsius(room_C), 24.0});
        !store)
        return store.error();
    DOWEL_TRY(plan(at("long-flute.dowel"), "Long flute, pear wood", Family::Flute, false, cancel));
    return plan(at("reed-pipe.dowel"), "Field reed pipe", Family::Reed, true, cancel);
}

} // namespace dowel::app
