// SPDX-License-Identifier: GPL-3.0-or-later
// Holds the bounded least squares against published test problems with known answers, against Ceres, and against a search
// through every set of active bounds.
#include "core/solve/bounded.h"
#include "support/test_main.h"

#include "core/base/random.h"

#include <Eigen/Cholesky>
#include <QTest>
#include <ceres/ceres.h>
#include <cmath>
#include <limits>

using namespace dowel;

namespace {

/// Residuals at a point, and their derivatives, one row a residual.
struct Linearised
{
    Eigen::VectorXd residuals;
    Eigen::MatrixXd jacobian;
};

/// Half a sum of squares, made small by Gauss and Newton's steps.
Result<Eigen::VectorXd> leastSquaresWithin(const std::function<Result<Linearised>(const Eigen::VectorXd&)>& at,
                                           const Eigen::VectorXd& start, const Eigen::VectorXd& low, const Eigen::VectorXd& high,
                                           const MinimumOptions& options = {})
{
    auto found = minimumWithin(
        [&](const Eigen::VectorXd& x) -> Result<Quadratic> {
            const auto l = DOWEL_TRY(at(x));
            return Quadratic{0.5 * l.residuals.squaredNorm(), l.jacobian.transpose() * l.residuals,
                             l.jacobian.transpose() * l.jacobian};
        },
        start, low, high, options);
    if (!found)
        return found.error();
    return std::move(found->at);
}

} // namespace

namespace {

constexpr double far = 1e6;
using Point = Eigen::Vector2d;

/// Rosenbrock's valley, 100 (x2 - x1^2)^2 + (1 - x1)^2.
Result<Linearised> valley(const Eigen::VectorXd& x)
{
    Linearised l{Point(10.0 * (x[1] - x[0] * x[0]), 1.0 - x[0]), Eigen::MatrixXd(2, 2)};
    l.jacobian << -20.0 * x[0], 10.0, -1.0, 0.0;
    return l;
}

struct ValleyForCeres
{
    template <class T> bool operator()(const T* x, T* r) const
    {
        r[0] = 10.0 * (x[1] - x[0] * x[0]);
        r[1] = 1.0 - x[0];
        return true;
    }
};

struct Trough
{
    Eigen::MatrixXd h;
    Eigen::VectorXd g;
    Eigen::VectorXd x;
    Eigen::VectorXd low;
    Eigen::VectorXd high;
    [[nodiscard]] double at(const Eigen::VectorXd& p) const { return 0.5 * p.dot(h * p) + g.dot(p); }
};

Trough randomQuadratic(Random& random, Eigen::Index n)
{
    Trough q{Eigen::MatrixXd(n + 2, n), Eigen::VectorXd(n), Eigen::VectorXd(n), Eigen::VectorXd(n), Eigen::VectorXd(n)};
    Eigen::MatrixXd j(n + 2, n);
    for (Eigen::Index i = 0; i < j.size(); ++i)
        j.data()[i] = random.normal();
    q.h = j.transpose() * j;
    for (Eigen::Index i = 0; i < n; ++i) {
        q.g[i] = 3.0 * random.normal();
        q.low[i] = random.uniform(-1.0, 0.0);
        q.high[i] = q.low[i] + random.uniform(0.0, 1.5);
        q.x[i] = random.uniform(q.low[i], q.high[i]);
    }
    return q;
}

/// The least value over all ways to hold each unknown at its lower bound, its upper one, or not at all.
double leastByTryingAll(const Trough& q)
{
    const Eigen::Index n = q.g.size();
    int ways = 1;
    for (Eigen::Index i = 0; i < n; ++i)
        ways *= 3;
    double least = std::numeric_limits<double>::infinity();
    for (int way = 0; way < ways; ++way) {
        Eigen::VectorXd p = Eigen::VectorXd::Zero(n);
        std::vector<Eigen::Index> free;
        for (Eigen::Index i = 0, rest = way; i < n; ++i, rest /= 3) {
            if (rest % 3 == 0)
                free.push_back(i);
            else
                p[i] = (rest % 3 == 1 ? q.low[i] : q.high[i]) - q.x[i];
        }
        if (!free.empty()) {
            const Eigen::VectorXd right = -(q.g + q.h * p)(free);
            const Eigen::MatrixXd part = q.h(free, free);
            const Eigen::VectorXd solved = part.ldlt().solve(right);
            p(free) = solved;
        }
        const Eigen::VectorXd there = q.x + p;
        if (((there - q.low).array() >= -1e-12).all() && ((q.high - there).array() >= -1e-12).all())
            least = std::min(least, q.at(p));
    }
    return least;
}

} // namespace

class TestBounded : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    /// Hock and Schittkowski 1981, problems 1 and 2 (from memory): the valley with x2 from -1.5 and from 1.5 upwards. The
    /// second has a lesser valley on the side of the book's start; ours is on the other.
    void publishedProblems_data()
    {
        QTest::addColumn<double>("leastX2");
        QTest::addColumn<double>("startX1");
        QTest::addColumn<double>("x1");
        QTest::addColumn<double>("x2");
        QTest::addColumn<double>("value");
        QTest::newRow("1, bound idle") << -1.5 << -2.0 << 1.0 << 1.0 << 0.0;
        QTest::newRow("2, bound active") << 1.5 << 2.0 << 1.2243707 << 1.5 << 0.0504261879;
    }
    void publishedProblems()
    {
        QFETCH(double, leastX2);
        QFETCH(double, startX1);
        QFETCH(double, x1);
        QFETCH(double, x2);
        QFETCH(double, value);
        const auto x =
            leastSquaresWithin(valley, Point(startX1, 1.0), Point(-far, leastX2), Point(far, far), MinimumOptions{200, 1e-14});
        QVERIFY(x);
        QVERIFY2(std::abs((*x)[0] - x1) < 1e-5 && std::abs((*x)[1] - x2) < 1e-5,
                 qPrintable(QString::number((*x)[0], 'g', 9) + QLatin1Char(' ') + QString::number((*x)[1], 'g', 9)));
        QVERIFY(std::abs(valley(*x)->residuals.squaredNorm() - value) < 1e-8);
    }

    void aNearlyFlatQuadraticEndsWhereItIsLeast()
    {
        // As many unknowns as a fife has levers and fewer notes than that: sets that are held and let go by rule turn in a circle
        // here. What must hold at the least point of a convex quadratic are Karush's conditions, whatever the way to it.
        Random random(17);
        for (int trial = 0; trial < 300; ++trial) {
            constexpr Eigen::Index n = 17;
            Eigen::MatrixXd j(12, n);
            for (Eigen::Index i = 0; i < j.size(); ++i)
                j.data()[i] = random.normal() * (i % n < 3 ? 30.0 : 1.0);
            Trough q{j.transpose() * j, Eigen::VectorXd(n), Eigen::VectorXd::Zero(n), Eigen::VectorXd(n), Eigen::VectorXd(n)};
            q.h.diagonal().array() += 1e-3;
            for (Eigen::Index i = 0; i < n; ++i) {
                q.g[i] = 10.0 * random.normal();
                q.low[i] = i % 2 == 0 ? 0.0 : -0.3;
                q.high[i] = random.uniform(0.1, 2.0);
            }
            const Eigen::VectorXd p = boundedStep(q.h, q.g, q.x, q.low, q.high);
            QVERIFY(q.at(p) <= 0.0);
            const Eigen::VectorXd slope = q.g + q.h * p;
            for (Eigen::Index i = 0; i < n; ++i) {
                QVERIFY(p[i] >= q.low[i] && p[i] <= q.high[i]);
                QVERIFY2(slope[i] < 1e-6 || p[i] == q.low[i], qPrintable(QString::number(slope[i])));
                QVERIFY2(slope[i] > -1e-6 || p[i] == q.high[i], qPrintable(QString::number(slope[i])));
            }
        }
    }
    void noWorseThanCeres()
    {
        for (const double highestX1 : {0.3, -0.5, 0.9}) {
            double theirs[2] = {-1.2, 1.0};
            ceres::Problem problem;
            problem.AddResidualBlock(new ceres::AutoDiffCostFunction<ValleyForCeres, 2, 2>(new ValleyForCeres), nullptr, theirs);
            problem.SetParameterUpperBound(theirs, 0, highestX1);
            ceres::Solver::Options options;
            options.max_num_iterations = 500;
            options.function_tolerance = 1e-14;
            options.logging_type = ceres::SILENT;
            ceres::Solver::Summary summary;
            ceres::Solve(options, &problem, &summary);
            const auto ours = leastSquaresWithin(valley, Point(-1.2, 1.0), Point(-far, -far), Point(highestX1, far),
                                                 MinimumOptions{200, 1e-14});
            QVERIFY(ours);
            // The valley's floor is flat: they may stop a little before its end.
            QVERIFY((*ours - Point(theirs[0], theirs[1])).norm() < 1e-2);
            QVERIFY(valley(*ours)->residuals.squaredNorm() <= 2.0 * summary.final_cost + 1e-9);
        }
    }

    /// No other set of active bounds does better, and the step stays between the bounds.
    void everyStepIsTheQuadraticsOwnLeast()
    {
        Random random(20);
        for (int k = 0; k < 300; ++k) {
            const Trough q = randomQuadratic(random, 1 + k % 5);
            const Eigen::VectorXd p = boundedStep(q.h, q.g, q.x, q.low, q.high);
            QVERIFY(((q.x + p - q.low).array() >= -1e-9).all() && ((q.high - q.x - p).array() >= -1e-9).all());
            const double least = leastByTryingAll(q);
            QVERIFY2(q.at(p) <= least + 1e-8 * (1.0 + std::abs(least)),
                     qPrintable(QStringLiteral("%1: %2 over %3").arg(k).arg(q.at(p)).arg(least)));
        }
    }

    void pointsThatCannotBeWorkedOutAreSteppedBackFrom()
    {
        // sqrt has no value below 0; a whole step from 4 to the root of sqrt(x) - 0.1 would go there.
        const auto root = [](const Eigen::VectorXd& x) -> Result<Linearised> {
            if (x[0] < 0.0)
                return Error{ErrorCode::OutOfModelRange, "x", {FactId::Above, 0, 0}};
            return Linearised{Eigen::VectorXd::Constant(1, std::sqrt(x[0]) - 0.1),
                              Eigen::MatrixXd::Constant(1, 1, 0.5 / std::sqrt(x[0]))};
        };
        const Eigen::VectorXd one = Eigen::VectorXd::Ones(1);
        const auto x = leastSquaresWithin(root, 4.0 * one, -far * one, far * one, MinimumOptions{100, 1e-14});
        QVERIFY(x);
        QVERIFY(std::abs((*x)[0] - 0.01) < 1e-5);
        QCOMPARE(leastSquaresWithin(root, -one, -far * one, far * one).error().code, ErrorCode::OutOfModelRange);
    }

    void oneThatHasNotSettledSaysSo()
    {
        // Rosenbrock's valley is a long way round: a step or two do not come to its end, and the point is the best so far.
        const auto bent = [](const Eigen::VectorXd& x) -> Result<Quadratic> {
            const auto l = *valley(x);
            return Quadratic{0.5 * l.residuals.squaredNorm(), l.jacobian.transpose() * l.residuals,
                             l.jacobian.transpose() * l.jacobian};
        };
        const auto start = Point(-1.2, 1.0);
        const auto soon = minimumWithin(bent, start, Point(-far, -far), Point(far, far), MinimumOptions{4, 1e-14});
        QVERIFY(soon && !soon->settled);
        QVERIFY(bent(soon->at)->value <= bent(start)->value);
        const auto late = minimumWithin(bent, start, Point(-far, -far), Point(far, far), MinimumOptions{200, 1e-14});
        QVERIFY(late && late->settled);
    }

    void cancellingEndsIt()
    {
        int calls = 0;
        const auto tired = [&](const Eigen::VectorXd& x) -> Result<Linearised> {
            if (++calls > 2)
                return Error{ErrorCode::Cancelled, "test", {}};
            return valley(x);
        };
        const auto x = leastSquaresWithin(tired, Point(-1.2, 1.0), Point(-far, -far), Point(far, far));
        QVERIFY(!x);
        QCOMPARE(x.error().code, ErrorCode::Cancelled);
        QCOMPARE(calls, 3);
    }
};

DOWEL_TEST(TestBounded)
#include "test_bounded.moc"
