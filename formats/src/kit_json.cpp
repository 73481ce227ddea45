#include "upbeat/formats/kit_json.h"

#include "json_reader.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/music/stroke.h"

namespace upbeat {

namespace {

constexpr std::string_view kKitFormat = "upbeat-check/kit";
constexpr std::size_t kMostBytes = 8U << 20U;

char hexDigit(unsigned value) {
    return "0123456789abcdef"[value & 15U];
}

int valueOfDigit(char digit) {
    if (digit >= '0' && digit <= '9') return digit - '0';
    if (digit >= 'a' && digit <= 'f') return digit - 'a' + 10;
    return -1;
}

template <class StepAt>
std::string toHex(std::size_t count, StepAt stepAt) {
    std::string text;
    for (std::size_t i = 0; i < count; ++i) {
        const unsigned step = stepAt(i);
        text += hexDigit(step >> 4U);
        text += hexDigit(step);
    }
    return text;
}

template <class Take>
void fromHex(const JsonReader& reader, std::string_view key, std::size_t count, Take take) {
    const std::string text = reader.text(key, {}, true);
    if (text.size() != 2 * count) return reader.wrong(key, UPBEAT_TEXT("has the wrong length"));
    for (std::size_t i = 0; i < count; ++i) {
        const int high = valueOfDigit(text[2 * i]);
        const int low = valueOfDigit(text[2 * i + 1]);
        if (high < 0 || low < 0) return reader.wrong(key, UPBEAT_TEXT("is not written in the digits 0 to f"));
        take(i, static_cast<std::uint8_t>(16 * high + low));
    }
}

std::string bandKey(std::size_t band) {
    return "band" + std::to_string(band + 1);
}

nlohmann::json strokeToJson(const Hit& hit) {
    nlohmann::json out{{"level_db", hit.levelDb}, {"onset_ms", (hit.timeS - hit.peakS) * 1e3}};
    for (std::size_t b = 0; b < kBands; ++b)
        out[bandKey(b)] = toHex(kPatchFrames, [&](std::size_t f) { return hit.patch.steps()[f][b]; });
    out["ring"] = toHex(kBands, [&](std::size_t b) { return hit.ring[b]; });
    return out;
}

Hit strokeFromJson(const JsonReader& reader) {
    constexpr double kLargestMs = 20;
    Hit hit;
    hit.levelDb = reader.number("level_db", 0);
    hit.timeS = reader.number("onset_ms", 0) * 1e-3;
    if (std::abs(hit.timeS) > kLargestMs * 1e-3)
        reader.wrong("onset_ms", UPBEAT_TEXT("lies outside the sound that is kept"));
    if (std::abs(hit.levelDb) > 200) reader.wrong("level_db", UPBEAT_TEXT("is out of range"));
    std::array<BandSteps, kPatchFrames> steps{};
    for (std::size_t b = 0; b < kBands; ++b)
        fromHex(reader, bandKey(b), kPatchFrames, [&](std::size_t f, std::uint8_t step) { steps[f][b] = step; });
    hit.patch.setSteps(steps);
    fromHex(reader, "ring", kBands, [&](std::size_t b, std::uint8_t step) { hit.ring[b] = step; });
    return hit;
}

}  // namespace

std::string toJson(const TaughtKit& kit) {
    nlohmann::json voices = nlohmann::json::array();
    for (const TaughtVoice& taught : kit.voices) {
        nlohmann::json strokes = nlohmann::json::array();
        for (const Hit& hit : taught.strokes) strokes.push_back(strokeToJson(hit));
        voices.push_back({{"voice", toName(taught.voice)}, {"strokes", strokes}});
    }
    return nlohmann::json{{"format", kKitFormat}, {"version", 1}, {"voices", voices}}.dump(1) + "\n";
}

Result<TaughtKit> kitFromJson(std::string_view text, const std::string& where) {
    const auto json = parseOwnFile(
        text, where, {kKitFormat, "this is not a taught kit", "choose a file written by the teach command"});
    if (!json) return tl::unexpected(json.error());
    std::optional<Error> error;
    const JsonReader reader(*json, "", error);
    TaughtKit kit;
    reader.each("voices", [&](const JsonReader& entry) {
        const auto voice = voiceFromName(entry.text("voice", {}, true));
        if (!voice) return entry.wrong("voice", UPBEAT_TEXT("is not a voice that is known"));
        TaughtVoice taught{*voice, {}};
        entry.each("strokes", [&](const JsonReader& stroke) {
            if (taught.strokes.size() < kMostTaught) taught.strokes.push_back(strokeFromJson(stroke));
        });
        kit.voices.push_back(std::move(taught));
        if (kit.voices.size() > kVoiceCount) entry.wrong("voice", UPBEAT_TEXT("is one voice too many"));
    });
    if (error) {
        error->where = where;
        return tl::unexpected(*error);
    }
    return kit;
}

Result<TaughtKit> readKit(const std::filesystem::path& path) {
    return readThrough(path, kitFromJson, kMostBytes);
}

}  // namespace upbeat
