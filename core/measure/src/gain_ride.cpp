#include "upbeat/measure/gain_ride.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

#include "upbeat/units/order_statistics.h"

namespace upbeat {

namespace {

constexpr std::size_t kFewest = 16;
constexpr double kMostLevelDb = 15;  // one wild stroke must not decide
constexpr double kMostPastDb = 20;

/// A stroke: its level, and the strokes it is compared with.
struct Sounded {
    double timeS = 0;
    double levelDb = 0;
    int kind = 0;
    int place = 0;
};

std::vector<Sounded> soundedStrokes(const MatchedTake& take) {
    std::vector<Sounded> list;
    for (const MatchedStroke& s : take.strokes) {
        const Hit& hit = take.hits[static_cast<std::size_t>(s.hit)];
        if (s.written.role != Role::Main || hit.exact || (s.shared && !s.carries)) continue;
        const int kind = static_cast<int>(s.stroke.voice) * 8 + static_cast<int>(s.stroke.level);
        list.push_back({hit.timeS, s.levelDb, kind, s.written.stroke});
    }
    std::sort(list.begin(), list.end(), [](const Sounded& a, const Sounded& b) { return a.timeS < b.timeS; });
    return list;
}

/// What still acts of all hits before each stroke, forgotten within `decayS`, in dB.
std::vector<double> pastDb(const std::vector<Sounded>& strokes, const std::vector<Hit>& hits, double decayS) {
    constexpr double kLeast = 1e-9;
    constexpr double kItselfS = 1e-4;
    std::vector<double> past;
    double energy = 0;
    double atS = 0;
    const auto forgetTo = [&](double timeS) { energy *= std::exp((atS - timeS) / decayS), atS = timeS; };
    auto hit = hits.begin();
    for (const Sounded& s : strokes) {
        for (; hit != hits.end() && hit->timeS < s.timeS - kItselfS; ++hit) {
            forgetTo(hit->timeS);
            energy += std::pow(10.0, hit->levelDb / 10);
        }
        forgetTo(s.timeS);
        past.push_back(10 * std::log10(energy + kLeast));
    }
    return past;
}

/// Each value less the median of its group, within `most`; nothing where the group has fewer than `fewest`.
std::vector<std::optional<double>> centred(const std::vector<double>& values, const std::vector<int>& groups,
                                           std::size_t fewest, double most) {
    std::map<int, std::vector<double>> members;
    for (std::size_t i = 0; i < values.size(); ++i) members[groups[i]].push_back(values[i]);
    std::map<int, double> middles;
    for (const auto& [group, all] : members)
        if (all.size() >= fewest) middles[group] = median(all);
    std::vector<std::optional<double>> result(values.size());
    for (std::size_t i = 0; i < values.size(); ++i)
        if (const auto middle = middles.find(groups[i]); middle != middles.end())
            result[i] = std::clamp(values[i] - middle->second, -most, most);
    return result;
}

/// Fisher's z of the correlation, in its standard deviations.
double deviate(const std::vector<std::optional<double>>& x, const std::vector<std::optional<double>>& y) {
    double n = 0, sx = 0, sy = 0, xx = 0, yy = 0, xy = 0;
    for (std::size_t i = 0; i < x.size(); ++i) {
        if (!x[i]) continue;
        n += 1, sx += *x[i], sy += *y[i], xx += *x[i] * *x[i], yy += *y[i] * *y[i], xy += *x[i] * *y[i];
    }
    if (n < kFewest) return 0;
    const double spread = std::sqrt((xx - sx * sx / n) * (yy - sy * sy / n));
    constexpr double kMost = 0.99;
    const double r = spread > 0 ? std::clamp((xy - sx * sy / n) / spread, -kMost, kMost) : 0;
    return std::atanh(r) * std::sqrt(n - 3);
}

}  // namespace

double gainRideEvidence(const MatchedTake& take) {
    constexpr std::array kDecaysS{0.15, 0.4, 1.0, 3.0};
    constexpr std::size_t kFewestOfAKind = 6;
    constexpr std::size_t kFewestPasses = 3;
    constexpr double kMostByKind = 4;  // habits of the player show there, too
    const auto strokes = soundedStrokes(take);
    std::vector<double> levels;
    std::vector<int> kinds;
    std::vector<int> places;
    for (const Sounded& s : strokes) levels.push_back(s.levelDb), kinds.push_back(s.kind), places.push_back(s.place);
    double byKind = 0;
    double byPlace = 0;
    for (const double decayS : kDecaysS) {
        const auto past = pastDb(strokes, take.hits, decayS);
        byKind = std::min(byKind, deviate(centred(levels, kinds, kFewestOfAKind, kMostLevelDb),
                                          centred(past, kinds, kFewestOfAKind, kMostPastDb)));
        byPlace = std::min(byPlace, deviate(centred(levels, places, kFewestPasses, kMostLevelDb),
                                            centred(past, places, kFewestPasses, kMostPastDb)));
    }
    return std::max(byKind, -kMostByKind) + byPlace;
}

bool gainRides(const MatchedTake& take) {
    constexpr double kSure = -6.5;  // no take of steady gain went below -6.1
    return gainRideEvidence(take) < kSure;
}

}  // namespace upbeat
