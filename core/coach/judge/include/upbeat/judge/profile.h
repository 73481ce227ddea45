#pragma once

#include <optional>
#include <string_view>

namespace upbeat {

/// A limit that grows with the shortest written step but stays within bounds.
struct StepLimit {
    double share = 0.08;  ///< Of the shortest step.
    double leastMs = 6;
    double mostMs = 15;

    /// stepMs: shortest written step in ms.
    [[nodiscard]] double at(double stepMs) const;
};

/// What one practises for.
enum class ProfileKind { Practice, Performance };

/// "practice", "performance": as it stands in files and on the command line.
[[nodiscard]] std::string_view toName(ProfileKind kind);
[[nodiscard]] std::optional<ProfileKind> profileFromName(std::string_view name);

/// What a rung asks for. The two built-in profiles are the table in docs/measures.md, section 7.
struct Profile {
    ProfileKind kind = ProfileKind::Practice;
    StepLimit spread{0.08, 6, 15};
    StepLimit placement{0.12, 10, 20};
    StepLimit apart{0.10, 6, 15};
    StepLimit habit{0.10, 6, 15};
    double mistakesPerFourBars = 1;
    double accentTapGapDb = 10;
    double tapGhostGapDb = 6;
    double overlapPercent = 5;
    double offbeatPercent = 3;
    double graceSpreadMs = 8;
    double driftMsPerBar = 2;
};

[[nodiscard]] Profile practiceProfile();
[[nodiscard]] Profile performanceProfile();
[[nodiscard]] Profile profileOf(ProfileKind kind);

}  // namespace upbeat
