#include "upbeat/judge/limits.h"

#include <fmt/format.h>

#include <algorithm>

namespace upbeat {

LimitRange rangeOf(GateKind kind) {
    switch (kind) {
        case GateKind::Mistakes:
            return {0, 50, 1};
        case GateKind::AccentTapGap:
        case GateKind::TapGhostGap:
            return {1, 40, 0.5};
        case GateKind::Overlap:
            return {0, 50, 1};
        case GateKind::Offbeat:
            return {0.5, 20, 0.5};
        case GateKind::Drift:
            return {0.1, 20, 0.1};
        case GateKind::Spread:
        case GateKind::Placement:
        case GateKind::Apart:
        case GateKind::Habit:
        case GateKind::GraceSpread:
        case GateKind::Feel:
        case GateKind::Return:
            break;
    }
    return {1, 60, 0.5};
}

OwnLimits LimitSet::of(const std::string& exerciseId) const {
    OwnLimits own = all;
    if (const auto found = exercises.find(exerciseId); found != exercises.end())
        for (const auto& [kind, limit] : found->second) own[kind] = limit;
    return own;
}

void LimitSet::set(const std::string& exerciseId, GateKind kind, double limit) {
    const LimitRange range = rangeOf(kind);
    OwnLimits& own = exerciseId.empty() ? all : exercises[exerciseId];
    own[kind] = std::clamp(limit, range.least, range.most);
}

void LimitSet::bringBack(const std::string& exerciseId, GateKind kind) {
    const auto found = exercises.find(exerciseId);
    if (found == exercises.end() || found->second.erase(kind) == 0) {
        all.erase(kind);
        return;
    }
    if (found->second.empty()) exercises.erase(found);
}

namespace {

Result<void> checkAll(const OwnLimits& own, const std::string& where) {
    for (const auto& [kind, limit] : own) {
        const LimitRange range = rangeOf(kind);
        if (limit >= range.least && limit <= range.most) continue;
        return fail(
            Text::with(UPBEAT_TEXT("a limit of %1 for \"%2\" is out of range"), fmt::format("{:g}", limit),
                       std::string(toName(kind))),
            where,
            Text::with(UPBEAT_TEXT("use %1 to %2"), fmt::format("{:g}", range.least), fmt::format("{:g}", range.most)));
    }
    return {};
}

}  // namespace

Result<void> check(const LimitSet& limits) {
    if (auto good = checkAll(limits.all, {}); !good) return good;
    for (const auto& [id, own] : limits.exercises)
        if (auto good = checkAll(own, id); !good) return good;
    return {};
}

}  // namespace upbeat
