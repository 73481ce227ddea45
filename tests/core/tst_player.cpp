#include <QTest>
#include <cmath>
#include <set>

#include "takes.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/music/library.h"
#include "upbeat/player/room.h"
#include "upbeat/player/truth.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

const Exercise& paradiddle() {
    static const Exercise e = *builtInExercise("paradiddle-accents");
    return e;
}

std::vector<double> offsetsMs(const Performance& p, const std::function<bool(const PlayedHit&)>& which = nullptr) {
    std::vector<double> offsets;
    for (const PlayedHit& hit : p.hits)
        if (hit.role == Role::Main && hit.stroke >= 0 && (!which || which(hit)))
            offsets.push_back((hit.timeS - hit.gridS) * 1e3);
    return offsets;
}

}  // namespace

class TestPlayer : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void theSameSeedPlaysTheSame() {
        const auto a = perform(paradiddle(), Bpm(100), 4, {}, 7);
        const auto b = perform(paradiddle(), Bpm(100), 4, {}, 7);
        const auto c = perform(paradiddle(), Bpm(100), 4, {}, 8);
        QCOMPARE(offsetsMs(a), offsetsMs(b));
        QVERIFY(offsetsMs(a) != offsetsMs(c));
    }

    void aMachineIsExactlyOnTheGrid() {
        for (const Exercise& e : builtInExercises())
            for (const PlayedHit& hit : perform(e, Bpm(100), 2, machine(), 1).hits)
                if (hit.role == Role::Main)
                    QVERIFY(std::abs((hit.timeS - hit.gridS) * 1e3 - askedMs(e.placements, hit.voice, Bpm(100))) <
                            1e-6);
    }

    void placementAndSpreadAreAsStated() {
        Character c = machine();
        c.placementMs = -7;
        c.spreadMs = 5;
        const auto offsets = offsetsMs(perform(paradiddle(), Bpm(100), 250, c, 3));
        QVERIFY(std::abs(mean(offsets) + 7) < 0.4);
        QVERIFY(std::abs(standardDeviation(offsets) - 5) < 0.3);
    }

    void driftMovesTheTake() {
        Character c = machine();
        c.driftMsPerMin = 60;
        const auto offsets = offsetsMs(perform(paradiddle(), Bpm(120), 30, c, 3));
        QVERIFY(std::abs(offsets.front()) < 0.5);
        QVERIFY(std::abs(offsets.back() - 60) < 1.5);
    }

    void habitsApplyWhereTheyAreStated() {
        Character c = machine();
        c.habits = {{Beats(3, 4), std::nullopt, std::nullopt, std::nullopt, -15, 0, 1},
                    {std::nullopt, Limb::LeftHand, std::nullopt, std::nullopt, 4, -3, 1}};
        const auto p = perform(paradiddle(), Bpm(100), 2, c, 1);
        for (const PlayedHit& hit : p.hits) {
            const bool there = paradiddle().strokes[static_cast<std::size_t>(hit.stroke)].at == Beats(3, 4);
            const double expected = (there ? -15 : 0) + (hit.limb == Limb::LeftHand ? 4 : 0);
            QVERIFY(std::abs((hit.timeS - hit.gridS) * 1e3 - expected) < 1e-6);
        }
    }

    void aHabitWithAChanceComesAboutThatOften() {
        Character c = machine();
        c.habits = {{Beats(0), std::nullopt, std::nullopt, std::nullopt, 20, 0, 0.3}};
        const auto offsets =
            offsetsMs(perform(paradiddle(), Bpm(100), 500, c, 4), [](const PlayedHit& h) { return h.stroke == 0; });
        const auto late = std::count_if(offsets.begin(), offsets.end(), [](double o) { return o > 10; });
        QVERIFY(std::abs(static_cast<double>(late) / 500 - 0.3) < 0.07);
    }

    void levelsFollowTheClasses() {
        const auto p = perform(*builtInExercise("ghosted-backbeat"), Bpm(90), 50, {}, 5);
        std::map<Level, std::vector<double>> levels;
        for (const PlayedHit& hit : p.hits) levels[hit.level].push_back(hit.levelDb);
        const Character c;
        for (const auto& [level, values] : levels)
            QVERIFY(std::abs(median(values) - c.accentDb - c.relativeDb[static_cast<std::size_t>(level)]) < 0.6);
    }

    void missesAndExtrasComeAsOftenAsStated() {
        Character c = machine();
        c.missChance = 0.05;
        c.extraChance = 0.1;
        const auto p = perform(paradiddle(), Bpm(100), 250, c, 6);
        const auto extra = std::count_if(p.hits.begin(), p.hits.end(), [](const PlayedHit& h) { return h.stroke < 0; });
        QVERIFY(std::abs(static_cast<double>(p.missed.size()) / 4000 - 0.05) < 0.015);
        QVERIFY(std::abs(static_cast<double>(extra) / 3800 - 0.1) < 0.02);
    }

    void swingCanDifferFromThePage() {
        Character c = machine();
        c.swingRatio = 1.5;
        const Exercise ride = *builtInExercise("swung-ride");
        const double beat = 60.0 / 120;
        for (const PlayedHit& hit : perform(ride, Bpm(120), 1, c, 1).hits) {
            const Beats at = ride.strokes[static_cast<std::size_t>(hit.stroke)].at;
            if (wrapped(at, Beats(1)) == Beats(1, 2))
                QVERIFY(std::abs(hit.timeS - (static_cast<double>(at.floor()) + 0.6) * beat) < 1e-9);
        }
    }

    void graceNotesStandBeforeTheirStroke() {
        Character c = machine();
        c.graceMs = 30;
        const auto p = perform(*builtInExercise("flam-taps"), Bpm(80), 1, c, 1);
        QCOMPARE(p.hits.size(), std::size_t{12});
        QCOMPARE(p.hits[0].role, Role::Grace);
        QVERIFY(std::abs(p.hits[1].timeS - p.hits[0].timeS - 0.030) < 1e-9);
        QVERIFY(std::abs(p.hits[0].levelDb - p.hits[1].levelDb - c.graceDb) < 1e-9);
        QVERIFY(p.hits[0].limb != p.hits[1].limb);
    }

    void impossibleCharactersAreRefused() {
        QVERIFY(check(Character{}).has_value());
        Character c;
        c.spreadMs = -1;
        QVERIFY(!check(c));
        c = {};
        c.accentDb = std::nan("");
        QVERIFY(!check(c));
        c = {};
        c.habits.push_back({});
        c.habits.back().chance = 2;
        QVERIFY(!check(c));
        QCOMPARE(QString::fromStdString(check(c).error().sentence()),
                 QStringLiteral("character: habit chance is 2; use 0 to 1."));
    }

    void theTrueOnsetIsTheDefinition() {
        // A step to a constant: the trailing mean grows in a straight line and passes 5 % a twentieth of the window
        // later.
        std::vector<float> step(4800, 0.0F);
        std::fill(step.begin() + 1000, step.begin() + 3400, 0.4F);
        QVERIFY(std::abs(trueOnset(step, 48000) - (1000 - 1 + 0.05 * 48)) < 0.01);
        QVERIFY(std::abs(trueLevelDb(step, 48000) - 20 * std::log10(0.4)) < 0.05);
    }

    void renderedHitsLieWhereThePlayerMeant() {
        const KnownTake take = play(paradiddle(), 100, 2, {}, 9);
        QCOMPARE(take.rendered.hits.size(), take.performance.hits.size());
        for (const TrueHit& hit : take.rendered.hits) {
            QVERIFY(std::abs(hit.timeS - take.rendered.firstBeatS - hit.played.timeS) < 0.6 / 48000);
            QCOMPARE(hit.levelDb, hit.played.levelDb);
        }
    }

    void aRenderedStrokeHasItsLevel() {
        Exercise one = paradiddle();
        one.strokes.resize(1);
        Recording recording;
        recording.noiseDb = -120;
        const KnownTake take = play(one, 60, 1, machine(), 3, recording);
        QVERIFY(std::abs(trueLevelDb(take.rendered.sound.view(), 48000) - take.rendered.hits.front().levelDb) < 0.2);
        QVERIFY(std::abs(trueOnset(take.rendered.sound.view(), 48000) / 48000 - take.rendered.hits.front().timeS) <
                0.0001);
    }

    void noTwoStrokesAreAlikeAndKitsDiffer() {
        StrokeBank bank(makeKit(1), 48000, 1);
        std::set<std::vector<float>> sounds;
        for (int i = 0; i < 60; ++i) sounds.insert(bank.draw(Voice::Snare, 0.9).samples);
        QVERIFY(sounds.size() >= 8);
        QVERIFY(makeKit(1).recipe(Voice::Snare).partials.front().hz !=
                makeKit(2).recipe(Voice::Snare).partials.front().hz);
    }

    void everyVoiceSounds() {
        StrokeBank bank(makeKit(3), 48000, 3);
        for (int v = 0; v < kVoiceCount; ++v) {
            const StrokeSound& stroke = bank.draw(static_cast<Voice>(v), 0.5);
            QVERIFY(stroke.levelDb > -60);
            QVERIFY(stroke.onset > 0 && stroke.onset < 0.02 * 48000);
            for (const float sample : stroke.samples) QVERIFY(std::isfinite(sample));
        }
    }

    /// N4: the length of an open hi-hat is written by what closes it; a choked crash is over at once.
    void anOpenHatRingsUntilItIsClosed() {
        const auto energyOf = [](Voice first, Voice second) {
            Performance p;
            for (const auto& [voice, at] : {std::pair(first, 0.1), std::pair(second, 0.3)}) {
                PlayedHit hit;
                hit.voice = voice;
                hit.timeS = at;
                hit.levelDb = voice == first ? -12 : -80;
                p.hits.push_back(hit);
            }
            Recording recording;
            recording.noiseDb = -120;
            recording.leadS = 0;
            const RenderedTake take = render(p, 1.0, recording);
            double sum = 0;
            for (std::size_t i = 32 * 480; i < 40 * 480; ++i)
                sum += static_cast<double>(take.sound.samples[i]) * take.sound.samples[i];
            return sum;
        };
        const double ringing = energyOf(Voice::HiHatOpen, Voice::Snare);
        QVERIFY(ringing > 1e-3);
        QVERIFY(energyOf(Voice::HiHatOpen, Voice::HiHatFoot) < 0.02 * ringing);
        QVERIFY(energyOf(Voice::HiHatOpen, Voice::HiHatClosed) < 0.02 * ringing);
        QVERIFY(energyOf(Voice::Ride, Voice::HiHatFoot) > 0.5 * energyOf(Voice::Ride, Voice::Snare));
        QVERIFY(energyOf(Voice::CrashChoked, Voice::Snare) < 0.02 * energyOf(Voice::Crash, Voice::Snare));
    }

    void aRoomKeepsTheDirectSoundAndRings() {
        Sound click{std::vector<float>(48000, 0.0F), 48000};
        click.samples[100] = 1.0F;
        const Sound wet = inRoom(click, 0.4, 0.5);
        QVERIFY(std::abs(wet.samples[100] - 1.0F) < 1e-6F);
        const auto energy = [&wet](int from, int to) {
            double sum = 0;
            for (int i = from; i < to; ++i)
                sum += static_cast<double>(wet.samples[static_cast<std::size_t>(i)] *
                                           wet.samples[static_cast<std::size_t>(i)]);
            return sum;
        };
        QVERIFY(energy(2000, 8000) > 1e-4);
        QVERIFY(energy(30000, 36000) < 0.01 * energy(2000, 8000));
        QCOMPARE(inRoom(click, 0, 0.5).samples, click.samples);
    }

    void bledClicksStandOnTheBeat() {
        Recording recording;
        recording.bleed = ClickPlan{Bpm(120), {4, 4}, 0, 1, true, true};
        recording.bleedDb = -20;
        recording.noiseDb = -120;
        recording.leadS = 0.5;
        const RenderedTake take = render(Performance{}, 2.0, recording);
        const double first = trueOnset(std::span(take.sound.samples).subspan(0, 30000), 48000) / 48000;
        QVERIFY(std::abs(first - 0.5) < 0.001);
        const float peak = *std::max_element(take.sound.samples.begin(), take.sound.samples.end());
        QVERIFY(peak > 0.04F && peak < 0.11F);
    }

    void gainAboveFullScaleClips() {
        Recording recording;
        recording.gainDb = 30;
        const KnownTake take = play(paradiddle(), 100, 1, {}, 2, recording);
        const auto full = std::count_if(take.rendered.sound.samples.begin(), take.rendered.sound.samples.end(),
                                        [](float v) { return std::abs(v) >= 1.0F; });
        QVERIFY(full > 100);
    }
};

QTEST_APPLESS_MAIN(TestPlayer)
#include "tst_player.moc"
