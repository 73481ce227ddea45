#pragma once

#include <QObject>
#include <QTimer>
#include <memory>

#include "studio/audio_input.h"
#include "upbeat/signal/hit_detector.h"

namespace upbeat {

/// Hears strokes between takes, by sound or as notes: to set levels by playing.
class Ear : public QObject {
    Q_OBJECT
  public:
    explicit Ear(AudioInput& input);
    ~Ear() override { close(); }

    void open();
    void close();
    [[nodiscard]] bool isOpen() const { return m_tap != nullptr; }

  Q_SIGNALS:
    void heard(double peakDb);    ///< Many times a second, dBFS.
    void struck(double levelDb);  ///< A stroke that is sure, dBFS.

  private:
    void listen();

    AudioInput& m_input;
    std::shared_ptr<InputTap> m_tap;
    std::unique_ptr<HitDetector> m_detector;
    QTimer m_ticker;
};

}  // namespace upbeat
