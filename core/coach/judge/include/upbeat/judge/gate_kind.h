#pragma once

#include <optional>
#include <string_view>

namespace upbeat {

/// What a rung can ask for.
enum class GateKind {
    Spread,
    Placement,
    Apart,
    Habit,
    Mistakes,
    AccentTapGap,
    TapGhostGap,
    Overlap,
    Offbeat,
    GraceSpread,
    Drift,
    Feel,
    Return,
};
inline constexpr int kGateKinds = 13;

/// Stable names for files: "spread", "placement", "apart", ...
[[nodiscard]] std::string_view toName(GateKind kind);
[[nodiscard]] std::optional<GateKind> gateFromName(std::string_view name);
[[nodiscard]] std::string_view unitOf(GateKind kind);
/// Whether more is better.
[[nodiscard]] constexpr bool asksAtLeast(GateKind kind) {
    return kind == GateKind::AccentTapGap || kind == GateKind::TapGhostGap;
}

}  // namespace upbeat
