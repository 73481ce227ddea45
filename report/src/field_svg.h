#pragma once

#include <string>

#include "upbeat/take/analyze_take.h"
#include "upbeat/units/text.h"

namespace upbeat {

/// The field of a take as SVG: the average over the passes like the page above, a row for every pass below, or lines of
/// four bars where the page is long. Every mark says when it sounds (data-t, seconds in the recording), which stroke of
/// which pass it is (data-n, data-p) and what it is (its title).
[[nodiscard]] std::string fieldSvg(const TakeAnalysis& analysis, const Translate& translate);

}  // namespace upbeat
