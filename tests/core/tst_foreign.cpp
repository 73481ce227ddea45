// A player who counts aloud, and other sounds that are no strokes: they count for nothing, and strokes stay strokes.
#include <QTest>

#include "room_sounds.h"
#include "takes.h"
#include "upbeat/align/foreign_sounds.h"
#include "upbeat/align/refused_strokes.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr double kTempo = 100;

/// The take with something else in the room, on and beside its beats.
KnownTake with(bench::RoomSound what, KnownTake take, double levelDb, std::uint64_t seed) {
    bench::addRoomSound(take.rendered.sound, what, levelDb, 60 / take.tempoBpm, take.frame().firstBeatS, seed);
    return take;
}

KnownTake played(const char* exercise, std::uint64_t seed, const Character& character = goodPlayer()) {
    Recording recording;
    recording.kitSeed = seed;
    recording.noiseDb = -85;
    const Exercise page = *builtInExercise(exercise);
    return play(page, kTempo, 8 / page.bars, character, seed, recording);
}

bool isPlayedAt(const KnownTake& take, double atS) {
    const auto& played = take.rendered.hits;
    return std::any_of(played.begin(), played.end(),
                       [atS](const TrueHit& hit) { return std::abs(hit.timeS - atS) < 0.008; });
}

HeardTake heardIn(const KnownTake& take) {
    return listenTo(take.rendered.sound.view(), take.rendered.sound.sampleRate);
}

}  // namespace

class TestForeign : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aVoiceCountsForNothing_data() {
        QTest::addColumn<QString>("page");
        QTest::addColumn<double>("levelDb");
        for (const char* page : {"singles-sixteenths", "paradiddle-accents", "ghosted-backbeat"})
            for (const double levelDb : {-30.0, -20.0})
                QTest::addRow("%s %.0f", page, levelDb) << QString::fromUtf8(page) << levelDb;
    }
    void aVoiceCountsForNothing() {
        QFETCH(QString, page);
        QFETCH(double, levelDb);
        const KnownTake quiet = played(page.toUtf8().constData(), 31);
        const KnownTake loud = with(bench::RoomSound::Voice, quiet, levelDb, 5);
        const HeardTake heard = heardIn(loud);
        const MatchedTake before = matchTake(loud.exercise, loud.frame(), heard);
        const MatchedTake after = test::analyze(loud, heard).matched;
        const MatchedTake alone = test::analyze(quiet, heardIn(quiet)).matched;
        QVERIFY2(before.extra.size() >= alone.extra.size() + 6, qPrintable(QString::number(before.extra.size())));
        QVERIFY2(10 * (after.extra.size() - alone.extra.size()) <= 2 * before.extra.size(),
                 qPrintable(QStringLiteral("%1 of %2").arg(after.extra.size()).arg(before.extra.size())));
        // What was left out is there to be seen, each sound once and none where a stroke is.
        QVERIFY(after.pale.size() >= 6);
        for (std::size_t i = 1; i < after.pale.size(); ++i)
            QVERIFY(after.pale[i].timeS - after.pale[i - 1].timeS > 0.05);
        for (const Hit& pale : after.pale)
            for (const MatchedStroke& s : after.strokes)
                QVERIFY(std::abs(after.hits[static_cast<std::size_t>(s.hit)].timeS - pale.timeS) > 1e-6);
        // The strokes are as they were.
        QVERIFY(after.missed.size() <= before.missed.size() + 1);
    }

    // Beside strokes that are written together a syllable is not the other one of them.
    void aVoiceIsNoSecondHalf_data() {
        QTest::addColumn<QString>("page");
        for (const char* page : {"swung-ride", "ghosted-backbeat"}) QTest::newRow(page) << QString::fromUtf8(page);
    }
    void aVoiceIsNoSecondHalf() {
        QFETCH(QString, page);
        const auto halvesOfNoStroke = [](const KnownTake& take) {
            const MatchedTake m = test::analyze(take, heardIn(take)).matched;
            return std::count_if(m.strokes.begin(), m.strokes.end(), [&](const MatchedStroke& s) {
                return !isPlayedAt(take,
                                   m.hits[static_cast<std::size_t>(s.otherHit != kNone ? s.otherHit : s.hit)].timeS);
            });
        };
        std::ptrdiff_t quiet = 0;
        std::ptrdiff_t spoken = 0;
        for (const std::uint64_t seed : {31U, 32U, 33U, 34U, 35U, 36U}) {
            const KnownTake take = played(page.toUtf8().constData(), seed);
            quiet += halvesOfNoStroke(take);
            spoken += halvesOfNoStroke(with(bench::RoomSound::Voice, take, -12, seed));
        }
        QVERIFY2(spoken <= quiet + 12, qPrintable(QStringLiteral("%1, %2 without").arg(spoken).arg(quiet)));
    }

    // A syllable in the place of a stroke is not taken for it, and the stroke that it covered comes into its own.
    void aSyllableIsNotAWrittenStroke() {
        std::size_t wrong = 0;
        std::size_t wrongOnes = 0;
        std::size_t right = 0;
        std::size_t rightOnes = 0;
        const auto count = [](const KnownTake& take, const MatchedTake& m, std::size_t& good, std::size_t& bad) {
            for (const MatchedStroke& s : m.strokes)
                ++(isPlayedAt(take, m.hits[static_cast<std::size_t>(s.hit)].timeS) ? good : bad);
        };
        for (const char* page : {"paradiddle-accents", "singles-sixteenths", "ghosted-backbeat"})
            for (const std::uint64_t seed : {31U, 32U, 33U}) {
                const KnownTake take = with(bench::RoomSound::Voice, played(page, seed), 0, seed);
                HeardTake heard = heardIn(take);
                count(take, test::analyze(take, heard).matched, rightOnes, wrongOnes);
                MatchedTake m = matchTake(take.exercise, take.frame(), heard);
                for (int round = 0; round < 2; ++round)
                    if (auto marked = markForeign(m, heard)) {
                        heard = std::move(*marked);
                        m = matchTake(take.exercise, take.frame(), heard);
                    }
                count(take, m, right, wrong);
            }
        QVERIFY2(wrong >= 10, qPrintable(QString::number(wrong)));
        QVERIFY2(2 * wrongOnes <= wrong, qPrintable(QStringLiteral("%1 of %2").arg(wrongOnes).arg(wrong)));
        QVERIFY2(rightOnes + 2 >= right, qPrintable(QStringLiteral("%1 of %2").arg(rightOnes).arg(right)));
    }

    // What was refused plays no stroke; whether one was played there nobody knows, so it is not missed either.
    void whatIsRefusedPlaysNothing() {
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), kTempo, 4, machine(), 3);
        std::vector<Hit> hits = perfectHits(take);
        const std::size_t all = matchTake(take.exercise, take.frame(), {hits}).strokes.size();
        for (Hit& hit : hits) hit.exact = false;
        hits[20].foreign = true;
        const MatchedTake doubted = matchTake(take.exercise, take.frame(), {hits});
        QCOMPARE(doubted.strokes.size(), all);
        hits[20].refused = true;
        const MatchedTake refused = matchTake(take.exercise, take.frame(), {hits});
        QCOMPARE(refused.strokes.size(), all - 1);
        QCOMPARE(refused.missed.size(), std::size_t{0});
        QCOMPARE(refused.extra.size(), std::size_t{0});
        QCOMPARE(refused.pale.size(), std::size_t{1});
        QCOMPARE(refused.pale.front().timeS, hits[20].timeS);
        // Where nothing sounded, it was missed.
        hits.erase(hits.begin() + 20);
        QCOMPARE(matchTake(take.exercise, take.frame(), {hits}).missed.size(), std::size_t{1});
    }

    // Somebody without a voice in the room loses nothing, however loose the hands.
    void looseHandsAreNotRefused() {
        Character loose = goodPlayer();
        loose.spreadMs = 20;
        const KnownTake take = played("paradiddle-accents", 34, loose);
        const HeardTake heard = heardIn(take);
        const MatchedTake m = test::analyze(take, heard).matched;
        QVERIFY(!refuseWritten(m, heard));
        QVERIFY(std::none_of(m.hits.begin(), m.hits.end(), [](const Hit& hit) { return hit.refused; }));
    }

    // A word or two in a long take change nothing between its limbs.
    void aFewWordsLeaveTheUnisonsOfALongTake() {
        const auto strokesHeardApart = [](const MatchedTake& m) {
            return std::count_if(m.strokes.begin(), m.strokes.end(), [&m](const MatchedStroke& s) {
                return !s.shared && std::any_of(m.strokes.begin(), m.strokes.end(), [&s](const MatchedStroke& o) {
                    return o.hit != s.hit && o.written.gridS == s.written.gridS;
                });
            });
        };
        Character loose = goodPlayer();
        loose.spreadMs = 12;
        const KnownTake quiet = test::play(*builtInExercise("ghosted-backbeat"), kTempo, 72, loose, 33, {});
        KnownTake spoken = quiet;
        for (const int beat : {58, 110})
            bench::addOneSound(spoken.rendered.sound, bench::RoomSound::Voice,
                               quiet.frame().firstBeatS + (beat + 0.37) * 60 / kTempo, -12, 5);
        const MatchedTake before = test::analyze(quiet, heardIn(quiet)).matched;
        const MatchedTake after = test::analyze(spoken, heardIn(spoken)).matched;
        QVERIFY(after.pale.size() >= before.pale.size() + 1);
        QVERIFY2(strokesHeardApart(before) > 60, qPrintable(QString::number(strokesHeardApart(before))));
        QVERIFY2(20 * strokesHeardApart(after) >= 19 * strokesHeardApart(before),
                 qPrintable(QStringLiteral("%1 of %2").arg(strokesHeardApart(after)).arg(strokesHeardApart(before))));
    }

    void otherSoundsCountForNothing_data() {
        QTest::addColumn<int>("what");
        QTest::newRow("foot taps") << static_cast<int>(bench::RoomSound::FootTaps);
        QTest::newRow("paper") << static_cast<int>(bench::RoomSound::Rustle);
        QTest::newRow("a chair") << static_cast<int>(bench::RoomSound::Chair);
    }
    void otherSoundsCountForNothing() {
        QFETCH(int, what);
        std::size_t quietExtra = 0;
        std::size_t before = 0;
        std::size_t after = 0;
        for (const std::uint64_t seed : {31U, 32U, 33U}) {
            const KnownTake quiet = played("paradiddle-accents", seed);
            const KnownTake loud = with(static_cast<bench::RoomSound>(what), quiet, -20, seed);
            const HeardTake heard = heardIn(loud);
            quietExtra += test::analyze(quiet, heardIn(quiet)).matched.extra.size();
            before += matchTake(loud.exercise, loud.frame(), heard).extra.size();
            after += test::analyze(loud, heard).matched.extra.size();
        }
        QVERIFY2(after <= quietExtra + (before - std::min(before, quietExtra)) / 4,
                 qPrintable(QStringLiteral("%1 of %2, %3 without").arg(after).arg(before).arg(quietExtra)));
    }

    // What is kept of a take has no patches any more: it is measured again as it was the first time.
    void whatIsKeptIsMeasuredTheSame_data() {
        QTest::addColumn<double>("levelDb");
        for (const double levelDb : {-20.0, -12.0}) QTest::addRow("%.0f dB", levelDb) << levelDb;
    }
    void whatIsKeptIsMeasuredTheSame() {
        QFETCH(double, levelDb);
        const KnownTake loud = with(bench::RoomSound::Voice, played("paradiddle-accents", 31), levelDb, 5);
        const MatchedTake first = test::analyze(loud, heardIn(loud)).matched;
        QVERIFY(!first.pale.empty());
        const MatchedTake again = test::analyze(loud, {withoutPatches(allHeard(first))}).matched;
        QCOMPARE(again.pale.size(), first.pale.size());
        QCOMPARE(again.extra.size(), first.extra.size());
        QCOMPARE(again.strokes.size(), first.strokes.size());
        QCOMPARE(again.missed.size(), first.missed.size());
        for (std::size_t i = 0; i < first.strokes.size(); ++i)
            QCOMPARE(again.hits[static_cast<std::size_t>(again.strokes[i].hit)].peakS,
                     first.hits[static_cast<std::size_t>(first.strokes[i].hit)].peakS);
    }

    // Somebody goes on talking when the playing is over: no bars of strokes that were not played.
    void talkAfterTheTakeIsNotPlayed() {
        const KnownTake quiet = played("paradiddle-accents", 31);
        KnownTake loud = quiet;
        auto& samples = loud.rendered.sound.samples;
        samples.resize(samples.size() + static_cast<std::size_t>(4 * loud.rendered.sound.sampleRate));
        loud = with(bench::RoomSound::Voice, std::move(loud), -20, 5);
        const HeardTake heard = heardIn(loud);
        TakeFrame frame = quiet.frame();
        frame.bars = barsPlayed(loud.exercise, frame.tempoBpm, frame.firstBeatS, heard.hits);
        QVERIFY(frame.bars > 8);
        const MatchedTake longer =
            analyzeTake(loud.exercise, frame, heard, {Profile(), ladderOf(loud.exercise), {}}).matched;
        QCOMPARE(barsPlayed(longer), 8);
        // Who stops playing in silence has missed what is written.
        QCOMPARE(barsPlayed(test::analyze(quiet, heardIn(quiet)).matched), 8);
    }

    // Whoever plays too much is told so: those strokes look like the others.
    void strokesTooManyStayStrokes() {
        Character c = goodPlayer();
        c.extraChance = 0.08;
        int before = 0;
        int after = 0;
        for (const std::uint64_t seed : {41U, 42U, 43U, 44U}) {
            const KnownTake take = played("singles-sixteenths", seed, c);
            const HeardTake heard = heardIn(take);
            before += static_cast<int>(matchTake(take.exercise, take.frame(), heard).extra.size());
            after += static_cast<int>(test::analyze(take, heard).matched.extra.size());
        }
        QVERIFY(before >= 20);
        QVERIFY2(after >= 0.9 * before, qPrintable(QStringLiteral("%1 of %2").arg(after).arg(before)));
    }

    // Over a ride that rings a stroke too many stands hardly out of anything; all witnesses together are sure of it.
    void strokesTooManyAreHeardOverARingingRide() {
        Character c = goodPlayer();
        c.extraChance = 0.08;
        std::size_t played = 0;
        std::size_t told = 0;
        std::size_t ofNone = 0;
        for (const std::uint64_t seed : {41U, 42U, 43U, 44U, 45U, 46U}) {
            const KnownTake much = test::play(*builtInExercise("swung-ride"), 120, 8, c, seed, {});
            const KnownTake none = test::play(*builtInExercise("swung-ride"), 120, 8, goodPlayer(), seed, {});
            const auto& hits = much.performance.hits;
            played += static_cast<std::size_t>(
                std::count_if(hits.begin(), hits.end(), [](const PlayedHit& hit) { return hit.stroke < 0; }));
            told += test::analyze(much, heardIn(much)).matched.extra.size();
            ofNone += test::analyze(none, heardIn(none)).matched.extra.size();
        }
        QVERIFY2(played >= 10, qPrintable(QString::number(played)));
        QVERIFY2(3 * told >= played, qPrintable(QStringLiteral("%1 of %2").arg(told).arg(played)));
        QCOMPARE(ofNone, std::size_t{0});
    }

    void whereThereIsNoSoundNothingIsJudged() {
        Character c = goodPlayer();
        c.extraChance = 0.05;
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), kTempo, 8, c, 3);
        const HeardTake notes(perfectHits(take));
        const MatchedTake matched = matchTake(take.exercise, take.frame(), notes);
        for (const auto& likeness : likenessToStrokes(matched)) QVERIFY(!likeness.has_value());
        QVERIFY(!markForeign(matched, notes));
        // Nor where too little was played to know how strokes look.
        const KnownTake one = play(*builtInExercise("singles-sixteenths"), kTempo, 1, goodPlayer(), 3);
        const HeardTake bar = heardIn(one);
        QVERIFY(!markForeign(matchTake(one.exercise, one.frame(), bar), bar));
    }
};

QTEST_APPLESS_MAIN(TestForeign)
#include "tst_foreign.moc"
