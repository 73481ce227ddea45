// Evidence over takes, and learners who climb by it.
#include <QTest>
#include <cmath>

#include "upbeat/climb/climb.h"
#include "upbeat/ladder/evidence.h"
#include "upbeat/music/library.h"
#include "upbeat/take/analyze_take.h"

using namespace upbeat;

namespace {

Gate spread(double value, double half, double limit = 12) {
    Gate gate{GateKind::Spread, {value, value - half, value + half, 100}, limit, false, GateState::Unsure, {}, {}};
    if (value + half <= limit) gate.state = GateState::Met;
    if (value - half > limit) gate.state = GateState::Missed;
    return gate;
}

RungTake tookOn(double tempo, const Gate& gate, int daysAgo = 0) {
    RungTake take;
    take.tempoBpm = tempo;
    take.gates = {gate};
    take.daysAgo = daysAgo;
    return take;
}

GateState together(const Gate& now, const std::vector<RungTake>& before) {
    return pooled({now}, before).front().state;
}

Learner steady(double spreadMs) {
    Learner learner;
    learner.atEase.spreadMs = spreadMs;
    learner.atEase.wanderMs = 0;
    learner.ceilingBpm = 300;
    learner.learnBpmPerTake = learner.forgetBpmPerDay = 0;
    return learner;
}

ClimbRun climbed(const Learner& learner, int takes, std::uint64_t seed, bool rendered = false) {
    ClimbPlan plan;
    plan.ladder = {100, 300, 4, 3};
    plan.takes = takes;
    plan.seed = seed;
    plan.rendered = rendered;
    return climb(*builtInExercise("singles-sixteenths"), learner, plan);
}

}  // namespace

class TestClimb : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void whatNoTakeDecidesTheTakesDecideTogether() {
        const Gate near = spread(10.4, 2);
        QCOMPARE(near.state, GateState::Unsure);
        QCOMPARE(together(near, {}), GateState::Unsure);
        QCOMPARE(together(near, {tookOn(100, near), tookOn(100, near)}), GateState::Met);
        const Gate above = spread(13.6, 2);
        QCOMPARE(together(above, {tookOn(100, above), tookOn(100, above)}), GateState::Missed);
        const auto figure = pooled({near}, {tookOn(100, near), tookOn(100, near)}).front().measured;
        QVERIFY(std::abs(figure.value - 10.4) < 1e-9 && figure.halfWidth() < 1.4);
    }

    void everyGateSaysHowManyTakesItNeeds() {
        const auto alone = evidenceOf({spread(11.5, 2), spread(5, 1)}, {});
        QCOMPARE(alone[0].gate.state, GateState::Unsure);
        QVERIFY(alone[0].takesToGo && *alone[0].takesToGo > 1);
        QCOMPARE(alone[1].takesToGo, std::optional(0));
        const auto withOne = evidenceOf({spread(11.5, 2)}, {tookOn(100, spread(11.5, 2))});
        QCOMPARE(*withOne[0].takesToGo, *alone[0].takesToGo - 1);
        TakeAnalysis analysis;
        analysis.matched.tempoBpm = 100;
        analysis.gates = {spread(10.4, 2)};
        poolGates(analysis, {tookOn(96, spread(30, 2)), tookOn(100, spread(10.4, 2)), tookOn(100, spread(10.4, 2))});
        QCOMPARE(analysis.takesTogether, 3);
        QCOMPARE(analysis.evidence.front().gate.state, GateState::Met);
    }

    void theEighthTakeDecides() {
        const Gate at = spread(11.9, 2);
        std::vector<RungTake> before;
        for (int k = 1; k <= 6; ++k) {
            before.push_back(tookOn(100, at));
            QCOMPARE(together(at, before), GateState::Unsure);
        }
        before.push_back(tookOn(100, at));
        QCOMPARE(together(at, before), GateState::Met);
        QCOMPARE(takesToGo({at}, {}, 3), std::optional(7));
        QCOMPARE(takesToGo({spread(12.1, 2)}, {}, 3), std::optional<int>());
    }

    void yesterdayWeighsHalfAndAnotherLimitIsNoMatter() {
        const auto pooledWith = [](const RungTake& take) {
            return pooled({spread(8, 2)}, {take}).front().measured.value;
        };
        const double today = pooledWith(tookOn(100, spread(14, 2)));
        const double yesterday = pooledWith(tookOn(100, spread(14, 2), 1));
        QVERIFY(today > 10.5 && today < 11);
        QVERIFY(yesterday > 9.5 && yesterday < today);
        QCOMPARE(pooledWith(tookOn(100, spread(14, 2, 10))), today);  // the figure is what it was
    }

    void takesThatDifferAreNoSureMean() {
        const std::vector<RungTake> alike{tookOn(100, spread(10, 1)), tookOn(100, spread(10, 1))};
        const std::vector<RungTake> wild{tookOn(100, spread(4, 1)), tookOn(100, spread(16, 1))};
        QVERIFY(pooled({spread(10, 1)}, wild).front().measured.halfWidth() >
                3 * pooled({spread(10, 1)}, alike).front().measured.halfWidth());
    }

    void aRungBeginsWhereThePlayerCameToIt() {
        std::vector<RungTake> history{tookOn(96, spread(8, 1)), tookOn(100, spread(8, 1)), tookOn(100, spread(8, 1)),
                                      tookOn(100, spread(8, 1))};
        QCOMPARE(onThisRung(history, 100).size(), std::size_t{3});
        history[2].leftAfter = true;  // it led to a drill
        QCOMPARE(onThisRung(history, 100).size(), std::size_t{1});
        QVERIFY(onThisRung(history, 104).empty());
    }

    void whoIsWellBelowTheLimitGoesUpAndWhoIsAboveDoesNot() {
        int up = 0;
        int wrong = 0;
        for (std::uint64_t seed = 1; seed <= 20; ++seed) {
            const auto first = [](const ClimbRun& run) {
                for (const ClimbTake& take : run.takes)
                    if (take.verdict.action != Action::Again) return take.verdict.action;
                return Action::Again;
            };
            up += first(climbed(steady(0.8 * 12), 5, seed)) == Action::Up ? 1 : 0;
            const Action above = first(climbed(steady(1.2 * 12), 8, seed));
            wrong += above == Action::Up || above == Action::Again ? 1 : 0;
        }
        QVERIFY2(up >= 19, qPrintable(QString::number(up)));
        QCOMPARE(wrong, 0);
    }

    void practiceNearTheCeilingRaisesItAndNightsLowerIt() {
        Learner learner;
        const double before = learner.ceilingBpm;
        practise(learner, 0.2 * before);
        QVERIFY(std::abs(learner.ceilingBpm - before) < 1e-9);
        practise(learner, before);
        QVERIFY(std::abs(learner.ceilingBpm - before - 0.5) < 1e-9);
        practise(learner, learner.ceilingBpm + learner.widthBpm);
        QVERIFY(std::abs(learner.ceilingBpm - before - 0.5 - 0.5 / std::exp(1)) < 1e-9);
        const double learned = learner.ceilingBpm;
        learner.plateauBpm = learned + 0.1;
        practise(learner, learned);
        QCOMPARE(learner.ceilingBpm, learner.plateauBpm);
        rest(learner);
        QVERIFY(std::abs(learner.ceilingBpm - learned + 0.4) < 1e-9);
        learner.gapLossDb = 2;
        const Character there = playerAt(learner, learner.ceilingBpm);
        QVERIFY(std::abs(there.spreadMs - 2 * learner.atEase.spreadMs) < 1e-9);
        QCOMPARE(there.relativeDb, learner.atEase.relativeDb);
        const Character above = playerAt(learner, learner.ceilingBpm + 2 * learner.widthBpm);
        QVERIFY(std::abs(above.spreadMs - learner.atEase.spreadMs * (1 + std::exp(2))) < 1e-9);
        QVERIFY(std::abs(above.relativeDb[2] - learner.atEase.relativeDb[2] + 4) < 1e-9);
        QVERIFY(std::abs(above.relativeDb[0] - learner.atEase.relativeDb[0] - 4) < 1e-9);
        learner.passes = 0;
        QVERIFY(!check(learner));
    }

    void soundAndHitsLeadToTheSameRungs() {
        Learner learner = steady(5);
        const ClimbRun hits = climbed(learner, 4, 3);
        const ClimbRun sound = climbed(learner, 4, 3, true);
        QCOMPARE(hits.takes.size(), std::size_t{4});
        QCOMPARE(hits.takes.back().tempoBpm, sound.takes.back().tempoBpm);
        QVERIFY(hits.takes.back().tempoBpm > 100);
        QCOMPARE(hits.reachedBpm, 100.0);
    }

    void aClimbEndsAtTheGoal() {
        ClimbPlan plan;
        plan.ladder = {96, 100, 4, 3};
        plan.takes = 50;
        const ClimbRun run = climb(*builtInExercise("singles-sixteenths"), steady(4), plan);
        QCOMPARE(run.reachedBpm, 100.0);
        QVERIFY(run.takes.size() < 10 && run.takes.back().verdict.goalReached);
    }
};

QTEST_APPLESS_MAIN(TestClimb)
#include "tst_climb.moc"
