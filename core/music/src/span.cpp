#include "upbeat/music/exercise.h"

namespace upbeat {

Span beatAround(const Exercise& e, int stroke) {
    const CountPlace place = placeOf(e, e.strokes.at(static_cast<std::size_t>(stroke)).at);
    const Beats from(place.beat.floor());
    return {place.bar, from, from + Beats(1)};
}

}  // namespace upbeat
