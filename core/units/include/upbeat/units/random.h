#pragma once

#include <cmath>
#include <cstdint>
#include <numbers>

namespace upbeat {

/// Small random source (splitmix64) with a normal variate. The standard library's distributions differ between
/// implementations; takes with a stated seed must be the same everywhere.
class Random {
  public:
    explicit Random(std::uint64_t seed) : m_state(seed) {}

    [[nodiscard]] std::uint64_t bits() {
        m_state += 0x9E3779B97F4A7C15ULL;
        std::uint64_t z = m_state;
        z = (z ^ (z >> 30U)) * 0xBF58476D1CE4E5B9ULL;
        z = (z ^ (z >> 27U)) * 0x94D049BB133111EBULL;
        return z ^ (z >> 31U);
    }
    /// In [0, 1).
    [[nodiscard]] double uniform() { return static_cast<double>(bits() >> 11U) * 0x1.0p-53; }
    [[nodiscard]] double uniform(double low, double high) { return low + (high - low) * uniform(); }
    /// Standard normal, by Box and Muller.
    [[nodiscard]] double normal() {
        const double radius = std::sqrt(-2.0 * std::log(1.0 - uniform()));
        return radius * std::cos(2.0 * std::numbers::pi * uniform());
    }
    [[nodiscard]] int below(int count) { return static_cast<int>(uniform() * count); }

  private:
    std::uint64_t m_state;
};

}  // namespace upbeat
