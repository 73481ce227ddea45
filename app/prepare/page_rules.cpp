#include "prepare/page_rules.h"

#include <QCoreApplication>
#include <array>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("EditPanel", text);
}

Result<Exercise> withMeter(const Exercise& e) {
    return rebarred(e, e.meter == Meter{4, 4} ? Meter{2, 2} : Meter{4, 4});
}

}  // namespace

const QList<PageRule>& pageRules() {
    const auto revoicing = [](Revoicing how) {
        return [how](const Exercise& e) -> Result<Exercise> { return revoiced(e, how); };
    };
    const auto every = [](int k, int size) {
        return [k, size](const Exercise& e) -> Result<Exercise> { return accentEvery(e, k, size); };
    };
    static const QList<PageRule> list{
        {tr("choose …"), nullptr},
        {tr("the other hand leads"), [](const Exercise& e) -> Result<Exercise> { return mirrored(e); }},
        {tr("accent the 1st of 4"), every(1, 4)},
        {tr("accent the 2nd of 4"), every(2, 4)},
        {tr("accent the 3rd of 4"), every(3, 4)},
        {tr("accent the 4th of 4"), every(4, 4)},
        {tr("accent the 1st of 3"), every(1, 3)},
        {tr("accents one stroke on"), [](const Exercise& e) -> Result<Exercise> { return accentsMoved(e, 1); }},
        {tr("accents in runs of 4, 3, 2, 1"),
         [](const Exercise& e) -> Result<Exercise> {
             constexpr std::array kRuns{4, 3, 2, 1};
             return accentRuns(e, kRuns);
         }},
        {tr("hands on ride and hi-hat"), revoicing(Revoicing::HandsOnRideAndHat)},
        {tr("accents on the toms"), revoicing(Revoicing::AccentsToToms)},
        {tr("right hand on the bass drum"), revoicing(Revoicing::RightHandToBass)},
        {tr("all on the pad"), revoicing(Revoicing::AllOnThePad)},
        {tr("4/4 and cut time"), withMeter},
        {tr("count in numbers"),
         [](Exercise e) -> Result<Exercise> {
             e.counting = Counting::Numbers;
             return e;
         }},
        {tr("another exercise behind it …"), nullptr, RuleAsks::Exercise},
        {tr("groups, a roll, pp to ff, words …"), nullptr, RuleAsks::Words},
    };
    return list;
}

}  // namespace upbeat
