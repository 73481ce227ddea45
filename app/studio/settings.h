#pragma once

#include <QSettings>
#include <QString>

namespace upbeat {

/// What the user has set, beyond exercises and ladders. Kept under XDG_CONFIG_HOME.
struct PracticeSettings {
    int countInBars = 1;
    int clickSubdivision = 1;
    bool clickInTake = true;
    double clickGain = 0.5;
    int barsPerTake = 8;
    double restS = 4;  ///< Hands-free: rest between takes.
    QString input = QStringLiteral("simulated");
    QString profile = QStringLiteral("practice");
    double latencyMs = 0;
    bool careShown = false;  ///< The note on hearing and strain has been read.

    friend bool operator==(const PracticeSettings&, const PracticeSettings&) = default;
};

[[nodiscard]] PracticeSettings readSettings(QSettings& store);
void writeSettings(QSettings& store, const PracticeSettings& settings);

}  // namespace upbeat
