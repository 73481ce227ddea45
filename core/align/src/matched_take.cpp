#include "upbeat/align/matched_take.h"

#include <algorithm>
#include <cmath>

#include "breaks.h"
#include "hidden_strokes.h"
#include "page_and_hits.h"
#include "second_sounds.h"
#include "unison_halves.h"
#include "upbeat/signal/sharpen.h"
#include "upbeat/units/near.h"

namespace upbeat {

namespace {

constexpr double kNearClickS = 0.012;

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
    Break result{page[static_cast<std::size_t>(events[first].written.front())].gridS, span.beats, 0, span.atEnd};
    for (std::size_t i = span.from; i < span.to; ++i)
        if (events[i].role == Role::Main) result.strokes += static_cast<int>(events[i].written.size());
    return result;
}

/// Everything that is known of a take on the way from hits and page to the matched take.
struct Matching {
    const Exercise& exercise;
    const TakeFrame& frame;
    std::vector<WrittenStroke> page;
    std::vector<Hit> hits;
    std::vector<double> clicksS;     ///< Of a click that is heard.
    std::vector<double> refusedS{};  ///< Of the sounds that were refused.
    std::vector<PageEvent> events{};
    std::vector<Sounding> sounding{};
    Assignment found{};
    std::vector<bool> hidden{};      ///< By event: it is not heard for itself.
    std::vector<int> hitOfStroke{};  ///< By stroke of the page.
    std::vector<int> otherHit{};     ///< By event: its second sound, where nobody can tell who plays which.
    std::vector<int> asHeard{};      ///< Hits whose onset is left where the detector found it.
    std::vector<BreakSpan> breaks{};

    /// Of an event, what is heard in one sound with a stroke.
    [[nodiscard]] PageEvent sharing(std::size_t event, int stroke) const {
        PageEvent part = events[event];
        std::erase_if(part.written, [&](int w) {
            return hitOfStroke[static_cast<std::size_t>(w)] != hitOfStroke[static_cast<std::size_t>(stroke)];
        });
        return part;
    }
};

/// Gives every stroke of the page the hit of its event, or the other half of it where that was heard.
void giveHits(Matching& m, bool apart) {
    m.hitOfStroke.assign(m.page.size(), kNone);
    m.otherHit.assign(m.events.size(), kNone);
    for (std::size_t i = 0; i < m.events.size(); ++i)
        for (const int w : m.events[i].written) m.hitOfStroke[static_cast<std::size_t>(w)] = m.found.hitOfEvent[i];
    if (apart) return;
    std::vector<Voice> voices;
    voices.reserve(m.page.size());
    for (const WrittenStroke& w : m.page)
        voices.push_back(m.exercise.strokes[static_cast<std::size_t>(w.stroke)].voice);
    for (const UnisonHalf& half : findUnisonHalves(m.events, voices, m.hits, m.sounding, m.found)) {
        const auto j = static_cast<std::size_t>(half.hit);
        if (half.byChance) {
            m.hits[j].foreign = m.sounding[j].foreign = true;
            continue;
        }
        for (const int w : half.written) m.hitOfStroke[static_cast<std::size_t>(w)] = half.hit;
        if (half.written.empty()) m.otherHit[half.event] = half.hit;
        if (half.cymbals) m.asHeard.push_back(half.hit);
        m.found.eventOfHit[j] = static_cast<int>(half.event);
    }
}

Matching matched(const Exercise& exercise, const TakeFrame& frame, const HeardTake& heard, int passes) {
    constexpr double kOnClickS = 0.003;
    Matching m{exercise, frame, pageOf(exercise, frame, passes), hitsOfThePage(exercise, frame, heard.hits),
               clicksHeardS(exercise, frame)};
    const bool apart =
        !m.hits.empty() && std::all_of(m.hits.begin(), m.hits.end(), [](const Hit& h) { return h.voice.has_value(); });
    m.events = eventsOf(exercise, m.page, apart);
    m.sounding = soundings(m.hits, frame.firstBeatS, frame.latencyS);
    if (!apart) markSecondSounds(m.sounding, m.events);
    for (Sounding& s : m.sounding) {
        s.click = isNearOne(m.clicksS, s.timeS, kOnClickS);
        if (s.refused) m.refusedS.push_back(s.timeS);
    }
    const double beatS = beatDuration(Bpm(frame.tempoBpm)).value();
    const Route route = findRoute(m.events, m.sounding, beatS, sectionStartsS(exercise, frame.tempoBpm, passes));
    moveTo(m.events, route.runs, beatS);
    m.found = matchAlong(route, m.events, m.sounding, beatS, apart);
    m.hidden = apart ? shareHidden(m.events, m.hits, m.found) : std::vector<bool>(m.events.size());
    giveHits(m, apart);
    m.breaks = findBreaks(m.events, m.sounding, m.found, route.runs, barDurationS(exercise, Bpm(frame.tempoBpm)));
    return m;
}

/// Whether a hit that no stroke of the page explains is one that nobody wrote.
bool isExtra(const Matching& m, std::size_t j) {
    const double timeS = m.sounding[j].timeS;
    return m.found.eventOfHit[j] == kNone && !isClosingStroke(m.exercise, m.frame, timeS) &&
           !belongsToUnison(m.events, m.found, m.sounding, j) && !isInBreak(m.breaks, timeS) &&
           !isImprovised(m.exercise, m.frame.tempoBpm, timeS) && !isBounce(m.exercise, m.page, m.events, timeS);
}

/// Enters what sounded and is no stroke, once for each sound.
void keepPale(const Matching& m, MatchedTake& take) {
    for (std::size_t j = 0; j < m.hits.size(); ++j) {
        const Hit& hit = m.hits[j];
        if (!hit.foreign || m.found.eventOfHit[j] != kNone || (hit.strength < kFirmStrength && !hit.refused)) continue;
        if (isNearOne(m.clicksS, m.sounding[j].timeS, kNearClickS) || isSecondSound(m.found, m.sounding, j)) continue;
        if (take.pale.empty() || hit.timeS - take.pale.back().timeS > kOneSyllableS)
            take.pale.push_back(hit);
        else
            take.pale.back().refused |= hit.refused;
    }
}

/// Whether a sound that was refused is all that was heard where a stroke is written: nobody knows if it was played.
bool isCovered(const Matching& m, std::size_t event) {
    return isNearOne(m.refusedS, m.events[event].gridS, kOneSyllableS);
}

/// Enters the hits that are strokes; gives where each of them now stands.
std::vector<int> keepHits(const Matching& m, MatchedTake& take) {
    std::vector<int> keptIndex(m.hits.size(), kNone);
    for (std::size_t j = 0; j < m.hits.size(); ++j) {
        const bool isUnwritten = m.found.eventOfHit[j] == kNone;
        if (!counts(m.hits[j], m.sounding[j], m.found.eventOfHit[j])) continue;
        if (isUnwritten && isNearOne(m.clicksS, m.sounding[j].timeS, kNearClickS)) continue;
        if (isUnwritten && !m.hits[j].exact && isSecondSound(m.found, m.sounding, j)) continue;
        keptIndex[j] = static_cast<int>(take.hits.size());
        if (isExtra(m, j)) take.extra.push_back(keptIndex[j]);
        take.hits.push_back(m.hits[j]);
    }
    return keptIndex;
}

MatchedStroke strokeOf(const Matching& m, std::size_t event, int index, const Hit& sharpened) {
    const WrittenStroke& w = m.page[static_cast<std::size_t>(index)];
    const auto j = static_cast<std::size_t>(m.hitOfStroke[static_cast<std::size_t>(index)]);
    const PageEvent own = m.sharing(event, index);
    MatchedStroke matched;
    matched.written = w;
    matched.stroke = m.exercise.strokes[static_cast<std::size_t>(w.stroke)];
    // A sound that is asked for at two places at once is not wrong at either, nor between them.
    const double awayS = sharpened.timeS - m.frame.firstBeatS - m.frame.latencyS - w.gridS - movedS(own, m.page);
    const AskedRange asked = askedRange(own, m.page);
    matched.askedMs = std::clamp(awayS, asked.from, asked.to) * 1e3;
    matched.askedApart = asked.from != asked.to;
    matched.offsetMs = awayS * 1e3 - matched.askedMs;
    matched.levelDb = m.hits[j].levelDb;
    matched.shared = own.written.size() > 1 || m.hidden[event];
    matched.carries = matched.shared && !m.hidden[event] && isLoudest(m.exercise, m.page, own, w);
    matched.levelKnown = !m.hits[j].clipped;
    return matched;
}

}  // namespace

MatchedTake matchTake(const Exercise& exercise, const TakeFrame& frame, const HeardTake& heard) {
    const int passes = (frame.bars + exercise.bars - 1) / exercise.bars;
    const Matching m = matched(exercise, frame, heard, passes);
    MatchedTake take;
    take.exercise = exercise;
    take.tempoBpm = frame.tempoBpm;
    take.bars = frame.bars;
    take.passes = passes;
    take.firstBeatS = frame.firstBeatS;
    take.latencyS = frame.latencyS;
    take.anchor = frame.anchor;
    take.damaged = frame.damaged;
    take.silent = frame.silent;
    take.trace = heard.trace;
    for (const BreakSpan& span : m.breaks) take.breaks.push_back(toBreak(span, m.events, m.page));
    const auto keptIndex = keepHits(m, take);
    keepPale(m, take);
    sharpenOnsets(take.hits);
    for (const int j : m.asHeard)
        take.hits[static_cast<std::size_t>(keptIndex[static_cast<std::size_t>(j)])].timeS =
            m.hits[static_cast<std::size_t>(j)].timeS;
    for (std::size_t i = 0; i < m.events.size(); ++i) {
        for (const int index : m.events[i].written) {
            const WrittenStroke& w = m.page[static_cast<std::size_t>(index)];
            const int hit = m.hitOfStroke[static_cast<std::size_t>(index)];
            if (hit == kNone) {
                if (isEventInBreak(m.breaks, i) || isCovered(m, i)) continue;
                (w.role == Role::Grace ? take.missedGrace : take.missed).push_back(w);
                continue;
            }
            const int kept = keptIndex[static_cast<std::size_t>(hit)];
            take.strokes.push_back(strokeOf(m, i, index, take.hits[static_cast<std::size_t>(kept)]));
            take.strokes.back().hit = kept;
            if (const int other = m.otherHit[i]; other != kNone)
                take.strokes.back().otherHit = keptIndex[static_cast<std::size_t>(other)];
        }
    }
    return take;
}

}  // namespace upbeat
