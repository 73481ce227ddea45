#include <QTest>
#include <set>

#include "upbeat/music/click_plan.h"
#include "upbeat/music/click_sound.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/library.h"
#include "upbeat/music/line.h"
#include "upbeat/music/page.h"

using namespace upbeat;

namespace {

Exercise oneBar(std::string_view line, const Beats& step, Meter meter = {4, 4}) {
    Exercise e;
    e.id = e.title = "test";
    e.meter = meter;
    e.strokes = *strokesFromLine(line, Voice::Pad, Beats(0), step);
    return e;
}

QString wordsOf(const Exercise& e) {
    QStringList words;
    for (const CountColumn& column : countColumns(e))
        words << QString::fromStdString(column.word.empty() ? "-" : column.word);
    return words.join(QLatin1Char(' '));
}

}  // namespace

class TestMusic : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void everyBuiltInExerciseCanBePlayed() {
        std::set<std::string> ids;
        for (const Exercise& e : builtInExercises()) {
            const auto ok = check(e);
            QVERIFY2(ok.has_value(), ok ? "" : ok.error().sentence().c_str());
            QVERIFY(ids.insert(e.id).second);
            QVERIFY(!e.trains.empty());
        }
        QVERIFY(ids.size() >= 80);
        QVERIFY(builtInExercise("flam-taps").has_value());
        QVERIFY(!builtInExercise("nothing").has_value());
    }

    void metersCountTheirBeats() {
        QCOMPARE(Meter({4, 4}).beatsPerBar(), 4);
        QCOMPARE(Meter({6, 8}).beatsPerBar(), 2);
        QCOMPARE(Meter({7, 8}).beatsPerBar(), 7);
        QCOMPARE(Meter({2, 2}).beatsPerBar(), 2);
        QCOMPARE(Meter({12, 8}).barLength(), Beats(6));
        QVERIFY(!isSupported({4, 3}));
        QVERIFY(!isSupported({0, 4}));
    }

    void theCountFollowsWhatIsWritten() {
        QCOMPARE(wordsOf(oneBar("RLRLRLRL", Beats(1, 2))), QStringLiteral("1 & 2 & 3 & 4 &"));
        QCOMPARE(wordsOf(oneBar("RLRL R...", Beats(1, 4), {2, 4})), QStringLiteral("1 e & a 2"));
        QCOMPARE(wordsOf(oneBar("RLR", Beats(1, 3), {1, 4})), QStringLiteral("1 trip let"));
        QCOMPARE(wordsOf(oneBar("RLRLR", Beats(1, 5), {1, 4})), QStringLiteral("1 ni ver si ty"));
    }

    void theCountGoesOnThroughRests() {
        QCOMPARE(wordsOf(oneBar("RLRL .... R...", Beats(1, 4), {3, 4})), QStringLiteral("1 e & a 2 e & a 3"));
    }

    void aBeatThatMixesDivisionsShowsItsStrokes() {
        Exercise e = oneBar("R", Beats(1), {1, 4});
        e.strokes.push_back({Beats(1, 3), Voice::Pad, Limb::LeftHand, Level::Tap, Ornament::None});
        e.strokes.push_back({Beats(1, 4), Voice::Snare, Limb::LeftHand, Level::Tap, Ornament::None});
        QCOMPARE(wordsOf(inOrder(e)), QStringLiteral("1 - -"));
    }

    void clashesAreNamed() {
        Exercise e = oneBar("RLRL", Beats(1));
        e.strokes.push_back({Beats(2), Voice::Ride, Limb::RightHand, Level::Tap, Ornament::None});
        const auto clash = check(inOrder(e));
        QVERIFY(!clash);
        QCOMPARE(
            QString::fromStdString(clash.error().sentence()),
            QStringLiteral(
                "bar 1, beat 3: two strokes of the right hand fall together; give one to another limb or move it."));
    }

    void badExercisesAreRefused_data() {
        QTest::addColumn<int>("what");
        for (int i = 0; i < 9; ++i) QTest::addRow("%d", i) << i;
    }
    void badExercisesAreRefused() {
        QFETCH(int, what);
        Exercise e = oneBar("RLRL", Beats(1));
        QVERIFY(check(e).has_value());
        switch (what) {
            case 0:
                e.tempo.start = -3;
                break;
            case 1:
                e.tempo.goal = 50;
                e.tempo.start = 60;
                break;
            case 2:
                e.tempo.step = 0;
                break;
            case 3:
                e.meter = {4, 5};
                break;
            case 4:
                e.bars = kMostBars + 1;
                break;
            case 5:
                e.strokes.clear();
                break;
            case 6:
                e.strokes.back().at = Beats(4);
                break;
            case 7:
                e.feel = {SwingLevel::Eighth, 9.0};
                break;
            case 8:
                e.id.clear();
                break;
        }
        QVERIFY(!check(e).has_value());
    }

    void swingMovesOnlyTheOffBeats() {
        const Feel feel{SwingLevel::Eighth, 2.0};
        QCOMPARE(swungPosition(Beats(3), feel), 3.0);
        QCOMPARE(swungPosition(Beats(7, 2), feel), 3.0 + 2.0 / 3.0);
        QCOMPARE(swungPosition(Beats(10, 3), feel), 10.0 / 3.0);
        QCOMPARE(swungPosition(Beats(1, 4), {SwingLevel::Sixteenth, 3.0}), 0.375);
        QCOMPARE(swungPosition(Beats(1, 2), {SwingLevel::None, 3.0}), 0.5);
        QCOMPARE(offbeatPercent(3.0), 75.0);
    }

    /// N2: several ways of counting, and the player's own words.
    void wordsAreChosen() {
        Exercise e = oneBar("RLRL RLRL RLRL RLRL", Beats(1, 4));
        e.counting = Counting::Numbers;
        QCOMPARE(wordsOf(e), QStringLiteral("1 2 3 4 2 2 3 4 3 2 3 4 4 2 3 4"));
        e.words[4] = {"", "ta", "ti", "ta"};
        QCOMPARE(wordsOf(e), QStringLiteral("1 ta ti ta 2 ta ti ta 3 ta ti ta 4 ta ti ta"));
        Exercise fives = *builtInExercise("fives-singles");
        fives.words[5] = *wordsFromText("hip-po-pot-a-mus");
        QVERIFY(wordsOf(fives).startsWith(QStringLiteral("hip po pot a mus hip")));
        QVERIFY(check(fives).has_value());
        fives.words[5].pop_back();
        QVERIFY(!check(fives).has_value());
        QVERIFY(!wordsFromText("one").has_value() && !wordsFromText("").has_value());
    }

    void clicksAreComputedNotAccumulated() {
        ClickPlan plan;
        plan.tempo = Bpm(137);
        const double beat = 60.0 / 137;
        QVERIFY(std::abs(clickAt(plan, 1'000'000).timeS - 1'000'000 * beat) < 1e-6);
        QCOMPARE(clickAt(plan, 0).kind, ClickKind::Bar);
        QCOMPARE(clickAt(plan, 3).kind, ClickKind::Beat);
        QCOMPARE(clickAt(plan, 4).kind, ClickKind::Bar);
    }

    void clicksOfAStretchMeetWithoutGapOrOverlap() {
        ClickPlan plan;
        plan.subdivision = 3;
        plan.meter = {3, 4};
        std::vector<std::int64_t> seen;
        for (double t = 0; t < 10; t += 0.37)
            for (const Click& click : clicksBetween(plan, t, t + 0.37)) seen.push_back(click.index);
        for (std::size_t i = 0; i < seen.size(); ++i) QCOMPARE(seen[i], static_cast<std::int64_t>(i));
        QVERIFY(seen.size() > 30);
    }

    void aSilentClickIsHeardInTheCountInOnly() {
        ClickPlan plan;
        plan.audibleAfterCountIn = false;
        QCOMPARE(clicksBetween(plan, 0, 60).size(), std::size_t{4});
    }

    /// N20: what of the take sounds; the count-in is always whole.
    void theClickThinsOutInTheTake_data() {
        QTest::addColumn<ClickPlan>("plan");
        QTest::addColumn<QList<double>>("beats");  // of two bars in the take, from beat one of bar one
        const auto row = [](const char* name, auto change, const QList<double>& beats) {
            ClickPlan plan;
            plan.tempo = Bpm(60);
            change(plan);
            QTest::newRow(name) << plan << beats;
        };
        row("two and four", [](ClickPlan& p) { p.beats = 0b1010; }, {1, 3, 5, 7});
        row("one only", [](ClickPlan& p) { p.beats = 1; }, {0, 4});
        row("off-beats", [](ClickPlan& p) { p.offBeats = true; }, {0.5, 1.5, 2.5, 3.5, 4.5, 5.5, 6.5, 7.5});
        row("every other bar", [](ClickPlan& p) { p.silent.off = 1; }, {0, 1, 2, 3});
        row("swung", [](ClickPlan& p) { p.subdivision = 2, p.swing = 2, p.beats = 1; }, {0, 2.0 / 3, 4, 4 + 2.0 / 3});
        row("silent", [](ClickPlan& p) { p.audibleAfterCountIn = false; }, {});
    }
    void theClickThinsOutInTheTake() {
        QFETCH(ClickPlan, plan);
        QFETCH(QList<double>, beats);
        const auto clicks = clicksBetween(plan, 4, 12 - 1e-9);
        QCOMPARE(clicks.size(), static_cast<std::size_t>(beats.size()));
        for (std::size_t i = 0; i < clicks.size(); ++i)
            QVERIFY(std::abs(clicks[i].timeS - 4 - beats.at(static_cast<qsizetype>(i))) < 1e-9);
        QCOMPARE(clicksBetween(plan, 0, 4 - 1e-9).size(), static_cast<std::size_t>(4 * plan.subdivision));
    }

    void tapsMakeATempo() {
        QVERIFY(!tempoOfTaps({0, 0.5}).has_value());
        QCOMPARE(*tempoOfTaps({0, 0.5, 1.0}), 120.0);
        QCOMPARE(*tempoOfTaps({0, 0.49, 1.0, 1.52, 2.0}), 120.0);
        QCOMPARE(*tempoOfTaps({0, 0.5, 1.0, 10, 10.6, 11.2, 11.8}), 100.0);  // what came before the pause is forgotten
        QCOMPARE(*tempoOfTaps({0, 0.05, 0.1}), kFastestTempo);
        QVERIFY(!tempoOfTaps({3, 2, 1}).has_value());
    }

    void badClicksAreRefused() {
        ClickPlan plan;
        QVERIFY(check(plan).has_value());
        plan.tempo = Bpm(-1);
        QVERIFY(!check(plan));
        plan = {};
        plan.countInBars = 5;
        QVERIFY(!check(plan));
        plan = {};
        plan.subdivision = 0;
        QVERIFY(!check(plan));
    }

    void clickTonesDiffer() {
        for (int a = 0; a < kClickTones; ++a)
            for (int b = 0; b < a; ++b)
                QVERIFY(clickSound(ClickKind::Beat, 48000, static_cast<ClickTone>(a)) !=
                        clickSound(ClickKind::Beat, 48000, static_cast<ClickTone>(b)));
        for (int tone = 0; tone < kClickTones; ++tone)
            for (const float v : clickSound(ClickKind::Bar, 48000, static_cast<ClickTone>(tone)))
                QVERIFY(std::abs(v) <= 1.0F);
    }

    void theClickSoundStartsAndEndsInSilence() {
        for (const int rate : {44100, 48000, 96000}) {
            const auto wave = clickSound(ClickKind::Bar, rate);
            QCOMPARE(wave.size(), static_cast<std::size_t>(0.030 * rate));
            QVERIFY(std::abs(wave.front()) < 1e-6F);
            QVERIFY(std::abs(wave.back()) < 0.01F);
            QVERIFY(*std::max_element(wave.begin(), wave.end()) > 0.4F);
        }
    }

    void thePageUnrollsWithSwingAndGraceNotes() {
        const Exercise flams = *builtInExercise("flam-taps");
        const auto page = writeOut(flams, Bpm(100), 2);
        QCOMPARE(page.size(), std::size_t{2 * (8 + 4)});
        QCOMPARE(page.front().role, Role::Grace);
        QVERIFY(std::abs(page.front().gridS + kTypicalGraceS) < 1e-9);
        QCOMPARE(page[1].gridS, 0.0);
        QCOMPARE(page.back().pass, 2);
        QVERIFY(std::abs(page[1].stepS - 0.3) < 1e-9);
        const auto ride = writeOut(*builtInExercise("swung-ride"), Bpm(120), 1);
        QVERIFY(std::abs(ride[3].gridS - 0.5 * (1 + 2.0 / 3.0)) < 1e-9);
    }

    void tempoCountsTheMetersBeats() {
        QVERIFY(std::abs(quarterS({6, 8}, Bpm(60)) - 2.0 / 3.0) < 1e-12);
        QVERIFY(std::abs(barDurationS(oneBar("R...", Beats(1), {2, 2}), Bpm(60)) - 2.0) < 1e-12);
        QVERIFY(std::abs(barDurationS(oneBar("R...", Beats(1, 2), {7, 8}), Bpm(210)) - 2.0) < 1e-12);
    }

    void theShortestStepLooksAroundTheLoop() {
        QCOMPARE(shortestStep(oneBar("R.......R......R", Beats(1, 4))), Beats(1, 4));
        QCOMPARE(shortestStep(oneBar("R", Beats(1))), Beats(4));
    }

    void aLineNamesItsBadLetter() {
        const auto bad = strokesFromLine("RLxR", Voice::Pad, Beats(0), Beats(1));
        QVERIFY(!bad);
        QCOMPARE(QString::fromStdString(bad.error().where), QStringLiteral("column 3"));
        const auto good = strokesFromLine("f>R (L) . dL", Voice::Snare, Beats(0), Beats(1, 2));
        QCOMPARE(good->size(), std::size_t{3});
        QCOMPARE(good->at(0).ornament, Ornament::Flam);
        QCOMPARE(good->at(1).level, Level::Ghost);
        QCOMPARE(good->at(2).at, Beats(3, 2));
    }

    void namesAreReadBack() {
        for (int v = 0; v < kVoiceCount; ++v)
            QCOMPARE(voiceFromName(toName(static_cast<Voice>(v))), static_cast<Voice>(v));
        QVERIFY(!voiceFromName("cowbell"));
        QCOMPARE(limbFromName("left_foot"), Limb::LeftFoot);
        QCOMPARE(levelFromName("ghost"), Level::Ghost);
        QCOMPARE(ornamentFromName("drag"), Ornament::Drag);
    }
};

QTEST_APPLESS_MAIN(TestMusic)
#include "tst_music.moc"
