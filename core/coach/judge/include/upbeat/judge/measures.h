#pragma once

#include <optional>
#include <vector>

#include "upbeat/causes/causes.h"
#include "upbeat/measure/balance.h"
#include "upbeat/measure/counts.h"
#include "upbeat/measure/doubles.h"
#include "upbeat/measure/feel.h"
#include "upbeat/measure/free_spaces.h"
#include "upbeat/measure/groups.h"
#include "upbeat/measure/ornaments.h"
#include "upbeat/measure/pulse.h"
#include "upbeat/measure/quality.h"
#include "upbeat/measure/returns.h"
#include "upbeat/measure/rolls.h"
#include "upbeat/measure/sections_played.h"
#include "upbeat/measure/swells.h"
#include "upbeat/measure/swing.h"
#include "upbeat/measure/timing.h"
#include "upbeat/measure/unisons.h"

namespace upbeat {

/// Every measure of one take side by side: what the coach judges by.
struct Measures {
    Timing timing;
    std::optional<Swing> swing;
    Balance balance;
    std::optional<Ornaments> ornaments;
    std::vector<Apart> apart;
    std::vector<GroupRow> groups;
    std::vector<PulseChange> pulse;
    std::optional<Doubles> doubles;
    std::vector<SwellPlayed> swells;
    std::vector<DynamicPlayed> dynamics;
    std::vector<AccentRun> accentRuns;
    std::vector<Unison> unisons;
    std::vector<RollPlayed> rolls;
    std::vector<StrokeQuality> quality;
    Counts counts;
    Causes causes;
    std::vector<FeelPlayed> feel;
    std::vector<SectionPlayed> sections;
    std::optional<Returns> returns;
    std::optional<FreeSpaces> freeSpaces;
};

}  // namespace upbeat
