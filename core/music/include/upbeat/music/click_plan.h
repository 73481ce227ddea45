#pragma once

#include <cstdint>
#include <vector>

#include "upbeat/music/meter.h"
#include "upbeat/units/error.h"
#include "upbeat/units/quantity.h"

namespace upbeat {

/// What the click plays: tempo, count-in and how finely each beat is divided.
struct ClickPlan {
    Bpm tempo{80};
    Meter meter;
    int countInBars = 1;  ///< 0 to 4
    int subdivision = 1;  ///< Clicks per beat, 1 to 8
    bool accentOnOne = true;
    bool audibleAfterCountIn = true;

    [[nodiscard]] Seconds beat() const { return beatDuration(tempo); }
    [[nodiscard]] Seconds bar() const { return beat() * meter.beatsPerBar(); }
    /// Time of beat 1 of bar 1, counted from the start of the stream.
    [[nodiscard]] Seconds firstBeat() const { return bar() * countInBars; }
};

[[nodiscard]] Result<void> check(const ClickPlan& plan);

enum class ClickKind { Bar, Beat, Subdivision };

struct Click {
    std::int64_t index = 0;  ///< From 0 at the first count-in click.
    double timeS = 0;        ///< From the start of the stream.
    ClickKind kind = ClickKind::Beat;
};

/// Click number `index` of the plan: computed, never accumulated, so no rounding builds up over an hour.
[[nodiscard]] Click clickAt(const ClickPlan& plan, std::int64_t index);

/// All audible clicks whose time lies in [fromS, toS).
[[nodiscard]] std::vector<Click> clicksBetween(const ClickPlan& plan, double fromS, double toS);

}  // namespace upbeat
