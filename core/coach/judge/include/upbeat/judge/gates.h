#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "upbeat/judge/measures.h"
#include "upbeat/judge/profile.h"

namespace upbeat {

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
    bool ownLimit = false;           ///< The limit is not the profile's.
};

/// Whether a figure of the gate lies on the side that is asked, or on the limit.
[[nodiscard]] inline bool isWithin(const Gate& gate, double value) {
    return gate.atLeast ? value >= gate.limit : value <= gate.limit;
}

/// Stable names for files.
[[nodiscard]] std::string_view toName(GateState state);
[[nodiscard]] std::optional<GateState> gateStateFromName(std::string_view name);

/// What a rung asks of an exercise whoever plays it, in the order of the gates: what can never apply to it is absent.
struct AskedGate {
    GateKind kind = GateKind::Spread;
    double limit = 0;    ///< Mistakes: in four bars.
    double builtIn = 0;  ///< What the profile asks.
    bool ownLimit = false;
};
[[nodiscard]] std::vector<AskedGate> askedOf(const Exercise& exercise, Bpm tempo, const Profile& profile);

/// The gates that apply to the take's exercise; the others are absent.
[[nodiscard]] std::vector<Gate> judge(const MatchedTake& take, const Measures& measures, const Profile& profile);

}  // namespace upbeat
