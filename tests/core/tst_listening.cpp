// What listens to a take beyond finding hits: the click is taken out, unclear onsets are sharpened.
#include <QTest>
#include <algorithm>
#include <cmath>
#include <limits>

#include "takes.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/music/library.h"
#include "upbeat/player/truth.h"
#include "upbeat/signal/sharpen.h"
#include "upbeat/signal/take_listener.h"
#include "upbeat/take/click_marks.h"
#include "upbeat/units/random.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr double kTempo = 120;

/// Sixteenths exactly on the click, the click in the microphone, one bar of count-in.
KnownTake withBleed(double bleedDb, const Character& character = machine(), int passes = 4) {
    Recording recording;
    recording.kitSeed = 31;
    recording.leadS = 2.0;
    if (bleedDb > -100) {
        recording.bleed = ClickPlan{};
        recording.bleed->tempo = Bpm(kTempo);
        recording.bleedDb = bleedDb;
    }
    return play(*builtInExercise("paradiddle-accents"), kTempo, passes, character, 9, recording);
}

std::vector<ClickMark> marksOf(const KnownTake& take) {
    ClickPlan plan;
    plan.tempo = Bpm(kTempo);
    return clickMarks(plan, take.rendered.firstBeatS, take.rendered.sound.durationS());
}

std::vector<Hit> listen(const KnownTake& take, bool knowsClick) {
    return detectHits(take.rendered.sound.view(), 48000, knowsClick ? marksOf(take) : std::vector<ClickMark>{});
}

/// Noise that swells for three milliseconds before it dies: a snare heard from the back of the room.
std::vector<float> slowStroke(Random& random) {
    std::vector<float> stroke(48 * 120, 0.0F);
    for (std::size_t i = 96; i < stroke.size(); ++i) {
        const double t = static_cast<double>(i - 96) / 48000;
        stroke[i] = static_cast<float>(0.5 * (1 - std::exp(-t / 0.003)) * std::exp(-t / 0.025) * random.normal());
    }
    return stroke;
}

/// Largest difference in ms between the onsets of two analyses of the same performance.
double farthestApartMs(const TakeAnalysis& a, const TakeAnalysis& b) {
    double worst = a.matched.strokes.size() == b.matched.strokes.size() ? 0 : 1e9;
    for (std::size_t i = 0; i < std::min(a.matched.strokes.size(), b.matched.strokes.size()); ++i)
        worst = std::max(worst, std::abs(a.matched.strokes[i].offsetMs - b.matched.strokes[i].offsetMs));
    return worst;
}

}  // namespace

class TestListening : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void theClickNeitherCountsNorHidesNorShifts_data() {
        QTest::addColumn<double>("bleedDb");
        for (const double db : {-50.0, -40.0, -30.0, -20.0, -15.0})
            QTest::newRow(qPrintable(QString::number(db))) << db;
    }
    void theClickNeitherCountsNorHidesNorShifts() {
        QFETCH(double, bleedDb);
        // Every fourth stroke lands exactly on a click.
        const KnownTake take = withBleed(bleedDb);
        const TakeAnalysis a = analyze(take, listen(take, true));
        QCOMPARE(a.matched.missed.size(), std::size_t{0});
        QCOMPARE(a.matched.extra.size(), std::size_t{0});
        const KnownTake dry = withBleed(-120);
        const double apart = farthestApartMs(a, analyze(dry, listen(dry, false)));
        QVERIFY2(apart < 0.5, qPrintable(QString::number(apart)));
    }

    /// Every stroke of the page on a click, played a little before or behind it: what was heard just before a click
    /// must not teach what a click is.
    void strokesAroundEveryClickStayWhereTheyAre_data() {
        QTest::addColumn<double>("bleedDb");
        for (const double db : {-40.0, -30.0, -20.0}) QTest::newRow(qPrintable(QString::number(db))) << db;
    }
    void strokesAroundEveryClickStayWhereTheyAre() {
        QFETCH(double, bleedDb);
        Exercise quarters = *builtInExercise("singles-sixteenths");
        std::erase_if(quarters.strokes, [](const Stroke& s) { return s.at.denominator() != 1; });
        Character character = machine();
        character.spreadMs = 5;
        for (const std::uint64_t seed : {3U, 4U, 5U}) {
            Recording recording;
            recording.leadS = 2.5;
            recording.noiseDb = -75;
            recording.bleed = clickFor(quarters, Bpm(kTempo));
            recording.bleedDb = bleedDb;
            const KnownTake take = play(quarters, kTempo, 24, character, seed, recording);
            const TakeAnalysis heard = analyze(take, listen(take, true));
            QCOMPARE(heard.matched.strokes.size(), take.performance.hits.size());
            for (std::size_t i = 0; i < heard.matched.strokes.size(); ++i) {
                const PlayedHit& played = take.performance.hits[i];
                const double truth = (played.timeS - played.gridS) * 1e3;
                QVERIFY2(std::abs(heard.matched.strokes[i].offsetMs - truth) < 0.5,
                         qPrintable(QStringLiteral("%1 for %2").arg(heard.matched.strokes[i].offsetMs).arg(truth)));
            }
        }
    }

    // Without a count-in the click is not learned apart from the drum: what is louder on the beat is measured.
    void aClickThatIsMeasuredInsteadIsSaid_data() {
        QTest::addColumn<QString>("page");
        QTest::addColumn<double>("bleedDb");
        QTest::addColumn<bool>("instead");
        QTest::newRow("quarters, a loud click") << "quarters" << 0.0 << true;
        QTest::newRow("sixteenths, a loud click") << "sixteenths" << 0.0 << true;
        QTest::newRow("quarters, a soft click") << "quarters" << -50.0 << false;
        QTest::newRow("quarters, no click") << "quarters" << -200.0 << false;
    }
    void aClickThatIsMeasuredInsteadIsSaid() {
        QFETCH(QString, page);
        QFETCH(double, bleedDb);
        QFETCH(bool, instead);
        Exercise exercise = *builtInExercise("singles-sixteenths");
        if (page == "quarters")
            std::erase_if(exercise.strokes, [](const Stroke& s) { return s.at.denominator() != 1; });
        Character character = machine();
        character.spreadMs = 5;
        Recording recording;
        recording.noiseDb = -75;
        if (bleedDb > -100) {
            recording.bleed = clickFor(exercise, Bpm(kTempo));
            recording.bleed->countInBars = 0;
            recording.bleedDb = bleedDb;
        }
        const KnownTake take = play(exercise, kTempo, 12, character, 4, recording);
        TakeFrame frame = take.frame();
        frame.clickBleed = true;
        const TakeAnalysis heard = analyzeTake(take.exercise, frame, listen(take, false), {});
        QCOMPARE(heard.matched.clickInstead, instead);
        QCOMPARE(std::holds_alternative<ClickWasMeasured>(heard.verdict.reason), instead);
        // Strokes that are as even everywhere are a machine's, not the click.
        const KnownTake even = play(*builtInExercise("singles-sixteenths"), kTempo, 12, machine());
        QVERIFY(!analyze(even, perfectHits(even)).matched.clickInstead);
    }

    void aClickOnItsOwnIsNoHit() {
        KnownTake take = withBleed(-20);
        Performance nothing;
        Recording recording;
        recording.leadS = 2.0;
        recording.bleed = ClickPlan{};
        recording.bleed->tempo = Bpm(kTempo);
        recording.bleedDb = -20;
        take.rendered = render(nothing, 60, recording);
        const auto after = [](std::vector<Hit> hits) {
            std::erase_if(hits, [](const Hit& h) { return h.timeS < 1.95 || h.strength < kFirmStrength; });
            return hits;
        };
        QVERIFY(after(listen(take, false)).size() > 100);
        QCOMPARE(after(listen(take, true)).size(), std::size_t{0});
    }

    // A mark on the very first sample of a noisy recording, where no click is: what was learned was half noise.
    void noiseAtTheStartIsNotLearnedAsAClick() {
        KnownTake take = withBleed(-20);
        Recording recording;
        recording.leadS = 2.5;
        recording.noiseDb = -60;
        recording.bleed = ClickPlan{};
        recording.bleed->tempo = Bpm(kTempo);
        recording.bleedDb = -20;
        take.rendered = render({}, 20, recording);
        auto hits = listen(take, true);
        std::erase_if(hits, [](const Hit& h) { return h.timeS < 2.45 || h.strength < kFirmStrength; });
        QCOMPARE(hits.size(), std::size_t{0});
    }

    void strokesInTheCountInAreNotTakenForTheClick() {
        // A player who plays along with the count-in: nothing alike enough to be a click, nothing taken off.
        const KnownTake take = withBleed(-120);
        std::vector<ClickMark> marks = marksOf(take);
        for (ClickMark& mark : marks) mark.quiet = mark.timeS < 6;
        TakeListener listener(48000, marks);
        listener.push(take.rendered.sound.view());
        QVERIFY(!listener.hearsClick());
    }

    // Who goes on for a beat or two when the click of the end should be heard alone does not make it forgotten.
    void whoPlaysOnBehindTheEndUnteachesNothing() {
        const KnownTake take = withBleed(-30);
        std::vector<ClickMark> marks = marksOf(take);
        const double endS = take.rendered.sound.durationS() - 3;  // strokes everywhere
        for (ClickMark& mark : marks) mark.quiet = mark.quiet || mark.timeS > endS;
        TakeListener listener(48000, marks);
        listener.push(take.rendered.sound.view());
        QVERIFY(listener.hearsClick());
    }

    void withoutMarksNothingChanges() {
        std::vector<float> sound{0.5F, -0.25F, std::numeric_limits<float>::quiet_NaN(), 0.125F};
        const auto before = sound;
        ClickCanceller canceller({}, 48000);
        canceller.process(sound);
        QCOMPARE(sound[0], before[0]);
        QCOMPARE(sound[3], before[3]);
        QVERIFY(!canceller.hearsClick());
    }

    void hostileMarksAndSamplesDoNotBreakIt() {
        std::vector<ClickMark> marks{{-1, 0, true}, {0.1, -3, true}, {0.1, 0, true}, {0.1, 0, true}, {0.1001, 2, true}};
        ClickCanceller canceller(marks, 48000);
        std::vector<float> sound(48000, std::numeric_limits<float>::infinity());
        canceller.process(sound);
        QVERIFY(!canceller.hearsClick());
    }

    void marksGoBackThroughTheCountIn() {
        ClickPlan plan;
        plan.tempo = Bpm(120);
        const auto marks = clickMarks(plan, 2.0, 4.0);
        QCOMPARE(marks.size(), std::size_t{8});
        QVERIFY(std::abs(marks.front().timeS) < 1e-9);
        QVERIFY(marks[3].quiet && !marks[4].quiet);
        QCOMPARE(marks[0].kind, marks[4].kind);
        QVERIFY(marks[0].kind != marks[1].kind);
        QVERIFY(clickMarks(plan, 0.0, 1.9).front().timeS >= 0);
    }

    // ---- sharpening

    void unclearOnsetsComeOutOfTheTakesOwnStrokes() {
        // A drum that speaks slowly, some strokes clear, most of them not far above a noisy room.
        Random random(5);
        const std::vector<float> stroke = slowStroke(random);
        const double onset = trueOnset(stroke, 48000);
        std::vector<float> sound(48000 * 20);
        for (float& v : sound) v = static_cast<float>(0.004 * random.normal());
        std::vector<double> truth;
        for (int i = 0; i < 60; ++i) {
            const auto at = static_cast<std::size_t>(48000 * (0.5 + 0.3 * i) + 37 * i);
            const float gain = i % 6 == 0 ? 1.0F : 0.06F;
            for (std::size_t k = 0; k < stroke.size(); ++k) sound[at + k] += gain * stroke[k];
            if (i % 6 != 0) truth.push_back((static_cast<double>(at) + onset) / 48000);
        }
        const auto raw = detectHits(sound, 48000);
        auto sharp = raw;
        sharpenOnsets(sharp);
        const auto errorMs = [&](const std::vector<Hit>& hits) {
            std::vector<double> errors;
            for (const double t : truth)
                for (const Hit& hit : hits)
                    if (std::abs(hit.timeS - t) < 0.008) errors.push_back(std::abs(hit.timeS - t) * 1e3);
            return errors.size() >= 45 ? median(errors) : 1e9;
        };
        QVERIFY2(errorMs(sharp) < 0.5 * errorMs(raw) && errorMs(sharp) < 0.5,
                 qPrintable(QStringLiteral("%1 ms from %2 ms").arg(errorMs(sharp)).arg(errorMs(raw))));
    }

    void clearOnsetsAndHitsFromFilesAreLeftAlone() {
        const KnownTake take = withBleed(-120);
        auto hits = detectHits(take.rendered.sound.view(), 48000);
        const auto before = hits;
        std::erase_if(hits, [](const Hit& h) { return h.contrastDb < kOwnOnsetDb; });
        auto clear = hits;
        sharpenOnsets(clear);
        QCOMPARE(clear, hits);
        auto stored = withoutPatches(before);
        const auto asStored = stored;
        sharpenOnsets(stored);
        QCOMPARE(stored, asStored);
    }

    void sharpeningDoesNotPullOntoTheGrid() {
        // The same take played 7 ms late comes out 7 ms later.
        Recording recording;
        recording.kitSeed = 8;
        recording.rt60S = 0.6;
        recording.roomGain = 0.4;
        Character late = machine();
        late.placementMs = 7;
        const Exercise e = *builtInExercise("paradiddle-accents");
        const KnownTake onTime = play(e, 150, 8, machine(), 4, recording);
        const KnownTake behind = play(e, 150, 8, late, 4, recording);
        const auto a = analyze(onTime, detectHits(onTime.rendered.sound.view(), 48000));
        const auto b = analyze(behind, detectHits(behind.rendered.sound.view(), 48000));
        QVERIFY(std::abs(b.measures.timing.placementMs->value - a.measures.timing.placementMs->value - 7) < 0.2);
    }
};

QTEST_APPLESS_MAIN(TestListening)
#include "tst_listening.moc"
