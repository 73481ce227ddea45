#include "cause_findings.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <set>

#include "structure_findings.h"
#include "upbeat/music/page.h"

namespace upbeat {

namespace {

// Half of what lies between neighbouring classes: a count that is farther off sounds like another one.
constexpr double kCountOffDb = 4;
constexpr double kHandOffDb = 2.5;

/// Turns a cause into what is said of it.
class CauseSayer {
  public:
    CauseSayer(const MatchedTake& take, const Measures& measures, const Profile& profile)
        : m_take(take),
          m_measures(measures),
          m_profile(profile),
          m_stepMs(shortestStepMs(take.exercise, Bpm(take.tempoBpm))) {}

    std::vector<Finding> all() {
        for (const Cause& cause : m_measures.causes.offsets.causes) say(cause, true);
        for (const Cause& cause : m_measures.causes.levels.causes) say(cause, false);
        return std::move(m_found);
    }

    // Of time.
    void operator()(PulseMoves) { put(FindingKind::Drift, PulseDrifts{}, limit(GateKind::Drift), "ms per bar"); }
    void operator()(SilenceMoves) { put(FindingKind::Drift, SilenceDrifts{}, limit(GateKind::Drift), "ms per bar"); }
    void operator()(const VoiceLies& lies) {
        if (Finding* f = put(FindingKind::HandsApart, GroupApart{lies.voice, OtherVoices{}}, apartMs(), "ms"))
            f->voice = lies.voice;
    }
    void operator()(const LimbLies& lies) {
        if (!m_ofTime) return sayHand(std::nullopt);
        if (Finding* f = put(FindingKind::HandsApart, GroupApart{lies.limb, otherSide(lies.limb)}, apartMs(), "ms"))
            f->limb = lies.limb;
    }
    void operator()(const ClassLies& lies) {
        if (Finding* f = put(leaning(), ClassLeans{}, habitMs(), "ms")) f->level = lies.level;
    }
    void operator()(OffbeatsLie) {
        if (!m_measures.swing || !m_measures.swing->ratio) return;
        if (Finding* f = put(FindingKind::Swing, SwingsOtherwise{m_measures.swing->targetRatio}, habitMs(), "ratio"))
            f->figure = *m_measures.swing->ratio;
    }
    void operator()(const PartLies& lies) { put(leaning(), PartLeans{lies.part}, habitMs(), "ms"); }
    void operator()(EntriesLie) { put(leaning(), EntriesLean{}, habitMs(), "ms"); }
    void operator()(const SectionLies& lies) {
        Finding* f = m_ofTime ? put(leaning(), SectionLeans{}, habitMs(), "ms")
                              : put(loudness(), SectionOutOfLevel{}, kHandOffDb, "dB");
        if (f != nullptr) f->section = sectionAt(m_take.exercise, lies.bar);
    }
    void operator()(const BeatStretches& beat) {
        if (Finding* f =
                put(FindingKind::Subdivision, BeatAtChange{beat.strokesBefore, beat.strokesAfter}, habitMs(), "ms")) {
            f->stroke = beat.stroke;
            f->drill = beatAround(m_take.exercise, beat.stroke);
        }
    }
    void operator()(const CountLies& count) { sayCount(count.stroke); }
    void operator()(const StrokeLies& stroke) {
        if (m_ofTime) return sayCount(stroke.stroke);
        // Where most of a count is too soft to be heard, what is heard of it is loud.
        if (2 * m_cause->size.n < m_take.passes) return;
        if (Finding* f = put(loudness(), CountOutOfLevel{}, kCountOffDb, "dB")) about(*f, stroke.stroke);
    }
    void operator()(SecondsLie) {
        if (m_ofTime)
            put(leaning(), SecondsTime{}, habitMs(), "ms");
        else
            put(loudness(), SecondsLevel{}, kHandOffDb, "dB");
    }
    // Of level.
    void operator()(const HandInClass& hand) { sayHand(hand.level); }

  private:
    void say(const Cause& cause, bool ofTime) {
        m_cause = &cause;
        m_ofTime = ofTime;
        std::visit(*this, cause.of);
    }

    [[nodiscard]] double limit(GateKind gate) const { return m_profile.limit(gate, m_stepMs); }
    [[nodiscard]] double apartMs() const { return limit(GateKind::Apart); }
    [[nodiscard]] double habitMs() const { return limit(GateKind::Habit); }
    [[nodiscard]] FindingKind leaning() const {
        return m_cause->size.value > 0 ? FindingKind::Late : FindingKind::Early;
    }
    [[nodiscard]] FindingKind loudness() const {
        return m_cause->size.value > 0 ? FindingKind::Loud : FindingKind::Soft;
    }

    /// Nothing below what is noticed, nor within what this player scatters by anyway.
    Finding* put(FindingKind kind, const Fault& fault, double limit, const char* unit) {
        constexpr double kOfTheLimit = 0.75;
        constexpr double kOfTheScatter = 0.5;
        const double size = std::abs(m_cause->size.value);
        const Explanation& of = m_ofTime ? m_measures.causes.offsets : m_measures.causes.levels;
        double least = limit;
        if (kind != FindingKind::Drift) {
            if (m_ofTime) least = std::max(kOfTheLimit * limit, noticeableMs(m_stepMs));
            least = std::max(least, kOfTheScatter * of.scatter);
        }
        if (size < least) return nullptr;
        Finding f;
        f.kind = kind;
        f.figure = m_cause->size;
        f.unit = unit;
        f.passes = f.of = m_take.passes;
        f.fault = fault;
        f.explains = m_cause->strokes;
        const auto all = static_cast<double>(m_take.exercise.strokes.size());
        const double share = f.explains.empty() ? 1 : static_cast<double>(f.explains.size()) / all;
        f.weight = size / limit + 0.5 * share;
        m_found.push_back(std::move(f));
        return &m_found.back();
    }

    void about(Finding& f, int stroke) const {
        const Stroke& s = m_take.exercise.strokes[static_cast<std::size_t>(stroke)];
        f.stroke = stroke;
        f.limb = s.limb;
        f.voice = s.voice;
        f.level = s.level;
        f.drill = beatAround(m_take.exercise, stroke);
        f.explains.clear();
        countPasses(f);
    }

    /// On how many passes it lay on that side; of levels, beyond half of the size.
    void countPasses(Finding& f) const {
        f.passes = f.of = 0;
        const double own = f.figure.value;
        std::array<std::optional<double>, 2> usual;
        if (!m_ofTime) usual = usualLevels(m_take.exercise.strokes[static_cast<std::size_t>(*f.stroke)]);
        for (std::size_t i = 0; i < m_take.strokes.size(); ++i) {
            const MatchedStroke& s = m_take.strokes[i];
            if (s.written.role != Role::Main || s.written.stroke != *f.stroke) continue;
            ++f.of;
            const double value = m_ofTime ? s.offsetMs - m_measures.timing.centreMs
                                          : s.levelDb - usual[s.shared ? 1 : 0].value_or(s.levelDb);
            f.passes += value * own > 0 && (m_ofTime || std::abs(value) > 0.5 * std::abs(own)) ? 1 : 0;
        }
    }

    /// Of the voice and class of a stroke, with what is explained taken off: of those struck alone, and of those struck
    /// with another drum.
    [[nodiscard]] std::array<std::optional<double>, 2> usualLevels(const Stroke& stroke) const {
        std::array<std::vector<double>, 2> alike;
        for (std::size_t i = 0; i < m_take.strokes.size(); ++i) {
            const MatchedStroke& s = m_take.strokes[i];
            if (s.stroke.voice == stroke.voice && s.stroke.level == stroke.level && tellsItsLevel(m_take, s))
                alike[s.shared ? 1 : 0].push_back(s.levelDb - m_measures.causes.levels.explained[i]);
        }
        std::array<std::optional<double>, 2> usual;
        for (std::size_t k = 0; k < usual.size(); ++k)
            if (!alike[k].empty()) usual[k] = median(std::move(alike[k]));
        return usual;
    }

    void sayCount(int stroke) {
        if (Finding* f = put(leaning(), CountLeans{}, habitMs(), "ms")) about(*f, stroke);
    }

    void sayHand(std::optional<Level> level) {
        Finding* f = put(loudness(), LeftHandLevel{}, kHandOffDb, "dB");
        if (f == nullptr) return;
        f->limb = Limb::LeftHand;
        f->level = level;
    }

    const MatchedTake& m_take;
    const Measures& m_measures;
    const Profile& m_profile;
    const double m_stepMs;
    const Cause* m_cause = nullptr;
    bool m_ofTime = true;
    std::vector<Finding> m_found;
};

}  // namespace

std::vector<Finding> findCauses(const MatchedTake& take, const Measures& measures, const Profile& profile) {
    return CauseSayer(take, measures, profile).all();
}

}  // namespace upbeat
