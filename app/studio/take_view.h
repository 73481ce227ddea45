#pragma once

#include <QStringList>
#include <memory>

#include "upbeat/logbook/take_repository.h"
#include "upbeat/take/remark.h"
#include "upbeat/voices/taught_kit.h"

namespace upbeat {

/// A take as the places show it: never changed once made, so any thread may hold it.
struct TakeView {
    qint64 id = 0;  ///< 0: not in the logbook (an outside recording).
    TakeRecord stored;
    TakeAnalysis analysis;
    std::vector<Remark> remarks;  ///< What others wrote about it.
    QString soundFile;            ///< Full path of the recording, empty when there is none.
};

/// Measures a take whose hits come straight from the listener, and leaves in the record what is kept of them.
[[nodiscard]] TakeAnalysis measureFresh(TakeRecord& take, const CoachPlan& coach, const TaughtKit& kit);
void measureFresh(TakeView& view, const CoachPlan& coach, const TaughtKit& kit);

/// What there is to say of how a take was heard, for the line above it: by what it is known where it stands against the
/// click, whether a person played it, what was left out of it. Empty where all is as one would expect.
[[nodiscard]] QStringList factsInWords(const TakeView& view);
/// What else the microphone heard, a sentence a line: a gain that rides, sounds that are no strokes. Empty otherwise.
[[nodiscard]] QString soundInWords(const MatchedTake& take);
/// Which voices are asked for beside the click and could not be told. Empty otherwise.
[[nodiscard]] QString untoldFeelInWords(const TakeAnalysis& analysis);
/// "2 double triggers left out, 1 shaken pad left out"; empty where there were none.
[[nodiscard]] QString padGhostsInWords(const PadGhosts& ghosts);

/// The beat of its page before a time in the recording; earlier than beat 1 the time itself.
[[nodiscard]] double beatBefore(const TakeView& view, double timeS);

using TakePtr = std::shared_ptr<const TakeView>;

}  // namespace upbeat
