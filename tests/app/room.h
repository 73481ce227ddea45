#pragma once

#include <QTemporaryDir>
#include <QTest>

#include "studio/studio.h"
#include "takes.h"

namespace upbeat::test {

inline Character soloist() {
    Character c = goodPlayer();
    c.spreadMs = 2.5;
    c.levelSpreadDb = {0.8, 0.8, 0.8};
    return c;
}

/// A studio that keeps everything in `dir` and whose simulated player plays forty times as fast as a person.
inline std::unique_ptr<Studio> studioIn(const QTemporaryDir& dir, const CharacterOf& characterOf) {
    StudioOptions options;
    options.dataFolder = dir.path().toStdString();
    options.settingsFile = dir.filePath(QStringLiteral("settings.ini"));
    options.characterOf = characterOf;
    options.simulatedSpeed = 40;
    options.simulatedCounts = true;
    auto opened = Studio::open(options);
    if (!opened) qFatal("%s", opened.error().sentence().c_str());
    return std::move(*opened);
}
inline std::unique_ptr<Studio> studioIn(const QTemporaryDir& dir, const Character& character) {
    return studioIn(dir, [character](const Exercise&, double) { return character; });
}

/// A studio in a folder of its own.
struct Room {
    QTemporaryDir dir;
    std::unique_ptr<Studio> studio;

    explicit Room(const Character& character = soloist()) { open(character); }
    void open(const Character& character) {
        studio = studioIn(dir, character);
        studio->stand().choose("singles-sixteenths");
    }
    void playOne() const {
        const qint64 before = studio->review().take() ? studio->review().take()->id : 0;
        studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(studio->review().take() && studio->review().take()->id > before, 60000);
    }
};

}  // namespace upbeat::test
