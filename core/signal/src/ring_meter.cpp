#include "upbeat/signal/ring_meter.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

#include "prediction.h"
#include "upbeat/signal/band_bank.h"
#include "wide.h"

namespace upbeat {

namespace {

// In samples of the low sound, a quarter of a millisecond each.
constexpr std::size_t kPerFrame = 2;
constexpr std::size_t kFitted = 160;
constexpr std::size_t kBefore = 80;
constexpr std::size_t kAfter = 48;
constexpr std::size_t kFewestAfter = 8;
constexpr std::size_t kGuard = 4;  // the rise may begin a little before
constexpr std::size_t kDelay = 1;  // of the low passes
constexpr std::size_t kBlock = 32;
constexpr std::size_t kHistory = 800;
constexpr double kCornerHz = 1600;

/// What a prediction from the samples before `at` leaves over from kBefore before them up to `to`.
class LeftOver {
  public:
    LeftOver(std::span<const float> low, std::size_t at, std::size_t to) : m_from(at - kGuard - kBefore) {
        const Prediction filter = predictionOf(low.subspan(at - kFitted, kFitted - kGuard));
        const std::size_t count = to - m_from;
        std::array<float, kMost> rests{};
        for (std::size_t k = 0; k <= kPredictionOrder; ++k)
            for (std::size_t i = 0; i < count; ++i) rests[i] += filter[k] * low[m_from + i - k];
        for (std::size_t i = 0; i < count; ++i) m_upTo[i + 1] = m_upTo[i] + static_cast<double>(rests[i] * rests[i]);
    }

    /// How far [at, to) rises above what comes before it, in dB.
    [[nodiscard]] double riseDb(std::size_t at, std::size_t to) const {
        constexpr auto kSilence = static_cast<double>(kSilentEnergy);
        const double before = energy(at - kGuard - kBefore, at - kGuard);
        return 10 * std::log10((energy(at, to) + kSilence) / (before + kSilence));
    }

  private:
    static constexpr std::size_t kMost = kGuard + kBefore + kBlock + kAfter;

    [[nodiscard]] double energy(std::size_t from, std::size_t to) const {
        return (m_upTo[to - m_from] - m_upTo[from - m_from]) / static_cast<double>(to - from);
    }

    std::size_t m_from;
    std::array<double, kMost + 1> m_upTo{};  // sums of squares
};

}  // namespace

RingMeter::RingMeter(int sampleRate)
    : m_lowPasses(lowPass(kCornerHz, sampleRate)), m_low(kFitted, 0.0F), m_next(kFitted + kDelay) {}

void RingMeter::push(std::span<const float> frame) {
    const std::size_t half = frame.size() / kPerFrame;
    for (const auto part : {frame.first(half), frame.subspan(half)})
        if (!part.empty()) m_low.push_back(static_cast<float>(m_lowPasses.process(part)));
    while (m_firstLow + static_cast<std::int64_t>(m_low.size()) >= m_next + static_cast<std::int64_t>(kBlock + kAfter))
        measureBlock();
}

std::vector<float> RingMeter::take() {
    return std::exchange(m_rises, {});
}

UPBEAT_WIDE void RingMeter::measureBlock() {
    const auto next = static_cast<std::size_t>(m_next - m_firstLow);
    const LeftOver left(m_low, next, next + kBlock + kAfter);
    for (std::size_t i = next; i < next + kBlock; i += kPerFrame)
        m_rises.push_back(static_cast<float>(left.riseDb(i, i + kAfter)));
    m_next += static_cast<std::int64_t>(kBlock);
}

void RingMeter::forgetOld() {
    if (m_low.size() < 2 * kHistory) return;
    const std::size_t drop = m_low.size() - kHistory;
    m_low.erase(m_low.begin(), m_low.begin() + static_cast<std::ptrdiff_t>(drop));
    m_firstLow += static_cast<std::int64_t>(drop);
}

double RingMeter::riseDb(std::int64_t frame, std::int64_t endFrame) const {
    const auto sampleOf = [this](std::int64_t f) {
        return f * static_cast<std::int64_t>(kPerFrame) + static_cast<std::int64_t>(kFitted + kDelay) - m_firstLow;
    };
    if (frame < 0 || sampleOf(frame) < static_cast<std::int64_t>(kFitted)) return 0;
    const auto at = static_cast<std::size_t>(sampleOf(frame));
    const auto end = static_cast<std::size_t>(std::max<std::int64_t>(0, sampleOf(endFrame)));
    const std::size_t to = std::min({m_low.size(), end, at + kAfter});
    if (to < at + kFewestAfter) return 0;
    return LeftOver(m_low, at, to).riseDb(at, to);
}

}  // namespace upbeat
