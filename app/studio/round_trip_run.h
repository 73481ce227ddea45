#pragma once

#include <QObject>
#include <QTimer>
#include <optional>

#include "studio/audio_input.h"
#include "studio/worker.h"
#include "upbeat/signal/round_trip.h"

namespace upbeat {

/// Plays the sounds of the round trip, records them and measures.
class RoundTripRun : public QObject {
    Q_OBJECT
  public:
    RoundTripRun(AudioInput& input, Worker& worker);

    void start();
    void stop();
    [[nodiscard]] bool isRunning() const { return m_probe != nullptr; }
    /// Of the last run; none before the first and while one runs.
    [[nodiscard]] const std::optional<Result<RoundTrip>>& outcome() const { return m_outcome; }
    void forget() { m_outcome.reset(); }

  Q_SIGNALS:
    void measured();

  private:
    void tick();

    AudioInput& m_input;
    Worker& m_worker;
    std::shared_ptr<ProbeRun> m_probe;
    int m_polls = 0;
    std::optional<Result<RoundTrip>> m_outcome;
    QTimer m_ticker;
};

}  // namespace upbeat
