// What to practise today: what is forgotten, what is due, and the blocks of a plan.
#include <QTest>
#include <algorithm>
#include <cmath>
#include <numeric>
#include <set>

#include "upbeat/routine/plan.h"
#include "upbeat/words/plan_words.h"

using namespace upbeat;

namespace {

PracticeDay day(int daysAgo, double bpm, bool clean = true) {
    PracticeDay one{daysAgo, bpm, clean, {}, {}, 3};
    if (clean) one.slowestClean = one.cleanBpm = bpm;
    return one;
}

ExerciseInWork work(const char* id, double goal, std::vector<PracticeDay> days) {
    ExerciseInWork one;
    one.exerciseId = id;
    one.startBpm = 60;
    one.goalBpm = goal;
    one.days = std::move(days);
    return one;
}

/// Twelve exercises at all distances from their goals, practised on one of the last days each.
std::vector<ExerciseInWork> twelve() {
    std::vector<ExerciseInWork> all;
    for (int i = 0; i < 12; ++i) {
        const std::string id = std::to_string(i);
        const double now = 64 + 3 * i;
        all.push_back(work(id.c_str(), 100, {day(14, now - 2), day(12, now - 2), day(1 + i % 3, now)}));
    }
    return all;
}

int minutesOf(const std::vector<PlanBlock>& plan) {
    return std::accumulate(plan.begin(), plan.end(), 0, [](int sum, const PlanBlock& b) { return sum + b.minutes; });
}

const PlanBlock* blockOf(const std::vector<PlanBlock>& plan, BlockKind kind) {
    const auto found = std::find_if(plan.begin(), plan.end(), [kind](const PlanBlock& b) { return b.kind == kind; });
    return found == plan.end() ? nullptr : &*found;
}

}  // namespace

class TestRoutine : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    // ---- what is forgotten
    void whatIsNotPractisedFades() {
        const Forgetting usual;
        const auto fresh = memoryOf({day(0, 100)}, 4, usual);
        const auto old = memoryOf({day(6, 100)}, 4, usual);
        QVERIFY(fresh && old);
        QCOMPARE(fresh->expectedBpm, 100.0);
        QVERIFY(fresh->dueInDays > 0);
        QVERIFY(old->expectedBpm < 96 && old->expectedBpm > 90);
        QVERIFY(old->dueInDays <= 0);
        QVERIFY(!memoryOf({day(3, 100, false)}, 4, usual));
        QVERIFY(!memoryOf({}, 4, usual));
    }
    void everyReturnOnWhichItWasStillThereMakesItLast() {
        const Forgetting usual;
        std::vector<PracticeDay> days{day(40, 100)};
        double before = memoryOf({day(4, 100)}, 4, usual)->expectedBpm;
        for (const int ago : {36, 31, 25}) {
            days.push_back(day(ago, 100));
            auto now = days;
            for (PracticeDay& one : now) one.daysAgo += 4 - ago;
            const auto memory = memoryOf(now, 4, usual);
            QVERIFY(memory->expectedBpm > before);
            before = memory->expectedBpm;
        }
        days.push_back({20, 100, false, 88.0, 92.0, 5});  // gone again
        QVERIFY(memoryOf(days, 4, usual)->successes < 3);
    }
    void dueAtTheLatestAfterNineDays() {
        std::vector<PracticeDay> days;
        for (int ago = 60; ago >= 9; ago -= 3) days.push_back(day(ago, 100));
        QVERIFY(memoryOf(days, 4, {})->dueInDays <= 0);
        days.push_back(day(8, 100));
        QVERIFY(memoryOf(days, 4, {})->dueInDays > 0);
    }
    void aPlayerWhoForgetsFastIsKnownByIt() {
        const auto player = [](double lostADay) {
            std::vector<std::vector<PracticeDay>> all;
            for (int e = 0; e < 4; ++e) {
                std::vector<PracticeDay> days;
                for (int ago = 40; ago >= 4; ago -= 4) {
                    const double back = 100 * std::exp(-4 * lostADay);
                    days.push_back({ago, 100, false, back, 100.0, 6});
                }
                all.push_back(days);
            }
            return forgettingOf(all);
        };
        QCOMPARE(forgettingOf({}).perDay, Forgetting().perDay);
        QCOMPARE(forgettingOf({}).returns, 0);
        const Forgetting fast = player(0.02);
        QVERIFY2(std::abs(fast.perDay - 0.02) < 0.004, qPrintable(QString::number(fast.perDay)));
        QVERIFY(player(0.002).perDay < Forgetting().perDay);
        QCOMPARE(fast.returns, 36);
    }

    // ---- the plan
    void theMinutesAreGivenOut_data() {
        QTest::addColumn<int>("minutes");
        for (const int minutes : {1, 5, 8, 10, 14, 15, 20, 45, 90, 240})
            QTest::newRow(std::to_string(minutes).c_str()) << minutes;
    }
    void theMinutesAreGivenOut() {
        QFETCH(int, minutes);
        for (int way = 0; way < kPlanWays; ++way) {
            auto all = twelve();
            for (std::size_t i = 0; i < all.size(); ++i) {
                all[i].tags = {i % 2 == 0 ? "singles" : "doubles"};
                all[i].usesFeet = i % 3 == 0;
            }
            const auto plan = planFor(all, {minutes, static_cast<PlanWay>(way), 3});
            QVERIFY(!plan.empty());
            QCOMPARE(minutesOf(plan), minutes);
            for (const PlanBlock& block : plan) QVERIFY(block.minutes >= 1);
        }
    }
    void theWeakestGetsMostAndWhatIsDueComes() {
        auto all = twelve();
        all[7].days.back().daysAgo = 10;
        const auto plan = planFor(all, {20, PlanWay::Balanced, 3});
        QCOMPARE(plan.front().kind, BlockKind::WarmUp);
        QCOMPARE(plan.back().kind, BlockKind::CoolDown);
        const PlanBlock* weakest = blockOf(plan, BlockKind::Weakest);
        QVERIFY(weakest != nullptr);
        QCOMPARE(weakest->exerciseId, std::string("0"));
        for (const PlanBlock& block : plan) QVERIFY(block.minutes <= weakest->minutes);
        const PlanBlock* due = blockOf(plan, BlockKind::Due);
        QVERIFY(due != nullptr);
        QCOMPARE(due->exerciseId, std::string("7"));
        QVERIFY(due->tempoBpm && *due->tempoBpm < 85);  // a rung below what is left of 85
        const auto* why = std::get_if<Fading>(&due->why);
        QVERIFY(why != nullptr && why->daysAgo == 10 && why->cleanBpm == 85);
        std::set<std::string> once;
        for (const PlanBlock& block : plan) QVERIFY(once.insert(block.exerciseId).second);
    }
    void missedDaysDoNotPileUp() {
        auto all = twelve();
        for (ExerciseInWork& one : all)
            for (PracticeDay& d : one.days) d.daysAgo += 30;
        QCOMPARE(minutesOf(planFor(all, {20, PlanWay::Balanced, 3})), 20);
    }
    void whatHurtsIsLeftOut() {
        auto all = twelve();
        all[0].rests = true;
        for (const PlanBlock& block : planFor(all, {45, PlanWay::Balanced, 3})) QVERIFY(block.exerciseId != "0");
        for (ExerciseInWork& one : all) one.rests = true;
        QVERIFY(planFor(all, {}).empty());
        QVERIFY(planFor({}, {}).empty());
    }
    void whatStallsGivesWay() {
        std::vector<PracticeDay> stalled;
        for (int ago = 9; ago > 0; --ago) stalled.push_back(day(ago, 70));
        const std::vector<ExerciseInWork> all{work("stalled", 100, stalled), work("moves", 100, {day(1, 80)})};
        QCOMPARE(blockOf(planFor(all, {10, PlanWay::Balanced, 3}), BlockKind::Weakest)->exerciseId,
                 std::string("moves"));
    }
    void aDateComesFirst() {
        auto all = twelve();
        all[9].wantedInDays = 3;
        all[5].wantedInDays = 30;
        const auto plan = planFor(all, {20, PlanWay::Balanced, 3});
        const PlanBlock* dated = blockOf(plan, BlockKind::ForDate);
        QVERIFY(dated != nullptr);
        QCOMPARE(dated->exerciseId, std::string("9"));
    }
    void somethingAsItIsUsed() {
        auto all = twelve();
        all[11].tags = {"groove"};
        const auto plan = planFor(all, {20, PlanWay::Balanced, 3});
        const PlanBlock* used = blockOf(plan, BlockKind::InContext);
        QVERIFY(used != nullptr);
        QCOMPARE(used->exerciseId, std::string("11"));
    }
    void oneThingAloneIsAPlanToo() {
        const auto plan = planFor({work("new", 100, {})}, {20, PlanWay::Balanced, 3});
        QCOMPARE(plan.size(), std::size_t{3});
        QVERIFY(std::holds_alternative<NotCleanYet>(plan[1].why));
        QCOMPARE(plan[0].exerciseId, std::string("new"));
    }
    void aSongIsNoWarmUpOfTwoMinutes() {
        auto all = twelve();
        all[11].days.back().daysAgo = 5;  // the best known, and left lying longest
        const auto easy = [&all](int block) {
            return planFor(all, {20, PlanWay::Balanced, 3})[static_cast<std::size_t>(block)].exerciseId;
        };
        const auto isOffered = [&all] {
            auto plan = planFor(all, {20, PlanWay::Balanced, 3});
            for (int k = 0; k < 20; ++k) {
                plan = swapped(plan, 0, all);
                if (plan[0].exerciseId == "11") return true;
            }
            return false;
        };
        QCOMPARE(easy(0), std::string("11"));
        all[11].passBeats = 2 * 72;  // at 72, three quarters of what it goes at: two minutes
        QCOMPARE(easy(0), std::string("11"));
        all[11].passBeats = 96 * 4;
        QVERIFY(easy(0) != "11");
        QVERIFY(easy(4) != "11");
        QVERIFY(!isOffered());
        for (ExerciseInWork& one : all) one.passBeats = 96 * 4;  // where all are long: the one known best
        QCOMPARE(easy(0), std::string("11"));
    }
    void aDrillComesBackWhenItIsDueAndOnlyThen() {
        auto all = twelve();
        all[0].isDrill = true;  // the weakest
        all[0].days.back().daysAgo = 0;
        const auto has = [](const std::vector<PlanBlock>& plan) {
            return std::any_of(plan.begin(), plan.end(), [](const PlanBlock& b) { return b.exerciseId == "0"; });
        };
        for (int way = 0; way < kPlanWays; ++way) QVERIFY(!has(planFor(all, {45, static_cast<PlanWay>(way), 3})));
        all[0].days.back().daysAgo = 20;
        QVERIFY(blockOf(planFor(all, {45, PlanWay::Balanced, 3}), BlockKind::Due) != nullptr);
        QVERIFY(has(planFor(all, {45, PlanWay::Balanced, 3})));
        QVERIFY(!has(planFor(all, {45, PlanWay::MinutesALine, 3})));
    }
    void growingAtTempoTakesOneThingApart() {
        const auto plan = planFor(twelve(), {20, PlanWay::GrowAtTempo, 3});
        QCOMPARE(plan.size(), std::size_t{2});
        QVERIFY(!plan[0].method && plan[1].method == Method::Grow);
        QCOMPARE(plan[0].exerciseId, plan[1].exerciseId);
    }
    void handsInTheWeekAndFeetOnSaturday() {
        auto all = twelve();
        for (std::size_t i = 0; i < all.size(); ++i) all[i].usesFeet = i % 2 == 0;
        for (const int weekday : {3, 6})
            for (const PlanBlock& block : planFor(all, {20, PlanWay::HandsThenFeet, weekday}))
                QCOMPARE(std::stoi(block.exerciseId) % 2 == 0, weekday == 6);
    }
    void singlesAndDoublesTakeTurns() {
        auto all = twelve();
        for (std::size_t i = 0; i < all.size(); ++i) all[i].tags = {i < 6 ? "singles" : "doubles"};
        const auto plan = planFor(all, {20, PlanWay::InTurn, 3});
        for (std::size_t i = 0; i < plan.size(); ++i) QCOMPARE(std::stoi(plan[i].exerciseId) < 6, i % 2 == 0);
    }
    void aBlockIsSwappedRoundAllOthers() {
        const auto all = twelve();
        auto plan = planFor(all, {20, PlanWay::Balanced, 3});
        const auto before = plan;
        std::set<std::string> offered;
        for (int k = 0; k < 7; ++k) {
            plan = swapped(plan, 1, all);
            offered.insert(plan[1].exerciseId);
            QCOMPARE(plan[1].minutes, before[1].minutes);
            for (const std::size_t other : {0UL, 2UL, 3UL, 4UL}) QVERIFY(plan[1].exerciseId != plan[other].exerciseId);
        }
        QVERIFY2(offered.size() >= 6, qPrintable(QString::number(offered.size())));
        QCOMPARE(swapped(before, 99, all).size(), before.size());
    }

    // ---- as it is said
    void reasonsAreSaid_data() {
        QTest::addColumn<QString>("said");
        QTest::addColumn<QString>("expected");
        const auto row = [](const WhyThis& why, const char* expected) {
            QTest::newRow(expected)
                << QString::fromStdString(
                       words::reasonOf({BlockKind::Due, "x", 4, std::nullopt, std::nullopt, why}).said())
                << QString::fromLatin1(expected);
        };
        row(Easy{64}, "easy at 64: loose, even, no hurry");
        row(FarFromGoal{84.2, 120, GateKind::TapGhostGap}, "now at 84 of 120; missed last: Ghosts below taps");
        row(FarFromGoal{84.2, 120, {}}, "now at 84 of 120");
        row(Fading{96, 9}, "clean at 96 9 days ago");
        row(Fading{96, 1}, "clean at 96 yesterday");
        row(NotCleanYet{60}, "nothing clean yet: begin at 60");
        row(WantedBy{12, 84, 120}, "wanted in 12 days: now at 84 of 120");
    }
    void reasonsAreSaid() {
        QFETCH(QString, said);
        QFETCH(QString, expected);
        QCOMPARE(said, expected);
    }
};

QTEST_APPLESS_MAIN(TestRoutine)
#include "tst_routine.moc"
