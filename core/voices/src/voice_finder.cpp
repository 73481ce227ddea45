#include "upbeat/voices/voice_finder.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "cells.h"
#include "part_times.h"
#include "upbeat/signal/novelty.h"
#include "upbeat/signal/sharpen.h"

namespace upbeat {

namespace {

/// Frames by which a voice may come after the onset of the hit. Before it only where that onset is not clear: the wires
/// of a soft snare are heard where its stick was lost.
constexpr std::array<int, 8> kDelays{0, 5, 10, 15, -5, -10, -15, -20};
constexpr std::size_t kTogether = 0;
constexpr std::size_t kFirstEarlier = 4;
constexpr std::size_t kFarApart = 2;
constexpr float kEarlierPrice = 6.0F;
constexpr float kToleranceDb = 3.5F;  // strokes of one voice differ by this much from cell to cell
constexpr float kMostMisfit = 16.0F;  // a cell counts no more than four tolerances
constexpr float kPrice = 14.0F;       // what a further voice must explain
constexpr float kFaintPrice = 5.0F;   // what it must explain to count where the page asks for it
constexpr float kSureAt = 40.0F;      // from here on it stands on its own
constexpr std::size_t kMostVoices = 3;
constexpr std::size_t kLikely = 5;  // one of two voices at once also explains the hit best alone

/// Soft, middle and loud strokes of a voice, each as the median of some taught ones.
struct Base {
    Voice voice = Voice::Pad;
    std::array<Cells, kDelays.size()> cells{};
    Course course{};
    float softest = 0;  ///< Gain of the softest stroke it was taught with.
};

struct Part {
    const Base* base = nullptr;
    std::size_t delay = 0;
    float gain = 0;
};

struct Mixture {
    std::vector<Part> parts;
    float misfit = std::numeric_limits<float>::infinity();

    [[nodiscard]] float cost() const {
        float price = kPrice * static_cast<float>(parts.size());
        for (const Part& part : parts)
            if (part.delay >= kFirstEarlier) price += kEarlierPrice;
        return misfit + price;
    }
};

/// Two hands and two feet, and nobody strikes one instrument twice at once.
bool canBeStruckTogether(const std::vector<Part>& parts, Voice more) {
    std::size_t hands = isStruckByFoot(more) ? 0 : 1;
    for (const Part& part : parts) {
        if (instrumentOf(part.base->voice) == instrumentOf(more)) return false;
        if (!isStruckByFoot(part.base->voice)) ++hands;
    }
    return hands <= 2;
}

/// The parts' bases with the cells that are not used at zero, so that every loop runs over all cells.
struct Bases {
    std::array<Cells, kMostVoices + 1> cells;
    std::size_t count = 0;

    Bases(const HeardCells& heard, const std::vector<Part>& parts) : count(parts.size()) {
        for (std::size_t p = 0; p < count; ++p) {
            const Cells& base = parts[p].base->cells[parts[p].delay];
            for (std::size_t c = 0; c < kCells; ++c) cells[p][c] = c < heard.used ? base[c] : 0;
        }
    }

    [[nodiscard]] Cells model(const HeardCells& heard, const std::vector<Part>& parts) const {
        Cells model = heard.background;
        for (std::size_t p = 0; p < count; ++p)
            for (std::size_t c = 0; c < kCells; ++c) model[c] += parts[p].gain * cells[p][c];
        return model;
    }
};

float misfitOf(const HeardCells& heard, const Cells& model) {
    float misfit = 0;
    for (std::size_t c = 0; c < heard.used; ++c) {
        const float db = 10.0F * std::log10(heard.energy[c] / model[c]) / kToleranceDb;
        misfit += std::min(kMostMisfit, db * db);
    }
    return misfit;
}

float misfitOf(const HeardCells& heard, const std::vector<Part>& parts) {
    return misfitOf(heard, Bases(heard, parts).model(heard, parts));
}

Mixture fitted(const HeardCells& heard, std::vector<Part> parts) {
    constexpr int kRounds = 12;
    const Bases bases(heard, parts);
    float rise = 0;
    for (std::size_t c = 0; c < heard.used; ++c)
        rise += std::sqrt(std::max(0.0F, heard.energy[c] - heard.background[c]));
    for (std::size_t p = 0; p < parts.size(); ++p) {
        float own = 1e-20F;
        for (std::size_t c = 0; c < heard.used; ++c) own += std::sqrt(bases.cells[p][c]);
        const float ratio = rise / own;
        parts[p].gain = std::max(1e-12F, ratio * ratio / static_cast<float>(parts.size()));
    }
    for (int round = 0; round < kRounds; ++round) {
        const Cells model = bases.model(heard, parts);
        Cells inverse;
        for (std::size_t c = 0; c < kCells; ++c) inverse[c] = 1.0F / model[c];
        for (std::size_t p = 0; p < parts.size(); ++p) {
            float pull = 0;
            float hold = 1e-20F;
            for (std::size_t c = 0; c < kCells; ++c) {
                const float share = bases.cells[p][c] * inverse[c];
                pull += share * heard.energy[c] * inverse[c];
                hold += share;
            }
            parts[p].gain *= std::sqrt(pull / hold);
        }
    }
    const float misfit = misfitOf(heard, bases.model(heard, parts));
    return {std::move(parts), misfit};
}

double levelOf(const Part& part) {
    return 10.0 * std::log10(static_cast<double>(part.gain));
}

/// Geometric middle of the strokes, cell by cell; a ring that is known of none of them is taken to be faint.
Cells middleOf(std::span<const Hit> strokes, int delay) {
    constexpr float kFaint = 0.1F;  // against the stretch before
    std::array<std::vector<float>, kCells> columns;
    for (const Hit& stroke : strokes) {
        const Cells cells = taughtCells(stroke, delay);
        const std::size_t known = isKnown(stroke.ring) ? kCells : kRing * kBands;
        for (std::size_t c = 0; c < known; ++c) columns[c].push_back(cells[c]);
    }
    Cells middle{};
    for (std::size_t c = 0; c < kCells; ++c) {
        auto& column = columns[c];
        if (column.empty()) {
            middle[c] = kFaint * middle[c - kBands];
            continue;
        }
        std::sort(column.begin(), column.end());
        middle[c] = std::sqrt(column[(column.size() - 1) / 2] * column[column.size() / 2]);
    }
    return middle;
}

std::vector<Base> basesOf(const TaughtVoice& taught) {
    std::vector<Hit> strokes;
    for (const Hit& hit : taught.strokes)
        if (!hit.patch.isEmpty()) strokes.push_back(hit);
    if (strokes.size() < kFewestTaught) return {};
    std::sort(strokes.begin(), strokes.end(), [](const Hit& a, const Hit& b) { return a.levelDb < b.levelDb; });
    const std::size_t groups = std::min<std::size_t>(3, strokes.size() / 2);
    const auto softest = static_cast<float>(std::pow(10.0, strokes.front().levelDb / 10.0));
    std::vector<Base> bases;
    for (std::size_t g = 0; g < groups; ++g) {
        const std::size_t from = g * strokes.size() / groups;
        const std::size_t to = (g + 1) * strokes.size() / groups;
        Base base{taught.voice, {}, {}, softest};
        const std::span<const Hit> some(strokes.data() + from, to - from);
        for (std::size_t d = 0; d < kDelays.size(); ++d) base.cells[d] = middleOf(some, kDelays[d]);
        base.course = courseOf(some);
        bases.push_back(base);
    }
    return bases;
}

}  // namespace

class VoiceFinder::Work {
  public:
    explicit Work(const TaughtKit& kit) {
        for (const TaughtVoice& voice : kit.voices) {
            auto bases = basesOf(voice);
            if (bases.empty()) continue;
            ++m_voices;
            m_bases.insert(m_bases.end(), bases.begin(), bases.end());
        }
    }

    [[nodiscard]] bool canTellApart() const { return m_voices >= 2; }

    [[nodiscard]] std::vector<Hit> voicesOf(const Hit& hit, double nextS) const {
        const int end = static_cast<int>((nextS - hit.timeS) / kFrameS) - 1;
        const HeardCells heard = heardCells(hit, std::max(end, 2));
        Mixture best = explain(heard, hit.contrastDb < kOwnOnsetDb ? kDelays.size() : kFirstEarlier,
                               hit.strength >= kFirmStrength);
        if (hit.strength >= kFirmStrength) addFaint(heard, best);
        std::vector<PartTime> times;
        times.reserve(best.parts.size());
        for (const Part& part : best.parts)
            times.push_back({&part.base->course, part.gain, static_cast<double>(kDelays[part.delay])});
        if (times.size() > 1) findPartTimes(hit, times, end);
        const std::uint32_t hides = hiddenBehind(heard, best);
        const bool doubtful = best.parts.size() > 1 || isDoubtful(heard, best);
        std::vector<Hit> voices;
        for (std::size_t p = 0; p < best.parts.size(); ++p) {
            Hit part = hit;
            part.voice = best.parts[p].base->voice;
            part.timeS += times[p].delay * kFrameS;
            if (best.parts.size() > 1) {
                part.levelDb = levelOf(best.parts[p]);
                part.patch = {};
                part.colour = part.ring = {};
                const float worth = without(heard, best, p).misfit - best.misfit;
                part.strength = std::min(hit.strength, kFirmStrength * static_cast<double>(worth / kSureAt));
            }
            part.hides = hides;
            part.doubtful = doubtful;
            voices.push_back(part);
        }
        return voices;
    }

  private:
    [[nodiscard]] Mixture explain(const HeardCells& heard, std::size_t delays, bool mixed) const {
        Mixture best;
        std::vector<std::pair<float, const Base*>> likely;
        for (const Base& base : m_bases) {
            Mixture alone = fitted(heard, {{&base, kTogether, 0}});
            likely.emplace_back(alone.misfit, &base);
            keepBetter(best, std::move(alone));
            for (std::size_t d = kFirstEarlier; d < delays; ++d) keepBetter(best, fitted(heard, {{&base, d, 0}}));
        }
        if (!mixed || best.misfit < kPrice) return best;  // nothing is left for another voice to explain
        const std::size_t few = std::min(kLikely, likely.size());
        std::partial_sort(likely.begin(), likely.begin() + static_cast<std::ptrdiff_t>(few), likely.end());
        for (std::size_t i = 0; i < few; ++i) keepBetter(best, bestPair(heard, *likely[i].second));
        if (best.parts.size() < 2) return best;
        best = withDelays(heard, best, delays);
        if (best.misfit < kPrice) return best;
        keepBetter(best, withOneMore(heard, best));
        return best.parts.size() > 2 ? withDelays(heard, best, delays) : best;
    }

    /// One more voice that explains something, if too little to be believed unasked.
    void addFaint(const HeardCells& heard, Mixture& best) const {
        if (best.parts.size() == kMostVoices) return;
        Mixture fuller = withOneMore(heard, best);
        if (!fuller.parts.empty() && fuller.misfit < best.misfit - kFaintPrice) best = std::move(fuller);
    }

    /// The best mixture with any further voice; no parts where none can be struck together with these.
    [[nodiscard]] Mixture withOneMore(const HeardCells& heard, const Mixture& mixture) const {
        Mixture fuller;
        for (const Base& base : m_bases) {
            if (!canBeStruckTogether(mixture.parts, base.voice)) continue;
            auto parts = mixture.parts;
            parts.push_back({&base, kTogether, 0});
            keepBetter(fuller, fitted(heard, parts));
        }
        return fuller;
    }

    [[nodiscard]] Mixture bestPair(const HeardCells& heard, const Base& one) const {
        constexpr std::array<std::pair<std::size_t, std::size_t>, 3> kOrders{
            {{kTogether, kTogether}, {kTogether, kFarApart}, {kFarApart, kTogether}}};
        Mixture best;
        for (const Base& other : m_bases) {
            if (!canBeStruckTogether({{&one, kTogether, 0}}, other.voice)) continue;
            for (const auto& [first, second] : kOrders)
                keepBetter(best, fitted(heard, {{&one, first, 0}, {&other, second, 0}}));
        }
        return best;
    }

    static void keepBetter(Mixture& best, Mixture&& other) {
        if (best.parts.empty() || (!other.parts.empty() && other.cost() < best.cost())) best = std::move(other);
    }

    /// The same voices, but not struck at quite the same time.
    [[nodiscard]] static Mixture withDelays(const HeardCells& heard, Mixture best, std::size_t delays) {
        for (std::size_t p = 0; p < best.parts.size(); ++p) {
            const Mixture centre = best;
            for (std::size_t d = 0; d < delays; ++d) {
                auto parts = centre.parts;
                parts[p].delay = d;
                const bool begins =
                    std::any_of(parts.begin(), parts.end(), [](const Part& x) { return kDelays[x.delay] <= 0; });
                if (begins) keepBetter(best, fitted(heard, parts));
            }
        }
        return best;
    }

    /// The instruments that could be there too, as soft as they were taught, without being noticed.
    [[nodiscard]] std::uint32_t hiddenBehind(const HeardCells& heard, const Mixture& best) const {
        std::uint32_t hidden = 0;
        for (const Base& base : m_bases) {
            if (!canBeStruckTogether(best.parts, base.voice)) continue;
            auto parts = best.parts;
            parts.push_back({&base, kTogether, base.softest});
            if (misfitOf(heard, parts) < best.misfit + kPrice) hidden |= bitOf(instrumentOf(base.voice));
        }
        return hidden;
    }

    /// Whether another instrument alone explains the hit almost as well.
    [[nodiscard]] bool isDoubtful(const HeardCells& heard, const Mixture& best) const {
        return std::any_of(m_bases.begin(), m_bases.end(), [&](const Base& base) {
            return instrumentOf(base.voice) != instrumentOf(best.parts.front().base->voice) &&
                   fitted(heard, {{&base, kTogether, 0}}).cost() < best.cost() + kPrice;
        });
    }

    [[nodiscard]] static Mixture without(const HeardCells& heard, const Mixture& mixture, std::size_t part) {
        auto parts = mixture.parts;
        parts.erase(parts.begin() + static_cast<std::ptrdiff_t>(part));
        return fitted(heard, parts);
    }

    std::vector<Base> m_bases;
    int m_voices = 0;
};

VoiceFinder::VoiceFinder(const TaughtKit& kit) : m_work(std::make_unique<Work>(kit)) {}
VoiceFinder::~VoiceFinder() = default;
VoiceFinder::VoiceFinder(VoiceFinder&&) noexcept = default;
VoiceFinder& VoiceFinder::operator=(VoiceFinder&&) noexcept = default;

bool VoiceFinder::canTellApart() const {
    return m_work->canTellApart();
}

std::vector<Hit> VoiceFinder::separate(std::span<const Hit> hits) const {
    std::vector<Hit> voices;
    for (std::size_t i = 0; i < hits.size(); ++i) {
        if (hits[i].patch.isEmpty() || !canTellApart()) {
            voices.push_back(hits[i]);
            continue;
        }
        double nextS = hits[i].timeS + 1.0;
        for (std::size_t k = i + 1; k < hits.size() && hits[k].timeS < nextS; ++k)
            if (hits[k].strength >= kFirmStrength) nextS = hits[k].timeS;
        for (Hit& voice : m_work->voicesOf(hits[i], nextS)) voices.push_back(voice);
    }
    std::stable_sort(voices.begin(), voices.end(), [](const Hit& a, const Hit& b) { return a.timeS < b.timeS; });
    return voices;
}

}  // namespace upbeat
