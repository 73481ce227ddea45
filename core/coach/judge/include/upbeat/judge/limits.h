#pragma once

#include <map>
#include <string>

#include "upbeat/judge/gate_kind.h"
#include "upbeat/units/error.h"

namespace upbeat {

/// Limits of one's own, in the units of their gates and the same at every tempo; mistakes are those in four bars.
using OwnLimits = std::map<GateKind, double>;

/// What a limit can be, and how far one key moves it.
struct LimitRange {
    double least = 0;
    double most = 100;
    double step = 1;
};
[[nodiscard]] LimitRange rangeOf(GateKind kind);

/// Limits that a player or a teacher asks instead of those of the profile: a small file that can be passed on.
struct LimitSet {
    std::string title;                           ///< Whose they are, or what for.
    OwnLimits all;                               ///< Of every exercise,
    std::map<std::string, OwnLimits> exercises;  ///< but by its id the exercise's own come first.

    friend bool operator==(const LimitSet&, const LimitSet&) = default;

    [[nodiscard]] OwnLimits of(const std::string& exerciseId) const;
    /// Sets a limit, kept in its range, of one exercise or (an empty id) of all.
    void set(const std::string& exerciseId, GateKind kind, double limit);
    /// Brings back what the profile asks of this exercise: its own limit goes, and where it has none, that of all.
    void bringBack(const std::string& exerciseId, GateKind kind);
};

/// Nothing where every limit lies in its range.
[[nodiscard]] Result<void> check(const LimitSet& limits);

}  // namespace upbeat
