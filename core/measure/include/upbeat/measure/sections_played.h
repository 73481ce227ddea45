#pragma once

#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// Two stretches of a take beside one another: the mean of what the strokes have in common.
struct LikeForLike {
    /// What makes two strokes alike: their place in the bar, voice and level; the place; nothing.
    enum class By { CountAndVoice, Count, Nothing };

    std::optional<Figure> pulseMs;  ///< Minus: earlier than in the other stretch.
    std::optional<Figure> levelDb;  ///< Plus: louder. None by count alone, for a tom is not a hi-hat.
    By by = By::Nothing;
};

/// How a section was played, by itself and in its context: a fill between two grooves, a bridge behind a verse.
/// In the pass a section comes behind the one before it; the first one behind the last one of the pass before.
struct SectionPlayed {
    SectionSpan section;
    bool isUsual = false;               ///< Of a phrase that comes again the longest: what the others differ from.
    std::optional<Figure> placementMs;  ///< Mean offset from the click.
    std::optional<Figure> spreadMs;     ///< About the mean of each pass.
    std::optional<Figure> tempoBpm;     ///< As played: the slope of the offsets within the section.
    LikeForLike here;                   ///< Against the section before it.
    LikeForLike behind;                 ///< The first two bars behind it against the section before it: is one back?
};

/// The sections of a take in the order of the page; empty with fewer than two. A figure stands on the passes where
/// there are three of them; in a single pass on the bars, or on the counts that both stretches have. Definitions in
/// docs/measures.md.
[[nodiscard]] std::vector<SectionPlayed> sectionsPlayed(const MatchedTake& take);

}  // namespace upbeat
