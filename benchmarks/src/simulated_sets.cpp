#include "simulated_sets.h"

#include <chrono>
#include <cmath>

#include "upbeat/player/render.h"
#include "upbeat/signal/take_listener.h"

namespace upbeat::bench {

namespace {

Recording recordingFor(std::uint64_t seed, Room room, Kits kits) {
    Recording recording;
    recording.kitSeed = seed;
    recording.hardKit = kits == Kits::Hard;
    if (room == Room::Reverberant) recording.rt60S = 0.5, recording.roomGain = 0.3;
    if (room == Room::Noisy) recording.noiseDb = -50, recording.humDb = -55, recording.dc = 0.01;
    return recording;
}

std::vector<Label> labelsOf(const RenderedTake& rendered) {
    std::vector<Label> labels;
    for (const TrueHit& hit : rendered.hits) {
        Label label;
        label.timeS = hit.timeS;
        label.levelDb = hit.levelDb;
        label.voice = toName(hit.played.voice);
        label.stroke = toName(hit.played.level);
        label.role = hit.played.role == Role::Grace ? "grace" : (hit.played.stroke < 0 ? "extra" : "main");
        if (hit.played.stroke >= 0) label.gridS = rendered.firstBeatS + hit.played.gridS;
        labels.push_back(label);
    }
    return labels;
}

}  // namespace

LabelledTake recordedAs(const Exercise& exercise, double tempoBpm, int passes, const Performance& performance,
                        const Recording& recording, const Spoil& spoil) {
    RenderedTake rendered = render(performance, passes * passDurationS(exercise, Bpm(tempoBpm)), recording);
    if (spoil) spoil(rendered.sound, rendered.firstBeatS);
    LabelledTake take;
    take.name = exercise.id;
    take.durationS = rendered.sound.durationS();
    take.labels = labelsOf(rendered);
    const TakeFrame frame{tempoBpm, rendered.firstBeatS, passes * exercise.bars, 0, false, {}};
    const auto start = std::chrono::steady_clock::now();
    const auto hits = detectHits(rendered.sound.view(), rendered.sound.sampleRate);
    take.analysis = analyzeTake(exercise, frame, hits, {Profile(), ladderOf(exercise), {}});
    take.analysisS = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    return take;
}

LabelledTake simulateLabelled(const Exercise& exercise, double tempoBpm, int bars, const Character& character,
                              std::uint64_t seed, Room room, Kits kits, const Spoil& spoil) {
    const int passes = (bars + exercise.bars - 1) / exercise.bars;
    const Performance performance = perform(exercise, Bpm(tempoBpm), passes, character, seed);
    return recordedAs(exercise, tempoBpm, passes, performance, recordingFor(seed, room, kits), spoil);
}

std::vector<Hit> exactHits(const Performance& performance, double firstBeatS) {
    constexpr double kOneSoundS = 0.004;
    std::vector<Hit> hits;
    for (const PlayedHit& played : performance.hits) {
        if (!hits.empty() && firstBeatS + played.timeS - hits.back().timeS < kOneSoundS) continue;
        Hit& hit = hits.emplace_back();
        hit.timeS = firstBeatS + played.timeS;
        hit.levelDb = played.levelDb;
        hit.strength = 60;
        hit.contrastDb = 40;
    }
    return hits;
}

std::vector<std::uint64_t> unseenSeeds() {
    return {9001, 9002, 9003, 9004, 9005, 9006};
}

}  // namespace upbeat::bench
