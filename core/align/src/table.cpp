#include "table.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace upbeat {

namespace {

constexpr double kUnplayedCost = 7.5;
constexpr double kUnplayedGraceCost = 7.0;
constexpr double kUnwrittenCost = 6.0;
constexpr double kDroppedWeakCost = 0.05;
constexpr double kFaintCost = 1.6;  // per e-fold below what is firm
constexpr double kFaintLevelWeight = 0.5;
constexpr double kFaintRoom = 1.3;
constexpr double kFirmRoom = 3;
constexpr double kEchoCost = 3.0;
constexpr double kGraceEchoCost = 0.5;
constexpr double kUnlikeCost = 2.0;  // for each of the log odds
constexpr double kVowelCost = 3.0;   // nothing rises above all vowels where such strokes do...
constexpr double kTopShare = 0.5;    // ...and nothing where they rise this share of what is usual
constexpr double kClickCost = 4.0;   // a stroke beside the click is likelier than what is left of the click
constexpr double kImpossible = std::numeric_limits<double>::infinity();

double reachS(const PageEvent& event) {
    if (event.role == Role::Grace) return 0.055;
    return std::clamp(0.55 * event.stepS, 0.030, 0.160);
}

double scatterS(const PageEvent& event) {
    if (event.role == Role::Grace) return 0.020;
    return std::clamp(0.14 * event.stepS, 0.008, 0.030);
}

double pairCost(const PageEvent& event, const Sounding& hit, double shiftS, const Expectation& expected) {
    const double late = hit.timeS - event.gridS - shiftS;
    if (hit.refused || std::abs(late) > reachS(event)) return kImpossible;
    // A faint hit is believed only where the player usually is; a sure one may be a slip.
    const bool faint = hit.strength < kFirmStrength;
    const double room = faint ? kFaintRoom : kFirmRoom;
    const double scatter = event.role == Role::Grace ? scatterS(event) : room * expected.scatterS;
    double cost = 0.5 * std::pow(late / std::min(scatterS(event), scatter), 2.0);
    if (const auto& usualDb = expected.usualDb[classOf(event)]) {
        const double away = std::pow((hit.levelDb - *usualDb) / 6.0, 2.0);
        cost += faint ? kFaintLevelWeight * std::min(away, 20.0) : expected.levelWeight * std::min(away, 6.0);
    }
    if (faint) cost += kFaintCost * std::log(kFirmStrength / hit.strength);
    if (hit.echo) cost += event.ornamented && !hit.second ? kGraceEchoCost : kEchoCost;
    if (hit.click) cost += kClickCost;
    cost += kUnlikeCost * hit.unlike;
    if (const auto usual = expected.usualTopDb.find(soundOf(event)); usual != expected.usualTopDb.end())
        cost += kVowelCost * std::max(0.0, 1 - hit.topDb / (kTopShare * usual->second));
    return cost;
}

double unwrittenCost(const Sounding& hit) {
    if (hit.strength < kFirmStrength || hit.echo || hit.foreign || hit.click) return kDroppedWeakCost;
    return kUnwrittenCost;
}

enum class Step : unsigned char { Unplayed, Unwritten, Pair };

/// One row of the table: the costs of having settled the events so far and hits [0, j), for j from `first` on.
struct Row {
    std::size_t first = 0;
    std::vector<double> cost;
    std::vector<Step> step;
};

class Table {
  public:
    Table(std::span<const PageEvent> events, std::span<const Sounding> hits, const Expectation& expected)
        : m_events(events), m_hits(hits), m_expected(expected), m_unwritten(hits.size() + 1, 0.0) {
        for (std::size_t j = 0; j < hits.size(); ++j) m_unwritten[j + 1] = m_unwritten[j] + unwrittenCost(hits[j]);
    }

    Solution solve() {
        std::vector<Row> rows;
        rows.push_back({0, {0.0}, {Step::Unwritten}});
        for (std::size_t i = 0; i < m_events.size(); ++i) rows.push_back(nextRow(rows.back(), i));
        return {trace(rows), costAt(rows.back(), m_hits.size())};
    }

  private:
    /// Cost in a finished row: hits beyond it are unwritten, hits before it cannot be left to later events.
    [[nodiscard]] double costAt(const Row& row, std::size_t j) const {
        if (j < row.first) return kImpossible;
        const std::size_t last = row.first + row.cost.size() - 1;
        if (j <= last) return row.cost[j - row.first];
        return row.cost.back() + m_unwritten[j] - m_unwritten[last];
    }

    [[nodiscard]] Row nextRow(const Row& before, std::size_t i) const {
        const PageEvent& event = m_events[i];
        const double centre = event.gridS + m_expected.shiftS[i];
        const auto begin = std::lower_bound(m_hits.begin(), m_hits.end(), centre - reachS(event), isEarlier);
        const auto end = std::lower_bound(m_hits.begin(), m_hits.end(), centre + reachS(event), isEarlier);
        Row row;
        row.first = std::max(before.first, static_cast<std::size_t>(begin - m_hits.begin()));
        const auto last = std::max(row.first, static_cast<std::size_t>(end - m_hits.begin()));
        const double unplayed = event.role == Role::Grace ? kUnplayedGraceCost : kUnplayedCost;
        for (std::size_t j = row.first; j <= last; ++j) {
            double best = costAt(before, j) + unplayed;
            Step step = Step::Unplayed;
            if (j > row.first) {
                const double unwritten = row.cost.back() + unwrittenCost(m_hits[j - 1]);
                if (unwritten < best) best = unwritten, step = Step::Unwritten;
            }
            if (j > 0) {
                const double pair =
                    costAt(before, j - 1) + pairCost(event, m_hits[j - 1], m_expected.shiftS[i], m_expected);
                if (pair < best) best = pair, step = Step::Pair;
            }
            row.cost.push_back(best);
            row.step.push_back(step);
        }
        return row;
    }

    [[nodiscard]] Assignment trace(const std::vector<Row>& rows) const {
        Assignment result{std::vector<int>(m_events.size(), kNone), std::vector<int>(m_hits.size(), kNone)};
        std::size_t j = m_hits.size();
        for (std::size_t i = m_events.size(); i > 0;) {
            const Row& row = rows[i];
            const std::size_t last = row.first + row.cost.size() - 1;
            if (j > last) {
                j = last;
                continue;
            }
            switch (row.step[j - row.first]) {
                case Step::Unwritten:
                    --j;
                    break;
                case Step::Pair:
                    --j;
                    result.hitOfEvent[i - 1] = static_cast<int>(j);
                    result.eventOfHit[j] = static_cast<int>(i - 1);
                    --i;
                    break;
                case Step::Unplayed:
                    --i;
                    break;
            }
        }
        return result;
    }

    std::span<const PageEvent> m_events;
    std::span<const Sounding> m_hits;
    const Expectation& m_expected;
    std::vector<double> m_unwritten;
};

}  // namespace

Solution solve(std::span<const PageEvent> events, std::span<const Sounding> hits, const Expectation& expected) {
    return Table(events, hits, expected).solve();
}

Expectation usualByShare(std::span<const PageEvent> events, std::span<const Sounding> hits) {
    std::array<std::size_t, kClasses> counts{};
    for (const PageEvent& event : events) ++counts[classOf(event)];
    std::vector<double> levels;
    for (const Sounding& hit : hits)
        if (hit.strength >= kFirmStrength && !hit.echo) levels.push_back(hit.levelDb);
    std::sort(levels.begin(), levels.end());
    Expectation expected;
    expected.levelWeight = 1.0;
    if (levels.empty()) return expected;
    double passed = 0;
    for (const std::size_t c : {kClasses - 1, std::size_t{0}, std::size_t{1}, std::size_t{2}}) {
        const double share = static_cast<double>(counts[c]) / static_cast<double>(events.size());
        const auto middle = static_cast<std::size_t>((passed + 0.5 * share) * static_cast<double>(levels.size()));
        if (counts[c] > 0) expected.usualDb[c] = levels[std::min(middle, levels.size() - 1)];
        passed += share;
    }
    return expected;
}

double medianOf(std::vector<double> values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

}  // namespace upbeat
