#include "upbeat/signal/take_listener.h"

#include <algorithm>
#include <utility>

namespace upbeat {

void fillRings(std::vector<Hit>& hits, const BandTrace& trace) {
    constexpr double kFromS = 0.020;
    constexpr double kToS = 0.060;
    constexpr std::size_t kFewestColumns = 3;
    for (std::size_t i = 0; i < hits.size(); ++i) {
        double toS = hits[i].timeS + kToS;
        for (std::size_t k = i + 1; k < hits.size() && hits[k].timeS < toS; ++k)
            if (hits[k].strength >= kFirmStrength) toS = hits[k].timeS - trace.columnS();
        const std::size_t from = trace.columnAt(hits[i].timeS + kFromS);
        const std::size_t to = trace.columnAt(toS);
        hits[i].ring = {};
        if (to < from + kFewestColumns) continue;
        BandEnergy energy{};
        for (std::size_t b = 0; b < kBands; ++b) energy[b] = trace.energy(b, from, to);
        hits[i].ring = toSteps(energy);
    }
}

void TakeListener::push(std::span<const float> block) {
    m_block.assign(block.begin(), block.end());
    m_canceller.process(m_block);
    m_detector.push(m_block);
    collect();
}

std::vector<Hit> TakeListener::takeAndForget() {
    m_detector.forgetTrace();
    return std::exchange(m_hits, {});
}

HeardTake TakeListener::finish() {
    m_detector.finish();
    collect();
    fillRings(m_hits, m_detector.trace());
    return {std::move(m_hits), m_detector.trace()};
}

void TakeListener::collect() {
    const auto some = m_detector.take();
    m_hits.insert(m_hits.end(), some.begin(), some.end());
}

HeardTake listenTo(std::span<const float> samples, int sampleRate, std::vector<ClickMark> clicks) {
    TakeListener listener(sampleRate, std::move(clicks));
    constexpr std::size_t kBlock = 1 << 14;
    for (std::size_t at = 0; at < samples.size(); at += kBlock)
        listener.push(samples.subspan(at, std::min(kBlock, samples.size() - at)));
    return listener.finish();
}

std::vector<Hit> detectHits(std::span<const float> samples, int sampleRate, std::vector<ClickMark> clicks) {
    return listenTo(samples, sampleRate, std::move(clicks)).hits;
}

}  // namespace upbeat
