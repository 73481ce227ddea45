#include <QTest>
#include <cmath>

#include "play/play_place.h"
#include "studio/live_take.h"
#include "studio/verdict_tone.h"
#include "takes.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

LiveTake liveOf(const char* id, double tempo = 120, int bars = 4) {
    return {*builtInExercise(id), tempo, bars, 1.0, 0.0};
}

}  // namespace

class TestLive : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void verdictsSoundDifferent() {
        const auto up = verdictTone(Action::Up, 48000);
        const auto back = verdictTone(Action::Back, 48000);
        QVERIFY(up.samples.size() > back.samples.size());
        QVERIFY(up.durationS() < 1.0);
        for (const float v : up.samples) QVERIFY(std::abs(v) <= 0.26F);
        QVERIFY(verdictTone(Action::Again, 48000).samples != back.samples);
    }

    void hitsLandOnTheirStroke() {
        LiveTake live = liveOf("singles-sixteenths");
        Character c = machine();
        c.placementMs = 8;
        live.add(hitsOf(perform(live.exercise(), Bpm(120), 4, c, 1), 1.0));
        for (int pass = 1; pass <= 4; ++pass) {
            QCOMPARE(live.marksOfPass(pass).size(), std::size_t{16});
            for (const FieldMark& mark : live.marksOfPass(pass)) QVERIFY(std::abs(mark.offsetMs - 8) < 1e-6);
        }
    }

    void theFirstImpressionAgreesWithTheMeasuredTake() {
        const Exercise e = *builtInExercise("paradiddle-accents");
        const auto hits = hitsOf(perform(e, Bpm(100), 4, {}, 3), 1.0);
        LiveTake live(e, 100, 4, 1.0, 0.0);
        live.add(hits);
        const TakeAnalysis a = analyzeTake(e, {100, 1.0, 4, 0, false, {}}, hits, {Profile(), ladderOf(e), {}});
        for (const MatchedStroke& s : a.matched.strokes) {
            const auto& marks = live.marksOfPass(s.written.pass);
            const auto mark = std::find_if(marks.begin(), marks.end(),
                                           [&](const FieldMark& m) { return m.stroke == s.written.stroke; });
            QVERIFY(mark != marks.end());
            QVERIFY(std::abs(mark->offsetMs - s.offsetMs) < 1e-6);
        }
    }

    void weakHitsFarFromAnyStrokeAreNotShown() {
        LiveTake live = liveOf("singles-sixteenths", 60);
        live.add({heard(1.0 + 0.125, -30, 8, 5), heard(1.0 + 0.25 + 0.01, -30, 8, 5)});
        QCOMPARE(live.marksOfPass(1).size(), std::size_t{1});
        QCOMPARE(live.marksOfPass(1).front().stroke, 1);
    }

    void theSurerOfTwoHitsStays() {
        LiveTake live = liveOf("singles-sixteenths", 60);
        live.add({heard(1.010, -20, 60, 40), heard(1.023, -22, 20, 10)});
        QCOMPARE(live.marksOfPass(1).size(), std::size_t{1});
        QVERIFY(std::abs(live.marksOfPass(1).front().offsetMs - 10) < 1e-6);
    }

    void theClockCountsBeatsAndPasses() {
        LiveTake live = liveOf("singles-sixteenths");
        live.moveTo(0.5);
        QCOMPARE(live.passNow(), 0);
        QVERIFY(std::abs(live.beatsNow() + 1) < 1e-9);
        QCOMPARE(live.placeInPass(), 0.0);
        live.moveTo(1.0 + 2.0 + 0.5);
        QCOMPARE(live.passNow(), 2);
        QVERIFY(std::abs(live.placeInPass() - 0.25) < 1e-9);
        live.moveTo(100);
        QCOMPARE(live.passNow(), 4);
        QVERIFY(live.placeInPass() < 1.0);
        QCOMPARE(live.passes(), 4);
    }

    void theLastPassIsSaidInWords() {
        LiveTake live = liveOf("singles-sixteenths");
        QVERIFY(live.lastPassInWords().isEmpty());
        Character c = machine();
        c.habits = {{Beats(7, 4), std::nullopt, std::nullopt, std::nullopt, -14, 0, 1}};
        live.add(hitsOf(perform(live.exercise(), Bpm(120), 1, c, 1), 1.0));
        live.moveTo(1.0 + 2.1);
        QCOMPARE(live.lastPassInWords(), QStringLiteral("last pass: the a of 2, 14 ms early"));
        LiveTake gaps = liveOf("singles-sixteenths");
        auto hits = hitsOf(perform(gaps.exercise(), Bpm(120), 1, machine(), 1), 1.0);
        hits.resize(13);
        gaps.add(hits);
        gaps.moveTo(1.0 + 2.1);
        QCOMPARE(gaps.lastPassInWords(), QStringLiteral("last pass: 3 strokes not heard"));
        LiveTake good = liveOf("singles-sixteenths");
        good.add(hitsOf(perform(good.exercise(), Bpm(120), 1, machine(), 1), 1.0));
        good.moveTo(1.0 + 2.1);
        QCOMPARE(good.lastPassInWords(), QStringLiteral("last pass: every stroke within 10 ms"));
    }

    void theBigCountFollowsThePhrase() {
        const Exercise e = *builtInExercise("singles-sixteenths");
        const FieldData page = fieldOf(e);
        QCOMPARE(countAt(page, e.meter, 0.0, 0.1).beat, QStringLiteral("1"));
        QCOMPARE(countAt(page, e.meter, 0.0, 0.1).word, QString());
        const CountNow now = countAt(page, e.meter, 7.2 / 16, 1.8);
        QCOMPARE(now.beat, QStringLiteral("2"));
        QCOMPARE(now.word, QStringLiteral("a"));
    }

    void theCountInCountsUpToTheBar() {
        const Exercise waltz = [] {
            Exercise e = *builtInExercise("singles-sixteenths");
            e.meter = {3, 4};
            return e;
        }();
        const FieldData page = fieldOf(waltz);
        QCOMPARE(countAt(page, waltz.meter, 0, -3.0).beat, QStringLiteral("1"));
        QCOMPARE(countAt(page, waltz.meter, 0, -1.5).beat, QStringLiteral("2"));
        QCOMPARE(countAt(page, waltz.meter, 0, -0.2).beat, QStringLiteral("3"));
        QCOMPARE(countAt(page, waltz.meter, 0, -5.5).beat, QStringLiteral("1"));
    }
};

QTEST_MAIN(TestLive)
#include "tst_live.moc"
