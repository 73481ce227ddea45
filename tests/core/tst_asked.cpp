// What is asked that is not built in: limits of one's own, a feel beside the click, two levels instead of three.
#include <QTest>
#include <cmath>

#include "said.h"
#include "takes.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"
#include "upbeat/music/placement.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// The hi-hat beats on while the snare falls alone behind the beat.
Exercise laidBack() {
    return *exerciseFromText(
        "id: laid-back\ntitle: Laid back\nmeter: 4/4\ntempo: 80 to 120 by 4\nplaced: snare 8 ms behind\n"
        "hi-hat    | R. .R R. .R |\nsnare     | .. >L. .. >L. |\nbass drum | F. .. F. .. |\n");
}

Character steadyAt(double spreadMs) {
    Character c = machine();
    c.spreadMs = spreadMs;
    return c;
}

TakeAnalysis playedAs(const Exercise& written, const Exercise& played, const Character& c,
                      const Profile& profile = {}) {
    const KnownTake known = play(played, 100, 16, c, 7);
    return analyzeTake(written, known.frame(), {perfectHits(known), {}}, {profile, ladderOf(written), {}});
}

const Gate* gateOf(const TakeAnalysis& a, GateKind kind) {
    const auto found = std::find_if(a.gates.begin(), a.gates.end(), [kind](const Gate& g) { return g.kind == kind; });
    return found == a.gates.end() ? nullptr : &*found;
}

std::string saidOf(const TakeAnalysis& a) {
    std::string all;
    for (const Finding& f : a.findings) all += words::sentenceOf(a.matched.exercise, f).said() + "\n";
    return all;
}

}  // namespace

class TestAsked : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aLimitOfOnesOwnDecidesAndIsMarked() {
        const Exercise page = *builtInExercise("singles-sixteenths");
        const Character c = steadyAt(7);
        const TakeAnalysis usual = playedAs(page, page, c);
        QCOMPARE(gateOf(usual, GateKind::Spread)->state, GateState::Met);
        QVERIFY(!gateOf(usual, GateKind::Spread)->ownLimit);
        Profile strict;
        strict.own[GateKind::Spread] = 3;
        const TakeAnalysis own = playedAs(page, page, c, strict);
        QCOMPARE(gateOf(own, GateKind::Spread)->limit, 3.0);
        QCOMPARE(gateOf(own, GateKind::Spread)->state, GateState::Missed);
        QVERIFY(gateOf(own, GateKind::Spread)->ownLimit && !gateOf(own, GateKind::Placement)->ownLimit);
        QVERIFY2(saidOf(own).find("3.0 is the limit") != std::string::npos, saidOf(own).c_str());
    }

    void anExercisesOwnLimitComesBeforeThatOfAll() {
        LimitSet set;
        set.set({}, GateKind::Spread, 9);
        set.set("paradiddle", GateKind::Spread, 5);
        set.set("paradiddle", GateKind::Drift, 900);  // as far as it goes
        QCOMPARE(set.of("flam-taps").at(GateKind::Spread), 9.0);
        QCOMPARE(set.of("paradiddle").at(GateKind::Spread), 5.0);
        QCOMPARE(set.of("paradiddle").at(GateKind::Drift), rangeOf(GateKind::Drift).most);
        QVERIFY(check(set).has_value());
        set.bringBack("paradiddle", GateKind::Spread);
        QCOMPARE(set.of("paradiddle").at(GateKind::Spread), 9.0);
        set.bringBack("paradiddle", GateKind::Spread);
        QVERIFY(set.of("paradiddle").count(GateKind::Spread) == 0);
        set.all[GateKind::Habit] = -1;
        QVERIFY(!check(set));
    }

    void whatIsAskedIsKnownBeforeATakeIsPlayed() {
        const auto asked = askedOf(laidBack(), Bpm(100), Profile());
        const auto has = [&asked](GateKind kind) {
            return std::any_of(asked.begin(), asked.end(), [kind](const AskedGate& g) { return g.kind == kind; });
        };
        QVERIFY(has(GateKind::Spread) && has(GateKind::Apart) && has(GateKind::Feel) && has(GateKind::AccentTapGap));
        QVERIFY(!has(GateKind::GraceSpread) && !has(GateKind::TapGhostGap) && !has(GateKind::Offbeat));
        for (const Gate& gate : playedAs(laidBack(), laidBack(), steadyAt(3)).gates) QVERIFY(has(gate.kind));
    }

    // ---- feel
    void placementsAreWrittenAndReadBack_data() {
        QTest::addColumn<QString>("text");
        for (const char* text : {"snare 8 ms behind", "all 2 % ahead", "bass drum 3.5 ms ahead", "hi-hat 1 % behind"})
            QTest::newRow(text) << QString::fromLatin1(text);
    }
    void placementsAreWrittenAndReadBack() {
        QFETCH(QString, text);
        const auto read = placementFromText(text.toStdString());
        QVERIFY(read.has_value());
        QCOMPARE(QString::fromStdString(toText(*read)), text);
        QVERIFY(!words::nameOf(*read).isEmpty());
    }
    void whatIsNoPlacementIsRefused() {
        for (const char* text : {"", "snare", "snare 8 behind", "cowbell 8 ms behind", "snare eight ms behind",
                                 "snare 8 ms late", "snare -8 ms behind"})
            QVERIFY2(!placementFromText(text), text);
        QVERIFY(!check({{Voice::Snare, 61, false}}) && !check({{Voice::Snare, 11, true}}));
        QVERIFY(!check({{Voice::Snare, 5, false}, {Voice::Snare, 2, true}}));
        QVERIFY(!check({{Voice::Snare, std::nan(""), false}}));
    }
    void aPercentIsOfTheBeatAndAVoiceComesBeforeAll() {
        const std::vector<AskedPlacement> all{{std::nullopt, 2, true}, {Voice::Snare, -4, false}};
        QCOMPARE(askedMs(all, Voice::Ride, Bpm(120)), 10.0);
        QCOMPARE(askedMs(all, Voice::Ride, Bpm(60)), 20.0);
        QCOMPARE(askedMs(all, Voice::Snare, Bpm(60)), -4.0);
        QCOMPARE(askedMs({}, Voice::Snare, Bpm(60)), 0.0);
    }

    void aFeelThatIsPlayedAsAskedIsClean() {
        const TakeAnalysis a = playedAs(laidBack(), laidBack(), steadyAt(3));
        QCOMPARE(gateOf(a, GateKind::Feel)->state, GateState::Met);
        QVERIFY2(a.findings.empty(), saidOf(a).c_str());
        QVERIFY(std::abs(a.measures.timing.placementMs->value) < 1.5);
        for (const MatchedStroke& s : a.matched.strokes)
            QCOMPARE(s.askedMs, s.stroke.voice == Voice::Snare ? 8.0 : 0.0);
    }
    void whatSoundsWithOthersIsNotBlamedAndNotTold() {
        const Exercise page = *exerciseFromText(
            "title: Under the hat\nmeter: 4/4\ntempo: 80 to 120 by 4\nplaced: snare 8 ms behind\n"
            "hi-hat    | RR RR RR RR |\nsnare     | . >L . >L |\nbass drum | F .F F . |\n");
        Exercise onTheClick = page;
        onTheClick.placements.clear();
        for (const Exercise& played : {page, onTheClick}) {
            const KnownTake known = play(played, 100, 16, steadyAt(2), 7);
            const auto heard = listenTo(known.rendered.sound.view(), known.rendered.sound.sampleRate);
            const TakeAnalysis a = analyzeTake(page, known.frame(), heard, {Profile(), ladderOf(page), {}});
            QVERIFY(gateOf(a, GateKind::Feel) == nullptr);
            QVERIFY2(a.findings.empty(), saidOf(a).c_str());
            int between = 0;
            for (const MatchedStroke& s : a.matched.strokes) {
                if (!s.askedApart) continue;
                QVERIFY(s.askedMs >= 0 && s.askedMs <= 8);
                QVERIFY(s.askedMs == 0 || s.askedMs == 8 || std::abs(s.offsetMs) < 1e-9);
                between += s.askedMs > 0 && s.askedMs < 8 ? 1 : 0;
            }
            QVERIFY(between > 4);
        }
    }
    void aFewThatSoundWithOthersAreLeftOut() {
        const Exercise page = *exerciseFromText(
            "title: One under the hat\nmeter: 4/4\nbars: 3\ntempo: 80 to 120 by 4\nplaced: snare 8 ms behind\n"
            "hi-hat    | R. .R R. .R | R. .R R. .R | R. .. R. RR |\n"
            "snare     | .. >L. .. >L. | .. >L. .. >L. | .. .. .. >L. |\n"
            "bass drum | F. .. F. .. | F. .. F. .. | F. .. F. .. |\n");
        const TakeAnalysis a = playedAs(page, page, steadyAt(2));
        QCOMPARE(a.measures.feel.size(), std::size_t{1});
        QCOMPARE(a.measures.feel[0].awayMs.n, 4 * 16);
    }
    void aBackbeatOnTheClickIsSaidWhereItIsAskedBehind() {
        Exercise onTheClick = laidBack();
        onTheClick.placements.clear();
        const TakeAnalysis a = playedAs(laidBack(), onTheClick, steadyAt(2));
        const Gate* gate = gateOf(a, GateKind::Feel);
        QCOMPARE(gate->state, GateState::Missed);
        QVERIFY(std::abs(gate->measured.value - 8) < 1.5);
        QCOMPARE(a.findings.size(), std::size_t{1});
        QVERIFY2(saidOf(a).find("snare is on the click") != std::string::npos, saidOf(a).c_str());
        QVERIFY2(saidOf(a).find("8 ms behind is asked") != std::string::npos, saidOf(a).c_str());
    }
    void aFeelThatNobodyAskedForIsJudgedAsBefore() {
        Exercise asked = laidBack();
        asked.placements[0].amount = 30;
        Exercise plain = laidBack();
        plain.placements.clear();
        const TakeAnalysis a = playedAs(plain, asked, steadyAt(2));
        QVERIFY(gateOf(a, GateKind::Feel) == nullptr);
        QCOMPARE(gateOf(a, GateKind::Apart)->state, GateState::Missed);
    }
    void withoutAClickAVoiceIsHeldAgainstTheOthers() {
        const Exercise page = laidBack();
        Character c = steadyAt(2);
        c.placementMs = 70;  // the recording begins anywhere
        const KnownTake known = play(page, 100, 16, c, 7);
        TakeFrame frame = known.frame();
        frame.anchor.kind = AnchorKind::None;
        const TakeAnalysis a = analyzeTake(page, frame, {perfectHits(known), {}}, {Profile(), ladderOf(page), {}});
        QCOMPARE(gateOf(a, GateKind::Feel)->state, GateState::Met);
        QVERIFY(std::abs(gateOf(a, GateKind::Feel)->measured.value) < 3);
    }

    // ---- two levels
    void withTwoLevelsGhostsAreTaps() {
        const Exercise three = *exerciseFromText(
            "title: Three\nmeter: 4/4\ntempo: 60 to 100 by 4\nsnare | >R(L)RL >R(L)RL >R(L)RL >R(L)RL |\n");
        Exercise two = three;
        two.twoLevels = true;
        QVERIFY(two != three);
        Character noGhosts = steadyAt(3);
        noGhosts.relativeDb = {-10, -10, 0};
        const TakeAnalysis asThree = playedAs(three, three, noGhosts);
        QCOMPARE(gateOf(asThree, GateKind::TapGhostGap)->state, GateState::Missed);
        const TakeAnalysis asTwo = playedAs(two, two, noGhosts);
        QVERIFY(gateOf(asTwo, GateKind::TapGhostGap) == nullptr);
        QCOMPARE(gateOf(asTwo, GateKind::AccentTapGap)->state, GateState::Met);
        QVERIFY2(asTwo.findings.empty(), saidOf(asTwo).c_str());
        QCOMPARE(asTwo.matched.exercise.strokes.size(), three.strokes.size());
        QVERIFY(!uses(asTwo.matched.exercise, Level::Ghost));
    }
};

QTEST_GUILESS_MAIN(TestAsked)
#include "tst_asked.moc"
