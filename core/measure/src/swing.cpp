#include "upbeat/measure/swing.h"

#include <cmath>
#include <map>
#include <vector>

#include "upbeat/music/bars.h"
#include "upbeat/music/page.h"
#include "upbeat/music/tempo_map.h"
#include "upbeat/music/written_swing.h"

namespace upbeat {

namespace {

struct Onset {
    double at = 0;  ///< Where it sounds, in written quarters of the take: neither tempo nor a held bar bends a span.
    bool opensSpan = false;  ///< A span that is divided long-short begins here.
};

/// By position counted over the whole take, so that the end of one pass is the start of the next.
using Onsets = std::map<Beats, Onset>;

Onsets onsetsByPosition(const MatchedTake& take, const Beats& span) {
    const Bpm tempo(take.tempoBpm);
    const TempoMap map(take.exercise);
    const double quarter = quarterS(take.exercise.meter, tempo);
    const double pass = passDurationS(take.exercise, tempo);
    Onsets onsets;
    for (const MatchedStroke& s : take.strokes) {
        if (s.written.role != Role::Main) continue;
        const Bar bar = barAt(take.exercise, s.stroke.at);
        const Beats inBar = s.stroke.at - bar.start;
        const bool opens = wrapped(inBar, span) == Beats(0) && !(bar.meter.barLength() < inBar + span);
        const Beats before = take.exercise.length() * (s.written.pass - 1);
        const double inPassS = s.written.gridS + s.offsetMs * 1e-3 - (s.written.pass - 1) * pass;
        onsets.emplace(s.stroke.at + before, Onset{before.toDouble() + map.writtenAt(inPassS / quarter), opens});
    }
    return onsets;
}

/// What stands between the ends of a span: in the middle of it, or where the page has the only one.
Onsets::const_iterator middleOf(const Onsets& onsets, const Beats& at, const Beats& span, bool asItSounds) {
    if (!asItSounds) return onsets.find(at + span / 2);
    const auto next = onsets.upper_bound(at);
    return next != onsets.end() && next->first < at + span ? next : onsets.end();
}

}  // namespace

std::optional<Swing> measureSwing(const MatchedTake& take) {
    const std::optional<Feel> written = writtenSwing(take.exercise);
    const Feel feel = written ? *written : feelOf(take.exercise, Bpm(take.tempoBpm));
    if (!feel.isSwung()) return std::nullopt;
    const Beats span = swungSpan(feel.level);
    const Onsets onsets = onsetsByPosition(take, span);
    std::vector<double> logs;
    std::vector<double> firsts;
    std::vector<double> seconds;
    for (const auto& [at, start] : onsets) {
        if (!start.opensSpan) continue;
        const auto middle = middleOf(onsets, at, span, written.has_value());
        const auto next = onsets.find(at + span);
        if (middle == onsets.end() || next == onsets.end()) continue;
        const double first = middle->second.at - start.at;
        const double second = next->second.at - middle->second.at;
        if (first <= 0 || second <= 0) continue;
        logs.push_back(std::log(first / second));
        firsts.push_back(first);
        seconds.push_back(second);
    }
    Swing swing{std::nullopt, std::nullopt, feel.ratio};
    if (logs.size() < 4) return swing;
    const int n = static_cast<int>(logs.size());
    // The logarithm of a scattering length is low on average by half its squared relative scatter; the shorter part
    // scatters more, so the ratio would come out too large.
    const auto lowBy = [](const std::vector<double>& lengths) {
        return 0.5 * std::pow(standardDeviation(lengths) / mean(lengths), 2.0);
    };
    const double centre = mean(logs) + lowBy(firsts) - lowBy(seconds);
    const Figure log = withError(centre, standardDeviation(logs) / std::sqrt(n), n);
    const auto place = [](double l) { return offbeatPercent(std::exp(l)); };
    swing.ratio = Figure{std::exp(log.value), std::exp(log.low), std::exp(log.high), n};
    swing.offbeatPercent = Figure{place(log.value), place(log.low), place(log.high), n};
    return swing;
}

}  // namespace upbeat
