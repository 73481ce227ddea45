#pragma once

#include <string>

#include "upbeat/player/render.h"

namespace upbeat {

/// truth.json of a simulated take, as docs/formats/truth.md says.
[[nodiscard]] std::string truthToJson(const RenderedTake& take, const Performance& performance,
                                      const Exercise& exercise, double tempoBpm, int bars);

}  // namespace upbeat
