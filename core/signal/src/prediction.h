#pragma once

#include <array>
#include <cstddef>
#include <span>

namespace upbeat {

inline constexpr std::size_t kPredictionOrder = 20;
/// Weights of a sample and the ones before it; the first is 1.
using Prediction = std::array<float, kPredictionOrder + 1>;

/// The filter that leaves least of `x` over, run forwards and backwards (Burg 1967). At most 256 samples are looked at;
/// of nothing it is the filter that changes nothing.
[[nodiscard]] Prediction predictionOf(std::span<const float> x);

}  // namespace upbeat
