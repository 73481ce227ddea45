#include "upbeat/formats/truth_json.h"

#include <nlohmann/json.hpp>

#include "upbeat/music/bars.h"

namespace upbeat {

std::string truthToJson(const RenderedTake& take, const Performance& performance, const Exercise& exercise,
                        double tempoBpm, int bars) {
    using nlohmann::json;
    json hits = json::array();
    for (const TrueHit& hit : take.hits) {
        const PlayedHit& p = hit.played;
        const bool written = p.stroke >= 0;
        const bool grace = p.role == Role::Grace;
        json entry{{"time_s", hit.timeS},       {"level_db", hit.levelDb},
                   {"voice", toName(p.voice)},  {"hand", handLetter(p.limb)},
                   {"stroke", toName(p.level)}, {"role", grace ? "grace" : (written ? "main" : "extra")},
                   {"grid_time_s", nullptr},    {"offset_ms", nullptr}};
        if (written) {
            entry["pass"] = p.pass;
            entry["grid_time_s"] = take.firstBeatS + p.gridS;
            entry["offset_ms"] = (hit.timeS - take.firstBeatS - p.gridS) * 1e3;
        }
        hits.push_back(std::move(entry));
    }
    for (const TrueHit& bounce : take.bounces)
        hits.push_back({{"time_s", bounce.timeS},
                        {"level_db", bounce.levelDb},
                        {"voice", toName(bounce.played.voice)},
                        {"stroke", "bounce"},
                        {"role", "bounce"}});
    json missed = json::array();
    for (const WrittenStroke& w : performance.missed)
        missed.push_back({{"pass", w.pass}, {"stroke", w.stroke}, {"grid_time_s", take.firstBeatS + w.gridS}});
    const json out{{"format", 1},
                   {"exercise", exercise.id},
                   {"sample_rate", take.sound.sampleRate},
                   {"tempo_bpm", tempoBpm},
                   {"meter", metersInWords(exercise)},
                   {"first_beat_s", take.firstBeatS},
                   {"bars", bars},
                   {"hits", hits},
                   {"missed", missed}};
    return out.dump(1) + "\n";
}

}  // namespace upbeat
