// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the open end against Levine and Schwinger's exact integral (Phys. Rev. 73, 383, 1948, eqs. VI.4 and VI.5),
// evaluated here by adaptive quadrature with Boost's Bessel functions.
#include "core/acoustics/ends.h"
#include "support/compare.h"
#include "support/test_main.h"

#include <boost/math/quadrature/gauss_kronrod.hpp>
#include <boost/math/special_functions/bessel.hpp>

using namespace dowel;
using namespace dowel::acoustics;
using boost::math::cyl_bessel_i;
using boost::math::cyl_bessel_j;
using boost::math::cyl_bessel_k;
using boost::math::cyl_neumann;

namespace {

using Quadrature = boost::math::quadrature::gauss_kronrod<double, 31>;
using std::numbers::pi;

double exactReflection(double ka)
{
    // x = ka sin(theta) takes the root out of the denominator.
    const auto f = [ka](double theta) {
        const double x = ka * std::sin(theta);
        return x < 1e-9 ? 0.0 : std::atan2(cyl_bessel_j(1, x), -cyl_neumann(1, x)) / x;
    };
    return std::exp(-2.0 * ka / pi * Quadrature::integrate(f, 0.0, pi / 2.0, 10, 1e-10));
}

double exactLength(double ka)
{
    const auto near = [ka](double theta) {
        const double x = ka * std::sin(theta);
        const double j = cyl_bessel_j(1, x);
        return x < 1e-9 ? 0.0 : std::log(pi * j * std::hypot(j, cyl_neumann(1, x))) / x;
    };
    // x = ka sinh(t) for the infinite one.
    const auto far = [ka](double t) {
        const double x = ka * std::sinh(t);
        return x < 1e-9 || x > 600.0 ? 0.0 : std::log(1.0 / (2.0 * cyl_bessel_i(1, x) * cyl_bessel_k(1, x))) / x;
    };
    const double top = std::asinh(600.0 / ka);
    // Beyond 600 the logarithm is ln x to seven digits, and its integral (ln X + 1) / X.
    const double tail = (std::log(600.0) + 1.0) / 600.0;
    return (tail + Quadrature::integrate(near, 0.0, pi / 2.0, 10, 1e-10) + Quadrature::integrate(far, 0.0, top, 15, 1e-10)) / pi;
}

} // namespace

class TestOpenEnd : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void theIntegralIsEvaluatedRightly()
    {
        // [LS48]: values of the paper's curves, computed from its integral independently of this code.
        const double table[][3] = {{0.1, 0.6110, 0.9951}, {0.5, 0.5818, 0.8964}, {1.0, 0.5274, 0.6951}, {2.0, 0.4169, 0.3462}};
        for (const auto& [ka, length, reflection] : table) {
            VERIFY_NEAR(exactLength(ka), length, 0.0002);
            VERIFY_NEAR(exactReflection(ka), reflection, 0.0002);
        }
    }
    void theUnflangedEndFollowsTheIntegral()
    {
        for (double ka = 0.05; ka <= 3.0; ka += 0.05) {
            const auto end = unflangedEnd(Complex(ka));
            VERIFY_NEAR(end.lengthOverRadius.real(), exactLength(ka), 0.0005);
            VERIFY_NEAR(end.reflection.real(), exactReflection(ka), 0.0005);
        }
    }
    void lowFrequencyLimitsAreTheClassics()
    {
        // Levine and Schwinger 1948 print 0.6133; their integral comes to 0.6127.
        VERIFY_NEAR(unflangedEnd(Complex(1e-4)).lengthOverRadius.real(), 0.6133, 0.001);
        VERIFY_NEAR(flangedEnd(Complex(1e-4)).lengthOverRadius.real(), 0.8216, 1e-6); // Nomura et al. 1960 (from memory)
    }
    void aMeasuredPipesEndIsAsLong()
    {
        // Measured, not reckoned: Blaikley 1879 found 0.576 radii on a brass tube without a flange (Philosophical Magazine 7,
        // 339; in Rayleigh's Theory of Sound, section 314; from memory).
        VERIFY_NEAR(unflangedEnd(Complex(0.1)).lengthOverRadius.real(), 0.576, 0.05);
    }
    void aWallStandsBetweenNoneAndAPlane()
    {
        const double none = unflangedEnd(Complex(0.2)).lengthOverRadius.real();
        const double plane = flangedEnd(Complex(0.2)).lengthOverRadius.real();
        VERIFY_NEAR(walledEnd(Complex(0.2), Complex(1.0)).lengthOverRadius.real(), none, 1e-12);
        VERIFY_NEAR(walledEnd(Complex(0.2), Complex(0.0)).lengthOverRadius.real(), plane, 1e-12);
        for (const double q : {0.5, 0.7, 0.9}) {
            const double d = walledEnd(Complex(0.2), Complex(q)).lengthOverRadius.real();
            QVERIFY(d > none && d < plane);
        }
    }
    void radiationIsPassiveAndTendsToItsLowFrequencyForm()
    {
        const auto air = AirOf<Complex>::at({293.15});
        const double a = 0.007;
        const double zc = 1.2041 * 343.2 / (pi * a * a);
        for (const double hertz : {50.0, 500.0, 5000.0}) {
            const double omega = 2.0 * pi * hertz;
            const double ka = omega / 343.2 * a;
            const Complex z = radiationImpedance(air, Complex(a), Complex(omega), unflangedEnd(Complex(ka)));
            QVERIFY(z.real() > 0.0);
            if (ka < 0.1)
                VERIFY_NEAR(z.imag() / zc / ka, 0.6133, 0.005);
        }
        const double omega = 2.0 * pi * 500.0; // resistance of an unflanged end, (ka)^2/4
        const Complex z = radiationImpedance(air, Complex(a), Complex(omega), unflangedEnd(Complex(omega / 343.2 * a)));
        const double ka = omega / 343.2 * a;
        VERIFY_NEAR(z.real() / zc / (ka * ka / 4.0), 1.0, 0.1);
    }
};

DOWEL_TEST(TestOpenEnd)
#include "test_open_end.moc"
