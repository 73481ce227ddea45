#include "upbeat/audio/simulated_source.h"

#include <algorithm>
#include <cmath>

#include "upbeat/player/damping.h"
#include "upbeat/player/render.h"

namespace upbeat {

namespace {

constexpr double kRoomNoise = 1e-4;  // -80 dBFS

}  // namespace

SimulatedSource::SimulatedSource(int sampleRate, Character character, std::uint64_t seed)
    : m_sampleRate(sampleRate),
      m_character(std::move(character)),
      m_seed(seed),
      m_bank(makeKit(seed), sampleRate, seed + 1),
      m_noise(seed + 2) {}

void SimulatedSource::begin(const RecordingRun& run) {
    const TakePlan& plan = run.plan();
    const int passes = (plan.bars + plan.exercise.bars - 1) / plan.exercise.bars;
    m_performance = perform(plan.exercise, plan.click.tempo, passes, m_character, m_seed++);
    const double endS = plan.playingS() - 0.02;
    auto& hits = m_performance.hits;
    std::erase_if(hits, [endS](const PlayedHit& hit) { return hit.gridS > endS; });
    // Bounces sound like any other stroke.
    hits.insert(hits.end(), m_performance.bounces.begin(), m_performance.bounces.end());
    std::stable_sort(hits.begin(), hits.end(),
                     [](const PlayedHit& a, const PlayedHit& b) { return a.timeS < b.timeS; });
    m_nextHit = 0;
    m_sounding.clear();
}

void SimulatedSource::fill(std::span<float> in, std::int64_t position, const std::shared_ptr<RecordingRun>& run) {
    for (float& v : in) v = static_cast<float>(kRoomNoise * m_noise.uniform(-1, 1));
    if (!run || run->startPosition() < 0) return;
    if (m_current.lock() != run) {
        m_current = run;
        begin(*run);
    }
    const auto end = position + static_cast<std::int64_t>(in.size());
    const double firstBeat = static_cast<double>(run->startPosition()) + run->plan().firstBeatS() * m_sampleRate;
    const double latency = run->plan().latencyS * m_sampleRate;
    for (; m_nextHit < m_performance.hits.size(); ++m_nextHit) {
        const PlayedHit& hit = m_performance.hits[m_nextHit];
        const double onset = firstBeat + latency + hit.timeS * m_sampleRate;
        if (onset > static_cast<double>(end) + 0.01 * m_sampleRate) break;
        const StrokeSound& stroke =
            m_bank.draw(hit.voice, hardnessOf(hit.role == Role::Grace ? Level::Ghost : hit.level));
        const auto gain = static_cast<float>(std::pow(10.0, (hit.levelDb - stroke.levelDb) / 20.0));
        m_sounding.push_back({&stroke, std::llround(onset - stroke.onset), gain, ringS(m_performance.hits, m_nextHit)});
    }
    for (const Sounding& s : m_sounding) {
        const auto length = static_cast<std::int64_t>(s.stroke->samples.size());
        for (std::int64_t i = std::max(position, s.at); i < std::min(end, s.at + length); ++i) {
            float gain = s.gain;
            if (std::isfinite(s.ringS)) {
                const double sinceS = (static_cast<double>(i - s.at) - s.stroke->onset) / m_sampleRate;
                gain *= static_cast<float>(dampedGain(sinceS, s.ringS));
            }
            in[static_cast<std::size_t>(i - position)] += gain * s.stroke->samples[static_cast<std::size_t>(i - s.at)];
        }
    }
    std::erase_if(m_sounding, [end](const Sounding& s) {
        return s.at + static_cast<std::int64_t>(s.stroke->samples.size()) <= end;
    });
    for (float& v : in) v = std::clamp(v, -1.0F, 1.0F);
}

}  // namespace upbeat
