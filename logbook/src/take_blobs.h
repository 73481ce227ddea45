#pragma once

#include <QByteArray>
#include <QVariant>

#include "upbeat/signal/band_trace.h"

namespace upbeat {

/// Band energies as they stand in a column of their own.
[[nodiscard]] QByteArray bytesOf(const BandSteps& steps);
/// All 0 where the bytes are not as many as bands.
[[nodiscard]] BandSteps stepsFrom(const QByteArray& bytes);

/// A trace, compressed; nothing for an empty one.
[[nodiscard]] QVariant packed(const BandTrace& trace);
/// Empty where the bytes are damaged.
[[nodiscard]] BandTrace unpacked(const QByteArray& bytes, double columnS);

}  // namespace upbeat
