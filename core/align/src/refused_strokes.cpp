#include "upbeat/align/refused_strokes.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>
#include <tuple>

#include "upbeat/align/foreign_sounds.h"
#include "upbeat/units/order_statistics.h"

namespace upbeat {

namespace {

constexpr double kAroundS = 2.0;
constexpr double kFinestMs = 1.0;    // nobody is known to strike nearer than that
constexpr std::size_t kOneIn = 40;   // fewer foreign sounds among the strokes are a word or two
constexpr double kLeastOdds = 1.75;  // from 1 to 2.5 F is the same within 0.001 on eight tuning sets

/// Log odds that it is a stroke: logistic regression over the strokes of four tuning sets with two voices. (Fitted on
/// eight with seven voices they are the same within a tenth, that of the likeness 0.42.)
constexpr double kBias = 3.1;
constexpr double kPerSpreadSquared = -0.32;  // no more than six spreads count
constexpr double kPerLouderDb = 0.145;       // nor more than 20 dB
constexpr double kPerTopDb = 0.25;           // nor more than 25 dB
constexpr double kPerLikeness = 0.35;        // nor more than 6

/// By stroke, the median of those of its kind.
template <class KindOf>
std::vector<double> usualOfKind(const MatchedTake& take, const std::vector<double>& values, KindOf kindOf) {
    using Kind = decltype(kindOf(take.strokes.front()));
    std::map<Kind, std::vector<double>> lists;
    for (std::size_t i = 0; i < values.size(); ++i) lists[kindOf(take.strokes[i])].push_back(values[i]);
    std::map<Kind, double> middles;
    for (auto& [kind, list] : lists) middles[kind] = median(std::move(list));
    std::vector<double> usual;
    usual.reserve(values.size());
    for (const MatchedStroke& s : take.strokes) usual.push_back(middles[kindOf(s)]);
    return usual;
}

/// By stroke, how late the main strokes around it are.
std::vector<double> latenessAround(const MatchedTake& take) {
    const auto& strokes = take.strokes;
    std::vector<double> around;
    around.reserve(strokes.size());
    for (std::size_t i = 0, from = 0; i < strokes.size(); ++i) {
        const double atS = strokes[i].written.gridS;
        while (strokes[from].written.gridS < atS - kAroundS) ++from;
        std::vector<double> offsets;
        for (std::size_t k = from; k < strokes.size() && strokes[k].written.gridS <= atS + kAroundS; ++k)
            if (strokes[k].written.role == Role::Main) offsets.push_back(strokes[k].offsetMs);
        around.push_back(median(std::move(offsets)));
    }
    return around;
}

/// How far each stroke is from where this player is then and with this voice, in spreads of the take.
std::vector<double> awayInSpreads(const MatchedTake& take) {
    std::vector<double> away = latenessAround(take);
    for (std::size_t i = 0; i < away.size(); ++i) away[i] = take.strokes[i].offsetMs - away[i];
    const auto usual =
        usualOfKind(take, away, [](const MatchedStroke& s) { return std::pair(s.stroke.voice, s.written.role); });
    std::vector<double> ofMain;
    for (std::size_t i = 0; i < away.size(); ++i) {
        away[i] = std::abs(away[i] - usual[i]);
        if (take.strokes[i].written.role == Role::Main) ofMain.push_back(away[i]);
    }
    const double spreadMs = 1.4826 * median(std::move(ofMain)) + kFinestMs;
    for (double& a : away) a /= spreadMs;
    return away;
}

std::vector<double> louderThanItsKindDb(const MatchedTake& take) {
    std::vector<double> louder;
    louder.reserve(take.strokes.size());
    for (const MatchedStroke& s : take.strokes) louder.push_back(s.levelDb);
    const auto usual = usualOfKind(take, louder, [](const MatchedStroke& s) {
        return std::tuple(s.stroke.voice, s.written.role, s.stroke.level);
    });
    for (std::size_t i = 0; i < louder.size(); ++i) louder[i] -= usual[i];
    return louder;
}

double oddsOfAStroke(double away, double louderDb, double topDb, double likeness) {
    return kBias + kPerSpreadSquared * std::pow(std::min(away, 6.0), 2) +
           kPerLouderDb * std::clamp(louderDb, -20.0, 20.0) + kPerTopDb * std::min(topDb, 25.0) +
           kPerLikeness * std::clamp(likeness, -6.0, 6.0);
}

}  // namespace

std::optional<HeardTake> refuseWritten(const MatchedTake& take, const HeardTake& heard) {
    if (take.pale.size() * kOneIn < take.strokes.size()) return std::nullopt;
    const auto likeness = likenessToStrokes(take);
    const auto away = awayInSpreads(take);
    const auto louderDb = louderThanItsKindDb(take);
    std::set<double> refused;  // where the novelty peaks: onsets may have been sharpened in the matching
    for (std::size_t i = 0; i < take.strokes.size(); ++i) {
        const auto j = static_cast<std::size_t>(take.strokes[i].hit);
        if (likeness[j] && oddsOfAStroke(away[i], louderDb[i], take.hits[j].topDb, *likeness[j]) < kLeastOdds)
            refused.insert(take.hits[j].peakS);
    }
    if (refused.empty()) return std::nullopt;
    HeardTake marked = heard;
    for (Hit& hit : marked.hits)
        if (refused.count(hit.peakS) > 0) hit.foreign = hit.refused = true;
    return marked;
}

}  // namespace upbeat
