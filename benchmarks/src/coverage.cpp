#include "coverage.h"

#include <fmt/format.h>

#include <cmath>

#include "simulated_sets.h"
#include "upbeat/music/library.h"
#include "upbeat/take/analyze_take.h"

namespace upbeat::bench {

namespace {

Exercise named(const char* id) {
    return *builtInExercise(id);
}

Habit habit(std::optional<Beats> at, std::optional<Limb> limb, double offsetMs, double levelDb) {
    Habit h;
    h.at = at;
    h.limb = limb;
    h.offsetMs = offsetMs;
    h.levelDb = levelDb;
    return h;
}

/// Two beats of eighths, two of triplets.
Exercise crescendo() {
    Exercise e = named("singles-sixteenths");
    e.swells = {{Beats(0), Beats(15, 4), -20, 0}};
    return e;
}

Character player(double spreadMs = 5) {
    Character c;
    c.spreadMs = spreadMs;
    c.wanderMs = 0;
    return c;
}

/// Second strokes of the doubles exercise: every other sixteenth.
Character withSeconds(double offsetMs, double levelDb) {
    Character c = player();
    for (int i = 1; i < 16; i += 2) c.habits.push_back(habit(Beats(i, 4), std::nullopt, offsetMs, levelDb));
    return c;
}

std::optional<Figure> countHabit(const Measures& m, int stroke) {
    for (const CountHabit& h : m.timing.habits)
        if (h.stroke == stroke) return h.offsetMs;
    return std::nullopt;
}

std::optional<Figure> group(const Measures& m, Axis axis, int key) {
    for (const GroupRow& row : m.groups)
        if (row.axis == axis && row.key == key) return row.offsetMs;
    return std::nullopt;
}

double normalBelow(double x) {
    return 0.5 * std::erfc(-x / std::sqrt(2.0));
}

}  // namespace

namespace {

/// A case at the usual tempo and length.
CoverageCase caseOf(std::string name, const Exercise& e, Character c, double truth, decltype(CoverageCase::read) read) {
    return {std::move(name), e, 100, 8, std::move(c), truth, std::move(read)};
}

void addTiming(std::vector<CoverageCase>& cases) {
    const Exercise singles = named("singles-sixteenths");
    const auto add = [&](std::string name, const Exercise& e, Character c, double truth, auto read) {
        cases.push_back(caseOf(std::move(name), e, std::move(c), truth, read));
    };
    Character c = player(6);
    c.placementMs = 4;
    add("placement", singles, c, 4, [](const Measures& m) { return m.timing.placementMs; });
    c.wanderMs = 3;
    add("placement, wandering pulse, 2 min", singles, c, 4, [](const Measures& m) { return m.timing.placementMs; });
    cases.back().passes = 48;
    add("spread", singles, player(6), 6, [](const Measures& m) { return m.timing.spreadMs; });
    c = player();
    c.habits = {habit(Beats(5, 4), {}, 12, 0), habit(Beats(9, 4), {}, -12, 0)};
    add("habit of a count", singles, c, 12, [](const Measures& m) { return countHabit(m, 5); });
    c = player();
    c.driftMsPerMin = 30;
    add("drift", singles, c, 30, [](const Measures& m) { return m.timing.driftMsPerMin; });
    c = player();
    c.habits = {habit({}, Limb::LeftHand, 8, 0)};
    add("hands apart", singles, c, 8,
        [](const Measures& m) { return m.apart.empty() ? std::nullopt : std::optional(m.apart.front().ms); });
    add("group: left hand", singles, c, 8,
        [](const Measures& m) { return group(m, Axis::Limb, static_cast<int>(Limb::LeftHand)); });
    c = player();
    c.habits = {habit(Beats(2), {}, -10, 0)};
    add("beat across a change", changingSubdivision(), c, 10, [](const Measures& m) {
        for (const PulseChange& p : m.pulse)
            if (p.strokesAfter == 3) return std::optional(p.acrossMs);
        return std::optional<Figure>();
    });
    c = player(4);
    c.swingRatio = 1.8;
    Exercise ride = named("swung-ride");
    std::erase_if(ride.strokes, [](const Stroke& s) { return s.voice != Voice::Ride; });
    add("swing ratio", ride, c, 1.8, [](const Measures& m) { return m.swing->ratio; });
    add("off-beat place", ride, c, offbeatPercent(1.8), [](const Measures& m) { return m.swing->offbeatPercent; });
}

void addLevels(std::vector<CoverageCase>& cases) {
    const Exercise singles = named("singles-sixteenths");
    const Exercise paradiddle = named("paradiddle-accents");
    const auto add = [&](std::string name, const Exercise& e, Character c, double truth, auto read) {
        cases.push_back(caseOf(std::move(name), e, std::move(c), truth, read));
    };
    add("gap accent - tap", paradiddle, player(), 12, [](const Measures& m) { return m.balance.accentTapGapDb; });
    add("evenness of taps", paradiddle, player(), 1.2, [](const Measures& m) { return m.balance.evennessDb[1]; });
    Character c = player();
    c.relativeDb = {-21, -4, 0};
    c.levelSpreadDb = {1.4, 2, 2};
    add("overlap", paradiddle, c, 100 * normalBelow(-4 / std::sqrt(8.0)),
        [](const Measures& m) { return m.balance.overlapPercent; });
    c = player();
    c.habits = {habit({}, Limb::LeftHand, 0, -3)};
    add("right - left in taps", singles, c, 3, [](const Measures& m) { return m.balance.handsDb[1]; });
}

void addFigures(std::vector<CoverageCase>& cases) {
    const auto add = [&](std::string name, const Exercise& e, Character c, double truth, auto read) {
        cases.push_back(caseOf(std::move(name), e, std::move(c), truth, read));
    };
    add("second of a double, dB", named("doubles-sixteenths"), withSeconds(0, -2), -2,
        [](const Measures& m) { return m.doubles->secondDb; });
    add("inside a double", named("doubles-sixteenths"), withSeconds(6, 0), 6,
        [](const Measures& m) { return m.doubles->insideMs; });
    add("between doubles", named("doubles-sixteenths"), withSeconds(6, 0), -6,
        [](const Measures& m) { return m.doubles->betweenMs; });
    add("grace spacing", named("flam-taps"), player(), 28, [](const Measures& m) { return m.ornaments->spacingMs; });
    add("grace spacing spread", named("flam-taps"), player(), 2.5,
        [](const Measures& m) { return m.ornaments->spacingSpreadMs; });
    add("grace level", named("flam-taps"), player(), -14, [](const Measures& m) { return m.ornaments->graceLevelDb; });
    add("crescendo, dB a beat", crescendo(), player(), 20 / 3.75,
        [](const Measures& m) { return m.swells.empty() ? std::nullopt : std::optional(m.swells.front().dbPerBeat); });
    add("crescendo, end", crescendo(), player(), -14,
        [](const Measures& m) { return m.swells.empty() ? std::nullopt : std::optional(m.swells.front().endDb); });
}

}  // namespace

Exercise changingSubdivision() {
    Exercise e = named("singles-sixteenths");
    e.id = "eighths-triplets";
    e.strokes.clear();
    const auto add = [&e](const Beats& at) {
        e.strokes.push_back({at, Voice::Pad, e.strokes.size() % 2 == 0 ? Limb::RightHand : Limb::LeftHand, Level::Tap});
    };
    for (int beat = 0; beat < 4; ++beat) {
        const int parts = beat < 2 ? 2 : 3;
        for (int part = 0; part < parts; ++part) add(Beats(beat) + Beats(part, parts));
    }
    return e;
}

std::vector<CoverageCase> coverageCases() {
    std::vector<CoverageCase> cases;
    addTiming(cases);
    addLevels(cases);
    addFigures(cases);
    return cases;
}

Coverage cover(const CoverageCase& what, int takes) {
    Coverage coverage;
    for (int seed = 1; seed <= takes; ++seed) {
        const Performance p = perform(what.exercise, Bpm(what.tempoBpm), what.passes, what.character,
                                      static_cast<std::uint64_t>(seed) + 50000);
        const auto hits = exactHits(p, 1.0);
        const TakeFrame frame{what.tempoBpm, 1.0, what.passes * what.exercise.bars, 0, false, {}};
        const auto figure = what.read(measure(matchTake(what.exercise, frame, hits)));
        ++coverage.takes;
        if (!figure) {
            ++coverage.without;
            continue;
        }
        coverage.inside += figure->low <= what.truth && what.truth <= figure->high ? 1 : 0;
        coverage.meanError += (figure->value - what.truth) / takes;
    }
    return coverage;
}

Table coverageTable(int takes) {
    Table table{fmt::format("95 % intervals over {} simulated takes", takes),
                {"measure", "truth inside, %", "asked", "mean error", "no figure"},
                {}};
    for (const CoverageCase& what : coverageCases()) {
        const Coverage c = cover(what, takes);
        table.rows.push_back({what.measure, fmt::format("{:.1f}", c.percent()), "93 to 97",
                              fmt::format("{:+.3f}", c.meanError), fmt::format("{}", c.without)});
    }
    return table;
}

}  // namespace upbeat::bench
