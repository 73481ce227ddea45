#include "usual.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

std::vector<double> slowShift(std::span<const PageEvent> events, std::span<const Sounding> hits,
                              const Assignment& found, double leastStrength) {
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
            const Sounding& hit = hits[static_cast<std::size_t>(found.hitOfEvent[k])];
            if (hit.strength >= leastStrength) offsets.push_back(hit.timeS - events[k].gridS);
        }
        if (offsets.size() >= kFewest) shift[i] = medianOf(std::move(offsets));
    }
    return shift;
}

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

std::optional<double> usualScatter(std::span<const PageEvent> events, std::span<const Sounding> hits,
                                   const Assignment& found, const std::vector<double>& shiftS, double leastStrength) {
    constexpr std::size_t kFewest = 12;
    constexpr double kLeastS = 0.004;
    std::vector<double> away;
    for (std::size_t i = 0; i < events.size(); ++i) {
        if (found.hitOfEvent[i] == kNone || events[i].role == Role::Grace) continue;
        const Sounding& hit = hits[static_cast<std::size_t>(found.hitOfEvent[i])];
        if (hit.strength >= leastStrength) away.push_back(std::abs(hit.timeS - events[i].gridS - shiftS[i]));
    }
    if (away.size() < kFewest) return std::nullopt;
    return std::max(kLeastS, 1.4826 * medianOf(std::move(away)));
}

}  // namespace upbeat
