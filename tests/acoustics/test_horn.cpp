// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the bore against an independent method: the lossy horn equation as a Riccati differential equation for the
// impedance, dZ/dx = z - y Z^2, integrated by Boost.Odeint (Dormand-Prince, adaptive) over the bore's true radius.
#include "core/acoustics/chain.h"
#include "core/acoustics/model.h"
#include "support/compare.h"
#include "support/test_main.h"

#include <boost/numeric/odeint.hpp>

using namespace dowel;
using namespace dowel::acoustics;

namespace {

using std::numbers::pi;

Shape shapeWith(std::vector<Shape::Station> bore)
{
    Shape s;
    s.mouth = Shape::Mouth::Duct;
    s.excitation = {0.005, 0.009, 0.002, 0.0, 0.0};
    s.bore = std::move(bore);
    s.wall_m = 0.002;
    return s;
}

double radiusAt(const Shape& s, double at)
{
    for (std::size_t i = 1; i < s.bore.size(); ++i)
        if (at <= s.bore[i].at_m)
            return 0.5 * (s.bore[i - 1].diameter_m + (s.bore[i].diameter_m - s.bore[i - 1].diameter_m) *
                                                         (at - s.bore[i - 1].at_m) / (s.bore[i].at_m - s.bore[i - 1].at_m));
    return 0.5 * s.bore.back().diameter_m;
}

/// Input impedance by the Riccati equation, from the foot upwards, station by station.
Complex riccati(const Shape& s, double hertz)
{
    using State = std::array<double, 2>;
    const double omega = 2.0 * pi * hertz;
    const auto air = AirOf<Complex>::at({293.15});
    const auto medium = Medium<Complex>::at(air, Complex(omega), Complex(1.0));
    const double foot = radiusAt(s, s.bore.back().at_m);
    const Complex load = radiationImpedance(air, Complex(foot), Complex(omega),
                                            walledEnd(omega / air.speed * foot, Complex(foot / (foot + s.wall_m))));
    const double scale = 1e6;
    State z{load.real() / scale, load.imag() / scale};
    const auto slope = [&](const State& now, State& out, double x) {
        const auto line = lineConstants(medium, Complex(radiusAt(s, s.bore.back().at_m - x)));
        const Complex Z = Complex(now[0], now[1]) * scale;
        const Complex d = (line.z - line.y * Z * Z) / scale;
        out = {d.real(), d.imag()};
    };
    namespace ode = boost::numeric::odeint;
    double x = 0.0;
    for (std::size_t i = s.bore.size() - 1; i > 0; --i) {
        const double next = s.bore.back().at_m - s.bore[i - 1].at_m;
        ode::integrate_adaptive(ode::make_controlled<ode::runge_kutta_dopri5<State>>(1e-12, 1e-11), slope, z, x, next, 1e-4);
        x = next;
    }
    return Complex(z[0], z[1]) * scale;
}

double reactance(const Model& model, const Shape& s, double hertz, bool byRiccati)
{
    const NoteQuery none{};
    const Complex total = model.total(hertz, none);
    if (!byRiccati)
        return total.imag();
    const double r = radiusAt(s, 0.0);
    const double zc = airAt(Temperature::fromKelvin(293.15)).density_kg_m3 * 343.2 / (pi * r * r);
    return (total + (riccati(s, hertz) - model.tubeImpedance(hertz, none)) / zc).imag();
}

} // namespace

class TestHorn : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void resonancesAgreeWithTheRiccatiEquation_data()
    {
        QTest::addColumn<std::vector<double>>("bore"); // at, diameter, ... in millimetres
        QTest::newRow("taper") << std::vector<double>{0, 18, 300, 11};
        QTest::newRow("reversed taper") << std::vector<double>{0, 10, 280, 16};
        QTest::newRow("cone") << std::vector<double>{0, 5, 350, 30};
        QTest::newRow("three joints") << std::vector<double>{0, 19, 100, 19, 240, 14, 300, 16};
        QTest::newRow("step") << std::vector<double>{0, 14, 150, 14, 150.2, 12, 290, 12};
        QTest::newRow("bell") << std::vector<double>{0, 12, 200, 13, 240, 16, 260, 22, 270, 32};
    }
    void resonancesAgreeWithTheRiccatiEquation()
    {
        QFETCH(std::vector<double>, bore);
        std::vector<Shape::Station> stations;
        for (std::size_t i = 0; i + 1 < bore.size(); i += 2)
            stations.push_back({bore[i] * 1e-3, bore[i + 1] * 1e-3});
        const Shape s = shapeWith(stations);
        const Model model(s, Calibration{}, {HoleFormulas::LefebvreScavone, false});
        for (const int n : {1, 2, 3}) {
            const NoteQuery query{{}, n};
            const auto found = model.frequencies(std::span(&query, 1));
            VERIFY_OK(found);
            // Newton's step that the independent reactance would still make from there.
            const double f = found->front();
            const double slope = (reactance(model, s, f * 1.0001, true) - reactance(model, s, f * 0.9999, true)) / (2e-4 * f);
            const double cents = 1200.0 / std::numbers::ln2 * reactance(model, s, f, true) / slope / f;
            VERIFY_NEAR(cents, 0.0, 0.02);
        }
    }
    void moreStepsChangeNothing()
    {
        // Stations added on the straight lines between stations leave the shape as it is.
        const Shape coarse = shapeWith({{0.0, 0.014}, {0.2125, 0.012}, {0.2775, 0.015}});
        Shape fine = coarse;
        fine.bore.clear();
        for (int i = 0; i <= 111; ++i)
            fine.bore.push_back({i * 0.0025, 2.0 * radiusAt(coarse, i * 0.0025)});
        const std::vector<NoteQuery> queries{{{}, 1}, {{}, 2}, {{}, 3}};
        const auto a = Model(coarse, Calibration{}).frequencies(queries);
        const auto b = Model(fine, Calibration{}).frequencies(queries);
        VERIFY_OK(a);
        VERIFY_OK(b);
        for (std::size_t i = 0; i < 3; ++i)
            VERIFY_NEAR(1200.0 * std::log2((*a)[i] / (*b)[i]), 0.0, 0.001);
    }
};

DOWEL_TEST(TestHorn)
#include "test_horn.moc"
