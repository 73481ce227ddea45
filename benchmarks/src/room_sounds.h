#pragma once

#include <cstdint>
#include <functional>
#include <vector>

#include "table.h"
#include "upbeat/units/sound.h"

namespace upbeat::bench {

/// What else a microphone beside a drummer hears.
enum class RoomSound { Voice, FootTaps, Rustle, Chair };

/// Adds one of them to a take: a word, a tap or a rustle a little beside every half beat from `fromS` on, a chair every
/// seven beats. `levelDb`: its peak against the take's. Voices are vowels of this file's own making: harmonics under
/// two formants; taps are low and short, paper is noise in bursts, a chair creaks.
void addRoomSound(Sound& sound, RoomSound what, double levelDb, double beatS, double fromS, std::uint64_t seed);

/// One of them at a time; `peakDb` is its peak, dBFS.
void addOneSound(Sound& sound, RoomSound what, double atS, double peakDb, std::uint64_t seed);

/// An automatic level: the gain brings the loudness of the last moments to -22 dBFS, falls within `attackS` and rises
/// within `releaseS`.
void rideGain(Sound& sound, double attackS, double releaseS);

/// Hits lost and invented with each of them in the room.
[[nodiscard]] Table roomTable(const std::vector<std::uint64_t>& seeds);

/// How often a riding gain is noticed, and a steady one accused.
[[nodiscard]] Table gainTable(const std::vector<std::uint64_t>& seeds);

}  // namespace upbeat::bench
