#pragma once

#include <string_view>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// Where a voice stands on the five lines of a percussion part, and with which note head.
struct StaffPlace {
    char step;
    int octave;
    std::string_view head;  ///< MusicXML's name of the note head.
};
[[nodiscard]] StaffPlace staffPlaceOf(Voice voice);
/// The voice that usually stands there; x heads are cymbals.
[[nodiscard]] Voice voiceAtPlace(char step, int octave, std::string_view head);

/// Deals a stroke to a limb that is free: feet by voice, hands in turn. False where the place is taken.
[[nodiscard]] bool dealStroke(Exercise& exercise, Stroke stroke, bool& rightNext);

}  // namespace upbeat
