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
    bool quiet = false;  ///< Of the count-in: nobody plays.
    bool heard = false;  ///< The click stands clearly above all else.
    double lagS = 0;     ///< From its time to its first arrival; where it is heard.
    double levelDb = 0;  ///< Peak of the click as it arrives, dBFS; where it is heard.
};

/// Listens, while a take runs, to the click that leaks into the microphone: when it arrives, group by group. It needs
/// no calibration, and none of the strokes beside it: in a group the click is the same and they are not.
class LoopWatch {
  public:
    /// `marks` in order of time; `dry`: what is played at a mark of each kind, at full level. `longestS`: no way round
    /// is longer.
    LoopWatch(std::vector<ClickMark> marks, const std::vector<std::vector<float>>& dry, int sampleRate,
              double longestS = 0.1);

    /// The next samples of the recording, as they were recorded.
    void push(std::span<const float> block);
    /// The end of the recording. Call once.
    [[nodiscard]] std::vector<ClickGroup> finish();

  private:
    void closeWindow(std::span<const float> window);
    void closeGroup();

    std::vector<ClickMark> m_marks;
    std::vector<KnownSound> m_dry;
    int m_sampleRate;
    std::size_t m_length;           // of a window
    std::vector<float> m_recent;    // the newest samples,
    std::int64_t m_recentFrom = 0;  // from this one of the recording on
    std::size_t m_next = 0;         // the first mark whose window has not ended
    KnownSound::Answer m_answer;    // of the group
    double m_weight = 0;
    ClickGroup m_group;
    std::vector<ClickGroup> m_groups;
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
