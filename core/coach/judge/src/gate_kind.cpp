#include "upbeat/judge/gate_kind.h"

#include <array>

namespace upbeat {

namespace {

struct NameAndUnit {
    std::string_view name;
    std::string_view unit;
};

constexpr std::array<NameAndUnit, kGateKinds> kNamesAndUnits{{{"spread", "ms"},
                                                              {"placement", "ms"},
                                                              {"apart", "ms"},
                                                              {"habit", "ms"},
                                                              {"mistakes", ""},
                                                              {"accent_tap_gap", "dB"},
                                                              {"tap_ghost_gap", "dB"},
                                                              {"overlap", "%"},
                                                              {"offbeat", "%"},
                                                              {"grace_spread", "ms"},
                                                              {"drift", "ms a bar"},
                                                              {"feel", "ms"},
                                                              {"return", "ms"}}};

}  // namespace

std::string_view toName(GateKind kind) {
    return kNamesAndUnits.at(static_cast<std::size_t>(kind)).name;
}

std::string_view unitOf(GateKind kind) {
    return kNamesAndUnits.at(static_cast<std::size_t>(kind)).unit;
}

std::optional<GateKind> gateFromName(std::string_view name) {
    for (std::size_t i = 0; i < kNamesAndUnits.size(); ++i)
        if (kNamesAndUnits[i].name == name) return static_cast<GateKind>(i);
    return std::nullopt;
}

}  // namespace upbeat
