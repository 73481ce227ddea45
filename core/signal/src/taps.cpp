#include "upbeat/signal/taps.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr double kQuietS = 1.2;  // before a group and behind it
constexpr double kShortestGapS = 0.14;
constexpr double kLongestGapS = 0.7;
constexpr double kUneven = 0.13;   // how far a gap may be from the mean, as a share
constexpr double kOtherGap = 0.3;  // and the mean from what was learned
constexpr double kLevelsApartDb = 9;
constexpr double kOtherLevelDb = 9;
constexpr double kColoursApartDb = 7;
constexpr double kOtherColourDb = 8;

/// How far two colours are apart, whatever their levels: root mean square over the bands, dB. A band that is silent in
/// both says nothing.
double apartDb(const BandSteps& a, const BandSteps& b) {
    double sum = 0;
    double squares = 0;
    int bands = 0;
    for (std::size_t k = 0; k < kBands; ++k) {
        if (a[k] == 0 && b[k] == 0) continue;
        constexpr double kMost = 24;
        const double apart = std::clamp((a[k] - b[k]) / kStepsPerDb, -kMost, kMost);
        sum += apart;
        squares += apart * apart;
        ++bands;
    }
    if (bands == 0) return 0;
    const double mean = sum / bands;
    return std::sqrt(std::max(0.0, squares / bands - mean * mean));
}

BandSteps meanColour(const std::vector<Hit>& hits) {
    BandSteps mean{};
    for (std::size_t k = 0; k < kBands; ++k) {
        double sum = 0;
        for (const Hit& hit : hits) sum += hit.colour[k];
        mean[k] = static_cast<std::uint8_t>(std::lround(sum / static_cast<double>(hits.size())));
    }
    return mean;
}

/// Strokes that are followed by silence, group by group.
std::vector<std::vector<Hit>> groupsOf(const std::vector<Hit>& strokes) {
    std::vector<std::vector<Hit>> groups;
    for (const Hit& hit : strokes) {
        if (groups.empty() || hit.timeS - groups.back().back().timeS > kQuietS) groups.emplace_back();
        groups.back().push_back(hit);
    }
    return groups;
}

double gapOf(const std::vector<Hit>& group) {
    return (group.back().timeS - group.front().timeS) / (static_cast<double>(group.size()) - 1);
}

/// Even in time, alike in level and sound.
bool isEven(const std::vector<Hit>& group) {
    if (group.size() < 3) return false;
    const double gap = gapOf(group);
    if (gap < kShortestGapS || gap > kLongestGapS) return false;
    const BandSteps colour = meanColour(group);
    const auto [softest, loudest] = std::minmax_element(
        group.begin(), group.end(), [](const Hit& a, const Hit& b) { return a.levelDb < b.levelDb; });
    if (loudest->levelDb - softest->levelDb > kLevelsApartDb) return false;
    for (std::size_t i = 0; i < group.size(); ++i) {
        if (i > 0 && std::abs(group[i].timeS - group[i - 1].timeS - gap) > kUneven * gap) return false;
        if (apartDb(group[i].colour, colour) > kColoursApartDb) return false;
    }
    return true;
}

double meanLevel(const std::vector<Hit>& group) {
    double sum = 0;
    for (const Hit& hit : group) sum += hit.levelDb;
    return sum / static_cast<double>(group.size());
}

bool isAs(const std::vector<Hit>& group, const TapStyle& style) {
    if (!style.learned) return meanLevel(group) > style.levelDb - kOtherLevelDb;
    return std::abs(meanLevel(group) - style.levelDb) < kOtherLevelDb &&
           std::abs(gapOf(group) / style.gapS - 1) < kOtherGap &&
           (!isKnown(style.colour) || apartDb(meanColour(group), style.colour) < kOtherColourDb);
}

}  // namespace

std::optional<TapCommand> commandIn(const std::vector<Hit>& strokes, double nowS, const TapStyle& style) {
    constexpr std::size_t kFewest = 3;
    if (strokes.empty() || nowS - strokes.back().timeS < kQuietS) return std::nullopt;
    const auto group = groupsOf(strokes).back();
    if (group.size() > kFewest + 2 || !isEven(group) || !isAs(group, style)) return std::nullopt;
    return static_cast<TapCommand>(group.size() - kFewest);
}

std::optional<TapStyle> styleOf(const std::vector<Hit>& strokes, double nowS) {
    constexpr std::size_t kGroups = 3;
    if (strokes.empty() || nowS - strokes.back().timeS < kQuietS) return std::nullopt;
    const auto groups = groupsOf(strokes);
    if (groups.size() < kGroups) return std::nullopt;
    std::vector<Hit> all;
    TapStyle style;
    style.learned = true;
    style.gapS = 0;
    for (auto group = groups.end() - kGroups; group != groups.end(); ++group) {
        if (group->size() != 3 || !isEven(*group)) return std::nullopt;
        style.gapS += gapOf(*group) / kGroups;
        all.insert(all.end(), group->begin(), group->end());
    }
    style.levelDb = meanLevel(all);
    style.colour = meanColour(all);
    for (auto group = groups.end() - kGroups; group != groups.end(); ++group)
        if (!isAs(*group, style)) return std::nullopt;
    return style;
}

}  // namespace upbeat
