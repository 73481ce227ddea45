#include "upbeat/align/foreign_sounds.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "sound_look.h"
#include "upbeat/units/order_statistics.h"

namespace upbeat {

namespace {

constexpr std::size_t kFewestExamples = 24;
constexpr std::size_t kMostExamples = 400;
constexpr std::size_t kNeighbour = 5;

/// How much each figure of a look speaks for a stroke.
struct Weights {
    BandValues decay;
    BandValues before;
    BandValues slope;
    BandValues balance;
    BandValues sustain;
    BandValues shape;
    double strength;
    double contrast;
    double distance;
    double relativeDistance;
    double level;
    double bias;
};

/// A stroke and not a voice. Found on the tuning takes with three voices counting along at three levels (logistic
/// regression, a twentieth of the written strokes would be refused at 0 if nobody had written them); other voices and
/// takes decided what to keep.
constexpr Weights kNoVoice{{0.1018, 0.0511, -0.1261, 0.0435, -0.0319, 0.0171, -0.0096, 0.0301},
                           {0.0159, 0.0415, -0.0185, 0.0204, -0.0275, 0.0309, -0.0366, 0.0444},
                           {0.0210, 0.0146, -0.0027, 0.0142, 0.0094, -0.0197, 0.0115, 0.0857},
                           {0.0192, 0.1308, -0.0191, 0.1584, -0.0315, -0.1658, 0.1997, 0.1135},
                           {0.0312, 0.0025, 0.0023, 0.0174, -0.0445, -0.0317, -0.0023, 0.0660},
                           {0.0175, -0.0321, -0.0394, -0.0265, -0.0350, -0.0686, -0.0115, 0.0019},
                           -1.8095,
                           -0.0237,
                           -0.8839,
                           0.6298,
                           0.1062,
                           8.1107};
/// A stroke and not a thing: feet on the floor, paper, a chair, breath, found in the same way.
constexpr Weights kNoThing{{-0.0178, 0.0082, -0.0320, -0.0014, 0.0054, 0.0573, 0.0085, 0.0189},
                           {},
                           {},
                           {-0.0011, 0.0781, 0.0387, -0.0085, 0.1204, -0.0010, 0.2639, -0.0858},
                           {0.0356, 0.0144, -0.0302, -0.0224, -0.0095, 0.0199, -0.0227, 0.0374},
                           {},
                           -1.6824,
                           0.0307,
                           -0.5538,
                           0.0362,
                           0.0366,
                           10.37};

/// The strokes of the take, as they were matched.
class Examples {
  public:
    explicit Examples(const std::vector<const Look*>& written) {
        const std::size_t every = written.size() / kMostExamples + 1;
        for (std::size_t i = 0; i < written.size(); i += every) m_looks.push_back(written[i]);
        std::vector<double> levels;
        for (const Look* look : m_looks) {
            m_usual.push_back(distanceTo(*look));
            levels.push_back(look->levelDb);
        }
        std::nth_element(m_usual.begin(), m_usual.begin() + std::ssize(m_usual) / 2, m_usual.end());
        std::sort(levels.begin(), levels.end());
        m_softDb = levels[levels.size() / 10];
    }

    /// To the sixth nearest of them, itself left out.
    [[nodiscard]] double distanceTo(const Look& look) const {
        std::vector<double> all;
        for (const Look* other : m_looks)
            if (other != &look) all.push_back(apart(look, *other));
        const auto at = all.begin() + static_cast<std::ptrdiff_t>(std::min(kNeighbour, all.size() - 1));
        std::nth_element(all.begin(), at, all.end());
        return *at;
    }
    [[nodiscard]] double usual() const { return m_usual[m_usual.size() / 2]; }
    [[nodiscard]] double softDb() const { return m_softDb; }

  private:
    std::vector<const Look*> m_looks;
    std::vector<double> m_usual;
    double m_softDb = 0;
};

double weigh(const Weights& w, const Look& look, double distance, const Examples& examples) {
    double sum = w.bias + w.strength * look.strength + w.contrast * look.contrastDb + w.distance * distance +
                 w.relativeDistance * distance / std::max(examples.usual(), 1e-6) +
                 w.level * (look.levelDb - examples.softDb());
    const auto add = [&sum](const BandValues& weights, const BandValues& values) {
        for (std::size_t b = 0; b < kBands; ++b) sum += weights[b] * values[b];
    };
    add(w.decay, look.decay);
    add(w.before, look.before);
    add(w.slope, look.slope);
    add(w.balance, look.balance);
    add(w.sustain, look.sustain);
    add(w.shape, look.shape);
    return sum;
}

/// The likeness from which on something that nobody wrote is rather a stroke than not: where somebody counts aloud it
/// has to be surer than where a player plays too much. How many are strokes, the likenesses of all tell (expectation
/// maximisation over their share); one of each kind is always expected. Where they do not prove together that there are
/// others than strokes, only what is very unlike one: in a quiet room a player's own surplus strokes must not vanish.
double leastOfAStroke(const std::vector<double>& ofUnwritten) {
    constexpr int kRounds = 20;
    constexpr double kProof = 5;        // log likelihood against strokes alone
    constexpr double kVeryUnlike = -3;  // surplus strokes of simulated players: 2 of 110 below it
    double odds = 1;
    for (int k = 0; k < kRounds; ++k) {
        double strokes = 1;
        for (const double l : ofUnwritten) strokes += 1 / (1 + std::exp(-l) / odds);
        odds = strokes / (static_cast<double>(ofUnwritten.size()) + 2 - strokes);
    }
    double proof = 0;
    for (const double l : ofUnwritten) proof += std::log((odds + std::exp(-l)) / (odds + 1));
    const double least = -std::log(odds);
    return proof < kProof ? std::min(least, kVeryUnlike) : least;
}

/// What was written is asked only whether it is a voice: a floor tom looks like a foot.
double likenessOf(const Look& look, const Examples& examples, bool isWritten) {
    const double distance = examples.distanceTo(look);
    const double noVoice = weigh(kNoVoice, look, distance, examples);
    return isWritten ? noVoice : std::min(noVoice, weigh(kNoThing, look, distance, examples));
}

std::vector<bool> writtenOnes(const MatchedTake& take) {
    std::vector<bool> written(take.hits.size());
    for (const MatchedStroke& s : take.strokes) written[static_cast<std::size_t>(s.hit)] = true;
    return written;
}

}  // namespace

std::vector<std::optional<double>> likenessToStrokes(const MatchedTake& take) {
    std::vector<std::optional<double>> likeness(take.hits.size());
    const auto written = writtenOnes(take);
    std::vector<Look> looks(take.hits.size());
    std::vector<const Look*> examples;
    for (std::size_t i = 0; i < take.hits.size(); ++i) {
        if (take.hits[i].patch.isEmpty()) continue;
        looks[i] = lookOf(take.hits[i]);
        if (written[i]) examples.push_back(&looks[i]);
    }
    if (examples.size() < kFewestExamples) return likeness;
    const Examples known(examples);
    for (std::size_t i = 0; i < take.hits.size(); ++i)
        if (!take.hits[i].patch.isEmpty()) likeness[i] = likenessOf(looks[i], known, written[i]);
    return likeness;
}

namespace {

/// A drum whose strokes all look foreign is a drum. By hit, by how much the likeness of its drum falls short where it
/// was written; 0 for the others.
std::vector<double> shortfalls(const MatchedTake& take, const std::vector<std::optional<double>>& likeness) {
    std::map<Voice, std::vector<double>> byVoice;
    for (const MatchedStroke& s : take.strokes)
        if (const auto& like = likeness[static_cast<std::size_t>(s.hit)]) byVoice[s.stroke.voice].push_back(*like);
    std::map<Voice, double> shortOf;
    for (const auto& [voice, likes] : byVoice) shortOf[voice] = std::max(0.0, -median(likes));
    std::vector<double> shortfall(take.hits.size(), 0.0);
    for (const MatchedStroke& s : take.strokes) {
        double& most = shortfall[static_cast<std::size_t>(s.hit)];
        most = std::max(most, shortOf[s.stroke.voice]);
    }
    return shortfall;
}

}  // namespace

std::optional<HeardTake> markForeign(const MatchedTake& take, const HeardTake& heard) {
    constexpr double kMostUnlike = 2;
    constexpr double kCymbalDb = 20;  // where a stroke is written, no voice rises so far above all vowels
    const auto written = writtenOnes(take);
    if (std::find(written.begin(), written.end(), false) == written.end()) return std::nullopt;
    const auto likeness = likenessToStrokes(take);
    std::vector<double> ofUnwritten;
    for (std::size_t i = 0; i < take.hits.size(); ++i)
        if (likeness[i] && !written[i]) ofUnwritten.push_back(*likeness[i]);
    const double least = leastOfAStroke(ofUnwritten);
    const auto isUnlike = [least](double l) { return l < least; };
    if (std::none_of(ofUnwritten.begin(), ofUnwritten.end(), isUnlike)) return std::nullopt;

    const auto shortfall = shortfalls(take, likeness);
    // Onsets may have been sharpened in the matching; where the novelty peaks stays.
    std::map<double, std::size_t> places;
    for (std::size_t i = 0; i < take.hits.size(); ++i)
        if (likeness[i]) places[take.hits[i].peakS] = i;
    HeardTake marked = heard;
    for (Hit& hit : marked.hits) {
        const auto place = places.find(hit.peakS);
        if (place == places.end()) continue;
        const double like = *likeness[place->second] + shortfall[place->second];
        const bool isWritten = written[place->second];
        hit.unlike = std::clamp(-like, 0.0, kMostUnlike);
        hit.foreign = isWritten ? like < std::min(least, 0.0) && hit.topDb < kCymbalDb : like < least;
    }
    return marked;
}

}  // namespace upbeat
