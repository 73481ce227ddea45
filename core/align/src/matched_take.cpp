#include "upbeat/align/matched_take.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

bool inside(const std::vector<DamagedSpan>& spans, double timeS) {
    constexpr double kMarginS = 0.005;
    return std::any_of(spans.begin(), spans.end(), [timeS](const DamagedSpan& span) {
        return timeS >= span.fromS - kMarginS && timeS <= span.toS + kMarginS;
    });
}

std::vector<Hit> hitsOfThePage(const Exercise& e, const TakeFrame& frame, const std::vector<Hit>& hits) {
    const Bpm tempo(frame.tempoBpm);
    const double halfBeat = 0.5 * beatDuration(tempo).value();
    const double start = frame.firstBeatS + frame.latencyS - halfBeat;
    const double end = frame.firstBeatS + frame.latencyS + frame.bars * barDurationS(e.meter, tempo) + 0.2 * halfBeat;
    std::vector<Hit> kept;
    std::copy_if(hits.begin(), hits.end(), std::back_inserter(kept), [&](const Hit& hit) {
        return hit.timeS >= start && hit.timeS < end && !inside(frame.damaged, hit.timeS);
    });
    return kept;
}

/// The strokes of the bars that were played.
std::vector<WrittenStroke> pageOf(const Exercise& e, const TakeFrame& frame, int passes) {
    const Bpm tempo(frame.tempoBpm);
    auto page = writeOut(e, tempo, passes);
    constexpr double kEarlierS = 0.02;  // a swung or grace note never lies this close to the next bar's first beat
    const double end = frame.bars * barDurationS(e.meter, tempo) - kEarlierS;
    std::erase_if(page, [end](const WrittenStroke& w) { return w.gridS > end; });
    return page;
}

bool onAClick(const TakeFrame& frame, double timeS) {
    constexpr double kNearS = 0.012;
    const double beat = 60.0 / frame.tempoBpm;
    return std::abs(std::remainder(timeS, beat)) < kNearS;
}

/// Hands and feet that are written together rarely fall together to the millisecond: a second hit beside a unison is
/// the other half of it, not a stroke too many.
bool belongsToUnison(const std::vector<PageEvent>& events, const Assignment& found, const std::vector<Sounding>& hits,
                     std::size_t j) {
    constexpr double kApartS = 0.030;
    const auto isHalf = [&](std::size_t k) {
        const int event = found.eventOfHit[k];
        return event != kNone && events[static_cast<std::size_t>(event)].written.size() > 1;
    };
    for (std::size_t k = j; k-- > 0 && hits[j].timeS - hits[k].timeS < kApartS;)
        if (isHalf(k)) return true;
    for (std::size_t k = j + 1; k < hits.size() && hits[k].timeS - hits[j].timeS < kApartS; ++k)
        if (isHalf(k)) return true;
    return false;
}

/// Weak hits and second sounds that the page does not explain were never strokes.
bool counts(const Sounding& sounding, int event) {
    return event != kNone || (sounding.strength >= kFirmStrength && !sounding.echo);
}

}  // namespace

MatchedTake matchTake(const Exercise& exercise, const TakeFrame& frame, const std::vector<Hit>& allHits) {
    const int passes = (frame.bars + exercise.bars - 1) / exercise.bars;
    const auto page = pageOf(exercise, frame, passes);
    const auto events = eventsOf(exercise, page);
    const auto hits = hitsOfThePage(exercise, frame, allHits);
    const auto sounding = soundings(hits, frame.firstBeatS, frame.latencyS);
    const Assignment found = match(events, sounding);

    MatchedTake take{exercise, frame.tempoBpm, frame.bars, passes, frame.firstBeatS, frame.latencyS, {}, {}, {}, {},
                     {}};
    std::vector<int> keptIndex(hits.size(), kNone);
    for (std::size_t j = 0; j < hits.size(); ++j) {
        if (!counts(sounding[j], found.eventOfHit[j])) continue;
        if (found.eventOfHit[j] == kNone && frame.clickBleed && onAClick(frame, sounding[j].timeS)) continue;
        keptIndex[j] = static_cast<int>(take.hits.size());
        if (found.eventOfHit[j] == kNone && !belongsToUnison(events, found, sounding, j))
            take.extra.push_back(keptIndex[j]);
        take.hits.push_back(hits[j]);
    }
    for (std::size_t i = 0; i < events.size(); ++i) {
        const int hit = found.hitOfEvent[i];
        for (const int index : events[i].written) {
            const WrittenStroke& w = page[static_cast<std::size_t>(index)];
            if (hit == kNone) {
                if (inside(frame.damaged, frame.firstBeatS + frame.latencyS + w.gridS)) continue;
                (w.role == Role::Grace ? take.missedGrace : take.missed).push_back(w);
                continue;
            }
            const auto j = static_cast<std::size_t>(hit);
            const double offsetMs = (sounding[j].timeS - w.gridS) * 1e3;
            take.strokes.push_back({w, exercise.strokes[static_cast<std::size_t>(w.stroke)], keptIndex[j], offsetMs,
                                    hits[j].levelDb, events[i].written.size() > 1, !hits[j].clipped});
        }
    }
    return take;
}

}  // namespace upbeat
