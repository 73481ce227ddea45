#pragma once

#include <map>
#include <string>
#include <vector>

#include "upbeat/judge/findings.h"

namespace upbeat {

/// Looks for what a take shows beyond doubt: its causes, and beside them what has none.
class FaultFinder {
  public:
    FaultFinder(const MatchedTake& take, const Measures& measures, const Profile& profile)
        : m_take(take), m_measures(measures), m_profile(profile) {}

    std::vector<Finding> all();

  private:
    Finding about(int stroke) const;

    /// Something that happens to one stroke on some of the passes: at least `least` times and on a share of them.
    void findOften(FindingKind kind, const std::map<int, int>& times, int least, double share, const Fault& fault);

    void findRecurring();

    void whole(FindingKind kind, const Figure& figure, std::string unit, double weight, const Fault& fault);

    void findWhole();

    void sayGate(const Gate& gate);
    void sayReturns(double weight);

    void findGrace();
    void findFreeNotes();

    /// Placements that are asked for and not played; what the causes say of their voices is the same.
    void findFeel();

    const MatchedTake& m_take;
    const Measures& m_measures;
    const Profile& m_profile;
    std::vector<Finding> m_found;
};

}  // namespace upbeat
