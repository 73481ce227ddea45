#include <fmt/format.h>

#include <map>

#include "upbeat/formats/analysis_json.h"

namespace upbeat {

std::string analysisToCsv(const TakeAnalysis& a) {
    std::map<int, const MatchedStroke*> byHit;
    for (const MatchedStroke& s : a.matched.strokes) byHit.emplace(s.hit, &s);
    std::string out = "time_s,level_db,offset_ms,pass,bar,beat,voice,hand,stroke\n";
    for (std::size_t i = 0; i < a.matched.hits.size(); ++i) {
        const Hit& hit = a.matched.hits[i];
        out += fmt::format("{:.6f},{:.2f}", hit.timeS, hit.levelDb);
        const auto found = byHit.find(static_cast<int>(i));
        if (found == byHit.end()) {
            out += ",,,,,,,\n";
            continue;
        }
        const MatchedStroke& s = *found->second;
        const CountPlace place = placeOf(a.matched.exercise, s.stroke.at);
        out += fmt::format(",{:.3f},{},{},{:g},{},{},{}\n", s.offsetMs, s.written.pass, place.bar,
                           place.beat.toDouble(), toName(s.stroke.voice), handLetter(s.stroke.limb),
                           s.written.role == Role::Grace ? std::string_view("grace") : toName(s.stroke.level));
    }
    return out;
}

}  // namespace upbeat
