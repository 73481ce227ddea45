#include "prepare/page_rules.h"

#include <array>

#include "theme/words.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

Result<Exercise> withMeter(const Exercise& e) {
    return rebarred(e, e.meter == Meter{4, 4} ? Meter{2, 2} : Meter{4, 4});
}

}  // namespace

QList<PageRule> pageRules() {
    const auto revoicing = [](Revoicing how) {
        return [how](const Exercise& e) -> Result<Exercise> { return revoiced(e, how); };
    };
    const auto every = [](int k, int size) {
        return [k, size](const Exercise& e) -> Result<Exercise> { return accentEvery(e, k, size); };
    };
    return {
        {inWords(UPBEAT_TEXT("choose …")), nullptr},
        {inWords(UPBEAT_TEXT("the other hand leads")),
         [](const Exercise& e) -> Result<Exercise> { return mirrored(e); }},
        {inWords(UPBEAT_TEXT("accent the 1st of 4")), every(1, 4)},
        {inWords(UPBEAT_TEXT("accent the 2nd of 4")), every(2, 4)},
        {inWords(UPBEAT_TEXT("accent the 3rd of 4")), every(3, 4)},
        {inWords(UPBEAT_TEXT("accent the 4th of 4")), every(4, 4)},
        {inWords(UPBEAT_TEXT("accent the 1st of 3")), every(1, 3)},
        {inWords(UPBEAT_TEXT("accents one stroke on")),
         [](const Exercise& e) -> Result<Exercise> { return accentsMoved(e, 1); }},
        {inWords(UPBEAT_TEXT("accents in runs of 4, 3, 2, 1")),
         [](const Exercise& e) -> Result<Exercise> {
             constexpr std::array kRuns{4, 3, 2, 1};
             return accentRuns(e, kRuns);
         }},
        {inWords(UPBEAT_TEXT("hands on ride and hi-hat")), revoicing(Revoicing::HandsOnRideAndHat)},
        {inWords(UPBEAT_TEXT("accents on the toms")), revoicing(Revoicing::AccentsToToms)},
        {inWords(UPBEAT_TEXT("right hand on the bass drum")), revoicing(Revoicing::RightHandToBass)},
        {inWords(UPBEAT_TEXT("all on the pad")), revoicing(Revoicing::AllOnThePad)},
        {inWords(UPBEAT_TEXT("4/4 and cut time")), withMeter},
        {inWords(UPBEAT_TEXT("count in numbers")),
         [](Exercise e) -> Result<Exercise> {
             e.counting = Counting::Numbers;
             return e;
         }},
        {inWords(UPBEAT_TEXT("two levels or three")),
         [](Exercise e) -> Result<Exercise> {
             e.twoLevels = !e.twoLevels;
             return e;
         }},
        {inWords(UPBEAT_TEXT("another exercise behind it …")), nullptr, RuleAsks::Exercise},
        {inWords(UPBEAT_TEXT("groups, a roll, pp to ff, tempo, section, feel, words …")), nullptr, RuleAsks::Words},
    };
}

}  // namespace upbeat
