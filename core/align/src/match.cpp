#include "upbeat/align/match.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <optional>

namespace upbeat {

namespace {

constexpr double kUnplayedCost = 7.0;
constexpr double kUnplayedGraceCost = 5.0;
constexpr double kUnwrittenCost = 6.0;
constexpr double kDroppedWeakCost = 0.05;
constexpr double kWeakCost = 5.0;
constexpr double kFaintRoom = 1.3;
constexpr double kFirmRoom = 3;
constexpr double kFaintCost = 0.8;
constexpr double kMostFaintCost = 3.0;
constexpr double kEchoCost = 3.0;
constexpr double kGraceEchoCost = 0.5;
constexpr double kClearDb = 24.0;
constexpr double kReflectionDb = 15.0;  // walls answer at least this much softer
constexpr double kEchoReachS = 0.032;
constexpr double kImpossible = std::numeric_limits<double>::infinity();

/// Ghosts, taps and accents as written, and grace notes.
constexpr std::size_t kClasses = 4;

std::size_t classOf(const PageEvent& event) {
    return event.role == Role::Grace ? kClasses - 1 : static_cast<std::size_t>(event.level);
}

/// How the strokes of a class usually sound in this take.
struct Usual {
    double levelDb = 0;
    double logStrength = 0;
};

struct Expectation {
    std::vector<double> shiftS;                        ///< Per event: where the player is against the click.
    std::array<std::optional<Usual>, kClasses> usual;  ///< Per class, where known.
    double scatterS = 1.0;                             ///< Of this player's firm strokes: what is usual is expected.
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
    // A faint hit is believed only where the player usually is; a sure one may be a slip.
    const double room = hit.strength < kFirmStrength ? kFaintRoom : kFirmRoom;
    const double scatter = event.role == Role::Grace ? scatterS(event) : room * expected.scatterS;
    double cost = 0.5 * std::pow(late / std::min(scatterS(event), scatter), 2.0);
    if (const auto& usual = expected.usual[classOf(event)]) {
        cost += 0.3 * std::min(std::pow((hit.levelDb - usual->levelDb) / 6.0, 2.0), 6.0);
        // A stroke of a class that is heard clearly elsewhere does not hide here without a reason.
        const double fainter = std::max(0.0, usual->logStrength - std::log(hit.strength));
        if (event.role == Role::Main) cost += std::min(kFaintCost * fainter * fainter, kMostFaintCost);
    }
    if (hit.strength < kFirmStrength) cost += kWeakCost * (kFirmStrength - hit.strength) / kFirmStrength;
    if (hit.echo) cost += event.ornamented ? kGraceEchoCost : kEchoCost;
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

std::array<std::optional<Usual>, kClasses> usualOf(std::span<const PageEvent> events, std::span<const Sounding> hits,
                                                   const Assignment& found) {
    constexpr std::size_t kFewest = 4;
    std::array<std::vector<double>, kClasses> levels;
    std::array<std::vector<double>, kClasses> strengths;
    for (std::size_t i = 0; i < events.size(); ++i) {
        if (found.hitOfEvent[i] == kNone) continue;
        const Sounding& hit = hits[static_cast<std::size_t>(found.hitOfEvent[i])];
        levels[classOf(events[i])].push_back(hit.levelDb);
        strengths[classOf(events[i])].push_back(std::log(hit.strength));
    }
    std::array<std::optional<Usual>, kClasses> usual;
    for (std::size_t c = 0; c < kClasses; ++c)
        if (levels[c].size() >= kFewest) usual[c] = Usual{medianOf(levels[c]), medianOf(strengths[c])};
    return usual;
}

/// What the player does at the same place in every pass is expected there.
void addHabits(std::vector<double>& shiftS, std::span<const PageEvent> events, std::span<const Sounding> hits,
               const Assignment& found) {
    constexpr std::size_t kFewest = 3;
    std::map<int, std::vector<double>> away;
    for (std::size_t i = 0; i < events.size(); ++i) {
        if (found.hitOfEvent[i] == kNone) continue;
        const Sounding& hit = hits[static_cast<std::size_t>(found.hitOfEvent[i])];
        if (hit.strength >= kFirmStrength) away[events[i].habit].push_back(hit.timeS - events[i].gridS - shiftS[i]);
    }
    std::map<int, double> habits;
    for (const auto& [habit, offsets] : away)
        if (offsets.size() >= kFewest) habits[habit] = medianOf(offsets);
    for (std::size_t i = 0; i < events.size(); ++i)
        if (const auto habit = habits.find(events[i].habit); habit != habits.end()) shiftS[i] += habit->second;
}

/// How far this player's firm main strokes usually lie from where they are expected, as a robust standard deviation.
double usualScatter(std::span<const PageEvent> events, std::span<const Sounding> hits, const Assignment& found,
                    const std::vector<double>& shiftS) {
    constexpr std::size_t kFewest = 12;
    constexpr double kLeastS = 0.004;
    std::vector<double> away;
    for (std::size_t i = 0; i < events.size(); ++i) {
        if (found.hitOfEvent[i] == kNone || events[i].role == Role::Grace) continue;
        const Sounding& hit = hits[static_cast<std::size_t>(found.hitOfEvent[i])];
        if (hit.strength >= kFirmStrength) away.push_back(std::abs(hit.timeS - events[i].gridS - shiftS[i]));
    }
    return away.size() < kFewest ? 1.0 : std::max(kLeastS, 1.4826 * medianOf(std::move(away)));
}

}  // namespace

std::vector<Sounding> soundings(std::span<const Hit> hits, double firstBeatS, double latencyS) {
    std::vector<Sounding> list;
    list.reserve(hits.size());
    for (std::size_t j = 0; j < hits.size(); ++j) {
        Sounding sounding{hits[j].timeS - firstBeatS - latencyS, hits[j].levelDb, hits[j].strength, false};
        for (std::size_t k = j; k-- > 0 && hits[j].timeS - hits[k].timeS < kEchoReachS;) {
            const bool louder = hits[j].levelDb > hits[k].levelDb + 3.0;
            const bool clear = hits[j].contrastDb > kClearDb && hits[j].levelDb > hits[k].levelDb - kReflectionDb;
            const bool atOnce = hits[j].timeS - hits[k].timeS < kSecondSoundS && hits[k].strength >= kFirmStrength;
            if (atOnce || (!louder && !clear)) sounding.echo = true;
        }
        list.push_back(sounding);
    }
    return list;
}

Assignment match(std::span<const PageEvent> events, std::span<const Sounding> hits) {
    Expectation expected{follow(events, hits), {}};
    const Assignment first = Table(events, hits, expected).solve();
    expected.shiftS = slowShift(events, hits, first);
    expected.usual = usualOf(events, hits, first);
    expected.scatterS = usualScatter(events, hits, first, expected.shiftS);
    addHabits(expected.shiftS, events, hits, first);
    return Table(events, hits, expected).solve();
}

}  // namespace upbeat
