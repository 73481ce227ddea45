#pragma once

#include <optional>
#include <string_view>

#include "upbeat/judge/limits.h"

namespace upbeat {

/// What one practises for.
enum class ProfileKind { Practice, Performance };

/// "practice", "performance": as it stands in files and on the command line.
[[nodiscard]] std::string_view toName(ProfileKind kind);
[[nodiscard]] std::optional<ProfileKind> profileFromName(std::string_view name);

/// What a rung asks for: one of the two built-in profiles, the table of gates in docs/measures.md, and what is asked
/// instead of it.
struct Profile {
    ProfileKind kind = ProfileKind::Practice;
    OwnLimits own{};

    friend bool operator==(const Profile&, const Profile&) = default;

    /// In the unit of the gate; mistakes are those in four bars. Many of the built-in ones grow with the shortest
    /// written step, in ms, but stay within bounds.
    [[nodiscard]] double limit(GateKind gate, double stepMs) const;
    [[nodiscard]] double builtIn(GateKind gate, double stepMs) const;
    [[nodiscard]] bool isOwn(GateKind gate) const { return own.count(gate) > 0; }
};

}  // namespace upbeat
