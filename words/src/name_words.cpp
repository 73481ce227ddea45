// Names of what is played and how.
#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "upbeat/words/words.h"

namespace upbeat::words {

namespace {

/// A name of the core: it stands in a marked table there, and ends with a zero.
template <class Named>
Text marked(Named named) {
    return spokenName(named).data();
}

constexpr std::array<const char*, 4> kPartials{UPBEAT_TEXT("%1st of %2"), UPBEAT_TEXT("%1nd of %2"),
                                               UPBEAT_TEXT("%1rd of %2"), UPBEAT_TEXT("%1th of %2")};

struct GroupName {
    Text operator()(OtherVoices) const { return UPBEAT_TEXT("other voices"); }
    Text operator()(Limb limb) const { return nameOf(limb); }
    Text operator()(Voice voice) const { return nameOf(voice); }
};

}  // namespace

Text nameOf(Voice voice) {
    return marked(voice);
}
Text nameOf(Limb limb) {
    return marked(limb);
}
Text nameOf(Level level) {
    return toName(level).data();
}
Text nameOf(ClickTone tone) {
    return marked(tone);
}
Text nameOf(const StrokeGroup& group) {
    return std::visit(GroupName{}, group);
}

Text nameOf(const AskedPlacement& placement) {
    static constexpr std::array<const char*, 4> kAll{UPBEAT_TEXT("%1 ms behind"), UPBEAT_TEXT("%1 ms ahead"),
                                                     UPBEAT_TEXT("%1 % behind"), UPBEAT_TEXT("%1 % ahead")};
    static constexpr std::array<const char*, 4> kVoice{UPBEAT_TEXT("%2 %1 ms behind"), UPBEAT_TEXT("%2 %1 ms ahead"),
                                                       UPBEAT_TEXT("%2 %1 % behind"), UPBEAT_TEXT("%2 %1 % ahead")};
    const std::size_t which = (placement.ofBeat ? 2U : 0U) + (placement.amount < 0 ? 1U : 0U);
    const std::string amount = fmt::format("{:g}", std::abs(placement.amount));
    return placement.voice ? Text::with(kVoice.at(which), amount, nameOf(*placement.voice))
                           : Text::with(kAll.at(which), amount);
}

Text nameOf(const GroupRow& row) {
    switch (row.axis) {
        case Axis::Voice:
            return nameOf(static_cast<Voice>(row.key));
        case Axis::Limb:
            return nameOf(static_cast<Limb>(row.key));
        case Axis::Level:
            return nameOf(static_cast<Level>(row.key));
        case Axis::Count:
            return {};
        case Axis::Partial:
            break;
    }
    const auto ending = static_cast<std::size_t>(std::clamp(row.part.number, 1, 4)) - 1;
    return Text::with(kPartials.at(ending), row.part.number, row.part.of);
}

std::string tempo(double bpm) {
    constexpr double kWhole = 0.05;
    return std::abs(bpm - std::round(bpm)) < kWhole ? fmt::format("{:.0f}", bpm) : fmt::format("{:.1f}", bpm);
}

std::string wholeTempo(double bpm) {
    return fmt::format("{:.0f}", bpm);
}

}  // namespace upbeat::words
