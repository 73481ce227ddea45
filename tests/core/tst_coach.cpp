#include <QTest>

#include "said.h"
#include "takes.h"
#include "upbeat/ladder/verdict.h"
#include "upbeat/methods/drill.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

MatchedTake taken(const char* id, double tempo, int passes, const Character& c, std::uint64_t seed = 1) {
    const Exercise e = *builtInExercise(id);
    return matchTake(e, {tempo, 1.0, passes * e.bars, 0, false, {}},
                     hitsOf(perform(e, Bpm(tempo), passes, c, seed), 1.0));
}

std::vector<Gate> gatesOf(const MatchedTake& take, const Profile& profile = Profile()) {
    return judge(take, measure(take), profile);
}

const Gate* find(const std::vector<Gate>& gates, GateKind kind) {
    const auto found = std::find_if(gates.begin(), gates.end(), [kind](const Gate& g) { return g.kind == kind; });
    return found == gates.end() ? nullptr : &*found;
}

Gate gate(GateKind kind, GateState state, double value, double limit) {
    return {kind, {value, value, value, 10}, limit, false, state, std::nullopt, {}};
}

/// A short, calm take and a verdict on stated gates.
Verdict verdictOn(const std::vector<Gate>& gates, const std::vector<RungTake>& history, double tempo = 80) {
    return decide(taken("singles-sixteenths", tempo, 2, machine()), gates, {}, {60, 100, 4, 3}, history);
}

Character steady() {
    Character c;
    c.spreadMs = 2.5;
    c.wanderMs = 0.5;
    c.levelSpreadDb = {0.8, 0.8, 0.8};
    return c;
}

}  // namespace

class TestCoach : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void limitsGrowWithTheStepAndStayInBounds() {
        const Profile profile;
        QCOMPARE(profile.limit(GateKind::Spread, 40), 6.0);
        QCOMPARE(profile.limit(GateKind::Spread, 100), 8.0);
        QCOMPARE(profile.limit(GateKind::Spread, 500), 15.0);
    }

    void aSteadyPlayerMeetsEveryGate_data() {
        QTest::addColumn<QString>("id");
        // Hits as played give unisons no level of their own; tst_library has the rest, through sound.
        for (std::size_t i = 0; i < 8; ++i) {
            const std::string& id = builtInExercises()[i].id;
            QTest::newRow(id.c_str()) << QString::fromStdString(id);
        }
    }
    void aSteadyPlayerMeetsEveryGate() {
        QFETCH(QString, id);
        const auto gates = gatesOf(taken(id.toUtf8().constData(), 80, 16, steady()));
        QVERIFY(find(gates, GateKind::Spread) && find(gates, GateKind::Placement) && find(gates, GateKind::Mistakes));
        for (const Gate& g : gates) QVERIFY2(g.state == GateState::Met, std::string(toName(g.kind)).c_str());
    }

    void gatesThatDoNotApplyAreAbsent() {
        const auto gates = gatesOf(taken("singles-sixteenths", 80, 8, steady()));
        QVERIFY(find(gates, GateKind::Spread) && find(gates, GateKind::Mistakes));
        QVERIFY(!find(gates, GateKind::AccentTapGap) && !find(gates, GateKind::Offbeat) &&
                !find(gates, GateKind::GraceSpread));
        QVERIFY(find(gatesOf(taken("swung-ride", 120, 8, steady())), GateKind::Offbeat));
        QVERIFY(find(gatesOf(taken("flam-taps", 70, 8, steady())), GateKind::GraceSpread));
    }

    void faultsMissTheirGate_data() {
        QTest::addColumn<QString>("id");
        QTest::addColumn<int>("kind");
        QTest::newRow("spread") << "singles-sixteenths" << static_cast<int>(GateKind::Spread);
        QTest::newRow("placement") << "singles-sixteenths" << static_cast<int>(GateKind::Placement);
        QTest::newRow("hands apart") << "singles-sixteenths" << static_cast<int>(GateKind::Apart);
        QTest::newRow("habit") << "singles-sixteenths" << static_cast<int>(GateKind::Habit);
        QTest::newRow("mistakes") << "singles-sixteenths" << static_cast<int>(GateKind::Mistakes);
        QTest::newRow("flat accents") << "paradiddle-accents" << static_cast<int>(GateKind::AccentTapGap);
        QTest::newRow("flat swing") << "swung-ride" << static_cast<int>(GateKind::Offbeat);
        QTest::newRow("loose flams") << "flam-taps" << static_cast<int>(GateKind::GraceSpread);
        QTest::newRow("drift") << "singles-sixteenths" << static_cast<int>(GateKind::Drift);
    }
    void faultsMissTheirGate() {
        QFETCH(QString, id);
        QFETCH(int, kind);
        Character c = steady();
        const auto gateKind = static_cast<GateKind>(kind);
        switch (gateKind) {
            case GateKind::Spread:
                c.spreadMs = 25;
                break;
            case GateKind::Placement:
                c.placementMs = 40;
                break;
            case GateKind::Apart:
                c.habits = {{std::nullopt, Limb::LeftHand, std::nullopt, std::nullopt, 25, 0, 1}};
                break;
            case GateKind::Habit:
                c.habits = {{Beats(1, 4), std::nullopt, std::nullopt, std::nullopt, -30, 0, 1}};
                break;
            case GateKind::Mistakes:
                c.missChance = 0.1;
                break;
            case GateKind::AccentTapGap:
                c.relativeDb = {-12, -5, 0};
                break;
            case GateKind::Offbeat:
                c.swingRatio = 1.3;
                break;
            case GateKind::GraceSpread:
                c.graceSpreadMs = 18, c.graceMs = 45;
                break;
            case GateKind::Drift:
                c.driftMsPerMin = 90;
                break;
            default:
                break;
        }
        const auto gates = gatesOf(taken(id.toUtf8().constData(), 80, 16, c));
        const Gate* found = find(gates, gateKind);
        QVERIFY(found != nullptr);
        QCOMPARE(found->state, GateState::Missed);
    }

    void aFigureThatStraddlesItsLimitIsNotSure() {
        Character c = steady();
        c.spreadMs = 14.5;  // the limit is 15 at this tempo
        const auto gates = gatesOf(taken("singles-sixteenths", 80, 3, c));
        QCOMPARE(find(gates, GateKind::Spread)->state, GateState::Unsure);
    }

    void theHabitGateNamesItsStroke() {
        Character c = steady();
        c.habits = {{Beats(5, 4), std::nullopt, std::nullopt, std::nullopt, 28, 0, 1}};
        const auto gates = gatesOf(taken("singles-sixteenths", 80, 8, c));
        QCOMPARE(find(gates, GateKind::Habit)->stroke, 5);
    }

    void performanceAsksForLessContrastAndFewerMistakes() {
        Character c = steady();
        c.relativeDb = {-14, -8, 0};
        const MatchedTake take = taken("paradiddle-accents", 80, 16, c);
        QCOMPARE(find(gatesOf(take), GateKind::AccentTapGap)->state, GateState::Missed);
        QCOMPARE(find(gatesOf(take, Profile{ProfileKind::Performance}), GateKind::AccentTapGap)->state, GateState::Met);
        QCOMPARE(find(gatesOf(take, Profile{ProfileKind::Performance}), GateKind::Mistakes)->limit, 0.0);
    }

    void gateNamesAreReadBack() {
        for (int k = 0; k < kGateKinds; ++k) {
            const auto kind = static_cast<GateKind>(k);
            QCOMPARE(gateFromName(toName(kind)), kind);
            QVERIFY(!words::nameOf(kind).isEmpty() && !words::explained(kind).isEmpty());
        }
        QVERIFY(!gateFromName("nothing"));
    }

    // ---- ladder
    void theLadderEndsAtTheGoal() {
        const Ladder ladder{60, 71, 4, 3};
        QCOMPARE(ladder.rungs(), (std::vector<double>{60, 64, 68, 71}));
        QCOMPARE(ladder.above(60), 64.0);
        QCOMPARE(ladder.above(71), 71.0);
        QCOMPARE(ladder.below(71), 68.0);
        QCOMPARE(ladder.below(60), 60.0);
        QCOMPARE(ladder.above(65), 68.0);
        QCOMPARE((Ladder{80, 80, 4, 3}).rungs(), (std::vector<double>{80}));
    }

    // ---- verdict
    void threeCleanTakesStepUp() {
        const std::vector<Gate> met{gate(GateKind::Spread, GateState::Met, 8, 10)};
        QCOMPARE(verdictOn(met, {}).action, Action::Again);
        QCOMPARE(verdictOn(met, {{80, true, {}}}).action, Action::Again);
        const Verdict up = verdictOn(met, {{80, true, {}}, {80, true, {}}});
        QCOMPARE(up.action, Action::Up);
        QCOMPARE(up.nextTempoBpm, 84.0);
        QCOMPARE(up.cleanInARow, 3);
        QCOMPARE(english(words::headlineOf(up)), QStringLiteral("Up to 84."));
    }

    void cleanTakesAtAnotherTempoDoNotCount() {
        const std::vector<Gate> met{gate(GateKind::Spread, GateState::Met, 8, 10)};
        QCOMPARE(verdictOn(met, {{76, true, {}}, {76, true, {}}}).action, Action::Again);
    }

    void aMissIsPlayedAgainAndTheSameMissTwiceStepsBack() {
        const std::vector<Gate> missed{gate(GateKind::Spread, GateState::Missed, 14, 10)};
        const Verdict once = verdictOn(missed, {{80, true, {}}});
        QCOMPARE(once.action, Action::Again);
        QVERIFY(english(words::reasonOf(*builtInExercise("paradiddle-accents"), once))
                    .contains(QStringLiteral("spread 14.0 ms, limit 10.0")));
        const Verdict twice = verdictOn(missed, {{80, false, GateKind::Spread}});
        QCOMPARE(twice.action, Action::Back);
        QCOMPARE(twice.nextTempoBpm, 76.0);
        QCOMPARE(verdictOn(missed, {{80, false, GateKind::Drift}}).action, Action::Again);
        QCOMPARE(verdictOn(missed, {{84, false, GateKind::Spread}}).action, Action::Again);
    }

    void atTheLowestRungItGetsEasierInstead() {
        const std::vector<Gate> missed{gate(GateKind::Spread, GateState::Missed, 14, 10)};
        QCOMPARE(verdictOn(missed, {{60, false, GateKind::Spread}}, 60).action, Action::Easier);
    }

    void onePlaceMissedTwiceIsIsolated() {
        Gate habit = gate(GateKind::Habit, GateState::Missed, 20, 10);
        habit.stroke = 6;
        const Verdict v = verdictOn({habit}, {{80, false, GateKind::Habit}});
        QCOMPARE(v.action, Action::Isolate);
        QCOMPARE(v.span->fromBeat, Beats(2));
        QCOMPARE(v.span->toBeat, Beats(3));
        QCOMPARE(v.nextTempoBpm, 80.0);
    }

    void aTakeThatFallsApartStepsBackAtOnce() {
        Character c = steady();
        c.missChance = 0.4;
        const MatchedTake take = taken("singles-sixteenths", 80, 4, c);
        const auto gates = gatesOf(take);
        QCOMPARE(decide(take, gates, {}, {60, 100, 4, 3}, {}).action, Action::Back);
    }

    void notSureAsksForMorePasses() {
        const Verdict v = verdictOn({gate(GateKind::Spread, GateState::Unsure, 10, 10)}, {});
        QCOMPARE(v.action, Action::Again);
        QVERIFY(english(words::reasonOf(*builtInExercise("paradiddle-accents"), v))
                    .startsWith(QStringLiteral("Not sure yet: spread")));
        QCOMPARE(v.takesToGo, std::optional(2));
        QCOMPARE(v.cleanInARow, 0);
    }

    void theGoalIsTheEnd() {
        const std::vector<Gate> met{gate(GateKind::Spread, GateState::Met, 8, 10)};
        const Verdict v = verdictOn(met, {{100, true, {}}, {100, true, {}}}, 100);
        QVERIFY(v.goalReached);
        QCOMPARE(v.nextTempoBpm, 100.0);
    }

    void nothingPlayedIsNotClean() {
        QVERIFY(!isClean({}));
        QCOMPARE(verdictOn({}, {}).action, Action::Again);
    }

    // ---- words and drills
    void placesAreSaidAsADrummerWould() {
        const Exercise e = *builtInExercise("paradiddle-accents");
        QCOMPARE(english(words::placeOf(e, 0)), QStringLiteral("beat 1"));
        QCOMPARE(english(words::placeOf(e, 7)), QStringLiteral("the a of 2"));
        QCOMPARE(english(words::strokeOf(e, 4)), QStringLiteral("left accent"));
        const Exercise groove = *builtInExercise("ghosted-backbeat");
        QCOMPARE(english(words::strokeOf(groove, 0)), QStringLiteral("bass drum"));
        QCOMPARE(english(words::strokeOf(groove, 1)), QStringLiteral("hi-hat stroke"));
        const Exercise triplets = *builtInExercise("triplet-accents");
        QCOMPARE(english(words::placeOf(triplets, 5)), QStringLiteral("the let of 2"));
    }

    void aDrillKeepsTheSpotAndItsLanding() {
        const Exercise e = *builtInExercise("paradiddle-accents");
        const Exercise drill = drillFor(e, beatAround(e, 6));
        QVERIFY(check(drill).has_value());
        QCOMPARE(drill.strokes.size(), std::size_t{5});
        QCOMPARE(drill.strokes.front().at, Beats(1));
        QCOMPARE(drill.strokes.back().at, Beats(2));
        QVERIFY(drill.id.starts_with(e.id));
        QVERIFY(drill.id != e.id);
    }

    void aDrillOfTheLastBeatLandsOnTheFirst() {
        const Exercise e = *builtInExercise("paradiddle-accents");
        const Exercise drill = drillFor(e, beatAround(e, 15));
        QVERIFY(check(drill).has_value());
        QCOMPARE(drill.strokes.front().at, Beats(0));
        QCOMPARE(drill.strokes.size(), std::size_t{5});
    }
};

QTEST_APPLESS_MAIN(TestCoach)
#include "tst_coach.moc"
