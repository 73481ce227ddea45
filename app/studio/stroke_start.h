#pragma once

#include "studio/ear.h"

namespace upbeat {

/// Waits for the first stroke.
class StrokeStart : public QObject {
    Q_OBJECT
  public:
    explicit StrokeStart(AudioInput& input);

    void wait();
    void stop();
    [[nodiscard]] bool isWaiting() const { return m_ear.isOpen(); }

  Q_SIGNALS:
    /// Where in the stream it was struck.
    void struck(qint64 position);

  private:
    Ear m_ear;
};

}  // namespace upbeat
