#include "upbeat/measure/quality.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <utility>

#include "upbeat/signal/level.h"

namespace upbeat {

namespace {

constexpr std::size_t kFewest = 8;
constexpr double kClearDb = 15;

/// Nothing where what rang before drowns the band.
using Spectrum = std::array<std::optional<double>, kBands>;
using Middle = std::array<double, kBands>;

Spectrum spectrumOf(const Hit& hit) {
    Spectrum spectrum{};
    for (std::size_t b = 0; b < kBands; ++b)
        if (hit.colour[b] > 0)
            spectrum[b] = 10 * std::log10(static_cast<double>(energyOfStep(hit.colour[b])) + 1e-12) - hit.levelDb;
    return spectrum;
}

Middle middleOf(const std::vector<Spectrum>& all) {
    Middle middle{};
    for (std::size_t b = 0; b < kBands; ++b) {
        std::vector<double> column;
        for (const Spectrum& s : all)
            if (s[b]) column.push_back(*s[b]);
        middle[b] = 2 * column.size() < all.size() ? kSilenceDb : median(std::move(column));
    }
    return middle;
}

/// Bands far below the strongest hold noise, not the drum.
double distance(const Spectrum& a, const Middle& middle) {
    constexpr double kMattersDb = 35;
    const double strongest = *std::max_element(middle.begin(), middle.end());
    double sum = 0;
    int bands = 0;
    for (std::size_t b = 0; b < kBands; ++b) {
        if (middle[b] < strongest - kMattersDb || !a[b]) continue;
        sum += (*a[b] - middle[b]) * (*a[b] - middle[b]);
        ++bands;
    }
    return std::sqrt(sum / std::max(1, bands));
}

/// What is struck with another drum sounds like both, also where the two can be told apart in time.
bool isWrittenAlone(const Exercise& e, const Stroke& stroke) {
    return std::count_if(e.strokes.begin(), e.strokes.end(), [&](const Stroke& s) { return s.at == stroke.at; }) == 1;
}

}  // namespace

std::vector<StrokeQuality> measureQuality(const MatchedTake& take) {
    std::map<std::pair<Voice, Level>, std::vector<const MatchedStroke*>> groups;
    for (const MatchedStroke& s : take.strokes) {
        const Hit& hit = take.hits[static_cast<std::size_t>(s.hit)];
        const bool usable = s.written.role == Role::Main && isWrittenAlone(take.exercise, s.stroke) && !hit.clipped &&
                            hit.contrastDb >= kClearDb;
        const bool whole = s.stroke.ornament == Ornament::None;  // grace notes and bounces colour the stroke
        if (usable && whole && isKnown(hit.colour)) groups[{s.stroke.voice, s.stroke.level}].push_back(&s);
    }
    std::vector<StrokeQuality> all;
    for (const auto& [key, strokes] : groups) {
        if (strokes.size() < kFewest) continue;
        std::vector<Spectrum> spectra;
        spectra.reserve(strokes.size());
        for (const MatchedStroke* s : strokes)
            spectra.push_back(spectrumOf(take.hits[static_cast<std::size_t>(s->hit)]));
        const Middle middle = middleOf(spectra);
        std::vector<double> distances;
        distances.reserve(spectra.size());
        for (const Spectrum& s : spectra) distances.push_back(distance(s, middle));
        const auto figure = medianFigure(distances);
        if (!figure) continue;
        StrokeQuality quality{key.first, key.second, *figure, {}};
        constexpr double kLeastDb = 5;
        const double limit = std::max(kLeastDb, figure->value + 4 * robustDeviation(distances));
        for (std::size_t i = 0; i < strokes.size(); ++i)
            if (distances[i] > limit)
                quality.odd.push_back(
                    {strokes[i]->written, take.hits[static_cast<std::size_t>(strokes[i]->hit)].timeS, distances[i]});
        all.push_back(std::move(quality));
    }
    return all;
}

}  // namespace upbeat
