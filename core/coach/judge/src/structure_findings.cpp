#include "structure_findings.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "upbeat/music/bars.h"
#include "upbeat/music/dynamics.h"
#include "upbeat/music/page.h"

namespace upbeat {

namespace {

constexpr double kLeastDb = 2.5;

class Structure {
  public:
    Structure(const MatchedTake& take, const Measures& measures) : m_take(take), m_measures(measures) {}

    std::vector<Finding> all() {
        sayLostPlaces();
        for (const PulseChange& change : m_measures.pulse) sayPulse(change);
        if (m_measures.doubles) sayDoubles(*m_measures.doubles);
        for (const AccentRun& run : m_measures.accentRuns) sayRun(run);
        for (const SwellPlayed& swell : m_measures.swells) saySwell(swell);
        for (const DynamicPlayed& dynamic : m_measures.dynamics) sayDynamic(dynamic);
        sayHands();
        for (const Unison& unison : m_measures.unisons) sayUnison(unison);
        for (const RollPlayed& roll : m_measures.rolls) sayRoll(roll);
        return std::move(m_found);
    }

  private:
    Finding& add(FindingKind kind, const Figure& figure, const char* unit, double weight, std::string sentence) {
        Finding f;
        f.kind = kind;
        f.figure = figure;
        f.unit = unit;
        f.passes = f.of = m_take.passes;
        f.weight = weight;
        f.sentence = std::move(sentence);
        m_found.push_back(std::move(f));
        return m_found.back();
    }

    void at(Finding& f, int stroke) const {
        f.stroke = stroke;
        f.drill = beatAround(m_take.exercise, stroke);
    }

    [[nodiscard]] std::string placeOnClick(double pageS) const {
        const Exercise& e = m_take.exercise;
        const double bars = barsBefore(e, Bpm(m_take.tempoBpm), pageS);
        const auto bar = static_cast<int>(std::floor(bars));
        const int perBar = barOf(e, bar % e.bars + 1).meter.beatsPerBar();
        const auto beat = static_cast<int>(std::lround((bars - bar) * perBar));
        // What lies nearest the next bar line is its first beat.
        return fmt::format("beat {} of bar {}", beat % perBar + 1, bar + beat / perBar + 1);
    }

    void sayLostPlaces() {
        for (const Break& pause : m_take.breaks) {
            const std::string where = placeOnClick(pause.atS);
            const int beats = std::abs(pause.beats);
            std::string sentence = fmt::format("You stopped at {}: {} strokes are not there", where, pause.strokes);
            if (pause.beats != 0)
                sentence = fmt::format("You lost the place at {} and went on {} beat{} {}", where, beats,
                                       beats == 1 ? "" : "s", pause.beats > 0 ? "late" : "early");
            Finding& f = add(FindingKind::Missed, shareFigure(1, m_take.passes), "%", 6.0, std::move(sentence));
            f.passes = 1;
        }
    }

    void sayPulse(const PulseChange& change) {
        const double beatMs = 60e3 / m_take.tempoBpm;
        if (!isBeyondDoubt(change.acrossMs, noticeableMs(beatMs / std::max(change.strokesAfter, change.strokesBefore))))
            return;
        const bool longer = change.acrossMs.value > 0;
        Finding& f =
            add(FindingKind::Subdivision, change.acrossMs, "ms", std::abs(change.acrossMs.value) / 8,
                fmt::format("Where {} strokes a beat become {}, at {}, the beat is {:.0f} ms too {} (±{:.0f})",
                            change.strokesBefore, change.strokesAfter, placeInWords(m_take.exercise, change.stroke),
                            std::abs(change.acrossMs.value), longer ? "long" : "short", change.acrossMs.halfWidth()));
        at(f, change.stroke);
    }

    void sayDoubles(const Doubles& doubles) {
        if (doubles.secondDb && isBeyondDoubt(*doubles.secondDb, kLeastDb)) {
            const bool soft = doubles.secondDb->value < 0;
            add(soft ? FindingKind::Soft : FindingKind::Loud, *doubles.secondDb, "dB",
                std::abs(doubles.secondDb->value) / kLeastDb,
                fmt::format("The second strokes of your doubles are {:.1f} dB {} than the first (±{:.1f})",
                            std::abs(doubles.secondDb->value), soft ? "softer" : "louder",
                            doubles.secondDb->halfWidth()));
        }
        constexpr double kLeastMs = 6;
        if (doubles.insideMs && isBeyondDoubt(*doubles.insideMs, kLeastMs)) {
            const bool late = doubles.insideMs->value > 0;
            add(late ? FindingKind::Late : FindingKind::Early, *doubles.insideMs, "ms",
                std::abs(doubles.insideMs->value) / kLeastMs,
                fmt::format("The second strokes of your doubles come {:.0f} ms {} after the first (±{:.0f})",
                            std::abs(doubles.insideMs->value), late ? "too late" : "too early",
                            doubles.insideMs->halfWidth()));
        }
    }

    void sayRun(const AccentRun& run) {
        constexpr double kLeastSlope = 0.7;
        if (!isBeyondDoubt(run.dbPerStroke, kLeastSlope)) return;
        const bool fades = run.dbPerStroke.value < 0;
        Finding& f = add(fades ? FindingKind::Soft : FindingKind::Loud, run.dbPerStroke, "dB",
                         std::abs(run.dbPerStroke.value) / kLeastSlope,
                         fmt::format("The {} accents from {} on {} by {:.1f} dB a stroke (±{:.1f})", run.length,
                                     placeInWords(m_take.exercise, run.stroke), fades ? "fade" : "grow",
                                     std::abs(run.dbPerStroke.value), run.dbPerStroke.halfWidth()));
        f.limb = m_take.exercise.strokes[static_cast<std::size_t>(run.stroke)].limb;
        f.level = Level::Accent;
        at(f, run.stroke);
    }

    void saySwell(const SwellPlayed& played) {
        const Swell& swell = m_take.exercise.swells[static_cast<std::size_t>(played.swell)];
        const double beats = (swell.to - swell.from).toDouble();
        const double fails = (played.dbPerBeat.value - played.writtenDbPerBeat) * beats;
        const double half = played.dbPerBeat.halfWidth() * beats;
        const Figure figure{fails, fails - half, fails + half, played.dbPerBeat.n};
        constexpr double kLeastFail = 5;
        if (!isBeyondDoubt(figure, kLeastFail)) return;
        const bool rises = swell.toDb > swell.fromDb;
        add(FindingKind::Crescendo, figure, "dB", std::abs(fails) / kLeastFail,
            fmt::format("Your {} covers {:.0f} dB of the {:.0f} written (±{:.0f})", rises ? "crescendo" : "diminuendo",
                        std::abs(played.dbPerBeat.value * beats), std::abs(swell.toDb - swell.fromDb), half));
    }

    void sayDynamic(const DynamicPlayed& played) {
        constexpr double kLeastOff = 4;  // the next mark
        const Swell& swell = m_take.exercise.swells[static_cast<std::size_t>(played.swell)];
        const Figure off = against(played.levelDb, played.writtenDb);
        if (!isBeyondDoubt(off, kLeastOff)) return;
        const auto inside = strokesIn(m_take.exercise, swell.from, swell.to);
        const auto stroke = static_cast<int>(inside.data() - m_take.exercise.strokes.data());
        const bool loud = off.value > 0;
        Finding& f = add(loud ? FindingKind::Loud : FindingKind::Soft, off, "dB", std::abs(off.value) / kLeastOff,
                         fmt::format("Your {} from {} is {:.0f} dB too {} (±{:.0f})", dynamicOfLevel(played.writtenDb),
                                     placeInWords(m_take.exercise, stroke), std::abs(off.value), loud ? "loud" : "soft",
                                     off.halfWidth()));
        at(f, stroke);
    }

    void sayUnison(const Unison& unison) {
        constexpr double kHeardApartMs = 8;  // nearer than this two drums sound as one
        if (!isBeyondDoubt(unison.behindMs, kHeardApartMs)) return;
        const bool later = unison.behindMs.value > 0;
        Finding& f =
            add(FindingKind::Unison, unison.behindMs, "ms", std::abs(unison.behindMs.value) / kHeardApartMs,
                fmt::format("Where they fall together the {} comes {:.0f} ms {} the {} (±{:.0f})",
                            spokenName(unison.voice), std::abs(unison.behindMs.value), later ? "after" : "before",
                            spokenName(unison.against), unison.behindMs.halfWidth()));
        f.voice = unison.voice;
    }

    void sayRoll(const RollPlayed& roll) {
        constexpr double kHeardGapMs = 40;  // shorter ones melt into one sound
        constexpr double kCutShortMs = 60;
        const auto from = placeInWords(m_take.exercise, roll.stroke);
        if (roll.longestGapMs && roll.longestGapMs->low > kHeardGapMs) {
            at(add(FindingKind::Roll, *roll.longestGapMs, "ms", roll.longestGapMs->value / kHeardGapMs,
                   fmt::format("Your roll from {} opens: its longest gap is {:.0f} ms (±{:.0f})", from,
                               roll.longestGapMs->value, roll.longestGapMs->halfWidth())),
               roll.stroke);
        }
        if (roll.releaseMs && roll.releaseMs->high < -kCutShortMs) {
            at(add(FindingKind::Roll, *roll.releaseMs, "ms", -roll.releaseMs->value / kCutShortMs,
                   fmt::format("Your roll from {} stops {:.0f} ms before the stroke it leads to (±{:.0f})", from,
                               -roll.releaseMs->value, roll.releaseMs->halfWidth())),
               roll.stroke);
        }
    }

    void sayHands() {
        for (std::size_t c = 0; c < m_measures.balance.handsDb.size(); ++c) {
            const auto& hands = m_measures.balance.handsDb[c];
            if (!hands || !isBeyondDoubt(*hands, kLeastDb)) continue;
            const bool leftSofter = hands->value > 0;
            Finding& f = add(
                leftSofter ? FindingKind::Soft : FindingKind::Loud, *hands, "dB",
                std::abs(hands->value) / kLeastDb + 0.5,
                fmt::format("Your left hand is {:.1f} dB {} than the right in {}s (±{:.1f})", std::abs(hands->value),
                            leftSofter ? "softer" : "louder", toName(static_cast<Level>(c)), hands->halfWidth()));
            f.limb = Limb::LeftHand;
            f.level = static_cast<Level>(c);
            f.figure = {-hands->value, -hands->high, -hands->low, hands->n};
        }
    }

    const MatchedTake& m_take;
    const Measures& m_measures;
    std::vector<Finding> m_found;
};

}  // namespace

bool isBeyondDoubt(const Figure& figure, double least) {
    // Testing one count of many: the interval is stretched to about three standard errors.
    constexpr double kManyCounts = 1.6;
    return std::abs(figure.value) >= least && std::abs(figure.value) > kManyCounts * figure.halfWidth();
}

double noticeableMs(double stepMs) {
    return stepMs < 240 ? 6.0 : 0.025 * stepMs;
}

std::vector<Finding> findStructureFaults(const MatchedTake& take, const Measures& measures) {
    return Structure(take, measures).all();
}

}  // namespace upbeat
