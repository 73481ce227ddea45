// The click goes away for some bars and comes back: where the player is then, and how he got there.
#include <QTest>

#include "takes.h"
#include "upbeat/climb/climb.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"
#include "upbeat/words/words.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr double kBpm = 100;
constexpr int kBars = 32;
constexpr SilentBars kTwoAndTwo{2, 2};

/// How a player moves in two silent bars: how much later he is after so many bars of them (0 to 2), by silence.
using Moves = std::function<double(int silence, double bars)>;

TakeAnalysis playedWith(const Moves& moves, std::uint64_t seed, const Exercise& e, SilentBars silent = kTwoAndTwo) {
    Performance p = perform(e, Bpm(kBpm), kBars / e.bars, goodPlayer(), seed);
    constexpr double kSame = 1e-6;
    for (PlayedHit& hit : p.hits) {
        const double at = barsBefore(e, Bpm(kBpm), hit.gridS + kSame);
        const int bar = static_cast<int>(at);
        const double into = at - bar;
        const bool isLanding = bar > 0 && into < 1e-3 && !silent.holds(bar) && silent.holds(bar - 1);
        if (silent.holds(bar)) hit.timeS += 1e-3 * moves(bar / 4, bar % 4 - 2 + into);
        if (isLanding) hit.timeS += 1e-3 * moves(bar / 4 - 1, 2);
    }
    TakeFrame frame{kBpm, 1.0, kBars, 0, false, {}};
    frame.silent = silent;
    return analyzeTake(e, frame, hitsWithVoices(p, 1.0), {{}, ladderOf(e), {}});
}

TakeAnalysis playedWith(const Moves& moves, std::uint64_t seed) {
    return playedWith(moves, seed, *builtInExercise("singles-sixteenths"));
}

const Gate* returnGate(const TakeAnalysis& take) {
    const auto found = std::find_if(take.gates.begin(), take.gates.end(),
                                    [](const Gate& gate) { return gate.kind == GateKind::Return; });
    return found == take.gates.end() ? nullptr : &*found;
}

QStringList said(const TakeAnalysis& take) {
    QStringList all;
    for (const Finding& finding : take.findings)
        all << QString::fromStdString(words::sentenceOf(take.matched.exercise, finding).said());
    return all;
}

int waysOf(const TakeAnalysis& take, Return::Way way) {
    const auto& all = take.measures.returns->all;
    return static_cast<int>(std::count_if(all.begin(), all.end(), [way](const Return& one) { return one.way == way; }));
}

/// Changes a stroke: the note it is of the six (from 0), -3 for the first stroke behind them, -1 elsewhere.
using Bend = std::function<void(PlayedHit&, int)>;

}  // namespace

class TestReturns : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void withoutSilenceThereIsNone() {
        const auto take = playedWith([](int, double) { return 0.0; }, 1, *builtInExercise("singles-sixteenths"), {});
        QVERIFY(!take.measures.returns && returnGate(take) == nullptr);
    }

    void whoKeepsTheTimeIsToldSo() {
        int met = 0;
        int told = 0;
        for (std::uint64_t seed = 1; seed <= 40; ++seed) {
            const auto take = playedWith([](int, double) { return 0.0; }, seed);
            QCOMPARE(take.measures.returns->all.size(), std::size_t{7});
            QCOMPARE(take.measures.returns->all.front().bar, 5);
            QCOMPARE(take.measures.returns->all.front().barsAway, 2);
            met += returnGate(take)->state == GateState::Met ? 1 : 0;
            told += static_cast<int>(take.findings.size());
        }
        QVERIFY2(met >= 39 && told <= 1, qPrintable(QString("%1 met, %2 told").arg(met).arg(told)));
    }

    void whoDriftsInEverySilenceIsToldByHowMuchABar() {
        int right = 0;
        for (std::uint64_t seed = 1; seed <= 20; ++seed) {
            const auto take = playedWith([](int, double bars) { return -15 * bars; }, seed);
            const Returns& returns = *take.measures.returns;
            QVERIFY(std::abs(returns.landsMs->value + 30) < 4);
            QVERIFY(returns.landsMs->high < -20);
            QCOMPARE(returnGate(take)->state, GateState::Missed);
            QVERIFY(waysOf(take, Return::Way::Drift) >= 6);
            const QStringList all = said(take);
            right += all.size() == 1 && all.front().contains("While the click is silent you run ahead by 1") ? 1 : 0;
            if (all.size() != 1) qInfo() << all;
        }
        QVERIFY2(right >= 19, qPrintable(QString::number(right)));
    }

    void whoJumpsIsToldApartFromWhoDrifts() {
        int right = 0;
        for (std::uint64_t seed = 1; seed <= 20; ++seed) {
            const auto take = playedWith(
                [](int silence, double bars) { return bars < 1.2 ? 0.0 : (silence % 2 == 0 ? 40.0 : -40.0); }, seed);
            QVERIFY(std::abs(take.measures.returns->offMs->value - 40) < 5);
            QVERIFY(take.measures.returns->landsMs->low < 0 && take.measures.returns->landsMs->high > 0);
            QVERIFY(waysOf(take, Return::Way::Jump) >= 6);
            right += said(take).filter("When the click comes back you are").filter("by a jump").size() == 1 ? 1 : 0;
        }
        QVERIFY2(right >= 19, qPrintable(QString::number(right)));
    }

    void lessClickAndMore() {
        SilentBars bars{};
        QStringList way;
        for (auto next = std::optional(bars); next; next = lessClick(*next)) {
            bars = *next;
            way << QString("%1/%2").arg(bars.on).arg(bars.off);
        }
        QCOMPARE(way.join(" "), QStringLiteral("1/0 3/1 2/2 1/3"));
        QCOMPARE(moreClick({1, 3}).value(), (SilentBars{2, 2}));
        QCOMPARE(moreClick({1, 1}).value(), (SilentBars{3, 1}));  // one's own choice
        QCOMPARE(moreClick({3, 1}).value(), SilentBars{});
        QVERIFY(!moreClick({}));
    }

    /// At one tempo: on with less click while it holds, back to more where it does not, up when none is left.
    void aTempoHoldsWithLessAndLessClick() {
        Exercise e = *builtInExercise("singles-sixteenths");
        Ladder ladder = ladderOf(e);
        ladder.rule = LadderRule::LessClick;
        ladder.cleanNeeded = 1;
        ladder.goalBpm = kBpm + 20;
        const auto verdictOf = [&](const Moves& moves, SilentBars silent) {
            auto take = playedWith(moves, 2, e, silent);
            std::vector<RungTake> before;
            if (!take.clean()) before = {remember(kBpm, take.gates)};
            return decide(take.matched, take.gates, take.findings, ladder, before);
        };
        const auto steady = [](int, double) { return 0.0; };
        Verdict v = verdictOf(steady, {});
        QVERIFY(v.action == Action::Up && v.nextTempoBpm == kBpm && v.click == SilentBars(3, 1));
        QCOMPARE(words::headlineOf(v).said(), std::string("Less click at 100."));
        v = verdictOf(steady, {1, 3});
        QVERIFY(v.action == Action::Up && v.nextTempoBpm > kBpm && v.click == SilentBars{});
        ladder.goalBpm = kBpm;  // the last rung asks for it, too
        QVERIFY(verdictOf(steady, {2, 2}).action == Action::Up);
        v = verdictOf(steady, {1, 3});
        QVERIFY(v.goalReached && v.action == Action::Again && v.click == SilentBars{});
        ladder.byMinutes = true;  // minutes lead on, nothing else
        v = verdictOf(steady, {2, 2});
        QVERIFY(v.action == Action::Again && !v.click);
        ladder.byMinutes = false;
        v = verdictOf([](int, double bars) { return -20 * bars; }, kTwoAndTwo);
        QVERIFY2(v.action == Action::Back && v.nextTempoBpm == kBpm, words::headlineOf(v).said().c_str());
        QVERIFY(v.click == SilentBars(3, 1));
        QCOMPARE(words::spokenOf(v).said(), std::string("More click."));
    }

    /// "Any six notes" in beat 2 of every bar: their number, their pulse, their length and whether their end is met.
    void anySixNotes_data() {
        QTest::addColumn<Bend>("bend");
        QTest::addColumn<QString>("said");  // empty: nothing
        const auto of = [](auto bend) { return Bend(bend); };
        QTest::newRow("as asked") << of([](PlayedHit&, int) {}) << "";
        QTest::newRow("other drums and levels") << of([](PlayedHit& h, int note) {
            if (note >= 0) h.voice = note % 2 == 0 ? Voice::TomHigh : Voice::Snare, h.levelDb -= 6 * (note % 3);
        }) << "";
        QTest::newRow("one left out every other time") << of([](PlayedHit& h, int note) {
            if (note == 4 && h.pass % 2 == 0) h.stroke = -2;
        }) << "In 8 of 16 free spans there are more or fewer notes";
        QTest::newRow("rushed") << of([](PlayedHit& h, int note) {
            if (note > 0) h.timeS -= 0.006 * note;
        }) << "The notes of the free spans rush by 6 %";
        QTest::newRow("uneven") << of([](PlayedHit& h, int note) {
            if (note > 0) h.timeS += note % 2 == 0 ? -0.025 : 0.025;
        }) << "The notes of the free spans are uneven by";
        QTest::newRow("the end is missed") << of([](PlayedHit& h, int note) {
            if (note == -3) h.timeS += h.pass % 2 == 0 ? 0.02 : -0.02;
        }) << "On the first beat after what is free you are";
    }
    void anySixNotes() {
        QFETCH(Bend, bend);
        QFETCH(QString, said);
        const auto page = exerciseFromText("meter: 4/4\nfree: 1 to 2, 6 notes\nsnare | RL RLRLRL RL RL |\n");
        QVERIFY(page.has_value());
        Performance p = perform(*page, Bpm(100), 16, goodPlayer(), 3);
        for (PlayedHit& hit : p.hits) {
            const double beats = quartersAt(*page, Bpm(100), std::fmod(hit.gridS + 1e-6, 2.4));
            const bool isFirst = beats > 2 && beats < 2.1;  // behind the six
            bend(hit, beats >= 1 && beats < 2 ? static_cast<int>(6 * (beats - 1)) : (isFirst ? -3 : -1));
        }
        std::erase_if(p.hits, [](const PlayedHit& hit) { return hit.stroke == -2; });
        sortByTime(p);
        const auto take =
            analyzeTake(*page, {100, 1.0, 16, 0, false, {}}, hitsWithVoices(p, 1.0), {{}, ladderOf(*page), {}});
        QCOMPARE(take.measures.freeSpaces->all.size(), std::size_t{16});
        QVERIFY(take.matched.extra.empty() && take.matched.missed.empty());
        const QStringList all = ::said(take);
        QCOMPARE(all.size(), said.isEmpty() ? 0 : 1);
        QVERIFY2(said.isEmpty() || all.front().contains(said), qPrintable(all.join("; ")));
        const bool isPulse = said.contains("notes of the free spans");  // is said, and decides nothing
        QCOMPARE(take.clean(), said.isEmpty() || isPulse);
    }

    /// A form of six bars with three hits: everything else is the player's.
    void theHitsOfTheBandAreMetOrNot() {
        const Exercise e = *builtInExercise("hits-over-six");
        const auto playedHits = [&e](double lateMs, bool leftOut) {
            Performance p = perform(e, Bpm(120), 6, goodPlayer(), 1);
            const Beats hit(35, 2);  // the & of 2 in bar 5
            std::erase_if(p.hits, [&](const PlayedHit& h) {
                return leftOut && h.pass % 2 == 0 && e.strokes[static_cast<std::size_t>(h.stroke)].at == hit;
            });
            for (PlayedHit& h : p.hits)
                if (e.strokes[static_cast<std::size_t>(h.stroke)].at == hit) h.timeS += lateMs * 1e-3;
            for (int k = 0; k < 6 * 24 * 2; ++k) {  // and eighths of his own, a sixteenth beside the grid of the hits
                PlayedHit own;
                own.timeS = 0.25 * k + 0.125;
                own.levelDb = -26 + k % 3;
                own.voice = Voice::Snare;
                own.stroke = -1;
                p.hits.push_back(own);
            }
            sortByTime(p);
            TakeFrame frame{120, 1.0, 36, 0, false, {}};
            return analyzeTake(e, frame, hitsWithVoices(p, 1.0), {{}, ladderOf(e), {}});
        };
        const auto met = playedHits(0, false);
        QVERIFY(met.matched.extra.empty() && met.matched.missed.empty() && met.findings.empty());
        const auto left = playedHits(0, true);
        QCOMPARE(left.matched.missed.size(), std::size_t{6});  // crash and bass drum in three rounds
        QVERIFY2(said(left).filter("the & of 2 in bar 5").filter("missing").size() >= 1,
                 qPrintable(said(left).join("; ")));
        const auto late = playedHits(30, false);
        QVERIFY2(said(late).filter("the & of 2 in bar 5").filter("late").size() == 1,
                 qPrintable(said(late).join("; ")));
    }

    /// Four written bars, four of one's own: only the first beat after them is asked for.
    void freeBarsAreJudgedByWhereTheyEnd() {
        Exercise e = *exerciseFromText(
            "title: Trade\nsnare | RLRL RLRL RLRL RLRL | RLRL RLRL RLRL RLRL | R L R L | R L R L |\n");
        e.freeSpans = {{Beats(8), Beats(16)}};
        Performance p = perform(e, Bpm(kBpm), 8, goodPlayer(), 1);
        const double barS = barDurationS(e, Bpm(kBpm));
        for (PlayedHit& hit : p.hits) {
            const int bar = static_cast<int>(hit.gridS / barS + 1e-6);
            if (bar % 4 >= 2) hit.timeS += 0.21;  // whatever he plays there
            if (bar > 0 && bar % 4 == 0 && hit.gridS / barS - bar < 0.01) hit.timeS -= 0.035;  // and comes back early
        }
        sortByTime(p);
        const auto take = analyzeTake(e, {kBpm, 1.0, 32, 0, false, {}}, hitsWithVoices(p, 1.0), {{}, ladderOf(e), {}});
        QVERIFY(take.measures.returns && take.measures.returns->all.front().free);
        QCOMPARE(take.measures.returns->all.size(), std::size_t{7});
        QVERIFY(std::abs(take.measures.returns->landsMs->value + 35) < 4);
        QVERIFY(take.matched.extra.empty());
        QVERIFY2(said(take).filter("after what is free you are 3").size() == 1, qPrintable(said(take).join("; ")));
    }
};

QTEST_APPLESS_MAIN(TestReturns)
#include "tst_returns.moc"
