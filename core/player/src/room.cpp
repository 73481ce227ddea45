#include "upbeat/player/room.h"

#include <cmath>

namespace upbeat {

namespace {

std::vector<float> comb(const std::vector<float>& in, double delayS, double rt60S, int sampleRate) {
    const auto delay = static_cast<std::size_t>(delayS * sampleRate);
    const auto feedback = static_cast<float>(std::pow(10.0, -3.0 * delayS / rt60S));
    std::vector<float> out(in.size(), 0.0F);
    float damped = 0;
    for (std::size_t i = delay; i < in.size(); ++i) {
        damped += 0.6F * (out[i - delay] - damped);
        out[i] = in[i - delay] + feedback * damped;
    }
    return out;
}

std::vector<float> allPass(const std::vector<float>& in, double delayS, int sampleRate) {
    const auto delay = static_cast<std::size_t>(delayS * sampleRate);
    constexpr float kGain = 0.6F;
    std::vector<float> out(in.size(), 0.0F);
    for (std::size_t i = 0; i < in.size(); ++i) {
        const float past = i >= delay ? in[i - delay] + kGain * out[i - delay] : 0.0F;
        out[i] = past - kGain * in[i];
    }
    return out;
}

}  // namespace

Sound inRoom(Sound dry, double rt60S, double wet) {
    if (rt60S <= 0 || wet <= 0) return dry;
    std::vector<float> sum(dry.samples.size(), 0.0F);
    for (const double delayS : {0.0297, 0.0371, 0.0411, 0.0437}) {
        const auto one = comb(dry.samples, delayS, rt60S, dry.sampleRate);
        for (std::size_t i = 0; i < sum.size(); ++i) sum[i] += 0.25F * one[i];
    }
    sum = allPass(allPass(sum, 0.0050, dry.sampleRate), 0.0017, dry.sampleRate);
    for (std::size_t i = 0; i < sum.size(); ++i) dry.samples[i] += static_cast<float>(wet) * sum[i];
    return dry;
}

}  // namespace upbeat
