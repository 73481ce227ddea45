#pragma once

#include <charconv>
#include <cstdint>
#include <optional>
#include <pugixml.hpp>
#include <string_view>

namespace upbeat {

/// Farther into a score nothing is read.
inline constexpr std::int64_t kMostTicks = std::int64_t{1} << 40;

/// The whole number that is the text of an element; nothing where it is something else.
[[nodiscard]] inline std::optional<std::int64_t> wholeIn(pugi::xml_node node) {
    const std::string_view text = node.text().get();
    std::int64_t value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size()) return std::nullopt;
    return value;
}

}  // namespace upbeat
