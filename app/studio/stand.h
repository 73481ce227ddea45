#pragma once

#include <QObject>
#include <string>
#include <vector>

#include "studio/shelf.h"
#include "studio/take_run.h"
#include "upbeat/logbook/ladder_repository.h"

namespace upbeat {

/// A part of an exercise under the title that tells of what; `what` names the stage of a method.
[[nodiscard]] Exercise titled(Exercise part, const Exercise& whole, const Text& what = {});

/// The page that is played, and its ladder. While a take runs the page stays.
class Stand : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const Shelf& shelf;
        const Logbook& logbook;
        const DataFolder& folder;
        const TakeRun& run;
        Notices& notices;
    };
    explicit Stand(const With& with);

    [[nodiscard]] const Exercise& exercise() const { return m_exercise; }
    [[nodiscard]] const LadderState& ladder() const { return m_ladder; }
    /// What was played of it, as the ladder remembers it.
    [[nodiscard]] std::vector<RungTake> history() const;
    void setTempo(double bpm);
    void setGoal(double bpm);
    /// Takes on a rung before the next one, 1 to kMostCleanNeeded.
    void setCleanNeeded(int takes);
    /// The rule by which one rung follows another.
    void setRule(LadderRule rule);
    /// Minutes lead up, or results.
    void setByMinutes(bool byMinutes);
    /// The logbook has changed under it.
    void readLadderAgain();

    /// An exercise of the shelf; nothing happens where it is there already.
    void choose(const std::string& id);
    /// A page that is none of the shelf's.
    void put(Exercise exercise);
    /// A page whose ladder is given and not kept.
    void putStage(Exercise exercise, const LadderState& ladder);
    /// The page that is there as it now is, while it is written.
    void rewrite(const Exercise& exercise);

    /// Puts a trouble spot on the stand as an exercise of its own; `backToWhole` returns.
    void isolate(const Span& span);
    /// Practises some bars of the phrase (from 1, both included) round and round.
    void practiseBars(int from, int to);
    [[nodiscard]] bool isPart() const { return m_exercise.origin.has_value(); }
    /// The exercise of which the one on the stand is a part; itself where it is none.
    [[nodiscard]] const Exercise& whole() const;
    void backToWhole();
    [[nodiscard]] bool isFixed() const { return m_with.run.state() == TakeRun::State::Running; }

  Q_SIGNALS:
    void leaving();  ///< Another page is about to take the place of this one.
    void exerciseChanged();
    void ladderChanged();

  private:
    void readLadder();
    void saveLadder();

    With m_with;
    Exercise m_exercise;
    LadderState m_ladder;
};

}  // namespace upbeat
