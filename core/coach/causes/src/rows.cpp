#include "rows.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "upbeat/music/bars.h"

namespace upbeat {

namespace {

/// A column about its mean, of length 1; empty where it does not change.
std::vector<double> shapeOf(std::vector<double> column) {
    const double middle = mean(column);
    double squares = 0;
    for (double& x : column) {
        x -= middle;
        squares += x * x;
    }
    if (squares <= 0) return {};
    for (double& x : column) x /= std::sqrt(squares);
    return column;
}

/// Whether one shape is the other, or the other upside down: their squared distance is two less twice the correlation.
bool isSameShape(const std::vector<double>& a, const std::vector<double>& b, double sign) {
    constexpr double kAlike = 2e-6;
    if (a.empty() || b.empty()) return false;
    double apart = 0;
    for (std::size_t i = 0; i < a.size() && apart <= kAlike; ++i) apart += (a[i] - sign * b[i]) * (a[i] - sign * b[i]);
    return apart <= kAlike;
}

std::size_t countsWith(const Exercise& e, const std::vector<double>& ofStroke, bool moved) {
    std::set<Beats> counts;
    for (std::size_t i = 0; i < ofStroke.size(); ++i)
        if ((ofStroke[i] != 0) == moved) counts.insert(e.strokes[i].at);
    return counts.size();
}

/// Where a count is heard as one sound most of the time, the passes on which it was heard as two are those that lie
/// farthest apart: they say nothing of the others.
void dropRareSplits(std::vector<HeardRow>& rows) {
    std::map<int, int> together;  // by stroke: sounds that it shares, less those of its own
    for (const HeardRow& row : rows)
        for (const int stroke : row.strokes) together[stroke] += row.strokes.size() > 1 ? 1 : -1;
    std::erase_if(rows,
                  [&](const HeardRow& row) { return row.strokes.size() == 1 && together[row.strokes.front()] >= 0; });
}

}  // namespace

std::vector<HeardRow> rowsOf(const MatchedTake& take, const std::function<bool(const MatchedStroke&)>& usable) {
    std::vector<HeardRow> rows;
    std::map<int, std::size_t> rowOfHit;
    for (std::size_t i = 0; i < take.strokes.size(); ++i) {
        const MatchedStroke& s = take.strokes[i];
        if (s.written.role != Role::Main || !usable(s)) continue;
        const auto [at, isNew] = rowOfHit.try_emplace(s.hit, rows.size());
        if (isNew) rows.push_back({{}, {}, s.written.pass, s.written.gridS});
        rows[at->second].matched.push_back(i);
        rows[at->second].strokes.push_back(s.written.stroke);
    }
    dropRareSplits(rows);
    return rows;
}

void Candidates::add(const CauseOf& of, const std::vector<double>& ofStroke, bool group, double likelier) {
    if (group && (countsWith(m_exercise, ofStroke, true) < 2 || countsWith(m_exercise, ofStroke, false) < 2)) return;
    CauseColumn late;
    late.likelier = likelier;
    late.of.reserve(m_rows.size());
    CauseColumn early = late;
    early.of.reserve(m_rows.size());
    for (const HeardRow& row : m_rows) {
        double least = ofStroke[static_cast<std::size_t>(row.strokes.front())];
        double most = least;
        for (const int stroke : row.strokes) {
            least = std::min(least, ofStroke[static_cast<std::size_t>(stroke)]);
            most = std::max(most, ofStroke[static_cast<std::size_t>(stroke)]);
        }
        late.of.push_back(least);
        early.of.push_back(most);
    }
    if (late.of == early.of) return addColumn(of, std::move(late), ofStroke);
    late.only = 1;
    early.only = -1;
    addColumn(of, std::move(late), ofStroke);
    addColumn(of, std::move(early), ofStroke);
}

void Candidates::addColumn(const CauseOf& of, CauseColumn column, const std::vector<double>& ofStroke) {
    constexpr std::ptrdiff_t kFewest = 3;
    if (std::count_if(column.of.begin(), column.of.end(), [](double x) { return x != 0; }) < kFewest) return;
    auto shape = shapeOf(column.of);
    if (shape.empty()) return;
    // One group late is the others early.
    const bool known = std::any_of(m_all.begin(), m_all.end(), [&](const Candidate& other) {
        return (other.column.only == column.only && isSameShape(other.shape, shape, 1)) ||
               (other.column.only == -column.only && isSameShape(other.shape, shape, -1));
    });
    if (known) return;
    Candidate candidate{of, std::move(column), std::move(shape), {}};
    for (std::size_t i = 0; i < ofStroke.size(); ++i)
        if (ofStroke[i] != 0) candidate.strokes.push_back(static_cast<int>(i));
    m_all.push_back(std::move(candidate));
}

void Candidates::addThose(const CauseOf& of, const std::function<bool(const Stroke&)>& belongs) {
    std::vector<double> ofStroke;
    ofStroke.reserve(m_exercise.strokes.size());
    for (const Stroke& s : m_exercise.strokes) ofStroke.push_back(belongs(s) ? 1 : 0);
    add(of, ofStroke, true);
}

void Candidates::addSections(int passes) {
    constexpr int kFewestPasses = 3;
    const auto spans = sectionsOf(m_exercise);
    if (spans.size() < 2 || passes < kFewestPasses) return;
    const SectionSpan& longest = spans[longestOf(spans)];
    for (const SectionSpan& span : spans)
        if (&span != &longest)
            addThose(SectionLies{span.from}, [this, &span](const Stroke& s) {
                const int bar = barAt(m_exercise, s.at).number;
                return bar >= span.from && bar <= span.to;
            });
}

void Candidates::addSlow(const CauseOf& of, std::vector<double> ofRow) {
    CauseColumn column;
    column.of = std::move(ofRow);
    column.isSlow = true;
    auto shape = shapeOf(column.of);
    m_all.push_back({of, std::move(column), std::move(shape), {}});
}

namespace {

/// Where a hand or a drum explains as much, nobody would look for a class or a part of the beat.
double farFetched(const CauseOf& of) {
    constexpr double kPrice = 2;
    return std::holds_alternative<ClassLies>(of) || std::holds_alternative<PartLies>(of) ? kPrice : 0.0;
}

}  // namespace

std::vector<CauseColumn> Candidates::priced() const {
    std::map<std::size_t, std::size_t> alternatives;
    for (const Candidate& c : m_all) ++alternatives[c.of.index()];
    std::vector<CauseColumn> columns;
    for (const Candidate& c : m_all) {
        columns.push_back(c.column);
        columns.back().cost = costOfOneIn(alternatives[c.of.index()], alternatives.size()) + farFetched(c.of);
    }
    return columns;
}

Cause Candidates::cause(const BelievedCause& believed) const {
    const Candidate& c = m_all[believed.column];
    return {c.of, believed.size, c.strokes};
}

Explanation explanationOf(const MatchedTake& take, const std::vector<HeardRow>& rows, const Candidates& candidates,
                          const CauseSearch& found) {
    Explanation explanation;
    explanation.scatter = found.scatter;
    explanation.explained.assign(take.strokes.size(), 0.0);
    for (std::size_t r = 0; r < rows.size(); ++r)
        for (const std::size_t i : rows[r].matched) explanation.explained[i] = found.explained[r];
    for (const BelievedCause& one : found.causes) explanation.causes.push_back(candidates.cause(one));
    return explanation;
}

}  // namespace upbeat
