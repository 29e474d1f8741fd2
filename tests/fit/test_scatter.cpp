// SPDX-License-Identifier: GPL-3.0-or-later
// Proves what the fit learns of the player from worlds drawn from its own assumptions: how far takes scatter, how far sittings
// differ, that what a cut got wrong for every note alike is not taken for the sitting, and that what it is unsure of is what it
// is wrong by (Monte Carlo).
#include "core/base/random.h"
#include "core/fit/unknowns.h"
#include "core/layout/families.h"
#include "core/layout/layout.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/heard.h"
#include "support/long_run.h"
#include "support/test_main.h"

#include <numeric>

using namespace dowel;
using fixtures::mm;

namespace {

/// What one maker's readings differ from the wood by.
struct Player
{
    double takes_cents = 1.5;
    double sitting_cents = 3.0;
    double slope_cents = 2.0;
    double cutsGain = 0.05; ///< of what a cut does, for all notes alike
};

/// An instrument drawn from what is expected of one, heard before and after cuts.
class World
{
public:
    World(std::uint64_t seed, const Player& player)
        : m_random(seed), m_player(player), m_book(fixtures::whistle()), m_u(fitting::Unknowns::of(m_book.specified()))
    {
        const auto prior = fitting::priorOf(m_u, Priors{}, Family::Whistle);
        m_x = prior.mean;
        for (Eigen::Index i = 0; i < m_x.size(); ++i)
            m_x += prior.root.col(i) * m_random.normal();
        m_cuts = {TrimFoot{m_book.present().length() - mm(2.0)}, Enlarge{{"h2"}, mm(6.6)}, Enlarge{{"h4"}, mm(7.0)}};
    }
    /// Every note `times` over, all cuts, every note again. False where the draw is none that sounds.
    [[nodiscard]] bool play(int times)
    {
        std::vector<Instrument> shapes{m_book.present()};
        for (const Cut& cut : m_cuts)
            shapes.push_back(applied(shapes.back(), cut).value());
        std::vector<std::vector<double>> cents;
        for (const Instrument& shape : shapes) {
            const auto there = centsOf(shape);
            if (!there)
                return false;
            cents.push_back(*there);
        }
        m_truth = cents.back();
        std::vector<double> first = cents.back(); // what stood before lies back by what the cuts really did
        for (std::size_t k = 0; k < m_cuts.size(); ++k) {
            const double did = 1.0 + m_player.cutsGain * m_random.normal();
            for (std::size_t i = 0; i < first.size(); ++i)
                first[i] -= did * (cents[k + 1][i] - cents[k][i]);
        }
        sit(first, times);
        for (const Cut& cut : m_cuts)
            put(CutEntry{cut, *presentSize(m_book.present(), cut), {}, {}});
        sit(m_truth, times);
        return true;
    }
    [[nodiscard]] const Workbook& book() const { return m_book; }
    struct Belief
    {
        double zSquared = 0.0;
        bool anotherNote = false; ///< drawn so far out that the fit takes a note for another resonance: alone it outweighs all
    };
    /// Mean over the notes of how far the belief is off, squared, in its own variances; nothing where the fit has failed.
    [[nodiscard]] std::optional<Belief> belief(const FitOptions& options = {}) const
    {
        const auto posterior = fit(m_book, {}, {}, options);
        if (!posterior)
            return std::nullopt;
        const auto now = posterior->forecast(m_book.present());
        if (!now)
            return std::nullopt;
        const Eigen::MatrixXd covariance = now->jacobian * posterior->covariance() * now->jacobian.transpose();
        double sum = 0.0;
        for (std::size_t i = 0; i < m_truth.size(); ++i) {
            const auto k = static_cast<Eigen::Index>(i);
            sum += std::pow(now->cents[i] - m_truth[i], 2) / covariance(k, k);
        }
        constexpr double anotherNote = 15.0; // deviations
        return Belief{sum / static_cast<double>(m_truth.size()), posterior->report().worstResidual > anotherNote};
    }

private:
    [[nodiscard]] std::optional<std::vector<double>> centsOf(const Instrument& shape) const
    {
        std::vector<std::size_t> all(shape.spec().fingerings.size());
        std::iota(all.begin(), all.end(), std::size_t{0});
        const auto e = fitting::evaluate(shape, m_u, m_x, shape.spec().tuning.playedAt.kelvin(), all, false);
        return e ? std::optional(e->cents) : std::nullopt;
    }
    void sit(const std::vector<double>& cents, int times)
    {
        const double shift = m_player.sitting_cents * m_random.normal();
        const double slope = m_player.slope_cents * m_random.normal();
        const auto& notes = m_book.present().spec().fingerings;
        for (int t = 0; t < times; ++t)
            for (std::size_t i = 0; i < notes.size(); ++i) {
                const double off =
                    cents[i] + shift + slope * m_u.octaves(notes[i].target) + m_player.takes_cents * m_random.normal();
                const ReadingEntry r =
                    fixtures::heard(notes[i].id, Hertz::fromHertz(notes[i].target.hertz() * std::exp2(off / 1200.0)), 0.05,
                                    m_book.present().spec().tuning.playedAt);
                put(r);
            }
    }
    void put(EntryBody body) { QVERIFY(m_book.append({m_book.nextId(), "2026-01-01T00:00:00Z", std::move(body)})); }

    Random m_random;
    Player m_player;
    Workbook m_book;
    fitting::Unknowns m_u;
    Eigen::VectorXd m_x;
    std::vector<Cut> m_cuts;
    std::vector<double> m_truth;
};

} // namespace

class TestScatter : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void howFarTakesScatterIsLearnt_data()
    {
        QTest::addColumn<double>("really");
        QTest::newRow("a third") << 0.5;
        QTest::newRow("as expected") << 1.5;
        QTest::newRow("twice") << 3.0;
    }
    void howFarTakesScatterIsLearnt()
    {
        QFETCH(double, really);
        double log = 0.0;
        constexpr int worlds = 4;
        int heard = 0;
        for (std::uint64_t seed = 1; heard < worlds; ++seed) {
            World world(seed, {really, 3.0, 2.0, 0.05});
            if (!world.play(4))
                continue;
            const auto posterior = fit(world.book());
            VERIFY_OK(posterior);
            VERIFY_NEAR(posterior->priors().repeat_cents, Priors{}.repeat_cents * posterior->report().scatter, 1e-12);
            log += std::log(posterior->priors().repeat_cents) / worlds;
            ++heard;
        }
        // Four takes of each note twice: over a hundred differences a world, known to some five in a hundred, less what is
        // expected beforehand and the width of the grid.
        QVERIFY2(std::abs(std::exp(log) / really - 1.0) < 0.2, qPrintable(QString::number(std::exp(log))));
    }
    void howFarSittingsDifferIsLearnt()
    {
        // Six sittings on one shape tell a breath that stays from one that wanders.
        const auto learnt = [](double really) {
            double log = 0.0;
            constexpr int worlds = 6;
            for (std::uint64_t seed = 1; seed <= worlds; ++seed) {
                Workbook book(fixtures::whistle());
                Random random(seed);
                const auto heard = Posterior::prior(book.present())->cents(book.present());
                for (int sitting = 0; sitting < 6; ++sitting) {
                    const double shift = really * random.normal();
                    for (std::size_t i = 0; i < heard->size(); ++i) {
                        const Fingering& f = book.present().spec().fingerings[i];
                        ReadingEntry r;
                        r.fingering = f.id;
                        r.pitch =
                            Hertz::fromHertz(f.target.hertz() * std::exp2(((*heard)[i] + shift + random.normal()) / 1200.0));
                        r.sd = Cents::fromCents(0.05);
                        r.air = Temperature::fromCelsius(20.0);
                        const std::string at = "2026-01-0" + std::to_string(sitting + 1) + "T10:00:00Z";
                        if (!book.append({book.nextId(), at, r}))
                            return 0.0;
                    }
                }
                const auto posterior = fit(book);
                log += posterior ? std::log(posterior->report().sittings) / worlds : 1e3;
            }
            return std::exp(log);
        };
        const double still = learnt(0.0);
        const double usual = learnt(3.0);
        const double windy = learnt(6.0);
        QVERIFY2(still < 0.6 * usual && usual < 0.8 * windy && std::abs(usual - 1.0) < 0.35,
                 qPrintable(QStringLiteral("%1 %2 %3").arg(still).arg(usual).arg(windy)));
    }
    void whatACutDidOtherwiseIsTheCuts()
    {
        // Of an instrument that is known but for how its player blows, the window's cut did three tenths more than the formulas
        // say, and sittings hardly differ: the cut is what was wrong, not the blowing. So the notes stand where they were heard
        // last.
        Priors known;
        for (double* sd : {&known.warmthSd, &known.mouthLogSd, &known.mouthSlopeSd, &known.boreScaleSd, &known.wallLossSd,
                           &known.holeEndSd, &known.holeSpreadSd, &known.neighboursSd, &known.holeSizeSd_m, &known.chimneyShareSd,
                           &known.holePlaceSd_m, &known.footSd_m, &known.undercutGainSd, &known.edgeGainSd, &known.noteSd_cents})
            *sd *= 1e-3;
        known.blowSlope_cents = 0.0;
        known.blowSlopeSd_cents = 0.01;
        known.listeningSd_cents = known.listeningSlopeSd_cents = 0.5;
        Workbook book(fixtures::whistle());
        const auto model = Posterior::prior(book.present(), known);
        VERIFY_OK(model);
        const Metres window = std::get<Duct>(book.present().spec().excitation).windowLength;
        const Cut cut = CutUp{window + mm(1.0)}; // which moves every note
        const auto before = model->cents(book.present());
        const auto after = model->cents(applied(book.present(), cut).value());
        VERIFY_OK(before);
        VERIFY_OK(after);
        const auto hear = [&](const std::vector<double>& cents) {
            for (std::size_t i = 0; i < cents.size(); ++i) {
                const Fingering& f = book.present().spec().fingerings[i];
                const ReadingEntry r = fixtures::heard(f.id, Hertz::fromHertz(f.target.hertz() * std::exp2(cents[i] / 1200.0)),
                                                       0.05, book.present().spec().tuning.playedAt);
                QVERIFY(book.append({book.nextId(), "2026-01-01T00:00:00Z", r}));
            }
        };
        std::vector<double> first = *after;
        for (std::size_t i = 0; i < first.size(); ++i)
            first[i] -= 1.3 * ((*after)[i] - (*before)[i]);
        hear(first);
        QVERIFY(book.append({book.nextId(), "2026-01-01T00:00:00Z", CutEntry{cut, window, {}, {}}}));
        hear(*after);
        const auto posterior = fit(book, known);
        VERIFY_OK(posterior);
        const auto now = posterior->cents(book.present());
        VERIFY_OK(now);
        for (std::size_t i = 0; i < now->size(); ++i)
            VERIFY_NEAR((*now)[i], (*after)[i], 1.0);
    }
    void whatTheSourcesLeaveOpenOfAnUndercutIsInTheSpread()
    {
        // Another reading of the published formulas has undercut holes of a reed pipe sound up to 3.7 cents otherwise where they
        // are undercut by 0.7 mm (series length and matching at the inner edge have no source). That much lies within two of the
        // deviations that an undercut's gain is given beforehand.
        const auto blank = startingBlank(Family::Reed, usualTarget(Family::Reed));
        VERIFY_OK(blank);
        const auto layout = layOut(*blank, {}, false);
        VERIFY_OK(layout);
        InstrumentSpec spec = layout->goal.spec();
        for (Hole& h : spec.holes)
            h.undercutDiameter = h.diameter + mm(0.7);
        const auto pipe = Instrument::make(spec);
        VERIFY_OK(pipe);
        const auto before = Posterior::prior(*pipe);
        VERIFY_OK(before);
        const auto forecast = before->forecast(*pipe);
        VERIFY_OK(forecast);
        const auto u = fitting::Unknowns::of(*pipe);
        const double most = forecast->jacobian.col(u.lowGain()).cwiseAbs().maxCoeff() * Priors{}.undercutGainSd;
        QVERIFY2(most > 3.7 / 2.0, qPrintable(QString::number(most)));
    }
    void whatIsBelievedIsWrongByWhatIsStated_data()
    {
        QTest::addColumn<double>("sitting");
        QTest::addColumn<double>("slope");
        QTest::addColumn<double>("low");
        QTest::addColumn<double>("high");
        QTest::newRow("a breath of the day") << 3.0 << 2.0 << 0.75 << 1.25;
        // Two sittings tell little of how far sittings differ: the belief stays wider than it need be, which is measured.
        QTest::newRow("the same breath every day") << 0.0 << 0.0 << 0.15 << 1.15;
    }
    void whatIsBelievedIsWrongByWhatIsStated()
    {
        QFETCH(double, sitting);
        QFETCH(double, slope);
        QFETCH(double, low);
        QFETCH(double, high);
        // The notes of a world err together, by its two sittings: a hundred worlds know the mean to some twelve in a hundred.
        const std::uint64_t worlds = longRun() ? 400 : 100;
        FitOptions expecting;
        expecting.learnScatter = false;
        double sum = 0.0;
        double unlearnt = 0.0;
        double logGain = 0.0; // world by world: no single one tells for all
        double count = 0.0;
        for (std::uint64_t seed = 100; seed < 100 + worlds; ++seed) {
            World world(seed, {1.5, sitting, slope, 0.05});
            if (!world.play(1))
                continue;
            const auto belief = world.belief();
            const auto before = world.belief(expecting);
            QVERIFY(belief && before);
            if (belief->anotherNote)
                continue;
            sum += belief->zSquared;
            unlearnt += before->zSquared;
            logGain += std::log(belief->zSquared / before->zSquared);
            count += 1.0;
        }
        qInfo("z squared %.3f over %.0f worlds, %.3f with what was expected", sum / count, count, unlearnt / count);
        QVERIFY(count > 0.8 * static_cast<double>(worlds));
        QVERIFY2(sum / count > low && sum / count < high, qPrintable(QString::number(sum / count)));
        if (!(sitting > 0.0)) // where expectation is too wide learning narrows it
            QVERIFY2(logGain / count > std::log(1.2), qPrintable(QString::number(std::exp(logGain / count))));
    }
};

DOWEL_TEST(TestScatter)
#include "test_scatter.moc"
