#include "upbeat/formats/musicxml.h"

#include <algorithm>

#include "score_writer.h"
#include "upbeat/music/dynamics.h"

namespace upbeat {

std::string toMusicXml(const Exercise& exercise) {
    return ScoreWriter(exercise).write();
}

std::vector<std::string> lossesInMusicXml(const Exercise& e) {
    std::vector<std::string> losses;
    if (std::any_of(e.strokes.begin(), e.strokes.end(), [](const Stroke& s) { return s.anchor; }))
        losses.emplace_back("anchors have no sign in MusicXML");
    const auto isOff = [](double db) { return levelOfDynamic(dynamicOfLevel(db)) != db; };
    if (std::any_of(e.swells.begin(), e.swells.end(),
                    [&](const Swell& s) { return !s.isLevel() && (isOff(s.fromDb) || isOff(s.toDb)); }))
        losses.emplace_back("the ends of a swell are written as the nearest of pp to ff");
    return losses;
}

}  // namespace upbeat
