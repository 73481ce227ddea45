#include "upbeat/measure/rolls.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "upbeat/music/tempo_map.h"

namespace upbeat {

namespace {

constexpr double kStepS = 0.012;
constexpr double kAroundS = 0.25;
constexpr double kUpper = 0.7;
constexpr double kGapDb = 8;
constexpr double kReleasedDb = 14;
constexpr std::size_t kLowestBand = 2;

/// Strokes [first, first + count) of the exercise, and where the next one stands (seconds from the first).
struct Roll {
    std::size_t first = 0;
    std::size_t count = 0;
    double lengthS = 0;
};

bool isRoll(const Stroke& stroke) {
    return stroke.ornament == Ornament::ClosedRoll;
}

std::vector<Roll> rollsOf(const Exercise& e, double quarter) {
    const TempoMap map(e);
    std::vector<Roll> rolls;
    for (std::size_t i = 0; i < e.strokes.size();) {
        if (!isRoll(e.strokes[i])) {
            ++i;
            continue;
        }
        Roll roll{i, 0, 0};
        while (i < e.strokes.size() && isRoll(e.strokes[i])) ++i, ++roll.count;
        const Beats end = i < e.strokes.size() ? e.strokes[i].at : e.length();
        roll.lengthS = (map.evenAt(end.toDouble()) - map.evenAt(e.strokes[roll.first].at.toDouble())) * quarter;
        rolls.push_back(roll);
    }
    return rolls;
}

/// The level above 300 Hz from one time to another, step by step, in dB.
std::vector<double> levels(const BandTrace& trace, double fromS, double toS) {
    std::vector<double> db;
    for (double at = fromS; at + kStepS <= toS; at += kStepS) {
        const std::size_t from = trace.columnAt(at);
        const std::size_t to = trace.columnAt(at + kStepS);
        double energy = 1e-12;
        for (std::size_t b = kLowestBand; b < kBands; ++b) energy += static_cast<double>(trace.energy(b, from, to));
        db.push_back(10 * std::log10(energy));
    }
    return db;
}

std::vector<double> runningLevel(const std::vector<double>& db) {
    const auto reach = static_cast<std::ptrdiff_t>(0.5 * kAroundS / kStepS);
    const auto size = static_cast<std::ptrdiff_t>(db.size());
    std::vector<double> running;
    for (std::ptrdiff_t i = 0; i < size; ++i)
        running.push_back(quantile(
            {db.begin() + std::max<std::ptrdiff_t>(0, i - reach), db.begin() + std::min(size, i + reach + 1)}, kUpper));
    return running;
}

struct Shape {
    double longestGapMs = 0;
    double rippleDb = 0;
    double pulseDb = 0;
    double releaseMs = 0;
};

Shape shapeOf(const std::vector<double>& db) {
    // Where it ends: after the last moment near the level of the whole. What follows is release, not a gap.
    const double whole = median(db);
    auto end = db.size();
    while (end > 1 && db[end - 1] < whole - kReleasedDb) --end;
    Shape shape;
    shape.releaseMs = -static_cast<double>(db.size() - end) * kStepS * 1e3;
    const std::vector<double> sounding(db.begin(), db.begin() + static_cast<std::ptrdiff_t>(end));
    const auto running = runningLevel(sounding);
    std::vector<double> ripple;
    double gap = 0;
    for (std::size_t i = 0; i < sounding.size(); ++i) {
        const double above = sounding[i] - running[i];
        gap = above < -kGapDb ? gap + kStepS * 1e3 : 0;
        shape.longestGapMs = std::max(shape.longestGapMs, gap);
        ripple.push_back(above);
    }
    shape.rippleDb = quantile(ripple, 0.9) - quantile(ripple, 0.1);
    shape.pulseDb = *std::max_element(ripple.begin(), ripple.end());
    return shape;
}

class Rolls {
  public:
    explicit Rolls(const MatchedTake& take) : m_take(take) {
        for (const MatchedStroke& s : take.strokes)
            if (s.written.role == Role::Main) m_played[{s.written.pass, s.written.stroke}] = &s;
    }

    [[nodiscard]] RollPlayed measure(const Roll& roll) const {
        RollPlayed played;
        played.stroke = static_cast<int>(roll.first);
        played.strokes = static_cast<int>(roll.count);
        std::vector<double> gaps, ripples, pulses, releases, unevenness;
        for (int pass = 1; pass <= m_take.passes; ++pass) {
            addUnevenness(pass, roll, unevenness);
            const MatchedStroke* first = find(pass, roll.first);
            if (first == nullptr) continue;
            constexpr double kFewestSteps = 8;
            constexpr double kNextStrokeS = 0.012;  // a stroke that comes early must not sound like a pulse
            const double start = onsetS(*first);
            const auto db = levels(m_take.trace, start, endS(pass, roll, start) - kNextStrokeS);
            if (static_cast<double>(db.size()) < kFewestSteps) continue;
            const Shape shape = shapeOf(db);
            gaps.push_back(shape.longestGapMs);
            ripples.push_back(shape.rippleDb);
            pulses.push_back(shape.pulseDb);
            releases.push_back(shape.releaseMs);
        }
        played.longestGapMs = meanFigure(gaps);
        played.rippleDb = meanFigure(ripples);
        played.pulseDb = meanFigure(pulses);
        played.releaseMs = meanFigure(releases);
        played.wristMs = spreadFigure(unevenness);
        return played;
    }

  private:
    [[nodiscard]] const MatchedStroke* find(int pass, std::size_t stroke) const {
        const auto found = m_played.find({pass, static_cast<int>(stroke)});
        return found == m_played.end() ? nullptr : found->second;
    }

    [[nodiscard]] double onsetS(const MatchedStroke& s) const {
        return m_take.hits[static_cast<std::size_t>(s.hit)].timeS;
    }

    /// Where the stroke that follows was played, else where it is written.
    [[nodiscard]] double endS(int pass, const Roll& roll, double startS) const {
        const std::size_t next = roll.first + roll.count;
        const bool wraps = next >= m_take.exercise.strokes.size();
        const MatchedStroke* after = find(wraps ? pass + 1 : pass, wraps ? 0 : next);
        return after != nullptr ? onsetS(*after) : startS + roll.lengthS;
    }

    /// Offsets of the wrist strokes against their own mean in this pass, in ms.
    void addUnevenness(int pass, const Roll& roll, std::vector<double>& unevenness) const {
        std::vector<double> offsets;
        for (std::size_t i = roll.first; i < roll.first + roll.count; ++i)
            if (const MatchedStroke* s = find(pass, i)) offsets.push_back(s->offsetMs);
        if (offsets.size() < 2) return;
        const double middle = mean(offsets);
        for (const double offset : offsets) unevenness.push_back(offset - middle);
    }

    const MatchedTake& m_take;
    std::map<std::pair<int, int>, const MatchedStroke*> m_played;
};

}  // namespace

bool hasRolls(const Exercise& exercise) {
    return std::any_of(exercise.strokes.begin(), exercise.strokes.end(), isRoll);
}

std::vector<RollPlayed> measureRolls(const MatchedTake& take) {
    std::vector<RollPlayed> all;
    if (take.trace.isEmpty()) return all;
    const Rolls rolls(take);
    for (const Roll& roll : rollsOf(take.exercise, quarterS(take.exercise.meter, Bpm(take.tempoBpm))))
        all.push_back(rolls.measure(roll));
    return all;
}

}  // namespace upbeat
