#include <QTest>
#include <cmath>

#include "takes.h"
#include "upbeat/measure/swing.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/click_plan.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"
#include "upbeat/music/page.h"
#include "upbeat/music/tempo_map.h"
#include "upbeat/music/tempo_words.h"
#include "upbeat/music/transform.h"
#include "upbeat/take/click_marks.h"

using namespace upbeat;

namespace {

/// Eight bars of quarters at 60: half as fast from bar 3 on, back to the first tempo over bars 5 and 6, bar 7 held by
/// two beats.
Exercise page() {
    Exercise e;
    e.id = e.title = "moving";
    e.bars = 8;
    for (int beat = 0; beat < 32; ++beat)
        e.strokes.push_back({Beats(beat), Voice::Snare, beat % 2 == 0 ? Limb::RightHand : Limb::LeftHand});
    e.tempoChanges = {{3, 50}, {5, 100, 6}};
    e.heldBars = {{7, 2}};
    return e;
}

double startOf(const Exercise& e, int bar) {
    return barStartS(e, Bpm(60), bar - 1);
}

bool isNear(double a, double b) {
    return std::abs(a - b) < 1e-9;
}

}  // namespace

class TestTempoChanges : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void barsLastAsLongAsTheirTempoLets() {
        const Exercise e = page();
        QVERIFY(check(e));
        QCOMPARE(startOf(e, 3), 8.0);
        QCOMPARE(startOf(e, 4), 16.0);
        QCOMPARE(startOf(e, 5), 24.0);
        // Quarters shrink evenly from 2 s to 1 s over eight of them: twelve seconds.
        QVERIFY(isNear(startOf(e, 7), 36.0));
        QVERIFY(isNear(startOf(e, 8), 36.0 + 4 + 2));
        QVERIFY(isNear(passDurationS(e, Bpm(60)), 46.0));
        QVERIFY(isNear(passDurationS(e, Bpm(120)), 23.0));
        QVERIFY(isNear(startOf(e, 6) - startOf(e, 5), 4 * 1.75));
    }

    void placesAndTimesAreEachOthersReverse() {
        const Exercise e = page();
        const TempoMap map(e);
        for (double at = -2; at < 40; at += 0.37)
            QVERIFY2(std::abs(map.writtenAt(map.evenAt(at)) - at) < 1e-9, qPrintable(QString::number(at)));
        // Held time belongs to the end of its bar.
        const Bar held = barOf(e, 7);
        const double end = secondsAt(e, Bpm(60), held.end().toDouble());
        QVERIFY(isNear(quartersAt(e, Bpm(60), end - 1), held.end().toDouble()));
        for (const double seconds : {0.5, 9.0, 30.0, 41.0, 45.0, 50.0, 100.0}) {
            const double bars = barsBefore(e, Bpm(60), seconds);
            QVERIFY(seconds >= barStartS(e, Bpm(60), static_cast<int>(bars)) - 1e-9);
            QVERIFY(seconds < barStartS(e, Bpm(60), static_cast<int>(bars) + 1) + 1e-9);
        }
    }

    /// The click is computed bar by bar, the page by its map: both fall on the beats.
    void theClickGoesWithThePage() {
        const Exercise e = page();
        const Bpm tempo(84);
        ClickPlan plan = clickFor(e, tempo);
        plan.subdivision = 2;
        QVERIFY(check(plan));
        const double first = plan.firstBeat().value();
        const auto written = writeOut(e, tempo, 3);
        const auto clicks = clicksBetween(plan, first - 1e-6, first + 3 * passDurationS(e, tempo) - 1e-6);
        QCOMPARE(clicks.size(), 2 * written.size());
        for (std::size_t i = 0; i < written.size(); ++i)
            QVERIFY2(std::abs(clicks[2 * i].timeS - first - written[i].gridS) < 1e-9, qPrintable(QString::number(i)));
    }

    void aPartKeepsTheTempoOfItsBars() {
        const Exercise e = page();
        const Exercise part = barsOf(e, 4, 7);
        QVERIFY(check(part));
        QVERIFY(isNear(passDurationS(part, Bpm(60)), startOf(e, 8) - startOf(e, 4)));
        for (int bar = 1; bar <= 4; ++bar) QVERIFY(isNear(startOf(part, bar), startOf(e, bar + 3) - startOf(e, 4)));
        const Exercise form = *formOf(e, std::vector<FormPart>{{e, 1}, {*builtInExercise("singles-sixteenths"), 1}});
        QVERIFY(isNear(startOf(form, 9), passDurationS(e, Bpm(60))));
        QCOMPARE(startOf(form, 10) - startOf(form, 9), 4.0);
        QVERIFY(isNear(shareOfTempo(e, 3, 4), 0.5));
        QVERIFY(isNear(shareOfTempo(e, 5, 6), 8.0 / 12));
        QVERIFY(isNear(shareOfTempo(e, 7, 8), 1));
    }

    void textSaysThem() {
        const Exercise e = page();
        const std::string text = toText(e);
        QVERIFY(text.find("tempo: 50 % from bar 3\ntempo: 100 % over bars 5 to 6\nheld: bar 7 by 2\n") !=
                std::string::npos);
        QCOMPARE(exerciseFromText(text)->tempoChanges, e.tempoChanges);
        QCOMPARE(exerciseFromText(text)->heldBars, e.heldBars);
    }

    void whatMakesNoSenseIsASentence_data() {
        QTest::addColumn<QString>("line");
        for (const char* line :
             {"tempo: 80 % from bar 99", "tempo: 80 % from bar 0", "tempo: 5 % from bar 2", "tempo: 800 % from bar 2",
              "tempo: nan % from bar 2", "tempo: 80 % over bars 3 to 2", "tempo: 80 % over bars 3 to 9", "tempo: 80 %",
              "tempo: 80 % at bar 2", "held: bar 9 by 1", "held: bar 2 by 0", "held: bar 2 by 99", "held: 2",
              "tempo: 80 % over bars 2 to 4\ntempo: 70 % from bar 3", "tempo: 80 % from bar 2\ntempo: 70 % from bar 2",
              "held: bar 2 by 1\nheld: bar 2 by 1"})
            QTest::newRow(line) << QString::fromUtf8(line);
    }
    void whatMakesNoSenseIsASentence() {
        QFETCH(QString, line);
        const auto read = exerciseFromText("meter: 4/4\nbars: 4\n" + line.toStdString() + "\nsnare | R L R L |\n");
        QVERIFY(!read);
        QVERIFY(!read.error().fix.isEmpty());
    }

    void wordsAtTheBarOfThePenChangeThePage() {
        Exercise e = page();
        const auto say = [&e](int bar, const char* words) {
            const auto changed = withTempoWords(e, bar, words);
            if (changed && *changed) e = **changed;
            return changed.has_value();
        };
        QVERIFY(say(3, "70%"));
        QCOMPARE(e.tempoChanges, (std::vector<TempoChange>{{3, 70}, {5, 100, 6}}));
        QVERIFY(say(4, "90 % over 3 bars"));
        QCOMPARE(e.tempoChanges, (std::vector<TempoChange>{{3, 70}, {4, 90, 6}}));
        QCOMPARE(tempoMarkOf(e, 4), std::string("to 90 %"));
        QVERIFY(say(3, "100 %"));
        QCOMPARE(e.tempoChanges, (std::vector<TempoChange>{{4, 90, 6}}));
        QVERIFY(say(7, "held 0") && e.heldBars.empty());
        QVERIFY(say(2, "held 1.5"));
        QCOMPARE(tempoMarkOf(e, 2), std::string("held 1.5"));
        const Exercise before = e;
        for (const char* wrong : {"5 %", "80 % over 9 bars", "held 99"}) QVERIFY(say(3, wrong) && e == before);
        for (const char* other : {"", "7", "5+3", "mf", "held", "80 % of it", "snare 8 ms behind"})
            QVERIFY2(!say(3, other), other);
    }

    /// Neither a held bar nor a change of tempo makes a swing of another ratio.
    void theSwingIsMeasuredInBeats() {
        Exercise e = *builtInExercise("swung-ride");
        e = *formOf(e, std::vector<FormPart>{{e, 4 / e.bars + 1}});
        Character even;
        even.spreadMs = even.wanderMs = 0;
        const auto ratioOf = [&even](const Exercise& page) {
            const auto take = test::play(page, 120, 2, even, 3);
            const auto matched = matchTake(page, take.frame(), {test::perfectHits(take), {}});
            return measureSwing(matched)->ratio->value;
        };
        const double plain = ratioOf(e);
        e.tempoChanges = {{2, 70, 3}};
        e.heldBars = {{1, 3}};
        QVERIFY(check(e));
        QVERIFY2(std::abs(ratioOf(e) - plain) < 0.01, qPrintable(QString::number(ratioOf(e) - plain)));
    }

    /// Where a click leaks in, what stands on one and nobody wrote is the click's, in bars of seven eighths and in the
    /// second pass as well; between them it is a stroke too many.
    void whatStandsOnAClickIsTheClicks() {
        Exercise e = page();
        e.meterChanges = {{4, {7, 8}}, {6, {4, 4}}};
        e.strokes.clear();
        for (int bar = 1; bar <= e.bars; ++bar)
            e.strokes.push_back({barOf(e, bar).start, Voice::Snare, Limb::RightHand});
        QVERIFY(check(e));
        const auto take = test::play(e, 100, 2, test::machine(), 1);
        TakeFrame frame = take.frame();
        frame.clickBleed = true;
        const auto extraBeside = [&](double quarters) {
            const double passS = passDurationS(e, Bpm(100));
            const double timeS = frame.firstBeatS + passS + secondsAt(e, Bpm(100), quarters) + 0.002;
            auto hits = test::perfectHits(take);
            hits.push_back(test::heard(timeS, -20, 40, 30));
            std::sort(hits.begin(), hits.end(), [](const Hit& a, const Hit& b) { return a.timeS < b.timeS; });
            return matchTake(e, frame, {hits, {}}).extra.size();
        };
        for (const CountedBeat& beat : beatsOf(e)) {
            const double at = beat.start.toDouble();
            if (beat.number > 1) QVERIFY2(extraBeside(at) == 0, qPrintable(QString::number(at)));
            QVERIFY2(extraBeside(at + beat.length.toDouble() / 2) == 1, qPrintable(QString::number(at)));
        }
    }

    /// Rendered and measured: nothing is lost and the player's place is found, whatever the tempo does.
    void takesAreMeasuredThroughThem_data() {
        QTest::addColumn<bool>("leaks");
        QTest::newRow("a quiet room") << false;
        QTest::newRow("the click leaks in") << true;
    }
    void takesAreMeasuredThroughThem() {
        QFETCH(bool, leaks);
        Exercise e = page();
        e.tempoChanges = {{3, 80}, {5, 100, 6}};
        Character character;
        character.spreadMs = 4;
        character.placementMs = 6;
        Recording recording;
        recording.leadS = 3;  // a bar counts in
        if (leaks) recording.bleed = clickFor(e, Bpm(100)), recording.bleedDb = -20;
        const auto take = test::play(e, 100, 2, character, 5, recording);
        const auto& sound = take.rendered.sound;
        TakeFrame frame = take.frame();
        frame.clickBleed = leaks;
        const auto marks =
            leaks ? clickMarks(*recording.bleed, frame.firstBeatS, sound.durationS()) : std::vector<ClickMark>();
        const HeardTake heard = listenTo(sound.view(), sound.sampleRate, marks);
        const auto analysis = analyzeTake(e, frame, heard, {Profile(), ladderOf(e), {}});
        QCOMPARE(analysis.matched.missed.size(), std::size_t{0});
        QCOMPARE(analysis.matched.extra.size(), std::size_t{0});
        QCOMPARE(analysis.matched.strokes.size(), std::size_t{64});
        QVERIFY(std::abs(analysis.measures.timing.centreMs - 6) < 1.5);
        QVERIFY(analysis.measures.timing.spreadMs->value < 6);
    }
};

QTEST_APPLESS_MAIN(TestTempoChanges)
#include "tst_tempo_changes.moc"
