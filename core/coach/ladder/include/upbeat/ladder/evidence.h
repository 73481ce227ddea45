#pragma once

#include <vector>

#include "upbeat/ladder/ladder.h"

namespace upbeat {

inline constexpr std::size_t kDecidedAt = 8;  ///< Takes by which everything is decided; those before them do not count.

/// The gates of a take with what the takes before it on the rung said of them: each figure is the mean of all, weighed
/// by how surely each is known, by how long ago it was played, and less from day to day. A gate is met or missed when
/// its pooled figure lies beyond the limit by two of its standard errors, widened where the takes differ by more than
/// their intervals say (Birge 1932); else open. From the eighth take on, and for what is counted and not estimated, the
/// figure alone decides. `before`: the takes on this rung since the player came to it, oldest first.
[[nodiscard]] std::vector<Gate> pooled(const std::vector<Gate>& gates, const std::vector<RungTake>& before);

/// The takes at the end of a history that were all played at `tempoBpm`: since the player came to the rung.
[[nodiscard]] std::vector<RungTake> onThisRung(const std::vector<RungTake>& history, double tempoBpm);

/// What the takes on a rung together say of one gate.
struct GateEvidence {
    Gate gate;                     ///< Its figure is that of all takes.
    std::optional<int> takesToGo;  ///< More takes like the last one until it is met; none where that would not do.
};
/// Of every gate of a take; `before` as above.
[[nodiscard]] std::vector<GateEvidence> evidenceOf(const std::vector<Gate>& gates, const std::vector<RungTake>& before);

/// How many more takes like this one until every gate is met and `needed` takes were played; nothing where more of
/// them would not do.
[[nodiscard]] std::optional<int> takesToGo(const std::vector<Gate>& gates, const std::vector<RungTake>& before,
                                           int needed);

}  // namespace upbeat
