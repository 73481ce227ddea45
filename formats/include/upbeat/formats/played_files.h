#pragma once

#include <string>

#include "upbeat/align/matched_take.h"
#include "upbeat/formats/midi_file.h"

namespace upbeat {

/// What was played as a MIDI file: beat 1 of the take stands on the start of bar 2, so that strokes before it have
/// room; the tempo is the one of the take throughout, and every note lies where it was struck, to a 960th of a quarter
/// note. Velocities: 110 for the median accent (or stroke, without accents), 4 less for each dB down, 1 to 127.
[[nodiscard]] MidiFile playedMidi(const MatchedTake& take);

/// The page as MusicXML with the mean deviation of every stroke as a second line of lyrics, in whole milliseconds
/// against what is asked: "+3" is late. Strokes that were never played have none.
[[nodiscard]] std::string playedMusicXml(const MatchedTake& take);

}  // namespace upbeat
