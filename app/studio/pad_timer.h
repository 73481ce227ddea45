#pragma once

#include <QObject>
#include <QTimer>
#include <optional>

#include "studio/calibrations.h"
#include "studio/worker.h"
#include "upbeat/voices/pad_timing.h"

namespace upbeat {

/// Finds how long the notes of an electronic kit take: from strokes that a microphone hears, too, whose own round trip
/// was measured.
class PadTimer : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        AudioInput& pads;
        Calibrations& calibrations;
        Setup& setup;
        Worker& worker;
    };
    PadTimer(const With& with, MakeStream make);

    /// The microphone whose round trip was measured last.
    void setMicrophone(const InputId& id);
    [[nodiscard]] std::optional<InputId> microphone() const;

    void start();
    void stop();
    [[nodiscard]] bool isRunning() const { return m_isRunning; }
    /// Notes that have come in this run.
    [[nodiscard]] int strokes() const { return static_cast<int>(m_notes.size()); }
    /// Of the last run: the way from a click to the note that is struck on it.
    struct Outcome {
        double latencyS = 0;
        double uncertainMs = 0;
        PadTiming timing;
    };
    [[nodiscard]] const std::optional<Result<Outcome>>& outcome() const { return m_outcome; }
    void forget() { m_outcome.reset(); }

  Q_SIGNALS:
    void changed();
    void measured();

  private:
    void listen();
    void tick();
    void collect();
    void end(const Result<Outcome>& outcome);

    With m_with;
    AudioInput m_microphone;
    std::shared_ptr<ProbeRun> m_probe;
    std::shared_ptr<InputTap> m_tap;
    std::vector<StruckNote> m_notes;
    bool m_isRunning = false;
    int m_polls = 0;
    int m_restPolls = 0;
    std::optional<Result<Outcome>> m_outcome;
    QTimer m_ticker;
};

}  // namespace upbeat
