#include "upbeat/align/foreign_sounds.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace upbeat {

namespace {

using Bands = std::array<double, kBands>;

// Frames of a patch; the novelty peaks in frame 40.
constexpr std::pair kLongBefore{0, 12};
constexpr std::pair kJustBefore{28, 36};
constexpr std::pair kPeak{40, 48};
constexpr std::pair kAfter{68, 80};

constexpr std::size_t kFewestExamples = 24;
constexpr std::size_t kMostExamples = 400;
constexpr std::size_t kNeighbour = 5;

/// Found on the tuning takes with three voices counting along at three levels (logistic regression, a twentieth of the
/// written strokes would be refused at 0 if nobody had written them); other voices and takes decided what to keep.
struct Weights {
    Bands decay{0.1018, 0.0511, -0.1261, 0.0435, -0.0319, 0.0171, -0.0096, 0.0301};
    Bands before{0.0159, 0.0415, -0.0185, 0.0204, -0.0275, 0.0309, -0.0366, 0.0444};
    Bands slope{0.0210, 0.0146, -0.0027, 0.0142, 0.0094, -0.0197, 0.0115, 0.0857};
    Bands balance{0.0192, 0.1308, -0.0191, 0.1584, -0.0315, -0.1658, 0.1997, 0.1135};
    double strength = -1.8095;
    double contrast = -0.0237;
    Bands sustain{0.0312, 0.0025, 0.0023, 0.0174, -0.0445, -0.0317, -0.0023, 0.0660};
    Bands shape{0.0175, -0.0321, -0.0394, -0.0265, -0.0350, -0.0686, -0.0115, 0.0019};
    double distance = -0.8839;
    double relativeDistance = 0.6298;
    double level = 0.1062;
    double bias = 8.5940 - 0.4833;
};

/// What was heard around a hit, in dB by band.
struct Look {
    Bands rise{};
    Bands decay{};
    Bands before{};
    Bands slope{};
    Bands balance{};
    Bands sustain{};
    Bands shape{};  ///< Of what it added, against all it added.
    double levelDb = 0;
    double strength = 0;
    double contrastDb = 0;
};

double inDb(double energy) {
    constexpr double kLeast = 1e-12;
    return 10 * std::log10(energy + kLeast);
}

Bands levelsIn(const Patch& patch, std::pair<int, int> frames) {
    Bands levels{};
    for (std::size_t b = 0; b < kBands; ++b)
        levels[b] = inDb(static_cast<double>(patch.meanEnergy(b, frames.first, frames.second)));
    return levels;
}

double sumInDb(const Bands& levels) {
    double sum = 0;
    for (const double db : levels) sum += std::pow(10.0, db / 10);
    return inDb(sum);
}

double stepInDb(std::uint8_t step) {
    return 0.5 * step - 120;
}

/// Steepest rise of a band within two milliseconds, around the peak.
double steepestDb(const Patch& patch, std::size_t band) {
    constexpr std::size_t kFrames = 4;
    double most = 0;
    const auto& steps = patch.steps();
    for (std::size_t t = 28; t < 48; ++t)
        most = std::max(most, stepInDb(steps[t + kFrames][band]) - stepInDb(steps[t][band]));
    return std::min(most, 40.0);
}

Look lookOf(const Hit& hit) {
    Look look;
    const Bands longBefore = levelsIn(hit.patch, kLongBefore);
    const Bands before = levelsIn(hit.patch, kJustBefore);
    const Bands peak = levelsIn(hit.patch, kPeak);
    const Bands after = levelsIn(hit.patch, kAfter);
    const double allDb = sumInDb(peak);
    Bands added{};
    for (std::size_t b = 0; b < kBands; ++b) {
        look.rise[b] = std::clamp(peak[b] - before[b], 0.0, 40.0);
        look.decay[b] = std::clamp(after[b] - peak[b], -40.0, 20.0);
        look.before[b] = std::clamp(before[b] - longBefore[b], -20.0, 20.0);
        look.slope[b] = steepestDb(hit.patch, b);
        look.balance[b] = peak[b] - allDb;
        constexpr double kUnknown = -15;
        look.sustain[b] = isKnown(hit.ring) ? std::clamp(stepInDb(hit.ring[b]) - peak[b], -40.0, 20.0) : kUnknown;
        const double more = std::pow(10.0, peak[b] / 10) - std::pow(10.0, before[b] / 10);
        added[b] = std::clamp(10 * std::log10(std::max(more, 1e-12)), -110.0, 0.0);
    }
    look.levelDb = sumInDb(added);
    for (std::size_t b = 0; b < kBands; ++b) look.shape[b] = std::clamp(added[b] - look.levelDb, -40.0, 0.0);
    look.strength = std::log10(std::max(hit.strength, 1.0));
    look.contrastDb = std::clamp(hit.contrastDb, 0.0, 60.0);
    return look;
}

double apart(const Look& a, const Look& b) {
    double sum = 0;
    const auto add = [&sum](const Bands& x, const Bands& y, double weight) {
        for (std::size_t k = 0; k < kBands; ++k) sum += std::pow(weight * (x[k] - y[k]), 2);
    };
    add(a.shape, b.shape, 1);
    add(a.rise, b.rise, 0.7);
    add(a.decay, b.decay, 0.5);
    add(a.slope, b.slope, 0.5);
    return std::sqrt(sum / (4 * kBands));
}

/// The strokes of the take, as they were matched.
class Examples {
  public:
    explicit Examples(const std::vector<const Look*>& written) {
        const std::size_t every = written.size() / kMostExamples + 1;
        for (std::size_t i = 0; i < written.size(); i += every) m_looks.push_back(written[i]);
        std::vector<double> levels;
        for (const Look* look : m_looks) {
            m_usual.push_back(distanceTo(*look));
            levels.push_back(look->levelDb);
        }
        std::nth_element(m_usual.begin(), m_usual.begin() + std::ssize(m_usual) / 2, m_usual.end());
        std::sort(levels.begin(), levels.end());
        m_softDb = levels[levels.size() / 10];
    }

    /// To the sixth nearest of them, itself left out.
    [[nodiscard]] double distanceTo(const Look& look) const {
        std::vector<double> all;
        for (const Look* other : m_looks)
            if (other != &look) all.push_back(apart(look, *other));
        const auto at = all.begin() + static_cast<std::ptrdiff_t>(std::min(kNeighbour, all.size() - 1));
        std::nth_element(all.begin(), at, all.end());
        return *at;
    }
    [[nodiscard]] double usual() const { return m_usual[m_usual.size() / 2]; }
    [[nodiscard]] double softDb() const { return m_softDb; }

  private:
    std::vector<const Look*> m_looks;
    std::vector<double> m_usual;
    double m_softDb = 0;
};

double weigh(const Look& look, const Examples& examples) {
    static const Weights w;
    const double distance = examples.distanceTo(look);
    double sum = w.bias + w.strength * look.strength + w.contrast * look.contrastDb + w.distance * distance +
                 w.relativeDistance * distance / std::max(examples.usual(), 1e-6) +
                 w.level * (look.levelDb - examples.softDb());
    const auto add = [&sum](const Bands& weights, const Bands& values) {
        for (std::size_t b = 0; b < kBands; ++b) sum += weights[b] * values[b];
    };
    add(w.decay, look.decay);
    add(w.before, look.before);
    add(w.slope, look.slope);
    add(w.balance, look.balance);
    add(w.sustain, look.sustain);
    add(w.shape, look.shape);
    return sum;
}

std::vector<bool> writtenOnes(const MatchedTake& take) {
    std::vector<bool> written(take.hits.size());
    for (const MatchedStroke& s : take.strokes) written[static_cast<std::size_t>(s.hit)] = true;
    return written;
}

}  // namespace

std::vector<std::optional<double>> likenessToStrokes(const MatchedTake& take) {
    std::vector<std::optional<double>> likeness(take.hits.size());
    const auto written = writtenOnes(take);
    std::vector<Look> looks(take.hits.size());
    std::vector<const Look*> examples;
    for (std::size_t i = 0; i < take.hits.size(); ++i) {
        if (take.hits[i].patch.isEmpty()) continue;
        looks[i] = lookOf(take.hits[i]);
        if (written[i]) examples.push_back(&looks[i]);
    }
    if (examples.size() < kFewestExamples) return likeness;
    const Examples known(examples);
    for (std::size_t i = 0; i < take.hits.size(); ++i)
        if (!take.hits[i].patch.isEmpty()) likeness[i] = weigh(looks[i], known);
    return likeness;
}

std::optional<HeardTake> markForeign(const MatchedTake& take, const HeardTake& heard) {
    constexpr double kQuiteUnlike = -3;  // what was written is believed longer
    const auto likeness = likenessToStrokes(take);
    const auto written = writtenOnes(take);
    std::vector<double> foreignAt;
    for (std::size_t i = 0; i < take.hits.size(); ++i)
        if (likeness[i] && *likeness[i] < (written[i] ? kQuiteUnlike : 0)) foreignAt.push_back(take.hits[i].peakS);
    if (foreignAt.empty()) return std::nullopt;
    std::sort(foreignAt.begin(), foreignAt.end());
    HeardTake marked = heard;
    // Onsets may have been sharpened in the matching; where the novelty peaks stays.
    for (Hit& hit : marked.hits)
        if (std::binary_search(foreignAt.begin(), foreignAt.end(), hit.peakS)) hit.foreign = true;
    return marked;
}

}  // namespace upbeat
