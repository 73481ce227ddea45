#include "mixture.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr float kToleranceDb = 3.5F;  // strokes of one voice differ by this much from cell to cell
constexpr float kMostMisfit = 16.0F;  // a cell counts no more than four tolerances

/// The parts' bases with the cells that are not used at zero, so that every loop runs over all cells.
struct Bases {
    std::array<Cells, kMostVoices + 1> cells;
    std::size_t count = 0;

    Bases(const HeardCells& heard, const std::vector<MixedVoice>& parts) : count(parts.size()) {
        for (std::size_t p = 0; p < count; ++p) {
            const Cells& base = parts[p].base->cells[parts[p].delay];
            for (std::size_t c = 0; c < kCells; ++c) cells[p][c] = c < heard.used ? base[c] : 0;
        }
    }

    [[nodiscard]] Cells model(const HeardCells& heard, const std::vector<MixedVoice>& parts) const {
        Cells model = heard.background;
        for (std::size_t p = 0; p < count; ++p)
            for (std::size_t c = 0; c < kCells; ++c) model[c] += parts[p].gain * cells[p][c];
        return model;
    }
};

float misfitOf(const HeardCells& heard, const Cells& model) {
    float misfit = 0;
    for (std::size_t c = 0; c < heard.used; ++c) {
        const float db = 10.0F * std::log10(heard.energy[c] / model[c]) / kToleranceDb;
        misfit += std::min(kMostMisfit, db * db);
    }
    return misfit;
}

}  // namespace

bool canBeStruckTogether(const std::vector<MixedVoice>& parts, Voice more) {
    std::size_t hands = isStruckByFoot(more) ? 0 : 1;
    for (const MixedVoice& part : parts) {
        if (instrumentOf(part.base->voice) == instrumentOf(more)) return false;
        if (!isStruckByFoot(part.base->voice)) ++hands;
    }
    return hands <= 2;
}

float misfitOf(const HeardCells& heard, const std::vector<MixedVoice>& parts) {
    return misfitOf(heard, Bases(heard, parts).model(heard, parts));
}

Mixture fitted(const HeardCells& heard, std::vector<MixedVoice> parts) {
    constexpr int kRounds = 12;
    const Bases bases(heard, parts);
    float rise = 0;
    for (std::size_t c = 0; c < heard.used; ++c)
        rise += std::sqrt(std::max(0.0F, heard.energy[c] - heard.background[c]));
    for (std::size_t p = 0; p < parts.size(); ++p) {
        float own = 1e-20F;
        for (std::size_t c = 0; c < heard.used; ++c) own += std::sqrt(bases.cells[p][c]);
        const float ratio = rise / own;
        parts[p].gain = std::max(1e-12F, ratio * ratio / static_cast<float>(parts.size()));
    }
    for (int round = 0; round < kRounds; ++round) {
        const Cells model = bases.model(heard, parts);
        Cells inverse;
        for (std::size_t c = 0; c < kCells; ++c) inverse[c] = 1.0F / model[c];
        for (std::size_t p = 0; p < parts.size(); ++p) {
            float pull = 0;
            float hold = 1e-20F;
            for (std::size_t c = 0; c < kCells; ++c) {
                const float share = bases.cells[p][c] * inverse[c];
                pull += share * heard.energy[c] * inverse[c];
                hold += share;
            }
            parts[p].gain *= std::sqrt(pull / hold);
        }
    }
    const float misfit = misfitOf(heard, bases.model(heard, parts));
    return {std::move(parts), misfit};
}

}  // namespace upbeat
