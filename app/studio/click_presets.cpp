#include "studio/click_presets.h"

#include <QCoreApplication>

namespace upbeat {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("ClickPresets", text);
}

ClickPreset divided(const char* name, int subdivision, double swing = 1) {
    ClickChoice click;
    click.subdivision = subdivision;
    click.swing = swing;
    return {tr(name), click};
}

ClickPreset chosen(const char* name, std::uint32_t beats, bool offBeats = false) {
    ClickChoice click;
    click.beats = beats;
    click.offBeats = offBeats;
    return {tr(name), click};
}

ClickPreset silent(const char* name, int barsOn, int barsOff) {
    ClickChoice click;
    click.barsOn = barsOn;
    click.barsOff = barsOff;
    return {tr(name), click};
}

ClickPreset countInOnly() {
    ClickChoice click;
    click.inTake = false;
    return {tr("count-in only"), click};
}

}  // namespace

const QList<ClickPreset>& clickPresets() {
    constexpr std::uint32_t kAll = 0xFFFFFFFF;
    constexpr std::uint32_t kTwoAndFour = 0xAAAAAAAA;
    static const QList<ClickPreset> presets{
        divided("every beat", 1),
        divided("two a beat", 2),
        divided("two a beat, swung", 2, 2.0),
        divided("three a beat", 3),
        divided("four a beat", 4),
        divided("four a beat, swung", 4, 1.7),
        chosen("two and four", kTwoAndFour),
        chosen("one only", 1),
        chosen("off-beats", kAll, true),
        silent("a silent bar after three", 3, 1),
        silent("every other bar", 1, 1),
        silent("three silent bars after one", 1, 3),
        countInOnly(),
    };
    return presets;
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
    plan.barsOn = click.barsOn;
    plan.barsOff = click.barsOff;
    plan.tone = settings.clickTone;
    return plan;
}

}  // namespace upbeat
