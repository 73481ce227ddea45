#include "upbeat/signal/arrival.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace upbeat {

namespace {

/// The Hilbert transform of a short sound, by its sum.
std::vector<float> turned(const std::vector<float>& wave) {
    std::vector<float> out(wave.size());
    for (std::size_t n = 0; n < wave.size(); ++n) {
        double sum = 0;
        for (std::size_t m = (n + 1) % 2; m < wave.size(); m += 2)
            sum += static_cast<double>(wave[m]) / (static_cast<double>(n) - static_cast<double>(m));
        out[n] = static_cast<float>(2.0 / std::numbers::pi * sum);
    }
    return out;
}

/// How far the top of a parabola through three values lies from the middle one, in steps.
double topOf(double before, double middle, double after) {
    const double bend = before - 2 * middle + after;
    return bend < 0 ? std::clamp(0.5 * (before - after) / bend, -0.5, 0.5) : 0.0;
}

}  // namespace

KnownSound::KnownSound(std::vector<float> wave) : m_wave(std::move(wave)), m_turned(turned(m_wave)) {
    for (const float v : m_wave) m_energy += static_cast<double>(v) * static_cast<double>(v);
}

void KnownSound::addAnswer(std::span<const float> x, double weight, Answer& to) const {
    const std::size_t size = answerSize(x.size());
    to.straight.resize(std::max(to.straight.size(), size));
    to.turned.resize(to.straight.size());
    if (m_energy <= 0) return;
    for (std::size_t k = 0; k < size; ++k) {
        float straight = 0;
        float quarter = 0;
        for (std::size_t i = 0; i < m_wave.size(); ++i) {
            straight += m_wave[i] * x[k + i];
            quarter += m_turned[i] * x[k + i];
        }
        to.straight[k] += weight * static_cast<double>(straight) / m_energy;
        to.turned[k] += weight * static_cast<double>(quarter) / m_energy;
    }
}

double strengthNear(const KnownSound::Answer& answer, double at, double reach) {
    double most = 0;
    const auto from = static_cast<std::size_t>(std::max(0.0, at - reach));
    for (std::size_t k = from; k < answer.straight.size() && static_cast<double>(k) <= at + reach; ++k)
        most = std::max(most, std::hypot(answer.straight[k], answer.turned[k]));
    return most;
}

std::optional<Arrival> firstArrival(const KnownSound::Answer& answer, double share) {
    std::vector<double> strength(answer.straight.size());
    for (std::size_t k = 0; k < strength.size(); ++k) strength[k] = std::hypot(answer.straight[k], answer.turned[k]);
    if (strength.size() < 3) return std::nullopt;
    const double most = *std::max_element(strength.begin(), strength.end());
    if (!(most > 0) || !std::isfinite(most)) return std::nullopt;
    std::vector<double> sorted = strength;
    const auto middle = sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2);
    std::nth_element(sorted.begin(), middle, sorted.end());
    for (std::size_t k = 1; k + 1 < strength.size(); ++k)
        if (strength[k] >= share * most && strength[k] >= strength[k - 1] && strength[k] > strength[k + 1])
            return Arrival{static_cast<double>(k) + topOf(strength[k - 1], strength[k], strength[k + 1]), strength[k],
                           most / std::max(*middle, 1e-12 * most)};
    return std::nullopt;
}

}  // namespace upbeat
