#include "cells.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace upbeat {

namespace {

/// The mean of what is not far from the median.
double middleOf(const std::vector<double>& values) {
    constexpr double kFar = 3;
    const double centre = median(values);
    const double reach = kFar * std::max(kLeastScatter, robustDeviation(values));
    double sum = 0;
    double count = 0;
    for (const double v : values)
        if (std::abs(v - centre) <= reach) sum += v, ++count;
    return sum / count;
}

}  // namespace

std::vector<double> aboutTheirCells(const Observed& observed) {
    std::map<int, std::vector<double>> byCell;
    for (std::size_t i = 0; i < observed.values.size(); ++i) byCell[observed.cells[i]].push_back(observed.values[i]);
    std::map<int, double> middle;
    for (const auto& [cell, values] : byCell) middle[cell] = middleOf(values);
    std::vector<double> rest;
    for (std::size_t i = 0; i < observed.values.size(); ++i)
        rest.push_back(observed.values[i] - middle.at(observed.cells[i]));
    std::vector<double> at(rest.size());
    for (std::size_t i = 0; i < at.size(); ++i) at[i] = static_cast<double>(i);
    if (const auto slope = slopeFigure(at, rest)) {
        const double centre = mean(at);
        for (std::size_t i = 0; i < rest.size(); ++i) rest[i] -= slope->value * (at[i] - centre);
    }
    return rest;
}

double scatterOf(const std::vector<double>& rest, double freedom) {
    constexpr double kFar = 3;
    constexpr double kCutOff = 1.013;  // what a normal sample loses by the cut
    const double far = kFar * robustDeviation(rest);
    double sum = 0;
    for (const double r : rest) sum += std::pow(std::clamp(r, -far, far), 2.0);
    return std::max(kLeastScatter, kCutOff * std::sqrt(sum / freedom));
}

}  // namespace upbeat
