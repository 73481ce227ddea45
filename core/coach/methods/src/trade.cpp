#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

namespace {

/// So many bars of the page, and as many in which nothing is written.
std::optional<Exercise> traded(const Exercise& e, int bars) {
    const FormPart page{e, bars / e.bars};
    const auto written = formOf(e, {&page, 1});
    if (!written) return std::nullopt;
    Exercise whole = *written;
    auto meters = metersOf(whole);
    const Beats half = whole.length();
    meters.insert(meters.end(), meters.begin(), meters.begin() + bars);
    setMeters(whole, meters);
    whole.freeSpans = {{half, whole.length()}};
    whole.sections = {{1, "written"}, {bars + 1, "free"}};
    return whole;
}

}  // namespace

/// Bars as written and bars of one's own in turn, where the page is short and leaves nothing free itself.
void trade(Stages& stages, const Exercise& e) {
    if (!e.freeSpans.empty()) return;
    for (const int bars : {2, 4}) {
        if (bars % e.bars != 0) continue;
        if (const auto whole = traded(e, bars))
            stages.add(Text::counted(bars, UPBEAT_TEXT("a bar written, a bar free"),
                                     UPBEAT_TEXT_N("%n bars written, as many free")),
                       *whole);
    }
    stages.addWhole();
}

}  // namespace upbeat
