#pragma once

#include <algorithm>
#include <array>
#include <optional>
#include <string_view>

namespace upbeat {

/// Stable names of the values of an enum, in their order.
template <std::size_t Size>
using NameTable = std::array<std::string_view, Size>;

template <class Enum, std::size_t Size>
[[nodiscard]] std::string_view nameIn(const NameTable<Size>& names, Enum value) {
    return names.at(static_cast<std::size_t>(value));
}

/// Nothing where no value is called so.
template <class Enum, std::size_t Size>
[[nodiscard]] std::optional<Enum> valueNamed(const NameTable<Size>& names, std::string_view name) {
    const auto found = std::find(names.begin(), names.end(), name);
    if (found == names.end()) return std::nullopt;
    return static_cast<Enum>(found - names.begin());
}

}  // namespace upbeat
