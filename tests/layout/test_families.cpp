// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that each family's starting blank can be laid out and comes near its target, in other keys, too, and what tubes
// are said to serve for.
#include "core/layout/families.h"
#include "core/layout/layout.h"
#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"
#include "support/compare.h"
#include "support/test_main.h"

#include <set>

using namespace dowel;

class TestFamilies : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void anyNumberOfHolesOpensInTurn()
    {
        // A pipe of straw with three holes; its reed stops it at the top, so it sounds an octave under a whistle as long (any
        // textbook: Fletcher and Rossing, The Physics of Musical Instruments, chapter 8).
        PlanTarget straw = usualTarget(Family::Reed);
        straw.lowest = "A4";
        straw.mode = "minor";
        straw.holes = 3;
        const auto blank = startingBlank(Family::Reed, straw);
        VERIFY_OK(blank);
        QCOMPARE(blank->holeCount, std::size_t{3});
        QCOMPARE(blank->digits.size(), std::size_t{3});
        std::string notes;
        for (const Fingering& f : blank->spec.fingerings)
            notes += f.id.text + " ";
        QCOMPARE(notes, std::string("A4 B4 C5 D5 "));
        QCOMPARE(blank->spec.fingerings[0].closed.size(), std::size_t{3});
        QCOMPARE(blank->spec.fingerings[3].closed.size(), std::size_t{0});
        const auto laid = layOut(*blank, {}, false);
        VERIFY_OK(laid);
        QVERIFY(laid->reached);
        // A horn of seven, of a scale that leaves degrees out; nine need a thumb.
        PlanTarget horn = usualTarget(Family::Horn);
        horn.holes = 7;
        const auto seven = fingeringChart(Family::Horn, horn);
        VERIFY_OK(seven);
        QCOMPARE(seven->size(), std::size_t{8});
        QCOMPARE((*seven)[5].id.text, std::string("F5")); // five degrees make the octave
        horn.holes = 9;
        QVERIFY(startingBlank(Family::Horn, horn)->sides.back() == Side::Back);
        horn.holes = 10;
        QVERIFY(!fingeringChart(Family::Horn, horn));
        Blank back = *blank;
        setHoles(back, usualHoles(Family::Reed));
        QCOMPARE(back.digits, startingBlank(Family::Reed, usualTarget(Family::Reed))->digits);
    }
    void everyFamilyGoesFromBlankToHoles_data()
    {
        QTest::addColumn<int>("family");
        QTest::addColumn<QString>("lowest");
        for (const Family f : {Family::Whistle, Family::Recorder, Family::TwoChamber, Family::Flute, Family::Fife,
                               Family::Stopped, Family::Slide, Family::Reed, Family::Horn, Family::Other}) {
            const std::string name(familyName(f));
            QTest::newRow(name.c_str()) << static_cast<int>(f) << QString();
        }
        QTest::newRow("low whistle") << static_cast<int>(Family::Whistle) << "D4";
        QTest::newRow("high fife") << static_cast<int>(Family::Fife) << "D5";
    }
    void everyFamilyGoesFromBlankToHoles()
    {
        QFETCH(int, family);
        QFETCH(QString, lowest);
        PlanTarget target = usualTarget(static_cast<Family>(family));
        if (!lowest.isEmpty())
            target.lowest = lowest.toStdString();
        target.registers = 1;
        const auto blank = startingBlank(static_cast<Family>(family), target);
        VERIFY_OK(blank);
        QCOMPARE(blank->spec.fingerings.front().id.text, target.lowest);
        const auto l = layOut(*blank, {}, false);
        VERIFY_OK(l);
        QVERIFY2(std::abs(l->worst_cents) < 1.0, qPrintable(QString::number(l->worst_cents)));
        QCOMPARE(l->goal.spec().holes.size(), blank->holeCount);
    }
    void octavesOfWhistleFluteAndFifeComeNear()
    {
        for (const Family f : {Family::Whistle, Family::Flute, Family::Fife}) {
            const auto blank = startingBlank(f, usualTarget(f));
            VERIFY_OK(blank);
            QCOMPARE(blank->spec.fingerings.size(), std::size_t(14));
            const auto l = layOut(*blank, {}, false);
            VERIFY_OK(l);
            QVERIFY2(l->rms_cents < 12.0,
                     qPrintable(QStringLiteral("%1: %2").arg(QString::fromUtf8(familyName(f).data())).arg(l->rms_cents)));
        }
    }
    void modesRetuneTheChart()
    {
        PlanTarget t = usualTarget(Family::Whistle);
        t.registers = 1;
        t.mode = "mixolydian";
        const auto chart = fingeringChart(Family::Whistle, t);
        VERIFY_OK(chart);
        QCOMPARE(chart->back().id.text, std::string("C6")); // not C#6
        t.mode = "hypothetical";
        QVERIFY(!fingeringChart(Family::Whistle, t));
        t.mode = "major";
        t.lowest = "H5";
        QVERIFY(!startingBlank(Family::Whistle, t));
    }
    void theThumbTakesTheHighestHole()
    {
        // As the families with a thumb hole have their fingers: common practice, no source.
        for (const Family f : {Family::Recorder, Family::Reed, Family::Horn}) {
            const auto own = startingBlank(f, usualTarget(f));
            VERIFY_OK(own);
            QVERIFY(hasThumb(*own));
            Blank blank = *own;
            setThumb(blank, false);
            QVERIFY(!hasThumb(blank) && blank.digits != own->digits);
            setThumb(blank, true);
            QCOMPARE(blank.digits, own->digits);
            QVERIFY(blank.sides == own->sides);
        }
        Blank whistle = *startingBlank(Family::Whistle, usualTarget(Family::Whistle));
        setThumb(whistle, true);
        const auto l = layOut(whistle, {}, false);
        VERIFY_OK(l);
        QVERIFY(l->goal.spec().holes.back().side == Side::Back && l->goal.spec().holes.front().side == Side::Front);
        whistle.holeCount = 0;
        setThumb(whistle, true);
        QVERIFY(!hasThumb(whistle));
    }
    void noModeLeavesADegreeOut_data()
    {
        QTest::addColumn<int>("family");
        for (const Family f : {Family::Whistle, Family::Recorder, Family::TwoChamber, Family::Flute, Family::Fife, Family::Reed,
                               Family::Horn, Family::Other})
            QTest::newRow(familyName(f).data()) << static_cast<int>(f);
    }
    void noModeLeavesADegreeOut()
    {
        QFETCH(int, family);
        const auto f = static_cast<Family>(family);
        for (const auto mode : modeNames()) {
            if (mode == "chromatic")
                continue; // its degrees are more than fingers
            PlanTarget t = usualTarget(f);
            t.mode = mode;
            t.registers = 1;
            const auto chart = fingeringChart(f, t);
            VERIFY_OK(chart);
            const int lowest = *semitonesFromName(t.lowest);
            std::set<int> played;
            for (const Fingering& note : *chart)
                played.insert(*semitonesFromName(note.targetName) - lowest);
            // From the lowest note up to the highest that is played, none is skipped, and no hole is without its note.
            const std::vector<int> degrees = *modeNamed(mode);
            for (const int degree : degrees)
                QVERIFY2(degree > *played.rbegin() || played.contains(degree), qPrintable(QString::fromUtf8(mode.data())));
            if (degrees.size() == 7)
                QVERIFY2(played.size() >= static_cast<std::size_t>(usualHoles(f)), qPrintable(QString::fromUtf8(mode.data())));
        }
    }
    void keysAreAsLongAsTheirLayouts()
    {
        for (const Family f :
             {Family::Whistle, Family::Recorder, Family::TwoChamber, Family::Flute, Family::Fife, Family::Reed, Family::Horn}) {
            PlanTarget target = usualTarget(f);
            target.registers = 1;
            const auto blank = startingBlank(f, target);
            const auto keys = keysServed(*blank);
            VERIFY_OK(keys);
            const auto own =
                std::find_if(keys->begin(), keys->end(), [&](const KeyServed& k) { return isSameNote(k.lowest, target.lowest); });
            QVERIFY2(own != keys->end(), familyName(f).data());
            QVERIFY2(own->serves == Serves::Well, familyName(f).data()); // its own beginning is no poor one
            const auto l = layOut(*blank, {}, false);
            VERIFY_OK(l);
            // Closed holes widen the bore and lengthen it: what is laid out is up to a twentieth shorter than the bare tube.
            const double ratio = l->goal.length() / own->length;
            QVERIFY2(ratio > 0.93 && ratio < 1.01,
                     qPrintable(QStringLiteral("%1: %2").arg(QString::fromUtf8(familyName(f).data())).arg(ratio)));
        }
    }
    void aTubeServesTheKeysItsWidthIsFor()
    {
        const auto blank = startingBlank(Family::Whistle, usualTarget(Family::Whistle));
        const auto keys = keysServed(*blank);
        VERIFY_OK(keys);
        const auto find = [&](const char* name) {
            return std::find_if(keys->begin(), keys->end(), [name](const KeyServed& k) { return k.lowest == name; });
        };
        QVERIFY(find("D5") != keys->end() && find("D5")->serves == Serves::Well);
        // As a high A it is stout for its length, and said so.
        QVERIFY(find("A5") != keys->end() && find("A5")->serves != Serves::Well);
        QCOMPARE(find("A5")->why, std::string("wide"));
        QVERIFY(find("A4") == keys->end()); // too short for that
        Blank thin = *blank;
        for (Station& s : thin.spec.bore)
            s.diameter = Metres::fromMillimetres(5.0);
        const auto narrow = keysServed(thin);
        VERIFY_OK(narrow);
        QCOMPARE(narrow->front().why, std::string("narrow"));
    }
};

DOWEL_TEST(TestFamilies)
#include "test_families.moc"
