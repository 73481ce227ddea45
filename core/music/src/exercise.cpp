#include "upbeat/music/exercise.h"

#include <fmt/format.h>

#include <algorithm>
#include <numeric>
#include <tuple>

#include "upbeat/music/bars.h"

namespace upbeat {

Beats Exercise::length() const {
    return barOf(*this, bars).end();
}

Exercise inOrder(Exercise exercise) {
    std::sort(exercise.strokes.begin(), exercise.strokes.end(), [](const Stroke& a, const Stroke& b) {
        if (a.at != b.at) return a.at < b.at;
        return std::tie(a.voice, a.limb) < std::tie(b.voice, b.limb);
    });
    std::stable_sort(exercise.swells.begin(), exercise.swells.end(),
                     [](const Swell& a, const Swell& b) { return a.from < b.from; });
    return exercise;
}

namespace {

std::string describe(const Exercise& e, const Stroke& stroke) {
    const CountPlace place = placeOf(e, stroke.at);
    const Beats part = place.beat - Beats(place.beat.floor());
    return fmt::format("bar {}, beat {}{}", place.bar, place.beat.floor(),
                       part == Beats(0) ? "" : " and " + part.toString());
}

/// Names that no screen could show; files of other people may hold anything.
bool isOverlong(const Exercise& e) {
    constexpr std::size_t kLongestName = 1000;
    constexpr std::size_t kMostTags = 100;
    const auto isLong = [](const std::string& text) { return text.size() > kLongestName; };
    const auto isOdd = [&](const auto& own) {
        return own.second.size() != static_cast<std::size_t>(own.first) || own.first > 12 ||
               std::any_of(own.second.begin(), own.second.end(), [](const std::string& w) { return w.size() > 40; });
    };
    if (std::any_of(e.words.begin(), e.words.end(), isOdd)) return true;
    return isLong(e.id) || isLong(e.title) || isLong(e.trains) || e.tags.size() > kMostTags ||
           std::any_of(e.tags.begin(), e.tags.end(), isLong);
}

Result<void> checkMeterChanges(const Exercise& e) {
    int last = 1;
    for (const MeterChange& change : e.meterChanges) {
        if (change.bar <= last || change.bar > e.bars)
            return fail(fmt::format("the meter changes at bar {}", change.bar), {},
                        "let it change from bar 2 to the last, each bar once and in order");
        if (!isSupported(change.meter))
            return fail(fmt::format("the meter {} is not supported", change.meter.toString()),
                        fmt::format("bar {}", change.bar), "use 1 to 15 over 2, 4, 8 or 16");
        last = change.bar;
    }
    return {};
}

Result<void> checkFrame(const Exercise& e) {
    if (isOverlong(e))
        return fail("a name, the tags or the counting words are too long", {},
                    "shorten them: names to 1000 letters, words to 40");
    if (e.id.empty()) return fail("the exercise has no id", {}, "give it a short name");
    if (!isSupported(e.meter))
        return fail(fmt::format("the meter {} is not supported", e.meter.toString()), {},
                    "use 1 to 15 over 2, 4, 8 or 16");
    if (e.bars < 1 || e.bars > kMostBars)
        return fail(fmt::format("the phrase has {} bars", e.bars), {}, fmt::format("use 1 to {}", kMostBars));
    if (auto meters = checkMeterChanges(e); !meters) return meters;
    const auto inRange = [](double bpm) { return bpm >= kSlowestTempo && bpm <= kFastestTempo; };
    if (!inRange(e.tempo.start) || !inRange(e.tempo.goal))
        return fail(fmt::format("a tempo of {:g} to {:g} is out of range", e.tempo.start, e.tempo.goal), {},
                    "use 30 to 300 beats per minute");
    if (e.tempo.goal < e.tempo.start) return fail("the goal tempo is below the start tempo", {}, "raise the goal");
    if (!(e.tempo.step >= kSmallestTempoStep && e.tempo.step <= kLargestTempoStep))
        return fail(fmt::format("a tempo step of {:g} makes no ladder", e.tempo.step), {},
                    fmt::format("use {:g} to {:g}", kSmallestTempoStep, kLargestTempoStep));
    if (e.feel.isSwung() && !(e.feel.ratio >= kSmallestSwing && e.feel.ratio <= kLargestSwing))
        return fail(fmt::format("a swing ratio of {:g} is out of range", e.feel.ratio), {}, "use 0.5 to 4");
    return {};
}

Result<void> checkFreeSpans(const Exercise& e) {
    for (const FreeSpan& span : e.freeSpans)
        if (span.from < Beats(0) || span.to > e.length() || !(span.from < span.to))
            return fail("a free span lies outside the phrase", {}, "let it begin before it ends, inside the bars");
    return {};
}

Result<void> checkSwells(const Exercise& e) {
    for (const Swell& swell : e.swells) {
        if (swell.from < Beats(0) || swell.to > e.length() || !(swell.from < swell.to))
            return fail("a crescendo lies outside the phrase", {}, "let it begin before it ends, inside the bars");
        const auto inRange = [](double db) { return db >= -60 && db <= 12; };
        if (!inRange(swell.fromDb) || !inRange(swell.toDb))
            return fail("a crescendo is louder or softer than can be", {}, "use levels from -60 to 12 dB");
    }
    return {};
}

/// Strokes of one beat must share a grid: everything that writes or counts them walks along it.
Result<void> checkGrids(const Exercise& e) {
    Beats start(-1);
    std::int64_t steps = 1;
    for (const Stroke& s : e.strokes) {
        const CountedBeat beat = beatAt(e, s.at);
        if (beat.start != start) start = beat.start, steps = 1;
        const Beats share = ratio(s.at - start, beat.length);
        if (share.denominator() <= kFinestDivision) steps = std::lcm(steps, share.denominator());
        if (share.denominator() > kFinestDivision || steps > kFinestDivision)
            return fail("the strokes of a beat stand on no common grid", describe(e, s), "move them to one");
    }
    return {};
}

Result<void> checkStrokes(const Exercise& e) {
    if (e.strokes.empty()) return fail("no stroke is written", {}, "write at least one");
    if (e.strokes.size() > kMostStrokes) return fail("more strokes than a phrase can hold", {}, "shorten it");
    for (std::size_t i = 0; i < e.strokes.size(); ++i) {
        const Stroke& stroke = e.strokes[i];
        if (stroke.at < Beats(0) || stroke.at >= e.length())
            return fail("a stroke lies outside the phrase", describe(e, stroke), "move it or add bars");
        for (std::size_t j = i + 1; j < e.strokes.size() && e.strokes[j].at == stroke.at; ++j) {
            if (e.strokes[j].limb == stroke.limb)
                return fail(fmt::format("two strokes of the {} fall together", spokenName(stroke.limb)),
                            describe(e, stroke), "give one to another limb or move it");
            if (e.strokes[j].voice == stroke.voice)
                return fail(fmt::format("two strokes on the {} fall together", spokenName(stroke.voice)),
                            describe(e, stroke), "write a flam or remove one");
        }
    }
    return {};
}

}  // namespace

Result<void> check(const Exercise& exercise) {
    if (auto frame = checkFrame(exercise); !frame) return frame;
    if (auto swells = checkSwells(exercise); !swells) return swells;
    if (auto spans = checkFreeSpans(exercise); !spans) return spans;
    const bool ordered = std::is_sorted(exercise.strokes.begin(), exercise.strokes.end(),
                                        [](const Stroke& a, const Stroke& b) { return a.at < b.at; });
    const Exercise& inTime = ordered ? exercise : inOrder(exercise);
    if (auto strokes = checkStrokes(inTime); !strokes) return strokes;
    return checkGrids(inTime);
}

CountPlace placeOf(const Exercise& exercise, const Beats& at) {
    const Bar bar = barAt(exercise, at);
    return {bar.number, ratio(at - bar.start, bar.meter.beatLength()) + Beats(1)};
}

bool isFree(const Exercise& exercise, const Beats& at) {
    return std::any_of(exercise.freeSpans.begin(), exercise.freeSpans.end(),
                       [&at](const FreeSpan& span) { return !(at < span.from) && at < span.to; });
}

std::vector<Voice> rowsOf(const Exercise& exercise) {
    std::vector<Voice> rows;
    for (const Stroke& s : exercise.strokes)
        if (std::find(rows.begin(), rows.end(), s.voice) == rows.end()) rows.push_back(s.voice);
    // As the kit stands.
    std::stable_partition(rows.begin(), rows.end(), [](Voice v) { return !isStruckByFoot(v); });
    return rows;
}

bool uses(const Exercise& exercise, Level level) {
    return std::any_of(exercise.strokes.begin(), exercise.strokes.end(),
                       [level](const Stroke& s) { return s.level == level; });
}

Beats shortestStep(const Exercise& exercise) {
    Beats shortest = exercise.length();
    for (std::size_t i = 0; i < exercise.strokes.size(); ++i) {
        const bool last = i + 1 == exercise.strokes.size();
        const Beats next = last ? exercise.strokes.front().at + exercise.length() : exercise.strokes[i + 1].at;
        const Beats step = next - exercise.strokes[i].at;
        if (step > Beats(0)) shortest = std::min(shortest, step);
    }
    return shortest;
}

}  // namespace upbeat
