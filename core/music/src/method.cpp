#include "upbeat/music/method.h"

#include <algorithm>
#include <array>

namespace upbeat {

namespace {

constexpr std::array<std::string_view, kMethodCount> kNames{"slow-whole",      "limbs-apart", "chunks",  "grow",
                                                            "singles-doubles", "half-full",   "isolate", "context",
                                                            "keep-grow",       "easier"};

}  // namespace

std::string_view toName(Method method) {
    return kNames.at(static_cast<std::size_t>(method));
}

std::optional<Method> methodFromName(std::string_view name) {
    const auto found = std::find(kNames.begin(), kNames.end(), name);
    if (found == kNames.end()) return std::nullopt;
    return static_cast<Method>(found - kNames.begin());
}

}  // namespace upbeat
