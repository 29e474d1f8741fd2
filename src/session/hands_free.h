// SPDX-License-Identifier: GPL-3.0-or-later
// Listening without hands: sound goes in, and comes out as "this is the note that was asked for, and it has been steady for
// a second: here is the take", or as what else is heard. Knows nothing of devices or windows.
#pragma once

#include "core/hearing/live.h"
#include "core/hearing/room.h"
#include "core/record/workbook.h"

#include <optional>
#include <vector>

namespace dowel::session {

/// A fingering and where it is expected to sound.
struct Candidate
{
    FingeringId id;
    Hertz pitch;
    std::size_t holes = 0; ///< the same number for fingerings that close the same holes
};
struct Expected
{
    std::vector<Candidate> candidates;
    Cents window;       ///< how far off is still this note
    bool known = false; ///< the instrument's common shift has been heard; the nearest candidate decides then
};
/// Errors: OutOfModelRange.
[[nodiscard]] Result<Expected> expectedOf(const Workbook& book, Temperature room);

enum class Ear {
    Counting,  ///< beats are counted until the note is wanted; nothing is taken before
    Quiet,     ///< nothing above the room
    Noise,     ///< loud enough, but no tone
    Near,      ///< the asked note, settling
    Taken,     ///< it has just been taken, and sounds on
    Wrong,     ///< a steady tone that is another fingering's, or nobody's
    Overblown, ///< the asked holes in another register
};

struct Heard
{
    Ear ear = Ear::Quiet;
    double level_dB = -120.0;
    double pitch_Hz = 0.0;
    double cents = 0.0;               ///< from where the asked fingering is expected
    double steady = 0.0;              ///< share of what is needed, 0 to 1
    std::optional<FingeringId> other; ///< whose pitch it is, where not the asked one's
    bool clipped = false;
    double room_dB = -120.0; ///< the quietest that has been heard
    int beatsLeft = 0;       ///< while counting
};

class HandsFree
{
public:
    HandsFree(double rate_Hz, Expected expected);

    /// The next fingering; a tone that still sounds from before must end first.
    void ask(const FingeringId& fingering);
    /// Beats that are counted before a fingering that is asked from now on, each of this length; none: it is waited for at once.
    void countIn(int beats, Seconds each);
    void expect(Expected expected) { m_expected = std::move(expected); }
    /// Allocates nothing but where a take is complete.
    void feed(std::span<const float> samples);
    [[nodiscard]] const Heard& heard() const { return m_heard; }
    /// Values since the last call, for drawing; at most some seconds.
    [[nodiscard]] std::vector<hearing::LiveValue> trace();
    /// A take of the asked fingering; each is given once.
    [[nodiscard]] std::optional<Samples> taken();
    /// What the room sounds like, once a quiet second has been heard; given once.
    [[nodiscard]] std::optional<hearing::RoomNoise> room();
    /// The steady part of an overblown or wrong note that has lasted, to be kept as the fingering that it is.
    [[nodiscard]] std::optional<Samples> offered() const;
    [[nodiscard]] double rate() const { return m_ear.rate(); }

private:
    void follow(const hearing::LiveValue& value);
    void judge();
    [[nodiscard]] bool counting();
    [[nodiscard]] const Candidate* nearest(double pitch_Hz) const;
    [[nodiscard]] const Candidate* asked() const;

    hearing::LiveEar m_ear;
    Expected m_expected;
    std::optional<FingeringId> m_asked;
    Heard m_heard;
    std::vector<hearing::LiveValue> m_trace;
    std::optional<Samples> m_taken;
    double m_reference_Hz = 0.0; ///< of the tone that goes on
    double m_since_s = 0.0;
    double m_noiseSince_s = -1.0;
    int m_misses = 0;
    double m_quietSince_s = 0.0;
    bool m_roomTold = false;
    bool m_sounding = false;
    bool m_waitForEnd = false;
    int m_beats = 0;
    double m_beat_s = 1.0;
    bool m_toCount = false;
    std::optional<double> m_countedSince_s{}; ///< once the tone before has ended
};

} // namespace dowel::session
