#pragma once

#include <vector>

#include "upbeat/formats/midi_file.h"
#include "upbeat/music/exercise.h"

namespace upbeat {

/// The changes of tempo and the held bars of a page, beat by beat: inside a beat MIDI's tempo stands still. Empty where
/// there are none.
[[nodiscard]] std::vector<MidiTempo> temposOf(const Exercise& exercise, int ticksPerQuarter);
/// Enters what changes behind the first tempo, each from the bar on in which it stands. An exercise that has changes
/// from its remarks keeps those.
void readTempos(const MidiFile& file, Exercise& exercise);

}  // namespace upbeat
