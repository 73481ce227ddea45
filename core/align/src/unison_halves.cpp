#include "unison_halves.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

#include "upbeat/align/lean.h"
#include "voices_alone.h"

namespace upbeat {

namespace {

constexpr double kNearestS = 0.0075;  // nearer than this, two sounds are one
constexpr double kOfTheStep = 0.45;   // nothing that is nearer to another written place
constexpr double kApartDb = 8.0;      // how much more one sound leans to the high bands than the other
constexpr double kLikeDb = 12.0;      // how far a sound may lie from how its voice leans
constexpr double kLevelDb = 7.0;      // and from how loud its high bands usually are
constexpr double kToldDb = 3.5;       // how much more like a voice alone the one sound has to rise there

bool isUnison(const PageEvent& event) {
    return event.written.size() > 1;
}

/// Whether somebody speaks, taps or rustles throughout a take, and not once or twice in many bars.
bool isAmongOthers(std::span<const PageEvent> events, std::span<const Hit> hits, const Assignment& found) {
    constexpr std::ptrdiff_t kOneIn = 40;  // unisons: beside a voice that counts 1 in 16 and more, without one 1 in 70
    std::ptrdiff_t others = 0;
    double lastS = -kOneSyllableS;
    for (std::size_t j = 0; j < hits.size(); ++j) {
        const Hit& hit = hits[j];
        if (!hit.foreign || hit.strength < kFirmStrength || found.eventOfHit[j] != kNone) continue;
        others += hit.timeS - lastS >= kOneSyllableS ? 1 : 0;
        lastS = hit.timeS;
    }
    return others > 0 && others * kOneIn >= std::count_if(events.begin(), events.end(), isUnison);
}

class Halves {
  public:
    Halves(std::span<const PageEvent> events, const std::vector<Voice>& voices, std::span<const Hit> hits,
           std::span<const Sounding> soundings, const Assignment& found)
        : m_events(events),
          m_voices(voices),
          m_hits(hits),
          m_soundings(soundings),
          m_found(found),
          m_known(learnVoices(events, hits, soundings, found)),
          m_amongOthers(isAmongOthers(events, hits, found)) {}

    [[nodiscard]] std::vector<UnisonHalf> find() const {
        std::vector<UnisonHalf> halves;
        for (std::size_t i = 0; i < m_events.size(); ++i)
            if (isUnison(m_events[i]) && m_found.hitOfEvent[i] != kNone)
                if (auto half = otherHalfOf(i)) halves.push_back(std::move(*half));
        if (m_amongOthers) markChance(halves);
        return halves;
    }

  private:
    /// Whether two cymbals are written there, and nothing else: how they lean does not tell them apart.
    [[nodiscard]] bool areCymbals(std::size_t i) const {
        const auto& written = m_events[i].written;
        return written.size() == 2 && voiceOf(written[0]) != voiceOf(written[1]) &&
               std::all_of(written.begin(), written.end(), [&](int w) { return usualLean(voiceOf(w)) > 0; });
    }

    [[nodiscard]] Voice voiceOf(int written) const { return instrumentOf(m_voices[static_cast<std::size_t>(written)]); }
    [[nodiscard]] const KnownVoice& known(int written) const {
        return m_known[static_cast<std::size_t>(voiceOf(written))];
    }
    [[nodiscard]] double lagS(const UnisonHalf& half) const {
        const auto own = static_cast<std::size_t>(m_found.hitOfEvent[half.event]);
        return m_soundings[static_cast<std::size_t>(half.hit)].timeS - m_soundings[own].timeS;
    }

    /// A player's limbs fall apart in the same way again and again, a syllable falls beside a stroke by chance: of
    /// drums those are strokes that come like others of their voice, at one in four of its unisons.
    void markChance(std::vector<UnisonHalf>& halves) const {
        constexpr double kLikeS = 0.006;
        constexpr std::ptrdiff_t kOneIn = 4;
        const auto unisons = unisonsOfVoices();
        for (UnisonHalf& half : halves) {
            if (half.cymbals) continue;
            const Voice voice = voiceOf(half.written[0]);
            const auto like = std::count_if(halves.begin(), halves.end(), [&](const UnisonHalf& other) {
                return other.event != half.event && !other.cymbals && voiceOf(other.written[0]) == voice &&
                       std::abs(lagS(other) - lagS(half)) < kLikeS;
            });
            half.byChance = like * kOneIn < unisons[static_cast<std::size_t>(voice)];
        }
    }

    /// In how many unisons each voice is written.
    [[nodiscard]] std::array<std::ptrdiff_t, kVoiceCount> unisonsOfVoices() const {
        std::array<std::ptrdiff_t, kVoiceCount> unisons{};
        for (const PageEvent& event : m_events) {
            if (!isUnison(event)) continue;
            std::array<bool, kVoiceCount> has{};
            for (const int w : event.written) has[static_cast<std::size_t>(voiceOf(w))] = true;
            for (std::size_t v = 0; v < has.size(); ++v) unisons[v] += has[v] ? 1 : 0;
        }
        return unisons;
    }

    [[nodiscard]] std::optional<UnisonHalf> otherHalfOf(std::size_t i) const {
        const auto own = static_cast<std::size_t>(m_found.hitOfEvent[i]);
        const double reach = std::min(kFarthestHalfS, kOfTheStep * m_events[i].stepS);
        std::optional<UnisonHalf> best;
        double most = 0;
        const bool cymbals = areCymbals(i);
        const auto consider = [&](std::size_t j) {
            const double away = std::abs(m_soundings[j].timeS - m_soundings[own].timeS);
            if (away > reach) return false;
            const double sure = cymbals ? sureOfCymbal(m_hits[j]) : sureOfDrum(m_hits[j]);
            if (couldBeHalf(j, cymbals) && away >= kNearestS && sure >= kLeastHalfStrength && sure > most)
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

    /// Nothing that has its place, and nothing foreign. Of two cymbals any second sound is taken for the other one;
    /// where somebody speaks or taps, only what rises where a cymbal does and a voice or a foot does not.
    [[nodiscard]] bool couldBeHalf(std::size_t j, bool cymbals) const {
        if (m_found.eventOfHit[j] != kNone || m_hits[j].foreign || m_soundings[j].click) return false;
        return !cymbals || !m_amongOthers || m_hits[j].topDb >= kGlintDb;
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
            if (voice.shines.areUsualAfter(std::abs(lag))) return std::nullopt;
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
        if (known(otherIsHigh ? kept : half.written.front()).answers.areUsualAfter(lag)) return std::nullopt;
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
    KnownVoices m_known;
    bool m_amongOthers;
};

}  // namespace

std::vector<UnisonHalf> findUnisonHalves(std::span<const PageEvent> events, const std::vector<Voice>& voiceOfStroke,
                                         std::span<const Hit> hits, std::span<const Sounding> soundings,
                                         const Assignment& found) {
    return Halves(events, voiceOfStroke, hits, soundings, found).find();
}

}  // namespace upbeat
