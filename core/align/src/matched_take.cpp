#include "upbeat/align/matched_take.h"

#include <algorithm>
#include <cmath>

#include "breaks.h"
#include "second_sounds.h"
#include "upbeat/signal/sharpen.h"

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
    const double end = frame.firstBeatS + frame.latencyS + barStartS(e, tempo, frame.bars) + 0.2 * halfBeat;
    std::vector<Hit> kept;
    std::copy_if(hits.begin(), hits.end(), std::back_inserter(kept), [&](const Hit& hit) {
        return hit.timeS >= start && hit.timeS < end && !inside(frame.damaged, hit.timeS);
    });
    return kept;
}

/// The strokes of the bars that were played, are not damaged and not left to the player.
std::vector<WrittenStroke> pageOf(const Exercise& e, const TakeFrame& frame, int passes) {
    const Bpm tempo(frame.tempoBpm);
    auto page = writeOut(e, tempo, passes);
    constexpr double kEarlierS = 0.02;  // a swung or grace note never lies this close to the next bar's first beat
    const double end = barStartS(e, tempo, frame.bars) - kEarlierS;
    const double start = frame.firstBeatS + frame.latencyS;
    std::erase_if(page, [&e](const WrittenStroke& w) {
        const Stroke& stroke = e.strokes[static_cast<std::size_t>(w.stroke)];
        return !stroke.anchor && isFree(e, stroke.at);
    });
    std::erase_if(page,
                  [&](const WrittenStroke& w) { return w.gridS > end || inside(frame.damaged, start + w.gridS); });
    return page;
}

bool onAClick(const TakeFrame& frame, double timeS, double nearS) {
    const double beat = 60.0 / frame.tempoBpm;
    return frame.clickBleed && std::abs(std::remainder(timeS, beat)) < nearS;
}

/// Whether any other hit nearer than `reachS` to hit j is one that `is` accepts.
template <class Is>
bool anyNear(const std::vector<Sounding>& hits, std::size_t j, double reachS, Is is) {
    for (std::size_t k = j; k-- > 0 && hits[j].timeS - hits[k].timeS < reachS;)
        if (is(k)) return true;
    for (std::size_t k = j + 1; k < hits.size() && hits[k].timeS - hits[j].timeS < reachS; ++k)
        if (is(k)) return true;
    return false;
}

/// Hands and feet that are written together rarely fall together to the millisecond: a second hit beside a unison is
/// the other half of it, not a stroke too many.
bool belongsToUnison(const std::vector<PageEvent>& events, const Assignment& found, const std::vector<Sounding>& hits,
                     std::size_t j) {
    constexpr double kApartS = 0.030;
    return anyNear(hits, j, kApartS, [&](std::size_t k) {
        const int event = found.eventOfHit[k];
        return event != kNone && events[static_cast<std::size_t>(event)].written.size() > 1;
    });
}

/// One drum often speaks twice, stick first and wires after: a hit this near to a stroke of the page is part of it.
bool isSecondSound(const Assignment& found, const std::vector<Sounding>& hits, std::size_t j) {
    return anyNear(hits, j, kSecondSoundS, [&](std::size_t k) { return found.eventOfHit[k] != kNone; });
}

/// Whether a stroke is of a louder class than everything it is struck with.
bool isLoudest(const Exercise& e, const std::vector<WrittenStroke>& page, const PageEvent& event,
               const WrittenStroke& w) {
    const auto levelOf = [&e](const WrittenStroke& s) { return e.strokes[static_cast<std::size_t>(s.stroke)].level; };
    return std::all_of(event.written.begin(), event.written.end(), [&](int index) {
        const WrittenStroke& other = page[static_cast<std::size_t>(index)];
        return other.stroke == w.stroke || levelOf(other) < levelOf(w);
    });
}

/// How far an event was moved from its place on the page.
double movedS(const PageEvent& event, const std::vector<WrittenStroke>& page) {
    return event.gridS - page[static_cast<std::size_t>(event.written.front())].gridS;
}

Break toBreak(const BreakSpan& span, const std::vector<PageEvent>& events, const std::vector<WrittenStroke>& page) {
    const std::size_t first = std::min(span.from, events.size() - 1);
    Break result{page[static_cast<std::size_t>(events[first].written.front())].gridS, span.beats, 0};
    for (std::size_t i = span.from; i < span.to; ++i)
        if (events[i].role == Role::Main) result.strokes += static_cast<int>(events[i].written.size());
    return result;
}

bool isInBreak(const std::vector<BreakSpan>& breaks, double timeS) {
    return std::any_of(breaks.begin(), breaks.end(),
                       [timeS](const BreakSpan& span) { return timeS > span.fromS && timeS < span.toS; });
}

bool isEventInBreak(const std::vector<BreakSpan>& breaks, std::size_t event) {
    return std::any_of(breaks.begin(), breaks.end(),
                       [event](const BreakSpan& span) { return event >= span.from && event < span.to; });
}

/// Whether a time on the page's clock lies in a free span of some pass.
bool isImprovised(const Exercise& e, double tempoBpm, double timeS) {
    const Bpm tempo(tempoBpm);
    const double quarter = quarterS(e.meter, tempo);
    const double inPass = std::fmod(std::max(0.0, timeS), passDurationS(e, tempo)) / quarter;
    return std::any_of(e.freeSpans.begin(), e.freeSpans.end(), [inPass](const FreeSpan& span) {
        constexpr double kEarly = 0.1;  // of a quarter: the first free stroke may come a little early
        return inPass > span.from.toDouble() - kEarly && inPass < span.to.toDouble() - kEarly;
    });
}

/// A stroke that was not heard, but could not have been heard behind what it is written together with, shares that
/// sound: nobody can say that it was missed. Gives the events that do.
std::vector<bool> shareHidden(const std::vector<PageEvent>& events, const std::vector<Hit>& hits, Assignment& found) {
    constexpr double kTogetherS = 1e-4;
    std::vector<bool> hidden(events.size());
    for (std::size_t i = 0; i < events.size(); ++i) {
        if (found.hitOfEvent[i] != kNone || events[i].role == Role::Grace) continue;
        const auto isTogether = [&](std::size_t k) {
            return std::abs(events[k].gridS - events[i].gridS) <= kTogetherS;
        };
        std::size_t k = i;
        while (k > 0 && isTogether(k - 1)) --k;
        for (; k < events.size() && isTogether(k); ++k) {
            if (hidden[k] || found.hitOfEvent[k] == kNone || events[k].role == Role::Grace) continue;
            const Hit& hit = hits[static_cast<std::size_t>(found.hitOfEvent[k])];
            if ((hit.hides & bitOf(instrumentOf(events[i].voice))) == 0) continue;
            found.hitOfEvent[i] = found.hitOfEvent[k];
            hidden[i] = true;
            break;
        }
    }
    return hidden;
}

/// Whether a hit nobody wrote is a bounce of a closed roll: the last stroke before it is one.
bool isBounce(const Exercise& e, const std::vector<WrittenStroke>& page, const std::vector<PageEvent>& events,
              double timeS) {
    constexpr double kEarlyS = 0.02;
    const auto next = std::upper_bound(events.begin(), events.end(), timeS + kEarlyS,
                                       [](double t, const PageEvent& event) { return t < event.gridS; });
    if (next == events.begin()) return false;
    const WrittenStroke& w = page[static_cast<std::size_t>(std::prev(next)->written.front())];
    return e.strokes[static_cast<std::size_t>(w.stroke)].ornament == Ornament::ClosedRoll;
}

/// Two modes of a drum that rings beat against one another: the low bands rise again, but no stick is heard.
bool isBeating(const Hit& hit) {
    constexpr double kSurelyStruck = 30;
    constexpr double kStandsClearDb = 22;
    constexpr std::size_t kLowBands = 5;  // below 3 kHz
    constexpr int kFaint = 60;            // 30 dB below the strongest band
    const int strongest = *std::max_element(hit.colour.begin(), hit.colour.end());
    return hit.strength < kSurelyStruck && hit.contrastDb < kStandsClearDb && isKnown(hit.colour) &&
           std::all_of(hit.colour.begin() + kLowBands, hit.colour.end(),
                       [strongest](std::uint8_t step) { return step < strongest - kFaint; });
}

/// Weak hits and second sounds that the page does not explain were never strokes.
bool counts(const Hit& hit, const Sounding& sounding, int event) {
    return event != kNone || (sounding.strength >= kFirmStrength && !sounding.echo && !isBeating(hit));
}

}  // namespace

MatchedTake matchTake(const Exercise& exercise, const TakeFrame& frame, const HeardTake& heard) {
    constexpr double kNearClickS = 0.012;
    constexpr double kOnClickS = 0.003;
    const int passes = (frame.bars + exercise.bars - 1) / exercise.bars;
    const auto page = pageOf(exercise, frame, passes);
    const auto hits = hitsOfThePage(exercise, frame, heard.hits);
    const bool apart =
        !hits.empty() && std::all_of(hits.begin(), hits.end(), [](const Hit& h) { return h.voice.has_value(); });
    auto events = eventsOf(exercise, page, apart);
    auto sounding = soundings(hits, frame.firstBeatS, frame.latencyS);
    if (!apart) markSecondSounds(sounding, events);
    for (Sounding& s : sounding) s.click = onAClick(frame, s.timeS, kOnClickS);
    const double beatS = beatDuration(Bpm(frame.tempoBpm)).value();
    const auto sections = findSections(events, sounding, beatS);
    moveTo(events, sections, beatS);
    Assignment found = apart ? matchByVoice(events, sounding) : match(events, sounding);
    const auto hidden = apart ? shareHidden(events, hits, found) : std::vector<bool>(events.size());
    const auto breaks = findBreaks(events, sounding, found, sections, barDurationS(exercise, Bpm(frame.tempoBpm)));

    MatchedTake take;
    take.exercise = exercise;
    take.tempoBpm = frame.tempoBpm;
    take.bars = frame.bars;
    take.passes = passes;
    take.firstBeatS = frame.firstBeatS;
    take.latencyS = frame.latencyS;
    take.trace = heard.trace;
    for (const BreakSpan& span : breaks) take.breaks.push_back(toBreak(span, events, page));
    std::vector<int> keptIndex(hits.size(), kNone);
    for (std::size_t j = 0; j < hits.size(); ++j) {
        if (!counts(hits[j], sounding[j], found.eventOfHit[j])) continue;
        if (found.eventOfHit[j] == kNone && onAClick(frame, sounding[j].timeS, kNearClickS)) continue;
        if (found.eventOfHit[j] == kNone && !hits[j].exact && isSecondSound(found, sounding, j)) continue;
        keptIndex[j] = static_cast<int>(take.hits.size());
        if (found.eventOfHit[j] == kNone && !belongsToUnison(events, found, sounding, j) &&
            !isInBreak(breaks, sounding[j].timeS) && !isImprovised(exercise, frame.tempoBpm, sounding[j].timeS) &&
            !isBounce(exercise, page, events, sounding[j].timeS))
            take.extra.push_back(keptIndex[j]);
        take.hits.push_back(hits[j]);
    }
    sharpenOnsets(take.hits);
    for (std::size_t i = 0; i < events.size(); ++i) {
        const int hit = found.hitOfEvent[i];
        for (const int index : events[i].written) {
            const WrittenStroke& w = page[static_cast<std::size_t>(index)];
            if (hit == kNone) {
                if (isEventInBreak(breaks, i)) continue;
                (w.role == Role::Grace ? take.missedGrace : take.missed).push_back(w);
                continue;
            }
            const auto j = static_cast<std::size_t>(hit);
            MatchedStroke matched;
            matched.written = w;
            matched.stroke = exercise.strokes[static_cast<std::size_t>(w.stroke)];
            matched.hit = keptIndex[j];
            const Hit& own = take.hits[static_cast<std::size_t>(matched.hit)];
            matched.offsetMs =
                (own.timeS - frame.firstBeatS - frame.latencyS - w.gridS - movedS(events[i], page)) * 1e3;
            matched.levelDb = hits[j].levelDb;
            matched.shared = events[i].written.size() > 1 || hidden[i];
            matched.carries = matched.shared && !hidden[i] && isLoudest(exercise, page, events[i], w);
            matched.levelKnown = !hits[j].clipped;
            take.strokes.push_back(matched);
        }
    }
    return take;
}

}  // namespace upbeat
