#include "upbeat/signal/top_band.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "upbeat/signal/band_bank.h"
#include "upbeat/signal/novelty.h"
#include "wide.h"

namespace upbeat {

namespace {

/// Four sections side by side, each a sample behind the one before it.
using Sections [[gnu::vector_size(4 * sizeof(float))]] = float;
constexpr std::size_t kLast = 3;

}  // namespace

std::vector<float> topOf(std::span<const float> signal, int sampleRate) {
    std::vector<float> top(signal.begin(), signal.end());
    for (int i = 0; i < 4; ++i) top = filtered(top, highPass(kTopBandHz, sampleRate));
    return top;
}

bool hasTopBand(int sampleRate) {
    constexpr double kLeastRatio = 2.5;
    return sampleRate >= kLeastRatio * kTopBandHz;
}

std::vector<float> topEnergies(std::span<const float> signal, std::size_t frameSize, int sampleRate) {
    std::vector<float> energies(signal.size() / frameSize);
    if (!hasTopBand(sampleRate)) return energies;
    const Biquad section = highPass(kTopBandHz, sampleRate);
    const auto of = [](double value) { return Sections{} + static_cast<float>(value); };
    WideSection<Sections> sections{of(section.b0), of(section.b1), of(section.b2), of(section.a1), of(section.a2)};
    Sections y{};
    for (std::size_t i = 0; i < energies.size(); ++i) {
        Sections squares{};
        for (const float sample : signal.subspan(i * frameSize, frameSize)) {
            sections.step(__builtin_shufflevector(y, Sections{} + sample, 4, 0, 1, 2), y);
            squares += y * y;
        }
        energies[i] = squares[kLast] / static_cast<float>(frameSize);
    }
    return energies;
}

float topStep(std::span<const float> energies, std::int64_t at, std::int64_t before) {
    const auto mean = [&energies](std::int64_t from, std::int64_t count) {
        const auto first = energies.begin() + from;
        return std::accumulate(first, first + count, 0.0F) / static_cast<float>(count) + kSilentEnergy;
    };
    return mean(at, kTopAfter) / mean(at - before, before);
}

double topRiseDb(std::span<const float> energies, std::int64_t at) {
    constexpr std::int64_t kBefore = kBeforeFrames;
    float most = 1;
    const std::int64_t last = std::min(at + kTopAround, std::ssize(energies) - kTopAfter);
    for (std::int64_t i = std::max(at - kTopAround, kBefore); i <= last; ++i)
        most = std::max(most, topStep(energies, i, kBefore));
    return static_cast<double>(kDbPerOctave * std::log2(most));
}

}  // namespace upbeat
