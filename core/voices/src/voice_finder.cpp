#include "upbeat/voices/voice_finder.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "mixture.h"
#include "upbeat/signal/novelty.h"
#include "upbeat/signal/sharpen.h"

namespace upbeat {

namespace {

constexpr std::size_t kTogether = 0;
constexpr std::size_t kFarApart = 2;
constexpr float kFaintPrice = 5.0F;  // what it must explain to count where the page asks for it
constexpr float kSureAt = 40.0F;     // from here on it stands on its own
constexpr std::size_t kLikely = 5;   // one of two voices at once also explains the hit best alone

double levelOf(const MixedVoice& part) {
    return 10.0 * std::log10(static_cast<double>(part.gain));
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
        for (const MixedVoice& part : best.parts)
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
        std::vector<std::pair<float, const VoiceBase*>> likely;
        for (const VoiceBase& base : m_bases) {
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
        for (const VoiceBase& base : m_bases) {
            if (!canBeStruckTogether(mixture.parts, base.voice)) continue;
            auto parts = mixture.parts;
            parts.push_back({&base, kTogether, 0});
            keepBetter(fuller, fitted(heard, parts));
        }
        return fuller;
    }

    [[nodiscard]] Mixture bestPair(const HeardCells& heard, const VoiceBase& one) const {
        constexpr std::array<std::pair<std::size_t, std::size_t>, 3> kOrders{
            {{kTogether, kTogether}, {kTogether, kFarApart}, {kFarApart, kTogether}}};
        Mixture best;
        for (const VoiceBase& other : m_bases) {
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
                    std::any_of(parts.begin(), parts.end(), [](const MixedVoice& x) { return kDelays[x.delay] <= 0; });
                if (begins) keepBetter(best, fitted(heard, parts));
            }
        }
        return best;
    }

    /// The instruments that could be there too, as soft as they were taught, without being noticed.
    [[nodiscard]] std::uint32_t hiddenBehind(const HeardCells& heard, const Mixture& best) const {
        std::uint32_t hidden = 0;
        for (const VoiceBase& base : m_bases) {
            if (!canBeStruckTogether(best.parts, base.voice)) continue;
            auto parts = best.parts;
            parts.push_back({&base, kTogether, base.softest});
            if (misfitOf(heard, parts) < best.misfit + kPrice) hidden |= bitOf(instrumentOf(base.voice));
        }
        return hidden;
    }

    /// Whether another instrument alone explains the hit almost as well.
    [[nodiscard]] bool isDoubtful(const HeardCells& heard, const Mixture& best) const {
        return std::any_of(m_bases.begin(), m_bases.end(), [&](const VoiceBase& base) {
            return instrumentOf(base.voice) != instrumentOf(best.parts.front().base->voice) &&
                   fitted(heard, {{&base, kTogether, 0}}).cost() < best.cost() + kPrice;
        });
    }

    [[nodiscard]] static Mixture without(const HeardCells& heard, const Mixture& mixture, std::size_t part) {
        auto parts = mixture.parts;
        parts.erase(parts.begin() + static_cast<std::ptrdiff_t>(part));
        return fitted(heard, parts);
    }

    std::vector<VoiceBase> m_bases;
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
