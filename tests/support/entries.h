// SPDX-License-Identifier: GPL-3.0-or-later
// One entry of every kind, each field at a value of its own, for the round trips.
#pragma once

#include "core/record/workbook.h"
#include "support/fixtures.h"

namespace dowel::fixtures {

inline HeardNote fullNote()
{
    HeardNote n;
    n.start = Seconds::fromSeconds(0.31);
    n.end = Seconds::fromSeconds(1.72);
    n.pitch = Hertz::fromHertz(585.125);
    n.sd = Cents::fromCents(0.0625);
    n.drift = Cents::fromCents(-1.5);
    n.vibrato = Cents::fromCents(2.25);
    n.vibratoRate = Hertz::fromHertz(5.5);
    for (std::size_t i = 0; i < partialsKept; ++i)
        n.partials_dB[i] = -3.5 * static_cast<double>(i);
    n.noise_dB = 23.5;
    n.breath_dB = 4.5;
    n.centroid = Hertz::fromHertz(901.5);
    n.level_dB = -17.25;
    n.registerNumber = 2;
    n.flags = {TakeFlag::Breathy, TakeFlag::Clipped};
    return n;
}

inline ReadingEntry fullReading(bool take)
{
    ReadingEntry r;
    r.fingering = {"F#5"};
    r.pitch = Hertz::fromHertz(733.0625);
    r.sd = Cents::fromCents(0.75);
    r.air = Temperature::fromCelsius(22.5);
    r.source = ReadingSource::File;
    r.note = fullNote();
    r.hasTake = take;
    return r;
}

inline std::vector<NoteForecast> someForecast()
{
    return {{{"D5"}, Cents::fromCents(-12.5), Cents::fromCents(-4.25), Cents::fromCents(1.125)},
            {{"C#7"}, Cents::fromCents(3.0), Cents::fromCents(3.5), Cents::fromCents(2.0)}};
}

inline CutEntry fullCut()
{
    return {Enlarge{{"h2"}, mm(6.4)}, mm(5.9), mm(6.5), someForecast()};
}

inline AmendEntry fullAmend()
{
    AmendEntry a;
    a.name = "Whistle at low pitch";
    a.wanted = Wanted{whistleSpec().tuning, whistleSpec().fingerings};
    a.wanted->tuning.a4 = Hertz::fromHertz(415.0);
    a.wanted->tuning.playedAt = Temperature::fromCelsius(18.5);
    a.wanted->tuning.scale = "meantone";
    a.wanted->tuning.tonic = "D";
    a.wanted->fingerings = retargeted(a.wanted->fingerings, a.wanted->tuning).value();
    a.wanted->fingerings[3].tolerance = Cents::fromCents(8.5);
    a.wanted->fingerings[4].half = {{{"h6"}, 0.25}};
    a.wanted->fingerings[4].closed = {{"h5"}};
    a.material = "cane";
    a.nodes = {{mm(40.0), true}, {mm(-20.0), false}};
    a.tools = Tools{mm(0.05), {mm(5.0), mm(5.5)}};
    a.limits = Limits{mm(9.0), mm(250.0)};
    a.there = whistleSpec();
    a.there->wall = mm(2.9);
    return a;
}

inline Advice fullAdvice()
{
    Advice a;
    a.state = AdviceState::MakeCut;
    a.worst = Cents::fromCents(-31.25);
    a.rms = Cents::fromCents(11.5);
    a.withinTolerance = 3;
    a.of = 14;
    AdviceStep s;
    s.cut = Enlarge{{"h2"}, mm(6.5)};
    s.from = mm(5.9);
    s.bit = mm(6.5);
    s.reason = {{"F#5"}, Cents::fromCents(-22.5), true, mm(7.25)};
    s.thenMeasure = true;
    s.hear = {{"F#5"}, {"F#6"}};
    s.forecast = someForecast();
    a.steps.push_back(s);
    AdviceStep t;
    t.cut = TrimFoot{mm(274.5)};
    t.from = mm(277.5);
    t.reason = {{"D5"}, Cents::fromCents(-9.5), false, mm(273.0)};
    t.thenMeasure = false;
    a.steps.push_back(t);
    a.fingerings = {{"D5"}};
    a.left = {{{"C#7"}, Cents::fromCents(9.5), UnreachedNote::Why::HoleAtLimit}};
    a.contradiction = Contradiction{Contradiction::Kind::Temperature, "air", 12.5};
    a.lastResort = {Fill{{"h3"}, mm(5.5)}};
    return a;
}

} // namespace dowel::fixtures
