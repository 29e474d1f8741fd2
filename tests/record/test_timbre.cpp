// SPDX-License-Identifier: GPL-3.0-or-later
// Proves which notes stand out of their register by their sound, how a note's sound has changed, and a scale's summary.
#include "core/instrument/summary.h"
#include "core/record/timbre.h"
#include "support/compare.h"
#include "support/entries.h"

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
        hear(book, "D5", 25.0);
        QVERIFY(timbreTrendsOf(book)[0].standsOut[NoteTimbre::Noise]);
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

QTEST_APPLESS_MAIN(TestTimbre)
#include "test_timbre.moc"
