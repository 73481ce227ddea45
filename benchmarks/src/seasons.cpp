#include "seasons.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "upbeat/climb/climb.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/season/ceiling.h"
#include "upbeat/season/over_tempo.h"
#include "upbeat/take/analyze_take.h"
#include "upbeat/units/random.h"

namespace upbeat::bench {

namespace {

constexpr double kFirstBpm = 80;
constexpr double kStepBpm = 4;
constexpr int kRungs = 10;
constexpr int kTakesARung = 3;

Exercise page() {
    return *exerciseFromText(
        "title: Swung, in three levels\nmeter: 4/4\ntempo: 80 to 116 by 4\nfeel: swing eighths 2\n"
        "snare | >R(L)R. R(L)>RL R(L)RL >R.(L) |\n");
}

/// A player who is the same up to a tempo and goes from there on, and from take to take is not quite the same.
Character playerAt(std::optional<SeasonMeasure> what, double beyond, Random& random) {
    Character c;
    c.spreadMs = 4.5 * std::exp(0.08 * random.normal());
    c.wanderMs = 1;
    c.placementMs = 1.5 * random.normal();
    c.relativeDb = {-20 + 0.4 * random.normal(), -12 + 0.4 * random.normal(), 0};
    c.levelSpreadDb = {1.5, 1.2, 1};
    c.swingRatio = 2 * std::exp(0.02 * random.normal());
    Habit left;
    left.limb = Limb::LeftHand;
    left.offsetMs = random.normal();
    if (what == SeasonMeasure::Spread) c.spreadMs *= 1 + 1.2 * beyond;
    if (what == SeasonMeasure::Ghosts) c.relativeDb[0] += 6 * beyond;
    if (what == SeasonMeasure::Swing) c.swingRatio *= 1 - 0.4 * beyond;
    if (what == SeasonMeasure::LeftHand) left.offsetMs += 14 * beyond;
    c.habits.push_back(left);
    return c;
}

PastFigures playSeason(const Exercise& exercise, std::optional<SeasonMeasure> what, double bendBpm,
                       std::uint64_t seed) {
    constexpr int kPasses = 8;
    Random random(seed);
    PastFigures season;
    const double top = kFirstBpm + kStepBpm * (kRungs - 1);
    for (int k = 0; k < kRungs * kTakesARung; ++k) {
        const double tempo = kFirstBpm + kStepBpm * (k / kTakesARung);
        const double beyond = std::max(0.0, tempo - bendBpm) / (top - bendBpm);
        const Performance p = perform(exercise, Bpm(tempo), kPasses, playerAt(what, beyond, random),
                                      seed * 100 + static_cast<std::uint64_t>(k));
        const MatchedTake take =
            matchTake(exercise, {tempo, 1, kPasses * exercise.bars, 0, false, {}}, {hitsWithVoices(p, 1.0), {}});
        for (const auto& [name, figure] : mainFigures(measure(take)))
            for (int m = 0; m < kSeasonMeasures; ++m)
                if (std::string_view(figureOf(static_cast<SeasonMeasure>(m))) == name)
                    season.at(static_cast<std::size_t>(m)).push_back({tempo, (30.0 - k) / 3, figure});
    }
    return season;
}

}  // namespace

namespace {

struct BendCount {
    std::array<int, kSeasonMeasures> planted{};
    std::array<int, kSeasonMeasures> found{};
    int falsely = 0;
    int straight = 0;  // players without a bend,
    int accused = 0;   // and of whom one is claimed
};

constexpr std::array kWhat{SeasonMeasure::Spread, SeasonMeasure::Ghosts, SeasonMeasure::Swing, SeasonMeasure::LeftHand};

BendCount countBends(int players) {
    const Exercise exercise = page();
    BendCount count;
    for (int i = 0; i < players; ++i) {
        const auto what = i % 5 == 4 ? std::nullopt : std::optional(kWhat.at(static_cast<std::size_t>(i % 5)));
        const double bendBpm = kFirstBpm + kStepBpm * (2 + i / 5 % 4);
        const auto season = playSeason(exercise, what, bendBpm, 90000 + static_cast<std::uint64_t>(i));
        if (what) ++count.planted.at(static_cast<std::size_t>(*what));
        bool claimed = false;
        for (const OverTempo& over : allOverTempo(exercise, season)) {
            if (!over.bend) continue;
            claimed = claimed || over.measure != what;
            if (over.measure == what && std::abs(over.bend->bpm.value - bendBpm) <= kStepBpm)
                ++count.found.at(static_cast<std::size_t>(over.measure));
        }
        count.falsely += claimed ? 1 : 0;
        count.straight += what ? 0 : 1;
        count.accused += !what && claimed ? 1 : 0;
    }
    return count;
}

/// Of players who get worse evenly from the slowest rung on: of whom a bend is claimed.
int bendsOfLines(int players) {
    const Exercise exercise = page();
    int claimed = 0;
    for (int i = 0; i < players; ++i) {
        const auto what = kWhat.at(static_cast<std::size_t>(i) % kWhat.size());
        const auto all =
            allOverTempo(exercise, playSeason(exercise, what, kFirstBpm, 95000 + static_cast<std::uint64_t>(i)));
        claimed +=
            std::any_of(all.begin(), all.end(), [](const OverTempo& over) { return over.bend.has_value(); }) ? 1 : 0;
    }
    return claimed;
}

}  // namespace

Table bendTable(int players) {
    const BendCount count = countBends(players);
    Table table{"Bends", {"what", "figure", "asked"}, {}};
    constexpr std::array<const char*, 4> kNames{"spread", "ghosts", "swing", "left hand"};
    int all = 0;
    int found = 0;
    for (std::size_t k = 0; k < kWhat.size(); ++k) {
        const auto m = static_cast<std::size_t>(kWhat.at(k));
        all += count.planted.at(m), found += count.found.at(m);
        table.rows.push_back({fmt::format("bend of {} found within a rung ({})", kNames.at(k), count.planted.at(m)),
                              percent(count.found.at(m), count.planted.at(m)), ""});
    }
    table.rows.push_back({fmt::format("bends found within a rung ({})", all), percent(found, all), ">= 90 %"});
    table.rows.push_back({"players of whom a bend is claimed that is none", percent(count.falsely, players), "<= 2 %"});
    table.rows.push_back({fmt::format("of them without any bend ({})", count.straight),
                          percent(count.accused, count.straight), "<= 2 %"});
    table.rows.push_back(
        {fmt::format("of {} who get worse evenly", players), percent(bendsOfLines(players), players), ""});
    return table;
}

Table ceilingTable(int players) {
    int within = 0;
    int said = 0;
    double width = 0;
    Random random(77);
    for (int i = 0; i < players; ++i) {
        double ceiling = random.uniform(85, 110);
        const double rises = random.uniform(0, 0.0025);  // with every take
        const double fall = random.uniform(0.02, 0.07);
        std::vector<PastTake> takes;
        double tempo = 76;
        double form = 0;
        for (int k = 0; k < 30; ++k) {
            if (k % 4 == 0) form = 0.02 * random.normal();  // of the day
            const double p = 1 / (1 + std::exp((tempo / (ceiling * (1 + form)) - 1) / fall));
            const bool clean = random.uniform() < p;
            takes.push_back({tempo, (29 - k) / 4, clean ? 1.0 : 0.0});
            tempo += clean ? 2 : -3;
            ceiling *= 1 + rises;
        }
        const auto told = ceilingOf(takes);
        if (!told || !told->isBracketed) continue;
        ++said;
        within += told->bpm.low <= ceiling && ceiling <= told->bpm.high ? 1 : 0;
        width += (told->bpm.high - told->bpm.low) / told->bpm.value;
    }
    Table table{"Ceiling", {"what", "figure", "asked"}, {}};
    table.rows.push_back(
        {fmt::format("stated after 30 takes (of {})", players), fmt::format("{:.1f} %", 100.0 * said / players), ""});
    table.rows.push_back(
        {"the 80 % interval holds the true ceiling", fmt::format("{:.1f} %", 100.0 * within / said), "75 to 85 %"});
    table.rows.push_back({"width of the interval", fmt::format("{:.1f} %", 100 * width / said), ""});
    return table;
}

}  // namespace upbeat::bench
