#include "upbeat/judge/profile.h"

#include <algorithm>

#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

constexpr NameTable<2> kNames{"practice", "performance"};

}  // namespace

std::string_view toName(ProfileKind kind) {
    return nameIn(kNames, kind);
}

std::optional<ProfileKind> profileFromName(std::string_view name) {
    return valueNamed<ProfileKind>(kNames, name);
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
