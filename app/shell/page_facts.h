#pragma once

#include <QStringList>

#include "theme/words.h"
#include "upbeat/music/bars.h"

namespace upbeat {

/// What the header says of a page: its meters, its length, its feel.
[[nodiscard]] inline QStringList pageFacts(const Exercise& e) {
    QStringList facts{QString::fromStdString(metersInWords(e)),
                      counted(e.bars, UPBEAT_TEXT("1 bar"), UPBEAT_TEXT_N("%n bars"))};
    if (e.feel.isSwung()) facts << inWords(UPBEAT_TEXT("swung %1 : 1")).arg(e.feel.ratio, 0, 'g', 3);
    for (const AskedPlacement& placement : e.placements) facts << inWords(words::nameOf(placement));
    if (e.twoLevels) facts << inWords(UPBEAT_TEXT("two levels"));
    return facts;
}

}  // namespace upbeat
