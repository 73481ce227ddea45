#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// An exercise and what of the file (or of the exercise) could not be carried over, one sentence each.
struct Converted {
    Exercise exercise;
    std::vector<std::string> losses;
};

/// Reads a partwise score, plain XML: its first percussion part, or the first part with unpitched notes. Understood are
/// instruments by their MIDI key or else their place on the staff, note heads (parentheses: ghost), accents, sticking
/// (lyrics or fingerings R and L; where there is none hands are dealt in turn), grace notes (flam, drag, ruff), tremolo
/// (unmeasured or three strokes: closed roll; one or two: written out), dynamics and wedges, swing, tempo, repeats with
/// endings (written out, up to kMostBars). Tied notes are one stroke; pitched notes, other parts and layout are left
/// out. An error names the measure.
[[nodiscard]] Result<Converted> exerciseFromMusicXml(std::string_view text, const std::string& where);

/// Writes a partwise score of one percussion part: hands in voice 1, feet in voice 2, sticking as lyrics.
[[nodiscard]] std::string toMusicXml(const Exercise& exercise);

/// What a MusicXML file cannot hold of the exercise.
[[nodiscard]] std::vector<std::string> lossesInMusicXml(const Exercise& exercise);

/// Compressed MusicXML (.mxl): the score named by its container, and back. Everything is bounded: a score larger than
/// 16 MB unpacked is refused.
[[nodiscard]] Result<std::string> unpackMxl(std::string_view bytes, const std::string& where);
[[nodiscard]] Result<std::string> packMxl(const std::string& xml);

}  // namespace upbeat
