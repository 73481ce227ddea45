#include "breaks.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace upbeat {

namespace {

class Breaks {
  public:
    Breaks(std::span<const PageEvent> events, std::span<const Sounding> hits, const Assignment& found)
        : m_events(events), m_hits(hits), m_found(found) {}

    /// The run of unplayed events around a place between two events.
    [[nodiscard]] BreakSpan around(std::size_t event, int beats) const {
        BreakSpan span{event, event, beats, 0, 0, false};
        while (span.from > 0 && !isPlayed(span.from - 1)) --span.from;
        while (span.to < m_events.size() && !isPlayed(span.to)) ++span.to;
        constexpr double kHairS = 1e-6;
        span.fromS = span.from > 0 ? timeOf(span.from - 1) + kHairS : -std::numeric_limits<double>::infinity();
        span.toS = span.to < m_events.size() ? timeOf(span.to) - kHairS : std::numeric_limits<double>::infinity();
        return span;
    }

    [[nodiscard]] bool isPlayed(std::size_t event) const { return m_found.hitOfEvent[event] != kNone; }

    [[nodiscard]] double lengthS(const BreakSpan& span) const {
        if (span.from == span.to) return 0;
        const double end = span.to < m_events.size() ? m_events[span.to].gridS
                                                     : m_events[span.to - 1].gridS + m_events[span.to - 1].stepS;
        return end - m_events[span.from].gridS;
    }

    [[nodiscard]] auto strokes(const BreakSpan& span) const {
        const auto some = m_events.subspan(span.from, span.to - span.from);
        return std::count_if(some.begin(), some.end(), [](const PageEvent& e) { return e.role == Role::Main; });
    }

  private:
    [[nodiscard]] double timeOf(std::size_t event) const {
        return m_hits[static_cast<std::size_t>(m_found.hitOfEvent[event])].timeS;
    }

    std::span<const PageEvent> m_events;
    std::span<const Sounding> m_hits;
    const Assignment& m_found;
};

}  // namespace

std::vector<BreakSpan> findBreaks(std::span<const PageEvent> events, std::span<const Sounding> hits,
                                  const Assignment& found, std::span<const MovedRun> runs, double barS) {
    constexpr double kPause = 0.9;
    constexpr int kFewestStrokes = 3;  // fewer are strokes missed where few are written
    const Breaks breaks(events, hits, found);
    std::vector<BreakSpan> spans;
    for (std::size_t s = 1; s < runs.size(); ++s)
        spans.push_back(
            breaks.around(runs[s].firstEvent, static_cast<int>(std::lround(runs[s].beats - runs[s - 1].beats))));
    const auto isTaken = [&](std::size_t event) {
        return std::any_of(spans.begin(), spans.end(),
                           [event](const BreakSpan& span) { return event >= span.from && event < span.to; });
    };
    // Whoever went on late does not reach the end of the page before the recording ends.
    if (runs.back().beats > 0 && !breaks.isPlayed(events.size() - 1) && !isTaken(events.size() - 1)) {
        BreakSpan rest = breaks.around(events.size(), 0);
        rest.toS = rest.fromS;
        rest.atEnd = true;
        spans.push_back(rest);
    }
    // Whoever played less than half of the page did not pause: the page is not what was played.
    const auto unplayed = static_cast<std::size_t>(std::count(found.hitOfEvent.begin(), found.hitOfEvent.end(), kNone));
    const bool played = 2 * unplayed < events.size();
    for (std::size_t i = 0; played && i < events.size(); ++i) {
        if (breaks.isPlayed(i) || isTaken(i)) continue;
        const BreakSpan span = breaks.around(i, 0);
        if (breaks.lengthS(span) >= kPause * barS && breaks.strokes(span) >= kFewestStrokes) spans.push_back(span);
        i = span.to;
    }
    std::sort(spans.begin(), spans.end(), [](const BreakSpan& a, const BreakSpan& b) { return a.from < b.from; });
    return spans;
}

bool isInBreak(std::span<const BreakSpan> breaks, double timeS) {
    return std::any_of(breaks.begin(), breaks.end(),
                       [timeS](const BreakSpan& span) { return timeS > span.fromS && timeS < span.toS; });
}

bool isEventInBreak(std::span<const BreakSpan> breaks, std::size_t event) {
    return std::any_of(breaks.begin(), breaks.end(),
                       [event](const BreakSpan& span) { return event >= span.from && event < span.to; });
}

}  // namespace upbeat
