#include "upbeat/season/season_figures.h"

#include <algorithm>

namespace upbeat {

namespace {

struct Named {
    const char* figure;
    std::string_view unit;
};
constexpr std::array<Named, kSeasonMeasures> kMeasures{{{"steady_spread_ms", "ms"},
                                                        {"tap_ghost_gap_db", "dB"},
                                                        {"accent_tap_gap_db", "dB"},
                                                        {"swing_ratio", ": 1"},
                                                        {"left_against_right_ms", "ms"},
                                                        {"placement_ms", "ms"},
                                                        {"grace_spacing_ms", "ms"}}};

std::optional<Figure> leftAgainstRight(const std::vector<Apart>& all) {
    for (const Apart& apart : all) {
        if (apart.group == StrokeGroup(Limb::LeftHand) && apart.against == StrokeGroup(Limb::RightHand))
            return apart.ms;
        if (apart.group == StrokeGroup(Limb::RightHand) && apart.against == StrokeGroup(Limb::LeftHand))
            return Figure{-apart.ms.value, -apart.ms.high, -apart.ms.low, apart.ms.n};
    }
    return std::nullopt;
}

}  // namespace

std::vector<std::pair<const char*, Figure>> mainFigures(const Measures& m) {
    std::vector<std::pair<const char*, Figure>> figures;
    const auto add = [&](const char* name, const std::optional<Figure>& figure) {
        if (figure) figures.emplace_back(name, *figure);
    };
    add("placement_ms", m.timing.placementMs);
    add("spread_ms", m.timing.spreadMs);
    add("steady_spread_ms", m.causes.spreadMs);
    add("drift_ms_per_bar", m.timing.driftMsPerBar);
    add("accent_tap_gap_db", m.balance.accentTapGapDb);
    add("tap_ghost_gap_db", m.balance.tapGhostGapDb);
    add("overlap_percent", m.balance.overlapPercent);
    add("left_against_right_ms", leftAgainstRight(m.apart));
    if (m.swing) add("swing_ratio", m.swing->ratio);
    if (m.ornaments) add("grace_spacing_ms", m.ornaments->spacingMs);
    return figures;
}

const char* figureOf(SeasonMeasure measure) {
    return kMeasures.at(static_cast<std::size_t>(measure)).figure;
}

std::string_view unitOf(SeasonMeasure measure) {
    return kMeasures.at(static_cast<std::size_t>(measure)).unit;
}

}  // namespace upbeat
