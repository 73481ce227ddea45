#pragma once

#include <filesystem>
#include <functional>
#include <optional>

#include "upbeat/formats/audio_file.h"
#include "upbeat/music/click_plan.h"
#include "upbeat/signal/take_listener.h"

namespace upbeat {

/// What is heard in a file, and what the file says of itself.
struct HeardFile {
    HeardTake take;
    AudioInfo info;  ///< Rate and channels are 0 where notes were played.
};

/// Listens to a recording block by block, the click that leaks into it taken out; the hits of a MIDI file come with
/// exact voices. Without `click` nothing is taken out. `firstBeatS` is the time of beat 1 of bar 1. Errors as readAudio
/// and readMidi, and where the notes last longer than kLongestTakeS. `goOn` is told what share of the recording was
/// heard, 0 to 1; once it gives false, nothing that follows is listened to.
[[nodiscard]] Result<HeardFile> hearFile(const std::filesystem::path& path, const std::optional<ClickPlan>& click,
                                         double firstBeatS, const std::function<bool(double share)>& goOn = {});

}  // namespace upbeat
