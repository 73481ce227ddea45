#pragma once

#include <span>
#include <vector>

#include "upbeat/align/match.h"

namespace upbeat {

/// From this event on the player is `beats` later on the click than the page says (minus: ahead of it).
struct MovedRun {
    std::size_t firstEvent = 0;
    int beats = 0;
};

/// Where a player who lost the place went on: a pause, a beat or a bar too many or too few. The take is cut into beats;
/// every beat is tried at every whole number of beats away, up to two bars of four, and the cheapest path through them
/// is taken, a change of place costing more than a few missed strokes. Levels help: what is soft and loud tells one
/// beat of the page from another. A player who stays in place gives one section with 0 beats.
[[nodiscard]] std::vector<MovedRun> findSections(std::span<const PageEvent> events, std::span<const Sounding> hits,
                                                double beatS);

/// Moves the events of every section to where it is played on the click.
void moveTo(std::span<PageEvent> events, std::span<const MovedRun> sections, double beatS);

}  // namespace upbeat
