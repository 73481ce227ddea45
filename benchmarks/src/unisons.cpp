#include "unisons.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "upbeat/measure/statistics.h"
#include "upbeat/music/library.h"
#include "upbeat/player/render.h"
#include "upbeat/signal/take_listener.h"
#include "upbeat/take/analyze_take.h"

namespace upbeat::bench {

namespace {

constexpr int kPasses = 8;

/// A voice that comes so much later than what it is written with.
struct Apart {
    Voice voice = Voice::Kick;
    double laterMs = 0;
};

struct UnisonScore {
    int unisons = 0;
    int both = 0;  ///< Each with a hit of its own, within 3 ms of where it is.
    std::vector<double> distanceMs;

    void add(const UnisonScore& other) {
        unisons += other.unisons;
        both += other.both;
        distanceMs.insert(distanceMs.end(), other.distanceMs.begin(), other.distanceMs.end());
    }
};

/// Where a stroke of the take truly sounded.
const TrueHit* truthOf(const RenderedTake& take, const MatchedStroke& s) {
    const auto found = std::find_if(take.hits.begin(), take.hits.end(), [&](const TrueHit& t) {
        return t.played.stroke == s.written.stroke && t.played.pass == s.written.pass;
    });
    return found == take.hits.end() ? nullptr : &*found;
}

UnisonScore scoreUnisons(const RenderedTake& take, const MatchedTake& matched, Voice voice) {
    constexpr double kNearS = 0.003;
    UnisonScore score;
    for (const MatchedStroke& moved : matched.strokes) {
        if (moved.stroke.voice != voice) continue;
        for (const MatchedStroke& other : matched.strokes) {
            if (other.stroke.voice == voice || other.stroke.at != moved.stroke.at ||
                other.written.pass != moved.written.pass)
                continue;
            const TrueHit* truth = truthOf(take, moved);
            const TrueHit* otherTruth = truthOf(take, other);
            if (truth == nullptr || otherTruth == nullptr) continue;
            ++score.unisons;
            if (moved.hit == other.hit) continue;
            const auto timeOf = [&](const MatchedStroke& s) {
                return matched.hits[static_cast<std::size_t>(s.hit)].timeS;
            };
            const double off = timeOf(moved) - truth->timeS;
            const double otherOff = timeOf(other) - otherTruth->timeS;
            score.both += std::abs(off) < kNearS && std::abs(otherOff) < kNearS ? 1 : 0;
            score.distanceMs.push_back((off - otherOff) * 1e3);
        }
    }
    return score;
}

UnisonScore play(const Apart& apart, const Recording& recording) {
    const Exercise page = *builtInExercise("ghosted-backbeat");
    const Bpm tempo(0.8 * page.tempo.goal);
    Character player;
    player.spreadMs = 1;
    const bool backbeat = apart.voice == Voice::Snare;  // its ghosts stand alone
    player.habits.push_back(
        {{}, {}, apart.voice, backbeat ? std::optional(Level::Accent) : std::nullopt, apart.laterMs, 0, 1});
    const RenderedTake take = render(perform(page, tempo, kPasses, player, recording.kitSeed + 3),
                                     kPasses * passDurationS(page, tempo), recording);
    const TakeFrame frame{tempo.value(), take.firstBeatS, kPasses * page.bars, 0, false, {}};
    const auto analysis =
        analyzeTake(page, frame, listenTo(take.sound.view(), take.sound.sampleRate), {Profile(), ladderOf(page), {}});
    return scoreUnisons(take, analysis.matched, apart.voice);
}

std::vector<std::string> rowOf(const std::string& name, const UnisonScore& s) {
    std::vector<double> away;
    for (const double d : s.distanceMs) away.push_back(std::abs(d));
    std::sort(away.begin(), away.end());
    const auto n = static_cast<double>(std::max(1, s.unisons));
    return {name, fmt::format("{}", s.unisons), fmt::format("{:.3f}", static_cast<double>(s.distanceMs.size()) / n),
            fmt::format("{:.3f}", s.both / n),
            away.empty() ? "-" : fmt::format("{:.2f}", away[away.size() * 95 / 100])};
}

}  // namespace

Table unisonTable(const std::vector<std::uint64_t>& seeds) {
    Table table{"Strokes written together and played apart, one microphone, no lesson",
                {"unisons", "strokes", "taken for two", "both found", "distance off by, 95 % ms"},
                {}};
    for (const Voice voice : {Voice::Kick, Voice::Snare})
        for (const bool hard : {false, true})
            for (const double ms : {-30.0, -15.0, -6.0, 0.0, 6.0, 15.0, 20.0, 40.0}) {
                UnisonScore score;
                for (const std::uint64_t seed : seeds) {
                    Recording recording;
                    recording.kitSeed = seed;
                    recording.hardKit = hard;
                    score.add(play({voice, ms}, recording));
                }
                table.rows.push_back(
                    rowOf(fmt::format("{} {:+.0f} ms from the hi-hat{}", toName(voice), ms, hard ? ", hard kits" : ""),
                          score));
            }
    return table;
}

}  // namespace upbeat::bench
