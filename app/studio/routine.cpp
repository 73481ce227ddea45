#include "studio/routine.h"

#include <algorithm>

#include "theme/words.h"
#include "upbeat/words/plan_words.h"

namespace upbeat {

namespace {

constexpr int kMsPerMinute = 60'000;
constexpr int kUsualMinutes = 20;
constexpr int kForgottenDays = 60;  // what was not touched for longer is not in the plan by itself

const QString kMinutes = QStringLiteral("plan/minutes");
const QString kWay = QStringLiteral("plan/way");

/// Under which it is remembered that an exercise is wanted in the plan (1) or not (2).
QString wantedName(const std::string& exerciseId) {
    return QStringLiteral("planned/") + QString::fromStdString(exerciseId);
}
constexpr int kIn = 1;
constexpr int kOut = 2;

bool isEasy(const PlanBlock& block) {
    return std::holds_alternative<Easy>(block.why);
}

/// Whether a verdict is what the block was for, before its time is over.
bool fulfils(const PlanBlock& block, const Verdict& verdict) {
    if (isEasy(block)) return false;
    if (verdict.goalReached) return true;
    const auto* fading = std::get_if<Fading>(&block.why);
    return fading != nullptr && verdict.action == Action::Up && !verdict.stage &&
           verdict.tempoBpm > fading->cleanBpm - kSameTempo;
}

}  // namespace

Routine::Routine(const With& with, double speed) : m_with(with), m_speed(speed) {
    m_timer.setSingleShot(true);
    m_timer.setTimerType(Qt::PreciseTimer);  // a coarse one has more left than it was given
    connect(&m_timer, &QTimer::timeout, this, [this] {
        m_isUp = true;
        if (m_with.recorder.isIdle()) skip();
    });
    connect(&m_with.recorder, &Recorder::started, this, [this] {
        if (!isOn() || m_timer.isActive() || m_isUp) return;
        m_timer.start(m_leftMs);
        Q_EMIT changed();
    });
    connect(&m_with.handsFree, &HandsFree::changed, this, [this] {
        if (isOn() && !m_with.handsFree.isOn()) pause();
    });
    connect(&m_with.log, &TakeLog::changed, this, [this] { m_isStale = true; });
}

PlanWish Routine::wish() const {
    const int minutes = m_with.setup.recall(kMinutes);
    const int way = std::clamp(m_with.setup.recall(kWay), 0, kPlanWays - 1);
    return {minutes > 0 ? minutes : kUsualMinutes, static_cast<PlanWay>(way), QDate::currentDate().dayOfWeek()};
}

void Routine::setMinutes(int minutes) {
    m_with.setup.remember(kMinutes, std::clamp(minutes, 1, kLongestPlan));
    refresh();
}

void Routine::setWay(PlanWay way) {
    m_with.setup.remember(kWay, static_cast<int>(way));
    refresh();
}

bool Routine::isPlanned(const std::string& exerciseId) const {
    return std::any_of(m_work.begin(), m_work.end(),
                       [&](const ExerciseInWork& work) { return work.exerciseId == exerciseId; });
}

void Routine::plan(const std::string& exerciseId, bool isIn) {
    m_with.setup.remember(wantedName(exerciseId), isIn ? kIn : kOut);
    refresh();
}

const Exercise* Routine::find(const std::string& id) const {
    if (const Exercise* exercise = m_with.shelf.find(id)) return exercise;
    const auto drill = m_drills.find(id);
    return drill != m_drills.end() && drill->second ? &*drill->second : nullptr;
}

/// Spots and bars that were practised by themselves; stages belong to their method.
const Exercise* Routine::findOrLoad(const std::string& id) {
    if (m_with.shelf.find(id) == nullptr && !m_drills.contains(id)) {
        auto drill = m_with.log.playedLast(id);
        const bool isSpot = drill && drill->origin && m_with.shelf.find(drill->origin->whole) != nullptr &&
                            (std::holds_alternative<Span>(drill->origin->part) ||
                             std::holds_alternative<BarRange>(drill->origin->part));
        m_drills[id] = isSpot ? std::move(drill) : std::nullopt;
    }
    return find(id);
}

/// What was played of late, and what was put in; without anything the page on the stand.
std::vector<ExerciseInWork> Routine::inWork() {
    const QDate today = QDate::currentDate();
    std::vector<ExerciseInWork> all =
        m_with.log.inWork([this](const std::string& id) { return findOrLoad(id); }, today);
    const auto wanted = [this](const std::string& id) { return m_with.setup.recall(wantedName(id)); };
    all.erase(std::remove_if(all.begin(), all.end(),
                             [&](const ExerciseInWork& work) {
                                 const int wish = wanted(work.exerciseId);
                                 const bool isLongAgo = work.days.empty() || work.days.back().daysAgo > kForgottenDays;
                                 return wish == kOut || (wish != kIn && !work.wantedInDays && isLongAgo);
                             }),
              all.end());
    const auto isThere = [&all](const std::string& id) {
        return std::any_of(all.begin(), all.end(), [&](const ExerciseInWork& w) { return w.exerciseId == id; });
    };
    for (const Exercise& exercise : m_with.shelf.exercises())
        if (wanted(exercise.id) == kIn && !isThere(exercise.id)) all.push_back(notPlayedYet(exercise));
    if (all.empty()) all.push_back(notPlayedYet(m_with.stand.whole()));
    for (ExerciseInWork& work : all) work.rests = restsToday(m_with.setup, work.exerciseId, today);
    return all;
}

void Routine::refresh() {
    if (isOn()) return;
    m_isStale = false;
    m_work = inWork();
    m_plan = planFor(m_work, wish());
    Q_EMIT changed();
}

double Routine::leftS() const {
    if (!isOn()) return 0;
    return (m_timer.isActive() ? m_timer.remainingTime() : m_leftMs) * 1e-3 * m_speed;
}

QString Routine::titleOf(const PlanBlock& block) const {
    const Exercise* exercise = find(block.exerciseId);
    return exercise != nullptr ? QString::fromStdString(exercise->title) : QString();
}

void Routine::begin() {
    keepFresh();
    if (m_plan.empty()) return m_with.notices.say(tr("There is nothing to plan today: everything rests."));
    if (m_with.recorder.isRecording()) return;
    m_with.clock.hold(true);
    if (!isOn()) {
        m_done.clear();
        enter(0);
    }
    m_with.handsFree.set(true);
    m_with.recorder.start();
    Q_EMIT changed();
}

void Routine::enter(std::size_t index) {
    m_current = index;
    const PlanBlock& block = m_plan[index];
    if (m_with.shelf.find(block.exerciseId) != nullptr)
        m_with.stand.choose(block.exerciseId);
    else if (const Exercise* drill = find(block.exerciseId))
        m_with.stand.put(*drill);
    m_fromBpm = m_with.stand.ladder().tempoBpm;
    m_tempoBefore = isEasy(block) ? std::optional(m_fromBpm) : std::nullopt;
    if (block.tempoBpm) m_with.stand.setTempo(std::max(*block.tempoBpm, m_with.stand.ladder().ladder.startBpm));
    if (block.method) m_with.takingApart.begin(*block.method);
    m_leftMs = static_cast<int>(block.minutes * kMsPerMinute / m_speed);
    m_isUp = false;
    if (index > 0)
        m_with.notices.say(tr("%1, %2 min: %3 (%4)")
                               .arg(inWords(words::nameOf(block.kind)))
                               .arg(block.minutes)
                               .arg(titleOf(block), inWords(words::reasonOf(block))));
    Q_EMIT changed();
}

/// What was slow for a while stands where it stood; what became of the others is told in the end.
void Routine::leave() {
    m_timer.stop();
    const PlanBlock& block = m_plan[current()];
    if (m_with.stand.exercise().id != block.exerciseId) m_with.stand.backToWhole();
    if (m_with.stand.exercise().id != block.exerciseId) return;
    if (m_tempoBefore) m_with.stand.setTempo(*m_tempoBefore);
    const double now = m_with.stand.ladder().tempoBpm;
    if (!isEasy(block)) m_done << tr("%1 %2 to %3").arg(titleOf(block), tempoInWords(m_fromBpm), tempoInWords(now));
}

void Routine::skip() {
    if (!isOn() || m_with.recorder.isRecording()) return;
    leave();
    if (*m_current + 1 < m_plan.size()) return enter(*m_current + 1);
    m_with.notices.say(tr("Done for today: %1.").arg(m_done.join(QStringLiteral("; "))));
    stop();
}

void Routine::stop() {
    if (!isOn()) return;
    m_timer.stop();
    m_current.reset();
    m_with.clock.hold(false);
    m_with.handsFree.set(false);
    refresh();
}

void Routine::pause() {
    if (m_timer.isActive()) m_leftMs = m_timer.remainingTime();
    m_timer.stop();
    Q_EMIT changed();
}

void Routine::lengthen(std::size_t index, int minutes) {
    if (index >= m_plan.size() || index < current()) return;
    const int before = m_plan[index].minutes;
    const int after = std::clamp(before + minutes, 1, kLongestPlan);
    m_plan[index].minutes = after;
    if (m_current == index) {
        const int left = m_timer.isActive() ? m_timer.remainingTime() : m_leftMs;
        m_leftMs = std::max(1, left + static_cast<int>((after - before) * kMsPerMinute / m_speed));
        if (m_timer.isActive()) m_timer.start(m_leftMs);
    }
    Q_EMIT changed();
}

void Routine::swap(std::size_t index) {
    if (index >= m_plan.size() || index < current() || m_with.recorder.isRecording()) return;
    if (m_current == index) leave();
    m_plan = swapped(m_plan, index, m_work);
    if (m_current == index) enter(index);
    Q_EMIT changed();
}

void Routine::takeKept(const Verdict& verdict) {
    if (!isOn() || !m_with.handsFree.isOn()) return;
    if (m_isUp || fulfils(m_plan[current()], verdict)) skip();
}

}  // namespace upbeat
