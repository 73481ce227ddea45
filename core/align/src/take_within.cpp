#include "upbeat/align/take_within.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

class Within {
  public:
    Within(const MatchedTake& take, int from, int to)
        : m_take(take), m_from(from), m_to(to), m_first(firstStrokeOf(take.exercise, from)) {
        m_part.exercise = barsOf(take.exercise, from, to);
        m_part.tempoBpm = take.tempoBpm;
        m_part.passes = take.passes;
        m_part.latencyS = take.latencyS;
        m_part.anchor = take.anchor;
        m_part.gainRides = take.gainRides;
        m_part.firstBeatS = take.firstBeatS + startS(1);
        m_part.bars = barsPlayed();
    }

    MatchedTake cut() {
        m_kept.assign(m_take.hits.size(), kNone);
        for (const MatchedStroke& s : m_take.strokes)
            if (isInside(s.written)) m_kept[static_cast<std::size_t>(s.hit)] = 0;
        std::vector<int> extra;
        for (const int j : m_take.extra)
            if (passAt(m_take.hits[static_cast<std::size_t>(j)].timeS)) {
                m_kept[static_cast<std::size_t>(j)] = 0;
                extra.push_back(j);
            }
        keepHits();
        for (const int j : extra) m_part.extra.push_back(m_kept[static_cast<std::size_t>(j)]);
        for (const MatchedStroke& s : m_take.strokes)
            if (isInside(s.written)) {
                m_part.strokes.push_back(s);
                m_part.strokes.back().written = moved(s.written);
                m_part.strokes.back().hit = m_kept[static_cast<std::size_t>(s.hit)];
            }
        for (const WrittenStroke& w : m_take.missed)
            if (isInside(w)) m_part.missed.push_back(moved(w));
        for (const WrittenStroke& w : m_take.missedGrace)
            if (isInside(w)) m_part.missedGrace.push_back(moved(w));
        for (const Break& b : m_take.breaks)
            if (const auto pass = passOf(b.atS)) {
                m_part.breaks.push_back(b);
                m_part.breaks.back().atS = b.atS - shiftS(*pass) - startS(1);
            }
        if (m_take.passes == 1) m_part.trace = m_take.trace;
        return std::move(m_part);
    }

  private:
    [[nodiscard]] double barS(int pass, int bar) const {
        return barStartS(m_take.exercise, Bpm(m_take.tempoBpm), (pass - 1) * m_take.exercise.bars + bar - 1);
    }
    [[nodiscard]] double startS(int pass) const { return barS(pass, m_from); }
    [[nodiscard]] double endS(int pass) const { return barS(pass, m_to + 1); }
    /// How much later a pass is in the take than in the part.
    [[nodiscard]] double shiftS(int pass) const { return laterInTakeS(m_take, m_from, m_to, pass); }
    [[nodiscard]] int barsPlayed() const {
        const int whole = m_take.bars / m_take.exercise.bars;
        const int rest = m_take.bars % m_take.exercise.bars;
        const int partBars = m_to - m_from + 1;
        return whole * partBars + std::clamp(rest - m_from + 1, 0, partBars);
    }
    [[nodiscard]] bool isInside(const WrittenStroke& w) const {
        return w.stroke >= m_first && w.stroke < m_first + static_cast<int>(m_part.exercise.strokes.size());
    }
    /// The pass in whose part a time of the page lies.
    [[nodiscard]] std::optional<int> passOf(double pageS) const {
        for (int pass = 1; pass <= m_take.passes; ++pass)
            if (pageS >= startS(pass) && pageS < endS(pass)) return pass;
        return std::nullopt;
    }
    [[nodiscard]] std::optional<int> passAt(double timeS) const {
        return passOf(timeS - m_take.firstBeatS - m_take.latencyS);
    }
    [[nodiscard]] WrittenStroke moved(WrittenStroke w) const {
        w.stroke -= m_first;
        w.gridS -= shiftS(w.pass) + startS(1);
        return w;
    }
    /// A hit that begins a moment early belongs to the pass of its stroke; the middle between two passes is far away.
    void keepHits() {
        for (std::size_t j = 0; j < m_kept.size(); ++j) {
            if (m_kept[j] == kNone) continue;
            m_kept[j] = static_cast<int>(m_part.hits.size());
            m_part.hits.push_back(m_take.hits[j]);
            Hit& hit = m_part.hits.back();
            const double pageS = hit.timeS - m_take.firstBeatS - m_take.latencyS;
            int pass = 1;
            while (pass < m_take.passes && pageS > 0.5 * (endS(pass) + startS(pass + 1))) ++pass;
            hit.timeS -= shiftS(pass);
        }
    }

    const MatchedTake& m_take;
    int m_from;
    int m_to;
    int m_first;
    MatchedTake m_part;
    std::vector<int> m_kept;  // where a hit of the take stands in the part
};

}  // namespace

double laterInTakeS(const MatchedTake& take, int from, int to, int pass) {
    const Bpm tempo(take.tempoBpm);
    const double partS = barStartS(take.exercise, tempo, to) - barStartS(take.exercise, tempo, from - 1);
    return (pass - 1) * (passDurationS(take.exercise, tempo) - partS);
}

MatchedTake takeWithin(const MatchedTake& take, int from, int to) {
    return Within(take, from, to).cut();
}

}  // namespace upbeat
