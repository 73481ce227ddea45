#pragma once

#include <map>
#include <span>
#include <string>
#include <vector>

#include "labelled.h"

namespace upbeat::bench {

/// How well hits fit the labels, summed over any number of takes.
struct Score {
    int found = 0;
    int extra = 0;
    int lost = 0;
    int ghostsFound = 0;
    int ghosts = 0;
    int gracePairsFound = 0;
    int gracePairs = 0;
    int wrongPartners = 0;  ///< Labels matched to another written stroke than their own.
    int partners = 0;
    std::map<std::string, std::vector<double>> onsetMs;  ///< Errors by voice.
    std::vector<double> levelDb;
    std::vector<double> graceSpacingMs;
    std::vector<double> swingErrors;  ///< Ratio measured less ratio played, one a swung take.

    Score& operator+=(const Score& other);
    [[nodiscard]] double f() const;
    /// Robust deviation of the onset errors about each voice's own median.
    [[nodiscard]] double onsetDeviationMs() const;
    /// Largest and smallest median of any voice with at least 20 hits.
    [[nodiscard]] std::pair<double, double> voiceMediansMs() const;
};

/// One-to-one within 25 ms, nearest first. Labels within 8 ms of one another are one event; bounces of closed rolls are
/// not events, and hits among them are not counted.
[[nodiscard]] Score scoreTake(const LabelledTake& take);

}  // namespace upbeat::bench
