#include "upbeat/judge/profile.h"

#include <algorithm>
#include <array>

#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

constexpr NameTable<2> kProfileNames{"practice", "performance"};

/// A share of the shortest step, within bounds.
struct BuiltIn {
    double share;
    double least;
    double most;
};

constexpr BuiltIn always(double limit) {
    return {0, limit, limit};
}

// In the order of GateKind.
using Table = std::array<BuiltIn, kGateKinds>;
constexpr Table kPractice{{{0.08, 6, 15},
                           {0.12, 10, 20},
                           {0.10, 6, 15},
                           {0.10, 6, 15},
                           always(1),
                           always(10),
                           always(6),
                           always(5),
                           always(3),
                           always(8),
                           always(2),
                           always(5),
                           {0.12, 15, 30}}};
constexpr Table kPerformance{{{0.06, 5, 12},
                              {0.12, 10, 20},
                              {0.08, 5, 12},
                              {0.08, 5, 12},
                              always(0),
                              always(6),
                              always(5),
                              always(10),
                              always(2),
                              always(6),
                              always(1),
                              always(4),
                              {0.10, 12, 25}}};

}  // namespace

std::string_view toName(ProfileKind kind) {
    return nameIn(kProfileNames, kind);
}

std::optional<ProfileKind> profileFromName(std::string_view name) {
    return valueNamed<ProfileKind>(kProfileNames, name);
}

double Profile::builtIn(GateKind gate, double stepMs) const {
    const Table& table = kind == ProfileKind::Performance ? kPerformance : kPractice;
    const BuiltIn& asked = table.at(static_cast<std::size_t>(gate));
    return std::clamp(asked.share * stepMs, asked.least, asked.most);
}

double Profile::limit(GateKind gate, double stepMs) const {
    const auto found = own.find(gate);
    return found == own.end() ? builtIn(gate, stepMs) : found->second;
}

}  // namespace upbeat
