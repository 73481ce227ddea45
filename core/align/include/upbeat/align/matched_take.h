#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "upbeat/align/match.h"
#include "upbeat/music/click_plan.h"
#include "upbeat/music/page.h"
#include "upbeat/signal/take_listener.h"

namespace upbeat {

/// A written stroke and the hit that played it.
struct MatchedStroke {
    WrittenStroke written;
    Stroke stroke;         ///< The stroke of the exercise it repeats.
    int hit = kNone;       ///< Index into MatchedTake::hits.
    int otherHit = kNone;  ///< Likewise: the second sound of its unison, where nobody can tell which voice plays which.
    double offsetMs = 0;   ///< Onset minus where it is asked for, minus latency; plus is late.
    double askedMs = 0;    ///< Where its sound is asked for beside the click; plus is behind (see placement.h).
    bool askedApart =
        false;  ///< Its sound is shared with a stroke that is asked for elsewhere: `askedMs` lies between.
    double levelDb = 0;
    bool shared = false;     ///< Struck together with another voice: one sound on one microphone.
    bool carries = false;    ///< Shared, but louder by class than all it is struck with: the level is its own.
    bool levelKnown = true;  ///< False where the recording is clipped: the level is only a lower bound.
};

/// Beats by which a player who lost the place goes on late or early; whoever is farther ahead left whole sections out,
/// whoever is farther behind played some once more.
inline constexpr int kFarthestSlip = 8;

/// A place where the player lost the page or stopped: told once, instead of as every stroke it cost.
struct Break {
    double atS = 0;      ///< Where on the page, seconds after beat 1 of bar 1.
    int beats = 0;       ///< The player went on this many beats late (plus) or early on the click; 0: in place.
    int strokes = 0;     ///< Written strokes that were not played.
    bool atEnd = false;  ///< The recording ended before: who went on late does not reach the end of the page.

    friend bool operator==(const Break&, const Break&) = default;
};

/// How it is known when the player struck, against the click: what the latency of a take comes from.
enum class AnchorKind {
    Given,       ///< It is what it is: a file from elsewhere, a latency that was typed in.
    Calibrated,  ///< The round trip of this very input was measured.
    Click,       ///< The click was heard in the take, and measured there.
    None,        ///< Nothing tells: all is relative, and there is no placement.
};
/// "given", "calibrated", "click", "none": as it stands in files.
[[nodiscard]] std::string_view toName(AnchorKind kind);
[[nodiscard]] std::optional<AnchorKind> anchorFromName(std::string_view name);

struct Anchor {
    AnchorKind kind = AnchorKind::Given;
    double uncertainMs = 0;  ///< Half of the 95 % interval of the latency.

    friend bool operator==(const Anchor&, const Anchor&) = default;
};

/// A stretch of the recording, in seconds, that must not be measured.
struct DamagedSpan {
    double fromS = 0;
    double toS = 0;

    friend bool operator==(const DamagedSpan&, const DamagedSpan&) = default;
};

/// A take laid against its page: what every measure works from.
struct MatchedTake {
    Exercise exercise;
    double tempoBpm = 0;
    int bars = 0;    ///< Bars played.
    int passes = 0;  ///< Passes begun; the last may be incomplete.
    double firstBeatS = 0;
    double latencyS = 0;
    Anchor anchor{};
    SilentBars silent{};
    std::vector<Hit> hits;               ///< Firm hits and the weak ones the page explains; in order of time.
    std::vector<MatchedStroke> strokes;  ///< Main strokes and grace notes, in order of grid time.
    std::vector<WrittenStroke> missed;   ///< Main strokes nobody played; not those a refused sound may cover.
    std::vector<WrittenStroke> missedGrace;
    std::vector<int> extra;     ///< Indices of hits nobody wrote.
    std::vector<Hit> pale;      ///< Something sounded that is unlike the strokes: it weighs nothing (Hit::foreign).
    bool gainRides = false;     ///< The recording's loudness follows what went before: no level is known.
    bool clickInstead = false;  ///< The click was measured where the player should have been (click_instead.h).
    std::vector<Break> breaks;  ///< In order of time.
    std::vector<DamagedSpan> damaged;  ///< Of the recording: nothing is known of what was played there.
    BandTrace trace;                   ///< Of the whole recording; empty where there is no sound.
};

/// All that sounded in a take, in order of time: what is kept of it, to be matched again.
[[nodiscard]] std::vector<Hit> allHeard(const MatchedTake& take);

/// Where in the recording the page starts and how long it is.
struct TakeFrame {
    double tempoBpm = 80;
    double firstBeatS = 0;
    int bars = 4;  ///< Bars played; the last pass may be incomplete.
    double latencyS = 0;
    bool clickBleed = false;  ///< The click is audible: a hit on a beat that nobody wrote is the click.
    std::vector<DamagedSpan> damaged;
    Anchor anchor{};
    SilentBars silent{};  ///< Where the player had no click.
};

/// Lays detected hits against the page. Hits more than half a beat before the first or after the last bar are left
/// out (count-in and ending); hits and strokes inside damaged spans are neither missed nor extra.
[[nodiscard]] MatchedTake matchTake(const Exercise& exercise, const TakeFrame& frame, const HeardTake& heard);

}  // namespace upbeat
