#include "upbeat/music/line.h"

#include <fmt/format.h>

namespace upbeat {

namespace {

std::optional<Limb> limbFromLetter(char letter) {
    switch (letter) {
        case 'R':
            return Limb::RightHand;
        case 'L':
            return Limb::LeftHand;
        case 'F':
            return Limb::RightFoot;
        case 'H':
            return Limb::LeftFoot;
        default:
            return std::nullopt;
    }
}

}  // namespace

Result<std::vector<Stroke>> strokesFromLine(std::string_view line, Voice voice, const Beats& start, const Beats& step) {
    std::vector<Stroke> strokes;
    Stroke next{start, voice, Limb::RightHand, Level::Tap, Ornament::None};
    Beats at = start;
    for (std::size_t column = 0; column < line.size(); ++column) {
        const char letter = line[column];
        if (letter == ' ' || letter == '|' || letter == ')') continue;
        if (letter == '>') {
            next.level = Level::Accent;
        } else if (letter == '(') {
            next.level = Level::Ghost;
        } else if (letter == 'f') {
            next.ornament = Ornament::Flam;
        } else if (letter == 'd') {
            next.ornament = Ornament::Drag;
        } else if (letter == 'u') {
            next.ornament = Ornament::Ruff;
        } else if (letter == 'z') {
            next.ornament = Ornament::ClosedRoll;
        } else if (letter == '!') {
            next.anchor = true;
        } else if (letter == '.') {
            at = at + step;
        } else if (const auto limb = limbFromLetter(letter)) {
            next.at = at;
            next.limb = *limb;
            strokes.push_back(next);
            next.level = Level::Tap;
            next.ornament = Ornament::None;
            next.anchor = false;
            at = at + step;
        } else {
            return fail(Text::with(UPBEAT_TEXT("\"%1\" is no stroke"), letter), fmt::format("column {}", column + 1),
                        UPBEAT_TEXT("use R L F H . > ( ) f d u z !"));
        }
    }
    return strokes;
}

}  // namespace upbeat
