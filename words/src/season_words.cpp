// What many takes say of an exercise.
#include "upbeat/words/season_words.h"

#include <fmt/format.h>

#include <array>
#include <cmath>

namespace upbeat::words {

namespace {

struct MeasureTexts {
    const char* name;
    const char* grows;    ///< From %1 on (%2 to %3) its figure grows,
    const char* shrinks;  ///< or shrinks.
};

constexpr std::array<MeasureTexts, kSeasonMeasures> kTexts{{
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

std::string bpm(double tempo) {
    return fmt::format("{:.0f}", tempo);
}

}  // namespace

Text nameOf(SeasonMeasure measure) {
    return kTexts.at(static_cast<std::size_t>(measure)).name;
}

Text bendOf(const OverTempo& over) {
    if (!over.bend) return {};
    const MeasureTexts& texts = kTexts.at(static_cast<std::size_t>(over.measure));
    const char* text = over.lostAtTop > 0 ? texts.grows : texts.shrinks;
    if (text == nullptr) return {};
    const Figure& at = over.bend->bpm;
    return Text::with(text, bpm(at.value), bpm(at.low), bpm(at.high));
}

Text sentenceOf(const Ceiling& ceiling) {
    if (!ceiling.isBracketed) return UPBEAT_TEXT("Not enough takes on both sides to say where your ceiling is.");
    const Figure& at = ceiling.bpm;
    if (!ceiling.easyBpm)
        return Text::with(UPBEAT_TEXT("A clean take is an even chance at %1 (%2 to %3)."), bpm(at.value), bpm(at.low),
                          bpm(at.high));
    return Text::with(UPBEAT_TEXT("Clean nine times in ten up to %1; half the time at %2 (%3 to %4)."),
                      bpm(*ceiling.easyBpm), bpm(at.value), bpm(at.low), bpm(at.high));
}

}  // namespace upbeat::words
