#include "start_click.h"

#include "line_fit.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr int kMostClicks = 16;
constexpr std::size_t kFewestClicks = 3;
constexpr double kReachS = 0.045;
constexpr double kRegularS = 0.0008;  // farthest from the line
constexpr double kEvenDb = 1.0;
constexpr double kLeastStrength = 6.0;

const Hit* strongestNear(const std::vector<Hit>& hits, double timeS) {
    const Hit* best = nullptr;
    for (const Hit& hit : hits)
        if (std::abs(hit.timeS - timeS) < kReachS && hit.strength >= kLeastStrength &&
            (best == nullptr || hit.strength > best->strength))
            best = &hit;
    return best;
}

/// Whether the quieter ones are equally loud; the first of a bar may be louder.
bool isEven(std::vector<double> levels) {
    std::sort(levels.begin(), levels.end());
    const std::size_t quieter = std::max(kFewestClicks - 1, levels.size() * 2 / 3);
    return levels[quieter - 1] - levels.front() < kEvenDb;
}

}  // namespace

std::optional<CountIn> countInOf(const std::vector<Hit>& hits) {
    constexpr std::size_t kFewestInARow = 4;
    constexpr std::size_t kAmong = 40;
    constexpr double kShortestS = 0.15;
    constexpr std::size_t kBegins = 3;  // something may have been heard before it
    std::vector<const Hit*> firm;
    for (const Hit& hit : hits)
        if (hit.strength >= kFirmStrength && firm.size() < kAmong) firm.push_back(&hit);
    std::optional<CountIn> best;
    std::size_t longest = kFewestInARow - 1;
    for (std::size_t i = 0; i < kBegins && i + 1 < firm.size(); ++i) {
        const double period = firm[i + 1]->timeS - firm[i]->timeS;
        std::size_t last = i + 1;
        while (last + 1 < firm.size() && std::abs(firm[last + 1]->timeS - firm[last]->timeS - period) < kRegularS &&
               std::abs(firm[last + 1]->levelDb - firm[last]->levelDb) < kEvenDb)
            ++last;
        const std::size_t count = last - i + 1;
        if (period < kShortestS || count <= longest) continue;
        longest = count;
        best = CountIn{firm[last]->timeS, (firm[last]->timeS - firm[i]->timeS) / static_cast<double>(last - i)};
    }
    return best;
}

std::optional<StartReading> clickBefore(const std::vector<Hit>& hits, const StartReading& reading) {
    const double beatS = 60.0 / reading.tempoBpm;
    LineFit line;
    std::vector<std::pair<double, double>> clicks;  // beat, time
    std::vector<double> levels;
    double gap = beatS;
    for (int k = -1; k >= -kMostClicks; --k) {
        // Beat 1 of the strokes is not that of the click: from the second one on it is known better.
        const double expected = clicks.empty() ? reading.firstBeatS - beatS : clicks.back().second - gap;
        const Hit* hit = strongestNear(hits, expected);
        if (hit == nullptr || (clicks.size() > 1 && std::abs(hit->timeS - expected) > kRegularS)) break;
        if (!clicks.empty()) gap = clicks.back().second - hit->timeS;
        clicks.emplace_back(k, hit->timeS);
        levels.push_back(hit->levelDb);
        line.add(k, hit->timeS);
    }
    if (clicks.size() < kFewestClicks || !isEven(levels)) return std::nullopt;
    for (const auto& [beat, timeS] : clicks)
        if (std::abs(timeS - line.at(beat)) > kRegularS) return std::nullopt;
    return StartReading{60.0 / line.slope(), line.at(0), reading.fit};
}

}  // namespace upbeat
