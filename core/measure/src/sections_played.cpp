#include "upbeat/measure/sections_played.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

#include "upbeat/align/take_within.h"
#include "upbeat/measure/balance.h"
#include "upbeat/measure/timing.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/tempo_map.h"

namespace upbeat {

namespace {

constexpr std::size_t kFewest = 3;
constexpr int kBarsBehind = 2;

/// One pass through a section.
struct Visit {
    std::size_t section = 0;
    std::vector<const MatchedStroke*> strokes;
};

/// Visits in the order in which they were played, main strokes only; of a page with sections.
class Visits {
  public:
    explicit Visits(const MatchedTake& take) : m_take(take), m_spans(sectionsOf(take.exercise)) {
        m_visits.resize(m_spans.size() * static_cast<std::size_t>(std::max(1, take.passes)));
        for (std::size_t i = 0; i < m_visits.size(); ++i) m_visits[i].section = i % m_spans.size();
        for (const MatchedStroke& s : take.strokes) {
            if (s.written.role != Role::Main || s.askedApart) continue;
            const std::size_t at = static_cast<std::size_t>(s.written.pass - 1) * m_spans.size() + sectionOf(s);
            if (at < m_visits.size()) m_visits[at].strokes.push_back(&s);
        }
    }

    [[nodiscard]] const MatchedTake& take() const { return m_take; }
    [[nodiscard]] const std::vector<SectionSpan>& spans() const { return m_spans; }
    [[nodiscard]] const std::vector<Visit>& all() const { return m_visits; }

    [[nodiscard]] Bar barOf(const MatchedStroke& s) const { return barAt(m_take.exercise, s.stroke.at); }

    /// The first bars of a visit.
    [[nodiscard]] Visit beginningOf(const Visit& visit) const {
        Visit part{visit.section, {}};
        const int end = m_spans[visit.section].from + kBarsBehind;
        for (const MatchedStroke* s : visit.strokes)
            if (barOf(*s).number < end) part.strokes.push_back(s);
        return part;
    }

  private:
    [[nodiscard]] std::size_t sectionOf(const MatchedStroke& s) const {
        const int bar = barOf(s).number;
        const auto found =
            std::find_if(m_spans.begin(), m_spans.end(), [bar](const SectionSpan& span) { return bar <= span.to; });
        return static_cast<std::size_t>(std::min(found, std::prev(m_spans.end())) - m_spans.begin());
    }

    const MatchedTake& m_take;
    std::vector<SectionSpan> m_spans;
    std::vector<Visit> m_visits;
};

/// What strokes are compared by.
using Key = std::tuple<Beats, int, int>;
using ByKey = std::map<Key, std::vector<double>>;

double offsetOf(const MatchedStroke& s) {
    return s.offsetMs;
}

class Comparison {
  public:
    Comparison(const Visits& visits, LikeForLike::By by) : m_visits(visits), m_by(by) {}

    /// Differences b - a of the means of every key that both have.
    template <class Value, class Counts>
    [[nodiscard]] std::vector<double> differences(const Visit& a, const Visit& b, Value value, Counts counts) const {
        const ByKey before = sorted(a, value, counts);
        std::vector<double> all;
        for (const auto& [key, values] : sorted(b, value, counts))
            if (const auto other = before.find(key); other != before.end())
                all.push_back(mean(values) - mean(other->second));
        return all;
    }

  private:
    template <class Value, class Counts>
    [[nodiscard]] ByKey sorted(const Visit& visit, Value value, Counts counts) const {
        ByKey by;
        for (const MatchedStroke* s : visit.strokes)
            if (counts(*s)) by[keyOf(*s)].push_back(value(*s));
        return by;
    }
    [[nodiscard]] Key keyOf(const MatchedStroke& s) const {
        if (m_by == LikeForLike::By::Nothing) return {};
        const Beats place = s.stroke.at - m_visits.barOf(s).start;
        if (m_by == LikeForLike::By::Count) return {place, 0, 0};
        return {place, static_cast<int>(s.stroke.voice), static_cast<int>(s.stroke.level)};
    }

    const Visits& m_visits;
    LikeForLike::By m_by;
};

/// Over the pairs where there are enough of them, else over what the one or two pairs have in common.
std::optional<Figure> figureOf(const std::vector<std::vector<double>>& pairs) {
    std::vector<double> means;
    std::vector<double> all;
    for (const auto& pair : pairs) {
        if (!pair.empty()) means.push_back(mean(pair));
        all.insert(all.end(), pair.begin(), pair.end());
    }
    return means.size() >= kFewest ? meanFigure(means) : meanFigure(all);
}

using Pairs = std::vector<std::pair<const Visit*, const Visit*>>;

LikeForLike compare(const Visits& visits, const Pairs& pairs) {
    const auto differencesBy = [&](LikeForLike::By by, auto value, auto counts) {
        std::vector<std::vector<double>> all;
        for (const auto& [a, b] : pairs) all.push_back(Comparison(visits, by).differences(*a, *b, value, counts));
        return all;
    };
    const auto areEnough = [](const std::vector<double>& differences) { return differences.size() >= kFewest; };
    const auto everyStroke = [](const MatchedStroke&) { return true; };
    LikeForLike result;
    for (const auto by : {LikeForLike::By::CountAndVoice, LikeForLike::By::Count, LikeForLike::By::Nothing}) {
        const auto pulse = differencesBy(by, offsetOf, everyStroke);
        result.by = by;
        result.pulseMs = figureOf(pulse);
        if (std::all_of(pulse.begin(), pulse.end(), areEnough)) break;
    }
    if (result.by == LikeForLike::By::CountAndVoice)
        result.levelDb = figureOf(differencesBy(
            result.by, [](const MatchedStroke& s) { return s.levelDb; },
            [&visits](const MatchedStroke& s) { return tellsItsLevel(visits.take(), s); }));
    return result;
}

/// Offsets of the strokes of a visit against the time within it, in seconds.
std::optional<double> slopeOf(const Visit& visit) {
    constexpr std::size_t kFewestStrokes = 8;
    if (visit.strokes.size() < kFewestStrokes) return std::nullopt;
    std::vector<double> x;
    std::vector<double> y;
    for (const MatchedStroke* s : visit.strokes) x.push_back(s->written.gridS), y.push_back(s->offsetMs);
    const auto slope = slopeFigure(x, y);
    return slope ? std::optional(slope->value) : std::nullopt;
}

Figure asTempo(double bpm, const Figure& msPerS) {
    const auto at = [bpm](double slope) { return bpm / (1 + slope * 1e-3); };
    return {at(msPerS.value), at(msPerS.high), at(msPerS.low), msPerS.n};
}

/// Passes tell how far one may trust a slope; a single one is asked what a take is asked.
std::optional<Figure> tempoOf(const MatchedTake& take, const SectionSpan& span, const std::vector<const Visit*>& mine) {
    std::vector<double> slopes;
    for (const Visit* visit : mine)
        if (const auto slope = slopeOf(*visit)) slopes.push_back(*slope);
    const double writtenBpm = take.tempoBpm * shareOfTempo(take.exercise, span.from, span.to);
    if (const auto figure = meanFigure(slopes)) return asTempo(writtenBpm, *figure);
    if (take.passes > 1 || slopes.empty()) return std::nullopt;
    const auto drift = measureTiming(takeWithin(take, span.from, span.to)).driftMsPerMin;
    if (!drift) return std::nullopt;
    return asTempo(writtenBpm, {drift->value / 60, drift->low / 60, drift->high / 60, drift->n});
}

/// Neighbouring strokes lean alike: what stands on its own are passes, or the bars of the only one.
void measureAlone(SectionPlayed& played, const Visits& visits, const std::vector<const Visit*>& mine) {
    const bool byBar = mine.size() < kFewest;
    std::map<std::pair<std::size_t, int>, std::vector<double>> parts;
    std::vector<double> about;
    for (std::size_t i = 0; i < mine.size(); ++i) {
        std::vector<double> offsets;
        for (const MatchedStroke* s : mine[i]->strokes) {
            offsets.push_back(s->offsetMs);
            parts[{i, byBar ? visits.barOf(*s).number : 0}].push_back(s->offsetMs);
        }
        const double centre = offsets.empty() ? 0 : mean(offsets);
        for (const double offset : offsets) about.push_back(offset - centre);
    }
    std::vector<double> means;
    means.reserve(parts.size());
    for (const auto& [part, offsets] : parts) means.push_back(mean(offsets));
    played.placementMs = meanFigure(means);
    played.spreadMs = spreadFigure(about);
}

}  // namespace

std::vector<SectionPlayed> sectionsPlayed(const MatchedTake& take) {
    std::vector<SectionPlayed> all;
    if (sectionsOf(take.exercise).size() < 2) return all;
    const Visits visits(take);
    const std::size_t longest = longestOf(visits.spans());
    for (std::size_t k = 0; k < visits.spans().size(); ++k) {
        std::vector<const Visit*> mine;
        Pairs before;
        std::vector<Visit> beginnings;
        beginnings.reserve(visits.all().size());
        Pairs behind;
        for (std::size_t i = k; i < visits.all().size(); i += visits.spans().size()) {
            const Visit* visit = &visits.all()[i];
            if (visit->strokes.empty()) continue;
            mine.push_back(visit);
            if (i == 0 || visits.all()[i - 1].strokes.empty()) continue;
            before.emplace_back(&visits.all()[i - 1], visit);
            if (i + 1 >= visits.all().size() || visits.all()[i + 1].strokes.empty()) continue;
            beginnings.push_back(visits.beginningOf(visits.all()[i + 1]));
            behind.emplace_back(&visits.all()[i - 1], &beginnings.back());
        }
        SectionPlayed played;
        played.section = visits.spans()[k];
        played.isUsual = take.passes > 1 && k == longest;
        played.here = compare(visits, before);
        played.behind = compare(visits, behind);
        measureAlone(played, visits, mine);
        played.tempoBpm = tempoOf(take, played.section, mine);
        if (take.anchor.kind == AnchorKind::None) played.placementMs.reset();
        all.push_back(std::move(played));
    }
    return all;
}

}  // namespace upbeat
