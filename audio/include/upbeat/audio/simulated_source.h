#pragma once

#include <cstdint>
#include <memory>
#include <span>
#include <vector>

#include "upbeat/audio/recording_run.h"
#include "upbeat/player/perform.h"
#include "upbeat/player/stroke_bank.h"

namespace upbeat {

/// The simulated player at the microphone: when a take runs, it plays the take's exercise along with the take's click.
/// Not for a real audio thread: it synthesises as it goes.
class SimulatedSource {
  public:
    SimulatedSource(int sampleRate, Character character, std::uint64_t seed);

    /// Adds what is heard in [position, position + in.size()) while `run` (may be null) is the current take.
    void fill(std::span<float> in, std::int64_t position, const std::shared_ptr<RecordingRun>& run);

    void setCharacter(const Character& character) { m_character = character; }
    /// What the player means to play in the current take.
    [[nodiscard]] const Performance& performance() const { return m_performance; }

  private:
    struct Sounding {
        const StrokeSound* stroke;
        std::int64_t at;
        float gain;
        double ringS;  ///< See ringS in damping.h.
    };
    void begin(const RecordingRun& run);

    int m_sampleRate;
    Character m_character;
    std::uint64_t m_seed;
    StrokeBank m_bank;
    Random m_noise;
    std::weak_ptr<RecordingRun> m_current;
    Performance m_performance;
    std::size_t m_nextHit = 0;
    std::vector<Sounding> m_sounding;
};

}  // namespace upbeat
