#include "upbeat/signal/hit_detector.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>
#include <utility>

#include "upbeat/signal/colour.h"
#include "upbeat/signal/faint.h"
#include "upbeat/signal/level.h"
#include "upbeat/signal/onset.h"

namespace upbeat {

namespace {

constexpr double kWeakStrength = 3.0;
constexpr std::int64_t kPeakReach = 10;  // frames on each side that a peak of the novelty must overlook
constexpr double kSettleS = 0.040;       // audio needed after a candidate before it is decided
constexpr int kFramesPerColumn = 8;
constexpr double kEarlyS = 0.019;
constexpr double kHistoryS = 0.2;
constexpr double kLevelReachS = 0.038;  // nothing later belongs to a stroke's level
constexpr double kSecondSoundS = 0.013;
constexpr double kFarLouder = 10.0;  // in energy: a main stroke over its grace note
constexpr double kClosestS = 0.003;  // two onsets nearer than this are one
constexpr float kLeastRiseDb = 2.0F;
constexpr std::int64_t kBesideFrames = 16;  // a rise this near to a candidate is the same sound
constexpr double kLeastStrength = 0.15;     // fainter ones are no strokes, whatever the page asks
constexpr double kMaskedS = 0.020;          // the witnesses of faint hits hear a firm stroke just before

constexpr double kHeadS = 0.1;            // listened to before the first decision
constexpr std::size_t kGroundFrames = 8;  // the shortest stretch that tells what lies under the strokes
constexpr double kLeaveS = 0.1;           // a recording is left to silence within this time

/// Whether a value overlooks those kPeakReach before and behind it; of equal ones the first does.
template <class Value>
bool isPeak(const std::vector<Value>& values, std::size_t index) {
    const auto at = values.begin() + static_cast<std::ptrdiff_t>(index);
    return std::all_of(at - kPeakReach, at, [at](Value v) { return v < *at; }) &&
           std::all_of(at + 1, at + 1 + kPeakReach, [at](Value v) { return v <= *at; });
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
    for (const float value : block) {
        const float sample = std::isfinite(value) ? value : 0.0F;
        if (m_begun) {
            pushSample(sample);
            continue;
        }
        m_head.push_back(sample);
        if (static_cast<double>(m_head.size()) >= kHeadS * m_sampleRate) begin();
    }
    if (!m_begun) return;
    showEarly();
    settle(false);
    forgetOld();
}

void HitDetector::pushSample(float sample) {
    m_samples.push_back(sample);
    m_lastSample = sample;
    ++m_seen;
    if (static_cast<std::size_t>(m_seen) % m_frameSize == 0) pushFrame();
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
    constexpr double kRestS = 0.2;
    const std::vector<float> still(m_frameSize, head.front());
    for (double at = 0; at < kRestS; at += kFrameS) (void)m_bank.process(still);
    BandBank rehearsal = m_bank;
    std::vector<BandEnergy> heard;
    for (std::size_t at = 0; at + m_frameSize <= head.size(); at += m_frameSize)
        heard.push_back(rehearsal.process(std::span(head).subspan(at, m_frameSize)));
    layGround(heard);
    for (const float sample : head) pushSample(sample);
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
    if (isPeak(m_strengths, middle)) addCandidate({m_firstFrame + static_cast<std::int64_t>(middle), strength});
}

/// Of two candidates too close to be two strokes the stronger one stays. Both are still waiting, whatever the blocks.
void HitDetector::addCandidate(const Candidate& candidate) {
    constexpr std::int64_t kClosest = 11;  // frames
    if (!m_waiting.empty() && candidate.frame - m_waiting.back().frame < kClosest) {
        if (m_waiting.back().strength >= candidate.strength) return;
        m_waiting.pop_back();
    }
    m_waiting.push_back(candidate);
}

/// Looks for moments that the ring explains worst, where the bands together showed nothing: a stroke that is heard in
/// few of them, while the others fall.
void HitDetector::considerRises() {
    constexpr auto kReach = static_cast<std::size_t>(kPeakReach);
    const auto some = m_ring.take();
    if (some.empty()) return;
    // Of those not looked at. The prediction needs something to go by: the first ones only serve as such.
    const auto fewest = static_cast<std::size_t>(std::max<std::int64_t>(0, 2 * kPeakReach - m_firstFrame));
    const std::size_t first = std::max(m_rises.size(), fewest) - kReach;
    m_rises.insert(m_rises.end(), some.begin(), some.end());
    for (std::size_t i = first; i + kReach < m_rises.size(); ++i)
        if (m_rises[i] >= kLeastRiseDb && isPeak(m_rises, i)) addFromRing(i);
}

void HitDetector::addFromRing(std::size_t index) {
    constexpr std::ptrdiff_t kNear = 4;
    const std::int64_t frame = m_firstFrame + static_cast<std::int64_t>(index);
    const auto at = m_strengths.begin() + static_cast<std::ptrdiff_t>(index);
    const double strength = std::clamp(*std::max_element(at - kNear, at + kNear + 1), 1.0, kWeakStrength);
    const auto place =
        std::find_if(m_waiting.begin(), m_waiting.end(), [frame](const Candidate& c) { return c.frame > frame; });
    m_waiting.insert(place, {.frame = frame, .strength = strength, .ringAlone = true});
}

/// Whether a candidate of the ring meter is a stroke that the bands show as well, a little before or after.
bool HitDetector::isBesideAnother(const Candidate& candidate) const {
    if (!candidate.ringAlone) return false;
    const auto isNear = [&candidate](std::int64_t frame) { return std::abs(frame - candidate.frame) < kBesideFrames; };
    return (m_lastFrame >= 0 && isNear(m_lastFrame)) ||
           std::any_of(m_waiting.begin(), m_waiting.end(),
                       [&](const Candidate& c) { return !c.ringAlone && isNear(c.frame); });
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

/// Where the sound of the stroke at `sample` ends: at the next one that is surely a stroke. What follows at once is the
/// same drum speaking a second time, unless it is far louder; and weak candidates may be nothing.
std::int64_t HitDetector::nextStroke(std::int64_t sample) const {
    const auto soonest = sample + static_cast<std::int64_t>(kSecondSoundS * m_sampleRate);
    for (const Candidate& candidate : m_waiting) {
        const std::int64_t at = candidate.frame * static_cast<std::int64_t>(m_frameSize);
        if (at > sample + static_cast<std::int64_t>(kLevelReachS * m_sampleRate)) break;
        if (candidate.strength < kFirmStrength) continue;
        if (at >= soonest || energyAfter(at, at + at - sample) > kFarLouder * energyAfter(sample, at)) return at;
    }
    return sample + m_sampleRate;
}

/// Mean square from one sample to another of the history.
double HitDetector::energyAfter(std::int64_t from, std::int64_t to) const {
    const auto last = std::min(to - m_firstSample, static_cast<std::int64_t>(m_samples.size()));
    double sum = 0;
    for (std::int64_t i = from - m_firstSample; i < last; ++i) {
        const auto v = static_cast<double>(m_samples[static_cast<std::size_t>(i)]);
        sum += v * v;
    }
    return sum / static_cast<double>(std::max<std::int64_t>(1, last - (from - m_firstSample)));
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

/// What can be said of a candidate by what was heard so far.
Hit HitDetector::describe(const Candidate& candidate, std::int64_t nextSample) const {
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
        if (onset.contrastDb < kFollowedDb) onset.sample = atPeak.sample;
    }
    Hit hit;
    hit.timeS = (static_cast<double>(from) + onset.sample) / m_sampleRate;
    hit.peakS = static_cast<double>(coarse) / m_sampleRate;
    hit.patch.fill(m_frames, static_cast<std::size_t>(candidate.frame - m_firstFrame));
    hit.strength = strengthOf(candidate, hit);
    hit.contrastDb = onset.contrastDb;
    const auto start = static_cast<std::size_t>(std::max(0.0, onset.sample));
    hit.colour = colourOf(hit);
    hit.levelDb = strokeLevelDb(window, start, end, m_sampleRate);
    hit.clipped = isClipped(window.subspan(std::min(start, window.size())));
    return hit;
}

/// A hit that is firm by itself stays as it is. A faint one is weighed by more witnesses; just after a firm stroke,
/// which they would take for the background, they can only speak against it.
double HitDetector::strengthOf(const Candidate& candidate, const Hit& hit) const {
    constexpr std::int64_t kGuard = 8;  // a slow stroke begins before its novelty peaks
    if (candidate.strength >= kFirmStrength) return candidate.strength;
    const auto next = std::find_if(m_waiting.begin(), m_waiting.end(), [&candidate](const Candidate& c) {
        return c.frame > candidate.frame && c.strength >= kFirmStrength;
    });
    const std::int64_t endFrame = next != m_waiting.end() ? next->frame - kGuard : m_frameCount;
    const double weighed = weighFaint(candidate.strength, m_ring.riseDb(candidate.frame, endFrame),
                                      lastingDb(hit.patch, static_cast<int>(endFrame - candidate.frame)));
    return hit.peakS - m_lastFirmS < kMaskedS ? std::min(weighed, candidate.strength) : weighed;
}

void HitDetector::decide(const Candidate& candidate, std::int64_t nextSample) {
    if (isBesideAnother(candidate)) return;
    m_lastFrame = candidate.frame;
    Hit hit = describe(candidate, nextSample);
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
