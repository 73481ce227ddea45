#pragma once

#include <QObject>
#include <QTimer>

#include "studio/care.h"
#include "studio/next_steps.h"
#include "studio/practice_clock.h"

namespace upbeat {

/// Take after take without a key: the verdict as a tone, what it asks for is done, a rest, the next take.
class HandsFree : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const Setup& setup;
        Recorder& recorder;
        Playback& playback;
        const AudioInput& input;
        InputWatch& watch;
        NextSteps& nextSteps;
        PracticeClock& clock;
    };
    explicit HandsFree(const With& with);

    [[nodiscard]] bool isOn() const { return m_isOn; }
    void set(bool on);
    [[nodiscard]] bool isResting() const { return m_rest.isActive(); }
    [[nodiscard]] double restLeftS() const;
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

    With m_with;
    bool m_isOn = false;
    SinceBreak m_sinceBreak;
    QTimer m_rest;
    QTimer m_ticker;
};

}  // namespace upbeat
