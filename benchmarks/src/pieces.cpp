#include "pieces.h"

#include <fmt/format.h>

#include <algorithm>

#include "score.h"
#include "simulated_sets.h"
#include "upbeat/formats/pattern.h"

namespace upbeat::bench {

namespace {

constexpr const char* kPieces = UPBEAT_SOURCE_DIR "/demodata/pieces/";

/// Loses the place: from a time on everything comes so much later.
void falterAt(Performance& played, double fromS, double laterS) {
    for (auto* hits : {&played.hits, &played.bounces})
        for (PlayedHit& hit : *hits)
            if (hit.gridS > fromS - 0.03) hit.timeS += laterS;
}

/// Goes on where a section ends that was to be played: it is left out, and all that follows comes sooner.
void leaveOut(Performance& played, double fromS, double toS) {
    for (auto* hits : {&played.hits, &played.bounces}) {
        std::erase_if(*hits, [&](const PlayedHit& hit) { return hit.gridS > fromS - 0.03 && hit.gridS < toS - 0.03; });
        for (PlayedHit& hit : *hits)
            if (hit.gridS > fromS) hit.timeS -= toS - fromS;
    }
}

/// Plays a section once more than is written: all that follows comes so much later, and what would sound behind the end
/// of the page is not played.
void playAgain(Performance& played, double fromS, double toS, double endS) {
    constexpr double kEarlierS = 0.03;
    for (auto* hits : {&played.hits, &played.bounces}) {
        std::vector<PlayedHit> again;
        for (PlayedHit& hit : *hits) {
            if (hit.gridS > fromS - kEarlierS && hit.gridS < toS - kEarlierS) {
                again.push_back(hit);
                again.back().stroke = -1;
                again.back().timeS += toS - fromS;
            }
            if (hit.gridS > toS - kEarlierS) hit.timeS += toS - fromS;
        }
        hits->insert(hits->end(), again.begin(), again.end());
        std::erase_if(*hits, [endS](const PlayedHit& hit) { return hit.timeS > endS - kEarlierS; });
        std::sort(hits->begin(), hits->end(), [](const PlayedHit& a, const PlayedHit& b) { return a.timeS < b.timeS; });
    }
}

struct Happens {
    const char* what;
    Character character{};
    bool falters = false;
    bool leavesOut = false;
    bool playsAgain = false;
};

std::vector<Happens> all() {
    Character careless;
    careless.missChance = 0.01;
    careless.extraChance = 0.005;
    Character drifting;
    drifting.driftMsPerMin = 15;
    Character both = careless;
    both.driftMsPerMin = 15;
    return {{"nothing", {}},
            {"1 % missed, 0.5 % too many", careless},
            {"drift of 15 ms a minute", drifting},
            {"the place is lost, 2 beats", {}, true},
            {"a section is left out", {}, false, true},
            {"a section is played again", {}, false, false, true},
            {"a section is played again, 1 % missed, 0.5 % too many, drift", both, false, false, true},
            {"all but the section played again", both, true, true}};
}

Score playedWith(const Exercise& piece, const Happens& happens, std::uint64_t seed) {
    const double tempo = piece.tempo.start;
    Performance played = perform(piece, Bpm(tempo), 1, happens.character, seed);
    const auto startOf = [&](std::size_t section) {
        return barStartS(piece, Bpm(tempo), piece.sections[section].bar - 1);
    };
    const std::size_t out = piece.sections.size() / 2 - 1 + seed % 2;
    if (happens.leavesOut) leaveOut(played, startOf(out), startOf(out + 1));
    if (happens.playsAgain) playAgain(played, startOf(out), startOf(out + 1), passDurationS(piece, Bpm(tempo)));
    if (happens.falters)
        falterAt(played, startOf(2) + beatDuration(Bpm(tempo)).value(), 2 * beatDuration(Bpm(tempo)).value());
    Recording recording;
    recording.kitSeed = seed;
    return scoreTake(recordedAs(piece, tempo, 1, played, recording));
}

}  // namespace

Table piecesTable() {
    Table table{"Pieces played whole, one pass, six kits",
                {"what happens", "strokes", "F", "mismatched per 1000", "asked"},
                {}};
    for (const char* file : {"harbour-lights.txt", "signal-for-one-drum.txt"}) {
        const auto piece = readPattern(std::string(kPieces) + file);
        if (!piece) {
            table.rows.push_back({piece.error().sentence(), "-", "-", "-", ""});
            continue;
        }
        for (const Happens& happens : all()) {
            Score score;
            for (const std::uint64_t seed : unseenSeeds()) score += playedWith(*piece, happens, seed);
            table.rows.push_back({fmt::format("{}: {}", piece->id, happens.what), fmt::format("{}", score.partners),
                                  fmt::format("{:.4f}", score.f()),
                                  fmt::format("{:.1f}", 1000.0 * score.wrongPartners / std::max(1, score.partners)),
                                  "<= 1"});
        }
    }
    return table;
}

}  // namespace upbeat::bench
