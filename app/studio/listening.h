#pragma once

#include "studio/take_view.h"
#include "upbeat/units/sound.h"

namespace upbeat {

/// A stretch of a take to be heard, and how.
struct Listening {
    double fromS = 0;  ///< Seconds of the recording.
    double toS = 0;
    double speed = 1;    ///< 0.5 is half speed at the same pitch.
    bool click = false;  ///< With the click of the take.
    bool ideal = false;  ///< As the page asks for it, instead of as it was played.
    bool loop = false;
    bool feel = false;  ///< The ideal version as a good player plays it, not as a machine.
};

/// The page of a take from `fromS` to `toS` of its recording, played by the simulated player without any error and with
/// the dynamics that are written; `withFeel` with the small errors of a good player.
[[nodiscard]] Sound idealSound(const TakeRecord& take, double fromS, double toS, bool withFeel = false);

/// What is heard, ready for the device. Reads the recording: not for the interface thread. An error when it cannot be
/// read.
[[nodiscard]] Result<Sound> soundOf(const TakeView& take, const Listening& wish);

}  // namespace upbeat
