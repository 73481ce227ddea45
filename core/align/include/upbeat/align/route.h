#pragma once

#include <span>
#include <vector>

#include "upbeat/align/match.h"

namespace upbeat {

/// From this event on the player is `beats` later on the click than the page says (minus: ahead of it).
struct MovedRun {
    std::size_t firstEvent = 0;
    double beats = 0;  ///< Whole ones, but where a section of another length was left out or played again.
};

/// Events [from, to).
struct EventRun {
    std::size_t from = 0;
    std::size_t to = 0;
};

/// Sections that were played once more than is written: their events, and how many beats later they came again.
struct PlayedAgain {
    EventRun events;
    double beats = 0;
};

/// Which way a player went through a page.
struct Route {
    std::vector<MovedRun> runs{{0, 0}};  ///< At least one; a player who stays in place has one with 0 beats.
    std::vector<EventRun> leftOut{};     ///< Whole sections, in order.
    std::vector<PlayedAgain> again{};    ///< Likewise.
};

/// Where a player who lost the place went on: a pause, a beat or a bar too many or too few, whole sections of a piece
/// left out (a repeat, say) or one or two of them played once more. The take is cut into beats; every beat is tried at
/// every whole number of beats away, up to kFarthestSlip, and what begins a section also behind every section before
/// it, or after the last ones came again; the cheapest path through them is taken, a change of place costing more than
/// a few missed strokes. Levels help: what is soft and loud tells one beat of the page from another. `sectionStartsS`:
/// when the sections of a piece begin on the page, in order.
[[nodiscard]] Route findRoute(std::span<const PageEvent> events, std::span<const Sounding> hits, double beatS,
                              std::span<const double> sectionStartsS);

/// Moves the events of every run to where it is played on the click.
void moveTo(std::span<PageEvent> events, std::span<const MovedRun> runs, double beatS);

/// `match` or `matchByVoice` of the events that were not left out. What was played again takes its own hits; they
/// belong to nothing. `events` stand where `moveTo` put them.
[[nodiscard]] Assignment matchAlong(const Route& route, std::span<const PageEvent> events,
                                    std::span<const Sounding> hits, double beatS, bool byVoice);

}  // namespace upbeat
