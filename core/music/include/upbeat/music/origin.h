#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <variant>

#include "upbeat/music/method.h"
#include "upbeat/music/span.h"

namespace upbeat {

struct Exercise;

/// Bars of a phrase, from 1, both included.
struct BarRange {
    int from = 1;
    int to = 1;

    friend bool operator==(const BarRange&, const BarRange&) = default;
};

/// A step of a method, or of one method inside each step of another.
struct StageNumber {
    Method method = Method::SlowWhole;
    std::optional<Method> inner;
    int number = 1;  ///< From 1.

    friend bool operator==(const StageNumber&, const StageNumber&) = default;
};

/// The page from which a microphone learns the voices of an exercise.
struct KitLesson {
    friend bool operator==(const KitLesson&, const KitLesson&) = default;
};

/// Where an exercise comes from that is a part of another: a drill of one spot, some bars, a stage of a method
/// or a lesson.
struct Origin {
    std::string whole;  ///< Id of the exercise it was made from.
    std::variant<Span, BarRange, StageNumber, KitLesson> part;

    friend bool operator==(const Origin&, const Origin&) = default;
};

/// The part as an exercise of its own: its origin, and an id that only this part of this exercise has.
void markAsPart(Exercise& exercise, const Origin& origin);

/// The id of the exercise it is a part of; its own where it is a whole page.
[[nodiscard]] const std::string& wholeIdOf(const Exercise& exercise);
[[nodiscard]] bool isLesson(const Exercise& exercise);

/// Pages that were kept by versions up to 0.9 tell their origin by their id alone: "paradiddle~1.2", "~bars.2-3",
/// "~grow.3", "~chunks+grow.4", "~kit". None for the id of a whole page.
[[nodiscard]] std::optional<Origin> originOfOldId(std::string_view id);

}  // namespace upbeat
