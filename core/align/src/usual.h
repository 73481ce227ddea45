#pragma once

#include <array>
#include <map>
#include <optional>
#include <span>
#include <vector>

#include "table.h"

namespace upbeat {

// What a first matching tells of a player: where they are against the click, how near to it they strike, how loud they
// are. The second one looks there.

/// The player's place against the click around every event: median offset of the main strokes within two seconds that
/// are at least so strong.
[[nodiscard]] std::vector<double> slowShift(std::span<const PageEvent> events, std::span<const Sounding> hits,
                                            const Assignment& found, double leastStrength = 0);

/// Where the player is against the click, found from the start onwards a few strokes at a time: what was found so far
/// is where the next strokes are looked for. So a player who moves away by half a step and more is not lost.
[[nodiscard]] std::vector<double> follow(std::span<const PageEvent> events, std::span<const Sounding> hits);

[[nodiscard]] std::array<std::optional<double>, kClasses> usualDbOf(std::span<const PageEvent> events,
                                                                    std::span<const Sounding> hits,
                                                                    const Assignment& found);

[[nodiscard]] std::map<std::size_t, double> usualTopDbOf(std::span<const PageEvent> events,
                                                         std::span<const Sounding> hits, const Assignment& found);

/// What the player does at the same place in every pass is expected there.
void addHabits(std::vector<double>& shiftS, std::span<const PageEvent> events, std::span<const Sounding> hits,
               const Assignment& found);

/// How far this player's main strokes that are at least so strong usually lie from where they are expected, as a robust
/// standard deviation; nothing where they are too few to tell.
[[nodiscard]] std::optional<double> usualScatter(std::span<const PageEvent> events, std::span<const Sounding> hits,
                                                 const Assignment& found, const std::vector<double>& shiftS,
                                                 double leastStrength = kFirmStrength);

}  // namespace upbeat
