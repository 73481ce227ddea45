#pragma once

#include <span>
#include <vector>

#include "upbeat/align/route.h"

namespace upbeat {

/// Events [from, to) that were not played because the player had lost the place or had stopped.
struct BreakSpan {
    std::size_t from = 0;
    std::size_t to = 0;
    int beats = 0;     ///< How far the place moved on the click: plus is later.
    double fromS = 0;  ///< Hits between these times belong to it.
    double toS = 0;
    bool atEnd = false;  ///< See Break.
};

/// Whether a time lies in one of them.
[[nodiscard]] bool isInBreak(std::span<const BreakSpan> breaks, double timeS);
[[nodiscard]] bool isEventInBreak(std::span<const BreakSpan> breaks, std::size_t event);

/// One span where each new run begins, and one for every pause of at least nine tenths of a bar. `events` stand
/// where the runs put them.
[[nodiscard]] std::vector<BreakSpan> findBreaks(std::span<const PageEvent> events, std::span<const Sounding> hits,
                                                const Assignment& found, std::span<const MovedRun> runs, double barS);

}  // namespace upbeat
