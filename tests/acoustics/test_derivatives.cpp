// SPDX-License-Identifier: GPL-3.0-or-later
// Proves every exact derivative against central differences of the frequencies themselves, for each kind of mouth.
#include "core/acoustics/model.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <functional>

using namespace dowel;
using namespace dowel::acoustics;

using Move = std::function<void(Shape&, Calibration&, double)>;

namespace {

struct Case
{
    std::size_t parameter;
    Move move;
    double step;
};

std::vector<Case> casesOf(const Shape& s)
{
    const ParameterLayout at(s);
    std::vector<Case> cases{
        {ParameterLayout::kelvin, [](Shape&, Calibration& c, double h) { c.kelvin += h; }, 1e-2},
        {ParameterLayout::gradient, [](Shape&, Calibration& c, double h) { c.gradient_K_m += h; }, 1e-2},
        {ParameterLayout::vapour, [](Shape&, Calibration& c, double h) { c.vapour += h; }, 1e-4},
        {ParameterLayout::carbonDioxide, [](Shape&, Calibration& c, double h) { c.carbonDioxide += h; }, 1e-4},
        {ParameterLayout::wallLossLog, [](Shape&, Calibration& c, double h) { c.wallLossLog += h; }, 1e-3},
        {ParameterLayout::mouthLog, [](Shape&, Calibration& c, double h) { c.mouthLog += h; }, 1e-4},
        {ParameterLayout::mouthSlope, [](Shape&, Calibration& c, double h) { c.mouthSlope += h; }, 1e-3},
        {ParameterLayout::boreScaleLog, [](Shape&, Calibration& c, double h) { c.boreScaleLog += h; }, 1e-5},
        {ParameterLayout::holeEndLog, [](Shape&, Calibration& c, double h) { c.holeEndLog += h; }, 1e-4},
        {ParameterLayout::holeSpread(0), [](Shape&, Calibration& c, double h) { c.holeSpread[0] += h; }, 1e-4},
        {ParameterLayout::holeSpread(1), [](Shape&, Calibration& c, double h) { c.holeSpread[1] += h; }, 1e-4},
        {ParameterLayout::neighbours, [](Shape&, Calibration& c, double h) { c.neighbours += h; }, 1e-4},
        {ParameterLayout::footLength,
         [](Shape& x, Calibration&, double h) { // along the last straight stretch
             auto& a = x.bore[x.bore.size() - 2];
             auto& b = x.bore.back();
             b.diameter_m += (b.diameter_m - a.diameter_m) / (b.at_m - a.at_m) * h;
             b.at_m += h;
         },
         1e-6},
    };
    for (std::size_t k = 0; k < excitationMeasures; ++k)
        if (s.excitation[k] > 0.0)
            cases.push_back({ParameterLayout::excitation(k), [k](Shape& x, Calibration&, double h) { x.excitation[k] += h; },
                             1e-4 * s.excitation[k]});
    for (std::size_t i = 0; i < s.bore.size(); ++i)
        cases.push_back(
            {ParameterLayout::stationDiameter(i), [i](Shape& x, Calibration&, double h) { x.bore[i].diameter_m += h; }, 1e-7});
    for (std::size_t i = 0; i < s.slides.size(); ++i)
        cases.push_back({at.slideOut(i), [i](Shape& x, Calibration&, double h) { x.slides[i].out_m += h; }, 1e-6});
    for (std::size_t i = 0; i < s.holes.size(); ++i) {
        if (s.holes[i].fittings.sinkDepth_m > 0.0)
            cases.push_back({at.holeSink(i), [i](Shape& x, Calibration&, double h) { x.holes[i].sink_m += h; }, 1e-7});
        cases.push_back({at.holeAt(i), [i](Shape& x, Calibration&, double h) { x.holes[i].at_m += h; }, 1e-6});
        cases.push_back({at.holeDiameter(i), [i](Shape& x, Calibration&, double h) { x.holes[i].diameter_m += h; }, 1e-7});
        cases.push_back({at.holeUndercut(i), [i](Shape& x, Calibration&, double h) { x.holes[i].undercut_m += h; }, 1e-7});
        cases.push_back({at.holeChimney(i), [i](Shape& x, Calibration&, double h) { x.holes[i].chimney_m += h; }, 1e-7});
    }
    return cases;
}

} // namespace

class TestDerivatives : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void allAgreeWithDifferences_data()
    {
        QTest::addColumn<int>("mouth");
        QTest::newRow("duct") << 0;
        QTest::newRow("duct with a chamber above") << 3;
        QTest::newRow("transverse") << 1;
        QTest::newRow("reed") << 2;
        QTest::newRow("duct with cover, ramp, slide, countersinks, pads, a pair and a gradient") << 4;
        QTest::newRow("rough and leaky walls, a steep cone, a step and a gradient") << 5;
    }
    void allAgreeWithDifferences()
    {
        QFETCH(int, mouth);
        Shape s = Shape::of(fixtures::whistle());
        for (std::size_t i = 0; i < s.holes.size(); ++i) {
            s.holes[i].undercut_m = s.holes[i].diameter_m * 1.15;
            // Off the places where a stretch gets one Magnus step more: there the value itself jumps by 1e-5 cent.
            s.holes[i].at_m += 0.0004 * static_cast<double>(i);
        }
        if (mouth == 1) {
            s.mouth = Shape::Mouth::Transverse;
            s.excitation = {0.0085, 0.0095, 0.004, 0.014, 0.3, 0.0012};
        } else if (mouth == 2) {
            s.mouth = Shape::Mouth::ClosedTop;
            s.excitation = {1.4e-6, 0.0, 0.0, 0.0, 0.0};
        } else if (mouth == 3) {
            s.excitation[3] = 0.012;
        }
        Calibration c{296.0, 0.0, 0.4, 0.02, 0.1, -0.05, 0.04, 0.002, 0.1, {0.3, -0.2}, 1.4};
        Formulas formulas;
        if (mouth == 4) {
            c.gradient_K_m = -13.0;
            s.excitation[4] = 0.0015;
            s.excitation[5] = 2.1;
            s.slides = {{0.0613, 0.0034, 0.0165}};
            s.holes[1].fittings.sinkDepth_m = 0.0011;
            s.holes[1].sink_m = s.holes[1].diameter_m * 1.3;
            s.holes[2].fittings.padHeight_m = 0.0025;
            s.holes[2].fittings.padDiameter_m = 0.009;
            s.holes[3].fittings.count = 2;
            for (auto& h : s.holes)
                h.fittings.fingerShare = 0.1;
            formulas.holes = HoleFormulas::Keefe;
        } else if (mouth == 5) {
            c.gradient_K_m = -13.0;
            const double length = s.bore.back().at_m;
            const Surface leaky{1.3, 1.5e-3};
            s.bore = {{0.0, 0.0131, leaky},
                      {0.031, 0.0139, leaky},
                      {0.0314, 0.0164, {}},
                      {0.0731, 0.0113, leaky},
                      {length, 0.0152, leaky}};
        }
        const std::vector<NoteQuery> queries{{std::vector<bool>(6, true), 1},
                                             {{false, false, true, true, true, true}, 2},
                                             {{}, 1, {1.0, 0.3, 1.0, 0.5, 1.0, 0.0}}};
        const auto exact = Model(s, c, formulas).answers(queries);
        VERIFY_OK(exact);
        for (const Case& one : casesOf(s)) {
            const auto shifted = [&](double h) {
                Shape moved = s;
                Calibration also = c;
                one.move(moved, also, h);
                return Model(moved, also, formulas).frequencies(queries);
            };
            const auto up = shifted(one.step);
            const auto down = shifted(-one.step);
            VERIFY_OK(up);
            VERIFY_OK(down);
            for (std::size_t i = 0; i < queries.size(); ++i) {
                const double difference = 1200.0 * std::log2((*up)[i] / (*down)[i]) / (2.0 * one.step);
                const double derivative = (*exact)[i].centsPer[one.parameter];
                // Six digits of the derivative, or what 2e-8 cent in either frequency leaves of the difference.
                const double tolerance = std::max(2e-6 * std::abs(difference), 4e-8 / one.step);
                QVERIFY2(std::abs(derivative - difference) <= tolerance,
                         qPrintable(QStringLiteral("parameter %1, note %2: %3 against %4")
                                        .arg(one.parameter)
                                        .arg(i)
                                        .arg(derivative, 0, 'g', 10)
                                        .arg(difference, 0, 'g', 10)));
            }
        }
    }
};

DOWEL_TEST(TestDerivatives)
#include "test_derivatives.moc"
