#include "upbeat/coach/findings.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

#include "structure_findings.h"

namespace upbeat {

namespace {

constexpr std::array<std::string_view, 17> kNames{
    "early", "late",        "loud",      "soft",        "uneven",    "missed", "extra", "drift", "swing",
    "grace", "hands_apart", "level_gap", "subdivision", "crescendo", "unison", "roll",  "stroke"};

double stepMsOf(const MatchedTake& take) {
    const Exercise& e = take.exercise;
    return shortestStep(e).toDouble() * quarterS(e.meter, Bpm(take.tempoBpm)) * 1e3;
}

class Faults {
  public:
    Faults(const MatchedTake& take, const Measures& measures, const Profile& profile)
        : m_take(take), m_measures(measures), m_profile(profile) {}

    std::vector<Finding> all() {
        findApart();
        findTimingHabits();
        findLevelHabits();
        findRecurring();
        findWhole();
        for (Finding& f : findStructureFaults(m_take, m_measures)) m_found.push_back(std::move(f));
        std::stable_sort(m_found.begin(), m_found.end(),
                         [](const Finding& a, const Finding& b) { return a.weight > b.weight; });
        return std::move(m_found);
    }

  private:
    Finding about(int stroke) const {
        const Stroke& s = m_take.exercise.strokes[static_cast<std::size_t>(stroke)];
        Finding finding;
        finding.stroke = stroke;
        finding.limb = s.limb;
        finding.voice = s.voice;
        finding.level = s.level;
        finding.drill = beatAround(m_take.exercise, stroke);
        return finding;
    }

    std::string name(int stroke) const {
        return fmt::format("The {} on {}", strokeInWords(m_take.exercise, stroke),
                           placeInWords(m_take.exercise, stroke));
    }

    void findApart() {
        const double least = std::max(noticeableMs(stepMsOf(m_take)), 0.6 * m_profile.apart.at(stepMsOf(m_take)));
        for (const Apart& apart : m_measures.apart) {
            if (!isBeyondDoubt(apart.ms, least)) continue;
            Finding f;
            f.kind = FindingKind::HandsApart;
            f.limb = apart.limb;
            f.voice = apart.voice;
            f.figure = apart.ms;
            f.unit = "ms";
            f.passes = f.of = m_take.passes;
            f.sentence = fmt::format("The {} comes {:.0f} ms {} the {} (±{:.0f})", apart.name, std::abs(apart.ms.value),
                                     apart.ms.value > 0 ? "behind" : "before", apart.against, apart.ms.halfWidth());
            f.weight = std::abs(apart.ms.value) / least + 0.5;
            if (apart.limb) m_handShift = apart.ms.value;
            m_found.push_back(std::move(f));
        }
    }

    /// A count's leaning that is not already said by "the left hand comes late".
    double ownLeaning(const CountHabit& habit) const {
        const Stroke& s = m_take.exercise.strokes[static_cast<std::size_t>(habit.stroke)];
        if (s.limb == Limb::LeftHand) return habit.offsetMs.value - 0.5 * m_handShift;
        if (s.limb == Limb::RightHand) return habit.offsetMs.value + 0.5 * m_handShift;
        return habit.offsetMs.value;
    }

    void findTimingHabits() {
        const double least = noticeableMs(stepMsOf(m_take));
        for (const CountHabit& habit : m_measures.timing.habits) {
            const double own = ownLeaning(habit);
            const double half = habit.offsetMs.halfWidth();
            if (habit.offsetMs.n < 3 || !isBeyondDoubt({own, own - half, own + half, 0}, least)) continue;
            Finding f = about(habit.stroke);
            const bool early = own < 0;
            f.kind = early ? FindingKind::Early : FindingKind::Late;
            f.figure = habit.offsetMs;
            f.unit = "ms";
            f.passes = habit.sameSide;
            f.of = habit.offsetMs.n;
            f.sentence = fmt::format("{} comes {:.0f} ms {} (±{:.0f}), {} of {} passes", name(habit.stroke),
                                     std::abs(habit.offsetMs.value), early ? "early" : "late", half, f.passes, f.of);
            f.weight = std::abs(own) / least;
            m_found.push_back(std::move(f));
        }
    }

    void findLevelHabits() {
        constexpr double kLeastDb = 3.0;
        for (const LevelHabit& habit : m_measures.balance.habits) {
            if (habit.passes < 4 || !isBeyondDoubt(habit.againstClassDb, kLeastDb)) continue;
            const bool often = habit.outOfClass * 2 >= habit.passes;
            if (!often && std::abs(habit.againstClassDb.value) < 2 * kLeastDb) continue;
            Finding f = about(habit.stroke);
            const bool loud = habit.againstClassDb.value > 0;
            f.kind = loud ? FindingKind::Loud : FindingKind::Soft;
            f.figure = habit.againstClassDb;
            f.unit = "dB";
            f.passes = habit.outOfClass;
            f.of = habit.passes;
            const std::string_view kind = toName(*f.level);
            f.sentence =
                fmt::format("{} is {:.0f} dB {} than your other {}s (±{:.0f}), out of its level on {} of {} passes",
                            name(habit.stroke), std::abs(habit.againstClassDb.value), loud ? "louder" : "softer", kind,
                            habit.againstClassDb.halfWidth(), f.passes, f.of);
            f.weight = std::abs(habit.againstClassDb.value) / kLeastDb;
            m_found.push_back(std::move(f));
        }
    }

    /// Something that happens to one stroke on some of the passes: at least `least` times and on a share of them.
    void findOften(FindingKind kind, const std::map<int, int>& times, int least, double share, std::string_view what) {
        for (const auto& [stroke, count] : times) {
            if (count < least || count < share * m_take.passes) continue;
            Finding f = about(stroke);
            f.kind = kind;
            f.figure = shareFigure(count, m_take.passes);
            f.unit = "%";
            f.passes = count;
            f.of = m_take.passes;
            f.sentence = fmt::format("{} {} on {} of {} passes", name(stroke), what, count, m_take.passes);
            f.weight =
                kind == FindingKind::Missed ? 1.0 + 3.0 * count / m_take.passes : 0.5 + 1.5 * count / m_take.passes;
            m_found.push_back(std::move(f));
        }
    }

    void findRecurring() {
        std::map<int, int> missed;
        std::map<int, int> elsewhere;
        std::map<int, int> odd;
        for (const WrittenStroke& w : m_take.missed) ++missed[w.stroke];
        for (const WrittenStroke& w : m_measures.counts.wrongVoice) ++elsewhere[w.stroke];
        for (const StrokeQuality& quality : m_measures.quality)
            for (const OddStroke& stroke : quality.odd) ++odd[stroke.written.stroke];
        findOften(FindingKind::Missed, missed, 2, 0.25, "is missing");
        findOften(FindingKind::Missed, elsewhere, 2, 0.25, "is struck on another drum");
        findOften(FindingKind::Stroke, odd, 3, 0.5, "sounds unlike your others of its kind");
    }

    void whole(FindingKind kind, const Figure& figure, std::string unit, double weight, std::string sentence) {
        Finding f;
        f.kind = kind;
        f.figure = figure;
        f.unit = std::move(unit);
        f.passes = f.of = m_take.passes;
        f.weight = weight;
        f.sentence = std::move(sentence);
        m_found.push_back(std::move(f));
    }

    void findWhole() {
        for (const Gate& gate : judge(m_take, m_measures, m_profile))
            if (gate.state == GateState::Missed) sayGate(gate);
        findGrace();
    }

    void sayGate(const Gate& gate) {
        const Figure& v = gate.measured;
        const double over = gate.atLeast ? gate.limit / std::max(v.value, 0.1) : v.value / std::max(gate.limit, 0.1);
        switch (gate.kind) {
            case GateKind::Spread:
                whole(FindingKind::Uneven, v, "ms", over,
                      fmt::format("Your hits scatter by {:.1f} ms (±{:.1f}); {:.1f} is the limit here", v.value,
                                  v.halfWidth(), gate.limit));
                break;
            case GateKind::Mistakes:
                if (!m_take.extra.empty())
                    whole(FindingKind::Extra,
                          shareFigure(std::min(static_cast<int>(m_take.extra.size()), m_take.passes), m_take.passes),
                          "%", over * 0.6, fmt::format("{} strokes that are not written", m_take.extra.size()));
                break;
            case GateKind::AccentTapGap:
                whole(FindingKind::LevelGap, v, "dB", over,
                      fmt::format("Accents stand {:.1f} dB above taps (±{:.1f}); {:.0f} are needed", v.value,
                                  v.halfWidth(), gate.limit));
                break;
            case GateKind::TapGhostGap:
                whole(FindingKind::LevelGap, v, "dB", over,
                      fmt::format("Ghosts lie {:.1f} dB below taps (±{:.1f}); {:.0f} are needed", v.value,
                                  v.halfWidth(), gate.limit));
                break;
            case GateKind::Offbeat:
                saySwing(over);
                break;
            case GateKind::GraceSpread:
                whole(FindingKind::Grace, v, "ms", over,
                      fmt::format("Grace notes are uneven: their distance varies by {:.1f} ms (±{:.1f})", v.value,
                                  v.halfWidth()));
                break;
            case GateKind::Drift:
                sayDrift(over);
                break;
            default:
                break;
        }
    }

    void saySwing(double over) {
        const Figure& ratio = *m_measures.swing->ratio;
        const double target = m_measures.swing->targetRatio;
        whole(FindingKind::Swing, ratio, "ratio", over,
              fmt::format("You swing {:.2f} : 1 (±{:.2f}), {} than the {:.2g} : 1 asked for", ratio.value,
                          ratio.halfWidth(), ratio.value < target ? "straighter" : "wider", target));
    }

    void sayDrift(double over) {
        const Figure& drift = *m_measures.timing.driftMsPerBar;
        whole(
            FindingKind::Drift, drift, "ms per bar", over,
            fmt::format("The pulse {} the click by {:.1f} ms a bar (±{:.1f})",
                        drift.value > 0 ? "falls behind" : "runs ahead of", std::abs(drift.value), drift.halfWidth()));
    }

    void findGrace() {
        if (!m_measures.ornaments || !m_measures.ornaments->spacingMs) return;
        constexpr double kTightestMs = 10;
        constexpr double kWidestMs = 45;
        const Figure& spacing = *m_measures.ornaments->spacingMs;
        if (spacing.low > kWidestMs)
            whole(FindingKind::Grace, spacing, "ms", spacing.value / kWidestMs,
                  fmt::format("Grace notes stand {:.0f} ms before the stroke (±{:.0f}): too wide to be one flam",
                              spacing.value, spacing.halfWidth()));
        if (spacing.high < kTightestMs)
            whole(FindingKind::Grace, spacing, "ms", kTightestMs / std::max(spacing.value, 1.0),
                  fmt::format("Grace notes stand {:.0f} ms before the stroke (±{:.0f}): they run into it",
                              spacing.value, spacing.halfWidth()));
    }

    const MatchedTake& m_take;
    const Measures& m_measures;
    const Profile& m_profile;
    double m_handShift = 0;
    std::vector<Finding> m_found;
};

}  // namespace

std::string_view toName(FindingKind kind) {
    return kNames.at(static_cast<std::size_t>(kind));
}

std::vector<Finding> findFaults(const MatchedTake& take, const Measures& measures, const Profile& profile) {
    return Faults(take, measures, profile).all();
}

}  // namespace upbeat
