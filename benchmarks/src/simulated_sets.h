#pragma once

#include <cstdint>
#include <functional>
#include <vector>

#include "labelled.h"
#include "upbeat/player/perform.h"
#include "upbeat/player/render.h"
#include "upbeat/units/sound.h"

namespace upbeat::bench {

/// Conditions a simulated take can be recorded under.
enum class Room { Dry, Reverberant, Noisy };
/// Easy kits, and such as are as hard to hear as real ones.
enum class Kits { Plain, Hard };

/// Something done to a recording before it is listened to; it is told when beat 1 is.
using Spoil = std::function<void(Sound&, double firstBeatS)>;

/// A performance, perhaps with something that happened in it, recorded and analysed.
[[nodiscard]] LabelledTake recordedAs(const Exercise& exercise, double tempoBpm, int passes,
                                      const Performance& performance, const Recording& recording,
                                      const Spoil& spoil = {});

/// A take by the simulated player, analysed: kit and player both follow from the seed.
[[nodiscard]] LabelledTake simulateLabelled(const Exercise& exercise, double tempoBpm, int bars,
                                            const Character& character, std::uint64_t seed, Room room,
                                            Kits kits = Kits::Plain, const Spoil& spoil = {});

/// The seeds of the kits that were not used while the detector was tuned.
[[nodiscard]] std::vector<std::uint64_t> unseenSeeds();

/// The hits of a performance without the detour over sound: what is tested then is not the detection. Strokes nearer
/// than 4 ms are one sound.
[[nodiscard]] std::vector<Hit> exactHits(const Performance& performance, double firstBeatS);

}  // namespace upbeat::bench
