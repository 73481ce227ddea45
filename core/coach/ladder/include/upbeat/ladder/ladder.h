#pragma once

#include <optional>
#include <vector>

#include "upbeat/judge/gates.h"

namespace upbeat {

/// The rungs of one exercise: from the start tempo to the goal by a fixed step.
struct Ladder {
    double startBpm = 60;
    double goalBpm = 100;
    double stepBpm = 4;
    int cleanNeeded = 3;  ///< Clean takes in a row before the next rung.
    bool stage = false;   ///< One tempo, part of a method: up and back are the next part and the one before.

    friend bool operator==(const Ladder&, const Ladder&) = default;

    /// Tempos from the bottom up; the last is the goal even where the step does not reach it evenly.
    [[nodiscard]] std::vector<double> rungs() const;
    [[nodiscard]] double above(double tempoBpm) const;
    [[nodiscard]] double below(double tempoBpm) const;
};

inline constexpr int kMostCleanNeeded = 5;
inline constexpr double kSameTempo = 0.01;  ///< bpm: tempos nearer to one another are one rung.

/// What the ladder remembers of a take.
struct RungTake {
    double tempoBpm = 0;
    bool clean = false;
    std::optional<GateKind> missed{};  ///< The gate that was missed most clearly, where one was.
    std::vector<Gate> gates{};         ///< What was measured; empty for takes from before it was kept.
    int daysAgo = 0;                   ///< Days between it and the take that is judged.
    bool leftAfter = false;            ///< Its verdict led away from the rung: what came before it is another matter.
};

/// Whether every gate is met.
[[nodiscard]] bool isClean(const std::vector<Gate>& gates);

/// The missed gate that lies furthest beyond its limit.
[[nodiscard]] std::optional<Gate> worstMissed(const std::vector<Gate>& gates);

}  // namespace upbeat
