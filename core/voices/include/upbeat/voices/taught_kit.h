#pragma once

#include <vector>

#include "upbeat/signal/hit.h"

namespace upbeat {

/// A voice as the player let it be heard on its own.
struct TaughtVoice {
    Voice voice = Voice::Pad;
    std::vector<Hit> strokes;  ///< With their patches; soft and loud ones, in any order.

    friend bool operator==(const TaughtVoice&, const TaughtVoice&) = default;
};

/// What a kit sounds like at one microphone: every voice struck alone a few times.
struct TaughtKit {
    std::vector<TaughtVoice> voices;

    [[nodiscard]] bool isEmpty() const { return voices.empty(); }
    friend bool operator==(const TaughtKit&, const TaughtKit&) = default;
};

/// Strokes of a voice that are needed before it can be told from others, and how many are worth keeping.
inline constexpr std::size_t kFewestTaught = 3;
inline constexpr std::size_t kMostTaught = 16;

}  // namespace upbeat
