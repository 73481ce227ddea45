#include <algorithm>
#include <array>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

void easier(Stages& stages, const Exercise& e) {
    const auto versions = easierVersions(e);
    for (auto version = versions.rbegin(); version != versions.rend(); ++version)
        stages.add(version->what, version->exercise);
    if (!versions.empty()) stages.addWhole();
}

}  // namespace upbeat
