#pragma once

#include <filesystem>
#include <vector>

#include "upbeat/formats/midi_file.h"
#include "upbeat/signal/hit.h"

namespace upbeat {

/// Level in dB of a velocity from 1 to 127: loudness grows with the square of the velocity, so 127 is 0 dB and half of
/// it -12 dB. A kit's own curve may differ; gaps between classes are then relative to this one.
[[nodiscard]] double levelOfVelocity(int velocity);

/// A note as a hit with its exact voice.
[[nodiscard]] Hit hitOfNote(double timeS, int key, int velocity);

/// By the file's first tempo, 120 where none is given.
[[nodiscard]] double secondsPerTick(const MidiFile& file);

/// A played take in a MIDI file: every note start is a hit. Percussion is channel 10, or all notes where that is empty.
[[nodiscard]] std::vector<Hit> hitsOfMidi(const MidiFile& file);

/// Whether a file's name says that it is MIDI.
[[nodiscard]] bool isMidiName(const std::filesystem::path& path);

}  // namespace upbeat
