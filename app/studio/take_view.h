#pragma once

#include <QString>
#include <memory>

#include "upbeat/logbook/take_repository.h"

namespace upbeat {

/// A take as the places show it: never changed once made, so any thread may hold it.
struct TakeView {
    qint64 id = 0;  ///< 0: not in the logbook (an outside recording).
    StoredTake stored;
    TakeAnalysis analysis;
    QString soundFile;  ///< Full path of the recording, empty when there is none.
};

using TakePtr = std::shared_ptr<const TakeView>;

}  // namespace upbeat
