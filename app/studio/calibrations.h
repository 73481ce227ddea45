#pragma once

#include <QDate>
#include <optional>

#include "studio/audio_input.h"
#include "studio/setup.h"
#include "upbeat/take/anchor.h"

namespace upbeat {

/// A round trip that was measured, and for what.
struct Calibration {
    double latencyMs = 0;
    double uncertainMs = 0;
    QDate day;
};

/// The round trips that were measured: each for one input, one output, one rate and one period, and used for no other.
class Calibrations {
  public:
    explicit Calibrations(Setup& setup) : m_setup(setup) {}

    /// Of the input as it runs now; none where each start has a way round of its own.
    [[nodiscard]] std::optional<Calibration> of(const AudioInput& input) const;
    /// What is known of its way round before a take: nothing is uncertain of the simulated player, else what was
    /// measured, or typed in for a microphone.
    [[nodiscard]] KnownLoop known(const AudioInput& input) const;
    void keep(const AudioInput& input, const Calibration& calibration);

  private:
    [[nodiscard]] static QString keyOf(const AudioInput& input);

    Setup& m_setup;
};

}  // namespace upbeat
