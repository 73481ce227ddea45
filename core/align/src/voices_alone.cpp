#include "voices_alone.h"

#include <algorithm>
#include <cmath>

#include "table.h"
#include "upbeat/align/lean.h"

namespace upbeat {

namespace {

constexpr double kClear = 10.0;  // a cymbal that rings already is struck that surely

void learnFollowers(std::size_t hit, std::span<const Hit> hits, std::span<const Sounding> soundings,
                    const Assignment& found, double (*sureOf)(const Hit&), Followers& followers) {
    ++followers.strokes;
    for (std::size_t j = hit + 1; j < hits.size(); ++j) {
        const double lag = soundings[j].timeS - soundings[hit].timeS;
        if (lag > kFarthestHalfS || found.eventOfHit[j] != kNone) return;
        if (sureOf(hits[j]) >= kLeastHalfStrength) followers.lagsS.push_back(lag);
    }
}

}  // namespace

double sureOfDrum(const Hit& hit) {
    return hit.strength;
}

double sureOfCymbal(const Hit& hit) {
    return hit.strength + (hit.topDb >= kGlintDb ? hit.topDb : 0);
}

bool Followers::areUsualAfter(double lagS) const {
    constexpr double kWidthS = 0.004;
    constexpr std::size_t kOneIn = 5;
    const auto like =
        std::count_if(lagsS.begin(), lagsS.end(), [lagS](double other) { return std::abs(other - lagS) < kWidthS; });
    return like > 0 && static_cast<std::size_t>(like) * kOneIn >= strokes;
}

KnownVoices learnVoices(std::span<const PageEvent> events, std::span<const Hit> hits,
                        std::span<const Sounding> soundings, const Assignment& found) {
    constexpr std::size_t kFewest = 3;
    KnownVoices known;
    std::array<std::vector<double>, kVoiceCount> upwards;
    std::array<std::vector<double>, kVoiceCount> high;
    std::array<std::vector<double>, kVoiceCount> top;
    for (std::size_t i = 0; i < events.size(); ++i) {
        if (events[i].written.size() != 1 || found.hitOfEvent[i] == kNone) continue;
        const auto j = static_cast<std::size_t>(found.hitOfEvent[i]);
        const auto v = static_cast<std::size_t>(instrumentOf(events[i].voice));
        if (hits[j].strength >= kClear) {
            learnFollowers(j, hits, soundings, found, sureOfCymbal, known[v].shines);
            top[v].push_back(hits[j].topDb);
        }
        const auto lean = leanOf(hits[j]);
        if (!lean || hits[j].strength < kFirmStrength) continue;
        learnFollowers(j, hits, soundings, found, sureOfDrum, known[v].answers);
        if (lean->whole) upwards[v].push_back(lean->upwards());
        high[v].push_back(lean->highDb);
    }
    for (std::size_t v = 0; v < known.size(); ++v) {
        known[v].upwards = upwards[v].size() >= kFewest ? medianOf(upwards[v]) : usualLean(static_cast<Voice>(v));
        if (high[v].size() >= kFewest) known[v].highDb = medianOf(high[v]);
        if (top[v].size() >= kFewest) known[v].topDb = medianOf(top[v]);
    }
    return known;
}

}  // namespace upbeat
