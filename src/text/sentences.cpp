// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/sentences.h"

#include "core/base/cases.h"
#include "core/tuning/pitch.h"
#include "text/names.h"
#include "text/tr.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace dowel::text {

namespace {

QString magnitude(double cents)
{
    return number(std::abs(cents), 1);
}

QString flatOrSharp(double cents)
{
    return cents < 0.0 ? tr("%1 cents flat").arg(magnitude(cents)) : tr("%1 cents sharp").arg(magnitude(cents));
}

QString holeText(const Cut& cut)
{
    const auto hole = holeOf(cut);
    return hole ? QString::fromStdString(hole->text) : QString();
}

} // namespace

QString work(const Cut& cut, LengthUnit unit)
{
    return std::visit(
        Cases{[](const Enlarge& c) { return tr("Enlarge %1", "%1 hole").arg(QString::fromStdString(c.hole.text)); },
              [](const Undercut& c) { return tr("Undercut %1", "%1 hole").arg(QString::fromStdString(c.hole.text)); },
              [](const TrimFoot&) { return tr("Trim the foot"); },
              [](const Deepen&) { return tr("Bore deeper"); },
              [](const PushPlug&) { return tr("Push in a plug"); },
              [](const PutOnFoot& c) {
                  return c.piece ? tr("Put a bell, funnel or ring on the foot") : tr("Remove the foot piece");
              },
              [unit](const Ream& c) {
                  return tr("Ream the bore from %1 to %2", "places").arg(roughPlace(c.from, unit), roughPlace(c.to, unit));
              },
              [unit](const ReamTaper& c) {
                  return tr("Ream the bore to a taper from %1 to %2", "places")
                      .arg(roughPlace(c.from, unit), roughPlace(c.to, unit));
              },
              [](const Sink& c) { return tr("Countersink %1", "%1 hole").arg(QString::fromStdString(c.hole.text)); },
              [](const Groove& c) { return tr("Thin the wall under %1", "%1 hole").arg(QString::fromStdString(c.hole.text)); },
              [](const OpenWindway&) { return tr("Make the windway higher"); },
              [](const Chamfer&) { return tr("Chamfer the windway"); },
              [](const CutLip&) { return tr("Cut the lip to a longer ramp"); },
              [](const ChangeStopper&) { return tr("Put in another stopper"); },
              [](const SetSlide&) { return tr("Set the slide"); },
              [](const MoveStopper&) { return tr("Move the stopper"); },
              [](const MoveSlide&) { return tr("Draw the joint out or in"); },
              [](const MoveBlock&) { return tr("Move the block"); },
              [](const Smooth&) { return tr("Smooth the bore from the foot"); },
              [](const Lacquer&) { return tr("Lacquer the bore"); },
              [](const CutUp&) { return tr("Lengthen the window"); },
              [](const OpenEmbouchure&) { return tr("Enlarge the embouchure hole"); },
              [](const UndercutEmbouchure&) { return tr("Undercut the embouchure hole"); },
              [](const Fill& c) {
                  return tr("Fill %1", "%1 hole").arg(QString::fromStdString(c.hole.text));
              }},
        cut);
}

namespace {

/// What opens a hole by hand where no drawer says what there is. Common practice, no source.
QString openingByHand(const std::string& material)
{
    if (material == "cane")
        return tr("hot iron, or a knife led in from the side");
    if (material == "plastic")
        return tr("round file, no heat");
    if (material == "horn")
        return tr("round file");
    if (material == "vegetable")
        return tr("cork borer or knife");
    if (material == "straw")
        return tr("round-tipped scissors");
    return tr("round file or knife");
}

} // namespace

QString tool(const AdviceStep& step, LengthUnit unit, const BitDrawer* drawer, const std::string& material)
{
    if (step.bit) {
        const Bit* marked = drawer != nullptr ? drawer->bitOf(*step.bit) : nullptr;
        return tr("%1 bit", "drill of a size")
            .arg(marked != nullptr ? QString::fromStdString(marked->name) : length(*step.bit, unit));
    }
    const auto opening = [&] {
        const std::string_view there = drawer != nullptr ? openingTool(*drawer, material) : std::string_view();
        for (const auto& [word, name] : handTools())
            if (!there.empty() && word == there)
                return name;
        return openingByHand(material);
    };
    return std::visit(Cases{[&](const Enlarge&) { return opening(); },
                            [&](const TrimFoot& c) {
                                constexpr double sawFrom_mm = 2.0;
                                return (step.from - c.length).millimetres() > sawFrom_mm ? tr("fine saw, then file")
                                                                                         : tr("flat file");
                            },
                            [](const Deepen&) { return tr("bit of the bore, with a stop at its depth"); },
                            [](const CutUp&) { return tr("knife, at the lip's edge"); },
                            [](const OpenEmbouchure&) { return tr("round file, at both ends alike"); },
                            [](const UndercutEmbouchure&) { return tr("small knife or undercutter, from inside"); },
                            [](const MoveStopper&) { return tr("push rod with a mark"); },
                            [](const Undercut&) { return tr("small knife or undercutter, from inside"); },
                            [](const Fill&) { return tr("wax, pressed in from outside"); },
                            [](const PushPlug&) { return tr("push rod with a mark"); },
                            [](const PutOnFoot&) { return tr("by hand"); },
                            [](const Sink&) { return tr("countersink or round file"); },
                            [](const Groove&) { return tr("half-round file"); },
                            [](const OpenWindway&) { return tr("flat file, thin"); },
                            [](const Chamfer&) { return tr("fine file or knife"); },
                            [](const CutLip&) { return tr("sharp chisel or flat file, towards the edge"); },
                            [](const ChangeStopper&) { return tr("push rod with a mark"); },
                            [](const SetSlide&) { return tr("rule along the rod"); },
                            [](const MoveSlide&) { return tr("by hand"); },
                            [](const MoveBlock&) { return tr("push rod with a mark"); },
                            [](const Smooth&) { return tr("abrasive on a long rod, turned by hand"); },
                            [](const Lacquer&) { return tr("swab on a rod, thin coats"); },
                            [](const ReamTaper&) { return tr("reamer, turned by hand with a stop at its depth"); },
                            [](const Ream&) {
                                return tr("scraper on a rod, or abrasive round a dowel; stops for both ends of the stretch");
                            }},
                      step.cut);
}

namespace {

/// Of a reamed stretch: which note it flattens most and which it sharpens most; empty where it does one of both only, and of any
/// other work.
QString movedApart(const AdviceStep& step)
{
    const auto moved = [](const NoteForecast& f) {
        return f.after.cents() - f.now.cents();
    };
    const auto [flattest, sharpest] =
        std::minmax_element(step.forecast.begin(), step.forecast.end(),
                            [&](const NoteForecast& a, const NoteForecast& b) { return moved(a) < moved(b); });
    constexpr double little_cents = 0.5;
    if (!std::holds_alternative<Ream>(step.cut) || step.forecast.empty() || moved(*flattest) > -little_cents ||
        moved(*sharpest) < little_cents)
        return {};
    return tr("Reaming here makes %1 %2 cents flatter and %3 %4 cents sharper.", "notes, by how much")
        .arg(noteName(flattest->fingering.text), number(-moved(*flattest), 0), noteName(sharpest->fingering.text),
             number(moved(*sharpest), 0));
}

} // namespace

QString why(const AdviceStep& step, LengthUnit unit)
{
    const auto sentence = std::visit(
        Cases{
            [](const Undercut&) { return tr("%1 is %2; undercutting this hole moves that note most.", "note, how far off"); },
            [](const TrimFoot&) { return tr("%1 is %2; the foot moves that note most.", "note, how far off"); },
            [](const Deepen&) {
                return tr("%1 is %2; a deeper bore lowers the pitch. A plug can raise it again.", "note, how far off");
            },
            [](const ReamTaper&) { return tr("%1 is %2; a wider bore there moves that note.", "note, how far off"); },
            [](const Ream&) {
                return tr("%1 is %2; reaming here moves that note most and changes the registers differently.",
                          "note, how far off");
            },
            [](const MoveStopper&) {
                return tr("%1 is %2; the stopper moves that note most and can be moved back.", "note, how far off");
            },
            [](const CutUp&) {
                return tr("%1 is %2; the window moves every note, so it comes before the holes.", "note, how far off");
            },
            [](const OpenEmbouchure&) {
                return tr("%1 is %2; the embouchure hole moves every note, so it comes before the holes.", "note, how far off");
            },
            [](const UndercutEmbouchure&) {
                return tr("%1 is %2; the embouchure hole moves every note, so it comes before the holes.", "note, how far off");
            },
            [](const PushPlug&) {
                return tr("%1 is %2; a plug raises the pitch and can be drawn out again.", "note, how far off");
            },
            [](const PutOnFoot&) { return tr("%1 is %2; what is on the foot moves that note most.", "note, how far off"); },
            [](const Enlarge&) { return tr("%1 is %2; this hole moves that note most.", "note, how far off"); },
            [](const Sink&) { return tr("%1 is %2; this hole moves that note most.", "note, how far off"); },
            [](const Groove&) { return tr("%1 is %2; this hole moves that note most.", "note, how far off"); },
            [](const OpenWindway&) { return tr("%1 is %2; the windway gives that note more breath.", "note, how far off"); },
            [](const MoveSlide&) {
                return tr("%1 is %2; the joint moves every note and goes back as easily.", "note, how far off");
            },
            [](const MoveBlock&) {
                return tr("%1 is %2; the block moves every note and can be pushed back.", "note, how far off");
            },
            [](const Smooth&) { return tr("%1 is %2; a smooth bore sounds a little sharper and louder.", "note, how far off"); },
            [](const Lacquer&) {
                return tr("%1 is %2; a coat inside makes the bore smooth and a little narrower.", "note, how far off");
            },
            [](const Chamfer&) { return tr("%1 is %2; the windway's edges change how that note speaks.", "note, how far off"); },
            [](const CutLip&) { return tr("%1 is %2; a thinner lip changes how that note speaks.", "note, how far off"); },
            [](const SetSlide&) { return tr("%1 is %2; the slide's face moves that note.", "note, how far off"); },
            [](const ChangeStopper&) { return tr("%1 is %2; the stopper's face moves every note.", "note, how far off"); },
            [](const Fill&) {
                return tr("%1 is %2; this hole moves that note most.", "note, how far off");
            }},
        step.cut);
    QString s = sentence.arg(noteName(step.reason.note.text), flatOrSharp(step.reason.now.cents()));
    if (const QString apart = movedApart(step); !apart.isEmpty())
        s = apart;
    if (step.reason.guarded)
        s += QLatin1Char(' ') + tr("The final size will probably be near %1; going further now could overshoot.", "%1 size")
                                    .arg(length(step.reason.goal, unit));
    return s;
}

QString chance(double chance)
{
    constexpr double sure = 0.985;
    constexpr double never = 0.015;
    if (chance >= sure)
        return tr("99 %");
    if (chance <= never)
        return tr("at most 1 %");
    const long n = std::clamp(std::lround(chance * 20.0), 1L, 19L);
    return tr("%1 %", "a chance").arg(n * 5);
}

QString risk(const AdviceStep& step)
{
    return step.chanceSpoiled ? tr("%1 sure that no note goes sharp for good.", "a chance").arg(chance(1.0 - *step.chanceSpoiled))
                              : QString();
}

QString sure(const Advice& advice)
{
    const QString how =
        tr("%1 sure that every note is within tolerance.", "a chance").arg(chance(advice.chanceAllWithin.value_or(0.0)));
    if (advice.wouldSettle.empty())
        return how;
    QStringList notes;
    for (const auto& id : advice.wouldSettle)
        notes << noteName(id.text);
    return how + QLatin1Char(' ') + tr("Playing %1 again would settle most.", "notes").arg(notes.join(QStringLiteral(", ")));
}

QString whyListen(const Advice& advice, bool untouched)
{
    if (!advice.chanceAllWithin)
        return untouched ? tr("Advice starts once every fingering has been heard.")
                         : tr("Advice continues once every fingering has been heard.");
    constexpr double likely = 0.1;
    if (*advice.chanceAllWithin > likely)
        return tr("These notes decide the next step; %1 sure that every note is in tolerance already.", "a chance")
            .arg(chance(*advice.chanceAllWithin));
    return tr("Cuts since the last session have moved these notes, so play them before the next cut.");
}

QString left(const UnreachedNote& l)
{
    const QString note = tr("%1 stays %2", "note, how far").arg(noteName(l.fingering.text), flatOrSharp(l.off.cents()));
    switch (l.why) {
    case UnreachedNote::Why::SharpAlready:
        return tr("%1: removing wood cannot lower the note; another fingering or a narrower hole can.").arg(note);
    case UnreachedNote::Why::HoleAtLimit: return tr("%1: the hole has reached its limit.").arg(note);
    case UnreachedNote::Why::FootAtLimit: return tr("%1: the tube has reached its shortest length.").arg(note);
    case UnreachedNote::Why::TooDeep: return tr("%1: the bore is too deep; pushing in a plug raises the note.").arg(note);
    case UnreachedNote::Why::DepthAtLimit: return tr("%1: the bore has reached its deepest point.").arg(note);
    case UnreachedNote::Why::Compromise:
        return tr("%1: the best compromise with neighbouring notes and the other register.").arg(note);
    case UnreachedNote::Why::OutOfLine:
        return tr("%1: repeatedly inconsistent with the other notes, so not used for cuts.").arg(note);
    }
    return note;
}

QString lastResort(const std::vector<Cut>& fills, LengthUnit unit)
{
    if (fills.empty())
        return {};
    QStringList sizes;
    for (const Cut& f : fills)
        sizes << tr("%1 to %2", "hole, size").arg(holeText(f), length(wantedSize(f), unit));
    return tr("As a last resort, partly fill holes: %1. Try wax first, which can be removed, and listen before filling for good.")
        .arg(sizes.join(QStringLiteral(", ")));
}

QString strategy(const TuningStrategy& s)
{
    QStringList words{s.footFirst ? tr("foot first") : tr("holes first"), s.oneSize ? tr("one hole size") : tr("graded"),
                      s.lowRegister ? tr("first register priority") : tr("all registers")};
    if (s.evenTimbre > 0.0)
        words << tr("even timbre %1 %").arg(std::lround(100.0 * s.evenTimbre));
    if (s.effort != Effort::Usual)
        words << (s.effort == Effort::Quick ? tr("few rounds") : tr("as good as possible"));
    return words.join(QStringLiteral(", "));
}

QString contradiction(const Contradiction& c, LengthUnit unit)
{
    switch (c.kind) {
    case Contradiction::Kind::Hole:
        return (c.amount > 0.0
                    ? tr("The readings do not fit the measures: %1 behaves as if it were %2 larger. Measure it again and write "
                         "down what the calipers say, even if it is the same; look for a leak or a chip, and check that the "
                         "fingerings were the ones asked for.",
                         "hole, length")
                    : tr("The readings do not fit the measures: %1 behaves as if it were %2 smaller. Measure it again and write "
                         "down what the calipers say, even if it is the same; look for a leak or a chip, and check that the "
                         "fingerings were the ones asked for.",
                         "hole, length"))
            .arg(QString::fromStdString(c.what), length(hundredths(Metres::fromMillimetres(std::abs(c.amount))), unit));
    case Contradiction::Kind::Temperature:
        return (c.amount > 0.0 ? tr("The readings do not fit the measures: all notes together would need air %1 warmer than can "
                                    "be. Check the room temperature and its degrees, the tube's length and the bore.",
                                    "degrees")
                               : tr("The readings do not fit the measures: all notes together would need air %1 colder than can "
                                    "be. Check the room temperature and its degrees, the tube's length and the bore.",
                                    "degrees"))
            .arg(warmerBy(std::round(std::abs(c.amount))));
    case Contradiction::Kind::Swapped:
        return tr("%1 and %2 sound like each other's fingering: their readings were probably swapped. Set both aside and hear "
                  "them again.")
            .arg(noteName(c.what), noteName(c.with));
    case Contradiction::Kind::Unsettled:
        return tr("No one explanation fits all readings, so no cut can be trusted. %1 fits worst: set it aside, hear every note "
                  "again, and check the measures.")
            .arg(noteName(c.what));
    case Contradiction::Kind::Reading: break;
    }
    return tr("The reading of %1 fits none of the others. Hear it again and check the fingering.").arg(noteName(c.what));
}

QString caution(const AdviceStep& step)
{
    if (step.bit)
        return tr("Clamp the tube, wear eye protection, no gloves or loose sleeves near the drill; follow your shop's rules.");
    const auto blade = [] {
        return tr("Cut away from yourself, small strokes; keep the dust out of your lungs.");
    };
    const auto pushed = [] {
        return tr("Push, do not hammer: a tight stopper can split the head.");
    };
    return std::visit(
        Cases{[&](const Enlarge&) { return blade(); },
              [&](const Undercut&) { return blade(); },
              [&](const CutUp&) { return blade(); },
              [&](const OpenEmbouchure&) { return blade(); },
              [&](const UndercutEmbouchure&) { return blade(); },
              [&](const Ream&) { return blade(); },
              [&](const ReamTaper&) { return blade(); },
              [&](const Sink&) { return blade(); },
              [&](const Groove&) { return blade(); },
              [&](const OpenWindway&) { return blade(); },
              [&](const Chamfer&) { return blade(); },
              [&](const CutLip&) { return blade(); },
              [&](const ChangeStopper&) { return pushed(); },
              [](const TrimFoot&) { return tr("Cut away from yourself; keep the dust out of your lungs."); },
              [](const Deepen&) {
                  return tr("Know how much wood is left below the bit. Clamp the pipe, no gloves near the bit; draw it out often "
                            "to clear the chips, and blow none into your eyes.");
              },
              [&](const MoveStopper&) { return pushed(); },
              [&](const PushPlug&) { return pushed(); },
              [&](const MoveBlock&) { return pushed(); },
              [](const SetSlide&) { return tr("Turn it while you draw; a dry cork tears."); },
              [](const MoveSlide&) { return tr("Turn it while you draw; a dry cork tears."); },
              [](const Smooth&) {
                  return tr("Turn the rod by hand: in a drill it jams in the bore. Keep the dust out of your lungs.");
              },
              [](const Lacquer&) {
                  return tr("Only what is safe in the mouth when cured; air the room, and keep flames away until it is dry.");
              },
              [](const Fill&) { return tr("Warm the wax, not the wood; keep flames and hot tools away from shavings."); },
              [](const PutOnFoot&) {
                  return QString();
              }},
        step.cut);
}

int cutsOfWood(const Workbook& book)
{
    const auto cuts = book.cuts();
    return static_cast<int>(std::count_if(cuts.begin(), cuts.end(), [](const Entry* e) {
        const Cut& cut = std::get<CutEntry>(e->body).cut;
        return !std::holds_alternative<PutOnFoot>(cut) && !factsOf(cut).standsElsewhere;
    }));
}

QString leftOut(const std::vector<FingeringId>& fingerings)
{
    QStringList names;
    for (const FingeringId& id : fingerings)
        names << noteName(id.text);
    return tr("Older readings not used, since the instrument as it was then could not be worked out for them: %1.", "notes")
        .arg(names.join(QStringLiteral(", ")));
}

QString readAloud(const ReadingEntry& reading, const Fingering& fingering)
{
    const Cents error = reading.note ? errorAsPlayed(*reading.note) : reading.sd;
    return tr("%1: %2, give or take %3", "note, cents flat or sharp, error")
        .arg(noteName(fingering.id.text), flatOrSharp(centsBetween(reading.pitch, fingering.target).cents()),
             number(std::max(0.1, error.cents()), 1));
}

namespace {

QString amendLine(const AmendEntry& a, LengthUnit unit)
{
    QStringList words;
    if (a.name)
        words << tr("Renamed %1", "name").arg(QString::fromStdString(*a.name));
    if (a.wanted)
        words << tr("New target: A4 %1 Hz, played at %2, %n fingering(s)", "hertz, temperature",
                    static_cast<int>(a.wanted->fingerings.size()))
                     .arg(number(a.wanted->tuning.a4.hertz(), 1), temperature(a.wanted->tuning.playedAt));
    if (a.there)
        words << tr("Measured again: bore, sounding edge, wall or holes");
    if (a.tools)
        words << tr("Tools: %n bit(s), file or knife in steps of %1", nullptr, static_cast<int>(a.tools->bits.size()))
                     .arg(length(a.tools->step, unit));
    if (a.limits)
        words << tr("New limits for holes and foot");
    if (a.material)
        words << tr("Material: %1", "material").arg(QString::fromStdString(*a.material));
    if (a.nodes)
        words << tr("%n node(s)", nullptr, static_cast<int>(a.nodes->size()));
    return words.join(QStringLiteral("; "));
}

} // namespace

namespace {

QString cutLine(const CutEntry& c, LengthUnit unit)
{
    if (const auto* foot = std::get_if<PutOnFoot>(&c.cut))
        return foot->piece ? tr("%1: %2 long, mouth %3", "work, length, width")
                                 .arg(work(c.cut, unit), length(foot->piece->length, unit), length(foot->piece->mouth, unit))
                           : work(c.cut, unit);
    const QString done =
        tr("%1: %2 to %3", "work, from, to").arg(work(c.cut, unit), length(c.from, unit), length(wantedSize(c.cut), unit));
    return c.advised ? tr("%1 (advised %2)").arg(done, length(*c.advised, unit)) : done;
}

QString adviceLine(const Advice& a, LengthUnit unit)
{
    switch (a.state) {
    case AdviceState::Measure: return tr("Advice: listen to %n fingering(s)", nullptr, static_cast<int>(a.fingerings.size()));
    case AdviceState::MakeCut:
        return tr("Advice: %1 to %2").arg(work(a.steps.front().cut, unit), length(wantedSize(a.steps.front().cut), unit));
    case AdviceState::Finished: return tr("Advice: done, %1 of %2 notes within tolerance").arg(a.withinTolerance).arg(a.of);
    case AdviceState::Stop: break;
    }
    return a.contradiction ? contradiction(*a.contradiction, unit) : tr("Advice: stop");
}

QString patternLine(const PatternEntry& p)
{
    if (p.alike)
        return tr("Timbre reference: note %1").arg(noteName(p.alike->text));
    return p.notes.empty() ? tr("Timbre reference removed")
                           : tr("Timbre reference: %1", "an instrument's name").arg(QString::fromStdString(p.from));
}

QString builtLine(const BuiltEntry& b, LengthUnit unit)
{
    QStringList sizes;
    for (const Hole& h : b.built.spec().holes)
        sizes << tr("%1 %2", "hole, size").arg(QString::fromStdString(h.id.text), lengthNumber(h.diameter, unit));
    return tr("As built: %1 long; %2", "length, holes with their sizes")
        .arg(length(b.built.length(), unit), sizes.isEmpty() ? tr("no holes") : sizes.join(QStringLiteral(", ")));
}

QString asideLine(const SetAsideEntry& s, const Workbook& book)
{
    if (const Entry* target = book.entry(s.entry))
        if (const auto* undone = std::get_if<SetAsideEntry>(&target->body))
            return tr("Redone: entry %1").arg(undone->entry.number);
    return tr("Set aside entry %1: %2").arg(s.entry.number).arg(QString::fromStdString(s.why));
}

} // namespace

QString logLine(const Entry& entry, const Workbook& book, LengthUnit unit)
{
    return std::visit(
        Cases{[&](const ReadingEntry& r) {
                  const Fingering* f = book.specified().find(r.fingering);
                  const double off = f == nullptr ? 0.0 : centsBetween(r.pitch, f->target).cents();
                  return tr("Heard %1: %2 Hz, %3 cents, room %4", "note, hertz, cents, temperature")
                      .arg(noteName(r.fingering.text), number(r.pitch.hertz(), 2), cents(off), temperature(r.air));
              },
              [&](const CutEntry& c) { return cutLine(c, unit); }, [&](const Advice& a) { return adviceLine(a, unit); },
              [](const StrategyEntry& s) { return tr("Tuning strategy: %1").arg(strategy(s.strategy)); },
              [&](const AmendEntry& a) { return amendLine(a, unit); },
              [](const PhotoEntry& p) {
                  return p.words.empty() ? tr("Photograph") : tr("Photograph: %1").arg(QString::fromStdString(p.words));
              },
              [](const PatternEntry& p) { return patternLine(p); },
              [](const FinishEntry&) { return tr("Finish schedule saved"); }, [](const PlanEntry&) { return tr("Design saved"); },
              [&](const BuiltEntry& b) { return builtLine(b, unit); },
              [&](const MeasureEntry& m) {
                  return m.hole ? tr("Measured again: %1 is %2").arg(QString::fromStdString(m.hole->text), length(m.size, unit))
                                : tr("Measured again: the tube is %1 long").arg(length(m.size, unit));
              },
              [](const NoteEntry& n) { return QString::fromStdString(n.text); },
              [&](const SetAsideEntry& s) { return asideLine(s, book); },
              [](const PracticeEntry&) {
                  return tr("Practice blank: the simulated player blows it");
              }},
        entry.body);
}

} // namespace dowel::text
