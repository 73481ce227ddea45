#pragma once

#include <QObject>
#include <QTimer>

#include "studio/audio_input.h"
#include "studio/setup.h"

namespace upbeat {

/// A switch under the foot: a key of the keyboard, as most of them send, or a note or a controller of the MIDI
/// instrument that is the input; learned by pressing it. It works wherever one is in the window.
class FootSwitch : public QObject {
    Q_OBJECT
  public:
    /// Both outlive it.
    FootSwitch(Setup& setup, AudioInput& input);
    ~FootSwitch() override;

    /// The next thing that is pressed is the switch; Escape learns none.
    void learn();
    [[nodiscard]] bool isLearning() const { return m_isLearning; }
    [[nodiscard]] bool isKnown() const;
    void forget();

  Q_SIGNALS:
    void learned();
    void pressed();

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    /// `code`: a key, or kFirstMidi and the number that AudioEngine::newSwitch gives.
    void take(int code);
    void pollMidi();
    [[nodiscard]] static bool isWriting(const QObject& widget);
    [[nodiscard]] int known() const;

    Setup& m_setup;
    AudioInput& m_input;
    QTimer m_poll;
    bool m_isLearning = false;
};

}  // namespace upbeat
