#include "upbeat/signal/patch.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr float kStepsPerDb = 2.0F;
constexpr float kFloorDb = -120.0F;
constexpr int kSteps = 256;

std::array<float, kSteps> energiesOfSteps() {
    std::array<float, kSteps> energies{};
    for (int i = 1; i < kSteps; ++i)
        energies[static_cast<std::size_t>(i)] =
            std::pow(10.0F, (kFloorDb + static_cast<float>(i) / kStepsPerDb) / 10.0F);
    return energies;
}

}  // namespace

void Patch::fill(std::span<const BandEnergy> frames, std::size_t middle) {
    m_empty = false;
    for (std::size_t f = 0; f < kPatchFrames; ++f) {
        const std::size_t at = middle + f;
        if (at < kPatchBefore || at - kPatchBefore >= frames.size()) continue;
        for (std::size_t b = 0; b < kBands; ++b) {
            const float db = 10.0F * std::log10(frames[at - kPatchBefore][b] + 1e-12F);
            m_steps[f][b] = static_cast<std::uint8_t>(std::clamp((db - kFloorDb) * kStepsPerDb + 0.5F, 0.0F, 255.0F));
        }
    }
}

float Patch::energy(std::size_t frame, std::size_t band) const {
    static const std::array<float, kSteps> energies = energiesOfSteps();
    return energies[m_steps[frame][band]];
}

}  // namespace upbeat
