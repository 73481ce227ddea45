#include "studio/stand.h"

#include <algorithm>

#include "theme/words.h"
#include "upbeat/methods/drill.h"

namespace upbeat {

Exercise titled(Exercise part, const Exercise& whole, const Text& what) {
    part.title = words::titleOf(*part.origin, whole, what).said(tongue());
    part.trains = words::aimOf(*part.origin, whole).said(tongue());
    return part;
}

Stand::Stand(const With& with) : m_with(with), m_exercise(with.shelf.exercises().front()) {
    readLadder();
    connect(&m_with.shelf, &Shelf::imported, this, &Stand::choose);
    connect(&m_with.shelf, &Shelf::changed, this, [this] {
        if (!isPart() && m_with.shelf.find(m_exercise.id) == nullptr) choose(m_with.shelf.exercises().front().id);
    });
}

void Stand::choose(const std::string& id) {
    const Exercise* found = m_with.shelf.find(id);
    if (found == nullptr || isFixed() || id == m_exercise.id) return;
    put(*found);
}

void Stand::put(Exercise exercise) {
    Q_EMIT leaving();
    m_exercise = std::move(exercise);
    readLadder();
    Q_EMIT exerciseChanged();
}

void Stand::putStage(Exercise exercise, const LadderState& ladder) {
    Q_EMIT leaving();
    m_exercise = std::move(exercise);
    m_ladder = ladder;
    Q_EMIT exerciseChanged();
    Q_EMIT ladderChanged();
}

void Stand::rewrite(const Exercise& exercise) {
    if (isFixed() || exercise.id != m_exercise.id) return;
    m_exercise = exercise;
    Q_EMIT exerciseChanged();
}

void Stand::readLadder() {
    m_ladder = {ladderOf(m_exercise), m_exercise.tempo.start};
    const auto saved = LadderRepository(m_with.logbook).find(m_exercise.id);
    if (!saved)
        m_with.notices.complain(saved.error());
    else if (*saved)
        m_ladder = **saved;
}

void Stand::readLadderAgain() {
    readLadder();
    Q_EMIT ladderChanged();
}

void Stand::saveLadder() {
    if (m_with.folder.mayWrite())
        if (const auto saved = LadderRepository(m_with.logbook).save(m_exercise.id, m_ladder); !saved)
            m_with.notices.complain(saved.error());
    Q_EMIT ladderChanged();
}

std::vector<RungTake> Stand::history() const {
    const auto history = LadderRepository(m_with.logbook).history(m_exercise.id);
    return history ? *history : std::vector<RungTake>();
}

void Stand::setTempo(double bpm) {
    m_ladder.tempoBpm = std::clamp(bpm, kSlowestTempo, kFastestTempo);
    m_ladder.ladder.startBpm = std::min(m_ladder.ladder.startBpm, m_ladder.tempoBpm);
    m_ladder.ladder.goalBpm = std::max(m_ladder.ladder.goalBpm, m_ladder.tempoBpm);
    saveLadder();
}

void Stand::setGoal(double bpm) {
    m_ladder.ladder.goalBpm = std::clamp(bpm, std::max(m_ladder.tempoBpm, m_ladder.ladder.startBpm), kFastestTempo);
    saveLadder();
}

void Stand::setCleanNeeded(int takes) {
    m_ladder.ladder.cleanNeeded = std::clamp(takes, 1, kMostCleanNeeded);
    saveLadder();
}

void Stand::setRule(LadderRule rule) {
    m_ladder.ladder.rule = rule;
    saveLadder();
}

void Stand::setByMinutes(bool byMinutes) {
    m_ladder.ladder.byMinutes = byMinutes;
    saveLadder();
}

void Stand::isolate(const Span& span) {
    if (!isFixed() && !isPart()) put(titled(drillFor(m_exercise, span), m_exercise));
}

void Stand::practiseBars(int from, int to) {
    if (isFixed() || isPart()) return;
    Exercise drill = drillOfBars(m_exercise, from, to);
    if (drill.strokes.empty())
        m_with.notices.say(tr("There is nothing to play in these bars."));
    else
        put(titled(std::move(drill), m_exercise));
}

const Exercise& Stand::whole() const {
    const Exercise* whole = isPart() ? m_with.shelf.find(m_exercise.origin->whole) : nullptr;
    return whole != nullptr ? *whole : m_exercise;
}

void Stand::backToWhole() {
    if (isPart()) choose(whole().id);
}

}  // namespace upbeat
