#include "upbeat/season/over_time.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace upbeat {

std::vector<DayOverTime> overTime(const std::vector<PastTake>& takes) {
    std::vector<DayOverTime> days;
    std::vector<PastTake> soFar;
    for (std::size_t i = 0; i < takes.size();) {
        DayOverTime day{takes[i].daysAgo, 0, {}, {}};
        for (; i < takes.size() && takes[i].daysAgo == day.daysAgo; ++i) {
            ++day.takes;
            soFar.push_back(takes[i]);
            if (takes[i].clean >= 1) day.cleanBpm = std::max(day.cleanBpm.value_or(0), takes[i].tempoBpm);
        }
        std::vector<PastTake> then = soFar;
        for (PastTake& take : then) take.daysAgo -= day.daysAgo;
        if (const auto ceiling = ceilingOf(then); ceiling && ceiling->isBracketed) day.ceiling = ceiling->bpm;
        days.push_back(day);
    }
    return days;
}

namespace {

constexpr int kWeek = 7;

/// Means of a tempo by day, counted back from the last day that was played.
using DaysOfTempo = std::map<int, double>;

/// Of tempos that both weeks have.
std::vector<DaysOfTempo> commonTempos(const std::vector<FigureThen>& figures) {
    constexpr double kSame = 0.02;
    const auto isNewer = [](const FigureThen& a, const FigureThen& b) { return a.daysAgo < b.daysAgo; };
    const int newest = std::min_element(figures.begin(), figures.end(), isNewer)->daysAgo;
    std::vector<std::pair<double, std::map<int, std::vector<double>>>> tempos;
    for (const FigureThen& f : figures) {
        if (f.daysAgo - newest >= 2 * kWeek) continue;
        auto at = std::find_if(tempos.begin(), tempos.end(), [&](const auto& tempo) {
            return std::abs(tempo.first - f.tempoBpm) <= kSame * f.tempoBpm;
        });
        if (at == tempos.end()) at = tempos.insert(tempos.end(), {f.tempoBpm, {}});
        at->second[f.daysAgo - newest].push_back(f.value);
    }
    std::vector<DaysOfTempo> common;
    for (const auto& [tempo, days] : tempos) {
        if (days.begin()->first >= kWeek || days.rbegin()->first < kWeek) continue;
        common.emplace_back();
        for (const auto& [ago, values] : days) common.back()[ago] = mean(values);
    }
    return common;
}

/// The mean of a week's days.
double meanOfWeek(const DaysOfTempo& days, bool after) {
    std::vector<double> values;
    for (const auto& [ago, value] : days)
        if ((ago < kWeek) == after) values.push_back(value);
    return mean(values);
}

}  // namespace

std::optional<WeekChange> changeOverWeeks(const std::vector<FigureThen>& figures) {
    constexpr int kFewestFree = 3;
    if (figures.empty()) return std::nullopt;
    const auto tempos = commonTempos(figures);
    // Each day against what is usual at its tempos.
    std::map<int, std::vector<double>> days;
    double level = 0;
    for (const DaysOfTempo& tempo : tempos) {
        const double usual = 0.5 * (meanOfWeek(tempo, false) + meanOfWeek(tempo, true));
        level += usual / static_cast<double>(tempos.size());
        for (const auto& [ago, value] : tempo) days[ago].push_back(value - usual);
    }
    std::vector<double> before;
    std::vector<double> after;
    for (const auto& [ago, values] : days) (ago < kWeek ? after : before).push_back(mean(values));
    const auto count = static_cast<int>(days.size());
    const int freedom = count - 1 - static_cast<int>(tempos.size());
    if (freedom < kFewestFree || before.size() < 2 || after.size() < 2) return std::nullopt;
    const auto squares = [](const std::vector<double>& week) {
        return standardDeviation(week) * standardDeviation(week) * static_cast<double>(week.size() - 1);
    };
    const double variance = (squares(before) + squares(after)) / freedom *
                            (1 / static_cast<double>(before.size()) + 1 / static_cast<double>(after.size()));
    WeekChange change;
    change.before = level + mean(before);
    change.after = level + mean(after);
    const double apart = mean(after) - mean(before);
    const double error = std::sqrt(variance) * studentT975(freedom);
    change.difference = {apart, apart - error, apart + error, count};
    return change;
}

}  // namespace upbeat
