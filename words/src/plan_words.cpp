// What to practise today, and when the goal is near.
#include "upbeat/words/plan_words.h"

#include <fmt/format.h>

#include <array>

#include "upbeat/words/words.h"

namespace upbeat::words {

namespace {

constexpr std::array<const char*, 7> kKinds{
    UPBEAT_TEXT("Warm-up"),       UPBEAT_TEXT("Weakest"), UPBEAT_TEXT("Due"),      UPBEAT_TEXT("For its date"),
    UPBEAT_TEXT("As it is used"), UPBEAT_TEXT("In turn"), UPBEAT_TEXT("Cool-down")};

struct WayTexts {
    const char* name;
    const char* explanation;
};
constexpr std::array<WayTexts, kPlanWays> kWays{{
    {UPBEAT_TEXT("Balanced"),
     UPBEAT_TEXT("Something easy, what is farthest from its goal, what is fading, something as it is used, something "
                 "easy.")},
    {UPBEAT_TEXT("So many minutes a line"), UPBEAT_TEXT("Four minutes each, what was left lying longest first.")},
    {UPBEAT_TEXT("Slow and climb"), UPBEAT_TEXT("One thing: slowly first, then up its ladder.")},
    {UPBEAT_TEXT("Grow at tempo"),
     UPBEAT_TEXT("One thing: loosely first, then at its tempo from the first notes on, a little more each time.")},
    {UPBEAT_TEXT("Singles and doubles in turn"), UPBEAT_TEXT("A page of singles, a page of doubles, and so on.")},
    {UPBEAT_TEXT("Hands in the week, feet on Saturday"),
     UPBEAT_TEXT("Balanced, with pages for the hands; on Saturday those with feet.")},
}};

struct Why {
    Text operator()(const Easy& why) const {
        return Text::with(UPBEAT_TEXT("easy at %1: loose, even, no hurry"), tempo(why.tempoBpm));
    }
    Text operator()(const FarFromGoal& why) const {
        if (!why.holds)
            return Text::with(UPBEAT_TEXT("now at %1 of %2"), wholeTempo(why.nowBpm), wholeTempo(why.goalBpm));
        return Text::with(UPBEAT_TEXT("now at %1 of %2; missed last: %3"), wholeTempo(why.nowBpm),
                          wholeTempo(why.goalBpm), nameOf(*why.holds));
    }
    Text operator()(const Fading& why) const {
        return Text::counted(why.daysAgo, UPBEAT_TEXT("clean at %1 yesterday"),
                             UPBEAT_TEXT_N("clean at %1 %n days ago"), wholeTempo(why.cleanBpm));
    }
    Text operator()(const NotCleanYet& why) const {
        return Text::with(UPBEAT_TEXT("nothing clean yet: begin at %1"), tempo(why.startBpm));
    }
    Text operator()(const WantedBy& why) const {
        return Text::counted(why.days, UPBEAT_TEXT("wanted tomorrow: now at %1 of %2"),
                             UPBEAT_TEXT_N("wanted in %n days: now at %1 of %2"), wholeTempo(why.nowBpm),
                             wholeTempo(why.goalBpm));
    }
    Text operator()(const AsItIsUsed& /*why*/) const { return UPBEAT_TEXT("what the others are for"); }
    Text operator()(const ItsTurn& /*why*/) const { return UPBEAT_TEXT("it is its turn"); }
};

}  // namespace

Text nameOf(BlockKind kind) {
    return kKinds.at(static_cast<std::size_t>(kind));
}

Text reasonOf(const PlanBlock& block) {
    return std::visit(Why(), block.why);
}

Text nameOf(PlanWay way) {
    return kWays.at(static_cast<std::size_t>(way)).name;
}

Text explained(PlanWay way) {
    return kWays.at(static_cast<std::size_t>(way)).explanation;
}

Text sentenceOf(const Forecast& forecast, double goalBpm) {
    if (forecast.late && *forecast.late == 0)
        return Text::with(UPBEAT_TEXT("%1 is within reach today."), wholeTempo(goalBpm));
    if (forecast.late && forecast.early)
        return Text::with(UPBEAT_TEXT("%1 in %2 to %3 days, if you go on like this."), wholeTempo(goalBpm),
                          *forecast.early, *forecast.late);
    if (forecast.likely && forecast.early)
        return Text::with(UPBEAT_TEXT("%1 in about %2 days, not before %3; nobody can promise it within a year."),
                          wholeTempo(goalBpm), *forecast.likely, *forecast.early);
    return Text::with(UPBEAT_TEXT("%1 is out of reach within a year at this pace."), wholeTempo(goalBpm));
}

}  // namespace upbeat::words
