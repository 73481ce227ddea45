#include "upbeat/align/match.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <optional>

namespace upbeat {

namespace {

constexpr double kUnplayedCost = 7.0;
constexpr double kUnplayedGraceCost = 4.0;
constexpr double kUnwrittenCost = 6.0;
constexpr double kDroppedWeakCost = 0.05;
constexpr double kEchoReachS = 0.032;
constexpr double kImpossible = std::numeric_limits<double>::infinity();

struct Expectation {
    std::vector<double> shiftS;                    ///< Per event: where the player is against the click.
    std::array<std::optional<double>, 3> levelDb;  ///< Per class, where known.
};

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
    if (std::abs(late) > reachS(event)) return kImpossible;
    double cost = 0.5 * std::pow(late / scatterS(event), 2.0);
    if (const auto level = expected.levelDb[static_cast<std::size_t>(event.level)])
        cost += 0.3 * std::min(std::pow((hit.levelDb - *level) / 6.0, 2.0), 6.0);
    if (hit.strength < kFirmStrength) cost += 2.0 * (kFirmStrength - hit.strength) / kFirmStrength;
    if (hit.echo) cost += 3.0;
    return cost;
}

double unwrittenCost(const Sounding& hit) {
    if (hit.strength < kFirmStrength || hit.echo) return kDroppedWeakCost;
    return kUnwrittenCost;
}

bool isEarlier(const Sounding& hit, double timeS) {
    return hit.timeS < timeS;
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

    Assignment solve() {
        std::vector<Row> rows;
        rows.push_back({0, {0.0}, {Step::Unwritten}});
        for (std::size_t i = 0; i < m_events.size(); ++i) rows.push_back(nextRow(rows.back(), i));
        return trace(rows);
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

double medianOf(std::vector<double> values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

/// The player's place against the click around every event: median offset of the main strokes within two seconds.
std::vector<double> slowShift(std::span<const PageEvent> events, std::span<const Sounding> hits,
                              const Assignment& found) {
    constexpr double kAroundS = 2.0;
    constexpr std::size_t kFewest = 5;
    std::vector<double> shift(events.size(), 0.0);
    std::size_t from = 0;
    std::size_t to = 0;
    for (std::size_t i = 0; i < events.size(); ++i) {
        while (to < events.size() && events[to].gridS <= events[i].gridS + kAroundS) ++to;
        while (events[from].gridS < events[i].gridS - kAroundS) ++from;
        std::vector<double> offsets;
        for (std::size_t k = from; k < to; ++k) {
            if (found.hitOfEvent[k] == kNone || events[k].role == Role::Grace) continue;
            offsets.push_back(hits[static_cast<std::size_t>(found.hitOfEvent[k])].timeS - events[k].gridS);
        }
        if (offsets.size() >= kFewest) shift[i] = medianOf(std::move(offsets));
    }
    return shift;
}

/// Where the player is against the click, found from the start onwards a few strokes at a time: what was found so far
/// is where the next strokes are looked for. So a player who moves away by half a step and more is not lost.
std::vector<double> follow(std::span<const PageEvent> events, std::span<const Sounding> hits) {
    constexpr std::size_t kStretch = 16;
    constexpr std::size_t kFewest = 4;
    std::vector<double> shift(events.size(), 0.0);
    double now = 0;
    for (std::size_t from = 0; from < events.size(); from += kStretch) {
        const auto part = events.subspan(from, std::min(kStretch, events.size() - from));
        const auto begin = std::lower_bound(hits.begin(), hits.end(), part.front().gridS - 1.0, isEarlier);
        const auto end = std::lower_bound(begin, hits.end(), part.back().gridS + 1.0, isEarlier);
        const auto near =
            hits.subspan(static_cast<std::size_t>(begin - hits.begin()), static_cast<std::size_t>(end - begin));
        const Expectation expected{std::vector<double>(part.size(), now), {}};
        const Assignment found = Table(part, near, expected).solve();
        std::vector<double> offsets;
        for (std::size_t i = 0; i < part.size(); ++i)
            if (found.hitOfEvent[i] != kNone && part[i].role == Role::Main)
                offsets.push_back(near[static_cast<std::size_t>(found.hitOfEvent[i])].timeS - part[i].gridS);
        if (offsets.size() >= kFewest) now = medianOf(std::move(offsets));
        std::fill_n(shift.begin() + static_cast<std::ptrdiff_t>(from), part.size(), now);
    }
    return shift;
}

std::array<std::optional<double>, 3> classLevels(std::span<const PageEvent> events, std::span<const Sounding> hits,
                                                 const Assignment& found) {
    std::array<std::vector<double>, 3> levels;
    for (std::size_t i = 0; i < events.size(); ++i)
        if (found.hitOfEvent[i] != kNone && events[i].role == Role::Main)
            levels[static_cast<std::size_t>(events[i].level)].push_back(
                hits[static_cast<std::size_t>(found.hitOfEvent[i])].levelDb);
    std::array<std::optional<double>, 3> medians;
    for (std::size_t c = 0; c < levels.size(); ++c)
        if (levels[c].size() >= 4) medians[c] = medianOf(levels[c]);
    return medians;
}

}  // namespace

std::vector<Sounding> soundings(std::span<const Hit> hits, double firstBeatS, double latencyS) {
    std::vector<Sounding> list;
    list.reserve(hits.size());
    for (std::size_t j = 0; j < hits.size(); ++j) {
        Sounding sounding{hits[j].timeS - firstBeatS - latencyS, hits[j].levelDb, hits[j].strength, false};
        for (std::size_t k = j; k-- > 0 && hits[j].timeS - hits[k].timeS < kEchoReachS;) {
            const bool louder = hits[j].levelDb > hits[k].levelDb + 3.0;
            const bool surer = hits[j].strength > hits[k].strength;
            if (!louder && !surer) sounding.echo = true;
        }
        list.push_back(sounding);
    }
    return list;
}

Assignment match(std::span<const PageEvent> events, std::span<const Sounding> hits) {
    Expectation expected{follow(events, hits), {}};
    const Assignment first = Table(events, hits, expected).solve();
    expected.shiftS = slowShift(events, hits, first);
    expected.levelDb = classLevels(events, hits, first);
    return Table(events, hits, expected).solve();
}

}  // namespace upbeat
