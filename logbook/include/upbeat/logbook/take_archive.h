#pragma once

#include <functional>
#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "upbeat/logbook/data_folder.h"
#include "upbeat/logbook/ladder_repository.h"
#include "upbeat/logbook/take_store.h"
#include "upbeat/take/long_take.h"
#include "upbeat/take/remark.h"
#include "upbeat/units/sound.h"

namespace upbeat {

/// What became of a recording that an earlier run left behind.
struct Rescued {
    enum class Kind {
        Kept,      ///< It is in the log.
        TooShort,  ///< Less than a bar was played: thrown away, as it is for a take that is stopped.
        Split,     ///< It went on until it was stopped, and is several takes now.
        Lesson,    ///< It was to teach the kit, which takes the whole lesson: thrown away.
    };
    Kind kind = Kind::Kept;
    qint64 id = 0;  ///< Of the take, where it is kept; of the last one, where it was split.
    int takes = 1;
};

/// Measures a take as it is kept: gives what is judged and leaves in the record what is kept of its hits.
using MeasureTake = std::function<TakeAnalysis(TakeRecord&, const CoachPlan&)>;

/// The takes of a folder: recordings and the logbook as one thing. A take passes through three states, and a crash in
/// any of them loses nothing and makes nothing double:
///   recorded   NAME.flac.part, sidecar of the plan        -> offered
///   described  NAME.flac.part, sidecar with the hits      -> offered
///   committed  the row is in the logbook                  -> names are put right at the next start
/// Opens a logbook of its own for every call: for a worker thread.
class TakeArchive {
  public:
    explicit TakeArchive(DataFolder folder) : m_folder(std::move(folder)), m_store(m_folder.takes()) {}

    [[nodiscard]] const TakeStore& store() const { return m_store; }

    /// From recorded to committed, names and all. Gives the take's id. After an error the take is offered again.
    [[nodiscard]] Result<qint64> keep(const TakeRecord& take, const TakeAnalysis& analysis) const;

    /// Recordings the logbook does not know; those it does know get their names, and what is left over is tidied.
    [[nodiscard]] Result<std::vector<std::string>> unfinished() const;
    /// Takes a recording apart that went on until it was stopped: what was played of the page without a pause becomes
    /// a take of its own. Gives their ids, in order. Doing it once more after a crash goes on where it was: the parts
    /// have names of their own that follow from the whole. `whole`: hits only where notes were played.
    [[nodiscard]] Result<std::vector<qint64>> split(const std::string& name, const TakeRecord& whole,
                                                    const MeasureTake& measure) const;
    /// Measures such a recording by its own ladder and history, and keeps it.
    [[nodiscard]] Result<Rescued> rescue(const std::string& name, const MeasureTake& measure) const;

    /// Gives every exercise that was played and has no ladder the one of its last take: after a logbook was rebuilt.
    [[nodiscard]] Result<void> rebuildLadders() const;

    /// The take with what it was judged by, and the plan to judge it again as on its day.
    struct Found {
        TakeRecord take;
        CoachPlan plan;
        std::optional<DayVerdict> day;  ///< None of old takes, which are judged again.
        bool isNewest = false;          ///< Of its exercise.
        std::vector<Remark> remarks;    ///< What others wrote about it.

        /// Measured, with the gates and the verdict of its day where they are known.
        [[nodiscard]] TakeAnalysis analysis() const;
    };
    /// With `today` it is judged by this profile and by the ladder as it now is, instead of those of its day.
    [[nodiscard]] Result<Found> find(qint64 id, const std::optional<Profile>& today = {}) const;

    /// What a step is called after it was done. False stops there, as if the program had ended: for tests.
    enum class Step { Described, Committed, Settled, Rescued, Split };
    std::function<bool(Step)> afterStep;

  private:
    [[nodiscard]] bool goesOn(Step step) const { return !afterStep || afterStep(step); }

    [[nodiscard]] Result<qint64> keepPart(const std::string& name, StretchTake& part, const Sound& sound,
                                          const MeasureTake& measure) const;

    DataFolder m_folder;
    TakeStore m_store;
};

/// What a take is judged by: its own ladder (that of its day, else the one of its exercise, else what the page asks),
/// its profile and what was played of it before. Nothing of what stands on the stand now.
[[nodiscard]] Result<CoachPlan> coachPlanOf(const Logbook& logbook, const TakeRecord& take,
                                            const std::optional<TakeMoment>& moment = {});

}  // namespace upbeat
