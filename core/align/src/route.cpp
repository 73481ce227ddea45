#include "upbeat/align/route.h"

#include <algorithm>

#include "cheapest_route.h"
#include "table.h"

namespace upbeat {

namespace {

/// The indices of the events that were not left out.
std::vector<std::size_t> playedOf(const Route& route, std::size_t events) {
    std::vector<std::size_t> played;
    for (std::size_t i = 0; i < events; ++i)
        if (std::none_of(route.leftOut.begin(), route.leftOut.end(),
                         [i](const EventRun& run) { return i >= run.from && i < run.to; }))
            played.push_back(i);
    return played;
}

std::vector<PageEvent> these(std::span<const PageEvent> events, const std::vector<std::size_t>& indices) {
    std::vector<PageEvent> some;
    some.reserve(indices.size());
    for (const std::size_t i : indices) some.push_back(events[i]);
    return some;
}

}  // namespace

void moveTo(std::span<PageEvent> events, std::span<const MovedRun> runs, double beatS) {
    for (std::size_t s = 0; s < runs.size(); ++s) {
        const std::size_t end = s + 1 < runs.size() ? runs[s + 1].firstEvent : events.size();
        for (std::size_t i = runs[s].firstEvent; i < end; ++i) events[i].gridS += runs[s].beats * beatS;
    }
}

Route findRoute(std::span<const PageEvent> events, std::span<const Sounding> hits, double beatS,
                std::span<const double> sectionStartsS) {
    if (events.empty() || hits.empty()) return {};
    Route route = cheapestRoute(events, hits, beatS, sectionStartsS);
    if (route.runs.size() == 1 && route.runs.front().beats == 0) return {};
    std::vector<PageEvent> moved(events.begin(), events.end());
    moveTo(moved, route.runs, beatS);
    const double moves = kMoveCost * static_cast<double>(route.runs.size() - 1) +
                         kLeaveOutCost * static_cast<double>(route.leftOut.size());
    const double along = costInPlace(these(moved, playedOf(route, moved.size())), hits) + moves;
    return along < costInPlace(events, hits) ? route : Route();
}

Assignment matchAlong(const Route& route, std::span<const PageEvent> events, std::span<const Sounding> hits,
                      bool byVoice) {
    const auto played = playedOf(route, events.size());
    const Assignment found = byVoice ? matchByVoice(these(events, played), hits) : match(these(events, played), hits);
    Assignment whole{std::vector<int>(events.size(), kNone), std::vector<int>(hits.size(), kNone)};
    for (std::size_t i = 0; i < played.size(); ++i) {
        const int hit = found.hitOfEvent[i];
        if (hit == kNone) continue;
        whole.hitOfEvent[played[i]] = hit;
        whole.eventOfHit[static_cast<std::size_t>(hit)] = static_cast<int>(played[i]);
    }
    return whole;
}

}  // namespace upbeat
