#pragma once

#include <memory>
#include <optional>

#include "studio/audio_input.h"
#include "studio/live_take.h"
#include "upbeat/audio/take_writer.h"

namespace upbeat {

/// A take while it runs: the click, the writer and the strokes as they land. `poll` moves it on; it never waits, and
/// it comes to its end whatever the device does.
class TakeRun {
  public:
    explicit TakeRun(AudioInput& input) : m_input(input) {}

    enum class State {
        Idle,
        Running,
        Ending,  ///< Asked to stop; the last samples are on their way to the disk.
        Done,    ///< `take` has it.
    };
    enum class End {
        Played,  ///< To its end, or stopped by the player.
        ThrownAway,
        InputGone,  ///< The device has left, or gives nothing any more.
    };

    [[nodiscard]] Result<void> start(const TakePlan& plan);
    /// Ends it before its last bar.
    void stop(End end);
    /// Looks after it, about 60 times a second.
    State poll();
    [[nodiscard]] State state() const { return m_state; }
    /// Why it ended; of a take that is done or ending.
    [[nodiscard]] End end() const { return m_end; }
    /// The finished take; idle again. Only when done.
    [[nodiscard]] FinishedTake take();

    /// What has landed so far; also of the last take. Null before the first.
    [[nodiscard]] const LiveTake* live() const { return m_live.get(); }
    [[nodiscard]] int losses() const { return m_writer ? m_writer->lossCount() : 0; }

  private:
    [[nodiscard]] bool isStalled();

    AudioInput& m_input;
    State m_state = State::Idle;
    End m_end = End::Played;
    std::shared_ptr<RecordingRun> m_run;
    std::unique_ptr<TakeWriter> m_writer;
    std::unique_ptr<LiveTake> m_live;
    std::int64_t m_lastFrames = -1;
    int m_polls = 0;  // since the last frame came
};

}  // namespace upbeat
