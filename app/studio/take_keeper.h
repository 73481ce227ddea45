#pragma once

#include <QObject>
#include <string>
#include <vector>

#include "studio/lessons.h"
#include "studio/next_step.h"
#include "studio/take_log.h"
#include "studio/take_view.h"
#include "upbeat/logbook/take_archive.h"

namespace upbeat {

/// Measures takes that were played and puts them into the logbook, also those that an earlier run left behind.
class TakeKeeper : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const DataFolder& folder;
        const TakeArchive& archive;
        const Lessons& lessons;
        TakeLog& log;
        Worker& worker;
        Notices& notices;
    };
    explicit TakeKeeper(const With& with) : m_with(with) {}

    void measure(const PlayedTake& played);
    /// One that went on until it was stopped becomes as many takes as were played in it.
    void split(const PlayedTake& played);

    /// Recordings that an earlier run of the program left behind; `findInterrupted` looks for them.
    [[nodiscard]] const std::vector<std::string>& interrupted() const { return m_interrupted; }
    void findInterrupted();
    void recoverInterrupted();
    void discardInterrupted();
    /// After a damaged logbook was set aside: takes and ladders come back from the recordings.
    void rebuildLog(const QString& damaged);

  Q_SIGNALS:
    /// The verdict is there; the disk may not be done with the take.
    void measured(const TakePtr& take, const NextStepPtr& step);
    void kept(const TakePtr& take, qint64 id, const NextStepPtr& step);
    void failed();                  ///< A take could not be kept; why was said.
    void recovered(qint64 lastId);  ///< Or split: it is in the log and not yet on the screen.
    void rebuilt();

  private:
    void keep(const TakePtr& take, const NextStepPtr& step);
    void tellOf(const std::string& name, const Result<Rescued>& outcome);
    void tellOfParts(int takes, qint64 lastId);
    /// Measures a recording that was left behind with what the microphone was taught, and keeps it.
    template <class Done>
    void rescue(const std::string& name, const TaughtKit& kit, Done done);

    With m_with;
    std::vector<std::string> m_interrupted;
};

}  // namespace upbeat
