#include "json_reader.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <limits>

namespace upbeat {

namespace {

const nlohmann::json& nothing() {
    static const nlohmann::json value;
    return value;
}

}  // namespace

JsonReader JsonReader::child(std::string_view key) const {
    const std::string path = fmt::format("{}{}{}", m_path, m_path.empty() ? "" : ".", key);
    if (!has(key)) return {nothing(), path, m_error};
    return {m_value.at(std::string(key)), path, m_error};
}

std::string JsonReader::text(std::string_view key, std::string fallback, bool required) const {
    if (!has(key)) {
        if (required) wrong(key, UPBEAT_TEXT("is missing"));
        return fallback;
    }
    const auto& value = m_value.at(std::string(key));
    if (!value.is_string()) {
        wrong(key, UPBEAT_TEXT("is not a text"));
        return fallback;
    }
    constexpr std::size_t kLongestText = 4000;
    auto found = value.get<std::string>();
    if (found.size() > kLongestText) wrong(key, UPBEAT_TEXT("is longer than 4000 letters"));
    return found;
}

double JsonReader::number(std::string_view key, double fallback) const {
    if (!has(key)) return fallback;
    const auto& value = m_value.at(std::string(key));
    if (!value.is_number()) {
        wrong(key, UPBEAT_TEXT("is not a number"));
        return fallback;
    }
    const double found = value.get<double>();
    if (!std::isfinite(found)) wrong(key, UPBEAT_TEXT("is not a finite number"));
    return found;
}

int JsonReader::integer(std::string_view key, int fallback) const {
    const double found = number(key, fallback);
    constexpr double kLargest = 1e9;
    if (std::abs(found) > kLargest || found != std::floor(found)) {
        wrong(key, UPBEAT_TEXT("is not a whole number"));
        return fallback;
    }
    return static_cast<int>(found);
}

std::optional<Beats> JsonReader::beats(std::string_view key, bool required) const {
    if (!required && !has(key)) return std::nullopt;
    const auto read = Beats::parse(text(key, {}, required));
    if (read) return *read;
    wrong(key, read.error().what, read.error().fix);
    return std::nullopt;
}

bool JsonReader::flag(std::string_view key, bool fallback) const {
    if (!has(key)) return fallback;
    const auto& value = m_value.at(std::string(key));
    if (!value.is_boolean()) {
        wrong(key, UPBEAT_TEXT("is neither true nor false"));
        return fallback;
    }
    return value.get<bool>();
}

void JsonReader::wrong(std::string_view key, Text what, Text fix) const {
    if (m_error) return;
    const std::string path = fmt::format("{}{}{}", m_path, m_path.empty() || key.empty() ? "" : ".", key);
    if (fix.isEmpty()) fix = UPBEAT_TEXT("mend the file or choose another");
    m_error = Error{Text::with(UPBEAT_TEXT("\"%1\" %2"), path, std::move(what)), {}, std::move(fix)};
}

std::string JsonReader::fmtIndex(std::string_view key, std::size_t index) const {
    return fmt::format("{}{}{}[{}]", m_path, m_path.empty() ? "" : ".", key, index);
}

namespace {

/// How deeply brackets outside of texts are nested. The parser's own callback could tell as well, but it walks through
/// all elder siblings at every value.
int depthOf(std::string_view text) {
    int depth = 0;
    int deepest = 0;
    bool inText = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (inText && c == '\\') ++i;
        if (c == '"') inText = !inText;
        if (inText) continue;
        if (c == '[' || c == '{') deepest = std::max(deepest, ++depth);
        if (c == ']' || c == '}') --depth;
    }
    return deepest;
}

}  // namespace

Result<nlohmann::json> parseJson(std::string_view text, const std::string& where) {
    constexpr int kDeepest = 32;
    if (depthOf(text) > kDeepest)
        return fail(UPBEAT_TEXT("it is nested too deeply or holds impossible values"), where,
                    UPBEAT_TEXT("choose another file"));
    try {
        return nlohmann::json::parse(text);
    } catch (const nlohmann::json::parse_error& error) {
        const auto at = std::min(text.size(), static_cast<std::size_t>(error.byte));
        const auto line = 1 + std::count(text.begin(), text.begin() + static_cast<std::ptrdiff_t>(at), '\n');
        return fail(Text::with(UPBEAT_TEXT("it is not JSON (line %1)"), line), where,
                    UPBEAT_TEXT("mend the file or choose another"));
    } catch (const std::exception&) {
        return fail(UPBEAT_TEXT("it is nested too deeply or holds impossible values"), where,
                    UPBEAT_TEXT("choose another file"));
    }
}

Result<nlohmann::json> parseOwnFile(std::string_view text, const std::string& where, const FileHead& head) {
    auto json = parseJson(text, where);
    if (!json) return json;
    std::optional<Error> error;
    const JsonReader reader(*json, "", error);
    if (reader.text("format") != head.format) return fail(head.what, where, head.fix);
    if (reader.integer("version", 1) > 1)
        return fail(UPBEAT_TEXT("it was written by a newer Upbeat Check"), where, UPBEAT_TEXT("update the program"));
    if (error) {
        error->where = where;
        return tl::unexpected(*error);
    }
    return json;
}

int wholeFrom(const nlohmann::json& value) {
    constexpr double kLargest = 1e9;
    return static_cast<int>(std::clamp(value.get<double>(), -kLargest, kLargest));
}

}  // namespace upbeat
