#include "upbeat/signal/band_steps.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr float kFloorDb = -120.0F;
constexpr auto kSteps = static_cast<float>(kStepsPerDb);

std::array<float, 256> energiesOfSteps() {
    std::array<float, 256> energies{};
    for (std::size_t i = 1; i < energies.size(); ++i)
        energies[i] = std::pow(10.0F, (kFloorDb + static_cast<float>(i) / kSteps) / 10.0F);
    return energies;
}

}  // namespace

const std::array<float, 256> kStepEnergies = energiesOfSteps();

BandSteps toSteps(const BandEnergy& energy) {
    BandSteps steps{};
    for (std::size_t b = 0; b < kBands; ++b) {
        const float db = kDbPerOctave * std::log2(energy[b] + 1e-12F);
        steps[b] = static_cast<std::uint8_t>(std::clamp((db - kFloorDb) * kSteps + 0.5F, 0.0F, 255.0F));
    }
    return steps;
}

}  // namespace upbeat
