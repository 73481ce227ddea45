#pragma once

#include <array>
#include <cstdint>

#include "upbeat/signal/band_bank.h"

namespace upbeat {

/// Band energies small enough to be kept: in steps of half a decibel above -120 dB; 0 is silence.
using BandSteps = std::array<std::uint8_t, kBands>;
inline constexpr double kStepsPerDb = 2;

[[nodiscard]] BandSteps toSteps(const BandEnergy& energy);
extern const std::array<float, 256> kStepEnergies;
/// Mean of squares, full scale 1.
[[nodiscard]] inline float energyOfStep(std::uint8_t step) {
    return kStepEnergies[step];
}

}  // namespace upbeat
