#include "upbeat/signal/sharpen.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>
#include <optional>

#include "upbeat/signal/colour.h"
#include "upbeat/signal/novelty.h"
#include "upbeat/signal/onset.h"
#include "wide.h"

namespace upbeat {

namespace {

constexpr double kVeryClearDb = 30.0;
constexpr double kStillClearDb = 18.0;
constexpr double kLeastClearDb = 14.0;
/// From this contrast on a hit keeps the onset of its own rise close before or behind another stroke, where that rise
/// is followed less well than by itself (kFollowedDb).
constexpr double kBeforeAnotherDb = 26.0;
constexpr double kBehindAnotherDb = 30.0;
constexpr std::size_t kMostExamples = 8;
constexpr std::size_t kFewestExamples = 3;
constexpr int kEarliest = -20;      // where an onset may lie, in frames from the novelty peak
constexpr int kEarliestNear = -12;  // the same where another stroke is near: its sound must not be looked at
constexpr int kLatest = 6;
constexpr int kLead = 10;  // frames of background before the earliest onset
constexpr int kTail = 12;  // frames of the stroke behind the latest onset
/// Frames of a stroke from its onset on: as many as the patch of a clear stroke holds.
constexpr int kTemplateFrames = kLatest - kEarliest + 10;

/// A clear stroke without what sounded before it. rise[b][k] is the energy k frames after its onset, upTo[b][k] the sum
/// of those before k.
struct Example {
    std::array<std::array<float, kTemplateFrames + 1>, kBands> rise{};
    std::array<std::array<float, kTemplateFrames + 2>, kBands> upTo{};
};

std::optional<Example> exampleOf(const Hit& hit) {
    const double onset = onsetFrame(hit);
    const int first = static_cast<int>(std::floor(onset));
    if (first < kLead + 4 || first + kTemplateFrames + 2 > static_cast<int>(kPatchFrames)) return std::nullopt;
    const auto part = static_cast<float>(onset - first);
    Example example;
    for (std::size_t b = 0; b < kBands; ++b) {
        const float background = hit.patch.meanEnergy(b, first - kLead - 2, first - 2);
        for (int k = 0; k <= kTemplateFrames; ++k) {
            const std::size_t at = static_cast<std::size_t>(first) + static_cast<std::size_t>(k);
            const float e = (1 - part) * hit.patch.energy(at, b) + part * hit.patch.energy(at + 1, b);
            example.rise[b][static_cast<std::size_t>(k)] = std::max(0.0F, e - background);
        }
        std::partial_sum(example.rise[b].begin(), example.rise[b].end(), example.upTo[b].begin() + 1);
    }
    return example;
}

/// Independent values per frame in a band, as in the novelty: neighbouring frequencies of a drum vary together.
std::array<float, kBands> freedoms() {
    std::array<float, kBands> list{};
    for (std::size_t b = 0; b < kBands; ++b)
        list[b] = static_cast<float>(std::min(BandBank::bandwidthHz(b, 48000), 2000.0) * kFrameS);
    return list;
}

/// A model of `length` frames: 1, the background, and so much of a rise that begins `part` of a frame before the first.
struct Model {
    const float* rise;
    std::size_t length;
    float part;
    float gain;
};

struct ModelSums {
    float ratios = 0;  // of what is heard to the model
    float logs = 0;    // of the model
};

/// Logarithms are taken of products: of 24 frames, which are below 10^12 each, in double precision.
UPBEAT_WIDE ModelSums sumsOf(const Model& model, const float* heard) {
    constexpr std::size_t kBlocks = 3;
    ModelSums sums;
    Lanes ratios{};
    Lanes product = Lanes{} + 1.0F;
    const auto takeLogs = [&sums, &product] {
        double all = 1;
        for (std::size_t l = 0; l < kLanes; ++l) all *= static_cast<double>(product[l]);
        sums.logs += static_cast<float>(std::log(all));
        product = Lanes{} + 1.0F;
    };
    std::size_t k = 0;
    for (std::size_t block = 1; k + kLanes <= model.length; k += kLanes, ++block) {
        Lanes here, next, energies;
        load(here, model.rise + k), load(next, model.rise + k + 1), load(energies, heard + k);
        const Lanes values = 1.0F + model.gain * ((1 - model.part) * here + model.part * next);
        ratios += energies / values;
        product *= values;
        if (block % kBlocks == 0) takeLogs();
    }
    for (std::size_t l = 0; k < model.length; ++k, ++l) {
        const float value = 1.0F + model.gain * ((1 - model.part) * model.rise[k] + model.part * model.rise[k + 1]);
        sums.ratios += heard[k] / value;
        product[l] *= value;
    }
    takeLogs();
    for (std::size_t l = 0; l < kLanes; ++l) sums.ratios += ratios[l];
    return sums;
}

class Fit {
  public:
    Fit(const Hit& hit, const std::array<float, kBands>& freedom, int earliest)
        : m_freedom(freedom),
          m_earliest(earliest),
          m_first(static_cast<std::size_t>(static_cast<int>(kPatchBefore) + earliest - kLead)),
          m_window(static_cast<std::size_t>(kLead + std::min(kTemplateFrames, kLatest - earliest + kTail))) {
        for (std::size_t b = 0; b < kBands; ++b)
            for (std::size_t i = 0; i < m_window; ++i) {
                m_energy[b][i] = hit.patch.energy(m_first + i, b) + kSilentEnergy;
                m_upTo[b][i + 1] = m_upTo[b][i] + m_energy[b][i];
            }
    }

    /// How unlikely the patch is with the example's onset `shift` frames after the novelty peak.
    [[nodiscard]] float cost(const Example& example, double shift) const {
        const double onset = kLead - m_earliest + shift;
        const auto first = static_cast<std::size_t>(std::ceil(onset));
        const auto part = static_cast<float>(static_cast<double>(first) - onset);
        float sum = 0;
        for (std::size_t b = 0; b < kBands; ++b) sum += m_freedom[b] * bandCost(example, b, first, part);
        return sum;
    }

  private:
    static constexpr std::size_t kMostFrames = kLead + kTemplateFrames;

    [[nodiscard]] float bandCost(const Example& example, std::size_t b, std::size_t first, float part) const {
        const float background = m_upTo[b][first] / static_cast<float>(first);
        const std::size_t length = m_window - first;
        const auto& upTo = example.upTo[b];
        const float expected = (1 - part) * upTo[length] + part * (upTo[length + 1] - upTo[1]);
        const float heard = m_upTo[b][m_window] - m_upTo[b][first] - background * static_cast<float>(length);
        // In units of the background. Before the onset the mean is the model: those frames cost one each.
        const float gain = expected > 0 ? std::max(0.0F, heard / expected) / background : 0.0F;
        const ModelSums sums = sumsOf({example.rise[b].data(), length, part, gain}, m_energy[b].data() + first);
        return static_cast<float>(first) + sums.ratios / background +
               static_cast<float>(m_window) * std::log(background) + sums.logs;
    }

    std::array<std::array<float, kMostFrames>, kBands> m_energy{};
    std::array<std::array<float, kMostFrames + 1>, kBands> m_upTo{};  // sums of the energies
    const std::array<float, kBands>& m_freedom;
    int m_earliest;
    std::size_t m_first;   // of the patch
    std::size_t m_window;  // frames looked at
};

/// Place of the lowest point through three neighbours, from -0.5 to 0.5.
double lowest(float before, float here, float after) {
    const float bend = before - 2 * here + after;
    return bend > 0 ? std::clamp(0.5 * static_cast<double>(before - after) / static_cast<double>(bend), -0.5, 0.5) : 0;
}

struct Place {
    float cost = std::numeric_limits<float>::infinity();
    int shift = 0;

    void look(const Fit& fit, const Example& example, int at) {
        if (const float c = fit.cost(example, at); c < cost) cost = c, shift = at;
    }
};

/// Every example is tried at a few shifts; those that fit best there are moved finely, and the median of them counts.
double bestShift(const Fit& fit, const std::vector<Example>& examples, int earliest) {
    constexpr int kCoarse = 4;
    constexpr std::size_t kVoters = 3;
    std::vector<std::pair<Place, const Example*>> tried;
    for (const Example& example : examples) {
        tried.emplace_back(Place{}, &example);
        for (int s = earliest; s <= kLatest; s += kCoarse) tried.back().first.look(fit, example, s);
    }
    const std::size_t voters = std::min(kVoters, tried.size());
    std::partial_sort(tried.begin(), tried.begin() + static_cast<std::ptrdiff_t>(voters), tried.end(),
                      [](const auto& a, const auto& b) { return a.first.cost < b.first.cost; });
    std::vector<double> found;
    for (std::size_t i = 0; i < voters; ++i) {
        auto& [place, example] = tried[i];
        for (int step = kCoarse / 2; step >= 1; step /= 2) {
            const int centre = place.shift;
            place.look(fit, *example, std::max(earliest, centre - step));
            place.look(fit, *example, std::min(kLatest, centre + step));
        }
        constexpr double kHalf = 0.5;
        found.push_back(place.shift + kHalf * lowest(fit.cost(*example, place.shift - kHalf), place.cost,
                                                     fit.cost(*example, place.shift + kHalf)));
    }
    std::sort(found.begin(), found.end());
    return found[voters / 2];
}

std::vector<const Hit*> clearStrokes(const std::vector<Hit>& hits, double leastDb) {
    std::vector<const Hit*> clear;
    for (const Hit& hit : hits)
        if (hit.contrastDb >= leastDb && hit.strength >= kFirmStrength && !hit.patch.isEmpty() && !hit.clipped)
            clear.push_back(&hit);
    return clear;
}

/// Strokes that stand very clear of what rang before; in dense playing on a ringing drum there are none, then the
/// clearest there are.
std::vector<Example> examplesOf(const std::vector<Hit>& hits) {
    std::vector<const Hit*> clear;
    for (const double leastDb : {kVeryClearDb, kOwnOnsetDb, kStillClearDb, kLeastClearDb}) {
        clear = clearStrokes(hits, leastDb);
        if (clear.size() >= kFewestExamples) break;
    }
    std::vector<Example> examples;
    const std::size_t count = std::min(kMostExamples, clear.size());
    for (std::size_t i = 0; i < count; ++i)
        if (const auto example = exampleOf(*clear[i * clear.size() / count])) examples.push_back(*example);
    return examples;
}

}  // namespace

void sharpenOnsets(std::vector<Hit>& hits) {
    const auto examples = examplesOf(hits);
    if (examples.size() < kFewestExamples) return;
    const auto freedom = freedoms();
    constexpr double kNeighbourS = 0.002;
    constexpr double kNearS = 0.045;  // grace notes
    for (std::size_t i = 0; i < hits.size(); ++i) {
        Hit& hit = hits[i];
        const bool behind = i > 0 && hit.timeS - hits[i - 1].timeS < kNearS;
        const bool before = i + 1 < hits.size() && hits[i + 1].timeS - hit.timeS < kNearS;
        const double ownDb = behind ? kBehindAnotherDb : before ? kBeforeAnotherDb : kFollowedDb;
        if (hit.contrastDb >= ownDb || hit.patch.isEmpty()) continue;
        const int earliest = behind || before ? kEarliestNear : kEarliest;
        const double time = hit.peakS + bestShift(Fit(hit, freedom, earliest), examples, earliest) * kFrameS;
        const bool inOrder = (i == 0 || time > hits[i - 1].timeS + kNeighbourS) &&
                             (i + 1 == hits.size() || time < hits[i + 1].timeS - kNeighbourS);
        if (inOrder) hit.timeS = time;
    }
}

}  // namespace upbeat
