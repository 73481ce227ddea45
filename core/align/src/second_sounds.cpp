#include "second_sounds.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr double kShortestS = 0.005;
constexpr double kLongestS = 0.032;
constexpr double kWidthS = 0.005;   // how much the lag of a drum varies
constexpr double kStandsOut = 3.0;  // times as many as just beside it
constexpr std::ptrdiff_t kFewest = 4;
constexpr double kNearWrittenS = 0.007;
constexpr double kFarLouderDb = 12.0;
constexpr double kLeastStrength = 8.0;
constexpr double kHairS = 0.0005;

/// Lags between sounds near to one another, in order.
std::vector<double> lagsOf(const std::vector<Sounding>& hits) {
    std::vector<double> lags;
    for (std::size_t j = 0; j < hits.size(); ++j) {
        if (hits[j].strength < kLeastStrength) continue;
        for (std::size_t k = j; k-- > 0 && hits[j].timeS - hits[k].timeS < kLongestS;)
            if (hits[k].strength >= kFirmStrength) lags.push_back(hits[j].timeS - hits[k].timeS);
    }
    std::sort(lags.begin(), lags.end());
    return lags;
}

std::ptrdiff_t countIn(const std::vector<double>& sorted, double from, double to) {
    return std::lower_bound(sorted.begin(), sorted.end(), to) - std::lower_bound(sorted.begin(), sorted.end(), from);
}

/// Whether the page has two sounds that far from one another.
bool isWritten(std::span<const PageEvent> events, double lagS) {
    for (std::size_t i = 0; i + 1 < events.size(); ++i)
        if (std::abs(events[i + 1].gridS - events[i].gridS - lagS) < kNearWrittenS) return true;
    return false;
}

}  // namespace

void markSecondSounds(std::vector<Sounding>& hits, std::span<const PageEvent> events) {
    const auto lags = lagsOf(hits);
    double best = 0;
    std::ptrdiff_t most = 0;
    for (const double from : lags) {
        const auto count = countIn(lags, from, from + kWidthS);
        if (from >= kShortestS && count > most) best = from, most = count;
    }
    const auto beside =
        std::max(countIn(lags, best - kWidthS, best), countIn(lags, best + kWidthS, best + 2 * kWidthS));
    if (most < kFewest || static_cast<double>(most) < kStandsOut * static_cast<double>(beside)) return;
    if (isWritten(events, best + kWidthS / 2)) return;
    for (std::size_t j = 0; j < hits.size(); ++j)
        for (std::size_t k = j; k-- > 0 && hits[j].timeS - hits[k].timeS < best + kWidthS;) {
            const double lag = hits[j].timeS - hits[k].timeS;
            if (hits[k].strength >= kFirmStrength && lag >= best - kHairS &&
                hits[j].levelDb < hits[k].levelDb + kFarLouderDb)
                hits[j].echo = hits[j].second = true;
        }
}

}  // namespace upbeat
