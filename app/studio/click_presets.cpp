#include "studio/click_presets.h"

#include "theme/words.h"

namespace upbeat {

namespace {

ClickPreset divided(const char* name, int subdivision, double swing = 1) {
    ClickChoice click;
    click.subdivision = subdivision;
    click.swing = swing;
    return {inWords(name), click};
}

ClickPreset chosen(const char* name, std::uint32_t beats, bool offBeats = false) {
    ClickChoice click;
    click.beats = beats;
    click.offBeats = offBeats;
    return {inWords(name), click};
}

ClickPreset silent(const char* name, const SilentBars& bars) {
    ClickChoice click;
    click.silent = bars;
    return {inWords(name), click};
}

ClickPreset countInOnly() {
    ClickChoice click;
    click.inTake = false;
    return {inWords(UPBEAT_TEXT("count-in only")), click};
}

}  // namespace

QList<ClickPreset> clickPresets() {
    constexpr std::uint32_t kAll = 0xFFFFFFFF;
    constexpr std::uint32_t kTwoAndFour = 0xAAAAAAAA;
    return {
        divided(UPBEAT_TEXT("every beat"), 1),
        divided(UPBEAT_TEXT("two a beat"), 2),
        divided(UPBEAT_TEXT("two a beat, swung"), 2, 2.0),
        divided(UPBEAT_TEXT("three a beat"), 3),
        divided(UPBEAT_TEXT("four a beat"), 4),
        divided(UPBEAT_TEXT("four a beat, swung"), 4, 1.7),
        chosen(UPBEAT_TEXT("two and four"), kTwoAndFour),
        chosen(UPBEAT_TEXT("one only"), 1),
        chosen(UPBEAT_TEXT("off-beats"), kAll, true),
        silent(UPBEAT_TEXT("a silent bar after three"), {3, 1}),
        silent(UPBEAT_TEXT("every other bar"), {1, 1}),
        silent(UPBEAT_TEXT("two silent bars after two"), {2, 2}),
        silent(UPBEAT_TEXT("three silent bars after one"), {1, 3}),
        countInOnly(),
    };
}

ClickPlan clickPlanOf(const PracticeSettings& settings, double tempoBpm, const Exercise& exercise) {
    ClickPlan plan = clickFor(exercise, Bpm(tempoBpm));
    plan.countInBars = settings.countInBars;
    const ClickChoice& click = settings.click;
    plan.subdivision = click.subdivision;
    plan.audibleAfterCountIn = click.inTake;
    plan.swing = click.swing;
    plan.beats = click.beats;
    plan.offBeats = click.offBeats;
    plan.silent = click.silent;
    plan.tone = settings.clickTone;
    return plan;
}

}  // namespace upbeat
