// What many takes say of an exercise.
#include "upbeat/words/season_words.h"

#include <fmt/format.h>

#include <array>
#include <cmath>

#include "upbeat/words/words.h"

namespace upbeat::words {

namespace {

struct MeasureTexts {
    const char* name;
    const char* grows;    ///< From %1 on (%2 to %3) its figure grows,
    const char* shrinks;  ///< or shrinks.
};

constexpr std::array<MeasureTexts, kSeasonMeasures> kMeasureTexts{{
    {UPBEAT_TEXT("Spread"), UPBEAT_TEXT("Your hits scatter more from %1 on (%2 to %3)"), nullptr},
    {UPBEAT_TEXT("Ghosts below taps"), nullptr, UPBEAT_TEXT("Your ghosts come up from %1 on (%2 to %3)")},
    {UPBEAT_TEXT("Accents above taps"), nullptr, UPBEAT_TEXT("Your accents sink to the taps from %1 on (%2 to %3)")},
    {UPBEAT_TEXT("Swing"), nullptr, UPBEAT_TEXT("Your swing straightens from %1 on (%2 to %3)")},
    {UPBEAT_TEXT("Left hand against right"), UPBEAT_TEXT("Your left hand falls behind from %1 on (%2 to %3)"),
     UPBEAT_TEXT("Your left hand runs ahead from %1 on (%2 to %3)")},
    {UPBEAT_TEXT("Placement"), UPBEAT_TEXT("You fall behind the click from %1 on (%2 to %3)"),
     UPBEAT_TEXT("You run ahead of the click from %1 on (%2 to %3)")},
    {UPBEAT_TEXT("Grace notes before the stroke"), UPBEAT_TEXT("Your grace notes open from %1 on (%2 to %3)"), nullptr},
}};

std::string tenths(double value) {
    return fmt::format("{:.1f}", value);
}

}  // namespace

Text nameOf(SeasonMeasure measure) {
    return kMeasureTexts.at(static_cast<std::size_t>(measure)).name;
}

Text bendOf(const OverTempo& over) {
    if (!over.bend) return {};
    const MeasureTexts& texts = kMeasureTexts.at(static_cast<std::size_t>(over.measure));
    const char* text = over.lostAtTop > 0 ? texts.grows : texts.shrinks;
    if (text == nullptr) return {};
    const Figure& at = over.bend->bpm;
    return Text::with(text, wholeTempo(at.value), wholeTempo(at.low), wholeTempo(at.high));
}

Text sentenceOf(const Ceiling& ceiling) {
    if (!ceiling.isBracketed) return UPBEAT_TEXT("Not enough takes on both sides to say where your ceiling is.");
    const Figure& at = ceiling.bpm;
    if (!ceiling.easyBpm)
        return Text::with(UPBEAT_TEXT("A clean take is an even chance at %1 (%2 to %3)."), wholeTempo(at.value),
                          wholeTempo(at.low), wholeTempo(at.high));
    return Text::with(UPBEAT_TEXT("Clean nine times in ten up to %1; half the time at %2 (%3 to %4)."),
                      wholeTempo(*ceiling.easyBpm), wholeTempo(at.value), wholeTempo(at.low), wholeTempo(at.high));
}

Text sentenceOf(const Tiring& tiring) {
    const auto percent = [](double value) { return fmt::format("{:.0f}", value); };
    const Figure& more = tiring.spreadPercent;
    const Figure& changed = tiring.isSofter ? tiring.levelDb : tiring.laterMs;
    const char* text = tiring.isSofter
                           ? UPBEAT_TEXT(
                                 "Over %1 takes at this tempo your strokes grew %2 % (%3 to %4) more uneven and "
                                 "%5 dB (%6 to %7) softer.")
                           : UPBEAT_TEXT(
                                 "Over %1 takes at this tempo your strokes grew %2 % (%3 to %4) more uneven and "
                                 "came %5 ms (%6 to %7) later.");
    const Figure much = distance(changed);
    return Text::with(text, tiring.takes, percent(more.value), percent(more.low), percent(more.high),
                      tenths(much.value), tenths(much.low), tenths(much.high));
}

Text sentenceOf(const Holding& holding) {
    const Text name = nameOf(holding.takes.front().kind);
    const auto takes = static_cast<int>(holding.takes.size());
    switch (holding.trend) {
        case Holding::Trend::Better:
            return Text::with(UPBEAT_TEXT("Holds the rung: %1, missed in %2 of %3 takes; it is getting better."), name,
                              holding.missed, takes);
        case Holding::Trend::Worse:
            return Text::with(UPBEAT_TEXT("Holds the rung: %1, missed in %2 of %3 takes; it is getting worse."), name,
                              holding.missed, takes);
        case Holding::Trend::NotSure:
            break;
    }
    return Text::with(UPBEAT_TEXT("Holds the rung: %1, missed in %2 of %3 takes."), name, holding.missed, takes);
}

Text nearerGoalOf(double goalBpm, double nearerBpm) {
    return Text::with(
        UPBEAT_TEXT(
            "Instead of %1, hardly reached in three months as it goes, %2 can be had in one: N takes that goal."),
        wholeTempo(goalBpm), wholeTempo(nearerBpm));
}

Text changeOf(SeasonMeasure measure, const std::optional<WeekChange>& change) {
    const Text name = nameOf(measure);
    if (!change)
        return Text::with(UPBEAT_TEXT("%1: two weeks at the same tempos, on six days and more, can be compared."),
                          name);
    const Figure& d = change->difference;
    const std::string unit(unitOf(measure));
    if (!change->isTold())
        return Text::with(
            UPBEAT_TEXT("%1: no difference from the week before that can be told: %2 %6 after %3 (%4 to %5)."), name,
            tenths(change->after), tenths(change->before), fmt::format("{:+.1f}", d.low),
            fmt::format("{:+.1f}", d.high), unit);
    const Figure much = distance(d);
    return Text::with(d.value > 0 ? UPBEAT_TEXT("%1: %2 %6, %3 more than the week before (%4 to %5).")
                                  : UPBEAT_TEXT("%1: %2 %6, %3 less than the week before (%4 to %5)."),
                      name, tenths(change->after), tenths(much.value), tenths(much.low), tenths(much.high), unit);
}

Text changeOf(const GateChange& change) {
    const auto number = [kind = change.kind](double value) { return numberOf(kind, value); };
    const Text name = nameOf(change.kind);
    const std::string before = number(change.before);
    const Text after = figureOf(change.kind, change.after);
    if (change.how == GateChange::How::Untold)
        return Text::with(UPBEAT_TEXT("%1: %2 then %3, no difference that can be told"), name, before, after);
    const Figure much = distance(change.difference);
    return Text::with(change.how == GateChange::How::Better ? UPBEAT_TEXT("%1: %2 then %3, better by %4 (%5 to %6)")
                                                            : UPBEAT_TEXT("%1: %2 then %3, worse by %4 (%5 to %6)"),
                      name, before, after, number(much.value), number(much.low), number(much.high));
}

Text holderOf(const std::vector<SectionStanding>& sections) {
    const auto hardest = hardestSection(sections);
    if (!hardest) return {};
    const SectionStanding& holder = sections[*hardest];
    const SectionStanding* easiest = &holder;
    for (const SectionStanding& section : sections)
        if (section.cleanBpm.value_or(0) > *easiest->cleanBpm) easiest = &section;
    if (easiest == &holder)
        return Text::with(UPBEAT_TEXT("All sections are clean at %1."), wholeTempo(*holder.cleanBpm));
    return Text::with(UPBEAT_TEXT("%1 holds the piece at %2; %3 would go at %4."), holder.name,
                      wholeTempo(*holder.cleanBpm), easiest->name, wholeTempo(*easiest->cleanBpm));
}

Text wholeTodayOf(const std::vector<SectionStanding>& sections) {
    const auto tempo = wholeToday(sections);
    return tempo ? Text::with(UPBEAT_TEXT("Today the whole goes at %1: Shift B."), wholeTempo(*tempo)) : Text();
}

}  // namespace upbeat::words
