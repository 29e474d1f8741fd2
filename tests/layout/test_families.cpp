// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that each family's starting blank can be laid out and comes near its target, in other keys, too, and what tubes
// are said to serve for.
#include "core/layout/families.h"
#include "core/layout/layout.h"
#include "support/compare.h"
#include "support/test_main.h"

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
        QCOMPARE((*seven)[5].id.text, std::string("G5")); // five degrees make the octave
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
