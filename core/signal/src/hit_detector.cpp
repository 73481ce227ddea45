#include "upbeat/signal/hit_detector.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <limits>
#include <numbers>
#include <utility>

#include "detector_reach.h"

namespace upbeat {

namespace {

constexpr double kSettleS = 0.040;  // audio needed after a candidate before it is decided
constexpr int kFramesPerColumn = 8;
constexpr double kEarlyS = 0.019;
constexpr double kHistoryS = 0.2;
constexpr double kClosestS = 0.003;      // two onsets nearer than this are one
constexpr double kNearlyFirm = 10.0;     // a cymbal that rings already is struck that surely
constexpr double kLeastStrength = 0.15;  // fainter ones are no strokes, whatever the page asks

constexpr double kHeadS = 0.1;            // listened to before the first decision
constexpr std::size_t kGroundFrames = 8;  // the shortest stretch that tells what lies under the strokes
constexpr double kLeaveS = 0.1;           // a recording is left to silence within this time

float finite(float sample) {
    return std::isfinite(sample) ? sample : 0.0F;
}

}  // namespace

HitDetector::HitDetector(int sampleRate)
    : m_sampleRate(sampleRate),
      m_frameSize(static_cast<std::size_t>(std::max(1L, std::lround(kFrameS * sampleRate)))),
      m_bank(sampleRate),
      m_novelty(sampleRate),
      m_ring(sampleRate),
      m_trace(static_cast<double>(m_frameSize) * kFramesPerColumn / sampleRate) {}

void HitDetector::push(std::span<const float> block) {
    if (!m_begun) {
        const auto head = static_cast<std::size_t>(std::ceil(kHeadS * m_sampleRate));
        const auto part = block.first(std::min(block.size(), head - std::min(head, m_head.size())));
        std::transform(part.begin(), part.end(), std::back_inserter(m_head), finite);
        if (m_head.size() < head) return;
        begin();
        block = block.subspan(part.size());
    }
    pushSamples(block);
    showEarly();
    settle(false);
    forgetOld();
}

void HitDetector::pushSamples(std::span<const float> samples) {
    while (!samples.empty()) {
        const auto part = samples.first(std::min(samples.size(), m_frameSize - m_inFrame));
        m_samples.resize(m_samples.size() + part.size());
        std::transform(part.begin(), part.end(), m_samples.end() - std::ssize(part), finite);
        m_lastSample = m_samples.back();
        m_seen += static_cast<std::int64_t>(part.size());
        m_inFrame = (m_inFrame + part.size()) % m_frameSize;
        if (m_inFrame == 0) pushFrame();
        samples = samples.subspan(part.size());
    }
}

/// The recording is left as gently as it is begun: its last value fades, for a step to silence would be a stroke.
void HitDetector::finish() {
    if (!m_begun) begin();
    const std::int64_t seen = m_seen;
    const float last = m_lastSample;
    const auto count = static_cast<std::size_t>(kLeaveS * m_sampleRate);
    std::vector<float> leaving(count);
    for (std::size_t i = 0; i < count; ++i)
        leaving[i] = last * 0.5F *
                     static_cast<float>(
                         1 + std::cos(std::numbers::pi * static_cast<double>(i + 1) / static_cast<double>(count)));
    push(leaving);
    settle(true);
    m_seen = seen;
}

/// Hears the first samples once to learn what lies under them, then goes through them as through all others.
void HitDetector::begin() {
    m_begun = true;
    const std::vector<float> head = std::exchange(m_head, {});
    if (head.empty()) return;
    // A constant is no sound: the filters are at rest on the first value before they hear anything.
    constexpr int kRestFrames = 400;
    const std::vector<float> still(m_frameSize, head.front());
    for (int i = 0; i < kRestFrames; ++i) (void)m_bank.process(still);
    BandBank rehearsal = m_bank;
    std::vector<BandEnergy> heard;
    for (std::size_t at = 0; at + m_frameSize <= head.size(); at += m_frameSize)
        heard.push_back(rehearsal.process(std::span(head).subspan(at, m_frameSize)));
    layGround(heard);
    pushSamples(head);
}

/// Frames before the first: in every band as quiet as the quietest moment of the head.
void HitDetector::layGround(const std::vector<BandEnergy>& heard) {
    if (heard.size() < kGroundFrames) return;
    BandEnergy ground;
    ground.fill(std::numeric_limits<float>::max());
    for (std::size_t first = 0; first + kGroundFrames <= heard.size(); ++first)
        for (std::size_t b = 0; b < kBands; ++b) {
            float sum = 0;
            for (std::size_t i = first; i < first + kGroundFrames; ++i) sum += heard[i][b];
            ground[b] = std::min(ground[b], sum / static_cast<float>(kGroundFrames));
        }
    constexpr std::size_t kFrames = kBeforeFrames + 2 * static_cast<std::size_t>(kPeakReach);
    m_frames.assign(kFrames, ground);
    m_strengths.assign(kFrames, 0.0);
    m_rises.assign(kFrames, 0.0F);
    m_firstFrame = -static_cast<std::int64_t>(kFrames);
}

std::vector<Hit> HitDetector::take() {
    return std::exchange(m_ready, {});
}

std::vector<Hit> HitDetector::takeEarly() {
    m_wantsEarly = true;
    return std::exchange(m_early, {});
}

void HitDetector::pushFrame() {
    const auto frame = std::span<const float>(m_samples).last(m_frameSize);
    m_frames.push_back(m_bank.process(frame));
    m_ring.push(frame);
    m_strengths.push_back(0.0);
    ++m_frameCount;
    traceFrame();
    const auto after = static_cast<std::int64_t>(kAfterFrames);
    if (m_frameCount >= after) considerFrame(m_frameCount - after);
    considerRises();
}

void HitDetector::traceFrame() {
    for (std::size_t b = 0; b < kBands; ++b) m_column[b] += m_frames.back()[b];
    if (m_frameCount % kFramesPerColumn != 0) return;
    for (float& energy : m_column) energy /= kFramesPerColumn;
    m_trace.add(toSteps(m_column));
    m_column = {};
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
        decide(candidate, nextStroke(sample));
    }
}

void HitDetector::showEarly() {
    if (!m_wantsEarly) return;
    const auto soonest = static_cast<std::int64_t>(kEarlyS * m_sampleRate);
    for (Candidate& candidate : m_waiting) {
        if (candidate.shown) continue;
        const std::int64_t sample = candidate.frame * static_cast<std::int64_t>(m_frameSize);
        if (m_seen - sample < soonest) break;
        candidate.shown = true;
        if (isBesideAnother(candidate)) continue;
        m_early.push_back(describe(candidate, nextStroke(sample)));
    }
}

void HitDetector::decide(const Candidate& candidate, std::int64_t nextSample) {
    if (isBesideAnother(candidate)) return;
    if (!candidate.glint) m_lastFrame = candidate.frame;
    if (candidate.strength >= kFirmStrength) addBoomBehind(candidate);
    Hit hit = describe(candidate, nextSample);
    if (hit.strength >= kNearlyFirm) addGlintBehind(candidate);
    if (hit.timeS - m_lastTimeS < kClosestS || hit.strength < kLeastStrength) return;
    m_lastTimeS = hit.timeS;
    if (candidate.strength >= kFirmStrength) m_lastFirmS = hit.peakS;
    m_ready.push_back(hit);
}

void HitDetector::forgetOld() {
    m_ring.forgetOld();
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
        m_rises.erase(m_rises.begin(), m_rises.begin() + drop);
        m_firstFrame += drop;
    }
}

}  // namespace upbeat
