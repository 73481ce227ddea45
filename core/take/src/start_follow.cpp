#include "start_follow.h"

#include "line_fit.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace upbeat {

namespace {

constexpr double kOfTheStep = 0.3;  // how far a note may lie from its position
constexpr double kFarthestS = 0.12;
constexpr std::size_t kFirstLook = 28;  // positions
constexpr double kOpening = 4;          // weight of those that tell beat 1 from the count-in

/// Soft strokes are easily not heard; a firm one that nobody wrote is rare.
constexpr std::array<double, 3> kMissedCost{0.15, 0.3, 0.6};
constexpr double kLeftCost = 0.8;
constexpr double kWeakShare = 0.25;  // of what is hardly one

/// Correlation of two rows; 0 where one of them does not change.
class Agreement {
  public:
    void add(double a, double b) {
        m_n += 1, m_a += a, m_b += b;
        m_aa += a * a, m_bb += b * b, m_ab += a * b;
    }
    [[nodiscard]] double value() const {
        const double spread = (m_n * m_aa - m_a * m_a) * (m_n * m_bb - m_b * m_b);
        return spread > 1e-6 ? (m_n * m_ab - m_a * m_b) / std::sqrt(spread) : 0.0;
    }

  private:
    double m_n = 0, m_a = 0, m_b = 0, m_aa = 0, m_bb = 0, m_ab = 0;
};

/// Two positions and the notes that are taken for them.
struct Seed {
    std::size_t position = 0;
    std::size_t otherPosition = 0;
    std::size_t note = 0;
    std::size_t otherNote = 0;
    double score = 0;
};

struct Followed {
    StartReading reading;
    double score = 0;
};

class Follower {
  public:
    Follower(const std::vector<PageNote>& page, const std::vector<HeardNote>& notes) : m_page(page), m_notes(notes) {}

    /// Follows the page from a seed over `most` positions or to the last note.
    [[nodiscard]] Followed follow(const Seed& seed, std::size_t most) const {
        LineFit line;
        line.add(m_page[seed.position].beats, m_notes[seed.note].timeS, 1.0);
        line.add(m_page[seed.otherPosition].beats, m_notes[seed.otherNote].timeS, 1.0);
        return follow(line, seed.position, most);
    }

    /// The whole take by a reading.
    [[nodiscard]] Followed follow(const StartReading& reading) const {
        constexpr double kBeats = 4;
        LineFit line;
        line.add(0, reading.firstBeatS, 1.0);
        line.add(kBeats, reading.firstBeatS + kBeats * 60 / reading.tempoBpm, 1.0);
        return follow(line, 0, m_page.size());
    }

  private:
    [[nodiscard]] Followed follow(const LineFit& start, std::size_t from, std::size_t most) const {
        constexpr double kForget = 0.97;
        LineFit near = start;   // where the player is
        LineFit whole = start;  // the take through
        Tally tally;
        std::size_t next = 0;
        for (std::size_t k = 0; k < from; ++k) tally.add(m_page[k], nullptr, 0);
        for (std::size_t k = from; k < m_page.size() && k < from + most; ++k) {
            const double expected = near.at(m_page[k].beats);
            const double reach = std::min(kFarthestS, kOfTheStep * m_page[k].step * near.slope());
            if (expected > m_notes.back().timeS + reach) break;
            const std::size_t note = nearest(expected, next);
            const bool found = note < m_notes.size() && std::abs(m_notes[note].timeS - expected) <= reach;
            tally.add(m_page[k], found ? &m_notes[note] : nullptr,
                      (found ? m_notes[note].timeS - expected : 0) / reach);
            if (!found) continue;
            if (tally.matched == 1)
                tally.firstNote = note;
            else
                tally.left += weightOf(next, note);
            next = note + 1;
            near.add(m_page[k].beats, m_notes[note].timeS, kForget);
            whole.add(m_page[k].beats, m_notes[note].timeS, 1.0);
        }
        return {{60.0 / whole.slope(), whole.at(0), 0}, tally.score(weightOf(0, tally.firstNote))};
    }

    /// Notes from one to another, those that are no strokes by themselves for less.
    [[nodiscard]] double weightOf(std::size_t from, std::size_t to) const {
        double count = 0;
        for (std::size_t i = from; i < to; ++i) count += m_notes[i].firm ? 1 : kWeakShare;
        return count;
    }

    /// What a way to follow the page explains and what it leaves.
    struct Tally {
        double matched = 0;
        double missed = 0;
        double away = 0;
        double openingMatched = 0;
        double opening = 0;
        double left = 0;
        std::size_t firstNote = 0;
        Agreement level{};
        Agreement voice{};

        void add(const PageNote& position, const HeardNote* note, double off) {
            if (opening < kOpening) {
                const double weight = kMissedCost[static_cast<std::size_t>(position.level)];
                opening += weight, openingMatched += note != nullptr ? weight : 0;
            }
            if (note == nullptr) {
                missed += kMissedCost[static_cast<std::size_t>(position.level)];
                return;
            }
            matched += 1;
            away += off * off;
            level.add(position.level, note->levelDb);
            voice.add(position.upwards, note->upwards);
        }

        /// `skipped` sounds come before the first stroke: a count-in, or a wrong start.
        [[nodiscard]] double score(double skipped) const {
            constexpr double kFewest = 4;
            if (matched < kFewest) return 0;
            const double explained = (matched - 0.4 * away) / (matched + missed + kLeftCost * left);
            const double before = std::min(0.08, 0.01 * skipped);
            return 0.55 * explained + 0.2 * openingMatched / opening + 0.15 * level.value() + 0.1 * voice.value() -
                   before;
        }
    };

    [[nodiscard]] std::size_t nearest(double timeS, std::size_t from) const {
        const auto after = std::lower_bound(m_notes.begin() + static_cast<std::ptrdiff_t>(from), m_notes.end(), timeS,
                                            [](const HeardNote& n, double t) { return n.timeS < t; });
        const auto k = static_cast<std::size_t>(after - m_notes.begin());
        const bool earlier =
            k > from && (k == m_notes.size() || timeS - m_notes[k - 1].timeS < m_notes[k].timeS - timeS);
        return earlier ? k - 1 : k;
    }

    const std::vector<PageNote>& m_page;
    const std::vector<HeardNote>& m_notes;
};

std::vector<Seed> seedsOf(const std::vector<PageNote>& page, const std::vector<HeardNote>& notes,
                          const StartKnown& known) {
    constexpr std::size_t kStarts = 32;    // notes among which the first stroke is looked for
    constexpr std::size_t kPositions = 3;  // the first strokes may be missing
    constexpr std::size_t kAhead = 8;
    constexpr double kNearS = 0.15;
    constexpr double kTempoRoom = 1.03;  // two strokes alone tell it roughly
    std::vector<Seed> seeds;
    for (std::size_t e = 0; e < std::min(kPositions, page.size()); ++e)
        for (std::size_t b = e + 1; b < std::min(e + 1 + kAhead, page.size()); ++b)
            for (std::size_t i = 0; i < std::min(kStarts, notes.size()); ++i)
                for (std::size_t j = i + 1; j < std::min(i + 1 + 2 * kAhead, notes.size()); ++j) {
                    if (!notes[i].firm || !notes[j].firm) continue;
                    const double period = (notes[j].timeS - notes[i].timeS) / (page[b].beats - page[e].beats);
                    if (60 / period < known.lowestBpm / kTempoRoom || 60 / period > known.highestBpm * kTempoRoom)
                        continue;
                    const double first = notes[i].timeS - period * page[e].beats;
                    if (known.firstBeatS && std::abs(first - *known.firstBeatS) > kNearS) continue;
                    seeds.push_back({e, b, i, j, 0});
                }
    return seeds;
}

}  // namespace

bool isSameReading(const StartReading& a, const StartReading& b) {
    constexpr double kTempo = 0.02;
    constexpr double kFirstS = 0.06;
    return std::abs(a.tempoBpm - b.tempoBpm) < kTempo * b.tempoBpm && std::abs(a.firstBeatS - b.firstBeatS) < kFirstS;
}

std::vector<StartReading> likelyReadings(const std::vector<PageNote>& page, const std::vector<HeardNote>& notes,
                                         const StartKnown& known) {
    constexpr std::size_t kCloser = 120;
    constexpr std::size_t kMost = 6;
    if (page.size() < 2 || notes.size() < 2) return {};
    const Follower follower(page, notes);
    auto seeds = seedsOf(page, notes, known);
    for (Seed& seed : seeds) seed.score = follower.follow(seed, kFirstLook).score;
    const std::size_t closer = std::min(kCloser, seeds.size());
    std::partial_sort(seeds.begin(), seeds.begin() + static_cast<std::ptrdiff_t>(closer), seeds.end(),
                      [](const Seed& a, const Seed& b) { return a.score > b.score; });
    std::vector<Followed> all;
    for (std::size_t i = 0; i < closer; ++i) all.push_back(follower.follow(seeds[i], page.size()));
    const auto isBetter = [](const Followed& a, const Followed& b) { return a.score > b.score; };
    std::sort(all.begin(), all.end(), isBetter);
    // Where most strokes of a fast page are too soft to be seeds, half of its tempo is found first.
    constexpr std::size_t kRelatives = 2;
    for (std::size_t i = 0; i < std::min(kRelatives, closer); ++i)
        for (const double factor : {0.5, 2.0, 4.0}) {
            StartReading other = all[i].reading;
            other.tempoBpm *= factor;
            if (other.tempoBpm <= known.highestBpm) all.push_back(follower.follow(other));
        }
    std::sort(all.begin(), all.end(), isBetter);
    std::vector<StartReading> readings;
    for (const Followed& one : all) {
        StartReading reading = one.reading;
        reading.fit = one.score;
        const auto isSame = [&reading](const StartReading& other) { return isSameReading(reading, other); };
        if (reading.tempoBpm < known.lowestBpm * 0.99 || reading.tempoBpm > known.highestBpm * 1.01) continue;
        if (readings.size() < kMost && std::none_of(readings.begin(), readings.end(), isSame))
            readings.push_back(reading);
    }
    return readings;
}

}  // namespace upbeat
