// One microphone over a kit: what it was taught is told apart, and nothing is made up.
#include <QTest>
#include <algorithm>
#include <cmath>
#include <map>

#include "takes.h"
#include "upbeat/formats/kit_json.h"
#include "upbeat/music/library.h"
#include "upbeat/take/teach.h"
#include "upbeat/voices/voice_finder.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

Recording kitOf(std::uint64_t seed) {
    Recording recording;
    recording.kitSeed = seed;
    return recording;
}

HeardTake listenTo(const KnownTake& take) {
    return upbeat::listenTo(take.rendered.sound.view(), take.rendered.sound.sampleRate);
}

Exercise backbeat() {
    return *builtInExercise("ghosted-backbeat");
}

TaughtKit taughtFor(const Exercise& e, std::uint64_t kitSeed) {
    const KnownTake lesson = play(teachingExercise(e), 90, 1, goodPlayer(), kitSeed + 5, kitOf(kitSeed));
    return learnKit(matchTake(lesson.exercise, lesson.frame(), listenTo(lesson)));
}

TakeAnalysis analyzeApart(const KnownTake& take, const TaughtKit& kit) {
    return analyze(take, toldApart(take.exercise, listenTo(take), kit));
}

/// A groove in which the ghost of the snare falls under the hi-hat.
Exercise ghostUnderHat() {
    Exercise e = backbeat();
    e.id = "ghost-under-hat";
    std::erase_if(e.strokes, [](const Stroke& s) { return s.voice == Voice::Snare && s.level == Level::Ghost; });
    for (const int at : {1, 5}) {
        Stroke ghost;
        ghost.at = Beats(at, 2);
        ghost.voice = Voice::Snare;
        ghost.limb = Limb::LeftHand;
        ghost.level = Level::Ghost;
        e.strokes.push_back(ghost);
    }
    return inOrder(std::move(e));
}

}  // namespace

class TestVoices : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void thePageThatTeachesHasEveryVoiceAloneSoftAndLoud() {
        const Exercise page = teachingExercise(backbeat());
        QVERIFY(check(page).has_value());
        QVERIFY(isLesson(page));
        QVERIFY(!isLesson(backbeat()));
        std::map<Voice, std::array<int, 3>> counts;
        for (const Stroke& s : page.strokes) ++counts[s.voice][static_cast<std::size_t>(s.level)];
        QCOMPARE(counts.size(), std::size_t{3});
        for (const auto& [voice, levels] : counts) QCOMPARE(levels, (std::array<int, 3>{4, 0, 4}));
        for (std::size_t i = 1; i < page.strokes.size(); ++i) QVERIFY(page.strokes[i - 1].at < page.strokes[i].at);
    }

    void manyVoicesStillFitOnThePage() {
        Exercise all = backbeat();
        all.strokes.clear();
        for (int v = 0; v < kVoiceCount; ++v) {
            Stroke s;
            s.at = Beats(v, 4);
            s.voice = static_cast<Voice>(v);
            s.limb = s.voice == Voice::Kick ? Limb::RightFoot : Limb::RightHand;
            all.strokes.push_back(s);
        }
        QVERIFY(check(teachingExercise(all)).has_value());
    }

    void everyVoiceIsLearned() {
        const TaughtKit kit = taughtFor(backbeat(), 31);
        QCOMPARE(kit.voices.size(), std::size_t{3});
        for (const TaughtVoice& voice : kit.voices) QVERIFY(voice.strokes.size() >= kFewestTaught);
        QVERIFY(untaughtVoices(backbeat(), kit).empty());
    }

    void unisonsComeApartWithTheirOwnTimes_data() {
        QTest::addColumn<int>("seed");
        for (const int seed : {31, 32, 33, 34}) QTest::addRow("kit %d", seed) << seed;
    }
    void unisonsComeApartWithTheirOwnTimes() {
        QFETCH(int, seed);
        const auto kitSeed = static_cast<std::uint64_t>(seed);
        const KnownTake take = play(backbeat(), 90, 8, goodPlayer(), kitSeed + 100, kitOf(kitSeed));
        const TakeAnalysis a = analyzeApart(take, taughtFor(backbeat(), kitSeed));
        std::vector<double> errors;
        int wrong = 0;
        for (const MatchedStroke& s : a.matched.strokes) {
            if (s.shared) continue;
            const auto truth =
                std::find_if(take.rendered.hits.begin(), take.rendered.hits.end(), [&](const TrueHit& t) {
                    return t.played.stroke == s.written.stroke && t.played.pass == s.written.pass;
                });
            QVERIFY(truth != take.rendered.hits.end());
            const Hit& hit = a.matched.hits[static_cast<std::size_t>(s.hit)];
            errors.push_back((hit.timeS - truth->timeS) * 1e3);
            if (instrumentOf(*hit.voice) != instrumentOf(s.stroke.voice)) ++wrong;
        }
        const auto strokes = static_cast<double>(take.rendered.hits.size());
        QVERIFY2(static_cast<double>(errors.size()) > 0.88 * strokes, qPrintable(QString::number(errors.size())));
        QVERIFY2(a.matched.missed.size() <= 4, qPrintable(QString::number(a.matched.missed.size())));
        QVERIFY2(robustDeviation(errors) < 0.3, qPrintable(QString::number(robustDeviation(errors))));
        QVERIFY2(a.matched.extra.size() <= 2, qPrintable(QString::number(a.matched.extra.size())));
        QVERIFY2(wrong * 50 < static_cast<int>(errors.size()), qPrintable(QString::number(wrong)));
        QVERIFY(a.measures.counts.wrongVoice.size() <= 1);
    }

    void aFootThatComesLateIsMeasuredInTheUnison() {
        Character c = goodPlayer();
        Habit late;
        late.voice = Voice::Kick;
        late.offsetMs = 12;
        c.habits = {late};
        const KnownTake take = play(backbeat(), 90, 12, c, 7, kitOf(31));
        const TakeAnalysis a = analyzeApart(take, taughtFor(backbeat(), 31));
        const auto pair = std::find_if(a.measures.unisons.begin(), a.measures.unisons.end(), [](const Unison& u) {
            return (u.voice == Voice::Kick) != (u.against == Voice::Kick);
        });
        QVERIFY(pair != a.measures.unisons.end());
        const double behind = pair->voice == Voice::Kick ? pair->behindMs->value : -pair->behindMs->value;
        QVERIFY2(std::abs(behind - 12) < 2, qPrintable(QString::number(behind)));
        QVERIFY(std::any_of(a.findings.begin(), a.findings.end(), [](const Finding& f) {
            return (f.kind == FindingKind::Unison || f.kind == FindingKind::HandsApart) && f.voice;
        }));
    }

    void aGhostUnderTheHatIsFoundAndOneLeftOutIsNot() {
        const Exercise e = ghostUnderHat();
        const TaughtKit kit = taughtFor(e, 33);
        const auto ghostsIn = [&](const TakeAnalysis& a) {
            return std::count_if(a.matched.strokes.begin(), a.matched.strokes.end(), [](const MatchedStroke& s) {
                return s.stroke.voice == Voice::Snare && s.stroke.level == Level::Ghost && !s.shared;
            });
        };
        const KnownTake with = play(e, 90, 12, goodPlayer(), 8, kitOf(33));
        QVERIFY2(ghostsIn(analyzeApart(with, kit)) >= 20, "of 24");
        Exercise bare = e;
        std::erase_if(bare.strokes, [](const Stroke& s) { return s.voice == Voice::Snare && s.level == Level::Ghost; });
        KnownTake without = play(bare, 90, 12, goodPlayer(), 8, kitOf(33));
        without.exercise = e;
        const auto invented = ghostsIn(analyzeApart(without, kit));
        QVERIFY2(invented <= 5, qPrintable(QStringLiteral("%1 of 24 that nobody played").arg(invented)));
    }

    void aVoiceThatIsSeldomSureIsNotFoundWhereThePlayerNeverIs() {
        const Exercise e = *builtInExercise("swung-ride");
        int found = 0;
        int far = 0;
        for (const std::uint64_t seed : {51U, 52U, 53U}) {
            Recording hard = kitOf(seed);
            hard.hardKit = true;
            const KnownTake lesson = play(teachingExercise(e), 90, 1, goodPlayer(), seed + 5, hard);
            const TaughtKit kit = learnKit(matchTake(lesson.exercise, lesson.frame(), listenTo(lesson)));
            const KnownTake take = play(e, 112, 8, goodPlayer(), seed, hard);
            const MatchedTake matched = analyzeApart(take, kit).matched;
            for (const MatchedStroke& s : matched.strokes) {
                if (s.shared) continue;
                constexpr double kFarS = 0.025;
                const double timeS = matched.hits[static_cast<std::size_t>(s.hit)].timeS;
                const bool isNear =
                    std::any_of(take.rendered.hits.begin(), take.rendered.hits.end(), [&](const TrueHit& hit) {
                        return hit.played.stroke == s.written.stroke && std::abs(hit.timeS - timeS) < kFarS;
                    });
                ++(isNear ? found : far);
            }
        }
        QVERIFY2(found >= 130, qPrintable(QString::number(found)));
        QVERIFY2(far <= 1, qPrintable(QString::number(far)));
    }

    void aStrokeOnAnotherDrumIsReportedWithItsPlace() {
        Exercise e = backbeat();
        const auto onTwo = std::find_if(e.strokes.begin(), e.strokes.end(), [](const Stroke& s) {
            return s.voice == Voice::Snare && s.level == Level::Ghost;
        });
        const auto index = static_cast<int>(onTwo - e.strokes.begin());
        Exercise withTom = e;
        Stroke tom = *onTwo;
        tom.voice = Voice::TomLow;
        withTom.strokes.push_back(tom);
        const TaughtKit kit = taughtFor(withTom, 34);
        KnownTake take{e, 90, perform(e, Bpm(90), 8, goodPlayer(), 9), {}};
        for (PlayedHit& hit : take.performance.hits)
            if (hit.stroke == index) hit.voice = Voice::TomLow, hit.levelDb += 8;
        take.rendered = render(take.performance, 8 * passDurationS(e, Bpm(90)), kitOf(34));
        const TakeAnalysis a = analyzeApart(take, kit);
        QVERIFY2(a.measures.counts.wrongVoice.size() >= 5,
                 qPrintable(QString::number(a.measures.counts.wrongVoice.size())));
        for (const WrittenStroke& w : a.measures.counts.wrongVoice)
            QVERIFY2(w.stroke == index, qPrintable(QStringLiteral("%1 in pass %2").arg(w.stroke).arg(w.pass)));
        QVERIFY(std::any_of(a.findings.begin(), a.findings.end(), [&](const Finding& f) {
            return f.stroke == index && std::holds_alternative<CountOnAnotherDrum>(f.fault);
        }));
    }

    void withoutALessonNothingChanges() {
        const KnownTake take = play(backbeat(), 90, 2, goodPlayer(), 3, kitOf(31));
        const HeardTake heard = listenTo(take);
        QCOMPARE(toldApart(take.exercise, heard, {}).hits, heard.hits);
        TaughtKit kit = taughtFor(backbeat(), 31);
        kit.voices.pop_back();
        QVERIFY(!untaughtVoices(take.exercise, kit).empty());
        QCOMPARE(toldApart(take.exercise, heard, kit).hits, heard.hits);
        const KnownTake pad = play(*builtInExercise("singles-sixteenths"), 90, 2, goodPlayer(), 3, kitOf(31));
        const HeardTake heardPad = listenTo(pad);
        QCOMPARE(toldApart(pad.exercise, heardPad, taughtFor(backbeat(), 31)).hits, heardPad.hits);
    }

    void silenceAndStoredHitsStayWhatTheyAre() {
        const VoiceFinder finder(taughtFor(backbeat(), 31));
        QVERIFY(finder.canTellApart());
        QVERIFY(finder.separate({}).empty());
        const std::vector<Hit> stored{heard(1, -20, 60, 40), heard(2, -30, 60, 40)};
        QCOMPARE(finder.separate(stored), stored);
        QVERIFY(!VoiceFinder(TaughtKit{}).canTellApart());
    }

    void aSecondLessonReplacesWhatItTeaches() {
        TaughtKit kit = taughtFor(backbeat(), 31);
        const TaughtKit other = taughtFor(*builtInExercise("swung-ride"), 31);
        const std::size_t before = kit.voices.size();
        learnMore(kit, other);
        QVERIFY(kit.voices.size() > before);
        const std::size_t both = kit.voices.size();
        learnMore(kit, other);
        QCOMPARE(kit.voices.size(), both);
    }

    // ---- the file of a kit

    void aKitFileGivesBackWhatWasLearned() {
        const TaughtKit kit = taughtFor(backbeat(), 31);
        const auto read = kitFromJson(toJson(kit), "kit.json");
        QVERIFY(read.has_value());
        const KnownTake take = play(backbeat(), 90, 2, goodPlayer(), 3, kitOf(31));
        const auto hits = listenTo(take).hits;
        const auto a = VoiceFinder(kit).separate(hits);
        const auto b = VoiceFinder(*read).separate(hits);
        QCOMPARE(a.size(), b.size());
        for (std::size_t i = 0; i < a.size(); ++i) {
            QCOMPARE(a[i].voice, b[i].voice);
            QVERIFY(std::abs(a[i].timeS - b[i].timeS) < 1e-5);
        }
    }

    void aHostileKitFileIsRefusedInOneSentence_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QByteArray>("says");
        QTest::newRow("no JSON") << QByteArray("{") << QByteArray("JSON");
        QTest::newRow("another file") << QByteArray(R"({"format": "upbeat-check/take"})")
                                      << QByteArray("not a taught kit");
        QTest::newRow("newer") << QByteArray(R"({"format": "upbeat-check/kit", "version": 9})") << QByteArray("newer");
        QTest::newRow("unknown voice") << QByteArray(R"({"format": "upbeat-check/kit", "voices": [{"voice": "gong"}]})")
                                       << QByteArray("voice");
        QTest::newRow("no bands")
            << QByteArray(
                   R"({"format": "upbeat-check/kit", "voices": [{"voice": "snare", "strokes": [{"level_db": -10}]}]})")
            << QByteArray("band1");
        QTest::newRow("far onset")
            << QByteArray(
                   R"({"format": "upbeat-check/kit", "voices": [{"voice": "snare", "strokes": [{"onset_ms": 9e9}]}]})")
            << QByteArray("onset_ms");
        QByteArray wrongDigits =
            R"({"format": "upbeat-check/kit", "voices": [{"voice": "snare", "strokes": [{"band1": "BAND"}]}]})";
        wrongDigits.replace("BAND", QByteArray(160, 'z'));
        QTest::newRow("no digits") << wrongDigits << QByteArray("digits");
    }
    void aHostileKitFileIsRefusedInOneSentence() {
        QFETCH(QByteArray, text);
        QFETCH(QByteArray, says);
        const auto kit = kitFromJson(text.toStdString(), "kit.json");
        QVERIFY(!kit);
        const auto sentence = QByteArray::fromStdString(kit.error().sentence());
        QVERIFY2(sentence.contains(says) && sentence.contains("kit.json"), sentence);
    }
};

QTEST_GUILESS_MAIN(TestVoices)
#include "tst_voices.moc"
