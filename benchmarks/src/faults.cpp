#include "faults.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "simulated_sets.h"
#include "upbeat/music/library.h"
#include "upbeat/player/perform.h"
#include "upbeat/player/random.h"
#include "upbeat/take/analyze_take.h"

namespace upbeat::bench {

namespace {

constexpr int kPasses = 12;

/// What was planted, and what a finding must say to have named it.
struct Fault {
    FindingKind kind = FindingKind::Late;
    std::optional<int> stroke;
    std::optional<Limb> limb;
    double size = 0;
};

bool names(const Finding& finding, const Fault& fault) {
    if (finding.kind != fault.kind) return false;
    if (fault.stroke && finding.stroke != fault.stroke) return false;
    if (fault.limb && finding.limb != fault.limb) return false;
    return fault.kind == FindingKind::HandsApart || fault.kind == FindingKind::Drift
               ? finding.figure.value * fault.size > 0
               : true;
}

Fault plantCount(Character& c, const Exercise& e, Random& random, bool timing) {
    const int stroke = random.below(static_cast<int>(e.strokes.size()));
    Habit habit;
    habit.at = e.strokes[static_cast<std::size_t>(stroke)].at;
    const double sign = random.uniform() < 0.5 ? -1 : 1;
    Fault fault;
    fault.stroke = stroke;
    fault.limb = e.strokes[static_cast<std::size_t>(stroke)].limb;
    fault.size = sign * (timing ? random.uniform(12, 20) : random.uniform(7, 10));
    (timing ? habit.offsetMs : habit.levelDb) = fault.size;
    if (timing)
        fault.kind = sign > 0 ? FindingKind::Late : FindingKind::Early;
    else
        fault.kind = sign > 0 ? FindingKind::Loud : FindingKind::Soft;
    c.habits.push_back(habit);
    return fault;
}

Fault plantHand(Character& c, Random& random) {
    Habit habit;
    habit.limb = Limb::LeftHand;
    habit.offsetMs = (random.uniform() < 0.5 ? -1 : 1) * random.uniform(13, 20);
    c.habits.push_back(habit);
    return {FindingKind::HandsApart, std::nullopt, Limb::LeftHand, habit.offsetMs};
}

Fault plantDrift(Character& c, Random& random) {
    c.driftMsPerMin = (random.uniform() < 0.5 ? -1 : 1) * random.uniform(90, 140);
    return {FindingKind::Drift, std::nullopt, std::nullopt, c.driftMsPerMin};
}

Fault plantAny(Character& c, const Exercise& e, Random& random) {
    switch (random.below(4)) {
        case 0:
            return plantCount(c, e, random, true);
        case 1:
            return plantCount(c, e, random, false);
        case 2:
            return plantHand(c, random);
        default:
            return plantDrift(c, random);
    }
}

std::vector<Finding> findingsOf(const Exercise& e, const Character& c, std::uint64_t seed) {
    const Performance p = perform(e, Bpm(100), kPasses, c, seed);
    const TakeFrame frame{100, 1.0, kPasses * e.bars, 0, false, {}};
    return analyzeTake(e, frame, exactHits(p, 1.0), {practiceProfile(), ladderOf(e), {}}).findings;
}

Exercise exerciseFor(Random& random) {
    static constexpr std::array<const char*, 4> kIds{"singles-sixteenths", "paradiddle-accents", "triplet-accents",
                                                     "fives-singles"};
    return *builtInExercise(kIds.at(static_cast<std::size_t>(random.below(kIds.size()))));
}

Character calm(Random& random) {
    Character c;
    c.spreadMs = random.uniform(2.5, 4.5);
    c.wanderMs = random.uniform(0, 1.5);
    c.placementMs = random.uniform(-6, 6);
    return c;
}

}  // namespace

FaultScore scoreFaults(int faultyPlayers, int cleanPlayers) {
    FaultScore score;
    for (int i = 0; i < faultyPlayers; ++i) {
        const auto seed = 70000 + static_cast<std::uint64_t>(i);
        Random random(seed);
        const Exercise e = exerciseFor(random);
        Character c = calm(random);
        std::vector<Fault> faults;
        const int count = 1 + random.below(3);
        while (static_cast<int>(faults.size()) < count) {
            Character with = c;
            const Fault fault = plantAny(with, e, random);
            // Two faults of one kind, or on one count, would add up or cancel: each is planted once.
            const bool again = std::any_of(faults.begin(), faults.end(), [&](const Fault& other) {
                return other.kind == fault.kind || (other.stroke && other.stroke == fault.stroke);
            });
            if (again) continue;
            c = with;
            faults.push_back(fault);
        }
        const auto findings = findingsOf(e, c, seed);
        for (const Fault& fault : faults) {
            ++score.planted;
            const bool named = std::any_of(findings.begin(), findings.end(),
                                           [&](const Finding& finding) { return names(finding, fault); });
            score.named += named ? 1 : 0;
        }
    }
    for (int i = 0; i < cleanPlayers; ++i) {
        const auto seed = 80000 + static_cast<std::uint64_t>(i);
        Random random(seed);
        const Exercise e = exerciseFor(random);
        ++score.cleanPlayers;
        score.falseFindings += findingsOf(e, calm(random), seed).empty() ? 0 : 1;
    }
    return score;
}

Table faultTable(int faultyPlayers, int cleanPlayers) {
    const FaultScore s = scoreFaults(faultyPlayers, cleanPlayers);
    Table table{"Findings", {"what", "figure", "asked"}, {}};
    table.rows.push_back({fmt::format("planted faults named with place, hand and direction ({} faults)", s.planted),
                          fmt::format("{:.1f} %", 100.0 * s.named / std::max(1, s.planted)), ">= 95 %"});
    table.rows.push_back({fmt::format("clean players with a false finding (of {})", s.cleanPlayers),
                          fmt::format("{:.1f} %", 100.0 * s.falseFindings / std::max(1, s.cleanPlayers)), "<= 2 %"});
    return table;
}

}  // namespace upbeat::bench
