// SPDX-License-Identifier: GPL-3.0-or-later
// Proves listening without hands: the asked note is taken after a steady second, another is named, an overblown one is
// known for what it is, noise and a held tone take nothing; and nothing is allocated while sound comes in.
#include "session/at_the_bench.h"
#include "session/hands_free.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/heard.h"
#include "support/test_main.h"
#include "support/tones.h"

#include <array>
#include <atomic>
#include <cstdlib>
#include <new>

namespace {
std::atomic<long> allocations{0};
} // namespace

// Counts every allocation of the program.
void* operator new(std::size_t size)
{
    ++allocations;
    if (void* p = std::malloc(size == 0 ? 1 : size))
        return p;
    throw std::bad_alloc();
}
void* operator new(std::size_t size, const std::nothrow_t& /*tag*/) noexcept
{
    ++allocations;
    return std::malloc(size == 0 ? 1 : size);
}
void operator delete(void* p) noexcept
{
    std::free(p);
}
void operator delete(void* p, std::size_t /*size*/) noexcept
{
    std::free(p);
}

using namespace dowel;
using session::Ear;

namespace {

session::Expected threeNotes(bool known)
{
    return {{{{"D5"}, Hertz::fromHertz(587.3), 0}, {{"E5"}, Hertz::fromHertz(659.3), 1}, {{"D6"}, Hertz::fromHertz(1174.7), 0}},
            Cents::fromCents(known ? 150.0 : 300.0),
            known};
}

void hear(session::HandsFree& ear, const Samples& s)
{
    constexpr std::size_t chunk = 480; // ten milliseconds, as a device delivers
    for (std::size_t at = 0; at < s.values.size(); at += chunk)
        ear.feed(std::span(s.values).subspan(at, std::min(chunk, s.values.size() - at)));
}

Samples tone(double f_Hz, double seconds, double snr_dB = 25.0)
{
    return tones::constantTone(f_Hz, seconds, snr_dB, 5);
}

/// From one pitch to so many cents above it, evenly.
Samples sliding(double from_Hz, double cents, double seconds)
{
    Samples s;
    double phase = 0.0;
    const auto n = static_cast<std::size_t>(seconds * 48000.0);
    for (std::size_t i = 0; i < n; ++i) {
        const double share = static_cast<double>(i) / static_cast<double>(n);
        phase += 2.0 * std::numbers::pi * from_Hz * std::exp2(cents * share / 1200.0) / 48000.0;
        s.values.push_back(static_cast<float>(0.2 * std::sin(phase) + 0.06 * std::sin(2.0 * phase)));
    }
    return s;
}

Samples silence(double seconds)
{
    return tones::withSilence(Samples{{}, 48000.0}, seconds, 0.0);
}

/// What is taken as E5 from these sounds, one after the other after half a second of silence.
std::optional<Samples> takenFrom(const std::vector<Samples>& sounds)
{
    session::HandsFree ear(48000.0, threeNotes(true));
    ear.ask({"E5"});
    hear(ear, silence(0.5));
    for (const Samples& s : sounds)
        hear(ear, s);
    return ear.taken();
}

} // namespace

class TestHandsFree : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void theAskedNoteIsTakenAfterASteadySecond()
    {
        session::HandsFree ear(48000.0, threeNotes(true));
        ear.ask({"E5"});
        hear(ear, silence(0.5));
        QCOMPARE(ear.heard().ear, Ear::Quiet);
        hear(ear, tone(655.0, 0.9));
        QCOMPARE(ear.heard().ear, Ear::Near);
        VERIFY_NEAR(ear.heard().steady, 0.9 / 1.25, 0.08);
        VERIFY_NEAR(ear.heard().cents, 1200.0 * std::log2(655.0 / 659.3), 2.0);
        QVERIFY(!ear.taken());
        hear(ear, tone(655.0, 0.6));
        const auto take = ear.taken();
        QVERIFY(take);
        QVERIFY(take->duration().seconds() > 1.2 && take->duration().seconds() < 2.0);
        QVERIFY(!ear.taken()); // once
        // It sounds on: nothing more is taken, and the next question waits for its end.
        ear.ask({"D5"});
        hear(ear, tone(655.0, 2.0));
        QCOMPARE(ear.heard().ear, Ear::Taken);
        QCOMPARE(ear.heard().steady, 1.0);
        QVERIFY(!ear.taken());
        hear(ear, silence(0.4));
        hear(ear, tone(590.0, 1.6));
        QVERIFY(ear.taken());
    }
    void aSecondAndAQuarterIsNeeded()
    {
        QVERIFY(!takenFrom({tone(655.0, 1.15)}));
        QVERIFY(takenFrom({tone(655.0, 1.40)}));
    }
    void aToneThatSlidesIsFollowedAndOneThatLeapsBeginsAnew()
    {
        // Breath that rises carries a note along by far more than what tells two notes apart, if it does so slowly.
        session::HandsFree slowly(48000.0, threeNotes(true));
        slowly.ask({"E5"});
        hear(slowly, silence(0.5));
        hear(slowly, sliding(640.0, 70.0, 1.5));
        QVERIFY(slowly.taken());
        VERIFY_NEAR(1200.0 * std::log2(slowly.heard().pitch_Hz / 640.0), 70.0, 12.0);
        // Half a semitone and more at once is another tone, and its second is counted from there.
        QVERIFY(!takenFrom({tone(645.0, 1.0), tone(665.5, 0.9)})); // 54 cents above
        const auto take = takenFrom({tone(645.0, 1.0), tone(665.5, 1.7)});
        QVERIFY(take);
        QVERIFY2(take->duration().seconds() < 1.6, qPrintable(QString::number(take->duration().seconds())));
        // Thirty cents are within one note.
        QVERIFY(takenFrom({tone(650.0, 0.8), tone(661.4, 0.7)}));
    }
    void aBreakOfABlinkIsBridgedAndALongerOneIsNot()
    {
        QVERIFY(takenFrom({tone(655.0, 0.9), silence(0.03), tone(655.0, 0.6)}));
        QVERIFY(!takenFrom({tone(655.0, 0.9), silence(0.30), tone(655.0, 0.6)}));
    }
    void aTakeBeginsShortlyBeforeItsTone()
    {
        const auto take = takenFrom({tone(655.0, 1.5)});
        QVERIFY(take);
        // The attack is on it: some silence and then the tone.
        const auto loud = std::ranges::find_if(take->values, [](float v) { return std::abs(v) > 0.02F; });
        const double before_s = static_cast<double>(loud - take->values.begin()) / 48000.0;
        QVERIFY2(before_s > 0.05 && before_s < 0.20, qPrintable(QString::number(before_s)));
    }
    void whoPassesThroughAnotherNoteIsNotCalledWrong()
    {
        session::HandsFree ear(48000.0, threeNotes(true));
        ear.ask({"E5"});
        hear(ear, silence(0.5));
        hear(ear, tone(590.0, 0.25));
        QVERIFY(ear.heard().ear != Ear::Wrong);
        hear(ear, tone(590.0, 0.25));
        QCOMPARE(ear.heard().ear, Ear::Wrong);
    }
    void aLouderRoomIsNoNoteAndANoteIsTwelveDecibelsAboveIt()
    {
        const auto hiss = [](double seconds, double rms) {
            Random r(3);
            Samples s;
            for (int i = 0; i < static_cast<int>(seconds * 48000.0); ++i)
                s.values.push_back(static_cast<float>(rms * r.normal()));
            return s;
        };
        const auto louderBy = [&](double dB) {
            session::HandsFree ear(48000.0, threeNotes(true));
            ear.ask({"D5"});
            hear(ear, hiss(2.0, 0.003));
            hear(ear, hiss(2.0, 0.003 * std::pow(10.0, dB / 20.0)));
            return ear.heard().ear;
        };
        QCOMPARE(louderBy(8.0), Ear::Quiet);
        QCOMPARE(louderBy(16.0), Ear::Noise);
    }
    void nothingIsTakenBeforeTheBeatsAreCounted()
    {
        session::HandsFree ear(48000.0, threeNotes(true));
        ear.countIn(3, Seconds::fromSeconds(0.5));
        ear.ask({"E5"});
        hear(ear, silence(0.2));
        QCOMPARE(ear.heard().ear, Ear::Counting);
        QCOMPARE(ear.heard().beatsLeft, 3);
        hear(ear, silence(0.5));
        QCOMPARE(ear.heard().beatsLeft, 2);
        // Who begins with the last beat is heard from its end on, a whole steady second.
        hear(ear, tone(655.0, 1.6));
        QCOMPARE(ear.heard().ear, Ear::Near);
        QCOMPARE(ear.heard().beatsLeft, 0);
        QVERIFY(!ear.taken());
        hear(ear, tone(655.0, 0.7));
        const auto take = ear.taken();
        QVERIFY(take);
        QVERIFY(take->duration().seconds() < 1.6);
        // The next count waits for the end of what sounds on.
        ear.ask({"D5"});
        hear(ear, tone(655.0, 1.0));
        QCOMPARE(ear.heard().ear, Ear::Taken);
        hear(ear, silence(0.3));
        QCOMPARE(ear.heard().ear, Ear::Counting);
        hear(ear, silence(1.6));
        QCOMPARE(ear.heard().ear, Ear::Quiet);
        hear(ear, tone(590.0, 1.6));
        QVERIFY(ear.taken());
    }
    void anotherNoteIsNamedAndNotTaken()
    {
        session::HandsFree ear(48000.0, threeNotes(true));
        ear.ask({"E5"});
        hear(ear, silence(0.3));
        hear(ear, tone(590.0, 2.0));
        QCOMPARE(ear.heard().ear, Ear::Wrong);
        QCOMPARE(*ear.heard().other, FingeringId{"D5"});
        QVERIFY(!ear.taken());
        QVERIFY(ear.offered());
        hear(ear, silence(0.3));
        hear(ear, tone(800.0, 2.0)); // nobody's
        QCOMPARE(ear.heard().ear, Ear::Wrong);
        QVERIFY(!ear.heard().other && !ear.offered());
    }
    void anOverblownNoteIsOfferedAsTheOtherRegisters()
    {
        session::HandsFree ear(48000.0, threeNotes(true));
        ear.ask({"D5"});
        hear(ear, silence(0.3));
        hear(ear, tone(1180.0, 0.8));
        QCOMPARE(ear.heard().ear, Ear::Overblown);
        QCOMPARE(*ear.heard().other, FingeringId{"D6"});
        QVERIFY(!ear.offered()); // not long enough to be worth keeping
        hear(ear, tone(1180.0, 0.8));
        QVERIFY(ear.offered());
        QVERIFY(!ear.taken());
    }
    void noiseAndShortBlipsTakeNothing()
    {
        session::HandsFree ear(48000.0, threeNotes(false));
        ear.ask({"D5"});
        hear(ear, silence(0.3));
        Random r(3);
        Samples hiss;
        for (int i = 0; i < 96000; ++i)
            hiss.values.push_back(static_cast<float>(0.1 * r.normal()));
        hear(ear, hiss);
        QCOMPARE(ear.heard().ear, Ear::Noise);
        for (int i = 0; i < 5; ++i) {
            hear(ear, silence(0.3));
            hear(ear, tone(587.0, 0.5));
        }
        QVERIFY(!ear.taken());
        // Samples that are no numbers count as silence and are told.
        hear(ear, Samples{std::vector<float>(14400, std::nanf("")), 48000.0});
        QVERIFY(ear.trace().back().broken);
        QCOMPARE(ear.heard().ear == Ear::Quiet || ear.heard().ear == Ear::Noise, true);
    }
    void valuesComeOftenAndSoon()
    {
        hearing::LiveEar ear(48000.0);
        const Samples s = tone(700.0, 2.0);
        int values = 0;
        double latest = 0.0;
        hearing::LiveValue v;
        for (std::size_t at = 0; at < s.values.size(); at += 480) {
            ear.feed(std::span(s.values).subspan(at, 480));
            while (ear.fetch(v)) {
                ++values;
                latest = std::max(latest, ear.now() - v.at_s);
                VERIFY_NEAR(1200.0 * std::log2(v.pitch_Hz / 700.0), 0.0, 5.0);
            }
        }
        QVERIFY2(values >= 2 * 25, qPrintable(QString::number(values))); // twenty-five a second
        qInfo("%d values in two seconds, the oldest %.1f ms after the middle of its frame", values, 1e3 * latest);
        QVERIFY2(latest < 0.080, qPrintable(QString::number(latest))); // from the middle of what was heard to the value
    }
    void nothingIsAllocatedWhileSoundComesIn()
    {
        session::HandsFree ear(48000.0, threeNotes(true));
        ear.ask({"E5"});
        const Samples s = tone(655.0, 1.0);
        hear(ear, s); // FFTW may warm up
        const long before = allocations;
        hear(ear, s);
        const long during = allocations - before;
        hear(ear, silence(0.0));
        // The one take that became complete is the only thing that may have taken memory.
        QVERIFY2(during <= 1, qPrintable(QString::number(during)));
    }
    void theRoomIsLearntAndItsHumNamed()
    {
        for (const double mains : {0.0, 50.0, 60.0}) {
            Random r(11);
            Samples quiet;
            for (int i = 0; i < 72000; ++i) {
                const double t = i / 48000.0;
                double v = 1e-4 * r.normal();
                for (const int k : {1, 2, 3})
                    if (mains > 0.0)
                        v += 2e-3 / k * std::sin(2.0 * std::numbers::pi * k * mains * t);
                quiet.values.push_back(static_cast<float>(v));
            }
            const auto room = hearing::roomNoise(quiet);
            VERIFY_NEAR(room.hum_Hz, mains, 1e-9);
            // Root mean square of what was put in.
            const double square = 1e-8 + (mains > 0.0 ? 2e-6 * (1.0 + 0.25 + 1.0 / 9.0) : 0.0);
            VERIFY_NEAR(room.level_dB, 10.0 * std::log10(square), 0.3);
            session::HandsFree ear(48000.0, threeNotes(true));
            ear.ask({"D5"});
            hear(ear, quiet);
            const auto told = ear.room();
            QVERIFY(told);
            VERIFY_NEAR(told->hum_Hz, mains, 1e-9);
            QVERIFY(!ear.room()); // once
        }
        session::HandsFree ear(48000.0, threeNotes(true));
        ear.ask({"D5"});
        hear(ear, tone(587.3, 1.2));
        QVERIFY(!ear.room()); // a note is no room
    }
    void warmingUpIsSaidWhenNotesRiseTogether()
    {
        const auto book = [](std::array<double, 3> moved, const char* later) {
            Workbook b(fixtures::whistle());
            const auto& fingerings = b.present().spec().fingerings;
            for (const bool second : {false, true})
                for (std::size_t i = 0; i < 3; ++i) {
                    const ReadingEntry r = fixtures::heard(
                        fingerings[i].id,
                        Hertz::fromHertz(fingerings[i].target.hertz() * std::exp2((second ? moved[i] : 0.0) / 1200.0)), 0.1,
                        Temperature::fromCelsius(20.0));
                    if (!b.append({b.nextId(), second ? later : "2026-01-01T10:00:00Z", r}))
                        qFatal("refused");
                }
            return b;
        };
        const auto risen = session::warmingOf(book({5.0, 6.0, 7.0}, "2026-01-01T10:12:00Z"));
        QVERIFY(risen);
        VERIFY_NEAR(risen->moved.cents(), 6.0, 0.01);
        VERIFY_NEAR(risen->over.seconds(), 720.0, 1e-6);
        QVERIFY(!session::warmingOf(book({5.0, -6.0, 7.0}, "2026-01-01T10:12:00Z"))); // not together
        QVERIFY(!session::warmingOf(book({1.0, 1.0, 2.0}, "2026-01-01T10:12:00Z")));  // not worth a word
        QVERIFY(!session::warmingOf(book({5.0, 6.0, 7.0}, "2026-01-01T10:00:30Z")));  // a repeat, not a wait
        QVERIFY(!session::warmingOf(book({5.0, 6.0, 7.0}, "some time later")));
    }
    void whatIsExpectedFollowsTheFirstReadings()
    {
        const Instrument shape = fixtures::whistle();
        Workbook book(shape);
        const Temperature room = Temperature::fromCelsius(20.0);
        auto e = session::expectedOf(book, room);
        VERIFY_OK(e);
        QVERIFY(!e->known);
        QCOMPARE(e->candidates.size(), shape.spec().fingerings.size());
        const double first = e->candidates[0].pitch.hertz();
        const ReadingEntry r =
            fixtures::heard(e->candidates[0].id, Hertz::fromHertz(first * std::exp2(-80.0 / 1200.0)), 1.0, room);
        VERIFY_OK(book.append({book.nextId(), "2026-01-01T00:00:00Z", r}));
        e = session::expectedOf(book, room);
        VERIFY_OK(e);
        QVERIFY(e->known);
        VERIFY_NEAR(1200.0 * std::log2(e->candidates[0].pitch.hertz() / first), -80.0, 0.5);
        // Both registers of one fingering close the same holes.
        QCOMPARE(e->candidates[7].holes, e->candidates[0].holes);
    }
};

DOWEL_TEST(TestHandsFree)
#include "test_hands_free.moc"
