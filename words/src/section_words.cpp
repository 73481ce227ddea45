// How a section was played beside the one before it.
#include "upbeat/words/section_words.h"

#include <fmt/format.h>

#include <cmath>

namespace upbeat::words {

namespace {

constexpr double kNoticedMs = 3;
constexpr double kNoticedDb = 1;

bool isTold(const std::optional<Figure>& figure, double noticed) {
    return figure && std::abs(figure->value) >= noticed && figure->low * figure->high > 0;
}

std::string size(double value, int decimals) {
    return fmt::format("{:.{}f}", std::abs(value), decimals);
}

Text pulseOf(const SectionPlayed& played) {
    const Figure& pulse = *played.here.pulseMs;
    return Text::with(pulse.value < 0 ? UPBEAT_TEXT("%1: the pulse is %2 ms early (±%3)")
                                      : UPBEAT_TEXT("%1: the pulse is %2 ms late (±%3)"),
                      played.section.name, size(pulse.value, 0), size(pulse.halfWidth(), 0));
}

/// Whether one is back behind it; nothing where that cannot be told.
Text withReturn(const Text& pulse, const SectionPlayed& played) {
    const auto& behind = played.behind.pulseMs;
    const bool sameWay = behind && behind->value * played.here.pulseMs->value > 0;
    if (isTold(behind, kNoticedMs) && sameWay)
        return Text::with(UPBEAT_TEXT("%1; behind it you are still %2 ms off"), pulse,
                          size(behind->value, 0));
    const double halfOfIt = 0.5 * std::abs(played.here.pulseMs->value);
    if (!behind || std::max(std::abs(behind->low), std::abs(behind->high)) > std::max(kNoticedMs, halfOfIt))
        return pulse;
    return Text::with(UPBEAT_TEXT("%1; behind it you are back"), pulse);
}

}  // namespace

Text contextOf(const SectionPlayed& played) {
    if (played.isUsual) return {};
    const bool pulse = isTold(played.here.pulseMs, kNoticedMs);
    const bool level = isTold(played.here.levelDb, kNoticedDb);
    Text moved = pulse ? withReturn(pulseOf(played), played) : Text();
    if (!level) return moved;
    const std::string db = size(played.here.levelDb->value, 1);
    const bool louder = played.here.levelDb->value > 0;
    if (!pulse)
        return Text::with(louder ? UPBEAT_TEXT("%1: the same strokes are %2 dB louder than before it")
                                 : UPBEAT_TEXT("%1: the same strokes are %2 dB softer than before it"),
                          played.section.name, db);
    return Text::with(louder ? UPBEAT_TEXT("%1; the same strokes are %2 dB louder than before it")
                             : UPBEAT_TEXT("%1; the same strokes are %2 dB softer than before it"),
                      moved, db);
}

}  // namespace upbeat::words
