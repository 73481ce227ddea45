#include "upbeat/judge/profile.h"

#include <algorithm>

namespace upbeat {

std::string_view toName(ProfileKind kind) {
    return kind == ProfileKind::Performance ? "performance" : "practice";
}

std::optional<ProfileKind> profileFromName(std::string_view name) {
    for (const auto kind : {ProfileKind::Practice, ProfileKind::Performance})
        if (name == toName(kind)) return kind;
    return std::nullopt;
}

Profile profileOf(ProfileKind kind) {
    return kind == ProfileKind::Performance ? performanceProfile() : practiceProfile();
}

double StepLimit::at(double stepMs) const {
    return std::clamp(share * stepMs, leastMs, mostMs);
}

Profile practiceProfile() {
    return {};
}

Profile performanceProfile() {
    Profile profile;
    profile.kind = ProfileKind::Performance;
    profile.spread = {0.06, 5, 12};
    profile.apart = {0.08, 5, 12};
    profile.habit = {0.08, 5, 12};
    profile.mistakesPerFourBars = 0;
    profile.accentTapGapDb = 6;
    profile.tapGhostGapDb = 5;
    profile.overlapPercent = 10;
    profile.offbeatPercent = 2;
    profile.graceSpreadMs = 6;
    profile.driftMsPerBar = 1;
    return profile;
}

}  // namespace upbeat
