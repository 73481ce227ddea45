#pragma once

#include "upbeat/units/beats.h"

namespace upbeat {

struct Exercise;

/// A span of counts inside one bar, in counted beats from 1; `toBeat` is where the span ends.
struct Span {
    int bar = 1;
    Beats fromBeat{1};
    Beats toBeat{2};

    friend bool operator==(const Span&, const Span&) = default;
};

/// The beat around a stroke: what to loop when that stroke is the trouble.
[[nodiscard]] Span beatAround(const Exercise& exercise, int stroke);

}  // namespace upbeat
