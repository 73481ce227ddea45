#include "rests.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "room_sounds.h"
#include "upbeat/player/render.h"
#include "upbeat/signal/hit_detector.h"
#include "upbeat/units/random.h"

namespace upbeat::bench {

namespace {

constexpr double kRestS = 9;

/// Somebody's way to tap, and what else he does.
class Rest {
  public:
    explicit Rest(std::uint64_t seed) : m_random(seed) {}

    /// Even but for a hand's unevenness.
    void tap(double fromS, int count, double gapS, double levelDb) {
        double at = fromS;
        for (int k = 0; k < count; ++k, at += gapS)
            add(at + 0.012 * m_random.normal(), levelDb + 1.5 * m_random.normal(), Voice::Snare);
    }
    /// A stick falls on something, a few strokes here and there, now and then a run.
    void fiddle() {
        for (double at = m_random.uniform(0.2, 1.5); at < kRestS - 1;) {
            const bool isRun = m_random.uniform() < 0.3;
            const int count = isRun ? 6 + m_random.below(12) : 1 + m_random.below(6);
            const double gap = isRun ? m_random.uniform(0.07, 0.25) : 0;
            for (int k = 0; k < count && at < kRestS - 1; ++k) {
                add(at, m_random.uniform(-38, -16), m_random.uniform() < 0.7 ? Voice::Snare : Voice::TomHigh);
                at += isRun ? gap * (1 + 0.04 * m_random.normal())
                            : std::clamp(0.3 * std::exp(0.5 * m_random.normal()), 0.05, 0.9);
            }
            at += m_random.uniform(0.3, 2);
        }
    }
    /// One stroke after the other on a drum that is tuned.
    void adjust() {
        for (double at = m_random.uniform(0.3, 1.5); at < kRestS - 1; at += m_random.uniform(0.45, 1.9))
            add(at, m_random.uniform(-34, -22), Voice::TomHigh);
    }

    [[nodiscard]] Sound sound(std::uint64_t kit) {
        std::sort(m_performance.hits.begin(), m_performance.hits.end(),
                  [](const PlayedHit& a, const PlayedHit& b) { return a.timeS < b.timeS; });
        Recording recording;
        recording.kitSeed = kit;
        recording.leadS = 0.3;
        recording.noiseDb = -62;
        return render(m_performance, kRestS, recording).sound;
    }
    [[nodiscard]] Random& random() { return m_random; }

  private:
    void add(double atS, double levelDb, Voice voice) {
        PlayedHit hit;
        hit.timeS = std::max(0.0, atS);
        hit.levelDb = levelDb;
        hit.voice = voice;
        m_performance.hits.push_back(hit);
    }

    Random m_random;
    Performance m_performance;
};

void talk(Sound& sound, Random& random) {
    for (double at = random.uniform(0.1, 1); at < kRestS - 0.5;) {
        const int syllables = 1 + random.below(9);
        for (int k = 0; k < syllables; ++k) {
            addOneSound(sound, random.uniform() < 0.8 ? RoomSound::Voice : RoomSound::Rustle, at,
                        random.uniform(-36, -14), random.bits());
            at += random.uniform(0.12, 0.4);
        }
        at += random.uniform(0.2, 1.6);
    }
}

/// The first command that is heard while the rest goes on, in steps as the window listens.
std::optional<TapCommand> commandHeard(const Sound& sound, const TapStyle& style) {
    constexpr std::size_t kBlock = 960;
    HitDetector detector(sound.sampleRate);
    std::vector<Hit> strokes;
    const std::span<const float> all(sound.samples);
    for (std::size_t from = 0; from < all.size(); from += kBlock) {
        detector.push(all.subspan(from, std::min(kBlock, all.size() - from)));
        for (Hit& hit : detector.take())
            if (hit.strength >= kFirmStrength) strokes.push_back(std::move(hit));
        const double nowS = static_cast<double>(detector.samplesSeen()) / sound.sampleRate;
        if (const auto command = commandIn(strokes, nowS, style)) return command;
    }
    return std::nullopt;
}

/// What is learned of his taps, once, on the same drum.
TapStyle learnedFrom(std::uint64_t kit, double gapS, double levelDb, std::uint64_t seed) {
    Rest lesson(seed);
    for (int group = 0; group < 3; ++group) lesson.tap(0.5 + 2.6 * group, 3, gapS, levelDb);
    const Sound sound = lesson.sound(kit);
    HitDetector detector(sound.sampleRate);
    detector.push(sound.samples);
    detector.finish();
    std::vector<Hit> strokes = detector.take();
    std::erase_if(strokes, [](const Hit& hit) { return hit.strength < kFirmStrength; });
    return styleOf(strokes, sound.durationS()).value_or(TapStyle());
}

}  // namespace

RestOutcome listenToRest(RestScene scene, std::uint64_t seed) {
    Rest rest(seed * 31 + 7);
    Random& random = rest.random();
    const std::uint64_t kit = 40 + seed % 12;
    const double gapS = random.uniform(0.22, 0.5);
    const double levelDb = random.uniform(-30, -16);
    const TapStyle style = learnedFrom(kit, gapS, levelDb, seed + 5);
    RestOutcome outcome;
    if (scene == RestScene::Command) {
        outcome.asked = static_cast<TapCommand>(random.below(3));
        rest.tap(random.uniform(1.2, 4), 3 + static_cast<int>(*outcome.asked), gapS * random.uniform(0.9, 1.1),
                 levelDb);
    }
    if (scene == RestScene::Fiddling) rest.fiddle();
    if (scene == RestScene::Adjusting) rest.adjust();
    Sound sound = rest.sound(kit);
    if (scene == RestScene::Talk) talk(sound, random);
    if (scene == RestScene::Adjusting) {
        addOneSound(sound, RoomSound::Chair, random.uniform(1, 6), -24, seed);
        addOneSound(sound, RoomSound::FootTaps, random.uniform(1, 6), -26, seed + 1);
    }
    outcome.taken = commandHeard(sound, style);
    return outcome;
}

Table tapTable(int rests) {
    struct Count {
        const char* name;
        RestScene scene;
        int rests = 0;
        int taken = 0;
        int mistaken = 0;
    };
    std::array<Count, 5> counts{{{"commands", RestScene::Command},
                                 {"fiddling, runs", RestScene::Fiddling},
                                 {"talk, rustle", RestScene::Talk},
                                 {"tuning, chair, feet", RestScene::Adjusting},
                                 {"nothing", RestScene::Quiet}}};
    int mistaken = 0;
    for (int i = 0; i < rests; ++i) {
        Count& count = counts.at(static_cast<std::size_t>(i % 5));
        const RestOutcome outcome = listenToRest(count.scene, 130000 + static_cast<std::uint64_t>(i));
        ++count.rests;
        count.taken += outcome.asked && outcome.taken == outcome.asked ? 1 : 0;
        const bool isMistaken = outcome.taken && outcome.taken != outcome.asked;
        count.mistaken += isMistaken ? 1 : 0;
        mistaken += isMistaken ? 1 : 0;
    }
    Table table{"Taps in rests", {"what goes on", "rests", "commands taken", "mistaken for one"}, {}};
    for (const Count& count : counts)
        table.rows.push_back({count.name, fmt::format("{}", count.rests),
                              count.scene == RestScene::Command ? percent(count.taken, count.rests) : "",
                              percent(count.mistaken, count.rests)});
    table.rows.push_back({"all (asked: 95 % taken, 1 in 200 mistaken)", fmt::format("{}", rests),
                          percent(counts[0].taken, counts[0].rests), percent(mistaken, rests)});
    return table;
}

}  // namespace upbeat::bench
