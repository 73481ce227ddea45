#pragma once

#include <functional>
#include <optional>
#include <string>
#include <vector>

#include "upbeat/judge/findings.h"
#include "upbeat/player/character.h"
#include "upbeat/units/random.h"

namespace upbeat::bench {

/// What was planted, and which sentence names it.
struct Planted {
    std::string kind;
    std::function<bool(const Finding&)> isNamedBy;
    std::optional<int> leftOut{};  ///< A stroke that is to be missing on four passes of five.
};

/// Plants a fault into a player; nothing where the page has no place for it.
using Planter = std::function<std::optional<Planted>(Character&, const Exercise&, Random&)>;

/// One for every kind of fault.
[[nodiscard]] const std::vector<Planter>& planters();

}  // namespace upbeat::bench
