#include "upbeat/music/bars.h"

#include <algorithm>

namespace upbeat {

namespace {

/// So many bars on from a bar since which the meter has not changed; there it is `meter`.
Bar onFrom(const Bar& bar, std::int64_t bars, const Meter& meter) {
    return {static_cast<int>(bar.number + bars), bar.start + bar.meter.barLength() * bars, meter,
            bar.firstBeat + bar.meter.beatsPerBar() * bars};
}

auto firstAt(const Exercise& exercise, const Beats& at) {
    return std::lower_bound(exercise.strokes.begin(), exercise.strokes.end(), at,
                            [](const Stroke& s, const Beats& start) { return s.at < start; });
}

}  // namespace

Bar barOf(const Exercise& exercise, int number) {
    Bar bar{1, Beats(0), exercise.meter};
    for (const MeterChange& change : exercise.meterChanges) {
        if (change.bar > number) break;
        bar = onFrom(bar, change.bar - bar.number, change.meter);
    }
    return onFrom(bar, number - bar.number, bar.meter);
}

Bar barAt(const Exercise& exercise, const Beats& at) {
    Bar bar{1, Beats(0), exercise.meter};
    for (const MeterChange& change : exercise.meterChanges) {
        const Bar next = onFrom(bar, change.bar - bar.number, change.meter);
        if (at < next.start) break;
        bar = next;
    }
    return onFrom(bar, wholeTimes(at - bar.start, bar.meter.barLength()), bar.meter);
}

CountedBeat beatAt(const Exercise& exercise, const Beats& at) {
    const Bar bar = barAt(exercise, at);
    const Beats length = bar.meter.beatLength();
    const std::int64_t before = wholeTimes(at - bar.start, length);
    const auto index = static_cast<std::size_t>(std::max<std::int64_t>(0, bar.firstBeat + before));
    return {bar.number, static_cast<int>(before) + 1, index, bar.start + length * before, length};
}

std::vector<CountedBeat> beatsOf(const Exercise& exercise) {
    std::vector<CountedBeat> beats;
    for (int number = 1; number <= exercise.bars; ++number) {
        const Bar bar = barOf(exercise, number);
        const Beats length = bar.meter.beatLength();
        for (int beat = 0; beat < bar.meter.beatsPerBar(); ++beat)
            beats.push_back({number, beat + 1, beats.size(), bar.start + length * beat, length});
    }
    return beats;
}

std::span<const Stroke> strokesIn(const Exercise& exercise, const Beats& from, const Beats& to) {
    return {firstAt(exercise, from), firstAt(exercise, to)};
}

int firstStrokeOf(const Exercise& exercise, int number) {
    return static_cast<int>(firstAt(exercise, barOf(exercise, number).start) - exercise.strokes.begin());
}

bool isBarLine(const Exercise& exercise, const Beats& at) {
    return barAt(exercise, at).start == at || at == exercise.length();
}

bool isOnBeat(const Exercise& exercise, const Beats& at) {
    return beatAt(exercise, at).start == at;
}

std::vector<Meter> metersOf(const Exercise& exercise) {
    std::vector<Meter> meters(static_cast<std::size_t>(std::max(1, exercise.bars)), exercise.meter);
    for (const MeterChange& change : exercise.meterChanges)
        if (change.bar > 1 && change.bar <= exercise.bars)
            std::fill(meters.begin() + change.bar - 1, meters.end(), change.meter);
    return meters;
}

void setMeters(Exercise& exercise, const std::vector<Meter>& meters) {
    exercise.bars = static_cast<int>(meters.size());
    exercise.meter = meters.front();
    const auto isBehind = [&exercise](const auto& mark) { return mark.bar > exercise.bars; };
    std::erase_if(exercise.sections, isBehind);
    std::erase_if(exercise.tempoChanges, isBehind);
    std::erase_if(exercise.heldBars, isBehind);
    for (TempoChange& change : exercise.tempoChanges) change.through = std::min(change.through, exercise.bars);
    exercise.meterChanges.clear();
    for (std::size_t i = 1; i < meters.size(); ++i)
        if (meters[i] != meters[i - 1]) exercise.meterChanges.push_back({static_cast<int>(i) + 1, meters[i]});
}

std::string metersInWords(const Exercise& exercise) {
    std::vector<Meter> seen{exercise.meter};
    std::string words = exercise.meter.toString();
    for (const MeterChange& change : exercise.meterChanges) {
        if (std::find(seen.begin(), seen.end(), change.meter) != seen.end()) continue;
        seen.push_back(change.meter);
        words += ", " + change.meter.toString();
    }
    return words;
}

}  // namespace upbeat
