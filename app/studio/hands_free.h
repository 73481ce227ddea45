#pragma once

#include <QObject>
#include <QTimer>

#include "studio/care.h"
#include "studio/next_steps.h"
#include "studio/practice_clock.h"
#include "studio/tap_commands.h"

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
        AudioInput& input;
        InputWatch& watch;
        NextSteps& nextSteps;
        PracticeClock& clock;
        Notices& notices;
    };
    explicit HandsFree(const With& with);

    [[nodiscard]] bool isOn() const { return m_isOn; }
    void set(bool on);
    [[nodiscard]] bool isResting() const { return m_rest.isActive(); }
    [[nodiscard]] double restLeftS() const;
    /// What is tapped in the rests.
    [[nodiscard]] TapCommands& taps() { return m_taps; }
    /// The rest is over: the next take at once.
    void goOn();
    /// The step of the last verdict is taken back, and what it was given for is played once more.
    void again();
    /// A take is in the log: its verdict is heard and, hands-free, followed.
    void goOn(const TakePtr& take, const NextStepPtr& step);

  Q_SIGNALS:
    void breakBegins();  ///< It has gone on for long: this rest is a break.
    void changed();
    void ticked();  ///< 60 times a second while it rests.

  private:
    void rest(double seconds);
    [[nodiscard]] double restBehind(const TakeRecord& take);
    void next();
    void obey(TapCommand command);

    With m_with;
    TapCommands m_taps;
    bool m_isOn = false;
    SinceBreak m_sinceBreak;
    QTimer m_rest;
    QTimer m_ticker;
};

}  // namespace upbeat
