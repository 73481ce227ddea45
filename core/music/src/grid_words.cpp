#include "grid_words.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <string>

#include "upbeat/music/exercise.h"

namespace upbeat {

std::string_view trimmed(std::string_view text) {
    constexpr std::string_view kBlank = " \t\r";
    const auto from = text.find_first_not_of(kBlank);
    if (from == std::string_view::npos) return {};
    return text.substr(from, text.find_last_not_of(kBlank) - from + 1);
}

std::vector<std::string_view> split(std::string_view text, std::string_view separators) {
    std::vector<std::string_view> parts;
    while (true) {
        const auto from = text.find_first_not_of(separators);
        if (from == std::string_view::npos) return parts;
        text.remove_prefix(from);
        const auto length = std::min(text.find_first_of(separators), text.size());
        parts.push_back(text.substr(0, length));
        text.remove_prefix(length);
    }
}

std::optional<double> numberIn(std::string_view text) {
    double value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size() || !std::isfinite(value)) return std::nullopt;
    return value;
}

std::optional<int> barIn(std::string_view text) {
    const auto number = numberIn(text);
    return number && *number >= 1 && *number <= kMostBars ? std::optional(static_cast<int>(*number)) : std::nullopt;
}

std::optional<Voice> voiceOf(std::string_view name) {
    for (int v = 0; v < kVoiceCount; ++v)
        if (spokenName(static_cast<Voice>(v)) == name) return static_cast<Voice>(v);
    return voiceFromName(name);
}

std::int64_t stepsIn(std::string_view word) {
    return std::count_if(word.begin(), word.end(),
                         [](char c) { return c == '.' || c == 'R' || c == 'L' || c == 'F' || c == 'H'; });
}

}  // namespace upbeat
