#pragma once

#include <optional>
#include <string>
#include <vector>

#include "upbeat/measure/level_reference.h"
#include "upbeat/music/counting.h"
#include "upbeat/take/analyze_take.h"

namespace upbeat {

/// One column of the field: a written stroke or a count without one.
struct FieldColumn {
    double place = 0;  ///< 0 to 1 of the phrase.
    std::string word;
    bool onBeat = false;
    bool onBar = false;
};

/// A hit or a missing hit as the field shows it.
struct FieldMark {
    enum class Kind { Played, Missed, Extra, Pale };  ///< Extra: nobody wrote it. Pale: nor is it a stroke.
    Kind kind = Kind::Played;
    int stroke = -1;
    double place = 0;
    int slot = 0;         ///< Strokes of one count stand side by side: 0 is the middle.
    double offsetMs = 0;  ///< Against where it is asked for.
    double leanMs = 0;    ///< As it is drawn: against the click, or what a lens shows instead.
    double askedMs = 0;   ///< How its pale bar leans.
    double relativeDb = 0;
    double targetDb = 0;
    Limb limb = Limb::RightHand;
    double timeS = 0;            ///< In the recording.
    double aheadMs = 0;          ///< Grace notes: how far before their stroke they stand.
    bool faded = false;          ///< Not what the lens looks at.
    std::optional<int> joins{};  ///< It has no sound of its own: the stroke whose sound it shares.
};

/// The average stroke of one count over the passes.
struct FieldAverage {
    int stroke = 0;
    double place = 0;
    int slot = 0;
    Figure offsetMs;  ///< Against the click: the take's placement included.
    double relativeDb = 0;
    double targetDb = 0;
    Limb limb = Limb::RightHand;
    double askedMs = 0;          ///< How its pale bar leans.
    std::optional<int> joins{};  ///< Mostly without a sound of its own: the stroke whose sound it shares.
};

/// A part of a pass that was lost or damaged on its way in: nothing in it is measured.
struct FieldGap {
    std::size_t row = 0;
    double from = 0;  ///< 0 to 1 through the pass.
    double to = 0;

    friend bool operator==(const FieldGap&, const FieldGap&) = default;
};

/// Everything the field draws, free of pixels.
struct FieldData {
    std::vector<FieldColumn> columns;
    std::vector<std::vector<FieldMark>> rows;  ///< One per pass.
    std::vector<FieldAverage> averages;
    std::vector<FieldGap> gaps;
    std::vector<std::string> hands;  ///< Sticking letter per stroke of the exercise.
    std::vector<double> strokePlaces;
    std::vector<int> strokeSlots;         ///< Per stroke: see slotsOf.
    std::vector<std::string> rowNames{};  ///< Instead of the numbers of the passes.
    std::vector<double> barPlaces{0, 1};  ///< Where every bar begins, 0 to 1, and the end of the last.

    [[nodiscard]] std::size_t markCount() const;
    [[nodiscard]] int bars() const { return static_cast<int>(barPlaces.size()) - 1; }
    /// Where a bar (from 0) begins, and the bar that holds a place.
    [[nodiscard]] double placeOfBar(int bar) const;
    [[nodiscard]] int barAt(double place) const;
};

[[nodiscard]] FieldData fieldOf(const TakeAnalysis& analysis);

/// Lines of so many bars instead of passes, one under the other, each named by the number of its first bar; `firstBar`
/// is that of the page. As it is where it fits on one line, or where bars differ in length.
[[nodiscard]] FieldData inLines(FieldData field, int barsPerLine, int firstBar);

/// Where the damaged spans of a take lie in its passes.
[[nodiscard]] std::vector<FieldGap> gapsOf(const Exercise& exercise, const TakeFrame& frame);

/// The empty page: columns, hands and targets of an exercise.
[[nodiscard]] FieldData fieldOf(const Exercise& exercise);

/// -1, 0, +1 ... for the strokes that share a count, 0 for a stroke alone; one entry per stroke.
[[nodiscard]] std::vector<int> slotsOf(const Exercise& exercise);

}  // namespace upbeat
