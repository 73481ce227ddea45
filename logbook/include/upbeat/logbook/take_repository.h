#pragma once

#include <QDateTime>
#include <string>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/coach/verdict.h"
#include "upbeat/logbook/logbook.h"
#include "upbeat/take/analyze_take.h"

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
    std::string missedGate;  ///< Name of the gate, empty when none was missed.
    std::string headline;
    std::string note;
};

/// A take with everything needed to look at it again.
struct StoredTake {
    Exercise exercise;
    QDateTime startedAt;
    TakeFrame frame;
    std::vector<Hit> hits;
    BandTrace trace{};  ///< Kept where the exercise has closed rolls, which are measured from it.
    double durationS = 0;
    int sampleRate = 48000;
    std::string device;
    std::string profile = "practice";
    std::string file;  ///< FLAC, relative to the takes folder; empty when nothing was recorded.
    bool recovered = false;
    std::string note;
};

class TakeRepository {
  public:
    explicit TakeRepository(const Logbook& logbook) : m_logbook(logbook) {}

    /// Stores take, hits and verdict in one transaction. Takes less than 30 minutes apart belong to one session.
    [[nodiscard]] Result<qint64> add(const StoredTake& take, const TakeAnalysis& analysis);
    [[nodiscard]] Result<StoredTake> find(qint64 id) const;
    /// Newest first; all exercises when `exerciseId` is empty.
    [[nodiscard]] Result<std::vector<TakeSummary>> list(const std::string& exerciseId = {}, int most = 1000) const;
    [[nodiscard]] Result<void> setNote(qint64 id, const std::string& note);
    [[nodiscard]] Result<int> count() const;

  private:
    [[nodiscard]] Result<qint64> sessionFor(const StoredTake& take);
    [[nodiscard]] Result<void> addHits(qint64 id, const StoredTake& take);

    const Logbook& m_logbook;
};

}  // namespace upbeat
