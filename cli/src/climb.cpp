#include <fmt/format.h>

#include <memory>

#include "asked.h"
#include "commands.h"
#include "upbeat/formats/learner_json.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/take/analyze_take.h"

namespace upbeat::cli {

namespace {

struct ClimbOptions {
    std::string exercise;
    std::string learner;
    int takes = 0;
    std::uint64_t seed = 1;
    bool rendered = false;
    AskedOptions asked;
    std::string json;
};

Exit climb(const ClimbOptions& o) {
    constexpr int kMostTakes = 5000;
    if (o.takes < 1 || o.takes > kMostTakes)
        return complain({fmt::format("{} takes cannot be played", o.takes), {}, "use --takes 1 to 5000"},
                        Exit::BadArguments);
    const auto exercise = patternByNameOrFile(o.exercise);
    if (!exercise) return complain(exercise.error(), Exit::Unreadable);
    const auto learner = readLearner(o.learner);
    if (!learner) return complain(learner.error(), Exit::Unreadable);
    const auto profile = o.asked.read(*exercise);
    if (!profile) return complain(profile.error(), Exit::Unreadable);
    ClimbPlan plan;
    plan.ladder = ladderOf(*exercise);
    if (learner->startBpm > 0) plan.ladder.startBpm = learner->startBpm;
    if (learner->goalBpm > 0) plan.ladder.goalBpm = learner->goalBpm;
    if (plan.ladder.goalBpm < plan.ladder.startBpm)
        return complain(
            {fmt::format("the goal, {:g}, lies below the start, {:g}", plan.ladder.goalBpm, plan.ladder.startBpm),
             o.learner, "change goal_bpm or start_bpm"},
            Exit::Unreadable);
    plan.profile = *profile;
    plan.takes = o.takes;
    plan.seed = o.seed;
    plan.rendered = o.rendered;
    const ClimbRun climbed = climb(*exercise, *learner, plan);
    if (o.json.empty()) {
        fmt::print("{} takes, up to {:g} bpm\n", climbed.takes.size(), climbed.reachedBpm);
        return Exit::Measured;
    }
    const std::string json = climbToJson(climbed, *exercise);
    return deliver(o.json, json);
}

}  // namespace

void addClimb(CLI::App& app, std::function<Exit()>& chosen) {
    auto options = std::make_shared<ClimbOptions>();
    CLI::App* command = app.add_subcommand("climb", "Let a simulated learner climb an exercise, take after take");
    command->add_option("--exercise", options->exercise, "Built-in exercise or a file")->required();
    command->add_option("--learner", options->learner, "How the player plays and learns, a JSON file")->required();
    command->add_option("--takes", options->takes, "Takes to play at most")->required();
    command->add_option("--seed", options->seed, "The same seed plays the same takes")->required();
    command->add_flag("--rendered", options->rendered, "Through sound and detector, not from the hits");
    options->asked.addTo(*command);
    command->add_option("--json", options->json, "Write the climb there; - is standard output");
    command->callback([options, &chosen] { chosen = [options] { return climb(*options); }; });
}

}  // namespace upbeat::cli
