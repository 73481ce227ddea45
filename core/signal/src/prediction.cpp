#include "prediction.h"

#include <algorithm>

#include "wide.h"

namespace upbeat {

namespace {

constexpr std::size_t kMost = 256;
using Samples = std::array<float, kMost + kPredictionOrder + kLanes>;

/// -2 times the correlation of two errors over their energy. Sums run in lanes, so that the compiler can keep them side
/// by side; what is left over at the end is added by itself.
inline float reflection(const float* forward, const float* backward, std::size_t count) {
    Lanes both{};
    Lanes energy{};
    std::size_t i = 0;
    for (; i + kLanes <= count; i += kLanes) {
        Lanes f;
        Lanes b;
        load(f, forward + i), load(b, backward + i);
        both += f * b;
        energy += f * f + b * b;
    }
    float sum = 0;
    float whole = 1e-20F;
    for (; i < count; ++i) {
        sum += forward[i] * backward[i];
        whole += forward[i] * forward[i] + backward[i] * backward[i];
    }
    for (std::size_t l = 0; l < kLanes; ++l) sum += both[l], whole += energy[l];
    return -2 * sum / whole;
}

}  // namespace

UPBEAT_WIDE Prediction predictionOf(std::span<const float> x) {
    Samples forwards{};
    Samples backwards{};
    std::size_t count = std::min(x.size(), kMost);
    std::copy_n(x.begin(), count, forwards.begin());
    std::copy_n(x.begin(), count, backwards.begin());
    Prediction filter{1};
    for (std::size_t m = 1; m <= kPredictionOrder && count > 1; ++m) {
        // The error forwards of a sample stands beside the error backwards of the one before it.
        --count;
        float* const forward = forwards.data() + m;
        float* const backward = backwards.data();
        const float k = reflection(forward, backward, count);
        for (std::size_t i = 0; i < count; ++i) {
            const float f = forward[i];
            forward[i] = f + k * backward[i];
            backward[i] += k * f;
        }
        const Prediction before = filter;
        for (std::size_t i = 1; i <= m; ++i) filter[i] = before[i] + k * before[m - i];
    }
    return filter;
}

}  // namespace upbeat
