#include "upbeat/judge/findings.h"

#include <array>

#include "fault_finder.h"

namespace upbeat {

namespace {

constexpr std::array<std::string_view, 17> kNames{
    "early", "late",        "loud",      "soft",        "uneven",    "missed", "extra", "drift", "swing",
    "grace", "hands_apart", "level_gap", "subdivision", "crescendo", "unison", "roll",  "stroke"};

}  // namespace

std::string_view toName(FindingKind kind) {
    return kNames.at(static_cast<std::size_t>(kind));
}

std::vector<Finding> findFaults(const MatchedTake& take, const Measures& measures, const Profile& profile) {
    return FaultFinder(take, measures, profile).all();
}

}  // namespace upbeat
