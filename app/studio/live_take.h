#pragma once

#include <vector>

#include "upbeat/align/live_matcher.h"
#include "upbeat/field/field_data.h"

namespace upbeat {

/// A take while it is being played: every hit goes at once to the nearest written stroke. A first impression; the
/// verdict comes from matching the whole take.
class LiveTake {
  public:
    LiveTake(Exercise exercise, double tempoBpm, int bars, double firstBeatS, double latencyS);

    /// Adds newly heard hits, in take time.
    void add(const std::vector<Hit>& hits);
    /// Moves the clock.
    void moveTo(double takeTimeS) { m_nowS = takeTimeS; }

    [[nodiscard]] const Exercise& exercise() const { return m_exercise; }
    [[nodiscard]] double tempoBpm() const { return m_tempoBpm; }
    [[nodiscard]] int passes() const { return m_passes; }
    /// Counted beats since beat 1 of bar 1; negative in the count-in.
    [[nodiscard]] double beatsNow() const;
    /// The last bar has ended, and the take not yet.
    [[nodiscard]] bool isOver() const;
    /// From 1; 0 in the count-in.
    [[nodiscard]] int passNow() const;
    /// 0 to 1 through the pass.
    [[nodiscard]] double placeInPass() const;
    [[nodiscard]] const std::vector<FieldMark>& marksOfPass(int pass) const;
    /// What the last finished pass showed, in a few words; empty before the first.
    [[nodiscard]] QString lastPassInWords() const;

  private:
    void show(const Hit& hit, const LiveStroke& found);
    static void put(std::vector<FieldMark>& marks, const FieldMark& mark);

    Exercise m_exercise;
    double m_tempoBpm;
    double m_startS;
    int m_passes;
    LiveMatcher m_matcher;
    double m_nowS = 0;
    std::vector<int> m_slots;
    LevelReference m_reference;
    std::vector<std::vector<FieldMark>> m_marks;  // by pass
};

}  // namespace upbeat
