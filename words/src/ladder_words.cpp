// How a ladder leads on, and what a voice says of it.
#include <fmt/format.h>

#include "upbeat/words/words.h"

namespace upbeat::words {

namespace {

std::string number(double value) {
    return fmt::format("{:g}", value);
}

}  // namespace

Text ruleOf(const Ladder& ladder) {
    switch (ladder.rule) {
        case LadderRule::Step:
            break;
        case LadderRule::Percent:
            return Text::with(UPBEAT_TEXT("rung after rung by %1 %"), number(ladder.stepPercent));
        case LadderRule::TwoUpOneBack:
            return Text::with(UPBEAT_TEXT("two up, one back, by %1"), number(ladder.stepBpm));
        case LadderRule::Bisect:
            return UPBEAT_TEXT("half way to what was missed");
        case LadderRule::HardestSpotFirst:
            return Text::with(UPBEAT_TEXT("the hardest spot first, by %1"), number(ladder.stepBpm));
        case LadderRule::LessClick:
            return Text::with(UPBEAT_TEXT("with less and less click, then up by %1"), number(ladder.stepBpm));
    }
    return Text::with(UPBEAT_TEXT("rung after rung by %1"), number(ladder.stepBpm));
}

Text spokenOf(const Verdict& verdict) {
    const std::string next = number(verdict.nextTempoBpm);
    if (verdict.goalReached) return UPBEAT_TEXT("Full speed.");
    if (isOfClick(verdict))
        return verdict.action == Action::Up ? UPBEAT_TEXT("Less click.") : UPBEAT_TEXT("More click.");
    switch (verdict.action) {
        case Action::Up:
            return verdict.stage ? Text(UPBEAT_TEXT("Next part.")) : Text::with(UPBEAT_TEXT("Up, %1."), next);
        case Action::Back:
            return verdict.stage ? Text(UPBEAT_TEXT("One part back.")) : Text::with(UPBEAT_TEXT("Back, %1."), next);
        case Action::Isolate:
            if (verdict.span)
                return Text::with(UPBEAT_TEXT("Isolate beat %1."), std::to_string(verdict.span->fromBeat.floor()));
            break;
        case Action::Easier:
            return UPBEAT_TEXT("Easier first.");
        case Action::Again:
            break;
    }
    return UPBEAT_TEXT("Again.");
}

}  // namespace upbeat::words
