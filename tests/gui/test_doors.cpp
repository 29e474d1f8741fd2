// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that the window never waits for long work, without a clock: every function that can take long reports when it is
// entered on the thread that handles events, and reports nothing on a worker. Every door is walked through.
#include "app/parts/jobs.h"
#include "core/fit/fit.h"
#include "core/forecast/forecast.h"
#include "core/hearing/analyse.h"
#include "core/hearing/frames.h"
#include "core/layout/families.h"
#include "core/layout/layout.h"
#include "core/layout/variation.h"
#include "core/plan/plan.h"
#include "draw/template_files.h"
#include "io/audio_file.h"
#include "io/whole_file.h"
#include "player/player.h"
#include "report/report.h"
#include "session/finder.h"
#include "session/finish_shift.h"
#include "session/passport.h"
#include "session/shelf.h"
#include "store/shop_memory.h"
#include "store/store.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"
#include "support/tones.h"
#include "support/waiting.h"

#include <QTemporaryDir>
#include <QTest>
#include <functional>
#include <set>
#include <thread>

using namespace dowel;

namespace {

std::multiset<Door>& entered()
{
    static std::multiset<Door> doors;
    return doors;
}

struct LongWork
{
    const char* what;
    Door door;
    std::function<void()> call;
};

} // namespace

class TestDoors : public QObject
{
    Q_OBJECT

    QTemporaryDir m_dir;
    InterfaceEntryHandler m_before = nullptr;

    [[nodiscard]] std::string file(const char* name) const { return m_dir.filePath(QLatin1String(name)).toStdString(); }

    std::vector<LongWork> all()
    {
        const Instrument shape = fixtures::whistle();
        const Workbook book(shape);
        const auto blank = *startingBlank(Family::Whistle, usualTarget(Family::Whistle));
        const auto posterior = std::make_shared<Posterior>(*fit(book));
        const auto layout = std::make_shared<Layout>(*layOut(blank, {}, false));
        auto created = Store::create(file("book.dowel"), shape);
        const auto store = std::make_shared<Store>(std::move(*created));
        auto opened = ShopMemory::open(file("memory.sqlite"));
        const auto memory = std::make_shared<ShopMemory>(std::move(*opened));
        const auto passport = std::make_shared<Passport>(*session::wholePassport(book));
        const Samples take = tones::constantTone(587.0, 0.5, 30.0, 1);
        (void)io::writeAudioFile(file("take.wav"), take);
        const draw::Template sheets{session::sheetsOf(shape, shape), text::TemplateWords(text::LengthUnit::Millimetres), "pipe"};
        const Change change = changesFor(shape.spec()).front();
        return {
            {"fit", Door::Fit,
             [=] {
                 (void)fit(book);
             }},
            {"Forecaster::make", Door::Forecast,
             [=] {
                 (void)Forecaster::make(book);
             }},
            {"Posterior::forecast", Door::Forecast,
             [=] {
                 (void)posterior->forecast(shape);
             }},
            {"Posterior::cents", Door::Forecast,
             [=] {
                 (void)posterior->cents(shape);
             }},
            {"counsel", Door::Plan,
             [=] {
                 (void)recommend(book);
             }},
            {"advise", Door::Plan,
             [=] {
                 (void)advise(book);
             }},
            {"layOut of a blank", Door::Layout,
             [=] {
                 (void)layOut(blank, {}, false);
             }},
            {"layOut of a rough row", Door::Layout,
             [=] {
                 (void)layOut(shape, shape.length(), {}, false);
             }},
            {"layoutAt", Door::Layout,
             [=] {
                 (void)layoutAt(shape, shape.length(), {});
             }},
            {"draggedTo", Door::Layout,
             [=] {
                 (void)draggedTo(*layout, layout->goal, {});
             }},
            {"trimPlan", Door::Layout,
             [=] {
                 (void)trimPlan(*layout, layout->start.length());
             }},
            {"varied", Door::Layout,
             [=] {
                 (void)varied(*posterior, shape, change);
             }},
            {"analyse", Door::Analysis,
             [=] {
                 (void)analyse(take, std::nullopt);
             }},
            {"measuredPart", Door::Analysis,
             [=] {
                 (void)measuredPart(take, Seconds::fromSeconds(0.1), Seconds::fromSeconds(0.4));
             }},
            {"spectrumOf", Door::Analysis,
             [=] {
                 (void)spectrumOf(take, Seconds::fromSeconds(0.1), Seconds::fromSeconds(0.4));
             }},
            {"framesOf", Door::Analysis,
             [=] {
                 (void)hearing::framesOf(take.values, take.rate_Hz, {}, {});
             }},
            {"SimulatedPlayer::play", Door::Player,
             [=] {
                 const player::SimulatedPlayer p({1, Temperature::fromCelsius(20.0), 30.0});
                 (void)p.play(shape, shape.spec().fingerings.front(), 0);
             }},
            {"wholePassport", Door::Passport,
             [=] {
                 (void)session::wholePassport(book);
             }},
            {"report::written", Door::Passport,
             [=] {
                 (void)report::written(*passport, {}, {}, false, draw::Paper::A4);
             }},
            {"report::pagesOf", Door::Passport,
             [=] {
                 (void)report::pagesOf(*passport, {}, {}, {210.0, 297.0});
             }},
            {"templateSvg", Door::Template,
             [=] {
                 (void)draw::templateSvg(sheets);
             }},
            {"templateDxf", Door::Template,
             [=] {
                 (void)draw::templateDxf(sheets);
             }},
            {"templatePdf", Door::Template,
             [=] {
                 (void)draw::templatePdf(sheets, draw::Paper::A4);
             }},
            {"shelf", Door::ShopScan,
             [=, this] {
                 (void)session::shelf(m_dir.path().toStdString());
             }},
            {"shelfLine", Door::ShopScan,
             [=, this] {
                 (void)session::shelfLine(file("book.dowel"));
             }},
            {"usualShift", Door::ShopScan,
             [=, this] {
                 (void)session::usualShift(m_dir.path().toStdString(), "oil", {});
             }},
            {"Store::open", Door::OpenBook,
             [=, this] {
                 (void)Store::open(file("book.dowel"), Store::Mode::Look);
             }},
            {"ShopMemory::open", Door::OpenBook,
             [=, this] {
                 (void)ShopMemory::open(file("memory.sqlite"));
             }},
            {"Store::verify", Door::Verify,
             [=] {
                 (void)store->verify();
             }},
            {"Store::create", Door::DurableWrite,
             [=, this] {
                 (void)Store::create(file("another.dowel"), shape);
             }},
            {"moveWorkbook", Door::DurableWrite,
             [=, this] {
                 (void)moveWorkbook(file("another.dowel"), file("moved.dowel"));
             }},
            {"Store::append", Door::DurableWrite,
             [=] {
                 (void)store->append(NoteEntry{"a note"});
             }},
            {"Store::copyTo", Door::DurableWrite,
             [=, this] {
                 (void)store->copyTo(file("copy.dowel"));
             }},
            {"Store::take", Door::ReadFile,
             [=] {
                 (void)store->take({1});
             }},
            {"ShopMemory::forget", Door::DurableWrite,
             [=] {
                 (void)memory->forget("none");
             }},
            {"ShopMemory::forgetAll", Door::DurableWrite,
             [=] {
                 (void)memory->forgetAll();
             }},
            {"ShopMemory::remember", Door::DurableWrite,
             [=] {
                 (void)memory->remember({"b", "B", Family::Whistle, "2026-01-01T00:00:00Z", 1, sharedOf({}, Family::Whistle)});
             }},
            {"writeFileWhole", Door::DurableWrite,
             [=, this] {
                 (void)io::writeFileWhole(file("text.txt"), "words");
             }},
            {"writeNewFile", Door::DurableWrite,
             [=, this] {
                 (void)io::writeNewFile(file("new.txt"), "words");
             }},
            {"readFileWhole", Door::ReadFile,
             [=, this] {
                 (void)io::readFileWhole(file("text.txt"), 100);
             }},
            {"readAudioFile", Door::ReadFile,
             [=, this] {
                 (void)io::readAudioFile(file("take.wav"));
             }},
        };
    }

private Q_SLOTS:
    void initTestCase()
    {
        QVERIFY(m_dir.isValid());
        m_before = setInterfaceEntryHandler([](Door door) { entered().insert(door); });
    }
    void cleanupTestCase() { setInterfaceEntryHandler(m_before); }
    void longWorkIsNoticedOnTheInterfacesThreadAndNowhereElse()
    {
        std::set<Door> walked;
        for (const LongWork& work : all()) {
            entered().clear();
            {
                const ScopedThreadRole interface(ThreadRole::Interface);
                work.call();
            }
            QVERIFY2(entered().contains(work.door), work.what);
            walked.insert(work.door);
            entered().clear();
            {
                const ScopedThreadRole worker(ThreadRole::Worker);
                work.call();
            }
            QVERIFY2(entered().empty(), work.what);
        }
        for (const Door door : allDoors)
            QVERIFY2(walked.contains(door), doorName(door).data());
    }
    void workOfJobsIsAWorkers()
    {
        app::Jobs jobs;
        ThreadRole role = ThreadRole::Unassigned;
        jobs.run([](const Cancel&) { return threadRole(); }, [&](ThreadRole r) { role = r; });
        EVENTUALLY(role == ThreadRole::Worker);
        QCOMPARE(app::Jobs::runningInAll(), 0);
    }
    void ofWhatFollowsAHandTheNewestIsWorkedOutAndTheOneThatRunsIsShown()
    {
        app::Jobs jobs;
        std::atomic<bool> goOn = false;
        std::vector<int> shown;
        const auto show = [&](int n) {
            shown.push_back(n);
        };
        jobs.runInTurn(
            [&goOn](const Cancel&) {
                while (!goOn)
                    std::this_thread::yield();
                return 0;
            },
            show);
        for (int n = 1; n <= 5; ++n)
            jobs.runInTurn([n](const Cancel&) { return n; }, show);
        goOn = true;
        EVENTUALLY(!jobs.busy());
        QCOMPARE(shown, std::vector<int>({0, 5}));
    }
};

DOWEL_TEST(TestDoors)
#include "test_doors.moc"
