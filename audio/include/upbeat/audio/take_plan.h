#pragma once

#include <filesystem>
#include <memory>

#include "upbeat/music/click_plan.h"
#include "upbeat/music/page.h"
#include "upbeat/take/take_record.h"
#include "upbeat/units/sound.h"
#include "upbeat/voices/pad_kit.h"

namespace upbeat {

/// Everything that is decided before a take starts.
struct TakePlan {
    Exercise exercise;
    ClickPlan click;
    int bars = 8;
    bool openEnded = false;               ///< Until it is stopped; `bars` are the most there can be. No hits are kept.
    double latencyS = 0;                  ///< Calibrated round trip, taken off every onset.
    double longestLoopS = 0.1;            ///< The click is looked for so long after it was played.
    double clickGain = 0.5;               ///< Peak of a click, 0 to 1.
    std::shared_ptr<const Sound> spoken;  ///< A voice beside the click, from the start of the take; null for none.
    /// Where beat 1 was struck already, a position of the stream: the take reaches back to it, has no count-in, and its
    /// click joins on the second beat.
    std::optional<std::int64_t> struckAt;
    std::filesystem::path file;       ///< Where the FLAC goes; empty: nothing is written.
    std::optional<PadKit> pads;       ///< What the notes of a MIDI instrument mean; none: as General MIDI has it.
    std::filesystem::path notesFile;  ///< Where the notes of a MIDI instrument go meanwhile; empty: nowhere.

    /// Silence before the first count-in click.
    static constexpr double kLeadS = 0.25;
    static constexpr double kTailS = 0.35;

    /// Makes room for a way round that is another one each time (DuplexStream::hasOwnLoop) and is not known yet.
    void expectOwnLoop() {
        constexpr double kUsualS = 0.25;
        constexpr double kLongestS = 0.6;
        latencyS = kUsualS;
        longestLoopS = kLongestS;
    }

    [[nodiscard]] double firstBeatS() const { return kLeadS + click.firstBeat().value(); }
    /// The first click that is played.
    [[nodiscard]] double firstClickS() const { return struckAt ? firstBeatS() + 0.9 * click.beat().value() : 0; }
    [[nodiscard]] double playingS() const { return barStartS(exercise, click.tempo, bars); }
    /// The bar line after the last bar, which the click still plays.
    [[nodiscard]] double stopsS() const { return firstBeatS() + playingS() + 1e-6; }
    /// Two more beats of click where it leaks in, when nobody plays any more: they tell whether the way round has held.
    [[nodiscard]] double afterS() const { return 2 * click.beat().value(); }
    [[nodiscard]] double lastClickS() const { return stopsS() + afterS(); }
    [[nodiscard]] double durationS() const { return lastClickS() + latencyS + kTailS; }
};

/// What is known of a take before it is played.
[[nodiscard]] TakeRecord recordOf(const TakePlan& plan);

}  // namespace upbeat
