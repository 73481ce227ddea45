#pragma once

#include <optional>
#include <span>
#include <vector>

namespace upbeat {

/// Where a known sound first arrives in a stretch of recording.
struct Arrival {
    double at = 0;         ///< Samples from the start of the stretch to the start of the known sound, with a fraction.
    double amplitude = 0;  ///< Of the known sound as it arrives: 1 when it comes at the level it was given with.
    double clearness = 0;  ///< The strongest arrival against what is usual in the stretch.
};

/// A known sound, prepared to be looked for: a matched filter and the same a quarter turn later, so that neither phase
/// nor polarity of what lies between matters (Turin 1960).
class KnownSound {
  public:
    /// The sound must not be silent; it is what `amplitude` refers to.
    explicit KnownSound(std::vector<float> wave);

    [[nodiscard]] std::size_t size() const { return m_wave.size(); }
    [[nodiscard]] double energy() const { return m_energy; }
    /// Adds `weight` times the answer of both filters at every place of `x` where the whole sound fits: two rows of
    /// answerSize(x.size()) values.
    struct Answer {
        std::vector<double> straight;
        std::vector<double> turned;
    };
    void addAnswer(std::span<const float> x, double weight, Answer& to) const;
    [[nodiscard]] std::size_t answerSize(std::size_t samples) const {
        return samples < m_wave.size() ? 0 : samples - m_wave.size() + 1;
    }

  private:
    std::vector<float> m_wave;
    std::vector<float> m_turned;
    double m_energy = 0;
};

/// How strong the answer is there or within `reach` of it, and everywhere at most.
[[nodiscard]] double strengthNear(const KnownSound::Answer& answer, double at, double reach);

/// The first arrival that is at least `share` of the strongest one: what comes later came by way of the walls. Nothing
/// where the answer is empty or silent.
[[nodiscard]] std::optional<Arrival> firstArrival(const KnownSound::Answer& answer, double share);

}  // namespace upbeat
