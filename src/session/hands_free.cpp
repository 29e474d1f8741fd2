// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/hands_free.h"

#include "core/base/ratio.h"
#include "session/expectation.h"

#include <algorithm>
#include <cmath>

namespace dowel::session {

namespace {

constexpr double needed_s = 1.25; // an attack and a steady second
constexpr double told_s = 0.30;   // before anything is said of a tone
constexpr double before_s = 0.15; // of a take, so that the attack is on it
constexpr double noise_s = 0.7;
constexpr double clearEnough = 0.55;
constexpr double samePitch_cents = 45.0;
constexpr int mostMisses = 4;
constexpr double aboveRoom_dB = 12.0;
constexpr std::size_t traceKept = 512;

} // namespace

Result<Expected> expectedOf(const Workbook& book, Temperature room)
{
    const auto all = DOWEL_TRY(expectations(book, room));
    Expected e;
    const auto& fingerings = book.present().spec().fingerings;
    for (std::size_t i = 0; i < fingerings.size(); ++i) {
        std::size_t holes = i;
        for (std::size_t k = 0; k < i; ++k)
            if (fingerings[k].closed == fingerings[i].closed && fingerings[k].half == fingerings[i].half)
                holes = std::min(holes, k);
        e.candidates.push_back({fingerings[i].id, all[i].pitch, holes});
        e.window = all[i].window;
    }
    e.known = !book.readings().empty();
    return e;
}

HandsFree::HandsFree(double rate_Hz, Expected expected) : m_ear(rate_Hz), m_expected(std::move(expected))
{
    m_trace.reserve(traceKept);
    m_heard.room_dB = -40.0;
}

void HandsFree::ask(const FingeringId& fingering)
{
    m_asked = fingering;
    m_waitForEnd = m_sounding;
    m_heard.steady = 0.0;
    m_toCount = m_beats > 0;
    m_countedSince_s.reset();
}

void HandsFree::countIn(int beats, Seconds each)
{
    m_beats = beats;
    m_beat_s = each.seconds();
}

bool HandsFree::counting()
{
    if (!m_toCount)
        return false;
    const double now = m_ear.now();
    if (!m_countedSince_s)
        m_countedSince_s = now;
    const double counted = now - *m_countedSince_s;
    m_heard.beatsLeft = m_beats - static_cast<int>(counted / m_beat_s);
    if (m_heard.beatsLeft > 0)
        return true;
    m_toCount = false;
    m_heard.beatsLeft = 0;
    m_since_s = std::max(m_since_s, now); // who began with the last beat is heard from here
    return false;
}

const Candidate* HandsFree::asked() const
{
    for (const Candidate& c : m_expected.candidates)
        if (m_asked && c.id == *m_asked)
            return &c;
    return nullptr;
}

const Candidate* HandsFree::nearest(double pitch_Hz) const
{
    const Candidate* best = nullptr;
    for (const Candidate& c : m_expected.candidates)
        if (best == nullptr ||
            std::abs(centsOver(pitch_Hz, c.pitch.hertz())) < std::abs(centsOver(pitch_Hz, best->pitch.hertz())))
            best = &c;
    return best;
}

void HandsFree::feed(std::span<const float> samples)
{
    m_ear.feed(samples);
    hearing::LiveValue v;
    while (m_ear.fetch(v))
        follow(v);
}

void HandsFree::follow(const hearing::LiveValue& v)
{
    if (m_trace.size() == traceKept)
        m_trace.erase(m_trace.begin());
    m_trace.push_back(v);
    m_heard.level_dB = v.level_dB;
    m_heard.clipped = v.clipped;
    // The room is the quietest there was, forgotten slowly: a decibel in ten seconds.
    m_heard.room_dB = std::min(m_heard.room_dB + 0.002, std::max(-90.0, v.level_dB));
    const bool loud = v.level_dB > m_heard.room_dB + aboveRoom_dB;
    const bool tone = loud && v.clarity >= clearEnough && v.pitch_Hz > 0.0;
    if (tone && m_sounding && std::abs(centsOver(v.pitch_Hz, m_reference_Hz)) < samePitch_cents) {
        m_reference_Hz *= std::exp2(0.2 * centsOver(v.pitch_Hz, m_reference_Hz) / 1200.0);
        m_misses = 0;
    } else if (m_sounding && ++m_misses > mostMisses) {
        m_sounding = false;
        m_waitForEnd = false;
    }
    if (!m_sounding && tone) {
        m_sounding = true;
        m_reference_Hz = v.pitch_Hz;
        m_since_s = v.at_s;
        m_misses = 0;
    }
    if (loud && !tone && !m_sounding) {
        if (m_noiseSince_s < 0.0)
            m_noiseSince_s = v.at_s;
    } else {
        m_noiseSince_s = -1.0;
    }
    if (m_sounding || tone)
        m_quietSince_s = m_ear.now();
    m_heard.pitch_Hz = m_sounding ? m_reference_Hz : 0.0;
    judge();
}

void HandsFree::judge()
{
    const double now = m_ear.now();
    m_heard.other.reset();
    if (m_waitForEnd) {
        m_heard.ear = Ear::Taken;
        m_heard.steady = 1.0;
        return;
    }
    m_heard.steady = 0.0;
    if (counting()) {
        m_heard.ear = Ear::Counting;
        return;
    }
    if (!m_sounding) {
        m_heard.ear = m_noiseSince_s >= 0.0 && now - m_noiseSince_s > noise_s ? Ear::Noise : Ear::Quiet;
        return;
    }
    const Candidate* wanted = asked();
    if (wanted == nullptr || m_expected.candidates.empty())
        return;
    m_heard.cents = centsOver(m_reference_Hz, wanted->pitch.hertz());
    const double lasted = now - m_since_s;
    const Candidate* best = nearest(m_reference_Hz);
    const bool within = std::abs(m_heard.cents) <= m_expected.window.cents();
    // Two fingerings of one pitch are not told apart by it.
    const bool mine = within && (!m_expected.known || best == wanted ||
                                 std::abs(centsOver(best->pitch.hertz(), wanted->pitch.hertz())) < samePitch_cents);
    if (!mine) {
        if (lasted < told_s)
            return; // an attack may pass through other notes
        const bool isBest = std::abs(centsOver(m_reference_Hz, best->pitch.hertz())) <= m_expected.window.cents();
        m_heard.ear = isBest && best->holes == wanted->holes && best != wanted ? Ear::Overblown : Ear::Wrong;
        if (isBest && best != wanted)
            m_heard.other = best->id;
        m_heard.steady = std::min(1.0, lasted / needed_s);
        return;
    }
    m_heard.ear = Ear::Near;
    m_heard.steady = std::min(1.0, lasted / needed_s);
    if (lasted < needed_s)
        return;
    m_taken = m_ear.between(m_since_s - before_s, now);
    m_waitForEnd = true;
    m_heard.ear = Ear::Taken;
}

std::vector<hearing::LiveValue> HandsFree::trace()
{
    std::vector<hearing::LiveValue> out(m_trace.begin(), m_trace.end());
    m_trace.clear();
    return out;
}

std::optional<Samples> HandsFree::taken()
{
    auto out = std::move(m_taken);
    m_taken.reset();
    return out;
}

std::optional<hearing::RoomNoise> HandsFree::room()
{
    constexpr double enough_s = 1.0;
    if (m_roomTold || m_ear.now() - m_quietSince_s < enough_s)
        return std::nullopt;
    m_roomTold = true;
    return hearing::roomNoise(m_ear.between(m_quietSince_s, m_ear.now()));
}

std::optional<Samples> HandsFree::offered() const
{
    if ((m_heard.ear != Ear::Overblown && m_heard.ear != Ear::Wrong) || !m_heard.other || m_heard.steady < 1.0)
        return std::nullopt;
    return m_ear.between(m_since_s - before_s, m_ear.now());
}

} // namespace dowel::session
