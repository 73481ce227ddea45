#pragma once

#include <optional>
#include <vector>

#include "upbeat/signal/arrival.h"
#include "upbeat/signal/click_canceller.h"

namespace upbeat {

/// Some clicks that follow one another, as they arrive in the recording.
struct ClickGroup {
    double fromS = 0;  ///< Time of its first click in the recording, before any latency.
    double toS = 0;    ///< Of its last.
    int clicks = 0;
    bool quiet = false;   ///< Of the count-in: nobody plays.
    double likeness = 0;  ///< Share of the click in all that is heard when it first arrives.
    double levelDb = 0;   ///< Peak of the click as it arrives, dBFS.

    /// An arrival after the click's time, and how clearly it stands above all else.
    struct Lag {
        double s = 0;
        double clearness = 0;
    };
    Lag first;  ///< The first arrival, sharp; where others play it is often hidden.
    /// How much of the whole click lies where that of the first clear group lay, against its loudest place; 1 before.
    double where = 1;
    Lag loudest;  ///< Of the whole click, blunt by some ms but heard through strokes.
};

/// Whether the click of a group can be believed to be it: clear, loud enough, and nothing like a stroke.
[[nodiscard]] bool isClear(const ClickGroup& group);

/// Listens, while a take runs, to the click that leaks into the microphone: when it arrives, group by group. It needs
/// no calibration, and none of the strokes beside it: in a group the click is the same and they are not.
class LoopWatch {
  public:
    /// `marks` in order of time; `dry`: what is played at a mark of each kind, at full level. `longestS`: no way round
    /// is longer; where that is long, only clicks with room before them are listened to.
    LoopWatch(const std::vector<ClickMark>& marks, const std::vector<std::vector<float>>& dry, int sampleRate,
              double longestS = 0.1);

    /// The next samples of the recording, as they were recorded.
    void push(std::span<const float> block);
    /// Whether a group was clear so far.
    [[nodiscard]] bool hearsClick() const { return m_reference.has_value(); }
    /// The end of the recording. Call once.
    [[nodiscard]] std::vector<ClickGroup> finish();

  private:
    void closeWindow(std::span<const float> window);
    void closeGroup();

    std::vector<ClickMark> m_marks;
    std::vector<KnownSound> m_beginnings;
    std::vector<KnownSound> m_whole;
    int m_sampleRate;
    std::size_t m_length;           // of a window
    std::vector<float> m_recent;    // the newest samples,
    std::int64_t m_recentFrom = 0;  // from this one of the recording on
    std::size_t m_next = 0;         // the first mark whose window has not ended
    KnownSound::Answer m_sharp;     // of the group, to the beginning of the click
    KnownSound::Answer m_blunt;     // to the whole of it
    double m_weight = 0;
    std::vector<double> m_energies;  // of what is heard, for every place, in units of the click's own
    ClickGroup m_group;
    std::vector<ClickGroup> m_groups;
    std::optional<double> m_reference;  // loudest lag of the first clear group, seconds
};

/// What a take tells of its own way round.
struct LoopCheck {
    enum class State {
        NotHeard,  ///< The click does not leak in, or too faintly.
        Agrees,    ///< With what was calibrated.
        Differs,   ///< It is another one, and holds all through the take.
        Jumps,     ///< It changes inside the take.
    };
    State state = State::NotHeard;
    double lagS = 0;         ///< Measured in the take; of a jump, before it.
    double uncertainMs = 0;  ///< Half of the 95 % interval.
    double jumpsAtS = 0;     ///< From here on another lag holds.
};

/// `calibratedS`: what the latency should be; nothing where it was never measured: then what is heard differs.
[[nodiscard]] LoopCheck checkLoop(const std::vector<ClickGroup>& groups, std::optional<double> calibratedS);

}  // namespace upbeat
