#pragma once

#include <filesystem>
#include <vector>

#include "upbeat/formats/midi_file.h"
#include "upbeat/voices/pad_kit.h"

namespace upbeat {

/// Keys as General MIDI has them; what it does not name is a pad.
[[nodiscard]] PadKit generalMidiKit();

/// By the file's first tempo, 120 where none is given.
[[nodiscard]] double secondsPerTick(const MidiFile& file);

/// A played take in a MIDI file: every note start is a hit. Percussion is channel 10, or all notes where that is empty.
[[nodiscard]] std::vector<Hit> hitsOfMidi(const MidiFile& file);

/// Whether a file's name says that it is MIDI.
[[nodiscard]] bool isMidiName(const std::filesystem::path& path);

}  // namespace upbeat
