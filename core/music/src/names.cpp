#include "upbeat/music/stroke.h"
#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

constexpr NameTable<kVoiceCount> kVoices{"snare",        "rim_shot",    "cross_stick", "snare_edge", "kick",
                                         "hihat_closed", "hihat_loose", "hihat_open",  "hihat_foot", "ride",
                                         "ride_bell",    "crash",       "tom_high",    "tom_mid",    "tom_low",
                                         "pad",          "crash_choked"};
constexpr NameTable<kVoiceCount> kSpokenVoices{
    UPBEAT_TEXT("snare"),       UPBEAT_TEXT("rim shot"),   UPBEAT_TEXT("cross-stick"),  UPBEAT_TEXT("snare edge"),
    UPBEAT_TEXT("bass drum"),   UPBEAT_TEXT("hi-hat"),     UPBEAT_TEXT("loose hi-hat"), UPBEAT_TEXT("open hi-hat"),
    UPBEAT_TEXT("foot hi-hat"), UPBEAT_TEXT("ride"),       UPBEAT_TEXT("ride bell"),    UPBEAT_TEXT("crash"),
    UPBEAT_TEXT("high tom"),    UPBEAT_TEXT("middle tom"), UPBEAT_TEXT("low tom"),      UPBEAT_TEXT("pad"),
    UPBEAT_TEXT("choked crash")};
constexpr NameTable<4> kLimbs{"right", "left", "right_foot", "left_foot"};
constexpr NameTable<4> kSpokenLimbs{UPBEAT_TEXT("right hand"), UPBEAT_TEXT("left hand"), UPBEAT_TEXT("right foot"),
                                    UPBEAT_TEXT("left foot")};
constexpr NameTable<4> kHandLetters{"R", "L", "F", "F"};
constexpr NameTable<3> kLevels{UPBEAT_TEXT("ghost"), UPBEAT_TEXT("tap"), UPBEAT_TEXT("accent")};
constexpr NameTable<5> kOrnaments{"none", "flam", "drag", "ruff", "closed_roll"};

}  // namespace

std::string_view toName(Voice voice) {
    return nameIn(kVoices, voice);
}
std::string_view toName(Limb limb) {
    return nameIn(kLimbs, limb);
}
std::string_view toName(Level level) {
    return nameIn(kLevels, level);
}
std::string_view toName(Ornament ornament) {
    return nameIn(kOrnaments, ornament);
}
std::optional<Voice> voiceFromName(std::string_view name) {
    return valueNamed<Voice>(kVoices, name);
}
std::optional<Limb> limbFromName(std::string_view name) {
    return valueNamed<Limb>(kLimbs, name);
}
std::optional<Level> levelFromName(std::string_view name) {
    return valueNamed<Level>(kLevels, name);
}
std::optional<Ornament> ornamentFromName(std::string_view name) {
    return valueNamed<Ornament>(kOrnaments, name);
}
std::string_view spokenName(Voice voice) {
    return nameIn(kSpokenVoices, voice);
}
std::string_view spokenName(Limb limb) {
    return nameIn(kSpokenLimbs, limb);
}
std::string_view handLetter(Limb limb) {
    return nameIn(kHandLetters, limb);
}

}  // namespace upbeat
