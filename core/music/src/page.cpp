#include "upbeat/music/page.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/bars.h"
#include "upbeat/music/tempo_map.h"

namespace upbeat {

double quarterS(const Meter& meter, Bpm tempo) {
    return beatDuration(tempo).value() / meter.beatLength().toDouble();
}

double shortestStepMs(const Exercise& exercise, Bpm tempo) {
    return shortestStep(exercise).toDouble() * quarterS(exercise.meter, tempo) * 1e3;
}

double secondsAt(const Exercise& exercise, Bpm tempo, double quarters) {
    return TempoMap(exercise).evenAt(quarters) * quarterS(exercise.meter, tempo);
}

double quartersAt(const Exercise& exercise, Bpm tempo, double seconds) {
    return TempoMap(exercise).writtenAt(seconds / quarterS(exercise.meter, tempo));
}

double placeAt(const Exercise& exercise, Bpm tempo, double seconds) {
    return quartersAt(exercise, tempo, seconds) / exercise.length().toDouble();
}

double passDurationS(const Exercise& exercise, Bpm tempo) {
    return secondsAt(exercise, tempo, exercise.length().toDouble());
}

double barStartS(const Exercise& exercise, Bpm tempo, int bar) {
    const int passes = bar / exercise.bars;
    const double inside = barOf(exercise, bar % exercise.bars + 1).start.toDouble();
    return passes * passDurationS(exercise, tempo) + secondsAt(exercise, tempo, inside);
}

double barsBefore(const Exercise& exercise, Bpm tempo, double seconds) {
    const double pass = passDurationS(exercise, tempo);
    const double passes = std::floor(seconds / pass);
    const TempoMap map(exercise);
    const double even = (seconds - passes * pass) / quarterS(exercise.meter, tempo);
    int number = 1;
    while (number < exercise.bars && map.evenAt(barOf(exercise, number + 1).start.toDouble()) <= even) ++number;
    const Bar bar = barOf(exercise, number);
    constexpr double kHeld = 1 - 1e-9;  // the end of a held bar is still that bar
    const double part = (map.writtenAt(even) - bar.start.toDouble()) / bar.meter.barLength().toDouble();
    return passes * exercise.bars + (number - 1) + std::min(part, kHeld);
}

double barDurationS(const Exercise& exercise, Bpm tempo) {
    return passDurationS(exercise, tempo) / exercise.bars;
}

double soundingQuarter(const Exercise& exercise, const Beats& at, const Feel& feel) {
    if (!feel.isSwung()) return at.toDouble();
    const Bar bar = barAt(exercise, at);
    const Beats inside = at - bar.start;
    const Beats span = swungSpan(feel.level);
    const bool isCutOff = bar.meter.barLength() < inside - wrapped(inside, span) + span;
    return isCutOff ? at.toDouble() : bar.start.toDouble() + swungPosition(inside, feel);
}

std::vector<double> strokesInPassS(const Exercise& exercise, Bpm tempo, const Feel& feel) {
    const double quarter = quarterS(exercise.meter, tempo);
    const TempoMap map(exercise);
    std::vector<double> places;
    places.reserve(exercise.strokes.size());
    for (const Stroke& stroke : exercise.strokes)
        places.push_back(map.evenAt(soundingQuarter(exercise, stroke.at, feel)) * quarter);
    return places;
}

Feel feelOf(const Exercise& exercise, Bpm tempo) {
    return feelAt(exercise.feel, 60.0 / quarterS(exercise.meter, tempo));
}

namespace {

/// Distance from each place to the nearest different place, the phrase taken as a loop of `duration`.
std::vector<double> localSteps(const std::vector<double>& places, double duration) {
    constexpr double kSamePlace = 1e-6;
    std::vector<double> steps(places.size(), duration);
    for (std::size_t i = 0; i < places.size(); ++i) {
        for (const double other : places) {
            const double apart = std::abs(other - places[i]);
            const double around = std::min(apart, duration - apart);
            if (around > kSamePlace) steps[i] = std::min(steps[i], around);
        }
    }
    return steps;
}

}  // namespace

std::vector<WrittenStroke> writeOut(const Exercise& e, Bpm tempo, int passes) {
    const double duration = passDurationS(e, tempo);
    const std::vector<double> places = strokesInPassS(e, tempo, feelOf(e, tempo));
    const std::vector<double> steps = localSteps(places, duration);
    std::vector<WrittenStroke> page;
    page.reserve(static_cast<std::size_t>(std::max(passes, 0)) * places.size());
    for (int pass = 1; pass <= passes; ++pass) {
        for (std::size_t i = 0; i < places.size(); ++i) {
            const double at = (pass - 1) * duration + places[i];
            const int index = static_cast<int>(i);
            const double asked = askedMs(e.placements, e.strokes[i].voice, tempo) * 1e-3;
            for (int g = graceNotes(e.strokes[i].ornament); g > 0; --g)
                page.push_back({pass, index, Role::Grace, g - 1, at - g * kTypicalGraceS, steps[i], asked});
            page.push_back({pass, index, Role::Main, 0, at, steps[i], asked});
        }
    }
    std::stable_sort(page.begin(), page.end(),
                     [](const WrittenStroke& a, const WrittenStroke& b) { return a.gridS < b.gridS; });
    return page;
}

}  // namespace upbeat
