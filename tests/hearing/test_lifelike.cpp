// SPDX-License-Identifier: GPL-3.0-or-later
// Proves readings on lifelike takes against the exact mean of the very stretch they are given for: how near they come,
// and that of the stated 95 % intervals about 95 % hold the truth.
#include "core/hearing/analyse.h"
#include "support/compare.h"
#include "support/lifelike.h"
#include "support/long_run.h"
#include "support/test_main.h"

#include <map>

using namespace dowel;
using lifelike::Grade;

class TestLifelike : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void readingsComeNearTheTruth_data()
    {
        QTest::addColumn<int>("grade");
        QTest::addColumn<double>("median");
        QTest::addColumn<double>("most"); // 95 % below
        QTest::addColumn<double>("worst");
        QTest::newRow("clean") << static_cast<int>(Grade::Clean) << 0.02 << 0.25 << 1.0;
        QTest::newRow("ordinary") << static_cast<int>(Grade::Ordinary) << 0.04 << 0.25 << 1.0;
        QTest::newRow("hard") << static_cast<int>(Grade::Hard) << 0.05 << 0.3 << 1.0;
    }
    void readingsComeNearTheTruth()
    {
        QFETCH(int, grade);
        QFETCH(double, median);
        QFETCH(double, most);
        QFETCH(double, worst);
        std::vector<double> off;
        std::map<std::string, double> byTrouble;
        for (std::uint64_t seed = 0; seed < 64; ++seed) {
            const auto t = lifelike::take(static_cast<Grade>(grade), seed);
            const auto a = analyse(t.samples, std::nullopt);
            QVERIFY2(!a.notes.empty(),
                     qPrintable(QStringLiteral("seed %1, %2: no note").arg(seed).arg(QLatin1String(t.trouble))));
            for (const HeardNote& n : a.notes) {
                off.push_back(std::abs(t.offCents(n)));
                byTrouble[t.trouble] = std::max(byTrouble[t.trouble], off.back());
            }
        }
        std::sort(off.begin(), off.end());
        qInfo("median %.4f, 95 %% below %.4f, worst %.4f cent of %zu notes", off[off.size() / 2], off[off.size() * 95 / 100],
              off.back(), off.size());
        for (const auto& [name, w] : byTrouble)
            qInfo("  %s: worst %.4f", name.c_str(), w);
        QVERIFY(off[off.size() / 2] <= median);
        QVERIFY(off[off.size() * 95 / 100] <= most);
        QVERIFY(off.back() <= worst);
    }
    void intervalsHoldTheTruth()
    {
        // A third each: of the stated 95 % intervals 93 to 97 % hold the truth over 500 takes. Over the 120 of a short run three
        // standard deviations of a binomial are 6 %.
        const std::uint64_t takes = longRun() ? 500 : 120;
        int held = 0;
        int of = 0;
        std::array<int, 3> heldBy{};
        std::array<int, 3> ofBy{};
        std::map<std::string, std::pair<int, int>> byTrouble;
        for (std::uint64_t seed = 1000; seed < 1000 + takes; ++seed) {
            const auto grade = static_cast<Grade>(seed % 3);
            const auto t = lifelike::take(grade, seed);
            for (const HeardNote& n : analyse(t.samples, std::nullopt).notes) {
                const bool in = std::abs(t.offCents(n)) <= 1.96 * n.sd.cents();
                held += in ? 1 : 0;
                auto& [heldThere, ofThere] = byTrouble[t.trouble];
                heldThere += in ? 1 : 0;
                ++ofThere;
                ++of;
                heldBy[static_cast<std::size_t>(grade)] += in ? 1 : 0;
                ++ofBy[static_cast<std::size_t>(grade)];
            }
        }
        qInfo("%d of %d held: clean %d/%d, ordinary %d/%d, hard %d/%d", held, of, heldBy[0], ofBy[0], heldBy[1], ofBy[1],
              heldBy[2], ofBy[2]);
        for (const auto& [name, counts] : byTrouble)
            qInfo("  %s: %d of %d", name.c_str(), counts.first, counts.second);
        QVERIFY(of >= static_cast<int>(takes));
        const double share = static_cast<double>(held) / of;
        const double allowed = longRun() ? 0.02 : 0.06;
        QVERIFY2(std::abs(share - 0.95) <= allowed, qPrintable(QString::number(share)));
    }
    void theErrorOfANoteAsItWasPlayedHoldsTheNote()
    {
        // What the note was played at, drift and swing apart, lies within 1.645 of the stated errors in nine of ten; within those
        // of the chosen stretch alone in hardly any.
        const std::uint64_t takes = longRun() ? 500 : 120;
        int held = 0;
        int heldByStretch = 0;
        int of = 0;
        for (std::uint64_t seed = 5000; seed < 5000 + takes; ++seed) {
            const auto t = lifelike::take(static_cast<Grade>(seed % 3), seed);
            const auto notes = analyse(t.samples, std::nullopt).notes;
            if (notes.empty())
                continue; // refused, which is no statement
            const double off = std::abs(1200.0 * std::log2(notes.front().pitch.hertz() / t.f_Hz));
            held += off <= 1.645 * errorAsPlayed(notes.front()).cents() ? 1 : 0;
            heldByStretch += off <= 1.645 * notes.front().sd.cents() ? 1 : 0;
            ++of;
        }
        qInfo("%d of %d held, %d by the stretch's own error", held, of, heldByStretch);
        QVERIFY(of > static_cast<int>(takes) * 95 / 100);
        QVERIFY2(held > of * 84 / 100 && held < of * 96 / 100, qPrintable(QStringLiteral("%1 of %2").arg(held).arg(of)));
        QVERIFY(heldByStretch < of / 3);
    }
};

DOWEL_TEST(TestLifelike)
#include "test_lifelike.moc"
