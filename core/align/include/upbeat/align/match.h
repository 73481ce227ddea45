#pragma once

#include <array>
#include <optional>
#include <span>
#include <vector>

#include "upbeat/align/events.h"
#include "upbeat/signal/hit.h"

namespace upbeat {

inline constexpr int kNone = -1;
/// Two firm hits nearer than this are one drum speaking twice, unless the page has a grace note there.
inline constexpr double kSecondSoundS = 0.013;

/// A hit as the matcher sees it: its time on the page's clock and whether it may be the second sound of one stroke.
struct Sounding {
    double timeS = 0;  ///< Seconds after beat 1 of bar 1, latency taken off.
    double levelDb = 0;
    double strength = 0;
    std::optional<Voice> voice{};
    bool alone = true;  ///< Not one of several voices of one sound.
    /// Follows a hit within 32 ms without being louder, nor rising above all vowels as that one did not: perhaps the
    /// drum speaking twice.
    bool echo = false;
    bool second = false;   ///< The drum speaks twice like that throughout the take.
    bool foreign = false;  ///< Where nobody wrote it, it is no stroke.
    bool refused = false;  ///< Nor where somebody did.
    double unlike = 0;     ///< Hit::unlike.
    double topDb = 0;      ///< Hit::topDb.
    bool click = false;    ///< As near to a click that is heard in the recording as what may be left of the click.
};

/// One-to-one, order-keeping assignment; kNone where there is no partner.
struct Assignment {
    std::vector<int> hitOfEvent;
    std::vector<int> eventOfHit;
};

/// Marks possible second sounds (see Sounding::echo). `hits` are in order of time.
[[nodiscard]] std::vector<Sounding> soundings(std::span<const Hit> hits, double firstBeatS, double latencyS);

/// Assigns hits to written events at the least total cost over the whole take (dynamic programming over both lists in
/// order, each event looking only at the hits within reach). A pair costs the square of its distance in units of a
/// typical scatter for its grid step, a little for a level unlike its class, and more for weak or echoing hits; an
/// event left unplayed and a firm hit left unwritten each cost a fixed price, a weak hit left out almost nothing.
/// The player is followed first, a few strokes at a time; then the whole is solved twice, the second time around the
/// slow movement against the click and the class levels that the first one found.
[[nodiscard]] Assignment match(std::span<const PageEvent> events, std::span<const Sounding> hits);

/// The same where every hit and every event has its voice: instrument by instrument, so that strokes struck together
/// cannot take each other's place; firm hits that are left over and sounded alone are then matched across
/// instruments.
[[nodiscard]] Assignment matchByVoice(std::span<const PageEvent> events, std::span<const Sounding> hits);

}  // namespace upbeat
