// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/finished_example.h"

#include "app/parts/outline.h"
#include "app/parts/style.h"
#include "core/base/clock.h"
#include "core/instrument/whole.h"
#include "core/layout/families.h"
#include "core/shop/finish.h"
#include "io/finish_json.h"
#include "io/plan_json.h"
#include "session/advise.h"
#include "session/cut_entries.h"
#include "session/practice.h"
#include "session/takes.h"
#include "store/store.h"

#include <QBuffer>
#include <QImage>
#include <QPainter>

namespace dowel::app {

namespace {

constexpr std::uint64_t wood = 11;

/// Goes when it is told to.
class DayClock final : public Clock
{
public:
    [[nodiscard]] UtcTime now() const override { return m_now; }
    void passes(std::chrono::milliseconds time) { m_now += time; }

private:
    UtcTime m_now = std::chrono::sys_days(std::chrono::year(2026) / 3 / 2) + std::chrono::hours(9);
};

class Example
{
public:
    Example(Store store, DayClock& day, const Cancel& cancel) : m_store(std::move(store)), m_day(&day), m_cancel(&cancel)
    {
        m_store.useClock(day);
    }
    Status note(const char* words) { return put(NoteEntry{words}); }
    Status put(EntryBody body, Store::Flac beside = {})
    {
        m_day->passes(std::chrono::minutes(4));
        const auto entry = m_store.append(std::move(body), std::move(beside));
        return entry ? Status(Done{}) : Status(entry.error());
    }
    /// kept: of so many the recording stays beside the reading.
    Status hear(const std::vector<FingeringId>& notes, std::size_t kept)
    {
        for (std::size_t i = 0; i < notes.size(); ++i) {
            const Temperature room = Temperature::fromCelsius(20.5);
            const auto samples = DOWEL_TRY(session::played(m_store.book(), notes[i], room));
            m_day->passes(std::chrono::minutes(1));
            if (i < kept) {
                DOWEL_TRY(session::keepTake(m_store, notes[i], samples, room, ReadingSource::Player, *m_cancel));
                continue;
            }
            const auto reading =
                DOWEL_TRY(session::readingFrom(m_store.book(), notes[i], samples, room, ReadingSource::Player, *m_cancel));
            DOWEL_TRY(put(reading));
        }
        return Done{};
    }
    Status hearAll(std::size_t kept)
    {
        std::vector<FingeringId> all;
        for (const Fingering& f : m_store.book().present().spec().fingerings)
            all.push_back(f.id);
        return hear(all, kept);
    }
    /// Listens and cuts as advised, a sitting a day, until there is nothing left to do.
    Status tune()
    {
        constexpr int longest = 80;
        for (int step = 0; step < longest; ++step) {
            const auto advised = DOWEL_TRY(session::advise(m_store, {}, *m_cancel));
            const Advice& advice = advised.recommendation.advice;
            if (advice.state == AdviceState::Finished || advice.state == AdviceState::Stop)
                return Done{};
            if (advice.state == AdviceState::MakeCut) {
                // The hand goes a few hundredths beside what was asked, one way and the other.
                const Cut& asked = advice.steps.front().cut;
                const Metres slip = Metres::fromMillimetres(0.02 * (step % 3 - 1));
                const auto cut = DOWEL_TRY(session::cutEntry(m_store.book(), withSize(asked, wantedSize(asked) + slip)));
                m_day->passes(std::chrono::minutes(20));
                DOWEL_TRY(put(cut));
            } else {
                m_day->passes(std::chrono::hours(24));
                DOWEL_TRY(hear(advice.fingerings, 0));
            }
        }
        return Done{};
    }
    /// The instrument from above, as a camera over the bench would have it.
    Status photograph(const char* words)
    {
        constexpr QSize size(900, 220);
        QImage image(size, QImage::Format_RGB32);
        image.fill(Style::current().colours().paper);
        QPainter painter(&image);
        const Instrument& there = m_store.book().present();
        paintOutline(painter, there, QRectF(20.0, 20.0, 860.0, 180.0), 820.0 / overallOf(there.spec()).metres());
        painter.end();
        QBuffer buffer;
        buffer.open(QIODevice::WriteOnly);
        image.save(&buffer, "JPEG", 85);
        return put(PhotoEntry{words}, Store::Flac(buffer.data().begin(), buffer.data().end()));
    }
    Status finish()
    {
        const auto begun = today(*m_day) + std::chrono::days(1);
        FinishPlan plan = usualFinish("oil", m_store.book().present().spec().material, false, begun);
        DOWEL_TRY(put(FinishEntry{io::finishText(plan)}));
        for (std::size_t i = 0; i < plan.works.size(); ++i) {
            const auto days = daysOf(plan);
            m_day->passes(std::chrono::days(plan.works[i].days));
            plan.works[i].done = days[i].until;
            DOWEL_TRY(put(FinishEntry{io::finishText(plan)}));
            if (plan.works[i].kind == FinishKind::HearAgain)
                DOWEL_TRY(hearAll(0));
        }
        return Done{};
    }

private:
    Store m_store;
    DayClock* m_day;
    const Cancel* m_cancel;
};

} // namespace

Status makeFinishedExample(const std::string& path, const Cancel& cancel)
{
    io::PlanKept kept;
    kept.target = usualTarget(Family::Whistle);
    kept.target.lowest = "Eb5";
    kept.blank = DOWEL_TRY(startingBlank(Family::Whistle, kept.target));
    kept.blank.spec.name = "Sedge whistle in E flat";
    kept.blank.spec.material = "hardwood";
    const auto layout = DOWEL_TRY(layOut(kept.blank, kept.wishes, false, cancel));
    kept.goal = layout.goal;
    DayClock day;
    InstrumentSpec bare = kept.blank.spec;
    bare.holes.clear();
    bare.fingerings.clear();
    const auto tube = DOWEL_TRY(Instrument::make(std::move(bare)));
    auto store = DOWEL_TRY(Store::create(path, tube, PracticeEntry{wood, Temperature::fromCelsius(20.5), 24.0}));
    Example example(std::move(store), day, cancel);
    DOWEL_TRY(example.put(PlanEntry{io::planText(kept)}));
    DOWEL_TRY(example.note("Billet of cherry, split from one log with its sister; seasoned since last spring."));
    day.passes(std::chrono::days(6));
    DOWEL_TRY(example.put(BuiltEntry{layout.start}));
    DOWEL_TRY(example.photograph("Drilled, before tuning"));
    constexpr std::size_t recordings = 3;
    DOWEL_TRY(example.hearAll(recordings));
    DOWEL_TRY(example.tune());
    DOWEL_TRY(example.note("Tuned. The lip was eased with fine paper before the last sitting; nothing else was touched."));
    DOWEL_TRY(example.photograph("Tuned, before the oil"));
    return example.finish();
}

} // namespace dowel::app
