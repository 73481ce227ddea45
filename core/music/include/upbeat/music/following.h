#pragma once

#include <optional>
#include <string_view>

#include "upbeat/music/exercise.h"

namespace upbeat {

// A section may be "as verse 1, but bar 16": its bars have the strokes of that section and change with them, until one
// of them is written otherwise. Dynamics, tempo and meter are each section's own; a bar in another meter than the one
// it would follow is its own as well. The page holds all strokes, so that nobody who reads it needs to know.

/// Whether any section follows another.
[[nodiscard]] bool hasFollowers(const Exercise& exercise);

/// The bar a bar follows, counted from 1: none where it is its own.
[[nodiscard]] std::optional<int> followedBar(const Exercise& exercise, int bar);

/// After a change: what was changed in a bar is also changed in those that follow it; a bar that was itself changed is
/// its own from then on, and so is every bar that no longer is as the one it follows where bars were added or removed.
[[nodiscard]] Exercise followed(Exercise changed, const Exercise& before);

/// The page with every bar that is not as the one it follows as its own; rules that lead nowhere are dropped. What is
/// written to a file is settled.
[[nodiscard]] Exercise settled(Exercise exercise);

/// As read from a file: bars without strokes have those of the bar they follow, and what differs is a bar of its own.
[[nodiscard]] Exercise followed(Exercise read);

/// What is wrong with the sections that follow others.
[[nodiscard]] Result<void> checkFollowing(const Exercise& exercise);

/// Words about the section at a bar: "section verse 2" begins one there, "section verse 2 as verse 1" one that follows
/// another, "no section" ends the one that begins there, "as verse 1" lets the section the bar lies in follow another,
/// "on its own" sets it free, "as before" lets the bar itself follow again. Nothing where these are other words; else
/// the page with it, or what is wrong.
[[nodiscard]] std::optional<Result<Exercise>> withSectionWords(const Exercise& exercise, int bar,
                                                               std::string_view words);

}  // namespace upbeat
