#include "log/log_place.h"

namespace upbeat {

QList<HelpPoint> LogPlace::helpPoints() const {
    if (isOverTime())
        return {{rectIn(*this, m_overTime), tr("Tempos and measures by day, with their intervals; Enter opens "
                                               "the take of a point.")}};
    if (isComparing())
        return {{rectIn(*this, m_twoTakes), tr("Two takes on one scale. Beside them: what got better or worse, "
                                               "and what cannot be told.")}};
    return {
        {rectIn(*this, m_totals), tr("How much you have played.")},
        {rectIn(*this, m_find), tr("F finds takes: by words, #tags, tempos, days, or what was found in them.")},
        {rectIn(*this, m_list),
         tr("Every take by day. An upright stroke was clean, a leaning one not. Enter opens it, V "
            "shows them over time, C compares two.")},
        {rectIn(*this, m_note), tr("A note of your own on the chosen take.")},
    };
}

}  // namespace upbeat
