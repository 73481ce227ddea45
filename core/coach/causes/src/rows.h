#pragma once

#include <functional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/causes/explain.h"
#include "upbeat/causes/search.h"

namespace upbeat {

/// One sound of the take: the strokes that it played.
struct HeardRow {
    std::vector<std::size_t> matched;  ///< Indices into MatchedTake::strokes.
    std::vector<int> strokes;          ///< Of the phrase, as many.
    int pass = 1;
    double gridS = 0;
};

/// Main strokes by the hit that played them; `usable` ones only.
[[nodiscard]] std::vector<HeardRow> rowsOf(const MatchedTake& take,
                                           const std::function<bool(const MatchedStroke&)>& usable);

/// Columns of the causes that may be at work, and what each of them stands for.
class Candidates {
  public:
    Candidates(const Exercise& exercise, const std::vector<HeardRow>& rows) : m_exercise(exercise), m_rows(rows) {}

    /// One cause by how much of it each stroke of the phrase gets. A sound of several strokes begins with the first of
    /// them: what makes one of them late does not move it, what makes one early moves it as far. `group`: it must move
    /// strokes on two counts at least, and leave two alone; else a count says it.
    void add(const CauseOf& of, const std::vector<double>& ofStroke, bool group, double likelier = 0);
    /// The same for the strokes that belong.
    void addThose(const CauseOf& of, const std::function<bool(const Stroke&)>& belongs);
    /// Every section but the longest, which the others are held against. Not of fewer than three passes: in one, a
    /// pulse that wanders moves every section.
    void addSections(int passes);
    /// One that is no matter of strokes.
    void addSlow(const CauseOf& of, std::vector<double> ofRow);

    /// Prices them: every kind of them as many as there are.
    [[nodiscard]] std::vector<CauseColumn> priced() const;
    [[nodiscard]] Cause cause(const BelievedCause& believed) const;

  private:
    void addColumn(const CauseOf& of, CauseColumn column, const std::vector<double>& ofStroke);

    struct Candidate {
        CauseOf of;
        CauseColumn column;
        std::vector<double> shape;  ///< By which it is known again.
        std::vector<int> strokes;
    };
    const Exercise& m_exercise;
    const std::vector<HeardRow>& m_rows;
    std::vector<Candidate> m_all;
};

/// Spreads what was found over the strokes of the take.
[[nodiscard]] Explanation explanationOf(const MatchedTake& take, const std::vector<HeardRow>& rows,
                                        const Candidates& candidates, const CauseSearch& found);

}  // namespace upbeat
