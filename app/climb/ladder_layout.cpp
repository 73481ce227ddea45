#include "climb/ladder_layout.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr double kSmallestRung = 30;

/// The rungs that fit: all of them, or those around the current tempo and every take shown.
std::vector<double> rungsInView(const Ladder& ladder, double tempoBpm, double height) {
    std::vector<double> rungs = ladder.rungs();
    if (std::none_of(rungs.begin(), rungs.end(), [&](double r) { return std::abs(r - tempoBpm) < 0.01; })) {
        rungs.push_back(tempoBpm);
        std::sort(rungs.begin(), rungs.end());
    }
    const auto most = static_cast<std::size_t>(std::max(3.0, height / kSmallestRung));
    if (rungs.size() <= most) return rungs;
    const auto current = static_cast<std::size_t>(
        std::find_if(rungs.begin(), rungs.end(), [&](double r) { return std::abs(r - tempoBpm) < 0.01; }) -
        rungs.begin());
    const std::size_t last = std::min(rungs.size(), std::max(current + most / 2, most));
    const std::size_t first = last - most;
    return {rungs.begin() + static_cast<std::ptrdiff_t>(first), rungs.begin() + static_cast<std::ptrdiff_t>(last)};
}

}  // namespace

double LadderLayout::yOf(double tempoBpm) const {
    if (highestBpm <= lowestBpm) return bottom;
    return bottom - (tempoBpm - lowestBpm) / (highestBpm - lowestBpm) * (bottom - top);
}

bool LadderLayout::shows(double tempoBpm) const {
    return tempoBpm >= lowestBpm - kSameTempo && tempoBpm <= highestBpm + kSameTempo;
}

LadderLayout layoutLadder(const Ladder& ladder, double tempoBpm, const std::vector<TakeSummary>& takes,
                          const QRectF& area) {
    LadderLayout layout;
    const auto rungs = rungsInView(ladder, tempoBpm, area.height());
    layout.rungHeight = area.height() / static_cast<double>(rungs.size());
    layout.lowestBpm = rungs.front();
    layout.highestBpm = rungs.back();
    layout.top = area.top() + 0.8 * layout.rungHeight;
    layout.bottom = area.bottom() - 0.15 * layout.rungHeight;
    for (const double rung : rungs) layout.rungs.push_back({rung, layout.yOf(rung), std::abs(rung - tempoBpm) < 0.01});
    const double step =
        std::clamp(area.width() / std::max<double>(1.0, static_cast<double>(takes.size()) + 1), 7.0, 26.0);
    const auto fitting = static_cast<std::size_t>(area.width() / step);
    const std::size_t first = takes.size() > fitting ? takes.size() - fitting : 0;
    QDate day;
    for (std::size_t i = first; i < takes.size(); ++i) {
        const double x = area.left() + (static_cast<double>(i - first) + 0.7) * step;
        if (takes[i].startedAt.date() != day) {
            day = takes[i].startedAt.date();
            layout.days.push_back({day, x});
        }
        if (!layout.shows(takes[i].tempoBpm)) continue;
        layout.takes.push_back({{x, layout.yOf(takes[i].tempoBpm)}, takes[i].clean, takes[i].id});
    }
    return layout;
}

}  // namespace upbeat
