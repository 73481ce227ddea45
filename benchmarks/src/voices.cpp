#include "voices.h"

#include <fmt/format.h>

#include <algorithm>
#include <chrono>
#include <cmath>

#include "simulated_sets.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/music/library.h"
#include "upbeat/player/render.h"
#include "upbeat/signal/take_listener.h"
#include "upbeat/take/teach.h"

namespace upbeat::bench {

namespace {

struct VoiceScore {
    int strokes = 0;
    int found = 0;   ///< A stroke of its instrument within 12 ms.
    int wrong = 0;   ///< Something else was taken for it.
    int hidden = 0;  ///< Shares the sound of a stroke it could not be heard behind.
    int otherDrum = 0;
    int extra = 0;
    double soundS = 0;
    double workS = 0;
    std::vector<double> onsetMs;
    std::vector<double> levelDb;
};

RenderedTake rendered(const Exercise& e, double tempoBpm, int passes, std::uint64_t seed, const Recording& recording) {
    Character steady;
    steady.spreadMs = 4;
    const Performance p = perform(e, Bpm(tempoBpm), passes, steady, seed);
    return render(p, passes * passDurationS(e, Bpm(tempoBpm)), recording);
}

TaughtKit lesson(const Exercise& e, const Recording& recording) {
    const Exercise page = teachingExercise(e);
    const RenderedTake take = rendered(page, page.tempo.start, 1, recording.kitSeed + 1, recording);
    const TakeFrame frame{page.tempo.start, take.firstBeatS, page.bars, 0, false, {}};
    return learnKit(matchTake(page, frame, listenTo(take.sound.view(), take.sound.sampleRate)));
}

void scoreOne(const Exercise& e, const Recording& recording, VoiceScore& score) {
    constexpr int kPasses = 8;
    const double tempo = 0.8 * e.tempo.goal;
    const RenderedTake take = rendered(e, tempo, kPasses, recording.kitSeed + 2, recording);
    const TaughtKit kit = lesson(e, recording);
    const TakeFrame frame{tempo, take.firstBeatS, kPasses * e.bars, 0, false, {}};
    const auto start = std::chrono::steady_clock::now();
    const auto analysis = analyzeTake(e, frame, toldApart(e, listenTo(take.sound.view(), take.sound.sampleRate), kit),
                                      {Profile(), ladderOf(e), {}});
    score.workS += std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    score.soundS += take.sound.durationS();
    score.strokes += static_cast<int>(take.hits.size());
    score.extra += static_cast<int>(analysis.matched.extra.size());
    score.otherDrum += static_cast<int>(analysis.measures.counts.wrongVoice.size());
    for (const MatchedStroke& s : analysis.matched.strokes) {
        if (s.shared) {
            ++score.hidden;
            continue;
        }
        const auto truth = std::find_if(take.hits.begin(), take.hits.end(), [&](const TrueHit& t) {
            return t.played.stroke == s.written.stroke && t.played.pass == s.written.pass;
        });
        const Hit& hit = analysis.matched.hits[static_cast<std::size_t>(s.hit)];
        constexpr double kNearMs = 12;
        const double away = truth == take.hits.end() ? 1e3 : (hit.timeS - truth->timeS) * 1e3;
        if (std::abs(away) > kNearMs || !hit.voice || instrumentOf(*hit.voice) != instrumentOf(s.stroke.voice)) {
            ++score.wrong;
            continue;
        }
        ++score.found;
        score.onsetMs.push_back(away);
        score.levelDb.push_back(hit.levelDb - truth->levelDb);
    }
}

std::vector<std::string> rowOf(const std::string& name, const VoiceScore& s) {
    const auto percent = [&](int n) { return fmt::format("{:.1f}", 100.0 * n / std::max(1, s.strokes)); };
    return {name,
            fmt::format("{}", s.strokes),
            percent(s.found),
            percent(s.hidden),
            percent(s.wrong),
            fmt::format("{}", s.otherDrum),
            fmt::format("{}", s.extra),
            fmt::format("{:.2f}", robustDeviation(s.onsetMs)),
            fmt::format("{:.2f}", robustDeviation(s.levelDb)),
            fmt::format("{:.0f}", s.soundS / s.workS)};
}

}  // namespace

Table voicesTable() {
    Table table{"Voices on one microphone, kits not used in tuning",
                {"takes", "strokes", "found %", "behind others %", "something else %", "on another drum", "extra",
                 "onset sd ms", "level sd dB", "times real time"},
                {}};
    for (const bool hard : {false, true}) {
        for (const char* id : {"ghosted-backbeat", "swung-ride"}) {
            VoiceScore score;
            for (const std::uint64_t seed : unseenSeeds()) {
                Recording recording;
                recording.kitSeed = seed;
                recording.hardKit = hard;
                scoreOne(*builtInExercise(id), recording, score);
            }
            table.rows.push_back(rowOf(fmt::format("{}{}", id, hard ? ", hard kits" : ""), score));
        }
    }
    return table;
}

}  // namespace upbeat::bench
