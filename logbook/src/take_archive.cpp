#include "upbeat/logbook/take_archive.h"

#include <limits>

#include "upbeat/logbook/remark_repository.h"
#include "upbeat/take/teach.h"

namespace upbeat {

namespace {

tl::unexpected<Error> stopped() {
    return fail(UPBEAT_TEXT("it was stopped half way"), "take");
}

}  // namespace

Result<qint64> TakeArchive::keep(const TakeRecord& take, const TakeAnalysis& analysis) const {
    const std::string name = take.file.substr(0, take.file.rfind(".flac"));
    if (auto described = m_store.describe(name, take); !described) return tl::unexpected(described.error());
    if (!goesOn(Step::Described)) return stopped();
    const auto logbook = Logbook::open(m_folder.logbook(), LogbookAccess::Durable);
    if (!logbook) return tl::unexpected(logbook.error());
    auto id = TakeRepository(**logbook).add(take, analysis);
    if (!id) return id;
    if (!goesOn(Step::Committed)) return stopped();
    // It is in the log. Names that cannot be given now are given at the next start.
    (void)m_store.settle(name);
    if (!goesOn(Step::Settled)) return stopped();
    return id;
}

Result<std::vector<std::string>> TakeArchive::unfinished() const {
    if (!m_folder.mayWrite()) return std::vector<std::string>();  // whoever writes here will offer them
    const auto logbook = Logbook::open(m_folder.logbook());
    if (!logbook) return tl::unexpected(logbook.error());
    const auto known = TakeRepository(**logbook).files();
    if (!known) return tl::unexpected(known.error());
    m_store.tidy(*known);
    return m_store.unknownTo(*known);
}

Result<Rescued> TakeArchive::rescue(const std::string& name, const MeasureTake& measure) const {
    if (const auto plan = m_store.planOf(name); plan && plan->openEnded) {
        const auto ids = split(name, *plan, measure);
        if (!ids) return tl::unexpected(ids.error());
        if (ids->empty()) return Rescued{Rescued::Kind::TooShort, 0, 0};
        return Rescued{Rescued::Kind::Split, ids->back(), static_cast<int>(ids->size())};
    }
    auto take = m_store.rescue(name);
    if (!take) return tl::unexpected(take.error());
    if (!goesOn(Step::Rescued)) return stopped();
    const bool isOfKit = isLesson(take->exercise);
    if (isOfKit || take->frame.bars < 1) {
        m_store.discard(name);
        return Rescued{isOfKit ? Rescued::Kind::Lesson : Rescued::Kind::TooShort, 0};
    }
    CoachPlan plan;
    {
        const auto logbook = Logbook::open(m_folder.logbook());
        if (!logbook) return tl::unexpected(logbook.error());
        // Of those that were started in the same second the log has the earlier ones.
        auto own = coachPlanOf(**logbook, *take, TakeMoment{take->startedAt, std::numeric_limits<qint64>::max()});
        if (!own) return tl::unexpected(own.error());
        plan = *std::move(own);
    }
    take->ladder = plan.ladder;
    const TakeAnalysis analysis = measure(*take, plan);
    const auto id = keep(*take, analysis);
    if (!id) return tl::unexpected(id.error());
    return Rescued{Rescued::Kind::Kept, *id};
}

Result<void> TakeArchive::rebuildLadders() const {
    const auto logbook = Logbook::open(m_folder.logbook(), LogbookAccess::Durable);
    if (!logbook) return tl::unexpected(logbook.error());
    const TakeRepository takes(**logbook);
    LadderRepository ladders(**logbook);
    const auto newest = takes.newestOfAll();
    if (!newest) return tl::unexpected(newest.error());
    for (const qint64 id : *newest) {
        const auto take = takes.find(id);
        if (!take) continue;  // said when it is opened
        const auto known = ladders.find(take->exercise.id);
        if (!known || *known) continue;
        const LadderState state{take->ladder.value_or(ladderOf(take->exercise)), take->frame.tempoBpm};
        if (auto saved = ladders.save(take->exercise.id, state); !saved) return saved;
    }
    return {};
}

Result<TakeArchive::Found> TakeArchive::find(qint64 id, const std::optional<Profile>& today) const {
    const auto logbook =
        Logbook::open(m_folder.logbook(), m_folder.mayWrite() ? LogbookAccess::Writing : LogbookAccess::Reading);
    if (!logbook) return tl::unexpected(logbook.error());
    auto take = TakeRepository(**logbook).find(id);
    if (!take) return tl::unexpected(take.error());
    TakeRecord judged = *take;
    if (today) {
        judged.profile = *today;
        judged.ladder.reset();
    }
    auto plan = coachPlanOf(**logbook, judged, TakeMoment{take->startedAt, id});
    if (!plan) return tl::unexpected(plan.error());
    const auto newest = TakeRepository(**logbook).newestOf(take->exercise.id);
    if (!newest) return tl::unexpected(newest.error());
    Result<std::optional<DayVerdict>> day;
    if (!today) day = TakeRepository(**logbook).verdictOf(id);
    if (!day) return tl::unexpected(day.error());
    auto remarks = RemarkRepository(**logbook).of(id);
    if (!remarks) return tl::unexpected(remarks.error());
    return Found{*std::move(take), *std::move(plan), *std::move(day), *newest == id, *std::move(remarks)};
}

TakeAnalysis TakeArchive::Found::analysis() const {
    TakeAnalysis analysis = analyzeTake(take.exercise, frameToMeasure(take), {take.hits, take.trace}, plan);
    if (!day) return analysis;
    analysis.gates = day->gates;
    poolGates(analysis, plan.history);
    analysis.verdict = day->verdict;
    return analysis;
}

Result<CoachPlan> coachPlanOf(const Logbook& logbook, const TakeRecord& take, const std::optional<TakeMoment>& moment) {
    const LadderRepository ladders(logbook);
    CoachPlan plan;
    plan.profile = take.profile;
    plan.ladder = take.ladder.value_or(ladderOf(take.exercise));
    if (!take.ladder) {
        const auto saved = ladders.find(take.exercise.id);
        if (saved && *saved) plan.ladder = (*saved)->ladder;
    }
    auto history = ladders.history(take.exercise.id, moment);
    if (!history) return tl::unexpected(history.error());
    plan.history = *std::move(history);
    return plan;
}

}  // namespace upbeat
