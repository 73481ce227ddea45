#pragma once

#include <QObject>
#include <QTimer>
#include <map>
#include <optional>
#include <vector>

#include "studio/hands_free.h"
#include "studio/take_log.h"
#include "upbeat/routine/plan.h"

namespace upbeat {

/// Today's plan and its way through the minutes: it puts block after block on the stand, by time or by result, and
/// goes on by itself while practice is hands-free.
class Routine : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const Shelf& shelf;
        const TakeLog& log;
        Stand& stand;
        TakingApart& takingApart;
        Setup& setup;
        Recorder& recorder;
        HandsFree& handsFree;
        PracticeClock& clock;
        Notices& notices;
    };
    /// `speed` above 1: as much faster as the simulated player is (tests).
    Routine(const With& with, double speed);

    [[nodiscard]] const std::vector<PlanBlock>& plan() const { return m_plan; }
    [[nodiscard]] PlanWish wish() const;
    void setMinutes(int minutes);
    void setWay(PlanWay way);
    /// Made anew from the log as it is today; not while it is under way.
    void refresh();
    /// The same, where something was played since.
    void keepFresh() {
        if (m_isStale) refresh();
    }
    /// Whether an exercise may be planned, and the other way round.
    [[nodiscard]] bool isPlanned(const std::string& exerciseId) const;
    void plan(const std::string& exerciseId, bool isIn);

    /// What a block is of.
    [[nodiscard]] QString titleOf(const PlanBlock& block) const;

    [[nodiscard]] bool isOn() const { return m_current.has_value(); }
    /// The block that is on, from 0; the first one while none is.
    [[nodiscard]] std::size_t current() const { return m_current.value_or(0); }
    [[nodiscard]] double leftS() const;
    /// Begins with the first block, or goes on where it was left.
    void begin();
    void stop();
    /// On with the next block, or done for today.
    void skip();
    /// A block gets so many minutes more, or fewer; at least one is left.
    void lengthen(std::size_t block, int minutes);
    /// Another exercise for a block that is not done yet.
    void swap(std::size_t block);
    /// A take of it is in the log, and its step is done.
    void takeKept(const Verdict& verdict);

  Q_SIGNALS:
    void changed();

  private:
    [[nodiscard]] std::vector<ExerciseInWork> inWork();
    /// Of the shelf, or a drill of one of those; null where there is none.
    [[nodiscard]] const Exercise* find(const std::string& id) const;
    /// Looks for the drill in the log, once.
    const Exercise* findOrLoad(const std::string& id);
    void enter(std::size_t block);
    void leave();
    void pause();

    With m_with;
    double m_speed;
    bool m_isStale = true;
    std::vector<ExerciseInWork> m_work;                       // of which the plan was made
    std::map<std::string, std::optional<Exercise>> m_drills;  // that were looked for
    std::vector<PlanBlock> m_plan;
    std::optional<std::size_t> m_current;
    QTimer m_timer;
    int m_leftMs = 0;     // of the block, while the timer stands
    bool m_isUp = false;  // while its last take runs
    std::optional<double> m_tempoBefore;
    double m_fromBpm = 0;
    QStringList m_done;
};

}  // namespace upbeat
