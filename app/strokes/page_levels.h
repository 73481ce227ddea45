#pragma once

#include "upbeat/field/field_data.h"

namespace upbeat {

/// How high ghosts and taps stand on the page beside accents, dB: as the player plays them, where that is known.
struct PageLevels {
    double ghostDb = targetDb(Level::Ghost);
    double tapDb = targetDb(Level::Tap);

    friend bool operator==(const PageLevels&, const PageLevels&) = default;
};

/// The height of a stroke on the page; what a swell asks for stays.
[[nodiscard]] double heightDb(const PageLevels& levels, const Exercise& exercise, const Stroke& stroke);
/// The outlines of a field as high as the page is.
void setHeights(FieldData& field, const PageLevels& levels, const Exercise& exercise);

}  // namespace upbeat
