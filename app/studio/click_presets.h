#pragma once

#include <QList>
#include <QString>

#include "studio/settings.h"
#include "upbeat/music/click_plan.h"

namespace upbeat {

/// A way the click goes, by name.
struct ClickPreset {
    QString name;
    ClickChoice click;
};

/// From every beat to hardly any.
[[nodiscard]] QList<ClickPreset> clickPresets();

/// The plan of a take: tempo and meter, with what was chosen.
[[nodiscard]] ClickPlan clickPlanOf(const PracticeSettings& settings, double tempoBpm, const Exercise& exercise);

}  // namespace upbeat
