#include "upbeat/align/route.h"

#include <algorithm>

#include "cheapest_route.h"
#include "page_beats.h"
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

/// What was played in order of time: the events that were not left out, and those that came again.
struct Walk {
    std::vector<PageEvent> events;
    std::vector<int> of;  ///< By event of the walk: the event of the page; kNone where it came again.
};

Walk walkOf(const Route& route, std::span<const PageEvent> events, double beatS) {
    Walk walk;
    for (const std::size_t i : playedOf(route, events.size())) {
        for (const PlayedAgain& again : route.again) {
            if (again.events.to != i) continue;
            for (std::size_t k = again.events.from; k < i; ++k) {
                walk.events.push_back(events[k]);
                walk.events.back().gridS += again.beats * beatS;
                walk.of.push_back(kNone);
            }
        }
        walk.events.push_back(events[i]);
        walk.of.push_back(static_cast<int>(i));
    }
    return walk;
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
                         kLeaveOutCost * static_cast<double>(route.leftOut.size() + route.again.size());
    Walk walk = walkOf(route, moved, beatS);
    // The recording ends with the page: of what comes later for a section played again nothing can be heard.
    const double endS = events.back().gridS + kEarlierS;
    if (!route.again.empty())
        std::erase_if(walk.events, [endS](const PageEvent& event) { return event.gridS >= endS; });
    const double along = costInPlace(walk.events, hits) + moves;
    return along < costInPlace(events, hits) ? route : Route();
}

Assignment matchAlong(const Route& route, std::span<const PageEvent> events, std::span<const Sounding> hits,
                      double beatS, bool byVoice) {
    const Walk walk = walkOf(route, events, beatS);
    const Assignment found = byVoice ? matchByVoice(walk.events, hits) : match(walk.events, hits);
    Assignment whole{std::vector<int>(events.size(), kNone), std::vector<int>(hits.size(), kNone)};
    for (std::size_t i = 0; i < walk.of.size(); ++i) {
        const int hit = found.hitOfEvent[i];
        if (hit == kNone || walk.of[i] == kNone) continue;
        whole.hitOfEvent[static_cast<std::size_t>(walk.of[i])] = hit;
        whole.eventOfHit[static_cast<std::size_t>(hit)] = walk.of[i];
    }
    return whole;
}

}  // namespace upbeat
