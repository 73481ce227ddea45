#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "upbeat/judge/measures.h"
#include "upbeat/judge/profile.h"

namespace upbeat {

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
};

enum class GateState { Met, Missed, Unsure };

/// One thing a rung asks for, measured beside needed.
struct Gate {
    GateKind kind = GateKind::Spread;
    Figure measured;  ///< In the gate's own direction: a distance from the target is never negative.
    double limit = 0;
    bool atLeast = false;  ///< True where more is better.
    GateState state = GateState::Met;
    std::optional<int> stroke;       ///< The written stroke it comes from, where it comes from one.
    std::optional<StrokeGroup> who;  ///< The hand or voice it comes from, where it comes from one.
};

/// Stable names for files: "spread", "placement", "apart", ...
[[nodiscard]] std::string_view toName(GateKind kind);
[[nodiscard]] std::string_view toName(GateState state);
[[nodiscard]] std::optional<GateKind> gateFromName(std::string_view name);
[[nodiscard]] std::optional<GateState> gateStateFromName(std::string_view name);
[[nodiscard]] std::string_view unitOf(GateKind kind);

/// The gates that apply to the take's exercise; the others are absent.
[[nodiscard]] std::vector<Gate> judge(const MatchedTake& take, const Measures& measures, const Profile& profile);

}  // namespace upbeat
