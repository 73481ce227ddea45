// Players who stop, slip or miss a bar: one event each, not a hundred misses.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "takes.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr double kTempo = 100;
constexpr double kBeatS = 60 / kTempo;

/// A bar in which no beat is like another: what a slip can be told by.
Exercise unlikeBeats(int bars) {
    Exercise e = *builtInExercise("singles-sixteenths");
    for (int bar = 1; bar < bars; ++bar)
        for (int i = 0; i < 16; ++i) {
            Stroke stroke = e.strokes[static_cast<std::size_t>(i)];
            stroke.at = stroke.at + e.meter.barLength() * bar;
            e.strokes.push_back(stroke);
        }
    e.bars = bars;
    for (std::size_t i = 0; i < e.strokes.size(); ++i) {
        const std::size_t place = i % 16;
        const bool accent =
            place == 0 || place == 3 || place == 6 || place == 10 || place == 11 || (i / 16 + 13) == place;
        e.strokes[i].level = accent ? Level::Accent : Level::Tap;
    }
    return e;
}

KnownTake takeOf(const Exercise& e, int passes, std::uint64_t seed = 3) {
    Character c;
    c.spreadMs = 5;
    return play(e, kTempo, passes, c, seed);
}

/// Everything from `fromS` on the page comes this many beats later; what was to sound in between is not played.
std::vector<Hit> slipped(const KnownTake& take, double fromBeat, int beats) {
    auto hits = perfectHits(take);
    const double from = take.rendered.firstBeatS + fromBeat * kBeatS - 0.05;
    if (beats < 0)
        std::erase_if(hits, [&](const Hit& h) { return h.timeS >= from && h.timeS < from - beats * kBeatS; });
    for (Hit& hit : hits)
        if (hit.timeS >= from) hit.timeS += beats * kBeatS;
    return hits;
}

}  // namespace

class TestBreaks : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void aSlipIsOneEvent_data() {
        QTest::addColumn<int>("bars");
        QTest::addColumn<double>("fromBeat");
        QTest::addColumn<int>("beats");
        QTest::newRow("a beat late") << 1 << 14.0 << 1;
        QTest::newRow("a beat early") << 1 << 14.0 << -1;
        QTest::newRow("two beats late") << 1 << 13.0 << 2;
        QTest::newRow("a bar late, where bars differ") << 3 << 16.0 << 4;
    }
    void aSlipIsOneEvent() {
        QFETCH(int, bars);
        QFETCH(double, fromBeat);
        QFETCH(int, beats);
        const KnownTake take = takeOf(unlikeBeats(bars), 9 / bars);
        const TakeAnalysis a = analyze(take, slipped(take, fromBeat, beats));
        const MatchedTake& m = a.matched;
        QVERIFY(!m.breaks.empty());
        QCOMPARE(m.breaks.front().beats, beats);
        QVERIFY2(std::abs(m.breaks.front().atS - fromBeat * kBeatS) <= 1.01 * kBeatS,
                 qPrintable(QString::number(m.breaks.front().atS)));
        QVERIFY2(m.missed.size() + m.extra.size() <= 3,
                 qPrintable(QStringLiteral("%1 missed, %2 extra").arg(m.missed.size()).arg(m.extra.size())));
        QVERIFY(std::abs(a.measures.timing.placementMs->value) < 3);
        QVERIFY(a.measures.timing.spreadMs->value < 8);
        QVERIFY(!a.clean());
    }

    void aMissingBarIsOneEvent() {
        const KnownTake take = takeOf(*builtInExercise("singles-sixteenths"), 8);
        auto hits = perfectHits(take);
        const double from = take.rendered.firstBeatS + 8 * kBeatS - 0.05;
        std::erase_if(hits, [&](const Hit& h) { return h.timeS >= from && h.timeS < from + 4 * kBeatS; });
        const MatchedTake m = analyze(take, hits).matched;
        QCOMPARE(m.breaks.size(), std::size_t{1});
        QCOMPARE(m.breaks.front().beats, 0);
        QCOMPARE(m.breaks.front().strokes, 16);
        QCOMPARE(m.missed.size(), std::size_t{0});
    }

    void stoppingAndRestartingWithTheBarIsOneEvent() {
        // Stops in the middle of bar 3, waits, and starts again with bar 3 on the one after next.
        const KnownTake take = takeOf(*builtInExercise("ghosted-backbeat"), 8);
        const double first = take.rendered.firstBeatS;
        std::vector<Hit> hits;
        for (const Hit& hit : perfectHits(take)) {
            const double beat = (hit.timeS - first) / kBeatS;
            if (beat < 10.1) hits.push_back(hit);
        }
        for (Hit hit : perfectHits(take)) {
            const double beat = (hit.timeS - first) / kBeatS;
            if (beat < 7.9) continue;
            hit.timeS += 8 * kBeatS;
            hits.push_back(hit);
        }
        const MatchedTake m = analyze(take, hits).matched;
        QVERIFY(!m.breaks.empty());
        QCOMPARE(m.breaks.size(), std::size_t{1});
        QCOMPARE(m.breaks.front().beats, 0);  // a phrase of one bar: it went on in place
        QVERIFY2(m.missed.size() + m.extra.size() <= 12,
                 qPrintable(QStringLiteral("%1 missed, %2 extra").arg(m.missed.size()).arg(m.extra.size())));
    }

    void whoStaysInPlaceHasNoBreak() {
        std::uint64_t seed = 0;
        for (const Exercise& e : builtInExercises()) {
            Character c;
            c.spreadMs = 4.0 + static_cast<double>(++seed % 7);
            c.missChance = c.extraChance = 0.02;
            const KnownTake take = play(e, e.tempo.goal, 8, c, seed);
            const MatchedTake m = analyze(take, perfectHits(take)).matched;
            QVERIFY2(m.breaks.empty(), qPrintable(QString::fromStdString(e.id)));
        }
    }

    void rushingAwayByHalfAStepIsNotASlip() {
        Character c;
        c.spreadMs = 4;
        c.driftMsPerMin = -120;
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), kTempo, 16, c, 4);
        const MatchedTake m = analyze(take, perfectHits(take)).matched;
        QVERIFY(m.breaks.empty());
        QVERIFY(m.missed.size() + m.extra.size() <= 2);
    }

    void inFreeSpansOnlyAnchorsAreAsked() {
        // Beats 3 and 4 are free, but beat 4 must be met; the player improvises there.
        Exercise e = *builtInExercise("singles-sixteenths");
        const KnownTake written = takeOf(e, 6);
        e.freeSpans = {{Beats(2), Beats(4)}};
        e.strokes[12].anchor = true;
        std::vector<Hit> hits;
        std::size_t number = 0;
        for (Hit hit : perfectHits(written)) {
            const std::size_t place = number++ % 16;
            const bool free = place >= 8 && place != 12;
            if (free && place % 3 == 0) continue;
            if (free) hit.timeS += 0.06;
            hits.push_back(hit);
        }
        const MatchedTake m = matchTake(e, written.frame(), hits);
        QCOMPARE(m.missed.size(), std::size_t{0});
        QCOMPARE(m.extra.size(), std::size_t{0});
        QVERIFY(m.breaks.empty());
        QCOMPARE(m.strokes.size(), std::size_t{6 * 9});
        // Without its anchor the page is worse off.
        std::erase_if(hits, [&](const Hit& h) {
            return std::abs(std::remainder(h.timeS - written.rendered.firstBeatS - 3 * kBeatS, 4 * kBeatS)) < 0.03;
        });
        QCOMPARE(matchTake(e, written.frame(), hits).missed.size(), std::size_t{6});
    }

    void damageIsNotABreak() {
        const KnownTake take = takeOf(*builtInExercise("paradiddle-accents"), 8);
        TakeFrame frame = take.frame();
        auto hits = perfectHits(take);
        const double from = take.rendered.firstBeatS + 8 * kBeatS;
        frame.damaged = {{from, from + 5 * kBeatS}};
        std::erase_if(hits, [&](const Hit& h) { return h.timeS >= from && h.timeS < from + 5 * kBeatS; });
        QVERIFY(matchTake(take.exercise, frame, hits).breaks.empty());
    }
};

QTEST_APPLESS_MAIN(TestBreaks)
#include "tst_breaks.moc"
