// Long forms are drawn as lines of a few bars, like the page, one under the other.
#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "upbeat/field/field_data.h"

namespace upbeat {

namespace {

constexpr int kSteps = 100000;  // of a line: places that are nearer to one another are one

int stepOf(double place) {
    return static_cast<int>(std::lround(place * kSteps));
}

bool isEven(const FieldData& field) {
    const double bar = 1.0 / field.bars();
    for (std::size_t i = 0; i + 1 < field.barPlaces.size(); ++i)
        if (std::abs(field.barPlaces[i + 1] - field.barPlaces[i] - bar) > 1e-6) return false;
    return true;
}

/// The mean stroke of every place of the line.
std::vector<FieldAverage> averagesOf(const std::vector<std::vector<FieldMark>>& rows) {
    std::map<std::pair<int, int>, std::vector<const FieldMark*>> byPlace;
    for (const auto& row : rows)
        for (const FieldMark& mark : row)
            if (mark.kind == FieldMark::Kind::Played && mark.stroke >= 0 && mark.aheadMs <= 0)
                byPlace[{stepOf(mark.place), mark.slot}].push_back(&mark);
    std::vector<FieldAverage> averages;
    for (const auto& [place, marks] : byPlace) {
        const FieldMark& first = *marks.front();
        FieldAverage average;
        average.stroke = first.stroke;
        average.place = first.place;
        average.slot = first.slot;
        average.limb = first.limb;
        average.targetDb = first.targetDb;
        average.askedMs = first.askedMs;
        const auto n = static_cast<double>(marks.size());
        for (const FieldMark* mark : marks) {
            average.offsetMs.value += mark->offsetMs / n;
            average.relativeDb += mark->relativeDb / n;
        }
        average.offsetMs.low = average.offsetMs.high = average.offsetMs.value;
        average.offsetMs.n = static_cast<int>(marks.size());
        averages.push_back(average);
    }
    return averages;
}

}  // namespace

FieldData inLines(FieldData field, int barsPerLine, int firstBar) {
    const int bars = field.bars();
    if (bars <= barsPerLine || !isEven(field)) return field;
    const double line = static_cast<double>(barsPerLine) / bars;
    const int lines = (bars + barsPerLine - 1) / barsPerLine;
    const auto lineOf = [&](double place) { return std::clamp(static_cast<int>((place + 1e-9) / line), 0, lines - 1); };
    const auto placeIn = [&](double place) { return std::clamp((place - lineOf(place) * line) / line, 0.0, 1.0); };
    std::map<int, FieldColumn> columns;
    for (FieldColumn column : field.columns) {
        column.place = placeIn(column.place);
        columns.try_emplace(stepOf(column.place), column);
    }
    std::vector<std::vector<FieldMark>> rows;
    for (const auto& pass : field.rows) {
        const std::size_t first = rows.size();
        for (int k = 0; k < lines; ++k) {
            rows.emplace_back();
            field.rowNames.push_back(std::to_string(firstBar + k * barsPerLine));
        }
        for (FieldMark mark : pass) {
            const auto row = first + static_cast<std::size_t>(lineOf(mark.place));
            mark.place = placeIn(mark.place);
            rows[row].push_back(mark);
        }
    }
    field.columns.clear();
    for (const auto& [step, column] : columns) field.columns.push_back(column);
    std::set<std::pair<int, int>> named;  // a place of the line is named once
    for (std::size_t i = 0; i < field.strokePlaces.size(); ++i) {
        field.strokePlaces[i] = placeIn(field.strokePlaces[i]);
        if (!named.insert({stepOf(field.strokePlaces[i]), field.strokeSlots[i]}).second) field.hands[i].clear();
    }
    field.rows = std::move(rows);
    field.averages = averagesOf(field.rows);
    field.gaps.clear();
    field.barPlaces.clear();
    for (int bar = 0; bar <= barsPerLine; ++bar) field.barPlaces.push_back(static_cast<double>(bar) / barsPerLine);
    return field;
}

}  // namespace upbeat
