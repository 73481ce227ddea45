#pragma once

#include <QString>
#include <functional>
#include <memory>
#include <vector>

#include "upbeat/audio/engine.h"
#include "upbeat/player/character.h"

namespace upbeat {

/// Makes the stream of an input: "simulated", "jack:PORT" or "midi:PORT".
using MakeStream = std::function<std::unique_ptr<DuplexStream>(const QString& id, const AudioEngine& engine)>;

/// The devices there are; `simulatedSpeed` above 1 lets the simulated player hurry (tests).
[[nodiscard]] MakeStream realStreams(double simulatedSpeed);

/// The device that is listened to, and the engine it drives. What is asked here is answered by the stream that runs,
/// not by what is set for the next one. Interface thread.
class AudioInput {
  public:
    explicit AudioInput(MakeStream make);
    ~AudioInput();
    AudioInput(const AudioInput&) = delete;
    AudioInput& operator=(const AudioInput&) = delete;

    /// Opens an input, after the one before is closed. After an error none is open.
    [[nodiscard]] Result<void> open(const QString& id);
    void close();

    /// Whether a stream runs and its device is still there.
    [[nodiscard]] bool isAlive() const { return m_stream && m_stream->health() != StreamHealth::Gone; }
    [[nodiscard]] StreamHealth health() const { return m_stream ? m_stream->health() : StreamHealth::Gone; }
    /// The id it was opened by; also when its device has left.
    [[nodiscard]] const QString& id() const { return m_id; }
    [[nodiscard]] QString name() const;
    [[nodiscard]] bool isSimulated() const;
    /// A MIDI instrument: its notes are the hits.
    [[nodiscard]] bool isMidi() const;
    [[nodiscard]] int sampleRate() const;
    /// How the simulated player plays from the next take on; nothing happens on other inputs.
    void setCharacter(const Character& character);

    [[nodiscard]] AudioEngine& engine() { return m_engine; }
    [[nodiscard]] const AudioEngine& engine() const { return m_engine; }

  private:
    MakeStream m_make;
    AudioEngine m_engine;
    QString m_id;
    std::unique_ptr<DuplexStream> m_stream;
};

}  // namespace upbeat
