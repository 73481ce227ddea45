#include <QTest>
#include <cmath>
#include <functional>

#include "takes.h"
#include "upbeat/align/matched_take.h"
#include "upbeat/music/library.h"
#include "upbeat/music/line.h"
#include "upbeat/units/random.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

Exercise named(const char* id) {
    return *builtInExercise(id);
}

KnownTake played(const char* id, double tempo, int passes, const Character& c = {}, std::uint64_t seed = 1) {
    const Exercise e = named(id);
    KnownTake take{e, tempo, perform(e, Bpm(tempo), passes, c, seed), {}};
    take.rendered.firstBeatS = 1.0;
    return take;
}

MatchedTake matched(const KnownTake& take, const std::vector<Hit>& hits) {
    return matchTake(take.exercise, take.frame(), hits);
}

/// Written strokes that were matched to the hit of another stroke.
int wrongPartners(const KnownTake& take, const MatchedTake& m) {
    int wrong = 0;
    for (const MatchedStroke& s : m.strokes) {
        const double hit = m.hits[static_cast<std::size_t>(s.hit)].timeS - take.rendered.firstBeatS;
        for (const PlayedHit& p : take.performance.hits)
            if (std::abs(p.timeS - hit) < 1e-6 && p.role == s.written.role &&
                (p.stroke != s.written.stroke || p.pass != s.written.pass))
                ++wrong;
    }
    return wrong;
}

}  // namespace

class TestAlign : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void everyStrokeFindsItsHit_data() {
        QTest::addColumn<QString>("id");
        for (const Exercise& e : builtInExercises()) QTest::newRow(e.id.c_str()) << QString::fromStdString(e.id);
    }
    void everyStrokeFindsItsHit() {
        QFETCH(QString, id);
        const KnownTake take = played(id.toUtf8().constData(), 90, 4, machine());
        const MatchedTake m = matched(take, perfectHits(take));
        QCOMPARE(m.missed.size(), std::size_t{0});
        QCOMPARE(m.missedGrace.size(), std::size_t{0});
        QCOMPARE(m.extra.size(), std::size_t{0});
        for (const MatchedStroke& s : m.strokes)
            if (s.written.role == Role::Main)
                QVERIFY2(std::abs(s.offsetMs) < 1e-6, qPrintable(QString::number(s.offsetMs)));
    }

    void matchingErrorsStayBelowTwoInAThousand() {
        int wrong = 0;
        int strokes = 0;
        for (std::uint64_t seed = 1; seed <= 20; ++seed) {
            Character c = machine();
            c.spreadMs = 12;
            c.missChance = c.extraChance = 0.01;
            const KnownTake take = played("singles-sixteenths", 120, 16, c, seed);
            const MatchedTake m = matched(take, perfectHits(take));
            wrong += wrongPartners(take, m);
            strokes += static_cast<int>(m.strokes.size());
        }
        QVERIFY(strokes > 4800);
        QVERIFY2(wrong * 1000 <= 2 * strokes, qPrintable(QStringLiteral("%1 of %2").arg(wrong).arg(strokes)));
    }

    void aMissedStrokeIsMissedAndNothingElse() {
        const KnownTake take = played("paradiddle-accents", 100, 3, machine());
        auto hits = perfectHits(take);
        hits.erase(hits.begin() + 20);
        const MatchedTake m = matched(take, hits);
        QCOMPARE(m.missed.size(), std::size_t{1});
        QCOMPARE(m.missed.front().pass, 2);
        QCOMPARE(m.missed.front().stroke, 4);
        QCOMPARE(m.extra.size(), std::size_t{0});
    }

    void anUnwrittenStrokeIsExtraAndNothingElse() {
        const KnownTake take = played("paradiddle-accents", 100, 3, machine());
        auto hits = perfectHits(take);
        Hit extra = hits[10];
        extra.timeS += 0.07;
        hits.insert(hits.begin() + 11, extra);
        const MatchedTake m = matched(take, hits);
        QCOMPARE(m.missed.size(), std::size_t{0});
        QCOMPARE(m.extra.size(), std::size_t{1});
        QCOMPARE(m.hits[static_cast<std::size_t>(m.extra.front())].timeS, extra.timeS);
    }

    void theStrokeThatEndsItIsNotOneTooMany() {
        const KnownTake take = played("singles-sixteenths", 100, 2, machine());
        for (const double lateS : {-0.04, 0.0, 0.05}) {
            auto hits = perfectHits(take);
            Hit closing = hits.back();
            closing.timeS = hits.front().timeS + 2 * 4 * 0.6 + lateS;  // the bar line behind two bars
            hits.push_back(closing);
            QCOMPARE(matched(take, hits).extra.size(), std::size_t{0});
        }
    }

    void aWeakHitCountsOnlyWhereAStrokeIsWritten() {
        const KnownTake take = played("singles-sixteenths", 100, 2, machine());
        auto hits = perfectHits(take);
        hits[5].strength = 8;
        Hit stray = hits[8];
        stray.timeS += 0.075;
        stray.strength = 8;
        hits.insert(hits.begin() + 9, stray);
        const MatchedTake m = matched(take, hits);
        QCOMPARE(m.missed.size(), std::size_t{0});
        QCOMPARE(m.extra.size(), std::size_t{0});
        QCOMPARE(m.hits.size(), perfectHits(take).size());
    }

    void thePageInventsNothingInSilence() {
        const Exercise e = named("paradiddle-accents");
        const MatchedTake m = matchTake(e, {100, 1.0, 4, 0, false, {}}, {});
        QCOMPARE(m.strokes.size(), std::size_t{0});
        QCOMPARE(m.missed.size(), e.strokes.size() * 4);
    }

    void thePageDoesNotPullOnsetsTowardsTheGrid() {
        for (const double shiftMs : {-25.0, -12.0, 9.0, 30.0}) {
            const KnownTake take = played("singles-sixteenths", 80, 4, machine());
            auto hits = perfectHits(take);
            for (Hit& hit : hits) hit.timeS += shiftMs * 1e-3;
            const MatchedTake m = matched(take, hits);
            QCOMPARE(m.strokes.size(), hits.size());
            for (const MatchedStroke& s : m.strokes) QVERIFY(std::abs(s.offsetMs - shiftMs) < 1e-6);
        }
    }

    void aSecondSoundOfAStrokeIsNoStroke() {
        const KnownTake take = played("singles-sixteenths", 100, 2, machine());
        std::vector<Hit> hits;
        for (const Hit& hit : perfectHits(take)) {
            hits.push_back(hit);
            hits.push_back(heard(hit.timeS + 0.013, hit.levelDb + 1, 22, 20));
        }
        const MatchedTake m = matched(take, hits);
        QCOMPARE(m.extra.size(), std::size_t{0});
        QCOMPARE(m.missed.size(), std::size_t{0});
        for (const MatchedStroke& s : m.strokes) QVERIFY(std::abs(s.offsetMs) < 1e-6);
    }

    void aPlayerWhoDriftsHalfAStepIsFollowed() {
        Character c = machine();
        c.driftMsPerMin = 150;
        const KnownTake take = played("singles-sixteenths", 120, 16, c);
        const MatchedTake m = matched(take, perfectHits(take));
        QCOMPARE(m.missed.size(), std::size_t{0});
        QCOMPARE(wrongPartners(take, m), 0);
        QVERIFY(m.strokes.back().offsetMs > 60);
    }

    void graceNotesGoToTheirStroke() {
        Character c;
        c.graceMs = 40;
        c.graceSpreadMs = 8;
        const KnownTake take = played("flam-taps", 80, 8, c);
        const MatchedTake m = matched(take, perfectHits(take));
        QCOMPARE(m.missedGrace.size(), std::size_t{0});
        QCOMPARE(wrongPartners(take, m), 0);
    }

    void strokesTogetherShareOneSound() {
        const KnownTake take = played("ghosted-backbeat", 90, 2, machine());
        const MatchedTake m = matched(take, perfectHits(take));
        const auto shared =
            std::count_if(m.strokes.begin(), m.strokes.end(), [](const MatchedStroke& s) { return s.shared; });
        QVERIFY(shared > 0);
        QCOMPARE(m.strokes.size(), take.exercise.strokes.size() * 2);
        QVERIFY(m.hits.size() < m.strokes.size());
    }

    void theOtherHalfOfAUnisonIsNotAStrokeTooMany() {
        const KnownTake take = played("ghosted-backbeat", 90, 2, machine());
        auto hits = perfectHits(take);
        Hit half = hits[0];
        half.timeS += 0.018;
        half.strength = 70;
        hits.insert(hits.begin() + 1, half);
        QCOMPARE(matched(take, hits).extra.size(), std::size_t{0});
    }

    /// Every stroke sounds a second time, louder, after `lag` of its number in seconds.
    static MatchedTake speakingTwice(const KnownTake& take, const std::function<double(std::size_t)>& lag) {
        std::vector<Hit> hits;
        const auto once = perfectHits(take);
        for (std::size_t i = 0; i < once.size(); ++i) {
            hits.push_back(once[i]);
            Hit& second = hits.emplace_back(once[i]);
            second.timeS += lag(i);
            second.peakS = second.timeS;
            second.levelDb += 5;
        }
        return matched(take, hits);
    }

    void aDrumThatAlwaysAnswersAfterTheSameTimeIsNoFlam() {
        const KnownTake take = played("singles-sixteenths", 100, 4, machine());
        const MatchedTake m =
            speakingTwice(take, [](std::size_t i) { return 0.0155 + 0.0005 * static_cast<double>(i % 3); });
        QCOMPARE(m.extra.size(), std::size_t{0});
        QCOMPARE(m.missed.size(), std::size_t{0});
        for (const MatchedStroke& s : m.strokes) QVERIFY(std::abs(s.offsetMs) < 1);
    }

    void aPlayerWhoFlamsIsHeard() {
        const KnownTake take = played("singles-sixteenths", 100, 4, machine());
        const MatchedTake m =
            speakingTwice(take, [](std::size_t i) { return 0.014 + 0.0025 * static_cast<double>((i * 5) % 7); });
        QVERIFY2(m.extra.size() * 10 > take.performance.hits.size() * 9, qPrintable(QString::number(m.extra.size())));
    }

    void aWrittenFlamIsNoAnswerOfTheDrum() {
        const KnownTake take = played("flam-taps", 80, 4, machine());
        const MatchedTake m = matched(take, perfectHits(take));
        QCOMPARE(m.missedGrace.size(), std::size_t{0});
        QCOMPARE(m.missed.size(), std::size_t{0});
    }

    void whatIsLeftOfAClickDoesNotTakeTheStrokesPlace() {
        // Every beat is played 12 ms behind a click of which something is left in the recording.
        const KnownTake take = played("singles-sixteenths", 100, 4, machine());
        TakeFrame frame = take.frame();
        frame.clickBleed = true;
        std::vector<Hit> hits;
        for (const Hit& hit : perfectHits(take)) {
            const double beats = (hit.timeS - take.rendered.firstBeatS) / 0.6;
            if (std::abs(beats - std::round(beats)) < 0.01) hits.push_back(heard(hit.timeS, -40, 20, 10));
            hits.push_back(hit);
            hits.back().timeS += 0.012;
            hits.back().peakS = hits.back().timeS;
        }
        const MatchedTake m = matchTake(take.exercise, frame, hits);
        QCOMPARE(m.missed.size() + m.extra.size(), std::size_t{0});
        for (const MatchedStroke& s : m.strokes) QVERIFY(std::abs(s.offsetMs - 12) < 0.01);
        // A stroke exactly on the click is still a stroke.
        QCOMPARE(matchTake(take.exercise, frame, perfectHits(take)).missed.size(), std::size_t{0});
    }

    void aSoundFarBelowEveryStrokeIsNoStroke() {
        const KnownTake take = played("singles-sixteenths", 100, 4, machine());
        auto hits = perfectHits(take);
        hits[5].strength = hits[9].strength = 3;
        hits[9].levelDb -= 45;
        const MatchedTake m = matched(take, hits);
        QCOMPARE(m.missed.size(), std::size_t{1});
        QCOMPARE(m.hits.size(), hits.size() - 1);
    }

    void whatSoundsBeforeAndAfterTheBarsIsLeftOut() {
        const KnownTake take = played("singles-sixteenths", 100, 2, machine());
        auto hits = perfectHits(take);
        hits.insert(hits.begin(), heard(0.2, -20, 50, 40));
        hits.push_back(heard(1.0 + 2 * 2.4 + 0.5, -20, 50, 40));
        const MatchedTake m = matched(take, hits);
        QCOMPARE(m.extra.size(), std::size_t{0});
        QCOMPARE(m.hits.size(), hits.size() - 2);
    }

    void damagedSpansAreNeitherMissedNorExtra() {
        const KnownTake take = played("singles-sixteenths", 100, 2, machine());
        auto hits = perfectHits(take);
        TakeFrame frame = take.frame();
        frame.damaged = {{1.58, 1.92}};
        std::erase_if(hits, [](const Hit& h) { return h.timeS > 1.58 && h.timeS < 1.92; });
        hits.insert(hits.begin(), heard(1.7, -20, 60, 40));
        std::sort(hits.begin(), hits.end(), [](const Hit& a, const Hit& b) { return a.timeS < b.timeS; });
        const MatchedTake m = matchTake(take.exercise, frame, hits);
        QCOMPARE(m.missed.size(), std::size_t{0});
        QCOMPARE(m.extra.size(), std::size_t{0});
    }

    void latencyIsTakenOff() {
        const KnownTake take = played("singles-sixteenths", 100, 2, machine());
        auto hits = perfectHits(take);
        for (Hit& hit : hits) hit.timeS += 0.0123;
        TakeFrame frame = take.frame();
        frame.latencyS = 0.0123;
        for (const MatchedStroke& s : matchTake(take.exercise, frame, hits).strokes)
            QVERIFY(std::abs(s.offsetMs) < 1e-6);
    }

    void anIncompleteLastPassIsNotMissed() {
        Exercise two = named("singles-sixteenths");
        two.bars = 2;
        const auto second = strokesFromLine("RLRLRLRLRLRLRLRL", Voice::Pad, Beats(4), Beats(1, 4));
        two.strokes.insert(two.strokes.end(), second->begin(), second->end());
        const Performance p = perform(two, Bpm(100), 2, machine(), 1);
        auto hits = hitsOf(p, 1.0);
        hits.resize(48);
        const MatchedTake m = matchTake(two, {100, 1.0, 3, 0, false, {}}, hits);
        QCOMPARE(m.passes, 2);
        QCOMPARE(m.missed.size(), std::size_t{0});
        QCOMPARE(m.strokes.size(), std::size_t{48});
    }

    void aLeakingClickIsNotAStroke() {
        const Exercise e = named("swung-ride");
        std::vector<Hit> hits;
        for (int beat = 0; beat < 8; ++beat) hits.push_back(heard(1.0 + beat * 0.5 + 0.002, -40, 40, 30));
        Exercise offbeats = e;
        std::erase_if(offbeats.strokes, [](const Stroke& s) { return wrapped(s.at, Beats(1)) == Beats(0); });
        QVERIFY(matchTake(offbeats, {120, 1.0, 2, 0, false, {}}, hits).extra.size() > 0);
        QCOMPARE(matchTake(offbeats, {120, 1.0, 2, 0, true, {}}, hits).extra.size(), std::size_t{0});
    }

    void aLongTakeOfNoiseDoesNotTakeForever() {
        Random random(1);
        std::vector<Hit> hits;
        for (double t = 1.0; t < 600; t += random.uniform(0.01, 0.08)) hits.push_back(heard(t, -20, 40, 20));
        const MatchedTake m = matchTake(named("singles-sixteenths"), {120, 1.0, 290, 0, false, {}}, hits);
        QVERIFY(m.strokes.size() > 1000);
        QCOMPARE(m.strokes.size() + m.missed.size(), std::size_t{290 * 16});
    }
};

QTEST_APPLESS_MAIN(TestAlign)
#include "tst_align.moc"
