#include "upbeat/music/exercise.h"

#include <fmt/format.h>

#include <algorithm>
#include <numeric>
#include <tuple>

#include "upbeat/music/bars.h"
#include "upbeat/music/tempo_map.h"

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
            return fail(Text::with(UPBEAT_TEXT("the meter changes at bar %1"), change.bar), {},
                        UPBEAT_TEXT("let it change from bar 2 to the last, each bar once and in order"));
        if (!isSupported(change.meter))
            return fail(Text::with(UPBEAT_TEXT("the meter %1 is not supported"), change.meter.toString()),
                        fmt::format("bar {}", change.bar), UPBEAT_TEXT("use 1 to 15 over 2, 4, 8 or 16"));
        last = change.bar;
    }
    return {};
}

Result<void> checkFrame(const Exercise& e) {
    if (isOverlong(e))
        return fail(UPBEAT_TEXT("a name, the tags or the counting words are too long"), {},
                    UPBEAT_TEXT("shorten them: names to 1000 letters, words to 40"));
    if (e.id.empty()) return fail(UPBEAT_TEXT("the exercise has no id"), {}, UPBEAT_TEXT("give it a short name"));
    if (!isSupported(e.meter))
        return fail(Text::with(UPBEAT_TEXT("the meter %1 is not supported"), e.meter.toString()), {},
                    UPBEAT_TEXT("use 1 to 15 over 2, 4, 8 or 16"));
    if (e.bars < 1 || e.bars > kMostBars)
        return fail(Text::with(UPBEAT_TEXT("the phrase has %1 bars"), e.bars), {},
                    Text::with(UPBEAT_TEXT("use 1 to %1"), kMostBars));
    if (auto meters = checkMeterChanges(e); !meters) return meters;
    if (auto sections = checkSections(e); !sections) return sections;
    if (auto tempos = checkTempoChanges(e); !tempos) return tempos;
    const auto inRange = [](double bpm) { return bpm >= kSlowestTempo && bpm <= kFastestTempo; };
    if (!inRange(e.tempo.start) || !inRange(e.tempo.goal))
        return fail(Text::with(UPBEAT_TEXT("a tempo of %1 to %2 is out of range"), fmt::format("{:g}", e.tempo.start),
                               fmt::format("{:g}", e.tempo.goal)),
                    {}, UPBEAT_TEXT("use 30 to 300 beats per minute"));
    if (e.tempo.goal < e.tempo.start)
        return fail(UPBEAT_TEXT("the goal tempo is below the start tempo"), {}, UPBEAT_TEXT("raise the goal"));
    if (!(e.tempo.step >= kSmallestTempoStep && e.tempo.step <= kLargestTempoStep))
        return fail(Text::with(UPBEAT_TEXT("a tempo step of %1 makes no ladder"), fmt::format("{:g}", e.tempo.step)),
                    {},
                    Text::with(UPBEAT_TEXT("use %1 to %2"), fmt::format("{:g}", kSmallestTempoStep),
                               fmt::format("{:g}", kLargestTempoStep)));
    if (auto placed = check(e.placements); !placed) return placed;
    if (e.feel.isSwung() && !(e.feel.ratio >= kSmallestSwing && e.feel.ratio <= kLargestSwing))
        return fail(Text::with(UPBEAT_TEXT("a swing ratio of %1 is out of range"), fmt::format("{:g}", e.feel.ratio)),
                    {}, UPBEAT_TEXT("use 0.5 to 4"));
    return {};
}

Result<void> checkFreeSpans(const Exercise& e) {
    for (const FreeSpan& span : e.freeSpans) {
        if (span.from < Beats(0) || span.to > e.length() || !(span.from < span.to))
            return fail(UPBEAT_TEXT("a free span lies outside the phrase"), {},
                        UPBEAT_TEXT("let it begin before it ends, inside the bars"));
        if (span.notes < 0 || span.notes > kMostFreeNotes)
            return fail(Text::with(UPBEAT_TEXT("a free span asks for %1 notes"), span.notes), {},
                        Text::with(UPBEAT_TEXT("use 1 to %1, or any number"), kMostFreeNotes));
    }
    return {};
}

Result<void> checkSwells(const Exercise& e) {
    for (const Swell& swell : e.swells) {
        if (swell.from < Beats(0) || swell.to > e.length() || !(swell.from < swell.to))
            return fail(UPBEAT_TEXT("a crescendo lies outside the phrase"), {},
                        UPBEAT_TEXT("let it begin before it ends, inside the bars"));
        const auto inRange = [](double db) { return db >= -60 && db <= 12; };
        if (!inRange(swell.fromDb) || !inRange(swell.toDb))
            return fail(UPBEAT_TEXT("a crescendo is louder or softer than can be"), {},
                        UPBEAT_TEXT("use levels from -60 to 12 dB"));
    }
    return {};
}

/// Strokes of one beat must share a grid: everything that writes or counts them walks along it.
Result<void> checkGrids(const Exercise& e) {
    CountedBeat beat;
    Beats end(-1);
    std::int64_t steps = 1;
    for (const Stroke& s : e.strokes) {
        if (s.at < beat.start || s.at >= end) {
            beat = beatAt(e, s.at);
            end = beat.end();
            steps = 1;
        }
        const Beats share = ratio(s.at - beat.start, beat.length);
        if (share.denominator() <= kFinestDivision) steps = std::lcm(steps, share.denominator());
        if (share.denominator() > kFinestDivision || steps > kFinestDivision)
            return fail(UPBEAT_TEXT("the strokes of a beat stand on no common grid"), describe(e, s),
                        UPBEAT_TEXT("move them to one"));
    }
    return {};
}

Result<void> checkStrokes(const Exercise& e) {
    if (e.strokes.empty()) return fail(UPBEAT_TEXT("no stroke is written"), {}, UPBEAT_TEXT("write at least one"));
    if (e.strokes.size() > kMostStrokes)
        return fail(UPBEAT_TEXT("more strokes than a phrase can hold"), {}, UPBEAT_TEXT("shorten it"));
    const Beats end = e.length();
    for (std::size_t i = 0; i < e.strokes.size(); ++i) {
        const Stroke& stroke = e.strokes[i];
        if (stroke.at < Beats(0) || stroke.at >= end)
            return fail(UPBEAT_TEXT("a stroke lies outside the phrase"), describe(e, stroke),
                        UPBEAT_TEXT("move it or add bars"));
        for (std::size_t j = i + 1; j < e.strokes.size() && e.strokes[j].at == stroke.at; ++j) {
            if (e.strokes[j].limb == stroke.limb)
                return fail(
                    Text::with(UPBEAT_TEXT("two strokes of the %1 fall together"), spokenName(stroke.limb).data()),
                    describe(e, stroke), UPBEAT_TEXT("give one to another limb or move it"));
            if (e.strokes[j].voice == stroke.voice)
                return fail(
                    Text::with(UPBEAT_TEXT("two strokes on the %1 fall together"), spokenName(stroke.voice).data()),
                    describe(e, stroke), UPBEAT_TEXT("write a flam or remove one"));
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

Exercise asJudged(Exercise exercise) {
    if (!exercise.twoLevels) return exercise;
    for (Stroke& s : exercise.strokes)
        if (s.level == Level::Ghost) s.level = Level::Tap;
    return exercise;
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
