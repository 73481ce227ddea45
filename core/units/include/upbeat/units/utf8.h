#pragma once

#include <cstddef>
#include <string_view>

namespace upbeat {

/// The beginning of a UTF-8 text, at most so many bytes of it, not cut within a letter.
[[nodiscard]] constexpr std::string_view utf8Prefix(std::string_view text, std::size_t mostBytes) {
    if (text.size() <= mostBytes) return text;
    std::size_t size = mostBytes;
    while (size > 0 && (static_cast<unsigned char>(text[size]) & 0xC0U) == 0x80U) --size;
    return text.substr(0, size);
}

}  // namespace upbeat
