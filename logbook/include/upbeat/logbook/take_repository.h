#pragma once

#include <QDateTime>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "upbeat/ladder/verdict.h"
#include "upbeat/logbook/logbook.h"
#include "upbeat/logbook/take_search.h"
#include "upbeat/take/analyze_take.h"
#include "upbeat/take/take_record.h"

namespace upbeat {

/// One line of the log.
struct TakeSummary {
    qint64 id = 0;
    std::string exerciseId;
    std::string title;
    QDateTime startedAt;
    double tempoBpm = 0;
    int bars = 0;
    double durationS = 0;
    bool clean = false;
    bool simulated = false;  ///< By the simulated player, outside the demo.
    std::string missedGate;  ///< Name of the gate, empty when none was missed.
    Verdict verdict;         ///< Of its day, without its reason.
    std::string note;
    std::string tags{};  ///< Names between blanks.
};

/// A stretch of the log: how much was played in it.
struct PlayedTime {
    QDate day;  ///< The day it is of; none for a total.
    int takes = 0;
    double seconds = 0;
};

/// Where a take stands in the order of the log.
struct TakeMoment {
    std::string startedAt;  ///< ISO 8601, as TakeRecord has it.
    qint64 id = 0;
};

/// What was said of a take on its day.
struct DayVerdict {
    std::vector<Gate> gates;
    Verdict verdict;
};

/// One of the main figures of a take.
struct FigureOfTake {
    qint64 id = 0;
    QDateTime startedAt;
    double tempoBpm = 0;
    Figure figure;
};

class TakeRepository {
  public:
    explicit TakeRepository(const Logbook& logbook) : m_logbook(logbook) {}

    /// Stores take, hits, verdict, gates and main figures in one transaction. Takes less than 30 minutes apart belong
    /// to one session. A recording is in the log at most once: where its file is known already, the take that has it is
    /// given.
    [[nodiscard]] Result<qint64> add(const TakeRecord& take, const TakeAnalysis& analysis);
    /// An error where there is none, or where what is stored cannot be a take.
    [[nodiscard]] Result<TakeRecord> find(qint64 id) const;
    /// None for takes from before logbooks kept it.
    [[nodiscard]] Result<std::optional<DayVerdict>> verdictOf(qint64 id) const;
    /// A main figure ("spread_ms", see docs/formats/logbook.md) over all takes of an exercise that have it, oldest
    /// first.
    [[nodiscard]] Result<std::vector<FigureOfTake>> figuresOf(const std::string& exerciseId,
                                                              const std::string& figure) const;
    /// Newest first, of one exercise, or of all of them when `exerciseId` is empty.
    [[nodiscard]] Result<std::vector<TakeSummary>> list(const std::string& exerciseId = {}) const;
    /// Newest first, at most `most`, older than a moment where one is given: those that are looked for.
    [[nodiscard]] Result<std::vector<TakeSummary>> page(const std::optional<TakeMoment>& before, int most,
                                                        const TakeSearch& search = {}) const;
    /// The newest take of an exercise, 0 where there is none.
    [[nodiscard]] Result<qint64> newestOf(const std::string& exerciseId) const;
    /// The newest take of every exercise that was played.
    [[nodiscard]] Result<std::vector<qint64>> newestOfAll() const;
    /// Days on which something was played that is looked for, newest first.
    [[nodiscard]] Result<std::vector<PlayedTime>> days(const TakeSearch& search = {}) const;
    /// All that was played from a day on; since ever without one.
    [[nodiscard]] Result<PlayedTime> total(const std::optional<QDate>& since = {}) const;
    /// The fastest clean take of every exercise that has one: its id and the tempo.
    [[nodiscard]] Result<std::vector<std::pair<std::string, double>>> cleanTempos() const;
    /// The recordings that belong to takes of the log.
    [[nodiscard]] Result<std::set<std::string>> files() const;
    [[nodiscard]] Result<void> setNote(qint64 id, const std::string& note);
    /// Tags of a take, in order; setting them takes the place of those it had. A tag has no blanks and no "#".
    [[nodiscard]] Result<std::vector<std::string>> tagsOf(qint64 id) const;
    /// Of several takes, all or none; `tags` has as many lists.
    [[nodiscard]] Result<void> setTags(const std::vector<qint64>& ids,
                                       const std::vector<std::vector<std::string>>& tags);
    /// Without those in the trash.
    [[nodiscard]] Result<int> count() const;

  private:
    [[nodiscard]] Result<qint64> sessionFor(const TakeRecord& take);
    [[nodiscard]] Result<void> addHits(qint64 id, const TakeRecord& take);
    [[nodiscard]] Result<void> addVerdict(qint64 id, const TakeAnalysis& analysis);
    [[nodiscard]] Result<void> addFindings(qint64 id, const TakeAnalysis& analysis);
    [[nodiscard]] Result<void> readHits(qint64 id, TakeRecord& take) const;

    const Logbook& m_logbook;
};

/// When a take was started.
[[nodiscard]] QDateTime startOf(const TakeRecord& take);
/// As TakeRecord keeps it.
[[nodiscard]] std::string stampOf(const QDateTime& time);

}  // namespace upbeat
