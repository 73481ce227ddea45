#include "upbeat/signal/take_listener.h"

#include <algorithm>

namespace upbeat {

std::vector<Hit> detectHits(std::span<const float> samples, int sampleRate, std::vector<ClickMark> clicks) {
    TakeListener listener(sampleRate, std::move(clicks));
    std::vector<Hit> hits;
    const auto collect = [&] {
        const auto some = listener.take();
        hits.insert(hits.end(), some.begin(), some.end());
    };
    constexpr std::size_t kBlock = 1 << 14;
    for (std::size_t at = 0; at < samples.size(); at += kBlock) {
        listener.push(samples.subspan(at, std::min(kBlock, samples.size() - at)));
        collect();
    }
    listener.finish();
    collect();
    return hits;
}

}  // namespace upbeat
