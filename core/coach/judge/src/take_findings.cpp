// Faults of the take as a whole.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "fault_finder.h"
#include "structure_findings.h"
#include "upbeat/music/page.h"

namespace upbeat {

void FaultFinder::whole(FindingKind kind, const Figure& figure, std::string unit, double weight, std::string sentence) {
    Finding f;
    f.kind = kind;
    f.figure = figure;
    f.unit = std::move(unit);
    f.passes = f.of = m_take.passes;
    f.weight = weight;
    f.sentence = std::move(sentence);
    m_found.push_back(std::move(f));
}

void FaultFinder::findWhole() {
    for (const Gate& gate : judge(m_take, m_measures, m_profile))
        if (gate.state == GateState::Missed) sayGate(gate);
    findGrace();
}

void FaultFinder::sayGate(const Gate& gate) {
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
                      shareFigure(std::min(static_cast<int>(m_take.extra.size()), m_take.passes), m_take.passes), "%",
                      over * 0.6, fmt::format("{} strokes that are not written", m_take.extra.size()));
            break;
        case GateKind::AccentTapGap:
            whole(FindingKind::LevelGap, v, "dB", over,
                  fmt::format("Accents stand {:.1f} dB above taps (±{:.1f}); {:.0f} are needed", v.value, v.halfWidth(),
                              gate.limit));
            break;
        case GateKind::TapGhostGap:
            whole(FindingKind::LevelGap, v, "dB", over,
                  fmt::format("Ghosts lie {:.1f} dB below taps (±{:.1f}); {:.0f} are needed", v.value, v.halfWidth(),
                              gate.limit));
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

void FaultFinder::saySwing(double over) {
    const Figure& ratio = *m_measures.swing->ratio;
    const double target = m_measures.swing->targetRatio;
    whole(FindingKind::Swing, ratio, "ratio", over,
          fmt::format("You swing {:.2f} : 1 (±{:.2f}), {} than the {:.2g} : 1 asked for", ratio.value,
                      ratio.halfWidth(), ratio.value < target ? "straighter" : "wider", target));
}

void FaultFinder::sayDrift(double over) {
    const Figure& drift = *m_measures.timing.driftMsPerBar;
    whole(FindingKind::Drift, drift, "ms per bar", over,
          fmt::format("The pulse {} the click by {:.1f} ms a bar (±{:.1f})",
                      drift.value > 0 ? "falls behind" : "runs ahead of", std::abs(drift.value), drift.halfWidth()));
}

void FaultFinder::findGrace() {
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
              fmt::format("Grace notes stand {:.0f} ms before the stroke (±{:.0f}): they run into it", spacing.value,
                          spacing.halfWidth()));
}

}  // namespace upbeat
