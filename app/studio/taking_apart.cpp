#include "studio/taking_apart.h"

#include <algorithm>
#include <cmath>

#include "theme/words.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

/// Under which the part that was reached is remembered.
QString nameOfWay(const std::string& exercise, Method method, std::optional<Method> inner) {
    QString way = inWords(toName(method));
    if (inner) way += QLatin1Char('+') + inWords(toName(*inner));
    return QStringLiteral("stages/%1/%2").arg(QString::fromStdString(exercise), way);
}

bool isStage(const Exercise& exercise) {
    return exercise.origin && std::holds_alternative<StageNumber>(exercise.origin->part);
}

}  // namespace

TakingApart::TakingApart(const With& with) : m_with(with) {
    connect(&m_with.stand, &Stand::exerciseChanged, this, [this] {
        if (!isStage(m_with.stand.exercise())) m_stages.clear();
    });
}

void TakingApart::begin(Method method, std::optional<Method> inner) {
    if (m_with.stand.isFixed()) return;
    m_with.stand.backToWhole();
    m_isDrill = false;
    start(method, inner, stagesFor(m_with.stand.exercise(), method, inner));
}

void TakingApart::drill(const Span& span) {
    if (m_with.stand.isFixed()) return;
    m_with.stand.backToWhole();
    m_isDrill = true;
    start(Method::IsolateSpan, std::nullopt, stagesOf(m_with.stand.exercise(), Method::IsolateSpan, span));
}

void TakingApart::drillAtTempo(const Span& span) {
    drill(span);
    const auto first = std::find_if(m_stages.begin(), m_stages.end(),
                                    [](const PracticeStage& stage) { return stage.tempoFactor >= 1; });
    if (m_isDrill && first != m_stages.end()) goTo(static_cast<int>(first - m_stages.begin()));
}

void TakingApart::start(Method method, std::optional<Method> inner, std::vector<PracticeStage> stages) {
    if (stages.size() < 2) return m_with.notices.say(tr("This way has nothing to take apart here."));
    m_method = method;
    m_inner = inner;
    m_stages = std::move(stages);
    m_wholeLadder = m_with.stand.ladder();
    goTo(0);
}

std::vector<PracticeStage> TakingApart::stagesFor(const Exercise& exercise, Method method,
                                                  std::optional<Method> inner) const {
    if (inner && *inner != method) return combined(exercise, method, *inner);
    return stagesOf(exercise, method, m_with.review.troubleIn(exercise).value_or(Span()));
}

int TakingApart::reached(Method method, std::optional<Method> inner) const {
    return std::max(0, m_with.setup.recall(nameOfWay(m_with.stand.whole().id, method, inner)));
}

void TakingApart::goTo(int stage) {
    if (m_with.stand.isFixed() || stage < 0 || stage >= static_cast<int>(m_stages.size())) return;
    m_stage = stage;
    const PracticeStage& now = m_stages[static_cast<std::size_t>(stage)];
    const Exercise& whole = m_with.stand.whole();
    m_with.setup.remember(nameOfWay(whole.id, m_method, m_inner), stage);
    const double wholeBpm = inBeatsOf(now.exercise.meter, m_wholeLadder.tempoBpm, whole.meter);
    const double tempo = std::clamp(std::round(wholeBpm * now.tempoFactor), kSlowestTempo, kFastestTempo);
    m_with.stand.putStage(titled(now.exercise, whole, now.what),
                          {{tempo, tempo, m_wholeLadder.ladder.stepBpm, kCleanPerStage, true}, tempo});
}

/// The way stalls where its first part does: on with another one.
void TakingApart::leaveStalled() {
    const auto other = methodAfter(m_with.stand.whole(), m_method);
    if (!other) return;
    begin(*other);
    m_with.notices.say(tr("It stalls at the first part: now another way, %1. B goes back to the whole.")
                           .arg(inWords(words::nameOf(*other))));
}

void TakingApart::finish(const QString& sentence) {
    m_with.setup.forget(nameOfWay(m_with.stand.whole().id, m_method, m_inner));
    m_with.stand.backToWhole();
    m_with.notices.say(sentence);
}

void TakingApart::follow(const Verdict& verdict) {
    const int next = stageAfter(m_stage, static_cast<int>(m_stages.size()), verdict.action, verdict.goalReached);
    const int count = static_cast<int>(m_stages.size());
    if (next >= count) {
        finish(tr("Every part is clean: back to the whole."));
    } else if (m_isDrill && next + 1 == count) {  // the whole is where it came from
        finish(tr("The spot is clean: back into the whole."));
    } else if (next != m_stage) {
        goTo(next);
    } else if (m_stage == 0 && verdict.action == Action::Back) {
        leaveStalled();
    }
}

}  // namespace upbeat
