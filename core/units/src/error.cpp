#include "upbeat/units/error.h"

#include <string_view>
#include <utility>

namespace upbeat {

namespace {

/// Control characters as \xNN: a file may be called anything, a sentence stays on its line.
std::string onOneLine(const std::string& text) {
    constexpr std::string_view kDigits = "0123456789abcdef";
    constexpr unsigned char kFirstPrintable = 0x20;
    constexpr unsigned char kDelete = 0x7f;
    std::string line;
    for (const char c : text) {
        const auto byte = static_cast<unsigned char>(c);
        if (byte >= kFirstPrintable && byte != kDelete) {
            line += c;
            continue;
        }
        line += "\\x";
        line += kDigits[byte / 16];
        line += kDigits[byte % 16];
    }
    return line;
}

}  // namespace

std::string Error::sentence(const Translate& translate) const {
    std::string text;
    if (!where.empty()) text += where + ": ";
    text += what.said(translate);
    if (!fix.isEmpty()) text += "; " + fix.said(translate);
    if (text.empty() || text.back() != '.') text += '.';
    return onOneLine(text);
}

tl::unexpected<Error> fail(Text what, std::string where, Text fix) {
    return tl::unexpected<Error>(Error{std::move(what), std::move(where), std::move(fix)});
}

}  // namespace upbeat
