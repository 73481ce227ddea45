#include "unison_halves.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdlib>
#include <optional>

#include "table.h"
#include "upbeat/align/lean.h"

namespace upbeat {

namespace {

constexpr double kNearestS = 0.0075;  // nearer than this, two sounds are one
constexpr double kFarthestS = 0.045;
constexpr double kOfTheStep = 0.45;         // nothing that is nearer to another written place
constexpr double kLeastHalfStrength = 3.0;  // the page asks for it, and it must sound like its voice
constexpr double kApartDb = 8.0;            // how much more one sound leans to the high bands than the other
constexpr double kLikeDb = 12.0;            // how far a sound may lie from how its voice leans
constexpr double kLevelDb = 7.0;            // and from how loud its high bands usually are
constexpr double kClear = 10.0;             // a cymbal that rings already is struck that surely
constexpr double kGlintDb = 6.0;            // a cymbal that strikes while another rings may only rise in the top band
constexpr double kToldDb = 3.5;             // how much more like a voice alone the one sound has to rise there

/// What is known of a voice in this take.
struct KnownVoice {
    double upwards = 0;
    std::optional<double> highDb;  ///< Where it came alone often enough.
    std::optional<double> topDb;   ///< Likewise.
    std::size_t alone = 0;         ///< How often it did.
    std::vector<double> answersS;  ///< Where another sound followed it then.
    std::vector<double> glintsS;   ///< Where something rose in the top band.

    /// Whether it is usual that a drum speaks again after that time, or shines.
    [[nodiscard]] bool answersAfter(double lagS) const { return isUsual(answersS, lagS); }
    [[nodiscard]] bool glintsAfter(double lagS) const { return isUsual(glintsS, lagS); }

  private:
    [[nodiscard]] bool isUsual(const std::vector<double>& lagsS, double lagS) const {
        constexpr double kWidthS = 0.004;
        constexpr std::size_t kOneIn = 5;
        const auto like = std::count_if(lagsS.begin(), lagsS.end(),
                                        [lagS](double answer) { return std::abs(answer - lagS) < kWidthS; });
        return like > 0 && static_cast<std::size_t>(like) * kOneIn >= alone;
    }
};

class Halves {
  public:
    Halves(std::span<const PageEvent> events, const std::vector<Voice>& voices, std::span<const Hit> hits,
           std::span<const Sounding> soundings, const Assignment& found)
        : m_events(events), m_voices(voices), m_hits(hits), m_soundings(soundings), m_found(found) {
        learn();
    }

    [[nodiscard]] std::vector<UnisonHalf> find() const {
        std::vector<UnisonHalf> halves;
        for (std::size_t i = 0; i < m_events.size(); ++i)
            if (m_events[i].written.size() > 1 && m_found.hitOfEvent[i] != kNone)
                if (auto half = otherHalfOf(i)) halves.push_back(std::move(*half));
        return halves;
    }

  private:
    /// Voices as they sound where nothing is written with them.
    void learn() {
        constexpr std::size_t kFewest = 3;
        std::array<std::vector<double>, kVoiceCount> upwards;
        std::array<std::vector<double>, kVoiceCount> high;
        std::array<std::vector<double>, kVoiceCount> top;
        for (std::size_t i = 0; i < m_events.size(); ++i) {
            if (m_events[i].written.size() != 1 || m_found.hitOfEvent[i] == kNone) continue;
            const Hit& hit = m_hits[static_cast<std::size_t>(m_found.hitOfEvent[i])];
            if (hit.strength < kClear) continue;
            const auto v = static_cast<std::size_t>(instrumentOf(m_events[i].voice));
            learnAnswers(static_cast<std::size_t>(m_found.hitOfEvent[i]), m_known[v]);
            top[v].push_back(hit.topDb);
            if (hit.strength < kFirmStrength) continue;
            const auto lean = leanOf(hit);
            if (!lean) continue;
            if (lean->whole) upwards[v].push_back(lean->upwards());
            high[v].push_back(lean->highDb);
        }
        for (std::size_t v = 0; v < m_known.size(); ++v) {
            m_known[v].upwards = usualLean(static_cast<Voice>(v));
            if (upwards[v].size() >= kFewest) m_known[v].upwards = medianOf(upwards[v]);
            if (high[v].size() >= kFewest) m_known[v].highDb = medianOf(high[v]);
            if (top[v].size() >= kFewest) m_known[v].topDb = medianOf(top[v]);
        }
    }

    void learnAnswers(std::size_t hit, KnownVoice& voice) const {
        ++voice.alone;
        for (std::size_t j = hit + 1; j < m_hits.size(); ++j) {
            const double lag = m_soundings[j].timeS - m_soundings[hit].timeS;
            if (lag > kFarthestS || m_found.eventOfHit[j] != kNone) return;
            if (m_hits[j].strength >= kLeastHalfStrength) voice.answersS.push_back(lag);
            if (m_hits[j].topDb >= kGlintDb) voice.glintsS.push_back(lag);
        }
    }

    /// Whether two cymbals are written there, and nothing else: how they lean does not tell them apart.
    [[nodiscard]] bool areCymbals(std::size_t i) const {
        const auto& written = m_events[i].written;
        const auto voiceOf = [this](int w) { return instrumentOf(m_voices[static_cast<std::size_t>(w)]); };
        return written.size() == 2 && voiceOf(written[0]) != voiceOf(written[1]) &&
               std::all_of(written.begin(), written.end(), [&](int w) { return usualLean(voiceOf(w)) > 0; });
    }

    [[nodiscard]] const KnownVoice& known(int written) const {
        return m_known[static_cast<std::size_t>(instrumentOf(m_voices[static_cast<std::size_t>(written)]))];
    }

    [[nodiscard]] std::optional<UnisonHalf> otherHalfOf(std::size_t i) const {
        const auto own = static_cast<std::size_t>(m_found.hitOfEvent[i]);
        const double reach = std::min(kFarthestS, kOfTheStep * m_events[i].stepS);
        std::optional<UnisonHalf> best;
        double most = 0;
        const bool cymbals = areCymbals(i);
        const auto consider = [&](std::size_t j) {
            const double away = std::abs(m_soundings[j].timeS - m_soundings[own].timeS);
            if (away > reach) return false;
            const Hit& hit = m_hits[j];
            const bool glints = cymbals && hit.topDb >= kGlintDb;
            const double sure = hit.strength + (glints ? hit.topDb : 0);
            if (m_found.eventOfHit[j] == kNone && away >= kNearestS && sure >= kLeastHalfStrength && sure > most)
                if (auto half = cymbals ? divideCymbals(i, own, j) : divide(i, own, j))
                    best = std::move(half), most = sure;
            return true;
        };
        for (std::size_t j = own; j-- > 0 && consider(j);) {
        }
        for (std::size_t j = own + 1; j < m_hits.size() && consider(j); ++j) {
        }
        return best;
    }

    /// Of two cymbals the one that is known alone tells. As the first it rises in the top band as it does alone; as the
    /// second no farther, for it shines over what rings.
    [[nodiscard]] std::optional<UnisonHalf> divideCymbals(std::size_t i, std::size_t own, std::size_t other) const {
        const double lag = m_soundings[other].timeS - m_soundings[own].timeS;
        const double firstDb = m_hits[lag > 0 ? own : other].topDb;
        const double secondDb = m_hits[lag > 0 ? other : own].topDb;
        const auto& written = m_events[i].written;
        UnisonHalf half{i, static_cast<int>(other), {}, true};
        double surest = kToldDb;
        for (const int w : written) {
            const KnownVoice& voice = known(w);
            if (voice.answersAfter(std::abs(lag)) || voice.glintsAfter(std::abs(lag))) return std::nullopt;
            if (!voice.topDb) continue;
            const double asFirst = std::max(0.0, secondDb - *voice.topDb) - std::abs(firstDb - *voice.topDb);
            if (std::abs(asFirst) < surest) continue;
            surest = std::abs(asFirst);
            const bool isOther = (asFirst > 0) == (lag < 0);
            half.written = {isOther == (w == written[0]) ? written[0] : written[1]};
        }
        return half;
    }

    /// Which of the strokes written together a second sound plays; nothing where it is none of theirs.
    [[nodiscard]] std::optional<UnisonHalf> divide(std::size_t i, std::size_t own, std::size_t other) const {
        const auto ownLean = leanOf(m_hits[own]);
        const auto otherLean = leanOf(m_hits[other]);
        if (!ownLean || !otherLean || std::abs(ownLean->upwards() - otherLean->upwards()) < kApartDb)
            return std::nullopt;
        const double middle = 0.5 * (ownLean->upwards() + otherLean->upwards());
        const bool otherIsHigh = otherLean->upwards() > ownLean->upwards();
        UnisonHalf half{i, static_cast<int>(other), {}};
        int kept = kNone;
        for (const int w : m_events[i].written) {
            const bool isHigh = known(w).upwards > middle;
            if (isHigh == otherIsHigh)
                half.written.push_back(w);
            else
                kept = w;
        }
        if (half.written.empty() || kept == kNone) return std::nullopt;
        const bool otherIsLater = m_soundings[other].timeS > m_soundings[own].timeS;
        const BandLean& first = otherIsLater ? *ownLean : *otherLean;
        const BandLean& second = otherIsLater ? *otherLean : *ownLean;
        const int firstStroke = otherIsLater ? kept : half.written.front();
        const int secondStroke = otherIsLater ? half.written.front() : kept;
        if (!couldFollow(first, firstStroke, second, secondStroke)) return std::nullopt;
        // The lower of the two may have struck with the first sound and have spoken twice.
        const double lag = std::abs(m_soundings[other].timeS - m_soundings[own].timeS);
        if (known(otherIsHigh ? kept : half.written.front()).answersAfter(lag)) return std::nullopt;
        return half;
    }

    /// The first sound has to be its voice alone, and the second more than what the first one's voice does by itself.
    [[nodiscard]] bool couldFollow(const BandLean& first, int firstStroke, const BandLean& second,
                                   int secondStroke) const {
        // Bands in which something rang already show no rise: a sound may lean farther to its side than usual.
        const double away = first.upwards() - known(firstStroke).upwards;
        if (second.upwards() < first.upwards()) return away > -kLikeDb && second.lowDb > first.lowDb + kApartDb;
        if (away > kLikeDb) return false;
        const auto usual = known(secondStroke).highDb;
        return usual && std::abs(second.highDb - *usual) < kLevelDb;
    }

    std::span<const PageEvent> m_events;
    const std::vector<Voice>& m_voices;
    std::span<const Hit> m_hits;
    std::span<const Sounding> m_soundings;
    const Assignment& m_found;
    std::array<KnownVoice, kVoiceCount> m_known{};
};

}  // namespace

std::vector<UnisonHalf> findUnisonHalves(std::span<const PageEvent> events, const std::vector<Voice>& voiceOfStroke,
                                         std::span<const Hit> hits, std::span<const Sounding> soundings,
                                         const Assignment& found) {
    return Halves(events, voiceOfStroke, hits, soundings, found).find();
}

}  // namespace upbeat
