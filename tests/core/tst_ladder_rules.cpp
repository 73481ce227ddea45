// Which rung follows by which rule, what holds a rung, what tires, and a goal that is nearer.
#include <QTest>

#include "said.h"
#include "upbeat/ladder/holding.h"
#include "upbeat/season/forecast.h"
#include "upbeat/season/tiring.h"
#include "upbeat/units/random.h"
#include "upbeat/words/season_words.h"
#include "upbeat/words/words.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

RungTake played(double bpm, bool clean) {
    RungTake take;
    take.tempoBpm = bpm;
    take.clean = clean;
    take.leftAfter = true;
    if (!clean) take.missed = GateKind::Spread;
    return take;
}

Ladder ruled(LadderRule rule, double start = 60, double goal = 100, double step = 4) {
    Ladder ladder{start, goal, step, 1};
    ladder.rule = rule;
    return ladder;
}

/// Somebody who is clean up to a tempo: the tempos he plays, take after take, to the goal.
std::vector<double> way(const Ladder& ladder, double cleanUpTo, int takes) {
    std::vector<RungTake> history;
    std::vector<double> tempos;
    double tempo = ladder.startBpm;
    for (int k = 0; k < takes; ++k) {
        tempos.push_back(tempo);
        const bool clean = tempo <= cleanUpTo;
        if (clean && tempo >= ladder.goalBpm) break;
        const double next = clean ? rungAfterClean(ladder, tempo, history) : rungAfterMissed(ladder, tempo, history);
        history.push_back(played(tempo, clean));
        tempo = next;
    }
    return tempos;
}

Gate gateOf(GateKind kind, double value, double limit, bool atLeast = false) {
    const bool isMet = atLeast ? value >= limit : value <= limit;
    return {kind, {value, value - 0.1, value + 0.1, 10}, limit, atLeast, isMet ? GateState::Met : GateState::Missed, {},
            {}};
}

RungTake withGates(std::vector<Gate> gates) {
    RungTake take;
    take.gates = std::move(gates);
    return take;
}

TakeInSitting sat(double bpm, double spread, double level, double late) {
    return {bpm, spread, level, late};
}

}  // namespace

class TestLadderRules : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void rulesHaveNamesThatStay() {
        for (int k = 0; k < kLadderRules; ++k) {
            const auto rule = static_cast<LadderRule>(k);
            QVERIFY(ladderRuleFromName(toName(rule)) == rule);
            QVERIFY(!words::ruleOf(ruled(rule)).isEmpty());
        }
        QVERIFY(!ladderRuleFromName("sideways"));
    }

    void byStepsAndByPercent() {
        QCOMPARE(way(ruled(LadderRule::Step, 60, 70), 300, 9), (std::vector<double>{60, 64, 68, 70}));
        Ladder ladder = ruled(LadderRule::Percent, 60, 80);
        ladder.stepPercent = 10;
        QCOMPARE(way(ladder, 300, 9), (std::vector<double>{60, 66, 73, 80}));
        ladder.stepPercent = 0.001;  // from a damaged file: still goes on
        QCOMPARE(ladder.rungs().size(), std::size_t{21});
    }

    void twoUpAndOneBack() {
        const auto tempos = way(ruled(LadderRule::TwoUpOneBack, 60, 80), 300, 20);
        QCOMPARE(tempos, (std::vector<double>{60, 68, 64, 72, 68, 76, 72, 80}));
    }

    void whatWasMissedIsNotPassedOver() {
        const auto tempos = way(ruled(LadderRule::TwoUpOneBack, 60, 100), 70, 8);
        QCOMPARE(tempos.at(3), 72.0);  // two up from 64, missed
        QCOMPARE(tempos.at(4), 68.0);
        QCOMPARE(tempos.at(5), 72.0);  // not 76
    }

    void bisectingFindsTheEdgeInFewTakes() {
        const Ladder ladder = ruled(LadderRule::Bisect, 60, 124);  // 17 rungs
        for (double edge = 60; edge < 124; edge += 4) {
            const auto tempos = way(ladder, edge, 7);
            const bool found = std::find(tempos.begin(), tempos.end(), edge) != tempos.end();
            const bool refuted = std::find(tempos.begin(), tempos.end(), edge + 4) != tempos.end();
            QVERIFY2(found && refuted, qPrintable(QString::number(edge)));
        }
        QCOMPARE(way(ladder, 300, 9).back(), 124.0);
    }

    void atTheFootThereIsNothingBelow() {
        for (int k = 0; k < kLadderRules; ++k)
            QCOMPARE(rungAfterMissed(ruled(static_cast<LadderRule>(k)), 60, {}), 60.0);
    }

    void theGateThatCostsMostHolds() {
        std::vector<RungTake> takes;
        for (const double gap : {2.0, 2.6, 3.1, 3.9, 4.4})
            takes.push_back(withGates({gateOf(GateKind::Spread, 4, 8), gateOf(GateKind::TapGhostGap, gap, 6, true)}));
        takes[0].gates[0] = gateOf(GateKind::Spread, 30, 8);  // once, but far
        const auto holding = holdingOf(takes);
        QVERIFY(holding && holding->takes.front().kind == GateKind::TapGhostGap);
        QCOMPARE(holding->missed, 5);
        QVERIFY(holding->trend == Holding::Trend::Better);
        QVERIFY(english(words::sentenceOf(*holding)).contains("missed in 5 of 5 takes; it is getting better"));
        std::reverse(takes.begin(), takes.end());
        QVERIFY(holdingOf(takes)->trend == Holding::Trend::Worse);
        takes.resize(3);
        QVERIFY(holdingOf(takes)->trend == Holding::Trend::NotSure);
        QVERIFY(!holdingOf({withGates({gateOf(GateKind::Spread, 4, 8)})}));
        QVERIFY(!holdingOf({}));
    }

    void unevenAndSofterIsSaidWithItsIntervals() {
        std::vector<TakeInSitting> takes{sat(96, 20, -10, 0), sat(96, 20, -10, 0)};  // another tempo before
        for (int k = 0; k < 8; ++k) takes.push_back(sat(100, 4 + 0.5 * k + 0.1 * (k % 2), -12 - 0.4 * k, 1));
        const auto tiring = tiringOf(takes);
        QVERIFY(tiring && tiring->takes == 8 && tiring->isSofter && !tiring->isLater);
        QVERIFY(std::abs(tiring->levelDb.value + 2.8) < 0.05);
        QVERIFY(tiring->spreadPercent.low < 85 && tiring->spreadPercent.high > 85);
        QVERIFY(english(words::sentenceOf(*tiring)).contains("dB"));
        for (TakeInSitting& take : takes) take.levelDb = -12;
        QVERIFY(!tiringOf(takes));  // uneven alone
        for (std::size_t k = 2; k < takes.size(); ++k) takes[k].placementMs = static_cast<double>(k);
        QVERIFY(tiringOf(takes)->isLater);
        takes.resize(7);
        QVERIFY(!tiringOf(takes));  // too few at this tempo
    }

    void whoDoesNotTireIsNotToldSo() {
        Random random(1130);
        int said = 0;
        for (int player = 0; player < 300; ++player) {
            std::vector<TakeInSitting> takes;
            bool isSaid = false;
            for (int k = 0; k < 16; ++k) {  // asked after every take, as in the window
                takes.push_back(
                    sat(100, 5 * std::exp(0.15 * random.normal()), -12 + random.normal(), 2 * random.normal()));
                isSaid = isSaid || tiringOf(takes).has_value();
            }
            said += isSaid ? 1 : 0;
        }
        QVERIFY2(said <= 12, qPrintable(QString::number(said)));  // 4 % of sittings
    }

    void aNearerGoalOnlyWhereTheGoalIsFar() {
        const Ladder ladder{60, 140, 4, 3};
        Forecast forecast;
        forecast.inAMonthBpm = 101;
        QCOMPARE(nearerGoal(ladder, 88, forecast).value_or(0), 100.0);
        forecast.likely = 200;
        QCOMPARE(nearerGoal(ladder, 88, forecast).value_or(0), 100.0);
        QVERIFY(!nearerGoal(ladder, 100, forecast));  // it stands there already
        forecast.likely = 60;
        QVERIFY(!nearerGoal(ladder, 88, forecast));
        QVERIFY(english(words::nearerGoalOf(140, 100)).contains("100 can be had"));
    }

    void aVoiceSaysItInFewWords() {
        Verdict verdict;
        QCOMPARE(english(words::spokenOf(verdict)), QString("Again."));
        verdict.action = Action::Up;
        verdict.nextTempoBpm = 108;
        QCOMPARE(english(words::spokenOf(verdict)), QString("Up, 108."));
        verdict.action = Action::Isolate;
        verdict.span = Span{1, Beats(2), Beats(3)};
        QCOMPARE(english(words::spokenOf(verdict)), QString("Isolate beat 2."));
        verdict.goalReached = true;
        QCOMPARE(english(words::spokenOf(verdict)), QString("Full speed."));
    }
};

QTEST_APPLESS_MAIN(TestLadderRules)
#include "tst_ladder_rules.moc"
