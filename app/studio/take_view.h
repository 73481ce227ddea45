#pragma once

#include <QString>
#include <memory>

#include "upbeat/logbook/take_repository.h"
#include "upbeat/voices/taught_kit.h"

namespace upbeat {

/// A take as the places show it: never changed once made, so any thread may hold it.
struct TakeView {
    qint64 id = 0;  ///< 0: not in the logbook (an outside recording).
    TakeRecord stored;
    TakeAnalysis analysis;
    QString soundFile;  ///< Full path of the recording, empty when there is none.
};

/// Measures a take whose hits come straight from the listener, and leaves in the record what is kept of them.
[[nodiscard]] TakeAnalysis measureFresh(TakeRecord& take, const CoachPlan& coach, const TaughtKit& kit);
void measureFresh(TakeView& view, const CoachPlan& coach, const TaughtKit& kit);

/// By what it is known where a take stands against the click, and whether a person played it; empty where all is as one
/// would expect.
[[nodiscard]] QString anchorInWords(const TakeRecord& take);
/// "2 double triggers left out, 1 shaken pad left out"; empty where there were none.
[[nodiscard]] QString padGhostsInWords(const PadGhosts& ghosts);

using TakePtr = std::shared_ptr<const TakeView>;

}  // namespace upbeat
