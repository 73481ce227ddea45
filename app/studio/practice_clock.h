#pragma once

#include <QObject>
#include <QTimer>

#include "studio/recorder.h"
#include "studio/taking_apart.h"

namespace upbeat {

/// The minutes one wants to spend on an exercise, on one part of it, or on a rung where minutes lead up. They run from
/// the first take on; a take that runs when they are over is played to its end.
class PracticeClock : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const Setup& setup;
        const Recorder& recorder;
        TakingApart& takingApart;
        Stand& stand;
        Notices& notices;
    };
    /// `speed` above 1: as much faster as the simulated player is (tests).
    PracticeClock(const With& with, double speed);

    /// Somebody else has the minutes in hand.
    void hold(bool hold) { m_isHeld = hold; }
    /// A take is in the log: if the time was over in it, this is its end.
    void takeKept();

  Q_SIGNALS:
    /// It is over for this exercise; a part of a method has given way to the next one.
    void over();

  private:
    void start();
    void end();

    With m_with;
    double m_speed;
    QTimer m_timer;
    bool m_isHeld = false;
    bool m_isUp = false;  // a take still runs
};

}  // namespace upbeat
