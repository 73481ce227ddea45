#include "upbeat/music/feel.h"

namespace upbeat {

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
