#pragma once

#include <string_view>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// One voice written as text, one letter a grid step: "R" "L" taps, ">R" an accent, "(L)" a ghost, "fR" a flam,
/// "dR" a drag, "uR" a ruff, "zR" a closed roll, "!R" an anchor, "." a rest, "|" and blanks ignored; "F" is a foot. The
/// line fills `division` steps per beat from `start`. Built-in exercises and tests are written with it; unknown letters
/// are an error that names the column.
[[nodiscard]] Result<std::vector<Stroke>> strokesFromLine(std::string_view line, Voice voice, const Beats& start,
                                                          const Beats& step);

}  // namespace upbeat
