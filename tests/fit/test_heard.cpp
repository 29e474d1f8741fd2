// SPDX-License-Identifier: GPL-3.0-or-later
// Proves what stands before any fit: how readings are taken together (which of them are one listening and which one day, what an
// old reading still counts, at what temperature it is compared, which errors readings of one note share), and that every unknown
// moves the notes as its derivative says.
#include "core/base/breath.h"
#include "core/base/random.h"
#include "core/fit/fit.h"
#include "core/fit/heard.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/heard.h"
#include "support/test_main.h"

#include <numeric>

using namespace dowel;
using namespace dowel::fitting;
using fixtures::mm;

namespace {

struct Book
{
    Workbook book{fixtures::whistle()};
    std::vector<Fingering> chart = fixtures::whistle().spec().fingerings;

    void put(const char* at, EntryBody body)
    {
        if (const Status ok = book.append({book.nextId(), at, std::move(body)}); !ok)
            qFatal("%s", told(ok.error()).c_str());
    }
    void hear(const char* at, std::size_t note, double cents = 0.0, double celsius = 20.0, double sd_cents = 0.4)
    {
        put(at, fixtures::heard(chart[note].id, chart[note].target * std::exp2(cents / 1200.0), sd_cents,
                                Temperature::fromCelsius(celsius)));
    }
    void open(const char* at, std::size_t hole, double by_mm)
    {
        const Hole& h = book.present().spec().holes[hole];
        put(at, CutEntry{Enlarge{h.id, h.diameter + mm(by_mm)}, h.diameter, {}, {}});
    }
    [[nodiscard]] HeardAll heard(const Priors& priors = {}) const
    {
        auto all = heardIn(book, priors);
        if (!all)
            qFatal("%s", told(all.error()).c_str());
        return std::move(*all);
    }
};

std::vector<std::size_t> listeningsOf(const HeardAll& all)
{
    std::vector<std::size_t> numbers;
    for (const HeardReading& r : all.readings)
        numbers.push_back(r.listening);
    return numbers;
}

} // namespace

class TestHeard : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void aSittingEndsAfterAnHourInAnotherRoomAndWithACut()
    {
        using Numbers = std::vector<std::size_t>;
        Book b;
        b.hear("2026-01-01T10:00:00Z", 0);
        b.hear("2026-01-01T10:59:00Z", 1);
        b.hear("2026-01-01T11:58:00Z", 2); // an hour is counted from the reading before
        b.hear("2026-01-01T12:59:00Z", 3); // more than one
        b.hear("2026-01-01T13:00:00Z", 4, 0.0, 20.1);
        b.hear("2026-01-01T13:01:00Z", 5, 0.0, 20.3); // a fifth of a degree is another room
        b.open("2026-01-01T13:02:00Z", 0, 0.2);
        b.hear("2026-01-01T13:03:00Z", 6, 0.0, 20.3);
        b.hear("some time later", 7, 0.0, 20.3); // without a time there is no telling
        QCOMPARE(listeningsOf(b.heard()), (Numbers{0, 0, 0, 1, 1, 2, 3, 3}));
        QCOMPARE(b.heard().shapes.size(), std::size_t(2));
        VERIFY_NEAR(b.heard().shapes[1].room_K, 293.45, 1e-9);
    }
    void aDayEndsOvernight()
    {
        using Numbers = std::vector<std::size_t>;
        Book b;
        b.hear("2026-01-01T09:00:00Z", 0);
        b.hear("2026-01-01T16:59:00Z", 0); // less than eight hours later
        b.hear("2026-01-02T00:58:00Z", 0); // who works late goes on
        b.hear("2026-01-02T09:00:00Z", 0);
        b.hear("2026-01-02T17:00:00Z", 0); // eight hours are a night
        QCOMPARE(b.heard().dayOf, (Numbers{0, 0, 0, 1, 2}));
        // Two sittings of one day have a tenth of their variance in common, of two days nothing.
        const Priors priors;
        const HeardAll all = b.heard();
        const Unknowns u = Unknowns::of(b.book.specified(), all.dayOf.size(), all.gainSds.size());
        Prior prior = priorOf(u, priors, Family::Whistle);
        expectListenings(prior, u, all, priors);
        const Eigen::MatrixXd covariance = prior.root * prior.root.transpose();
        const double shift = std::pow(priors.listeningSd_cents, 2);
        const double slope = std::pow(priors.listeningSlopeSd_cents, 2);
        for (std::size_t i = 0; i < 5; ++i)
            for (std::size_t k = 0; k < 5; ++k) {
                const double alike = i == k ? 1.0 : i < 3 && k < 3 ? 0.1 : 0.0;
                VERIFY_NEAR(covariance(u.shift(i), u.shift(k)), alike * shift, 1e-9);
                VERIFY_NEAR(covariance(u.slope(i), u.slope(k)), alike * slope, 1e-9);
                VERIFY_NEAR(covariance(u.shift(i), u.slope(k)), 0.0, 1e-12);
            }
    }
    void whatIsLongPastCountsAsItsMedianOnce()
    {
        Book b;
        for (const double cents : {-50.0, 7.0, 3.0, 5.0, 1.0, 2.0, 3.0, 4.0, 6.0}) // the newest six stand for themselves
            b.hear("2026-01-01T10:00:00Z", 2, cents);
        b.hear("2026-01-01T10:01:00Z", 3, 11.0);
        const HeardAll all = b.heard();
        QCOMPARE(all.readings.size(), std::size_t(8));
        QCOMPARE(all.readings[0].note, std::size_t(2));
        VERIFY_NEAR(all.readings[0].cents, 3.0, 1e-6);
        QCOMPARE(all.readings[0].sd, 0.0);
        QCOMPARE(all.readings[0].listening, std::size_t(0));
        const double newest[] = {5.0, 1.0, 2.0, 3.0, 4.0, 6.0};
        for (std::size_t i = 0; i < 6; ++i) {
            VERIFY_NEAR(all.readings[i + 1].cents, newest[i], 1e-6);
            QCOMPARE(all.readings[i + 1].listening, std::size_t(1));
        }
        VERIFY_NEAR(all.readings[7].cents, 11.0, 1e-6);
        // Of each note the newest first.
        QCOMPARE(all.notes[2].readings, (std::vector<std::size_t>{6, 5, 4, 3, 2, 1, 0}));
    }
    void roomsOfOneShapeAreBroughtToTheFirst()
    {
        Book b;
        b.hear("2026-01-01T10:00:00Z", 0, 10.0, 18.0);
        b.hear("2026-01-01T10:01:00Z", 1, 10.0, 26.0);
        const HeardAll all = b.heard();
        VERIFY_NEAR(all.readings[0].cents, 10.0, 1e-9);
        // The air in the tube lies a fifth of the way from the room's to the breath's; sound goes with the root of it.
        const double cool_K = playedAir_K(291.15, Priors{}.warmth);
        const double warm_K = playedAir_K(299.15, Priors{}.warmth);
        VERIFY_NEAR(all.readings[1].cents, 10.0 - 600.0 * std::log2(warm_K / cool_K), 1e-9);
        QVERIFY(all.readings[1].cents < 0.0);
    }
    void readingsAgreeWithinThreeDeviationsOnOneShape()
    {
        const auto agree = [](double apart_cents, bool cutBetween = false) {
            Book b;
            b.hear("2026-01-01T10:00:00Z", 4, 0.0);
            if (cutBetween)
                b.open("2026-01-01T10:00:30Z", 0, 0.1);
            b.hear("2026-01-01T10:01:00Z", 4, apart_cents);
            const HeardAll all = b.heard();
            return all.notes[4].agree;
        };
        const double three = 3.0 * std::sqrt(2.0) * std::hypot(0.4, Priors{}.repeat_cents);
        QVERIFY(agree(0.95 * three) && agree(-0.95 * three) && !agree(1.05 * three) && !agree(-1.05 * three));
        QVERIFY(!agree(0.0, true)); // of two shapes they say nothing of each other
    }
    void whatACutGetsWrongIsSharedByWhatWasHeardBeforeIt()
    {
        Book b;
        b.hear("2026-01-01T10:00:00Z", 2);
        b.hear("2026-01-01T10:01:00Z", 2);
        b.open("2026-01-01T10:02:00Z", 2, 0.3);
        b.hear("2026-01-01T10:03:00Z", 2);
        b.open("2026-01-01T10:04:00Z", 1, 0.2);
        const Priors priors;
        const HeardAll all = b.heard(priors);
        // What the formulas say of the two cuts, before anything is fitted.
        const auto prior = Posterior::prior(b.book.specified(), priors);
        VERIFY_OK(prior);
        double cents[3];
        for (const int shape : {0, 1, 2})
            cents[shape] = prior->cents(b.book.shapes()[static_cast<std::size_t>(shape)]).value()[2];
        const double first = cents[1] - cents[0];
        const double second = cents[2] - cents[1];
        QVERIFY(std::abs(first) > 1.0 || std::abs(second) > 1.0);
        // A fifth of the share's variance is each note's own, with what the calipers leave open; ways add up.
        const double share = priors.shareOfChange;
        const auto calipers = [&](double change, double by_mm) {
            return std::pow(change / by_mm * priors.caliperSd_m * 1e3, 2);
        };
        const double sinceSecond = Priors::ownPartOfCut * std::pow(share * std::abs(second), 2) + calipers(second, 0.2);
        const double sinceFirst = Priors::ownPartOfCut * std::pow(share * (std::abs(first) + std::abs(second)), 2) +
                                  calipers(first, 0.3) + calipers(second, 0.2);
        const Eigen::MatrixXd& own = all.notes[2].byCuts; // the newest first
        QCOMPARE(own.rows(), Eigen::Index(3));
        VERIFY_NEAR(own(0, 0), sinceSecond, 1e-9);
        VERIFY_NEAR(own(1, 1), sinceFirst, 1e-9);
        VERIFY_NEAR(own(1, 2), sinceFirst, 1e-9);  // two readings of one shape: all of it
        VERIFY_NEAR(own(0, 1), sinceSecond, 1e-9); // of two: what comes after the later
        // The rest is one error of each lever, four fifths of the variance, taken back along what its cuts did.
        QCOMPARE(all.gainSds.size(), std::size_t(2));
        VERIFY_NEAR(all.gainSds[0], std::sqrt(0.8) * share, 1e-12);
        VERIFY_NEAR(all.readings[0].byGains[0], -first, 1e-9);
        VERIFY_NEAR(all.readings[0].byGains[1], -second, 1e-9);
        VERIFY_NEAR(all.readings[2].byGains[0], 0.0, 1e-12);
        VERIFY_NEAR(all.readings[2].byGains[1], -second, 1e-9);
        // Weighed, they are independent and of size one.
        Eigen::MatrixXd covariance = own;
        covariance.diagonal().array() += 0.4 * 0.4 + priors.repeat_cents * priors.repeat_cents;
        const Eigen::MatrixXd& white = all.notes[2].whitening;
        QVERIFY((white * covariance * white.transpose()).isApprox(Eigen::MatrixXd::Identity(3, 3), 1e-9));
    }
    void cutsOfOneHoleAreOneLever()
    {
        Book b;
        b.hear("2026-01-01T10:00:00Z", 2);
        b.open("2026-01-01T10:01:00Z", 2, 0.1);
        b.open("2026-01-01T10:02:00Z", 3, 0.1);
        b.open("2026-01-01T10:03:00Z", 2, 0.1);
        b.hear("2026-01-01T10:04:00Z", 2);
        QCOMPARE(b.heard().gainSds.size(), std::size_t(2));
        // What was cut before anything was heard is nobody's error.
        Book before;
        before.open("2026-01-01T10:00:00Z", 2, 0.1);
        before.hear("2026-01-01T10:01:00Z", 2);
        QVERIFY(before.heard().gainSds.empty());
    }
    void everyUnknownMovesTheNotesAsItsDerivativeSays_data()
    {
        QTest::addColumn<int>("family");
        for (const Family f : {Family::Whistle, Family::Flute, Family::Reed})
            QTest::newRow(std::string(familyName(f)).c_str()) << static_cast<int>(f);
    }
    void everyUnknownMovesTheNotesAsItsDerivativeSays()
    {
        QFETCH(int, family);
        // Holes drilled, then opened and undercut, so that what openings and undercuts gain shows.
        InstrumentSpec drilled = fixtures::whistleSpec();
        drilled.family = static_cast<Family>(family);
        if (drilled.family == Family::Flute)
            drilled.excitation = Transverse{mm(9.0), mm(8.0), mm(3.5), mm(14.0), 0.3};
        if (drilled.family == Family::Reed)
            drilled.excitation = ClosedTop{false, CubicMetres::fromCubicMillimetres(1500.0)};
        InstrumentSpec spec = drilled;
        for (Hole& h : spec.holes) {
            h.diameter = h.diameter + mm(0.6);
            h.undercutDiameter = h.diameter + mm(0.8);
        }
        const Instrument shape = Instrument::make(spec).value();
        const Unknowns u = Unknowns::of(Instrument::make(drilled).value());
        const Prior prior = priorOf(u, {}, spec.family);
        // Somewhere in the midst of what is believed, and by a tenth of a deviation of each unknown to both sides.
        Random r(5);
        Eigen::VectorXd x = prior.mean;
        Eigen::VectorXd z(u.lasting());
        for (Eigen::Index k = 0; k < z.size(); ++k)
            z[k] = 0.3 * r.normal();
        x.head(u.lasting()) += prior.root.topLeftCorner(u.lasting(), u.lasting()) * z;
        std::vector<std::size_t> all(spec.fingerings.size());
        std::iota(all.begin(), all.end(), std::size_t{0});
        constexpr double room_K = 294.0;
        const auto here = evaluate(shape, u, x, room_K, all, true);
        VERIFY_OK(here);
        const auto plain = evaluate(shape, u, x, room_K, all, false);
        VERIFY_OK(plain);
        const Eigen::MatrixXd covariance = prior.root * prior.root.transpose();
        for (Eigen::Index k = 0; k < u.lasting(); ++k) {
            const double step = 0.1 * std::sqrt(covariance(k, k));
            Eigen::VectorXd up = x;
            Eigen::VectorXd down = x;
            up[k] += step;
            down[k] -= step;
            const auto above = evaluate(shape, u, up, room_K, all, false);
            const auto below = evaluate(shape, u, down, room_K, all, false);
            VERIFY_OK(above);
            VERIFY_OK(below);
            double most = 0.0;
            for (std::size_t i = 0; i < all.size(); ++i) {
                VERIFY_NEAR(plain->cents[i], here->cents[i], 1e-3);
                const double moved = above->cents[i] - below->cents[i];
                const double said = here->jacobian(static_cast<Eigen::Index>(i), k) * 2.0 * step;
                most = std::max(most, std::abs(moved));
                QVERIFY2(std::abs(moved - said) <= 0.02 * std::abs(said) + 0.01,
                         qPrintable(QStringLiteral("unknown %1, note %2: %3 for %4").arg(k).arg(i).arg(moved).arg(said)));
            }
            const bool used = k != u.highGain() || u.gainByRegister; // reeds alone lose at edges by the register
            QVERIFY2(used == (most > 0.003), qPrintable(QStringLiteral("unknown %1 moves nothing").arg(k)));
        }
    }
};

DOWEL_TEST(TestHeard)
#include "test_heard.moc"
