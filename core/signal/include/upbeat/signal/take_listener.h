#pragma once

#include <vector>

#include "upbeat/signal/click_canceller.h"
#include "upbeat/signal/hit_detector.h"

namespace upbeat {

/// What listens to a take, recorded or live: the click is taken out, then the hits are found.
class TakeListener {
  public:
    /// `clicks` may be empty: then the recording is taken as it is.
    TakeListener(int sampleRate, std::vector<ClickMark> clicks)
        : m_canceller(std::move(clicks), sampleRate), m_detector(sampleRate) {}

    void push(std::span<const float> block) {
        m_block.assign(block.begin(), block.end());
        m_canceller.process(m_block);
        m_detector.push(m_block);
    }
    void finish() { m_detector.finish(); }
    /// The hits decided since the last call.
    [[nodiscard]] std::vector<Hit> take() { return m_detector.take(); }
    [[nodiscard]] bool hearsClick() const { return m_canceller.hearsClick(); }

  private:
    ClickCanceller m_canceller;
    HitDetector m_detector;
    std::vector<float> m_block;
};

/// All hits of a take, weak ones included.
[[nodiscard]] std::vector<Hit> detectHits(std::span<const float> samples, int sampleRate,
                                          std::vector<ClickMark> clicks = {});

}  // namespace upbeat
