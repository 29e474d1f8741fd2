// SPDX-License-Identifier: GPL-3.0-or-later
// A maker who drives dowel-cli from the blank to the notes: what is asked is heard on the simulated player, what is advised is
// done with a hand's slip and recorded.
#pragma once

#include "cli_bench.h"
#include "io/spec_json.h"
#include "player/player.h"
#include "store/store.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace dowel {

using io::Json;

class TradeBench : public CliBench
{
protected:
    static std::string example(const std::string& name) { return std::string(DOWEL_EXAMPLES) + "/" + name; }

    /// A workbook of what was laid out for an example's blank; what layout answered is left in said.
    std::string begun(const std::string& blank, Json& said)
    {
        const Answer laid = run({"layout", blank});
        if (laid.status != 0)
            qFatal("%s", laid.json.dump().c_str());
        said = laid.json;
        const std::string path = place(".dowel");
        return run({"create", path, "--spec", write("spec.json", laid.json["start"].dump())}).status == 0 ? path : std::string();
    }
    static Instrument present(const std::string& path) { return Store::open(path, Store::Mode::Look)->book().present(); }

    struct Worked
    {
        std::string state;
        std::map<std::string, int> kinds;
        Json last;
    };
    /// What is recorded of a step that was done, out by a hand's slip.
    static Json done(const Json& step, double slip_mm)
    {
        static const std::map<std::string, std::string> sizes{{"enlarge", "diameter_mm"},
                                                              {"undercut", "undercut_diameter_mm"},
                                                              {"trim_foot", "length_mm"},
                                                              {"deepen", "length_mm"},
                                                              {"cut_up", "window_length_mm"},
                                                              {"move_stopper", "stopper_mm"},
                                                              {"enlarge_embouchure", "hole_length_mm"}};
        const std::string kind = step["kind"];
        Json cut{{"kind", kind}};
        if (step.contains("hole"))
            cut["hole"] = step["hole"];
        if (kind == "ream") {
            for (const char* key : {"from_mm", "to_mm", "diameter_mm"})
                cut[key] = step[key];
            return cut;
        }
        const double way = step["to_mm"].get<double>() - step["from_mm"].get<double>();
        cut[sizes.at(kind)] = step["to_mm"].get<double>() + (way > 0.0 ? slip_mm : -slip_mm);
        return cut;
    }
    Worked work(const std::string& path, const player::SimulatedPlayer& player, Random& random)
    {
        Worked w;
        for (int i = 0; i < 80; ++i) {
            w.last = run({"advise", path}).json;
            w.state = w.last.value("state", "error");
            if (w.state == "measure") {
                const Instrument shape = present(path);
                Json readings = Json::array();
                for (const std::string id : w.last["fingerings"]) {
                    const auto hz = player.truth(shape, *shape.find(FingeringId{id}), Temperature::fromCelsius(21.0));
                    readings.push_back(
                        {{"fingering", id}, {"hz", hz->hertz() * std::exp2(random.normal() / 1200.0)}, {"sd_cents", 0.5}});
                }
                const Json session{{"celsius", 21.0}, {"readings", readings}};
                if (run({"measure", path, "--session", write("session.json", session.dump())}).status != 0)
                    return w;
            } else if (w.state == "cut") {
                const Json& step = w.last["steps"][0];
                ++w.kinds[step["kind"]];
                const std::string asked = write("step.json", done(step, random.uniform(-0.02, 0.04)).dump());
                if (run({"cut", path, "--step", asked}).status != 0)
                    return w;
            } else {
                break;
            }
        }
        return w;
    }
    static double offCents(const player::SimulatedPlayer& player, const Instrument& shape, const Fingering& f)
    {
        return 1200.0 * std::log2(player.truth(shape, f, Temperature::fromCelsius(20.0))->hertz() / f.target.hertz());
    }
    /// A workbook made of a specification, worked to its end.
    struct Made
    {
        std::string path;
        Worked worked;
    };
    Made made(const Json& spec, const player::SimulatedPlayer& player, std::uint64_t hand)
    {
        Made m{place(".dowel"), {}};
        const Answer begun = run({"create", m.path, "--spec", write("spec.json", spec.dump())});
        if (begun.status != 0)
            qFatal("%s", begun.json.dump().c_str());
        Random random(hand);
        m.worked = work(m.path, player, random);
        return m;
    }
    /// The note that is farthest beyond its tolerance on the player's instrument, as cents beyond.
    double worstBeyond_cents(const std::string& path, const player::SimulatedPlayer& player)
    {
        double worst = -1200.0;
        const Instrument shape = present(path);
        for (const Fingering& f : shape.spec().fingerings)
            worst = std::max(worst, std::abs(offCents(player, shape, f)) - f.tolerance.cents());
        return worst;
    }
};

} // namespace dowel
