#include "upbeat/climb/climb.h"

#include <algorithm>
#include <cmath>

#include "upbeat/player/perform.h"
#include "upbeat/player/render.h"
#include "upbeat/season/ceiling_filter.h"
#include "upbeat/take/analyze_take.h"
#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

constexpr NameTable<1> kStages{"spot"};
constexpr double kFirstBeatS = 1;

class Climber {
  public:
    Climber(const Exercise& exercise, Learner learner, const ClimbPlan& plan)
        : m_exercise(exercise),
          m_learner(std::move(learner)),
          m_plan(plan),
          m_tempo(plan.ladder.startBpm),
          m_ceiling(m_tempo) {}

    ClimbRun run() {
        while (hasTakes()) {
            const ClimbTake take = playWhole();
            if (take.verdict.goalReached) {
                m_run.reachedBpm = m_tempo;
                break;
            }
            follow(take.verdict);
        }
        m_run.ceilingBpm = m_learner.ceilingBpm;
        return std::move(m_run);
    }

  private:
    [[nodiscard]] bool hasTakes() const { return static_cast<int>(m_run.takes.size()) < m_plan.takes; }

    ClimbTake& begin(std::optional<ClimbStage> stage) {
        const auto number = static_cast<int>(m_run.takes.size()) + 1;
        const int day = (number - 1) / m_learner.takesPerDay + 1;
        if (!m_run.takes.empty() && day > m_run.takes.back().day) nightFalls();
        ClimbTake take;
        take.number = number;
        take.day = day;
        take.tempoBpm = m_tempo;
        take.stage = stage;
        take.truth = truthOf(playerAt(m_learner, m_tempo), m_exercise, m_tempo, m_plan.profile);
        take.verdict.tempoBpm = take.verdict.nextTempoBpm = m_tempo;
        m_run.takes.push_back(take);
        return m_run.takes.back();
    }

    void nightFalls() {
        rest(m_learner);
        m_ceiling.nights(1);
        for (RungTake& take : m_history) ++take.daysAgo;
    }

    ClimbTake playWhole() {
        ClimbTake& take = begin(std::nullopt);
        const TakeAnalysis analysis = played(static_cast<std::uint64_t>(take.number));
        take.verdict = analysis.verdict;
        m_history.push_back(remember(m_tempo, analysis.gates));
        m_history.back().leftAfter = leadsAway(take.verdict.action);
        m_ceiling.heard(m_tempo, cleanShare(analysis.gates));
        take.ceilingBpm = m_ceiling.bpm();
        practise(m_learner, m_tempo);
        return take;
    }

    [[nodiscard]] TakeAnalysis played(std::uint64_t number) const {
        const Bpm tempo(m_tempo);
        const std::uint64_t seed = m_plan.seed * 10007 + number;
        const Performance performance =
            perform(m_exercise, tempo, m_learner.passes, playerAt(m_learner, m_tempo), seed);
        TakeFrame frame{m_tempo, kFirstBeatS, m_learner.passes * m_exercise.bars, 0, false, {}};
        HeardTake heard{hitsWithVoices(performance, kFirstBeatS), {}};
        if (m_plan.rendered) {
            Recording recording;
            recording.kitSeed = m_plan.seed;
            const RenderedTake sound =
                render(performance, m_learner.passes * passDurationS(m_exercise, tempo), recording);
            frame.firstBeatS = sound.firstBeatS;
            heard = listenTo(sound.sound.view(), sound.sound.sampleRate);
        }
        return analyzeTake(m_exercise, frame, heard, {m_plan.profile, m_plan.ladder, m_history});
    }

    void follow(const Verdict& verdict) {
        switch (verdict.action) {
            case Action::Again:
                return;
            case Action::Up:
                m_run.reachedBpm = std::max(m_run.reachedBpm, m_tempo);
                m_tempo = verdict.nextTempoBpm;
                return;
            case Action::Back:
                m_tempo = verdict.nextTempoBpm;
                return;
            case Action::Easier:
                m_tempo = std::max(kSlowestTempo, m_tempo - m_plan.ladder.stepBpm);
                return;
            case Action::Isolate:
                practiseSpot();
                return;
        }
    }

    void practiseSpot() {
        constexpr int kTimes = 2;
        for (int k = 0; k < kTimes && hasTakes(); ++k) {
            begin(ClimbStage::Spot);
            practise(m_learner, m_tempo);
        }
    }

    const Exercise& m_exercise;
    Learner m_learner;
    const ClimbPlan& m_plan;
    double m_tempo;
    std::vector<RungTake> m_history;
    CeilingFilter m_ceiling;
    ClimbRun m_run;
};

}  // namespace

std::vector<Hit> hitsWithVoices(const Performance& performance, double firstBeatS) {
    std::vector<Hit> hits;
    for (const PlayedHit& played : performance.hits) {
        Hit& hit = hits.emplace_back();
        hit.timeS = firstBeatS + played.timeS;
        hit.levelDb = played.levelDb;
        hit.strength = 60;
        hit.contrastDb = 40;
        hit.voice = played.voice;
    }
    return hits;
}

std::string_view toName(ClimbStage stage) {
    return nameIn(kStages, stage);
}

ClimbRun climb(const Exercise& exercise, Learner learner, const ClimbPlan& plan) {
    return Climber(exercise, std::move(learner), plan).run();
}

}  // namespace upbeat
