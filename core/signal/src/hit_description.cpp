// What is said of a candidate: onset, level, strength.
#include <algorithm>
#include <cmath>

#include "upbeat/signal/colour.h"
#include "upbeat/signal/faint.h"
#include "upbeat/signal/hit_detector.h"
#include "upbeat/signal/level.h"
#include "upbeat/signal/onset.h"
#include "upbeat/signal/top_band.h"

namespace upbeat {

namespace {

constexpr double kLevelReachS = 0.038;  // nothing later belongs to a stroke's level
constexpr double kSecondSoundS = 0.013;
constexpr double kFarLouder = 10.0;  // in energy: a main stroke over its grace note
constexpr double kMaskedS = 0.020;   // the witnesses of faint hits hear a firm stroke just before

}  // namespace

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
    hit.contrastDb = onset.contrastDb;
    const auto onsetFrame =
        static_cast<std::int64_t>(static_cast<double>(from) + onset.sample) / static_cast<std::int64_t>(m_frameSize);
    hit.topDb = topDbAt(onsetFrame);
    hit.strength = strengthOf(candidate, hit);
    const auto start = static_cast<std::size_t>(std::max(0.0, onset.sample));
    hit.colour = colourOf(hit, framesToNext(candidate));
    hit.levelDb = strokeLevelDb(window, start, end, m_sampleRate);
    hit.clipped = isClipped(window.subspan(std::min(start, window.size())));
    return hit;
}

/// How far the sound above all vowels rises there.
double HitDetector::topDbAt(std::int64_t frame) const {
    constexpr std::int64_t kBefore = kBeforeFrames + kTopAround;
    return topRiseDb(topOfFrames(frame - kBefore, frame + kTopAround + kTopAfter), kBefore);
}

/// The energies of the sound above all vowels from one frame to another, or to the last that was heard. They are asked
/// for beside hits alone, and these are few: so it is filtered out of the history and not carried along.
std::vector<float> HitDetector::topOfFrames(std::int64_t from, std::int64_t to) const {
    constexpr std::int64_t kWarmUp = 4;  // the filter forgets that it began: 48 dB an octave at 9 kHz take 1 ms for it
    const auto size = static_cast<std::int64_t>(m_frameSize);
    const std::int64_t last = std::min(to, m_frameCount);
    const std::int64_t first = std::max(from - kWarmUp, (m_firstSample + size - 1) / size);
    if (last <= first) return {};
    const auto sound = std::span<const float>(m_samples).subspan(static_cast<std::size_t>(first * size - m_firstSample),
                                                                 static_cast<std::size_t>((last - first) * size));
    std::vector<float> energies = topEnergies(sound, m_frameSize, m_sampleRate);
    // What was before the recording is taken to be as still as it can be.
    if (first > from)
        energies.insert(energies.begin(), static_cast<std::size_t>(first - from), 0.0F);
    else
        energies.erase(energies.begin(), energies.begin() + std::min(from - first, std::ssize(energies)));
    return energies;
}

/// How many frames later the bands show another sound, even a weak one.
std::int64_t HitDetector::framesToNext(const Candidate& candidate) const {
    const auto next = std::find_if(m_waiting.begin(), m_waiting.end(), [&candidate](const Candidate& c) {
        return c.frame > candidate.frame && !c.ringAlone;
    });
    return next != m_waiting.end() ? next->frame - candidate.frame : m_sampleRate;
}

/// A hit that is firm by itself stays as it is. A faint one is weighed by more witnesses and stays faint, unless they
/// are sure of it and it shines as well, as a ride does that is struck while it rings. Not where one drum may be
/// speaking twice; just after a firm stroke, which they would take for the background, they can only speak against it.
double HitDetector::strengthOf(const Candidate& candidate, const Hit& hit) const {
    constexpr std::int64_t kGuard = 8;  // a slow stroke begins before its novelty peaks
    constexpr double kMostFaint = 0.99 * kFirmStrength;
    constexpr double kSure = 20;
    constexpr double kShinesDb = 3;
    constexpr double kOneDrumS = 0.030;             // wires answer the stick until then
    constexpr std::int64_t kFaintStickFrames = 30;  // a faint stick they follow sooner than a grace note its stroke
    constexpr std::int64_t kHeard = 100;            // the noise that a recording begins with is new to everyone
    if (candidate.strength >= kFirmStrength || candidate.boom || candidate.glint) return candidate.strength;
    const auto next = std::find_if(m_waiting.begin(), m_waiting.end(), [&candidate](const Candidate& c) {
        return c.frame > candidate.frame && c.strength >= kFirmStrength;
    });
    const std::int64_t endFrame = next != m_waiting.end() ? next->frame - kGuard : m_frameCount;
    const double weighed = weighFaint(candidate.strength, m_ring.riseDb(candidate.frame, endFrame),
                                      lastingDb(hit.patch, static_cast<int>(endFrame - candidate.frame)));
    const double behindS = hit.peakS - m_lastFirmS;
    if (behindS < kMaskedS) return std::min(weighed, candidate.strength);
    const bool isSure = weighed >= kSure && hit.topDb >= kShinesDb && candidate.frame > kHeard && behindS > kOneDrumS;
    if (!isSure) return std::min(weighed, kMostFaint);
    const bool isAnswered = next != m_waiting.end() && next->frame - candidate.frame < kFaintStickFrames &&
                            topDbAt(next->frame) > hit.topDb;
    return isAnswered ? kMostFaint : kFirmStrength;
}

}  // namespace upbeat
