// Sections, bar numbers and counting words of the text form.
#include "grid_reader.h"
#include "grid_words.h"
#include "upbeat/music/counting.h"

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

void GridReader::readNumbered(std::string_view value) {
    const auto parts = split(value, " ");
    const auto first = parts.size() == 2 && parts[0] == "from" ? numberIn(parts[1]) : std::nullopt;
    if (!first || *first < 0 || *first > kLargestPrintedBar)
        return wrong(UPBEAT_TEXT("this is no number for bars"), UPBEAT_TEXT("write it as from 17"));
    m_exercise.firstBar = static_cast<int>(*first);
}

}  // namespace upbeat
