// SPDX-License-Identifier: GPL-3.0-or-later
// Proves which notes stand out of their register by their sound, how a note's sound has changed, and a scale's summary.
#include "core/instrument/summary.h"
#include "core/record/timbre.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/test_main.h"

using namespace dowel;

class TestTimbre : public QObject
{
    Q_OBJECT

    static void hear(Workbook& book, const std::string& fingering, double noise_dB, bool withNote = true)
    {
        ReadingEntry r = fixtures::fullReading(false);
        r.fingering = {fingering};
        r.note->noise_dB = noise_dB;
        if (!withNote)
            r.note.reset();
        VERIFY_OK(book.append({book.nextId(), "2026-01-01T00:00:00Z", r}));
    }

private Q_SLOTS:
    void whatIsFarFromItsRegisterStandsOut()
    {
        Workbook book(fixtures::whistle());
        const auto& fingerings = book.present().spec().fingerings;
        // The upper register is breathier as a whole, which is as it should be; A5 alone is out of its own.
        for (std::size_t i = 0; i < fingerings.size(); ++i)
            hear(book, fingerings[i].id.text, (i < 7 ? 30.0 : 20.0) + 0.5 * static_cast<double>(i % 3) - (i == 4 ? 9.0 : 0.0));
        const auto notes = timbresOf(book);
        QCOMPARE(notes.size(), std::size_t(14));
        for (std::size_t i = 0; i < notes.size(); ++i) {
            QCOMPARE(notes[i].standsOut[NoteTimbre::Noise], i == 4);
            QVERIFY(!notes[i].standsOut[NoteTimbre::Breath]); // all alike
            QCOMPARE(notes[i].takes, 1);
        }
    }
    void threeNotesAreTooFewToSayWhatIsUsual()
    {
        Workbook book(fixtures::whistle());
        for (const char* id : {"D5", "E5", "F#5"})
            hear(book, id, id[0] == 'E' ? 3.0 : 30.0);
        const auto notes = timbresOf(book);
        for (const NoteTimbre& n : notes)
            QVERIFY(!n.standsOut[NoteTimbre::Noise]);
        QVERIFY(!notes[5].value[NoteTimbre::Noise]); // never heard
    }
    void aTrendIsTheNewestLessTheFirst()
    {
        Workbook book(fixtures::whistle());
        hear(book, "D5", 30.0);
        hear(book, "D5", 11.0);
        hear(book, "D5", 27.0);
        hear(book, "D5", 0.0, false); // a number typed in has no sound
        hear(book, "E5", 30.0);
        const auto trend = timbreTrendsOf(book);
        VERIFY_NEAR(*trend[0].value[NoteTimbre::Noise], -3.0, 1e-12);
        QVERIFY(!trend[0].standsOut[NoteTimbre::Noise]); // not enough to be heard
        QCOMPARE(trend[0].takes, 3);
        QVERIFY(!trend[1].value[NoteTimbre::Noise]); // one take is no trend
        QCOMPARE(trend[0].partials_dB.size(), partialsKept);
        QCOMPARE(trend[0].beforePartials_dB.size(), partialsKept);
        QVERIFY(trend[1].partials_dB.empty());
        hear(book, "D5", 25.0);
        QVERIFY(timbreTrendsOf(book)[0].standsOut[NoteTimbre::Noise]);
    }
    void aPatternIsWhatNotesAreComparedWith()
    {
        Workbook book(fixtures::whistle());
        const auto& fingerings = book.present().spec().fingerings;
        for (std::size_t i = 0; i < fingerings.size(); ++i)
            hear(book, fingerings[i].id.text, i == 2 ? 36.0 : 30.0);
        PatternEntry alike;
        alike.alike = fingerings[2].id;
        VERIFY_OK(book.append({book.nextId(), "2026-01-01T00:00:00Z", alike}));
        auto notes = timbresOf(book);
        for (std::size_t i = 0; i < notes.size(); ++i) {
            QCOMPARE(*notes[i].wanted[NoteTimbre::Noise], 36.0);
            QCOMPARE(notes[i].standsOut[NoteTimbre::Noise], i != 2); // six decibels are heard
            QCOMPARE(notes[i].partials_dB.size(), partialsKept);
            QCOMPARE(notes[i].beforePartials_dB, notes[2].partials_dB);
        }
        // A good instrument's: note by note.
        const PatternEntry good = patternOf(book);
        QCOMPARE(good.notes.size(), fingerings.size());
        Workbook other(fixtures::whistle());
        hear(other, fingerings[2].id.text, 30.0);
        hear(other, fingerings[3].id.text, 30.0);
        VERIFY_OK(other.append({other.nextId(), "2026-01-01T00:00:00Z", good}));
        notes = timbresOf(other);
        QVERIFY(notes[2].standsOut[NoteTimbre::Noise] && !notes[3].standsOut[NoteTimbre::Noise]);
        // Given up again, neighbours count.
        VERIFY_OK(other.append({other.nextId(), "2026-01-02T00:00:00Z", PatternEntry{}}));
        QVERIFY(other.pattern() == nullptr && !timbresOf(other)[2].wanted[NoteTimbre::Noise]);
        PatternEntry wrong;
        wrong.alike = FingeringId{"X9"};
        QVERIFY(!other.append({other.nextId(), "2026-01-02T00:00:00Z", wrong}));
    }
    void eachQuantityStandsOutFromWhereAListenerHearsIt()
    {
        // common practice, no source: 60 ms of speaking, 4 dB of noise and of breath, a third of the fundamental, 6 dB between
        // even and odd partials, 1 dB of level.
        const std::array<double, NoteTimbre::Values> isHeard{0.06, 4.0, 4.0, 0.35, 6.0, 1.0};
        Workbook begun(fixtures::whistle());
        ReadingEntry r = fixtures::fullReading(false);
        r.note->speaks = Seconds::fromSeconds(0.1);
        r.note->levelSpread_dB = 2.0;
        VERIFY_OK(begun.append({begun.nextId(), "2026-01-01T00:00:00Z", r}));
        const std::size_t at = *begun.present().indexOf(r.fingering);
        const NoteTimbre note = timbresOf(begun)[at];
        for (std::size_t k = 0; k < NoteTimbre::Values; ++k) {
            QVERIFY2(note.value[k], qPrintable(QString::number(k)));
            for (const double share : {-1.02, -0.98, 0.98, 1.02}) {
                Workbook book = begun;
                PatternEntry pattern;
                pattern.notes = {{r.fingering, note.value, {}}};
                pattern.notes.front().value[k] = *note.value[k] + share * isHeard[k];
                VERIFY_OK(book.append({book.nextId(), "2026-01-01T00:00:00Z", pattern}));
                const NoteTimbre compared = timbresOf(book)[at];
                for (std::size_t other = 0; other < NoteTimbre::Values; ++other)
                    QCOMPARE(compared.standsOut[other], other == k && std::abs(share) > 1.0);
            }
        }
    }
    void driftIsAgainstTheFirstListeningOfTheSameShape()
    {
        Workbook book(fixtures::whistle());
        const auto fingerings = book.present().spec().fingerings;
        const auto listen = [&](const char* at, double cents, double celsius, double apart = 0.0) {
            for (std::size_t i = 0; i < 5; ++i) {
                const double own = (i == 4 ? 2.0 : 0.0) + apart * (static_cast<double>(i) - 2.0);
                ReadingEntry r = fixtures::fullReading(false);
                r.fingering = fingerings[i].id;
                r.air = Temperature::fromCelsius(celsius);
                // Sound is faster by the root of the absolute temperature: what a warmer room adds is no drift.
                r.pitch = Hertz::fromHertz(fingerings[i].target.hertz() * std::exp2((cents + own) / 1200.0) *
                                           std::sqrt(r.air.kelvin() / 293.15));
                VERIFY_OK(book.append({book.nextId(), at, r}));
            }
        };
        listen("2026-01-01T10:00:00Z", 0.0, 20.0);
        QVERIFY(driftsOf(book).empty()); // once is no drift
        listen("2026-02-01T10:00:00Z", -6.0, 24.0, 0.5);
        auto drifts = driftsOf(book);
        QCOMPARE(drifts.size(), std::size_t(2));
        VERIFY_NEAR(drifts[0].mean.cents(), 0.0, 1e-9);
        VERIFY_NEAR(drifts[1].mean.cents(), -6.0, 1e-6);
        VERIFY_NEAR(drifts[1].least.cents(), -7.0, 1e-6);
        VERIFY_NEAR(drifts[1].most.cents(), -5.0, 1e-6);
        QCOMPARE(drifts[1].notes, 5);
        // A cut begins anew: heard once since, it has no drift yet.
        VERIFY_OK(
            book.append({book.nextId(), "2026-02-02T10:00:00Z",
                         CutEntry{Enlarge{{"h1"}, book.present().find(HoleId{"h1"})->diameter + Metres::fromMillimetres(0.5)},
                                  book.present().find(HoleId{"h1"})->diameter,
                                  {},
                                  {}}}));
        listen("2026-02-03T10:00:00Z", 10.0, 20.0);
        QCOMPARE(driftsOf(book).size(), std::size_t(2));
        listen("2026-03-03T10:00:00Z", 13.0, 20.0);
        drifts = driftsOf(book);
        QCOMPARE(drifts.size(), std::size_t(4));
        VERIFY_NEAR(drifts[3].mean.cents(), 3.0, 1e-6);
    }
    void aScaleIsSummedUp()
    {
        auto fingerings = fixtures::whistleSpec().fingerings;
        fingerings.resize(4);
        fingerings[3].tolerance = Cents::fromCents(20.0);
        const std::vector<double> cents{3.0, -8.0, 6.0, -7.0};
        const ScaleSummary s = summaryOf(fingerings, cents);
        QCOMPARE(s.within, 3); // 8 is over 6; 6 is not; 7 is under 20
        QCOMPARE(s.of, 4);
        QVERIFY(!s.all());
        VERIFY_NEAR(s.worst_cents, -8.0, 1e-12);
        VERIFY_NEAR(s.mean_cents, 6.0, 1e-12);
        VERIFY_NEAR(s.rms_cents, std::sqrt((9.0 + 64.0 + 36.0 + 49.0) / 4.0), 1e-12);
        QVERIFY(summaryOf({}, {}).all());
    }
};

DOWEL_TEST(TestTimbre)
#include "test_timbre.moc"
