#pragma once

#include <vector>

#include "upbeat/align/events.h"
#include "upbeat/align/matched_take.h"

namespace upbeat {

// What of the page is asked for, and what of the sound can have been a stroke of it.
[[nodiscard]] std::vector<Hit> hitsOfThePage(const Exercise& e, const TakeFrame& frame, const std::vector<Hit>& hits);
/// The strokes of the bars that were played, are not damaged and not left to the player.
[[nodiscard]] std::vector<WrittenStroke> pageOf(const Exercise& e, const TakeFrame& frame, int passes);
/// When a click that is heard in the recording sounds, on the page's clock and in order; none where none is heard.
[[nodiscard]] std::vector<double> clicksHeardS(const Exercise& e, const TakeFrame& frame);
/// When the sections of a piece begin, in every pass; none where it has fewer than two.
[[nodiscard]] std::vector<double> sectionStartsS(const Exercise& e, double tempoBpm, int passes);
/// Nearly everybody ends on the bar line behind the last bar, where the click still plays.
[[nodiscard]] bool isClosingStroke(const Exercise& e, const TakeFrame& frame, double timeS);
/// Whether a time on the page's clock lies in a free span of some pass.
[[nodiscard]] bool isImprovised(const Exercise& e, double tempoBpm, double timeS);
/// Whether a hit nobody wrote is a bounce of a closed roll: the last stroke before it is one.
[[nodiscard]] bool isBounce(const Exercise& e, const std::vector<WrittenStroke>& page,
                            const std::vector<PageEvent>& events, double timeS);
/// Weak hits and second sounds that the page does not explain were never strokes.
[[nodiscard]] bool counts(const Hit& hit, const Sounding& sounding, int event);

}  // namespace upbeat
