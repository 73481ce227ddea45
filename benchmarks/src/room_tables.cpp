#include <fmt/format.h>

#include <array>

#include "room_sounds.h"
#include "score.h"
#include "simulated_sets.h"
#include "upbeat/measure/gain_ride.h"
#include "upbeat/music/library.h"

namespace upbeat::bench {

namespace {

constexpr std::array kPages{"singles-sixteenths", "paradiddle-accents", "ghosted-backbeat", "swung-ride"};
constexpr int kBars = 16;

struct Heard {
    Score score;
    int pale = 0;
    int takes = 0;
    int riding = 0;
};

/// The pages played by an ordinary player on every kit, with something done to the recording.
Heard hear(const std::vector<std::uint64_t>& seeds, const Character& character,
           const std::function<void(Sound&, double beatS, double firstBeatS, std::uint64_t seed)>& also) {
    Heard heard;
    for (const char* id : kPages) {
        const Exercise page = *builtInExercise(id);
        const double tempo = 0.8 * page.tempo.goal;
        for (const std::uint64_t seed : seeds) {
            const auto take = simulateLabelled(page, tempo, kBars, character, seed, Room::Dry, Kits::Plain,
                                               [&](Sound& sound, double firstBeatS) {
                                                   if (also) also(sound, 60 / tempo, firstBeatS, seed);
                                               });
            heard.score += scoreTake(take);
            heard.pale += static_cast<int>(take.analysis.matched.pale.size());
            heard.riding += take.analysis.matched.gainRides ? 1 : 0;
            ++heard.takes;
        }
    }
    return heard;
}

std::string shareOf(int part, int whole) {
    return fmt::format("{:.3f}", whole > 0 ? 1.0 * part / whole : 1.0);
}

std::vector<std::string> rowOf(const std::string& name, const Heard& h) {
    return {name,
            fmt::format("{:.3f}", h.score.f()),
            shareOf(h.score.found, h.score.found + h.score.extra),
            fmt::format("{}", h.score.lost),
            fmt::format("{}", h.score.extra),
            fmt::format("{}", h.pale),
            shareOf(h.score.ghostsFound, h.score.ghosts),
            fmt::format("{:.2f}", h.score.onsetDeviationMs())};
}

}  // namespace

Table roomTable(const std::vector<std::uint64_t>& seeds) {
    Table table{"What else sounds in the room, its peak against the take's",
                {"sound", "F", "precision", "lost", "extra", "shown pale", "ghosts found", "onset sd ms"},
                {}};
    table.rows.push_back(rowOf("none", hear(seeds, {}, {})));
    for (const auto& [what, name] :
         {std::pair{RoomSound::Voice, "a voice"}, std::pair{RoomSound::FootTaps, "foot taps"},
          std::pair{RoomSound::Rustle, "paper"}, std::pair{RoomSound::Chair, "a chair"}})
        for (const double levelDb : {-30.0, -20.0, -12.0})
            table.rows.push_back(
                rowOf(fmt::format("{} {:.0f} dB", name, levelDb),
                      hear(seeds, {}, [&, what = what](Sound& sound, double beatS, double fromS, std::uint64_t seed) {
                          addRoomSound(sound, what, levelDb, beatS, fromS, seed);
                      })));
    return table;
}

Table gainTable(const std::vector<std::uint64_t>& seeds) {
    Table table{"Recordings whose gain rides", {"gain", "takes", "said to ride", "F", "level sd dB"}, {}};
    const auto add = [&](const std::string& name, const Heard& h) {
        table.rows.push_back({name, fmt::format("{}", h.takes), shareOf(h.riding, h.takes),
                              fmt::format("{:.3f}", h.score.f()),
                              fmt::format("{:.1f}", robustDeviation(h.score.levelDb))});
    };
    add("steady", hear(seeds, {}, {}));
    Character habits;  // loud makes soft, but it is the player
    habits.relativeDb = {-26, -15, 0};
    habits.habits.push_back({Beats(1, 4), {}, {}, {}, 0, -4, 1});
    habits.habits.push_back({Beats(5, 4), {}, {}, {}, 0, -4, 0.5});
    add("steady, softer after accents", hear(seeds, habits, {}));
    for (const auto& [attackS, releaseS] : {std::pair{0.01, 0.3}, std::pair{0.03, 0.7}, std::pair{0.1, 2.5}})
        add(fmt::format("rides, {:.2f} s down, {:.1f} s up", attackS, releaseS),
            hear(seeds, {}, [attackS = attackS, releaseS = releaseS](Sound& sound, double, double, std::uint64_t) {
                rideGain(sound, attackS, releaseS);
            }));
    return table;
}

}  // namespace upbeat::bench
