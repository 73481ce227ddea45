#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "upbeat/music/bars.h"

namespace upbeat {

/// One column of the count line: a position that carries a word, whether or not a stroke is written on it.
struct CountColumn {
    Beats at;          ///< Quarter notes from the start of the phrase.
    std::string word;  ///< "2", "e", "&", "a", "trip", "let" ... ; empty where the grid has no word.
    bool onBeat = false;
    bool onBar = false;
};

/// The columns of the phrase. Each beat is divided by what is written in it, so mixed subdivisions count correctly;
/// the counting goes on through rests with the division of the beat before.
[[nodiscard]] std::vector<CountColumn> countColumns(const Exercise& exercise);

/// Into how many equal parts the written strokes divide a beat; 1 when nothing is off it. The strokes must be in order.
[[nodiscard]] std::int64_t divisionOfBeat(const Exercise& exercise, const CountedBeat& beat);

/// The word for partial `index` of a beat in `parts`, where `beatNumber` counts from 1: index 0 gives the number.
[[nodiscard]] std::string countWord(int beatNumber, int index, int parts);
/// The same in the words of an exercise: its own, or those of its way of counting.
[[nodiscard]] std::string countWord(const Exercise& exercise, int beatNumber, int index, int parts);

/// Own words as typed, "hip-po-pot-a-mus" or separated by blanks; nothing for fewer than two or more than twelve.
[[nodiscard]] std::optional<std::vector<std::string>> wordsFromText(std::string_view text);

}  // namespace upbeat
