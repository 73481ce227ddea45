#include "upbeat/logbook/ladder_repository.h"

#include <algorithm>
#include <limits>

#include <QDateTime>

#include "upbeat/ladder/evidence.h"
#include "upbeat/ladder/verdict.h"
#include "upbeat/logbook/query.h"
#include "verdict_rows.h"

namespace upbeat {

Result<std::optional<LadderState>> LadderRepository::find(const std::string& exerciseId) const {
    auto row = runQuery(
        m_logbook,
        "SELECT start_bpm, goal_bpm, step_bpm, clean_needed, tempo_bpm, rule, step_percent, by_minutes FROM ladder "
        "WHERE exercise_id = ?",
        {toQt(exerciseId)});
    if (!row) return tl::unexpected(row.error());
    if (!row->next()) return std::optional<LadderState>();
    LadderState state{
        {row->value(0).toDouble(), row->value(1).toDouble(), row->value(2).toDouble(), row->value(3).toInt()},
        row->value(4).toDouble()};
    // A rule of a newer program is a step.
    state.ladder.rule = ladderRuleFromName(row->value(5).toString().toStdString()).value_or(LadderRule::Step);
    state.ladder.stepPercent = std::clamp(row->value(6).toDouble(), 1.0, kLargestStepPercent);
    state.ladder.byMinutes = row->value(7).toBool();
    const auto inRange = [](double bpm) { return bpm >= kSlowestTempo && bpm <= kFastestTempo; };
    const Ladder& ladder = state.ladder;
    if (!inRange(ladder.startBpm) || !inRange(ladder.goalBpm) || !inRange(state.tempoBpm) ||
        !(ladder.stepBpm >= kSmallestTempoStep && ladder.stepBpm <= kLargestTempoStep) || ladder.cleanNeeded < 1)
        return fail("the ladder of " + exerciseId + " is damaged", m_logbook.file().string(),
                    UPBEAT_TEXT("set its tempo and its goal anew"));
    return std::optional(state);
}

Result<void> LadderRepository::save(const std::string& exerciseId, const LadderState& s) {
    auto done = runQuery(
        m_logbook,
        "INSERT OR REPLACE INTO ladder (exercise_id, start_bpm, goal_bpm, step_bpm, clean_needed, tempo_bpm, rule, "
        "step_percent, by_minutes) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
        {toQt(exerciseId), s.ladder.startBpm, s.ladder.goalBpm, s.ladder.stepBpm, s.ladder.cleanNeeded, s.tempoBpm,
         toQt(std::string(toName(s.ladder.rule))), s.ladder.stepPercent, s.ladder.byMinutes});
    if (!done) return tl::unexpected(done.error());
    return {};
}

namespace {

/// What was measured of the newest takes: as many as a verdict looks at.
Result<void> addGates(const Logbook& logbook, std::vector<RungTake>& newestFirst, const std::vector<qint64>& ids) {
    for (std::size_t i = 0; i < std::min(kDecidedAt, ids.size()); ++i) {
        auto rows = runQuery(logbook, "SELECT * FROM gate WHERE take_id = ?", {ids[i]});
        if (!rows) return tl::unexpected(rows.error());
        while (rows->next())
            if (const auto gate = gateFrom(Row(*rows))) newestFirst[i].gates.push_back(*gate);
    }
    return {};
}

}  // namespace

Result<std::vector<RungTake>> LadderRepository::history(const std::string& exerciseId,
                                                        const std::optional<TakeMoment>& before) const {
    const std::string now = QDateTime::currentDateTime().toString(Qt::ISODate).toStdString();
    const TakeMoment end = before.value_or(TakeMoment{"9999-12-31T23:59:59", std::numeric_limits<qint64>::max()});
    auto rows = runQuery(m_logbook,
                         "SELECT take.id, tempo_bpm, clean, missed_gate, action, "
                         "CAST(julianday(substr(?, 1, 10)) - julianday(substr(started_at, 1, 10)) AS INTEGER) AS days "
                         "FROM kept_take AS take LEFT JOIN verdict ON take_id = take.id WHERE exercise_id = ? AND counts AND "
                         "(started_at, take.id) < (?, ?) ORDER BY started_at DESC, take.id DESC LIMIT 50",
                         {toQt(before ? end.startedAt : now), toQt(exerciseId), toQt(end.startedAt), end.id});
    if (!rows) return tl::unexpected(rows.error());
    std::vector<RungTake> takes;
    std::vector<qint64> ids;
    while (rows->next()) {
        const Row row(*rows);
        RungTake take;
        take.tempoBpm = row.number("tempo_bpm");
        take.clean = row.flag("clean");
        take.missed = gateFromName(row.text("missed_gate"));
        take.daysAgo = std::max(0, row.whole("days"));
        take.leftAfter = leadsAway(actionFromName(row.text("action")).value_or(Action::Again));
        takes.push_back(std::move(take));
        ids.push_back(row.at("id").toLongLong());
    }
    if (auto done = addGates(m_logbook, takes, ids); !done) return tl::unexpected(done.error());
    std::reverse(takes.begin(), takes.end());
    return takes;
}

}  // namespace upbeat
