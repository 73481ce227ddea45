#include "upbeat/season/two_takes.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

std::vector<GateChange> compareTakes(const std::vector<Gate>& before, const std::vector<Gate>& after) {
    std::vector<GateChange> changes;
    for (const Gate& a : before) {
        const auto b = std::find_if(after.begin(), after.end(), [&a](const Gate& gate) { return gate.kind == a.kind; });
        if (b == after.end()) continue;
        GateChange change{a.kind, a.measured.value, b->measured.value, difference(b->measured, a.measured)};
        if (a.kind == GateKind::Mistakes) {
            const double half = 1.96 * std::sqrt(std::max(1.0, change.before + change.after));
            change.difference.low = change.difference.value - half;
            change.difference.high = change.difference.value + half;
        }
        if (distance(change.difference).low > 0)
            change.how =
                (change.difference.value > 0) == asksAtLeast(a.kind) ? GateChange::How::Better : GateChange::How::Worse;
        changes.push_back(change);
    }
    return changes;
}

}  // namespace upbeat
