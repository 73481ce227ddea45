#include "voice_base.h"

#include <algorithm>
#include <cmath>
#include <span>

namespace upbeat {

namespace {

/// Geometric middle of the strokes, cell by cell; a ring that is known of none of them is taken to be faint.
Cells middleOf(std::span<const Hit> strokes, int delay) {
    constexpr float kFaint = 0.1F;  // against the stretch before
    std::array<std::vector<float>, kCells> columns;
    for (const Hit& stroke : strokes) {
        const Cells cells = taughtCells(stroke, delay);
        const std::size_t known = isKnown(stroke.ring) ? kCells : kRing * kBands;
        for (std::size_t c = 0; c < known; ++c) columns[c].push_back(cells[c]);
    }
    Cells middle{};
    for (std::size_t c = 0; c < kCells; ++c) {
        auto& column = columns[c];
        if (column.empty()) {
            middle[c] = kFaint * middle[c - kBands];
            continue;
        }
        std::sort(column.begin(), column.end());
        middle[c] = std::sqrt(column[(column.size() - 1) / 2] * column[column.size() / 2]);
    }
    return middle;
}

}  // namespace

std::vector<VoiceBase> basesOf(const TaughtVoice& taught) {
    std::vector<Hit> strokes;
    for (const Hit& hit : taught.strokes)
        if (!hit.patch.isEmpty()) strokes.push_back(hit);
    if (strokes.size() < kFewestTaught) return {};
    std::sort(strokes.begin(), strokes.end(), [](const Hit& a, const Hit& b) { return a.levelDb < b.levelDb; });
    const std::size_t groups = std::min<std::size_t>(3, strokes.size() / 2);
    const auto softest = static_cast<float>(std::pow(10.0, strokes.front().levelDb / 10.0));
    std::vector<VoiceBase> bases;
    for (std::size_t g = 0; g < groups; ++g) {
        const std::size_t from = g * strokes.size() / groups;
        const std::size_t to = (g + 1) * strokes.size() / groups;
        VoiceBase base{taught.voice, {}, {}, softest};
        const std::span<const Hit> some(strokes.data() + from, to - from);
        for (std::size_t d = 0; d < kDelays.size(); ++d) base.cells[d] = middleOf(some, kDelays[d]);
        base.course = courseOf(some);
        bases.push_back(base);
    }
    return bases;
}

}  // namespace upbeat
