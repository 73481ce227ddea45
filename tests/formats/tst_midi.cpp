#include <QTest>

#include "upbeat/formats/midi_pattern.h"
#include "upbeat/music/library.h"
#include "upbeat/units/random.h"

using namespace upbeat;

namespace {

MidiFile fileOf(std::vector<MidiNote> notes, std::int64_t end = 3840) {
    MidiFile file;
    file.ticksPerQuarter = 960;
    file.quarterBpm = 90;
    file.meters = {{0, {4, 4}}};
    file.endTick = end;
    file.notes = std::move(notes);
    return file;
}

Exercise exerciseOf(const MidiFile& file) {
    const auto e = exerciseFromMidi(file, "p.mid");
    if (!e) qFatal("%s", e.error().sentence().c_str());
    return *e;
}

}  // namespace

class TestMidi : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void writtenFilesAreReadBack() {
        const MidiFile file = fileOf({{0, 9, 38, 110}, {480, 9, 42, 70}, {480, 9, 36, 30}, {3600, 9, 51, 127}});
        const auto back = parseMidi(toMidiBytes(file), "m");
        QVERIFY2(back.has_value(), back ? "" : back.error().sentence().c_str());
        QCOMPARE(back->notes, file.notes);
        QCOMPARE(back->ticksPerQuarter, 960);
        QVERIFY(std::abs(*back->quarterBpm - 90) < 1e-3);
        QCOMPARE(back->meters.front().meter, (Meter{4, 4}));
        QCOMPARE(back->endTick, std::int64_t{3840});
    }

    void builtInExercisesSurviveMidi_data() {
        QTest::addColumn<QString>("id");
        for (const Exercise& e : builtInExercises())
            if (!e.feel.isSwung() && !e.id.starts_with("closed-roll"))
                QTest::newRow(e.id.c_str()) << QString::fromStdString(e.id);
    }
    /// What MIDI can hold: positions, voices, levels, grace notes, bars and meter.
    void builtInExercisesSurviveMidi() {
        QFETCH(QString, id);
        const Exercise e = *builtInExercise(id.toStdString());
        const auto parsed = parseMidi(toMidiBytes(toMidi(e)), "m");
        const Exercise back = exerciseOf(*parsed);
        QCOMPARE(back.bars, e.bars);
        QCOMPARE(back.meter, e.meter);
        QCOMPARE(back.strokes.size(), e.strokes.size());
        for (std::size_t i = 0; i < e.strokes.size(); ++i) {
            QCOMPARE(back.strokes[i].at, e.strokes[i].at);
            QCOMPARE(back.strokes[i].voice, e.strokes[i].voice);
            if (e.swells.empty()) QCOMPARE(back.strokes[i].level, e.strokes[i].level);
            QCOMPARE(back.strokes[i].ornament, e.strokes[i].ornament);
        }
    }

    void velocitiesAreLevels() {
        const Exercise e = exerciseOf(fileOf({{0, 9, 38, 45}, {960, 9, 38, 46}, {1920, 9, 38, 90}, {2880, 9, 38, 91}}));
        QCOMPARE(e.strokes[0].level, Level::Ghost);
        QCOMPARE(e.strokes[1].level, Level::Tap);
        QCOMPARE(e.strokes[2].level, Level::Tap);
        QCOMPARE(e.strokes[3].level, Level::Accent);
    }

    void softNotesCloseBeforeALoudOneAreGraceNotes() {
        const Exercise e = exerciseOf(fileOf({{0, 9, 38, 110},
                                              {915, 9, 38, 30},
                                              {960, 9, 38, 110},
                                              {1849, 9, 38, 30},
                                              {1885, 9, 38, 30},
                                              {1920, 9, 38, 70}}));
        QCOMPARE(e.strokes.size(), std::size_t{3});
        QCOMPARE(e.strokes[1].ornament, Ornament::Flam);
        QCOMPARE(e.strokes[2].ornament, Ornament::Drag);
    }

    void ghostNotesOfFastSixteenthsAreNotGraceNotes() {
        const Exercise e = exerciseOf(fileOf({{0, 9, 38, 110}, {240, 9, 38, 30}, {480, 9, 38, 110}, {720, 9, 38, 30}}));
        QCOMPARE(e.strokes.size(), std::size_t{4});
        for (const Stroke& s : e.strokes) QCOMPARE(s.ornament, Ornament::None);
    }

    void aPatternHasAsManyBarsAsItsFileSays() {
        QCOMPARE(exerciseOf(fileOf({{0, 9, 38, 70}}, 3840)).bars, 1);
        QCOMPARE(exerciseOf(fileOf({{0, 9, 38, 70}}, 7680)).bars, 2);
        QCOMPARE(exerciseOf(fileOf({{0, 9, 38, 70}, {3900, 9, 38, 70}}, 4000)).bars, 2);
        QCOMPARE(exerciseOf(fileOf({{3600, 9, 38, 70}}, 3600)).bars, 1);
    }

    void tripletsAndFivesAreExact() {
        const Exercise e = exerciseOf(fileOf(
            {{0, 9, 38, 70}, {320, 9, 38, 70}, {640, 9, 38, 70}, {960 + 192, 9, 38, 70}, {960 + 384, 9, 38, 70}}));
        QCOMPARE(e.strokes[1].at, Beats(1, 3));
        QCOMPARE(e.strokes[2].at, Beats(2, 3));
        QCOMPARE(e.strokes[3].at, Beats(6, 5));
        QCOMPARE(e.strokes[4].at, Beats(7, 5));
    }

    void notesTogetherGetDifferentLimbs() {
        const Exercise e = exerciseOf(fileOf({{0, 9, 36, 110}, {0, 9, 38, 110}, {0, 9, 42, 70}, {480, 9, 44, 70}}));
        QCOMPARE(e.strokes.size(), std::size_t{4});
        QVERIFY(check(e).has_value());
        QCOMPARE(e.strokes[3].limb, Limb::LeftFoot);
    }

    void otherChannelsServeWhereThereIsNoPercussion() {
        QCOMPARE(exerciseOf(fileOf({{0, 0, 38, 70}, {960, 0, 38, 70}})).strokes.size(), std::size_t{2});
        QCOMPARE(exerciseOf(fileOf({{0, 0, 38, 70}, {960, 9, 38, 70}})).strokes.size(), std::size_t{1});
    }

    void keysAndVoicesBelongTogether() {
        for (const Voice v : {Voice::Snare, Voice::Kick, Voice::HiHatClosed, Voice::HiHatOpen, Voice::HiHatFoot,
                              Voice::Ride, Voice::RideBell, Voice::Crash, Voice::TomHigh, Voice::TomMid, Voice::TomLow,
                              Voice::CrossStick, Voice::RimShot, Voice::Pad, Voice::CrashChoked})
            QCOMPARE(voiceOfKey(keyOf(v)), v);
        QCOMPARE(voiceOfKey(3), Voice::Pad);
    }

    void runningStatusAndForeignChunksAreUnderstood() {
        std::string bytes("MThd\0\0\0\6\0\0\0\1\0\x60", 14);
        bytes += std::string("JUNK\0\0\0\3abc", 11);
        const std::string track("\0\x99\x26\x64\x60\x26\x28\x10\xF0\3abc\0\xC9\5\x10\xFF\1\2hi\0\xFF\x2F\0", 26);
        bytes += std::string("MTrk\0\0\0", 7) + static_cast<char>(track.size()) + track;
        const auto file = parseMidi(bytes, "m");
        QVERIFY2(file.has_value(), file ? "" : file.error().sentence().c_str());
        QCOMPARE(file->notes.size(), std::size_t{2});
        QCOMPARE(file->notes[1].tick, std::int64_t{96});
    }

    void badFilesGetOneSentence_data() {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QString>("part");
        const QByteArray good = QByteArray::fromStdString(toMidiBytes(fileOf({{0, 9, 38, 70}, {480, 9, 38, 70}})));
        QTest::newRow("empty") << QByteArray() << "not a MIDI file";
        QTest::newRow("text") << QByteArray("hello there") << "not a MIDI file";
        QTest::newRow("head only") << good.left(10) << "breaks off";
        QTest::newRow("broken off") << good.left(40) << "breaks off";
        QTest::newRow("format 2") << QByteArray(good).replace(8, 2, QByteArray("\0\2", 2)) << "format 2";
        QTest::newRow("film frames") << QByteArray(good).replace(12, 2, QByteArray("\xE8\x28", 2)) << "film frames";
        QTest::newRow("no ticks") << QByteArray(good).replace(12, 2, QByteArray("\0\0", 2)) << "film frames";
    }
    void badFilesGetOneSentence() {
        QFETCH(QByteArray, bytes);
        QFETCH(QString, part);
        const auto file = parseMidi(bytes.toStdString(), "m.mid");
        QVERIFY(!file);
        QVERIFY2(QString::fromStdString(file.error().sentence()).contains(part), file.error().sentence().c_str());
    }

    void patternsThatCannotBePlayedAreRefused() {
        QVERIFY(!exerciseFromMidi(fileOf({}), "m"));
        QVERIFY(!exerciseFromMidi(fileOf({{0, 9, 38, 70}}, 3840 * 500), "m"));
        MidiFile odd = fileOf({{0, 9, 38, 70}});
        odd.meters = {{0, {99, 4}}};
        QVERIFY(!exerciseFromMidi(odd, "m"));
    }

    void randomDamageNeverCrashes() {
        const std::string good = toMidiBytes(toMidi(*builtInExercise("ghosted-backbeat")));
        Random random(1);
        int refused = 0;
        for (int round = 0; round < 5000; ++round) {
            std::string bad = good;
            for (int k = 0; k <= random.below(4); ++k)
                bad[static_cast<std::size_t>(random.below(static_cast<int>(bad.size())))] =
                    static_cast<char>(random.below(256));
            if (random.uniform() < 0.3)
                bad.resize(static_cast<std::size_t>(random.below(static_cast<int>(bad.size()))));
            const auto file = parseMidi(bad, "m");
            if (!file) {
                ++refused;
                continue;
            }
            const auto e = exerciseFromMidi(*file, "m");
            if (e) QVERIFY(check(*e).has_value());
        }
        QVERIFY(refused > 500);
    }
};

QTEST_APPLESS_MAIN(TestMidi)
#include "tst_midi.moc"
