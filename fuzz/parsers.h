// SPDX-License-Identifier: GPL-3.0-or-later
// Everything that reads what comes from outside, each as one function of bytes. None may crash, hang or ask for much memory,
// whatever the bytes are; what was read and can be written down must be read back as the same. Used by the fuzzers and by
// the test that runs the seeds and every find again.
#pragma once

#include <string_view>

namespace dowel::fuzzing {

struct Parser
{
    const char* name;
    void (*read)(std::string_view bytes);
};

void spec(std::string_view bytes);     ///< a specification
void session(std::string_view bytes);  ///< readings made elsewhere
void step(std::string_view bytes);     ///< work done
void entry(std::string_view bytes);    ///< an entry of the record: its kind, a line break, its body
void blank(std::string_view bytes);    ///< a blank to be laid out
void plan(std::string_view bytes);     ///< what the window keeps of a plan
void finish(std::string_view bytes);   ///< the works of a finish with their days
void scale(std::string_view bytes);    ///< a temperament in a text file
void audio(std::string_view bytes);    ///< WAV, FLAC and what else is sound
void workbook(std::string_view bytes); ///< a workbook's file

inline constexpr Parser parsers[] = {{"spec", spec},   {"session", session},  {"step", step},     {"entry", entry},
                                     {"blank", blank}, {"plan", plan},        {"finish", finish}, {"scale", scale},
                                     {"audio", audio}, {"workbook", workbook}};

} // namespace dowel::fuzzing
