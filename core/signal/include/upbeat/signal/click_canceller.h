#pragma once

#include <cstdint>
#include <span>
#include <vector>

namespace upbeat {

/// A click that may be heard in the recording.
struct ClickMark {
    double timeS = 0;    ///< Seconds from the start of the recording, before any latency.
    int kind = 0;        ///< Clicks of one kind sound alike; from 0.
    bool quiet = false;  ///< Nobody plays here (the count-in): the click can be learned from it.
};

/// Takes the click out of a recording it leaks into. The schedule is known but speaker, room and microphone are not, so
/// what arrives is learned from the quiet clicks, kind by kind: their mean, shrunk by how little they agree with one
/// another. Where nothing arrives, or the count-in holds something that is not the click, nothing is taken off. From
/// then on the learned wave is subtracted at every click, sample by sample and without delay, so a stroke that lands on
/// a click keeps its onset and level.
class ClickCanceller {
  public:
    /// `marks` in order of time.
    ClickCanceller(std::vector<ClickMark> marks, int sampleRate);

    /// Cleans the next samples of the recording in place. Allocates nothing.
    void process(std::span<float> block);

    /// Whether a click was found to leak in.
    [[nodiscard]] bool hearsClick() const;

  private:
    struct Wave {
        std::vector<float> sum;   // of the quiet clicks heard so far
        std::vector<float> mean;  // what is taken off
        double energies = 0;      // sum of their energies
        double noise = 0;         // what of these was there without them
        int heard = 0;
    };

    [[nodiscard]] bool isUndisturbed(const Wave& wave) const;
    void learn(Wave& wave);
    [[nodiscard]] static double likeness(const Wave& wave);
    void shape(Wave& wave, double trust) const;
    [[nodiscard]] std::int64_t sampleOf(const ClickMark& mark) const;

    std::vector<ClickMark> m_marks;
    int m_sampleRate;
    std::int64_t m_length;
    std::vector<Wave> m_waves;
    std::vector<float> m_window;
    std::size_t m_next = 0;       // the first mark not yet begun
    bool m_isCountIn = true;      // only quiet marks so far
    std::int64_t m_position = 0;  // of the next sample
    double m_before = 0;          // running mean square of the recording
    double m_beforeMark = 0;      // the same when the present click began
};

}  // namespace upbeat
