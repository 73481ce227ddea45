#include "find_start.h"

#include <fmt/format.h>

#include <charconv>

namespace upbeat::cli {

namespace {

constexpr const char* kAuto = "auto";

std::optional<double> numberIn(std::string_view text) {
    double value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size()) return std::nullopt;
    return value;
}

bool isTempo(std::optional<double> tempo) {
    return tempo && *tempo >= kSlowestTempo && *tempo <= kFastestTempo;
}

tl::unexpected<Error> bad(Text what, Text fix) {
    return tl::unexpected(Error{std::move(what), {}, std::move(fix)});
}

/// "LO-HI".
Result<AskedStart> rangeIn(const std::string& text) {
    const std::size_t dash = text.find('-');
    const auto low = numberIn(std::string_view(text).substr(0, dash));
    const auto high = dash == std::string::npos ? std::nullopt : numberIn(std::string_view(text).substr(dash + 1));
    if (!isTempo(low) || !isTempo(high) || *low >= *high)
        return bad(Text::with(UPBEAT_TEXT("a range of tempos from %1 cannot be used"), text),
                   UPBEAT_TEXT("use --tempo-range LO-HI with 30 to 300, as 80-120"));
    return AskedStart{{*low, *high, {}}, {}};
}

Result<AskedStart> tempoIn(const std::string& text) {
    if (text.empty()) return bad(UPBEAT_TEXT("no tempo is given"), UPBEAT_TEXT("use --tempo BPM or --tempo auto"));
    if (text == kAuto) return AskedStart{};
    const auto tempo = numberIn(text);
    if (!isTempo(tempo))
        return bad(Text::with(UPBEAT_TEXT("a tempo of %1 is out of range"), text),
                   UPBEAT_TEXT("use --tempo 30 to 300"));
    return AskedStart{{*tempo, *tempo, {}}, tempo};
}

}  // namespace

void StartOptions::addTo(CLI::App& command) {
    auto* word = command.add_option("--tempo", tempo, "Beats per minute; auto: found from the recording");
    command.add_option("--tempo-range", range, "LO-HI: found between them")->excludes(word);
    command.add_option("--first-beat", firstBeat, "Time of beat 1 of bar 1 in the take, seconds; auto: found");
}

Result<AskedStart> StartOptions::read() const {
    auto asked = range.empty() ? tempoIn(tempo) : rangeIn(range);
    if (!asked || firstBeat == kAuto || (firstBeat.empty() && !asked->tempoBpm)) return asked;
    const auto first = firstBeat.empty() ? 0.0 : numberIn(firstBeat);
    if (!first || !std::isfinite(*first))
        return bad(Text::with(UPBEAT_TEXT("a first beat at %1 cannot be used"), firstBeat),
                   UPBEAT_TEXT("use --first-beat SECONDS or --first-beat auto"));
    if (*first < 0)
        return bad(UPBEAT_TEXT("the first beat lies before the take"), UPBEAT_TEXT("use --first-beat 0 or more"));
    asked->known.firstBeatS = first;
    return asked;
}

}  // namespace upbeat::cli
