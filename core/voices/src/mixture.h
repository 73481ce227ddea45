#pragma once

#include <limits>
#include <vector>

#include "voice_base.h"

namespace upbeat {

inline constexpr std::size_t kFirstEarlier = 4;
inline constexpr float kEarlierPrice = 6.0F;
inline constexpr float kPrice = 14.0F;  // what a further voice must explain
inline constexpr std::size_t kMostVoices = 3;

/// One voice of what was heard.
struct MixedVoice {
    const VoiceBase* base = nullptr;
    std::size_t delay = 0;
    float gain = 0;
};

/// Voices that sound together, and how badly they explain what was heard.
struct Mixture {
    std::vector<MixedVoice> parts;
    float misfit = std::numeric_limits<float>::infinity();

    [[nodiscard]] float cost() const {
        float price = kPrice * static_cast<float>(parts.size());
        for (const MixedVoice& part : parts)
            if (part.delay >= kFirstEarlier) price += kEarlierPrice;
        return misfit + price;
    }
};

/// Two hands and two feet, and nobody strikes one instrument twice at once.
[[nodiscard]] bool canBeStruckTogether(const std::vector<MixedVoice>& parts, Voice more);

/// How badly the parts with their gains explain what was heard.
[[nodiscard]] float misfitOf(const HeardCells& heard, const std::vector<MixedVoice>& parts);

/// The parts with the gains that explain it best.
[[nodiscard]] Mixture fitted(const HeardCells& heard, std::vector<MixedVoice> parts);

}  // namespace upbeat
