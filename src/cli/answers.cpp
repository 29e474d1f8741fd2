// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/answers.h"

#include "core/forecast/forecast.h"
#include "core/tuning/pitch.h"
#include "io/record_json.h"
#include "io/spec_json.h"
#include "io/whole_file.h"
#include "store/store.h"

#include <QGuiApplication>
#include <QTemporaryDir>
#include <algorithm>
#include <cctype>
#include <clocale>
#include <cmath>

namespace dowel::cli {

double tidy(double v)
{
    return std::round(v * 1e6) / 1e6;
}

Json idList(const std::vector<FingeringId>& ids)
{
    Json list = Json::array();
    for (const auto& id : ids)
        list.push_back(id.text);
    return list;
}

void ensureGraphics()
{
    if (QCoreApplication::instance() != nullptr)
        return;
    qputenv("QT_QPA_PLATFORM", "offscreen");
    static int count = 1;
    static char name[] = "dowel-cli";
    static char* arguments[] = {name, nullptr};
    // Never taken down: at the end of the program what it draws with may be gone before it.
    if (qEnvironmentVariableIsEmpty("XDG_RUNTIME_DIR")) { // the toolkit would make a folder of its own and leave it behind
        static const QTemporaryDir folder;
        qputenv("XDG_RUNTIME_DIR", folder.path().toLocal8Bit());
    }
    static const auto* const application = new QGuiApplication(count, arguments);
    (void)application;
    std::setlocale(LC_NUMERIC, "C"); // files are alike everywhere
}

bool isWorkbook(const std::string& path)
{
    std::string ending = path.substr(path.size() - std::min<std::size_t>(path.size(), 6));
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return ending == ".dowel" || io::looksLikeWorkbook(path);
}

Result<Workbook> bookOf(const std::string& path)
{
    if (isWorkbook(path)) {
        auto store = DOWEL_TRY(Store::open(path, Store::Mode::Look));
        return store.book();
    }
    auto instrument = DOWEL_TRY(io::readSpecFile(path));
    return Workbook(std::move(instrument));
}

Result<Json> forecastJson(const Instrument& shape, const Priors& priors)
{
    const auto forecaster = DOWEL_TRY(Forecaster::make(Workbook(shape), priors));
    Json notes = Json::array();
    const auto& fingerings = shape.spec().fingerings;
    for (std::size_t i = 0; i < fingerings.size(); ++i) {
        const NoteState& s = forecaster.now()[i];
        notes.push_back({{"fingering", fingerings[i].id.text},
                         {"register", fingerings[i].registerNumber},
                         {"hz", tidy(raisedBy(fingerings[i].target, Cents::fromCents(s.cents)).hertz())},
                         {"cents", tidy(s.cents)},
                         {"sd_cents", tidy(s.sd)}});
    }
    return notes;
}

} // namespace dowel::cli
