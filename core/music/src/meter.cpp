#include "upbeat/music/meter.h"

#include <fmt/format.h>

namespace upbeat {

Beats Meter::beatLength() const {
    const bool compound = unit == 8 && count > 3 && count % 3 == 0;
    return compound ? Beats(3, 2) : Beats(4, unit);
}

int Meter::beatsPerBar() const {
    return static_cast<int>(wholeTimes(barLength(), beatLength()));
}

std::string Meter::toString() const {
    return fmt::format("{}/{}", count, unit);
}

double inBeatsOf(const Meter& meter, double bpm, const Meter& counted) {
    return bpm * counted.beatLength().toDouble() / meter.beatLength().toDouble();
}

bool isSupported(const Meter& meter) {
    const bool unitKnown = meter.unit == 2 || meter.unit == 4 || meter.unit == 8 || meter.unit == 16;
    return unitKnown && meter.count >= 1 && meter.count <= 15;
}

}  // namespace upbeat
