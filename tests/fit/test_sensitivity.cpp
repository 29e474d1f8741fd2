// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that the figures shown for a tenth of a millimetre are what happens when a tenth is taken off, and that every slope that
// the search for a goal uses is the slope of the forecast: differences against derivatives, for every family and for oval,
// undercut, slanted, countersunk and paired holes, with and without something on the foot.
#include "core/fit/placed.h"
#include "core/fit/shared.h"
#include "core/fit/unknowns.h"
#include "core/forecast/sensitivity.h"
#include "core/layout/families.h"
#include "core/layout/layout.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/heard.h"
#include "support/test_main.h"

#include <functional>

using namespace dowel;
using fixtures::mm;

namespace {

/// Heard a little off everywhere, differently in each register, so that no fitted unknown stands where it was expected.
Workbook heardOffEverywhere(const Instrument& shape)
{
    Workbook book(shape);
    int n = 0;
    for (const Fingering& f : shape.spec().fingerings) {
        const ReadingEntry r =
            fixtures::heard(f.id, f.target * std::exp2((f.registerNumber == 1 ? -25.0 : -8.0 + 3.0 * (n % 3)) / 1200.0), 1.0,
                            Temperature::fromCelsius(20.0));
        (void)book.append({book.nextId(), "2026-01-01T00:00:00.000Z", r});
        ++n;
    }
    return book;
}

/// d cents / d size, from the shape as it is and two that were cut a little further (second order).
Result<Eigen::VectorXd> slopeByCutting(const Posterior& posterior, const Instrument& shape, const std::function<Cut(Metres)>& by)
{
    constexpr double step_m = 4e-5;
    std::vector<Eigen::VectorXd> cents;
    for (int k = 0; k <= 2; ++k) {
        const auto cut = k == 0 ? Result<Instrument>(shape) : applied(shape, by(Metres::fromMetres(k * step_m)));
        if (!cut)
            return cut.error();
        const auto c = posterior.cents(*cut);
        if (!c)
            return c.error();
        cents.emplace_back(Eigen::Map<const Eigen::VectorXd>(c->data(), std::ssize(*c)));
    }
    return Eigen::VectorXd((4.0 * cents[1] - 3.0 * cents[0] - cents[2]) / (2.0 * step_m));
}

struct Shaped
{
    const char* name;
    std::function<void(InstrumentSpec&)> change;
};

const std::vector<Shaped>& shapes()
{
    static const std::vector<Shaped> all{
        {"plain",
         [](InstrumentSpec&) {
         }},
        {"oval",
         [](InstrumentSpec& s) {
             s.holes[2].elongation = 1.44;
         }},
        {"undercut",
         [](InstrumentSpec& s) {
             s.holes[2].undercutDiameter = s.holes[2].diameter + mm(2.0);
         }},
        {"oval and undercut",
         [](InstrumentSpec& s) {
             s.holes[2].elongation = 1.3;
             s.holes[2].undercutDiameter = s.holes[2].diameter + mm(1.5);
         }},
        {"slanted",
         [](InstrumentSpec& s) {
             s.holes[2].slant_rad = 0.4;
         }},
        {"countersunk",
         [](InstrumentSpec& s) {
             s.holes[2].countersink = Countersink{s.holes[2].diameter * 1.5, s.holes[2].chimney * 0.4};
         }},
        {"a pair",
         [](InstrumentSpec& s) {
             s.holes[2].count = 2;
             s.holes[2].diameter = s.holes[2].undercutDiameter = s.holes[2].diameter * 0.6;
         }},
        {"a bell",
         [](InstrumentSpec& s) {
             s.footPiece = FootPiece{mm(40.0), mm(40.0), true};
             // So wide a bell leaves the second register no resonances to follow.
             std::erase_if(s.fingerings, [](const Fingering& f) { return f.registerNumber > 1; });
         }},
        {"a ring",
         [](InstrumentSpec& s) {
             s.footPiece = FootPiece{mm(12.0), s.bore.back().diameter * 0.8, false};
         }},
        {"a bell on a taper",
         [](InstrumentSpec& s) {
             s.bore.back().diameter = s.bore.back().diameter * 0.8;
             s.footPiece = FootPiece{mm(30.0), mm(30.0), true};
         }},
    };
    return all;
}

} // namespace

class TestSensitivity : public QObject
{
    Q_OBJECT

    static void compare(const Eigen::VectorXd& derivative, const Result<Eigen::VectorXd>& difference, const std::string& what)
    {
        QVERIFY2(difference.ok(), (what + ": " + (difference.ok() ? "" : difference.error().where)).c_str());
        for (Eigen::Index i = 0; i < derivative.size(); ++i) {
            // A third of a per cent, and a hundredth of a cent a tenth of a millimetre for what hardly moves.
            const double allowed = 0.0033 * std::abs((*difference)[i]) + 100.0;
            QVERIFY2(std::abs(derivative[i] - (*difference)[i]) <= allowed,
                     (what + ", note " + std::to_string(i) + ": " + std::to_string(derivative[i]) + " for " +
                      std::to_string((*difference)[i]))
                         .c_str());
        }
    }
    static void compareAll(const Instrument& shape, const std::string& name)
    {
        const auto posterior = fit(heardOffEverywhere(shape));
        VERIFY_OK(posterior);
        compareSlopes(*posterior, shape, name);
    }
    static void compareSlopes(const Posterior& posterior, const Instrument& shape, const std::string& name)
    {
        const auto s = posterior.sensitivity(shape);
        VERIFY_OK(s);
        const InstrumentSpec& spec = shape.spec();
        for (std::size_t i = 0; i < spec.holes.size(); ++i) {
            const Hole& h = spec.holes[i];
            const auto column = static_cast<Eigen::Index>(i);
            const std::string hole = name + ", " + h.id.text;
            compare(s->perMetre.col(column),
                    slopeByCutting(posterior, shape,
                                   [&](Metres by) {
                                       return Enlarge{h.id, h.diameter + by};
                                   }),
                    hole + " enlarged");
            compare(s->byUndercut.col(column),
                    slopeByCutting(posterior, shape,
                                   [&](Metres by) {
                                       return Undercut{h.id, h.undercutDiameter + by};
                                   }),
                    hole + " undercut");
            if (QTest::currentTestFailed())
                return;
        }
        if (spec.foot == Foot::Open)
            compare(-s->perMetre.rightCols(1),
                    slopeByCutting(posterior, shape, [&](Metres by) { return TrimFoot{shape.length() - by}; }),
                    name + ", foot trimmed");
        else
            compare(s->perMetre.rightCols(1),
                    slopeByCutting(posterior, shape, [&](Metres by) { return Deepen{shape.length() + by}; }),
                    name + ", deepened");
        if (const auto* duct = std::get_if<Duct>(&spec.excitation))
            compare(s->byWindow, slopeByCutting(posterior, shape, [&](Metres by) { return CutUp{duct->windowLength + by}; }),
                    name + ", window");
        if (const auto* lip = std::get_if<Transverse>(&spec.excitation))
            compare(s->byStopper, slopeByCutting(posterior, shape, [&](Metres by) { return MoveStopper{lip->stopper + by}; }),
                    name + ", stopper");
        // No derivative but one look a note: a stretch reamed beyond its widest place.
        const double long_mm = shape.length().millimetres();
        const auto reamed = [&](Metres by) {
            const Metres from = mm(0.3 * long_mm);
            const Metres to = mm(0.55 * long_mm);
            return Ream{from, to, std::max(shape.boreDiameterAt(from), shape.boreDiameterAt(to)) + mm(0.2) + by};
        };
        const auto before = applied(shape, reamed(mm(0.0)));
        VERIFY_OK(before);
        constexpr double little_mm = 0.01;
        const auto moved = posterior.movedBy(*before, applied(*before, reamed(mm(little_mm))).value());
        VERIFY_OK(moved);
        compare(Eigen::Map<const Eigen::VectorXd>(moved->data(), std::ssize(*moved)) / (little_mm * 1e-3),
                slopeByCutting(posterior, *before, reamed), name + ", reamed");
        // What is shown of one note says the same as what the search uses.
        const auto queries = queriesOf(shape);
        for (const std::size_t note : {std::size_t(0), queries.size() - 1}) {
            const auto shown = sensitivityOf(posterior, shape, queries[note]);
            VERIFY_OK(shown);
            const auto row = static_cast<Eigen::Index>(note);
            for (std::size_t i = 0; i < shown->holes.size(); ++i)
                VERIFY_NEAR(shown->holes[i].cents(), s->perMetre(row, static_cast<Eigen::Index>(i)) * 1e-4, 1e-6);
            VERIFY_NEAR(shown->foot.cents(), -s->perMetre(row, s->perMetre.cols() - 1) * 1e-4, 1e-6);
        }
    }

private Q_SLOTS:
    void aTenthDoesWhatIsSaid()
    {
        const Instrument w = fixtures::whistle();
        const Workbook book(w);
        const auto posterior = fit(book);
        VERIFY_OK(posterior);
        for (const char* id : {"E5", "A5", "F#6"}) {
            const std::size_t note = *w.indexOf(FingeringId{id});
            const auto s = sensitivityOf(*posterior, w, queriesOf(w)[note]);
            VERIFY_OK(s);
            QCOMPARE(s->holes.size(), std::size_t(6));
            QVERIFY(!s->stopper && s->window);
            const auto moved = [&](const Cut& more, const Cut& less) {
                return (posterior->cents(applied(w, more).value()).value()[note] -
                        posterior->cents(applied(w, less).value()).value()[note]);
            };
            for (std::size_t i = 0; i < 6; ++i) {
                const HoleId hole = w.spec().holes[i].id;
                const Metres d = w.spec().holes[i].diameter;
                const double difference = moved(Enlarge{hole, d + mm(0.1)}, Enlarge{hole, d});
                VERIFY_NEAR(s->holes[i].cents(), difference, 0.03 * std::abs(difference) + 0.005);
            }
            const double foot = moved(TrimFoot{w.length() - mm(0.1)}, TrimFoot{w.length()});
            VERIFY_NEAR(s->foot.cents(), foot, 0.01 * std::abs(foot) + 0.002);
            const double window = moved(CutUp{mm(5.6)}, CutUp{mm(5.5)});
            VERIFY_NEAR(s->window->cents(), window, 0.03 * std::abs(window));
        }
    }
    void everySlopeIsThatOfTheForecast_data()
    {
        QTest::addColumn<int>("shape");
        for (std::size_t i = 0; i < shapes().size(); ++i)
            QTest::newRow(shapes()[i].name) << static_cast<int>(i);
    }
    void everySlopeIsThatOfTheForecast()
    {
        QFETCH(int, shape);
        const Shaped& shaped = shapes()[static_cast<std::size_t>(shape)];
        InstrumentSpec spec = fixtures::whistleSpec();
        shaped.change(spec);
        const auto made = Instrument::make(std::move(spec));
        VERIFY_OK(made);
        compareAll(*made, shaped.name);
    }
    void everySlopeIsThatOfTheForecastInEveryFamily_data()
    {
        QTest::addColumn<int>("family");
        for (const Family f : {Family::Whistle, Family::Recorder, Family::TwoChamber, Family::Flute, Family::Fife,
                               Family::Stopped, Family::Reed, Family::Horn})
            QTest::newRow(familyName(f).data()) << static_cast<int>(f);
    }
    void everySlopeIsThatOfTheForecastInEveryFamily()
    {
        QFETCH(int, family);
        const auto kind = static_cast<Family>(family);
        const auto blank = startingBlank(kind, usualTarget(kind));
        VERIFY_OK(blank);
        const auto row = roughLayout(*blank, {});
        VERIFY_OK(row);
        compareAll(*row, std::string(familyName(kind)));
    }
    void aHolesUndercutMovesAlongWhereItIsAskedTo()
    {
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.holes[3].undercutDiameter = spec.holes[3].diameter + mm(1.5);
        const auto shape = Instrument::make(spec);
        const auto posterior = fit(heardOffEverywhere(*shape));
        const auto s = posterior->sensitivity(*shape);
        VERIFY_OK(s);
        InstrumentSpec wider = spec;
        wider.holes[3].diameter = wider.holes[3].diameter + mm(0.02);
        wider.holes[3].undercutDiameter = wider.holes[3].undercutDiameter + mm(0.02);
        const auto before = posterior->cents(*shape);
        const auto after = posterior->cents(*Instrument::make(wider));
        for (std::size_t i = 0; i < before->size(); ++i) {
            const double slope = ((*after)[i] - (*before)[i]) / 2e-5;
            VERIFY_NEAR(s->byShifted(static_cast<Eigen::Index>(i), 3), slope, 0.02 * std::abs(slope) + 100.0);
        }
    }
    void whatHolesWereOpenedByCountsByItsGain()
    {
        // With a gain of eight tenths holes that were opened by 0.8 mm sound as if they were opened by 0.64, and every slope is
        // that of the forecast still.
        const auto gained = [](double gain) {
            Priors p;
            p.shared = sharedOf(p, Family::Whistle);
            const auto at = static_cast<Eigen::Index>(Shared::HoleGain);
            p.shared->mean[at] = std::log(gain);
            p.shared->covariance(at, at) = 1e-10;
            return fit(Workbook(fixtures::whistle()), p);
        };
        const auto openedBy = [](double by_mm) {
            InstrumentSpec spec = fixtures::whistleSpec();
            for (Hole& h : spec.holes) {
                h.diameter = h.diameter + mm(by_mm);
                h.undercutDiameter = h.diameter;
            }
            spec.holes[2].undercutDiameter = spec.holes[2].diameter + mm(1.0);
            return Instrument::make(spec).value();
        };
        const auto less = gained(0.8);
        const auto plain = gained(1.0);
        VERIFY_OK(less);
        VERIFY_OK(plain);
        const Instrument opened = openedBy(0.8);
        const auto counted = less->cents(opened);
        const auto asFar = plain->cents(openedBy(0.64));
        VERIFY_OK(counted);
        VERIFY_OK(asFar);
        for (std::size_t i = 0; i < counted->size(); ++i)
            VERIFY_NEAR((*counted)[i], (*asFar)[i], 1e-6);
        compareSlopes(*less, opened, "opened");
        const double step = 1e-4;
        const auto more = gained(0.8 * std::exp(step));
        VERIFY_OK(more);
        const auto forecast = less->forecast(opened);
        const auto beyond = more->cents(opened);
        VERIFY_OK(forecast);
        VERIFY_OK(beyond);
        const auto column = forecast->jacobian.col(fitting::Unknowns::holeGain);
        QVERIFY(column.cwiseAbs().maxCoeff() > 10.0);
        for (Eigen::Index i = 0; i < column.size(); ++i) {
            const double slope = ((*beyond)[static_cast<std::size_t>(i)] - (*counted)[static_cast<std::size_t>(i)]) / step;
            VERIFY_NEAR(column[i], slope, 0.003 * std::abs(slope) + 0.02);
        }
        // Shapes that are only tried were never drilled smaller.
        Priors p;
        p.shared = sharedOf(p, Family::Whistle);
        p.shared->mean[static_cast<Eigen::Index>(Shared::HoleGain)] = std::log(0.8);
        const auto drawing = Posterior::prior(fixtures::whistle(), p);
        const auto drawn = drawing->cents(opened);
        const auto asDrawn = plain->cents(opened);
        VERIFY_OK(drawn);
        for (std::size_t i = 0; i < drawn->size(); ++i)
            VERIFY_NEAR((*drawn)[i], (*asDrawn)[i], 1e-9);
    }
    void reamingWhereTheCurveSaysRaises()
    {
        // common practice, no source (and Rayleigh's principle): wider at a node of pressure raises, at an antinode lowers.
        const Instrument w = fixtures::whistle();
        const auto posterior = Posterior::prior(w);
        const std::size_t note = *w.indexOf(FingeringId{"D5"});
        const auto s = sensitivityOf(*posterior, w, queriesOf(w)[note]);
        VERIFY_OK(s);
        const auto before = posterior->cents(w).value()[note];
        for (const double at : {60.0, 120.0, 235.0}) {
            const auto nearest = std::min_element(s->bore.begin(), s->bore.end(), [at](const auto& a, const auto& b) {
                return std::abs(a.at.millimetres() - at) < std::abs(b.at.millimetres() - at);
            });
            // Over 10 mm by a tenth beyond the widest bore there, less what that takes at its narrower end.
            InstrumentSpec spec = w.spec();
            const auto station = [&](double x, double more) {
                return Station{mm(x), w.boreDiameterAt(mm(x)) + mm(more)};
            };
            std::vector<Station> bore;
            for (const Station& b : w.spec().bore)
                bore.push_back(b);
            for (const Station& b :
                 {station(at - 5.01, 0.0), station(at - 5.0, 0.1), station(at + 5.0, 0.1), station(at + 5.01, 0.0)})
                bore.insert(std::find_if(bore.begin(), bore.end(), [&](const Station& x) { return x.at > b.at; }), b);
            spec.bore = bore;
            const double change = posterior->cents(Instrument::make(spec).value()).value()[note] - before;
            VERIFY_NEAR(change / nearest->perTenthOverCentimetre.cents(), 1.0, 0.1);
        }
    }
    void whatIsAskedForTwiceIsSaidTwice()
    {
        // A posterior remembers the last shapes: in whatever order and however much of it is asked for, each has its own answer.
        const auto undercut = applied(fixtures::whistle(), Undercut{{"h2"}, mm(8.0)});
        VERIFY_OK(undercut);
        const auto fresh = [&] {
            return fit(heardOffEverywhere(*undercut));
        };
        const auto asked = fresh();
        VERIFY_OK(asked);
        std::vector<Instrument> shapes{*undercut};
        for (int k = 1; k < 40; ++k) // more than are remembered
            shapes.push_back(applied(*undercut, Enlarge{{"h3"}, undercut->spec().holes[2].diameter + mm(0.01 * k)}).value());
        for (const bool derivativesFirst : {false, true})
            for (std::size_t k : {0U, 5U, 39U, 0U, 5U}) {
                const auto& shape = shapes[k];
                const auto alone = fresh()->forecast(shape);
                if (derivativesFirst)
                    QVERIFY(asked->sensitivity(shape)->byUnknown == alone->jacobian);
                QVERIFY(*asked->cents(shape) == alone->cents);
                QVERIFY(asked->forecast(shape)->jacobian == alone->jacobian);
                QVERIFY(asked->forecast(shape)->cents == alone->cents);
                QVERIFY(asked->sensitivity(shape)->perMetre == fresh()->sensitivity(shape)->perMetre);
                for (const Instrument& other : shapes)
                    QVERIFY(asked->cents(other).ok());
            }
    }
    void aRegisterBeyondTheModelIsRefused()
    {
        const Instrument w = fixtures::whistle();
        const auto posterior = Posterior::prior(w);
        QVERIFY(!sensitivityOf(*posterior, w, {std::vector<bool>(6, true), 40, {}}));
    }
};

DOWEL_TEST(TestSensitivity)
#include "test_sensitivity.moc"
