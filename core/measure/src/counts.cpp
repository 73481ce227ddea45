#include "upbeat/measure/counts.h"

#include <algorithm>

#include "upbeat/music/dynamics.h"

namespace upbeat {

namespace {

/// A microphone tells instruments apart; how an instrument was struck only MIDI knows.
bool isAnotherDrum(const Hit& hit, Voice written) {
    if (!hit.voice || hit.doubtful) return false;
    return hit.exact ? *hit.voice != written : instrumentOf(*hit.voice) != instrumentOf(written);
}

}  // namespace

Counts measureCounts(const MatchedTake& take, const Balance& balance) {
    Counts counts;
    counts.missed = static_cast<int>(take.missed.size());
    counts.extra = static_cast<int>(take.extra.size());
    counts.graceMissed = static_cast<int>(take.missedGrace.size());
    for (const MatchedStroke& s : take.strokes) {
        if (s.written.role != Role::Main) continue;
        ++counts.played;
        if (!s.shared && isAnotherDrum(take.hits[static_cast<std::size_t>(s.hit)], s.stroke.voice))
            counts.wrongVoice.push_back(s.written);
        if ((s.shared && !s.carries) || swellAt(take.exercise, s.stroke.at)) continue;
        if (soundedLevel(balance, s.levelDb, s.stroke.level) != s.stroke.level) ++counts.wrongClass;
    }
    for (const Break& pause : take.breaks) counts.written += pause.strokes;
    counts.written += counts.played + counts.missed;

    counts.surplusByBar.assign(static_cast<std::size_t>(std::max(0, take.bars)), 0);
    const auto add = [&](double timeS, int change) {
        const auto index = static_cast<std::size_t>(
            std::clamp(barsBefore(take.exercise, Bpm(take.tempoBpm), timeS), 0.0, std::max(0.0, take.bars - 1.0)));
        if (index < counts.surplusByBar.size()) counts.surplusByBar[index] += change;
    };
    for (const WrittenStroke& w : take.missed) add(w.gridS, -1);
    for (const int hit : take.extra)
        add(take.hits[static_cast<std::size_t>(hit)].timeS - take.firstBeatS - take.latencyS, +1);
    return counts;
}

}  // namespace upbeat
