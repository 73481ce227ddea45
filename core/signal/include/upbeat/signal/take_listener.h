#pragma once

#include <vector>

#include "upbeat/signal/click_canceller.h"
#include "upbeat/signal/hit_detector.h"

namespace upbeat {

/// What was heard in a whole take. Hits alone are a take too: of MIDI, or read from the logbook.
struct HeardTake {
    std::vector<Hit> hits;  ///< In order of time, weak ones included.
    BandTrace trace{};      ///< Empty where there is no sound.

    HeardTake() = default;
    HeardTake(std::vector<Hit> someHits, BandTrace someTrace = {})
        : hits(std::move(someHits)), trace(std::move(someTrace)) {}
};

/// What listens to a take, recorded or live: the click is taken out, then the hits are found.
class TakeListener {
  public:
    /// `clicks` may be empty: then the recording is taken as it is.
    TakeListener(int sampleRate, std::vector<ClickMark> clicks)
        : m_canceller(std::move(clicks), sampleRate), m_detector(sampleRate) {}

    void push(std::span<const float> block);
    /// What is heard already but not yet decided; see HitDetector::takeEarly.
    [[nodiscard]] std::vector<Hit> takeEarly() { return m_detector.takeEarly(); }
    /// The hits decided since the last call; neither they nor the course of the sound are kept then, so that hours fit
    /// into the same memory. What is given has no ring, and `finish` gives only what follows.
    [[nodiscard]] std::vector<Hit> takeAndForget();
    /// Ends the take and gives all of it. Call once.
    [[nodiscard]] HeardTake finish();
    [[nodiscard]] bool hearsClick() const { return m_canceller.hearsClick(); }

  private:
    void collect();

    ClickCanceller m_canceller;
    HitDetector m_detector;
    std::vector<float> m_block;
    std::vector<Hit> m_hits;
};

/// Enters what rings on after each hit, up to the next firm one.
void fillRings(std::vector<Hit>& hits, const BandTrace& trace);

[[nodiscard]] HeardTake listenTo(std::span<const float> samples, int sampleRate, std::vector<ClickMark> clicks = {});

/// All hits of a take, weak ones included.
[[nodiscard]] std::vector<Hit> detectHits(std::span<const float> samples, int sampleRate,
                                          std::vector<ClickMark> clicks = {});

}  // namespace upbeat
