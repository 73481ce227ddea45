#pragma once

#include <optional>
#include <vector>

#include "upbeat/signal/hit.h"

namespace upbeat {

/// What taps in a rest ask for.
enum class TapCommand {
    GoOn,   ///< Three: the rest is over.
    Again,  ///< Four: the same once more, whatever the verdict says.
    Stop,   ///< Five: no other take.
};

/// How somebody taps, learned once from three groups of three. Without it any three even, like strokes will do that
/// are not soft.
struct TapStyle {
    double levelDb = -30;  ///< Of a tap, dBFS.
    double gapS = 0.35;    ///< Between two.
    BandSteps colour{};    ///< All 0 where it is not known.
    bool learned = false;

    friend bool operator==(const TapStyle&, const TapStyle&) = default;
};

/// The taps among what is heard in one rest, in order of time: strokes that stand on their own. A command is a group of
/// three to five even, like strokes as this player taps them, with silence before it and behind it; it is known once
/// the silence behind it has lasted, at `nowS`. Nothing else is one.
[[nodiscard]] std::optional<TapCommand> commandIn(const std::vector<Hit>& strokes, double nowS, const TapStyle& style);

/// What is learned from groups of three taps with pauses between them; nothing while they are fewer than three, or not
/// alike. Only the last three groups count.
[[nodiscard]] std::optional<TapStyle> styleOf(const std::vector<Hit>& strokes, double nowS);

}  // namespace upbeat
