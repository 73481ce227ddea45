#pragma once

#include <optional>

#include "table.h"
#include "upbeat/signal/taps.h"

namespace upbeat::bench {

/// What goes on in the rest behind a take.
enum class RestScene { Command, Fiddling, Talk, Adjusting, Quiet };

/// What is taken for a command in one rest: heard through the detector as the window does. `asked` is what was tapped,
/// in a scene of commands.
struct RestOutcome {
    std::optional<TapCommand> asked;
    std::optional<TapCommand> taken;
};
[[nodiscard]] RestOutcome listenToRest(RestScene scene, std::uint64_t seed);

/// Commands in rests, and everything else that goes on in them.
[[nodiscard]] Table tapTable(int rests);

}  // namespace upbeat::bench
