#include "upbeat/measure/free_spaces.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <set>

namespace upbeat {

namespace {

constexpr std::size_t kFewestOfALine = 3;
constexpr double kSameS = 1e-9;

struct Line {
    double stepS = 0;
    std::vector<double> residualsMs;
};

/// Least squares through notes in order; what is left is widened by the two values the line has taken.
Line lineThrough(const std::vector<double>& times) {
    const auto n = static_cast<double>(times.size());
    const double middle = 0.5 * (n - 1);
    const double at = mean(times);
    double covered = 0;
    double squares = 0;
    for (std::size_t i = 0; i < times.size(); ++i) {
        const double x = static_cast<double>(i) - middle;
        covered += x * (times[i] - at);
        squares += x * x;
    }
    Line line{covered / squares, {}};
    const double widened = 1000 * std::sqrt(n / (n - 2));
    for (std::size_t i = 0; i < times.size(); ++i)
        line.residualsMs.push_back(widened * (times[i] - at - line.stepS * (static_cast<double>(i) - middle)));
    return line;
}

/// All that sounds from a little before the span to a little before its end, but its anchors.
std::vector<double> notesIn(const MatchedTake& take, const std::set<int>& written, double fromS, double toS) {
    std::vector<double> notes;
    for (std::size_t i = 0; i < take.hits.size(); ++i) {
        const double at = take.hits[i].timeS - take.firstBeatS - take.latencyS;
        if (at > fromS && at < toS && !written.contains(static_cast<int>(i))) notes.push_back(at);
    }
    return notes;
}

/// Whether the place was lost or the recording is damaged in [from, to] after beat 1.
bool isDisturbed(const MatchedTake& take, double from, double to) {
    const double start = take.firstBeatS + take.latencyS;
    return std::any_of(take.breaks.begin(), take.breaks.end(),
                       [&](const Break& lost) { return lost.atS > from && lost.atS < to; }) ||
           std::any_of(take.damaged.begin(), take.damaged.end(),
                       [&](const DamagedSpan& span) { return span.fromS - start < to && span.toS - start > from; });
}

}  // namespace

int FreeSpaces::notesOff() const {
    int off = 0;
    for (const FreeSpace& space : all) off += std::abs(space.played - space.asked);
    return off;
}

int FreeSpaces::miscounted() const {
    return static_cast<int>(
        std::count_if(all.begin(), all.end(), [](const FreeSpace& s) { return s.played != s.asked; }));
}

std::optional<FreeSpaces> measureFreeSpaces(const MatchedTake& take) {
    const Exercise& e = take.exercise;
    const Bpm tempo(take.tempoBpm);
    const double end = barStartS(e, tempo, take.bars);
    std::set<int> written;
    for (const MatchedStroke& s : take.strokes) written.insert(s.hit);
    FreeSpaces spaces;
    std::vector<double> longer;
    std::vector<double> residuals;
    for (int pass = 0; pass < take.passes; ++pass)
        for (std::size_t i = 0; i < e.freeSpans.size(); ++i) {
            const FreeSpan& span = e.freeSpans[i];
            if (span.notes == 0) continue;
            const double start = pass * passDurationS(e, tempo);
            const double fromS = start + secondsAt(e, tempo, span.from.toDouble());
            const double toS = start + secondsAt(e, tempo, span.to.toDouble());
            const double step = (toS - fromS) / span.notes;
            if (toS > end + kSameS || isDisturbed(take, fromS - step, toS + step)) continue;
            const auto notes = notesIn(take, written, fromS - 0.5 * step, toS - 0.5 * step);
            FreeSpace space{pass + 1, static_cast<int>(i), span.notes, static_cast<int>(notes.size()), std::nullopt};
            if (space.played == space.asked && notes.size() >= kFewestOfALine) {
                const Line line = lineThrough(notes);
                residuals.insert(residuals.end(), line.residualsMs.begin(), line.residualsMs.end());
                longer.push_back(100 * (line.stepS / step - 1));
                space.longerPercent = longer.back();
            }
            spaces.all.push_back(space);
        }
    if (spaces.all.empty()) return std::nullopt;
    spaces.longerPercent = meanFigure(longer);
    spaces.unevenMs = spreadFigure(residuals);
    return spaces;
}

}  // namespace upbeat
