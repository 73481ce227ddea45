// Where on the page, and which stroke.
#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "upbeat/music/counting.h"
#include "upbeat/words/words.h"

namespace upbeat::words {

namespace {

const Stroke& strokeAt(const Exercise& e, int stroke) {
    return e.strokes.at(static_cast<std::size_t>(stroke));
}

/// How often the word stands in the beat ("trip let & trip let" has two of each): which of them this is, 0 where it is
/// the only one.
int occurrence(const std::vector<CountColumn>& columns, std::size_t index) {
    std::size_t first = index;
    while (!columns[first].onBeat) --first;
    int nth = 0;
    int total = 0;
    for (std::size_t i = first; i < columns.size() && (i == first || !columns[i].onBeat); ++i) {
        if (columns[i].word != columns[index].word) continue;
        ++total;
        if (i <= index) nth = total;
    }
    return total > 1 ? nth : 0;
}

/// The same place in a phrase of one bar, and in one of several.
struct PlaceTexts {
    const char* alone;
    const char* inBar;
};

constexpr PlaceTexts kBeat{UPBEAT_TEXT("beat %1"), UPBEAT_TEXT("beat %1 in bar %2")};
constexpr std::array<PlaceTexts, 3> kCounts{
    {{UPBEAT_TEXT("the %3 of %1"), UPBEAT_TEXT("the %3 of %1 in bar %2")},
     {UPBEAT_TEXT("the first %3 of %1"), UPBEAT_TEXT("the first %3 of %1 in bar %2")},
     {UPBEAT_TEXT("the second %3 of %1"), UPBEAT_TEXT("the second %3 of %1 in bar %2")}}};

constexpr std::array<const char*, 3> kLeft{UPBEAT_TEXT("left ghost"), UPBEAT_TEXT("left tap"),
                                           UPBEAT_TEXT("left accent")};
constexpr std::array<const char*, 3> kRight{UPBEAT_TEXT("right ghost"), UPBEAT_TEXT("right tap"),
                                            UPBEAT_TEXT("right accent")};
constexpr std::array<const char*, 3> kOnVoice{UPBEAT_TEXT("%1 ghost"), UPBEAT_TEXT("%1 stroke"),
                                              UPBEAT_TEXT("%1 accent")};

}  // namespace

Text placeOf(const Exercise& e, int stroke) {
    const CountPlace place = upbeat::placeOf(e, strokeAt(e, stroke).at);
    const auto say = [&](const PlaceTexts& texts, const std::string& beat, const std::string& word) {
        return Text::with(e.bars > 1 ? texts.inBar : texts.alone, beat, place.bar, word);
    };
    const std::string beat = std::to_string(place.beat.floor());
    if (place.beat == Beats(place.beat.floor())) return say(kBeat, beat, {});
    const auto columns = countColumns(e);
    const auto found = std::find_if(columns.begin(), columns.end(),
                                    [&](const CountColumn& c) { return c.at == strokeAt(e, stroke).at; });
    if (found == columns.end() || found->word.empty())
        return say(kBeat, fmt::format("{:.2f}", place.beat.toDouble()), {});
    const int nth = occurrence(columns, static_cast<std::size_t>(found - columns.begin()));
    return say(kCounts.at(static_cast<std::size_t>(std::min(nth, 2))), beat, found->word);
}

Text strokeOf(const Exercise& e, int stroke) {
    const Stroke& s = strokeAt(e, stroke);
    const bool oneVoice =
        std::all_of(e.strokes.begin(), e.strokes.end(), [&](const Stroke& o) { return o.voice == s.voice; });
    if (!isHand(s.limb)) return nameOf(s.voice);
    const auto level = static_cast<std::size_t>(s.level);
    if (oneVoice) return (s.limb == Limb::LeftHand ? kLeft : kRight).at(level);
    return Text::with(kOnVoice.at(level), nameOf(s.voice));
}

}  // namespace upbeat::words
