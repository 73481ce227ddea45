#pragma once

#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// How a placement that is asked for was played.
struct FeelPlayed {
    std::optional<Voice> voice;  ///< None: all voices that have none of their own.
    double askedMs = 0;          ///< Plus is behind the click.
    Figure awayMs{};             ///< Where its strokes stand against that; plus is behind it.
};

/// One for every placement of the exercise that can be told, by main strokes whose sound is their own or asked for at
/// one place. Where more than one in five shares its sound with a stroke that is asked for elsewhere, it cannot: those
/// that still sound alone are the late ones. Where nothing ties the take to the click (AnchorKind::None) a voice is
/// held against `centreMs`, where all strokes stand, and the placement of all is not told.
[[nodiscard]] std::vector<FeelPlayed> measureFeel(const MatchedTake& take, double centreMs);

}  // namespace upbeat
