#pragma once

#include <array>
#include <map>
#include <optional>
#include <span>
#include <vector>

#include "upbeat/align/match.h"

namespace upbeat {

/// Ghosts, taps and accents as written, and grace notes.
inline constexpr std::size_t kClasses = 4;

[[nodiscard]] inline std::size_t classOf(const PageEvent& event) {
    return event.role == Role::Grace ? kClasses - 1 : static_cast<std::size_t>(event.level);
}

/// Events of one number should sound alike: voice, class, and whether something is struck with them.
[[nodiscard]] inline std::size_t soundOf(const PageEvent& event) {
    const std::size_t sound = static_cast<std::size_t>(event.voice) * kClasses + classOf(event);
    return 2 * sound + (event.written.size() > 1 ? 1 : 0);
}

struct Expectation {
    std::vector<double> shiftS;                           ///< Per event: where the player is against the click.
    std::array<std::optional<double>, kClasses> usualDb;  ///< Level of each class in this take, where known.
    /// By soundOf(): how far such strokes usually rise above all vowels, in a take in which somebody speaks, where that
    /// is far.
    std::map<std::size_t, double> usualTopDb{};
    double levelWeight = 0.3;  ///< How much a level unlike its class counts.
    double scatterS = 1.0;     ///< Of this player's firm strokes: what is usual is expected.
};

struct Solution {
    Assignment assignment;
    double cost = 0;
};

/// The cheapest one-to-one, order-keeping assignment under what is expected: dynamic programming over events and hits,
/// each event looking only at the hits within its reach.
[[nodiscard]] Solution solve(std::span<const PageEvent> events, std::span<const Sounding> hits,
                             const Expectation& expected);

/// How loud each class should be, by its share of the page: the loudest hits are the accents, wherever they fell.
[[nodiscard]] Expectation usualByShare(std::span<const PageEvent> events, std::span<const Sounding> hits);

/// What it costs to say that the player never left the place: slow movement is followed, a lost place is not.
[[nodiscard]] double costInPlace(std::span<const PageEvent> events, std::span<const Sounding> hits);

[[nodiscard]] double medianOf(std::vector<double> values);
[[nodiscard]] inline bool isEarlier(const Sounding& hit, double timeS) {
    return hit.timeS < timeS;
}

}  // namespace upbeat
