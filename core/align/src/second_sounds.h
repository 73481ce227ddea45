#pragma once

#include <span>
#include <vector>

#include "upbeat/align/events.h"
#include "upbeat/align/match.h"

namespace upbeat {

/// Marks as echoes the sounds that follow others by one and the same time, take through: a drum whose wires answer its
/// stick, or a wall. No player is that even; a lag the page asks for, as of a flam, is never taken for one.
void markSecondSounds(std::vector<Sounding>& hits, std::span<const PageEvent> events);

}  // namespace upbeat
