// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that proposed sizes are ones a workshop can make and never more than asked for.
#include "core/base/random.h"
#include "core/shop/bit_drawer.h"
#include "core/shop/drawer.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

using namespace dowel;
using fixtures::mm;

class TestDrawer : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void farFromTheGoalOnlyBits()
    {
        const Tools t = fixtures::whistleSpec().tools;
        VERIFY_NEAR(roundedEnlargement(mm(5.3), mm(6.9), t).millimetres(), 6.5, 1e-9);
        QVERIFY(bitOfSize(mm(6.5), t).has_value());
        QVERIFY(!bitOfSize(mm(6.4), t).has_value());
    }
    void theLastMillimetreByFile()
    {
        const Tools t = fixtures::whistleSpec().tools;
        VERIFY_NEAR(roundedEnlargement(mm(6.0), mm(6.47), t).millimetres(), 6.4, 1e-9);
        VERIFY_NEAR(roundedEnlargement(mm(6.0), mm(6.05), t).millimetres(), 6.0, 1e-9); // less than a step
    }
    void withoutBitsAnyStep()
    {
        Tools t;
        VERIFY_NEAR(roundedEnlargement(mm(5.0), mm(8.27), t).millimetres(), 8.2, 1e-9);
    }
    void roundingIsTowardsLess()
    {
        Random r(11);
        const Tools t = fixtures::whistleSpec().tools;
        for (int i = 0; i < 2000; ++i) {
            const Metres from = mm(r.uniform(4.0, 8.0));
            const Metres goal = mm(r.uniform(4.0, 9.0));
            const Metres size = roundedEnlargement(from, goal, t);
            QVERIFY(size >= from);
            QVERIFY(size <= std::max(from, goal) + mm(2e-3));
            const Metres length = mm(250.0) + goal;
            const Metres trimmed = roundedTrim(mm(250.0) + from, length, t);
            QVERIFY(trimmed <= mm(250.0) + from);
            QVERIFY(trimmed >= std::min(mm(250.0) + from, length) - mm(2e-3));
        }
    }
    void aBitThatDrillsLargerIsReckonedAsItDrills()
    {
        // A sixteenth is 25.4 / 16 mm exactly (the international inch of 1959); what stands behind the plus is in its unit.
        const auto eighth = bitFromMarking("1/8 +0.004");
        QVERIFY(eighth);
        VERIFY_NEAR(eighth->diameter.millimetres(), 25.4 / 8 + 0.1016, 1e-9);
        QCOMPARE(eighth->name, std::string("1/8"));
        VERIFY_NEAR(bitFromMarking("6.5 mm +0.2")->diameter.millimetres(), 6.7, 1e-9);
        VERIFY_NEAR(bitFromMarking("F + 0.2 mm")->diameter.millimetres(), bitFromMarking("F")->diameter.millimetres() + 0.2,
                    1e-9);
        for (const char* words : {"1/8 +0.004", "6.5 +0.2", "F +0.2 mm", "#7 +0.008 in", "9/32"}) {
            const auto once = bitFromMarking(words);
            QVERIFY2(once, words);
            const auto again = bitFromMarking(markingOf(*once));
            QVERIFY2(again, words);
            QCOMPARE(markingOf(*again), markingOf(*once));
            VERIFY_NEAR(again->diameter.millimetres(), once->diameter.millimetres(), 1e-4);
        }
        // Nobody's bit is two millimetres off: a tenth typed for a thousandth, and nonsense.
        for (const char* words : {"9/32 +0.2", "6.5 mm +2.1", "6.5 +", "6.5 +-1", "6.5 +x", "+0.2", "6.5 +0.1 +0.1"})
            QVERIFY2(!bitFromMarking(words), words);
    }
    void aHandIsAsSureAsItsTool()
    {
        // An iron burns on, a borer pulls, a file is tried again and again: common practice, no source.
        QVERIFY(slipOf("hot iron") > slipOf("cork borer"));
        QVERIFY(slipOf("cork borer") > slipOf("knife"));
        QVERIFY(slipOf("knife") > slipOf("round file"));
        QCOMPARE(slipOf("tapered reamer"), slipOf("abrasive on a rod"));
        QCOMPARE(slipByHand(nullptr, "cane"), slipOf("hot iron"));
        QCOMPARE(slipByHand(nullptr, "horn"), slipOf("file"));
        BitDrawer drawer;
        drawer.tools = {"knife", "hot iron"};
        QCOMPARE(slipByHand(&drawer, "cane"), slipOf("hot iron")); // what is there, best first for the material
        QCOMPARE(slipByHand(&drawer, "hardwood"), slipOf("knife"));
        QCOMPARE(slipByHand(&drawer, "plastic"), slipOf("knife"));
    }
    void noBetweenSizeIsInvented()
    {
        Tools t = fixtures::whistleSpec().tools;
        t.bits = {mm(5.0), mm(9.0)};
        // No bit between: the file has to do it, in whole steps.
        VERIFY_NEAR(roundedEnlargement(mm(5.3), mm(7.0), t).millimetres(), 7.0, 1e-9);
    }
};

DOWEL_TEST(TestDrawer)
#include "test_drawer.moc"
