#include <QTest>
#include <set>

#include "said.h"
#include "upbeat/methods/methods.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

Exercise of(std::string_view rows) {
    const auto e = exerciseFromText(rows);
    return e ? *e : Exercise{};
}

QStringList whats(const std::vector<PracticeStage>& stages) {
    QStringList list;
    for (const PracticeStage& s : stages) list << english(s.what);
    return list;
}

std::string pageRows(const Exercise& e) {
    const std::string text = toText(e);
    return text.substr(text.find("tempo"));
}

bool endsWith(const Exercise& e, std::string_view row) {
    return pageRows(e).find(row) != std::string::npos;
}

}  // namespace

class TestMethods : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void everyStageOfEveryExerciseCanBePlayed() {
        for (const Exercise& e : builtInExercises()) {
            QVERIFY2(methodsFor(e).size() >= 4, e.id.c_str());
            for (const Method method : methodsFor(e)) {
                std::set<std::string> ids;
                const auto stages = stagesOf(e, method);
                for (const PracticeStage& stage : stages) {
                    const auto ok = check(stage.exercise);
                    QVERIFY2(ok.has_value(), (stage.exercise.id + ": " + (ok ? "" : ok.error().sentence())).c_str());
                    QVERIFY(ids.insert(stage.exercise.id).second);
                    QVERIFY(stage.exercise.id.starts_with(e.id + "~"));
                }
                QCOMPARE(stages.back().exercise.strokes, e.strokes);
                QCOMPARE(stages.back().exercise.bars, e.bars);
                QCOMPARE(stages.back().tempoFactor, 1.0);
            }
        }
    }

    /// N12
    void slowWholeClimbsToTheTempo() {
        const auto stages = stagesOf(*builtInExercise("paradiddle-accents"), Method::SlowWhole);
        QCOMPARE(stages.size(), std::size_t{5});
        QCOMPARE(stages.front().tempoFactor, 0.6);
        QCOMPARE(stages.front().exercise.strokes, stages.back().exercise.strokes);
    }

    /// N13
    void limbsComeAloneInPairsAndTogether() {
        const auto stages = stagesOf(*builtInExercise("groove-eighths"), Method::LimbsApart);
        QCOMPARE(whats(stages), (QStringList{"right hand", "left hand", "right foot", "right hand and left hand",
                                             "right hand and right foot", "left hand and right foot", "as written"}));
        for (const Stroke& s : stages[1].exercise.strokes) QCOMPARE(s.limb, Limb::LeftHand);
        QVERIFY(stagesOf(of("pad | R R R R |"), Method::LimbsApart).empty());
    }

    /// N14
    void piecesAreJoinedWithTheirNeighbours() {
        const auto stages = stagesOf(of("pad | RLRL RRLL RLRR LRLL |"), Method::Chunks);
        QCOMPARE(whats(stages),
                 (QStringList{"one beat from beat 1", "one beat from beat 2", "one beat from beat 3",
                              "one beat from beat 4", "2 beats from beat 1", "2 beats from beat 3", "as written"}));
        QVERIFY(endsWith(stages[1].exercise, "| . RRLL R . |"));  // with the stroke it lands on
        QVERIFY(endsWith(stages[3].exercise, "| R . . LRLL |"));
    }

    /// N15
    void growingCountsTheRest() {
        const auto stages = stagesOf(of("pad | RLR L RL R |"), Method::Grow);
        QCOMPARE(whats(stages), (QStringList{"the first 2 notes", "the first 3 notes", "the first 4 notes",
                                             "the first 5 notes", "the first 6 notes", "as written"}));
        QVERIFY(endsWith(stages[0].exercise, "| RL. . . . |"));
        QVERIFY(endsWith(stages[3].exercise, "| RLR L R . |"));
        QVERIFY(stagesOf(*builtInExercise("grid-ladder"), Method::Grow).size() <= 13);
    }

    /// N16
    void whatRepeatsKeepsOnWhileTheRestGrows() {
        const auto stages = stagesOf(*builtInExercise("independence-foot-ostinato"), Method::KeepAndGrow);
        QCOMPARE(english(stages.front().what), QStringLiteral("what keeps on"));
        for (const PracticeStage& stage : stages)
            QCOMPARE(std::count_if(stage.exercise.strokes.begin(), stage.exercise.strokes.end(),
                                   [](const Stroke& s) { return s.voice == Voice::Kick; }),
                     8);
        const auto both = combined(*builtInExercise("groove-eighths"), Method::LimbsApart, Method::Grow);
        QVERIFY(both.size() > stagesOf(*builtInExercise("groove-eighths"), Method::LimbsApart).size());
        QVERIFY(both.size() <= kMostStages);
        QVERIFY(english(both[0].what).startsWith(QLatin1String("right hand: the first")));
        for (const PracticeStage& stage : both) QVERIFY(check(stage.exercise).has_value());
        const Exercise four =
            of("ride | RRRR RRRR . . |\nsnare | LLLL LLLL . . |\nbass drum | FFFF FFFF . . |\nfoot hi-hat | HHHH HHHH "
               ". . |");
        const auto many = combined(four, Method::LimbsApart, Method::Grow);
        QCOMPARE(many.size(), kMostStages);
        QCOMPARE(many.back().exercise.strokes, four.strokes);  // however many there are
    }

    /// N17
    void singlesAndDoublesTakeTurns() {
        const auto stages = stagesOf(*builtInExercise("singles-sixteenths"), Method::SinglesDoubles);
        QCOMPARE(stages.size(), std::size_t{5});
        QVERIFY(endsWith(stages[1].exercise, "| RRLL RRLL RRLL RRLL |"));
        QVERIFY(endsWith(stages[2].exercise, "RLRL | RRLL"));
        QVERIFY(endsWith(stages[3].exercise, "| RLRL RLRL RRLL RRLL |"));
        QVERIFY(stagesOf(*builtInExercise("groove-eighths"), Method::SinglesDoubles).empty());
    }

    /// N18
    void aSpotHasABarOfRest() {
        const auto stages =
            stagesOf(*builtInExercise("paradiddle-accents"), Method::IsolateSpan, {1, Beats(2), Beats(3)});
        QCOMPARE(stages[0].exercise.bars, 2);
        QVERIFY(endsWith(stages[0].exercise, "| . >LRLL >R . | . . . . |"));
        QCOMPARE(stages[0].tempoFactor, 0.5);
        QCOMPARE(stages[1].exercise.strokes, stages[0].exercise.strokes);
        QCOMPARE(stages[1].tempoFactor, 1.0);
        QVERIFY(endsWith(stages[2].exercise, "| . >LRLL >R . |"));
        QCOMPARE(whats(stages).back(), QStringLiteral("as written"));
    }

    /// N19
    void eachBarComesAtHalfSpeedFirst() {
        const auto stages = stagesOf(of("pad | RLRL R R R | RR LL RR LL |"), Method::HalfThenFull);
        QCOMPARE(whats(stages), (QStringList{"bar 1 at half speed", "bar 1 at full speed", "bar 2 at half speed",
                                             "bar 2 at full speed", "as written"}));
        QVERIFY(endsWith(stages[0].exercise, "| RL RL R . | R . R . |"));
    }

    /// N44
    void theFillComesAfterItsGroove() {
        const auto stages = stagesOf(*builtInExercise("fill-last-beat"), Method::Context);
        QCOMPARE(whats(stages),
                 (QStringList{"the bar alone", "a bar of groove, then the bar", "3 bars of groove, then the bar",
                              "7 bars of groove, then the bar", "as written"}));
        QCOMPARE(stages[3].exercise.bars, 8);
        QCOMPARE(stages[3].exercise.sections, (std::vector<Section>{{1, "groove"}, {8, "fill"}}));
    }

    /// N38
    void barsAreTraded() {
        const auto stages = stagesOf(*builtInExercise("paradiddle-accents"), Method::Trade);
        QCOMPARE(whats(stages),
                 (QStringList{"2 bars written, as many free", "4 bars written, as many free", "as written"}));
        const Exercise& four = stages[1].exercise;
        QCOMPARE(four.bars, 8);
        QCOMPARE(four.freeSpans, (std::vector<FreeSpan>{{Beats(16), Beats(32)}}));
        QVERIFY(
            std::all_of(four.strokes.begin(), four.strokes.end(), [](const Stroke& s) { return s.at < Beats(16); }));
        QVERIFY(!isFree(four, Beats(0)) && isFree(four, Beats(16)));
    }

    /// N11
    void theEasiestVersionComesFirst() {
        const auto stages = stagesOf(*builtInExercise("groove-funk-ghosts"), Method::Easier);
        QCOMPARE(whats(stages), (QStringList{"cymbal in beats", "no ghosts", "as written"}));
        QVERIFY(stagesOf(*builtInExercise("singles-sixteenths"), Method::Easier).empty());
    }

    /// N39: on when it is easy, back when it wobbles.
    void stagesFollowTheVerdict() {
        QCOMPARE(stageAfter(2, 5, Action::Up, false), 3);
        QCOMPARE(stageAfter(2, 5, Action::Again, true), 3);
        QCOMPARE(stageAfter(2, 5, Action::Again, false), 2);
        QCOMPARE(stageAfter(2, 5, Action::Back, false), 1);
        QCOMPARE(stageAfter(0, 5, Action::Easier, false), 0);
        QCOMPARE(stageAfter(4, 5, Action::Up, false), 5);
        const Exercise e = *builtInExercise("groove-eighths");
        std::set<Method> tried;
        auto method = Method::SlowWhole;
        for (std::size_t i = 0; i < methodsFor(e).size(); ++i) tried.insert(method), method = *methodAfter(e, method);
        QCOMPARE(tried.size(), methodsFor(e).size() - 1);  // trading bars is no help where one stalls
        QVERIFY(tried.count(Method::Trade) == 0);
    }

    void namesAreReadBack() {
        for (int m = 0; m < kMethodCount; ++m) {
            const auto method = static_cast<Method>(m);
            QCOMPARE(*methodFromName(toName(method)), method);
            QVERIFY(!words::nameOf(method).isEmpty() && !words::explained(method).isEmpty());
        }
        QVERIFY(!methodFromName("other").has_value());
    }
};

QTEST_APPLESS_MAIN(TestMethods)
#include "tst_methods.moc"
