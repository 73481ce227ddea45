#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "upbeat/music/meter.h"
#include "upbeat/music/stroke.h"
#include "upbeat/units/error.h"
#include "upbeat/units/quantity.h"

namespace upbeat {

/// Where strokes are asked to stand beside the click: "the snare 8 ms behind".
struct AskedPlacement {
    std::optional<Voice> voice;  ///< None: every voice that has none of its own.
    double amount = 0;           ///< Plus is behind the click.
    bool ofBeat = false;         ///< Percent of a counted beat; else ms.

    friend bool operator==(const AskedPlacement&, const AskedPlacement&) = default;
};

inline constexpr double kMostAskedMs = 60;
inline constexpr double kMostAskedPercent = 10;

/// What is asked of a voice at a tempo, in ms; 0 where nothing is. `all`: at most one for a voice.
[[nodiscard]] double askedMs(const std::vector<AskedPlacement>& all, Voice voice, Bpm tempo);

/// "snare 8 ms behind", "all 2 % ahead": as the text form of an exercise has it.
[[nodiscard]] std::string toText(const AskedPlacement& placement);
[[nodiscard]] std::optional<AskedPlacement> placementFromText(std::string_view text);

/// The same list with this one in place of what was asked of its voice; an amount of 0 asks for nothing any more.
[[nodiscard]] std::vector<AskedPlacement> withPlacement(std::vector<AskedPlacement> all,
                                                        const AskedPlacement& placement);

/// Nothing where no voice is asked twice and nothing lies out of range.
[[nodiscard]] Result<void> check(const std::vector<AskedPlacement>& all);

}  // namespace upbeat
