#include "upbeat/music/written_swing.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace upbeat {

namespace {

/// Where in its spans everything stands that is not on their ends, from 0 to 1; nothing where that is not one place.
std::optional<double> onlyPlace(const Exercise& exercise, const Beats& span) {
    constexpr double kSame = 0.01;
    std::set<Beats> spans;
    double first = -1;
    for (const Stroke& stroke : exercise.strokes) {
        const Beats inside = wrapped(stroke.at, span);
        if (inside == Beats(0)) continue;
        const double place = inside.toDouble() / span.toDouble();
        if (first < 0) first = place;
        if (std::abs(place - first) > kSame) return std::nullopt;
        spans.insert(stroke.at - inside);
    }
    constexpr std::size_t kFewest = 2;
    return spans.size() >= kFewest ? std::optional(first) : std::nullopt;
}

}  // namespace

std::optional<Feel> writtenSwing(const Exercise& exercise) {
    constexpr double kStraight = 0.53;
    constexpr double kLatest = 0.80;
    constexpr double kDotted = 0.75;
    constexpr double kNearDotted = 0.02;
    if (exercise.feel.isSwung()) return std::nullopt;
    for (const SwingLevel level : {SwingLevel::Eighth, SwingLevel::Sixteenth}) {
        const auto place = onlyPlace(exercise, swungSpan(level));
        if (place && *place > kStraight && *place < kLatest && std::abs(*place - kDotted) > kNearDotted)
            return Feel{level, *place / (1 - *place), false};
    }
    return std::nullopt;
}

Exercise withSwingAsFeel(const Exercise& exercise, const Feel& swing) {
    Exercise straight = exercise;
    straight.feel = swing;
    const Beats span = swungSpan(swing.level);
    for (Stroke& stroke : straight.strokes)
        if (const Beats inside = wrapped(stroke.at, span); inside != Beats(0))
            stroke.at = stroke.at - inside + span / 2;
    return straight;
}

}  // namespace upbeat
