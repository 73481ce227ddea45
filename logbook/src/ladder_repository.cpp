#include "upbeat/logbook/ladder_repository.h"

#include <algorithm>
#include <limits>

#include "query.h"

namespace upbeat {

Result<std::optional<LadderState>> LadderRepository::find(const std::string& exerciseId) const {
    auto row = runQuery(
        m_logbook, "SELECT start_bpm, goal_bpm, step_bpm, clean_needed, tempo_bpm FROM ladder WHERE exercise_id = ?",
        {toQt(exerciseId)});
    if (!row) return tl::unexpected(row.error());
    if (!row->next()) return std::optional<LadderState>();
    const LadderState state{
        {row->value(0).toDouble(), row->value(1).toDouble(), row->value(2).toDouble(), row->value(3).toInt()},
        row->value(4).toDouble()};
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
        "INSERT INTO ladder (exercise_id, start_bpm, goal_bpm, step_bpm, clean_needed, tempo_bpm) VALUES (?, ?, ?, ?, "
        "?, ?) "
        "ON CONFLICT (exercise_id) DO UPDATE SET start_bpm = excluded.start_bpm, goal_bpm = excluded.goal_bpm, "
        "step_bpm = excluded.step_bpm, clean_needed = excluded.clean_needed, tempo_bpm = excluded.tempo_bpm",
        {toQt(exerciseId), s.ladder.startBpm, s.ladder.goalBpm, s.ladder.stepBpm, s.ladder.cleanNeeded, s.tempoBpm});
    if (!done) return tl::unexpected(done.error());
    return {};
}

Result<std::vector<RungTake>> LadderRepository::history(const std::string& exerciseId,
                                                        const std::optional<TakeMoment>& before) const {
    const TakeMoment end = before.value_or(TakeMoment{"9999-12-31T23:59:59", std::numeric_limits<qint64>::max()});
    auto rows = runQuery(m_logbook,
                         "SELECT tempo_bpm, clean, missed_gate FROM take WHERE exercise_id = ? AND counts AND "
                         "(started_at, id) < (?, ?) ORDER BY started_at DESC, id DESC LIMIT 50",
                         {toQt(exerciseId), toQt(end.startedAt), end.id});
    if (!rows) return tl::unexpected(rows.error());
    std::vector<RungTake> takes;
    while (rows->next())
        takes.push_back({rows->value(0).toDouble(), rows->value(1).toBool(),
                         gateFromName(rows->value(2).toString().toStdString())});
    std::reverse(takes.begin(), takes.end());
    return takes;
}

}  // namespace upbeat
