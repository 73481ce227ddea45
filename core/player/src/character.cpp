#include "upbeat/player/character.h"

#include <fmt/format.h>

#include <cmath>
#include <string_view>
#include <utility>

namespace upbeat {

namespace {

struct Bound {
    std::string_view name;
    double value;
    double low;
    double high;
};

}  // namespace

Result<void> check(const Character& c) {
    std::vector<Bound> bounds{
        {"placement_ms", c.placementMs, -200, 200},
        {"spread_ms", c.spreadMs, 0, 100},
        {"wander_ms", c.wanderMs, 0, 100},
        {"drift_ms_per_min", c.driftMsPerMin, -500, 500},
        {"accent_db", c.accentDb, -80, -3},
        {"swing_ratio", c.swingRatio, 0, 4},
        {"grace_ms", c.graceMs, 5, 80},
        {"grace_spread_ms", c.graceSpreadMs, 0, 20},
        {"grace_db", c.graceDb, -40, 10},
        {"miss_chance", c.missChance, 0, 1},
        {"extra_chance", c.extraChance, 0, 1},
    };
    for (const double db : c.relativeDb) bounds.push_back({"relative_db", db, -60, 20});
    for (const double db : c.levelSpreadDb) bounds.push_back({"level_spread_db", db, 0, 20});
    for (const Habit& habit : c.habits) {
        bounds.push_back({"habit offset_ms", habit.offsetMs, -150, 150});
        bounds.push_back({"habit level_db", habit.levelDb, -40, 40});
        bounds.push_back({"habit chance", habit.chance, 0, 1});
    }
    for (const Bound& bound : bounds) {
        if (!std::isfinite(bound.value) || bound.value < bound.low || bound.value > bound.high)
            return fail(Text::with(UPBEAT_TEXT("%1 is %2"), bound.name, fmt::format("{:g}", bound.value)), "character",
                        Text::with(UPBEAT_TEXT("use %1 to %2"), fmt::format("{:g}", bound.low),
                                   fmt::format("{:g}", bound.high)));
    }
    return {};
}

}  // namespace upbeat
