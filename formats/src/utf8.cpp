#include "utf8.h"

#include <algorithm>

namespace upbeat {

namespace {

/// Bytes of the character that begins at `at`; 0 where none does.
std::size_t characterAt(const std::string& text, std::size_t at) {
    const auto byte = [&](std::size_t i) { return static_cast<unsigned char>(text[i]); };
    const unsigned char lead = byte(at);
    if (lead < 0x80) return lead < 0x20 || lead == 0x7F ? 0 : 1;
    const std::size_t length = lead >= 0xF0 ? 4 : lead >= 0xE0 ? 3 : 2;
    if (lead < 0xC2 || lead > 0xF4 || at + length > text.size()) return 0;
    for (std::size_t i = 1; i < length; ++i)
        if ((byte(at + i) & 0xC0U) != 0x80U) return 0;
    const unsigned char next = byte(at + 1);
    const bool overlong = (lead == 0xE0 && next < 0xA0) || (lead == 0xF0 && next < 0x90);
    const bool outside = (lead == 0xED && next > 0x9F) || (lead == 0xF4 && next > 0x8F);
    return overlong || outside ? 0 : length;
}

}  // namespace

std::string cleanUtf8(std::string text) {
    for (std::size_t at = 0; at < text.size();) {
        const std::size_t length = characterAt(text, at);
        if (length == 0) text[at] = '?';
        at += std::max<std::size_t>(length, 1);
    }
    return text;
}

}  // namespace upbeat
