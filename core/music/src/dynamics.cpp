#include "upbeat/music/dynamics.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace upbeat {

namespace {

constexpr std::array<std::string_view, 9> kDynamics{"ppp", "pp", "p", "mp", "mf", "f", "ff", "fff", "ffff"};
constexpr double kSoftestDb = -28;
constexpr double kDynamicStepDb = 4;

}  // namespace

std::optional<double> levelOfDynamic(std::string_view mark) {
    const auto found = std::find(kDynamics.begin(), kDynamics.end(), mark);
    if (found == kDynamics.end()) return std::nullopt;
    return kSoftestDb + kDynamicStepDb * static_cast<double>(found - kDynamics.begin());
}

std::string_view dynamicOfLevel(double db) {
    const auto index = std::lround((db - kSoftestDb) / kDynamicStepDb);
    return kDynamics.at(static_cast<std::size_t>(std::clamp(index, 0L, static_cast<long>(kDynamics.size()) - 1)));
}

std::optional<std::size_t> swellAt(const Exercise& exercise, const Beats& at) {
    std::optional<std::size_t> found;
    for (std::size_t i = 0; i < exercise.swells.size(); ++i) {
        const Swell& swell = exercise.swells[i];
        const bool isInside = !(at < swell.from) && (at < swell.to || (at == swell.to && !swell.isLevel()));
        if (isInside && (!found || !(swell.from < exercise.swells[*found].from))) found = i;
    }
    return found;
}

std::optional<double> writtenDb(const Exercise& exercise, const Beats& at) {
    const auto index = swellAt(exercise, at);
    if (!index) return std::nullopt;
    const Swell& swell = exercise.swells[*index];
    const double share = (at - swell.from).toDouble() / (swell.to - swell.from).toDouble();
    return swell.fromDb + share * (swell.toDb - swell.fromDb);
}

}  // namespace upbeat
