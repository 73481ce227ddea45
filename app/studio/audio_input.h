#pragma once

#include <QFuture>
#include <QObject>
#include <QThreadPool>
#include <functional>
#include <memory>
#include <optional>

#include "upbeat/audio/engine.h"
#include "upbeat/player/character.h"

namespace upbeat {

/// Makes the stream of an input.
using MakeStream = std::function<std::unique_ptr<DuplexStream>(const InputId& id, const AudioEngine& engine)>;

/// The devices there are; `simulatedSpeed` above 1 lets the simulated player hurry, in silence (tests).
[[nodiscard]] MakeStream realStreams(double simulatedSpeed);

/// The device that is listened to, and the engine it drives. What is asked here is answered by the stream that runs,
/// not by what is set for the next one. Interface thread.
class AudioInput : public QObject {
    Q_OBJECT
  public:
    explicit AudioInput(MakeStream make);
    ~AudioInput() override;

    /// Opens an input, after the one before is closed. After an error none is open. A sound server that takes more than
    /// a moment, in which nearly all answer, is not waited for: then it is opening, and `opened` or `failed` tells how
    /// it went.
    [[nodiscard]] Result<void> open(const InputId& id, int momentMs = 250);
    void close();

    /// Whether a stream runs and its device is still there.
    [[nodiscard]] bool isAlive() const { return m_stream && m_stream->health() != StreamHealth::Gone; }
    [[nodiscard]] bool isOpening() const { return m_opening.has_value(); }
    [[nodiscard]] StreamHealth health() const { return m_stream ? m_stream->health() : StreamHealth::Gone; }
    /// The id it was opened by; also when its device has left.
    [[nodiscard]] const InputId& id() const { return m_id; }
    /// What the device calls itself, or that it has left.
    [[nodiscard]] QString name() const;
    [[nodiscard]] bool isSimulated() const { return m_stream && std::holds_alternative<SimulatedInput>(m_id); }
    /// A MIDI instrument: its notes are the hits.
    [[nodiscard]] bool isMidi() const { return isNotes(m_id); }
    /// Whether what the program plays can be heard.
    [[nodiscard]] bool hasOutput() const { return m_stream && m_stream->hasOutput(); }
    /// Whether no calibration holds: see DuplexStream.
    [[nodiscard]] bool hasOwnLoop() const { return m_stream && m_stream->hasOwnLoop(); }
    [[nodiscard]] QString outputName() const;
    [[nodiscard]] int sampleRate() const;
    [[nodiscard]] int periodFrames() const { return m_stream ? m_stream->periodFrames() : 0; }
    /// Loudest input since the last call, dBFS.
    [[nodiscard]] double peakDb();
    /// How the simulated player plays from the next take on; nothing happens on other inputs.
    void setCharacter(const Character& character);

    [[nodiscard]] AudioEngine& engine() { return m_engine; }
    [[nodiscard]] const AudioEngine& engine() const { return m_engine; }

  Q_SIGNALS:
    void opened();
    void failed(const Error& error);  ///< Of an input that took its time.

  private:
    struct Outcome {
        std::shared_ptr<DuplexStream> stream;
        std::optional<Error> error;
    };
    [[nodiscard]] Result<void> settle(const Outcome& outcome);

    MakeStream m_make;
    AudioEngine m_engine;
    InputId m_id;
    std::shared_ptr<DuplexStream> m_stream;
    std::optional<QFuture<Outcome>> m_opening;
    int m_attempt = 0;
    QThreadPool m_pool;
};

}  // namespace upbeat
