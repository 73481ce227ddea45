#include "upbeat/align/match.h"

#include <algorithm>

#include "usual.h"

namespace upbeat {

namespace {

constexpr double kClearDb = 24.0;
constexpr double kReflectionDb = 15.0;  // walls answer at least this much softer
constexpr double kEchoReachS = 0.032;
constexpr double kMayEcho = 5.0;  // strength of what may be followed by an echo

/// Whether a sound rises above all vowels and the one before it does not: a stroke behind the beginning of a syllable.
bool isStruckBehind(const Hit& first, const Hit& second) {
    constexpr double kFarDb = 9;
    constexpr double kFartherDb = 6;
    return second.topDb > kFarDb && second.topDb > first.topDb + kFartherDb;
}

}  // namespace

std::vector<Sounding> soundings(std::span<const Hit> hits, double firstBeatS, double latencyS) {
    std::vector<Sounding> list;
    list.reserve(hits.size());
    for (std::size_t j = 0; j < hits.size(); ++j) {
        Sounding sounding{hits[j].timeS - firstBeatS - latencyS, hits[j].levelDb, hits[j].strength, hits[j].voice};
        const auto isSameSound = [&](std::size_t k) { return hits[k].peakS == hits[j].peakS && !hits[j].exact; };
        sounding.alone =
            !hits[j].voice || ((j == 0 || !isSameSound(j - 1)) && (j + 1 == hits.size() || !isSameSound(j + 1)));
        for (std::size_t k = j; !hits[j].exact && k-- > 0 && hits[j].timeS - hits[k].timeS < kEchoReachS;) {
            if (hits[j].voice && hits[k].peakS == hits[j].peakS) continue;  // two voices of one sound
            if (hits[k].strength < kMayEcho) continue;
            const bool louder = hits[j].levelDb > hits[k].levelDb + 3.0;
            const bool clear = hits[j].contrastDb > kClearDb && hits[j].levelDb > hits[k].levelDb - kReflectionDb;
            const bool atOnce = hits[j].timeS - hits[k].timeS < kSecondSoundS && hits[k].strength >= kFirmStrength;
            if (atOnce || (!louder && !clear && !isStruckBehind(hits[k], hits[j]))) sounding.echo = true;
        }
        sounding.foreign = hits[j].foreign;
        sounding.refused = hits[j].refused;
        sounding.unlike = hits[j].unlike;
        sounding.topDb = hits[j].topDb;
        list.push_back(sounding);
    }
    return list;
}

namespace {

/// Where a player is and how near to it they usually strike.
struct Place {
    std::vector<double> shiftS;  ///< By event.
    double scatterS = 1.0;       ///< Where it is not known, anything goes.
};

/// `usual` is where the player is where these hits alone do not tell; empty where that is not known either.
Assignment match(std::span<const PageEvent> events, std::span<const Sounding> hits, const Place& usual) {
    Expectation expected;
    expected.shiftS = follow(events, hits);
    const Assignment first = solve(events, hits, expected).assignment;
    expected.shiftS = slowShift(events, hits, first);
    expected.usualDb = usualDbOf(events, hits, first);
    expected.usualTopDb = usualTopDbOf(events, hits, first);
    const auto scatterS = usualScatter(events, hits, first, expected.shiftS);
    expected.scatterS = scatterS.value_or(usual.scatterS);
    if (!scatterS && !usual.shiftS.empty()) expected.shiftS = usual.shiftS;
    addHabits(expected.shiftS, events, hits, first);
    return solve(events, hits, expected).assignment;
}

/// Matches some of the events with some of the hits and enters what is found into the whole.
void matchSome(std::span<const PageEvent> events, std::span<const Sounding> hits,
               const std::vector<std::size_t>& someEvents, const std::vector<std::size_t>& someHits, const Place& usual,
               Assignment& whole) {
    std::vector<PageEvent> ownEvents;
    std::vector<Sounding> ownHits;
    Place own{{}, usual.scatterS};
    ownEvents.reserve(someEvents.size());
    ownHits.reserve(someHits.size());
    for (const std::size_t i : someEvents) {
        ownEvents.push_back(events[i]);
        if (!usual.shiftS.empty()) own.shiftS.push_back(usual.shiftS[i]);
    }
    for (const std::size_t j : someHits) ownHits.push_back(hits[j]);
    if (ownEvents.empty() || ownHits.empty()) return;
    const Assignment found = match(ownEvents, ownHits, own);
    for (std::size_t i = 0; i < ownEvents.size(); ++i) {
        if (found.hitOfEvent[i] == kNone) continue;
        const std::size_t hit = someHits[static_cast<std::size_t>(found.hitOfEvent[i])];
        whole.hitOfEvent[someEvents[i]] = static_cast<int>(hit);
        whole.eventOfHit[hit] = static_cast<int>(someEvents[i]);
    }
}

Assignment matchByVoice(std::span<const PageEvent> events, std::span<const Sounding> hits, const Place& usual) {
    Assignment whole{std::vector<int>(events.size(), kNone), std::vector<int>(hits.size(), kNone)};
    for (int v = 0; v <= kVoiceCount; ++v) {
        // The last round is for what is left, whatever its voice.
        const bool rest = v == kVoiceCount;
        std::vector<std::size_t> someEvents;
        std::vector<std::size_t> someHits;
        for (std::size_t i = 0; i < events.size(); ++i)
            if (whole.hitOfEvent[i] == kNone && (rest || instrumentOf(events[i].voice) == static_cast<Voice>(v)))
                someEvents.push_back(i);
        for (std::size_t j = 0; j < hits.size(); ++j)
            if (whole.eventOfHit[j] == kNone && (rest ? hits[j].alone && hits[j].strength >= kFirmStrength
                                                      : instrumentOf(*hits[j].voice) == static_cast<Voice>(v)))
                someHits.push_back(j);
        matchSome(events, hits, someEvents, someHits, usual, whole);
    }
    return whole;
}

/// Voices that were told apart are seldom firm where most of them sound together: the stronger half must do.
double middleStrength(std::span<const Sounding> hits, const Assignment& found) {
    std::vector<double> strengths;
    for (std::size_t j = 0; j < hits.size(); ++j)
        if (found.eventOfHit[j] != kNone) strengths.push_back(hits[j].strength);
    return strengths.empty() ? 0 : medianOf(std::move(strengths));
}

}  // namespace

Assignment match(std::span<const PageEvent> events, std::span<const Sounding> hits) {
    return match(events, hits, Place());
}

Assignment matchByVoice(std::span<const PageEvent> events, std::span<const Sounding> hits) {
    const Assignment first = matchByVoice(events, hits, Place());
    const double sure = std::min(kFirmStrength, middleStrength(hits, first));
    Place usual{slowShift(events, hits, first, sure)};
    usual.scatterS = usualScatter(events, hits, first, usual.shiftS, sure).value_or(usual.scatterS);
    return matchByVoice(events, hits, usual);
}

double costInPlace(std::span<const PageEvent> events, std::span<const Sounding> hits) {
    Expectation expected = usualByShare(events, hits);
    expected.shiftS = follow(events, hits);
    return solve(events, hits, expected).cost;
}

}  // namespace upbeat
