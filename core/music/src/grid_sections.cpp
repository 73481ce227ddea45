// Sections, bar numbers and counting words of the text form.
#include <algorithm>

#include "grid_reader.h"
#include "grid_words.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/following.h"

namespace upbeat {

void GridReader::readCount(std::string_view value) {
    if (value == "numbers") {
        m_exercise.counting = Counting::Numbers;
    } else if (const auto words = wordsFromText(value)) {
        auto own = *words;
        if (own.front() == "*") own.front().clear();
        m_exercise.words[static_cast<int>(own.size())] = std::move(own);
    } else if (value != "letters") {
        wrong(UPBEAT_TEXT("this is no way of counting"),
              UPBEAT_TEXT("write letters, numbers or your own words, * for the number"));
    }
}

/// "B from bar 17": a name may have words of its own, the last three are the bar.
void GridReader::readSection(std::string_view value) {
    constexpr std::string_view kFrom = " from bar ";
    const auto at = value.rfind(kFrom);
    const auto bar = at != std::string_view::npos ? barIn(trimmed(value.substr(at + kFrom.size()))) : std::nullopt;
    if (!bar) return wrong(UPBEAT_TEXT("this is no section"), UPBEAT_TEXT("write it as B from bar 17"));
    m_exercise.sections.push_back({*bar, std::string(trimmed(value.substr(0, at)))});
}

/// "bar 33 but 48 49 as verse 1": a name may have words of its own.
void GridReader::readFollows(std::string_view value) {
    constexpr std::string_view kAs = " as ";
    const auto as = value.find(kAs);
    const auto words = split(value.substr(0, as), " ,");
    const auto first = words.size() > 1 && words[0] == "bar" ? barIn(words[1]) : std::nullopt;
    auto& sections = m_exercise.sections;
    const auto section =
        std::find_if(sections.begin(), sections.end(), [&](const Section& s) { return first && s.bar == *first; });
    bool isRight =
        as != std::string_view::npos && section != sections.end() && (words.size() == 2 || words[2] == "but");
    for (std::size_t i = 3; isRight && i < words.size(); ++i) {
        const auto bar = barIn(words[i]);
        isRight = bar.has_value();
        if (bar) section->but.push_back(*bar - *first + 1);
    }
    if (!isRight)
        return wrong(UPBEAT_TEXT("this is no section that is as another"),
                     UPBEAT_TEXT("write it behind the sections, as bar 33 as verse 1, or bar 33 but 48 as verse 1"));
    section->as = trimmed(value.substr(as + kAs.size()));
}

void GridReader::follow() {
    for (const auto& [bar, line] : m_sameBars) {
        m_lineNumber = line;
        const Bar place = barOf(m_exercise, bar);
        if (!followedBar(m_exercise, bar))
            return wrong(Text::with(UPBEAT_TEXT("bar %1 is written as the same, but follows no other"), bar),
                         UPBEAT_TEXT("say so above: follows: bar 33 as verse 1"));
        if (!strokesIn(m_exercise, place.start, place.end()).empty())
            return wrong(Text::with(UPBEAT_TEXT("bar %1 is written as the same and has strokes, too"), bar),
                         UPBEAT_TEXT("write = in every row, or in none"));
    }
    m_exercise = followed(std::move(m_exercise));
}

void GridReader::readNumbered(std::string_view value) {
    const auto parts = split(value, " ");
    const auto first = parts.size() == 2 && parts[0] == "from" ? numberIn(parts[1]) : std::nullopt;
    if (!first || *first < 0 || *first > kLargestPrintedBar)
        return wrong(UPBEAT_TEXT("this is no number for bars"), UPBEAT_TEXT("write it as from 17"));
    m_exercise.firstBar = static_cast<int>(*first);
}

}  // namespace upbeat
