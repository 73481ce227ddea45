#include "upbeat/signal/top_band.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <numeric>

#include "upbeat/signal/band_bank.h"
#include "upbeat/signal/novelty.h"
#include "wide.h"

namespace upbeat {

namespace {

/// Four sections side by side, each a sample behind the one before it.
using Sections [[gnu::vector_size(4 * sizeof(float))]] = float;

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

TopBand::TopBand(int sampleRate) : m_isThere(hasTopBand(sampleRate)), m_section(highPass(kTopBandHz, sampleRate)) {}

float TopBand::process(std::span<const float> frame) {
    if (!m_isThere || frame.empty()) return 0;
    const auto of = [](double value) { return Sections{} + static_cast<float>(value); };
    const Sections b0 = of(m_section.b0), b1 = of(m_section.b1), b2 = of(m_section.b2);
    const Sections a1 = of(m_section.a1), a2 = of(m_section.a2);
    Sections z1, z2, y;
    std::memcpy(&z1, m_z1.data(), sizeof z1), std::memcpy(&z2, m_z2.data(), sizeof z2);
    std::memcpy(&y, m_y.data(), sizeof y);
    Sections squares{};
    for (const float sample : frame) {
        const Sections x = __builtin_shufflevector(y, Sections{} + sample, 4, 0, 1, 2);
        y = b0 * x + z1;
        z1 = b1 * x + z2 - a1 * y;
        z2 = b2 * x - a2 * y;
        squares += y * y;
    }
    std::memcpy(m_z1.data(), &z1, sizeof z1), std::memcpy(m_z2.data(), &z2, sizeof z2);
    std::memcpy(m_y.data(), &y, sizeof y);
    for (auto* states : {&m_z1, &m_z2, &m_y}) std::transform(states->begin(), states->end(), states->begin(), atRest);
    return squares[kSections - 1] / static_cast<float>(frame.size());
}

double topRiseDb(std::span<const float> energies, std::int64_t at) {
    constexpr std::int64_t kAround = 8;
    constexpr std::int64_t kBefore = kBeforeFrames;
    constexpr std::int64_t kAfter = 6;
    const auto mean = [&energies](std::int64_t from, std::int64_t count) {
        const auto first = energies.begin() + from;
        return std::accumulate(first, first + count, 0.0F) / static_cast<float>(count) + kSilentEnergy;
    };
    float most = 1;
    const std::int64_t last = std::min(at + kAround, std::ssize(energies) - kAfter);
    for (std::int64_t i = std::max(at - kAround, kBefore); i <= last; ++i)
        most = std::max(most, mean(i, kAfter) / mean(i - kBefore, kBefore));
    return static_cast<double>(kDbPerOctave * std::log2(most));
}

}  // namespace upbeat
