#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// An exercise as text that can be typed in a mail: "key: value" lines first, then one row a voice.
///
///     title: Ghosted backbeat
///     meter: 4/4
///     tempo: 60 to 112 by 4
///     hi-hat    | R.R. R.R. R.R. R.R. |
///     snare     | ...(L) >L..(L) .(L).. >L..(L) |
///     bass drum | F... ..F. ..F. . |
///
/// Every word of a row is one counted beat, and its steps divide that beat evenly, so subdivisions mix freely: "RLR" is
/// a triplet, "R" a whole beat, "." a beat of rest. "|" stands between bars. A step is "." or a limb, "R" "L" hands,
/// "F" "H" right and left foot, with what belongs to it before it: ">" accent, "(" ghost (its ")" may be left out), "f"
/// flam, "d" drag, "u" ruff, "z" closed roll, "!" anchor. After an empty line the next bars follow. Lines that begin
/// with "#" are remarks. Keys: id, title, trains, tags, meter, tempo, feel ("swing eighths 2", "swing eighths by
/// tempo", "straight"), placed ("snare 8 ms behind", "all 2 % ahead"), levels ("two"), swell ("0 to 4, -20 to 0 dB"),
/// free ("4 to 8"), count ("numbers", or own words for a beat of as many parts, "hip po pot a mus", "*" being the
/// number); places count quarter notes from 0. An error names line and column.
[[nodiscard]] Result<Exercise> exerciseFromText(std::string_view text);

/// The "key: value" lines alone: an exercise that may have no stroke yet and is not checked.
[[nodiscard]] Result<Exercise> headFromText(std::string_view text);

/// Writes what exerciseFromText reads; the two lose nothing.
[[nodiscard]] std::string toText(const Exercise& exercise);

/// One "key: value" line of the text form.
struct TextSetting {
    std::string_view key;
    std::string value;
};
/// The settings of an exercise as its text form has them, in that order.
[[nodiscard]] std::vector<TextSetting> settingsOf(const Exercise& exercise);

}  // namespace upbeat
