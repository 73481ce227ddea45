#pragma once

#include <QObject>
#include <QTimer>

#include "studio/care.h"
#include "studio/next_steps.h"
#include "studio/practice_clock.h"
#include "studio/tap_commands.h"
#include "studio/verdict_voice.h"
#include "upbeat/season/tiring.h"

namespace upbeat {

/// Take after take without a key: the verdict as a tone, what it asks for is done, a rest, the next take.
class HandsFree : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        Setup& setup;
        Recorder& recorder;
        Playback& playback;
        const VerdictVoice& voice;
        AudioInput& input;
        InputWatch& watch;
        NextSteps& nextSteps;
        PracticeClock& clock;
        Notices& notices;
    };
    /// `speed` above 1: breaks are as much shorter as the simulated player is faster (tests).
    HandsFree(const With& with, double speed);

    [[nodiscard]] bool isOn() const { return m_isOn; }
    void set(bool on);
    [[nodiscard]] bool isResting() const { return m_rest.isActive(); }
    [[nodiscard]] double restLeftS() const;
    /// What is tapped in the rests.
    [[nodiscard]] TapCommands& taps() { return m_taps; }
    /// Idle, in front of the player: the taps that say "go on" begin it, once they are learned.
    void waitForTaps(bool wait);
    /// A foot switch: begins, goes on in a rest, stops while a take runs.
    void press();
    /// The rest is over: the next take at once.
    void goOn();
    /// There is nothing above the goal: it ends there.
    void atTheGoal(double goalBpm);
    /// The step of the last verdict is taken back, and what it was given for is played once more.
    void again();
    /// A take is in the log: its verdict is heard and, hands-free, followed.
    void goOn(const TakePtr& take, const NextStepPtr& step);

  Q_SIGNALS:
    void breakBegins();                ///< It has gone on for long: this rest is a break.
    void tires(const Tiring& tiring);  ///< The takes say so: this rest is a break.
    void changed();
    void ticked();  ///< 60 times a second while it rests.

  private:
    void rest(double seconds);
    [[nodiscard]] double restBehind(const TakeView& take);
    [[nodiscard]] std::optional<Tiring> tiringWith(const TakeView& take);
    void begin();
    void listenWhileIdle();
    void next();
    void obey(TapCommand command);

    With m_with;
    double m_speed;
    TapCommands m_taps;
    bool m_isOn = false;
    bool m_waitsForTaps = false;
    SinceBreak m_sinceBreak;
    std::vector<TakeInSitting> m_sitting;  // since the last break
    QTimer m_rest;
    QTimer m_ticker;
};

}  // namespace upbeat
