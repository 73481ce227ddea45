// An electronic kit: what its notes mean, which of them were played, and how late they come.
#include <QTemporaryDir>
#include <QTest>
#include <random>

#include "upbeat/audio/note_bytes.h"
#include "upbeat/formats/midi_take.h"
#include "upbeat/formats/note_journal.h"
#include "upbeat/measure/level_reference.h"
#include "upbeat/voices/pad_sieve.h"
#include "upbeat/voices/pad_timing.h"

using namespace upbeat;

namespace {

constexpr int kSnare = 38;
constexpr int kRim = 40;
constexpr int kKick = 36;
constexpr int kRide = 51;
constexpr int kTom = 45;
constexpr int kHat = 42;

std::vector<PadNote> played(const std::vector<PadNote>& sent, PadGhosts& ghosts) {
    PadSieve sieve(generalMidiKit());
    std::vector<PadNote> all;
    for (const PadNote& note : sent) {
        sieve.push(note);
        for (const PadNote& n : sieve.take(note.timeS)) all.push_back(n);
    }
    for (const PadNote& n : sieve.take(1e9)) all.push_back(n);
    ghosts = sieve.ghosts();
    return all;
}

std::size_t countOf(const std::vector<PadNote>& sent) {
    PadGhosts ghosts;
    return played(sent, ghosts).size();
}

}  // namespace

class TestPads : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void oneStrokeIsOneNote() {
        PadGhosts ghosts;
        // Two zones at once: the louder one, at the time of the first.
        const auto rim = played({{1.000, kSnare, 60}, {1.002, kRim, 110}}, ghosts);
        QCOMPARE(rim.size(), std::size_t{1});
        QCOMPARE(rim.front().key, kRim);
        QCOMPARE(rim.front().timeS, 1.000);
        QCOMPARE(ghosts, (PadGhosts{1, 0}));
        // A pad that bounces, and one that shakes its neighbour.
        QCOMPARE(countOf({{1.000, kSnare, 100}, {1.022, kSnare, 30}}), std::size_t{1});
        QCOMPARE(countOf({{1.000, kSnare, 110}, {1.003, kTom, 12}}), std::size_t{1});
        QCOMPARE(countOf({{1.000, kTom, 12}, {1.004, kSnare, 110}}), std::size_t{1});
    }

    void whatWasPlayedStays() {
        QCOMPARE(countOf({{1.000, kSnare, 30}, {1.022, kSnare, 100}}), std::size_t{2});  // a flam
        QCOMPARE(countOf({{1.000, kSnare, 100}, {1.040, kSnare, 30}}), std::size_t{2});  // fast doubles
        QCOMPARE(countOf({{1.000, kSnare, 60}, {1.025, kSnare, 50}}), std::size_t{2});   // a buzz
        QCOMPARE(countOf({{1.000, kRide, 127}, {1.002, kKick, 20}}), std::size_t{2});    // a feathered bass drum
        QCOMPARE(countOf({{1.000, kRide, 100}, {1.000, kSnare, 30}}), std::size_t{2});   // a ghost under the ride
        QCOMPARE(countOf({{1.000, kSnare, 110}, {1.010, kTom, 12}}), std::size_t{2});    // not together
    }

    // Grooves, flams and doubles with bounces and shaken neighbours among them: what is left is what was played.
    void aThousandStrokesComeThrough() {
        for (unsigned seed = 1; seed <= 5; ++seed) {
            std::mt19937 random(seed);
            std::vector<PadNote> true_;
            std::vector<PadNote> sent;
            PadGhosts planted;
            std::uniform_int_distribution<int> velocity(25, 120);
            std::uniform_real_distribution<double> little(0, 1);
            double timeS = 1;
            for (int i = 0; i < 1000; ++i, timeS += 0.06 + 0.1 * little(random)) {
                const PadNote hand{timeS, i % 3 == 0 ? kHat : kSnare, velocity(random)};
                true_.push_back(hand);
                if (i % 4 == 0) true_.push_back({timeS + 0.004 * little(random), kKick, velocity(random)});
                if (i % 7 == 0) true_.push_back({timeS + 0.024, hand.key, std::max(60, hand.velocity)});
                if (i % 5 == 1 && i % 7 != 0) {
                    sent.push_back({timeS + 0.013 + 0.016 * little(random), hand.key, hand.velocity * 2 / 5});
                    ++planted.doubles;
                }
                if (i % 6 == 1 && hand.velocity >= 75) {
                    sent.push_back({timeS + 0.005 * little(random), kTom, hand.velocity / 5});
                    ++planted.crosstalk;
                }
            }
            sent.insert(sent.end(), true_.begin(), true_.end());
            const auto sooner = [](const PadNote& a, const PadNote& b) { return a.timeS < b.timeS; };
            std::stable_sort(sent.begin(), sent.end(), sooner);
            std::stable_sort(true_.begin(), true_.end(), sooner);
            PadGhosts ghosts;
            const auto left = played(sent, ghosts);
            QCOMPARE(ghosts, planted);
            QCOMPARE(left.size(), true_.size());
            for (std::size_t i = 0; i < left.size(); ++i) QCOMPARE(left[i].timeS, true_[i].timeS);
        }
    }

    void ownStrokesComeOutAsThePageAsks() {
        PadKit kit = generalMidiKit();
        kit.curve = padCurve(levelOfVelocity(31), levelOfVelocity(58), levelOfVelocity(99));
        QVERIFY(kit.curve.has_value());
        const auto db = [&kit](int velocity) { return hitOf(kit, {0, kSnare, velocity}).levelDb; };
        QCOMPARE(targetDb(Level::Accent) - targetDb(Level::Ghost), 20.0);  // what a core below the page has to know
        QCOMPARE(targetDb(Level::Accent) - targetDb(Level::Tap), 12.0);
        QVERIFY(std::abs(db(31) + 20) < 1e-9);
        QVERIFY(std::abs(db(58) + 12) < 1e-9);
        QVERIFY(std::abs(db(99)) < 1e-9);
        for (int velocity = 2; velocity <= 127; ++velocity) QVERIFY(db(velocity) > db(velocity - 1));
        QVERIFY(!padCurve(-20, -20.5, -5).has_value());
        QVERIFY(!padCurve(-20, -12, -11.5).has_value());
        QVERIFY(!padCurve(std::nan(""), -12, 0).has_value());
    }

    void thePedalSaysHowOpenTheHiHatIs() {
        NoteReader reader;
        const auto send = [&reader](std::initializer_list<std::uint8_t> bytes) {
            const std::vector<std::uint8_t> message(bytes);
            return reader.read(message, 77);
        };
        PadKit kit = generalMidiKit();
        const auto voice = [&kit](const StruckNote& n) { return voiceOf(kit, {0, n.key, n.velocity, n.pedal}); };
        QCOMPARE(voice(*send({0x99, 46, 80})), Voice::HiHatOpen);  // as the key says
        QVERIFY(!send({0xB9, 4, 127}));
        QCOMPARE(voice(*send({0x99, 46, 80})), Voice::HiHatClosed);
        QVERIFY(!send({0xB9, 4, 60}));
        QCOMPARE(voice(*send({0x99, 42, 80})), Voice::HiHatLoose);
        QVERIFY(!send({0xB9, 4, 0}));
        QCOMPARE(voice(*send({0x99, 42, 80})), Voice::HiHatOpen);
        QCOMPARE(voice(*send({0x99, 44, 80})), Voice::HiHatFoot);
        QCOMPARE(voice(*send({0x99, 38, 80})), Voice::Snare);
        std::swap(kit.pedalOpen, kit.pedalClosed);  // there are kits that count the other way
        QCOMPARE(voice(*send({0x99, 42, 80})), Voice::HiHatClosed);
        // What is no note, and what is broken off.
        QVERIFY(!send({0x99, 38, 0}));
        QVERIFY(!send({0x89, 38, 64}));
        QVERIFY(!send({0xB9, 4}));
        QVERIFY(!send({}));
    }

    void howLateNotesComeIsTold() {
        std::mt19937 random(9);
        std::normal_distribution<double> jitter(0, 0.0006);
        std::vector<double> notes;
        std::vector<double> sounds;
        for (int i = 0; i < kTimingStrokes; ++i) {
            sounds.push_back(1.0 + i);
            notes.push_back(1.0 + i - 0.0074 + jitter(random));
        }
        sounds.push_back(4.3);  // something that fell down
        std::sort(sounds.begin(), sounds.end());
        const auto timing = padTiming(notes, sounds);
        QVERIFY(timing.has_value());
        QCOMPARE(timing->strokes, kTimingStrokes);
        QVERIFY(std::abs(timing->behindS + 0.0074) * 1e3 < timing->uncertainMs);
        QVERIFY(timing->uncertainMs < 1);
        // Refused: nothing came, strokes too close together, notes that wander.
        QVERIFY(!padTiming({}, sounds));
        std::vector<double> fast;
        for (int i = 0; i < 20; ++i) fast.push_back(1 + 0.1 * i);
        QVERIFY(!padTiming(fast, fast));
        for (std::size_t i = 0; i < notes.size(); ++i) notes[i] += i % 2 == 0 ? 0.01 : 0;
        QVERIFY(!padTiming(notes, sounds));
    }

    void theJournalKeepsStrokesAsTheyWereUnderstood() {
        QTemporaryDir dir;
        const std::filesystem::path file = dir.filePath(QStringLiteral("notes")).toStdString();
        PadKit kit = generalMidiKit();
        kit.voices[31] = Voice::RimShot;
        kit.curve = padCurve(-24, -12, -3);
        const Hit hit = hitOf(kit, {1.25, 31, 90});
        {
            NoteJournal journal(file);
            journal.add(hit);
        }
        const auto read = readNoteJournal(file);
        QCOMPARE(read.size(), std::size_t{1});
        QCOMPARE(read.front().voice, std::optional(Voice::RimShot));
        QVERIFY(std::abs(read.front().levelDb - hit.levelDb) < 1e-5);
        QVERIFY(std::abs(read.front().timeS - 1.25) < 1e-8);
        // One of an earlier version, and lines that are not to be believed.
        const auto write = [&file](const char* text) {
            std::FILE* out = std::fopen(file.c_str(), "we");
            (void)std::fputs(text, out);
            (void)std::fclose(out);
        };
        write("0.5 38 100\n1.5 400 100\n");
        QCOMPARE(readNoteJournal(file).size(), std::size_t{1});
        QCOMPARE(readNoteJournal(file).front().voice, std::optional(Voice::Snare));
        write("# seconds voice level\n0.5 0 -3\n1.5 99 -3\n-4 0 -3\n2.5 0 nan\n3.5 4 -6\n");
        QCOMPARE(readNoteJournal(file).front().voice, std::optional(Voice::Snare));
        write("# something else\n0.5 0 -3\n");
        QVERIFY(readNoteJournal(file).empty());
    }
};

QTEST_APPLESS_MAIN(TestPads)
#include "tst_pads.moc"
