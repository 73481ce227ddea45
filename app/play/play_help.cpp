#include "play/play_place.h"

namespace upbeat {

QList<HelpPoint> PlayPlace::helpPoints() const {
    return {
        {shareOf(*this, {0.02, 0.02, 0.38, 0.32}), tr("The tempo of this rung, large enough to read from the stool.")},
        {shareOf(*this, {0.42, 0.02, 0.28, 0.32}),
         tr("The count. First comes a count-in, then the take begins by itself.")},
        {shareOf(*this, {0.72, 0.02, 0.26, 0.32}),
         tr("How often the page has gone round, or which section comes next.")},
        {shareOf(*this, {0.05, 0.40, 0.90, 0.48}),
         tr("The page as you play it: a stroke that leans left is early, one that "
            "leans right is late, a tall one is loud. The pale bars are what is "
            "written.")},
        {shareOf(*this, {0.05, 0.93, 0.90, 0.06}), tr("How loud you are heard: it must move when you strike, and never "
                                                      "reach the end.")},
    };
}

}  // namespace upbeat
