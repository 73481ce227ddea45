#pragma once

#include <cmath>
#include <nlohmann/json.hpp>

#include "upbeat/music/bars.h"
#include "upbeat/take/analyze_take.h"

namespace upbeat {

using nlohmann::json;

/// Four decimals of a millisecond or decibel are beyond anything measured and keep the file short.
[[nodiscard]] inline double rounded(double value, double unit = 1e-4) {
    return std::round(value / unit) * unit;
}

[[nodiscard]] inline json toJson(const Figure& f) {
    return {{"value", rounded(f.value)}, {"low", rounded(f.low)}, {"high", rounded(f.high)}, {"n", f.n}};
}

[[nodiscard]] inline json toJson(const std::optional<Figure>& f) {
    return f ? toJson(*f) : json(nullptr);
}

[[nodiscard]] inline json noteToJson(const MatchedTake& take, const WrittenStroke& w) {
    const Stroke& stroke = take.exercise.strokes[static_cast<std::size_t>(w.stroke)];
    const CountPlace place = placeOf(take.exercise, stroke.at);
    return {{"pass", w.pass},
            {"bar", place.bar},
            {"beat", rounded(place.beat.toDouble())},
            {"voice", toName(stroke.voice)},
            {"hand", handLetter(stroke.limb)},
            {"stroke", w.role == Role::Grace ? std::string_view("grace") : toName(stroke.level)},
            {"grid_time_s", rounded(take.firstBeatS + w.gridS, 1e-7)}};
}

template <class List, class Convert>
[[nodiscard]] json listToJson(const List& list, Convert convert) {
    json out = json::array();
    for (const auto& element : list) out.push_back(convert(element));
    return out;
}

[[nodiscard]] inline json placeToJson(const Exercise& e, int stroke) {
    const CountPlace place = placeOf(e, e.strokes[static_cast<std::size_t>(stroke)].at);
    return {{"bar", place.bar}, {"beat", rounded(place.beat.toDouble())}};
}

/// Everything beyond the summary.
[[nodiscard]] json measuresToJson(const TakeAnalysis& a);

}  // namespace upbeat
