#pragma once

#include "upbeat/signal/patch.h"

namespace upbeat {

/// How much louder a sound stays than what was heard before its novelty peak: mean of the bands, in dB, from 7 to 17 ms
/// after the peak or, where another stroke follows `framesLeft` frames after it, as far as that lets hear.
[[nodiscard]] double lastingDb(const Patch& patch, int framesLeft);

/// The strength of a faint hit when two more witnesses are heard: how far it rises above what the ring explains
/// (RingMeter::riseDb) and how much of it lasts. In the unit of `strength`: kFirmStrength is as sure as it is of loud
/// hits. The weights are those of a logistic regression (docs/decisions/0020).
[[nodiscard]] double weighFaint(double strength, double riseDb, double lastingDb);

}  // namespace upbeat
