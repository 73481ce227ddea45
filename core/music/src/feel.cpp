#include "upbeat/music/feel.h"

#include <algorithm>

namespace upbeat {

Feel feelAt(const Feel& feel, double quarterBpm) {
    if (!feel.byTempo) return feel;
    const double ratio = 3.5 - 2.5 * (quarterBpm - 100.0) / 200.0;
    return {feel.level, std::clamp(ratio, 1.0, 3.5), false};
}

Beats swungSpan(SwingLevel level) {
    return level == SwingLevel::Sixteenth ? Beats(1, 2) : Beats(1);
}

double swungPosition(const Beats& straight, const Feel& feel) {
    if (!feel.isSwung()) return straight.toDouble();
    const Beats span = swungSpan(feel.level);
    const Beats inside = wrapped(straight, span);
    const Beats third = span / 3;
    const bool divisibleInThree = wrapped(inside, third) == Beats(0);
    if (divisibleInThree) return straight.toDouble();
    const double length = span.toDouble();
    const double start = (straight - inside).toDouble();
    const double fraction = inside.toDouble() / length;
    const double offbeat = feel.ratio / (feel.ratio + 1.0);
    const double warped =
        fraction < 0.5 ? fraction * 2.0 * offbeat : offbeat + (fraction - 0.5) * 2.0 * (1.0 - offbeat);
    return start + warped * length;
}

}  // namespace upbeat
