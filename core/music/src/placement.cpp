#include "upbeat/music/placement.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "grid_words.h"

namespace upbeat {

namespace {

double msOf(const AskedPlacement& placement, Bpm tempo) {
    return placement.ofBeat ? placement.amount * 0.01 * beatDuration(tempo).value() * 1e3 : placement.amount;
}

}  // namespace

double askedMs(const std::vector<AskedPlacement>& all, Voice voice, Bpm tempo) {
    double ms = 0;
    for (const AskedPlacement& placement : all) {
        if (placement.voice == voice) return msOf(placement, tempo);
        if (!placement.voice) ms = msOf(placement, tempo);
    }
    return ms;
}

std::string toText(const AskedPlacement& placement) {
    return fmt::format("{} {:g} {} {}", placement.voice ? spokenName(*placement.voice) : "all",
                       std::abs(placement.amount), placement.ofBeat ? "%" : "ms",
                       placement.amount < 0 ? "ahead" : "behind");
}

std::optional<AskedPlacement> placementFromText(std::string_view text) {
    const auto parts = split(text, " ");
    if (parts.size() < 4) return std::nullopt;
    const std::string_view side = parts[parts.size() - 1];
    const std::string_view unit = parts[parts.size() - 2];
    const std::string_view number = parts[parts.size() - 3];
    const std::string_view name = trimmed(text.substr(0, static_cast<std::size_t>(number.data() - text.data())));
    const auto amount = numberIn(number);
    AskedPlacement placement;
    if (name != "all") placement.voice = voiceOf(name);
    const bool isKnown =
        (name == "all" || placement.voice) && (unit == "ms" || unit == "%") && (side == "ahead" || side == "behind");
    if (!isKnown || !amount || *amount < 0) return std::nullopt;
    placement.amount = side == "ahead" ? -*amount : *amount;
    placement.ofBeat = unit == "%";
    return placement;
}

std::vector<AskedPlacement> withPlacement(std::vector<AskedPlacement> all, const AskedPlacement& placement) {
    std::erase_if(all, [&](const AskedPlacement& other) { return other.voice == placement.voice; });
    if (placement.amount != 0) all.push_back(placement);
    std::stable_sort(all.begin(), all.end(),
                     [](const AskedPlacement& a, const AskedPlacement& b) { return a.voice < b.voice; });
    return all;
}

Result<void> check(const std::vector<AskedPlacement>& all) {
    for (const AskedPlacement& placement : all) {
        const double most = placement.ofBeat ? kMostAskedPercent : kMostAskedMs;
        if (!(std::abs(placement.amount) <= most))
            return fail(
                Text::with(UPBEAT_TEXT("\"%1\" is farther from the click than can be asked"), toText(placement)), {},
                Text::with(UPBEAT_TEXT("ask for at most %1 ms or %2 % of a beat"), fmt::format("{:g}", kMostAskedMs),
                           fmt::format("{:g}", kMostAskedPercent)));
        const auto isSame = [&](const AskedPlacement& other) { return other.voice == placement.voice; };
        if (std::count_if(all.begin(), all.end(), isSame) > 1)
            return fail(Text::with(UPBEAT_TEXT("the placement of the %1 is asked for twice"),
                                   placement.voice ? std::string(spokenName(*placement.voice)) : std::string("whole")),
                        {}, UPBEAT_TEXT("ask once for each voice"));
    }
    return {};
}

}  // namespace upbeat
