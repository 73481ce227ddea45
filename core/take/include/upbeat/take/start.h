#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "upbeat/music/exercise.h"
#include "upbeat/signal/hit.h"

namespace upbeat {

/// One way to lay the page over a recording of which neither tempo nor beat 1 is known.
struct StartReading {
    double tempoBpm = 0;
    double firstBeatS = 0;  ///< Where beat 1 of bar 1 sounds, seconds into the recording.
    double fit = 0;         ///< How well the strokes, their levels and their voices are explained; 1 at most.
};

/// What tells where the beats are.
enum class StartBy {
    Click,    ///< A count-in as regular as no player is: placement can be measured.
    Strokes,  ///< The strokes themselves: the player's own average is the beat, and there is no placement.
};
/// "click", "strokes".
[[nodiscard]] std::string_view toName(StartBy by);

struct TakeStart {
    StartReading reading;
    StartBy by = StartBy::Strokes;
    bool sure = false;                 ///< No other reading comes near.
    std::vector<StartReading> others;  ///< At most three, the best first.
};

/// What is known beforehand. Equal limits: the tempo is known.
struct StartKnown {
    double lowestBpm = kSlowestTempo;
    double highestBpm = kFastestTempo;
    std::optional<double> firstBeatS{};
};

/// Finds tempo and beat 1 of a take from its page. From pairs of hits that could be two of the first strokes the page
/// is followed through the take, the tempo kept by least squares with forgetting; what explains most is laid against
/// the page by the matcher, and tempo and beat are fitted to all strokes. Nothing where no reading explains half of
/// what is heard and written. `hits` are those of the whole recording, the click not taken out.
[[nodiscard]] std::optional<TakeStart> findStart(const Exercise& exercise, const std::vector<Hit>& hits,
                                                 const StartKnown& known = {});

}  // namespace upbeat
