#include "upbeat/judge/place_words.h"

#include <fmt/format.h>

#include <algorithm>

#include "upbeat/music/counting.h"

namespace upbeat {

namespace {

const Stroke& strokeAt(const Exercise& e, int stroke) {
    return e.strokes.at(static_cast<std::size_t>(stroke));
}

/// How often the word stands in the beat ("trip let & trip let" has two of each): then a number says which.
int occurrence(const std::vector<CountColumn>& columns, std::size_t index, bool& repeated) {
    std::size_t first = index;
    while (!columns[first].onBeat) --first;
    int nth = 0;
    int total = 0;
    for (std::size_t i = first; i < columns.size() && (i == first || !columns[i].onBeat); ++i) {
        if (columns[i].word != columns[index].word) continue;
        ++total;
        if (i <= index) nth = total;
    }
    repeated = total > 1;
    return nth;
}

}  // namespace

std::string placeInWords(const Exercise& e, int stroke) {
    const CountPlace place = placeOf(e, strokeAt(e, stroke).at);
    const std::string bar = e.bars > 1 ? fmt::format(" in bar {}", place.bar) : std::string();
    const auto beat = place.beat.floor();
    if (place.beat == Beats(beat)) return fmt::format("beat {}{}", beat, bar);
    const auto columns = countColumns(e);
    const auto found = std::find_if(columns.begin(), columns.end(),
                                    [&](const CountColumn& c) { return c.at == strokeAt(e, stroke).at; });
    if (found == columns.end() || found->word.empty()) return fmt::format("beat {:.2f}{}", place.beat.toDouble(), bar);
    bool repeated = false;
    const int nth = occurrence(columns, static_cast<std::size_t>(found - columns.begin()), repeated);
    const std::string which = repeated ? (nth == 1 ? "first " : "second ") : "";
    return fmt::format("the {}{} of {}{}", which, found->word, beat, bar);
}

std::string strokeInWords(const Exercise& e, int stroke) {
    const Stroke& s = strokeAt(e, stroke);
    const bool oneVoice =
        std::all_of(e.strokes.begin(), e.strokes.end(), [&](const Stroke& o) { return o.voice == s.voice; });
    if (!isHand(s.limb)) return std::string(spokenName(s.voice));
    const std::string_view hand = s.limb == Limb::LeftHand ? "left" : "right";
    if (oneVoice) return fmt::format("{} {}", hand, toName(s.level));
    const std::string_view level = s.level == Level::Tap ? std::string_view("stroke") : toName(s.level);
    return fmt::format("{} {}", spokenName(s.voice), level);
}

Span beatAround(const Exercise& e, int stroke) {
    const CountPlace place = placeOf(e, strokeAt(e, stroke).at);
    const Beats from(place.beat.floor());
    return {place.bar, from, from + Beats(1)};
}

}  // namespace upbeat
