#pragma once

#include <string>

#include "upbeat/take/take_record.h"

namespace upbeat {

/// A take that has just been played, and what its recording is called in the folder of takes.
struct PlayedTake {
    TakeRecord take;
    std::string name;
};

}  // namespace upbeat
