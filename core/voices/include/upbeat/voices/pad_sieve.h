#pragma once

#include <vector>

#include "upbeat/voices/pad_kit.h"

namespace upbeat {

/// Notes that an electronic kit has sent and nobody has played.
struct PadGhosts {
    int doubles = 0;    ///< One stroke that was sent twice: a pad that bounced, two zones struck at once.
    int crosstalk = 0;  ///< A pad that was shaken by its neighbour.

    friend bool operator==(const PadGhosts&, const PadGhosts&) = default;
};

/// Holds notes back for 12 ms, until it is plain which of them were played.
///
/// Double: a second note of one instrument within 12 ms, of which the louder is kept with the time of the first; or
/// within 30 ms with less than half the velocity of the first (12 dB). Flams stay: their grace is the softer one and
/// comes first, and a second full stroke is not that much softer.
/// Crosstalk: a note of another pad within 6 ms of one that has at least three times its velocity (19 dB), where it has
/// itself no more than 24. The feet do not shake the hi-hat's own pedal, and a pedal is never taken for crosstalk.
class PadSieve {
  public:
    explicit PadSieve(const PadKit& kit) : m_kit(kit) {}

    /// In the order of their times; one that comes earlier than its forerunner is as late as that.
    void push(PadNote note);
    /// Those that were played, as far as that is plain at `nowS`.
    [[nodiscard]] std::vector<PadNote> take(double nowS);
    [[nodiscard]] const PadGhosts& ghosts() const { return m_ghosts; }
    [[nodiscard]] const PadKit& kit() const { return m_kit; }

  private:
    [[nodiscard]] bool isDouble(const PadNote& note);
    [[nodiscard]] bool isCrosstalk(const PadNote& note) const;

    PadKit m_kit;
    std::vector<PadNote> m_recent;  // of the last 30 ms and those that are held; as they came
    std::size_t m_given = 0;        // of them
    PadGhosts m_ghosts;
};

}  // namespace upbeat
