// Where in the sound a stroke may be: peaks of the novelty, and what the ring cannot explain.
#include <algorithm>
#include <cmath>

#include "detector_reach.h"
#include "upbeat/signal/hit_detector.h"
#include "upbeat/signal/top_band.h"

namespace upbeat {

namespace {

constexpr float kLeastRiseDb = 2.0F;
constexpr std::int64_t kBesideFrames = 16;  // a rise this near to a candidate is the same sound

/// Whether a value overlooks those kPeakReach before and behind it; of equal ones the first does.
template <class Value>
bool isPeak(const std::vector<Value>& values, std::size_t index) {
    const auto at = values.begin() + static_cast<std::ptrdiff_t>(index);
    return std::all_of(at - kPeakReach, at, [at](Value v) { return v < *at; }) &&
           std::all_of(at + 1, at + 1 + kPeakReach, [at](Value v) { return v <= *at; });
}

template <class Candidates, class Candidate>
void insertInOrder(Candidates& waiting, const Candidate& candidate) {
    const auto place = std::find_if(waiting.begin(), waiting.end(),
                                    [&candidate](const Candidate& c) { return c.frame > candidate.frame; });
    waiting.insert(place, candidate);
}

}  // namespace

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
    insertInOrder(m_waiting, Candidate{.frame = frame, .strength = strength, .ringAlone = true});
}

/// How far the low bands rise at a frame, in dB; both have to.
float HitDetector::boomDb(std::int64_t frame) const {
    constexpr std::int64_t kBefore = 8;
    constexpr std::int64_t kAfter = 8;
    constexpr std::size_t kLowBands = 2;  // below 300 Hz
    const std::int64_t at = frame - m_firstFrame;
    if (at < kBefore || at + kAfter > static_cast<std::int64_t>(m_frames.size())) return 0;
    float least = 1e6F;
    for (std::size_t b = 0; b < kLowBands; ++b) {
        float was = kSilentEnergy;
        float is = kSilentEnergy;
        for (std::int64_t i = 0; i < kBefore; ++i) was += m_frames[static_cast<std::size_t>(at - 1 - i)][b];
        for (std::int64_t i = 0; i < kAfter; ++i) is += m_frames[static_cast<std::size_t>(at + i)][b];
        least = std::min(least, 10.0F * std::log10(is / was));
    }
    return least;
}

/// A bass drum just behind a stroke on metal: two bands rise while six fall, which together is no novelty. Where the
/// low bands rise most some time after a firm stroke, and far, there is a weak candidate.
void HitDetector::addBoomBehind(const Candidate& candidate) {
    constexpr std::int64_t kSoonest = 16;
    constexpr std::int64_t kLatest = 44;
    constexpr std::int64_t kBefore = 4;
    constexpr float kFarDb = 12.0F;
    std::int64_t best = 0;
    float most = kFarDb;
    for (std::int64_t k = -kBefore; k <= kLatest; ++k)
        if (const float rise = boomDb(candidate.frame + k); rise > most) most = rise, best = k;
    if (best >= kSoonest) addBehind({.frame = candidate.frame + best, .strength = kWeakStrength, .boom = true});
}

/// A hi-hat just behind a ride, or one cymbal behind another: what they share rings already, and only the top band
/// rises once more.
void HitDetector::addGlintBehind(const Candidate& candidate) {
    constexpr std::int64_t kSoonest = 11;
    constexpr std::int64_t kLatest = 44;
    constexpr std::int64_t kBefore = 6;
    constexpr float kFar = 3.0F;  // in energy
    constexpr double kStrength = 0.5;
    const auto top = topOfFrames(candidate.frame + kSoonest - kBefore, candidate.frame + kLatest + kTopAfter);
    std::int64_t best = 0;
    float most = kFar;
    for (std::int64_t at = kBefore; at + kTopAfter <= std::ssize(top); ++at)
        if (const float rise = topStep(top, at, kBefore); rise > most) most = rise, best = at;
    if (best > kBefore)
        addBehind({.frame = candidate.frame + kSoonest - kBefore + best, .strength = kStrength, .glint = true});
}

/// Enters what only a closer look behind a firm stroke has shown, where nothing else was heard. A glint is the faintest
/// witness: it gives way to what the ring could not explain, too, and to a stroke whose novelty peaks long after its
/// top band rose.
void HitDetector::addBehind(const Candidate& weak) {
    constexpr std::int64_t kRingToGlint = 11;
    constexpr std::int64_t kGlintToPeak = 24;
    constexpr std::int64_t kBoomToPeak = 16;
    const std::int64_t fromRing = weak.glint ? kRingToGlint : 0;
    const std::int64_t fromPeak = weak.glint ? kGlintToPeak : kBoomToPeak;
    const auto isNear = [&](const Candidate& c) {
        return std::abs(c.frame - weak.frame) < (c.ringAlone ? fromRing : fromPeak);
    };
    if (std::none_of(m_waiting.begin(), m_waiting.end(), isNear)) insertInOrder(m_waiting, weak);
}

/// Whether a candidate of the ring meter is a stroke that the bands show as well, a little before or after.
bool HitDetector::isBesideAnother(const Candidate& candidate) const {
    if (!candidate.ringAlone) return false;
    const auto isNear = [&candidate](std::int64_t frame) { return std::abs(frame - candidate.frame) < kBesideFrames; };
    return (m_lastFrame >= 0 && isNear(m_lastFrame)) ||
           std::any_of(m_waiting.begin(), m_waiting.end(),
                       [&](const Candidate& c) { return !c.ringAlone && !c.glint && isNear(c.frame); });
}

}  // namespace upbeat
