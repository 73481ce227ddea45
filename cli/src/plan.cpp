#include <fmt/chrono.h>
#include <fmt/format.h>

#include <ctime>
#include <memory>
#include <nlohmann/json.hpp>

#include "in_folder.h"
#include "upbeat/words/plan_words.h"

namespace upbeat::cli {

namespace {

struct PlanOptions {
    int minutes = 20;
    std::string data;
    std::string way = "balanced";
    std::string json;
};

constexpr std::array<const char*, kPlanWays> kWays{"balanced", "line", "climb", "grow", "turn", "feet"};

nlohmann::json entry(const PlanBlock& block) {
    return {{"kind", toName(block.kind)},
            {"exercise", block.exerciseId},
            {"minutes", block.minutes},
            {"tempo_bpm", block.tempoBpm ? nlohmann::json(*block.tempoBpm) : nlohmann::json(nullptr)},
            {"method", block.method ? nlohmann::json(toName(*block.method)) : nlohmann::json(nullptr)},
            {"reason", words::reasonOf(block).said()}};
}

Exit plan(const PlanOptions& o) {
    if (o.minutes < 1 || o.minutes > kLongestPlan)
        return complain({fmt::format("{} minutes cannot be planned", o.minutes), {}, "use --minutes 1 to 240"},
                        Exit::BadArguments);
    const auto way = std::find(kWays.begin(), kWays.end(), o.way);
    if (way == kWays.end())
        return complain(
            {"there is no way of practising called " + o.way, {}, fmt::format("use one of {}", fmt::join(kWays, ", "))},
            Exit::BadArguments);
    const std::tm now = fmt::localtime(std::time(nullptr));
    const auto work = exercisesInWork(o.data, fmt::format("{:%Y-%m-%d}", now));
    if (!work) return complain(work.error(), Exit::Unreadable);
    const auto plan =
        planFor(*work, {o.minutes, static_cast<PlanWay>(way - kWays.begin()), now.tm_wday == 0 ? 7 : now.tm_wday});
    if (plan.empty())
        return complain({"there is nothing to plan", o.data, "play a take of something first"}, Exit::NothingToMeasure);
    if (o.json.empty()) {
        for (const PlanBlock& block : plan)
            fmt::print("{:>3} min  {:<14} {:<32} {}\n", block.minutes, words::nameOf(block.kind).said(),
                       block.exerciseId, words::reasonOf(block).said());
        return Exit::Measured;
    }
    nlohmann::json blocks = nlohmann::json::array();
    for (const PlanBlock& block : plan) blocks.push_back(entry(block));
    const nlohmann::json file{
        {"format", "upbeat-check/plan"}, {"version", 1}, {"minutes", o.minutes}, {"blocks", blocks}};
    return deliver(o.json, file.dump(1) + "\n");
}

}  // namespace

void addPlan(CLI::App& app, std::function<Exit()>& chosen) {
    auto options = std::make_shared<PlanOptions>();
    CLI::App* command = app.add_subcommand("plan", "Say what to practise today, from the log");
    command->add_option("--minutes", options->minutes, "How many there are, 1 to 240")->required();
    command->add_option("--way", options->way, "balanced, line, climb, grow, turn or feet");
    command->add_option("--json", options->json, "Write the plan there; - is standard output");
    runInFolder(*command, options, chosen, plan);
}

}  // namespace upbeat::cli
