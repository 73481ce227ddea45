#include "upbeat/signal/hit_detector.h"

#include <algorithm>
#include <cmath>
#include <utility>

#include "upbeat/signal/level.h"
#include "upbeat/signal/onset.h"

namespace upbeat {

namespace {

constexpr double kWeakStrength = 6.0;
constexpr std::int64_t kPeakReach = 14;  // frames on each side that a peak of the novelty must overlook
constexpr double kSettleS = 0.040;       // audio needed after a candidate before it is decided
constexpr double kClearDb = 21.0;        // below this contrast the rise cannot be followed
constexpr double kHistoryS = 0.2;
constexpr double kClosestS = 0.006;  // two onsets nearer than this are one

}  // namespace

HitDetector::HitDetector(int sampleRate)
    : m_sampleRate(sampleRate),
      m_frameSize(static_cast<std::size_t>(std::max(1L, std::lround(kFrameS * sampleRate)))),
      m_bank(sampleRate),
      m_novelty(sampleRate) {}

void HitDetector::push(std::span<const float> block) {
    for (const float sample : block) {
        m_samples.push_back(std::isfinite(sample) ? sample : 0.0F);
        ++m_seen;
        if (static_cast<std::size_t>(m_seen) % m_frameSize == 0) pushFrame();
    }
    settle(false);
    forgetOld();
}

void HitDetector::finish() {
    const std::vector<float> silence(static_cast<std::size_t>(0.1 * m_sampleRate), 0.0F);
    const std::int64_t seen = m_seen;
    push(silence);
    settle(true);
    m_seen = seen;
}

std::vector<Hit> HitDetector::take() {
    return std::exchange(m_ready, {});
}

void HitDetector::pushFrame() {
    m_frames.push_back(m_bank.process(std::span(m_samples).last(m_frameSize)));
    m_strengths.push_back(0.0);
    ++m_frameCount;
    const auto after = static_cast<std::int64_t>(kAfterFrames);
    if (m_frameCount > after) considerFrame(m_frameCount - after);
}

/// Measures the novelty of one frame and looks whether the frame kPeakReach earlier was a peak.
void HitDetector::considerFrame(std::int64_t frame) {
    const auto index = static_cast<std::size_t>(frame - m_firstFrame);
    const std::size_t before = std::min(index, kBeforeFrames);
    if (before > 0) {
        const std::span<const BandEnergy> frames(m_frames);
        m_strengths[index] =
            m_novelty.strength(frames.subspan(index - before, before), frames.subspan(index, kAfterFrames));
    }
    if (index < 2 * static_cast<std::size_t>(kPeakReach)) return;
    const std::size_t middle = index - static_cast<std::size_t>(kPeakReach);
    const double strength = m_strengths[middle];
    if (strength < kWeakStrength) return;
    const auto from = m_strengths.begin() + static_cast<std::ptrdiff_t>(middle) - kPeakReach;
    const auto at = m_strengths.begin() + static_cast<std::ptrdiff_t>(middle);
    const bool overlooksBefore = std::all_of(from, at, [strength](double s) { return s < strength; });
    const bool overlooksAfter =
        std::all_of(at + 1, at + 1 + kPeakReach, [strength](double s) { return s <= strength; });
    if (overlooksBefore && overlooksAfter)
        m_waiting.push_back({m_firstFrame + static_cast<std::int64_t>(middle), strength});
}

void HitDetector::settle(bool everything) {
    const auto settleSamples =
        static_cast<std::int64_t>(kSettleS * m_sampleRate) +
        static_cast<std::int64_t>(m_frameSize) * (kPeakReach + static_cast<std::int64_t>(kAfterFrames));
    while (!m_waiting.empty()) {
        const Candidate candidate = m_waiting.front();
        const std::int64_t sample = candidate.frame * static_cast<std::int64_t>(m_frameSize);
        if (!everything && m_seen - sample < settleSamples) return;
        m_waiting.pop_front();
        const std::int64_t next = m_waiting.empty() ? sample + m_sampleRate
                                                    : m_waiting.front().frame * static_cast<std::int64_t>(m_frameSize);
        decide(candidate, next);
    }
}

void HitDetector::decide(const Candidate& candidate, std::int64_t nextSample) {
    const auto ms = [this](double value) { return static_cast<std::int64_t>(value * 1e-3 * m_sampleRate); };
    const std::int64_t coarse = candidate.frame * static_cast<std::int64_t>(m_frameSize);
    const std::int64_t from = std::max(m_firstSample, coarse - ms(40));
    const std::int64_t to = std::min(m_firstSample + static_cast<std::int64_t>(m_samples.size()), coarse + ms(38));
    const auto window = std::span<const float>(m_samples).subspan(static_cast<std::size_t>(from - m_firstSample),
                                                                  static_cast<std::size_t>(to - from));
    const auto end = static_cast<std::size_t>(std::clamp(nextSample - ms(1), coarse + ms(2), to) - from);
    // A stroke that does not stand clear of what rings around it has no rise to follow: then the peak of the novelty,
    // sure to half a millisecond, is the better witness.
    // Weak candidates never stand clear: following their rise would be work for nothing.
    const Onset atPeak{static_cast<double>(coarse - from), 0.0};
    Onset onset = atPeak;
    if (candidate.strength >= kFirmStrength) {
        onset = refineOnset(window, static_cast<std::size_t>(coarse - from), end, m_sampleRate).value_or(atPeak);
        if (onset.contrastDb < kClearDb) onset.sample = atPeak.sample;
    }
    Hit hit;
    hit.timeS = (static_cast<double>(from) + onset.sample) / m_sampleRate;
    hit.strength = candidate.strength;
    hit.contrastDb = onset.contrastDb;
    const auto start = static_cast<std::size_t>(std::max(0.0, onset.sample));
    hit.levelDb = strokeLevelDb(window, start, end, m_sampleRate);
    hit.clipped = isClipped(window.subspan(std::min(start, window.size())));
    if (hit.timeS - m_lastTimeS < kClosestS) {
        if (m_ready.empty() || m_ready.back().strength >= hit.strength) return;
        m_ready.pop_back();
    }
    m_lastTimeS = hit.timeS;
    m_ready.push_back(hit);
}

void HitDetector::forgetOld() {
    const auto keep = static_cast<std::size_t>(kHistoryS * m_sampleRate);
    if (m_samples.size() > 8 * keep) {
        const std::size_t drop = m_samples.size() - keep;
        m_samples.erase(m_samples.begin(), m_samples.begin() + static_cast<std::ptrdiff_t>(drop));
        m_firstSample += static_cast<std::int64_t>(drop);
    }
    const std::size_t keepFrames = keep / m_frameSize;
    if (m_frames.size() > 8 * keepFrames) {
        const auto drop = static_cast<std::ptrdiff_t>(m_frames.size() - keepFrames);
        m_frames.erase(m_frames.begin(), m_frames.begin() + drop);
        m_strengths.erase(m_strengths.begin(), m_strengths.begin() + drop);
        m_firstFrame += drop;
    }
}

std::vector<Hit> detectHits(std::span<const float> samples, int sampleRate) {
    HitDetector detector(sampleRate);
    std::vector<Hit> hits;
    constexpr std::size_t kBlock = 1 << 14;
    for (std::size_t at = 0; at < samples.size(); at += kBlock) {
        detector.push(samples.subspan(at, std::min(kBlock, samples.size() - at)));
        const auto some = detector.take();
        hits.insert(hits.end(), some.begin(), some.end());
    }
    detector.finish();
    const auto rest = detector.take();
    hits.insert(hits.end(), rest.begin(), rest.end());
    return hits;
}

}  // namespace upbeat
