// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/beginnings.h"

#include "app/document/shop_settings.h"
#include "app/shell/main_window.h"
#include "io/spec_json.h"
#include "session/practice.h"
#include "session/sizes.h"
#include "text/names.h"
#include "text/units.h"

#include <QDir>
#include <QFile>
#include <QRegularExpression>

namespace dowel::app {

namespace {

constexpr std::uint64_t demoSeed = 10;

/// A file name of a name: letters, figures and hyphens.
QString fileNameOf(const QString& name)
{
    QString file = name.toLower();
    file.replace(QRegularExpression(QStringLiteral("[^\\p{L}\\p{N}]+")), QStringLiteral("-"));
    file.remove(QRegularExpression(QStringLiteral("^-+|-+$")));
    return file.isEmpty() ? QStringLiteral("instrument") : file.left(60);
}

Result<Instrument> demoWhistle()
{
    QFile file(QStringLiteral(":/demo/whistle-d.json"));
    const bool there = file.open(QIODevice::ReadOnly);
    return io::specFromText(there ? file.readAll().toStdString() : std::string(), "demo");
}

/// The first path of that name that is free.
QString freePath(const QString& folder, const QString& name)
{
    QString path = folder + QLatin1Char('/') + name + QStringLiteral(".dowel");
    for (int n = 2; QFileInfo::exists(path); ++n)
        path = folder + QStringLiteral("/%1-%2.dowel").arg(name).arg(n);
    return path;
}

} // namespace

Result<Store> begun(const QString& folder, const QString& name, io::PlanKept plan)
{
    plan.blank.spec.name = name.toStdString();
    InstrumentSpec bare = plan.blank.spec;
    bare.holes.clear();
    bare.fingerings.clear();
    const auto tube = DOWEL_TRY(Instrument::make(std::move(bare)));
    QDir().mkpath(folder);
    auto store = Store::create(freePath(folder, fileNameOf(name)).toStdString(), tube);
    if (!store)
        return store;
    if (const auto kept = store->append(PlanEntry{io::planText(plan)}); !kept)
        return kept.error();
    return store;
}

Result<Store> begunPractice(const QString& folder)
{
    QDir().mkpath(folder);
    const auto spec = DOWEL_TRY(demoWhistle());
    const PracticeEntry practice{demoSeed, Temperature::fromCelsius(21.0), 24.0};
    return Store::create(freePath(folder, QStringLiteral("practice-whistle")).toStdString(), spec, practice);
}

Result<Store> begunPractice(const QString& folder, Family family, const PracticeEntry& with)
{
    QDir().mkpath(folder);
    auto blank = DOWEL_TRY(family == Family::Whistle ? demoWhistle() : session::practiceBlank(family));
    const QString kind = QString::fromStdString(std::string(familyName(family)));
    InstrumentSpec spec = blank.spec();
    spec.name =
        MainWindow::tr("Practice %1, wood no. %2", "family, number").arg(text::familyWord(family)).arg(with.seed).toStdString();
    auto named = DOWEL_TRY(Instrument::make(std::move(spec)));
    return Store::create(freePath(folder, QStringLiteral("practice-") + kind).toStdString(), named, with);
}

Result<Store> begunLike(const QString& folder, const LikeWanted& what)
{
    auto plan = session::modelIn(what.path.toStdString());
    if (plan && !what.keys.isEmpty())
        plan = session::laidOutIn(*plan, what.keys.front().toStdString(), what.widths, learntPriors(plan->blank.spec.family));
    if (!plan)
        return plan.error();
    return begun(folder, what.name, std::move(*plan));
}

Status begunFamily(const QString& folder, const LikeWanted& what, const Cancel& cancel)
{
    const auto model = DOWEL_TRY(session::modelIn(what.path.toStdString()));
    const Priors priors = learntPriors(model.blank.spec.family);
    // All of them first: either the family is there or nothing of it.
    std::vector<std::pair<QString, io::PlanKept>> plans;
    for (const QString& key : what.keys) {
        auto plan = session::laidOutIn(model, key.toStdString(), what.widths, priors, cancel);
        if (!plan)
            return Error{plan.error().code, key.toStdString() + ", " + plan.error().where, plan.error().fact};
        plans.emplace_back(MainWindow::tr("%1 in %2", "name, lowest note").arg(what.name, text::noteName(key.toStdString())),
                           std::move(*plan));
    }
    for (auto& [name, plan] : plans)
        DOWEL_TRY(begun(folder, name, std::move(plan)));
    return Done{};
}

Result<QString> begunFromEarlier(const QString& folder, const QString& path)
{
    auto plan = io::readPlanFile(path.toStdString());
    if (!plan)
        return plan.error();
    const QString name =
        plan->blank.spec.name.empty() ? MainWindow::tr("Earlier plan") : QString::fromStdString(plan->blank.spec.name);
    DOWEL_TRY(begun(folder, name, std::move(*plan)));
    QFile::rename(path, path + QStringLiteral(".taken"));
    return name;
}

} // namespace dowel::app
