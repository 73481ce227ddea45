#include "look/look_place.h"

namespace upbeat {

QList<HelpPoint> LookPlace::helpPoints() const {
    return {
        {rectIn(*this, m_field),
         tr("All your strokes: a column for every count, a row for every time round, averages on "
            "top. Leaning left is early, leaning right late; height is loudness; an empty ring was "
            "not played.")},
        {rectIn(*this, m_sideTitle),
         tr("What the take shows beyond doubt, worst first, with how sure it is. N goes from one "
            "to the next and lights its strokes.")},
        {rectIn(*this, m_gates), tr("What this rung asks, and what you played: a bar beyond its mark is missed.")},
        {rectIn(*this, m_strip), tr("The whole take from left to right: a slope is a drift.")},
        {rectIn(*this, m_withClick),
         tr("Hear it: H plays around the chosen stroke, S at half speed, C with the click, I as "
            "the page asks.")},
        {rectIn(*this, m_verdict), tr("What to do next. Enter does it.")},
    };
}

}  // namespace upbeat
