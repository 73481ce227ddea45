#pragma once

#include <filesystem>
#include <string>

#include "upbeat/formats/midi_file.h"
#include "upbeat/music/exercise.h"

namespace upbeat {

/// A MIDI file as an exercise: percussion on channel 10 (or on the only channel used), velocity up to 45 ghost, up to
/// 90 tap, above accent. A soft note a short way before a louder one of the same key is its grace note. Positions are
/// taken as the nearest of the grids 1/12, 1/8, 1/5, 1/7 and, where none is near, 1/960 of a quarter; notes swung in
/// the file stay where they are written. Hands are dealt alternately; feet go to the bass drum and the foot hi-hat.
[[nodiscard]] Result<Exercise> exerciseFromMidi(const MidiFile& file, const std::string& where);

/// One pass of the exercise as a MIDI file, swung as it sounds, grace notes at their usual distance at the start tempo.
/// Velocities 30, 70 and 110; inside a swell 110 at 0 dB and 4 less for each dB down, 20 to 120.
[[nodiscard]] MidiFile toMidi(const Exercise& exercise);

/// What a MIDI file cannot hold of the exercise.
[[nodiscard]] std::vector<std::string> lossesInMidi(const Exercise& exercise);

/// General MIDI percussion key of a voice and back; unknown keys become the pad.
[[nodiscard]] int keyOf(Voice voice);
[[nodiscard]] Voice voiceOfKey(int key);

}  // namespace upbeat
