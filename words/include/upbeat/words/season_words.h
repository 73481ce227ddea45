#pragma once

#include "upbeat/ladder/holding.h"
#include "upbeat/season/ceiling.h"
#include "upbeat/season/over_tempo.h"
#include "upbeat/season/over_time.h"
#include "upbeat/season/piece.h"
#include "upbeat/season/tiring.h"
#include "upbeat/season/two_takes.h"
#include "upbeat/units/text.h"

namespace upbeat::words {

/// "Spread", "Ghosts below taps", "Left hand against right".
[[nodiscard]] Text nameOf(SeasonMeasure measure);
/// "Your ghosts come up from 112 on (108 to 116)"; empty where nothing bends.
[[nodiscard]] Text bendOf(const OverTempo& over);
/// "Clean nine times in ten up to 104; half the time at 112 (109 to 115)", or that nobody can say yet.
[[nodiscard]] Text sentenceOf(const Ceiling& ceiling);

/// "Of eight takes your strokes grew 40 % (12 to 76) more uneven and 2 dB (1 to 3) softer."
[[nodiscard]] Text sentenceOf(const Tiring& tiring);
/// "Holds the rung: ghosts below taps, 3 of 5 takes; it is getting better."
[[nodiscard]] Text sentenceOf(const Holding& holding);
/// "Instead of 140, hardly reached in three months as it goes, 112 can be had in one: N takes that goal."
[[nodiscard]] Text nearerGoalOf(double goalBpm, double nearerBpm);

/// How a measure changed from week to week, or that no difference can be told; without a change that the weeks cannot
/// be compared.
[[nodiscard]] Text changeOf(SeasonMeasure measure, const std::optional<WeekChange>& change);

/// What became of a gate from one take to another, and whether that can be told.
[[nodiscard]] Text changeOf(const GateChange& change);

/// "B holds the piece at 92; A would go at 116." Empty where nothing can be said yet.
[[nodiscard]] Text holderOf(const std::vector<SectionStanding>& sections);
/// At what tempo the whole goes today, where every section was clean; empty otherwise.
[[nodiscard]] Text wholeTodayOf(const std::vector<SectionStanding>& sections);

}  // namespace upbeat::words
