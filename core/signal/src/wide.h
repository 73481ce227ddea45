#pragma once

#include <cmath>
#include <cstring>

namespace upbeat {

/// Eight floats side by side, in one register where the machine has such wide ones.
using Lanes [[gnu::vector_size(8 * sizeof(float))]] = float;
inline constexpr std::size_t kLanes = 8;

inline void load(Lanes& lanes, const float* from) {
    std::memcpy(&lanes, from, sizeof lanes);
}
inline void store(float* to, const Lanes& lanes) {
    std::memcpy(to, &lanes, sizeof lanes);
}

/// Denormal numbers in a decaying filter would cost a hundred times the time of normal ones.
inline float atRest(float state) {
    constexpr float kRest = 1e-15F;
    return std::abs(state) < kRest ? 0.0F : state;
}

/// A section of second order, as `step` of biquad.h, for as many signals side by side as `Values` holds. By reference:
/// how such wide values are handed over depends on the machine.
template <class Values>
struct WideSection {
    Values b0{}, b1{}, b2{}, a1{}, a2{}, z1{}, z2{};

    void step(const Values& x, Values& y) {
        y = b0 * x + z1;
        z1 = b1 * x + z2 - a1 * y;  // y, which takes longest, last
        z2 = b2 * x - a2 * y;
    }
};

}  // namespace upbeat

/// Put before a function whose loops run over eight values at once: it is compiled a second time for processors that
/// hold eight floats in a register, and the program takes what the machine can. Nothing is fused, so both give the same
/// to the last bit.
#if defined(__GNUC__) && !defined(__clang__) && defined(__x86_64__) && defined(__OPTIMIZE__) && \
    !defined(__SANITIZE_ADDRESS__) && !defined(__SANITIZE_THREAD__)
#define UPBEAT_WIDE __attribute__((target_clones("avx2", "default")))
#else
#define UPBEAT_WIDE
#endif
