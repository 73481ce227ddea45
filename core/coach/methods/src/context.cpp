#include <algorithm>
#include <array>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

/// Groove bars before and after: those of the phrase itself, or beats of the busiest hand where it is one bar long.
void context(Stages& stages, const Exercise& e) {
    Exercise groove = barsOf(e, 1, std::max(1, e.bars - 1));
    const Exercise last = barsOf(e, e.bars, e.bars);
    if (e.bars == 1) {
        std::erase_if(groove.strokes, [&](const Stroke& s) { return !isOnBeat(e, s.at); });
        for (Stroke& s : groove.strokes) s.ornament = Ornament::None;
        groove.freeSpans.clear();
        groove.swells.clear();
    }
    const int before = groove.bars;
    const auto form = [&](int times) {
        const std::array<FormPart, 2> sections{{{groove, times}, {last, 1}}};
        return formOf(e, sections);
    };
    stages.add(UPBEAT_TEXT("the bar alone"), last);
    for (const int bars : {1, 3, 7}) {
        auto whole = form(std::max(1, bars / before));
        if (!whole || whole->bars > 8) continue;
        whole->sections = {{1, "groove"}, {whole->bars, "fill"}};  // Look holds them against one another
        stages.add(Text::counted(whole->bars - 1, UPBEAT_TEXT("a bar of groove, then the bar"),
                                 UPBEAT_TEXT_N("%n bars of groove, then the bar")),
                   *whole);
    }
    stages.addWhole();
}

}  // namespace upbeat
