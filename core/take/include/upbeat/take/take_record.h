#pragma once

#include <optional>
#include <string>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/judge/profile.h"
#include "upbeat/ladder/ladder.h"
#include "upbeat/music/click_plan.h"
#include "upbeat/voices/pad_sieve.h"

namespace upbeat {

/// Everything that is kept of a take: what the recorder hands over, what stands in the sidecar and in the logbook, and
/// what a take is measured from once more.
struct TakeRecord {
    Exercise exercise;  ///< As it was when the take was played.
    TakeFrame frame;
    ClickPlan click;  ///< As it went; its tempo is the frame's.
    std::vector<Hit> hits;
    PadGhosts padGhosts{};  ///< Notes of an electronic kit that were left out of the hits.
    BandTrace trace{};      ///< Kept where the exercise has closed rolls, which are measured from it.
    double durationS = 0;
    int sampleRate = 48000;
    std::string startedAt;  ///< ISO 8601, local time.
    std::string device;
    Profile profile{};
    std::optional<Ladder> ladder;  ///< It was judged by; none in takes of older versions.
    std::string file;              ///< FLAC, relative to the folder of the takes; empty when nothing was recorded.
    bool simulated = false;        ///< By the simulated player, to try things out: it says nothing about anybody.
    bool openEnded = false;        ///< It goes on until it is stopped, and is taken apart by the page then.
    bool recovered = false;        ///< The program ended before the take did.
    std::string note;

    /// Whether the take says something about the player: what was mostly lost on the way in does not count, and neither
    /// does what the simulated player played.
    [[nodiscard]] bool counts() const;
};

/// The frame with what its click says of it: what a kept take is measured by.
[[nodiscard]] TakeFrame frameToMeasure(const TakeRecord& take);

/// Bars of the take that were played whole, by its duration; never more than the frame says.
[[nodiscard]] int wholeBarsOf(const TakeRecord& take);

/// Nothing when the record can be measured; see check(TakeFrame), and: rate and duration in range, a click that can be
/// played.
[[nodiscard]] Result<void> check(const TakeRecord& take);

}  // namespace upbeat
