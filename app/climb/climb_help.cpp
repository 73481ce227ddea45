#include "climb/climb_place.h"
#include "climb/hold_bar.h"
#include "climb/ladder_view.h"
#include "place/gate_list.h"
#include "place/verdict_bar.h"

namespace upbeat {

QList<HelpPoint> ClimbPlace::helpPoints() const {
    return {
        {rectIn(*this, m_ladder),
         tr("The ladder of this page from its start to its goal: filled rungs were clean, the open "
            "one is yours now. Beside them stands how likely a clean take is.")},
        {rectIn(*this, m_sections),
         tr("Every section of a piece has a ladder of its own; the slowest holds the piece.")},
        {rectIn(*this, m_gates), tr("What a take must show to be clean at this tempo.")},
        {rectIn(*this, m_holds), tr("What holds you on this rung, take by take.")},
        {rectIn(*this, m_verdict), tr("The next step after the last take.")},
    };
}

}  // namespace upbeat
