#include "upbeat/align/sections.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "table.h"

namespace upbeat {

namespace {

constexpr int kFarthest = 8;          // beats away from the place on the page
constexpr double kMoveCost = 30.0;    // a handful of missed strokes is likelier than a lost place
constexpr double kSkippedCost = 4.0;  // a beat
constexpr std::size_t kPlaces = 2 * kFarthest + 1;
constexpr double kEarlierS = 0.06;  // grace notes belong to their main stroke's beat

/// Events [from, to) that lie in one beat of the take.
struct Block {
    std::size_t from = 0;
    std::size_t to = 0;
};

std::vector<Block> blocksOf(std::span<const PageEvent> events, double beatS) {
    std::vector<Block> blocks;
    double beat = -1;
    for (std::size_t i = 0; i < events.size(); ++i) {
        const double own = std::floor((events[i].gridS + kEarlierS) / beatS);
        if (blocks.empty() || own != beat) blocks.push_back({i, i});
        beat = own;
        blocks.back().to = i + 1;
    }
    return blocks;
}

/// The cheapest path through beats of the page and places against the click. Time never runs back: to go on earlier,
/// the page is skipped; to go on later, what sounds meanwhile belongs to nothing.
class Path {
  public:
    Path(std::span<const PageEvent> events, std::span<const Sounding> hits, double beatS)
        : m_events(events),
          m_hits(hits),
          m_beatS(beatS),
          m_blocks(blocksOf(events, beatS)),
          m_nodes(m_blocks.size() + 1),
          m_expected(usualByShare(events, hits)) {}

    std::vector<MovedRun> find() {
        m_nodes[0][kFarthest].cost = 0;
        for (std::size_t b = 0; b < m_blocks.size(); ++b) {
            moveFrom(b);
            for (std::size_t p = 0; p < kPlaces; ++p)
                reach(b + 1, p, {m_nodes[b][p].cost + playCost(b, p), b, p, true});
        }
        return trace();
    }

  private:
    struct Node {
        double cost = std::numeric_limits<double>::infinity();
        std::size_t fromBlock = 0;
        std::size_t fromPlace = 0;
        bool played = false;  // reached by playing the block before
    };

    void reach(std::size_t block, std::size_t place, const Node& by) {
        Node& node = m_nodes[block][place];
        if (by.cost < node.cost) node = by;
    }

    void moveFrom(std::size_t b) {
        const auto before = m_nodes[b];
        for (std::size_t p = 0; p < kPlaces; ++p) {
            if (!std::isfinite(before[p].cost)) continue;
            const double moved = before[p].cost + kMoveCost;
            for (std::size_t later = p + 1; later < kPlaces; ++later)
                reach(b, later, {moved + hitsBetween(b, p, later), b, p, false});
            for (std::size_t skipped = 1; skipped <= p && b + skipped < m_blocks.size(); ++skipped)
                reach(b + skipped, p - skipped, {moved + kSkippedCost * static_cast<double>(skipped), b, p, false});
        }
    }

    [[nodiscard]] double timeOf(std::size_t block, std::size_t place) const {
        const double beat = std::floor((m_events[m_blocks[block].from].gridS + kEarlierS) / m_beatS);
        return (beat + static_cast<double>(place) - kFarthest) * m_beatS;
    }

    [[nodiscard]] double hitsBetween(std::size_t block, std::size_t from, std::size_t to) const {
        constexpr double kHitCost = 3.0;
        const auto begin = std::lower_bound(m_hits.begin(), m_hits.end(), timeOf(block, from), isEarlier);
        const auto end = std::lower_bound(begin, m_hits.end(), timeOf(block, to) - kEarlierS, isEarlier);
        return kHitCost * static_cast<double>(std::count_if(
                              begin, end, [](const Sounding& h) { return h.strength >= kFirmStrength && !h.echo; }));
    }

    double playCost(std::size_t block, std::size_t place) {
        if (!std::isfinite(m_nodes[block][place].cost)) return 0;
        const double start = timeOf(block, place);
        if (start >= m_events.back().gridS + kEarlierS) return 0;  // the recording has ended
        const auto own = m_events.subspan(m_blocks[block].from, m_blocks[block].to - m_blocks[block].from);
        const double early = 0.5 * std::min(own.front().stepS, m_beatS);
        const auto begin = std::lower_bound(m_hits.begin(), m_hits.end(), start - early, isEarlier);
        const auto end = std::lower_bound(begin, m_hits.end(), start + m_beatS - early, isEarlier);
        m_expected.shiftS.assign(own.size(), (static_cast<double>(place) - kFarthest) * m_beatS);
        return solve(own, {begin, end}, m_expected).cost;
    }

    [[nodiscard]] std::vector<MovedRun> trace() const {
        const auto& last = m_nodes.back();
        std::size_t block = m_blocks.size();
        auto place = static_cast<std::size_t>(
            std::min_element(last.begin(), last.end(), [](const Node& a, const Node& b) { return a.cost < b.cost; }) -
            last.begin());
        std::vector<MovedRun> sections{{m_events.size(), static_cast<int>(place) - kFarthest}};
        while (block > 0 || place != kFarthest) {
            const Node& node = m_nodes[block][place];
            if (node.played) sections.back().firstEvent = m_blocks[node.fromBlock].from;
            block = node.fromBlock;
            if (node.fromPlace != place) {
                place = node.fromPlace;
                sections.push_back({m_blocks[block].from, static_cast<int>(place) - kFarthest});
            }
        }
        std::reverse(sections.begin(), sections.end());
        sections.front().firstEvent = 0;
        return sections;
    }

    std::span<const PageEvent> m_events;
    std::span<const Sounding> m_hits;
    double m_beatS;
    std::vector<Block> m_blocks;
    std::vector<std::array<Node, kPlaces>> m_nodes;
    Expectation m_expected;
};

}  // namespace

void moveTo(std::span<PageEvent> events, std::span<const MovedRun> sections, double beatS) {
    for (std::size_t s = 0; s < sections.size(); ++s) {
        const std::size_t end = s + 1 < sections.size() ? sections[s + 1].firstEvent : events.size();
        for (std::size_t i = sections[s].firstEvent; i < end; ++i) events[i].gridS += sections[s].beats * beatS;
    }
}

std::vector<MovedRun> findSections(std::span<const PageEvent> events, std::span<const Sounding> hits, double beatS) {
    std::vector<MovedRun> inPlace{{0, 0}};
    if (events.empty() || hits.empty()) return inPlace;
    auto sections = Path(events, hits, beatS).find();
    if (sections.size() == 1 && sections.front().beats == 0) return inPlace;
    std::vector<PageEvent> moved(events.begin(), events.end());
    moveTo(moved, sections, beatS);
    const double moves = kMoveCost * static_cast<double>(sections.size() - 1);
    return costInPlace(moved, hits) + moves < costInPlace(events, hits) ? sections : inPlace;
}

}  // namespace upbeat
