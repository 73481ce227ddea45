#include "sound_look.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

// Frames of a patch; the novelty peaks in frame 40.
constexpr std::pair kLongBefore{0, 12};
constexpr std::pair kJustBefore{28, 36};
constexpr std::pair kPeak{40, 48};
constexpr std::pair kAfter{68, 80};

double inDb(double energy) {
    constexpr double kLeast = 1e-12;
    return 10 * std::log10(energy + kLeast);
}

BandValues levelsIn(const Patch& patch, std::pair<int, int> frames) {
    BandValues levels{};
    for (std::size_t b = 0; b < kBands; ++b)
        levels[b] = inDb(static_cast<double>(patch.meanEnergy(b, frames.first, frames.second)));
    return levels;
}

double sumInDb(const BandValues& levels) {
    double sum = 0;
    for (const double db : levels) sum += std::pow(10.0, db / 10);
    return inDb(sum);
}

double stepInDb(std::uint8_t step) {
    return step / kStepsPerDb - 120;
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

}  // namespace

Look lookOf(const Hit& hit) {
    Look look;
    const BandValues longBefore = levelsIn(hit.patch, kLongBefore);
    const BandValues before = levelsIn(hit.patch, kJustBefore);
    const BandValues peak = levelsIn(hit.patch, kPeak);
    const BandValues after = levelsIn(hit.patch, kAfter);
    const double allDb = sumInDb(peak);
    BandValues added{};
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
    const auto add = [&sum](const BandValues& x, const BandValues& y, double weight) {
        for (std::size_t k = 0; k < kBands; ++k) sum += std::pow(weight * (x[k] - y[k]), 2);
    };
    add(a.shape, b.shape, 1);
    add(a.rise, b.rise, 0.7);
    add(a.decay, b.decay, 0.5);
    add(a.slope, b.slope, 0.5);
    return std::sqrt(sum / (4 * kBands));
}

}  // namespace upbeat
