#include "cheapest_route.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <map>

#include "page_beats.h"
#include "table.h"
#include "upbeat/align/matched_take.h"

namespace upbeat {

namespace {

constexpr double kSkippedCost = 4.0;        // a beat
constexpr double kHitCost = 3.0;            // of a hit that belongs to nothing
constexpr double kHopeless = 200.0;         // behind the best: no section was left out or came again
constexpr std::ptrdiff_t kMostLeftOut = 9;  // sections at once, less one
constexpr std::size_t kPlaces = 2 * kFarthestSlip + 1;

/// Where the player is against the page: the sections left out before, less those played again, and the slips since.
struct Place {
    double aheadBeats = 0;
    std::size_t slip = kFarthestSlip;  ///< This is none; one less is a beat ahead.

    [[nodiscard]] double beats() const { return static_cast<double>(slip) - kFarthestSlip - aheadBeats; }
    friend bool operator==(const Place&, const Place&) = default;
};

/// The cheapest path through beats of the page and places against the click. Time never runs back: to go on earlier,
/// the page is skipped; to go on later, what sounds meanwhile belongs to nothing.
class Path {
  public:
    Path(std::span<const PageEvent> events, std::span<const Sounding> hits, double beatS,
         std::span<const double> sectionStartsS)
        : m_events(events),
          m_hits(hits),
          m_beatS(beatS),
          m_blocks(blocksOf(events, beatS)),
          m_nodes(m_blocks.size() + 1),
          m_expected(usualByShare(events, hits)) {
        for (const Sounding& h : hits)
            m_firmBefore.push_back(m_firmBefore.back() + (h.strength >= kFirmStrength && !h.echo ? 1 : 0));
        for (const double startS : sectionStartsS) {
            const auto first = std::find_if(m_blocks.begin(), m_blocks.end(), [&](const EventRun& block) {
                return events[block.from].gridS > startS - kEarlierS;
            });
            if (first != m_blocks.end())
                m_starts.push_back({static_cast<std::size_t>(first - m_blocks.begin()), startS});
        }
    }

    Route find() {
        m_nodes[0][0.0][kFarthestSlip].cost = 0;
        for (std::size_t b = 0; b < m_blocks.size(); ++b) {
            for (const auto& [ahead, slips] : m_nodes[b]) moveFrom(b, ahead);
            leaveOutFrom(b);
            playAgainBefore(b);
            for (const auto& [ahead, slips] : m_nodes[b])
                for (std::size_t p = 0; p < kPlaces; ++p)
                    if (!isHopeless(b, {ahead, p}, slips[p].cost))
                        reach(b + 1, {ahead, p}, {slips[p].cost + playCost(b, {ahead, p}), b, {ahead, p}, true});
        }
        return trace();
    }

  private:
    static constexpr std::size_t kNotAgain = std::numeric_limits<std::size_t>::max();
    struct Node {
        double cost = std::numeric_limits<double>::infinity();
        std::size_t fromBlock = 0;
        Place from{};
        bool played = false;            // reached by playing the block before
        std::size_t again = kNotAgain;  // or by playing the blocks from this one on once more
    };
    using Slips = std::array<Node, kPlaces>;
    using Nodes = std::map<double, Slips>;  // by the beats ahead

    struct SectionStart {
        std::size_t block = 0;
        double atS = 0;
    };

    void reach(std::size_t block, const Place& place, const Node& by) {
        Node& node = m_nodes[block][place.aheadBeats][place.slip];
        if (by.cost < node.cost) node = by;
    }

    void moveFrom(std::size_t b, double ahead) {
        const Slips before = m_nodes[b].at(ahead);
        for (std::size_t p = 0; p < kPlaces; ++p) {
            const Place now{ahead, p};
            if (isHopeless(b, now, before[p].cost)) continue;
            const double moved = before[p].cost + kMoveCost;
            for (std::size_t later = p + 1; later < kPlaces; ++later)
                reach(b, {ahead, later},
                      {moved + hitsBetween(timeOf(b, now), timeOf(b, {ahead, later})), b, now, false});
            for (std::size_t skipped = 1; skipped <= p && b + skipped < m_blocks.size(); ++skipped)
                reach(b + skipped, {ahead, p - skipped},
                      {moved + kSkippedCost * static_cast<double>(skipped), b, now, false});
        }
    }

    [[nodiscard]] auto startAt(std::size_t b) const {
        return std::find_if(m_starts.begin(), m_starts.end(), [b](const SectionStart& s) { return s.block == b; });
    }

    /// Sums of lengths are the same in any order.
    [[nodiscard]] double beatsAfter(double before, double lengthS) const {
        constexpr double kFinest = 1e6;
        return std::round((before + lengthS / m_beatS) * kFinest) / kFinest;
    }

    /// Where a section begins, a later one may begin instead.
    void leaveOutFrom(std::size_t b) {
        const auto here = startAt(b);
        const auto last = here + std::min(m_starts.end() - here, kMostLeftOut);
        for (auto later = here; later != last; ++later) {
            if (later->block == b) continue;
            for (const auto& [ahead, slips] : m_nodes[b]) {
                const double beats = beatsAfter(ahead, later->atS - here->atS);
                for (std::size_t p = 0; p < kPlaces; ++p) {
                    const double cost = slips[p].cost + kMoveCost + kLeaveOutCost;
                    if (!isHopeless(later->block, {beats, p}, cost))
                        reach(later->block, {beats, p}, {cost, b, {ahead, p}, false});
                }
            }
        }
    }

    /// Where a section begins, the last one or two may come once more: what is heard meanwhile is laid against them.
    void playAgainBefore(std::size_t b) {
        constexpr std::ptrdiff_t kMostAgain = 2;
        const auto here = startAt(b);
        if (here == m_starts.end()) return;
        const Nodes before = m_nodes[b];
        for (auto first = here; first != m_starts.begin() && here - first < kMostAgain;) {
            --first;
            for (const auto& [ahead, slips] : before) {
                const auto cheapest = std::min_element(slips.begin(), slips.end(),
                                                       [](const Node& x, const Node& y) { return x.cost < y.cost; });
                const Place now{ahead, static_cast<std::size_t>(cheapest - slips.begin())};
                const Place then{beatsAfter(ahead, first->atS - here->atS), now.slip};
                if (isHopeless(b, now, cheapest->cost)) continue;
                double cost = cheapest->cost + kMoveCost + kLeaveOutCost;
                std::size_t k = first->block;
                while (k < b && !isHopeless(k, then, cost)) cost += playCost(k++, then);
                if (k == b) reach(b, then, {cost, b, now, false, first->block});
            }
        }
    }

    /// Whether a place is not reached, or sections were left out or came again on the way to it and others that have
    /// heard as much of the take are far ahead.
    [[nodiscard]] bool isHopeless(std::size_t b, const Place& place, double cost) {
        constexpr double kNever = std::numeric_limits<double>::infinity();
        const auto beat =
            static_cast<std::size_t>(std::max(0L, std::lround(timeOf(b, place) / m_beatS) + kFarthestSlip));
        if (beat >= m_leastAt.size()) m_leastAt.resize(beat + 1, kNever);
        m_leastAt[beat] = std::min(m_leastAt[beat], cost);
        return cost == kNever || (place.aheadBeats != 0 && cost > m_leastAt[beat] + kHopeless);
    }

    [[nodiscard]] double timeOf(std::size_t block, const Place& place) const {
        return (std::floor((m_events[m_blocks[block].from].gridS + kEarlierS) / m_beatS) + place.beats()) * m_beatS;
    }

    /// What the hits cost that belong to nothing.
    [[nodiscard]] double hitsBetween(double fromS, double toS) const {
        const auto before = [this](double timeS) {
            return m_firmBefore[static_cast<std::size_t>(
                std::lower_bound(m_hits.begin(), m_hits.end(), timeS, isEarlier) - m_hits.begin())];
        };
        return kHitCost * std::max(0, before(toS - kEarlierS) - before(fromS));
    }

    double playCost(std::size_t block, const Place& place) {
        const double start = timeOf(block, place);
        if (start >= m_events.back().gridS + kEarlierS) return 0;  // the recording has ended
        const auto own = m_events.subspan(m_blocks[block].from, m_blocks[block].to - m_blocks[block].from);
        const double early = 0.5 * std::min(own.front().stepS, m_beatS);
        const auto begin = std::lower_bound(m_hits.begin(), m_hits.end(), start - early, isEarlier);
        const auto end = std::lower_bound(begin, m_hits.end(), start + m_beatS - early, isEarlier);
        m_expected.shiftS.assign(own.size(), place.beats() * m_beatS);
        return solve(own, {begin, end}, m_expected).cost;
    }

    /// The cheapest end: what is played after the page belongs to nothing.
    [[nodiscard]] Place cheapestEnd() const {
        Place best;
        double least = std::numeric_limits<double>::infinity();
        for (const auto& [ahead, slips] : m_nodes.back())
            for (std::size_t p = 0; p < kPlaces; ++p) {
                const Place place{ahead, p};
                const double endS = m_events.back().gridS + (place.beats() + 1) * m_beatS;
                const double cost =
                    slips[p].cost + (ahead > 0 ? hitsBetween(endS, std::numeric_limits<double>::infinity()) : 0);
                if (cost < least) least = cost, best = place;
            }
        return best;
    }

    [[nodiscard]] Route trace() const {
        std::size_t block = m_blocks.size();
        Place place = cheapestEnd();
        Route route{{{m_events.size(), place.beats()}}, {}};
        while (block > 0 || !(place == Place())) {
            const Node& node = m_nodes[block].at(place.aheadBeats)[place.slip];
            if (node.played) route.runs.back().firstEvent = m_blocks[node.fromBlock].from;
            if (node.again != kNotAgain)
                route.again.push_back(
                    {{m_blocks[node.again].from, m_blocks[block].from}, node.from.aheadBeats - place.aheadBeats});
            else if (node.from.aheadBeats != place.aheadBeats)
                route.leftOut.push_back({m_blocks[node.fromBlock].from, m_blocks[block].from});
            block = node.fromBlock;
            if (!(node.from == place)) {
                place = node.from;
                route.runs.push_back({m_blocks[block].from, place.beats()});
            }
        }
        std::reverse(route.runs.begin(), route.runs.end());
        std::reverse(route.leftOut.begin(), route.leftOut.end());
        std::reverse(route.again.begin(), route.again.end());
        route.runs.front().firstEvent = 0;
        return route;
    }

    std::span<const PageEvent> m_events;
    std::span<const Sounding> m_hits;
    double m_beatS;
    std::vector<EventRun> m_blocks;
    std::vector<int> m_firmBefore{0};  // of every hit
    std::vector<SectionStart> m_starts;
    std::vector<Nodes> m_nodes;
    std::vector<double> m_leastAt;  // by the beat of the take
    Expectation m_expected;
};

}  // namespace

Route cheapestRoute(std::span<const PageEvent> events, std::span<const Sounding> hits, double beatS,
                    std::span<const double> sectionStartsS) {
    return Path(events, hits, beatS, sectionStartsS).find();
}

}  // namespace upbeat
