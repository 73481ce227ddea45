#pragma once

#include <optional>
#include <vector>

#include "upbeat/ladder/ladder.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/units/random.h"

namespace upbeat {

/// The chance of a clean take at a tempo, with its 80 % interval; 0 to 1.
struct ChanceAt {
    double tempoBpm = 0;
    double chance = 0;
    double low = 0;
    double high = 0;
};

/// One way the player may stand and learn, of the many that are weighed.
struct PlayerGuess {
    double logCeiling = 0;  ///< Of the tempo at which a clean take is an even chance.
    double width = 0.04;    ///< Of the fall of the chance over the tempo, a share of the ceiling.
    double logEnd = 0;      ///< Where it will come to, the way it is practised.
    double perTake = 0;     ///< Share of what is left to there that a take teaches; 0 while nothing moves.
    double perNight = 0;    ///< Share that a night takes away.
    double form = 0;        ///< Of the day, a share of the ceiling.
    double weight = 1;

    /// What so many takes near the ceiling teach.
    void learn(double takes);
};

/// Follows the ceiling of one exercise take by take, with what it grows by: two thousand guesses are weighed by what
/// was heard and drawn anew from those that fit (a particle filter: Gordon, Salmond and Smith 1993). The chance of a
/// clean take falls with the tempo as a logistic curve (Treutwein 1995), with a share of accidents at either end.
class CeilingFilter {
  public:
    /// `tempoBpm`: of the first take. Before anything was heard the ceiling is about where one practises.
    explicit CeilingFilter(double tempoBpm);

    /// A take: 1 clean, 0 something was missed, between them where it is not sure.
    void heard(double tempoBpm, double clean);
    /// So many nights before the next one.
    void nights(int nights);

    /// Where a clean take is an even chance, with its 80 % interval; none before four takes, or while none was clean
    /// below it or all were clean.
    [[nodiscard]] std::optional<Figure> bpm() const;
    /// The same, however much of it is a guess; `n` is the number of takes.
    [[nodiscard]] Figure guessedBpm() const;
    [[nodiscard]] ChanceAt chanceAt(double tempoBpm) const;
    [[nodiscard]] const std::vector<PlayerGuess>& guesses() const { return m_guesses; }

  private:
    void drawAnew();

    std::vector<PlayerGuess> m_guesses;
    Random m_random;
    int m_takes = 0;
    std::optional<double> m_slowestClean;
    std::optional<double> m_fastestMissed;
};

/// So many nights pass for one guess: something fades, the form of the day is new, and now and then it goes on faster,
/// slower or not at all.
void passNights(PlayerGuess& guess, int nights, Random& random);

/// Of a take, for the filter: 1 clean, 0 a gate was missed, a half where neither is sure.
[[nodiscard]] double cleanShare(const std::vector<Gate>& gates);

}  // namespace upbeat
