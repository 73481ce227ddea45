#pragma once

#include <string>
#include <vector>

#include "upbeat/formats/midi_file.h"
#include "upbeat/music/exercise.h"

namespace upbeat {

/// What our own MIDI files say beyond notes, as texts that belong to nothing: "upbeat-placed: snare 8 ms behind".
[[nodiscard]] std::vector<std::string> remarksOf(const Exercise& exercise);
/// Enters it; remarks of other programs are left.
void readRemarks(const std::vector<std::string>& remarks, Exercise& exercise);

[[nodiscard]] std::vector<MidiMarker> markersOf(const Exercise& exercise, int ticksPerQuarter);
/// Markers name sections: each begins with the bar it stands in.
void readMarkers(const MidiFile& file, Exercise& exercise);

}  // namespace upbeat
