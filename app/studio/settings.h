#pragma once

#include <QSettings>
#include <QString>
#include <cstdint>

#include "upbeat/audio/input_id.h"
#include "upbeat/judge/profile.h"
#include "upbeat/music/click_plan.h"

namespace upbeat {

/// How the click goes while a take runs; see ClickPlan.
struct ClickChoice {
    int subdivision = 1;
    bool inTake = true;
    double swing = 1;
    std::uint32_t beats = 0xFFFFFFFF;
    bool offBeats = false;
    SilentBars silent{};

    friend bool operator==(const ClickChoice&, const ClickChoice&) = default;
};

/// What a voice says, where there is one.
enum class VoiceUse { Silent, Verdicts, CountIn, Throughout };
inline constexpr int kVoiceUses = 4;

/// What the user has set, beyond exercises and ladders. Kept under XDG_CONFIG_HOME.
struct PracticeSettings {
    int countInBars = 1;
    ClickChoice click;
    ClickTone clickTone = ClickTone::Sine;
    double clickGain = 0.5;
    int minutes = 0;                    ///< For one exercise, or for one part of a method; 0: no timer.
    int barsPerTake = 8;                ///< 0: until it is stopped.
    double restS = 4;                   ///< Hands-free: rest between takes.
    VoiceUse voice = VoiceUse::Silent;  ///< Verdicts; with them the beats of the count-in; of the whole take.
    InputId input;
    bool inputChosen = false;  ///< By the player; before that the sound check is offered.
    ProfileKind profile = ProfileKind::Practice;
    bool twoLevels = false;  ///< Of every exercise: accents and the rest.
    double latencyMs = 0;
    int soundMonths = 0;     ///< Older recordings are let go but for clean takes and the last of a day; 0: none.
    QStringList ownKeys{};   ///< See KeyMap.
    QString language{};      ///< A code; empty: the language of the desktop.
    bool still = false;      ///< What moves goes from beat to beat, and no meter dances.
    bool careShown = false;  ///< The note on hearing and strain has been read.

    friend bool operator==(const PracticeSettings&, const PracticeSettings&) = default;
};

[[nodiscard]] PracticeSettings readSettings(QSettings& store);
void writeSettings(QSettings& store, const PracticeSettings& settings);

}  // namespace upbeat
