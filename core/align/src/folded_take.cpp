#include "upbeat/align/folded_take.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

/// Periods of so many bars, and which of them are like the first.
struct Fold {
    int bars = 1;
    std::vector<bool> alike;

    [[nodiscard]] int count() const { return static_cast<int>(std::count(alike.begin(), alike.end(), true)); }
};

Fold foldBy(const Exercise& e, int bars) {
    Fold fold{bars, {}};
    const Exercise first = barsOf(e, 1, bars);
    for (int from = 1; from + bars - 1 <= e.bars; from += bars)
        fold.alike.push_back(barsOf(e, from, from + bars - 1).strokes == first.strokes);
    return fold;
}

std::optional<Fold> foldOf(const Exercise& e) {
    constexpr int kFewest = 3;
    constexpr double kShare = 0.6;
    for (const int bars : {1, 2, 4, 8}) {
        if (kFewest * bars > e.bars) break;
        const Fold fold = foldBy(e, bars);
        if (fold.count() >= kFewest && fold.count() * bars >= kShare * e.bars) return fold;
    }
    return std::nullopt;
}

}  // namespace

std::optional<MatchedTake> foldedTake(const MatchedTake& take) {
    const Exercise& e = take.exercise;
    if (!e.meterChanges.empty() || !e.tempoChanges.empty() || !e.heldBars.empty() || !e.swells.empty() ||
        !e.freeSpans.empty())
        return std::nullopt;
    const auto fold = foldOf(e);
    if (!fold) return std::nullopt;
    MatchedTake folded = take;
    folded.exercise = barsOf(e, 1, fold->bars);
    folded.exercise.sections.clear();
    const auto perPeriod = static_cast<int>(folded.exercise.strokes.size());
    if (perPeriod == 0) return std::nullopt;
    std::vector<int> passOf(fold->alike.size(), 0);  // of a period within one pass of the page; 0: left out
    std::vector<int> firstOf(fold->alike.size(), 0);
    int passes = 0;
    for (std::size_t k = 0; k < passOf.size(); ++k) {
        firstOf[k] = firstStrokeOf(e, 1 + static_cast<int>(k) * fold->bars);
        if (fold->alike[k]) passOf[k] = ++passes;
    }
    const auto move = [&](WrittenStroke& w) {
        const auto next = std::upper_bound(firstOf.begin(), firstOf.end(), w.stroke);
        const auto k = static_cast<std::size_t>(std::max<std::ptrdiff_t>(0, next - firstOf.begin() - 1));
        const int stroke = w.stroke - firstOf[k];
        if (passOf[k] == 0 || stroke >= perPeriod) return false;
        w.stroke = stroke;
        w.pass = (w.pass - 1) * passes + passOf[k];
        return true;
    };
    std::erase_if(folded.strokes, [&](MatchedStroke& s) { return !move(s.written); });
    std::erase_if(folded.missed, [&](WrittenStroke& w) { return !move(w); });
    std::erase_if(folded.missedGrace, [&](WrittenStroke& w) { return !move(w); });
    folded.passes = take.passes * passes;
    folded.bars = folded.passes * fold->bars;
    return folded;
}

}  // namespace upbeat
