// What to do next, and why.
#include <fmt/format.h>

#include <array>

#include "upbeat/words/words.h"

namespace upbeat::words {

namespace {

/// "Three takes".
Text takes(int number) {
    constexpr std::array<const char*, 6> kFew{UPBEAT_TEXT("No takes"),   UPBEAT_TEXT("One take"),
                                              UPBEAT_TEXT("Two takes"),  UPBEAT_TEXT("Three takes"),
                                              UPBEAT_TEXT("Four takes"), UPBEAT_TEXT("Five takes")};
    if (number >= 0 && number < static_cast<int>(kFew.size())) return kFew.at(static_cast<std::size_t>(number));
    return Text::counted(number, nullptr, UPBEAT_TEXT_N("%n takes"));
}

/// How many more like this one will do; empty where that is not known.
Text toGo(const Verdict& v) {
    if (!v.takesToGo || *v.takesToGo < 1) return {};
    if (*v.takesToGo == 1) return UPBEAT_TEXT("One more take like this will do.");
    return Text::counted(*v.takesToGo, nullptr, UPBEAT_TEXT_N("%n more takes like this will do."));
}

class ReasonWords {
  public:
    ReasonWords(const Exercise& exercise, const Verdict& verdict) : m_exercise(exercise), m_verdict(verdict) {}

    Text operator()(NotRecorded) const { return {}; }
    Text operator()(TakesWereClean) const {
        const Text all = takes(m_verdict.cleanInARow);
        if (m_verdict.goalReached)
            return Text::with(UPBEAT_TEXT("%1 at your goal, and all that is asked is met. Keep it, or set a new goal."),
                              all);
        if (m_verdict.action == Action::Back)
            return Text::with(UPBEAT_TEXT("%1 at %2, and all that is asked is met: two up, one back."), all,
                              tempo(m_verdict.tempoBpm));
        if (m_verdict.action != Action::Up)
            return joined(
                Text::with(UPBEAT_TEXT("All that is asked is met; %1 are the least."), m_verdict.cleanNeeded));
        if (m_verdict.stage) return Text::with(UPBEAT_TEXT("%1, and all that is asked is met: it is easy now."), all);
        return Text::with(UPBEAT_TEXT("%1 at %2, and all that is asked is met."), all, tempo(m_verdict.tempoBpm));
    }
    Text operator()(const GateWasMissed& missed) const {
        const Text gate = figureOf(m_exercise, missed.gate);
        switch (m_verdict.action) {
            case Action::Isolate:
                return Text::with(UPBEAT_TEXT("One place holds it back again and again: %1."), gate);
            case Action::Back:
                return Text::with(UPBEAT_TEXT("Missed over the takes on this rung: %1."), gate);
            case Action::Easier:
                return Text::with(UPBEAT_TEXT("Missed over the takes on this rung: %1. This is the lowest one: start "
                                              "slower or take fewer notes."),
                                  gate);
            case Action::Up:
            case Action::Again:
                break;
        }
        return joined(Text::with(UPBEAT_TEXT("What holds it back: %1."), gate));
    }
    Text operator()(const FellApart& apart) const {
        return Text::with(m_verdict.action == Action::Easier
                              ? UPBEAT_TEXT("%1 strokes missed and %2 not written. This is the lowest rung: "
                                            "start slower or take fewer notes.")
                              : UPBEAT_TEXT("%1 strokes missed and %2 not written."),
                          apart.missed, apart.extra);
    }
    Text operator()(const GateIsUnsure& unsure) const {
        const Text gate = figureOf(m_exercise, unsure.gate);
        if (!m_verdict.takesToGo) return Text::with(UPBEAT_TEXT("Too near the limit to be sure: %1."), gate);
        return joined(Text::with(UPBEAT_TEXT("Not sure yet: %1."), gate));
    }
    Text operator()(TooLittlePlayed) const { return UPBEAT_TEXT("Too little was played to judge."); }
    Text operator()(const TakeWasDamaged& damaged) const {
        return Text::with(UPBEAT_TEXT("%1 s of this take could not be measured: it does not count."),
                          fmt::format("{:.0f}", damaged.lostS));
    }
    Text operator()(PlayedByNobody) const {
        return UPBEAT_TEXT("The simulated player played this: it moves no ladder.");
    }

    Text operator()(ClickWasMeasured) const {
        return UPBEAT_TEXT(
            "The click is louder in this recording than your strokes on it: turn it down, or wear "
            "headphones.");
    }

  private:
    /// With how many more takes it needs.
    [[nodiscard]] Text joined(const Text& sentence) const {
        const Text more = toGo(m_verdict);
        return more.isEmpty() ? sentence : Text::with(UPBEAT_TEXT("%1 %2"), sentence, more);
    }

    const Exercise& m_exercise;
    const Verdict& m_verdict;
};

Text isolated(const Verdict& v) {
    if (!v.span) return UPBEAT_TEXT("Isolate one spot.");
    const std::string beat = std::to_string(v.span->fromBeat.floor());
    if (v.pageBars == 1) return Text::with(UPBEAT_TEXT("Isolate beat %1."), beat);
    return Text::with(UPBEAT_TEXT("Isolate beat %1 of bar %2."), beat, v.span->bar);
}

}  // namespace

Text headlineOf(const Verdict& v) {
    if (v.goalReached) return Text::with(UPBEAT_TEXT("Full speed: %1."), tempo(v.tempoBpm));
    if (isOfClick(v))
        return Text::with(v.action == Action::Up ? UPBEAT_TEXT("Less click at %1.") : UPBEAT_TEXT("More click at %1."),
                          tempo(v.tempoBpm));
    switch (v.action) {
        case Action::Up:
            if (v.stage) return UPBEAT_TEXT("On to the next part.");
            return Text::with(UPBEAT_TEXT("Up to %1."), tempo(v.nextTempoBpm));
        case Action::Back:
            if (v.stage) return UPBEAT_TEXT("One part back.");
            return Text::with(UPBEAT_TEXT("Back to %1."), tempo(v.nextTempoBpm));
        case Action::Isolate:
            return isolated(v);
        case Action::Easier:
            return UPBEAT_TEXT("Make it easier first.");
        case Action::Again:
            break;
    }
    return Text::with(UPBEAT_TEXT("Again at %1."), tempo(v.tempoBpm));
}

Text reasonOf(const Exercise& exercise, const Verdict& verdict) {
    return std::visit(ReasonWords(exercise, verdict), verdict.reason);
}

}  // namespace upbeat::words
