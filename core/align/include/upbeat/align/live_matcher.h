#pragma once

#include <optional>
#include <vector>

#include "upbeat/music/exercise.h"
#include "upbeat/signal/hit.h"
#include "upbeat/units/quantity.h"

namespace upbeat {

/// A written stroke of one pass and the hit that seems to have played it.
struct LiveStroke {
    int stroke = 0;
    int pass = 0;         ///< From 0.
    double offsetMs = 0;  ///< Against where it is asked for.
    double askedMs = 0;   ///< Beside the click; plus is behind.
};

/// A first impression while a take runs: every hit goes at once to the nearest written stroke, within a quarter of a
/// beat; a weak one only within 25 ms. A surer hit takes the place of another on the same stroke. What counts in the
/// end is matchTake.
class LiveMatcher {
  public:
    /// `startS`: when beat 1 of bar 1 is heard, latency included, in take time.
    LiveMatcher(const Exercise& exercise, Bpm tempo, int passes, double startS);

    /// Where the hit belongs; nothing where it is near no stroke, or a surer one stands there already.
    [[nodiscard]] std::optional<LiveStroke> place(const Hit& hit);

    [[nodiscard]] double passS() const { return m_passS; }

  private:
    std::vector<Voice> m_voices;    // per stroke
    std::vector<double> m_placesS;  // in the pass, per stroke
    std::vector<double> m_askedMs;  // per stroke
    double m_beatS;
    double m_startS;
    double m_passS;
    std::vector<std::vector<double>> m_strengths;  // of the hit that has the stroke, by pass and stroke
};

}  // namespace upbeat
