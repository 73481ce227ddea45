#pragma once

#include <cstdint>
#include <vector>

#include "labelled.h"
#include "upbeat/player/character.h"

namespace upbeat::bench {

/// Conditions a simulated take can be recorded under.
enum class Room { Dry, Reverberant, Noisy };

/// A take by the simulated player, analysed: kit and player both follow from the seed.
[[nodiscard]] LabelledTake simulateLabelled(const Exercise& exercise, double tempoBpm, int bars,
                                            const Character& character, std::uint64_t seed, Room room);

/// The seeds of the kits that were not used while the detector was tuned.
[[nodiscard]] std::vector<std::uint64_t> unseenSeeds();

}  // namespace upbeat::bench
