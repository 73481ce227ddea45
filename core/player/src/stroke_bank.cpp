#include "upbeat/player/stroke_bank.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "upbeat/player/truth.h"

namespace upbeat {

namespace {

constexpr int kVariants = 12;
constexpr int kHardnessSteps = 3;
constexpr double kLongestS = 2.5;
constexpr double kAudibleDecays = 7.0;  // time constants until a sound is 60 dB down

/// Adds one mode by a turning phasor: two multiplications a sample instead of a sine.
void addPartial(std::vector<float>& out, const Partial& p, double gain, double phase, int sampleRate) {
    const double turn = 2.0 * std::numbers::pi * p.hz / sampleRate;
    const double fall = std::exp(-1.0 / (p.decayS * sampleRate));
    const double rise = std::exp(-1.0 / (p.attackS * sampleRate));
    const double c = std::cos(turn) * fall;
    const double s = std::sin(turn) * fall;
    double re = gain * std::cos(phase);
    double im = gain * std::sin(phase);
    double attack = 1.0;
    const auto length = std::min(out.size(), static_cast<std::size_t>(kAudibleDecays * p.decayS * sampleRate));
    for (std::size_t i = 0; i < length; ++i) {
        out[i] += static_cast<float>(im * (1.0 - attack));
        attack *= rise;
        const double next = re * c - im * s;
        im = re * s + im * c;
        re = next;
    }
}

/// White noise through one-pole corners above and below, under its envelope.
void addBurst(std::vector<float>& out, const Burst& b, double gain, Random& random, int sampleRate) {
    const double low = 1.0 - std::exp(-2.0 * std::numbers::pi * std::min(b.highHz, 0.45 * sampleRate) / sampleRate);
    const double high = 1.0 - std::exp(-2.0 * std::numbers::pi * b.lowHz / sampleRate);
    const double fall = std::exp(-1.0 / (b.decayS * sampleRate));
    const double rise = std::exp(-1.0 / (b.attackS * sampleRate));
    double smooth = 0;
    double slow = 0;
    double attack = 1.0;
    double decay = gain;
    const double endS = b.delayS + kAudibleDecays * b.decayS;
    const auto length = std::min(out.size(), static_cast<std::size_t>(endS * sampleRate));
    for (auto i = static_cast<std::size_t>(b.delayS * sampleRate); i < length; ++i) {
        smooth += low * (random.uniform(-1, 1) - smooth);
        slow += high * (smooth - slow);
        out[i] += static_cast<float>(decay * (1.0 - attack) * (smooth - slow));
        attack *= rise;
        decay *= fall;
    }
}

double lengthS(const Recipe& recipe) {
    double longest = 0.02;
    for (const Partial& p : recipe.partials) longest = std::max(longest, kAudibleDecays * p.decayS);
    for (const Burst& b : recipe.bursts) longest = std::max(longest, b.delayS + kAudibleDecays * b.decayS);
    return std::min(longest, kLongestS);
}

void fadeOut(std::vector<float>& out, int sampleRate) {
    const auto fade = std::min(out.size(), static_cast<std::size_t>(0.05 * sampleRate));
    for (std::size_t i = 0; i < fade; ++i) out[out.size() - 1 - i] *= static_cast<float>(i) / static_cast<float>(fade);
}

StrokeSound synthesise(const Recipe& recipe, double hardness, Random& random, int sampleRate) {
    const auto lead = static_cast<std::size_t>(0.002 * sampleRate);
    std::vector<float> body(static_cast<std::size_t>(lengthS(recipe) * sampleRate), 0.0F);
    for (const Partial& p : recipe.partials) {
        Partial varied = p;
        varied.hz *= 1.0 + 0.01 * hardness + 0.003 * random.normal();
        const double gain = p.gain * std::exp(0.25 * random.normal());
        addPartial(body, varied, gain, random.uniform(-0.4, 0.4), sampleRate);
    }
    for (const Burst& b : recipe.bursts) {
        Burst varied = b;
        varied.highHz *= 0.55 + 0.45 * hardness;
        addBurst(body, varied, b.gain * (0.6 + 0.9 * hardness) * std::exp(0.2 * random.normal()), random, sampleRate);
    }
    fadeOut(body, sampleRate);
    StrokeSound stroke;
    stroke.samples.assign(lead, 0.0F);
    stroke.samples.insert(stroke.samples.end(), body.begin(), body.end());
    stroke.onset = trueOnset(stroke.samples, sampleRate);
    stroke.levelDb = trueLevelDb(stroke.samples, sampleRate);
    return stroke;
}

}  // namespace

StrokeBank::StrokeBank(Kit kit, int sampleRate, std::uint64_t seed)
    : m_kit(std::move(kit)), m_sampleRate(sampleRate), m_random(seed) {}

const StrokeSound& StrokeBank::draw(Voice voice, double hardness) {
    const int step = std::clamp(static_cast<int>(hardness * kHardnessSteps), 0, kHardnessSteps - 1);
    auto& variants = m_strokes[{static_cast<int>(voice), step}];
    const int wanted = m_random.below(kVariants);
    if (wanted < static_cast<int>(variants.size())) return variants[static_cast<std::size_t>(wanted)];
    variants.reserve(kVariants);
    const double centre = (step + 0.5) / kHardnessSteps;
    variants.push_back(synthesise(m_kit.recipe(voice), centre, m_random, m_sampleRate));
    return variants.back();
}

}  // namespace upbeat
