// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/predict_command.h"

#include "core/acoustics/colour.h"
#include "core/base/ratio.h"
#include "core/fit/placed.h"
#include "core/fit/telling.h"
#include "core/forecast/forecast.h"
#include "core/forecast/sensitivity.h"
#include "core/plan/diagnosis.h"
#include "io/spec_json.h"
#include "store/store.h"

namespace dowel::cli {

namespace {

Json sensitivityJson(const Instrument& shape, const NoteSensitivity& s)
{
    Json holes = Json::object();
    for (std::size_t i = 0; i < s.holes.size(); ++i)
        holes[shape.spec().holes[i].id.text] = tidy(s.holes[i].cents());
    Json json{{"holes", holes}, {"foot", tidy(s.foot.cents())}};
    if (s.stopper)
        json["stopper"] = tidy(s.stopper->cents());
    if (s.window)
        json["window"] = tidy(s.window->cents());
    if (s.embouchure)
        json["embouchure"] = tidy(s.embouchure->cents());
    Json bore = Json::array();
    for (const auto& p : s.bore)
        bore.push_back({{"at_mm", tidy(p.at.millimetres())}, {"cents_over_10_mm", tidy(p.perTenthOverCentimetre.cents())}});
    json["bore"] = bore;
    return json;
}

Status addDetails(Json& notes, const Instrument& shape, const Posterior& posterior, acoustics::HoleFormulas formulas)
{
    const auto placed = posterior.placed(shape);
    const acoustics::Model model(placed.shape, placed.calibration, {formulas, true});
    const auto queries = queriesOf(shape);
    const auto colours = DOWEL_TRY(acoustics::coloursOf(model, queries));
    const auto spread = DOWEL_TRY(acoustics::formulaSpread(placed.shape, placed.calibration, queries));
    for (std::size_t i = 0; i < queries.size(); ++i) {
        const auto& c = colours[i];
        Json harmonicity = Json::object();
        for (const auto& h : c.harmonicity)
            harmonicity[std::to_string(h.harmonic)] = tidy(h.cents);
        Json& n = notes[i];
        n["quality"] = tidy(c.quality);
        n["height"] = tidy(c.height);
        n["harmonicity_cents"] = harmonicity;
        n["cutoff_hz"] = c.cutoff_Hz > 0.0 ? Json(tidy(c.cutoff_Hz)) : Json();
        n["brightness"] = tidy(c.brightness);
        n["speaks"] = acoustics::speechName(c.speech);
        n["because"] = acoustics::reasonName(c.reason);
        n["formula_spread_cents"] = tidy(spread[i]);
        const auto sensitivity = DOWEL_TRY(sensitivityOf(posterior, shape, queries[i]));
        n["cents_per_tenth_mm"] = sensitivityJson(shape, sensitivity);
    }
    return Done{};
}

/// The specification with what was asked for on the command line.
Result<Instrument> asAsked(InstrumentSpec spec, const PredictAsked& asked)
{
    if (asked.celsius)
        spec.tuning.playedAt = Temperature::fromCelsius(*asked.celsius);
    if (asked.humidity_percent)
        spec.tuning.humidity = *asked.humidity_percent / 100.0;
    if (asked.dioxide_percent)
        spec.tuning.carbonDioxide = *asked.dioxide_percent / 100.0;
    if (asked.gradient)
        spec.tuning.gradient_K_m = *asked.gradient;
    return Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet);
}

} // namespace

Answer predict(const std::string& path, const PredictAsked& asked)
{
    const auto formulas = acoustics::formulasFromName(asked.formulas);
    if (!formulas)
        return Error{ErrorCode::BadValue,
                     "--formulas",
                     {FactId::Known, asked.formulas, "lefebvre-scavone-2012, dubos-nederveen-1999, keefe-1990"}};
    const auto book = DOWEL_TRY(bookOf(path));
    const auto forecaster = DOWEL_TRY(Forecaster::make(book));
    const auto shape = DOWEL_TRY(asAsked(book.present().spec(), asked));
    const auto jointForecast = DOWEL_TRY(forecaster.jointForecast(shape));
    // What is out of line is told as it was heard, as advise tells it.
    const auto states = asHeard(forecaster.posterior(), inconsistentNotes(book, forecaster.posterior()), jointForecast).states();
    // Another set of formulas moves each note by what the model alone is moved by.
    std::vector<double> moved(states.size(), 0.0);
    if (*formulas != acoustics::HoleFormulas::LefebvreScavone) {
        const auto placed = forecaster.posterior().placed(shape);
        const auto queries = queriesOf(shape);
        const auto usual = acoustics::Model(placed.shape, placed.calibration).frequencies(queries);
        const auto other = acoustics::Model(placed.shape, placed.calibration, {*formulas, true}).frequencies(queries);
        if (!usual || !other)
            return usual ? other.error() : usual.error();
        for (std::size_t i = 0; i < moved.size(); ++i)
            moved[i] = centsOver((*other)[i], (*usual)[i]);
    }
    Json notes = Json::array();
    for (std::size_t i = 0; i < states.size(); ++i) {
        const Fingering& f = shape.spec().fingerings[i];
        const NoteState& s = states[i];
        const double cents = s.cents + moved[i];
        notes.push_back({{"fingering", f.id.text},
                         {"register", f.registerNumber},
                         {"hz", tidy(raisedBy(f.target, Cents::fromCents(cents)).hertz())},
                         {"cents", tidy(cents)},
                         {"sd_cents", tidy(s.sd)}});
    }
    Json answer;
    if (asked.full) {
        DOWEL_TRY(addDetails(notes, shape, forecaster.posterior(), *formulas));
        const auto telling = DOWEL_TRY(measureThatTells(forecaster.posterior(), shape));
        if (telling)
            answer["worth_measuring"] = {{"what", measurableName(telling->what)},
                                         {"fingering", telling->note.text},
                                         {"sd_cents", tidy(telling->spread.cents())},
                                         {"then_sd_cents", tidy(telling->spreadThereby.cents())}};
    }
    answer["notes"] = std::move(notes);
    return answer;
}

} // namespace dowel::cli
