#include "upbeat/season/ceiling.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

namespace upbeat {

namespace {

constexpr double kAccident = 0.02;  // a clean take far too fast, a slip far below the ceiling
constexpr std::size_t kTempos = 160;
// Widths of the fall, as shares of the ceiling, and how likely each is before anything was heard.
constexpr std::array<double, 6> kWidths{0.012, 0.02, 0.035, 0.055, 0.085, 0.13};
constexpr std::array<double, 6> kWidthPriors{0.08, 0.2, 0.28, 0.24, 0.14, 0.06};

double chance(double tempo, double ceiling, double width) {
    const double z = (tempo / ceiling - 1) / width;
    return kAccident + (1 - 2 * kAccident) / (1 + std::exp(z));
}

/// What all takes at a tempo weigh together, the clean share of them and the rest.
struct Weights {
    double clean = 0;
    double missed = 0;
};

std::map<double, Weights> byTempo(const std::vector<PastTake>& takes) {
    constexpr double kHalfLifeDays = 10;
    std::map<double, Weights> all;
    for (const PastTake& take : takes) {
        const double weight = std::exp2(-take.daysAgo / kHalfLifeDays);
        Weights& there = all[take.tempoBpm];
        there.clean += weight * take.clean;
        there.missed += weight * (1 - take.clean);
    }
    return all;
}

/// The posterior over ceilings and widths.
class Grid {
  public:
    explicit Grid(const std::vector<PastTake>& takes) {
        const auto heard = byTempo(takes);
        const double slow = heard.begin()->first;
        const double fast = heard.rbegin()->first;
        const double from = 0.6 * slow;
        const double to = 1.5 * fast;
        for (std::size_t i = 0; i < kTempos; ++i)
            m_ceilings.push_back(from * std::pow(to / from, static_cast<double>(i) / (kTempos - 1)));
        weigh(heard, std::sqrt(slow * fast));
    }

    /// The tempo below which this share of the ceilings lies.
    [[nodiscard]] double ceilingAt(double share) const {
        double sum = 0;
        for (std::size_t i = 0; i < kTempos; ++i) {
            double mass = 0;
            for (std::size_t k = 0; k < kWidths.size(); ++k) mass += massAt(i, k);
            if (sum + mass >= share) {
                const double part = mass > 0 ? (share - sum) / mass : 0.5;
                const double step = m_ceilings[1] / m_ceilings[0];
                return m_ceilings[i] * std::pow(step, part - 0.5);
            }
            sum += mass;
        }
        return m_ceilings.back();
    }

    [[nodiscard]] ChanceAt chanceAt(double tempo) const {
        std::vector<std::pair<double, double>> chances;
        ChanceAt at{tempo};
        for (std::size_t i = 0; i < kTempos; ++i)
            for (std::size_t k = 0; k < kWidths.size(); ++k) {
                chances.emplace_back(chance(tempo, m_ceilings[i], kWidths.at(k)), massAt(i, k));
                at.chance += chances.back().first * chances.back().second;
            }
        std::sort(chances.begin(), chances.end());
        double sum = 0;
        at.low = at.high = chances.front().first;
        for (const auto& [value, mass] : chances) {
            if (sum < 0.1) at.low = value;
            if (sum < 0.9) at.high = value;
            sum += mass;
        }
        return at;
    }

  private:
    [[nodiscard]] double massAt(std::size_t ceiling, std::size_t width) const {
        return m_mass[ceiling * kWidths.size() + width];
    }

    void weigh(const std::map<double, Weights>& heard, double middle) {
        std::vector<double> logs;
        for (const double ceiling : m_ceilings)
            for (std::size_t k = 0; k < kWidths.size(); ++k) {
                // Before anything was heard the ceiling is about where one practises.
                double sum = std::log(kWidthPriors.at(k)) - 0.5 * std::pow(std::log(ceiling / middle) / 0.35, 2.0);
                for (const auto& [tempo, weights] : heard) {
                    const double p = chance(tempo, ceiling, kWidths.at(k));
                    sum += weights.clean * std::log(p) + weights.missed * std::log(1 - p);
                }
                logs.push_back(sum);
            }
        const double most = *std::max_element(logs.begin(), logs.end());
        double all = 0;
        for (const double log : logs) all += m_mass.emplace_back(std::exp(log - most));
        for (double& mass : m_mass) mass /= all;
    }

    std::vector<double> m_ceilings;
    std::vector<double> m_mass;
};

bool isBracketed(const std::vector<PastTake>& takes, double ceiling) {
    return std::any_of(takes.begin(), takes.end(),
                       [ceiling](const PastTake& take) { return take.clean == 1 && take.tempoBpm <= ceiling; }) &&
           std::any_of(takes.begin(), takes.end(),
                       [ceiling](const PastTake& take) { return take.clean < 1 && take.tempoBpm > ceiling; });
}

}  // namespace

std::optional<Ceiling> ceilingOf(const std::vector<PastTake>& takes) {
    constexpr std::size_t kFewest = 4;
    if (takes.size() < kFewest) return std::nullopt;
    const Grid grid(takes);
    Ceiling ceiling;
    ceiling.bpm = {grid.ceilingAt(0.5), grid.ceilingAt(0.1), grid.ceilingAt(0.9), static_cast<int>(takes.size())};
    ceiling.isBracketed = isBracketed(takes, ceiling.bpm.value);
    constexpr int kFromHalf = 40;  // eightieths of the ceiling
    constexpr int kToAThirdAbove = 108;
    for (int share = kFromHalf; share <= kToAThirdAbove; ++share) {
        ceiling.curve.push_back(grid.chanceAt(share / 80.0 * ceiling.bpm.value));
        if (ceiling.curve.back().chance >= 0.9) ceiling.easyBpm = ceiling.curve.back().tempoBpm;
    }
    return ceiling;
}

}  // namespace upbeat
