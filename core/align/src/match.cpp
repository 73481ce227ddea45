#include "upbeat/align/match.h"

#include "table.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace upbeat {

namespace {

constexpr double kClearDb = 24.0;
constexpr double kReflectionDb = 15.0;  // walls answer at least this much softer
constexpr double kEchoReachS = 0.032;
constexpr double kMayEcho = 5.0;  // strength of what may be followed by an echo

/// The player's place against the click around every event: median offset of the main strokes within two seconds.
std::vector<double> slowShift(std::span<const PageEvent> events, std::span<const Sounding> hits,
                              const Assignment& found) {
    constexpr double kAroundS = 2.0;
    constexpr std::size_t kFewest = 5;
    std::vector<double> shift(events.size(), 0.0);
    std::size_t from = 0;
    std::size_t to = 0;
    for (std::size_t i = 0; i < events.size(); ++i) {
        while (to < events.size() && events[to].gridS <= events[i].gridS + kAroundS) ++to;
        while (events[from].gridS < events[i].gridS - kAroundS) ++from;
        std::vector<double> offsets;
        for (std::size_t k = from; k < to; ++k) {
            if (found.hitOfEvent[k] == kNone || events[k].role == Role::Grace) continue;
            offsets.push_back(hits[static_cast<std::size_t>(found.hitOfEvent[k])].timeS - events[k].gridS);
        }
        if (offsets.size() >= kFewest) shift[i] = medianOf(std::move(offsets));
    }
    return shift;
}

/// Where the player is against the click, found from the start onwards a few strokes at a time: what was found so far
/// is where the next strokes are looked for. So a player who moves away by half a step and more is not lost.
std::vector<double> follow(std::span<const PageEvent> events, std::span<const Sounding> hits) {
    constexpr std::size_t kStretch = 16;
    constexpr std::size_t kFewest = 4;
    std::vector<double> shift(events.size(), 0.0);
    double now = 0;
    for (std::size_t from = 0; from < events.size(); from += kStretch) {
        const auto part = events.subspan(from, std::min(kStretch, events.size() - from));
        const auto begin = std::lower_bound(hits.begin(), hits.end(), part.front().gridS - 1.0, isEarlier);
        const auto end = std::lower_bound(begin, hits.end(), part.back().gridS + 1.0, isEarlier);
        const auto near =
            hits.subspan(static_cast<std::size_t>(begin - hits.begin()), static_cast<std::size_t>(end - begin));
        const Expectation expected{std::vector<double>(part.size(), now), {}};
        const Assignment found = solve(part, near, expected).assignment;
        std::vector<double> offsets;
        for (std::size_t i = 0; i < part.size(); ++i)
            if (found.hitOfEvent[i] != kNone && part[i].role == Role::Main)
                offsets.push_back(near[static_cast<std::size_t>(found.hitOfEvent[i])].timeS - part[i].gridS);
        if (offsets.size() >= kFewest) now = medianOf(std::move(offsets));
        std::fill_n(shift.begin() + static_cast<std::ptrdiff_t>(from), part.size(), now);
    }
    return shift;
}

std::array<std::optional<double>, kClasses> usualDbOf(std::span<const PageEvent> events, std::span<const Sounding> hits,
                                                      const Assignment& found) {
    constexpr std::size_t kFewest = 4;
    std::array<std::vector<double>, kClasses> levels;
    for (std::size_t i = 0; i < events.size(); ++i)
        if (found.hitOfEvent[i] != kNone)
            levels[classOf(events[i])].push_back(hits[static_cast<std::size_t>(found.hitOfEvent[i])].levelDb);
    std::array<std::optional<double>, kClasses> usual;
    for (std::size_t c = 0; c < kClasses; ++c)
        if (levels[c].size() >= kFewest) usual[c] = medianOf(levels[c]);
    return usual;
}

std::map<std::size_t, double> usualTopDbOf(std::span<const PageEvent> events, std::span<const Sounding> hits,
                                           const Assignment& found) {
    constexpr std::size_t kFewest = 6;
    constexpr double kFarDb = 8;
    std::map<std::size_t, double> usual;
    if (std::none_of(hits.begin(), hits.end(), [](const Sounding& h) { return h.foreign; })) return usual;
    std::map<std::size_t, std::vector<double>> rises;
    for (std::size_t i = 0; i < events.size(); ++i)
        if (found.hitOfEvent[i] != kNone)
            rises[soundOf(events[i])].push_back(hits[static_cast<std::size_t>(found.hitOfEvent[i])].topDb);
    for (auto& [sound, list] : rises) {
        const double middle = list.size() < kFewest ? 0 : medianOf(std::move(list));
        if (middle >= kFarDb) usual[sound] = middle;
    }
    return usual;
}

/// What the player does at the same place in every pass is expected there.
void addHabits(std::vector<double>& shiftS, std::span<const PageEvent> events, std::span<const Sounding> hits,
               const Assignment& found) {
    constexpr std::size_t kFewest = 3;
    std::map<int, std::vector<double>> away;
    for (std::size_t i = 0; i < events.size(); ++i) {
        if (found.hitOfEvent[i] == kNone) continue;
        const Sounding& hit = hits[static_cast<std::size_t>(found.hitOfEvent[i])];
        if (hit.strength >= kFirmStrength) away[events[i].habit].push_back(hit.timeS - events[i].gridS - shiftS[i]);
    }
    std::map<int, double> habits;
    for (const auto& [habit, offsets] : away)
        if (offsets.size() >= kFewest) habits[habit] = medianOf(offsets);
    for (std::size_t i = 0; i < events.size(); ++i)
        if (const auto habit = habits.find(events[i].habit); habit != habits.end()) shiftS[i] += habit->second;
}

/// How far this player's firm main strokes usually lie from where they are expected, as a robust standard deviation.
double usualScatter(std::span<const PageEvent> events, std::span<const Sounding> hits, const Assignment& found,
                    const std::vector<double>& shiftS) {
    constexpr std::size_t kFewest = 12;
    constexpr double kLeastS = 0.004;
    std::vector<double> away;
    for (std::size_t i = 0; i < events.size(); ++i) {
        if (found.hitOfEvent[i] == kNone || events[i].role == Role::Grace) continue;
        const Sounding& hit = hits[static_cast<std::size_t>(found.hitOfEvent[i])];
        if (hit.strength >= kFirmStrength) away.push_back(std::abs(hit.timeS - events[i].gridS - shiftS[i]));
    }
    return away.size() < kFewest ? 1.0 : std::max(kLeastS, 1.4826 * medianOf(std::move(away)));
}

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
        sounding.unlike = hits[j].unlike;
        sounding.topDb = hits[j].topDb;
        list.push_back(sounding);
    }
    return list;
}

Assignment match(std::span<const PageEvent> events, std::span<const Sounding> hits) {
    Expectation expected;
    expected.shiftS = follow(events, hits);
    const Assignment first = solve(events, hits, expected).assignment;
    expected.shiftS = slowShift(events, hits, first);
    expected.usualDb = usualDbOf(events, hits, first);
    expected.usualTopDb = usualTopDbOf(events, hits, first);
    expected.scatterS = usualScatter(events, hits, first, expected.shiftS);
    addHabits(expected.shiftS, events, hits, first);
    return solve(events, hits, expected).assignment;
}

namespace {

/// Matches some of the events with some of the hits and enters what is found into the whole.
void matchSome(std::span<const PageEvent> events, std::span<const Sounding> hits,
               const std::vector<std::size_t>& someEvents, const std::vector<std::size_t>& someHits,
               Assignment& whole) {
    std::vector<PageEvent> ownEvents;
    std::vector<Sounding> ownHits;
    ownEvents.reserve(someEvents.size());
    ownHits.reserve(someHits.size());
    for (const std::size_t i : someEvents) ownEvents.push_back(events[i]);
    for (const std::size_t j : someHits) ownHits.push_back(hits[j]);
    if (ownEvents.empty() || ownHits.empty()) return;
    const Assignment found = match(ownEvents, ownHits);
    for (std::size_t i = 0; i < ownEvents.size(); ++i) {
        if (found.hitOfEvent[i] == kNone) continue;
        const std::size_t hit = someHits[static_cast<std::size_t>(found.hitOfEvent[i])];
        whole.hitOfEvent[someEvents[i]] = static_cast<int>(hit);
        whole.eventOfHit[hit] = static_cast<int>(someEvents[i]);
    }
}

}  // namespace

Assignment matchByVoice(std::span<const PageEvent> events, std::span<const Sounding> hits) {
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
        matchSome(events, hits, someEvents, someHits, whole);
    }
    return whole;
}

double costInPlace(std::span<const PageEvent> events, std::span<const Sounding> hits) {
    Expectation expected = usualByShare(events, hits);
    expected.shiftS = follow(events, hits);
    return solve(events, hits, expected).cost;
}

}  // namespace upbeat
