// What a rung asks for.
#include <fmt/format.h>

#include <array>

#include "upbeat/words/words.h"

namespace upbeat::words {

namespace {

struct GateTexts {
    const char* name;
    const char* explanation;
    const char* figure;    ///< The figure and what is asked, inside a sentence.
    const char* figureOf;  ///< The same of a hand or voice (%3) or a place and its stroke (%3, %4).
};

constexpr std::array<GateTexts, kGateKinds> kTexts{{
    {UPBEAT_TEXT("Spread"), UPBEAT_TEXT("How far the hits scatter about your own placement."),
     UPBEAT_TEXT("spread %1 ms, limit %2"), nullptr},
    {UPBEAT_TEXT("Placement"), UPBEAT_TEXT("Where the whole take sits against the click."),
     UPBEAT_TEXT("placement %1 ms, limit %2"), nullptr},
    {UPBEAT_TEXT("Hands and voices apart"), UPBEAT_TEXT("How far one hand or voice sits from the others."),
     UPBEAT_TEXT("hands and voices apart %1 ms, limit %2"), UPBEAT_TEXT("hands and voices apart (%3) %1 ms, limit %2")},
    {UPBEAT_TEXT("Habit of one count"), UPBEAT_TEXT("The count that leans most, pass after pass."),
     UPBEAT_TEXT("habit of one count %1 ms, limit %2"), UPBEAT_TEXT("habit of one count (%3, %4) %1 ms, limit %2")},
    {UPBEAT_TEXT("Missed and extra"), UPBEAT_TEXT("Strokes left out or added, against one in four bars."),
     UPBEAT_TEXT("%1 missed or extra, limit %2"), nullptr},
    {UPBEAT_TEXT("Accents above taps"), UPBEAT_TEXT("How far accents stand out of the taps."),
     UPBEAT_TEXT("accents above taps %1 dB, needs %2"), nullptr},
    {UPBEAT_TEXT("Ghosts below taps"), UPBEAT_TEXT("How far ghost notes stay under the taps."),
     UPBEAT_TEXT("ghosts below taps %1 dB, needs %2"), nullptr},
    {UPBEAT_TEXT("Levels mixed up"), UPBEAT_TEXT("How often a softer stroke comes out louder than a louder one."),
     UPBEAT_TEXT("levels mixed up %1 %, limit %2"), nullptr},
    {UPBEAT_TEXT("Off-beat from its place"),
     UPBEAT_TEXT("Distance of the off-beat from its target, in percent of the beat."),
     UPBEAT_TEXT("off-beat from its place %1 %, limit %2"), nullptr},
    {UPBEAT_TEXT("Grace notes uneven"), UPBEAT_TEXT("How much the distance of grace notes varies."),
     UPBEAT_TEXT("grace notes uneven %1 ms, limit %2"), nullptr},
    {UPBEAT_TEXT("Drift"), UPBEAT_TEXT("How fast the take moves against the click."),
     UPBEAT_TEXT("drift %1 ms a bar, limit %2"), nullptr},
    {UPBEAT_TEXT("Feel as asked"), UPBEAT_TEXT("How far a voice stands from where beside the click it is asked for."),
     UPBEAT_TEXT("%1 ms from the feel that is asked, limit %2"),
     UPBEAT_TEXT("the %3 %1 ms from the feel that is asked, limit %2")},
    {UPBEAT_TEXT("Back with the click"), UPBEAT_TEXT("How far off you are when the click comes back, or the page."),
     UPBEAT_TEXT("%1 ms off when the click comes back, limit %2"), nullptr},
}};
constexpr std::array<const char*, 3> kStates{UPBEAT_TEXT("met"), UPBEAT_TEXT("missed"), UPBEAT_TEXT("unsure")};

const GateTexts& textsOf(GateKind kind) {
    return kTexts.at(static_cast<std::size_t>(kind));
}

}  // namespace

Text nameOf(GateKind kind) {
    return textsOf(kind).name;
}
Text explained(GateKind kind) {
    return textsOf(kind).explanation;
}
Text nameOf(GateState state) {
    return kStates.at(static_cast<std::size_t>(state));
}

Text unitOf(GateKind kind) {
    if (kind == GateKind::Drift) return UPBEAT_TEXT("ms a bar");
    return std::string(upbeat::unitOf(kind));
}

std::string numberOf(GateKind kind, double value) {
    return fmt::format("{:.{}f}", value, kind == GateKind::Mistakes ? 0 : 1);
}

Text figureOf(GateKind kind, double value) {
    const Text unit = words::unitOf(kind);
    const std::string number = numberOf(kind, value);
    return unit.isEmpty() ? Text(number) : Text::with("%1 %2", number, unit);
}

Text figureOf(const Exercise& exercise, const Gate& gate) {
    const GateTexts& texts = textsOf(gate.kind);
    if (gate.kind == GateKind::Mistakes)
        return Text::with(texts.figure, static_cast<int>(gate.measured.value), fmt::format("{:.3g}", gate.limit));
    const std::string value = fmt::format("{:.1f}", gate.measured.value);
    const std::string limit = fmt::format("{:.1f}", gate.limit);
    if (gate.stroke && texts.figureOf != nullptr)
        return Text::with(texts.figureOf, value, limit, placeOf(exercise, *gate.stroke),
                          strokeOf(exercise, *gate.stroke));
    if (gate.who && texts.figureOf != nullptr) return Text::with(texts.figureOf, value, limit, nameOf(*gate.who));
    return Text::with(texts.figure, value, limit);
}

}  // namespace upbeat::words
