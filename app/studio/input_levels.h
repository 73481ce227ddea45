#pragma once

#include <QObject>
#include <QThreadPool>
#include <QTimer>
#include <memory>
#include <vector>

#include "studio/audio_input.h"
#include "upbeat/audio/devices.h"

namespace upbeat {

/// Listens to all inputs at once and tells how loud each is: the one that moves when the player plays is theirs.
class InputLevels : public QObject {
    Q_OBJECT
  public:
    explicit InputLevels(MakeStream make);
    ~InputLevels() override;

    /// Listens to these and no others. Devices are opened on a thread of its own: it takes a moment.
    void listenTo(const std::vector<InputDevice>& devices);
    void stop() { listenTo({}); }

    struct Level {
        InputId id;
        double peakDb = -120;  ///< Falls slowly.
        int strokes = 0;       ///< How often it rose out of silence.
    };
    [[nodiscard]] const std::vector<Level>& levels() const { return m_levels; }
    /// The one that is played: it has risen often enough, and oftener than any other. Null for none.
    [[nodiscard]] const Level* played() const;

  Q_SIGNALS:
    void changed();  ///< Many times a second while it listens.

  private:
    struct Listener;
    void tick();

    MakeStream m_make;
    std::vector<InputDevice> m_devices;
    std::vector<std::shared_ptr<Listener>> m_listeners;
    std::vector<Level> m_levels;
    QTimer m_ticker;
    int m_round = 0;
    QThreadPool m_pool;
};

}  // namespace upbeat
