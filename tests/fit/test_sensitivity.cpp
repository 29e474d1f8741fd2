// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that the figures shown for a tenth of a millimetre are what happens when a tenth is taken off.
#include "core/forecast/sensitivity.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

using namespace dowel;
using fixtures::mm;

class TestSensitivity : public QObject
{
    Q_OBJECT

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
    void reamingWhereTheCurveSaysRaises()
    {
        // common practice, no source (and Rayleigh's principle): wider at a node of pressure raises, at an antinode lowers.
        const Instrument w = fixtures::whistle();
        const auto posterior = fit(Workbook(w));
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
    void aRegisterBeyondTheModelIsRefused()
    {
        const Instrument w = fixtures::whistle();
        const auto posterior = fit(Workbook(w));
        QVERIFY(!sensitivityOf(*posterior, w, {std::vector<bool>(6, true), 40, {}}));
    }
};

DOWEL_TEST(TestSensitivity)
#include "test_sensitivity.moc"
