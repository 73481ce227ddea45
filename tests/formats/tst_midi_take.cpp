// Takes from an electronic kit: exact voices, unisons told apart.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "takes.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/formats/midi_take.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr double kTempo = 100;

/// The performance as a kit would send it: one note a stroke, velocity from the level.
MidiFile sent(const Performance& performance, double firstBeatS) {
    MidiFile file;
    file.ticksPerQuarter = 9600;
    file.quarterBpm = 120;
    for (const PlayedHit& hit : performance.hits) {
        const double velocity = 127 * std::pow(10.0, (hit.levelDb + 8) / 40);
        file.notes.push_back({std::llround((firstBeatS + hit.timeS) * 2 * file.ticksPerQuarter), 9, keyOf(hit.voice),
                              std::clamp(static_cast<int>(std::lround(velocity)), 1, 127)});
    }
    std::stable_sort(file.notes.begin(), file.notes.end(),
                     [](const MidiNote& a, const MidiNote& b) { return a.tick < b.tick; });
    file.endTick = file.notes.back().tick;
    return file;
}

TakeAnalysis analysisOf(const char* id, const Character& c, int passes = 8) {
    const Exercise e = *builtInExercise(id);
    const auto parsed = parseMidi(toMidiBytes(sent(perform(e, Bpm(kTempo), passes, c, 4), 1.0)), "kit.mid");
    return analyzeTake(e, {kTempo, 1.0, passes * e.bars, 0, false, {}}, hitsOfMidi(*parsed),
                       {Profile(), ladderOf(e), {}});
}

}  // namespace

class TestMidiTake : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void velocityIsLoudness() {
        QCOMPARE(levelOfVelocity(127), 0.0);
        QVERIFY(std::abs(levelOfVelocity(64) + 11.9) < 0.1);
        QVERIFY(levelOfVelocity(0) == levelOfVelocity(1));
        QVERIFY(levelOfVelocity(500) == 0.0);
    }

    void everyStrokeOfAGrooveIsItsOwnHit() {
        Character c = machine();
        c.spreadMs = 6;  // hands and feet cross: the snare now before, now after the hat
        const TakeAnalysis a = analysisOf("ghosted-backbeat", c);
        QCOMPARE(a.matched.missed.size(), std::size_t{0});
        QCOMPARE(a.matched.extra.size(), std::size_t{0});
        QCOMPARE(a.measures.counts.wrongVoice.size(), std::size_t{0});
        for (const MatchedStroke& s : a.matched.strokes) {
            QVERIFY(!s.shared);
            QCOMPARE(a.matched.hits[static_cast<std::size_t>(s.hit)].voice, std::optional(s.stroke.voice));
        }
    }

    void unisonsAreMeasuredAndSaid() {
        Character c = machine();
        c.spreadMs = 3;
        Habit late;
        late.voice = Voice::Kick;
        late.offsetMs = 18;
        c.habits = {late};
        const TakeAnalysis a = analysisOf("ghosted-backbeat", c);
        const auto kick = std::find_if(a.measures.unisons.begin(), a.measures.unisons.end(), [](const Unison& u) {
            return u.voice == Voice::Kick || u.against == Voice::Kick;
        });
        QVERIFY(kick != a.measures.unisons.end());
        const double behind = kick->voice == Voice::Kick ? kick->behindMs->value : -kick->behindMs->value;
        QVERIFY2(std::abs(behind - 18) < 3, qPrintable(QString::number(behind)));
        // One drum that is always late is one sentence.
        QCOMPARE(a.findings.size(), std::size_t{1});
        QCOMPARE(a.findings.front().kind, FindingKind::HandsApart);
        QCOMPARE(a.findings.front().voice, std::optional(Voice::Kick));
        QVERIFY(std::abs(a.findings.front().figure.value - 18) < 3);
    }

    void oneMicrophoneGivesNoUnisons() {
        const KnownTake take = play(*builtInExercise("ghosted-backbeat"), kTempo, 4, machine());
        QVERIFY(analyze(take, perfectHits(take)).measures.unisons.empty());
    }

    void aWrongDrumIsCountedNotMissed() {
        const Exercise e = *builtInExercise("ghosted-backbeat");
        MidiFile file = sent(perform(e, Bpm(kTempo), 8, machine(), 4), 1.0);
        int wrong = 0;
        for (MidiNote& note : file.notes)
            if (note.key == keyOf(Voice::Kick) && wrong < 5) note.key = keyOf(Voice::TomLow), ++wrong;
        const TakeAnalysis a =
            analyzeTake(e, {kTempo, 1.0, 8 * e.bars, 0, false, {}}, hitsOfMidi(file), {Profile(), ladderOf(e), {}});
        QCOMPARE(a.measures.counts.wrongVoice.size(), std::size_t{5});
        QCOMPARE(a.matched.missed.size(), std::size_t{0});
    }

    void namesTellMidiFiles() {
        QVERIFY(isMidiName("a/take.MID") && isMidiName("take.midi"));
        QVERIFY(!isMidiName("take.wav") && !isMidiName("mid"));
    }
};

QTEST_APPLESS_MAIN(TestMidiTake)
#include "tst_midi_take.moc"
