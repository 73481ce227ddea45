#include "prepare/prepare_place.h"

namespace upbeat {

QList<HelpPoint> PreparePlace::helpPoints() const {
    return {
        {rectIn(*this, m_list),
         tr("The pages: built-in exercises, your own and pieces. Type to find one; Enter puts it on "
            "the stand.")},
        {rectIn(*this, m_line),
         tr("The page on the stand, count by count. E writes in it, Ctrl+N begins an empty one.")},
        {rectIn(*this, m_sections), tr("The sections of a piece: a click chooses one, dragging chooses bars.")},
        {rectIn(*this, m_hear), tr("How it goes: P plays the page, the arrows set the tempo.")},
        {rectIn(*this, m_controls), tr("Tempo, click, how long a take is, and what you play on: microphone, kit or the "
                                       "simulated player.")},
        {rectIn(*this, m_panels),
         tr("What the page trains; in its place: today's plan, the sound check, ways to take the "
            "page apart.")},
    };
}

}  // namespace upbeat
