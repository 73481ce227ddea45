#include "upbeat/formats/clean_utf8.h"

#include <utf8.h>

#include <algorithm>

namespace upbeat {

std::string cleanUtf8(std::string text) {
    const auto isControl = [](char c) {
        const auto byte = static_cast<unsigned char>(c);
        return byte < 0x20 || byte == 0x7F;
    };
    std::replace_if(text.begin(), text.end(), isControl, '?');
    auto bad = utf8::find_invalid(text.begin(), text.end());
    while (bad != text.end()) {
        *bad = '?';
        bad = utf8::find_invalid(bad, text.end());
    }
    return text;
}

}  // namespace upbeat
