#pragma once

#include "json_reader.h"
#include "upbeat/music/origin.h"

namespace upbeat {

/// "part_of" of an exercise: {"exercise": ID} and one of "spot", "bars", "stage", "lesson".
[[nodiscard]] nlohmann::json originToJson(const Origin& origin);
/// `reader` stands on "part_of".
[[nodiscard]] Origin originFromJson(const JsonReader& reader);

}  // namespace upbeat
