#include "upbeat/measure/returns.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "upbeat/music/bars.h"

namespace upbeat {

namespace {

/// Offsets of main strokes by bar of the take (from 0) and beat in it.
class ByBeat {
  public:
    explicit ByBeat(const MatchedTake& take) {
        for (const MatchedStroke& s : take.strokes) {
            if (s.written.role != Role::Main) continue;
            const CountedBeat beat = beatAt(take.exercise, s.stroke.at);
            m_offsets[(s.written.pass - 1) * take.exercise.bars + beat.bar - 1][beat.number].push_back(s);
        }
    }

    [[nodiscard]] std::vector<double> ofBar(int bar) const {
        std::vector<double> all;
        for (const auto& [beat, strokes] : beatsOf(bar))
            for (const MatchedStroke& s : strokes) all.push_back(s.offsetMs);
        return all;
    }
    /// Means of the beats of a bar that hold strokes.
    [[nodiscard]] std::vector<double> beatMeans(int bar) const {
        std::vector<double> means;
        for (const auto& [beat, strokes] : beatsOf(bar)) {
            std::vector<double> offsets;
            for (const MatchedStroke& s : strokes) offsets.push_back(s.offsetMs);
            means.push_back(mean(offsets));
        }
        return means;
    }
    /// The first stroke of a bar, with what is struck together with it; only where it is on the first beat.
    [[nodiscard]] std::optional<double> landing(int bar) const {
        const auto& beats = beatsOf(bar);
        const auto first = beats.find(1);
        if (first == beats.end()) return std::nullopt;
        std::vector<double> offsets;
        for (const MatchedStroke& s : first->second)
            if (s.stroke.at == first->second.front().stroke.at) offsets.push_back(s.offsetMs);
        return mean(offsets);
    }

  private:
    using BeatStrokes = std::map<int, std::vector<MatchedStroke>>;
    [[nodiscard]] const BeatStrokes& beatsOf(int bar) const {
        static const BeatStrokes kNothing;
        const auto found = m_offsets.find(bar);
        return found == m_offsets.end() ? kNothing : found->second;
    }

    std::map<int, BeatStrokes> m_offsets;
};

bool isFreeBar(const Exercise& e, int bar) {
    const Bar whole = barOf(e, bar % e.bars + 1);
    return std::any_of(e.freeSpans.begin(), e.freeSpans.end(),
                       [&whole](const FreeSpan& span) { return span.from <= whole.start && span.to >= whole.end(); });
}

/// From one beat to the next more than half of the whole way: a jump.
Return::Way wayOf(const std::vector<double>& beats) {
    constexpr std::size_t kFewestBeats = 4;
    constexpr double kToldMs = 10;
    constexpr double kOfTheWay = 0.6;
    const double whole = beats.back() - beats.front();
    if (beats.size() < kFewestBeats || std::abs(whole) < kToldMs) return Return::Way::Hidden;
    double most = 0;
    for (std::size_t i = 1; i < beats.size(); ++i)
        most = std::max(most, (beats[i] - beats[i - 1]) * (whole > 0 ? 1 : -1));
    return most > kOfTheWay * std::abs(whole) ? Return::Way::Jump : Return::Way::Drift;
}

std::optional<Return> returnAt(const ByBeat& played, int firstAway, int bar, bool free) {
    const auto before = played.ofBar(firstAway - 1);
    const auto landing = played.landing(bar);
    if (before.empty() || !landing) return std::nullopt;
    Return found{bar + 1, bar - firstAway, free, *landing - mean(before), Return::Way::Hidden};
    std::vector<double> beats{mean(before)};
    for (int k = firstAway; k < bar; ++k)
        for (const double offset : played.beatMeans(k)) beats.push_back(offset);
    beats.push_back(*landing);
    found.way = wayOf(beats);
    return found;
}

}  // namespace

std::optional<Returns> measureReturns(const MatchedTake& take) {
    const ByBeat played(take);
    Returns returns;
    std::optional<int> firstAway;
    bool free = false;
    for (int bar = 0; bar < take.bars; ++bar) {
        const bool isFree = isFreeBar(take.exercise, bar);
        if (isFree || take.silent.holds(bar)) {
            if (!firstAway) firstAway = bar, free = isFree;
            continue;
        }
        if (firstAway && *firstAway > 0)
            if (const auto found = returnAt(played, *firstAway, bar, free)) returns.all.push_back(*found);
        firstAway.reset();
    }
    if (returns.all.empty()) return std::nullopt;
    std::vector<double> lands;
    std::vector<double> off;
    for (const Return& one : returns.all) lands.push_back(one.landsMs), off.push_back(std::abs(one.landsMs));
    returns.landsMs = meanFigure(lands);
    returns.offMs = meanFigure(off);
    return returns;
}

}  // namespace upbeat
