#include <algorithm>
#include <iterator>

#include "upbeat/music/stroke.h"

namespace upbeat {

namespace {

constexpr std::array<std::string_view, kVoiceCount> kVoices{
    "snare",       "rim_shot",   "cross_stick", "snare_edge", "kick",        "hihat_closed",
    "hihat_loose", "hihat_open", "hihat_foot",  "ride",       "ride_bell",   "crash",
    "tom_high",    "tom_mid",    "tom_low",     "pad",        "crash_choked"};
constexpr std::array<std::string_view, kVoiceCount> kSpokenVoices{
    UPBEAT_TEXT("snare"),       UPBEAT_TEXT("rim shot"),   UPBEAT_TEXT("cross-stick"),  UPBEAT_TEXT("snare edge"),
    UPBEAT_TEXT("bass drum"),   UPBEAT_TEXT("hi-hat"),     UPBEAT_TEXT("loose hi-hat"), UPBEAT_TEXT("open hi-hat"),
    UPBEAT_TEXT("foot hi-hat"), UPBEAT_TEXT("ride"),       UPBEAT_TEXT("ride bell"),    UPBEAT_TEXT("crash"),
    UPBEAT_TEXT("high tom"),    UPBEAT_TEXT("middle tom"), UPBEAT_TEXT("low tom"),      UPBEAT_TEXT("pad"),
    UPBEAT_TEXT("choked crash")};
constexpr std::array<std::string_view, 4> kLimbs{"right", "left", "right_foot", "left_foot"};
constexpr std::array<std::string_view, 4> kSpokenLimbs{UPBEAT_TEXT("right hand"), UPBEAT_TEXT("left hand"),
                                                       UPBEAT_TEXT("right foot"), UPBEAT_TEXT("left foot")};
constexpr std::array<std::string_view, 4> kHandLetters{"R", "L", "F", "F"};
constexpr std::array<std::string_view, 3> kLevels{UPBEAT_TEXT("ghost"), UPBEAT_TEXT("tap"), UPBEAT_TEXT("accent")};
constexpr std::array<std::string_view, 5> kOrnaments{"none", "flam", "drag", "ruff", "closed_roll"};

template <class Enum, std::size_t N>
std::string_view nameOf(const std::array<std::string_view, N>& names, Enum value) {
    return names.at(static_cast<std::size_t>(value));
}

template <class Enum, std::size_t N>
std::optional<Enum> find(const std::array<std::string_view, N>& names, std::string_view name) {
    const auto found = std::find(names.begin(), names.end(), name);
    if (found == names.end()) return std::nullopt;
    return static_cast<Enum>(std::distance(names.begin(), found));
}

}  // namespace

std::string_view toName(Voice voice) {
    return nameOf(kVoices, voice);
}
std::string_view toName(Limb limb) {
    return nameOf(kLimbs, limb);
}
std::string_view toName(Level level) {
    return nameOf(kLevels, level);
}
std::string_view toName(Ornament ornament) {
    return nameOf(kOrnaments, ornament);
}
std::optional<Voice> voiceFromName(std::string_view name) {
    return find<Voice>(kVoices, name);
}
std::optional<Limb> limbFromName(std::string_view name) {
    return find<Limb>(kLimbs, name);
}
std::optional<Level> levelFromName(std::string_view name) {
    return find<Level>(kLevels, name);
}
std::optional<Ornament> ornamentFromName(std::string_view name) {
    return find<Ornament>(kOrnaments, name);
}
std::string_view spokenName(Voice voice) {
    return nameOf(kSpokenVoices, voice);
}
std::string_view spokenName(Limb limb) {
    return nameOf(kSpokenLimbs, limb);
}
std::string_view handLetter(Limb limb) {
    return nameOf(kHandLetters, limb);
}

}  // namespace upbeat
