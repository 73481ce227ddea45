// Rules about bars, meters and form.
#include <algorithm>
#include <cmath>
#include <numeric>

#include "hands_and_voices.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/following.h"
#include "upbeat/music/tempo_map.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

/// The tempo plan in the beats the exercise has now.
void planFrom(Exercise& e, const Meter& before) {
    const auto now = [&](double bpm) { return inBeatsOf(e.meter, bpm, before); };
    const auto inRange = [](double bpm) { return std::clamp(bpm, kSlowestTempo, kFastestTempo); };
    e.tempo = {inRange(now(e.tempo.start)), inRange(now(e.tempo.goal)),
               std::clamp(now(e.tempo.step), kSmallestTempoStep, kLargestTempoStep)};
}

/// The sections a part brings with it; without any it is one itself.
void addSections(Exercise& frame, const Exercise& part, int barsBefore) {
    if (part.sections.empty()) addSection(frame.sections, barsBefore + 1, part.title);
    for (const Section& section : part.sections) {
        const auto before = frame.sections.size();
        addSection(frame.sections, barsBefore + section.bar, section.name);
        if (frame.sections.size() == before) continue;
        frame.sections.back().as = section.as;
        frame.sections.back().but = section.but;
    }
}

}  // namespace

Result<Exercise> rebarred(Exercise e, const Meter& meter) {
    if (!isSupported(meter))
        return fail(Text::with(UPBEAT_TEXT("the meter %1 is not supported"), meter.toString()), {},
                    UPBEAT_TEXT("use another"));
    const Beats length = e.length();
    const auto bars = wholeTimes(length, meter.barLength());
    if (meter.barLength() * bars != length || bars < 1 || bars > kMostBars)
        return fail(Text::with(UPBEAT_TEXT("%1 bars of %2 do not fill whole bars of %3"), e.bars, e.meter.toString(),
                               meter.toString()),
                    {}, UPBEAT_TEXT("change the number of bars first"));
    const Meter before = e.meter;
    setMeters(e, std::vector(static_cast<std::size_t>(bars), meter));
    planFrom(e, before);
    return e;
}

Result<Exercise> withBarIn(Exercise e, int number, const Meter& meter) {
    if (!isSupported(meter) || number < 1 || number > e.bars)
        return fail(Text::with(UPBEAT_TEXT("bar %1 in %2 is not supported"), number, meter.toString()), {},
                    UPBEAT_TEXT("use another meter"));
    if (number == 1 && e.bars > 1 && meter.beatLength() != e.meter.beatLength())
        return fail(UPBEAT_TEXT("the first bar says which beats the tempo counts"), {},
                    UPBEAT_TEXT("change the meter of the whole phrase"));
    const Exercise before = e;
    auto meters = metersOf(e);
    meters[static_cast<std::size_t>(number - 1)] = meter;
    setMeters(e, meters);
    const auto moved = [&](const Beats& at) {
        const Bar old = barAt(before, at);
        return barOf(e, old.number).start + (at - old.start);
    };
    for (Stroke& s : e.strokes) {
        const bool isInside = barAt(before, s.at).number == number;
        s.at = moved(s.at);
        if (isInside && !(s.at < barOf(e, number).end()))
            return fail(
                Text::with(UPBEAT_TEXT("bar %1 holds more strokes than %2 has room for"), number, meter.toString()), {},
                UPBEAT_TEXT("remove them first"));
    }
    // Spans end where their last bar ends at the latest; one that began behind that is gone.
    const auto fit = [&](auto& spans) {
        for (auto& span : spans) {
            const Bar first = barAt(before, span.from);
            Bar last = barAt(before, span.to);
            if (last.start == span.to) last = barOf(before, last.number - 1);
            const Bar now = barOf(e, last.number);
            span.from = std::min(moved(span.from), barOf(e, first.number).end());
            span.to = std::min(now.start + (span.to - last.start), now.end());
        }
        std::erase_if(spans, [](const auto& span) { return !(span.from < span.to); });
    };
    fit(e.swells);
    fit(e.freeSpans);
    return e;
}

Result<Exercise> formOf(Exercise frame, std::span<const FormPart> sections) {
    frame.strokes.clear();
    frame.swells.clear();
    frame.freeSpans.clear();
    frame.sections.clear();
    std::vector<Meter> meters;
    std::vector<BarPace> paces;
    Beats start(0);
    for (const FormPart& section : sections) {
        const Exercise& part = section.exercise;
        if (meters.empty() && part.meter.beatLength() != frame.meter.beatLength())
            return fail(Text::with(UPBEAT_TEXT("\"%1\" counts other beats than the form"), part.title), {},
                        UPBEAT_TEXT("let the form begin with the section whose beats the tempo counts"));
        for (int time = 0; time < section.times; ++time) {
            const auto more = metersOf(part);
            if (meters.size() + more.size() > static_cast<std::size_t>(kMostBars))
                return fail(UPBEAT_TEXT("the form is longer than a phrase can be"), {},
                            Text::with(UPBEAT_TEXT("use up to %1 bars"), kMostBars));
            if (time == 0) addSections(frame, part, static_cast<int>(meters.size()));
            meters.insert(meters.end(), more.begin(), more.end());
            const auto moving = pacesOf(part);
            paces.insert(paces.end(), moving.begin(), moving.end());
            paces.resize(meters.size());
            for (Stroke s : part.strokes) s.at = s.at + start, frame.strokes.push_back(s);
            for (const Swell& s : part.swells) frame.swells.push_back({s.from + start, s.to + start, s.fromDb, s.toDb});
            for (const FreeSpan& s : part.freeSpans) frame.freeSpans.push_back({s.from + start, s.to + start, s.notes});
            start = start + part.length();
        }
    }
    if (!meters.empty()) setMeters(frame, meters);
    setPaces(frame, paces);
    frame = settled(inOrder(std::move(frame)));
    if (const auto ok = check(frame); !ok) return tl::unexpected(ok.error());
    return frame;
}

Exercise barsOf(const Exercise& exercise, int from, int to) {
    from = std::clamp(from, 1, exercise.bars);
    to = std::clamp(to, from, exercise.bars);
    const Beats start = barOf(exercise, from).start;
    const Beats end = barOf(exercise, to).end();
    Exercise part = exercise;
    const auto meters = metersOf(exercise);
    setMeters(part, std::vector(meters.begin() + from - 1, meters.begin() + to));
    part.sections = sectionsWithin(exercise, from, to);
    const auto paces = pacesOf(exercise);
    if (!paces.empty()) setPaces(part, std::vector(paces.begin() + from - 1, paces.begin() + to));
    part.firstBar = printedBar(exercise, from);
    planFrom(part, exercise.meter);
    part.strokes.clear();
    part.swells.clear();
    part.freeSpans.clear();
    for (Stroke s : exercise.strokes)
        if (!(s.at < start) && s.at < end) s.at = s.at - start, part.strokes.push_back(s);
    for (const Swell& s : exercise.swells)
        if (!(s.from < start) && !(end < s.to)) part.swells.push_back({s.from - start, s.to - start, s.fromDb, s.toDb});
    for (const FreeSpan& s : exercise.freeSpans)
        if (!(s.from < start) && !(end < s.to)) part.freeSpans.push_back({s.from - start, s.to - start, s.notes});
    return part;
}

}  // namespace upbeat
