#pragma once

#include <memory>
#include <string>

#include "upbeat/ladder/verdict.h"

namespace upbeat {

/// A verdict on its way to be followed: once, and only on the exercise it was given for.
struct NextStep {
    std::string exerciseId;
    Verdict verdict;
    bool taken = false;
};
using NextStepPtr = std::shared_ptr<NextStep>;

}  // namespace upbeat
