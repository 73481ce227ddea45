#include "cells.h"

#include <algorithm>
#include <cmath>

#include "upbeat/signal/colour.h"

namespace upbeat {

namespace {

constexpr float kSilence = 1e-12F;

int startFrame(const Hit& hit) {
    return static_cast<int>(std::lround(onsetFrame(hit)));
}

/// Energy of a band from one frame to another after the onset; past the end of the patch the ring stands in for it.
float energyBetween(const Hit& stroke, std::size_t band, int from, int to) {
    constexpr int kEnoughFrames = 4;
    const int onset = startFrame(stroke);
    const int last = static_cast<int>(kPatchFrames);
    if (onset + from <= last - kEnoughFrames || !isKnown(stroke.ring))
        return stroke.patch.meanEnergy(band, std::min(onset + from, last - kEnoughFrames), onset + to);
    return energyOfStep(stroke.ring[band]);
}

}  // namespace

HeardCells heardCells(const Hit& hit, int endFrames) {
    HeardCells cells;
    cells.energy.fill(1);
    cells.background.fill(1);
    const int onset = startFrame(hit);
    const auto fill = [&](std::size_t stretch, auto energyOf) {
        for (std::size_t b = 0; b < kBands; ++b) {
            cells.energy[stretch * kBands + b] = energyOf(b) + kSilence;
            cells.background[stretch * kBands + b] = backgroundOf(hit, b);
        }
        cells.used += kBands;
    };
    for (std::size_t s = 0; s < kRing; ++s) {
        if (s > 0 && kCellEdges[s + 1] > endFrames) return cells;
        const int to = std::max(2, std::min(endFrames, kCellEdges[s + 1]));
        fill(s, [&](std::size_t b) { return hit.patch.meanEnergy(b, onset + kCellEdges[s], onset + to); });
    }
    if (isKnown(hit.ring)) fill(kRing, [&](std::size_t b) { return energyOfStep(hit.ring[b]); });
    return cells;
}

Cells taughtCells(const Hit& stroke, int delay) {
    constexpr float kLeast = 3e-6F;  // of the strongest cell: below it a band says nothing about the voice
    Cells cells{};
    for (std::size_t b = 0; b < kBands; ++b) {
        const float background = backgroundOf(stroke, b);
        for (std::size_t s = 0; s < kRing; ++s) {
            const int from = std::max(0, kCellEdges[s] - delay);
            const int to = std::max(0, kCellEdges[s + 1] - delay);
            const float rise = std::max(0.0F, energyBetween(stroke, b, from, to) - background);
            cells[s * kBands + b] =
                rise * static_cast<float>(to - from) / static_cast<float>(kCellEdges[s + 1] - kCellEdges[s]);
        }
        cells[kRing * kBands + b] = std::max(0.0F, energyOfStep(stroke.ring[b]) - background);
    }
    const auto scale = static_cast<float>(std::pow(10.0, -stroke.levelDb / 10.0));
    const float least = kLeast * *std::max_element(cells.begin(), cells.end());
    for (float& cell : cells) cell = std::max(cell, least) * scale;
    return cells;
}

}  // namespace upbeat
