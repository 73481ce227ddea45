#include "upbeat/season/ceiling_filter.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr std::size_t kGuesses = 2000;
constexpr double kAccident = 0.02;  // a clean take far too fast, a slip far below the ceiling
constexpr double kFormOfADay = 0.015;

/// How much a take may teach of what is left; now and then nothing does.
double anyPerTake(Random& random, double stalls) {
    return random.uniform() < stalls ? 0 : 0.003 * std::exp(0.9 * random.normal());
}

PlayerGuess anyPlayer(double tempoBpm, Random& random) {
    PlayerGuess guess;
    guess.logCeiling = std::log(tempoBpm) + 0.05 + 0.3 * random.normal();
    guess.width = 0.035 * std::exp(0.6 * random.normal());
    guess.logEnd = guess.logCeiling - 1.5 * std::log(1 - random.uniform());
    guess.perTake = anyPerTake(random, 0.08);
    guess.perNight = -0.004 * std::log(1 - random.uniform());
    guess.form = kFormOfADay * random.normal();
    return guess;
}

double chanceOf(const PlayerGuess& guess, double logTempo, double form) {
    const double z = (logTempo - guess.logCeiling - form) / guess.width;
    return kAccident + (1 - 2 * kAccident) / (1 + std::exp(z));
}

/// Of weighed values, where so many shares of the weight lie below.
double quantileOf(const std::vector<std::pair<double, double>>& sorted, double share) {
    double sum = 0;
    for (const auto& [value, weight] : sorted)
        if ((sum += weight) >= share) return value;
    return sorted.back().first;
}

template <class Value>
std::vector<std::pair<double, double>> sortedBy(const std::vector<PlayerGuess>& guesses, Value value) {
    std::vector<std::pair<double, double>> all;
    all.reserve(guesses.size());
    for (const PlayerGuess& guess : guesses) all.emplace_back(value(guess), guess.weight);
    std::sort(all.begin(), all.end());
    return all;
}

}  // namespace

CeilingFilter::CeilingFilter(double tempoBpm) : m_random(20261128) {
    for (std::size_t i = 0; i < kGuesses; ++i) {
        m_guesses.push_back(anyPlayer(tempoBpm, m_random));
        m_guesses.back().weight = 1.0 / kGuesses;
    }
}

void CeilingFilter::heard(double tempoBpm, double clean) {
    constexpr double kReach = 0.2;  // a tempo farther away teaches nothing
    constexpr double kUneven = 0.001;
    const double logTempo = std::log(tempoBpm);
    double all = 0;
    for (PlayerGuess& guess : m_guesses) {
        const double p = chanceOf(guess, logTempo, guess.form);
        guess.weight *= std::pow(p, clean) * std::pow(1 - p, 1 - clean);
        all += guess.weight;
        if (std::abs(logTempo - guess.logCeiling) < kReach) guess.learn(1);
        guess.logCeiling += kUneven * m_random.normal();
    }
    double squares = 0;
    for (PlayerGuess& guess : m_guesses) {
        guess.weight /= all;
        squares += guess.weight * guess.weight;
    }
    if (1 / squares < 0.5 * kGuesses) drawAnew();
    ++m_takes;
    if (clean == 1) m_slowestClean = std::min(m_slowestClean.value_or(tempoBpm), tempoBpm);
    if (clean == 0) m_fastestMissed = std::max(m_fastestMissed.value_or(tempoBpm), tempoBpm);
}

/// Systematic resampling; what does not change by itself is shaken a little, so that guesses stay different.
void CeilingFilter::drawAnew() {
    std::vector<PlayerGuess> drawn;
    drawn.reserve(kGuesses);
    const double step = 1.0 / kGuesses;
    double at = step * m_random.uniform();
    double sum = 0;
    for (const PlayerGuess& guess : m_guesses) {
        sum += guess.weight;
        for (; at < sum && drawn.size() < kGuesses; at += step) {
            PlayerGuess& next = drawn.emplace_back(guess);
            next.width = std::clamp(next.width * std::exp(0.05 * m_random.normal()), 0.008, 0.2);
            next.perTake *= std::exp(0.05 * m_random.normal());
            next.logEnd += 0.01 * m_random.normal();
            next.perNight *= std::exp(0.05 * m_random.normal());
            next.weight = step;
        }
    }
    while (drawn.size() < kGuesses) drawn.push_back(drawn.back());
    m_guesses = std::move(drawn);
}

void CeilingFilter::nights(int nights) {
    if (nights <= 0) return;
    for (PlayerGuess& guess : m_guesses) passNights(guess, nights, m_random);
}

void PlayerGuess::learn(double takes) {
    logCeiling += std::max(0.0, logEnd - logCeiling) * (1 - std::exp(-perTake * takes));
}

void passNights(PlayerGuess& guess, int nights, Random& random) {
    constexpr double kTurn = 0.004;  // a night after which one learns otherwise than before it
    constexpr double kStalls = 0.3;
    constexpr int kForgotten = 30;  // nights; what is left then stays
    const int count = std::min(nights, kForgotten);
    guess.logCeiling -= guess.perNight * count;
    guess.logCeiling += 0.003 * std::sqrt(static_cast<double>(count)) * random.normal();
    guess.form = kFormOfADay * random.normal();
    if (random.uniform() < 1 - std::pow(1 - kTurn, count)) guess.perTake = anyPerTake(random, kStalls);
}

Figure CeilingFilter::guessedBpm() const {
    const auto all = sortedBy(m_guesses, [](const PlayerGuess& guess) { return guess.logCeiling; });
    return {std::exp(quantileOf(all, 0.5)), std::exp(quantileOf(all, 0.1)), std::exp(quantileOf(all, 0.9)), m_takes};
}

std::optional<Figure> CeilingFilter::bpm() const {
    constexpr int kFewest = 4;
    const Figure guessed = guessedBpm();
    const bool isBracketed =
        m_slowestClean && m_fastestMissed && *m_slowestClean <= guessed.value && *m_fastestMissed >= guessed.value;
    if (m_takes < kFewest || !isBracketed) return std::nullopt;
    return guessed;
}

ChanceAt CeilingFilter::chanceAt(double tempoBpm) const {
    const double logTempo = std::log(tempoBpm);
    const auto all = sortedBy(m_guesses, [logTempo](const PlayerGuess& guess) { return chanceOf(guess, logTempo, 0); });
    ChanceAt at{tempoBpm};
    for (const auto& [chance, weight] : all) at.chance += chance * weight;
    at.low = quantileOf(all, 0.1);
    at.high = quantileOf(all, 0.9);
    return at;
}

double cleanShare(const std::vector<Gate>& gates) {
    if (isClean(gates)) return 1;
    return worstMissed(gates) ? 0 : 0.5;
}

}  // namespace upbeat
