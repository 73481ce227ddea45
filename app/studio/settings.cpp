#include "studio/settings.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

PracticeSettings readSettings(QSettings& store) {
    const PracticeSettings d;
    PracticeSettings s;
    const auto value = [&store](const char* key, const QVariant& fallback) {
        return store.value(QLatin1String(key), fallback);
    };
    // Anyone may edit the file: every number is brought back into its range, and "nan" is none.
    const auto number = [&value](const char* key, double usual, double least, double most) {
        const double found = value(key, usual).toDouble();
        return std::isnan(found) ? usual : std::clamp(found, least, most);
    };
    s.countInBars = std::clamp(value("countInBars", d.countInBars).toInt(), 0, 4);
    s.click.subdivision = std::clamp(value("clickSubdivision", d.click.subdivision).toInt(), 1, 8);
    s.click.inTake = value("clickInTake", d.click.inTake).toBool();
    s.click.swing = number("clickSwing", d.click.swing, 1.0, 4.0);
    s.click.beats = value("clickBeats", d.click.beats).toUInt();
    s.click.offBeats = value("clickOffBeats", d.click.offBeats).toBool();
    s.click.silent.on = std::clamp(value("clickBarsOn", d.click.silent.on).toInt(), 1, SilentBars::kMost);
    s.click.silent.off = std::clamp(value("clickBarsOff", d.click.silent.off).toInt(), 0, SilentBars::kMost);
    s.clickTone = static_cast<ClickTone>(std::clamp(value("clickTone", 0).toInt(), 0, kClickTones - 1));
    s.minutes = std::clamp(value("minutes", d.minutes).toInt(), 0, 120);
    s.clickGain = number("clickGain", d.clickGain, 0.0, 1.0);
    s.barsPerTake = std::clamp(value("barsPerTake", d.barsPerTake).toInt(), 0, 400);
    s.ownKeys = value("ownKeys", d.ownKeys).toStringList();
    s.language = value("language", d.language).toString();
    s.soundMonths = std::clamp(value("soundMonths", d.soundMonths).toInt(), 0, 120);
    s.restS = number("restS", d.restS, 1.0, 60.0);
    s.voice = static_cast<VoiceUse>(std::clamp(value("voice", 0).toInt(), 0, kVoiceUses - 1));
    s.inputChosen = value("inputChosen", store.contains(QStringLiteral("input"))).toBool();
    s.input = inputFromText(value("input", {}).toString().toStdString());
    s.profile = profileFromName(value("profile", {}).toString().toStdString()).value_or(d.profile);
    s.twoLevels = value("twoLevels", d.twoLevels).toBool();
    s.latencyMs = number("latencyMs", d.latencyMs, -500.0, 500.0);
    s.still = value("still", d.still).toBool();
    s.careShown = value("careShown", d.careShown).toBool();
    return s;
}

void writeSettings(QSettings& store, const PracticeSettings& s) {
    const auto put = [&store](const char* key, const QVariant& value) { store.setValue(QLatin1String(key), value); };
    put("countInBars", s.countInBars);
    put("clickSubdivision", s.click.subdivision);
    put("clickInTake", s.click.inTake);
    put("clickSwing", s.click.swing);
    put("clickBeats", s.click.beats);
    put("clickOffBeats", s.click.offBeats);
    put("clickBarsOn", s.click.silent.on);
    put("clickBarsOff", s.click.silent.off);
    put("clickTone", static_cast<int>(s.clickTone));
    put("minutes", s.minutes);
    put("clickGain", s.clickGain);
    put("barsPerTake", s.barsPerTake);
    put("ownKeys", s.ownKeys);
    put("language", s.language);
    put("soundMonths", s.soundMonths);
    put("restS", s.restS);
    put("voice", static_cast<int>(s.voice));
    put("input", QString::fromStdString(toText(s.input)));
    put("inputChosen", s.inputChosen);
    put("profile", QString::fromUtf8(toName(s.profile).data()));
    put("twoLevels", s.twoLevels);
    put("latencyMs", s.latencyMs);
    put("still", s.still);
    put("careShown", s.careShown);
}

}  // namespace upbeat
