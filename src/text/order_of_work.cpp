// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/order_of_work.h"

#include "core/instrument/whole.h"
#include "core/shop/stock.h"
#include "text/names.h"
#include "text/tr.h"

#include <QCoreApplication>
#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <set>
#include <string_view>

namespace dowel::text {

namespace {

enum class Stuff { Wood, Cane, Plastic, Horn, Vegetable };

Stuff stuffOf(const std::string& material)
{
    if (material == "cane" || material == "bamboo" || material == "straw")
        return Stuff::Cane;
    if (material == "plastic")
        return Stuff::Plastic;
    if (material == "horn")
        return Stuff::Horn;
    if (material == "vegetable")
        return Stuff::Vegetable;
    return Stuff::Wood;
}

Metres tenth(Metres m)
{
    return Metres::fromMillimetres(std::round(m.millimetres() * 10.0) / 10.0);
}

class Writer
{
public:
    explicit Writer(const WorkAsked& asked)
        : m_asked(&asked), m_spec(&asked.start->spec()), m_stuff(stuffOf(m_spec->material)), m_head(headOf(*m_spec))
    {
    }
    std::vector<WorkStep> all()
    {
        const auto* top = std::get_if<ClosedTop>(&m_spec->excitation);
        if (m_spec->material == "straw" && top != nullptr && !top->lip) {
            straw();
            return std::move(m_steps);
        }
        stock();
        if (std::holds_alternative<Duct>(m_spec->excitation))
            duct(std::get<Duct>(m_spec->excitation));
        else if (std::holds_alternative<Transverse>(m_spec->excitation))
            transverse(std::get<Transverse>(m_spec->excitation));
        else
            closedTop(std::get<ClosedTop>(m_spec->excitation));
        joints();
        sounding();
        holes();
        tuning();
        for (WorkStep& step : m_steps)
            step.adult = isAnAdults(step);
        return std::move(m_steps);
    }

private:
    /// In the context that the translations have for this class.
    [[nodiscard]] static QString tr(const char* words, const char* remark = nullptr)
    {
        return QCoreApplication::translate("dowel::text::Writer", words, remark);
    }
    [[nodiscard]] QString len(Metres m) const { return length(tenth(m), m_asked->unit); }
    /// The step lives until the next one is added.
    WorkStep& add(const char* id, std::string key, WorkGroup group, const QString& words, std::vector<Metres> measures = {})
    {
        WorkStep step;
        step.id = id;
        step.key = std::move(key);
        step.group = group;
        step.text = words;
        for (const Metres m : measures)
            step.measures.push_back(tenth(m));
        m_steps.push_back(std::move(step));
        return m_steps.back();
    }
    [[nodiscard]] const Bit* bitWithin(Metres size) const
    {
        return m_asked->drawer != nullptr ? m_asked->drawer->largestWithin(size)
               : m_asked->unit == LengthUnit::Inches
                   ? largestBitWithin(size, {BitSeries::Fractional, BitSeries::Number, BitSeries::Letter})
                   : largestBitWithin(size, {BitSeries::Metric});
    }
    /// The largest bit not above a size by its own marking; empty where none is in the drawer.
    [[nodiscard]] QString bitFor(Metres size) const
    {
        const Bit* bit = bitWithin(size);
        if (bit == nullptr)
            return {};
        const bool metric = m_asked->drawer == nullptr && m_asked->unit == LengthUnit::Millimetres;
        return tr("%1 bit", "drill of a size")
            .arg(metric ? length(bit->diameter, m_asked->unit) : QString::fromStdString(bit->name));
    }
    /// Whether the largest bit not above a size makes that size, but for what a reamer or a scraper takes.
    [[nodiscard]] bool isNear(Metres size) const
    {
        constexpr double little = 0.97;
        const Bit* bit = bitWithin(size);
        return bit != nullptr && bit->diameter > size * little;
    }
    /// What saws, bores, burns or cuts towards a hand, and what a finish gives off; common practice, no source.
    [[nodiscard]] static bool isAnAdults(const WorkStep& step)
    {
        constexpr std::array<std::string_view, 7> children{"season", "square", "template", "burrs", "test", "listen", "stopper"};
        constexpr std::array<std::string_view, 4> byHand{"mark", "slide", "reed", "foot"};
        return std::find(children.begin(), children.end(), step.key) == children.end() &&
               std::find(byHand.begin(), byHand.end(), step.key) == byHand.end() && !step.caution.isEmpty();
    }
    [[nodiscard]] bool has(const char* tool) const { return m_asked->drawer == nullptr || m_asked->drawer->has(tool); }

    /// A pipe for one lesson, with scissors alone.
    void straw()
    {
        const Metres length = m_asked->start->length();
        add("season", "season", WorkGroup::Stock,
            tr("Choose straight straws of one thickness, about %1 inside, and wet them for an hour so that they do not split.")
                .arg(len(m_spec->bore.front().diameter)),
            {m_spec->bore.front().diameter})
            .check = tr("Look through: the straw is clear and round.");
        WorkStep& cut =
            add("saw", "saw", WorkGroup::Stock,
                tr("Cut the straw to %1, and a second one shorter, to hear high and low.").arg(len(length)), {length});
        cut.tool = tr("sharp knife on a board");
        cut.caution = tr("An adult cuts for all.");
        cut.adult = true;
        constexpr Metres tips = Metres::fromMillimetres(15.0); // common practice, no source
        WorkStep& reed =
            add("reed", "reed", WorkGroup::Mouthpiece,
                tr("Flatten the last %1 of one end with a thumbnail and snip both corners: the two tips are the reed.")
                    .arg(len(tips)),
                {tips});
        reed.tool = tr("round-tipped scissors");
        reed.check =
            tr("With the tips well inside the lips it buzzes. It stays shut: pinch it open from the sides. It leaks: flatten "
               "it again.");
        add("test", "test", WorkGroup::FirstSound, tr("Blow the straw. Snip the foot a little at a time: the pitch rises."))
            .check = tr("If it does not sound, follow the remedies on Sounding edge before going on.");
        if (!m_spec->holes.empty())
            add("holes", "template", WorkGroup::Holes,
                tr("Print the template at 100 %, check its ruler, lay the straw on it and mark the holes."))
                .tool = tr("template, pencil");
        for (const Hole& h : m_spec->holes) {
            const Metres fromFoot = length - h.at;
            WorkStep& hole = add("holes", h.id.text, WorkGroup::Holes,
                                 tr("%1: %2 from the foot. Pinch the straw flat there and nick the fold, %3 across.")
                                     .arg(QString::fromStdString(h.id.text), len(fromFoot), len(h.diameter)),
                                 {fromFoot, h.diameter});
            hole.tool = tr("round-tipped scissors");
            hole.check = tr("The hole is round when the straw springs open.");
        }
        if (!m_spec->fingerings.empty())
            add("listen", "listen", WorkGroup::Tuning,
                tr("Play every fingering on Listen. A second nick widens a hole; a snip off the foot raises the lowest note."));
        add("finish", "finish", WorkGroup::Tuning, tr("No finish: one straw a player, thrown away after the lesson."));
    }
    void stock()
    {
        constexpr WorkGroup group = WorkGroup::Stock;
        const Metres sounding = m_asked->start->length();
        // A pipe that is bored deeper needs the wood for it, and a floor below; common practice, no source.
        constexpr Metres floor = Metres::fromMillimetres(10.0);
        const bool deepens = isBoredDeeper(*m_spec);
        const Metres deepest = m_asked->goal != nullptr ? std::max(sounding, m_asked->goal->length()) : sounding;
        const Metres overall = m_head.length + (deepens && m_stuff == Stuff::Wood ? deepest + floor : sounding);
        const Metres chucking = m_head.waste;
        switch (m_stuff) {
        case Stuff::Wood: {
            WorkStep& season =
                add("season", "season", group,
                    tr("Choose straight, knot-free wood. Season the billet with waxed ends until it stops losing weight, "
                       "and rest it again for some weeks after the pilot bore."));
            season.check = tr("Weigh the billet twice a month; it is dry when the weight no longer changes.");
            WorkStep& saw = add("saw", "saw", group,
                                tr("Saw the billet to %1: %2 for the instrument and %3 for chucking.")
                                    .arg(len(overall + chucking), len(overall), len(chucking)),
                                {overall + chucking, overall, chucking});
            saw.tool = tr("saw");
            saw.caution = tr("Clamp the work and wear eye protection.");
            break;
        }
        case Stuff::Cane: {
            add("season", "season", group, tr("Choose dry, straight cane without splits, cut in winter and dried for a year."))
                .check = tr("Tap the cane: a split sounds dull.");
            WorkStep& saw = add("saw", "saw", group,
                                tr("Saw the cane to %1. Place the holes away from the nodes.").arg(len(overall)), {overall});
            saw.tool = tr("fine saw");
            saw.check = tr("The end is clean, without splinters.");
            break;
        }
        case Stuff::Plastic: {
            WorkStep& saw = add("saw", "saw", group,
                                tr("Measure the real bore of the pipe, then saw it to %1.").arg(len(overall)), {overall});
            saw.tool = tr("fine saw or pipe cutter");
            saw.check =
                tr("The bore matches the plan to %1; if not, type it on Blank.", "0.1 mm").arg(smallChange(m_asked->unit));
            break;
        }
        case Stuff::Horn: {
            WorkStep& saw =
                add("saw", "saw", group,
                    tr("Measure the hollow with a soft wire, saw off the solid tip, and leave the wide end long. The finished "
                       "tube is %1 long along its bend.")
                        .arg(len(sounding)),
                    {sounding});
            saw.tool = tr("fine saw");
            saw.caution = tr("Horn dust harms the lungs and smells: work wet or under extraction.");
            break;
        }
        case Stuff::Vegetable: {
            add("season", "season", group, tr("Choose a fresh, firm, straight vegetable and wash it. Play it the same day."));
            WorkStep& saw = add("saw", "saw", group, tr("Cut it to %1.").arg(len(overall)), {overall});
            saw.tool = tr("knife");
            saw.caution = tr("An adult cuts. Wash hands and tools; one player each.");
            break;
        }
        }
        WorkStep& square =
            add("square", "square", group,
                m_stuff == Stuff::Wood ? tr("Plane the billet square and square both ends. Mark the centre of each end.")
                                       : tr("Square both ends."));
        square.check = tr("A try square shows no light.");
        bore();
    }
    void boreWood(WorkGroup group, Metres least, Metres most)
    {
        const auto& stations = m_spec->bore;
        const bool tapered = (most - least).millimetres() > 0.15;
        const bool closed = isBoredDeeper(*m_spec);
        const QString depth =
            closed ? tr("Bore %1 deep from the sounding end with a %2 bit and a stop on the bit. The bore is short on "
                        "purpose; deepening lowers the note.")
                         .arg(len(m_asked->start->length()), len(least))
                   : tr("Bore through at %1, half the depth from each end.").arg(len(least));
        WorkStep& b =
            add("bore", "bore", group, depth, closed ? std::vector{m_asked->start->length(), least} : std::vector{least});
        b.tool = isNear(least) ? tr("long %1").arg(bitFor(least)) : tr("long bit");
        b.check = tr("Look through the bore at a light: no step where the two bores meet.");
        b.caution = tr("Clamp the work, wear no gloves or loose sleeves, and clear the chips often.");
        if (tapered) {
            WorkStep& ream = add("bore", "ream", group,
                                 tr("Ream the bore to its profile: %1 at the top, %2 at the foot.")
                                     .arg(len(stations.front().diameter), len(stations.back().diameter)),
                                 {stations.front().diameter, stations.back().diameter});
            ream.tool = tr("reamers, see Timber and turning for their depths");
            ream.check = tr("Plug gauges stop at the positions of the bore profile.");
            ream.caution = tr("Ream slowly and let the wood cool: a jammed reamer splits it.");
        }
        const Metres outside = stations.front().diameter + m_spec->wall * 2.0;
        WorkStep& t = add("turn", "turn", group,
                          tr("Turn the outside to %1, a wall of %2, true to the bore.").arg(len(outside), len(m_spec->wall)),
                          {outside, m_spec->wall});
        t.alternative = tr("Bore first: the outside is turned true to a bore that wandered. Turn first: a round blank bores "
                           "truer in the lathe; leave %1 and turn to size after the bore.")
                            .arg(len(Metres::fromMillimetres(2.0)));
        t.swapsWith = {"bore", "ream"};
        t.tool = tr("lathe, jam chuck or centres in the bore");
        t.check = tr("Measure the wall on four sides at both ends.");
        t.caution = tr("Face shield, no gloves or loose sleeves, dust extraction.");
    }
    void bore()
    {
        constexpr WorkGroup group = WorkGroup::Bore;
        const auto& stations = m_spec->bore;
        Metres least = stations.front().diameter;
        Metres most = least;
        for (const Station& s : stations) {
            least = std::min(least, s.diameter);
            most = std::max(most, s.diameter);
        }
        switch (m_stuff) {
        case Stuff::Wood: boreWood(group, least, most); break;
        case Stuff::Cane: {
            const bool kept = std::any_of(m_spec->nodes.begin(), m_spec->nodes.end(), [](const Node& n) { return n.kept; });
            WorkStep& b = add("bore", "bore", group,
                              kept ? tr("Punch out the nodes with a rod, except the node that stays as the stopper. Smooth the "
                                        "bore to about %1.")
                                         .arg(len(least))
                                   : tr("Punch out the nodes with a rod and smooth the bore to about %1.").arg(len(least)),
                              {least});
            b.tool = tr("steel rod, then abrasive on a long rod by hand");
            b.check = tr("Look through the tube at a light: no ridge is left at a node.");
            b.caution = tr("Turn the rod by hand: in a drill it jams in the bore.");
            break;
        }
        case Stuff::Plastic:
            add("bore", "bore", group, tr("Clean and deburr the bore; it stays as the pipe is, %1.").arg(len(least)), {least})
                .tool = tr("knife or deburring tool");
            break;
        case Stuff::Horn: {
            WorkStep& b =
                add("bore", "bore", group,
                    tr("Drill through the solid part to the hollow, then open the hollow to an even cone from %1 to %2.")
                        .arg(len(stations.front().diameter), len(stations.back().diameter)),
                    {stations.front().diameter, stations.back().diameter});
            b.tool = tr("bit, then reamer or abrasive on a rod");
            b.caution = tr("Let a hot drill cool: horn glazes. Mask and extraction.");
            break;
        }
        case Stuff::Vegetable: {
            WorkStep& b = add("bore", "bore", group, tr("Bore through at %1, half from each end.").arg(len(least)), {least});
            b.tool = tr("cork borer or spade bit");
            b.caution = tr("An adult drills; a spade bit grabs. Hold the vegetable in a vice with soft jaws.");
            break;
        }
        }
    }
    void duct(const Duct& d)
    {
        if (isBoredDeeper(*m_spec) && m_stuff != Stuff::Wood) {
            WorkStep& plug =
                add("block", "plug", WorkGroup::Bore,
                    tr("Close the foot with a plug whose face is %1 from the sounding edge. The pipe is short on purpose.")
                        .arg(len(m_asked->start->length())),
                    {m_asked->start->length()});
            plug.tool = tr("knife, cork or wood");
            plug.check = tr("The plug holds and does not leak.");
            plug.caution = tr("Cut away from yourself.");
        }
        constexpr WorkGroup group = WorkGroup::Edge;
        const Metres windway = windwayLengthOf(*m_spec);
        const Metres height = d.windwayHeight > Metres{} ? d.windwayHeight : Metres::fromMillimetres(1.2);
        if (m_head.slowChamberLength > Metres{}) {
            add("bore", "slow", group,
                tr("Bore the slow chamber %1 deep and %2 wide from the top, and its exit into the windway.")
                    .arg(len(m_head.slowChamberLength), len(m_head.slowChamberDiameter)),
                {m_head.slowChamberLength, m_head.slowChamberDiameter});
            const Metres entry = m_head.slowChamberEntry;
            const Metres exit = m_head.slowChamberExit;
            if (entry > Metres{} && exit > Metres{})
                add("bore", "chamber ends", group,
                    tr("Open the slow chamber at the top by %1 for the breath and towards the windway by %2.")
                        .arg(len(entry), len(exit)),
                    {entry, exit})
                    .check = tr("The exit is wider than the windway is high, so that it does not throttle the breath.");
        }
        WorkStep& w = add("window", "window", group,
                          tr("Cut the window %1 wide and %2 long. Its lip, the sounding edge, is %3 from the top end and %4 from "
                             "the foot.")
                              .arg(len(d.windowWidth), len(d.windowLength), len(m_head.length), len(m_asked->start->length())),
                          {d.windowWidth, d.windowLength, m_head.length, m_asked->start->length()});
        w.tool = m_stuff == Stuff::Plastic ? tr("bit, then file") : tr("saw, chisel and knife");
        w.check = tr("Look along the bore: the edge is straight, sharp and square to the tube.");
        w.caution = tr("Cut away from yourself.");
        WorkStep& lip = add("window", "lip", group, tr("Slope the lip from outside until its edge is thin and even."));
        lip.tool = tr("knife, then fine file");
        lip.check = tr("The edge lies in the middle of the windway's opening.");
        WorkStep& way =
            add("windway", "windway", group,
                tr("Cut the windway %1 long, as wide as the window and %2 high at its exit.").arg(len(windway), len(height)),
                {windway, height});
        way.alternative =
            tr("Window first: the windway can be led to the lip. Windway first: the cutter runs out before there is an edge to "
               "break.");
        way.swapsWith = {"window", "lip"};
        way.tool = m_stuff == Stuff::Vegetable ? tr("knife") : tr("float or file");
        way.check = tr("Light through the windway shows an even slit.");
        WorkStep& block =
            add("block", "block", group,
                tr("Fit the block, %1 in diameter and %2 long, with a flat for the windway. Its face ends at the window.")
                    .arg(len(m_spec->bore.front().diameter), len(windway)),
                {m_spec->bore.front().diameter, windway});
        block.tool = tr("plane or knife");
        block.check = tr("Push the block in by hand; it holds and does not leak at the sides.");
        block.alternative =
            tr("The block stays movable until the voice is right: moving it back and forth changes the voicing for free.");
        if (m_head.beak > Metres{}) {
            WorkStep& beak =
                add("block", "beak", group, tr("Shape the beak over %1 from the top end.").arg(len(m_head.beak)), {m_head.beak});
            beak.tool = tr("saw, rasp and fine file");
            beak.check = tr("Enough wall stays above the windway, and the edge is smooth to the lips.");
            beak.caution = tr("Cut away from yourself.");
        }
    }
    void transverse(const Transverse& t)
    {
        constexpr WorkGroup group = WorkGroup::Edge;
        WorkStep& hole =
            add("embouchure", "embouchure", group,
                tr("Make the embouchure hole %1 long and %2 wide, its middle %3 from the top end and %4 from the foot.")
                    .arg(len(t.holeLength), len(t.holeWidth), len(m_head.length), len(m_asked->start->length())),
                {t.holeLength, t.holeWidth, m_head.length, m_asked->start->length()});
        hole.tool = m_stuff == Stuff::Cane ? tr("hot iron or knife, then file")
                    : bitFor(std::min(t.holeLength, t.holeWidth)).isEmpty()
                        ? tr("round file")
                        : tr("%1, then round file").arg(bitFor(std::min(t.holeLength, t.holeWidth)));
        hole.check = tr("The far edge is sharp and free of burrs.");
        hole.caution = m_stuff == Stuff::Cane
                           ? tr("Burn outdoors or under extraction, with water at hand, and not through the far wall.")
                           : tr("No gloves or loose sleeves near the drill.");
        const bool node = m_stuff == Stuff::Cane && std::any_of(m_spec->nodes.begin(), m_spec->nodes.end(),
                                                                [](const Node& n) { return n.kept && n.at < Metres{}; });
        WorkStep& stop =
            add("stopper", "stopper", group,
                node ? tr("The node that is left stops the tube %1 from the middle of the embouchure hole.").arg(len(t.stopper))
                     : tr("Fit the stopper with its face %1 from the middle of the embouchure hole.").arg(len(t.stopper)),
                {t.stopper});
        stop.tool = node ? QString() : tr("cork or wax, push rod with a mark");
        stop.check = tr("Close the embouchure hole with a thumb and suck at the foot: suction holds.");
        stop.caution = node ? QString() : tr("Push, do not hammer: a tight stopper can split the head.");
    }
    void closedTop(const ClosedTop& top)
    {
        constexpr WorkGroup group = WorkGroup::Mouthpiece;
        const QString volume = tr("%1 mL").arg(number(top.volume.cubicMetres() * 1e6, 2));
        if (top.lip) {
            WorkStep& m =
                add("mouthpiece", "mouthpiece", group,
                    tr("Open the mouth hole at the tip and shape its rim. With the lips the volume is about %1.").arg(volume));
            m.tool = tr("bit, then round file");
            m.check = tr("The rim is smooth and the wall round the hole is even.");
            return;
        }
        if (top.lay > Metres{}) {
            WorkStep& lay = add("mouthpiece", "lay", group,
                                top.layAngle_deg > 0.0
                                    ? tr("Cut the lay in one stroke: a flat %1 long, at %2° to the tube, that opens the bore.")
                                          .arg(len(top.lay), number(top.layAngle_deg, 0))
                                    : tr("Cut the lay in one stroke: a flat %1 long that opens the bore.").arg(len(top.lay)),
                                {top.lay});
            lay.tool = tr("long sharp knife");
            lay.check = tr("Laid on a flat plate the lay shows no light; the opening is even on both sides.");
            lay.caution =
                m_stuff == Stuff::Vegetable ? tr("An adult cuts, away from the hand that holds.") : tr("Cut away from yourself.");
            WorkStep& band = add("groove", "band", group, tr("Cut a shallow groove for the band at the lower end of the lay."));
            band.tool = tr("knife or round file");
            band.caution = tr("Cut away from yourself.");
            WorkStep& strip =
                add("reed", "reed", group,
                    tr("Cut a reed %1 long from the wall of a bottle, a little wider than the bore, and hold it on the "
                       "lay with a band in the groove.")
                        .arg(len(top.lay * 1.2)),
                    {top.lay * 1.2});
            strip.tool = tr("scissors");
            strip.check =
                tr("It stands open at the tip by the thickness of a card. Move the band to tune: towards the tip is higher.");
            return;
        }
        WorkStep& m = add("mouthpiece", "mouthpiece", group,
                          tr("Fit the mouthpiece into its socket. Mouthpiece and reed together hold about %1.").arg(volume));
        if (top.socket > Metres{}) {
            m.text += QLatin1Char(' ') + tr("The socket is %1 deep.").arg(len(top.socket));
            m.measures.push_back(tenth(top.socket));
        }
        m.tool = tr("socket cutter, cork or thread");
        m.check = tr("Fill the mouthpiece with water from a syringe to measure its volume.");
        WorkStep& reed = add("reed", "reed", group, tr("Bind the reed to the lay with its tip level with the mouthpiece's tip."));
        reed.tool = tr("thread or ligature");
        reed.check = tr("Suck with the end closed: the reed shuts and holds for a moment.");
    }
    void joints()
    {
        const auto parts = partsOf(*m_spec);
        if (parts.size() < 2)
            return;
        constexpr WorkGroup group = WorkGroup::Joints;
        std::vector<Slide> slides = m_spec->slides;
        std::sort(slides.begin(), slides.end(), [](const Slide& one, const Slide& other) { return one.at < other.at; });
        for (std::size_t i = 0; i + 1 < parts.size(); ++i) {
            const Slide& slide = slides[i];
            const Part& above = parts[i];
            const Part& below = parts[i + 1];
            const QString key =
                slide.tenonAbove
                    ? tr("Cut joint %1: saw the part above to %2, its tenon of %3 included, and the part below to %4. "
                         "Bore the socket before reaming and turn the tenon last.")
                    : tr("Cut joint %1: saw the part below to %2, its tenon of %3 included, and the part above to %4. "
                         "Bore the socket before reaming and turn the tenon last.");
            const Part& with = slide.tenonAbove ? above : below;
            const Part& other = slide.tenonAbove ? below : above;
            WorkStep& j = slide.tenon > Metres{} ? add("joint", "joint " + std::to_string(i + 1), group,
                                                       key.arg(i + 1).arg(len(with.sawn), len(slide.tenon), len(other.sawn)),
                                                       {with.sawn, slide.tenon, other.sawn})
                                                 : add("joint", "joint " + std::to_string(i + 1), group,
                                                       tr("Cut joint %1 so that the part above is %2 long without its tenon. "
                                                          "Bore the socket before reaming and "
                                                          "turn the tenon last.")
                                                           .arg(i + 1)
                                                           .arg(len(above.overall)),
                                                       {above.overall});
            j.tool = tr("parting tool; cork or waxed thread");
            j.check = tr("The joint closes by hand without force and does not rock.");
            j.caution = tr("Thread wound too thick splits a socket.");
        }
    }
    void sounding()
    {
        constexpr WorkGroup group = WorkGroup::FirstSound;
        const auto& chart = m_spec->fingerings;
        QString words = chart.empty() ? tr("Blow the tube before any hole is made.")
                        : isBoredDeeper(*m_spec)
                            ? tr("Blow the pipe: it sounds above %1 on purpose.").arg(noteName(chart.front().id.text))
                            : tr("Blow the tube with no holes, or all holes taped: it sounds a little below %1.")
                                  .arg(noteName(chart.front().id.text));
        if (m_spec->family == Family::Horn)
            words = tr("Blow the horn before any hole is made and note its pitch: the pitch decides which keys it can have.");
        add("test", "test", group, words).check =
            tr("If it does not sound, follow the remedies on Sounding edge before going on.");
        if (isBoredDeeper(*m_spec)) {
            WorkStep& deeper =
                add("bore", "mark", group,
                    m_stuff == Stuff::Wood
                        ? tr("Bore deeper a little at a time as Dowel advises; only a plug brings back what is too deep.")
                        : tr("Draw the plug out a little at a time as Dowel advises."));
            deeper.check = tr("Play the note again after every step.");
        }
        if (m_spec->family == Family::Slide) {
            WorkStep& s = add("block", "slide", group,
                              tr("Leave the tube longer than %1 by the grip of the slide. Fit and grease the slide so that it "
                                 "holds and does not "
                                 "leak, and mark it for every note.")
                                  .arg(len(m_asked->start->length())),
                              {m_asked->start->length()});
            s.tool = tr("cork, felt or thread");
            s.check = tr("Drawn out quickly, the slide pops: it is tight.");
        }
    }
    void holes()
    {
        const auto& all = m_spec->holes;
        if (all.empty())
            return;
        constexpr WorkGroup group = WorkGroup::Holes;
        add("holes", "template", group,
            tr("Print the template at 100 % and check its ruler. Wrap it round the tube with its edge at the foot, and prick the "
               "centres."))
            .tool = tr("template, awl");
        if (m_stuff == Stuff::Wood || m_stuff == Stuff::Plastic || m_stuff == Stuff::Horn) {
            WorkStep& pilot =
                add("holes", "pilot", group,
                    m_stuff == Stuff::Plastic
                        ? tr("Push a wooden mandrel into the pipe and drill %1 pilots slowly towards the middle of the bore.")
                              .arg(len(pilotSize()))
                        : tr("Drill %1 pilots towards the middle of the bore.").arg(len(pilotSize())),
                    {pilotSize()});
            pilot.tool = bitFor(pilotSize());
            pilot.caution = m_stuff == Stuff::Plastic ? tr("Warm plastic grabs the bit, and hot PVC gives off poisonous fumes.")
                                                      : tr("No gloves or loose sleeves near the drill.");
        }
        for (const Hole& h : all)
            hole(h, group);
        for (const NearNode& n : holesNearNodes(m_spec->nodes, all))
            add("holes", "node " + n.hole.text, group,
                tr("Bind the cane on both sides of %1 before opening the hole: the node next to it splits.", "hole")
                    .arg(QString::fromStdString(n.hole.text)))
                .tool = tr("waxed thread");
        WorkStep& clean = add("clean", "burrs", group, tr("Remove the burrs inside and out and clean the bore."));
        clean.tool = tr("knife, fine abrasive");
        clean.check = tr("A fingertip finds no edge that catches.");
        clean.caution = tr("Cut away from yourself; use a mask and extraction, and no compressed air towards anybody.");
        if (m_asked->goal != nullptr && m_spec->foot == Foot::Open) {
            const Metres left = m_asked->start->length() - m_asked->goal->length();
            if (left.millimetres() > 0.05) {
                WorkStep& foot =
                    add("holes", "foot", group, tr("Leave the foot %1 long: this is kept for tuning.").arg(len(left)), {left});
                foot.alternative =
                    tr("Holes first: each hole lowers the notes below it, and the foot has the wood for that. Foot "
                       "first: saw it as the table of the lowest note says, leave a little, and type the length "
                       "under As built.");
                foot.swapsWith = {"template", "pilot"};
                for (const Hole& h : all)
                    foot.swapsWith.push_back(h.id.text);
            }
        }
    }
    [[nodiscard]] static Metres pilotSize() { return Metres::fromMillimetres(2.0); }
    void hole(const Hole& h, WorkGroup group)
    {
        const QString name = QString::fromStdString(h.id.text) + (h.side == Side::Back ? tr(" (thumb, at the back)") : QString());
        const Metres fromFoot = m_asked->start->length() - h.at;
        const QString bit = bitFor(h.diameter);
        QString words;
        WorkStep* step = nullptr;
        switch (m_stuff) {
        case Stuff::Cane: words = tr("%1: %2 from the foot. Burn or cut to %3 and no further."); break;
        case Stuff::Vegetable: words = tr("%1: %2 from the foot. Bore to %3 and no further."); break;
        default: words = tr("%1: %2 from the foot. Drill to %3 and no further."); break;
        }
        step = &add("holes", h.id.text, group, words.arg(name, len(fromFoot), len(h.diameter)), {fromFoot, h.diameter});
        if (m_stuff == Stuff::Cane) {
            step->tool = has("hot iron") ? tr("hot iron or knife across the fibres") : tr("knife across the fibres");
            step->caution = tr("Burn outdoors or under extraction, with water at hand; cut away from your hand.");
        } else if (m_stuff == Stuff::Vegetable) {
            step->tool = tr("cork borer, with a twist onto a board");
            step->caution = tr("Never towards a hand; children work with an adult.");
        } else if (bit.isEmpty()) {
            step->tool = m_asked->drawer != nullptr && !m_asked->drawer->worksByHand() ? tr("out of reach of this drawer")
                                                                                       : tr("knife or round file");
        } else {
            step->tool = m_stuff == Stuff::Wood ? tr("%1, brad point, over a plug in the bore").arg(bit) : bit;
            step->caution = tr("No gloves or loose sleeves near the drill.");
        }
        if (h.countersink)
            add("groove", "countersink " + h.id.text, group,
                tr("Countersink %1 to %2, %3 deep.").arg(name, len(h.countersink->diameter), len(h.countersink->depth)),
                {h.countersink->diameter, h.countersink->depth})
                .tool = tr("countersink or round file");
    }
    void tuning()
    {
        constexpr WorkGroup group = WorkGroup::Tuning;
        if (!m_spec->fingerings.empty())
            add("listen", "listen", group,
                tr("Play every fingering on Listen, then make one cut at a time as Correct advises, until every note is within "
                   "tolerance."))
                .check = tr("Play again after each round of cuts.");
        if (m_stuff == Stuff::Vegetable) {
            add("finish", "finish", group, tr("No finish: play it today, then compost it."));
            return;
        }
        if (m_stuff == Stuff::Cane) {
            WorkStep& seal = add("finish", "seal", group, tr("Seal both ends: singe them until they darken, or lacquer them."));
            seal.tool = has("hot iron") ? tr("hot iron, or lacquer") : tr("lacquer");
            seal.caution = tr("Burn outdoors or under extraction, with water at hand.");
        }
        WorkStep& f = add("finish", "finish", group,
                          m_stuff == Stuff::Plastic ? tr("Polish the outside; plastic needs no finish.")
                          : m_stuff == Stuff::Horn  ? tr("Polish with fine abrasive, then wax.")
                                                    : tr("Finish as scheduled on Finish, and play every note before and after."));
        if (m_stuff == Stuff::Wood || m_stuff == Stuff::Cane)
            f.caution = tr("Oily rags catch fire by themselves: spread them flat outdoors.");
    }
    const WorkAsked* m_asked;
    const InstrumentSpec* m_spec;
    Stuff m_stuff;
    Head m_head;
    std::vector<WorkStep> m_steps;
};

} // namespace

std::vector<WorkStep> orderOfWork(const WorkAsked& asked)
{
    return Writer(asked).all();
}

QString groupName(WorkGroup group)
{
    switch (group) {
    case WorkGroup::Stock: return tr("Stock");
    case WorkGroup::Bore: return tr("Bore");
    case WorkGroup::Edge: return tr("Sounding edge");
    case WorkGroup::Mouthpiece: return tr("Mouthpiece");
    case WorkGroup::Joints: return tr("Joints");
    case WorkGroup::FirstSound: return tr("First sound");
    case WorkGroup::Holes: return tr("Holes");
    case WorkGroup::Tuning: break;
    }
    return tr("Tuning and finish");
}

QString sketchMark(WorkGroup group)
{
    return QStringLiteral("<!--sketch %1-->").arg(static_cast<int>(group));
}

namespace {

QString titleOf(const InstrumentSpec& spec)
{
    return spec.name.empty() ? familyTitle(spec.family) : QString::fromStdString(spec.name);
}

} // namespace

QString lengthsWords(const InstrumentSpec& spec, LengthUnit unit)
{
    QString words = tr("Overall length %1, sounding length %2.")
                        .arg(length(tenth(overallOf(spec)), unit), length(tenth(spec.bore.back().at), unit));
    const auto parts = partsOf(spec);
    if (parts.size() < 2)
        return words;
    const bool tenons = std::any_of(spec.slides.begin(), spec.slides.end(), [](const Slide& j) { return j.tenon > Metres{}; });
    QStringList lengths;
    for (const Part& p : parts)
        lengths << (p.name == "head"   ? tr("head %1")
                    : p.name == "foot" ? tr("foot %1")
                                       : tr("middle %1"))
                       .arg(length(tenth(tenons ? p.sawn : p.overall), unit));
    return words + QLatin1Char(' ') +
           (tenons ? tr("Parts with their tenons: %1.") : tr("Parts without tenons: %1."))
               .arg(lengths.join(QStringLiteral(", ")));
}

QString benchSheetBody(const InstrumentSpec& spec, const std::vector<WorkStep>& steps, LengthUnit unit)
{
    QString html =
        QStringLiteral("<h1>%1</h1>\n<p>%2 %3</p>\n")
            .arg(titleOf(spec).toHtmlEscaped(), tr("Bench sheet.").toHtmlEscaped(), lengthsWords(spec, unit).toHtmlEscaped());
    std::optional<WorkGroup> group;
    std::set<WorkGroup> drawn;
    for (const WorkStep& s : steps) {
        if (s.group != group) {
            html += QStringLiteral("<h2>%1</h2>\n").arg(groupName(s.group).toHtmlEscaped());
            if (drawn.insert(s.group).second)
                html += sketchMark(s.group) + QLatin1Char('\n');
            group = s.group;
        }
        QStringList more;
        if (!s.tool.isEmpty())
            more << tr("Tool: %1.").arg(s.tool);
        if (!s.check.isEmpty())
            more << tr("Check: %1").arg(s.check);
        if (!s.caution.isEmpty())
            more << tr("Caution: %1").arg(s.caution);
        if (!s.alternative.isEmpty())
            more << s.alternative;
        html += QStringLiteral("<p>[&nbsp;&nbsp;] <b>%1</b><br/>%2</p>\n")
                    .arg(s.text.toHtmlEscaped(), more.join(QLatin1Char(' ')).toHtmlEscaped());
    }
    return html;
}

QString classSheetBody(const InstrumentSpec& spec, const std::vector<WorkStep>& steps, LengthUnit unit)
{
    QString html =
        QStringLiteral("<h1>%1</h1>\n<p>%2 %3</p>\n")
            .arg(titleOf(spec).toHtmlEscaped(), lengthsWords(spec, unit).toHtmlEscaped(),
                 tr("Steps with ADULT are an adult's; children watch from where nothing can reach them.").toHtmlEscaped()) +
        sketchMark(WorkGroup::Holes) + QStringLiteral("\n<table cellspacing=\"0\" cellpadding=\"2\">\n");
    std::optional<WorkGroup> group;
    int number = 0;
    for (const WorkStep& s : steps) {
        if (s.group != group)
            html += QStringLiteral("<tr><td></td><td></td><td><b>%1</b></td></tr>\n").arg(groupName(s.group).toHtmlEscaped());
        group = s.group;
        QStringList words{s.text};
        if (!s.tool.isEmpty())
            words << tr("Tool: %1.").arg(s.tool);
        if (!s.check.isEmpty())
            words << s.check;
        if (!s.caution.isEmpty())
            words << tr("Caution: %1").arg(s.caution);
        html += QStringLiteral("<tr><td>[&nbsp;&nbsp;]</td><td><b>%1</b></td><td>%2. %3</td></tr>\n")
                    .arg(s.adult ? tr("ADULT") : QString())
                    .arg(++number)
                    .arg(words.join(QLatin1Char(' ')).toHtmlEscaped());
    }
    return html + QStringLiteral("</table>\n");
}

} // namespace dowel::text
