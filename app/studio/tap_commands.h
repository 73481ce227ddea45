#pragma once

#include <QObject>
#include <QTimer>
#include <vector>

#include "studio/ear.h"
#include "studio/setup.h"
#include "upbeat/signal/taps.h"

namespace upbeat {

/// Hears what is tapped in the rests between takes: never while one runs.
class TapCommands : public QObject {
    Q_OBJECT
  public:
    /// Both outlive it.
    TapCommands(AudioInput& input, Setup& setup);

    /// From so many seconds on, when what the program says is over, and the room is silent again.
    void listen(double afterS);
    void stop();
    /// Learns how the player taps: three groups of three, once.
    void learn();
    [[nodiscard]] bool isLearning() const { return m_isLearning; }
    [[nodiscard]] bool isListening() const { return m_ear.isOpen(); }
    [[nodiscard]] TapStyle style() const;

  Q_SIGNALS:
    void commanded(TapCommand command);
    void learned();

  private:
    void open();
    void look();
    void keep(const TapStyle& style);

    Setup& m_setup;
    Ear m_ear;
    QTimer m_toneEnds;
    std::vector<Hit> m_strokes;
    bool m_isLearning = false;
};

}  // namespace upbeat
