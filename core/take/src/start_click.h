#pragma once

#include <optional>
#include <vector>

#include "upbeat/take/start.h"

namespace upbeat {

/// A count-in by a machine: sounds one after the other, evenly spaced and equally loud.
struct CountIn {
    double lastS = 0;    ///< Its last click.
    double periodS = 0;  ///< From one to the next.
};
/// The longest one at the start of a recording, of four clicks or more.
[[nodiscard]] std::optional<CountIn> countInOf(const std::vector<Hit>& hits);

/// The click of a count-in before beat 1 of a reading, if one is heard: at least three sounds a beat apart, as regular
/// in time and level as no player is. Gives tempo and beat 1 by it.
[[nodiscard]] std::optional<StartReading> clickBefore(const std::vector<Hit>& hits, const StartReading& reading);

}  // namespace upbeat
