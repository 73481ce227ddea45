#include "asked.h"

#include "upbeat/formats/limits_json.h"
#include "upbeat/music/origin.h"

namespace upbeat::cli {

void AskedOptions::addTo(CLI::App& command) {
    command.add_option("--profile", profile, "What the gates ask")->check(CLI::IsMember({"practice", "performance"}));
    command.add_option("--limits", limits, "A file of limits that are asked instead of the profile's");
}

Result<Profile> AskedOptions::read(const Exercise& exercise) const {
    Profile asked{profileFromName(profile).value_or(ProfileKind::Practice)};
    if (limits.empty()) return asked;
    const auto set = readLimits(limits);
    if (!set) return tl::unexpected(set.error());
    asked.own = set->of(wholeIdOf(exercise));
    return asked;
}

}  // namespace upbeat::cli
