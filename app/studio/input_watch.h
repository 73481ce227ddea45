#pragma once

#include <QObject>
#include <QTimer>

#include "studio/audio_input.h"
#include "studio/notices.h"
#include "studio/setup.h"
#include "studio/take_run.h"

namespace upbeat {

/// Sees to it that the input that is set is open: opens it, says why it cannot be, and tries again by itself until it
/// is back. No other input ever takes its place. In a take the input stays; another one is opened when it has ended.
class InputWatch : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        AudioInput& input;
        const TakeRun& run;
        const Setup& setup;
        Notices& notices;
    };
    explicit InputWatch(const With& with);

    /// Opens the input that is set.
    void open();
    /// Whether it is there now, or can be opened at once; else says what is in the way.
    [[nodiscard]] bool isReady();
    /// Open, and something is connected to it.
    [[nodiscard]] bool isThere() const { return m_with.input.health() == StreamHealth::Alive; }
    /// Somebody waits for it: `back` comes when it is there, however short it was away.
    void waitForIt() { m_isAway = true; }
    /// Something is about to be played: where nothing can be heard of it, that is said, once.
    void tellOfSilence();
    /// A take has ended: what was put off is done.
    void takeEnded();

  Q_SIGNALS:
    void back();  ///< An input that was away is open again.

  private:
    void lookAgain();
    void cameBack();

    With m_with;
    InputId m_wanted;
    bool m_isAway = false;
    bool m_toldOfSilence = false;
    QTimer m_again;
};

}  // namespace upbeat
