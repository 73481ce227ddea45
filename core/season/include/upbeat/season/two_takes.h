#pragma once

#include <vector>

#include "upbeat/judge/gates.h"

namespace upbeat {

/// What became of one gate from one take to another.
struct GateChange {
    enum class How { Better, Worse, Untold };

    GateKind kind = GateKind::Spread;
    double before = 0;
    double after = 0;
    Figure difference{};  ///< After less before, with its 95 % interval; errors add in squares.
    How how = How::Untold;
};

/// The gates that both takes have, in their order. A difference whose interval holds nothing is not told; of mistakes,
/// which are counted, one beyond 1.96 times the root of their sum is (the error of a difference of Poisson counts).
[[nodiscard]] std::vector<GateChange> compareTakes(const std::vector<Gate>& before, const std::vector<Gate>& after);

}  // namespace upbeat
