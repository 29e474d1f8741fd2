// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the quantity types' conversions, the error channel, and that random numbers are SplitMix64's on every machine.
#include "core/base/cancel.h"
#include "core/base/ids.h"
#include "core/base/number_text.h"
#include "core/base/quantities.h"
#include "core/base/random.h"
#include "core/base/result.h"
#include "core/base/stamp.h"
#include "support/compare.h"
#include "support/test_main.h"

#include <clocale>
#include <cmath>
#include <set>
#include <type_traits>

using namespace dowel;

static_assert(!std::is_constructible_v<Metres, double>, "a length without a unit must not compile");
static_assert(!std::is_convertible_v<Hertz, double>, "a frequency must not decay into a number");
static_assert(!std::is_same_v<HoleId, FingeringId>, "ids of different things are different types");

class TestBase : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void anInchIsExactly25Point4Millimetres()
    {
        // International inch, exact since 1959 (ISO 31-1).
        VERIFY_NEAR(Metres::fromInches(1.0).millimetres(), 25.4, 1e-12);
        VERIFY_NEAR(Metres::fromMillimetres(6.35).inches(), 0.25, 1e-12);
    }
    void numbersAreWrittenAlikeInEveryLocale()
    {
        const char* before = std::setlocale(LC_ALL, nullptr);
        const std::string kept = before == nullptr ? "C" : before;
        // Where the machine has them; where it has none of them they are all C, and hold as well.
        for (const char* locale : {"C", "de_DE.UTF-8", "tr_TR.UTF-8", "ar_EG.UTF-8", "fr_CH.UTF-8"}) {
            (void)std::setlocale(LC_ALL, locale);
            QCOMPARE(fixedText(0.5, 5), std::string("0.50000"));
            QCOMPARE(fixedText(-1234567.25, 2), std::string("-1234567.25"));
            QCOMPARE(numberText(6.4), std::string("6.4"));
            QCOMPARE(numberText(20.0), std::string("20"));
            QCOMPARE(numberText(1e-12), std::string("1e-12"));
            QCOMPARE(exactText(0.1), std::string("0.1"));
            QCOMPARE(numberFrom("0.25"), std::optional(0.25));
        }
        (void)std::setlocale(LC_ALL, kept.c_str());
    }
    void anExactTextReadsBackAsTheSameNumber()
    {
        // IEEE 754: seventeen digits always tell two doubles apart; the shortest that do are enough.
        Random random(3);
        for (int i = 0; i < 2000; ++i) {
            const double v = random.normal() * std::pow(10.0, random.uniform(-300.0, 300.0));
            QCOMPARE(numberFrom(exactText(v)), std::optional(v));
        }
        QCOMPARE(numberFrom(exactText(5e-324)), std::optional(5e-324));
    }
    void whatIsNoNumberIsNone()
    {
        for (const char* text : {"", " ", "1 ", " 1", "1,5", "nan", "inf", "-inf", "1e999", "0x10", "1.5mm", "--1", "."})
            QVERIFY2(!numberFrom(text), text);
        std::string_view rest = "42/64";
        QCOMPARE(takeWhole(rest), std::optional(42));
        QVERIFY(rest == "/64" && !takeWhole(rest));
    }
    void timesAreThoseOfIso8601()
    {
        // ISO 8601 and the civil calendar: 2000 had a 29 February, 1900 had none; the epoch is 1970-01-01T00:00:00Z (POSIX).
        QCOMPARE(timestamp(UtcTime{}), std::string("1970-01-01T00:00:00.000Z"));
        const auto at = timeFrom("2000-02-29T23:59:59.125Z");
        QVERIFY(at);
        QCOMPARE(at->time_since_epoch().count(), std::int64_t(951868799125));
        QCOMPARE(timestamp(*at), std::string("2000-02-29T23:59:59.125Z"));
        QCOMPARE(timeFrom("2000-02-29T23:59:59Z"), std::optional(*at - std::chrono::milliseconds(125)));
        QVERIFY(timeFrom("2026-05-12T14:03"));
        for (const char* none : {"", "yesterday", "1900-02-29T00:00:00Z", "2026-13-01T00:00:00Z", "2026-01-01T24:00:00Z",
                                 "2026-01-01T00:60:00Z", "2026-01-01 00:00:00Z", "2026-01-01T00:00:00Z!", "2026-1-1T0:0:0Z"})
            QVERIFY2(!timeFrom(none), none);
        QCOMPARE(dayText(*dayFrom("2026-05-02")), std::string("2026-05-02"));
        QCOMPARE(dayDigits(*dayFrom("2026-05-02")), std::string("20260502"));
        QVERIFY(!dayFrom("2026-02-31") && !dayFrom("2026-05-02T00:00:00Z") && !dayFrom("yesterday"));
        QVERIFY(localDayFrom("yesterday") == std::chrono::sys_days());
    }
    void unitsGoBothWays()
    {
        VERIFY_NEAR(Temperature::fromCelsius(20.0).kelvin(), 293.15, 1e-12);
        VERIFY_NEAR(Temperature::fromKelvin(273.15).celsius(), 0.0, 1e-12);
        VERIFY_NEAR(CubicMetres::fromCubicMillimetres(1500.0).cubicMetres(), 1.5e-6, 1e-18);
        VERIFY_NEAR((Metres::fromMillimetres(3.0) + Metres::fromMetres(0.002)).millimetres(), 5.0, 1e-12);
        VERIFY_NEAR(Metres::fromMillimetres(6.0) / Metres::fromMillimetres(4.0), 1.5, 1e-12);
        QVERIFY(Metres::fromMillimetres(2.0) < Metres::fromMetres(0.003));
        VERIFY_NEAR((-Cents::fromCents(4.0)).cents(), -4.0, 0.0);
    }
    void aResultHoldsAValueOrAnError()
    {
        const Result<int> good(4);
        const Result<int> bad(Error{ErrorCode::BadValue, "/wall_mm", {FactId::Above, Metres::fromMillimetres(-1.0), Metres()}});
        QVERIFY(good.ok());
        QCOMPARE(*good, 4);
        QVERIFY(!bad);
        QCOMPARE(bad.error().where, std::string("/wall_mm"));
    }
    void everyErrorCodeHasItsOwnWord()
    {
        std::set<std::string_view> words;
        for (int i = 0; i <= static_cast<int>(ErrorCode::Internal); ++i)
            words.insert(codeName(static_cast<ErrorCode>(i)));
        QCOMPARE(words.size(), static_cast<std::size_t>(ErrorCode::Internal) + 1);
    }
    void randomNumbersAreSplitMix64()
    {
        // First outputs for seed 1234567, published with the reference implementation (Vigna 2015, from memory).
        Random r(1234567);
        QCOMPARE(r.next(), std::uint64_t(6457827717110365317ULL));
        QCOMPARE(r.next(), std::uint64_t(3203168211198807973ULL));
        QCOMPARE(r.next(), std::uint64_t(9817491932198370423ULL));
    }
    void normalDeviatesHaveTheRightMoments()
    {
        Random r(7);
        double sum = 0.0;
        double squares = 0.0;
        constexpr int n = 200000;
        for (int i = 0; i < n; ++i) {
            const double x = r.normal();
            sum += x;
            squares += x * x;
        }
        VERIFY_NEAR(sum / n, 0.0, 5.0 / std::sqrt(n)); // five standard errors
        VERIFY_NEAR(squares / n, 1.0, 5.0 * std::sqrt(2.0 / n));
    }
    void uniformDeviatesNeverReachTheirBounds()
    {
        Random r(3);
        for (int i = 0; i < 100000; ++i) {
            const double x = r.uniform();
            QVERIFY(x > 0.0 && x < 1.0);
        }
    }
    void copiesOfACancelShareIt()
    {
        Cancel a;
        const Cancel b = a;
        QVERIFY(!b.requested());
        a.request();
        QVERIFY(b.requested());
    }
};

DOWEL_TEST(TestBase)
#include "test_base.moc"
