#pragma once

#include <optional>
#include <string_view>

namespace upbeat {

/// Ways of taking an exercise apart (N12 to N19); the core's `methods` makes the stages of each.
enum class Method {
    SlowWhole,       ///< All of it, from slow to the tempo of the ladder.
    LimbsApart,      ///< Every limb alone, in pairs, in threes, together.
    Chunks,          ///< Beat by beat, neighbours joined, the whole.
    Grow,            ///< The first notes, the rest counted; a little more each time.
    SinglesDoubles,  ///< The grid in singles and doubles, by bars and half bars, then as written.
    HalfThenFull,    ///< Each bar at half speed, at full speed, then joined.
    IsolateSpan,     ///< One span with a bar of rest, at half speed and at tempo, then without, then in its bar.
    Context,         ///< Groove, the phrase or its last bar, groove.
    KeepAndGrow,     ///< The limbs that repeat keep on while the others grow.
    Easier,          ///< From the easiest version to the full one (N11).
    Sections,        ///< Of a piece: section by section, neighbours joined, the whole.
    FromTheEnd,      ///< The last section, the last two, and so on.
    Transitions,     ///< The last bar of every section into the first of the next.
    Trade,           ///< So many bars as written, as many of one's own: the first beat behind them is judged.
};
inline constexpr int kMethodCount = 14;
/// A page longer than that is a piece: what goes beat by beat through it would never end.
inline constexpr int kLongestPhrase = 16;  // bars

/// "grow", "limbs-apart": as it stands in files and on the command line.
[[nodiscard]] std::string_view toName(Method method);
[[nodiscard]] std::optional<Method> methodFromName(std::string_view name);

}  // namespace upbeat
