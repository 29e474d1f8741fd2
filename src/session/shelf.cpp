// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/shelf.h"

#include "core/base/thread_role.h"
#include "io/plan_json.h"
#include "session/finish_shift.h"
#include "session/round.h"
#include "store/store.h"

#include <algorithm>
#include <filesystem>
#include <sys/stat.h>
#include <unistd.h>

namespace dowel::session {

namespace {

/// What is drawn of an instrument that is not drilled yet: its row as laid out, else the bare tube.
void takePlan(ShelfLine& line, const Workbook& book)
{
    line.state = ShelfLine::State::Planned;
    line.shape = book.present();
    const std::string* text = book.plan();
    const auto plan = text == nullptr ? Result<io::PlanKept>(Error{}) : io::planFromText(*text);
    if (!plan)
        return;
    line.notes = static_cast<int>(plan->blank.spec.fingerings.size());
    line.lowest = plan->target.lowest;
    InstrumentSpec bare = plan->blank.spec;
    bare.fingerings.clear();
    if (plan->goal) {
        line.state = ShelfLine::State::LaidOut;
        line.shape = plan->goal;
    } else if (auto tube = Instrument::make(std::move(bare))) {
        line.shape = std::move(*tube);
    }
}

ShelfLine::State stateOf(const Advice& advice)
{
    switch (advice.state) {
    case AdviceState::Measure: return ShelfLine::State::ToHear;
    case AdviceState::MakeCut: return ShelfLine::State::CutReady;
    case AdviceState::Finished: return ShelfLine::State::Done;
    case AdviceState::Stop: break;
    }
    return ShelfLine::State::Stopped;
}

/// The advice that nothing has overtaken since.
const Advice* standingAdvice(const Workbook& book)
{
    for (auto it = book.entries().rbegin(); it != book.entries().rend(); ++it) {
        if (const auto* a = std::get_if<Advice>(&it->body))
            return a;
        if (factsOf(it->body).bearsOnShape)
            return nullptr;
    }
    return nullptr;
}

/// Who finishes is done with cutting, unless a cut is ready or something does not fit.
void takeFinish(ShelfLine& line, const Workbook& book, const Clock& clock)
{
    if (line.state == ShelfLine::State::CutReady || line.state == ShelfLine::State::Stopped)
        return;
    const auto plan = finishOf(book);
    const auto next = plan && *plan ? nextWork(**plan) : std::nullopt;
    if (!next)
        return;
    line.work = (*plan)->works[*next];
    line.workFrom = daysOf(**plan)[*next].from;
    line.state = line.workFrom <= today(clock) ? ShelfLine::State::FinishDue : ShelfLine::State::Finishing;
}

void takeBook(ShelfLine& line, const Workbook& book, const Clock& clock)
{
    line.name = book.present().spec().name;
    line.practice = book.practice().has_value();
    if (!book.entries().empty())
        line.touched = book.entries().back().at;
    if (!book.sounds())
        return takePlan(line, book);
    if (line.practice)
        line.score = scoreOf(book);
    line.shape = book.present();
    line.lowest = book.present().spec().fingerings.front().id.text;
    const auto ages = cutsSinceHeard(book);
    line.notes = static_cast<int>(ages.size());
    line.toHear = static_cast<int>(std::count(ages.begin(), ages.end(), std::nullopt));
    line.state = line.toHear > 0 ? ShelfLine::State::ToHear : ShelfLine::State::Heard;
    if (const Advice* any = book.latestAdvice(); any != nullptr && any->of > 0 && line.toHear == 0)
        line.worst = any->worst;
    if (const Advice* advice = standingAdvice(book)) {
        line.state = stateOf(*advice);
        if (advice->state == AdviceState::Measure)
            line.toHear = static_cast<int>(advice->fingerings.size());
        if (!advice->steps.empty())
            line.next = advice->steps.front().cut;
    }
    takeFinish(line, book, clock);
}

} // namespace

ShelfLine shelfLine(const std::string& path, const Clock& clock, const Cancel& cancel)
{
    enterDoor(Door::ShopScan);
    ShelfLine line;
    line.path = path;
    line.name = std::filesystem::path(path).stem().string();
    const auto store = Store::open(path, Store::Mode::Look, cancel);
    if (store)
        takeBook(line, store->book(), clock);
    else
        line.trouble = store.error();
    return line;
}

std::optional<ShelfMemory::Stand> ShelfMemory::standOf(const std::string& path, std::chrono::sys_days day)
{
    struct stat file
    {
    };
    // Beside a journal the file is about to change without its own time telling.
    if (::stat(path.c_str(), &file) != 0 || ::access((path + "-journal").c_str(), F_OK) == 0)
        return std::nullopt;
    constexpr std::int64_t second_ns = 1'000'000'000;
    return Stand{file.st_mtim.tv_sec * second_ns + file.st_mtim.tv_nsec, static_cast<std::uintmax_t>(file.st_size), file.st_ino,
                 day};
}

std::optional<ShelfLine> ShelfMemory::lineOf(const std::string& path, std::chrono::sys_days day) const
{
    const auto stand = standOf(path, day);
    const std::lock_guard lock(m_mutex);
    const auto known = m_lines.find(path);
    if (!stand || known == m_lines.end() || known->second.first != *stand)
        return std::nullopt;
    return known->second.second;
}

void ShelfMemory::keep(const ShelfLine& line, std::chrono::sys_days day)
{
    const auto stand = standOf(line.path, day);
    if (!stand || line.trouble) // what could not be read may be readable the next time
        return;
    const std::lock_guard lock(m_mutex);
    m_lines.insert_or_assign(line.path, std::pair(*stand, line));
}

Result<std::vector<ShelfLine>> shelf(const std::string& folder, const Cancel& cancel, const Clock& clock, ShelfMemory* memory)
{
    enterDoor(Door::ShopScan);
    std::vector<ShelfLine> lines;
    std::error_code trouble;
    if (!std::filesystem::exists(folder, trouble))
        return lines;
    std::filesystem::directory_iterator it(folder, trouble);
    for (; !trouble && it != std::filesystem::directory_iterator(); it.increment(trouble)) {
        if (cancel.requested())
            return Error{ErrorCode::Cancelled, folder, {}};
        if (it->path().extension() != ".dowel")
            continue;
        const std::string path = it->path().string();
        auto known = memory == nullptr ? std::nullopt : memory->lineOf(path, today(clock));
        lines.push_back(known ? std::move(*known) : shelfLine(path, clock, cancel));
        if (memory != nullptr && !known && !cancel.requested())
            memory->keep(lines.back(), today(clock));
    }
    if (cancel.requested())
        return Error{ErrorCode::Cancelled, folder, {}};
    if (trouble)
        return Error{ErrorCode::Unreadable, folder, Fact::said(trouble.message())};
    std::sort(lines.begin(), lines.end(), [](const ShelfLine& a, const ShelfLine& b) {
        return std::tuple(a.state, b.touched, a.name) < std::tuple(b.state, a.touched, b.name);
    });
    return lines;
}

} // namespace dowel::session
