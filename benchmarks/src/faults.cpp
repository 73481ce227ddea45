#include "faults.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

#include "coverage.h"
#include "planted_faults.h"
#include "upbeat/climb/climb.h"
#include "upbeat/music/library.h"
#include "upbeat/player/perform.h"
#include "upbeat/take/analyze_take.h"
#include "upbeat/units/random.h"

namespace upbeat::bench {

namespace {

constexpr int kPasses = 10;

Exercise exerciseFor(Random& random) {
    static constexpr std::array<const char*, 7> kIds{"singles-sixteenths", "paradiddle-accents", "triplet-accents",
                                                     "fives-singles",      "ghosted-backbeat",   "swung-ride",
                                                     "flam-taps"};
    const int which = random.below(static_cast<int>(kIds.size()) + 1);
    if (which == static_cast<int>(kIds.size())) return changingSubdivision();
    return *builtInExercise(kIds.at(static_cast<std::size_t>(which)));
}

/// Someone who plays well: no habit, four to eight milliseconds of ordinary spread.
Character calm(Random& random) {
    Character c;
    c.spreadMs = random.uniform(3, 7);
    c.wanderMs = random.uniform(0, 2);
    c.placementMs = random.uniform(-6, 6);
    return c;
}

struct Played {
    Exercise exercise;
    std::vector<Finding> findings;
    std::vector<Planted> faults;
};

/// `missing`: the stroke that is left out on four passes of five.
std::vector<Finding> findingsOf(const Exercise& e, const Character& c, std::optional<int> missing, std::uint64_t seed) {
    Performance p = perform(e, Bpm(100), kPasses, c, seed);
    if (missing) std::erase_if(p.hits, [&](const PlayedHit& h) { return h.stroke == *missing && h.pass % 5 != 0; });
    const TakeFrame frame{100, 1.0, kPasses * e.bars, 0, false, {}};
    return analyzeTake(e, frame, {hitsWithVoices(p, 1.0), {}}, {Profile(), ladderOf(e), {}}).findings;
}

/// One to three faults of different kinds; two of one kind would add up or cancel.
Played playFaulty(std::uint64_t seed) {
    Random random(seed);
    Played played{exerciseFor(random), {}, {}};
    Character c = calm(random);
    std::optional<int> missing;
    const auto count = static_cast<std::size_t>(1 + random.below(3));
    std::vector<bool> taken(planters().size());
    while (played.faults.size() < count) {
        const auto which = static_cast<std::size_t>(random.below(static_cast<int>(taken.size())));
        if (taken[which]) continue;
        taken[which] = true;
        auto fault = planters()[which](c, played.exercise, random);
        if (!fault) {
            if (std::all_of(taken.begin(), taken.end(), [](bool t) { return t; })) break;
            continue;
        }
        if (fault->leftOut) missing = fault->leftOut;
        played.faults.push_back(*std::move(fault));
    }
    played.findings = findingsOf(played.exercise, c, missing, seed);
    return played;
}

struct ByKind {
    int planted = 0;
    int named = 0;
};

FaultScore score(int faultyPlayers, int cleanPlayers, std::map<std::string, ByKind>& kinds) {
    FaultScore score;
    for (int i = 0; i < faultyPlayers; ++i) {
        const Played played = playFaulty(70000 + static_cast<std::uint64_t>(i));
        ++score.faultyPlayers;
        const auto names = [&](const Finding& f) {
            return std::any_of(played.faults.begin(), played.faults.end(),
                               [&](const Planted& p) { return p.isNamedBy(f); });
        };
        for (const Planted& fault : played.faults) {
            const bool named = std::any_of(played.findings.begin(), played.findings.end(), fault.isNamedBy);
            ++score.planted;
            score.named += named ? 1 : 0;
            ++kinds[fault.kind].planted;
            kinds[fault.kind].named += named ? 1 : 0;
        }
        score.said += static_cast<int>(played.findings.size());
        for (const Finding& f : played.findings) score.falselySaid += names(f) ? 0 : 1;
        score.firstRight += !played.findings.empty() && names(played.findings.front()) ? 1 : 0;
    }
    for (int i = 0; i < cleanPlayers; ++i) {
        const auto seed = 80000 + static_cast<std::uint64_t>(i);
        Random random(seed);
        const Exercise e = exerciseFor(random);
        ++score.cleanPlayers;
        score.cleanAccused += findingsOf(e, calm(random), std::nullopt, seed).empty() ? 0 : 1;
    }
    return score;
}

}  // namespace

FaultScore scoreFaults(int faultyPlayers, int cleanPlayers) {
    std::map<std::string, ByKind> kinds;
    return score(faultyPlayers, cleanPlayers, kinds);
}

Table faultTable(int faultyPlayers, int cleanPlayers) {
    std::map<std::string, ByKind> kinds;
    const FaultScore s = score(faultyPlayers, cleanPlayers, kinds);
    Table table{"Findings", {"what", "figure", "asked"}, {}};
    table.rows.push_back({fmt::format("planted faults named with place, hand and direction ({})", s.planted),
                          percent(s.named, s.planted), ">= 97 %"});
    table.rows.push_back({"sentences that name nothing planted", percent(s.falselySaid, s.said), "<= 3 %"});
    table.rows.push_back({"sentences for one planted fault",
                          fmt::format("{:.2f}", static_cast<double>(s.said) / std::max(1, s.planted)), "<= 1.2"});
    table.rows.push_back({fmt::format("first sentence right ({} players)", s.faultyPlayers),
                          percent(s.firstRight, s.faultyPlayers), ">= 95 %"});
    table.rows.push_back({fmt::format("clean players with a finding (of {})", s.cleanPlayers),
                          percent(s.cleanAccused, s.cleanPlayers), "<= 3 %"});
    for (const auto& [kind, of] : kinds)
        table.rows.push_back({fmt::format("  named: {} ({})", kind, of.planted), percent(of.named, of.planted), ""});
    return table;
}

}  // namespace upbeat::bench
