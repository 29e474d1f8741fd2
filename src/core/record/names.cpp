// SPDX-License-Identifier: GPL-3.0-or-later
// The words that records have for what is one of a few.
#include "core/base/names.h"
#include "core/record/advice.h"
#include "core/record/entries/reading.h"
#include "core/record/strategy.h"

namespace dowel {

namespace {

constexpr Names<AdviceState, 4> states{{{AdviceState::Measure, "measure"},
                                        {AdviceState::MakeCut, "cut"},
                                        {AdviceState::Finished, "done"},
                                        {AdviceState::Stop, "stop"}}};
constexpr Names<UnreachedNote::Why, 7> leftovers{{{UnreachedNote::Why::SharpAlready, "sharp_already"},
                                                  {UnreachedNote::Why::HoleAtLimit, "hole_at_limit"},
                                                  {UnreachedNote::Why::FootAtLimit, "foot_at_limit"},
                                                  {UnreachedNote::Why::Compromise, "compromise"},
                                                  {UnreachedNote::Why::OutOfLine, "out_of_line"},
                                                  {UnreachedNote::Why::TooDeep, "too_deep"},
                                                  {UnreachedNote::Why::DepthAtLimit, "depth_at_limit"}}};
constexpr Names<Contradiction::Kind, 5> contradictions{{{Contradiction::Kind::Hole, "hole"},
                                                        {Contradiction::Kind::Temperature, "temperature"},
                                                        {Contradiction::Kind::Reading, "reading"},
                                                        {Contradiction::Kind::Swapped, "swapped"},
                                                        {Contradiction::Kind::Unsettled, "unsettled"}}};
constexpr Names<Effort, 3> efforts{{{Effort::Usual, "usual"}, {Effort::Quick, "quick"}, {Effort::Best, "best"}}};
constexpr Names<ReadingSource, 4> sources{{{ReadingSource::Player, "player"},
                                           {ReadingSource::File, "file"},
                                           {ReadingSource::Microphone, "microphone"},
                                           {ReadingSource::Numbers, "numbers"}}};

} // namespace

std::string_view effortName(Effort effort)
{
    return nameIn(efforts, effort);
}
std::optional<Effort> effortFromName(std::string_view name)
{
    return valueIn(efforts, name);
}
std::string_view stateName(AdviceState state)
{
    return nameIn(states, state);
}
std::optional<AdviceState> stateFromName(std::string_view name)
{
    return valueIn(states, name);
}
std::string_view leftName(UnreachedNote::Why why)
{
    return nameIn(leftovers, why);
}
std::optional<UnreachedNote::Why> leftFromName(std::string_view name)
{
    return valueIn(leftovers, name);
}
std::string_view kindName(Contradiction::Kind kind)
{
    return nameIn(contradictions, kind);
}
std::optional<Contradiction::Kind> contradictionFromName(std::string_view name)
{
    return valueIn(contradictions, name);
}
std::string_view sourceName(ReadingSource source)
{
    return nameIn(sources, source);
}
std::optional<ReadingSource> sourceFromName(std::string_view name)
{
    return valueIn(sources, name);
}

} // namespace dowel
