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
    const char* page = "";
    Voice voice = Voice::Kick;
    double laterMs = 0;
};

struct UnisonScore {
    int unisons = 0;
    int both = 0;    ///< Each with a hit of its own, within 3 ms of where it is.
    int untold = 0;  ///< Two sounds, but not which of them is whose.
    std::vector<double> distanceMs;

    void add(const UnisonScore& other) {
        unisons += other.unisons;
        both += other.both;
        untold += other.untold;
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
            if (moved.hit == other.hit && moved.otherHit == kNone) continue;
            const auto timeOf = [&](int hit) { return matched.hits[static_cast<std::size_t>(hit)].timeS; };
            std::array heard{timeOf(moved.hit), timeOf(other.hit)};
            std::array played{truth->timeS, otherTruth->timeS};
            if (moved.hit == other.hit) {
                heard[1] = timeOf(moved.otherHit);
                std::sort(heard.begin(), heard.end());
                std::sort(played.begin(), played.end());
                ++score.untold;
            }
            const std::array off{heard[0] - played[0], heard[1] - played[1]};
            score.both += std::abs(off[0]) < kNearS && std::abs(off[1]) < kNearS ? 1 : 0;
            score.distanceMs.push_back((off[0] - off[1]) * 1e3);
        }
    }
    return score;
}

UnisonScore play(const Apart& apart, const Recording& recording) {
    const Exercise page = *builtInExercise(apart.page);
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
    return {name,
            fmt::format("{}", s.unisons),
            fmt::format("{:.3f}", static_cast<double>(s.distanceMs.size()) / n),
            fmt::format("{:.3f}", s.both / n),
            fmt::format("{:.3f}", s.untold / n),
            away.empty() ? "-" : fmt::format("{:.2f}", away[away.size() * 95 / 100])};
}

}  // namespace

Table unisonTable(const std::vector<std::uint64_t>& seeds) {
    Table table{"Strokes written together and played apart, one microphone, no lesson",
                {"unisons", "strokes", "taken for two", "both found", "not told whose", "distance off by, 95 % ms"},
                {}};
    struct Pair {
        const char* page;
        Voice voice;
        const char* against;
    };
    for (const Pair& pair : {Pair{"ghosted-backbeat", Voice::Kick, "hi-hat"},
                             {"ghosted-backbeat", Voice::Snare, "hi-hat"},
                             {"swung-ride", Voice::HiHatFoot, "ride"}})
        for (const bool hard : {false, true})
            for (const double ms : {-30.0, -15.0, -6.0, 0.0, 6.0, 15.0, 20.0, 40.0}) {
                UnisonScore score;
                for (const std::uint64_t seed : seeds) {
                    Recording recording;
                    recording.kitSeed = seed;
                    recording.hardKit = hard;
                    score.add(play({pair.page, pair.voice, ms}, recording));
                }
                table.rows.push_back(rowOf(fmt::format("{} {:+.0f} ms from the {}{}", toName(pair.voice), ms,
                                                       pair.against, hard ? ", hard kits" : ""),
                                           score));
            }
    return table;
}

}  // namespace upbeat::bench
