// All faults of a take, and those that come and go on single counts.
#include <algorithm>
#include <cmath>
#include <set>

#include "cause_findings.h"
#include "fault_finder.h"
#include "structure_findings.h"
#include "upbeat/music/page.h"

namespace upbeat {

namespace {

/// Counts that hardly stand out of what rings where they are heard: where they are not heard, nobody can say that they
/// were not played.
std::set<int> hardlyAudible(const MatchedTake& take) {
    constexpr double kFaintDb = 10;
    std::map<int, std::vector<double>> contrasts;
    for (const MatchedStroke& s : take.strokes)
        if (s.written.role == Role::Main)
            contrasts[s.written.stroke].push_back(take.hits[static_cast<std::size_t>(s.hit)].contrastDb);
    std::set<int> faint;
    for (const auto& [stroke, heard] : contrasts)
        if (median(heard) < kFaintDb) faint.insert(stroke);
    return faint;
}

}  // namespace

std::vector<Finding> FaultFinder::all() {
    m_found = findCauses(m_take, m_measures, m_profile);
    findRecurring();
    findWhole();
    findFeel();
    for (Finding& f : findStructureFaults(m_take, m_measures)) m_found.push_back(std::move(f));
    std::stable_sort(m_found.begin(), m_found.end(),
                     [](const Finding& a, const Finding& b) { return a.weight > b.weight; });
    return std::move(m_found);
}

Finding FaultFinder::about(int stroke) const {
    const Stroke& s = m_take.exercise.strokes[static_cast<std::size_t>(stroke)];
    Finding finding;
    finding.stroke = stroke;
    finding.limb = s.limb;
    finding.voice = s.voice;
    finding.level = s.level;
    finding.drill = beatAround(m_take.exercise, stroke);
    return finding;
}

void FaultFinder::findOften(FindingKind kind, const std::map<int, int>& times, int least, double share,
                            const Fault& fault) {
    for (const auto& [stroke, count] : times) {
        if (count < least || count < share * m_take.passes) continue;
        Finding f = about(stroke);
        f.kind = kind;
        f.figure = shareFigure(count, m_take.passes);
        f.unit = "%";
        f.passes = count;
        f.of = m_take.passes;
        f.fault = fault;
        const double often = static_cast<double>(count) / m_take.passes;
        f.weight = kind == FindingKind::Missed ? 0.6 + 2.4 * often : 0.3 + 1.2 * often;
        m_found.push_back(std::move(f));
    }
}

void FaultFinder::findRecurring() {
    std::map<int, int> missed;
    std::map<int, int> elsewhere;
    std::map<int, int> odd;
    for (const WrittenStroke& w : m_take.missed) ++missed[w.stroke];
    for (const int stroke : hardlyAudible(m_take)) missed.erase(stroke);
    for (const WrittenStroke& w : m_measures.counts.wrongVoice) ++elsewhere[w.stroke];
    for (const StrokeQuality& quality : m_measures.quality)
        for (const OddStroke& stroke : quality.odd) ++odd[stroke.written.stroke];
    // What is struck much harder or softer sounds otherwise for that reason.
    for (const Cause& cause : m_measures.causes.levels.causes)
        for (const int stroke : cause.strokes) odd.erase(stroke);
    findOften(FindingKind::Missed, missed, 2, 0.25, CountMissing{});
    findOften(FindingKind::Missed, elsewhere, 2, 0.25, CountOnAnotherDrum{});
    findOften(FindingKind::Stroke, odd, 3, 0.5, CountSoundsOdd{});
}

}  // namespace upbeat
