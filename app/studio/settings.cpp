#include "studio/settings.h"

#include <algorithm>

namespace upbeat {

PracticeSettings readSettings(QSettings& store) {
    const PracticeSettings d;
    PracticeSettings s;
    const auto value = [&store](const char* key, const QVariant& fallback) {
        return store.value(QLatin1String(key), fallback);
    };
    // Anyone may edit the file: every number is brought back into its range.
    s.countInBars = std::clamp(value("countInBars", d.countInBars).toInt(), 0, 4);
    s.clickSubdivision = std::clamp(value("clickSubdivision", d.clickSubdivision).toInt(), 1, 8);
    s.clickInTake = value("clickInTake", d.clickInTake).toBool();
    s.clickGain = std::clamp(value("clickGain", d.clickGain).toDouble(), 0.0, 1.0);
    s.barsPerTake = std::clamp(value("barsPerTake", d.barsPerTake).toInt(), 1, 400);
    s.restS = std::clamp(value("restS", d.restS).toDouble(), 1.0, 60.0);
    s.input = value("input", d.input).toString();
    s.profile = value("profile", d.profile).toString();
    s.latencyMs = std::clamp(value("latencyMs", d.latencyMs).toDouble(), -500.0, 500.0);
    s.careShown = value("careShown", d.careShown).toBool();
    return s;
}

void writeSettings(QSettings& store, const PracticeSettings& s) {
    const auto put = [&store](const char* key, const QVariant& value) { store.setValue(QLatin1String(key), value); };
    put("countInBars", s.countInBars);
    put("clickSubdivision", s.clickSubdivision);
    put("clickInTake", s.clickInTake);
    put("clickGain", s.clickGain);
    put("barsPerTake", s.barsPerTake);
    put("restS", s.restS);
    put("input", s.input);
    put("profile", s.profile);
    put("latencyMs", s.latencyMs);
    put("careShown", s.careShown);
}

}  // namespace upbeat
