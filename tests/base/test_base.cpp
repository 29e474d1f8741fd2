// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the quantity types' conversions, the error channel, and that random numbers are SplitMix64's on every machine.
#include "core/base/cancel.h"
#include "core/base/ids.h"
#include "core/base/quantities.h"
#include "core/base/random.h"
#include "core/base/result.h"
#include "support/compare.h"
#include "support/test_main.h"

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
        const Result<int> bad(Error{ErrorCode::BadValue, "/wall_mm", "-1 mm"});
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
