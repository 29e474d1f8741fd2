// SPDX-License-Identifier: GPL-3.0-or-later
// Proves pitch names, equal temperament and cents against ISO 16 and the handbook table of equal-tempered frequencies.
#include "core/tuning/pitch.h"
#include "support/compare.h"
#include "support/test_main.h"

using namespace dowel;

class TestPitch : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void equalTemperamentIsTheHandbookTable_data()
    {
        // Equal-tempered scale at A4 = 440 Hz (ISO 16), two decimals, as tabulated in Fletcher and Rossing, The Physics
        // of Musical Instruments, inside back cover (from memory).
        QTest::addColumn<QString>("name");
        QTest::addColumn<double>("hz");
        const std::pair<const char*, double> table[] = {{"C0", 16.35},   {"A0", 27.50},   {"C4", 261.63},  {"C#4", 277.18},
                                                        {"D4", 293.66},  {"Eb4", 311.13}, {"E4", 329.63},  {"F4", 349.23},
                                                        {"F#4", 369.99}, {"G4", 392.00},  {"Ab4", 415.30}, {"A4", 440.00},
                                                        {"Bb4", 466.16}, {"B4", 493.88},  {"D5", 587.33},  {"C8", 4186.01}};
        for (const auto& [name, hz] : table)
            QTest::newRow(name) << QString::fromLatin1(name) << hz;
    }
    void equalTemperamentIsTheHandbookTable()
    {
        QFETCH(QString, name);
        QFETCH(double, hz);
        const auto found = equalTempered(name.toStdString(), Hertz::fromHertz(440.0));
        VERIFY_OK(found);
        VERIFY_NEAR(found->hertz(), hz, 0.0051); // half the table's last digit
    }
    void sharpsAndFlatsAreRead()
    {
        QCOMPARE(*semitonesFromName("C#5"), *semitonesFromName("Db5"));
        QCOMPARE(*semitonesFromName("F♯3"), *semitonesFromName("G♭3"));
        QCOMPARE(*semitonesFromName("B4") + 1, *semitonesFromName("C5"));
    }
    void anotherReferencePitchMovesEverythingAlike()
    {
        const auto at440 = equalTempered("E5", Hertz::fromHertz(440.0));
        const auto at415 = equalTempered("E5", Hertz::fromHertz(415.0));
        VERIFY_NEAR(*at415 / *at440, 415.0 / 440.0, 1e-14);
    }
    void badNamesAreRefused_data()
    {
        QTest::addColumn<QString>("name");
        for (const char* bad : {"", "H4", "D", "D#", "D-1", "D55", "5D", "d5", "D5 ", "Dx5", "Db", "D5b"})
            QTest::newRow(bad) << QString::fromLatin1(bad);
    }
    void badNamesAreRefused()
    {
        QFETCH(QString, name);
        const auto r = semitonesFromName(name.toStdString());
        QVERIFY(!r);
        QCOMPARE(r.error().code, ErrorCode::BadValue);
        QCOMPARE(r.error().where, name.toStdString());
    }
    void anOctaveIs1200CentsAndAFifthNearly702()
    {
        const Hertz a = Hertz::fromHertz(440.0);
        VERIFY_NEAR(centsBetween(a * 2.0, a).cents(), 1200.0, 1e-10);
        VERIFY_NEAR(centsBetween(a * 1.5, a).cents(), 701.955, 0.0005); // Ellis 1885: the just fifth
        VERIFY_NEAR(raisedBy(a, Cents::fromCents(-1200.0)).hertz(), 220.0, 1e-10);
    }
    void theNearestNoteIsNamed()
    {
        const auto n = nearestNote(Hertz::fromHertz(590.0), Hertz::fromHertz(440.0));
        QCOMPARE(n.name, std::string("D5"));
        VERIFY_NEAR(n.off.cents(), 7.85, 0.02);
        QCOMPARE(nearestNote(Hertz::fromHertz(8.0), Hertz::fromHertz(440.0)).name, std::string("C-1"));
    }
    void keysAreCalledAsTheTradeCallsThem()
    {
        // Bb, Eb and Ab, but F# and C#: common practice, no source.
        QCOMPARE(keyName(*semitonesFromName("A#4")), std::string("Bb4"));
        QCOMPARE(keyName(*semitonesFromName("Gb3")), std::string("F#3"));
        QVERIFY(isSameNote("A#4", "Bb4") && isSameNote("Cb5", "B4"));
        QVERIFY(!isSameNote("A#4", "Bb5") && !isSameNote("H4", "H4"));
    }
    void everySpellingIsOffered()
    {
        const auto all = spellings(*semitonesFromName("C4"), *semitonesFromName("C5"));
        QCOMPARE(all.size(), std::size_t(18)); // seven letters, five sharps, five flats, and the octave
        for (const char* name : {"A#4", "Bb4", "Db4", "C5"})
            QVERIFY2(std::find(all.begin(), all.end(), name) != all.end(), name);
        QVERIFY(std::is_sorted(all.begin(), all.end(), [](const std::string& a, const std::string& b) {
            return *semitonesFromName(a) < *semitonesFromName(b);
        }));
    }
};

DOWEL_TEST(TestPitch)
#include "test_pitch.moc"
