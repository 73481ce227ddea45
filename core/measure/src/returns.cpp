#include "upbeat/measure/returns.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "upbeat/music/bars.h"

namespace upbeat {

namespace {

/// The main strokes of a bar in order, by the beat they stand in.
using StrokesByBeat = std::map<int, std::vector<const MatchedStroke*>>;
/// By bar of the take, from 0.
using StrokesByBar = std::map<int, StrokesByBeat>;

StrokesByBar strokesByBar(const MatchedTake& take) {
    StrokesByBar bars;
    for (const MatchedStroke& s : take.strokes) {
        if (s.written.role != Role::Main) continue;
        const CountedBeat beat = beatAt(take.exercise, s.stroke.at);
        bars[(s.written.pass - 1) * take.exercise.bars + beat.bar - 1][beat.number].push_back(&s);
    }
    return bars;
}

std::vector<double> offsetsOf(const std::vector<const MatchedStroke*>& strokes) {
    std::vector<double> offsets;
    offsets.reserve(strokes.size());
    for (const MatchedStroke* s : strokes) offsets.push_back(s->offsetMs);
    return offsets;
}

std::optional<double> meanOf(const StrokesByBeat& bar) {
    std::vector<double> all;
    for (const auto& [beat, strokes] : bar)
        for (const double offset : offsetsOf(strokes)) all.push_back(offset);
    return all.empty() ? std::nullopt : std::optional(mean(all));
}

/// The first stroke on the first beat, with what is struck together with it.
std::optional<double> landingOf(const StrokesByBeat& bar) {
    const auto beat = bar.find(1);
    if (beat == bar.end()) return std::nullopt;
    auto together = beat->second;
    std::erase_if(together, [&](const MatchedStroke* s) { return s->stroke.at != beat->second.front()->stroke.at; });
    return mean(offsetsOf(together));
}

bool isFreeBar(const Exercise& e, int bar) {
    const Bar whole = barOf(e, bar % e.bars + 1);
    return std::any_of(e.freeSpans.begin(), e.freeSpans.end(), [&whole](const FreeSpan& span) {
        return span.notes == 0 && span.from <= whole.start && span.to >= whole.end();
    });
}

/// From one beat to the next more than half of the whole way: a jump.
Return::Way wayOf(const std::vector<double>& beats) {
    constexpr std::size_t kFewestBeats = 4;
    constexpr double kToldMs = 10;
    constexpr double kOfTheWay = 0.6;
    const double whole = beats.back() - beats.front();
    if (beats.size() < kFewestBeats || std::abs(whole) < kToldMs) return Return::Way::Hidden;
    double most = 0;
    for (std::size_t i = 1; i < beats.size(); ++i)
        most = std::max(most, (beats[i] - beats[i - 1]) * (whole > 0 ? 1 : -1));
    return most > kOfTheWay * std::abs(whole) ? Return::Way::Jump : Return::Way::Drift;
}

/// Bars without click or page; the one behind them has it again.
struct Away {
    int first = 0;
    int behind = 0;
    bool free = false;
};

std::vector<Away> stretchesAway(const MatchedTake& take) {
    std::vector<Away> all;
    std::optional<Away> now;
    for (int bar = 0; bar < take.bars; ++bar) {
        const bool isFree = isFreeBar(take.exercise, bar);
        if (!isFree && !take.silent.holds(bar)) {
            if (now && now->first > 0) all.push_back({now->first, bar, now->free});
            now.reset();
        } else if (!now) {
            now = Away{bar, bar, isFree};
        }
    }
    return all;
}

std::optional<Return> returnFrom(const Away& away, StrokesByBar& bars) {
    const auto before = meanOf(bars[away.first - 1]);
    const auto lands = landingOf(bars[away.behind]);
    if (!before || !lands) return std::nullopt;
    std::vector<double> beats{*before};
    for (int bar = away.first; bar < away.behind; ++bar)
        for (const auto& [beat, strokes] : bars[bar]) beats.push_back(mean(offsetsOf(strokes)));
    beats.push_back(*lands);
    return Return{away.behind + 1, away.behind - away.first, away.free, *lands - *before, wayOf(beats)};
}

/// Where the page is met again behind a span that asks for a number of notes: against the bar's length before it.
std::optional<Return> returnBehind(const MatchedTake& take, int pass, const FreeSpan& span) {
    const Exercise& e = take.exercise;
    const Beats bar = barAt(e, span.from).meter.barLength();
    std::vector<double> before;
    std::vector<double> lands;
    const Beats end = span.to == e.length() ? Beats(0) : span.to;  // the next pass goes on there
    const int after = span.to == e.length() ? pass + 1 : pass;
    for (const MatchedStroke& s : take.strokes) {
        if (s.written.role != Role::Main) continue;
        if (s.written.pass == pass && s.stroke.at < span.from && !(s.stroke.at < span.from - bar))
            before.push_back(s.offsetMs);
        if (s.written.pass == after && s.stroke.at == end) lands.push_back(s.offsetMs);
    }
    if (before.empty() || lands.empty()) return std::nullopt;
    const int number = (after - 1) * e.bars + barAt(e, end).number;
    return Return{number, 0, true, mean(lands) - mean(before), Return::Way::Hidden};
}

}  // namespace

std::optional<Returns> measureReturns(const MatchedTake& take) {
    StrokesByBar bars = strokesByBar(take);
    Returns returns;
    for (const Away& away : stretchesAway(take))
        if (const auto found = returnFrom(away, bars)) returns.all.push_back(*found);
    for (int pass = 1; pass <= take.passes; ++pass)
        for (const FreeSpan& span : take.exercise.freeSpans)
            if (span.notes > 0)
                if (const auto found = returnBehind(take, pass, span)) returns.all.push_back(*found);
    std::stable_sort(returns.all.begin(), returns.all.end(),
                     [](const Return& a, const Return& b) { return a.bar < b.bar; });
    if (returns.all.empty()) return std::nullopt;
    std::vector<double> lands;
    std::vector<double> off;
    for (const Return& one : returns.all) lands.push_back(one.landsMs), off.push_back(std::abs(one.landsMs));
    returns.landsMs = meanFigure(lands);
    returns.offMs = meanFigure(off);
    return returns;
}

}  // namespace upbeat
