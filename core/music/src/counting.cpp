#include "upbeat/music/counting.h"

#include <algorithm>
#include <array>
#include <map>
#include <numeric>
#include <set>
#include <string_view>
#include <utility>

namespace upbeat {

namespace {

using Words = std::vector<std::string_view>;

const std::map<int, Words>& wordSchemes() {
    static const std::map<int, Words> schemes{
        {1, {""}},
        {2, {"", "&"}},
        {3, {"", "trip", "let"}},
        {4, {"", "e", "&", "a"}},
        {5, {"", "ni", "ver", "si", "ty"}},
        {6, {"", "trip", "let", "&", "trip", "let"}},
        {7, {"", "two", "three", "four", "five", "six", "sev"}},
        {8, {"", "t", "e", "t", "&", "t", "a", "t"}},
    };
    return schemes;
}

/// A beat that mixes divisions (say three against four) shows only its own strokes, unnamed but for the beat.
void appendMixedBeat(std::vector<CountColumn>& columns, const Exercise& e, const CountColumn& head, const Beats& end) {
    std::set<Beats> positions;
    for (const Stroke& stroke : strokesIn(e, head.at, end))
        if (stroke.at != head.at) positions.insert(stroke.at);
    columns.push_back(head);
    for (const Beats& at : positions) columns.push_back({at, "", false, false});
}

}  // namespace

std::int64_t divisionOfBeat(const Exercise& e, const CountedBeat& beat) {
    std::int64_t parts = 1;
    for (const Stroke& stroke : strokesIn(e, beat.start, beat.end())) {
        const Beats fraction = ratio(stroke.at - beat.start, beat.length);
        if (fraction.denominator() > kFinestDivision) return fraction.denominator();
        parts = std::lcm(parts, fraction.denominator());
        if (parts > kFinestDivision) return parts;  // check refuses it
    }
    return parts;
}

std::string countWord(int beatNumber, int index, int parts) {
    if (index == 0) return std::to_string(beatNumber);
    const auto scheme = wordSchemes().find(parts);
    if (scheme == wordSchemes().end() || index >= parts) return {};
    return std::string(scheme->second[static_cast<std::size_t>(index)]);
}

std::string countWord(const Exercise& e, int beatNumber, int index, int parts) {
    const auto own = e.words.find(parts);
    if (own != e.words.end() && index < static_cast<int>(own->second.size())) {
        const std::string& word = own->second[static_cast<std::size_t>(index)];
        return index == 0 && word.empty() ? std::to_string(beatNumber) : word;
    }
    if (e.counting == Counting::Numbers && parts > 1) return std::to_string(index == 0 ? beatNumber : index + 1);
    return countWord(beatNumber, index, parts);
}

std::optional<std::vector<std::string>> wordsFromText(std::string_view text) {
    constexpr std::size_t kMostWords = 12;
    std::vector<std::string> words;
    std::string word;
    for (const char c : std::string(text) + " ") {
        if (c != ' ' && c != '-') {
            word += c;
        } else if (!word.empty()) {
            words.push_back(std::exchange(word, {}));
        }
    }
    if (words.size() < 2 || words.size() > kMostWords) return std::nullopt;
    return words;
}

std::vector<CountColumn> countColumns(const Exercise& e) {
    std::vector<CountColumn> columns;
    std::int64_t carried = 1;
    for (const CountedBeat& beat : beatsOf(e)) {
        const bool rests = strokesIn(e, beat.start, beat.end()).empty();
        const std::int64_t parts = rests ? carried : divisionOfBeat(e, beat);
        carried = parts;
        const auto steps = static_cast<int>(std::min<std::int64_t>(parts, 99));
        const CountColumn head{beat.start, countWord(e, beat.number, 0, steps), true, beat.number == 1};
        if (wordSchemes().count(steps) == 0 && e.words.count(steps) == 0) {
            appendMixedBeat(columns, e, head, beat.end());
            continue;
        }
        columns.push_back(head);
        for (std::int64_t i = 1; i < parts; ++i) {
            const Beats at = beat.start + beat.length * i / parts;
            columns.push_back({at, countWord(e, beat.number, static_cast<int>(i), steps), false, false});
        }
    }
    return columns;
}

}  // namespace upbeat
