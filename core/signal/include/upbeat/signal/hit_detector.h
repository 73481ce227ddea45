#pragma once

#include <cstdint>
#include <deque>
#include <span>
#include <vector>

#include "upbeat/signal/band_bank.h"
#include "upbeat/signal/band_trace.h"
#include "upbeat/signal/hit.h"
#include "upbeat/signal/novelty.h"
#include "upbeat/signal/ring_meter.h"

namespace upbeat {

/// Finds hits in a stream of samples. Blocks of any size give the same hits as the whole take at once; but for the
/// trace, memory stays constant however long the take. Hits come out in order of time, about 50 ms after they sounded,
/// the weak ones (below kFirmStrength) included. Samples that are not finite are taken as silence. Nothing is decided
/// before the first 100 ms are heard: what lies under them is taken to have been there before the recording began, so
/// that a stroke on its first sample is heard and the beginning itself is none.
class HitDetector {
  public:
    explicit HitDetector(int sampleRate);

    void push(std::span<const float> block);
    /// Ends the take: what is still waiting is decided as if silence followed.
    void finish();
    /// The hits decided since the last call.
    [[nodiscard]] std::vector<Hit> take();

    /// Hits at a first look, 20 ms after they sounded: what is shown while a take runs. Their onset and level may still
    /// move a little, and a louder sound just behind may yet take their place. Collected from the first call on.
    [[nodiscard]] std::vector<Hit> takeEarly();
    [[nodiscard]] const BandTrace& trace() const { return m_trace; }
    /// Its columns count from here on.
    void forgetTrace() { m_trace = BandTrace(m_trace.columnS()); }

    [[nodiscard]] std::int64_t samplesSeen() const { return m_seen; }

  private:
    struct Candidate {
        std::int64_t frame;
        double strength;
        bool shown = false;
        bool ringAlone = false;  // the bands together showed nothing
        bool boom = false;       // only the low bands rise
        bool glint = false;      // only the top band rises
    };

    void pushSamples(std::span<const float> samples);
    void begin();
    void layGround(const std::vector<BandEnergy>& heard);
    void pushFrame();
    void considerFrame(std::int64_t frame);
    void addCandidate(const Candidate& candidate);
    void considerRises();
    void addFromRing(std::size_t index);
    void addBoomBehind(const Candidate& candidate);
    void addGlintBehind(const Candidate& candidate);
    void addBehind(const Candidate& weak);
    [[nodiscard]] float boomDb(std::int64_t frame) const;
    void settle(bool everything);
    [[nodiscard]] std::int64_t nextStroke(std::int64_t sample) const;
    [[nodiscard]] double energyAfter(std::int64_t from, std::int64_t to) const;
    [[nodiscard]] Hit describe(const Candidate& candidate, std::int64_t nextSample) const;
    [[nodiscard]] double topDbAt(std::int64_t frame) const;
    [[nodiscard]] std::vector<float> topOfFrames(std::int64_t from, std::int64_t to) const;
    [[nodiscard]] std::int64_t framesToNext(const Candidate& candidate) const;
    [[nodiscard]] double strengthOf(const Candidate& candidate, const Hit& hit) const;
    [[nodiscard]] bool isBesideAnother(const Candidate& candidate) const;
    void decide(const Candidate& candidate, std::int64_t nextSample);
    void traceFrame();
    void showEarly();
    void forgetOld();

    int m_sampleRate;
    std::size_t m_frameSize;
    BandBank m_bank;
    NoveltyMeter m_novelty;
    RingMeter m_ring;

    std::vector<float> m_head;  // the first samples, until the ground under them is known
    bool m_begun = false;
    float m_lastSample = 0;
    std::vector<float> m_samples;  // recent history, m_samples[0] is sample m_firstSample
    std::int64_t m_firstSample = 0;
    std::int64_t m_seen = 0;
    std::size_t m_inFrame = 0;         // samples of the frame that is not full yet
    std::vector<BandEnergy> m_frames;  // recent history, m_frames[0] is frame m_firstFrame
    std::int64_t m_firstFrame = 0;
    std::int64_t m_frameCount = 0;
    std::vector<double> m_strengths;  // novelty of the frames already considered, aligned with m_frames
    std::vector<float> m_rises;       // of the ring meter, aligned with m_frames
    std::deque<Candidate> m_waiting;
    std::vector<Hit> m_ready;
    std::vector<Hit> m_early;
    bool m_wantsEarly = false;
    BandTrace m_trace;
    BandEnergy m_column{};  // sum of the frames of the column that is being filled
    double m_lastTimeS = -1.0;
    double m_lastFirmS = -1.0;      // novelty peak of the last candidate that was firm by itself
    std::int64_t m_lastFrame = -1;  // of the last candidate that was decided
};

}  // namespace upbeat
