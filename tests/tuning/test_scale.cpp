// SPDX-License-Identifier: GPL-3.0-or-later
// Proves temperaments against their published tables, modes against music theory, and the plain-text scale format.
#include "core/tuning/nearest_scale.h"
#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"
#include "support/compare.h"
#include "support/test_main.h"

using namespace dowel;

class TestScale : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void temperamentsAreTheirPublishedTables_data()
    {
        // Cents above C. Barbour, Tuning and Temperament (1951), and the usual reference tables (from memory).
        QTest::addColumn<std::vector<double>>("cents");
        QTest::newRow("pythagorean") << std::vector<double>{0,       113.685, 203.910, 294.135, 407.820, 498.045,
                                                            611.730, 701.955, 815.640, 905.865, 996.090, 1109.775};
        QTest::newRow("meantone") << std::vector<double>{0,       76.049,  193.157, 310.265, 386.314,  503.422,
                                                         579.471, 696.578, 772.627, 889.735, 1006.843, 1082.892};
        QTest::newRow("werckmeister-iii") << std::vector<double>{0,       90.225,  192.180, 294.135, 390.225, 498.045,
                                                                 588.270, 696.090, 792.180, 888.270, 996.090, 1092.180};
        QTest::newRow("vallotti") << std::vector<double>{0,       94.135,  196.090, 298.045, 392.180,  501.955,
                                                         592.180, 698.045, 796.090, 894.135, 1000.000, 1090.225};
        QTest::newRow("just") << std::vector<double>{0,       111.731, 203.910, 315.641, 386.314,  498.045,
                                                     590.224, 701.955, 813.686, 884.359, 1017.596, 1088.269};
        QTest::newRow("equal") << std::vector<double>{0, 100, 200, 300, 400, 500, 600, 700, 800, 900, 1000, 1100};
    }
    void temperamentsAreTheirPublishedTables()
    {
        QFETCH(std::vector<double>, cents);
        const auto t = temperamentNamed(QTest::currentDataTag());
        QVERIFY(t.has_value());
        for (std::size_t i = 0; i < 12; ++i)
            VERIFY_NEAR((*t)[i], cents[i], 0.0006);
        QVERIFY(isTemperament({t->begin(), t->end()}));
    }
    void everyTemperamentKeepsA4()
    {
        for (const auto name : temperamentNames())
            for (const char* tonic : {"C", "D", "F#", "Bb"})
                VERIFY_NEAR(tempered("A4", Hertz::fromHertz(415.0), *temperamentNamed(name), tonic)->hertz(), 415.0, 1e-9);
    }
    void equalTemperamentHasNoTonic()
    {
        const Temperament t = *temperamentNamed("equal");
        for (const char* note : {"C0", "D5", "F#4", "Bb6", "B3"})
            VERIFY_NEAR(tempered(note, Hertz::fromHertz(440.0), t, "G")->hertz(),
                        equalTempered(note, Hertz::fromHertz(440.0))->hertz(), 1e-9);
    }
    void justThirdsAndFifthsOnTheTonicArePure()
    {
        const Temperament t = *temperamentNamed("just");
        const Hertz a4 = Hertz::fromHertz(440.0);
        for (const auto& [tonic, third, fifth] : {std::tuple{"D5", "F#5", "A5"}, {"Bb3", "D4", "F4"}, {"G6", "B6", "D7"}}) {
            const std::string root = std::string(tonic).substr(0, std::string(tonic).size() - 1);
            const Hertz one = *tempered(tonic, a4, t, root);
            VERIFY_NEAR(*tempered(third, a4, t, root) / one, 1.25, 1e-12);
            VERIFY_NEAR(*tempered(fifth, a4, t, root) / one, 1.5, 1e-12);
        }
    }
    void modesHaveTheirNotes()
    {
        QCOMPARE(*modeNotes("D5", "major", 8), (std::vector<std::string>{"D5", "E5", "F#5", "G5", "A5", "B5", "C#6", "D6"}));
        QCOMPARE(*modeNotes("F4", "major", 4), (std::vector<std::string>{"F4", "G4", "A4", "Bb4"}));
        QCOMPARE(*modeNotes("G4", "minor-pentatonic", 6), (std::vector<std::string>{"G4", "Bb4", "C5", "D5", "F5", "G5"}));
        QCOMPARE(*modeNotes("D4", "dorian", 7), (std::vector<std::string>{"D4", "E4", "F4", "G4", "A4", "B4", "C5"}));
        QVERIFY(!modeNotes("D4", "hypothetical", 3));
        QVERIFY(!modeNotes("H4", "major", 3));
        // Each diatonic mode is the major scale begun on another degree.
        const auto major = *modeNamed("major");
        const char* turned[] = {"major", "dorian", "phrygian", "lydian", "mixolydian", "minor", "locrian"};
        for (std::size_t k = 0; k < 7; ++k)
            for (std::size_t i = 0; i < 7; ++i)
                QCOMPARE((*modeNamed(turned[k]))[i], (major[(i + k) % 7] - major[k] + 12) % 12);
    }
    void scalesAreReadAsWritten()
    {
        const auto s =
            scaleFromText("! a comment\n!\nHarmonics five to ten\r\n 6\n!\n 6/5 a third\n 7/5\n 8/5\n 9/5\n 1088.2687\n 2\n");
        VERIFY_OK(s);
        QCOMPARE(s->description, std::string("Harmonics five to ten"));
        QCOMPARE(s->cents.size(), std::size_t(6));
        VERIFY_NEAR(s->cents[0], 315.641, 0.001);
        VERIFY_NEAR(s->cents[5], 1200.0, 1e-9);
        VERIFY_NEAR(degree(*s, 6).cents(), 1200.0, 1e-9);
        VERIFY_NEAR(degree(*s, 7).cents(), 1515.641, 0.001);
        VERIFY_NEAR(degree(*s, -1).cents(), 1088.2687 - 1200.0, 1e-6);
        VERIFY_NEAR(degree(*s, 0).cents(), 0.0, 0.0);
        const auto again = scaleFromText(scaleText(*s));
        VERIFY_OK(again);
        for (std::size_t i = 0; i < 6; ++i)
            VERIFY_NEAR(again->cents[i], s->cents[i], 1e-6);
    }
    void brokenScalesNameTheLine_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("where");
        QTest::newRow("nothing") << QString() << "line 1";
        QTest::newRow("no count") << "name\nmany\n"
                                  << "line 2";
        QTest::newRow("no degrees") << "name\n0\n"
                                    << "line 2";
        QTest::newRow("a million") << "name\n1000000\n"
                                   << "line 2";
        QTest::newRow("too few") << "name\n3\n9/8\n5/4\n"
                                 << "line 5";
        QTest::newRow("a word") << "name\n2\n9/8\noctave\n"
                                << "line 4";
        QTest::newRow("minus") << "name\n1\n-2/1\n"
                               << "line 3";
        QTest::newRow("over nothing") << "name\n1\n2/0\n"
                                      << "line 3";
    }
    void brokenScalesNameTheLine()
    {
        QFETCH(QString, text);
        QFETCH(QString, where);
        const auto s = scaleFromText(text.toStdString());
        QVERIFY(!s);
        QCOMPARE(s.error().code, ErrorCode::BadSyntax);
        QCOMPARE(QString::fromStdString(s.error().where), where);
    }
    void theNearestScaleIsFoundWhereverItsA4Lies()
    {
        // Minor pentatonic on E at A4 = 431 Hz, from its third degree up, each a few cents off; by ISO 16 and equal temperament.
        const Hertz a4 = Hertz::fromHertz(431.0);
        const std::vector<std::string> played{"A4", "B4", "D5", "E5", "G5"};
        const double off[] = {3.0, -2.0, 4.0, -5.0, 0.0};
        std::vector<Hertz> pitches;
        for (std::size_t i = 0; i < played.size(); ++i)
            pitches.push_back(raisedBy(*equalTempered(played[i], a4), Cents::fromCents(off[i])));
        const auto found = nearestScales(pitches);
        QCOMPARE(found.size(), std::size_t(3));
        // The same notes are a major pentatonic on G: both are said, neither is nearer.
        QVERIFY(found[0].mode.find("pentatonic") != std::string::npos && found[1].mode.find("pentatonic") != std::string::npos);
        QCOMPARE(found[0].notes, played);
        VERIFY_NEAR(found[0].a4.hertz(), 431.0, 0.1);
        VERIFY_NEAR(found[0].off[3].cents(), -5.0, 0.3);
        VERIFY_NEAR(found[0].rms_cents, std::sqrt((9.0 + 4.0 + 16.0 + 25.0) / 5.0), 0.1);
        QVERIFY(found[2].rms_cents >= found[0].rms_cents);
        QVERIFY(nearestScales({pitches[0], pitches[1]}).empty());
    }
};

DOWEL_TEST(TestScale)
#include "test_scale.moc"
